import { addDays, dayText } from '$core/calendar/index.ts';
import type { PacksInput } from '$core/buying/index.ts';
import { groupBy } from '$core/group-by.ts';
import {
	amountText,
	canConvert,
	convert,
	exact,
	isSome,
	roundUp,
	ZERO,
	type Exact
} from '$core/measure/index.ts';
import { DUE_DAYS, lastDayToAct } from '$core/readiness/index.ts';
import type { Row } from '../../database/tables.ts';
import { byId } from '../../snapshot/snapshot.ts';
import { bundlesOf, type BundleShown } from './bundles.ts';
import { comingOf, type Coming } from './leftovers.ts';
import { claimText, moneyOf, receiptsOf, type MoneyRow, type Receipt } from './purchases.ts';
import { nextLessons } from '../calendar/runs.ts';
import type { Situation } from '../readiness/situation.ts';
import type { SupplyNeed } from '../readiness/streams/supplies.ts';
import { wayTo } from '../readiness/way-to.ts';
import { byText, listText, money, thingText } from '../house/place-paths.ts';

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

export type Buying = {
	readonly sentence: string;
	readonly things: readonly BuyingThing[];
	/** What the optimiser is given; items, stores and offers by their ids as text. */
	readonly input: PacksInput;
	/** Of each of its offers, in the same order, which it is. */
	readonly offerIds: readonly number[];
	/** Things sold together that serve some of it. */
	readonly bundles: readonly BundleShown[];
	/** What coming units without days want of each thing, for what is left over. */
	readonly coming: Readonly<Record<string, Coming>>;
	readonly shops: readonly { readonly id: number; readonly name: string; readonly terms: string }[];
	/** What is to be paid back in all; empty when nothing is. */
	readonly toClaim: string;
	readonly money: readonly MoneyRow[];
	readonly receipts: readonly Receipt[];
};

/** What is to be bought, the offers that are known for it, and what has been spent. */
export function buyingOf(situation: Situation, span: BuyingSpan, maxStores: number | null): Buying {
	const { snapshot, today } = situation;
	const shops = snapshot.suppliers.filter((one) => one.kind === 'shop' || one.kind === 'order');
	const wanted = wantedNeeds(situation, span);
	const offersOf = groupBy(snapshot.offers, (offer) => offer.item_id);
	const groups = [...groupBy(wanted, (one) => `${one.item.id} ${one.unit}`).values()];
	const named = groupBy(groups, (needs) => needs[0].item.id);
	const things = groups.map((needs) => {
		const [{ item, unit }] = needs;
		const key = named.get(item.id)!.length > 1 ? `${item.name} (${unit})` : item.name;
		return { key, ...thingOf(situation, needs, offersOf.get(item.id) ?? []) };
	});
	const tax = 1 + Number(snapshot.household.sales_tax) / 100;
	const items: { item: string; need: number }[] = [];
	const offers: PacksInput['offers'][number][] = [];
	const offerIds: number[] = [];
	for (const [i, needs] of groups.entries()) {
		const usable = things[i].offers.filter((one) => one.standing !== 'excluded' && !one.problem);
		const preferred = usable.filter((one) => one.standing === 'preferred');
		const taken = preferred.length ? preferred : usable;
		if (taken.length === 0) continue;
		const { key } = things[i];
		items.push({ item: key, need: missingOf(needs).valueOf() });
		for (const { id, cents } of taken) {
			const row = byId(snapshot.offers).get(id)!;
			offers.push({
				item: key,
				store: String(row.supplier_id),
				size: convert(exact(row.size), row.unit, needs[0].unit, needs[0].item.name).valueOf(),
				price: Math.round(cents * tax),
				limit: row.most_packs
			});
			offerIds.push(id);
		}
	}
	const without = things.filter((thing) => !thing.offers.some((one) => !one.problem)).length;
	return {
		sentence: sentenceOf(things.length, without),
		things,
		input: {
			items,
			offers,
			stores: shops.map((one) => ({
				store: String(one.id),
				fee: one.fee_cents,
				freeOver: one.free_over_cents
			})),
			maxStores
		},
		offerIds,
		bundles: bundlesOf(situation, groups, things, tax),
		coming: comingOf(situation, groups, things),
		shops: shops.map((one) => ({ id: one.id, name: one.name, terms: termsOf(one) })),
		toClaim: claimText(snapshot.purchases),
		money: moneyOf(situation),
		receipts: receiptsOf(situation)
	};

	function wantedNeeds({ needs, runs }: Situation, of: BuyingSpan): SupplyNeed[] {
		const until = addDays(today, DUE_DAYS);
		const next = nextLessons(runs);
		return needs.filter(
			(one) =>
				one.need.useDay !== null &&
				!one.need.doWithout &&
				isSome(one.standing.missing) &&
				one.rung === 'bought' &&
				(of === 'all' ||
					(of === 'week'
						? one.days?.actBy !== undefined && one.days.actBy !== null && one.days.actBy <= until
						: one.lesson === next.get(one.run)))
		);
	}
}

/** Consumed things add up; of kept things the most for one lesson is bought. */
function missingOf(needs: readonly SupplyNeed[]): Exact {
	return needs.reduce((sum, { line, standing }) => {
		if (line.use !== 'kept') return sum.add(standing.missing);
		return standing.missing.compare(sum) > 0 ? standing.missing : sum;
	}, ZERO);
}

function thingOf(
	situation: Situation,
	needs: readonly SupplyNeed[],
	offers: readonly Row<'offer'>[]
): Omit<BuyingThing, 'key'> {
	const { snapshot, today } = situation;
	const [{ item, unit }] = needs;
	const actBy = needs.flatMap((one) => (one.days?.actBy ? [one.days.actBy] : [])).sort()[0];
	return {
		item: item.id,
		name: item.name,
		missing: thingText(missingOf(needs), unit, item.name),
		lessons: listText([...new Set(needs.map((one) => `lesson ${one.lesson.number}`))]),
		when: actBy ? byText(actBy, today) : '',
		keys: needs.map((one) => one.need.key),
		made: madeText(item, missingOf(needs)),
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
				: `sold by ${offer.unit}, asked for in ${unit}: these cannot be compared`
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
	return last !== undefined && last < today
		? `comes after the lesson: it had to be ordered by ${dayText(last)}`
		: '';
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

function termsOf({ fee_cents, free_over_cents, kind }: Row<'supplier'>): string {
	const fee = fee_cents
		? `${money(fee_cents)} ${kind === 'order' ? 'delivery' : 'for the way'}${free_over_cents === null ? '' : `, free from ${money(free_over_cents)}`}`
		: '';
	return fee;
}

function sentenceOf(things: number, without: number): string {
	if (things === 0) return 'Nothing is to be bought for this.';
	const known = things - without;
	const count = `${things} ${things === 1 ? 'thing is' : 'things are'} to be bought.`;
	if (without === 0) return `${count} A price is known for each.`;
	return `${count} ${known === 0 ? 'No price is known yet' : `A price is known for ${known}`}: note what a pack costs, and the cheapest way is worked out.`;
}
