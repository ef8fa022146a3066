import type { Day, Weekday } from '$core/calendar/index.ts';
import { removeOffersOf } from '../buying/offers.ts';
import { CoreError } from '$core/error.ts';
import type { Rung } from '$core/gathering/index.ts';
import type { ReadingLevel } from '$core/house/index.ts';
import type { System } from '$core/measure/index.ts';
import type { Row } from '../../database/tables.ts';
import type { Trx } from '../../history/changes.ts';
import { checkHabits, setStreamHabits, type Habits } from './habits.ts';

export type PersonInput = {
	readonly name: string;
	readonly kind: Row<'person'>['kind'];
	readonly born: Day | null;
	readonly allergies: readonly string[];
	/** Days on which a guest is there; empty is always. */
	readonly weekdays: readonly Weekday[];
	/** How high they reach, in mm; null takes what is usual for the age. */
	readonly reachMm: number | null;
	/** Grade or level, in the household's own words. */
	readonly level?: string;
	readonly reads?: readonly ReadingLevel[];
};

const columns = (input: PersonInput) => ({
	name: input.name,
	kind: input.kind,
	born: input.born,
	allergies: JSON.stringify(input.allergies),
	weekdays: input.kind === 'guest' && input.weekdays.length ? JSON.stringify(input.weekdays) : null,
	reach_mm: input.reachMm,
	level: input.level ?? '',
	reads: JSON.stringify(input.reads ?? [])
});

/** Adds someone; children and guests take part in every unit that is not put away. */
export async function addPerson(trx: Trx, input: PersonInput): Promise<number> {
	const { id } = await trx
		.insertInto('person')
		.values(columns(input))
		.returning('id')
		.executeTakeFirstOrThrow();
	if (input.kind !== 'adult') {
		const runs = await trx.selectFrom('run').select('id').where('state', '!=', 'put away').execute();
		for (const run of runs)
			await trx.insertInto('run_participant').values({ run_id: run.id, person_id: id }).execute();
	}
	return id;
}

export async function updatePerson(trx: Trx, id: number, input: PersonInput): Promise<void> {
	const { numUpdatedRows } = await trx
		.updateTable('person')
		.set(columns(input))
		.where('id', '=', id)
		.executeTakeFirst();
	if (numUpdatedRows === 0n)
		throw new CoreError('That person is not in the household any more. Load the page again.');
}

/** Takes someone out of the household and out of all units. */
export async function removePerson(trx: Trx, id: number): Promise<void> {
	await trx.deleteFrom('run_participant').where('person_id', '=', id).execute();
	await trx.deleteFrom('task').where('person_id', '=', id).execute();
	await trx.deleteFrom('goal').where('person_id', '=', id).execute();
	await trx.updateTable('activity').set({ helper_id: null }).where('helper_id', '=', id).execute();
	for (const table of ['need_state', 'wanted'] as const)
		await trx.updateTable(table).set({ person_id: null }).where('person_id', '=', id).execute();
	await trx.deleteFrom('person').where('id', '=', id).execute();
}

export type HouseholdInput = Measures & {
	readonly name: string;
	readonly habits: Habits;
	readonly countAgeDays: number;
	readonly country: string | null;
	readonly region: string | null;
	/** Content notes that the family wants to be warned about. */
	readonly contentPolicy: readonly string[];
	/** In percent. */
	readonly salesTax: number;
};

export type Measures = {
	readonly zone: string;
	readonly weekStart: Weekday;
	readonly measures: System;
	readonly paper: Row<'household'>['paper'];
};

export async function setHousehold(trx: Trx, input: HouseholdInput): Promise<void> {
	const { habits } = input;
	checkHabits(habits);
	await trx
		.updateTable('household')
		.set({
			name: input.name,
			...measureColumns(input),
			habit: habits.kind ?? 'a week ahead',
			habit_date: habits.date,
			count_age_days: input.countAgeDays,
			country: input.country,
			region: input.country ? input.region : null,
			content_policy: JSON.stringify(input.contentPolicy),
			sales_tax: String(input.salesTax)
		})
		.where('id', '=', 1)
		.execute();
	await setStreamHabits(trx, null, habits);
}

const measureColumns = (input: Measures) => ({
	zone: input.zone,
	week_start: input.weekStart,
	measures: input.measures,
	paper: input.paper
});

/** Sets in which measures, on which paper and by which clock the household lives. */
export async function setMeasures(trx: Trx, input: Measures): Promise<void> {
	await trx.updateTable('household').set(measureColumns(input)).where('id', '=', 1).execute();
}

/** Sets in which order sources are tried, how long each takes, and when the ground is frozen. */
export async function setSources(
	trx: Trx,
	input: {
		readonly ladder: readonly Rung[];
		readonly days: Readonly<Partial<Record<Rung, number>>>;
		readonly firstFrost: string | null;
		readonly lastFrost: string | null;
	}
): Promise<void> {
	if ((input.firstFrost === null) !== (input.lastFrost === null))
		throw new CoreError('Give both: when the ground freezes, and when it is open again.', 'lastFrost');
	await trx
		.updateTable('household')
		.set({
			ladder: JSON.stringify(input.ladder),
			rung_days: JSON.stringify(input.days),
			first_frost: input.firstFrost,
			last_frost: input.lastFrost
		})
		.where('id', '=', 1)
		.execute();
}

/** Gives the calendar feed an address, a new one each time, or takes it away. */
export async function setFeedSecret(trx: Trx, secret: string | null): Promise<void> {
	await trx.updateTable('household').set({ feed_secret: secret }).where('id', '=', 1).execute();
}

/** Writes down that a step of the first evening is done, or skipped for now. */
export async function markEvening(
	trx: Trx,
	marks: Readonly<Record<string, 'done' | 'skipped'>>
): Promise<void> {
	const { evening } = await trx.selectFrom('household').select('evening').executeTakeFirstOrThrow();
	await trx
		.updateTable('household')
		.set({ evening: JSON.stringify({ ...JSON.parse(evening), ...marks }) })
		.where('id', '=', 1)
		.execute();
}

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
	if (input.weekdays.length === 0) throw new CoreError('Please choose at least one open day.', 'weekdays');
	const row = {
		name: input.name,
		kind: input.kind,
		weekdays: JSON.stringify(input.weekdays),
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
	const { last } = await trx
		.selectFrom('supplier')
		.select((eb) => eb.fn.max('position').as('last'))
		.executeTakeFirstOrThrow();
	await trx
		.insertInto('supplier')
		.values({ ...row, position: Number(last ?? 0) + 1 })
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

/** A stretch in which nothing is prepared: what would end in it ends before. */
export async function addQuiet(trx: Trx, from: Day, to: Day, reason: string): Promise<void> {
	if (to < from) throw new CoreError('The last day must not be before the first.', 'to');
	await trx.insertInto('quiet').values({ from_on: from, to_on: to, reason }).execute();
}

export async function removeQuiet(trx: Trx, id: number): Promise<void> {
	await trx.deleteFrom('quiet').where('id', '=', id).execute();
}
