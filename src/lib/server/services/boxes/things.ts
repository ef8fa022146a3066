import { usualMeasures } from '$core/boxes/index.ts';
import { usesByLesson, byId } from '$core/facts/index.ts';
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
	/** Whether somebody measured it, or its kind and pages say how large it is. */
	readonly isMeasured: boolean;
	readonly place: number | null;
	readonly where: string;
	readonly own: number | null;
	/** The first lesson that it is needed for, by number; null where none is known. */
	readonly firstLesson: number | null;
};

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
		const size = own
			? { length: own.length_mm, width: own.width_mm, height: own.height_mm, kg: own.grams / 1000 }
			: usualMeasures({
					kind: resource.kind,
					pages: resource.pages,
					hardcover: resource.hardcover === 1,
					widthMm: resource.width_mm
				});
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

const binderTitle = (run: RunSituation, name: string) =>
	name === 'The unit’s binder' ? `${run.unit.name} binder` : name;
