import { addDays, earlier, startOfWeek, type Day, type Weekday } from '../calendar/dates.ts';
import { lastDay } from '../calendar/teaching-days.ts';
import { weekdayOf } from '../calendar/dates.ts';
import { lastTime } from '../calendar/year-day.ts';
import { isReady, type Habit, type Need, type OpenDays, type Way } from './need.ts';

/** What the household's days look like, the same for all needs. */
export type HouseDays = {
	readonly weekStart: Weekday;
	/** Periods in which nothing is prepared; what would end in one ends before it. */
	readonly noPreparing: readonly { readonly from: Day; readonly to: Day }[];
	/** Times for preparing that are still to come, in date order. None at all: every day is one. */
	readonly sittings: readonly { readonly date: Day; readonly minutes: number }[];
};

/** The days of a need, worked backwards from its use day. */
export type NeedDays = {
	readonly readyBy: Day;
	/** The sitting at which it is prepared, or null when nothing is to be prepared. */
	readonly sitting: Day | null;
	readonly inHandBy: Day;
	/** Latest day for the next step; null when nothing remains to be done. */
	readonly actBy: Day | null;
	/** Earlier than this a hold would not stay on its shelf, and a perishable thing would not keep. */
	readonly notBefore: Day | null;
};

/**
 * The day by which a need is ready, from its use day and the household's habit; perishables not
 * earlier than they keep.
 *
 *     readyBy('2027-01-26', { kind: 'a week ahead' }, { weekStart: 1, … })   // '2027-01-24'
 */
export function readyBy(
	useDay: Day,
	habit: Habit,
	house: Pick<HouseDays, 'weekStart' | 'noPreparing'>,
	unitStart: Day | null = null,
	keepsDays: number | null = null
): Day {
	const dayBefore = addDays(useDay, -1);
	const day = beforeQuiet(
		earlier(byHabit(useDay, habit, house.weekStart, unitStart), dayBefore),
		house.noPreparing
	);
	if (keepsDays === null) return day;
	return day >= addDays(useDay, -keepsDays) ? day : dayBefore;
}

function byHabit(useDay: Day, habit: Habit, weekStart: Weekday, unitStart: Day | null): Day {
	if (habit.kind === 'a week ahead') return addDays(startOfWeek(useDay, weekStart), -1);
	if (habit.kind === 'before the unit') return addDays(unitStart ?? useDay, -1);
	if (habit.kind === 'before a date') return habit.date;
	return addDays(useDay, -1);
}

function beforeQuiet(day: Day, periods: HouseDays['noPreparing']): Day {
	let result = day;
	for (let moved = true; moved;) {
		const period = periods.find(({ from, to }) => from <= result && result <= to);
		moved = period !== undefined;
		if (period) result = addDays(period.from, -1);
	}
	return result;
}

/**
 * All days of all needs at once. Preparing outside an accepted plan takes sittings from the latest
 * ready-by backwards: the last one with room that leaves its waiting days. Needs without a use day
 * have none.
 */
export function needDays(needs: readonly Need[], house: HouseDays): Map<string, NeedDays> {
	const dated = needs
		.filter((need) => need.useDay !== null)
		.map((need) => ({
			need,
			readyBy: readyBy(wantedOn(need)!, need.habit, house, need.unitStart, need.keepsDays)
		}));
	const sittings = placeAtSittings(dated, house.sittings);
	return new Map(
		dated.map(({ need, readyBy }) => {
			const sitting = sittings.get(need.key) ?? null;
			// Pages are printed at the sitting that finishes them, at the latest.
			const isPrinted = need.way.kind === 'print';
			const wanted = sitting === null ? readyBy : isPrinted ? sitting : addDays(sitting, -1);
			// Not before the house learned of it.
			const { since } = need;
			const inHandBy = since && wanted < since && since <= need.useDay! ? since : wanted;
			return [need.key, { readyBy, sitting, inHandBy, ...nextStep(need, inHandBy, sitting) }];
		})
	);
}

function placeAtSittings(
	dated: readonly { need: Need; readyBy: Day }[],
	sittings: HouseDays['sittings']
): Map<string, Day> {
	const room = sittings.map((sitting) => ({ ...sitting }));
	const placed = new Map<string, Day>();
	const toPlace: { need: Need; lastDay: Day; minutes: number }[] = [];
	for (const { need, readyBy } of dated) {
		if (!need.prepare) continue;
		const { sitting, minutes, waitDays } = need.prepare;
		// One that has passed and left its work undone is none any more, nor is one behind the day of use.
		const isTooLate = sitting !== null && sitting >= addDays(need.useDay!, -waitDays);
		if (sitting === null || isTooLate || !sittings.some((one) => one.date === sitting)) {
			toPlace.push({ need, lastDay: addDays(readyBy, -waitDays), minutes });
			continue;
		}
		placed.set(need.key, sitting);
		const taken = room.find((one) => one.date === sitting);
		if (taken) taken.minutes -= minutes;
	}
	toPlace.sort((a, b) => (a.lastDay < b.lastDay ? 1 : a.lastDay > b.lastDay ? -1 : 0));
	for (const { need, lastDay, minutes } of toPlace) {
		const found = room.findLast((one) => one.date <= lastDay && one.minutes >= minutes);
		if (found) found.minutes -= minutes;
		// Without any sitting in time the last possible day stands, and the need says so by being late.
		placed.set(need.key, found?.date ?? lastDay);
	}
	return placed;
}

