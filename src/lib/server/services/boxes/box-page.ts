import {
	liftingCaution,
	shelfWhy,
	shelvesByFit,
	standOnShelf,
	WALL,
	type OnShelf,
	type PackedBox,
	type Standing
} from '$core/boxes/index.ts';
import { amountText, exact } from '$core/measure/index.ts';
import { capital, counted, listText } from '$core/words/index.ts';
import { byId, parsed, thingId, type Row, type Snapshot, type ThingId } from '$core/facts/index.ts';
import {
	placeOptions,
	placePath,
	thingName,
	type RunSituation,
	type Situation
} from '$core/account/index.ts';
import { shelfSpace } from '../house/shelf-space.ts';
import { shelvesOf } from '../library/shelves.ts';
import { movesOf, placeBefore } from './moving.ts';
import { kgIn, sizeOf, thingsOf } from './things.ts';

/** Something that lies in a box. */
export type Inside = {
	readonly id: ThingId;
	readonly title: string;
	readonly detail: string;
	readonly href: string | null;
	/** It can be taken out: it was elsewhere before, or needs no place. What is counted is moved to a place. */
	readonly canGoOut: boolean;
};

/** A shelf with what stands on it, and where a box stands or would stand. Measures in mm. */
export type ShelfView = {
	readonly place: number;
	readonly name: string;
	readonly depth: number;
	readonly width: number;
	readonly height: number | null;
	readonly floor: number | null;
	readonly standing: readonly Standing[];
	readonly box: OnShelf;
	/** The box stands here already. */
	readonly isHere: boolean;
	/** Why this one: how high it is for its weight. */
	readonly why: string;
};

export type BoxPage = {
	readonly id: number;
	readonly name: string;
	readonly path: string;
	readonly parent: number | null;
	readonly unit: { readonly id: number; readonly name: string } | null;
	readonly detail: Row<'box_detail'> | null;
	readonly inner: { readonly length: number; readonly width: number; readonly height: number } | null;
	readonly inside: readonly Inside[];
	/** As it was packed, with what still lies in it. */
	readonly packed: PackedBox | null;
	readonly titles: Readonly<Record<string, string>>;
	/** Which of the things are round. */
	readonly round: ReadonlySet<string>;
	readonly kg: number | null;
	readonly caution: string;
	readonly shelves: readonly ShelfView[];
	readonly moves: readonly { readonly id: number; readonly text: string }[];
	/** Places that a thing of this box is likely to go to, the likeliest first. */
	readonly nearby: readonly { readonly value: string; readonly label: string }[];
	/** Things of its unit that lie elsewhere. */
	readonly elsewhere: readonly { readonly value: string; readonly label: string }[];
};

/** Books, and boxes whose height nobody measured, are about so high, mm (common practice). */
const USUAL_HIGH = 240;
/** What is known of a box, from its place; null where that is none. */
export function boxPage(now: Situation, id: number): BoxPage | null {
	const { snapshot } = now;
	const place = byId(snapshot.places).get(id);
	if (!place || place.kind !== 'box') return null;
	const layout = snapshot.boxLayouts.find((one) => one.place_id === id) ?? null;
	const opening = snapshot.openingBoxes.find((one) => one.place_id === id);
	const run =
		now.runs.find((one) => one.row.id === layout?.run_id) ??
		now.runs.find((one) => one.row.id === opening?.run_id) ??
		now.runs.find((one) => one.row.collecting_place_id === id) ??
		null;
	const inside = insideOf(now, id).map((one) => ({
		...one,
		detail: one.detail === run?.unit.name ? '' : one.detail
	}));
	const there = new Set<string>(inside.map((one) => one.id));
	const all = layout ? parsed(layout.packed) : null;
	const packed = all ? { ...all, items: all.items.filter((one) => there.has(one.item)) } : null;
	const kg = inside.length ? weightIn(now, inside, id) : null;
	const { length_mm, width_mm, height_mm } = place;
	const inner =
		length_mm && width_mm && height_mm ? { length: length_mm, width: width_mm, height: height_mm } : null;
	return {
		id,
		name: place.name,
		path: placePath(snapshot.places, id),
		parent: place.parent_id,
		unit: run ? { id: run.row.id, name: run.unit.name } : null,
		detail: snapshot.boxDetails.find((one) => one.place_id === id) ?? null,
		inner,
		inside,
		packed: inner ? packed : null,
		round: new Set(inside.filter((one) => sizeOf(now, one.id)?.isRound).map((one) => one.id)),
		titles: Object.fromEntries(inside.map((one) => [one.id, one.title])),
		kg,
		caution: liftingCaution(kg ?? 0),
		shelves: inner ? shelvesFor(now, place, inner, kg ?? 0) : [],
		moves: movesOf(now, (one) => one.from_place_id === id || one.to_place_id === id),
		nearby: nearbyOf(now, id),
		elsewhere: run ? elsewhereOf(now, run, id) : []
	};
}

