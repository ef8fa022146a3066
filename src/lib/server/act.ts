import { fail, type RequestEvent } from '@sveltejs/kit';
import type Joi from 'joi';
import { CoreError } from '$core/error.ts';
import { change, type Doer, type Done, type Trx } from './stores/changes.ts';
import { store } from './household.ts';

/** What every action answers: a toast when something changed, or what is wrong and where. */
export type ActionAnswer = {
	readonly changed?: string | null;
	readonly message?: string;
	readonly path?: string | null;
};

export function doerOf(event: RequestEvent, operation: string | null): Doer {
	return { device: event.locals.device, actor: event.locals.actor, operation };
}

/**
 * The one border for forms: checks the fields, makes the change, and turns what is wrong into a
 * sentence at its field. What was typed goes back with the failure.
 */
export async function act<Input, T>(
	event: RequestEvent,
	schema: Joi.ObjectSchema<Input>,
	label: string | ((result: T) => string),
	work: (trx: Trx, input: Input) => Promise<T>
) {
	const form = await event.request.formData();
	const typed = Object.fromEntries([...form].filter(([, value]) => typeof value === 'string')) as Record<
		string,
		string
	>;
	try {
		const { operation = null, ...fields } = typed;
		const input = checked(schema, fields);
		const { write } = await store();
		const done: Done<T> = await change(write, doerOf(event, operation), label, (trx) => work(trx, input));
		return { changed: done.changed, result: done.result };
	} catch (error) {
		if (error instanceof CoreError) return fail(400, { message: error.message, path: error.path, typed });
		throw error;
	}
}

/** The value as its schema says. @throws CoreError with a sentence and the field's name. */
export function checked<T>(schema: Joi.ObjectSchema<T>, value: unknown): T {
	const { error, value: result } = schema.validate(value, {
		abortEarly: true,
		stripUnknown: true,
		errors: { wrap: { label: false } }
	});
	if (!error) return result as T;
	const [detail] = error.details;
	throw new CoreError(sentence(detail.message), detail.path.join('.'));
}

function sentence(text: string): string {
	const capital = text.charAt(0).toUpperCase() + text.slice(1);
	return /[.!?]$/.test(capital) ? capital : `${capital}.`;
}
