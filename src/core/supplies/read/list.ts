import {
	foreignLanguage,
	lessonHeading,
	linesOf,
	onlyNames,
	type LessonHeading
} from '../../pasted/index.ts';
import { DOUBT } from './doubts.ts';
import { headingScope, mayBeThings, onlyAnnounces, type HeadingScope } from './heading.ts';
import { readSupplyLine, unread, withoutGaps } from './line.ts';
import type { ReadLine } from './read-line.ts';
import { normalize } from './normalize.ts';

/** One thing of a pasted list: as written, as read, and for which lesson. */
export type ListedLine = {
	/** Line of the text, from 1. */
	readonly lineNumber: number;
	readonly written: string;
	readonly read: ReadLine;
	/** The lesson whose heading stands above, or null where none does. */
	readonly lesson: string | null;
	/** The heading above that says for whom it is, or that it is optional, where the line does not. */
	readonly fromHeading: string | null;
};

/** A line that gave no thing. */
export type LeftOut = {
	readonly lineNumber: number;
	readonly written: string;
	readonly lesson: string | null;
	/** It may well name things ("Lesson 2: scissors, glue, tape"). */
	readonly maybe: boolean;
	/** What it would be, read as things. */
	readonly things: readonly ReadLine[];
};

/** Where a part of a longer list begins. */
export type ListPart = {
	/** Lines of the text before it. */
	readonly before: number;
	/** The lesson whose heading stands above it. */
	readonly lesson: string | null;
	/** The week whose heading came last. */
	readonly week: number | null;
	/** What the last heading says of the lines below it. */
	readonly section: Section | null;
	/** The language of the whole text where it is not English. */
	readonly language: string | null;
};

/** What a heading says of the lines below it ("Materials for each child:"). */
type Section = HeadingScope & { readonly written: string };

export type ReadList = {
	readonly lines: readonly ListedLine[];
	/** Lines that gave no thing and are not the name of a lesson. */
	readonly leftOut: readonly LeftOut[];
	/** Headings that name a lesson which the unit does not have. */
	readonly unknownHeadings: readonly { readonly lineNumber: number; readonly written: string }[];
	/** The lesson whose heading came last. */
	readonly lesson: string | null;
	readonly week: number | null;
	readonly section: Section | null;
	readonly language: string | null;
};

/** The beginning of a list: nothing above it, and its language. */
export function listStart(text: string): ListPart {
	return { before: 0, lesson: null, week: null, section: null, language: foreignLanguage(text) };
}

/**
 * Reads a whole supply list as a book prints it. Headings that name a lesson by number or title
 * ("Lesson 4: Contour lines") say to which lesson the lines below belong; one that says for whom the things are
 * ("Materials for each child:") holds for the lines below it that do not say so themselves. A long list can be read in
 * parts, each going on where the one before it ended. One in another language is not guessed at: its lines are kept as
 * they are written.
 */
export function readSupplyList(
	text: string,
	lessons: readonly LessonHeading[],
	part: ListPart = listStart(text)
): ReadList {
	const lines: ListedLine[] = [];
	const leftOut: LeftOut[] = [];
	const unknownHeadings: { lineNumber: number; written: string }[] = [];
	let { lesson, section, week } = part;
	linesOf(text).forEach((line, at) => {
		const lineNumber = part.before + at + 1;
		const written = withoutGaps(line).trim();
		if (written === '') return;
		const read = part.language ? inOtherLanguage(written) : readSupplyLine(line);
		const found = lessonHeading(written, lessons, read.length === 0, week);
		const heading = found.lesson;
		week = found.week;
		if (heading === 'unknown') {
			lesson = null;
			unknownHeadings.push({ lineNumber, written });
		} else if (heading) lesson = heading.id;
		if (read.length === 0) {
			section = sectionOf(written);
			const titled = heading !== null && heading !== 'unknown' && onlyNames(written, heading);
			const maybe = !titled && mayBeThings(normalize(written));
			const names = (heading === 'unknown' && !maybe) || onlyAnnounces(normalize(written));
			if (!titled && !names && !section && /\p{L}/u.test(written))
				leftOut.push({ lineNumber, written, lesson, maybe, things: readSupplyLine(line, true) });
			return;
		}
		for (const one of read) {
			const scoped = section && inSection(one, section);
			lines.push({
				lineNumber,
				written,
				read: scoped ?? one,
				lesson,
				fromHeading: scoped && section ? section.written : null
			});
		}
	});
	return { lines, leftOut, unknownHeadings, lesson, week, section, language: part.language };
}

function inOtherLanguage(written: string): ReadLine[] {
	return /\p{L}/u.test(written) && !written.endsWith(':')
		? [{ ...unread(written), doubts: [DOUBT.language] }]
		: [];
}

function sectionOf(written: string): Section | null {
	const scope = headingScope(normalize(written));
	return scope && { ...scope, written };
}

/** A line as its heading has it; null where the line itself says it all. */
function inSection(line: ReadLine, section: Section): ReadLine | null {
	const takesPer = section.per !== null && line.per === 'family';
	const takesOptional = section.optional && !line.optional;
	if (!takesPer && !takesOptional) return null;
	const { per, groupSize } = takesPer ? section.per! : line;
	const unknownSize = per === 'group' && groupSize === null && !line.doubts.includes(DOUBT.groupSize);
	const doubts = unknownSize ? [...line.doubts, DOUBT.groupSize] : line.doubts;
	return {
		...line,
		per,
		groupSize,
		optional: line.optional || section.optional,
		doubts,
		check: doubts.length > 0
	};
}
