import { clockText, dayText, weekdayName, type Day, type Recurrence } from '../calendar/index.ts';
import { capital, durationText, listText } from '../words/index.ts';
import { daysOf, type SaidTimes } from './read-times.ts';
import { BAR_TEXT } from './work.ts';

const NTH = ['', 'first', 'second', 'third', 'fourth', 'fifth'];

/**
 * A rule as one would say it.
 *
 * @example recurrenceText(readRule('FREQ=WEEKLY;INTERVAL=2;BYDAY=SA')) === 'every other Sat'
 */
export function recurrenceText({ freq, interval, byDay, byMonthDay }: Recurrence): string {
	const every = (one: string, many: string) =>
		interval === 1 ? `every ${one}` : interval === 2 ? `every other ${one}` : `every ${interval} ${many}`;
	const weekdays = byDay.map((one) => one.weekday).join('');
	const names =
		weekdays === '1234567'
			? 'day'
			: weekdays === '12345'
				? 'weekday'
				: listText(byDay.map((one) => weekdayName(one.weekday)));
	if (freq === 'DAILY') return `${every('day', 'days')}${names ? `, if ${names}` : ''}`;
	if (freq === 'WEEKLY') return interval <= 2 ? `${every(names, '')}` : `${names}, every ${interval} weeks`;
	const days = byMonthDay.length
		? byMonthDay.map((one) => (one === -1 ? 'last day' : ordinal(one)))
		: byDay.map(({ weekday, nth }) =>
				nth === null
					? `every ${weekdayName(weekday)}`
					: `${nth === -1 ? 'last' : NTH[nth]} ${weekdayName(weekday)}`
			);
	return `${days.join(' and ')} of ${interval === 1 ? 'each month' : every('month', 'months')}`;
}

/** “3rd” */
function ordinal(number: number): string {
	const ending = new Intl.PluralRules('en-US', { type: 'ordinal' }).select(number);
	return `${number}${{ one: 'st', two: 'nd', few: 'rd', other: 'th', zero: 'th', many: 'th' }[ending]}`;
}

/** A whole day of preparing. */
export const MOST_MINUTES = 12 * 60;
const EXAMPLE = 'such as “Tue and Thu 8 pm, 60 min”';

/** What is wrong with times as they were said, in a sentence; null where they can be kept. `last` ends what has no end. */
export function timesProblem(said: SaidTimes, today: Day, last: Day): string | null {
	const { minutes, rule, days, unread, conflict } = said;
	if (unread.length > 0)
		return `“${unread.slice(0, 4).join(' ')}” can’t be read here. Say days, a time, and how long, ${EXAMPLE}, each time on a line of its own.`;
	if (conflict === 'days') return 'Say single days and days that come again on lines of their own.';
	if (conflict === 'length') return 'Two lengths are said here. Say one.';
	if (rule === null && days.length === 0) return `Say on which days, ${EXAMPLE}, or a date.`;
	if (minutes === null) return 'Say how long it is, such as 60 min.';
	if (minutes < 1) return 'A sitting of 0 minutes holds nothing. Say how long it is.';
	if (minutes > MOST_MINUTES) return 'At most 12 hours at a sitting.';
	if (daysOf(said, today, last).days.length === 0)
		return rule === null
			? 'That day is over. Choose today or later.'
			: `None of these days comes before ${dayText(last)}.`;
	return null;
}

/** How many of the next dates are said back. */
const SAID_BACK = 4;

/**
 * What was understood, with its next dates: “Every other Sat, 9:00 am, 2 h. Next: Sat, Dec 5; Sat, Dec 19.”
 */
export function timesText(said: SaidTimes, today: Day, last: Day, measures: 'us' | 'metric'): string {
	const { days } = daysOf(said, today, last);
	const about = [
		said.rule ? capital(recurrenceText(said.rule)) : 'Once',
		said.except.length ? `without ${listText(said.except.map(dayText))}` : '',
		said.starts ? clockText(said.starts, measures) : '',
		said.minutes === null ? '' : durationText(said.minutes),
		...said.bars.map((bar) => BAR_TEXT[bar])
	].filter(Boolean);
	const next = days.slice(0, SAID_BACK).map(dayText).join('; ');
	return `${about.join(', ')}. ${days.length > 1 ? 'Next' : 'On'}: ${next}${days.length > SAID_BACK ? `, and ${days.length - SAID_BACK} more` : ''}.`;
}
