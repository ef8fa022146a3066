import Joi from 'joi';
import { handleForm } from '$lib/server/requests/form-action.ts';
import { situation } from '$lib/server/live/now.ts';
import { id, title } from '$lib/server/schemas/fields.ts';
import { lengthField, typedLength } from '$lib/server/schemas/length.ts';
import { placesSentence, placeTree } from '$lib/server/services/house/place-tree.ts';
import { placeOptions } from '$core/account/index.ts';
import { addPlacesTyped } from '$lib/server/services/house/places-typed.ts';
import * as places from '$lib/server/stores/house/places.ts';
import type { Row } from '$core/facts/index.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => {
	const now = await situation();
	const tree = placeTree(now);
	return {
		tree,
		sentence: placesSentence(tree),
		options: placeOptions(now),
		system: now.snapshot.household.measures,
		shown: Number(url.searchParams.get('place')) || null
	};
};

type PlaceForm = {
	id: number;
	name: string;
	kind: Row<'place'>['kind'];
	length: string;
	width: string;
	height: string;
	floor: string;
};

const parent = id.empty('').allow(null).default(null);

export const actions: Actions = {
	add: (event) =>
		handleForm(
			event,
			Joi.object<{ places: string; parent: number | null }>({
				places: Joi.string().trim().min(1).max(20_000).required().messages({
					'string.empty': 'Name a place first, like “School room: desk, white shelf”',
					'any.required': 'Name a place first, like “School room: desk, white shelf”'
				}),
				parent
			}),
			(added: number) => (added === 1 ? 'Place added' : `${added} places added`),
			({ trx }, form) => addPlacesTyped(trx, form.places, form.parent)
		),
	edit: (event) =>
		handleForm(
			event,
			Joi.object<PlaceForm>({
				id: id.required(),
				name: title('a name for the place'),
				kind: Joi.string().valid('room', 'furniture', 'shelf', 'box').required(),
				length: lengthField,
				width: lengthField,
				height: lengthField,
				floor: lengthField
			}),
			'Place saved',
			async ({ trx, now }, form) => {
				const { measures } = now.snapshot.household;
				await places.updatePlace(trx, form.id, {
					name: form.name,
					kind: form.kind,
					length_mm: typedLength(form.length, measures, 'length'),
					width_mm: typedLength(form.width, measures, 'width'),
					height_mm: typedLength(form.height, measures, 'height'),
					floor_mm: typedLength(form.floor, measures, 'floor')
				});
			}
		),
	move: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number; parent: number | null; index: number }>({
				id: id.required(),
				parent,
				index: Joi.number().integer().min(0).default(10_000)
			}),
			'Place moved',
			({ trx }, form) => places.movePlace(trx, form.id, form.parent, form.index)
		),
	remove: (event) =>
		handleForm(event, Joi.object<{ id: number }>({ id: id.required() }), 'Place removed', ({ trx }, form) =>
			places.removePlace(trx, form.id)
		)
};
