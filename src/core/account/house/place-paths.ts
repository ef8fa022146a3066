import { type Row, type Moment, once } from '../../facts/index.ts';

/** The path of each place, by its id. */
const pathsOf = once((places: readonly Row<'place'>[]): ReadonlyMap<number, string> => {
	const byId = new Map(places.map((place) => [place.id, place]));
	return new Map(
		places.map((place) => {
			const names = [place.name];
			for (
				let parent = byId.get(place.parent_id ?? 0);
				parent && names.length <= 20;
				parent = byId.get(parent.parent_id ?? 0)
			)
				names.unshift(parent.name);
			return [place.id, names.join(' › ')];
		})
	);
});

/** The places from the room down: "Kitchen › pantry › top shelf". */
export function placePath(places: readonly Row<'place'>[], id: number | null): string {
	return (id === null ? undefined : pathsOf(places).get(id)) ?? 'no place set';
}

/** Every place in the order in which the house is noted, each before what is in it. */
export function placesInOrder(places: readonly Row<'place'>[]): Map<number, number> {
	const order = new Map<number, number>();
	const visit = (parent: number | null) => {
		for (const place of places) {
			if (place.parent_id !== parent || order.has(place.id)) continue;
			order.set(place.id, order.size);
			visit(place.id);
		}
	};
	visit(null);
	return order;
}

/** Every place by its path, in walking order, for choosing one. */
export function placeOptions(moment: Moment): { value: string; label: string }[] {
	const order = placesInOrder(moment.snapshot.places);
	return moment.snapshot.places
		.toSorted((a, b) => (order.get(a.id) ?? 0) - (order.get(b.id) ?? 0))
		.map((place) => ({ value: String(place.id), label: placePath(moment.snapshot.places, place.id) }));
}
