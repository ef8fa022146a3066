// Who may import whom in src/lib/server; docs/architecture.md says why.

/** Rooms from the ground up; those of one line stand side by side and do not know each other. */
const SERVER = [
	['database'],
	['history', 'snapshot'],
	['stores'],
	['outside', 'files'],
	['services'],
	['exchange', 'demo'],
	['trust'],
	['live'],
	['schemas'],
	['requests']
];
const SERVICES = [
	['house'],
	['calendar'],
	['readiness'],
	['stash', 'library', 'plan', 'looking'],
	['buying'],
	['gathering', 'print', 'prepare', 'binders', 'boxes'],
	['setout'],
	['week'],
	['find']
];
const STORES = [
	['house', 'stash', 'library', 'readiness', 'files'],
	['gathering', 'buying', 'print', 'prepare', 'binders', 'boxes', 'setout'],
	['plan']
];

const UP = 'Rooms import downward only: move what is shared down, or hand it in.';

/** Of a room: those beside it and above it. */
const closedTo = (levels, room) =>
	levels
		.slice(levels.findIndex((level) => level.includes(room)))
		.flat()
		.filter((one) => one !== room);

/** Imports of a room, said from beside it (`up` folders up) or in full. */
const pattern = (up, base, rooms) => ({
	regex: `^(?:${up}|\\$lib/server/${base})(?:${rooms.join('|')})/`,
	message: UP
});

const NO_SCREENS = { regex: '^\\$lib/(?:ui|workers)/', message: 'The server knows no screens.' };

/** The rules of one room, `depth` folders below src/lib/server. */
function room(path, patterns) {
	return {
		files: [`src/lib/server/${path}/**/*.ts`],
		ignores: ['**/*.test.ts'],
		rules: { 'no-restricted-imports': ['error', { patterns: [...patterns, NO_SCREENS] }] }
	};
}

/** Rooms right in src/lib/server: their files, and those of a folder inside, look up one or two folders. */
const outer = (name) => {
	const closed = closedTo(SERVER, name);
	return closed.length ? [pattern('(?:\\.\\./){1,2}', '', closed)] : [];
};

/**
 * Rooms in services or stores: what stands beside them is one folder up, what is outside two; in services one more
 * for the folders inside a room.
 */
const inner = (hall, levels, name) => {
	const beside = closedTo(levels, name);
	return [
		pattern('(?:\\.\\./){2,3}', '', closedTo(SERVER, hall)),
		...(beside.length
			? [pattern(hall === 'services' ? '(?:\\.\\./){1,2}' : '\\.\\./', `${hall}/`, beside)]
			: [])
	];
};

export const rooms = [
	...SERVER.flat()
		.filter((name) => name !== 'services' && name !== 'stores')
		.map((name) => room(name, outer(name))),
	...SERVICES.flat().map((name) => room(`services/${name}`, inner('services', SERVICES, name))),
	...STORES.flat().map((name) => room(`stores/${name}`, inner('stores', STORES, name))),
	{
		files: ['src/lib/server/**/*.ts', 'src/routes/**/*.ts'],
		ignores: [
			'**/*.test.ts',
			'src/lib/server/{stores,demo,tests}/**',
			// They keep the record of changes itself.
			'src/lib/server/history/changes.ts',
			'src/lib/server/database/**'
		],
		rules: {
			'no-restricted-syntax': [
				'error',
				{
					selector: 'CallExpression[callee.property.name=/^(insertInto|updateTable|deleteFrom)$/]',
					message: 'Only stores write.'
				}
			]
		}
	},
	{
		files: ['src/lib/ui/**', 'src/routes/**/*.svelte'],
		rules: {
			'@typescript-eslint/no-restricted-imports': [
				'error',
				{
					patterns: [
						{
							regex: '^\\$lib/server/',
							allowTypeImports: true,
							message: 'Screens take types of the server, no code.'
						}
					]
				}
			]
		}
	}
];
