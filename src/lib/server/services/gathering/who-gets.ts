import { dayText } from '$core/calendar/index.ts';
import { groupBy } from '$core/group-by.ts';
import { amountText, isSome } from '$core/measure/index.ts';
import { type Row, once } from '$core/facts/index.ts';
import type { Situation } from '$core/account/index.ts';

/** What one line gets of a thing that is not enough for all. */
export type Share = {
	readonly line: number;
	readonly who: string;
	readonly gets: string;
	readonly claim: Row<'supply_line'>['claim'];
	readonly isShort: boolean;
};

/** Who gets what of the things that the house has, but not enough for all; by item, in the order of serving. */
export const sharesOf = once((situation: Situation): ReadonlyMap<number, readonly Share[]> => {
	const consumed = situation.needs.filter((one) => one.line.use === 'consumed' && one.served !== null);
	const result = new Map<number, readonly Share[]>();
	for (const [id, needs] of groupBy(consumed, (one) => one.item.id)) {
		const isShared = needs.length > 1 && needs.some((one) => isSome(one.served!.fromStash));
		if (!isShared || !needs.some((one) => isSome(one.served!.net))) continue;
		const rank = { first: 0, last: 2 };
		const inOrder = needs.toSorted(
			(a, b) =>
				(a.line.claim ? rank[a.line.claim] : 1) - (b.line.claim ? rank[b.line.claim] : 1) ||
				((a.need.useDay ?? '9') < (b.need.useDay ?? '9') ? -1 : 1)
		);
		result.set(
			id,
			inOrder.map((one) => ({
				line: one.line.id,
				who: `${one.run.unit.name}, lesson ${one.lesson.number}${one.need.useDay ? `, ${dayText(one.need.useDay)}` : ''}`,
				gets: `${amountText(one.served!.fromStash, one.unit)} of ${amountText(one.served!.gross, one.unit)}`,
				claim: one.line.claim,
				isShort: isSome(one.served!.net)
			}))
		);
	}
	return result;
});
