import { guideBytes, hashOf } from '../demo/guide-file.ts';
import { beforeAll, describe, expect, it, vi } from 'vitest';
import { openHousehold } from './household.ts';
import { paramNames, requestEvent, routeOf, settled } from './requests.ts';

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
const guideHash = hashOf(guideBytes()!);
const PARAMS: Readonly<Record<string, readonly string[]>> = {
	run: ['1', '2', '0', '99999', 'one'],
	id: ['1', '3', '99999', '-1', 'one'],
	step: ['people', 'places', 'nowhere'],
	draft: ['none', '../../etc/passwd'],
	what: ['claims', 'supplies', 'places', 'list', 'plan', 'nothing'],
	format: ['csv', 'bib', 'nothing'],
	name: ['none.webp', '../state'],
	secret: ['wrong', ''],
	file: ['none', guideHash, '../state'],
	page: ['1', '0', '99999', 'x'],
	size: ['small', 'huge'],
	source: ['1', '99999', 'x'],
	document: ['1', '99999', 'x'],
	place: ['14', '1', '99999', 'x'],
	day: ['2027-01-22', '2027-02-30', '0001-01-01', 'today']
};

/** They lead on to another page, or have nothing to give in this household. */
const NOTHING_OF_ITS_OWN = [
	'/home',
	'/lists',
	'/start',
	'/house-certificate.crt',
	'/home/files/[draft]',
	'/pictures/[name]',
	'/calendar/[secret].ics',
	'/for/[secret]',
	'/units/[run]/print/edition/[source]/[document]'
];

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
	return paramNames(route).reduce<Record<string, string>[]>(
		(all, name) =>
			all.flatMap((one) => (PARAMS[name] ?? ['1', 'x']).map((value) => ({ ...one, [name]: value }))),
		[{}]
	);
}

describe.each([
	['the demo household', true],
	['a house in which nothing is noted yet', false]
])('in %s', (_, demo) => {
	beforeAll(() => {
		vi.resetModules();
		return openHousehold(demo);
	});

	it.each(Object.keys(servers).sort())('%s opens or refuses, whatever the address says', async (file) => {
		const { load, GET } = await servers[file]();
		const answers = load ?? GET;
		// A stream of news has no end.
		if (!answers || file.includes('/events/')) return;
		const route = routeOf(file);
		const queries = queriesOf(await sources[file]());
		let opened = 0;
		for (const params of paramsOf(route))
			for (const query of queries) {
				const event = requestEvent(route, params, { query: String(query) });
				const { data, refused } = await settled(() => answers(event));
				if (refused === undefined && data !== undefined) {
					opened += 1;
					// It goes to the browser as it is.
					if (!(data instanceof Response)) expect(() => structuredClone(data)).not.toThrow();
					else expect(data.status).toBeLessThan(500);
				}
			}
		if (demo && !NOTHING_OF_ITS_OWN.includes(route)) expect(opened).toBeGreaterThan(0);
	});
});
