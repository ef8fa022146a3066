// Moves a household's fixed day, and with it the demo library's, which takes it from there when it starts: npm run day -- 2027-02-01, or -- +3 for three days
// on. The server must be stopped; a household of its own gets a fixed day that way, and loses it with -- none.
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import SqliteDatabase from 'better-sqlite3';
import { ROOT } from './install.mjs';

const MS_A_DAY = 86_400_000;
/** A day so many days later. */
export const addDays = (day, days) => new Date(Date.parse(day) + days * MS_A_DAY).toISOString().slice(0, 10);

/** The fixed day of the household in a data folder; null where it goes by the clock. */
export function fixedDay(folder) {
	const file = join(folder, 'gather-bin.sqlite');
	if (!existsSync(file)) return null;
	const db = new SqliteDatabase(file, { readonly: true });
	try {
		return db.prepare('select fixed_today from household').pluck().get() ?? null;
	} finally {
		db.close();
	}
}

/** Sets the fixed day of the household in a data folder; null takes it away. */
export function setDay(folder, day) {
	const db = new SqliteDatabase(join(folder, 'gather-bin.sqlite'), { fileMustExist: true });
	try {
		db.prepare('update household set fixed_today = ?').run(day);
	} finally {
		db.close();
	}
}

if (import.meta.url === pathToFileURL(process.argv[1] ?? '').href) {
	const folder = process.env.GATHER_BIN_DATA ?? join(ROOT, 'data', 'demo');
	const [to = '+1'] = process.argv.slice(2);
	const from = fixedDay(folder) ?? new Date().toISOString().slice(0, 10);
	const day = to === 'none' ? null : /^[+-]\d+$/.test(to) ? addDays(from, Number(to)) : to;
	if (day !== null && Number.isNaN(Date.parse(day))) {
		console.error('Name a day like 2027-02-01, +3, or none.');
		process.exit(1);
	}
	setDay(folder, day);
	console.log(day === null ? 'The household goes by the clock again.' : `It is ${day} in ${folder}.`);
}
