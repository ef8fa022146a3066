/**
 * What is begun before its day, by the verb of its name, and the days that it usually takes (common practice, no
 * source): most of it one night, sprouts and crystals several days.
 */
const BEGUN: readonly (readonly [RegExp, number])[] = [
	[/^(?:freeze|thaw|defrost|chill|charge|recharge|soak|steep|marinate|dye|bleach|brine|presoak)\b/i, 1],
	[/^(?:dry|air-?dry|press)\b/i, 3],
	[/^sprout\b/i, 4],
	[/^(?:grow|crystallize) (?:\w+ )*?crystals?\b/i, 5]
];
const OVERNIGHT = /\bovernight\b|\b(?:the )?(?:night|evening|day) before\b/i;

/**
 * How many days before its day an activity is begun, judged by its name; 0 where nothing says so.
 *
 * @example usualDaysAhead('Freeze the arctic animals') // 1
 */
export function usualDaysAhead(title: string): number {
	const name = title.trim();
	return BEGUN.find(([verb]) => verb.test(name))?.[1] ?? (OVERNIGHT.test(name) ? 1 : 0);
}

/**
 * What one does to begin it: its own verb where it has one, else “Start …”.
 *
 * @example beginText('Thaw the dough') // 'Thaw the dough'
 * @example beginText('Salt dough island') // 'Start Salt dough island'
 */
export function beginText(title: string): string {
	return BEGUN.some(([verb]) => verb.test(title.trim())) ? title : `Start ${title}`;
}

const COUNTS = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'];
const COUNT = `(\\d{1,2}|an?|${COUNTS.join('|')})`;
/** What changes by itself while it waits. */
const WAITS =
	'(?:air-?dry|dry|drying|soak|soaked|chill|chilled|freeze|frozen|refrigerate|refrigerated|thaw|thawed|defrost|sprout|sprouted|grow|marinate|rise|rest|set|sit|stand|steep|cool|ferment)';
const DAYS_AHEAD = new RegExp(
	`\\b${COUNT}(?: to \\d{1,2}|[-–]\\d{1,2})?[ -](day|week)s? (?:ahead|before|in advance|early|earlier|beforehand)\\b`,
	'i'
);
const DAYS_WAITING = new RegExp(
	`\\b${WAITS}\\b[^.;]{0,20}?\\b${COUNT}(?: to \\d{1,2}|[-–]\\d{1,2})?[ -](day|week)s?\\b`,
	'i'
);
const HOURS_WAITING = new RegExp(
	`\\b${WAITS}\\b[^.;]{0,20}?\\b(?:\\d{1,2}|an?|several|a few|${COUNTS.join('|')})(?: to \\d{1,2}|[-–]\\d{1,2})?[ -](?:hours?|hrs?)\\b`,
	'i'
);
const WARM = /\b(?:at|to|come to|reach) room temp(?:erature)?\b/i;
/** Nothing that a list asks for is begun earlier. */
const MOST_DAYS = 60;

/** What a remark beside a thing asks for before its day: the remark itself, and the days that it takes. */
export type Ahead = { readonly remark: string; readonly days: number };

/**
 * What has to be done before its day with a thing, by the remark beside it: overnight and what takes hours on the
 * evening before, what takes days so many before; null where it says nothing of that. Common practice, no source.
 *
 * @example aheadIn('soak overnight') // { remark: 'soak overnight', days: 1 }
 * @example aheadIn('red; start 3 days ahead') // { remark: 'start 3 days ahead', days: 3 }
 * @example aheadIn('dried') // null
 */
export function aheadIn(note: string | null): Ahead | null {
	for (const part of (note ?? '').split(/[;,()]|\. /)) {
		const remark = part.trim().replace(/\.$/, '');
		const days = daysIn(remark);
		if (days > 0) return { remark, days: Math.min(days, MOST_DAYS) };
	}
	return null;
}

function daysIn(remark: string): number {
	const days = DAYS_AHEAD.exec(remark) ?? DAYS_WAITING.exec(remark);
	if (days) {
		const word = days[1].toLowerCase();
		const count = COUNTS.includes(word) ? COUNTS.indexOf(word) + 1 : /^an?$/.test(word) ? 1 : Number(word);
		return count * (days[2].toLowerCase() === 'week' ? 7 : 1);
	}
	return OVERNIGHT.test(remark) || HOURS_WAITING.test(remark) || WARM.test(remark) ? 1 : 0;
}
