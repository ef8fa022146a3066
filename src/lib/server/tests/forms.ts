import type { Action } from '@sveltejs/kit';
import fc from 'fast-check';
import Joi from 'joi';
import { vi } from 'vitest';
import { paramNames, requestEvent, routeOf, settled } from './requests.ts';

/** What a schema says of one of its fields. */
type Field = {
	readonly type?: string;
	readonly allow?: readonly unknown[];
	readonly flags?: { readonly only?: boolean };
};
export type Fields = Readonly<Record<string, Field>>;

let lastChecked: Fields = {};
let isDescribing = false;

/** Notes the fields of each form that is checked from now on, so that the next one can be nearly right. */
export function listenToSchemas(): void {
	let prototype = Object.getPrototypeOf(Joi.object()) as Joi.ObjectSchema;
	while (!Object.hasOwn(prototype, 'validate'))
		prototype = Object.getPrototypeOf(prototype) as Joi.ObjectSchema;
	const { validate } = prototype;
	vi.spyOn(prototype, 'validate').mockImplementation(function (this: Joi.ObjectSchema, ...given) {
		if (!isDescribing) {
			// A description checks itself with a schema, too.
			isDescribing = true;
			const { keys } = this.describe() as { keys?: Fields };
			isDescribing = false;
			if (keys) lastChecked = keys;
		}
		return validate.apply(this, given);
	});
}

/** The fields that an action asks for, as an empty form lets it say. */
export async function fieldsOf(file: string, name: string, action: Action): Promise<Fields> {
	lastChecked = {};
	await sendForm(file, name, action, {});
	return lastChecked;
}

export type Answer = {
	readonly status?: number;
	readonly data?: { readonly message?: string };
	readonly changed?: string | null;
};

/** Sends a form to an action of a page. */
export async function sendForm(
	file: string,
	name: string,
	action: Action,
	form: Readonly<Record<string, string>>,
	run = '1'
): Promise<Answer> {
	const route = routeOf(file);
	const params = Object.fromEntries(
		paramNames(route).map((param) => [param, param === 'step' ? 'people' : param === 'run' ? run : '1'])
	);
	const event = requestEvent(route, params, { query: `/${name}`, form });
	const { data, refused, message } = await settled(() => action(event as unknown as Parameters<Action>[0]));
	return refused === undefined ? ((data ?? {}) as Answer) : { status: refused, data: { message } };
}

const ID = fc.oneof(
	{ weight: 6, arbitrary: fc.integer({ min: 1, max: 12 }).map(String) },
	fc.constantFrom('0', '-1', '1.5', '999999', '', 'one')
);
const NUMBER = fc.oneof(
	{ weight: 4, arbitrary: fc.integer({ min: 0, max: 60 }).map(String) },
	fc.constantFrom('', '-3', '0.5', '1e9', 'NaN', 'twelve', '12,5', '99999999999999999999')
);
const SENSE = ['orange', 'Lesson 3', '2', '1 1/2', '2 kg', 'Mar 20', '2027-02-09', 'each', 'a, b'];
const NONSENSE = [
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
];
const TEXT = fc.oneof(
	{ weight: 3, arbitrary: fc.constantFrom(...SENSE) },
	fc.constantFrom(...NONSENSE),
	fc.constant('long '.repeat(2000)),
	fc.string()
);

/** A value that fits the described field more often than not. */
function valueOf(name: string, field: Field, keys: readonly string[]): fc.Arbitrary<string> {
	if (name === 'keys') {
		const some = fc.subarray([...keys], { minLength: 1, maxLength: 3 }).map((chosen) => chosen.join(' '));
		return fc.oneof({ weight: 4, arbitrary: some }, TEXT);
	}
	const choices = (field.allow ?? []).map((one) => String(one ?? ''));
	if (field.flags?.only && choices.length)
		return fc.oneof({ weight: 5, arbitrary: fc.constantFrom(...choices) }, TEXT);
	if (field.type === 'boolean') return fc.constantFrom('on', '', 'true', 'false', 'maybe');
	if (field.type === 'number')
		return /^id$|[a-z]Id$|run|lot|item|lesson|person|place|supplier/.test(name) ? ID : NUMBER;
	if (field.type === 'alternatives') return fc.oneof(ID, TEXT);
	return TEXT;
}

/** Forms with some or all of the fields, nearly right and quite wrong; `keys` are those of needs that exist. */
export function formsFor(fields: Fields, keys: readonly string[]): fc.Arbitrary<Record<string, string>> {
	const values = Object.entries(fields).map(([name, field]) => [name, valueOf(name, field, keys)] as const);
	return fc.record<Record<string, string>, string>(Object.fromEntries(values), {
		requiredKeys: []
	}) as fc.Arbitrary<Record<string, string>>;
}
