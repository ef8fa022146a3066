import Joi from 'joi';
import { Refusal } from '$core/error.ts';
import { exact } from '$core/measure/index.ts';
import { nameKey } from '$core/naming/index.ts';
import { readPack, readSupplyLine } from '$core/supplies/index.ts';
import { situation } from '$lib/server/live/now.ts';
import { priceSource } from '$lib/server/outside/price-lists.ts';
import { act, checkedList } from '$lib/server/requests/form-action.ts';
import { needActions } from '$lib/server/requests/need-actions.ts';
import { flag, id, dollars, title } from '$lib/server/schemas/fields.ts';
import { boughtBundle, boughtPacks, bringBack } from '$lib/server/services/buying/purchases.ts';
import { buyingOf } from '$lib/server/services/buying/shopping.ts';
import { BUYING_SPANS } from '$lib/server/services/buying/to-buy.ts';
import { addBundle, bundleOf, removeBundle } from '$lib/server/stores/buying/bundles.ts';
import { setErrands, type ErrandInput } from '$lib/server/stores/buying/errands.ts';
import {
	addOffer,
	offerOf,
	removeOffer,
	setOfferStanding,
	setPrice
} from '$lib/server/stores/buying/offers.ts';
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

/** How much a pack holds, as typed: "1 kg", "12", "500 ml". */
function packTyped(text: string) {
	const pack = readPack(text);
	if (!pack) throw new Refusal('Please say what a pack holds, like “1 kg”, “500 ml” or “12”.', 'pack');
	return pack;
}

const price = dollars.required().messages({
	'any.required': 'Please give the price as a number, like 2.19',
	'number.base': 'Please give the price as a number of dollars, like 2.19'
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
	.messages({ 'array.max': 'Take at most 500 things along at a time' });

/** The things of one line of a bundle. @throws Refusal where the line has to be guessed. */
function bundleParts(line: string) {
	return readSupplyLine(line).map(({ item, quantity, unit, check }) => {
		if (check || quantity === null)
			throw new Refusal(`“${line.trim()}” could not be read. Say it like “12 corks”.`, 'parts');
		return { item, amount: exact(quantity), unit };
	});
}

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
		act(
			event,
			Joi.object<{ offer: number; price: number }>({ offer, price }),
			'New price',
			async ({ trx, now }, form) => setPrice(trx, form.offer, cents(form.price), now.today)
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
			({ trx }, form) => setOfferStanding(trx, form.offer, form.standing, form.why)
		),
	remove: (event) =>
		act(event, Joi.object<{ offer: number }>({ offer }), 'Offer removed', ({ trx }, form) =>
			removeOffer(trx, form.offer)
		),
	claim: (event) =>
		act(
			event,
			Joi.object<{ id: number; claim: boolean }>({ id: id.required(), claim: flag }),
			'Noted',
			({ trx }, form) => setReimbursable(trx, form.id, form.claim)
		),
	lookUp: (event) =>
		act(
			event,
			Joi.object({}),
			(found: number) => (found === 1 ? '1 price found' : `${found} prices found`),
			async ({ trx, now }) => {
				const { snapshot, today, needs } = now;
				const source = priceSource();
				if (!source) throw new Refusal('No shop has sent its list.');
				const names = new Map(needs.map(({ item }) => [nameKey(item.name), item]));
				const shops = new Map(snapshot.suppliers.map((one) => [one.name, one.id]));
				const packs = await source.packsOf([...names.keys()], [...shops.keys()]);
				for (const { item, shop, pack, cents: price, aisle } of packs) {
					const { size, unit } = packTyped(pack);
					await addOffer(
						trx,
						{
							item: names.get(nameKey(item))!.id,
							supplier: shops.get(shop)!,
							size,
							unit,
							cents: price,
							aisle
						},
						today
					);
				}
				if (packs.length === 0) throw new Refusal('The lists of the shops hold nothing of this.');
				return packs.length;
			}
		),
	bundle: (event) =>
		act(
			event,
			Joi.object<{ name: string; shop: number; bundlePrice: number; parts: string }>({
				name: title('the bundle a name'),
				shop: id.required().messages({ 'any.required': 'Please choose the shop' }),
				bundlePrice: price,
				parts: Joi.string().trim().max(2000).required().messages({
					'string.empty': 'Say what it holds, a line each',
					'any.required': 'Say what it holds, a line each'
				})
			}),
			'Bundle noted',
			async ({ trx, now }, form) => {
				const parts = form.parts.split('\n').flatMap(bundleParts);
				await addBundle(
					trx,
					{ supplier: form.shop, name: form.name, cents: cents(form.bundlePrice), parts },
					now.today
				);
			}
		),
	noBundle: (event) =>
		act(event, Joi.object<{ bundle: number }>({ bundle: id.required() }), 'Bundle removed', ({ trx }, form) =>
			removeBundle(trx, form.bundle)
		),
	gotBundle: (event) =>
		act(
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
		act(
			event,
			Joi.object<{ id: number }>({ id: id.required() }),
			(what: string) => `${what}: brought back`,
			async ({ trx, now }, form) => bringBack(trx, now, form.id)
		),
	along: (event) =>
		act(
			event,
			Joi.object<{ list: string }>({ list: Joi.string().max(1_000_000).required() }),
			'The list for the shops',
			async ({ trx }, form) => {
				const list = checkedList(errandList, form.list);
				for (const { offer, bundle } of list) {
					if ((offer === null) === (bundle === null))
						throw new Refusal('Each line of the list is a pack or a bundle.', 'list');
					if (offer !== null) await offerOf(trx, offer);
					else await bundleOf(trx, bundle!);
				}
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
			async ({ trx, now }, form) =>
				boughtPacks(trx, now, {
					offer: form.offer,
					count: form.count,
					keys: form.keys.split(' ').filter(Boolean),
					cents: cents(form.paid)
				})
		)
};
