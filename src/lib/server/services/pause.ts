import { addDays, dayText, type Day } from '$core/calendar/index.ts';
import { CoreError } from '$core/error.ts';
import type { Trx } from '../stores/changes.ts';
import { addBlocked } from '../stores/units.ts';
import { computeSituation, type Situation } from './situation.ts';

/** Days that a sick week lasts, today included. */
export const PAUSE_DAYS = 7;

export type Moved = {
	readonly unitName: string;
	/** What moves and what that does, in words. */
	readonly text: string;
};

/** What a pause from today would do to each running unit, computed on a copy. */
export function pausePreview(situation: Situation): Moved[] {
	const paused = computeSituation(withPause(situation), situation.today);
	return situation.runs
		.filter(({ run, calendar }) => run.state === 'running' && calendar !== null)
		.map((before): Moved => {
			const after = paused.runs.find(({ run }) => run.id === before.run.id)!;
			const movedLessons = before.lessons.filter(
				(lesson, i) => !lesson.over && lesson.dates.join() !== after.lessons[i].dates.join()
			);
			const late = paused.needs.filter((one) => one.run === after && one.verdict === 'late').length;
			const wasLate = situation.needs.filter((one) => one.run === before && one.verdict === 'late').length;
			const lost = (after.calendar?.shortBy ?? 0) - (before.calendar?.shortBy ?? 0);
			const parts = [
				movedLessons.length === 0
					? 'no lesson moves'
					: `${movedLessons.length === 1 ? '1 lesson moves' : `${movedLessons.length} lessons move`}, the last to ${after.calendar?.finish ? dayText(after.calendar.finish) : 'no day'}`,
				after.calendar?.spare === null
					? ''
					: after.calendar?.spare === 1
						? '1 day stays spare'
						: `${after.calendar?.spare} days stay spare`,
				lost > 0 ? `${lost} do not fit any more` : '',
				late > wasLate ? `${late - wasLate} more things become late` : ''
			];
			return { unitName: before.unit.name, text: parts.filter(Boolean).join('; ') };
		})
		.filter((one) => one.text !== '');
}

function withPause(situation: Situation): Situation['snapshot'] {
	const { snapshot, today } = situation;
	const pauses = snapshot.runs
		.filter((run) => run.state === 'running')
		.map((run) => ({ id: -run.id, run_id: run.id, from_on: today, to_on: lastDay(today), reason: REASON }));
	return { ...snapshot, blocked: [...snapshot.blocked, ...pauses] };
}

const REASON = 'sick week';
const lastDay = (today: Day) => addDays(today, PAUSE_DAYS - 1);

/** Pauses every running unit from today for a week; lessons roll on. Answers the last paused day in words. */
export async function pauseAll(trx: Trx, situation: Situation): Promise<string> {
	const running = situation.snapshot.runs.filter((run) => run.state === 'running');
	if (running.length === 0) throw new CoreError('No unit is running, so there is nothing to pause.');
	for (const run of running) await addBlocked(trx, run.id, situation.today, lastDay(situation.today), REASON);
	return dayText(lastDay(situation.today));
}

/** Sessions whose day has passed and about which nobody has said how they went. */
export function openOutcomes(
	situation: Situation
): { lesson: number; title: string; day: string; unitName: string }[] {
	return situation.runs
		.filter(({ run }) => run.state === 'running')
		.flatMap(({ lessons, unit }) =>
			lessons
				.filter(
					(lesson) => !lesson.over && (lesson.dates[lesson.outcomes.length] ?? '9999') < situation.today
				)
				.map((lesson) => ({
					lesson: lesson.lesson.id,
					title: `Lesson ${lesson.number}, ${lesson.lesson.title}`,
					day: dayText(lesson.dates[lesson.outcomes.length]),
					unitName: unit.name
				}))
		);
}
