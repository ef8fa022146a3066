import { groupBy } from '$core/group-by.ts';
import { canConvert, convert, exact, isSome, larger, ZERO } from '$core/measure/index.ts';
import type { BuyingThing } from './shopping.ts';
import { freeAtHome } from '../gathering/instead.ts';
import type { Situation } from '../readiness/situation.ts';
import type { SupplyNeed } from '../readiness/streams/supplies.ts';
import { listText } from '../house/place-paths.ts';

export type Coming = {
	readonly units: string;
	/** In the thing's own unit. */
	readonly amount: number;
	/** What one of that unit costs at the cheapest. */
	readonly centsEach: number;
};

/** What units without days want of each thing beyond what lies free at home. */
export function comingOf(
	situation: Situation,
	groups: readonly (readonly SupplyNeed[])[],
	things: readonly BuyingThing[]
): Record<string, Coming> {
	const undated = groupBy(
		situation.needs.filter((one) => one.need.useDay === null && !one.need.doWithout),
		(one) => one.item.id
	);
	const result: Record<string, Coming> = {};
	for (const [i, [{ item, unit }]] of groups.entries()) {
		const wanted = (undated.get(item.id) ?? []).filter((one) => canConvert(one.unit, unit, item.name));
		if (wanted.length === 0) continue;
		const asked = wanted.reduce((sum, one) => {
			const own = convert(one.amount, one.unit, unit, item.name);
			return one.line.use === 'kept' ? larger(sum, own) : sum.add(own);
		}, ZERO);
		const amount = asked.sub(freeAtHome(situation, item.name, unit));
		const each = situation.snapshot.offers
			.filter(
				(one) =>
					one.item_id === item.id && one.standing !== 'excluded' && canConvert(one.unit, unit, item.name)
			)
			.map((one) => one.cents / convert(exact(one.size), one.unit, unit, item.name).valueOf());
		if (!isSome(amount) || each.length === 0) continue;
		result[things[i].key] = {
			units: listText([...new Set(wanted.map((one) => one.run.unit.name))]),
			amount: amount.valueOf(),
			centsEach: Math.min(...each)
		};
	}
	return result;
}
