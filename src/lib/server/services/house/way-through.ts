import { walkingOrder } from '$core/gathering/index.ts';
import { groupBy } from '$core/group-by.ts';
import { remember, byId, type Snapshot } from '$core/facts/index.ts';
import { placesInOrder } from '$core/account/index.ts';

const known = remember<ReadonlyMap<number, number>>();

/**
 * Every place in the order in which the family really walks: learned from the order of ticks, among the places
 * of one room as well as among the rooms, so that a room is never left and entered again. The order in which
 * the house is noted counts as its oldest walk, and so decides where no walk says otherwise.
 */
export function learnedOrder({ places, placeStops }: Snapshot): ReadonlyMap<number, number> {
	return known(places, [placeStops], () => {
		const noted = placesInOrder(places);
		if (placeStops.length === 0) return noted;
		const parents = new Map([...byId(places)].map(([id, place]) => [id, place.parent_id]));
		const inside = groupBy([...noted.keys()], (id) => parents.get(id) ?? null);
		const walks = [...groupBy(placeStops, (one) => one.on_day)]
			.sort(([a], [b]) => (a < b ? -1 : 1))
			.map(([, stops]) => stops.map((one) => one.place_id));
		const order = new Map<number, number>();
		const visit = (parent: number | null) => {
			const siblings = inside.get(parent) ?? [];
			const own = siblings.map(String);
			const passed = walks.map((walk) =>
				walk.flatMap((stop) => {
					const at = ancestorIn(stop, parent, parents);
					return at === null ? [] : [String(at)];
				})
			);
			for (const id of walkingOrder(own, [own, ...passed.filter((walk) => new Set(walk).size > 1)]).map(
				Number
			)) {
				order.set(id, order.size);
				visit(id);
			}
		};
		visit(null);
		return order;
	});
}

/** Of a place and all that it is in, the one that lies directly in `parent`; null when none does. */
function ancestorIn(
	place: number,
	parent: number | null,
	parents: ReadonlyMap<number, number | null>
): number | null {
	for (let at: number | null = place; at !== null;) {
		const above: number | null = parents.get(at) ?? null;
		if (above === parent) return at;
		at = above;
	}
	return null;
}
