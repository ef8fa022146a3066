import Joi from 'joi';
import { CoreError } from '$core/error.ts';
import { readPack } from '$core/supplies/index.ts';
import { act, checked } from '$lib/server/act.ts';
import { situation } from '$lib/server/household.ts';
import { money } from '$lib/server/schemas/activity.ts';
import { flag, id } from '$lib/server/schemas/fields.ts';
import { boughtPacks, BUYING_SPANS, buyingOf } from '$lib/server/services/buying.ts';
import {
	addOffer,
	offerOf,
	removeOffer,
	setOfferStanding,
	setPrice,
	setReimbursable
} from '$lib/server/stores/offers.ts';
import { setErrands, type ErrandInput } from '$lib/server/stores/errands.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => {
	const now = await situation();
	const span = BUYING_SPANS.find((one) => one === url.searchParams.get('span')) ?? 'all';
	const most = Number(url.searchParams.get('most'));
	const maxStores = Number.isInteger(most) && most >= 1 ? most : null;
	return { span, maxStores, buying: buyingOf(now, span, maxStores) };
};

/** How much a pack holds, as typed: "1 kg", "12", "500 ml". */
function packTyped(text: string) {
	const pack = readPack(text);
	if (!pack) throw new CoreError('Please say what a pack holds, like “1 kg”, “500 ml” or “12”.', 'pack');
	return pack;
}

const price = money.required().messages({
	'any.required': 'Please give the price as a number, like 2.19',
	'number.base': 'Please give the price as a number of dollars, like 2.19'
});
const cents = (dollars: number) => Math.round(dollars * 100);
const offer = id.required();
const errandList = Joi.object<{ list: ErrandInput[] }>({
	list: Joi.array()
		.items(
			Joi.object({
				offer,
				count: Joi.number().integer().min(1).max(10_000).required(),
				keys: Joi.array().items(Joi.string().max(100)).max(2000).required(),
				cents: Joi.number().integer().min(0).required()
			})
		)
		.max(500)
		.required()
});

export const actions: Actions = {
	offer: (event) =>
		act(
			event,
			Joi.object<{ item: number; shop: number; pack: string; price: number; aisle: string }>({
				item: id.required().messages({ 'any.required': 'Please choose the thing' }),
				shop: id.required().messages({ 'any.required': 'Please choose the shop' }),
				pack: Joi.string().trim().max(40).required().messages({
					'string.empty': 'Please say what a pack holds, like “1 kg”',
					'any.required': 'Please say what a pack holds, like “1 kg”'
				}),
				price,
				aisle: Joi.string().trim().allow('').max(60).default('')
			}),
			'Price noted',
			async (trx, form) => {
				const { size, unit } = packTyped(form.pack);
				const { today } = await situation();
				await addOffer(
					trx,
					{ item: form.item, supplier: form.shop, size, unit, cents: cents(form.price), aisle: form.aisle },
					today
				);
			}
		),
	price: (event) =>
		act(
			event,
			Joi.object<{ offer: number; price: number }>({ offer, price }),
			'New price',
			async (trx, form) => setPrice(trx, form.offer, cents(form.price), (await situation()).today)
		),
	standing: (event) =>
		act(
			event,
			Joi.object<{ offer: number; standing: 'usual' | 'preferred' | 'excluded'; why: string }>({
				offer,
				standing: Joi.string().valid('usual', 'preferred', 'excluded').required(),
				why: Joi.string().trim().allow('').max(200).default('')
			}),
			'Choice noted',
			(trx, form) => setOfferStanding(trx, form.offer, form.standing, form.why)
		),
	remove: (event) =>
		act(event, Joi.object<{ offer: number }>({ offer }), 'Offer removed', (trx, form) =>
			removeOffer(trx, form.offer)
		),
	claim: (event) =>
		act(
			event,
			Joi.object<{ id: number; claim: boolean }>({ id: id.required(), claim: flag }),
			'Noted',
			(trx, form) => setReimbursable(trx, form.id, form.claim)
		),
	along: (event) =>
		act(
			event,
			Joi.object<{ list: string }>({ list: Joi.string().max(1_000_000).required() }),
			'The list for the shops',
			async (trx, form) => {
				const list = checked(errandList, { list: JSON.parse(form.list) as unknown }).list;
				for (const one of list) await offerOf(trx, one.offer);
				await setErrands(trx, list);
			}
		),
	bought: (event) =>
		act(
			event,
			Joi.object<{ offer: number; count: number; keys: string; paid: number }>({
				offer,
				count: Joi.number().integer().min(1).max(10_000).required(),
				keys: Joi.string().required(),
				paid: price
			}),
			(what: string) => `${what}: bought`,
			async (trx, form) =>
				boughtPacks(trx, await situation(), {
					offer: form.offer,
					count: form.count,
					keys: form.keys.split(' ').filter(Boolean),
					cents: cents(form.paid)
				})
		)
};
