import type { SelectQueryBuilder } from 'kysely';
import type { Database } from '../database/tables/index.ts';

type Ordered =
	'lesson' | 'listed_book' | 'place' | 'print_source' | 'spine' | 'supplier' | 'supply_line' | 'wall_word';

/** The highest position among the rows of a query; 0 where there are none. */
export async function lastPosition<T extends Ordered>(
	rows: SelectQueryBuilder<Database, T, object>
): Promise<number> {
	// Each of these tables has the column; the query builder cannot know that of a table named later.
	const { last } = await (rows as unknown as SelectQueryBuilder<Database, Ordered, object>)
		.select((eb) => eb.fn.max('position').as('last'))
		.executeTakeFirstOrThrow();
	return Number(last ?? 0);
}
