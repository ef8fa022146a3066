import { setImmediate as others } from 'node:timers/promises';
import { exact, type Unit } from '$core/measure/index.ts';
import { nameKey } from '$core/naming/index.ts';
import {
	compareLists,
	readSupplyList,
	type ReadList,
	usualUse,
	type Alternative,
	type KnownLine,
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
	/** Why a person should look at it; null when it was read with confidence. */
	readonly doubt: string | null;
	readonly status: 'new' | 'changed' | 'same';
	/** The kept line that it is. */
	readonly id: number | null;
	/** What changed, in words ("was 2 cups"). */
	readonly was: string | null;
};

export type Review = {
	readonly rows: readonly ReviewRow[];
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

/** Lines that are read before others are answered. */
const LINES_A_PART = 100;

/** Reads a list; one of thousands of lines does not hold anybody else up. */
async function readInParts(
	text: string,
	lessons: Parameters<typeof readSupplyList>[1]
): Promise<Pick<ReadList, 'lines' | 'unknownHeadings'>> {
	const all = text.split(/\r\n|\r|\n/);
	const read: ReadList[] = [];
	for (let before = 0; before < all.length; before += LINES_A_PART) {
		const part = all.slice(before, before + LINES_A_PART).join('\n');
		read.push(readSupplyList(part, lessons, { before, lesson: read.at(-1)?.lesson ?? null }));
		await others();
	}
	return {
		lines: read.flatMap((one) => one.lines),
		unknownHeadings: read.flatMap((one) => one.unknownHeadings)
	};
}

/** Reads a pasted list and compares it with what the lessons have. Doubtful lines come first. */
export async function reviewList(
	situation: Situation,
	run: RunSituation,
	text: string,
	fallbackLesson: number
): Promise<Review> {
	const lessons = run.lessons.map(({ lesson, number }) => ({
		id: String(lesson.id),
		number,
		title: lesson.title
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
	const rows = read.map((line, i): ReviewRow => {
		const match = matches[i];
		const kept = match && byId(situation.snapshot.lines).get(Number(match.known.id));
		return {
			written: line.written,
			lineNumber: list.lines[i].lineNumber,
			lesson: Number(line.lesson),
			item: line.item,
			quantity: line.quantity === null ? '' : numberTyped(exact(line.quantity)),
			to: line.to === null ? '' : numberTyped(exact(line.to)),
			unit: line.unit,
			per: line.per,
			groupSize: line.groupSize === null ? '' : String(line.groupSize),
			optional: line.optional,
			use: kept?.use ?? uses.get(nameKey(line.item)) ?? usualUse(line.item, line.quantity, line.unit),
			note: line.note ?? '',
			or: line.or,
			doubt: line.check ? doubtOf(line) : null,
			status: match ? (match.changed.length ? 'changed' : 'same') : 'new',
			id: match ? Number(match.known.id) : null,
			was: match?.changed.length ? `was “${match.known.written}”` : null
		};
	});
	const rank = (row: ReviewRow) =>
		row.doubt && row.status !== 'same' ? 0 : row.status === 'changed' ? 1 : row.status === 'new' ? 2 : 3;
	return {
		rows: rows.toSorted((a, b) => rank(a) - rank(b) || a.lineNumber - b.lineNumber),
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

function doubtOf(line: {
	quantity: number | null;
	per: Per;
	groupSize: number | null;
	or: readonly Alternative[];
}): string {
	if (line.quantity === null) return 'The list doesn’t say how much.';
	if (line.per === 'group' && line.groupSize === null) return 'How many children in a group?';
	if (line.or.length) return 'Not sure which words go with both items.';
	return 'This could mean two things. Check it.';
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