/** The weight of all that is in it, however it came in, kg. */
const weightIn = (now: Situation, inside: readonly Inside[], place: number): number =>
	Math.round(inside.reduce((sum, one) => sum + kgIn(now, one.id, place), 0) * 100) / 100;

/** All that lies right in a place. */
export function insideOf(now: Situation, place: number): Inside[] {
	const { snapshot, runs } = now;
	const unitOf = (run: number | null) => runs.find((one) => one.row.id === run)?.unit.name ?? '';
	const row = (id: ThingId, detail: string, href: string | null, count = 1): Inside => {
		const title = capital(thingName(snapshot, id));
		const canGoOut = !id.startsWith('item-') || detail === '' || placeBefore(now, id, place) !== null;
		return { id, title: count > 1 ? `${title} × ${count}` : title, detail, href, canGoOut };
	};
	return [
		...snapshot.boxedThings
			.filter((one) => one.place_id === place && one.run_id !== null)
			.map((one) => row(thingId('own', one.id), unitOf(one.run_id), null, one.count)),
		...snapshot.resources
			.filter((one) => one.place_id === place && one.owned === 1)
			.map((one) => row(thingId('title', one.id), one.kind, `/home/books/${one.id}`)),
		...suppliesIn(snapshot, place).map(({ id, item, detail }) =>
			row(id, detail, `/home/supplies?item=${item}`)
		)
	].toSorted((a, b) => (a.title < b.title ? -1 : 1));
}

/** Supplies in a place, a line each, with how much of it is counted there. */
function suppliesIn(
	snapshot: Snapshot,
	place: number
): { readonly id: ThingId; readonly item: number; readonly detail: string }[] {
	const said = snapshot.statements.filter((one) => one.state === 'enough' && one.place_id === place);
	const lots = snapshot.lots.filter((one) => one.place_id === place && one.amount !== '0');
	return [...new Set([...lots, ...said].map((one) => one.item_id))].map((item) => ({
		id: thingId('item', item),
		item,
		detail: listText(
			lots.filter((one) => one.item_id === item).map((one) => amountText(exact(one.amount), one.unit))
		)
	}));
}

/** Shelves with measures on which a box stands or would fit, the best for its weight first. */
function shelvesFor(
	now: Situation,
	box: Row<'place'>,
	inner: { readonly length: number; readonly width: number; readonly height: number },
	kg: number
): ShelfView[] {
	const { snapshot } = now;
	const titlesOn = new Map(shelvesOf(now).map((one) => [one.place, one]));
	const fitting = snapshot.places.flatMap((shelf): ShelfView[] => {
		const { along, depth, height, floor } = shelfSpace(shelf);
		if (shelf.kind !== 'shelf' || along === null || depth === null) return [];
		const boxes = snapshot.places.filter(
			(one) => one.parent_id === shelf.id && one.kind === 'box' && one.id !== box.id && one.length_mm
		);
		const titles = titlesOn.get(shelf.id);
		const standing: Standing[] = [
			...boxes.map((one) => ({
				name: one.name,
				along: Math.min(one.length_mm!, one.width_mm ?? one.length_mm!) + 2 * WALL,
				high: (one.height_mm ?? USUAL_HIGH) + WALL
			})),
			...(titles && titles.taken > 0
				? [
						{
							name: counted(titles.spines.length, 'title'),
							along: Math.round(titles.taken),
							high: USUAL_HIGH
						}
					]
				: [])
		];
		const space = { depth, width: along, height };
		const fit = standOnShelf(space, standing, inner);
		if (!fit) return [];
		const isHere = box.parent_id === shelf.id;
		return [
			{
				place: shelf.id,
				name: placePath(snapshot.places, shelf.id),
				...space,
				floor,
				standing,
				box: fit,
				isHere,
				why: shelfWhy(kg, floor)
			}
		];
	});
	return shelvesByFit(fitting, kg).toSorted((a, b) => Number(b.isHere) - Number(a.isHere));
}

/** Where its things came from, then where things went lately. */
function nearbyOf(now: Situation, id: number): { value: string; label: string }[] {
	const { snapshot } = now;
	const seen = [
		...snapshot.movings
			.toReversed()
			.flatMap((one) => [one.to_place_id === id ? one.from_place_id : one.to_place_id]),
		...snapshot.resources.filter((one) => one.owned === 1).flatMap((one) => one.place_id)
	].flatMap((one) => (one === null || one === id ? [] : one));
	const options = new Map(placeOptions(now).map((one) => [Number(one.value), one]));
	return [...new Set(seen)].slice(0, 4).flatMap((place) => options.get(place) ?? []);
}

/** What of a unit lies elsewhere, with where. */
const elsewhereOf = (now: Situation, run: RunSituation, id: number): { value: string; label: string }[] =>
	thingsOf(now, run, [])
		.filter((one) => one.place !== id)
		.map((one) => ({ value: one.id, label: `${one.title}, ${one.where}` }))
		.toSorted((a, b) => (a.label < b.label ? -1 : 1));
