import { setImmediate as others } from 'node:timers/promises';
import { Refusal } from '$core/error.ts';
import { MOST_DEEP, readPlaces, type TypedPlace } from '$core/house/index.ts';
import type { Trx } from '../../history/changes.ts';
import { addPlace, placesIn } from '../../stores/house/places.ts';

/** So many are added before others are answered. */
const BREATH = 20;

/** Most places that one text may name. */
const MOST_PLACES = 500;

/** Adds places as typed, into those that are there under the same names. Answers how many are new. */
export async function addPlacesTyped(trx: Trx, text: string, within: number | null = null): Promise<number> {
	const places = readPlaces(text);
	if (count(places) === 0)
		throw new Refusal(
			'No places found. Put one room on each line, like “Kitchen: pantry, drawer”.',
			'places'
		);
	if (depth(places) > MOST_DEEP)
		throw new Refusal(`Places can be at most ${MOST_DEEP} deep within each other.`, 'places');
	if (count(places) > MOST_PLACES)
		throw new Refusal(`That is more than ${MOST_PLACES} places. Start with those that matter.`, 'places');
	return put(trx, places, within);
}

function depth(places: readonly TypedPlace[]): number {
	return places.reduce((most, place) => Math.max(most, 1 + depth(place.inside)), 0);
}

function count(places: readonly TypedPlace[]): number {
	return places.reduce((sum, place) => sum + 1 + count(place.inside), 0);
}

async function put(trx: Trx, places: readonly TypedPlace[], parent: number | null): Promise<number> {
	const there = await placesIn(trx, parent);
	let added = 0;
	for (const place of places) {
		const same = there.find((one) => one.name.toLowerCase() === place.name.toLowerCase());
		const id =
			same?.id ??
			(await addPlace(trx, parent, {
				name: place.name,
				kind: place.kind,
				length_mm: null,
				width_mm: null,
				height_mm: null,
				floor_mm: null
			}));
		if (!same) added++;
		// Hundreds at once take a while; others are answered meanwhile.
		if (added % BREATH === 0) await others();
		added += await put(trx, place.inside, id);
	}
	return added;
}
