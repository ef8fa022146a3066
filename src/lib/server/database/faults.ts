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
		'The household’s file is in use by another program. Nothing changed; try again in a moment.'
	],
	[
		/^(?:SQLITE_FULL|ENOSPC|EDQUOT)/,
		'The disk is full. Nothing changed, and nothing you saved is lost. Free up some room, then try again.'
	],
	[
		/^(?:SQLITE_READONLY|EROFS|EACCES|EPERM)/,
		'The household’s folder can’t be written to. Nothing changed; check its permissions and its disk, then try again.'
	],
	[
		/^(?:SQLITE_CORRUPT|SQLITE_NOTADB|HOUSE_DAMAGED)/,
		'The household’s file is damaged. It’s safest to change nothing more: go back to a backup in Household, under Health.'
	],
	[
		/^(?:HOUSE_GONE|SQLITE_READONLY_DBMOVED)/,
		'The household’s file is no longer in its folder. Is its disk still there? Nothing changed.'
	],
	[
		/^(?:SQLITE_IOERR|SQLITE_CANTOPEN|EIO|ENODEV|ENXIO)/,
		'The household’s disk isn’t answering. Nothing changed; check that it’s there, then try again.'
	]
];

/** What is wrong with the disk or the file, as a sentence; null for any other error. */
export function faultText(error: unknown): string | null {
	const code = error instanceof Error && 'code' in error ? String(error.code) : '';
	return WORDS.find(([shape]) => shape.test(code))?.[1] ?? null;
}
