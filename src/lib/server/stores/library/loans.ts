import { addDays, dayText, type Day } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import type { Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { resourceOf } from './resources.ts';
import { counted } from '$core/words/index.ts';

/** Places a hold, or asks a friend: it is expected after the usual wait. */
export async function placeHold(
	trx: Trx,
	resource: number,
	supplier: number,
	today: Day,
	expected: Day | null = null
): Promise<number> {
	const { title } = await resourceOf(trx, resource);
	const from = await supplierOf(trx, supplier);
	if (await openHold(trx, resource)) throw new Refusal(`There’s already a hold on “${title}”.`);
	const { id } = await trx
		.insertInto('loan')
		.values({
			resource_id: resource,
			direction: 'in',
			supplier_id: supplier,
			state: 'hold placed',
			placed_on: today,
			expected_on: expected ?? addDays(today, from.lead_days)
		})
		.returning('id')
		.executeTakeFirstOrThrow();
	return id;
}

/** The hold waits on the shelf. */
export async function holdReady(trx: Trx, id: number, day: Day): Promise<void> {
	await change(trx, id, ['hold placed'], { state: 'ready', ready_on: day });
}

/** It is not there yet: expected on a later day. */
export async function postponeHold(trx: Trx, id: number, day: Day): Promise<void> {
	await change(trx, id, ['hold placed'], { expected_on: day });
}

/** It was fetched: due after the days of a loan. */
export async function fetchLoan(trx: Trx, id: number, today: Day): Promise<void> {
	const loan = await change(trx, id, ['hold placed', 'ready'], { state: 'on loan', fetched_on: today });
	const { loan_days } = await supplierOf(trx, loan.supplier_id!);
	await trx
		.updateTable('loan')
		.set({ due_on: addDays(today, loan_days), ready_on: loan.ready_on ?? today })
		.where('id', '=', id)
		.execute();
}

/** One more time the days of a loan, counted from the day on which it was due. Answers the new due day. */
export async function renewLoan(trx: Trx, id: number): Promise<Day> {
	const loan = await loanOf(trx, id);
	const { renewals, loan_days, name } = await supplierOf(trx, loan.supplier_id!);
	if (loan.state !== 'on loan') throw new Refusal('Only a borrowed title can be renewed.');
	if (loan.renewed >= renewals)
		throw new Refusal(`${name} allows ${counted(renewals, 'renewal')}, all used. Place a new hold.`);
	const due = addDays(loan.due_on!, loan_days);
	await trx
		.updateTable('loan')
		.set({ renewed: loan.renewed + 1, due_on: due })
		.where('id', '=', id)
		.execute();
	return due;
}

/**
 * Writes a loan down as the library's own computer has it. Where it was changed here while the library was asked,
 * that stays, and only the number of its hold is noted. Answers whether all of it was written.
 *
 * @param seen the loan as the library's word was compared with it
 */
export async function patchLoan(
	trx: Trx,
	seen: Row<'loan'>,
	{ hold_number, ...patch }: Partial<Row<'loan'>>
): Promise<boolean> {
	const loan = await trx.selectFrom('loan').selectAll().where('id', '=', seen.id).executeTakeFirst();
	if (!loan) return false;
	const isAsSeen = (Object.keys(loan) as (keyof typeof loan)[]).every((one) => loan[one] === seen[one]);
	const all = { ...(isAsSeen ? patch : {}), ...(hold_number === undefined ? {} : { hold_number }) };
	if (Object.keys(all).length) await trx.updateTable('loan').set(all).where('id', '=', seen.id).execute();
	return isAsSeen;
}

/** It went back, or came back to us. */
export async function endLoan(trx: Trx, id: number, today: Day): Promise<void> {
	await change(trx, id, ['hold placed', 'ready', 'on loan'], { state: 'back', back_on: today });
}

/** Somebody borrows one of our own. */
export async function lendOut(
	trx: Trx,
	resource: number,
	borrower: string,
	today: Day,
	due: Day | null
): Promise<void> {
	const { title, owned, copies } = await resourceOf(trx, resource);
	if (!owned) throw new Refusal(`You don’t own “${title}”.`);
	if (due !== null && due < today) throw new Refusal(`${dayText(due)} has passed.`, 'due');
	const out = await trx
		.selectFrom('loan')
		.select('id')
		.where('resource_id', '=', resource)
		.where('direction', '=', 'out')
		.where('state', '=', 'on loan')
		.execute();
	if (out.length >= copies) throw new Refusal(`“${title}” is already lent.`, 'borrower');
	await trx
		.insertInto('loan')
		.values({
			resource_id: resource,
			direction: 'out',
			borrower,
			state: 'on loan',
			fetched_on: today,
			due_on: due
		})
		.execute();
}

async function change(
	trx: Trx,
	id: number,
	from: readonly Row<'loan'>['state'][],
	patch: Partial<Row<'loan'>>
): Promise<Row<'loan'>> {
	const loan = await loanOf(trx, id);
	if (!from.includes(loan.state)) throw new Refusal('That loan has changed. Reload the page.');
	await trx.updateTable('loan').set(patch).where('id', '=', id).execute();
	return loan;
}

async function loanOf(trx: Trx, id: number): Promise<Row<'loan'>> {
	const loan = await trx.selectFrom('loan').selectAll().where('id', '=', id).executeTakeFirst();
	if (!loan) throw new Refusal('That loan is gone. Reload the page.');
	return loan;
}

/** A hold that is not picked up; what is at home until it is due may be on hold again. */
function openHold(trx: Trx, resource: number) {
	return trx
		.selectFrom('loan')
		.selectAll()
		.where('resource_id', '=', resource)
		.where('direction', '=', 'in')
		.where('state', 'in', ['hold placed', 'ready'])
		.executeTakeFirst();
}

async function supplierOf(trx: Trx, id: number): Promise<Row<'supplier'>> {
	const supplier = await trx.selectFrom('supplier').selectAll().where('id', '=', id).executeTakeFirst();
	if (!supplier) throw new Refusal('That library or friend is no longer in the household.');
	return supplier;
}
