import { furnitureCaution } from '$core/cautions/index.ts';
import { groupBy } from '$core/group-by.ts';
import { amountText, exact, lengthText } from '$core/measure/index.ts';
import { counted, listText } from '$core/words/index.ts';
import type { Row, Moment } from '$core/facts/index.ts';
import { reachers, reachText } from './reach.ts';

/** A place with all that is inside it, in walking order. */
export type PlaceNode = {
	readonly id: number;
	readonly name: string;
	readonly kind: 'room' | 'furniture' | 'shelf' | 'box';
	readonly parent: number | null;
	/** Names of the units that collect here. */
	readonly collects: readonly string[];
	readonly things: readonly string[];
	/** What is to be minded here, in words. */
	readonly cautions: readonly string[];
	/** Inner measures and height above the floor, as one types them. */
	readonly length: string;
	readonly width: string;
	readonly height: string;
	readonly floor: string;
	readonly inside: readonly PlaceNode[];
};

/** The places of the house as a tree. */
export function placeTree(moment: Moment): PlaceNode[] {
	const { snapshot } = moment;
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
					const reach = reachText(moment, names.get(lot.item_id)!, place.id);
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
		const caution = furnitureCaution(Math.max(own, ...shelves), moment.today, reachers(moment));
		return caution ? [`Caution for ${listText(caution.who)}. ${caution.text}`] : [];
	}
	return (insideOf.get(null) ?? []).map(node);
}

/** What the places hold in one sentence. */
export function placesSentence(tree: readonly PlaceNode[]): string {
	const all = flat(tree);
	if (all.length === 0) return 'No places yet. Start with the rooms, in the order you walk through them.';
	const things = all.reduce((sum, one) => sum + one.things.length, 0);
	const minded = all.filter((one) => one.cautions.length).length;
	return `${counted(all.length, 'place')}, in the order you walk, holding ${counted(things, 'entry', 'entries')}${minded ? `; ${minded} ${minded === 1 ? 'needs' : 'need'} a safety check` : ''}.`;
}

function flat(tree: readonly PlaceNode[]): PlaceNode[] {
	return tree.flatMap((place) => [place, ...flat(place.inside)]);
}
