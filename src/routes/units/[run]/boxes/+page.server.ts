import Joi from 'joi';
import { Refusal } from '$core/error.ts';
import { handleForm } from '$lib/server/requests/form-action.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import { checkbox, id, title } from '$lib/server/schemas/fields.ts';
import { binderThings } from '$lib/server/services/binders/view.ts';
import { boxesOf, packQuestion, putAway, thingsOf } from '$lib/server/services/boxes/putting-away.ts';
import { addThing, measureTitle, removeThing } from '$lib/server/stores/boxes/things.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, url }) => {
	const { now, run } = await runOf(params);
	const things = thingsOf(now, run);
	const boxes = boxesOf(now, run);
	return {
		things,
		open: url.searchParams.get('thing'),
		isAll: url.searchParams.has('all'),
		boxes,
		binders: binderThings(now, run),
		question: packQuestion(things, boxes),
		titles: Object.fromEntries(things.map((one) => [one.id, one.title])),
		isMetric: now.snapshot.household.measures === 'metric'
	};
};

type SizeForm = {
	length: number;
	width: number;
	height: number;
	kg: number;
	count: number;
	upright: boolean;
	fragile: boolean;
};
const cm = (what: string) =>
	Joi.number()
		.greater(0)
		.max(500)
		.required()
		.messages({
			'number.base': `Enter the ${what} in cm`,
			'any.required': `Enter the ${what} in cm`,
			'number.greater': `The ${what} is more than 0 cm`,
			'number.max': `The ${what} is at most 500 cm`
		});
const size = {
	length: cm('length'),
	width: cm('width'),
	height: cm('height'),
	kg: Joi.number().min(0).max(200).required().messages({
		'number.base': 'Enter the weight in kg',
		'any.required': 'Enter the weight in kg',
		'number.min': 'The weight is 0 kg or more',
		'number.max': 'The weight is at most 200 kg'
	}),
	count: Joi.number().integer().min(1).max(200).empty('').default(1).messages({
		'number.base': 'Enter how many there are',
		'number.min': 'Enter how many there are',
		'number.max': 'At most 200 of one thing'
	}),
	upright: checkbox,
	fragile: checkbox
};
const measured = (form: SizeForm) => ({
	length_mm: form.length * 10,
	width_mm: form.width * 10,
	height_mm: form.height * 10,
	grams: Math.round(form.kg * 1000),
	count: form.count,
	upright: form.upright ? (1 as const) : (0 as const),
	fragile: form.fragile ? (1 as const) : (0 as const)
});

export const actions: Actions = {
	add: (event) =>
		handleForm(
			event,
			Joi.object<SizeForm & { title: string }>({ title: title('what it is'), ...size }),
			(what: string) => `Added: ${what}`,
			async ({ trx }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				await addThing(trx, run.row.id, { title: form.title, ...measured(form) });
				return form.title;
			}
		),
	measure: (event) =>
		handleForm(
			event,
			Joi.object<SizeForm & { id: number }>({ id: id.required(), ...size }),
			(what: string) => `Measured: ${what}`,
			async ({ trx, now }, form) => {
				const resource = now.snapshot.resources.find((one) => one.id === form.id);
				if (!resource) throw new Refusal('That is no longer in your home library. Reload the page.');
				await measureTitle(trx, resource.id, { title: resource.title, ...measured(form) });
				return resource.title;
			}
		),
	remove: (event) =>
		handleForm(event, Joi.object<{ id: number }>({ id: id.required() }), 'Removed', async ({ trx }, form) => {
			const { run } = await runOf({ run: event.params.run! });
			await removeThing(trx, run.row.id, form.id);
		}),
	putAway: (event) =>
		handleForm(
			event,
			Joi.object<{ placed: string }>({ placed: Joi.string().required() }),
			(text: string) => text,
			async ({ trx, now }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				return putAway(trx, now, run, placedIn(form.placed));
			}
		)
};

/** Which thing lies in which box, as the page sends it. @throws Refusal where it can't be read */
function placedIn(text: string): Record<string, number> {
	let placed: unknown;
	try {
		placed = JSON.parse(text);
	} catch {
		placed = null;
	}
	const { value, error } = Joi.object<Record<string, number>>().pattern(Joi.string(), id).validate(placed);
	if (error || !value) throw new Refusal('That can’t be read. Work it out again.');
	return value;
}
