import { groupBy } from '$core/group-by.ts';
import { exact, type Unit } from '$core/measure/index.ts';
import { counted, listText, supplyLineText } from '$core/words/index.ts';
import type { Alike } from '$core/supplies/index.ts';
import type { Review, ReviewRow } from '$lib/server/services/gathering/review.ts';

/** What can be changed of a line that was read. */
type Fields = {
	lesson: string;
	item: string;
	quantity: string;
	to: string;
	unit: string;
	per: string;
	groupSize: string;
	use: string;
	optional: boolean;
};

/** One line of the review while it is looked through. */
export class ReviewLine {
	readonly row: ReviewRow;
	/** By it the fields of its form are named. */
	readonly index: number;
	fields: Fields;
	keep: boolean;
	open: boolean;
	/** A person has said that it is right. */
	looked = $state(false);
	/** A person has said which lesson it is for. */
	placed = $state(false);

	constructor(row: ReviewRow, index: number, keep = true) {
		// Those in doubt are opened by the list, as many as one goes through at a sitting.
		this.row = row;
		this.index = index;
		const { item, quantity, to, unit, per, groupSize, use, optional } = row;
		this.fields = $state({
			lesson: String(row.lesson),
			item,
			quantity,
			to,
			unit,
			per,
			groupSize,
			use,
			optional
		});
		this.keep = $state(keep);
		this.open = $state(false);
	}

	/** As the list has it, without the mark in front. */
	get written(): string {
		return this.row.written.replace(/^[\s•*·▪●○◦■□☐–—-]+/u, '');
	}

	/** Still to be looked at. */
	get waits(): boolean {
		return this.isDoubtful && !this.looked;
	}

	/** No lesson is named for it yet. */
	get isUnplaced(): boolean {
		return (this.row.isUnplaced || this.row.ofMissing !== null) && !this.placed;
	}

	/** It goes into a lesson, and is kept. */
	putInto(lesson: string) {
		this.fields.lesson = lesson;
		this.placed = true;
		this.keep = true;
	}

	get isDoubtful(): boolean {
		return this.row.doubt !== null && this.row.status !== 'same';
	}

	/** The line in one breath, with what its fields say now. */
	said(children: number): { said: string; total: string | null } {
		const { item, unit, per, groupSize } = this.fields;
		const quantity = numberIn(this.fields.quantity);
		if (quantity === undefined) return { said: `${this.fields.quantity} ${item}`, total: null };
		return supplyLineText(
			{
				item,
				unit: unit as Unit,
				per: per as ReviewRow['per'],
				quantity,
				to: numberIn(this.fields.to) ?? null,
				groupSize: Number(groupSize) >= 1 ? Math.floor(Number(groupSize)) : null
			},
			children
		);
	}

	/** The line as one field sends it where its own fields are not on the screen. */
	sent(): Record<string, unknown> {
		const { written, note, or, id } = this.row;
		const { lesson, ...fields } = this.fields;
		return {
			...fields,
			lesson: Number(lesson),
			written,
			note,
			id,
			index: this.index,
			or: JSON.stringify(or)
		};
	}
}

/** A typed number; null where nothing is typed, undefined where it is none. */
function numberIn(text: string): number | null | undefined {
	if (text.trim() === '') return null;
	try {
		return exact(text.trim()).valueOf();
	} catch {
		return undefined;
	}
}

/** A line that gave no thing, and what it would be as things. */
export type LeftOutLine = {
	readonly written: string;
	readonly maybe: boolean;
	readonly lines: readonly ReviewLine[];
};

/** A list of fewer lines may well be for one lesson. */
const MANY = 12;

/** Lines in doubt that stand open at a time; the next ones open as these are settled. */
const OPEN_AT_ONCE = 15;

/** The lines of a review: those in doubt, those left out, and the rest by lesson. */
export class ReviewLines {
	readonly all: readonly ReviewLine[];
	readonly doubtful: readonly ReviewLine[];
	readonly leftOut: readonly LeftOutLine[];
	readonly #sure: readonly ReviewLine[];

	constructor(review: Review) {
		// What is for a lesson that is not there is kept only when somebody puts it into another.
		const lines = review.rows.map((row, i) => new ReviewLine(row, i, row.ofMissing === null));
		let next = lines.length;
		this.leftOut = review.leftOut
			.filter((line) => line.rows.length > 0)
			.map(({ written, maybe, rows }) => ({
				written,
				maybe,
				lines: rows.map((row) => new ReviewLine(row, next++, false))
			}));
		this.all = [...lines, ...this.leftOut.flatMap((line) => line.lines)];
		this.doubtful = lines.filter((line) => line.isDoubtful);
		for (const line of this.doubtful.slice(0, OPEN_AT_ONCE)) line.open = true;
		this.#sure = lines.filter((line) => !line.isDoubtful);
	}

	/** How many wait for an answer. */
	get waiting(): number {
		return this.doubtful.filter((line) => line.keep && line.waits).length;
	}

	/** Lines that are read, by their lesson. */
	get lessons(): readonly { readonly lesson: number; readonly lines: readonly ReviewLine[] }[] {
		const byLesson = groupBy(
			this.#sure.filter((line) => !line.isUnplaced),
			(line) => Number(line.placed ? line.fields.lesson : line.row.lesson)
		);
		return [...byLesson].map(([lesson, these]) => ({ lesson, lines: these }));
	}

	/** Lines without a lesson, those of a lesson that is not there by its heading. */
	get unplaced(): readonly { readonly heading: string | null; readonly lines: readonly ReviewLine[] }[] {
		const byHeading = groupBy(
			this.#sure.filter((line) => line.isUnplaced),
			(line) => line.row.ofMissing
		);
		return [...byHeading].map(([heading, these]) => ({ heading, lines: these }));
	}

	/** What is kept of the list and is nothing that a house could hold. */
	get nothings(): readonly ReviewLine[] {
		return this.all.filter((line) => line.keep && line.row.isNothing && line.fields.item === line.row.item);
	}

	/** One of two names is the other: all its lines ask for that. */
	takeAsOne({ general, specific }: Alike): void {
		for (const line of this.all) if (line.fields.item === general) line.fields.item = specific;
	}

	/** What should be asked before all of it is saved, a sentence each. */
	get concerns(): string[] {
		const kept = this.all.filter((line) => line.keep);
		const open = kept.filter((line) => line.isUnplaced).length;
		const byLesson = groupBy(kept, (line) => line.fields.lesson);
		const [most] = [...byLesson.values()].map((these) => these.length).toSorted((a, b) => b - a);
		const nothings = this.nothings.map((line) => `“${line.fields.item}”`);
		return [
			nothings.length
				? `${listText(nothings)} ${nothings.length === 1 ? 'isn’t a thing' : 'aren’t things'} to gather.`
				: '',
			open > 0 ? `${counted(open, 'line')} ${open === 1 ? 'has' : 'have'} no lesson yet.` : '',
			open === 0 &&
			byLesson.size > 1 &&
			kept.length > MANY &&
			most * 3 > kept.length &&
			this.#isUneven(most, byLesson.size)
				? `${most} of ${kept.length} lines are in one lesson.`
				: ''
		].filter(Boolean);
	}

	/** One lesson has far more than its share. */
	#isUneven = (most: number, lessons: number): boolean => lessons > 3 && most > MANY;
}
