import { SUPPLY, usualMeasures, type Measures } from '$core/boxes/index.ts';
import { capital } from '$core/words/index.ts';
import { convert, dimensionOf, exact } from '$core/measure/index.ts';
import {
	byId,
	lotsByItem,
	thingId,
	thingRef,
	usesByLesson,
	type Row,
	type ThingId,
	type ThingRef
} from '$core/facts/index.ts';
import {
	placesOfThing,
	thingName,
	whereText,
	type RunSituation,
	type Situation
} from '$core/account/index.ts';

/** Something of a unit that goes into a box when the unit is put away. Measures in mm and kg, of one. */
export type ThingView = {
	readonly id: ThingId;
	readonly title: string;
	readonly length: number;
	readonly width: number;
	readonly height: number;
	readonly kg: number;
	readonly count: number;
	readonly upright: boolean;
	readonly fragile: boolean;
	/** It gives way: its measures are room, not shape. */
	readonly soft: boolean;
	/** A ball or a can. */
	readonly round: boolean;
	/** Size and weight as they were typed; empty where nobody did. */
	readonly said: { readonly size: string; readonly weight: string };
	/** Whether somebody measured it, or its kind and pages say how large it is. */
	readonly isMeasured: boolean;
	readonly place: number | null;
	readonly where: string;
	/** Its number among the unit's own things; null for what stands in another list. */
	readonly own: number | null;
	/** It stands elsewhere, and somebody said that it goes with this unit, too. */
	readonly isAlso: boolean;
	/** The first lesson that it is needed for, by number; null where none is known. */
	readonly firstLesson: number | null;
};

/** How large and heavy a title is: as it was measured, else as its kind and pages say; null for what takes no room. */
function measuresOf(resource: Row<'resource'>, own: Row<'boxed_thing'> | undefined): Measures | null {
	return own
		? taken(own)
		: usualMeasures({
				kind: resource.kind,
				pages: resource.pages,
				hardcover: resource.hardcover === 1,
				widthMm: resource.width_mm
			});
}

/** Measures as they were taken. */
const taken = (row: Row<'boxed_thing'>): Measures => ({
	length: row.length_mm,
	width: row.width_mm,
	height: row.height_mm,
	kg: row.grams / 1000
});

/** How many of a measured supply lie in a place: as it was counted there, else as somebody said where it was measured. */
function piecesIn({ snapshot }: Situation, row: Row<'boxed_thing'>, place: number | null): number {
	const lots = (lotsByItem(snapshot.lots).get(row.item_id ?? 0) ?? []).filter(
		(one) => one.unit === 'each' && one.place_id === place
	);
	return lots.length
		? Math.max(1, Math.round(lots.reduce((sum, one) => sum + exact(one.amount).valueOf(), 0)))
		: row.count;
}

/** How large one of a thing is that lies or may lie in a box, and what all of it weighs; null where that is not known. */
export function sizeOf(
	{ snapshot }: Situation,
	id: string
): {
	readonly size: Measures;
	readonly kg: number;
	readonly isSoft: boolean;
	readonly isRound: boolean;
	readonly isMeasured: boolean;
} | null {
	const ref = thingRef(id);
	const rows = snapshot.boxedThings;
	if (ref?.kind === 'own' || ref?.kind === 'item') {
		const row = ref.kind === 'own' ? byId(rows).get(ref.key) : rows.find((one) => one.item_id === ref.key);
		return row
			? {
					size: taken(row),
					kg: (row.grams / 1000) * row.count,
					isSoft: row.soft === 1,
					isRound: row.round === 1,
					isMeasured: true
				}
			: null;
	}
	const resource = ref?.kind === 'title' ? byId(snapshot.resources).get(ref.key) : undefined;
	if (!resource) return null;
	const own = rows.find((one) => one.resource_id === resource.id);
	const size = measuresOf(resource, own);
	return (
		size && {
			size,
			kg: size.kg * Math.max(1, resource.copies),
			isSoft: own?.soft === 1,
			isRound: own ? own.round === 1 : resource.kind === 'poster',
			isMeasured: own !== undefined
		}
	);
}

/** What a supply that nobody measured weighs, kg: by its amount where that is a weight, else as usual. */
export const lotKg = (lot: Row<'lot'>): number =>
	dimensionOf(lot.unit) === 'mass'
		? convert(exact(lot.amount), lot.unit, 'g', null).valueOf() / 1000
		: SUPPLY.kg;

