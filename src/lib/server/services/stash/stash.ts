import { addDays, dayText, type Day } from '$core/calendar/index.ts';
import { groupBy } from '$core/group-by.ts';
import {
	amountText,
	canConvert,
	convert,
	exact,
	isSome,
	ZERO,
	type Exact,
	type Unit
} from '$core/measure/index.ts';
import type { SupplyUse } from '$core/supplies/index.ts';
import { withCapitals } from '$core/naming/index.ts';
import { counted, dollarsTyped, listText, numberTyped, thingText } from '$core/words/index.ts';
import { parsed, type Row, once, byId, thingId } from '$core/facts/index.ts';
import { whereText, kitOf, type Situation } from '$core/account/index.ts';
import { reachText } from '../house/reach.ts';
import { readLadder, RUNG_WORDS } from '$core/gathering/index.ts';

export type StashLot = {
	readonly id: number;
	readonly amount: string;
	readonly typed: string;
	readonly unit: Unit;
	readonly placeId: number | null;
	readonly place: string;
	readonly goodUntil: Day | null;
	readonly goodText: string;
	readonly goesOff: boolean;
	readonly opened: boolean;
	readonly lookAgain: boolean;
	/** Children who reach its place and for whom it is not. */
	readonly reach: string;
	/** What an opened kit still gives, in words; empty for what is no kit. */
	readonly kit: string;
	readonly kitOf: string;
	/** What it holds as it can be typed, a line each. */
	readonly kitParts: string;
	readonly picture: string | null;
};

export type StashItem = {
	readonly id: number;
	readonly name: string;
	readonly use: SupplyUse;
	readonly total: string;
	/** Promised to lessons that are to come. */
	readonly reserved: string | null;
	readonly low: boolean;
	/** "have enough", where that was said without a count; empty where it was not. */
	readonly enough: string;
	/** Where that is; empty where nobody said. */
	readonly enoughAt: string;
	readonly lots: readonly StashLot[];
	readonly aliases: readonly string[];
	readonly keepBack: string;
	readonly keepBackUnit: Unit;
	readonly keepsDays: string;
	readonly lowLevel: string;
	readonly lowUnit: Unit;
	readonly supplier: string;
	readonly sources: {
		readonly ladder: string;
		readonly startDays: string;
		readonly openGround: boolean;
		readonly makeCost: string;
		readonly makeMinutes: string;
	};
	readonly instead: readonly { readonly id: number; readonly text: string }[];
};

export type Stash = { readonly sentence: string; readonly items: readonly StashItem[] };

const GOES_OFF_DAYS = 30;

/** What the house has, item by item, with what is promised to lessons and what wants attention. */
export const stashOf = once(makeStash);

/** Items whose name, other names or places contain what was typed. */
export function searchStash({ items }: Stash, typed: string): readonly StashItem[] {
	const wanted = typed.trim().toLowerCase();
	if (!wanted) return items;
	return items.filter((item) =>
		[item.name, ...item.aliases, ...item.lots.map((lot) => lot.place.toLowerCase())].some((text) =>
			text.includes(wanted)
		)
	);
}

