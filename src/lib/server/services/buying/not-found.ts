import { groupBy } from '$core/group-by.ts';
import { isSome } from '$core/measure/index.ts';
import { counted, money } from '$core/words/index.ts';
import { type Situation, type SupplyNeed, total } from '$core/account/index.ts';
import { cheapest } from './prices.ts';

/**
 * What is to be looked for at home first, and what it would cost in the cheapest packs if none of it turns up: "About
 * $14.20 more if none of it turns up at home: 12 things to look for." Empty where nothing is to be looked for.
 */
export function notFoundText({ snapshot }: Situation, needs: readonly SupplyNeed[]): string {
	const looks = needs.filter(
		(one) =>
			one.need.useDay !== null && !one.need.doWithout && one.rung === 'bought' && isSome(one.standing.toLook)
	);
	if (looks.length === 0) return '';
	const prices = [...groupBy(looks, (one) => `${one.item.id} ${one.unit}`).values()].map((own) =>
		cheapest(
			snapshot,
			own[0].item,
			total(own, (one) => one.standing.toLook),
			own[0].unit
		)
	);
	const known = prices.filter((cents) => cents !== null);
	const things = new Set(looks.map((one) => one.item.id)).size;
	if (known.length === 0) return `${counted(things, 'thing')} to look for at home first.`;
	const open = prices.length - known.length;
	const sum = money(known.reduce((so, cents) => so + cents, 0));
	return `About ${sum} more if none of it turns up at home: ${counted(things, 'thing')} to look for${
		open ? `, ${open} without a price` : ''
	}.`;
}
