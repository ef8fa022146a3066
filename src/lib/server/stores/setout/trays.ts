import type { Day } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { json, type Row, type SetOut } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';

export type TrayInput = Omit<Row<'tray'>, 'id' | 'children' | 'lessons' | 'matches'> & {
	readonly children: readonly number[] | null;
	readonly lessons: readonly number[] | null;
	readonly matches: readonly string[];
};

/** A tray from the kitchen, of which nothing more is known: its size is a usual one (common practice). */
export const PLAIN_TRAY: Omit<TrayInput, 'title'> = {
	run_id: null,
	along_mm: 400,
	deep_mm: 300,
	high_mm: 80,
	skill: 'other',
	lessons: null,
	children: null,
	pieces: null,
	dangerous: 0,
	loved: 0,
	steps: '',
	stored_place_id: null,
	kind: 'tray',
	base: '',
	hidden: '',
	keeps_days: null,
	matches: []
};

const columns = ({ children, lessons, matches, ...rest }: Partial<TrayInput>) => ({
	...rest,
	...(children === undefined ? {} : { children: children && json(children) }),
	...(lessons === undefined ? {} : { lessons: lessons && json(lessons) }),
	...(matches === undefined ? {} : { matches: json(matches) })
});

const GONE = 'That tray is gone already. Reload the page.';

export async function addTray(trx: Trx, input: TrayInput): Promise<number> {
	const { children, lessons, matches, ...rest } = input;
	const { id } = await trx
		.insertInto('tray')
		.values({
			...rest,
			children: children && json(children),
			lessons: lessons && json(lessons),
			matches: json(matches)
		})
		.returning('id')
		.executeTakeFirstOrThrow();
	return id;
}

export async function updateTray(trx: Trx, id: number, patch: Partial<TrayInput>): Promise<void> {
	const { numUpdatedRows } = await trx
		.updateTable('tray')
		.set(columns(patch))
		.where('id', '=', id)
		.executeTakeFirst();
	if (numUpdatedRows === 0n) throw new Refusal(GONE);
}

export async function removeTray(trx: Trx, id: number): Promise<void> {
	await trx.deleteFrom('tray_standing').where('tray_id', '=', id).execute();
	const { numDeletedRows } = await trx.deleteFrom('tray').where('id', '=', id).executeTakeFirst();
	if (numDeletedRows === 0n) throw new Refusal(GONE);
}

/** A tray on a board. */
export type OnBoard = { readonly tray: number; readonly place: number };

/** What stands in one week, board by board from the left. */
export async function setWeek(trx: Trx, week: Day, standing: readonly OnBoard[]): Promise<void> {
	await trx.deleteFrom('tray_standing').where('week_on', '=', week).execute();
	if (standing.length)
		await trx
			.insertInto('tray_standing')
			.values(
				standing.map((one, position) => ({
					week_on: week,
					tray_id: one.tray,
					place_id: one.place,
					position
				}))
			)
			.execute();
}

/** Says how the household sets out. */
export async function setSetOut(trx: Trx, now: Partial<SetOut>, patch: Partial<SetOut>): Promise<void> {
	await trx
		.updateTable('household')
		.set({ set_out: json({ ...now, ...patch }) })
		.where('id', '=', 1)
		.execute();
}

/** The addresses of the children's own pages; a secret that is left out ends its page. */
export async function setChildLinks(trx: Trx, links: Readonly<Record<string, string>>): Promise<void> {
	await trx
		.updateTable('household')
		.set({ child_links: json(links) })
		.where('id', '=', 1)
		.execute();
}

/** Ticks something of a day, or takes the tick away. */
export async function tickDay(trx: Trx, on: Day, key: string, isDone: boolean): Promise<void> {
	if (isDone)
		await trx
			.insertInto('day_tick')
			.values({ on_day: on, key })
			.onConflict((conflict) => conflict.columns(['on_day', 'key']).doNothing())
			.execute();
	else await trx.deleteFrom('day_tick').where('on_day', '=', on).where('key', '=', key).execute();
}
