import Joi from 'joi';
import { Refusal } from '$core/error.ts';
import { kilogramsOf, type System } from '$core/measure/index.ts';
import { handleForm } from '$lib/server/requests/form-action.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import { checkbox, id, title } from '$lib/server/schemas/fields.ts';
import { lengthField, typedLength } from '$lib/server/schemas/length.ts';
import { binderThings } from '$lib/server/services/binders/view.ts';
import { openBins, withoutBinned } from '$lib/server/services/boxes/bins.ts';
import { insideOf } from '$lib/server/services/boxes/box-page.ts';
import { openingSentence } from '$lib/server/services/boxes/opening.ts';
import {
	boxesOf,
	isBulky,
	looseSupplies,
	packQuestion,
	putAway,
	titlesOf,
	type PutAway
} from '$lib/server/services/boxes/putting-away.ts';
import { pieceCount, thingsOf } from '$lib/server/services/boxes/things.ts';
import { addThing, measureTitle, removeThing } from '$lib/server/stores/boxes/things.ts';
import type { Actions, PageServerLoad } from './$types';

/** More things than these are shown when they are asked for. */
const MOST_SHOWN = 100;

export const load: PageServerLoad = async ({ params, url }) => {
	const { now, run } = await runOf(params);
	const things = thingsOf(now, run, binderThings(now, run));
	const boxes = boxesOf(now, run);
	const loose = looseSupplies(now, run).length;
	const half = url.searchParams.get('half') === 'bulky' ? ('bulky' as const) : ('' as const);
	const bins = openBins(now, things);
	const packed = withoutBinned(bins, things).filter((one) => half === '' || isBulky(one));
	const isAll = url.searchParams.has('all');
	return {
		things: isAll ? things : things.slice(0, MOST_SHOWN),
		count: pieceCount(things),
		more: isAll ? 0 : Math.max(0, things.length - MOST_SHOWN),
		guessed: things.filter((one) => !one.isMeasured).map((one) => one.id),
		open: url.searchParams.get('thing'),
		half,
		flat: half ? things.filter((one) => !isBulky(one)).map((one) => one.title) : [],
		binned: bins.map(({ box, things }) => ({ box, titles: things.map((one) => one.title) })),
		boxes,
		ours: now.snapshot.boxLayouts
			.filter((one) => one.run_id === run.row.id)
			.flatMap(({ place_id }) => {
				const place = now.snapshot.places.find((one) => one.id === place_id);
				return place ? [{ id: place.id, name: place.name, count: insideOf(now, place.id).length }] : [];
			}),
		opening: openingSentence(now, run),
		loose,
		question: packQuestion(packed, boxes, loose),
		titles: titlesOf(things, loose),
		system: now.snapshot.household.measures
	};
};

type SizeForm = {
	length: string;
	width: string;
	height: string;
	weight: number;
	count: number;
	upright: boolean;
	fragile: boolean;
	soft: boolean;
};
const size = {
	length: lengthField,
	width: lengthField,
	height: lengthField,
	weight: Joi.number().min(0).max(500).empty('').required().messages({
		'number.base': 'Enter the weight as a number, like 1.5',
		'any.required': 'Enter the weight of one, like 1.5',
		'number.min': 'The weight is 0 or more',
		'number.max': 'That’s too heavy for a box. Check it'
	}),
	count: Joi.number().integer().min(1).max(200).empty('').default(1).messages({
		'number.base': 'Enter how many there are',
		'number.min': 'Enter how many there are',
		'number.max': 'At most 200 of one thing'
	}),
	upright: checkbox,
	fragile: checkbox,
	soft: checkbox
};

/** A side of a thing in mm. @throws Refusal at its field where it is missing or nothing */
function side(text: string, system: System, path: 'length' | 'width' | 'height'): number {
	const mm = typedLength(text, system, path);
	if (mm === null) throw new Refusal(`Enter the ${path}.`, path);
	if (mm <= 0) throw new Refusal(`The ${path} is more than 0.`, path);
	return mm;
}

const bit = (value: boolean) => (value ? (1 as const) : (0 as const));
const measured = (form: SizeForm, system: System) => ({
	length_mm: side(form.length, system, 'length'),
	width_mm: side(form.width, system, 'width'),
	height_mm: side(form.height, system, 'height'),
	grams: Math.round(kilogramsOf(form.weight, system) * 1000),
	count: form.count,
	upright: bit(form.upright),
	fragile: bit(form.fragile),
	soft: bit(form.soft)
});

export const actions: Actions = {
	add: (event) =>
		handleForm(
			event,
			Joi.object<SizeForm & { title: string }>({ title: title('what it is'), ...size }),
			(what: string) => `Added: ${what}`,
			async ({ trx, now }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				await addThing(trx, run.row.id, {
					title: form.title,
					...measured(form, now.snapshot.household.measures)
				});
				return form.title;
			}
		),
	measure: (event) =>
		handleForm(
			event,
			Joi.object<SizeForm & { id: string }>({ id: Joi.string().max(30).required(), ...size }),
			(what: string) => `Measured: ${what}`,
			async ({ trx, now }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				const thing = thingsOf(now, run, binderThings(now, run)).find((one) => one.id === form.id);
				if (!thing) throw new Refusal('That’s no longer in this unit. Reload the page.');
				const input = { title: thing.title, ...measured(form, now.snapshot.household.measures) };
				if (form.id.startsWith('title-')) await measureTitle(trx, Number(form.id.slice(6)), input);
				// What was measured of a binder stands as a thing of the unit's own.
				else await addThing(trx, run.row.id, input);
				return thing.title;
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
				return putAway(trx, now, run, binderThings(now, run), placedIn(form.placed));
			}
		)
};

const measure = Joi.number().min(0).max(20_000).required();
const PLACED = Joi.array()
	.max(500)
	.items(
		Joi.object({
			place: id.required(),
			packed: Joi.object({
				box: Joi.string().max(30).required(),
				copy: Joi.number().integer().min(1).required(),
				kg: Joi.number().min(0).required(),
				fill: Joi.number().min(0).required(),
				items: Joi.array()
					.max(20_000)
					.items(
						Joi.object({
							item: Joi.string().max(30).required(),
							x: measure,
							y: measure,
							z: measure,
							length: measure,
							width: measure,
							height: measure
						})
					)
					.required()
			}).required(),
			soft: Joi.array().items(Joi.string().max(30)).required()
		})
	);

/** What lies in which box, as the page sends it. @throws Refusal where it can't be read */
function placedIn(text: string): PutAway {
	let placed: unknown;
	try {
		placed = JSON.parse(text);
	} catch {
		placed = null;
	}
	const { value, error } = PLACED.validate(placed);
	if (error || !value) throw new Refusal('That can’t be read. Work it out again.');
	return value as PutAway;
}
