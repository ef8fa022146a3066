/** Packs boxes off the interface's thread: takes the core's input, tells how far it is, answers the packing or a sentence. */
import { CoreError } from '$core/error.ts';
import { pack, type PackInput, type Packing } from '$core/boxes/index.ts';

export type Packed =
	{ readonly share: number } | { readonly packing: Packing } | { readonly problem: string };

self.onmessage = ({ data }: MessageEvent<PackInput>) => {
	try {
		const packing = pack(data, (share) => self.postMessage({ share } satisfies Packed));
		self.postMessage({ packing } satisfies Packed);
	} catch (error) {
		const problem =
			error instanceof CoreError ? error.message : 'This device couldn’t work that out. Nothing changed.';
		self.postMessage({ problem } satisfies Packed);
	}
};
