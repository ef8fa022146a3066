import { addDays, dayText } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import {
	amountText,
	convert,
	exact,
	exactText,
	sentText,
	isSome,
	smaller,
	type Exact,
	type Unit
} from '$core/measure/index.ts';
import { DUE_DAYS } from '$core/readiness/index.ts';
import { together, type SupplyUse } from '$core/supplies/index.ts';
import { capital, labelOf, lessonsText, listText, thingText } from '$core/words/index.ts';
import type { Trx } from '../../history/changes.ts';
import { changedElsewhere } from '../../history/conflicts.ts';
import { stateByKey, byId, thingId } from '$core/facts/index.ts';
import { passedBy } from '../../stores/house/places.ts';
import { patchNeed } from '../../stores/readiness/needs.ts';
import { countLot, moveLot } from '../../stores/stash/lots.ts';
import {
	nextLessons,
	liftedFirst,
	placePath,
	cautionTexts,
	neededText,
	type Situation,
	toFetchFrom,
	type SupplyNeed
} from '$core/account/index.ts';
import { reachText } from '../house/reach.ts';
import { learnedOrder } from '../house/way-through.ts';
import { huntRows, minutesOf, type HuntRow } from '../looking/hunt.ts';

/** One thing to take from one lot for one unit. */
export type WalkRow = {
	/** lot/run */
	readonly id: string;
	readonly lot: number;
	readonly run: number;
	readonly unitName: string;
	readonly item: string;
	readonly text: string;
	/** Exactly, as text, in `unit`. */
	readonly amount: string;
	readonly unit: Unit;
	/** What the place holds according to the last count. */
	readonly there: string;
	readonly lessons: string;
	readonly keys: readonly string[];
	readonly cautions: readonly string[];
	readonly lookAgain: string | null;
	readonly boxed: string | null;
	/** What lies on it in the box that it is in. */
	readonly under: string;
};

export type WalkPlace = {
	readonly path: string;
	/** No place of the house, but where most houses keep such things. */
	readonly usual: boolean;
	readonly rows: readonly WalkRow[];
	/** What may be here, and what is here without a count. */
	readonly hunt: readonly HuntRow[];
};

export type Walk = {
	readonly places: readonly WalkPlace[];
	readonly things: number;
	/** Of these, what nobody knows to be in the house, and about how long looking for it takes. */
	readonly toLook: number;
	readonly minutes: number;
	/** Whether the order of the places was learned from earlier walks. */
	readonly learned: boolean;
	/** What the house does not have, as a list to take along. */
	readonly missing: readonly { readonly text: string; readonly lessons: string }[];
};

/** For the next lesson of each unit, the week to come, or everything. */
export const WALK_SPANS = ['next', 'week', 'all'] as const;
export type WalkSpan = (typeof WALK_SPANS)[number];

/** The walk through the house: what to take from where, in walking order. */
export function walkOf(situation: Situation, run: number | null, span: WalkSpan): Walk {
	const until = addDays(situation.today, DUE_DAYS);
	const next = nextLessons(situation.runs);
	const needs = situation.needs.filter(
		(one) =>
			(run === null || one.run.row.id === run) &&
			!one.need.doWithout &&
			(span === 'all' ||
				(span === 'week'
					? one.days !== null &&
						(one.days.inHandBy <= until || (isSome(one.standing.toLook) && (one.days.actBy ?? '9') <= until))
					: one.lesson === next.get(one.run)))
	);
	const byRow = new Map<
		string,
		{ lot: number; needs: SupplyNeed[]; parts: { use: SupplyUse; amount: Exact }[] }
	>();
	for (const one of needs) {
		for (const { lot, amount } of toFetchFrom(one, situation.snapshot)) {
			const id = `${lot.id}/${one.run.row.id}`;
			const row = byRow.get(id) ?? { lot: Number(lot.id), needs: [], parts: [] };
			row.parts.push({ use: one.line.use, amount });
			row.needs.push(one);
			byRow.set(id, row);
		}
	}
	const order = learnedOrder(situation.snapshot);
	const rows = [...byRow].map(([id, row]) => ({
		place: placeOf(situation, row.lot),
		row: walkRow(situation, id, { ...row, amount: together(row.parts) })
	}));
	rows.sort(
		(a, b) =>
			(order.get(a.place ?? -1) ?? 1e9) - (order.get(b.place ?? -1) ?? 1e9) ||
			(a.row.item < b.row.item ? -1 : 1)
	);
	const hunt = huntRows(situation, needs);
	const looks = hunt.filter((row) => row.what === 'look');
	return {
		places: inPlaces(situation, rows, hunt, order),
		things: rows.length + hunt.length,
		toLook: looks.length,
		minutes: looks.length ? minutesOf(looks) : 0,
		learned: situation.snapshot.placeStops.length > 0,
		missing: needs
			.filter((one) => isSome(one.standing.missing) && one.need.required)
			.map((one) => ({
				text: neededText([one], one.standing.missing),
				lessons: lessonsText([one.lesson.number])
			}))
	};
}

