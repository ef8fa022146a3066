import type { Day } from '$core/calendar/index.ts';
import { exactText, type Exact, type Unit } from '$core/measure/index.ts';
import type { Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';

export type StatementInput = {
	readonly state: Row<'statement'>['state'];
	readonly place: number | null;
	/** How much is asked for in all just now, where amounts can be added up. */
	readonly asked: { readonly amount: Exact; readonly unit: Unit } | null;
};

/** Keeps what was said of a thing; an older word on it is gone. */
export async function say(trx: Trx, item: number, input: StatementInput, today: Day): Promise<void> {
	const row = {
		state: input.state,
		place_id: input.place,
		said_on: today,
		asked: input.asked && exactText(input.asked.amount),
		asked_unit: input.asked && input.asked.unit
	};
	await trx
		.insertInto('statement')
		.values({ item_id: item, ...row })
		.onConflict((conflict) => conflict.column('item_id').doUpdateSet(row))
		.execute();
}

/** Says the same of many things of which nothing was said before. */
export async function sayOfAll(
	trx: Trx,
	state: Row<'statement'>['state'],
	things: readonly { readonly item: number; readonly asked: StatementInput['asked'] }[],
	today: Day
): Promise<void> {
	const rows = things.map(({ item, asked }) => ({
		item_id: item,
		state,
		place_id: null,
		said_on: today,
		asked: asked && exactText(asked.amount),
		asked_unit: asked && asked.unit
	}));
	for (let at = 0; at < rows.length; at += ROWS_AT_ONCE)
		await trx
			.insertInto('statement')
			.values(rows.slice(at, at + ROWS_AT_ONCE))
			.execute();
}

/** A statement of SQL takes so many values at the most. */
const ROWS_AT_ONCE = 500;

/** What there is enough of lies in another place now. */
export async function saidAt(trx: Trx, item: number, place: number | null): Promise<void> {
	await trx
		.updateTable('statement')
		.set({ place_id: place })
		.where('item_id', '=', item)
		.where('state', '=', 'enough')
		.execute();
}

/** Forgets what was said of a thing: what was counted, or any parent's judgement, counts again. */
export async function unsay(trx: Trx, item: number): Promise<void> {
	await trx.deleteFrom('statement').where('item_id', '=', item).execute();
}

/** A thing is not where it was looked for: in a place of the house, or where houses keep such things. */
export async function noteNotHere(
	trx: Trx,
	item: number,
	where: { readonly place: number | null; readonly kind: string },
	today: Day
): Promise<void> {
	await trx
		.insertInto('not_here')
		.values({ item_id: item, place_id: where.place, kind: where.kind, on_day: today })
		.execute();
}

/** A thing was found, so where it was not counts no more. */
export async function forgetNotHere(trx: Trx, item: number): Promise<void> {
	await trx.deleteFrom('not_here').where('item_id', '=', item).execute();
}

/** Two names are one thing: lots and *enough* beat *none*, else the newer word counts; places join. */
export async function mergeStatements(trx: Trx, from: number, into: number): Promise<void> {
	const words = await trx.selectFrom('statement').selectAll().where('item_id', 'in', [from, into]).execute();
	await trx.updateTable('not_here').set({ item_id: into }).where('item_id', '=', from).execute();
	await unsay(trx, from);
	if (words.length === 0) return;
	const [best, other] = words.toSorted(
		(a, b) => Number(b.state === 'enough') - Number(a.state === 'enough') || (a.said_on < b.said_on ? 1 : -1)
	);
	const hasLots = await trx.selectFrom('lot').select('id').where('item_id', '=', into).executeTakeFirst();
	await unsay(trx, into);
	if (best.state === 'none' && hasLots) return;
	const { id: _, ...row } = best;
	await trx
		.insertInto('statement')
		.values({ ...row, item_id: into, place_id: best.place_id ?? other?.place_id ?? null })
		.execute();
}
