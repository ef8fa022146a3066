import { BASKET, CHART, SHELF, STANDING, TRAYS, WALL, WORDS } from '../../../../demo/setout.ts';
import type { Db } from '../database/open.ts';
import { addPlace } from '../stores/house/places.ts';
import { addBasketPart } from '../stores/setout/basket.ts';
import { addTray, PLAIN_TRAY, setSetOut, setWeek } from '../stores/setout/trays.ts';
import { addPoster, addWords, setWall } from '../stores/setout/wall.ts';

/** The shelf with its trays over three weeks, the board with its words, and the basket of January. */
export async function seedSetOut(db: Db, run: number): Promise<void> {
	await db.transaction().execute(async (trx) => {
		const idOf = async (table: 'place' | 'person', name: string) =>
			(await trx.selectFrom(table).select('id').where('name', '=', name).executeTakeFirstOrThrow()).id;
		const lessons = await trx
			.selectFrom('lesson')
			.select('id')
			.where('run_id', '=', run)
			.orderBy('position')
			.execute();
		const plain = { length_mm: null, width_mm: null, height_mm: null, floor_mm: null };
		const shelf = await addPlace(trx, await idOf('place', SHELF.room), {
			name: SHELF.name,
			kind: 'furniture',
			...plain
		});
		const boards = new Map<string, number>();
		for (const { name, high, clear } of SHELF.boards)
			boards.set(
				name,
				await addPlace(trx, shelf, {
					name,
					kind: 'shelf',
					length_mm: SHELF.along,
					width_mm: SHELF.deep,
					height_mm: clear,
					floor_mm: high
				})
			);
		const trays = new Map<string, number>();
		for (const one of TRAYS)
			trays.set(
				one.title,
				await addTray(trx, {
					...PLAIN_TRAY,
					title: one.title,
					run_id: one.lesson ? run : null,
					along_mm: one.along ?? 420,
					deep_mm: 320,
					high_mm: one.high ?? 90,
					skill: one.skill,
					lessons: one.lesson ? [lessons[one.lesson - 1].id] : null,
					children: await Promise.all(one.children.map((name) => idOf('person', name))),
					pieces: one.pieces ?? null,
					dangerous: one.dangerous ? 1 : 0,
					loved: one.loved ? 1 : 0,
					steps: one.steps,
					stored_place_id: await idOf('place', 'art cart'),
					kind: one.base ? 'sensory' : 'tray',
					base: one.base ?? '',
					hidden: one.hidden ?? '',
					matches: one.matches ?? []
				})
			);
		for (const [week, standing] of Object.entries(STANDING))
			await setWeek(
				trx,
				week,
				standing.map(([board, tray]) => ({ place: boards.get(board)!, tray: trays.get(tray)! }))
			);
		await setSetOut(
			trx,
			{},
			{
				shelf,
				basketSince: '2027-01-05',
				dayStart: '09:00',
				ledge: 900,
				basketSize: { length: 400, width: 300, height: 250 }
			}
		);
		await setWall(trx, run, WALL);
		await addPoster(trx, run, {
			title: CHART.title,
			width_mm: CHART.width_mm,
			height_mm: CHART.height_mm,
			lesson_id: lessons[CHART.lesson - 1].id,
			resource_id: null,
			hidden_until: null
		});
		for (const [at, words] of WORDS.entries())
			await addWords(
				trx,
				run,
				words.split(', ').map((word) => ({
					lesson_id: lessons[at].id,
					text: word.replace('*', ''),
					kept: word.endsWith('*') ? 1 : 0,
					hidden_until: null
				}))
			);
		for (const { fromLibrary, ...part } of BASKET)
			await addBasketPart(trx, {
				resource_id: fromLibrary
					? (
							await trx
								.selectFrom('resource')
								.select('id')
								.where('title', '=', part.title)
								.executeTakeFirstOrThrow()
						).id
					: null,
				month: null,
				page_by: null,
				first_page: null,
				last_page: null,
				a_day: 1,
				since: null,
				...part
			});
	});
}
