import type { Migration } from 'kysely';
import { addColumn } from './run.ts';

/** A word card has a place of its own on the board, where somebody put it there, and a meaning for its back. */
export const spots: Migration = {
	async up(db) {
		await addColumn(db, 'wall_word', 'spot', "text not null default ''");
		await addColumn(db, 'wall_word', 'meaning', "text not null default ''");
	}
};
