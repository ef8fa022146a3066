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
