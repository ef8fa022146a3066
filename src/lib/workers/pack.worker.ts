/** Packs boxes off the interface's thread: takes the core's input, tells how far it is, answers the packing or a sentence. */
import { CoreError } from '$core/error.ts';
import {
	packUnit,
	USUAL_BOXES,
	whichBox,
	type SizeAnswer,
	type UnitPacking,
	type UnitQuestion
} from '$core/boxes/index.ts';

/** Into the boxes that there are; or, without boxes, which size to get. */
export type PackAsked = {
	readonly question: UnitQuestion;
	readonly isWhich: boolean;
	/** What any box of the house may weigh, kg. */
	readonly maxKg: number;
};
export type Packed =
	| { readonly packing: UnitPacking }
	| { readonly sizes: readonly SizeAnswer[] }
	| { readonly problem: string };

self.onmessage = ({ data }: MessageEvent<PackAsked>) => {
	self.postMessage(packed(data));
};

function packed({ question, isWhich, maxKg }: PackAsked): Packed {
	const tell = (share: number) => self.postMessage({ share });
	try {
		return isWhich
			? { sizes: whichBox(question, tell, USUAL_BOXES, maxKg) }
			: { packing: packUnit(question, tell) };
	} catch (error) {
		return {
			problem:
				error instanceof CoreError ? error.message : 'This device couldn’t work that out. Nothing changed.'
		};
	}
}
