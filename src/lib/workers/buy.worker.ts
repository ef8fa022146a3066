/** Works out the cheapest purchase off the interface's thread. */
import { packsWithBundles, type Bundle, type BundledPurchase, type PacksInput } from '$core/buying/index.ts';
import { CoreError } from '$core/error.ts';

export type Asking = { readonly input: PacksInput; readonly bundles: readonly Bundle[] };
export type Bought = { readonly purchase: BundledPurchase } | { readonly problem: string };

/** After so long the best found so far is the answer, with a bound. */
const LIMIT_MS = 5000;

self.onmessage = ({ data }: MessageEvent<Asking>) => {
	const end = performance.now() + LIMIT_MS;
	self.postMessage(bought(data, () => performance.now() > end));
};

function bought({ input, bundles }: Asking, isOver: () => boolean): Bought {
	try {
		return { purchase: packsWithBundles(input, bundles, isOver) };
	} catch (error) {
		if (error instanceof CoreError) return { problem: error.message };
		return { problem: 'This device couldn’t work that out. Nothing changed.' };
	}
}
