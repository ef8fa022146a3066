import { addDays, daysBetween, type Day } from '../calendar/index.ts';

/** So much of its tub is filled, that hands still have room (common practice, no source). */
const FILLED = 0.4;
/** A US cup (NIST Handbook 44, Appendix C). */
const CUP_ML = 236.588;

/**
 * How much a sensory bin takes of what fills it, from the inside of its tub in mm; a cup at least.
 *
 * @example fillingOf({ along: 400, deep: 300, high: 150 }) // { liters: 7.2, cups: 30 }
 */
export function fillingOf(tub: { readonly along: number; readonly deep: number; readonly high: number }): {
	readonly liters: number;
	readonly cups: number;
} {
	const milliliters = (tub.along * tub.deep * tub.high * FILLED) / 1000;
	return { liters: Math.round(milliliters / 100) / 10, cups: Math.max(1, Math.round(milliliters / CUP_ML)) };
}

/** Whether a filling that keeps so many days, out since a week's first day, is over within this week and not before. */
export function isFillingDue(since: Day, week: Day, keepsDays: number): boolean {
	const times = Math.floor(daysBetween(since, addDays(week, 6)) / keepsDays);
	return times > 0 && addDays(since, times * keepsDays) >= week;
}