/** Place by place in walking order, each walked to once for everything; what has no place of the house comes last. */
function inPlaces(
	{ snapshot }: Situation,
	rows: readonly { readonly place: number | null; readonly row: WalkRow }[],
	hunt: readonly HuntRow[],
	order: ReadonlyMap<number, number>
): WalkPlace[] {
	type Filling = { place: number | null; path: string; usual: boolean; rows: WalkRow[]; hunt: HuntRow[] };
	const places = new Map<string, Filling>();
	const at = (place: number | null, kind: string | null) => {
		const path = place === null && kind ? capital(labelOf(kind)) : placePath(snapshot.places, place);
		const key = `${place ?? ''}|${path}`;
		const one = places.get(key) ?? {
			place,
			path,
			usual: place === null && kind !== null,
			rows: [],
			hunt: []
		};
		places.set(key, one);
		return one;
	};
	for (const { place, row } of rows) at(place, null).rows.push(row);
	for (const row of hunt) at(row.where.place, row.where.kind).hunt.push(row);
	return [...places.values()]
		.sort(
			(a, b) =>
				(order.get(a.place ?? -1) ?? 1e9) - (order.get(b.place ?? -1) ?? 1e9) ||
				Number(a.usual) - Number(b.usual) ||
				(a.path < b.path ? -1 : 1)
		)
		.map(({ path, usual, rows, hunt }) => ({
			path,
			usual,
			rows,
			hunt: hunt.toSorted((a, b) => (a.name < b.name ? -1 : 1))
		}));
}

function placeOf(situation: Situation, lot: number): number | null {
	return byId(situation.snapshot.lots).get(lot)?.place_id ?? null;
}

function walkRow(
	situation: Situation,
	id: string,
	row: { lot: number; needs: SupplyNeed[]; amount: Exact }
): WalkRow {
	const [first] = row.needs;
	const lot = byId(situation.snapshot.lots).get(row.lot)!;
	const limit = addDays(situation.today, -situation.snapshot.household.count_age_days);
	const box = byId(situation.snapshot.places).get(first.run.row.collecting_place_id ?? 0);
	const reach = box ? reachText(situation, first.item.name, box.id) : '';
	return {
		id,
		lot: row.lot,
		run: first.run.row.id,
		unitName: first.run.unit.name,
		item: first.item.name,
		text: neededText(row.needs, row.amount),
		amount: sentText(row.amount),
		unit: first.unit,
		there: amountText(exact(lot.amount), lot.unit),
		lessons: `lesson${row.needs.length > 1 ? 's' : ''} ${listText([...new Set(row.needs.map((one) => String(one.lesson.number)))])}`,
		keys: row.needs.map((one) => one.need.key),
		cautions: [
			...cautionTexts(row.needs.flatMap((one) => one.cautions)),
			...(reach ? [`In ${box!.name}: ${reach}.`] : [])
		],
		lookAgain: lot.counted_on < limit ? `counted ${dayText(lot.counted_on)}, recount` : null,
		boxed: box?.name ?? null,
		under: listText(liftedFirst(situation.snapshot, thingId('item', first.item.id), lot.place_id))
	};
}

/** Amounts of a tick, in the unit of the row. */
export type Tick = {
	readonly lot: number;
	readonly run: number;
	/** How much was found; the row's unit. */
	readonly found: Exact;
	readonly unit: Unit;
	/** Takes it to the unit's collecting place. */
	readonly move: boolean;
};

/**
 * Writes down what was found of a lot: the needs that it serves have it in hand, in date order, and
 * when it is moved the lot lies in the unit's collecting place. Answers what was found, in words.
 */
