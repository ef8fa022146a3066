import { isHttpError, isRedirect, type Action, type RequestEvent } from '@sveltejs/kit';
import fc from 'fast-check';
import Joi from 'joi';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { closeStore, situation, store } from '../household.ts';
import { undo } from '../stores/changes.ts';
import { allRows, doer } from './household.ts';

const env: Record<string, string> = vi.hoisted(() => ({}));
vi.mock('$env/dynamic/private', () => ({ env }));

/** Forms that each action is sent; more of them with EVERY_ACTION_FORMS. */
const FORMS = Number(process.env.EVERY_ACTION_FORMS ?? 5);

type Page = { actions?: Record<string, Action> };
const pages = import.meta.glob<Page>('/src/routes/**/+page.server.ts');

type Described = {
	readonly type?: string;
	readonly allow?: readonly unknown[];
	readonly flags?: { readonly only?: boolean };
	readonly matches?: readonly { readonly schema?: Described }[];
};
let fields: Readonly<Record<string, Described>> = {};
let isDescribing = false;

/** Notes the fields of each form that is checked, so that the next one can be nearly right. */
function listenToSchemas(): void {
	let prototype = Object.getPrototypeOf(Joi.object()) as Joi.ObjectSchema;
	while (!Object.hasOwn(prototype, 'validate'))
		prototype = Object.getPrototypeOf(prototype) as Joi.ObjectSchema;
	const { validate } = prototype;
	vi.spyOn(prototype, 'validate').mockImplementation(function (this: Joi.ObjectSchema, ...given) {
		if (!isDescribing) {
			// A description checks itself with a schema, too.
			isDescribing = true;
			const { keys } = this.describe() as { keys?: Record<string, Described> };
			isDescribing = false;
			if (keys) fields = keys;
		}
		return validate.apply(this, given);
	});
}

let folder: string;
beforeAll(async () => {
	folder = await mkdtemp(join(tmpdir(), 'gather-bin-'));
	Object.assign(env, { GATHER_BIN_DATA: folder, GATHER_BIN_DEMO: '1' });
	listenToSchemas();
	await store();
});
afterAll(async () => {
	await closeStore();
	await rm(folder, { recursive: true });
});

const ID = fc.oneof(
	{ weight: 6, arbitrary: fc.integer({ min: 1, max: 12 }).map(String) },
	fc.constantFrom('0', '-1', '1.5', '999999', '', 'one')
);
const NUMBER = fc.oneof(
	{ weight: 4, arbitrary: fc.integer({ min: 0, max: 60 }).map(String) },
	fc.constantFrom('', '-3', '0.5', '1e9', 'NaN', 'twelve', '12,5', '99999999999999999999')
);
const TEXT = fc.oneof(
	{
		weight: 3,
		arbitrary: fc.constantFrom(
			'orange',
			'Lesson 3',
			'2',
			'1 1/2',
			'2 kg',
			'Mar 20',
			'2027-02-09',
			'each',
			'a, b'
		)
	},
	fc.constantFrom(
		'',
		'   ',
		'-4',
		'1/0',
		'2027-02-30',
		'{"a":1}',
		'[]',
		'<b>&',
		"'; drop table lot; --",
		'🧲',
		'\u0000'
	),
	fc.constant('long '.repeat(2000)),
	fc.string()
);

/** A value that fits the described field more often than not. */
function valueOf(name: string, field: Described, keys: readonly string[]): fc.Arbitrary<string> {
	if (name === 'keys')
		return fc.oneof(
			{
				weight: 4,
				arbitrary: fc.subarray([...keys], { minLength: 1, maxLength: 3 }).map((some) => some.join(' '))
			},
			TEXT
		);
	const choices = (field.allow ?? []).map((one) => String(one ?? ''));
	if (field.flags?.only && choices.length)
		return fc.oneof({ weight: 5, arbitrary: fc.constantFrom(...choices) }, TEXT);
	if (field.type === 'boolean') return fc.constantFrom('on', '', 'true', 'false', 'maybe');
	if (field.type === 'number')
		return /^id$|[a-z]Id$|run|lot|item|lesson|person|place|supplier/.test(name) ? ID : NUMBER;
	if (field.type === 'alternatives') return fc.oneof(ID, TEXT);
	return TEXT;
}

function formOf(keys: readonly string[]): fc.Arbitrary<Record<string, string>> {
	const values = Object.entries(fields).map(([name, field]) => [name, valueOf(name, field, keys)] as const);
	return fc.record<Record<string, string>, string>(Object.fromEntries(values), {
		requiredKeys: []
	}) as fc.Arbitrary<Record<string, string>>;
}

function eventOf(route: string, name: string, form: Record<string, string>): RequestEvent {
	const params = Object.fromEntries(
		[...route.matchAll(/\[(\w+)\]/g)].map(([, param]) => [param, param === 'step' ? 'people' : '1'])
	);
	const body = new FormData();
	for (const [field, value] of Object.entries(form)) body.set(field, value);
	const url = new URL(`http://localhost/?/${name}`);
	return {
		params,
		url,
		locals: { device: 'laptop', actor: null },
		request: new Request(url, { method: 'POST', body }),
		cookies: { get: () => undefined, set: () => undefined, delete: () => undefined }
	} as unknown as RequestEvent;
}

type Answer = { status?: number; data?: { message?: string }; changed?: string | null };

/** What an action answers; where to go next and what is not found are answers, too. */
async function ask(action: Action, event: RequestEvent): Promise<Answer> {
	try {
		return ((await action(event as Parameters<Action>[0])) ?? {}) as Answer;
	} catch (thrown) {
		if (isRedirect(thrown)) return {};
		if (isHttpError(thrown) && thrown.status < 500) return { status: thrown.status, data: thrown.body };
		throw thrown;
	}
}

describe('every action of every page, whatever it is sent', () => {
	it.each(Object.keys(pages).sort())('%s', { timeout: 300_000 }, async (file) => {
		const { actions = {} } = await pages[file]();
		const route = file.replace('/src/routes', '').replace('/+page.server.ts', '');
		for (const [name, action] of Object.entries(actions)) {
			fields = {};
			await ask(action, eventOf(route, name, {}));
			const { write } = await store();
			const keys = (await situation()).needs.map((one) => one.need.key);
			await fc.assert(
				fc.asyncProperty(formOf(keys), async (form) => {
					const before = await allRows(await store());
					const answer = await ask(action, eventOf(route, name, form));
					if (answer.status !== undefined) {
						// A sentence, and nothing lost.
						expect(answer.data?.message, name).toMatch(/^[\p{Lu}“‘\d].*[.!?…”]$/su);
						expect(answer.data?.message).not.toMatch(/undefined|\[object|NaN|SQLITE|constraint/);
						expect(await allRows(await store())).toEqual(before);
					} else if (answer.changed) {
						// Everything can still be computed, and taken back.
						await situation();
						await undo(write, doer());
						expect(await allRows(await store())).toEqual(before);
					}
				}),
				{ numRuns: FORMS }
			);
		}
	});
});
