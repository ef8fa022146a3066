import type { Action } from '@sveltejs/kit';
import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { undo } from '../history/changes.ts';
import { opened } from '../live/data.ts';
import { situation } from '../live/now.ts';
import { fieldsOf, formsFor, listenToSchemas, sendForm } from './forms.ts';
import { allRows, doer, openHousehold } from './household.ts';

/** Forms that each action is sent; more of them with EVERY_ACTION_FORMS. */
const FORMS = Number(process.env.EVERY_ACTION_FORMS ?? 5);

const pages = import.meta.glob<{ actions?: Record<string, Action> }>('/src/routes/**/+page.server.ts');

beforeAll(() => openHousehold());
beforeAll(listenToSchemas);

describe('every action of every page, whatever it is sent', () => {
	it.each(Object.keys(pages).sort())('%s', async (file) => {
		const { actions = {} } = await pages[file]();
		for (const [name, action] of Object.entries(actions)) {
			const fields = await fieldsOf(file, name, action);
			const { write } = await opened();
			const keys = (await situation()).needs.map((one) => one.need.key);
			await fc.assert(
				fc.asyncProperty(formsFor(fields, keys), async (form) => {
					const before = await allRows(await opened());
					const answer = await sendForm(file, name, action, form);
					if (answer.status !== undefined) {
						// A sentence, and nothing lost.
						expect(answer.data?.message, name).toMatch(/^[\p{Lu}“‘\d].*[.!?…”]$/su);
						expect(answer.data?.message).not.toMatch(/undefined|\[object|NaN|SQLITE|constraint/);
						expect(await allRows(await opened())).toEqual(before);
					} else if (answer.changed) {
						// Everything can still be computed, and taken back.
						await situation();
						await undo(write, doer());
						expect(await allRows(await opened())).toEqual(before);
					}
				}),
				// The same forms each time; another choice with EVERY_ACTION_SEED.
				{ numRuns: FORMS, seed: Number(process.env.EVERY_ACTION_SEED ?? 1) }
			);
		}
	});
});
