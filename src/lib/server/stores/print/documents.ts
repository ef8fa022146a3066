import { sql } from 'kysely';
import type { Day } from '$core/calendar/index.ts';
import type { PageLook, PageWords } from '$core/print/index.ts';
import { json, type Row } from '$core/facts/index.ts';
import type { Db } from '../../database/open.ts';
import type { Trx } from '../../history/changes.ts';

/** Keeps the record of a PDF; the same bytes are one, whatever they were called. */
export async function addDocument(
	trx: Trx,
	input: Pick<Row<'document'>, 'sha256' | 'name' | 'bytes' | 'pages' | 'scripts'>,
	today: Day
): Promise<number> {
	const known = await trx
		.selectFrom('document')
		.select('id')
		.where('sha256', '=', input.sha256)
		.executeTakeFirst();
	if (known) return known.id;
	const { id } = await trx
		.insertInto('document')
		.values({ ...input, added_on: today })
		.returning('id')
		.executeTakeFirstOrThrow();
	return id;
}

/** The sizes of the pages of a PDF, in millimeters, as they are seen. Outside undo: they follow from the file. */
export async function notePages(
	db: Db,
	sha256: string,
	sizes: readonly { readonly width: number; readonly height: number }[]
): Promise<void> {
	const ROWS = 200;
	for (let from = 0; from < sizes.length; from += ROWS)
		await db
			.insertInto('document_page')
			.values(
				sizes.slice(from, from + ROWS).map(({ width, height }, index) => ({
					sha256,
					page: from + index + 1,
					width_mm: width,
					height_mm: height,
					text: null,
					colored: null
				}))
			)
			.onConflict((conflict) => conflict.columns(['sha256', 'page']).doNothing())
			.execute();
}

/** What was read on some pages that follow each other. */
export async function noteRead(
	db: Db,
	sha256: string,
	from: number,
	read: readonly PageWords[]
): Promise<void> {
	await db.transaction().execute(async (trx) => {
		for (const [index, { text, frames, heading }] of read.entries())
			await trx
				.updateTable('document_page')
				.set({ text, frames: json(frames), heading })
				.where('sha256', '=', sha256)
				.where('page', '=', from + index)
				.execute();
	});
}

/** What the picture of a page tells. */
export async function noteLook(
	db: Db,
	sha256: string,
	page: number,
	{ colored, ink, likeness }: PageLook
): Promise<void> {
	await db
		.updateTable('document_page')
		.set({ colored, ink: json(ink), likeness })
		.where('sha256', '=', sha256)
		.where('page', '=', page)
		.execute();
}

/** The pages of a PDF in order, as far as they were read. */
export function pagesOf(db: Db, sha256: string): Promise<Row<'document_page'>[]> {
	return db.selectFrom('document_page').selectAll().where('sha256', '=', sha256).orderBy('page').execute();
}

/** Pages on which some words stand, whatever their capitals. */
export function findPages(
	db: Db,
	words: string,
	most: number
): Promise<{ sha256: string; page: number; text: string }[]> {
	const pattern = `%${words.replace(/[%_\\]/g, '\\$&')}%`;
	return db
		.selectFrom('document_page')
		.select(['sha256', 'page', sql<string>`text`.as('text')])
		.where(sql<boolean>`text like ${pattern} escape '\\'`)
		.orderBy('id')
		.limit(most)
		.execute();
}