export async function tick(trx: Trx, situation: Situation, input: Tick): Promise<string> {
	const { snapshot } = situation;
	const served = servedFrom(situation, input.lot, input.run);
	if (served.length === 0)
		throw new Refusal('Nothing else is needed from there. It may be checked off already.');
	const [{ one: first }] = served;
	const found = convert(input.found, input.unit, first.unit, first.item.name);
	let left = found;
	for (const { one, amount } of served) {
		const share = smaller(left, amount);
		if (!isSome(share)) continue;
		if (one.line.use === 'consumed') left = left.sub(share);
		const now = exactText(one.standing.inHand.add(share));
		await patchNeed(trx, input.run, one.need.key, { found: now, unit: one.unit });
	}
	const box = first.run.row.collecting_place_id;
	const lot = byId(snapshot.lots).get(input.lot)!;
	if (lot.place_id !== null) await passedBy(trx, lot.place_id, situation.today);
	if (input.move && box !== null) {
		await moveLot(
			trx,
			input.lot,
			convert(found, first.unit, lot.unit, first.item.name),
			box,
			situation.today
		);
	}
	return thingText(found, first.unit, first.item.name);
}

/** What the needs of a run are to fetch from a lot, in date order. */
function servedFrom(situation: Situation, lot: number, run: number): { one: SupplyNeed; amount: Exact }[] {
	return situation.needs
		.filter((one) => one.run.row.id === run && !one.need.doWithout)
		.flatMap((one) =>
			toFetchFrom(one, situation.snapshot)
				.filter((from) => from.lot.id === String(lot))
				.map(({ amount }) => ({ one, amount }))
		);
}

/** What is stored about the needs of a run for the thing in a lot. */
function statesOf({ needs, snapshot }: Situation, lot: number, run: number): number[] {
	const item = byId(snapshot.lots).get(lot)?.item_id;
	return needs.flatMap((one) => {
		const state = one.item.id === item && one.run.row.id === run && stateByKey(snapshot).get(one.need.key);
		return state ? [state.id] : [];
	});
}

/** Whether a run still wants at least so much from a lot, so that an older tick is as good as a new one. */
export function stillWants(
	situation: Situation,
	lot: number,
	run: number,
	amount: Exact,
	unit: Unit
): boolean {
	const served = servedFrom(situation, lot, run);
	if (served.length === 0) return false;
	const [{ one }] = served;
	const wanted = together(served.map((each) => ({ use: each.one.line.use, amount: each.amount })));
	return wanted.compare(convert(amount, unit, one.unit, one.item.name)) >= 0;
}

/** "2 cups flour", "3 corks and more"; null when nothing is wanted from there. */
export function wantedFrom(situation: Situation, lot: number, run: number): string | null {
	const served = servedFrom(situation, lot, run);
	if (served.length === 0) return null;
	const [{ one, amount }] = served;
	return `${neededText([one], amount)} ${served.length > 1 ? 'and more' : ''}`.trim();
}

/** "3 corks", or "nothing". */
export function lotText({ snapshot }: Situation, id: number): string {
	const lot = byId(snapshot.lots).get(id);
	if (!lot || !isSome(exact(lot.amount))) return 'nothing';
	return thingText(exact(lot.amount), lot.unit, byId(snapshot.items).get(lot.item_id)!.name);
}

/** Corrects a lot that is not there, or not all there: what is lacking becomes missing by itself. */
export async function correct(trx: Trx, situation: Situation, lot: number, there: Exact): Promise<string> {
	const row = byId(situation.snapshot.lots).get(lot);
	if (!row) throw new Refusal('That is gone. Reload the page.');
	await countLot(trx, lot, there, situation.today);
	return byId(situation.snapshot.items).get(row.item_id)!.name;
}

/**
 * What another device did since a page was loaded, by its label: to the lot, or to what a run has found of that
 * thing already. Null where nothing did, or where nothing says what was seen.
 */
export async function newerThan(
	trx: Trx,
	situation: Situation,
	asked: { readonly lot: number; readonly run?: number; readonly seen: number | null },
	device: string
): Promise<string | null> {
	if (asked.seen === null) return null;
	const ofLot = await changedElsewhere(trx, 'lot', asked.lot, asked.seen, device);
	if (ofLot !== null || asked.run === undefined) return ofLot;
	for (const state of statesOf(situation, asked.lot, asked.run)) {
		const newer = await changedElsewhere(trx, 'need_state', state, asked.seen, device);
		if (newer !== null) return newer;
	}
	return null;
}
