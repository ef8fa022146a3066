/** Plans the activity shelf off the interface's thread: takes the core's input, answers the weeks or a sentence. */
import { CoreError } from '$core/error.ts';
import { planShelf, type ShelfInput, type ShelfWeek } from '$core/setout/index.ts';

export type ShelfAsked = { readonly input: ShelfInput; readonly before: readonly string[] };
export type ShelfPlanned = { readonly weeks: readonly ShelfWeek[] } | { readonly problem: string };

self.onmessage = ({ data }: MessageEvent<ShelfAsked>) => {
	self.postMessage(planned(data));
};

function planned({ input, before }: ShelfAsked): ShelfPlanned {
	try {
		return { weeks: planShelf(input, before) };
	} catch (error) {
		return {
			problem:
				error instanceof CoreError ? error.message : 'This device couldn’t work that out. Nothing changed.'
		};
	}
}
