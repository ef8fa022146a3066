import Joi from 'joi';
import { Refusal } from '$core/error.ts';
import { isBulky } from '$core/boxes/index.ts';
import { readSize, readWeight, weightText, type System } from '$core/measure/index.ts';
import { thingRef } from '$core/facts/index.ts';
import { capital, counted } from '$core/words/index.ts';
import { checkedJson, handleForm } from '$lib/server/requests/form-action.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import { checkbox, id, title } from '$lib/server/schemas/fields.ts';
import { binderThings } from '$lib/server/services/binders/view.ts';
import { openBins, withoutBinned } from '$lib/server/services/boxes/bins.ts';
import { addAsOne, keepMeasures } from '$lib/server/services/boxes/adding.ts';
import { insideOf } from '$lib/server/services/boxes/box-page.ts';
import { openingSentence } from '$lib/server/services/boxes/opening.ts';
import {
	boxesOf,
	liftOf,
	withOthers,
	looseSupplies,
	packQuestion,
	putAway,
	titlesOf,
	type PutAway
} from '$lib/server/services/boxes/putting-away.ts';
import { lotKg, pieceCount, thingsOf } from '$lib/server/services/boxes/things.ts';
import { notOf, removeThing, setLift } from '$lib/server/stores/boxes/things.ts';
import { addPlace } from '$lib/server/stores/house/places.ts';
import type { Actions, PageServerLoad } from './$types';

/** More things than these are shown when they are asked for. */
const MOST_SHOWN = 100;

export const load: PageServerLoad = async ({ params, url }) => {
	const { now, run } = await runOf(params);
	const things = thingsOf(now, run, binderThings(now, run));
	const boxes = boxesOf(now, run);
	const lots = looseSupplies(now, run, things);
	const others = withOthers(now, run, things);
	const elsewhere = new Set(others.map((one) => one.thing));
	const loose = lots.length;
	const looseKg = lots.reduce((sum, lot) => sum + lotKg(lot), 0);
	const half = url.searchParams.get('half') === 'bulky' ? ('bulky' as const) : ('' as const);
	const bins = openBins(now, things);
	const packed = withoutBinned(bins, things).filter(
		(one) => !elsewhere.has(one) && (half === '' || isBulky(one))
	);
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
		others: others.map(({ thing, box, text }) => ({ id: thing.id, box, text })),
		ours: now.snapshot.boxLayouts
			.filter((one) => one.run_id === run.row.id)
			.flatMap(({ place_id }) => {
				const place = now.snapshot.places.find((one) => one.id === place_id);
				return place ? [{ id: place.id, name: place.name, count: insideOf(now, place.id).length }] : [];
			}),
		opening: openingSentence(now, run),
		loose,
		question: packQuestion(packed, boxes, loose, looseKg),
		lift: { kg: liftOf(now), isOwn: now.snapshot.household.lift_grams !== null },
		round: new Set<string>(things.filter((one) => one.round).map((one) => one.id)),
		titles: titlesOf(things, loose),
		system: now.snapshot.household.measures
	};
};

type SizeForm = {
	size: string;
	weight: string;
	count: number;
	upright: boolean;
	fragile: boolean;
	soft: boolean;
	round: boolean;
};
const size = {
	size: Joi.string().trim().max(60).allow('').default(''),
	weight: Joi.string().trim().max(30).allow('').default(''),
	count: Joi.number().integer().min(1).max(200).empty('').default(1).messages({
		'number.base': 'Enter how many there are',
		'number.min': 'Enter how many there are',
		'number.max': 'At most 200 of one thing'
	}),
	upright: checkbox,
	fragile: checkbox,
	soft: checkbox,
	round: checkbox
};

const EXAMPLE = { us: '12 x 9 1/2 x 3', metric: '30 × 22 × 5' } as const;
const LARGEST_MM = 10_000;
const HEAVIEST_KG = 500;

/** The sides of a thing in mm. @throws Refusal at its field where they can't be read */
function sides(text: string, system: System): [number, number, number] {
	if (text === '') throw new Refusal(`Enter the size, such as ${EXAMPLE[system]}.`, 'size');
	const mm = readSize(text, system);
	if (mm === null)
		throw new Refusal(
			`“${text}” isn’t a size. Enter length × width × height, such as ${EXAMPLE[system]}.`,
			'size'
		);
	if (mm.some((one) => one > LARGEST_MM)) throw new Refusal('That looks too long. Check it.', 'size');
	return mm;
}

const bit = (value: boolean) => (value ? (1 as const) : (0 as const));
function measured(form: SizeForm, system: System) {
	const [length_mm, width_mm, height_mm] = sides(form.size, system);
	const kg = form.weight === '' ? null : readWeight(form.weight, system);
	if (form.weight === '')
		throw new Refusal(
			`Enter the weight of one, such as ${system === 'us' ? '1 lb 8 oz' : '500 g'}.`,
			'weight'
		);
	if (kg === null)
		throw new Refusal(
			`“${form.weight}” isn’t a weight. Try ${system === 'us' ? '1 1/2 lb, 8 oz, or 500 g' : '1.5 kg, 500 g, or 2 lb'}.`,
			'weight'
		);
	if (kg > HEAVIEST_KG) throw new Refusal('That’s too heavy for a box. Check it.', 'weight');
	return {
		length_mm,
		width_mm,
		height_mm,
		grams: Math.round(kg * 1000),
		size_said: form.size,
		weight_said: form.weight,
		count: form.count,
		upright: bit(form.upright),
		fragile: bit(form.fragile),
		soft: bit(form.soft),
		round: bit(form.round)
	};
}

