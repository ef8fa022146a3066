import Joi from 'joi';
import { Refusal } from '$core/error.ts';
import { situation } from '$lib/server/live/now.ts';
import { priceSource } from '$lib/server/outside/price-lists.ts';
import { handleForm, checkedJson } from '$lib/server/requests/form-action.ts';
import { needActions } from '$lib/server/requests/need-actions.ts';
import { dollars, checkbox, id, title } from '$lib/server/schemas/fields.ts';
import { takeAlong } from '$lib/server/services/buying/errands.ts';
import { packTyped, partsTyped, takePrices } from '$lib/server/services/buying/prices.ts';
import { boughtBundle, boughtPacks, bringBack } from '$lib/server/services/buying/purchases.ts';
import { buyingOf } from '$lib/server/services/buying/shopping.ts';
import { BUYING_SPANS } from '$lib/server/services/buying/to-buy.ts';
import { addBundle, removeBundle } from '$lib/server/stores/buying/bundles.ts';
import type { ErrandInput } from '$lib/server/stores/buying/errands.ts';
import { addOffer, removeOffer, setOfferStanding, setPrice } from '$lib/server/stores/buying/offers.ts';
import { setReimbursable } from '$lib/server/stores/buying/purchases.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => {
	const now = await situation();
	const span = BUYING_SPANS.find((one) => one === url.searchParams.get('span')) ?? 'all';
	const most = Number(url.searchParams.get('most'));
	const maxStores = Number.isInteger(most) && most >= 1 ? most : null;
	return {
		span,
		maxStores,
		buying: buyingOf(now, span, maxStores),
		hasLists: priceSource() !== null,
		children: now.snapshot.people.filter((one) => one.kind === 'child').length
	};
};

const price = dollars.required().messages({
	'any.required': 'Enter the price as a number, like 2.19',
	'number.base': 'Enter the price as a number of dollars, like 2.19'
});
const cents = (dollars: number) => Math.round(dollars * 100);
const offer = id.required();
const errandList = Joi.array<ErrandInput[]>()
	.items(
		Joi.object({
			offer: id.allow(null).required(),
			bundle: id.allow(null).required(),
			count: Joi.number().integer().min(1).max(10_000).required(),
			keys: Joi.array().items(Joi.string().max(100)).max(2000).required(),
			cents: Joi.number().integer().min(0).required()
		})
	)
	.max(500)
	.messages({ 'array.max': 'The list can hold at most 500 items' });

export const actions: Actions = {
	offer: (event) =>
		handleForm(
			event,
			Joi.object<{ item: number; shop: number; pack: string; price: number; aisle: string }>({
				item: id.required().messages({ 'any.required': 'Choose the item' }),
				shop: id.required().messages({ 'any.required': 'Choose the store' }),
				pack: Joi.string().trim().max(40).required().messages({
					'string.empty': 'Enter the pack size, like “1 lb”',
					'any.required': 'Enter the pack size, like “1 lb”'
				}),
				price,
				aisle: Joi.string().trim().allow('').max(60).default('')
			}),
			'Price saved',
			async ({ trx, now }, form) => {
				const { size, unit } = packTyped(form.pack);
				const { today } = now;
				await addOffer(
					trx,
					{ item: form.item, supplier: form.shop, size, unit, cents: cents(form.price), aisle: form.aisle },
					today
				);
			}
		),
	price: (event) =>
		handleForm(
			event,
			Joi.object<{ offer: number; price: number }>({ offer, price }),
			'Price saved',
			async ({ trx, now }, form) => setPrice(trx, form.offer, cents(form.price), now.today)
		),
	standing: (event) =>
		handleForm(
			event,
			Joi.object<{ offer: number; standing: 'usual' | 'preferred' | 'excluded'; why: string }>({
				offer,
				standing: Joi.string().valid('usual', 'preferred', 'excluded').required(),
				why: Joi.string().trim().allow('').max(200).default('')
			}),
			'Saved',
			({ trx }, form) => setOfferStanding(trx, form.offer, form.standing, form.why)
		),
	remove: (event) =>
		handleForm(event, Joi.object<{ offer: number }>({ offer }), 'Price removed', ({ trx }, form) =>
			removeOffer(trx, form.offer)
		),
	claim: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number; claim: boolean }>({ id: id.required(), claim: checkbox }),
			'Saved',
			({ trx }, form) => setReimbursable(trx, form.id, form.claim)
		),
	lookUp: (event) =>
		handleForm(
			event,
			Joi.object({}),
			(found: number) => (found === 1 ? '1 price found' : `${found} prices found`),
			async ({ trx, now }) => {
				const source = priceSource();
				if (!source) throw new Refusal('No store has sent its list.');
				return takePrices(trx, now, source.packsOf);
			}
		),
	bundle: (event) =>
		handleForm(
			event,
			Joi.object<{ name: string; shop: number; bundlePrice: number; parts: string }>({
				name: title('a name for the bundle'),
				shop: id.required().messages({ 'any.required': 'Choose the store' }),
				bundlePrice: price,
				parts: Joi.string().trim().max(2000).required().messages({
					'string.empty': 'Enter what’s in it, one per line',
					'any.required': 'Enter what’s in it, one per line'
				})
			}),
			'Bundle saved',
			async ({ trx, now }, form) => {
				const parts = partsTyped(form.parts);
				await addBundle(
					trx,
					{ supplier: form.shop, name: form.name, cents: cents(form.bundlePrice), parts },
					now.today
				);
			}
		),
	noBundle: (event) =>
		handleForm(
			event,
			Joi.object<{ bundle: number }>({ bundle: id.required() }),
			'Bundle removed',
			({ trx }, form) => removeBundle(trx, form.bundle)
		),
	gotBundle: (event) =>
		handleForm(
			event,
			Joi.object<{ bundle: number; keys: string }>({
				bundle: id.required(),
				keys: Joi.string().allow('').default('')
			}),
			(what: string) => `${what}: bought`,
			async ({ trx, now }, form) => boughtBundle(trx, now, form.bundle, form.keys.split(' ').filter(Boolean))
		),
	source: needActions.source,
	back: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number }>({ id: id.required() }),
			(what: string) => `${what}: returned`,
			async ({ trx, now }, form) => bringBack(trx, now, form.id)
		),
	along: (event) =>
		handleForm(
			event,
			Joi.object<{ list: string }>({ list: Joi.string().max(1_000_000).required() }),
			'Shopping list saved',
			async ({ trx }, form) => {
				const list = checkedJson(errandList, form.list);
				await takeAlong(trx, list);
			}
		),
	bought: (event) =>
		handleForm(
			event,
			Joi.object<{ offer: number; count: number; keys: string; paid: number }>({
				offer,
				count: Joi.number().integer().min(1).max(10_000).required(),
				keys: Joi.string().required(),
				paid: price
			}),
			(what: string) => `${what}: bought`,
			async ({ trx, now }, form) =>
				boughtPacks(trx, now, {
					offer: form.offer,
					count: form.count,
					keys: form.keys.split(' ').filter(Boolean),
					cents: cents(form.paid)
				})
		)
};
