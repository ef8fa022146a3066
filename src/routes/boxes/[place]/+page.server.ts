import { error } from '@sveltejs/kit';
import Joi from 'joi';
import { Refusal } from '$core/error.ts';
import { kilogramsOf } from '$core/measure/index.ts';
import { situation } from '$lib/server/live/now.ts';
import { handleForm } from '$lib/server/requests/form-action.ts';
import { pictureAction } from '$lib/server/requests/picture-action.ts';
import { id } from '$lib/server/schemas/fields.ts';
import { boxPage } from '$lib/server/services/boxes/box-page.ts';
import { moveThing, placeBefore } from '$lib/server/services/boxes/moving.ts';
import { limitOf } from '$lib/server/services/boxes/putting-away.ts';
import { placeOptions, placePath, placesOfThing, thingName } from '$core/account/index.ts';
import { describeBox, type BoxDetail } from '$lib/server/stores/boxes/boxes.ts';
import { movePlace } from '$lib/server/stores/house/places.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, url }) => {
	const now = await situation();
	const page = boxPage(now, Number(params.place));
	if (!page) error(404, 'No box here. It may have been undone.');
	return {
		page,
		thing: url.searchParams.get('thing'),
		moving: url.searchParams.get('move'),
		limit: limitOf(now, page.id),
		places: placeOptions(now),
		system: now.snapshot.household.measures
	};
};

const FORMS = ['box', 'tub', 'basket', 'drawer'] as const;
const thing = Joi.string().max(30).required().messages({
	'string.empty': 'Choose what to put in',
	'any.required': 'Choose what to put in'
});

export const actions: Actions = {
	out: (event) =>
		handleForm(
			event,
			Joi.object<{ thing: string; to: number | null }>({
				thing,
				to: id.empty('').allow(null).default(null)
			}),
			(text: string) => text,
			async ({ trx, now }, form) => {
				const box = Number(event.params.place);
				const { snapshot } = now;
				const places = placesOfThing(snapshot, form.thing);
				// It was packed anew, or taken out, since the page was loaded.
				if (places.length > 0 && !places.includes(box))
					throw new Refusal(
						`${thingName(snapshot, form.thing)} is in ${placePath(snapshot.places, places[0])} now. Reload the page.`
					);
				const to = form.to ?? placeBefore(now, form.thing, box);
				const title = await moveThing(trx, now, form.thing, to, { from: box });
				return `Out: ${title}${to === null ? '' : `, to ${placePath(snapshot.places, to)}`}`;
			}
		),
	in: (event) =>
		handleForm(
			event,
			Joi.object<{ thing: string }>({ thing }),
			(text: string) => text,
			async ({ trx, now }, form) => `In: ${await moveThing(trx, now, form.thing, Number(event.params.place))}`
		),
	describe: (event) =>
		handleForm(
			event,
			Joi.object<{ form: (typeof FORMS)[number]; weight: number | null; subject: string }>({
				form: Joi.string()
					.valid(...FORMS)
					.required(),
				weight: Joi.number().greater(0).max(500).empty('').allow(null).default(null).messages({
					'number.base': 'Enter the weight as a number, like 20',
					'number.greater': 'A box that may hold 0 holds nothing. Leave it empty for the usual'
				}),
				subject: Joi.string().trim().max(60).allow('').default('')
			}),
			'Saved',
			async ({ trx, now }, { form, weight, subject }) => {
				const page = boxPage(now, Number(event.params.place));
				if (!page) throw new Refusal('That box is gone. Reload the page.');
				const detail: BoxDetail = {
					form,
					subject,
					max_grams:
						weight === null ? null : Math.round(kilogramsOf(weight, now.snapshot.household.measures) * 1000)
				};
				await describeBox(trx, page.id, detail);
			}
		),
	shelf: (event) =>
		handleForm(
			event,
			Joi.object<{ shelf: number }>({ shelf: id.required() }),
			'It’s on that shelf now',
			({ trx }, form) => movePlace(trx, Number(event.params.place), form.shelf, 10_000)
		),
	picture: (event) =>
		pictureAction(event, 'Picture of the open box', (trx, picture) =>
			describeBox(trx, Number(event.params.place), { picture })
		)
};
