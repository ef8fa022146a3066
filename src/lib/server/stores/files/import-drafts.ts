import type { Db } from '../../database/open.ts';
import type { HistoryRow } from '../../database/tables/index.ts';
import type { Trx } from '../../history/changes.ts';

const KEPT_DRAFTS = 20;

/** Keeps a file that was brought in until it is confirmed; only the latest few are kept. Answers its id. */
export async function keepDraft(
	db: Db,
	draft: Pick<HistoryRow<'import_draft'>, 'name' | 'text' | 'note'>
): Promise<number> {
	const { id } = await db
		.insertInto('import_draft')
		.values({ ...draft, at: new Date().toISOString() })
		.returning('id')
		.executeTakeFirstOrThrow();
	await db
		.deleteFrom('import_draft')
		.where('id', '<=', id - KEPT_DRAFTS)
		.execute();
	return id;
}

export function draftById(db: Db | Trx, id: number): Promise<HistoryRow<'import_draft'> | undefined> {
	return db.selectFrom('import_draft').selectAll().where('id', '=', id).executeTakeFirst();
}