/** “3 shoe boxes 13 x 7 x 5”: how many, of what name, how large inside. @throws Refusal where it can't be read */
function boxesIn(
	text: string,
	system: System
): { count: number; name: string; mm: [number, number, number] } {
	const found =
		/^(?:(\d{1,2})\s+(?!x\b|×))?(.*?[a-z].*?)[\s,:]+([\d.½¼¾⅓⅔⅛⅜⅝⅞][^a-z]*(?:[a-z"]+[^a-z]*)?[x×*].+)$/i.exec(
			text.trim()
		);
	if (!found)
		throw new Refusal(
			`Say how many, what, and how large inside, such as 3 shoe boxes ${EXAMPLE[system]}.`,
			'boxes'
		);
	const count = Number(found[1] ?? 1);
	const name = found[2].trim().replace(/^an?\s+/i, '');
	return {
		count: Math.max(1, count),
		name: capital(count > 1 ? name.replace(/(x|ch|sh|s)es$/i, '$1').replace(/([^s])s$/i, '$1') : name),
		mm: sides(found[3], system)
	};
}

export const actions: Actions = {
	add: (event) =>
		handleForm(
			event,
			Joi.object<SizeForm & { title: string; same: string }>({
				title: title('what it is'),
				same: Joi.string().max(30).allow('').default(''),
				...size
			}),
			(what: string) => `Added: ${what}`,
			async ({ trx, now }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				const input = { title: form.title, ...measured(form, now.snapshot.household.measures) };
				await addAsOne(trx, now, run, binderThings(now, run), input, form.same);
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
				await keepMeasures(trx, run.row.id, thing.id, input);
				return thing.title;
			}
		),
	boxes: (event) =>
		handleForm(
			event,
			Joi.object<{ boxes: string }>({ boxes: Joi.string().trim().max(120).allow('').default('') }),
			(text: string) => text,
			async ({ trx, now }, form) => {
				const { count, name, mm } = boxesIn(form.boxes, now.snapshot.household.measures);
				const there = now.snapshot.places.filter((one) =>
					one.name.toLowerCase().startsWith(name.toLowerCase())
				).length;
				for (let at = 1; at <= count; at++)
					await addPlace(trx, null, {
						floor_mm: null,
						name: count > 1 || there > 0 ? `${name} ${there + at}` : name,
						kind: 'box',
						length_mm: Math.round(mm[0]),
						width_mm: Math.round(mm[1]),
						height_mm: Math.round(mm[2])
					});
				return `Added: ${counted(count, name.toLowerCase(), `${name.toLowerCase()}${/(x|s|ch|sh)$/i.test(name) ? 'es' : 's'}`)}`;
			}
		),
	lift: (event) =>
		handleForm(
			event,
			Joi.object<{ lift: string }>({ lift: Joi.string().trim().max(30).allow('').default('') }),
			(text: string) => text,
			async ({ trx, now }, form) => {
				const system = now.snapshot.household.measures;
				const kg = form.lift === '' ? null : readWeight(form.lift, system);
				if (form.lift !== '' && (kg === null || kg <= 0))
					throw new Refusal(
						`“${form.lift}” isn’t a weight. Try ${system === 'us' ? '20 lb' : '9 kg'}.`,
						'lift'
					);
				await setLift(trx, kg === null ? null : Math.round(kg * 1000));
				return kg === null
					? 'Boxes as heavy as one lifts with ease'
					: `No box over ${weightText(kg, system)}`;
			}
		),
	remove: (event) =>
		handleForm(
			event,
			Joi.object<{ id: string }>({ id: Joi.string().max(30).required() }),
			'Removed',
			async ({ trx, now }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				const thing = thingsOf(now, run, []).find((one) => one.id === form.id);
				const ref = thingRef(form.id);
				if (!thing || !ref) throw new Refusal('That is gone already. Reload the page.');
				if (thing.isAlso) await notOf(trx, run.row.id, thing.id);
				else await removeThing(trx, run.row.id, ref.key);
			}
		),
	putAway: (event) =>
		handleForm(
			event,
			Joi.object<{ placed: string }>({ placed: Joi.string().required() }),
			(text: string) => text,
			async ({ trx, now }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				return putAway(
					trx,
					now,
					run,
					binderThings(now, run),
					checkedJson(PLACED, form.placed, 'That can’t be read. Work it out again.')
				);
			}
		)
};

const measure = Joi.number().min(0).max(20_000).required();
/** What lies in which box, as the page sends it. */
const PLACED = Joi.array<PutAway>()
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
