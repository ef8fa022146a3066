import { once } from './remember.ts';
import type { Lists, Row } from './tables.ts';

/** Share of each page that is in color, by hash of its file and page; only of files whose pages were all looked at. */
export type Colors = ReadonlyMap<string, number>;
export const colorKey = (sha256: string, page: number) => `${sha256}/${page}`;

/** All that the computations read, from one moment. */
export type Snapshot = Lists & {
	readonly revision: number;
	readonly household: Row<'household'>;
	readonly colors: Colors;
};

const indexOf = once(
	(rows: readonly { readonly id: number }[]): ReadonlyMap<number, unknown> =>
		new Map(rows.map((row) => [row.id, row]))
);

/** The rows of one table of a snapshot by their id; made once for each. */
export function byId<T extends { readonly id: number }>(rows: readonly T[]): ReadonlyMap<number, T> {
	return indexOf(rows) as ReadonlyMap<number, T>;
}

/** The supply lines of the lessons themselves, without those of activities. */
export function linesOfLessons(snapshot: Snapshot): (Row<'supply_line'> & { readonly lesson_id: number })[] {
	return snapshot.lines.filter(
		(line): line is Row<'supply_line'> & { lesson_id: number } => line.lesson_id !== null
	);
}
