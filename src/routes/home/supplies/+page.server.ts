import { dayMeant } from '$core/calendar/index.ts';
import Joi from 'joi';
import { Refusal } from '$core/error.ts';
import { isDayFirst } from '$core/house/index.ts';
import { readKitParts } from '$core/gathering/index.ts';
import { amountText, exact, exactText, type Unit, requireAmount } from '$core/measure/index.ts';
import {
	readPack,
	readStashLine,
	readSupplyLine,
	SUPPLY_USES,
	type SupplyUse
} from '$core/supplies/index.ts';
import { opened } from '$lib/server/live/data.ts';
import { situation } from '$lib/server/live/now.ts';
import { handleForm } from '$lib/server/requests/form-action.ts';
import { pictureAction } from '$lib/server/requests/picture-action.ts';
import { typedAmount } from '$lib/server/schemas/amount.ts';
import {
	dollars,
	checkbox,
	id,
	optionalDay,
	title,
	unit,
	wholeOrNothing
} from '$lib/server/schemas/fields.ts';
import { typedLadder } from '$lib/server/schemas/ladder.ts';
import { placeOptions, placePath } from '$core/account/index.ts';
import { eventText, searchStash, stashOf } from '$lib/server/services/stash/stash.ts';
import { itemNamed, mergeInto, setItemSources, updateItem } from '$lib/server/stores/stash/items.ts';
import {
	addLot,
	eventsOfItem,
	eventsOfLot,
	lotById,
	removeLot,
	setKit,
	setLotPicture,
	splitLot,
	updateLot
} from '$lib/server/stores/stash/lots.ts';
import { addSubstitute, removeSubstitute } from '$lib/server/stores/stash/substitutes.ts';
import type { Actions, PageServerLoad } from './$types';

const SHOWN_AT_ONCE = 120;

export const load: PageServerLoad = async ({ url }) => {
	const now = await situation();
	const shown = Number(url.searchParams.get('item')) || null;
	const shownLot = Number(url.searchParams.get('lot')) || null;
	const typed = url.searchParams.get('q') ?? '';
	const shownItems = Number(url.searchParams.get('show')) || SHOWN_AT_ONCE;
	const stash = stashOf(now);
	const found = searchStash(stash, typed);
	const { read } = await opened();
	const events = shown ? await eventsOfItem(read, shown) : shownLot ? await eventsOfLot(read, shownLot) : [];
	return {
		sentence: stash.sentence,
		isEmpty: stash.items.length === 0,
		items: found.slice(0, shownItems),
		found: found.length,
		more: shownItems + SHOWN_AT_ONCE,
		typed,
		item: stash.items.find((one) => one.id === shown) ?? null,
		lot:
			stash.items
				.flatMap((one) => one.lots.map((lot) => ({ ...lot, item: one.name })))
				.find((one) => one.id === shownLot) ?? null,
		places: placeOptions(now),
		suppliers: now.snapshot.suppliers.map((supplier) => ({
			value: String(supplier.id),
			label: supplier.name
		})),
		names: shown ? now.snapshot.items.map((item) => item.name) : [],
		add: url.searchParams.get('add') ?? '',
		history: events.map((event) => ({
			id: event.id,
			text: eventText(event)
		}))
	};
};

type LotForm = {
	id: number;
	item: string;
	amount: string;
	unit: Unit;
	place: number | null;
	goodUntil: string | null;
	opened: boolean;
};
type ItemForm = {
	id: number;
	name: string;
	use: SupplyUse;
	keepBack: string;
	keepBackUnit: Unit;
	keepsDays: number | null;
	lowLevel: string;
	lowUnit: Unit;
	supplier: number | null;
};

const orNothing = (text: string, path: string) =>
	text.trim() === '' ? null : exactText(typedAmount(text, path));

