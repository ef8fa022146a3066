import { nameKey } from '../../naming/naming.ts';
import { LONGEST, readSupplyLine, withoutGaps, type ReadLine } from './line.ts';
import { normalize } from './normalize.ts';

/** A lesson that a heading in a list may name. */
export type LessonHeading = { readonly id: string; readonly number: number; readonly title: string };

/** One thing of a pasted list: as written, as read, and for which lesson. */
export type ListedLine = {
	/** Line of the text, from 1. */
	readonly lineNumber: number;
	readonly written: string;
	readonly read: ReadLine;
	/** The lesson whose heading stands above, or null where none does. */
	readonly lesson: string | null;
};

/** Where a part of a longer list begins. */
export type ListPart = {
	/** Lines of the text before it. */
	readonly before: number;
	/** The lesson whose heading stands above it. */
	readonly lesson: string | null;
};

export type ReadList = {
	readonly lines: readonly ListedLine[];
	/** Headings that name a lesson which the unit does not have. */
	readonly unknownHeadings: readonly { readonly lineNumber: number; readonly written: string }[];
	/** The lesson whose heading came last. */
	readonly lesson: string | null;
};

const NUMBERED = /^(?:lesson|session|topic|day|chapter|unit|part|week)\s*#?\s*(\d+)\b/i;

/**
 * Reads a whole supply list as a book prints it. Headings that name a lesson by number or title
 * ("Lesson 4: Contour lines") say to which lesson the lines below belong. A long one can be read in parts, each
 * going on where the one before it ended.
 */
export function readSupplyList(
	text: string,
	lessons: readonly LessonHeading[],
	part: ListPart = { before: 0, lesson: null }
): ReadList {
	const lines: ListedLine[] = [];
	const unknownHeadings: { lineNumber: number; written: string }[] = [];
	let { lesson } = part;
	text.split(/\r\n|\r|\n/).forEach((line, at) => {
		const i = part.before + at;
		const written = withoutGaps(line);
		if (written.trim() === '') return;
		const read = readSupplyLine(written);
		const heading = headingOf(written, lessons, read.length === 0);
		if (heading === 'unknown') {
			lesson = null;
			unknownHeadings.push({ lineNumber: i + 1, written: written.trim() });
		} else if (heading) lesson = heading.id;
		for (const one of read) lines.push({ lineNumber: i + 1, written: written.trim(), read: one, lesson });
	});
	return { lines, unknownHeadings, lesson };
}

/** The lesson that a line names, 'unknown' when it names one that is not there, null when none. */
function headingOf(
	written: string,
	lessons: readonly LessonHeading[],
	isEmpty: boolean
): LessonHeading | 'unknown' | null {
	if (written.length > LONGEST) return null;
	const line = normalize(written).replace(/:$/, '');
	const numbered = NUMBERED.exec(line);
	if (numbered) return lessons.find((lesson) => lesson.number === Number(numbered[1])) ?? 'unknown';
	if (!isEmpty) return null;
	const key = nameKey(line);
	return lessons.find((lesson) => key.length > 3 && nameKey(lesson.title).includes(key)) ?? null;
}
