import { setImmediate as others } from 'node:timers/promises';
import { exact, type Unit } from '$core/measure/index.ts';
import { nameKey } from '$core/naming/index.ts';
import { linesOf, type LessonHeading } from '$core/pasted/index.ts';
import { weekAndDay } from '$core/plan/index.ts';
import {
	compareLists,
	DOUBT,
	listStart,
	readSupplyList,
	type ReadList,
	type ReadLine,
	usualUse,
	type Alternative,
	type KnownLine,
	type ListedLine,
	type Match,
	type Per,
	type SupplyUse
} from '$core/supplies/index.ts';
import { numberTyped } from '$core/words/index.ts';
import { byId, linesOfLessons } from '../../snapshot/snapshot.ts';
import type { RunSituation } from '../calendar/runs.ts';
import type { Situation } from '../readiness/situation.ts';

/** One line of the review: as written, as read, and what is to become of it. */
export type ReviewRow = {
	readonly written: string;
	readonly lineNumber: number;
	readonly lesson: number;
	readonly item: string;
	readonly quantity: string;
	readonly to: string;
	readonly unit: Unit;
	readonly per: Per;
	readonly groupSize: string;
	readonly optional: boolean;
	readonly use: SupplyUse;
	readonly note: string;
	readonly or: readonly Alternative[];
	/** The list said no amount; one is assumed. */
	readonly amountAssumed: boolean;
	/** What becomes of it is our guess; the house has not said. */
	readonly useAssumed: boolean;
	/** The heading above that says for whom it is, where the line does not. */
	readonly fromHeading: string | null;
	/** Why a person should look at it, in words for this line; null when it was read with confidence. */
	readonly doubt: string | null;
	/** The answer to the doubt that one tap gives. */
	readonly quick: { readonly label: string; readonly per: Per } | null;
	readonly status: 'new' | 'changed' | 'same';
	/** The kept line that it is. */
	readonly id: number | null;
	/** What changed, in words ("was 2 cups"). */
	readonly was: string | null;
};

export type Review = {
	readonly rows: readonly ReviewRow[];
	/** Lines that gave no thing: what was written, and what each would be as things. */
	readonly leftOut: readonly {
		readonly lineNumber: number;
		readonly written: string;
		/** It may well name things. */
		readonly maybe: boolean;
		readonly rows: readonly ReviewRow[];
	}[];
	/** The language of the list where it is not English. */
	readonly language: string | null;
	readonly gone: readonly {
		readonly id: number;
		readonly written: string;
		readonly lesson: number;
		readonly lessonTitle: string;
		readonly again: boolean;
	}[];
	readonly unknownHeadings: readonly { readonly lineNumber: number; readonly written: string }[];
	readonly counts: {
		readonly doubtful: number;
		readonly fresh: number;
		readonly changed: number;
		readonly same: number;
	};
};

/** Longest list that is read at once. */
export const MOST_LINES = 6000;

/** A longer name is no thing that could be let in with a tap. */
const LONGEST_NAME = 60;

/** Lines that are read before others are answered. */
const LINES_A_PART = 100;

/** Reads a list; one of thousands of lines does not hold anybody else up. */
async function readInParts(
	text: string,
	lessons: readonly LessonHeading[]
): Promise<Omit<ReadList, 'lesson' | 'week' | 'section'>> {
	const all = linesOf(text);
	const read: ReadList[] = [];
	let from = listStart(text);
	for (let before = 0; before < all.length; before += LINES_A_PART) {
		const part = readSupplyList(all.slice(before, before + LINES_A_PART).join('\n'), lessons, {
			...from,
			before
		});
		from = { ...from, lesson: part.lesson, week: part.week, section: part.section };
		read.push(part);
		await others();
	}
	return {
		lines: read.flatMap((one) => one.lines),
		leftOut: read.flatMap((one) => one.leftOut),
		unknownHeadings: read.flatMap((one) => one.unknownHeadings),
		language: from.language
	};
}

