import { dayFromToday, daysBetween, dayText, weekdayName, weekdayOf, type Day } from '../calendar/index.ts';
import {
	amountText,
	dimensionOf,
	inSaidUnit,
	numberText,
	unitText,
	type Exact,
	type Unit
} from '../measure/index.ts';
import { isStuff, nameForCount } from '../naming/index.ts';
import type { Verdict } from '../readiness/index.ts';

/** What is one, though its name says two. */
const PAIRS = /\b(?:scissors|tweezers|tongs|pliers|goggles|binoculars|headphones|shears|clippers)$/;

/** "6 oranges", "375 g flour", "2 rolls of masking tape": an amount of a thing as one would say it. */
export function thingText(said: Exact, saidUnit: Unit, name: string): string {
	const { amount, unit } = inSaidUnit(said, saidUnit);
	if (unit === 'each') {
		// A stuff is not counted: “water”, and three of tissue paper are sheets.
		if (isStuff(name) && !amount.equals(0)) {
			if (amount.compare(1) > 0 && SHEETS.test(name))
				return `${amountText(amount, 'sheet')} of ${nameForCount(name, 1)}`;
			if (amount.equals(1)) return nameForCount(name, 1);
		}
		if (PAIRS.test(name))
			return `${numberText(amount)} ${amount.compare(1) > 0 ? 'pairs' : 'pair'} of ${name}`;
		// A size in front is no amount: 4 × 1/2 in. dowels.
		const sign = /^\d/.test(name) ? ' ×' : '';
		return `${numberText(amount)}${sign} ${nameForCount(name, amount.valueOf())}`;
	}
	const of =
		/^(sheet|roll|pack|box|bag|bottle|can|jar|tube|stick|ball|spool|bunch|pinch|drop|handful|pair|dozen)$/.test(
			unit
		);
	// A length of something is one of it: 3 ft of garden hose.
	const isOne = unit === 'sheet' || unit === 'roll' || dimensionOf(unit) === 'length';
	const plural = nameForCount(name, isOne ? 1 : 2);
	return `${numberText(amount, unit)} ${unitText(unit, amount)} ${of && unit !== 'dozen' ? 'of ' : ''}${plural}`;
}

/** What comes in sheets where nothing else is said. */
const SHEETS = /(?:paper|cardstock|card stock|cellophane|felt|foil|vellum|newsprint|cardboard)$/;

/** Whether to say "them" or "it" of an amount. */
export function pronoun(amount: Exact, unit: Unit): string {
	return unit === 'each' && amount.compare(1) > 0 ? 'them' : 'it';
}

/** "Tuesday's lesson" within a week, else "Lesson 8 on Tue, Feb 2". */
export function lessonText(number: number, date: Day | null, today: Day): string {
	if (date === null) return `Lesson ${number}`;
	const days = daysBetween(today, date);
	if (days === 0) return 'Today’s lesson';
	if (days === 1) return 'Tomorrow’s lesson';
	if (days > 1 && days < 7) return `${weekdayName(weekdayOf(date), 'long')}’s lesson`;
	return `Lesson ${number} on ${dayText(date)}`;
}

/** "by Saturday", "today", "late since Tue, Jan 19". */
export function byText(day: Day, today: Day): string {
	if (day < today) return `late since ${dayFromToday(day, today)}`;
	if (day === today) return 'today';
	return `by ${dayFromToday(day, today)}`;
}

/** "$4.50" */
export function money(cents: number): string {
	return `$${dollarsTyped(cents)}`;
}

/** Cents as one types them in a field of dollars: "4.50". */
export function dollarsTyped(cents: number): string {
	return (cents / 100).toFixed(2);
}

/** "lesson 3", "lessons 3 and 4": each once, in their order. */
export function lessonsText(numbers: Iterable<number>): string {
	const each = [...new Set(numbers)].sort((a, b) => a - b);
	return `lesson${each.length === 1 ? '' : 's'} ${listText(each.map(String))}`;
}

/** "a", "a and b", "a, b, and c" */
export function listText(parts: readonly string[]): string {
	if (parts.length < 3) return parts.join(' and ');
	return `${parts.slice(0, -1).join(', ')}, and ${parts.at(-1)}`;
}

/**
 * A count with its noun; `many` where the plural is not made with an s.
 * @example counted(1, 'lesson') === '1 lesson'
 * @example counted(2, 'child', 'children') === '2 children'
 */
export function counted(count: number, one: string, many = `${one}s`): string {
	return `${count.toLocaleString('en-US')} ${count === 1 ? one : many}`;
}

/**
 * Minutes as one would say them.
 * @example durationText(95) === '1 h 35 min'
 */
export function durationText(minutes: number): string {
	const [hours, rest] = [Math.floor(minutes / 60), minutes % 60];
	return [hours ? `${hours} h` : '', rest || !hours ? `${rest} min` : ''].filter(Boolean).join(' ');
}

/**
 * How long something takes, as one would guess it: nobody counts half minutes.
 * @example timeText(0.5) === 'a minute'
 * @example timeText(787.5) === '13 h'
 */
export function timeText(minutes: number): string {
	if (minutes < 1.5) return 'a minute';
	// Over some hours a guess is no better than five minutes; over ten, than half an hour.
	const step = minutes > 600 ? 30 : minutes > 180 ? 5 : 1;
	return durationText(Math.round(minutes / step) * step);
}

/** "Order it", from "order it". */
export function capital(text: string): string {
	return text.charAt(0).toUpperCase() + text.slice(1);
}

/** "may be late, by Tuesday": a day to act by with how it stands, where that is worth a word. */
export function standingText(verdict: Verdict, when: string): string {
	if (verdict === 'at risk') return `may be late, ${when}`;
	return verdict === 'late' && !when.startsWith('late') ? `late, ${when}` : when;
}

/**
 * What is done by a day, or today where that day has passed, as the end of a sentence.
 * @example timely('order it', '2027-01-20', '2027-01-22') ===
 *   'Order it today; Wed, Jan 20 was the last day to be on time.'
 */
export function timely(act: string, day: Day | null, today: Day): string {
	if (day === null) return `${capital(act)}.`;
	if (day >= today) return `${capital(act)} ${byText(day, today)}.`;
	return `${capital(act)} today; ${dayText(day)} was the last day to be on time.`;
}

/** An exact number as one types it in a field: "1 1/2", "0.75", "6". */
export function numberTyped(amount: Exact): string {
	const decimal = amount.valueOf();
	return Number.isInteger(decimal * 100) ? String(decimal) : amount.toFraction(true);
}

const MONTHS = [
	'January',
	'February',
	'March',
	'April',
	'May',
	'June',
	'July',
	'August',
	'September',
	'October',
	'November',
	'December'
];

/**
 * The name of a month.
 * @example monthName('2027-02') // 'February'
 */
export const monthName = (month: string): string => MONTHS[Number(month.slice(5, 7)) - 1];
