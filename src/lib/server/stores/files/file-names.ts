import type { Db } from '../../database/open.ts';

/** Whether a row names a kept file, or one that undo could bring back. */
export async function isFileNamed(db: Db, name: string): Promise<boolean> {
	for (const table of ['resource', 'lot'] as const)
		if (await db.selectFrom(table).select('id').where('picture', '=', name).limit(1).executeTakeFirst())
			return true;
	const [hash] = name.split('.');
	if (await db.selectFrom('document').select('id').where('sha256', '=', hash).executeTakeFirst()) return true;
	const remembered = await db
		.selectFrom('change_row')
		.select('id')
		.where((or) => or.or([or('before', 'like', `%${hash}%`), or('after', 'like', `%${hash}%`)]))
		.limit(1)
		.executeTakeFirst();
	return remembered !== undefined;
}
