import { dayText } from '$core/calendar/index.ts';
import { exact } from '$core/measure/index.ts';
import { money, thingText } from '$core/words/index.ts';
import { type Row, byId } from '$core/facts/index.ts';
import { limitsOf, type Situation } from '$core/account/index.ts';

/** What a unit has cost so far, against its budget. */
export type MoneyRow = { readonly unit: string; readonly spent: string; readonly budget: string };

export type Receipt = {
	readonly id: number;
	readonly text: string;
	readonly paid: string;
	readonly toClaim: boolean;
	/** Until when the shop takes it back, or when it did; empty where nothing is known. */
	readonly back: string;
	readonly canGoBack: boolean;
};

const SHOWN_RECEIPTS = 8;

/** The last purchases, the latest first. */
export function receiptsOf({ snapshot, today }: Situation): Receipt[] {
	return snapshot.purchases
		.toReversed()
		.slice(0, SHOWN_RECEIPTS)
		.map((one) => ({
			id: one.id,
			text: `${dayText(one.on_day)}: ${thingText(exact(one.amount), one.unit, byId(snapshot.items).get(one.item_id)!.name)}, ${snapshot.suppliers.find((shop) => shop.id === one.supplier_id)?.name ?? 'a store'}`,
			paid: money(one.cents),
			toClaim: one.reimbursable === 1,
			back: backText(one, today),
			canGoBack: one.returned_on === null && (one.return_by ?? today) >= today
		}));
}

/** What each unit in work has cost. What went back to its shop does not count. */
export function moneyOf({ inWork, snapshot }: Situation): MoneyRow[] {
	return inWork.map(({ row: run, unit }) => {
		const spent = snapshot.purchases
			.filter((one) => one.run_id === run.id && one.returned_on === null)
			.reduce((sum, one) => sum + one.cents, 0);
		const { budget } = limitsOf(run);
		return {
			unit: unit.name,
			spent: money(spent),
			budget:
				budget === null
					? ''
					: spent > budget
						? `${money(spent - budget)} over the budget of ${money(budget)}`
						: `${money(budget - spent)} left of ${money(budget)}`
		};
	});
}

/** What is to be paid back in all; empty when nothing is. */
export function claimText(purchases: readonly Row<'purchase'>[]): string {
	const cents = purchases
		.filter((one) => one.reimbursable === 1 && one.returned_on === null)
		.reduce((sum, one) => sum + one.cents, 0);
	return cents ? money(cents) : '';
}

function backText({ return_by, returned_on }: Row<'purchase'>, today: string): string {
	if (returned_on) return `returned ${dayText(returned_on)}`;
	if (!return_by) return '';
	return return_by < today ? '' : `can be returned until ${dayText(return_by)}`;
}
