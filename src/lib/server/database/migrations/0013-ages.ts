import type { Kysely, Migration } from 'kysely';
import { addColumn } from './run.ts';

/** An age is as good as a date of birth: within how many days a birth is known. */
export const ages: Migration = {
	up: (db: Kysely<unknown>) => addColumn(db, 'person', 'born_within', 'integer not null default 0')
};
