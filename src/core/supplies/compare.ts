import { groupBy } from '../group-by.ts';
import { nameKey } from '../naming/naming.ts';
import type { ReadLine } from './read/read-line.ts';

/** A supply line as kept, with what can differ from one reading to the next. */
export type KnownLine = Pick<
	ReadLine,
	'quantity' | 'to' | 'unit' | 'item' | 'per' | 'groupSize' | 'optional'
> & {
	readonly id: string;
	readonly lesson: string;
	readonly written: string;
};

export type NewLine = Omit<KnownLine, 'id'>;

export type Match = { readonly known: KnownLine; readonly changed: readonly ChangedField[] };

/**
 * A kept line that the list no longer has. `again` says that the list mostly repeats its lesson, so
 * that the line really was taken out; else the list may only bring something more.
 */
export type GoneLine = KnownLine & { readonly again: boolean };

/** How a list pasted again differs from the one that is there. Ids of what stays are kept. */
export type Difference = {
	/** For each new line the kept line it is, and whether something changed; null when it is new. */
	readonly matches: readonly (Match | null)[];
	/** Kept lines of the lessons named in the list that no longer stand in it. */
	readonly gone: readonly GoneLine[];
};

export type ChangedField = 'quantity' | 'to' | 'unit' | 'item' | 'per' | 'groupSize' | 'optional';

const FIELDS: readonly ChangedField[] = ['item', 'quantity', 'to', 'unit', 'per', 'groupSize', 'optional'];

/**
 * Matches a list read again with the lines that are there, lesson by lesson: first lines written
 * the same, then lines that ask for the same item. Nothing is matched twice.
 */
export function compareLists(known: readonly KnownLine[], read: readonly NewLine[]): Difference {
	const matches: (Match | null)[] = read.map(() => null);
	const byLesson = groupBy(known, (line) => line.lesson);
	const free = new Map([...byLesson].map(([lesson, lines]) => [lesson, new Set(lines)]));
	const passes: ((a: KnownLine, b: NewLine) => boolean)[] = [
		(a, b) => a.written === b.written && nameKey(a.item) === nameKey(b.item),
		(a, b) => nameKey(a.item) === nameKey(b.item) && a.unit === b.unit,
		(a, b) => nameKey(a.item) === nameKey(b.item),
		(a, b) => a.written === b.written
	];
	for (const same of passes) {
		read.forEach((line, i) => {
			if (matches[i]) return;
			const candidates = free.get(line.lesson);
			for (const candidate of candidates ?? []) {
				if (!same(candidate, line)) continue;
				candidates!.delete(candidate);
				matches[i] = { known: candidate, changed: changedFields(candidate, line) };
				break;
			}
		});
	}
	const lessons = new Set(read.map((line) => line.lesson));
	const gone = [...free]
		.filter(([lesson]) => lessons.has(lesson))
		.flatMap(([lesson, lines]) => {
			const again = lines.size * 2 <= byLesson.get(lesson)!.length;
			return [...lines].map((line) => ({ ...line, again }));
		});
	return { matches, gone };
}

function changedFields(known: KnownLine, line: NewLine): ChangedField[] {
	return FIELDS.filter((field) =>
		field === 'item' ? nameKey(known.item) !== nameKey(line.item) : !isSame(known[field], line[field])
	);
}

function isSame(a: unknown, b: unknown): boolean {
	return typeof a === 'number' && typeof b === 'number' ? Math.abs(a - b) <= 1e-9 * Math.abs(a) : a === b;
}
