import { amountText, exact } from '$core/measure/index.ts';
import { dollarsTyped } from '$core/words/index.ts';
import { byId, type Snapshot } from '$core/facts/index.ts';
import { writeCsv } from '../formats/csv.ts';

/** What a charter pays back, a purchase a row, with the sum at the end; only goes out. */
export function claimsCsv(snapshot: Snapshot): string {
	const units = new Map(
		snapshot.runs.map((run) => [run.id, byId(snapshot.units).get(run.unit_id)?.name ?? ''])
	);
	const claims = snapshot.purchases.filter((one) => one.reimbursable === 1 && one.returned_on === null);
	return writeCsv({
		header: ['Day', 'What', 'Amount', 'Store', 'Unit', 'Paid'],
		rows: [
			...claims.map((one) => [
				one.on_day,
				byId(snapshot.items).get(one.item_id)?.name ?? '',
				amountText(exact(one.amount), one.unit),
				snapshot.suppliers.find((shop) => shop.id === one.supplier_id)?.name ?? '',
				units.get(one.run_id ?? 0) ?? '',
				dollarsTyped(one.cents)
			]),
			['', 'Total', '', '', '', dollarsTyped(claims.reduce((sum, one) => sum + one.cents, 0))]
		]
	});
}
