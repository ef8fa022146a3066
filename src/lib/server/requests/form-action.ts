import { formOf, operationOf } from './form-of.ts';
import { fail, type RequestEvent } from '@sveltejs/kit';
import type Joi from 'joi';
import { Refusal } from '$core/error.ts';
import type { FOR_GOOD } from '../history/changes.ts';
import { change, type Doer, type Done, type Trx } from '../history/changes.ts';
import { opened } from '../live/data.ts';
import { situation } from '../live/now.ts';
import type { FormContext } from '../schemas/fields.ts';
import type { Situation } from '$core/account/index.ts';
import { capital } from '$core/words/index.ts';

/** What every action answers: a toast when something changed, or what is wrong and where. */
export type ActionAnswer = {
	readonly changed?: string | null;
	readonly message?: string;
	readonly path?: string | null;
};

export function doerOf(event: RequestEvent, operation: string | null): Doer {
	return { device: event.locals.device, actor: event.locals.actor, operation };
}

/** What an action works with: its transaction, and the situation as it is then. */
export type Acting = { readonly trx: Trx; readonly now: Situation };

/** Does the work; what is refused becomes an answer in words, and what nobody expected goes on to the server's handler. */
export async function answering<T, A>(
	work: () => T | Promise<T>,
	refused: (refusal: Refusal) => A
): Promise<T | A> {
	try {
		return await work();
	} catch (error) {
		if (error instanceof Refusal) return refused(error);
		throw error;
	}
}

/** A refusal as a form shows it: at its field, with what was typed. */
export const atItsField =
	<Typed extends object>(typed: Typed) =>
	({ message, path }: Refusal) =>
		fail(400, { message, path, typed });

/**
 * The one border for forms: checks the fields, makes the change, and turns what is wrong into a
 * sentence at its field. What was typed goes back with the failure.
 */
export async function handleForm<Input, T>(
	event: RequestEvent,
	schema: Joi.ObjectSchema<Input>,
	label: string | typeof FOR_GOOD | ((result: T) => string),
	work: (at: Acting, input: Input) => Promise<T>
) {
	let typed: Record<string, string> = {};
	return answering(
		async () => {
			const form = await formOf(event.request);
			typed = Object.fromEntries([...form].filter(([, value]) => typeof value === 'string')) as typeof typed;
			const operation = operationOf(form, event.url);
			const { operation: _, ...fields } = typed;
			const input = checked(schema, fields, { today: (await situation()).today });
			const { write } = await opened();
			const done: Done<T> = await change(write, doerOf(event, operation), label, async (trx) =>
				work({ trx, now: await situation() }, input)
			);
			return { changed: done.changed, result: done.result };
		},
		(refusal) => atItsField(typed)(refusal)
	);
}

/**
 * The value as its schema says; one with days in it has to know today.
 * @throws Refusal with a sentence and the field's name.
 */
export function checked<T>(schema: Joi.ObjectSchema<T>, value: unknown, context?: FormContext): T {
	const { error, value: result } = schema.validate(value, {
		abortEarly: true,
		stripUnknown: true,
		errors: { wrap: { label: false } },
		context
	});
	if (!error) return result as T;
	const [detail] = error.details;
	throw new Refusal(sentence(detail.message), detail.path.join('.'));
}

/**
 * What a page sends as JSON in one field. @throws Refusal with the schema's own sentence, or where there is none
 * with one that says that it is damaged.
 */
export function checkedJson<T>(
	schema: Joi.Schema<T>,
	text: string,
	damaged = 'The list didn’t come through. It’s still here; try again.'
): T {
	const broken = new Refusal(damaged);
	let sent: unknown;
	try {
		sent = JSON.parse(text);
	} catch {
		throw broken;
	}
	const { error, value } = schema.validate(sent, { stripUnknown: true, errors: { wrap: { label: false } } });
	if (!error) return value as T;
	const [{ message, context }] = error.details;
	// Joi's own words begin with the name of a field that nobody sees.
	throw message.startsWith(String(context?.label)) ? broken : new Refusal(sentence(message));
}

function sentence(text: string): string {
	return /[.!?]$/.test(text) ? capital(text) : `${capital(text)}.`;
}
