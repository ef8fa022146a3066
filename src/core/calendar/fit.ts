import type { Day, Weekday } from './dates.ts';
import {
	teachingDays,
	type PlannedLesson,
	type TeachingDays,
	type TeachingDaysInput
} from './teaching-days.ts';

/** One way to make lessons fit, with what it comes to. */
export type FitOption = (
	| { readonly kind: 'weekday'; readonly weekday: Weekday }
	| { readonly kind: 'end'; readonly end: Day }
	| { readonly kind: 'drop'; readonly lessons: readonly string[] }
	| { readonly kind: 'merge'; readonly pairs: readonly (readonly [string, string])[] }
) & { readonly result: TeachingDays };

const WEEKDAYS: readonly Weekday[] = [1, 2, 3, 4, 5, 6, 7];

/**
 * Ways to make the lessons of a unit fit its days, when they do not: the fewest lessons to leave out
 * (from the last one back, after the optional ones), neighbours to teach on one day, another weekday,
 * a later end. A way that does not help all the way is given too, and its result says so; one that
 * does not help at all is left out. None when everything fits.
 *
 *     waysToFit({ start: '2027-01-11', end: '2027-01-14', weekdays: [2], blocked: [], lessons: [{ id: 'a' }, { id: 'b' }] })
 *     // drop b; merge a and b; also on Mondays (or …); end on 2027-01-19
 *
 * @throws CoreError as `teachingDays` does.
 */
export function waysToFit(input: TeachingDaysInput): FitOption[] {
	const now = teachingDays(input);
	if (now.shortBy === 0 && now.dropped.length === 0) return [];
	const lost = (one: TeachingDays) => one.shortBy * 1000 + one.dropped.length;
	const weekdays = WEEKDAYS.filter((weekday) => !input.weekdays.includes(weekday)).map(
		(weekday): FitOption => ({
			kind: 'weekday',
			weekday,
			result: teachingDays({ ...input, weekdays: [...input.weekdays, weekday] })
		})
	);
	const options = [dropLessons(input, now), mergeLessons(input, now), ...weekdays, moveEnd(input)];
	return options.filter((one): one is FitOption => one !== null && lost(one.result) < lost(now));
}

function dropLessons(input: TeachingDaysInput, now: TeachingDays): FitOption | null {
	if (now.shortBy === 0) return null;
	let left = now.shortBy;
	const dropped: string[] = [];
	for (const lesson of input.lessons.toReversed()) {
		if (left <= 0) break;
		if (lesson.optional) continue;
		dropped.unshift(lesson.id);
		left -= lesson.sessions ?? 1;
	}
	const lessons = input.lessons.map((lesson) =>
		dropped.includes(lesson.id) ? { ...lesson, optional: true } : lesson
	);
	return { kind: 'drop', lessons: dropped, result: teachingDays({ ...input, lessons }) };
}

function mergeLessons(input: TeachingDaysInput, now: TeachingDays): FitOption | null {
	const wanted =
		now.shortBy ||
		input.lessons
			.filter((lesson) => now.dropped.includes(lesson.id))
			.reduce((sum, lesson) => sum + (lesson.sessions ?? 1), 0);
	const pairs: [string, string][] = [];
	const lessons: PlannedLesson[] = [...input.lessons];
	for (let i = lessons.length - 1; i > 0 && pairs.length < wanted; i--) {
		const [before, after] = [lessons[i - 1], lessons[i]];
		if ((before.sessions ?? 1) !== 1 || (after.sessions ?? 1) !== 1) continue;
		pairs.unshift([before.id, after.id]);
		lessons.splice(i - 1, 2, { ...before, optional: Boolean(before.optional && after.optional) });
		i--;
	}
	return pairs.length ? { kind: 'merge', pairs, result: teachingDays({ ...input, lessons }) } : null;
}

/** The earliest end by which everything fits, the days to keep free included. */
function moveEnd(input: TeachingDaysInput): FitOption | null {
	if (!input.end) return null;
	const free = Array.from({ length: input.keepFree ?? 0 }, (_, i) => ({ id: `free ${i}` }));
	const { finish } = teachingDays({ ...input, end: null, lessons: [...input.lessons, ...free] });
	if (!finish || finish <= input.end) return null;
	return { kind: 'end', end: finish, result: teachingDays({ ...input, end: finish }) };
}
