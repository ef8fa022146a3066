import Joi from 'joi';
import { amountText, exact } from '$core/measure/index.ts';
import { act } from '$lib/server/act.ts';
import { situation } from '$lib/server/household.ts';
import { id, title, wholeOrNothing } from '$lib/server/schemas/fields.ts';
import { placeOptions } from '$lib/server/services/stash.ts';
import { walkingOrder } from '$lib/server/services/words.ts';
import * as places from '$lib/server/stores/places.ts';
import type { Row } from '$lib/server/database/tables.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async () => {
	const now = await situation();
	const { snapshot } = now;
	const order = walkingOrder(snapshot.places);
	const depth = new Map<number, number>();
	const sorted = snapshot.places.toSorted((a, b) => order.get(a.id)! - order.get(b.id)!);
	for (const place of sorted)
		depth.set(place.id, place.parent_id === null ? 0 : (depth.get(place.parent_id) ?? 0) + 1);
	const siblings = (place: Row<'place'>) => sorted.filter((one) => one.parent_id === place.parent_id);
	const names = new Map(snapshot.items.map((item) => [item.id, item.name]));
	return {
		places: sorted.map((place) => {
			const own = siblings(place);
			return {
				...place,
				depth: depth.get(place.id)!,
				index: own.indexOf(place),
				last: own.at(-1) === place,
				collects: snapshot.runs
					.filter((run) => run.collecting_place_id === place.id)
					.map((run) => snapshot.units.find((unit) => unit.id === run.unit_id)!.name),
				things: snapshot.lots
					.filter((lot) => lot.place_id === place.id)
					.map((lot) => `${names.get(lot.item_id)} ${amountText(exact(lot.amount), lot.unit)}`)
			};
		}),
		options: placeOptions(now)
	};
};

type PlaceForm = {
	name: string;
	kind: Row<'place'>['kind'];
	length: number | null;
	width: number | null;
	height: number | null;
	floor: number | null;
};

const fields = {
	name: title('the place a name'),
	kind: Joi.string().valid('room', 'furniture', 'shelf', 'box').required(),
	length: wholeOrNothing('The length', 10_000),
	width: wholeOrNothing('The width', 10_000),
	height: wholeOrNothing('The height', 10_000),
	floor: wholeOrNothing('The height above the floor', 10_000)
};
const asPlace = (form: PlaceForm): places.PlaceInput => ({
	name: form.name,
	kind: form.kind,
	length_mm: form.length,
	width_mm: form.width,
	height_mm: form.height,
	floor_mm: form.floor
});
const parent = id.empty('').allow(null).default(null);

export const actions: Actions = {
	add: (event) =>
		act(
			event,
			Joi.object<PlaceForm & { parent: number | null }>({ parent, ...fields }),
			'Place added',
			(trx, form) => places.addPlace(trx, form.parent, asPlace(form))
		),
	edit: (event) =>
		act(
			event,
			Joi.object<PlaceForm & { id: number }>({ id: id.required(), ...fields }),
			'Place changed',
			(trx, form) => places.updatePlace(trx, form.id, asPlace(form))
		),
	move: (event) =>
		act(
			event,
			Joi.object<{ id: number; parent: number | null; index: number }>({
				id: id.required(),
				parent,
				index: Joi.number().integer().min(0).default(10_000)
			}),
			'Place moved',
			(trx, form) => places.movePlace(trx, form.id, form.parent, form.index)
		),
	remove: (event) =>
		act(event, Joi.object<{ id: number }>({ id: id.required() }), 'Place removed', (trx, form) =>
			places.removePlace(trx, form.id)
		)
};
