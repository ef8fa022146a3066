import type { Action } from '@sveltejs/kit';
import fc from 'fast-check';
import { beforeAll, expect, it, vi } from 'vitest';
import { undo } from '../history/changes.ts';
import { opened } from '../live/data.ts';
import { situation } from '../live/now.ts';
import { fieldsOf, formsFor, listenToSchemas, sendForm } from './forms.ts';
import { doer, openHousehold } from './household.ts';
import { paramNames, requestEvent, routeOf, settled } from './requests.ts';

/** Forms that each action is sent before all pages are asked for; more of them with EVERY_ROW_FORMS. */
const FORMS = Number(process.env.EVERY_ROW_FORMS ?? 4);

type Page = { load?: (event: unknown) => unknown; actions?: Record<string, Action> };
const pages = import.meta.glob<Page>('/src/routes/**/+page.server.ts');

beforeAll(() => openHousehold());
beforeAll(listenToSchemas);

/** What stands for a route’s parameters, from what is in the house now. */
async function paramsOf(route: string): Promise<Record<string, string>[]> {
	const { snapshot, today } = await situation();
	const ids = (rows: readonly { readonly id: number }[]) => rows.slice(0, 2).map((one) => String(one.id));
	const values: Readonly<Record<string, readonly string[]>> = {
		run: ids(snapshot.runs),
		day: [today, '2027-01-26', '2027-02-04'],
		place: ids(snapshot.places),
		id: route.startsWith('/sittings') ? ids(snapshot.sittings) : ids(snapshot.resources),
		step: ['who', 'list']
	};
	return paramNames(route).reduce<Record<string, string>[]>(
		(all, name) => all.flatMap((one) => (values[name] ?? ['1']).map((value) => ({ ...one, [name]: value }))),
		[{}]
	);
}

/** Opens every page; whatever it has to refuse it refuses in words. */
async function openAll(after: readonly string[]): Promise<void> {
	for (const [file, page] of Object.entries(pages)) {
		const { load } = await page();
		if (!load) continue;
		const route = routeOf(file);
		for (const params of await paramsOf(route))
			try {
				await settled(() => load(requestEvent(route, params)));
			} catch (error) {
				throw new Error(`${route} ${JSON.stringify(params)} dies after\n${after.slice(-12).join('\n')}`, {
					cause: error
				});
			}
	}
}

it('whatever rows forms and undo leave, every page opens', async () => {
	const { write } = await opened();
	// A part of a page that says in its place that it could not be worked out is no page that opens.
	const said = vi.spyOn(console, 'error').mockImplementation(() => undefined);
	const random = (seed: number) => fc.sample(fc.nat(1_000_000), { seed, numRuns: 1 })[0];
	const seed = Number(process.env.EVERY_ROW_SEED ?? 1);
	const done: string[] = [];
	let changes = 0;
	for (const [at, file] of Object.keys(pages).sort().entries()) {
		const { actions = {} } = await pages[file]();
		const before = changes;
		for (const [name, action] of Object.entries(actions)) {
			// Puts what everybody stands on back, or takes the house away.
			if (/restore|empty/.test(name)) continue;
			const fields = await fieldsOf(file, name, action);
			const keys = (await situation()).needs.map((one) => one.need.key);
			for (const form of fc.sample(formsFor(fields, keys), { seed: random(seed + at), numRuns: FORMS })) {
				const answer = await sendForm(file, name, action, form);
				if (answer.status !== undefined || !answer.changed) continue;
				changes += 1;
				done.push(`${routeOf(file)}?/${name} ${JSON.stringify(form).slice(0, 300)}`);
			}
		}
		if (changes === before) continue;
		await openAll(done);
		// Some of it is taken back, the latest first.
		for (let back = random(seed * 31 + at) % (changes - before + 1); back > 0; back--)
			await undo(write, doer()).catch(() => undefined);
	}
	await openAll(done);
	expect(said.mock.calls).toEqual([]);
	expect(changes).toBeGreaterThan(100);
});