export const actions: Actions = {
	add: (event) =>
		handleForm(
			event,
			Joi.object<{ text: string; place: number | null }>({
				text: Joi.string().trim().min(1).max(500).required().messages({
					'string.empty': 'Enter what you have, like “flour 5 lb pantry, use by June”',
					'any.required': 'Enter what you have, like “flour 5 lb pantry, use by June”'
				}),
				place: id.empty('').allow(null).default(null)
			}),
			(added: string) => `Added: ${added}`,
			async ({ trx, now }, form) => {
				const { places, household } = now.snapshot;
				const known = places.map((place) => {
					const path = placePath(places, place.id).split(' › ');
					return {
						id: String(place.id),
						names: [place.name, path.join(' '), path.slice(-2).join(' '), path.join(' › ')]
					};
				});
				const read = readStashLine(
					form.text,
					known,
					now.today,
					isDayFirst(household.country, household.zone)
				);
				if (read.length === 0)
					throw new Refusal('No item in that line. Try “flour 5 lb pantry, use by June”.', 'text');
				const unread = read.find((line) => line.unread)?.unread;
				if (unread)
					throw new Refusal(
						`Couldn’t read “${unread}” as a date. Try “use by June” or “expires 2027-06-30”.`,
						'text'
					);
				const lots = read.map((line) => {
					if (line.quantity === null)
						throw new Refusal(`How much ${line.item} is there? Try “${line.item} 2 lb”.`, 'text');
					return { ...line, amount: requireAmount(exact(line.quantity), 'text') };
				});
				for (const line of lots) {
					const item = await itemNamed(trx, line.item);
					const place = line.place === null ? form.place : Number(line.place);
					await addLot(
						trx,
						{
							item_id: item.id,
							amount: line.amount,
							unit: line.unit,
							place_id: place,
							good_until: line.goodUntil && dayMeant(line.goodUntil, 'plan', now.today, 'text')
						},
						now.today
					);
				}
				return lots.map((line) => `${amountText(line.amount, line.unit)} ${line.item}`).join(', ');
			}
		),
	lot: (event) =>
		handleForm(
			event,
			Joi.object<LotForm>({
				id: id.required(),
				item: title('a name for the item'),
				amount: Joi.string().trim().required().messages({ 'string.empty': 'Enter the amount' }),
				unit: unit.required(),
				place: id.empty('').allow(null).default(null),
				goodUntil: optionalDay,
				opened: checkbox
			}),
			'Supply saved',
			async ({ trx, now }, form) => {
				const item = await itemNamed(trx, form.item);
				await updateLot(
					trx,
					form.id,
					{
						item_id: item.id,
						amount: typedAmount(form.amount),
						unit: form.unit,
						place_id: form.place,
						good_until: form.goodUntil,
						opened: form.opened
					},
					now.today
				);
			}
		),
	split: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number; some: string; to: number }>({
				id: id.required(),
				some: Joi.string().trim().required().messages({ 'string.empty': 'Enter how much' }),
				to: id.required().messages({ 'number.base': 'Choose a place', 'any.required': 'Choose a place' })
			}),
			'Some moved',
			async ({ trx, now }, form) => splitLot(trx, form.id, typedAmount(form.some, 'some'), form.to, now.today)
		),
	removeLot: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number }>({ id: id.required() }),
			'Removed',
			async ({ trx, now }, form) => removeLot(trx, form.id, now.today)
		),
	item: (event) =>
		handleForm(
			event,
			Joi.object<ItemForm>({
				id: id.required(),
				name: title('a name for the item'),
				use: Joi.string()
					.valid(...SUPPLY_USES)
					.required(),
				keepBack: Joi.string().allow('').default(''),
				keepBackUnit: unit.required(),
				keepsDays: wholeOrNothing('The days', 3650),
				lowLevel: Joi.string().allow('').default(''),
				lowUnit: unit.required(),
				supplier: id.empty('').allow(null).default(null)
			}),
			'Item saved',
			({ trx }, form) =>
				updateItem(trx, form.id, {
					name: form.name,
					use: form.use,
					keepBack: orNothing(form.keepBack, 'keepBack'),
					keepBackUnit: form.keepBack.trim() ? form.keepBackUnit : null,
					keepsDays: form.keepsDays,
					lowLevel: orNothing(form.lowLevel, 'lowLevel'),
					lowUnit: form.lowLevel.trim() ? form.lowUnit : null,
					supplier: form.supplier
				})
		),
	sources: (event) =>
		handleForm(
			event,
			Joi.object<{
				id: number;
				ladder: string;
				startDays: number | null;
				season: boolean;
				makeCost: number | null;
				makeMinutes: number | null;
			}>({
				id: id.required(),
				ladder: Joi.string().trim().allow('').max(200).default(''),
				startDays: wholeOrNothing('The days', 365),
				season: checkbox,
				makeCost: dollars.allow(null).default(null),
				makeMinutes: wholeOrNothing('The minutes', 1440)
			}),
			'Sources saved',
			({ trx }, form) =>
				setItemSources(trx, form.id, {
					ladder: typedLadder(form.ladder, 'ladder'),
					startDays: form.startDays,
					season: form.season ? 'open ground' : '',
					makeCents: form.makeCost === null ? null : Math.round(form.makeCost * 100),
					makeMinutes: form.makeMinutes
				})
		),
	instead: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number; for: string; other: string }>({
				id: id.required(),
				for: Joi.string().trim().allow('').max(40).default('1'),
				other: Joi.string().trim().min(1).max(100).required().messages({
					'string.empty': 'Enter the substitute, like “2 tbsp lemon juice”',
					'any.required': 'Enter the substitute, like “2 tbsp lemon juice”'
				})
			}),
			(name: string) => `Substitute: ${name}`,
			async ({ trx, now }, form) => {
				const { snapshot } = now;
				const item = snapshot.items.find((one) => one.id === form.id);
				const asked = readPack(form.for || '1');
				if (!asked) throw new Refusal('Enter for how much, like “1 cup” or “1”.', 'for');
				const [read] = readSupplyLine(form.other);
				if (!item || !read || read.quantity === null)
					throw new Refusal('Enter the substitute, like “2 tbsp lemon juice”.', 'other');
				return addSubstitute(
					trx,
					item,
					{ amount: exact(asked.size), unit: asked.unit },
					{ name: read.item, amount: exact(read.quantity), unit: read.unit }
				);
			}
		),
	notInstead: (event) =>
		handleForm(
			event,
			Joi.object<{ substitute: number }>({ substitute: id.required() }),
			'Substitute removed',
			({ trx }, form) => removeSubstitute(trx, form.substitute)
		),
	kit: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number; makings: number | null; parts: string }>({
				id: id.required(),
				makings: wholeOrNothing('The sets', 1000),
				parts: Joi.string().trim().allow('').max(3000).default('')
			}),
			'Kit saved',
			async ({ trx }, form) => {
				const lot = await lotById(trx, form.id);
				const { parts, wrong } = readKitParts(form.parts, exact(lot.amount));
				if (wrong.length)
					throw new Refusal(`Couldn’t read “${wrong[0]}”. Try “2 felt hearts, 46 there”.`, 'parts');
				await setKit(trx, form.id, form.makings, parts);
			}
		),
	picture: (event) =>
		pictureAction(event, 'Picture of the parts', (trx, picture, form) =>
			setLotPicture(trx, Number(form.get('id')), picture)
		),
	noPicture: (event) =>
		handleForm(event, Joi.object<{ id: number }>({ id: id.required() }), 'Picture removed', ({ trx }, form) =>
			setLotPicture(trx, form.id, null)
		),
	merge: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number; into: string }>({ id: id.required(), into: title('the other name') }),
			(said: string) => `Merged: ${said}`,
			({ trx }, form) => mergeInto(trx, form.id, form.into)
		)
};
