import { furnitureCaution } from '$core/cautions/index.ts';
import { groupBy } from '$core/group-by.ts';
import { amountText, exact, lengthText } from '$core/measure/index.ts';
import type { PlaceNode } from '$lib/ui/places/types.ts';
import type { Row } from '../../database/tables.ts';
import type { Situation } from '../readiness/situation.ts';
import { reachText, reachers } from '../stash/stash.ts';
import { listText } from './place-paths.ts';

/** The places of the house as a tree. */
export function placeTree(situation: Situation): PlaceNode[] {
	const { snapshot } = situation;
	const { measures } = snapshot.household;
	const names = new Map(snapshot.items.map((item) => [item.id, item.name]));
	const lotsOf = groupBy(
		snapshot.lots.filter((lot) => lot.amount !== '0'),
		(lot) => lot.place_id
	);
	const insideOf = groupBy(snapshot.places, (place) => place.parent_id);
	const unitOf = new Map(snapshot.units.map((unit) => [unit.id, unit.name]));
	const collectedIn = groupBy(snapshot.runs, (run) => run.collecting_place_id);
	const typed = (mm: number | null) => (mm === null ? '' : lengthText(mm, measures));
	const node = (place: Row<'place'>): PlaceNode => {
		const lots = lotsOf.get(place.id) ?? [];
		return {
			id: place.id,
			name: place.name,
			kind: place.kind,
			parent: place.parent_id,
			collects: (collectedIn.get(place.id) ?? []).map((run) => unitOf.get(run.unit_id)!),
			things: lots.map((lot) => `${names.get(lot.item_id)} ${amountText(exact(lot.amount), lot.unit)}`),
			cautions: [
				...furniture(place),
				...lots.flatMap((lot) => {
					const reach = reachText(situation, names.get(lot.item_id)!, place.id);
					return reach ? [`${names.get(lot.item_id)}: ${reach}`] : [];
				})
			],
			length: typed(place.length_mm),
			width: typed(place.width_mm),
			height: typed(place.height_mm),
			floor: typed(place.floor_mm),
			inside: (insideOf.get(place.id) ?? []).map(node)
		};
	};
	function furniture(place: Row<'place'>): string[] {
		if (place.kind !== 'furniture') return [];
		const own = (place.floor_mm ?? 0) + (place.height_mm ?? 0);
		const shelves = (insideOf.get(place.id) ?? []).map((shelf) => shelf.floor_mm ?? 0);
		const caution = furnitureCaution(Math.max(own, ...shelves), situation.today, reachers(situation));
		return caution ? [`Care with ${listText(caution.who)}. ${caution.text}`] : [];
	}
	return (insideOf.get(null) ?? []).map(node);
}

/** What the places hold in one sentence. */
export function placesSentence(tree: readonly PlaceNode[]): string {
	const all = flat(tree);
	if (all.length === 0)
		return 'No places yet: start with the rooms, in the order in which you walk through them.';
	const things = all.reduce((sum, one) => sum + one.things.length, 0);
	const minded = all.filter((one) => one.cautions.length).length;
	return `${all.length} places, in walking order, with ${things} lots in them${minded ? `; ${minded} ${minded === 1 ? 'wants' : 'want'} minding` : ''}.`;
}

function flat(tree: readonly PlaceNode[]): PlaceNode[] {
	return tree.flatMap((place) => [place, ...flat(place.inside)]);
}
