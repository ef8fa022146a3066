import { isHttpError, isRedirect } from '@sveltejs/kit';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';

const env: Record<string, string> = vi.hoisted(() => ({}));
vi.mock('$env/dynamic/private', () => ({ env }));

type Load = (event: unknown) => unknown;
const servers = import.meta.glob<{ load?: Load; GET?: Load }>([
	'/src/routes/**/+page.server.ts',
	'/src/routes/**/+layout.server.ts',
	'/src/routes/**/+server.ts'
]);
const sources = import.meta.glob<string>(
	['/src/routes/**/+page.server.ts', '/src/routes/**/+layout.server.ts', '/src/routes/**/+server.ts'],
	{
		query: '?raw',
		import: 'default'
	}
);

/** What people, and machines, put behind a question mark. */
const VALUES = [
	'',
	'0',
	'1',
	'2',
	'-1',
	'99999',
	'1.5',
	'all',
	'next',
	'orange',
	'<b>&"',
	'%',
	'\u0000',
	'2027-02-30',
	'🧲'.repeat(300)
];
const PARAMS: Readonly<Record<string, readonly string[]>> = {
	run: ['1', '2', '0', '99999', 'one'],
	id: ['1', '3', '99999', '-1', 'one'],
	step: ['people', 'places', 'nowhere'],
	draft: ['none', '../../etc/passwd'],
	what: ['claims', 'supplies', 'places', 'list', 'plan', 'nothing'],
	format: ['csv', 'bib', 'nothing'],
	name: ['none.webp', '../state'],
	secret: ['wrong', '']
};

/** They lead on to another page, or have nothing to give in this household. */
const NOTHING_OF_ITS_OWN = [
	'/home',
	'/lists',
	'/start',
	'/house-certificate.crt',
	'/home/files/[draft]',
	'/pictures/[name]',
	'/calendar/[secret].ics'
];

function eventOf(route: string, params: Record<string, string>, query: URLSearchParams) {
	const path = route.replace(/\[(\w+)\]/g, (_, name: string) => encodeURIComponent(params[name] ?? '1'));
	const url = new URL(`http://localhost${path}?${query}`);
	return {
		params,
		url,
		route: { id: route },
		locals: { device: 'laptop', actor: null },
		request: new Request(url),
		cookies: { get: () => undefined, set: () => undefined, delete: () => undefined },
		setHeaders: () => undefined,
		depends: () => undefined,
		untrack: <T>(work: () => T) => work(),
		parent: () => Promise.resolve({})
	};
}

/** Every value for each name, the others left out, and each pair of neighbors. */
function queriesOf(source: string): URLSearchParams[] {
	const names = [
		...new Set([...source.matchAll(/searchParams\.(?:get|has)\('(\w+)'\)/g)].map(([, name]) => name))
	];
	return [
		new URLSearchParams(),
		...names.flatMap((name) => VALUES.map((value) => new URLSearchParams({ [name]: value }))),
		...VALUES.map(
			(_, i) => new URLSearchParams(names.map((name, j) => [name, VALUES[(i + j) % VALUES.length]]))
		)
	];
}

function paramsOf(route: string): Record<string, string>[] {
	const names = [...route.matchAll(/\[(\w+)\]/g)].map(([, name]) => name);
	return names.reduce<Record<string, string>[]>(
		(all, name) =>
			all.flatMap((one) => (PARAMS[name] ?? ['1', 'x']).map((value) => ({ ...one, [name]: value }))),
		[{}]
	);
}

/** What was answered: data, a response, or a refusal with a status under 500. */
async function open(load: Load, event: unknown): Promise<{ data?: unknown; refused?: number }> {
	try {
		return { data: await load(event) };
	} catch (thrown) {
		if (isRedirect(thrown)) return { refused: thrown.status };
		if (isHttpError(thrown) && thrown.status < 500) return { refused: thrown.status };
		throw thrown;
	}
}

describe.each([
	['the demo household', '1'],
	['a house in which nothing is noted yet', '']
])('in %s', (_, demo) => {
	let folder: string;
	beforeAll(async () => {
		vi.resetModules();
		folder = await mkdtemp(join(tmpdir(), 'gather-bin-'));
		Object.assign(env, { GATHER_BIN_DATA: folder, GATHER_BIN_DEMO: demo });
	});
	afterAll(async () => {
		await (await import('../household.ts')).closeStore();
		await rm(folder, { recursive: true });
	});

	it.each(Object.keys(servers).sort())(
		'%s opens or refuses, whatever the address says',
		{ timeout: 120_000 },
		async (file) => {
			const { load, GET } = await servers[file]();
			const answers = load ?? GET;
			// A stream of news has no end.
			if (!answers || file.includes('/events/')) return;
			const route = file.replace('/src/routes', '').replace(/\/\+((page|layout)\.)?server\.ts$/, '');
			const queries = queriesOf(await sources[file]());
			let opened = 0;
			for (const params of paramsOf(route))
				for (const query of queries) {
					const { data, refused } = await open(answers, eventOf(route, params, query));
					if (refused !== undefined) expect(refused).toBeLessThan(500);
					else {
						opened += 1;
						// It goes to the browser as it is.
						if (!(data instanceof Response)) expect(() => structuredClone(data)).not.toThrow();
						else expect(data.status).toBeLessThan(500);
					}
				}
			if (demo && !NOTHING_OF_ITS_OWN.includes(route)) expect(opened).toBeGreaterThan(0);
		}
	);
});
