import { groupBy } from '$core/group-by.ts';
import { canConvert, convert, exact, isSome, ZERO } from '$core/measure/index.ts';
import { listText } from '$core/words/index.ts';
import { type Situation, total } from '$core/account/index.ts';
import { freeAtHome, hasEnough } from '../stash/free.ts';
import type { ToBuy } from './to-buy.ts';

export type Coming = {
	readonly units: string;
	/** In the thing's own unit. */
	readonly amount: number;
	/** What one of that unit costs at the cheapest. */
	readonly centsEach: number;
};

/** What units without days want of each thing beyond what lies free at home. */
export function comingOf(situation: Situation, rows: readonly ToBuy[]): Record<string, Coming> {
	const undated = groupBy(
		situation.needs.filter((one) => one.need.useDay === null && !one.need.doWithout),
		(one) => one.item.id
	);
	const result: Record<string, Coming> = {};
	for (const { thing, item, unit } of rows) {
		const wanted = (undated.get(item.id) ?? []).filter((one) => canConvert(one.unit, unit, item.name));
		if (wanted.length === 0) continue;
		const asked = total(wanted, (one) => convert(one.amount, one.unit, unit, item.name));
		const amount = hasEnough(situation, item.name) ? ZERO : asked.sub(freeAtHome(situation, item.name, unit));
		const each = situation.snapshot.offers
			.filter(
				(one) =>
					one.item_id === item.id && one.standing !== 'excluded' && canConvert(one.unit, unit, item.name)
			)
			.map((one) => one.cents / convert(exact(one.size), one.unit, unit, item.name).valueOf());
		if (!isSome(amount) || each.length === 0) continue;
		result[thing.key] = {
			units: listText([...new Set(wanted.map((one) => one.run.unit.name))]),
			amount: amount.valueOf(),
			centsEach: Math.min(...each)
		};
	}
	return result;
}
