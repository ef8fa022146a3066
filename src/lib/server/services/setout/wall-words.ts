import { Refusal } from '$core/error.ts';
import { placeName } from '$core/setout/index.ts';
import type { RunSituation, Situation } from '$core/account/index.ts';
import type { Trx } from '../../history/changes.ts';
import { updatePoster, updateWord, type WordInput } from '../../stores/setout/wall.ts';
import { wallView } from './wall.ts';

/** The longest word card, and what it means on its back. */
const MOST_LETTERS = 80;
const MOST_MEANING = 300;

/**
 * Words as they were typed: with commas or a line each, “Lesson 3: legend, scale”, an asterisk for those that stay, and
 * “legend = what the signs of a map mean” for one with its meaning, which goes on to the next semicolon or line.
 */
export function wordsTyped(run: RunSituation, text: string, lesson: number | null): WordInput[] {
	let at = lesson;
	return text.split(/\n/).flatMap((line): WordInput[] => {
		const head = /^\s*lesson\s+(\d+)\s*[:.–-]?\s*/i.exec(line);
		if (head) at = run.lessons.find((one) => one.number === Number(head[1]))?.lesson.id ?? at;
		const typed = line
			.slice(head?.[0].length ?? 0)
			.split(/[;\t]/)
			.flatMap((part) => {
				const equals = part.indexOf('=');
				const words = (equals < 0 ? part : part.slice(0, equals)).split(',');
				const meaning = equals < 0 ? '' : part.slice(equals + 1).trim();
				return words.map((word, index) => {
					const own = index === words.length - 1 ? meaning : '';
					return {
						text: word.replace(/^[\s•\-–*]+|[\s*]+$/g, '').trim(),
						kept: /\*\s*$/.test(word) || own.endsWith('*'),
						meaning: own.replace(/[\s*]+$/, '')
					};
				});
			});
		return typed.flatMap((one, index): WordInput[] =>
			one.text === '' || typed.findIndex((other) => other.text === one.text) < index
				? []
				: [
						{
							lesson_id: at,
							text: one.text.slice(0, MOST_LETTERS),
							kept: one.kept ? 1 : 0,
							hidden_until: null,
							meaning: one.meaning.slice(0, MOST_MEANING)
						}
					]
		);
	});
}

/** Puts a card into a place of the board; what hangs there with the lesson looked at changes places with it. */
export async function moveWord(
	trx: Trx,
	now: Situation,
	run: RunSituation,
	id: number,
	place: string,
	lesson: number
): Promise<string> {
	const { hanging, layout } = wallView(now, run, lesson);
	const card = hanging.find((one) => one.id === id);
	if (!card) throw new Refusal('That card doesn’t hang with this lesson. Reload the page.');
	if (!layout?.places.some((one) => placeName(one) === place))
		throw new Refusal('That place is gone. Reload the page.');
	const other = hanging.find((one) => one.place === place && one.id !== id);
	// The others stay as they are seen: each has its place from now on, too.
	for (const one of hanging)
		await updateWord(trx, run.row.id, one.id, {
			spot: one === card ? place : one === other ? card.place : one.place
		});
	return other ? `${card.text} and ${other.text} changed places` : `${card.text} moved`;
}

/** Words and posters of a dropped lesson come with another. Answers it in words. */
export async function hangWith(
	trx: Trx,
	now: Situation,
	run: RunSituation,
	dropped: number,
	lesson: number
): Promise<string> {
	const to = run.lessons.find((one) => one.lesson.id === lesson && !one.dropped);
	if (!to) throw new Refusal('That lesson is no longer in the plan. Reload the page.');
	for (const word of now.snapshot.wallWords.filter((one) => one.lesson_id === dropped))
		await updateWord(trx, run.row.id, word.id, { lesson_id: lesson });
	for (const poster of now.snapshot.wallPosters.filter((one) => one.lesson_id === dropped))
		await updatePoster(trx, run.row.id, poster.id, { lesson_id: lesson });
	return `They come with lesson ${to.number} now`;
}
