import { addDays, dayText } from '$core/calendar/index.ts';
import { groupBy } from '$core/group-by.ts';
import {
	amountText,
	canConvert,
	exact,
	isSome,
	roundUp,
	type Exact,
	type Unit
} from '$core/measure/index.ts';
import { withCapitals } from '$core/naming/index.ts';
import { DUE_DAYS, lastDayToAct } from '$core/readiness/index.ts';
import { byText, lessonsText, money, thingText } from '$core/words/index.ts';
import { type Row, byId } from '$core/facts/index.ts';
import {
	nextLessons,
	neededText,
	type Situation,
	type SupplyNeed,
	total,
	wayTo
} from '$core/account/index.ts';

/** What a shopping list is for: the next lesson, the week to come, or everything. */
export const BUYING_SPANS = ['next', 'week', 'all'] as const;

export type BuyingSpan = (typeof BUYING_SPANS)[number];

/** One thing that is missing and can be bought. */
export type BuyingThing = {
	/** What the optimiser calls it: its name, with the unit where there are two of that name. */
	readonly key: string;
	readonly item: number;
	readonly name: string;
	readonly missing: string;
	readonly lessons: string;
	/** "by Tue, Jan 26" */
	readonly when: string;
	readonly keys: readonly string[];
	readonly offers: readonly OfferShown[];
	/** What it would take to make it; empty where nobody has said. */
	readonly made: string;
};

export type OfferShown = {
	readonly id: number;
	readonly item: number;
	readonly supplier: number;
	readonly shop: string;
	/** "1 kg" */
	readonly pack: string;
	/** "1 kg flour" */
	readonly what: string;
	/** The name of a pack that is a single piece; null for all others. */
	readonly one: string | null;
	readonly price: string;
	readonly cents: number;
	readonly aisle: string;
	readonly standing: Row<'offer'>['standing'];
	readonly why: string;
	/** What it cost before, the latest first. */
	readonly before: string;
	/** Why it cannot serve what is asked for, or not in time; empty when it can. */
	readonly problem: string;
};

/** A thing that is to be bought with what it is computed from. */
export type ToBuy = {
	readonly thing: BuyingThing;
	readonly item: Row<'item'>;
	/** In which all of its needs are counted. */
	readonly unit: Unit;
	readonly missing: Exact;
	readonly needs: readonly SupplyNeed[];
};

/** What is missing and to be bought for a span: a row for each thing and unit. */
export function toBuy(situation: Situation, span: BuyingSpan): ToBuy[] {
	const offersOf = groupBy(situation.snapshot.offers, (offer) => offer.item_id);
	const groups = [...groupBy(wantedNeeds(situation, span), (one) => `${one.item.id} ${one.unit}`).values()];
	const named = groupBy(groups, ([{ item }]) => item.id);
	return groups.map((needs) => {
		const [{ item, unit }] = needs;
		const key = named.get(item.id)!.length > 1 ? `${item.name} (${unit})` : item.name;
		const missing = total(needs, (one) => one.standing.missing);
		const thing = { key, ...thingOf(situation, needs, missing, offersOf.get(item.id) ?? []) };
		return { thing, item, unit, missing, needs };
	});
}

function wantedNeeds(situation: Situation, of: BuyingSpan): SupplyNeed[] {
	return needsOfSpan(situation, of).filter(
		(one) =>
			one.need.useDay !== null && !one.need.doWithout && isSome(one.standing.missing) && one.rung === 'bought'
	);
}

/** The needs that a shopping list of a span is about. */
export function needsOfSpan({ needs, runs, today }: Situation, of: BuyingSpan): SupplyNeed[] {
	const until = addDays(today, DUE_DAYS);
	const next = nextLessons(runs);
	return needs.filter(
		(one) =>
			of === 'all' ||
			(of === 'week'
				? one.days?.actBy !== undefined && one.days.actBy !== null && one.days.actBy <= until
				: one.lesson === next.get(one.run))
	);
}

function thingOf(
	situation: Situation,
	needs: readonly SupplyNeed[],
	missing: Exact,
	offers: readonly Row<'offer'>[]
): Omit<BuyingThing, 'key'> {
	const { snapshot, today } = situation;
	const [{ item, unit }] = needs;
	const actBy = needs.flatMap((one) => (one.days?.actBy ? [one.days.actBy] : [])).sort()[0];
	return {
		item: item.id,
		name: withCapitals(item.name),
		missing: neededText(needs, missing),
		lessons: lessonsText(needs.map((one) => one.lesson.number)),
		when: actBy ? byText(actBy, today) : '',
		keys: needs.map((one) => one.need.key),
		made: madeText(item, missing),
		offers: offers.map((offer) => ({
			id: offer.id,
			item: item.id,
			supplier: offer.supplier_id,
			shop: snapshot.suppliers.find((one) => one.id === offer.supplier_id)?.name ?? '',
			pack: amountText(exact(offer.size), offer.unit),
			what: thingText(exact(offer.size), offer.unit, item.name),
			one: offer.unit === 'each' && exact(offer.size).equals(1) ? item.name : null,
			price: money(offer.cents),
			cents: offer.cents,
			aisle: offer.aisle,
			standing: offer.standing,
			why: offer.why,
			before: snapshot.prices
				.filter((one) => one.offer_id === offer.id && one.cents !== offer.cents)
				.toReversed()
				.slice(0, 2)
				.map((one) => `${money(one.cents)} on ${dayText(one.on_day)}`)
				.join(', '),
			problem: canConvert(offer.unit, unit, item.name)
				? tooLate(situation, needs, offer)
				: `sold by ${offer.unit}, needed in ${unit}: can’t compare`
		}))
	};
}
/** Why what is ordered now comes too late for every lesson that lacks it; empty when it does not. */
function tooLate({ snapshot, today }: Situation, needs: readonly SupplyNeed[], offer: Row<'offer'>): string {
	const shop = byId(snapshot.suppliers).get(offer.supplier_id);
	if (shop?.kind !== 'order') return '';
	// A lesson is served by what comes before the lesson itself; being late for its own day to be ready is said elsewhere.
	const last = needs
		.flatMap((one) => (one.need.useDay ? [lastDayToAct(wayTo(shop), addDays(one.need.useDay, -1))] : []))
		.sort()
		.at(-1);
	if (last === undefined || last >= today) return '';
	// The day that Next says, by which it is there when the lesson is to be ready.
	const said = needs
		.flatMap((one) => (one.days ? [lastDayToAct(wayTo(shop), one.days.inHandBy)] : []))
		.sort()
		.at(-1);
	return `arrives after the lesson; the last day to order was ${dayText(said ?? last)}`;
}
/** "Made at home: $0.90 and 20 min"; empty where nobody has said what making one takes. */
function madeText({ make_cents, make_minutes }: Row<'item'>, amount: Exact): string {
	if (make_cents === null && make_minutes === null) return '';
	const times = roundUp(amount).valueOf();
	return [
		make_cents === null ? '' : money(make_cents * times),
		make_minutes === null ? '' : `${make_minutes * times} min`
	]
		.filter(Boolean)
		.join(' and ');
}
