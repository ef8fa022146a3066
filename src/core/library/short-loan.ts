import { addDays, daysBetween, type Day } from '../calendar/dates.ts';

/** A stretch of lessons that one loan is enough for, first and last day of use. */
export type LoanStretch = { readonly from: Day; readonly to: Day };

/**
 * The fewest loans in a row that cover all days of use, each fetched on the day before its first use and kept
 * for `keepDays` at the most. Taking into each loan as many days as it holds is the fewest (intervals of one
 * length on a line).
 *
 *     loansInARow(['2027-01-28', '2027-02-25'], 14)   // two stretches of one day each
 */
export function loansInARow(useDays: readonly Day[], keepDays: number): LoanStretch[] {
	const stretches: LoanStretch[] = [];
	for (const day of [...useDays].sort()) {
		const last = stretches.at(-1);
		if (last && fits(last.from, day, keepDays))
			stretches[stretches.length - 1] = { from: last.from, to: day };
		else stretches.push({ from: day, to: day });
	}
	return stretches;
}

/** A lesson of one run, in the order of the plan. */
export type OrderedLesson = { readonly id: string; readonly day: Day; readonly uses: boolean };

/**
 * Two lessons that could change places so that one loan is enough for all that use the book: the pair
 * that lies closest together (of equals the later one), or null when no single change does it.
 */
export function swapForOneLoan(
	lessons: readonly OrderedLesson[],
	keepDays: number
): { readonly first: string; readonly second: string; readonly from: Day; readonly to: Day } | null {
	const uses = lessons.flatMap((lesson, i) => (lesson.uses ? [i] : []));
	let best: { first: number; second: number; from: Day; to: Day } | null = null;
	for (const moved of [uses.at(-1)!, uses[0]]) {
		for (const [to, lesson] of lessons.entries()) {
			if (lesson.uses) continue;
			const days = uses.map((i) => (i === moved ? lesson.day : lessons[i].day)).sort();
			if (!fits(days[0], days.at(-1)!, keepDays)) continue;
			const [first, second] = moved < to ? [moved, to] : [to, moved];
			if (best === null || second - first < best.second - best.first)
				best = { first, second, from: days[0], to: days.at(-1)! };
		}
	}
	return best && { ...best, first: lessons[best.first].id, second: lessons[best.second].id };
}

function fits(first: Day, last: Day, keepDays: number): boolean {
	return daysBetween(addDays(first, -1), last) <= keepDays;
}
