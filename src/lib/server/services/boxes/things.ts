import { usualMeasures, type Measures } from '$core/boxes/index.ts';
import { convert, dimensionOf, exact } from '$core/measure/index.ts';
import { usesByLesson, byId, type Row } from '$core/facts/index.ts';
import { type RunSituation, placePath, type Situation } from '$core/account/index.ts';

/** Something of a unit that goes into a box when the unit is put away. Measures in mm and kg, of one. */
export type ThingView = {
	/** title-12 of the library, own-3 that was added, binder-1 of its papers. */
	readonly id: string;
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
	/** Size and weight as they were typed; empty where nobody did. */
	readonly said: { readonly size: string; readonly weight: string };
	/** Whether somebody measured it, or its kind and pages say how large it is. */
	readonly isMeasured: boolean;
	readonly place: number | null;
	readonly where: string;
	readonly own: number | null;
	/** The first lesson that it is needed for, by number; null where none is known. */
	readonly firstLesson: number | null;
};

/** How large and heavy a title is: as it was measured, else as its kind and pages say; null for what takes no room. */
function measuresOf(resource: Row<'resource'>, own: Row<'boxed_thing'> | undefined): Measures | null {
	return own
		? { length: own.length_mm, width: own.width_mm, height: own.height_mm, kg: own.grams / 1000 }
		: usualMeasures({
				kind: resource.kind,
				pages: resource.pages,
				hardcover: resource.hardcover === 1,
				widthMm: resource.width_mm
			});
}

/** One kind of loose supplies takes so much room, liters, and weighs so much, kg (common practice, no source). */
export const SUPPLY = { liters: 0.3, kg: 0.1 };

/** How large one of a thing is that lies or may lie in a box, and what all of it weighs; null where that is not known. */
export function sizeOf(
	{ snapshot }: Situation,
	id: string
): {
	readonly size: Measures;
	readonly kg: number;
	readonly isSoft: boolean;
	readonly isMeasured: boolean;
} | null {
	const [kind, number] = id.split('-');
	const key = Number(number);
	if (kind === 'own') {
		const row = byId(snapshot.boxedThings).get(key);
		if (!row) return null;
		const size = { length: row.length_mm, width: row.width_mm, height: row.height_mm, kg: row.grams / 1000 };
		return { size, kg: size.kg * row.count, isSoft: row.soft === 1, isMeasured: true };
	}
	if (kind !== 'title') return null;
	const resource = byId(snapshot.resources).get(key);
	const own = snapshot.boxedThings.find((one) => one.resource_id === key);
	const size = resource ? measuresOf(resource, own) : null;
	return size
		? {
				size,
				kg: size.kg * Math.max(1, resource!.copies),
				isSoft: own?.soft === 1,
				isMeasured: own !== undefined
			}
		: null;
}

/** What a thing that lies in a box weighs, kg: supplies by their amount where that is a weight. */
export function kgOf(now: Situation, id: string): number {
	if (!id.startsWith('lot-')) return sizeOf(now, id)?.kg ?? 0;
	const lot = byId(now.snapshot.lots).get(Number(id.slice(4)));
	return lot && dimensionOf(lot.unit) === 'mass'
		? convert(exact(lot.amount), lot.unit, 'g', null).valueOf() / 1000
		: SUPPLY.kg;
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

/** The unit's own books and things, its binders, and what the family added, as far as they take room. */
export function thingsOf(
	{ snapshot }: Situation,
	run: RunSituation,
	binders: readonly BinderThing[]
): ThingView[] {
	const measured = new Map(snapshot.boxedThings.map((one) => [one.resource_id, one]));
	const first = new Map<number, number>();
	for (const { lesson, number } of run.lessons)
		for (const use of usesByLesson(snapshot.uses).get(lesson.id) ?? [])
			first.set(use.resource_id, Math.min(number, first.get(use.resource_id) ?? Infinity));
	const whole = [
		...snapshot.spines.filter((one) => one.run_id === run.row.id).flatMap((one) => one.resource_id ?? []),
		...snapshot.printSources.filter((one) => one.run_id === run.row.id).map((one) => one.resource_id)
	];
	for (const id of whole) first.set(id, 1);
	const resources = byId(snapshot.resources);
	const titles = [...first].flatMap(([id, firstLesson]): ThingView[] => {
		const resource = resources.get(id);
		if (!resource || resource.owned === 0 || resource.document_id !== null) return [];
		const own = measured.get(id);
		const size = measuresOf(resource, own);
		if (!size) return [];
		return [
			{
				id: `title-${id}`,
				title: resource.title,
				...size,
				count: Math.max(1, resource.copies),
				upright: own?.upright === 1,
				fragile: own ? own.fragile === 1 : resource.kind === 'model',
				soft: own?.soft === 1,
				said: { size: own?.size_said ?? '', weight: own?.weight_said ?? '' },
				isMeasured: own !== undefined,
				place: resource.place_id,
				where: placePath(snapshot.places, resource.place_id),
				own: null,
				firstLesson
			}
		];
	});
	const extra = snapshot.boxedThings
		.filter((one) => one.run_id === run.row.id)
		.map((one): ThingView => ({
			id: `own-${one.id}`,
			title: one.title,
			length: one.length_mm,
			width: one.width_mm,
			height: one.height_mm,
			kg: one.grams / 1000,
			count: one.count,
			upright: one.upright === 1,
			fragile: one.fragile === 1,
			soft: one.soft === 1,
			said: { size: one.size_said, weight: one.weight_said },
			isMeasured: true,
			place: one.place_id,
			where: placePath(snapshot.places, one.place_id),
			own: one.id,
			firstLesson: null
		}));
	const named = new Set(extra.map((one) => one.title.toLowerCase()));
	const filed = binders
		.map(({ name, ...size }, at): ThingView => ({
			id: `binder-${at + 1}`,
			title: binderTitle(run, name),
			...size,
			upright: false,
			fragile: false,
			soft: false,
			said: { size: '', weight: '' },
			isMeasured: false,
			place: null,
			where: 'measured from what’s filed in it',
			own: null,
			firstLesson: 1
		}))
		// One that was measured, or put into a box already, stands as what it is.
		.filter((one) => !named.has(one.title.toLowerCase()));
	return [...titles, ...filed, ...extra].toSorted((a, b) => (a.title < b.title ? -1 : 1));
}

/** What a binder of a unit is called among its things. */
export const binderTitle = (run: RunSituation, name: string) =>
	name === 'The unit’s binder' ? `${run.unit.name} binder` : name;
