import { addDays, dayText, type Day } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { counted, listText } from '$core/words/index.ts';
import type { Trx } from '../../history/changes.ts';
import { addBlocked } from '../../stores/plan/units.ts';
import { type RunSituation, computeSituation, type Situation } from '$core/account/index.ts';

/** Days that a sick week lasts, today included. */
export const PAUSE_DAYS = 7;

export type Moved = {
	readonly unitName: string;
	/** What moves and what that does, in words. */
	readonly text: string;
};

/** Days to be blocked in one run. */
export type Block = { readonly run: number; readonly from: Day; readonly to: Day };

/** What a pause of all running units from today would do to each, computed on a copy. */
export function pausePreview(situation: Situation): Moved[] {
	return blockedPreview(situation, pauseOf(situation));
}

/** The days that a pause from today blocks in each running unit. */
export const pauseOf = ({ snapshot, today }: Situation): Block[] =>
	snapshot.runs
		.filter((run) => run.state === 'running')
		.map((run) => ({ run: run.id, from: today, to: lastDay(today) }));

/** What it would do if no lesson could be taught on one day of a run, computed on a copy. */
export function missedPreview(situation: Situation, run: number, day: Day): Moved | null {
	return blockedPreview(situation, [{ run, from: day, to: day }])[0] ?? null;
}

/** Blocks a day that was missed, or will be: its lesson and all that follow roll on. Answers the day in words. */
export async function rollOn(trx: Trx, run: number, day: Day, reason = 'missed'): Promise<string> {
	await addBlocked(trx, run, day, day, reason);
	return dayText(day);
}

/** How all would stand with some days blocked, computed on a copy. */
export function withBlocked({ snapshot, today }: Situation, blocks: readonly Block[]): Situation {
	const more = blocks.map(({ run, from, to }) => ({
		id: -run,
		run_id: run,
		from_on: from,
		to_on: to,
		reason: ''
	}));
	return computeSituation({ ...snapshot, blocked: [...snapshot.blocked, ...more] }, today);
}

function blockedPreview(situation: Situation, blocks: readonly Block[]): Moved[] {
	const paused = withBlocked(situation, blocks);
	return situation.runs
		.filter(({ row: run, calendar }) => calendar !== null && blocks.some((block) => block.run === run.id))
		.map((before): Moved => {
			const after = paused.runs.find(({ row: run }) => run.id === before.row.id)!;
			return { unitName: before.unit.name, text: movedText(situation, before, paused, after) };
		});
}

function movedText(
	situation: Situation,
	before: RunSituation,
	paused: Situation,
	after: RunSituation
): string {
	const moved = before.lessons.filter(
		(lesson, i) => !lesson.over && lesson.dates.join() !== after.lessons[i].dates.join()
	).length;
	const late = (one: Situation, run: RunSituation) =>
		one.needs.filter((need) => need.run === run && need.verdict === 'late').length;
	const morelate = late(paused, after) - late(situation, before);
	const unreached = booksInDanger(paused, after).filter(
		(title) => !booksInDanger(situation, before).includes(title)
	);
	const lost = (after.calendar?.shortBy ?? 0) - (before.calendar?.shortBy ?? 0);
	const { spare, finish } = after.calendar!;
	const parts = [
		moved === 0
			? 'no lessons move'
			: `${counted(moved, 'lesson')} ${moved === 1 ? 'moves' : 'move'}${finish ? `, ending ${dayText(finish)}` : ''}`,
		spare === null ? '' : `${counted(spare, 'day')} to spare`,
		lost > 0 ? `${lost} no longer ${lost === 1 ? 'fits' : 'fit'}` : '',
		morelate > 0 ? `${counted(morelate, 'more item')} would be late` : '',
		unreached.length
			? `${listText(unreached.slice(0, SHOWN_LOANS))} ${unreached.length > SHOWN_LOANS ? 'and others ' : ''}wouldn’t arrive in time`
			: ''
	];
	return parts.filter(Boolean).join('; ');
}

const SHOWN_LOANS = 3;

/** Titles of borrowed books that are late, or due before their lesson. */
function booksInDanger(situation: Situation, run: RunSituation): string[] {
	const titles = situation.whole
		.filter((one) => one.run === run && one.book !== null && ['late', 'at risk'].includes(one.verdict))
		.map((one) => one.title);
	return [...new Set(titles)];
}

const REASON = 'sick week';

const lastDay = (today: Day) => addDays(today, PAUSE_DAYS - 1);

/** Pauses every running unit from today for a week; lessons roll on. Answers the last paused day in words. */
export async function pauseAll(trx: Trx, situation: Situation): Promise<string> {
	const running = situation.snapshot.runs.filter((run) => run.state === 'running');
	if (running.length === 0) throw new Refusal('No unit is in progress, so there’s nothing to pause.');
	for (const run of running) await addBlocked(trx, run.id, situation.today, lastDay(situation.today), REASON);
	return dayText(lastDay(situation.today));
}

const MISSABLE = 3;

/** The next days of a run, and past ones nobody has spoken about, for saying that one was missed. */
export function missableDays(run: RunSituation): { day: Day; text: string }[] {
	return run.lessons
		.flatMap((lesson) =>
			lesson.dates
				.slice(lesson.outcomes.length)
				.map((day) => ({ day, text: `${dayText(day)}, lesson ${lesson.number}` }))
		)
		.slice(0, MISSABLE);
}