/** Reads a pasted list and compares it with what the lessons have. Rows stand in the order of the list. */
export async function reviewList(
	situation: Situation,
	run: RunSituation,
	text: string,
	fallbackLesson: number
): Promise<Review> {
	const lessons = run.lessons.map(({ lesson, number }) => ({
		id: String(lesson.id),
		number,
		title: lesson.title,
		place: weekAndDay(lesson.note ?? '')
	}));
	const list = await readInParts(text, lessons);
	const read = list.lines.map((line) => ({
		...line.read,
		written: line.written,
		lesson: line.lesson ?? String(fallbackLesson)
	}));
	const known = knownLines(situation, run);
	const names = new Map(situation.snapshot.items.map((item) => [item.id, item.name]));
	const meant = new Map(
		situation.snapshot.aliases.map((alias) => [alias.name_key, names.get(alias.item_id)!])
	);
	const { matches, gone } = compareLists(
		known,
		read.map((line) => ({ ...line, item: meant.get(nameKey(line.item)) ?? line.item }))
	);
	const uses = new Map(situation.snapshot.items.map((item) => [item.name_key, item.use]));
	const rowOf = (line: ReadLine, at: Omit<ListedLine, 'read'>, match: Match | null): ReviewRow => {
		const kept = match && byId(situation.snapshot.lines).get(Number(match.known.id));
		const said = kept?.use ?? uses.get(nameKey(line.item));
		return {
			written: at.written,
			lineNumber: at.lineNumber,
			lesson: at.lesson === null ? fallbackLesson : Number(at.lesson),
			item: line.item,
			quantity: line.quantity === null ? '' : numberTyped(exact(line.quantity)),
			to: line.to === null ? '' : numberTyped(exact(line.to)),
			unit: line.unit,
			per: line.per,
			groupSize: line.groupSize === null ? '' : String(line.groupSize),
			optional: line.optional,
			use: said ?? usualUse(line.item, line.quantity, line.unit),
			note: line.note ?? '',
			or: line.or,
			amountAssumed: line.quantity !== null && !line.amountSaid,
			useAssumed: said === undefined,
			fromHeading: at.fromHeading,
			doubt: line.check ? line.doubts.join(' ') : null,
			quick: line.doubts.includes(DOUBT.each) ? { label: 'Yes, per child', per: 'child' } : null,
			status: match ? (match.changed.length ? 'changed' : 'same') : 'new',
			id: match ? Number(match.known.id) : null,
			was: match?.changed.length ? `was “${match.known.written}”` : null
		};
	};
	const rows = list.lines.map((line, i) => rowOf(line.read, line, matches[i]));
	return {
		rows,
		leftOut: list.leftOut.map((line) => ({
			lineNumber: line.lineNumber,
			written: line.written,
			maybe: line.maybe,
			rows: line.things
				.filter((thing) => thing.item.length <= LONGEST_NAME)
				.map((thing) => rowOf(thing, { ...line, fromHeading: null }, null))
		})),
		language: list.language,
		gone: gone.map((line) => ({
			id: Number(line.id),
			written: line.written,
			lesson: Number(line.lesson),
			lessonTitle: lessonTitle(run, Number(line.lesson)),
			again: line.again
		})),
		unknownHeadings: list.unknownHeadings,
		counts: {
			doubtful: rows.filter((row) => row.doubt && row.status !== 'same').length,
			fresh: rows.filter((row) => row.status === 'new').length,
			changed: rows.filter((row) => row.status === 'changed').length,
			same: rows.filter((row) => row.status === 'same').length
		}
	};
}

export function knownLines(situation: Situation, run: RunSituation): KnownLine[] {
	const lessons = new Set(run.lessons.map(({ lesson }) => lesson.id));
	const items = new Map(situation.snapshot.items.map((item) => [item.id, item]));
	return linesOfLessons(situation.snapshot)
		.filter((line) => lessons.has(line.lesson_id))
		.map((line) => ({
			id: String(line.id),
			lesson: String(line.lesson_id),
			written: line.written,
			quantity: line.quantity === null ? null : exact(line.quantity).valueOf(),
			to: line.quantity_to === null ? null : exact(line.quantity_to).valueOf(),
			unit: line.unit,
			item: items.get(line.item_id)!.name,
			per: line.per,
			groupSize: line.group_size,
			optional: line.optional === 1
		}));
}

function lessonTitle(run: RunSituation, id: number): string {
	const lesson = run.lessons.find((one) => one.lesson.id === id);
	return lesson ? `${lesson.number} ${lesson.lesson.title}` : '';
}
