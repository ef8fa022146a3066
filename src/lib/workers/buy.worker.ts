/** Works out the cheapest purchase off the interface's thread. */
import { packs, type PacksInput, type Purchase } from '$core/buying/index.ts';
import { CoreError } from '$core/error.ts';

export type Bought = { readonly purchase: Purchase } | { readonly problem: string };

/** After so long the best found so far is the answer, with a bound. */
const LIMIT_MS = 5000;

self.onmessage = ({ data }: MessageEvent<PacksInput>) => {
	const end = performance.now() + LIMIT_MS;
	self.postMessage(bought(data, () => performance.now() > end));
};

function bought(input: PacksInput, isOver: () => boolean): Bought {
	try {
		return { purchase: packs(input, isOver) };
	} catch (error) {
		if (error instanceof CoreError) return { problem: error.message };
		return { problem: 'That could not be worked out on this device. Nothing was changed.' };
	}
}
