/** Plans sittings off the interface's thread: takes the core's input, answers both habits or a sentence. */
import { CoreError } from '$core/error.ts';
import { byLesson, prep, whyNot, type PrepInput, type PrepWays, type WhyNot } from '$core/prepare/index.ts';

export type PrepQuestion = {
	readonly input: PrepInput;
	/** The lesson of each job; null where it stands alone. */
	readonly lessons: Readonly<Record<string, string | null>>;
	readonly titles: Readonly<Record<string, string>>;
	readonly today: string;
};
export type Planned =
	{ readonly ways: PrepWays; readonly whyNot: readonly WhyNot[] } | { readonly problem: string };

self.onmessage = ({ data }: MessageEvent<PrepQuestion>) => {
	self.postMessage(planned(data));
};

function planned({ input, lessons, today }: PrepQuestion): Planned {
	try {
		const batch = prep(input);
		return {
			ways: { batch, byLesson: byLesson(input, (id) => lessons[id] ?? null) },
			whyNot: whyNot(input, batch, today, 'printer')
		};
	} catch (error) {
		return {
			problem:
				error instanceof CoreError ? error.message : 'This device couldn’t work that out. Nothing changed.'
		};
	}
}
