import { setImmediate as others } from 'node:timers/promises';
import { exact, type Unit } from '$core/measure/index.ts';
import { groupBy } from '$core/group-by.ts';
import { nameKey } from '$core/naming/index.ts';
import type { LessonHeading, Numbers } from '$core/pasted/index.ts';
import { weekAndDay } from '$core/plan/index.ts';
import {
	alikeNames,
	compareLists,
	dividedOver,
	DOUBT,
	readingOf,
	readSupplyLine,
	type ListForm,
	type ReadList,
	type ReadLine,
	thingOf,
	usualUse,
	type Alike,
	type Alternative,
	type KnownLine,
	type ListedLine,
	type Match,
	type Per,
	type SupplyUse
} from '$core/supplies/index.ts';
import { numberTyped } from '$core/words/index.ts';
import { byId, linesOfLessons } from '$core/facts/index.ts';
import type { RunSituation, Situation } from '$core/account/index.ts';

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
	/** Others of the list name their lesson, and it does not; it goes to the one that was chosen. */
	readonly isUnplaced: boolean;
	/** The heading that names a lesson which the unit does not have. */
	readonly ofMissing: string | null;
	/** Nothing that a house could hold ("patience", "an adult"). */
	readonly isNothing: boolean;
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
	/** What the marks and numbers of the list were read as. */
	readonly form: {
		/** Bare numbers in brackets, as they were read; null where there are none. */
		readonly numbers: Numbers | null;
		/** "* is read as optional" */
		readonly marks: readonly string[];
	};
	readonly rows: readonly ReviewRow[];
	/** Lines that gave no thing: what was written, and what each would be as things. */
	readonly leftOut: readonly {
		readonly lineNumber: number;
		readonly written: string;
		/** It may well name things. */
		readonly maybe: boolean;
		readonly rows: readonly ReviewRow[];
	}[];
	/** Two names of which a person should say once whether they are one thing. */
	readonly alike: readonly Alike[];
	/** The language of the list where it is not English. */
	readonly language: string | null;
	readonly gone: readonly {
		readonly id: number;
		readonly written: string;
		readonly lesson: number;
		readonly lessonTitle: string;
		readonly again: boolean;
	}[];
	readonly counts: {
		readonly fresh: number;
		readonly changed: number;
		readonly same: number;
		/** Of a lesson that the unit does not have. */
		readonly ofMissing: number;
	};
};

/** Longest list that is read at once. */
export const MOST_LINES = 6000;

/** A longer name is no thing that could be let in with a tap. */
const LONGEST_NAME = 60;

/** Reads a list; one of thousands of lines does not hold anybody else up. */
async function readInParts(
	text: string,
	lessons: readonly LessonHeading[],
	numbers: Numbers | null
): Promise<ReadList> {
	const reading = readingOf(text, lessons, numbers);
	for (;;) {
		const { done, value } = reading.next();
		if (done) return value;
		await others();
	}
}

/** A line of a list for one lesson. */
type Placed = {
	readonly line: ListedLine;
	readonly read: ReadLine;
	/** Null where none is named. */
	readonly lesson: string | null;
};

/**
 * A line for each of its lessons. One amount for several of them is divided where it is used up; what is kept, or
 * comes in rolls and bottles, is there for all of them.
 */
function placedIn(line: ListedLine, lessons: readonly string[], use: SupplyUse): Placed[] {
	const own = line.all ? lessons : line.lessons;
	if (own.length < 2) return [{ line, read: line.read, lesson: own[0] ?? null }];
	const { read } = line;
	const isDivided = line.spread === 'total' && use === 'consumed' && read.quantity !== null;
	const parts = isDivided ? dividedOver(exact(read.quantity!), read.unit, own.length) : null;
	// One thing for two lessons: whether it is the same one again, nobody knows but the parent.
	const isFew = parts !== null && read.amountSaid && read.unit === 'each' && read.quantity! < own.length;
	const note = parts && read.amountSaid ? `${numberTyped(exact(read.quantity!))} in all` : null;
	return own.map((lesson, at) => ({
		line,
		lesson,
		read: {
			...read,
			quantity: parts ? parts[at].valueOf() : read.quantity,
			to: parts ? null : read.to,
			note: [read.note, note].filter(Boolean).join('; ') || null,
			doubts: isFew && at === 0 ? [...read.doubts, DOUBT.spread(own.length)] : read.doubts,
			check: read.check || (isFew && at === 0)
		}
	}));
}

