import { Refusal } from '$core/error.ts';
import type { Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { lastPosition } from '../position.ts';

export type WallInput = Omit<Row<'wall'>, 'id' | 'run_id'>;

/** Where a unit's words hang. */
export async function setWall(trx: Trx, run: number, input: WallInput): Promise<void> {
	await trx
		.insertInto('wall')
		.values({ ...input, run_id: run })
		.onConflict((conflict) => conflict.column('run_id').doUpdateSet(input))
		.execute();
}

export type WordInput = Pick<Row<'wall_word'>, 'lesson_id' | 'text' | 'kept' | 'hidden_until'> & {
	readonly spot?: string;
	readonly meaning?: string;
};

/** Adds cards after those that are there. */
export async function addWords(trx: Trx, run: number, words: readonly WordInput[]): Promise<void> {
	const last = await lastPosition(trx.selectFrom('wall_word').where('run_id', '=', run));
	if (words.length)
		await trx
			.insertInto('wall_word')
			.values(
				words.map((one, at) => ({ spot: '', meaning: '', ...one, run_id: run, position: last + 1 + at }))
			)
			.execute();
}

export async function updateWord(
	trx: Trx,
	run: number,
	id: number,
	patch: Partial<WordInput>
): Promise<void> {
	const { numUpdatedRows } = await trx
		.updateTable('wall_word')
		.set(patch)
		.where('id', '=', id)
		.where('run_id', '=', run)
		.executeTakeFirst();
	if (numUpdatedRows === 0n) throw new Refusal('That card is gone already. Reload the page.');
}

export type PosterInput = Omit<Row<'wall_poster'>, 'id' | 'run_id'>;

export async function addPoster(trx: Trx, run: number, input: PosterInput): Promise<void> {
	await trx
		.insertInto('wall_poster')
		.values({ ...input, run_id: run })
		.execute();
}

export async function updatePoster(
	trx: Trx,
	run: number,
	id: number,
	patch: Partial<Pick<PosterInput, 'hidden_until' | 'lesson_id'>>
): Promise<void> {
	const { numUpdatedRows } = await trx
		.updateTable('wall_poster')
		.set(patch)
		.where('id', '=', id)
		.where('run_id', '=', run)
		.executeTakeFirst();
	if (numUpdatedRows === 0n) throw new Refusal('That poster is gone already. Reload the page.');
}

export async function removePoster(trx: Trx, run: number, id: number): Promise<void> {
	await trx.deleteFrom('wall_poster').where('id', '=', id).where('run_id', '=', run).execute();
}

export async function removeWord(trx: Trx, run: number, id: number): Promise<void> {
	await trx.deleteFrom('wall_word').where('id', '=', id).where('run_id', '=', run).execute();
}
