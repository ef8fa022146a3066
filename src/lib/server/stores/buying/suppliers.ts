import type { Weekday } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { json, type Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { removeOffersOf } from './offers.ts';
import { lastPosition } from '../position.ts';

export type SupplierInput = {
	readonly name: string;
	readonly kind: Row<'supplier'>['kind'];
	readonly weekdays: readonly Weekday[];
	readonly leadDays: number;
	/** Of a library or friend: days of a loan, how often it is renewed, days a hold is kept; as usual where left out. */
	readonly loanDays?: number;
	readonly renewals?: number;
	readonly shelfDays?: number;
	/** Of a shop: paid once a purchase, and from which sum of goods on it is free. */
	readonly feeCents?: number;
	readonly freeOverCents?: number | null;
	/** For so many days it takes things back; null is never. */
	readonly returnDays?: number | null;
};

export async function saveSupplier(trx: Trx, id: number | null, input: SupplierInput): Promise<void> {
	if (input.weekdays.length === 0) throw new Refusal('Choose at least one open day.', 'weekdays');
	const row = {
		name: input.name,
		kind: input.kind,
		weekdays: json(input.weekdays),
		lead_days: input.leadDays,
		...(input.loanDays === undefined ? {} : { loan_days: input.loanDays }),
		...(input.renewals === undefined ? {} : { renewals: input.renewals }),
		...(input.shelfDays === undefined ? {} : { shelf_days: input.shelfDays }),
		...(input.feeCents === undefined ? {} : { fee_cents: input.feeCents }),
		...(input.freeOverCents === undefined ? {} : { free_over_cents: input.freeOverCents }),
		...(input.returnDays === undefined ? {} : { return_days: input.returnDays })
	};
	if (id !== null) {
		await trx.updateTable('supplier').set(row).where('id', '=', id).execute();
		return;
	}
	const last = await lastPosition(trx.selectFrom('supplier'));
	await trx
		.insertInto('supplier')
		.values({ ...row, position: last + 1 })
		.execute();
}

/** Takes a shop off the list; what was to come from there comes from the first one again. */
export async function removeSupplier(trx: Trx, id: number): Promise<void> {
	await trx.updateTable('item').set({ supplier_id: null }).where('supplier_id', '=', id).execute();
	await trx.updateTable('need_state').set({ supplier_id: null }).where('supplier_id', '=', id).execute();
	for (const table of ['resource', 'loan'] as const)
		await trx.updateTable(table).set({ supplier_id: null }).where('supplier_id', '=', id).execute();
	await removeOffersOf(trx, id);
	const bundles = trx.selectFrom('bundle').select('id').where('supplier_id', '=', id);
	for (const table of ['errand', 'bundle_part'] as const)
		await trx.deleteFrom(table).where('bundle_id', 'in', bundles).execute();
	for (const table of ['bundle', 'stop'] as const)
		await trx.deleteFrom(table).where('supplier_id', '=', id).execute();
	await trx.updateTable('purchase').set({ supplier_id: null }).where('supplier_id', '=', id).execute();
	await trx.deleteFrom('supplier').where('id', '=', id).execute();
}
