import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

/** A tick or short edit that has not been answered yet. */
export type Waiting = {
	/** The operation id by which the server knows it again. */
	readonly id: string;
	readonly action: string;
	readonly fields: Readonly<Record<string, string>>;
	/** What it is about, for the parent. */
	readonly what: string;
	/** The revision that the page showed when it was made. */
	readonly seen: number;
	/** Why the server did not do it; it waits for a decision then. */
	readonly conflict?: string;
};

interface Kept extends DBSchema {
	waiting: { key: number; value: Waiting & { at: number }; indexes: { id: string } };
}

let opened: Promise<IDBPDatabase<Kept>> | null = null;

function database(): Promise<IDBPDatabase<Kept>> {
	return (opened ??= openDB<Kept>('gather-bin', 1, {
		upgrade(db) {
			const store = db.createObjectStore('waiting', { keyPath: 'at', autoIncrement: true });
			store.createIndex('id', 'id', { unique: true });
		}
	}));
}

/** All that waits on this device, in the order in which it was done. */
export async function allWaiting(): Promise<Waiting[]> {
	return (await database()).getAll('waiting');
}

export async function keepWaiting(one: Waiting): Promise<void> {
	// The key comes from the database, so that the order is that of the ticks.
	await (await database()).add('waiting', one as Waiting & { at: number });
}

/** Takes one out: it was answered, or is not wanted any more. */
export async function dropWaiting(id: string): Promise<void> {
	const db = await database();
	const key = await db.getKeyFromIndex('waiting', 'id', id);
	if (key !== undefined) await db.delete('waiting', key);
}

/** Writes down that the server refused one because something newer stands against it. */
export async function markConflict(id: string, conflict: string): Promise<void> {
	const db = await database();
	const key = await db.getKeyFromIndex('waiting', 'id', id);
	const one = key === undefined ? undefined : await db.get('waiting', key);
	if (one) await db.put('waiting', { ...one, conflict });
}
