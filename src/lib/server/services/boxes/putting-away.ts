import { usualMeasures, type BoxKind, type ItemKind, type PackInput } from '$core/boxes/index.ts';
import { Refusal } from '$core/error.ts';
import { counted } from '$core/words/index.ts';
import { byId } from '../../snapshot/snapshot.ts';
import type { Trx } from '../../history/changes.ts';
import { putThing } from '../../stores/boxes/things.ts';
import { updateResource } from '../../stores/library/resources.ts';
import type { RunSituation } from '../calendar/runs.ts';
import { placePath } from '../house/place-paths.ts';
import type { Situation } from '../readiness/situation.ts';

/** Something of a unit that goes into a box when the unit is put away. */
export type ThingView = {
	/** title-12 or own-3 */
	readonly id: string;
	readonly title: string;
	readonly length: number;
	readonly width: number;
	readonly height: number;
	readonly kg: number;
	readonly count: number;
	readonly upright: boolean;
	readonly fragile: boolean;
	/** Whether somebody measured it, or its kind and pages say how large it is. */
	readonly isMeasured: boolean;
	readonly where: string;
	readonly own: number | null;
};

/** What a box of the house may weigh where nobody said more: what one lifts with ease. */
const USUAL_MAX_KG = 9;

/** The unit's own books and things, and what the family added, as far as they take room. */
export function thingsOf({ snapshot }: Situation, run: RunSituation): ThingView[] {
	const measured = new Map(snapshot.boxedThings.map((one) => [one.resource_id, one]));
	const lessons = new Set(run.lessons.map((one) => one.lesson.id));
	const spines = snapshot.spines.filter((one) => one.run_id === run.row.id);
	const used = new Set([
		...snapshot.uses.filter((one) => lessons.has(one.lesson_id ?? 0)).map((one) => one.resource_id),
		...spines.flatMap((one) => one.resource_id ?? []),
		...snapshot.printSources.filter((one) => one.run_id === run.row.id).map((one) => one.resource_id)
	]);
	const resources = byId(snapshot.resources);
	const titles = [...used].flatMap((id): ThingView[] => {
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
		return size
			? [
					{
						id: `title-${id}`,
						title: resource.title,
						...size,
						count: Math.max(1, resource.copies),
						upright: own?.upright === 1,
						fragile: own?.fragile === 1 || resource.kind === 'model',
						isMeasured: own !== undefined,
						where: placePath(snapshot.places, resource.place_id),
						own: null
					}
				]
			: [];
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
			isMeasured: true,
			where: placePath(snapshot.places, one.place_id),
			own: one.id
		}));
	return [...titles, ...extra].toSorted((a, b) => (a.title < b.title ? -1 : 1));
}

export type BoxView = BoxKind & { readonly name: string };

/** The boxes of the house whose inner measures are known, and that hold no other unit. */
export function boxesOf({ snapshot }: Situation, run: RunSituation): BoxView[] {
	const taken = new Set(
		snapshot.runs.flatMap((one) => (one.id === run.row.id ? [] : (one.collecting_place_id ?? [])))
	);
	return snapshot.places.flatMap((place): BoxView[] =>
		place.kind === 'box' && !taken.has(place.id) && place.length_mm && place.width_mm && place.height_mm
			? [
					{
						box: String(place.id),
						name: placePath(snapshot.places, place.id),
						length: place.length_mm,
						width: place.width_mm,
						height: place.height_mm,
						maxKg: USUAL_MAX_KG,
						count: 1
					}
				]
			: []
	);
}

/** What the packer takes. */
export function packQuestion(things: readonly ThingView[], boxes: readonly BoxView[]): PackInput {
	return {
		boxes: boxes.map(({ box, length, width, height, maxKg, count }) => ({
			box,
			length,
			width,
			height,
			maxKg,
			count
		})),
		items: things.map((one): ItemKind => ({
			item: one.id,
			length: one.length,
			width: one.width,
			height: one.height,
			kg: one.kg,
			keepUpright: one.upright,
			fragile: one.fragile,
			count: one.count
		}))
	};
}

/** Things lie in their boxes now. Answers it in words. @throws Refusal where a box or a thing is gone meanwhile */
export async function putAway(
	trx: Trx,
	now: Situation,
	run: RunSituation,
	placed: Readonly<Record<string, number>>
): Promise<string> {
	const things = new Map(thingsOf(now, run).map((one) => [one.id, one]));
	const boxes = new Map(boxesOf(now, run).map((one) => [Number(one.box), one]));
	const own = Object.entries(placed);
	if (own.length === 0) throw new Refusal('Nothing to put away.');
	if (own.some(([id, place]) => !things.has(id) || !boxes.has(place)))
		throw new Refusal('Your things or boxes changed meanwhile. Work it out again.');
	for (const [id, place] of own) {
		const [kind, number] = id.split('-');
		if (kind === 'title') await updateResource(trx, Number(number), { place_id: place });
		else await putThing(trx, Number(number), place);
	}
	return `${counted(own.length, 'thing')} in ${counted(new Set(Object.values(placed)).size, 'box', 'boxes')}`;
}