/** Of how many of its things a lesson of the list has to consist of a kept one to be that one. */
const MOSTLY = 0.6;
const HARDLY = 0.3;

/** The lesson under whose heading a line stands, or the words of a heading that names none; null for any other line. */
const blockOf = ({ lessons, ofMissing }: ListedLine): string | null =>
	ofMissing ?? (lessons.length === 1 ? lessons[0] : null);

/**
 * The lessons of a list pasted again, by what stands in them: where a lesson was left out since, numbers name the one
 * behind. Answers for each lesson of the list the lesson that it is; null where its lines are those of one left out.
 */
function byContents(placed: readonly Placed[], known: readonly KnownLine[]): Map<string, string | null> {
	const keysOf = (lines: readonly { readonly item: string }[]) =>
		new Set(lines.map((line) => nameKey(line.item)));
	const kept = new Map([...groupBy(known, (line) => line.lesson)].map(([id, lines]) => [id, keysOf(lines)]));
	const read = groupBy(
		placed.filter(({ line }) => blockOf(line) !== null),
		({ line }) => blockOf(line)!
	);
	const found = new Map<string, string | null>();
	const like = (items: ReadonlySet<string>, id: string) =>
		[...items].filter((item) => kept.get(id)?.has(item)).length / Math.max(1, items.size);
	for (const [lesson, lines] of read) {
		const items = keysOf(lines.map((one) => one.read));
		if (items.size < 2 || like(items, lesson) >= HARDLY) continue;
		const best = [...kept.keys()].toSorted((a, b) => like(items, b) - like(items, a))[0];
		if (best !== lesson && like(items, best) >= MOSTLY) found.set(lesson, best);
	}
	// What bears the number of a lesson that turned out to stand elsewhere is of one that is not there any more.
	const taken = new Set(found.values());
	for (const lesson of read.keys())
		if (taken.has(lesson) && !found.has(lesson)) {
			const items = keysOf(read.get(lesson)!.map((one) => one.read));
			if (like(items, lesson) < HARDLY) found.set(lesson, null);
		}
	return found;
}

/** "* is read as optional", for each mark that the list explains. */
function marksText({ marks }: ListForm): string[] {
	return [...marks].map(([mark, { optional, per, all, note }]) => {
		const meaning = optional
			? 'optional'
			: all
				? 'for every lesson'
				: per
					? `per ${per.per}`
					: (note ?? 'for the family');
		return `“${mark}” is read as ${meaning}`;
	});
}

