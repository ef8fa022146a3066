import { addDays } from '$core/calendar/index.ts';
import {
	cautionTexts,
	liftedFirst,
	placePath,
	thingOfItem,
	neededText,
	type Situation,
	type SupplyNeed,
	total
} from '$core/account/index.ts';
import { Refusal } from '$core/error.ts';
import { groupBy } from '$core/group-by.ts';
import { exactText, isSome, sentText, type Exact, type Unit } from '$core/measure/index.ts';
import { withCapitals } from '$core/naming/index.ts';
import { huntMinutes, likelyPlaces } from '$core/looking/index.ts';
import { ELSEWHERE, type PlaceAtHome } from '$core/reference/index.ts';
import { labelOf, lessonsText, listText, thingText } from '$core/words/index.ts';
import type { Trx } from '../../history/changes.ts';
import { remember, byId, thingId, type Snapshot } from '$core/facts/index.ts';
import { passedBy } from '../../stores/house/places.ts';
import { patchNeed } from '../../stores/readiness/needs.ts';
import { forgetNotHere, noteNotHere, say, unsay } from '../../stores/stash/statements.ts';
import { askedNow, needsOfItem, putCounted } from './answers.ts';

/** Where something is looked for: a place of the house, or (place null) where houses keep such things. */
export type Where = { readonly place: number | null; readonly kind: PlaceAtHome };

/** A thing that is to be looked for, or that the house has without a count, at the place where it likely is. */
export type HuntRow = {
	/** "look-item" or "have-item/run" */
	readonly id: string;
	readonly item: number;
	readonly run: number;
	readonly unitName: string;
	readonly name: string;
	readonly text: string;
	/** Exactly, as text, in `unit`. */
	readonly amount: string;
	readonly unit: Unit;
	readonly lessons: string;
	readonly where: Where;
	/** *look*: nobody knows whether it is there; *have*: it is in the house and waits to be fetched. */
	readonly what: 'look' | 'have';
	/** Where it is looked for when it is not here; empty at the end. */
	readonly next: string;
	/** What lies on it in the box that it is in. */
	readonly under: string;
	readonly cautions: readonly string[];
};

/** A thing is looked for in at most so many places before it counts as not in the house. */
const MOST_PLACES = 4;

type Found = ReadonlyMap<PlaceAtHome, ReadonlyMap<number, number>>;
const foundKnown = remember<Found>();

/** How many things of each kind are known to be in which place. */
function foundIn(snapshot: Snapshot): Found {
	const { items, lots, statements } = snapshot;
	return foundKnown(items, [lots, statements, snapshot.runs], () => {
		const found = new Map<PlaceAtHome, Map<number, number>>();
		const boxes = new Set(snapshot.runs.map((run) => run.collecting_place_id));
		const things = byId(items);
		const seen = new Set<string>();
		for (const { item_id, place_id } of [...lots, ...statements.filter((one) => one.state === 'enough')]) {
			const { place: kind } = thingOfItem(things.get(item_id)!);
			if (place_id === null || !kind || boxes.has(place_id) || seen.has(`${item_id}/${place_id}`)) continue;
			seen.add(`${item_id}/${place_id}`);
			const places = found.get(kind) ?? new Map<number, number>();
			found.set(kind, places.set(place_id, (places.get(place_id) ?? 0) + 1));
		}
		return found;
	});
}

const placesKnown = remember<Map<PlaceAtHome, number[]>>();

/** The likely places of a kind; a unit's box is where things come to, not where they are looked for. */
function placesOfKind(snapshot: Snapshot, kind: PlaceAtHome): number[] {
	const known = placesKnown(snapshot.places, [foundIn(snapshot), snapshot.runs], () => new Map());
	const before = known.get(kind);
	if (before) return before;
	const boxes = new Set(snapshot.runs.map((run) => run.collecting_place_id));
	const places = snapshot.places
		.filter((place) => !boxes.has(place.id))
		.map((place) => ({ id: place.id, path: placePath(snapshot.places, place.id).split(' › ') }));
	const likely = likelyPlaces(kind, places, foundIn(snapshot).get(kind) ?? new Map()).slice(0, MOST_PLACES);
	known.set(kind, likely);
	return likely;
}

