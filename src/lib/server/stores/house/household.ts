import type { OwnRates } from '$core/prepare/index.ts';
import type { Printing } from '$core/print/index.ts';
import type { Day, Weekday } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import type { Rung } from '$core/gathering/index.ts';
import type { System } from '$core/measure/index.ts';
import { json, parsed, type Row } from '$core/facts/index.ts';
import type { Db } from '../../database/open.ts';
import type { Trx } from '../../history/changes.ts';
import { lastPosition } from '../position.ts';
import { checkHabits, setStreamHabits, type Habits } from './habits.ts';

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
			content_policy: json(input.contentPolicy),
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

/** Keeps the frame into which every unit is put. */
export async function setFrame(trx: Trx, frame: string): Promise<void> {
	await trx.updateTable('household').set({ frame }).where('id', '=', 1).execute();
}

/** Sets the printer, what printing costs, and how the household prints. */
export async function setPrinting(trx: Trx, printing: Partial<Printing>): Promise<void> {
	await trx
		.updateTable('household')
		.set({ printing: json(printing) })
		.where('id', '=', 1)
		.execute();
}

/** Sets how long the household's own preparing takes, and whether it goes by kind or by lesson. */
export async function setPreparing(
	trx: Trx,
	{ rates, habit }: { readonly rates?: OwnRates; readonly habit?: Row<'household'>['prep_habit'] }
): Promise<void> {
	await trx
		.updateTable('household')
		.set({ ...(rates && { prep_rates: json(rates) }), ...(habit && { prep_habit: habit }) })
		.where('id', '=', 1)
		.execute();
}

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
		throw new Refusal('Enter both: when the ground freezes, and when it thaws.', 'lastFrost');
	await trx
		.updateTable('household')
		.set({
			ladder: json(input.ladder),
			rung_days: json(input.days),
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
		.set({ evening: json({ ...parsed(evening), ...marks }) })
		.where('id', '=', 1)
		.execute();
}

/** A stretch in which nothing is prepared: what would end in it ends before. */
export async function addQuiet(trx: Trx, from: Day, to: Day, reason: string): Promise<void> {
	if (to < from) throw new Refusal('The last day must be after the first day.', 'to');
	await trx.insertInto('quiet').values({ from_on: from, to_on: to, reason }).execute();
}

export async function removeQuiet(trx: Trx, id: number): Promise<void> {
	await trx.deleteFrom('quiet').where('id', '=', id).execute();
}

const WORKDAYS = json<readonly Weekday[]>([1, 2, 3, 4, 5, 6]);

/** A library of which nothing is known yet: open on Saturdays, too, and a hold takes a week (common practice). */
const USUAL_LIBRARY = { name: 'Library', kind: 'library', weekdays: WORKDAYS, lead_days: 7 } as const;

/** The household’s first library; the usual one is added where it has none. Answers its id. */
export async function someLibrary(trx: Trx): Promise<number> {
	const there = await trx
		.selectFrom('supplier')
		.select('id')
		.where('kind', '=', 'library')
		.orderBy('position')
		.executeTakeFirst();
	if (there) return there.id;
	const { id } = await trx
		.insertInto('supplier')
		.values({ ...USUAL_LIBRARY, position: (await lastPosition(trx.selectFrom('supplier'))) + 1 })
		.returning('id')
		.executeTakeFirstOrThrow();
	return id;
}

/** What every household starts with: nobody, nothing, and the usual places to get things. */
export async function seedEmpty(db: Db, zone: string): Promise<void> {
	await db.transaction().execute(async (trx) => {
		await trx
			.insertInto('household')
			.values({
				id: 1,
				name: 'Our household',
				zone,
				week_start: zone.startsWith('America/') ? 7 : 1,
				fixed_today: null,
				measures: zone.startsWith('America/') ? 'us' : 'metric',
				habit: 'a week ahead',
				habit_date: null,
				count_age_days: 120
			})
			.execute();
		await trx
			.insertInto('supplier')
			.values([
				{ name: 'Store', kind: 'shop', weekdays: WORKDAYS, lead_days: 0, position: 1 },
				{ name: 'Online order', kind: 'order', weekdays: WORKDAYS, lead_days: 5, position: 2 },
				{
					name: 'Friends',
					kind: 'friend',
					weekdays: json<readonly Weekday[]>([1, 2, 3, 4, 5, 6, 7]),
					lead_days: 3,
					position: 3
				},
				{ ...USUAL_LIBRARY, position: 4 }
			])
			.execute();
	});
}
