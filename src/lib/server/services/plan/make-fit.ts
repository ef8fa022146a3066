import { dayText, waysToFit, weekdayName, type FitOption, type TeachingDays } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { counted, listText } from '$core/words/index.ts';
import type { Trx } from '../../history/changes.ts';
import { mergeLessons, setOptional } from '../../stores/plan/lessons.ts';
import { moveEnd, setWeekdays } from '../../stores/plan/units.ts';
import { calendarInput, type RunSituation, type Situation } from '$core/account/index.ts';

/** One way to make the lessons fit, in words, with the button that does it. */
export type FitText = {
	/** Position among the ways; the ways are computed again when one is chosen. */
	readonly id: string;
	readonly title: string;
	readonly result: string;
	readonly button: string;
};

/** The ways to make a run fit, each with its result; none when everything fits. */
export function fitTexts(situation: Situation, run: RunSituation): FitText[] {
	return ways(situation, run).map((way) => ({
		id: wayId(way),
		title: titleOf(way, run),
		result: resultText(way.result),
		button: BUTTONS[way.kind]
	}));
}

const BUTTONS = {
	drop: 'Make optional',
	merge: 'Combine',
	weekday: 'Add the day',
	end: 'Move end date'
};

function ways(situation: Situation, run: RunSituation): FitOption[] {
	const input = calendarInput(situation.snapshot, run.row);
	return input ? waysToFit(input) : [];
}

/** What tells one way from the others. */
function wayId(way: FitOption): string {
	return way.kind === 'weekday' ? `weekday ${way.weekday}` : way.kind;
}

function titleOf(way: FitOption, run: RunSituation): string {
	const name = (id: string) => {
		const lesson = run.lessons.find((one) => String(one.lesson.id) === id)!;
		return `${lesson.number} ${lesson.lesson.title}`;
	};
	switch (way.kind) {
		case 'drop':
			return `Make ${listText(way.lessons.map(name))} optional`;
		case 'merge':
			return `Combine ${way.pairs.map((pair) => pair.map(name).join(' with ')).join('; ')}`;
		case 'weekday':
			return `Teach on ${weekdayName(way.weekday, 'long')}s too`;
		default:
			return `End on ${dayText(way.end)}`;
	}
}

function resultText(result: TeachingDays): string {
	if (result.shortBy) return `still ${counted(result.shortBy, 'day')} short`;
	const finish = result.finish ? `done ${dayText(result.finish)}` : '';
	const spare = result.spare === null ? '' : `${counted(result.spare, 'day')} to spare`;
	const dropped = result.dropped.length ? `${result.dropped.length} dropped` : 'none dropped';
	return [finish, spare, dropped].filter(Boolean).join(', ');
}

/** Does one of the ways. Answers it in words. @throws Refusal when it is not needed any more. */
export async function makeFit(
	trx: Trx,
	situation: Situation,
	run: RunSituation,
	id: string
): Promise<string> {
	const way = ways(situation, run).find((one) => wayId(one) === id);
	if (!way) throw new Refusal('That’s no longer needed: the plan has changed. Reload the page.');
	if (way.kind === 'drop') for (const lesson of way.lessons) await setOptional(trx, Number(lesson));
	else if (way.kind === 'merge')
		for (const [first, second] of way.pairs) await mergeLessons(trx, Number(first), Number(second));
	else if (way.kind === 'weekday')
		await setWeekdays(trx, run.row.id, [...run.weekdays, way.weekday].toSorted());
	else await moveEnd(trx, run.row.id, way.end);
	return titleOf(way, run);
}
