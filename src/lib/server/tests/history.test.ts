import type { Action } from '@sveltejs/kit';
import fc from 'fast-check';
import { beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { canConvert, convert, exact, ZERO, type Exact } from '$core/measure/index.ts';
import { json, byId } from '$core/facts/index.ts';
import { undo } from '../history/changes.ts';
import { opened } from '../live/data.ts';
import { situation } from '../live/now.ts';
import { fieldsOf, formsFor, listenToSchemas, sendForm, type Fields } from './forms.ts';
import { allRows, doer, openHousehold } from './household.ts';
import { paramNames, requestEvent, routeOf, settled } from './requests.ts';

/** Acts of a history, and how many pass between two looks at all pages; more with HISTORY_ACTS. */
const ACTS = Number(process.env.HISTORY_ACTS ?? 90);
const BETWEEN_LOOKS = 30;

type Page = { actions?: Record<string, Action>; load?: (event: unknown) => unknown };
const pages = import.meta.glob<Page>(['/src/routes/**/+page.server.ts', '/src/routes/**/+layout.server.ts']);

beforeEach(() => openHousehold());
beforeAll(listenToSchemas);

type Deed = { file: string; name: string; action: Action; fields: Fields };

/** Every action that goes through a form, with its fields. */
async function deeds(): Promise<Deed[]> {
	const all: Deed[] = [];
	for (const file of Object.keys(pages).sort())
		for (const [name, action] of Object.entries((await pages[file]()).actions ?? {}))
			all.push({ file, name, action, fields: await fieldsOf(file, name, action) });
	return all;
}

/** All pages, for each run, book and step that there may be. */
async function lookAtAllPages(): Promise<void> {
	const known: Record<string, string[]> = {
		run: ['1', '2', '3'],
		id: ['1', '2', '9'],
		step: ['people', 'places', 'measures', 'unit', 'list']
	};
	for (const file of Object.keys(pages)) {
		const { load } = await pages[file]();
		if (!load) continue;
		const route = routeOf(file);
		const [name] = paramNames(route);
		for (const value of name ? (known[name] ?? ['1']) : ['']) {
			const { data } = await settled(() => load(requestEvent(route, name ? { [name]: value } : {})));
			expect(() => structuredClone(data), route).not.toThrow();
		}
	}
}

/** What holds of a household, whatever was done in it. */
async function holds(): Promise<void> {
	const { snapshot, needs } = await situation();
	for (const lot of snapshot.lots) expect(exact(lot.amount).compare(0)).toBeGreaterThanOrEqual(0);
	const taken = new Map<string, Exact>();
	for (const { standing, amount, line, served, unit, item } of needs) {
		const parts = [standing.inHand, standing.toFetch, standing.arranged, standing.toLook, standing.missing];
		for (const part of parts) expect(part.compare(0)).toBeGreaterThanOrEqual(0);
		expect(parts.reduce((sum, part) => sum.add(part), ZERO).compare(amount)).toBe(0);
		if (line.use === 'consumed')
			for (const { lot, amount: some } of served?.lots ?? [])
				if (canConvert(unit, lot.unit, item.name))
					taken.set(lot.id, (taken.get(lot.id) ?? ZERO).add(convert(some, unit, lot.unit, item.name)));
	}
	const lots = byId(snapshot.lots);
	for (const [id, amount] of taken)
		expect(amount.compare(exact(lots.get(Number(id))!.amount)), `lot ${id}`).toBeLessThanOrEqual(0);
}

describe('a household in which anything may happen', () => {
	it.each([1, 2, 3])(
		'history %i: every page still opens, the account holds, and all of it can be undone',
		async (seed) => {
			const before = await allRows(await opened());
			const all = await deeds();
			const { write } = await opened();
			const keys = (await situation()).needs.map((one) => one.need.key);
			const order = fc.sample(
				fc.record({ deed: fc.constantFrom(...all), run: fc.constantFrom('1', '2', '3'), seed: fc.integer() }),
				{ numRuns: 4000, seed }
			);
			const done: string[] = [];
			for (const { deed, run, seed: own } of order) {
				if (done.length >= ACTS) break;
				const [form] = fc.sample(formsFor(deed.fields, keys), { numRuns: 1, seed: own });
				const { changed } = await sendForm(deed.file, deed.name, deed.action, form, run);
				if (!changed) continue;
				done.push(`${deed.file} ${deed.name} ${json(form).slice(0, 300)}`);
				if (done.length % BETWEEN_LOOKS) continue;
				await holds();
				await lookAtAllPages();
			}
			expect(done.length, 'too few acts were possible').toBeGreaterThan(BETWEEN_LOOKS);
			// Acts that lead to another page are changes as well, so nobody has counted them.
			const undoAll = async (): Promise<void> => undo(write, doer()).then(undoAll);
			await expect(undoAll()).rejects.toThrow('Nothing to undo.');
			expect(await allRows(await opened())).toEqual(before);
		}
	);
});
