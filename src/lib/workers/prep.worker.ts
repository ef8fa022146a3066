/** Plans sittings off the interface's thread: takes the core's input, answers both habits or a sentence. */
import { CoreError } from '$core/error.ts';
import { byLesson, prep, type PrepInput, type PrepWays } from '$core/prepare/index.ts';

export type PrepQuestion = {
	readonly input: PrepInput;
	/** The lesson of each job; null where it stands alone. */
	readonly lessons: Readonly<Record<string, string | null>>;
};
export type Planned = { readonly ways: PrepWays } | { readonly problem: string };

self.onmessage = ({ data }: MessageEvent<PrepQuestion>) => {
	self.postMessage(planned(data));
};

function planned({ input, lessons }: PrepQuestion): Planned {
	try {
		return { ways: { batch: prep(input), byLesson: byLesson(input, (id) => lessons[id] ?? null) } };
	} catch (error) {
		return {
			problem:
				error instanceof CoreError ? error.message : 'This device couldn’t work that out. Nothing changed.'
		};
	}
}