function isOpen(open: OpenDays): (day: Day) => boolean {
	return (day) => open.weekdays.includes(weekdayOf(day)) && !(open.closed?.includes(day) ?? false);
}

/** The last day on or before `day` that somebody is open; never open within two months: that same day. */
function lastOpen(day: Day, open: OpenDays): Day {
	return lastDay(day, isOpen(open)) ?? day;
}

type NextStep = { readonly actBy: Day | null; readonly notBefore: Day | null };

function nextStep(need: Need, inHandBy: Day, sitting: Day | null): NextStep {
	const step = sinceKnown(need, stepOnItsWay(need, inHandBy, sitting));
	return need.state === 'missing' && need.notAfter && step.actBy !== null
		? { ...step, actBy: earlier(step.actBy, need.notAfter) }
		: step;
}

/** Ways on which a thing is had on the day on which somebody sees to it. */
const IN_A_DAY: ReadonlySet<Way['kind']> = new Set(['at home', 'print', 'shop', 'look']);

/** What is done in a day is not late on the day on which the house learned of it, but to be done on it. */
function sinceKnown({ since, useDay, state, way }: Need, step: NextStep): NextStep {
	// What is on its way cannot have been late before anybody knew of it either.
	const isInADay = state !== 'missing' || IN_A_DAY.has(way.kind);
	return since && step.actBy !== null && step.actBy < since && since <= useDay! && isInADay
		? { ...step, actBy: since }
		: step;
}

function stepOnItsWay(need: Need, inHandBy: Day, sitting: Day | null): NextStep {
	if (isReady(need)) return { actBy: null, notBefore: null };
	if (need.state === 'in hand') return { actBy: sitting, notBefore: null };
	const { way } = need;
	if (need.state === 'arranged') {
		const comes = way.kind === 'hold' || way.kind === 'shop' ? lastOpen(inHandBy, way.open) : inHandBy;
		return { actBy: comes, notBefore: way.kind === 'shop' ? buyFrom(need) : null };
	}
	const actBy = lastDayToAct(way, inHandBy);
	const notBefore =
		way.kind === 'hold' ? addDays(actBy, -way.shelfDays) : way.kind === 'shop' ? buyFrom(need) : null;
	return { actBy, notBefore };
}

/** The last day on which a thing can be got on a way so that it is in hand by a day. */
export function lastDayToAct(way: Way, inHandBy: Day): Day {
	switch (way.kind) {
		case 'hold':
			return addDays(lastOpen(inHandBy, way.open), -way.waitDays);
		case 'shop':
			return lastOpen(inHandBy, way.open);
		case 'order':
			return workingDaysBefore(inHandBy, way.deliveryDays, way.works);
		case 'grow':
			return addDays(inHandBy, -way.orderDays - way.growDays);
		case 'ask':
			return addDays(inHandBy, -way.days);
		case 'gift':
			return addDays(lastTime(way.occasions, inHandBy) ?? inHandBy, -way.days);
		case 'look':
			return lookBy(way, inHandBy);
		default:
			return inHandBy;
	}
}

/**
 * The last day to look for a thing at home: that of the first way by which it can still be got when it is not there,
 * never after it has to be in hand. Where no way is left in time it is the best of them, and so late.
 */
function lookBy({ then, from }: Extract<Way, { kind: 'look' }>, inHandBy: Day): Day {
	const days = then.map((way) => earlier(lastDayToAct(way, inHandBy), inHandBy));
	const inTime = days.find((day) => day >= from);
	return inTime ?? days.toSorted().at(-1) ?? inHandBy;
}

/** The first day from which a perishable thing keeps until it is used. */
function buyFrom(need: Need): Day | null {
	const day = wantedOn(need);
	return day === null || need.keepsDays === null ? null : addDays(day, -need.keepsDays);
}

/** The day for which a need has to be there: its own, or that on which something is begun with it. */
const wantedOn = ({ useDay, daysAhead }: Need): Day | null =>
	useDay === null ? null : addDays(useDay, -(daysAhead ?? 0));

/**
 * The day on which something comes that is ordered on a day: so many working days later.
 *
 *     comesOn('2027-01-22', 2, { weekdays: [1, 2, 3, 4, 5] }) // '2027-01-26', from a Friday on
 */
export function comesOn(day: Day, days: number, works: OpenDays): Day {
	const isWorking = isOpen(works);
	let result = day;
	for (let left = days, at = 0; left > 0 && at < MOST_DAYS_ON_ITS_WAY; at++) {
		result = addDays(result, 1);
		if (isWorking(result)) left--;
	}
	return result;
}

/** Nothing that is ordered takes longer. */
const MOST_DAYS_ON_ITS_WAY = 400;

/** The latest day from which `days` working days end on or before `day`. */
function workingDaysBefore(day: Day, days: number, works: OpenDays): Day {
	let result = day;
	for (let left = days; left > 0; left--) result = addDays(lastOpen(result, works), -1);
	return result;
}
