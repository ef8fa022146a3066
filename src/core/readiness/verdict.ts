import { daysBetween, type Day } from '../calendar/dates.ts';
import type { NeedDays } from './days.ts';
import { isReady, type Need } from './need.ts';

/** How it stands with a need, worst first; then ready, then without a date. */
export const VERDICTS = ['late', 'at risk', 'due', 'on course', 'done', 'undated'] as const;
export type Verdict = (typeof VERDICTS)[number];

/** An act within this many days is due. */
export const DUE_DAYS = 7;

/** How it stands with one need today; the first rule that applies. */
export function verdict(need: Need, days: NeedDays | undefined, today: Day): Verdict {
	if (need.useDay === null || days === undefined) return 'undated';
	if (isReady(need) || need.doWithout || days.actBy === null) return 'done';
	if (days.actBy < today) return 'late';
	if (need.state === 'arranged' && (need.promised === null || need.promised > days.inHandBy))
		return 'at risk';
	return daysBetween(today, days.actBy) <= DUE_DAYS ? 'due' : 'on course';
}

export type LessonReadiness = {
	readonly lesson: string;
	readonly ready: boolean;
	/** The worst verdict of its required needs; `done` when ready, `undated` when it has no day. */
	readonly verdict: Verdict;
	readonly needs: number;
	readonly readyNeeds: number;
};

/** How it stands with one lesson, or with one stream of it: required needs count, extras do not. */
export function lessonReadiness(
	lesson: string,
	needs: readonly Need[],
	verdicts: ReadonlyMap<string, Verdict>
): LessonReadiness {
	const required = needs.filter((need) => need.lesson === lesson && need.required && !need.doWithout);
	const readyNeeds = required.filter(isReady).length;
	const worst = Math.min(...required.map((need) => VERDICTS.indexOf(verdicts.get(need.key) ?? 'undated')));
	return {
		lesson,
		ready: readyNeeds === required.length,
		verdict: readyNeeds === required.length ? 'done' : VERDICTS[worst],
		needs: required.length,
		readyNeeds
	};
}

/** The unready required need with the earliest act-by, then the earliest use day; null when there is none. */
export function firstGap(needs: readonly Need[], days: ReadonlyMap<string, NeedDays>): Need | null {
	let first: Need | null = null;
	for (const need of needs) {
		if (!need.required || need.doWithout || need.useDay === null || isReady(need)) continue;
		if (first === null || order(need, days) < order(first, days)) first = need;
	}
	return first;
}

function order(need: Need, days: ReadonlyMap<string, NeedDays>): string {
	return `${days.get(need.key)?.actBy ?? '9999-12-31'} ${need.useDay}`;
}