/** Where a thing is still to be looked for, the likeliest first; the kind's own name where the house has none. */
function placesLeft(situation: Situation, item: number): Where[] {
	const { snapshot, today } = situation;
	const kind = thingOfItem(byId(snapshot.items).get(item)!).place ?? ELSEWHERE;
	const old = addDays(today, -snapshot.household.count_age_days);
	const vain = snapshot.notHere.filter((one) => one.item_id === item && one.on_day >= old);
	const places = placesOfKind(snapshot, kind);
	const all: Where[] = places.length ? places.map((place) => ({ place, kind })) : [{ place: null, kind }];
	return all.filter(({ place }) => !vain.some((one) => one.place_id === place));
}

const whereText = ({ snapshot }: Situation, { place, kind }: Where): string =>
	place === null ? labelOf(kind) : placePath(snapshot.places, place);

/** What is to be looked for and what is to be fetched without a count, for the needs of a walk. */
export function huntRows(situation: Situation, needs: readonly SupplyNeed[]): HuntRow[] {
	const rows: HuntRow[] = [];
	const looks = needs.filter((one) => isSome(one.standing.toLook));
	for (const own of groupBy(looks, (one) => one.item.id).values()) {
		const left = placesLeft(situation, own[0].item.id);
		const where = left[0] ?? { place: null, kind: own[0].known.thing.place ?? ELSEWHERE };
		rows.push(huntRow(situation, own, 'look', where, left[1] ? whereText(situation, left[1]) : ''));
	}
	const fetched = needs.filter((one) => isSome(one.standing.uncounted));
	for (const own of groupBy(fetched, (one) => `${one.item.id}/${one.run.row.id}`).values()) {
		const [{ known, item }] = own;
		const place = known.statement?.place_id ?? null;
		const where: Where =
			place !== null
				? { place, kind: known.thing.place ?? ELSEWHERE }
				: (placesLeft(situation, item.id)[0] ?? { place: null, kind: known.thing.place ?? ELSEWHERE });
		rows.push(huntRow(situation, own, 'have', where, ''));
	}
	return rows;
}

function huntRow(
	situation: Situation,
	needs: readonly SupplyNeed[],
	what: HuntRow['what'],
	where: Where,
	next: string
): HuntRow {
	const [first] = needs;
	const { item, unit, run } = first;
	const of = (one: SupplyNeed) => (what === 'look' ? one.standing.toLook : one.standing.uncounted);
	const same = needs.filter((one) => one.unit === unit);
	const amount = total(same, of);
	const units = new Set(needs.map((one) => one.run.unit.name));
	return {
		id: what === 'look' ? `look-${item.id}` : `have-${item.id}/${run.row.id}`,
		item: item.id,
		run: run.row.id,
		unitName: units.size > 1 ? listText([...units]) : run.unit.name,
		name: withCapitals(item.name),
		text: neededText(needs, amount),
		amount: sentText(amount),
		unit,
		lessons: lessonsText(needs.map((one) => one.lesson.number)),
		where,
		what,
		next,
		under: listText(liftedFirst(situation.snapshot, thingId('item', item.id), where.place)),
		cautions: cautionTexts(needs.flatMap((one) => one.cautions))
	};
}

/** About how long it takes to look for the things of a walk, each place walked to once. */
export function minutesOf(rows: readonly HuntRow[]): number {
	return huntMinutes(rows.length, new Set(rows.map(({ where }) => where.place ?? where.kind)).size);
}

/** What a find tells: where, and how much of it when that was counted. */
export type Find = {
	readonly item: number;
	readonly run: number;
	readonly place: number | null;
	/** Null: enough of it. */
	readonly amount: Exact | null;
	readonly unit: Unit;
	/** Takes it to the unit's box. */
	readonly move: boolean;
};

const wanted = ({ standing }: SupplyNeed): Exact =>
	standing.toLook.add(standing.uncounted).add(standing.missing);

