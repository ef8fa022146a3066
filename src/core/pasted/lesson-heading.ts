import { nameKey } from '../naming/naming.ts';

/** A lesson that a heading in a pasted list may name. */
export type LessonHeading = {
	readonly id: string;
	readonly number: number;
	readonly title: string;
	/** Where it stands among weeks with days, if the guide counts so. */
	readonly place?: { readonly week: number; readonly day: number } | null;
};

const NUMBERED =
	/^(?:(?:week|wk|unit|part)\.?\s*#?\s*\d+\s*[,:;–—-]*\s*)?(?:lesson|session|topic|day|chapter|unit|part|week|wk)\.?\s*#?\s*(\d+)\b/i;
const WEEK = /^(?:week|wk)\.?\s*#?\s*(\d+)\b/i;
const DAY = /^(?:(?:week|wk)\.?\s*#?\s*\d+\s*[,:;–—-]*\s*)?day\s*#?\s*(\d+)\b/i;
/** A longer line is no heading. */
const LONGEST = 300;

function plain(written: string): string {
	return written
		.replace(/[\u00a0\t]/g, ' ')
		.replace(/^[\s•*·▪●#–—-]+/u, '')
		.replace(/\s+/g, ' ')
		.replace(/[\s:]+$/, '');
}

/**
 * What a line of a list says of where one is: the lesson that it names by number, by week and day or, where the line
 * is nothing but a heading, by its title; 'unknown' when it names one that is not there, null when none. With it the
 * week that holds from here on.
 */
export function lessonHeading(
	written: string,
	lessons: readonly LessonHeading[],
	isHeading: boolean,
	week: number | null
): { lesson: LessonHeading | 'unknown' | null; week: number | null } {
	if (written.length > LONGEST) return { lesson: null, week };
	const line = plain(written);
	const said = WEEK.exec(line);
	const now = said ? Number(said[1]) : week;
	const day = DAY.exec(line);
	if ((said || day) && lessons.some(({ place }) => place)) {
		const there = lessons.find(({ place }) => place?.week === now && (!day || place?.day === Number(day[1])));
		return { lesson: there ?? 'unknown', week: now };
	}
	const numbered = NUMBERED.exec(line);
	if (numbered)
		return { lesson: lessons.find(({ number }) => number === Number(numbered[1])) ?? 'unknown', week: now };
	const key = isHeading ? nameKey(line) : '';
	const titled = lessons.find(({ title }) => key.length > 3 && nameKey(title).includes(key));
	return { lesson: titled ?? null, week: now };
}

/** Whether a heading says only which lesson it is. */
export function onlyNames(written: string, lesson: LessonHeading): boolean {
	const rest = nameKey(
		plain(written)
			.replace(NUMBERED, '')
			.replace(/^[\s:,.–—-]+/, '')
	);
	const title = nameKey(lesson.title);
	return rest === '' || title.includes(rest) || rest.includes(title);
}