/** Reads a pasted list and compares it with what the lessons have. Rows stand in the order of the list. */
export async function reviewList(
	situation: Situation,
	run: RunSituation,
	text: string,
	fallbackLesson: number,
	numbers: Numbers | null = null
): Promise<Review> {
	const lessons = run.lessons.map(({ lesson, number }) => ({
		id: String(lesson.id),
		number,
		title: lesson.title,
		place: weekAndDay(lesson.note ?? '')
	}));
	const list = await readInParts(text, lessons, numbers);
	const known = knownLines(situation, run);
	const names = new Map(situation.snapshot.items.map((item) => [item.id, item.name]));
	const meant = new Map(
		situation.snapshot.aliases.map((alias) => [alias.name_key, names.get(alias.item_id)!])
	);
	const uses = new Map(situation.snapshot.items.map((item) => [item.name_key, item.use]));
	const open = run.lessons.filter((one) => !one.booked && !one.dropped).map((one) => String(one.lesson.id));
	const placed = list.lines.flatMap((line) =>
		placedIn(
			line,
			open,
			uses.get(nameKey(line.read.item)) ?? usualUse(line.read.item, line.read.quantity, line.read.unit)
		)
	);
	const moved = byContents(placed, known);
	const rowsRead = placed.map((one): Placed & { readonly ofMissing: string | null } => {
		const block = blockOf(one.line);
		const to = block === null ? undefined : moved.get(block);
		if (to === undefined) return { ...one, ofMissing: one.line.ofMissing };
		const number = run.lessons.find(({ lesson }) => String(lesson.id) === block)?.number;
		return { ...one, lesson: to, ofMissing: to === null ? `Lesson ${number ?? ''}`.trim() : null };
	});
	const { matches, gone } = compareLists(
		known,
		rowsRead.map(({ read, line, lesson, ofMissing }) => ({
			...read,
			written: line.written,
			// Lines of a lesson that is not there are none of any lesson that is.
			lesson: ofMissing === null ? (lesson ?? String(fallbackLesson)) : '',
			item: meant.get(nameKey(read.item)) ?? read.item
		}))
	);
	const namesLessons = rowsRead.some(({ lesson, ofMissing }) => lesson !== null || ofMissing !== null);
	const rowOf = (
		line: ReadLine,
		at: Pick<ListedLine, 'written' | 'lineNumber' | 'fromHeading'> & {
			readonly lesson: string | null;
			readonly ofMissing: string | null;
		},
		match: Match | null
	): ReviewRow => {
		const doubts = at.ofMissing === null ? line.doubts : line.doubts.filter((one) => one !== DOUBT.lesson);
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
			isUnplaced: namesLessons && match === null && at.lesson === null && at.ofMissing === null,
			ofMissing: at.ofMissing,
			isNothing: thingOf(line.item, line.quantity, line.unit).notAThing,
			fromHeading: at.fromHeading,
			doubt: doubts.length > 0 ? doubts.join(' ') : null,
			quick: line.doubts.includes(DOUBT.each) ? { label: 'Yes, per child', per: 'child' } : null,
			status: match ? (match.changed.length ? 'changed' : 'same') : 'new',
			id: match ? Number(match.known.id) : null,
			was: match?.changed.length ? `was “${match.known.written}”` : null
		};
	};
	const rows = rowsRead.map(({ read, line, lesson, ofMissing }, i) =>
		rowOf(read, { ...line, lesson, ofMissing }, matches[i])
	);
	return {
		rows,
		form: {
			numbers: list.form.hasNumbers ? list.form.numbers : null,
			marks: marksText(list.form)
		},
		leftOut: list.leftOut.map((line) => ({
			lineNumber: line.lineNumber,
			written: line.written,
			maybe: line.maybe,
			rows: (list.language ? [] : readSupplyLine(line.written, true))
				.filter((thing) => thing.item.length <= LONGEST_NAME)
				.map((thing) => rowOf(thing, { ...line, ofMissing: null, fromHeading: null }, null))
		})),
		alike: alikeNames(
			rows.map((row) => row.item),
			situation.snapshot.items.map((item) => item.name),
			situation.snapshot.aliases.map((alias) => alias.name)
		),
		language: list.language,
		gone: gone.map((line) => ({
			id: Number(line.id),
			written: line.written,
			lesson: Number(line.lesson),
			lessonTitle: lessonTitle(run, Number(line.lesson)),
			again: line.again
		})),
		counts: {
			fresh: rows.filter((row) => row.status === 'new' && row.ofMissing === null).length,
			changed: rows.filter((row) => row.status === 'changed').length,
			same: rows.filter((row) => row.status === 'same').length,
			ofMissing: rows.filter((row) => row.ofMissing !== null).length
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