/** The needs of a thing that wait for a find. @throws Refusal where nothing does any more. */
function waiting(situation: Situation, item: number): SupplyNeed[] {
	const needs = needsOfItem(situation, item).filter((one) => isSome(wanted(one)));
	if (needs.length === 0)
		throw new Refusal('No one needs to look for that now. It may be found already, or off the list.');
	return needs;
}

/**
 * A thing was found: enough of it, or a number. Its place is remembered; in the unit's box, what is used up becomes
 * a counted lot and anything else has its place there. Answers it in words.
 */
export async function foundIt(trx: Trx, situation: Situation, find: Find): Promise<string> {
	const { today, snapshot } = situation;
	const needs = waiting(situation, find.item);
	const own = needs.find((one) => one.run.row.id === find.run) ?? needs[0];
	const { item, run } = own;
	const box = find.move ? run.row.collecting_place_id : null;
	if (find.place !== null && !byId(snapshot.places).has(find.place))
		throw new Refusal('That place is gone. Reload the page.', 'place');
	if (find.place !== null) await passedBy(trx, find.place, today);
	await forgetNotHere(trx, item.id);
	if (find.amount) {
		const asked = total(
			needs.filter((one) => one.unit === find.unit),
			wanted
		);
		const isShort = find.amount.compare(asked) < 0;
		await putCounted(trx, item, find.amount, find.unit, box ?? find.place, today);
		// What is lacking is looked for in the next place.
		if (isShort) {
			await say(trx, item.id, { state: 'look', place: null, asked: askedNow(situation, item.id) }, today);
			if (find.place !== null) await noteNotHere(trx, item.id, { place: find.place, kind: '' }, today);
		} else await unsay(trx, item.id);
		return thingText(find.amount, find.unit, item.name);
	}
	const mine = needs.filter((one) => one.run.row.id === run.row.id);
	const asked = total(
		mine.filter((one) => one.unit === own.unit),
		wanted
	);
	const isConsumed = own.line.use === 'consumed' && mine.every((one) => one.unit === own.unit);
	if (box !== null && isConsumed) {
		await putCounted(trx, item, asked, own.unit, box, today);
		const others = needs.some((one) => one.run.row.id !== run.row.id);
		if (others) await enoughAt(find.place);
		else await unsay(trx, item.id);
		return thingText(asked, own.unit, item.name);
	}
	await enoughAt(box ?? find.place);
	for (const one of mine)
		await patchNeed(trx, run.row.id, one.need.key, { found: exactText(one.amount), unit: one.unit });
	return item.name;

	async function enoughAt(place: number | null) {
		await say(trx, item.id, { state: 'enough', place, asked: askedNow(situation, item.id) }, today);
	}
}

/** A thing is not there: it is looked for in the next likely place, after the last it is not in the house. */
export async function notHere(trx: Trx, situation: Situation, item: number, where: Where): Promise<string> {
	const { today } = situation;
	const [{ item: thing }] = waiting(situation, item);
	await noteNotHere(trx, item, { place: where.place, kind: where.place === null ? where.kind : '' }, today);
	const left = placesLeft(situation, item).filter(({ place }) => place !== where.place);
	if (left.length === 0) {
		await say(trx, item, { state: 'none', place: null, asked: askedNow(situation, item) }, today);
		return `${thing.name}: not at home`;
	}
	await say(trx, item, { state: 'look', place: null, asked: askedNow(situation, item) }, today);
	return `${thing.name}: not there, ${whereText(situation, left[0])} next`;
}

/**
 * What two phones say of one hunt: found beats not here, and the same twice is one. Answers whether there is
 * nothing more to do.
 */
export function isHuntOver(situation: Situation, item: number, found: boolean): boolean {
	const { snapshot } = situation;
	const said = snapshot.statements.find((one) => one.item_id === item);
	const isThere = said?.state === 'enough' || (!said && snapshot.lots.some((lot) => lot.item_id === item));
	if (found) return isThere && !needsOfItem(situation, item).some((one) => isSome(wanted(one)));
	return isThere || said?.state === 'none';
}
