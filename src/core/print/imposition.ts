import { CoreError } from '../error.ts';

/** How a printer turns the sheet for its back. */
export type Flip = 'long-edge' | 'short-edge';

/** Numbers from 1 in rows of columns, as seen when looking at that side; null where nothing lies. */
type Grid = readonly (readonly (number | null)[])[];
type Imposed = { readonly sheets: readonly { readonly front: Grid; readonly back: Grid | null }[] };

/**
 * A booklet, folded once and stapled in the fold; padded with blanks at its end, the outermost sheet first.
 *
 * @example booklet(4).sheets // [{ front: [[4, 1]], back: [[2, 3]] }]
 * @throws CoreError where `pages` is no whole number of at least 1.
 */
export function booklet(pages: number): Imposed {
	requireWhole(pages, 'pages');
	const all = Math.ceil(pages / 4) * 4;
	const at = (page: number) => (page <= pages ? page : null);
	return {
		sheets: Array.from({ length: all / 4 }, (_, index) => {
			const first = index * 2 + 1;
			return {
				front: [[at(all + 1 - first), at(first)]],
				back: [[at(first + 1), at(all - first)]]
			};
		})
	};
}

/**
 * Cards in a grid, each back behind its own front. Turned on the long edge of an upright sheet the columns of the back
 * are mirrored, on the short edge its rows. Without `flip` there are no backs.
 *
 * @example cards(2, 1, 2, 'long-edge').sheets // [{ front: [[1, 2]], back: [[2, 1]] }]
 * @throws CoreError where a number is no whole number of at least 1.
 */
export function cards(count: number, rows: number, columns: number, flip: Flip | null): Imposed {
	requireWhole(count, 'cards');
	requireWhole(rows, 'rows');
	requireWhole(columns, 'columns');
	const size = rows * columns;
	return {
		sheets: Array.from({ length: Math.ceil(count / size) }, (_, sheet) => {
			const front = Array.from({ length: rows }, (_, row) =>
				Array.from({ length: columns }, (_, column) => {
					const card = sheet * size + row * columns + column + 1;
					return card <= count ? card : null;
				})
			);
			return { front, back: flip && mirrored(front, flip) };
		})
	};
}

/** What lies behind a side, as seen when looking at the back. */
function mirrored<T>(side: readonly (readonly T[])[], flip: Flip): readonly (readonly T[])[] {
	return flip === 'long-edge' ? side.map((row) => row.toReversed()) : side.toReversed();
}

function requireWhole(value: number, path: string): void {
	if (!Number.isSafeInteger(value) || value < 1)
		throw new CoreError(`${path} must be a whole number of at least 1.`, path);
}