/** What a thing that lies in a box weighs, kg: as it was measured, or as its kind says; supplies by what is there. */
export function kgIn(now: Situation, id: string, place: number): number {
	const size = sizeOf(now, id);
	const ref = thingRef(id);
	if (ref?.kind !== 'item') return size?.kg ?? 0;
	const row = now.snapshot.boxedThings.find((one) => one.item_id === ref.key);
	if (row) return (row.grams / 1000) * piecesIn(now, row, place);
	const lots = lotsByItem(now.snapshot.lots).get(ref.key) ?? [];
	const here = lots.filter((one) => one.place_id === place);
	return here.length ? here.reduce((sum, one) => sum + lotKg(one), 0) : SUPPLY.kg;
}

/** A binder with what is filed in it, outside. */
export type BinderThing = {
	readonly name: string;
	readonly length: number;
	readonly width: number;
	readonly height: number;
	readonly kg: number;
	readonly count: number;
};

/** How many pieces that is: two copies of a book are two. */
export const pieceCount = (things: readonly Pick<ThingView, 'count'>[]): number =>
	things.reduce((sum, one) => sum + one.count, 0);

/** The titles that a unit uses whole or in lessons, with the first lesson that each is for. */
function firstLessons(
	{ snapshot }: Situation,
	run: RunSituation,
	also: readonly number[]
): Map<number, number | null> {
	const first = new Map<number, number | null>(also.map((id) => [id, null]));
	for (const { lesson, number } of run.lessons)
		for (const use of usesByLesson(snapshot.uses).get(lesson.id) ?? [])
			first.set(use.resource_id, Math.min(number, first.get(use.resource_id) ?? Infinity));
	const whole = [
		...snapshot.spines.filter((one) => one.run_id === run.row.id).flatMap((one) => one.resource_id ?? []),
		...snapshot.printSources.filter((one) => one.run_id === run.row.id).map((one) => one.resource_id)
	];
	for (const id of whole) first.set(id, 1);
	return first;
}

/** What is at home of things that are not used up, with the first lesson that each is for. */
function keptSupplies(
	{ snapshot, needs }: Situation,
	run: RunSituation,
	also: readonly number[]
): Map<number, number | null> {
	const measured = new Set(snapshot.boxedThings.flatMap((one) => one.item_id ?? []));
	const bin = run.row.collecting_place_id;
	const first = new Map<number, number | null>();
	for (const { run: of, item, line, lesson, known } of needs) {
		if (of !== run || known.thing.notAThing) continue;
		const lots = lotsByItem(snapshot.lots).get(item.id) ?? [];
		const isHere = known.statement?.state === 'enough' || lots.length > 0;
		const isGathered = bin !== null && lots.some((lot) => lot.place_id === bin);
		// What every house uses daily goes back to its place, unless it was gathered or measured.
		const goes = line.use === 'kept' && (known.thing.staple === 'rarely' || isGathered);
		if (isHere && (goes || measured.has(item.id)))
			first.set(item.id, Math.min(lesson.number, first.get(item.id) ?? Infinity));
	}
	for (const id of also) if (!first.has(id)) first.set(id, null);
	return first;
}

type Taken = Pick<
	ThingView,
	| 'length'
	| 'width'
	| 'height'
	| 'kg'
	| 'count'
	| 'upright'
	| 'fragile'
	| 'soft'
	| 'round'
	| 'said'
	| 'isMeasured'
>;

/** As somebody measured it. */
const asTaken = (row: Row<'boxed_thing'>): Taken => ({
	...taken(row),
	count: row.count,
	upright: row.upright === 1,
	fragile: row.fragile === 1,
	soft: row.soft === 1,
	round: row.round === 1,
	said: { size: row.size_said, weight: row.weight_said },
	isMeasured: true
});

/** As its kind says, where nobody measured it. */
const asUsual = (
	size: Measures,
	count: number,
	own: { readonly fragile?: boolean; readonly soft?: boolean; readonly round?: boolean }
) => ({
	...size,
	count,
	upright: false,
	fragile: own.fragile === true,
	soft: own.soft === true,
	round: own.round === true,
	said: { size: '', weight: '' },
	isMeasured: false
});