function makeStash(situation: Situation): Stash {
	const { snapshot } = situation;
	const lotsOf = groupBy(snapshot.lots, (lot) => lot.item_id);
	const reserved = reservedByItem(situation);
	const aliases = groupBy(snapshot.aliases, (alias) => alias.item_id);
	const enough = new Set(snapshot.statements.flatMap((one) => (one.state === 'enough' ? [one.item_id] : [])));
	const items = snapshot.items
		.filter((item) => lotsOf.has(item.id) || enough.has(item.id) || aliases.has(item.id) || item.low_level)
		.map((item) =>
			stashItem(
				situation,
				item,
				lotsOf.get(item.id) ?? [],
				reserved.get(item.id) ?? null,
				(aliases.get(item.id) ?? []).map((alias) => alias.name)
			)
		)
		.sort((a, b) => (a.name < b.name ? -1 : 1));
	const lots = items.flatMap((item) => item.lots);
	const places = new Set(snapshot.lots.flatMap((lot) => (lot.place_id === null ? [] : [lot.place_id]))).size;
	const parts = [
		phrase(items.filter((item) => item.low).length, 'running low', 'running low'),
		phrase(lots.filter((lot) => lot.goesOff).length, 'expires this month', 'expire this month'),
		phrase(lots.filter((lot) => lot.lookAgain).length, 'not counted in a while', 'not counted in a while')
	].filter(Boolean);
	return {
		sentence:
			snapshot.lots.length === 0 && enough.size === 0
				? 'Nothing added yet. List what you have, one line at a time.'
				: `${counted(items.filter((item) => item.lots.length || item.enough).length, 'item')}${places ? ` in ${counted(places, 'place')}` : ', no place set yet'}${parts.length ? `; ${parts.join(', ')}` : ''}.`,
		items
	};
}

function phrase(count: number, one: string, many: string): string {
	return count === 0 ? '' : `${count} ${count === 1 ? one : many}`;
}

function reservedByItem(situation: Situation): Map<number, { amount: Exact; unit: Unit }> {
	const sums = new Map<number, { amount: Exact; unit: Unit }>();
	for (const one of situation.needs) {
		if (!one.served || one.line.use !== 'consumed') continue;
		const before = sums.get(one.item.id);
		sums.set(one.item.id, { amount: (before?.amount ?? ZERO).add(one.served.fromStash), unit: one.unit });
	}
	return sums;
}

function stashItem(
	situation: Situation,
	item: Row<'item'>,
	lots: readonly Row<'lot'>[],
	reserved: { amount: Exact; unit: Unit } | null,
	aliases: readonly string[]
): StashItem {
	const { snapshot, today } = situation;
	const limit = addDays(today, -snapshot.household.count_age_days);
	const partsOf = partsByLot(snapshot.kitParts);
	const unit = lots[0]?.unit ?? item.low_unit ?? 'each';
	const comparable = lots.filter((lot) => canConvert(lot.unit, unit, item.name));
	const total = comparable.reduce(
		(sum, lot) => sum.add(convert(exact(lot.amount), lot.unit, unit, item.name)),
		ZERO
	);
	const lowUnit = item.low_unit ?? unit;
	const said = statementOf(snapshot.statements).get(item.id);
	return {
		id: item.id,
		name: withCapitals(item.name),
		use: item.use,
		total: [
			amountText(total, unit),
			...lots.filter((lot) => !comparable.includes(lot)).map((lot) => amountText(exact(lot.amount), lot.unit))
		].join(' + '),
		reserved: reserved && isSome(reserved.amount) ? amountText(reserved.amount, reserved.unit) : null,
		enough: said ? 'have enough' : '',
		enoughAt:
			said && said.place_id !== null ? whereText(snapshot, thingId('item', item.id), said.place_id) : '',
		low:
			// Whoever says that there is enough need not hear that it runs low.
			!said &&
			item.low_level !== null &&
			canConvert(unit, lowUnit, item.name) &&
			convert(total, unit, lowUnit, item.name).compare(exact(item.low_level)) < 0,
		lots: lots.map((lot) => ({
			id: lot.id,
			amount: amountText(exact(lot.amount), lot.unit),
			typed: numberTyped(exact(lot.amount)),
			unit: lot.unit,
			placeId: lot.place_id,
			place: whereText(snapshot, thingId('item', item.id), lot.place_id),
			goodUntil: lot.good_until,
			goodText: lot.good_until ? `expires ${dayText(lot.good_until)}` : '',
			goesOff:
				lot.good_until !== null &&
				lot.good_until <= addDays(today, GOES_OFF_DAYS) &&
				exact(lot.amount).compare(0) > 0,
			opened: lot.opened_on !== null,
			lookAgain: lot.counted_on < limit,
			reach: reachText(situation, item.name, lot.place_id),
			...kitShown(lot, partsOf.get(lot.id) ?? [])
		})),
		aliases,
		keepBack: item.keep_back ? numberTyped(exact(item.keep_back)) : '',
		keepBackUnit: item.keep_back_unit ?? unit,
		keepsDays: item.keeps_days === null ? '' : String(item.keeps_days),
		lowLevel: item.low_level ? numberTyped(exact(item.low_level)) : '',
		lowUnit,
		supplier: item.supplier_id === null ? '' : String(item.supplier_id),
		sources: {
			ladder: item.ladder
				? readLadder(parsed(item.ladder))
						.map((rung) => RUNG_WORDS[rung])
						.join(', ')
				: '',
			startDays: item.start_days === null ? '' : String(item.start_days),
			openGround: item.season === 'open ground',
			makeCost: item.make_cents === null ? '' : dollarsTyped(item.make_cents),
			makeMinutes: item.make_minutes === null ? '' : String(item.make_minutes)
		},
		instead: snapshot.substitutes
			.filter((one) => one.item_id === item.id)
			.map((one) => ({
				id: one.id,
				text: `for ${amountText(exact(one.amount), one.unit)}: ${thingText(exact(one.other_amount), one.other_unit, byId(snapshot.items).get(one.other_id)?.name ?? '')}`
			}))
	};
}

