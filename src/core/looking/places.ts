import { nameKey } from '../naming/index.ts';
import type { PlaceAtHome } from '../reference/at-home.ts';

/** A place of the house with the names of all that it lies in, from the outside in. */
export type HousePlace = { readonly id: number; readonly path: readonly string[] };

/** Words that a place of a kind goes by, the surest first. Common practice. */
const GOES_BY: Readonly<Record<PlaceAtHome, readonly string[]>> = {
	kitchen: ['kitchen', 'kitchenette', 'stove', 'cupboard', 'dining'],
	pantry: ['pantry', 'larder', 'food', 'baking', 'snack', 'kitchen'],
	fridge: ['fridge', 'refrigerator', 'freezer', 'icebox', 'kitchen'],
	bathroom: ['bathroom', 'bath', 'washroom', 'toilet', 'linen', 'vanity'],
	laundry: ['laundry', 'mudroom', 'mud', 'washer', 'utility', 'linen', 'bathroom'],
	'school supplies': [
		'school',
		'schoolroom',
		'classroom',
		'desk',
		'homeschool',
		'study',
		'supply',
		'cart',
		'office'
	],
	'art supplies': ['art', 'craft', 'paint', 'creative', 'school', 'schoolroom', 'cart', 'desk'],
	'games and toys': [
		'game',
		'toy',
		'playroom',
		'play',
		'puzzle',
		'kid',
		'den',
		'bedroom',
		'family',
		'living'
	],
	bookshelf: ['bookshelf', 'bookcase', 'book', 'library', 'reading', 'shelf', 'living'],
	office: ['office', 'study', 'desk', 'filing', 'printer', 'school', 'schoolroom'],
	'sewing box': ['sewing', 'sew', 'fabric', 'yarn', 'knitting', 'craft', 'art'],
	'toolbox or garage': [
		'garage',
		'tool',
		'toolbox',
		'workshop',
		'workbench',
		'shed',
		'hardware',
		'basement',
		'utility'
	],
	recycling: ['recycling', 'recycle', 'trash', 'bin', 'garage', 'mudroom', 'porch', 'kitchen'],
	'outdoors or yard': [
		'yard',
		'outdoor',
		'outside',
		'garden',
		'backyard',
		'shed',
		'porch',
		'patio',
		'greenhouse',
		'barn'
	],
	'medicine cabinet': ['medicine', 'medical', 'first', 'bathroom', 'bath'],
	closet: ['closet', 'wardrobe', 'dresser', 'coat', 'bedroom', 'costume', 'linen', 'attic'],
	'shop only': []
};

/**
 * The places of a house where a thing of a kind may lie, likeliest first. What lies together was put there by the
 * family, so a place where things of that kind were found counts before any name; a name counts by how usual it is
 * for the kind, and of places of one name those nearer to the outside, which hold the others, come first.
 *
 *     likelyPlaces('pantry', [{ id: 1, path: ['Kitchen'] }, { id: 2, path: ['Kitchen', 'pantry'] }], new Map())
 *     // [2, 1]
 * @param found how many things of the kind are known to be in a place, by its id
 */
export function likelyPlaces(
	kind: PlaceAtHome,
	places: readonly HousePlace[],
	found: ReadonlyMap<number, number>
): number[] {
	const words = GOES_BY[kind];
	const rank = ({ path }: HousePlace) => {
		const own = wordsOf(path.at(-1)!);
		const at = words.findIndex((word) => own.has(word));
		return at < 0 ? null : at;
	};
	return places
		.map((place) => ({ place, found: found.get(place.id) ?? 0, rank: rank(place) }))
		.filter((one) => one.found > 0 || one.rank !== null)
		.sort(
			(a, b) =>
				b.found - a.found || (a.rank ?? 99) - (b.rank ?? 99) || a.place.path.length - b.place.path.length
		)
		.map((one) => one.place.id);
}

function wordsOf(name: string): Set<string> {
	return new Set(
		name
			.split(/[^\p{L}]+/u)
			.filter(Boolean)
			.map(nameKey)
	);
}