/** Room for a supply that nobody measured, as sides of a soft thing, mm. */
const SUPPLY_SIDES = { length: 100, width: 60, height: (SUPPLY.liters * 1e6) / (100 * 60), kg: SUPPLY.kg };

function titleView({ snapshot }: Situation, id: number, firstLesson: number | null): ThingView[] {
	const resource = byId(snapshot.resources).get(id);
	if (!resource || resource.owned === 0 || resource.document_id !== null) return [];
	const own = snapshot.boxedThings.find((one) => one.resource_id === id);
	const size = measuresOf(resource, own);
	if (!size) return [];
	const count = Math.max(1, resource.copies);
	return [
		{
			id: thingId('title', id),
			title: resource.title,
			...(own
				? { ...asTaken(own), count }
				: asUsual(size, count, {
						fragile: resource.kind === 'model',
						round: resource.kind === 'poster'
					})),
			place: resource.place_id,
			where: whereText(snapshot, thingId('title', id)),
			own: null,
			// Only somebody's word brought it here: no lesson asks for it.
			isAlso: firstLesson === null,
			firstLesson
		}
	];
}

function supplyView(
	now: Situation,
	run: RunSituation,
	item: number,
	firstLesson: number | null
): ThingView[] {
	const { snapshot } = now;
	const id = thingId('item', item);
	const title = capital(thingName(snapshot, id));
	if (title === '') return [];
	const own = snapshot.boxedThings.find((one) => one.item_id === item);
	const places = placesOfThing(snapshot, id);
	const bin = run.row.collecting_place_id;
	const place = places.find((one) => one === bin) ?? places[0] ?? null;
	return [
		{
			id,
			title,
			...(own
				? { ...asTaken(own), count: piecesIn(now, own, place) }
				: asUsual(SUPPLY_SIDES, 1, { soft: true })),
			place,
			where: place === null ? 'at home' : whereText(snapshot, id, place),
			own: null,
			// Only somebody's word brought it here: no lesson asks for it.
			isAlso: firstLesson === null,
			firstLesson
		}
	];
}

const ownView = ({ snapshot }: Situation, row: Row<'boxed_thing'>, isAlso: boolean): ThingView => ({
	id: thingId('own', row.id),
	title: row.title,
	...asTaken(row),
	place: row.place_id,
	where: row.place_id === null ? 'in use' : whereText(snapshot, thingId('own', row.id)),
	own: isAlso ? null : row.id,
	isAlso,
	firstLesson: null
});

/** What of a unit takes room: its books and things, supplies that are kept, its binders, and what the family added. */
export function thingsOf(now: Situation, run: RunSituation, binders: readonly BinderThing[]): ThingView[] {
	const { snapshot } = now;
	const also = snapshot.unitThings.filter((one) => one.run_id === run.row.id);
	const alsoOf = (kind: ThingRef['kind']) =>
		also.flatMap(({ thing }) => thingRef(thing)!).flatMap((one) => (one.kind === kind ? one.key : []));
	const owns = new Set(alsoOf('own'));
	const extra = snapshot.boxedThings.flatMap((one) =>
		one.run_id === run.row.id ? ownView(now, one, false) : owns.has(one.id) ? ownView(now, one, true) : []
	);
	const titles = [...firstLessons(now, run, alsoOf('title'))].flatMap(([id, first]) =>
		titleView(now, id, first)
	);
	const supplies = [...keptSupplies(now, run, alsoOf('item'))].flatMap(([id, first]) =>
		supplyView(now, run, id, first)
	);
	const named = new Set(extra.map((one) => one.title.toLowerCase()));
	const filed = binders
		.map(({ name, ...size }, at): ThingView => ({
			id: thingId('binder', at + 1),
			title: binderTitle(run, name),
			...asUsual(size, size.count, {}),
			place: null,
			where: 'measured from what’s filed in it',
			own: null,
			isAlso: false,
			firstLesson: 1
		}))
		// One that was measured, or put into a box already, stands as what it is.
		.filter((one) => !named.has(one.title.toLowerCase()));
	return [...titles, ...supplies, ...filed, ...extra].toSorted((a, b) => (a.title < b.title ? -1 : 1));
}

/** What a binder of a unit is called among its things. */
export const binderTitle = (run: RunSituation, name: string) =>
	name === 'The unit’s binder' ? `${run.unit.name} binder` : name;
