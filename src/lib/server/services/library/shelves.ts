import { groupBy } from '$core/group-by.ts';
import { spineWidth } from '$core/library/index.ts';
import { lengthText, type System } from '$core/measure/index.ts';
import { counted } from '$core/words/index.ts';
import { placePath, placesInOrder, type Situation } from '$core/account/index.ts';
import { shelfSpace } from '../house/shelf-space.ts';

/** One place with what stands in it, to scale. */
export type Shelf = {
	readonly place: number;
	readonly path: string;
	/** Inner length in mm; null where it was not measured. */
	readonly length: number | null;
	readonly taken: number;
	/** "7 books, 10 in; 2 in left" */
	readonly about: string;
	readonly spines: readonly {
		readonly id: number;
		readonly title: string;
		readonly width: number;
		/** The width in words, in the household's measures. */
		readonly thick: string;
		readonly isTall: boolean;
	}[];
};

/** Kinds that stand with their spine to the front. */
const STANDING = new Set([
	'book',
	'picture book',
	'magazine',
	'printable',
	'card set',
	'game',
	'puzzle',
	'disc'
]);
/** Thickness of boxes; common practice, no source. */
const BOX_MM: Readonly<Record<string, number>> = { game: 50, puzzle: 45, 'card set': 22, disc: 10 };
const SHOWN_SPINES = 400;

/** The places where books stand, the fullest first. */
export function shelvesOf({ snapshot }: Situation): Shelf[] {
	const { measures } = snapshot.household;
	const order = placesInOrder(snapshot.places);
	const byPlace = groupBy(
		snapshot.resources.filter((one) => one.owned && one.place_id !== null && STANDING.has(one.kind)),
		(one) => one.place_id!
	);
	return [...byPlace]
		.map(([place, own]) => {
			const spines = own.map((one) => {
				const width =
					one.width_mm ??
					BOX_MM[one.kind] ??
					spineWidth({ widthMm: null, pages: one.pages, hardcover: one.hardcover === 1 });
				return {
					id: one.id,
					title: one.title,
					width,
					thick: lengthText(width, measures),
					isTall: one.kind === 'picture book' || one.kind === 'game' || one.kind === 'magazine'
				};
			});
			const row = snapshot.places.find((one) => one.id === place);
			const length = row ? shelfSpace(row).along : null;
			const taken = spines.reduce((sum, one) => sum + one.width, 0);
			return {
				place,
				path: placePath(snapshot.places, place),
				length,
				taken,
				about: aboutText(spines.length, taken, length, measures),
				spines: spines.slice(0, SHOWN_SPINES)
			};
		})
		.sort((a, b) => b.taken - a.taken || (order.get(a.place) ?? 0) - (order.get(b.place) ?? 0));
}

function aboutText(count: number, taken: number, length: number | null, measures: System): string {
	const all = `${counted(count, 'title')}, ${lengthText(taken, measures)}`;
	if (length === null) return all;
	return length < taken
		? `${all}; ${lengthText(taken - length, measures)} over`
		: `${all}; ${lengthText(length - taken, measures)} left`;
}
