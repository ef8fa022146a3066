/** Chooses activities off the interface's thread: takes the core's input, answers the choice or a sentence. */
import loadHighs from 'highs';
import wasm from 'highs/runtime?url';
import { CoreError } from '$core/error.ts';
import { chooseActivities, OverDecided, type Choice, type ChoiceInput } from '$core/choice/index.ts';
import { solveWith } from '../solver/highs.ts';

export type Chosen =
	| { readonly choice: Choice; readonly milliseconds: number }
	| { readonly problem: string }
	| { readonly over: OverDecided['over'] };

self.onmessage = async ({ data }: MessageEvent<ChoiceInput>) => {
	self.postMessage(await chosen(data));
};

async function chosen(input: ChoiceInput): Promise<Chosen> {
	try {
		const highs = await loadHighs({ locateFile: () => wasm });
		const start = performance.now();
		const choice = chooseActivities(input, solveWith(highs));
		return { choice, milliseconds: Math.round(performance.now() - start) };
	} catch (error) {
		if (error instanceof OverDecided) return { over: error.over };
		if (error instanceof CoreError) return { problem: error.message };
		return { problem: 'This device couldn’t work that out. Nothing changed.' };
	}
}
