import { readDay } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { RUNG_WORDS, rungNamed, type Rung } from '$core/gathering/index.ts';

/** An order of sources as typed, with commas; null when nothing is typed. @throws Refusal at the field. */
export function typedLadder(text: string, path: string): Rung[] | null {
	const names = text
		.split(/[,›>]/)
		.map((one) => one.trim().toLowerCase())
		.filter(Boolean);
	if (names.length === 0) return null;
	const rungs = names.map((name) => {
		const rung = rungNamed(name);
		if (!rung) throw new Refusal(`“${name}” isn’t one of ${Object.values(RUNG_WORDS).join(', ')}.`, path);
		return rung;
	});
	return [...new Set(rungs)];
}

/** A day of every year as typed ("Oct 15"), as month and day; null when nothing is typed. */
export function typedYearDay(text: string, path: string): string | null {
	if (!text.trim()) return null;
	const day = readDay(text, '2026-01-01');
	if (!day) throw new Refusal('Enter the day like “Oct 15”.', path);
	return day.slice(5);
}
