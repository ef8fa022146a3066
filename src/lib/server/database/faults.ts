/** A start that is refused: a sentence for whoever starts the server. */
export class StartRefusal extends Error {
	override readonly name = 'StartRefusal';
}

/** The file of the household is not where it was when it was opened. */
export class HouseGone extends Error {
	override readonly name = 'HouseGone';
	readonly code = 'HOUSE_GONE';
}

/** The file was found damaged, so nothing more is written into it. */
export class HouseDamaged extends Error {
	override readonly name = 'HouseDamaged';
	readonly code = 'HOUSE_DAMAGED';
}

const WORDS: readonly (readonly [RegExp, string])[] = [
	[
		/^(?:SQLITE_BUSY|SQLITE_LOCKED)/,
		'The household’s file is in use by another program. Nothing was changed; try again in a moment.'
	],
	[
		/^(?:SQLITE_FULL|ENOSPC|EDQUOT)/,
		'The disk is full. Nothing was changed, and nothing that was saved is lost. Make room on it, then try again.'
	],
	[
		/^(?:SQLITE_READONLY|EROFS|EACCES|EPERM)/,
		'The household’s folder cannot be written to. Nothing was changed; check its rights and its disk, then try again.'
	],
	[
		/^(?:SQLITE_CORRUPT|SQLITE_NOTADB|HOUSE_DAMAGED)/,
		'The household’s file is damaged. To change nothing more in it is safest: go back to a backup in House, under Health.'
	],
	[
		/^(?:HOUSE_GONE|SQLITE_READONLY_DBMOVED)/,
		'The household’s file is not in its folder any more. Is its disk still there? Nothing was changed.'
	],
	[
		/^(?:SQLITE_IOERR|SQLITE_CANTOPEN|EIO|ENODEV|ENXIO)/,
		'The household’s disk does not answer. Nothing was changed; check that it is there, then try again.'
	]
];

/** What is wrong with the disk or the file, as a sentence; null for any other error. */
export function faultText(error: unknown): string | null {
	const code = error instanceof Error && 'code' in error ? String(error.code) : '';
	return WORDS.find(([shape]) => shape.test(code))?.[1] ?? null;
}
