import Joi from 'joi';
import type { Day, Weekday } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { parsed } from '$core/facts/index.ts';
import { situation } from '$lib/server/live/now.ts';
import { handleForm } from '$lib/server/requests/form-action.ts';
import { day, dayAsked, id, optionalDay, timeOfDay, title, wholeNumber } from '$lib/server/schemas/fields.ts';
import { lengthField, typedLength } from '$lib/server/schemas/length.ts';
import { basketView } from '$lib/server/services/setout/basket.ts';
import { setOutOf } from '$lib/server/services/setout/shelf.ts';
import { addBasketPart, removeBasketPart, updateBasketPart } from '$lib/server/stores/setout/basket.ts';
import { setSetOut } from '$lib/server/stores/setout/trays.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => {
	const now = await situation();
	return {
		view: basketView(now, dayAsked(url.searchParams.get('of'), now.today)),
		setOut: setOutOf(now),
		today: now.today,
		system: now.snapshot.household.measures
	};
};

export const actions: Actions = {
	add: (event) =>
		handleForm(
			event,
			Joi.object<{
				title: string;
				kind: 'stays' | 'month' | 'hands';
				month: string;
				minutes: number;
				by: 'date' | 'bookmark' | null;
				first: number | null;
				last: number | null;
				aDay: number | null;
				since: Day | null;
				resource: number | null;
			}>({
				title: title('what it is'),
				kind: Joi.string().valid('stays', 'month', 'hands').required(),
				month: Joi.string()
					.pattern(/^\d{4}-\d{2}$/)
					.empty('')
					.default(''),
				minutes: Joi.number().integer().min(0).max(240).empty('').default(3).messages({
					'number.base': 'Enter the minutes it takes, like 3',
					'number.min': 'Minutes are 0 or more',
					'number.max': 'More than four hours is no basket'
				}),
				by: Joi.string().valid('date', 'bookmark').empty('').allow(null).default(null),
				first: wholeNumber('the first page', 9999),
				last: wholeNumber('the last page', 9999),
				aDay: wholeNumber('pages a day', 200),
				since: optionalDay,
				resource: id.empty('').allow(null).default(null)
			}),
			(what: string) => `In the basket: ${what}`,
			async ({ trx, now }, form) => {
				if (form.resource !== null && !now.snapshot.resources.some((one) => one.id === form.resource))
					throw new Refusal('That’s no longer in your home library. Reload the page.');
				if (form.by !== null && form.last === null)
					throw new Refusal('Enter the last page, so that we know when it ends.', 'last');
				if (form.by !== null && form.last !== null && form.last < (form.first ?? 1))
					throw new Refusal('The last page comes after the first one.', 'last');
				await addBasketPart(trx, {
					title: form.title,
					kind: form.kind,
					month: form.kind === 'month' ? form.month || now.today.slice(0, 7) : null,
					minutes: form.minutes,
					page_by: form.by,
					first_page: form.by === null ? null : (form.first ?? 1),
					last_page: form.by === null ? null : form.last,
					a_day: form.aDay ?? 1,
					since: form.by === null ? null : (form.since ?? now.today),
					resource_id: form.resource
				});
				return form.title;
			}
		),
	bookmark: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number; page: number; day: Day }>({
				id: id.required(),
				page: Joi.number().integer().min(1).max(9999).required().messages({
					'number.base': 'Enter the page where the bookmark is',
					'any.required': 'Enter the page where the bookmark is'
				}),
				day: day.required()
			}),
			(text: string) => text,
			async ({ trx, now }, form) => {
				const part = now.snapshot.basketParts.find((one) => one.id === form.id);
				if (!part || part.last_page === null)
					throw new Refusal('That’s no longer in the basket. Reload the page.');
				// Behind the last page it is read to its end, however far.
				const page = Math.min(form.page, part.last_page + 1);
				await updateBasketPart(trx, form.id, { first_page: page, since: form.day });
				return page > part.last_page ? `${part.title}: read to its end` : 'Bookmark moved';
			}
		),
	remove: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number }>({ id: id.required() }),
			'Out of the basket',
			({ trx }, form) => removeBasketPart(trx, form.id)
		),
	settings: (event) =>
		handleForm(
			event,
			Joi.object<Record<string, unknown>>({
				since: optionalDay,
				begins: timeOfDay('when the morning begins'),
				length: lengthField,
				width: lengthField,
				height: lengthField
			}).pattern(/^weekday[1-7]$/, Joi.any()),
			'Basket saved',
			async ({ trx, now }, form) => {
				const { measures, set_out } = now.snapshot.household;
				const side = (path: 'length' | 'width' | 'height') =>
					typedLength(String(form[path] ?? ''), measures, path);
				const [length, width, height] = [side('length'), side('width'), side('height')];
				await setSetOut(trx, parsed(set_out), {
					basketDays: ([1, 2, 3, 4, 5, 6, 7] as const).filter(
						(one): one is Weekday => form[`weekday${one}`] !== undefined
					),
					basketSince: (form.since as Day | null) ?? null,
					dayStart: (form.begins as string | null) ?? null,
					basketSize:
						length !== null && length > 0
							? { length, width: width ?? length, height: height ?? length }
							: null
				});
			}
		)
};