const statementOf = once(
	(statements: readonly Row<'statement'>[]) =>
		new Map(statements.filter((one) => one.state === 'enough').map((one) => [one.item_id, one]))
);

const partsByLot = once((parts: readonly Row<'kit_part'>[]) => groupBy(parts, (part) => part.lot_id));

/** A kit in words: "22 of 25 left, enough googly eyes for 20 (3 missing)". */
function kitShown(
	lot: Row<'lot'>,
	parts: readonly Row<'kit_part'>[]
): Pick<StashLot, 'kit' | 'kitOf' | 'kitParts' | 'picture'> {
	const state = kitOf(lot, parts);
	const left = numberTyped(exact(lot.amount));
	const lacks = state.missing.map((one) => `${numberTyped(one.pieces)} ${one.name}`);
	const kit =
		lot.kit_of === null && parts.length === 0
			? ''
			: [
					lot.kit_of === null
						? `${left} ${left === '1' ? 'set' : 'sets'} left`
						: `${left} of ${counted(lot.kit_of, 'set')} left`,
					state.scarcest ? `pieces for ${numberTyped(state.makings)}` : '',
					lacks.length ? `${listText(lacks)} missing` : ''
				]
					.filter(Boolean)
					.join(', ');
	return {
		kit,
		kitOf: lot.kit_of === null ? '' : String(lot.kit_of),
		kitParts: parts
			.map((part) => `${numberTyped(exact(part.each))} ${part.name}, ${numberTyped(exact(part.there))} there`)
			.join('\n'),
		picture: lot.picture
	};
}

export type CountPlace = {
	readonly path: string;
	readonly rows: readonly {
		readonly lot: number;
		readonly item: string;
		readonly amount: string;
		readonly typed: string;
		readonly unit: Unit;
		readonly why: string;
	}[];
};

const HAPPENED = {
	added: 'added',
	counted: 'counted',
	moved: 'moved to',
	came: 'moved from',
	used: 'used',
	opened: 'opened',
	bought: 'bought',
	lost: 'lost',
	returned: 'returned'
} as const;

/** "Fri, Jan 22: moved to desk, 3" */
export function eventText(event: Row<'lot_event'>): string {
	const amount = amountText(exact(event.amount), event.unit);
	const moved = event.kind === 'moved' || event.kind === 'came';
	const what = moved
		? `${HAPPENED[event.kind]} ${event.place || 'no place set'}, ${amount}`
		: `${HAPPENED[event.kind]} ${amount}${event.place ? `, ${event.place}` : ''}`;
	return `${dayText(event.on_day)}: ${what}`;
}
