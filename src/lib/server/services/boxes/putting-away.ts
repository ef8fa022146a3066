import {
	HEAVY_KG,
	LOOSE,
	SUPPLY,
	type BoxKind,
	type ItemKind,
	type PackedBox,
	type Soft,
	type UnitQuestion
} from '$core/boxes/index.ts';
import { Refusal } from '$core/error.ts';
import { exact } from '$core/measure/index.ts';
import { counted } from '$core/words/index.ts';
import { thingId, type Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { forgetLayout, setLayout } from '../../stores/boxes/boxes.ts';
import { addThing, removeThing } from '../../stores/boxes/things.ts';
import { moveLot } from '../../stores/stash/lots.ts';
import { type RunSituation, placePath, type Situation } from '$core/account/index.ts';
import { moveThing } from './moving.ts';
import { binderTitle, thingsOf, type BinderThing, type ThingView } from './things.ts';

export type BoxView = BoxKind & { readonly name: string; readonly subject: string };

const detailOf = ({ snapshot }: Situation, place: number) =>
	snapshot.boxDetails.find((one) => one.place_id === place) ?? null;

/** What a box of the house may weigh, kg: what the family said, else what one lifts with ease. */
export const liftOf = ({ snapshot }: Situation): number =>
	snapshot.household.lift_grams ? snapshot.household.lift_grams / 1000 : HEAVY_KG;

/** What may be in a box, kg: what was said of it, else what any box of the house may weigh. */
export function limitOf(now: Situation, place: number): number {
	const grams = detailOf(now, place)?.max_grams;
	return grams ? grams / 1000 : liftOf(now);
}

/** The boxes of the house whose inner measures are known, and that hold no other unit. */
export function boxesOf(now: Situation, run: RunSituation): BoxView[] {
	const { snapshot } = now;
	const taken = new Set([
		...snapshot.runs.flatMap((one) => (one.id === run.row.id ? [] : (one.collecting_place_id ?? []))),
		...snapshot.boxLayouts.flatMap((one) => (one.run_id === run.row.id ? [] : one.place_id)),
		...snapshot.openingBoxes.flatMap((one) => one.place_id ?? [])
	]);
	return snapshot.places.flatMap((place): BoxView[] =>
		place.kind === 'box' && !taken.has(place.id) && place.length_mm && place.width_mm && place.height_mm
			? [
					{
						box: String(place.id),
						name: placePath(snapshot.places, place.id),
						length: place.length_mm,
						width: place.width_mm,
						height: place.height_mm,
						maxKg: limitOf(now, place.id),
						count: 1,
						subject: detailOf(now, place.id)?.subject ?? ''
					}
				]
			: []
	);
}

/** Supplies that were gathered for the unit and are still in its bin, beside those that stand as things. */
export function looseSupplies(
	{ snapshot }: Situation,
	run: RunSituation,
	things: readonly Pick<ThingView, 'id'>[]
): Row<'lot'>[] {
	const bin = run.row.collecting_place_id;
	const listed = new Set<string>(things.map((one) => one.id));
	return bin === null
		? []
		: snapshot.lots.filter(
				(lot) => lot.place_id === bin && lot.amount !== '0' && !listed.has(thingId('item', lot.item_id))
			);
}

/** Which things lie in a box of another unit: they stay there until somebody takes them out. */
export function withOthers(
	{ snapshot, runs }: Situation,
	run: RunSituation,
	things: readonly ThingView[]
): { readonly thing: ThingView; readonly box: number; readonly text: string }[] {
	const of = new Map(
		snapshot.boxLayouts.flatMap((one) =>
			one.run_id === run.row.id ? [] : [[one.place_id, one.run_id] as const]
		)
	);
	return things.flatMap((thing) => {
		const other = thing.place === null ? undefined : of.get(thing.place);
		const unit = runs.find((one) => one.row.id === other)?.unit.name;
		return unit === undefined
			? []
			: { thing, box: thing.place!, text: `${thing.title}, ${thing.where}, with ${unit}` };
	});
}

/** What the packer takes: what is needed in the first lessons is to lie on top. */
export function packQuestion(
	things: readonly ThingView[],
	boxes: readonly BoxView[],
	/** Kinds of loose supplies, and what they weigh together. */
	loose: number,
	looseKg = loose * SUPPLY.kg
): UnitQuestion {
	const soft = things.filter((one) => one.soft);
	return {
		boxes: boxes.map(({ box, length, width, height, maxKg, count }) => ({
			box,
			length,
			width,
			height,
			maxKg,
			count
		})),
		items: things
			.filter((one) => !one.soft)
			.map((one): ItemKind => ({
				item: one.id,
				length: one.length,
				width: one.width,
				height: one.height,
				kg: one.kg,
				keepUpright: one.upright,
				fragile: one.fragile,
				count: one.count,
				late: one.firstLesson !== null && one.firstLesson <= FIRST_LESSONS ? 1 : 0
			})),
		soft: [
			...soft.map((one): Soft => ({
				item: one.id,
				liters: Math.round((one.length * one.width * one.height * one.count) / 1e4) / 100,
				kg: one.kg * one.count
			})),
			...(loose > 0
				? [
						{
							item: LOOSE,
							liters: Math.round(loose * SUPPLY.liters * 100) / 100,
							kg: Math.round(looseKg * 100) / 100
						}
					]
				: [])
		]
	};
}

/** What these lessons need lies on top. */
const FIRST_LESSONS = 2;

/** Names of all that the packer speaks of. */
export const titlesOf = (things: readonly ThingView[], loose: number): Record<string, string> => ({
	...Object.fromEntries(things.map((one) => [one.id, one.title])),
	[LOOSE]: `loose supplies (${loose})`
});

/** What the page sends: each box with its things as they were packed, and the soft things in it. */
export type PutAway = readonly {
	readonly place: number;
	readonly packed: PackedBox;
	readonly soft: readonly string[];
}[];

/** Things lie in their boxes now. Answers it in words. @throws Refusal where a box or a thing is gone meanwhile */
export async function putAway(
	trx: Trx,
	now: Situation,
	run: RunSituation,
	binders: readonly BinderThing[],
	sent: PutAway
): Promise<string> {
	const listed = thingsOf(now, run, binders);
	const things = new Map<string, ThingView>(listed.map((one) => [one.id, one]));
	const loose = looseSupplies(now, run, listed);
	const boxes = new Set(boxesOf(now, run).map((one) => Number(one.box)));
	const gone = new Refusal('Your things or boxes changed meanwhile. Work it out again.');
	const isKnown = (id: string) => things.has(id) || (id === LOOSE && loose.length > 0);
	if (sent.length === 0) throw new Refusal('Nothing to put away.');
	let count = 0;
	const done = new Set<string>();
	const full = new Set(sent.map((one) => one.place));
	for (const one of now.snapshot.boxLayouts)
		if (one.run_id === run.row.id && !full.has(one.place_id)) await forgetLayout(trx, one.place_id);
	for (const { place, packed, soft } of sent) {
		const ids = [...packed.items.map((one) => one.item), ...soft];
		if (!boxes.has(place) || !ids.every(isKnown)) throw gone;
		const named = new Map<string, string>();
		for (const id of ids) {
			if (done.has(id)) continue;
			done.add(id);
			count += things.get(id)?.count ?? 0;
			if (id === LOOSE) {
				for (const lot of loose) await moveLot(trx, lot.id, exact(lot.amount), place, now.today);
				continue;
			}
			const thing = things.get(id)!;
			if (!id.startsWith('binder-')) {
				await moveThing(trx, now, id, place, { from: thing.place });
				continue;
			}
			const own = await addThing(trx, run.row.id, {
				title: thing.title,
				length_mm: thing.length,
				width_mm: thing.width,
				height_mm: thing.height,
				grams: thing.kg * 1000,
				count: thing.count,
				upright: 0,
				fragile: 0,
				soft: 0
			});
			named.set(id, thingId('own', own));
			await moveThing(trx, now, thingId('own', own), place, { fresh: thing.title });
		}
		await setLayout(trx, place, run.row.id, {
			...packed,
			box: String(place),
			items: packed.items.map((one) => ({ ...one, item: named.get(one.item) ?? one.item }))
		});
	}
	return `${counted(count, 'thing')} in ${counted(sent.length, 'box', 'boxes')}`;
}

/**
 * Takes binders out of their boxes that a unit no longer keeps its papers in. `all` names those that any way of filing
 * has, `used` those of the way that is chosen.
 */
export async function leaveOutBinders(
	trx: Trx,
	{ snapshot }: Situation,
	run: RunSituation,
	all: readonly string[],
	used: readonly string[]
): Promise<void> {
	const gone = new Set(all.filter((name) => !used.includes(name)).map((name) => binderTitle(run, name)));
	for (const one of snapshot.boxedThings)
		if (one.run_id === run.row.id && gone.has(one.title)) await removeThing(trx, run.row.id, one.id);
}
