import { Refusal } from '$core/error.ts';
import { readActivity, readFrame } from '$core/plan/index.ts';
import { listText } from '$core/words/index.ts';
import type { Trx } from '../../history/changes.ts';
import { setFrame } from '../../stores/house/household.ts';
import { addActivity } from '../../stores/plan/activities.ts';
import { addLesson, orderLessons } from '../../stores/plan/lessons.ts';
import type { RunSituation } from '$core/account/index.ts';
import { typedActivity } from './activity-typed.ts';

/**
 * Keeps the household's frame and puts it into a run: opening lessons first, closing ones last, and what
 * is weekly into the pool, once for each week. What is there already by its name is not put in twice.
 *
 * @throws Refusal naming the line that is none of a frame.
 */
export async function fillFrame(trx: Trx, run: RunSituation, text: string): Promise<string> {
	const frame = readFrame(text);
	const [wrong] = frame.unread;
	if (wrong)
		throw new Refusal(
			`Line ${wrong.lineNumber}, “${wrong.written.slice(0, 60)}”: start it with Opening, Weekly, Closing, or Books and a colon.`,
			'frame'
		);
	await setFrame(trx, text);
	const here = new Set([
		...run.lessons.map(({ lesson }) => lesson.title.toLowerCase()),
		...run.activities.map(({ activity }) => activity.title.toLowerCase())
	]);
	const lesson = (title: string) => addLesson(trx, run.row.id, { title, note: '', optional: 0, sessions: 1 });
	const first: number[] = [];
	const put: string[] = [];
	for (const title of frame.opening.filter((one) => !here.has(one.toLowerCase()))) {
		first.push(await lesson(title));
		put.push(title);
	}
	for (const title of frame.closing.filter((one) => !here.has(one.toLowerCase()))) {
		await lesson(title);
		put.push(title);
	}
	if (first.length)
		await orderLessons(trx, run.row.id, [...first, ...run.lessons.map(({ lesson }) => lesson.id)]);
	const dates = run.lessons.flatMap((one) => one.dates);
	const weeks = Math.max(1, Math.ceil(dates.length / Math.max(1, run.weekdays.length)));
	for (const line of frame.weekly) {
		const typed = readActivity(
			line,
			run.participants.map((person) => person.name)
		);
		if (here.has(typed.title.toLowerCase())) continue;
		await addActivity(trx, run.row.id, { ...typedActivity(run.participants, typed), times: weeks });
		put.push(`${typed.title} (${weeks} times)`);
	}
	return put.length ? `Added: ${listText(put)}` : 'Saved; this unit already has all of it';
}
