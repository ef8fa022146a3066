import type { Action } from '@sveltejs/kit';
import { beforeAll, describe, expect, it } from 'vitest';
import { exact } from '$core/measure/index.ts';
import { change } from '../history/changes.ts';
import { opened } from '../live/data.ts';
import { situation } from '../live/now.ts';
import { addBundle } from '../stores/buying/bundles.ts';
import { setErrands } from '../stores/buying/errands.ts';
import { addOffer } from '../stores/buying/offers.ts';
import { allRows, doer, openHousehold } from './household.ts';

const pages = import.meta.glob<{ actions?: Record<string, Action> }>('/src/routes/**/+page.server.ts');

const known: Record<string, string> = {};
beforeAll(() => openHousehold());
beforeAll(async () => {
	const { write } = await opened();
	const { snapshot, today, needs } = await situation();
	const item = (name: string) => snapshot.items.find((one) => one.name === name)!.id;
	const shop = snapshot.suppliers[0].id;
	const { result: offer } = await change(write, doer(), 'offer', (trx) =>
		addOffer(
			trx,
			{ item: item('orange'), supplier: shop, size: exact(1), unit: 'each', cents: 60, aisle: '' },
			today
		)
	);
	await change(write, doer(), 'errand', (trx) =>
		setErrands(trx, [{ offer, bundle: null, count: 6, keys: [], cents: 360 }])
	);
	await change(write, doer(), 'bundle', (trx) =>
		addBundle(
			trx,
			{
				supplier: shop,
				name: 'box of everything',
				cents: 900,
				parts: [{ item: 'cork', amount: exact(12), unit: 'each' }]
			},
			today
		)
	);
	const errand = await write.selectFrom('errand').select('id').executeTakeFirstOrThrow();
	const orange = needs.find((one) => one.item.name === 'orange')!;
	const fetched = needs.find((one) => one.standing.toFetch.compare(0) > 0)!;
	Object.assign(known, {
		flour: String(item('flour')),
		orange: String(item('orange')),
		shop: String(shop),
		offer: String(offer),
		errand: String(errand.id),
		orangeKey: orange.need.key,
		lot: fetched.served!.lots[0].lot.id,
		run: String(fetched.run.row.id),
		place: String(snapshot.places[0].id),
		want: String(snapshot.wanted[0].id),
		person: String(snapshot.people[0].id)
	});
});

/** A form with names of known rows in braces, sent to an action of a page. */
async function send(page: string, name: string, form: Record<string, string>) {
	const { actions } = await pages[`/src/routes${page}/+page.server.ts`]();
	const body = new FormData();
	for (const [field, value] of Object.entries(form))
		body.set(
			field,
			value.replace(/\{(\w+)\}/g, (_, key: string) => known[key])
		);
	const url = new URL(`http://localhost${page}?/${name}`);
	return (await actions![name]({
		params: { run: '1', id: '1' },
		url,
		locals: { device: 'laptop', actor: null },
		request: new Request(url, { method: 'POST', body }),
		cookies: { get: () => undefined, set: () => undefined }
	} as unknown as Parameters<Action>[0])) as
		| { status: number; data: { message: string; path: string | null; typed?: Record<string, string> } }
		| { changed: string | null };
}

const FOUND = { lot: '{lot}', run: '{run}', unit: 'each' };
const OFFER = { item: '{flour}', shop: '{shop}', pack: '1 kg', price: '2.19' };
const BUNDLE = { name: 'kit', shop: '{shop}', bundlePrice: '9', parts: '12 corks' };

type Row = [page: string, action: string, form: Record<string, string>, path: string | null, says: RegExp];

/** What a tired parent may type, or what another phone may have done meanwhile. */
const ROWS: Row[] = [
	// Amounts
	['/lists/walk', 'found', { ...FOUND, amount: '-1' }, 'amount', /^The amount must be 0 or more\./],
	['/lists/walk', 'found', { ...FOUND, amount: '−1/2' }, 'amount', /^The amount must be 0 or more\./],
	['/lists/walk', 'found', { ...FOUND, amount: 'a few' }, 'amount', /^Enter the amount as a number/],
	['/lists/walk', 'found', { ...FOUND, amount: '1/0' }, 'amount', /^Enter the amount as a number/],
	['/lists/walk', 'found', { ...FOUND, amount: '99999999999' }, 'amount', /^That amount looks too big/],
	['/lists/walk', 'there', { lot: '{lot}', amount: '-3' }, 'amount', /^The amount must be 0 or more\./],
	['', 'got', { keys: '{orangeKey}', amount: '-6' }, 'amount', /^The amount must be 0 or more\./],
	['/home/supplies', 'add', { text: 'some flour' }, 'text', /^How much flour is there\?/],
	[
		'/home/supplies',
		'add',
		{ text: 'flour 2 kg, till Febtober' },
		'text',
		/^Couldn’t read “till Febtober” as a date/
	],
	['/home/supplies', 'add', { text: ', , ,' }, 'text', /^No item in that line/],
	// Units that do not convert
	['/lists/walk', 'found', { ...FOUND, amount: '1', unit: 'parsec' }, 'unit', /./],
	// Packs and prices
	['/lists/shops', 'offer', { ...OFFER, pack: '0 g' }, 'pack', /pack size must be more than 0/],
	['/lists/shops', 'offer', { ...OFFER, pack: '-2 g' }, 'pack', /^Enter the pack size/],
	['/lists/shops', 'offer', { ...OFFER, pack: 'a lot' }, 'pack', /^Enter the pack size/],
	['/lists/shops', 'offer', { ...OFFER, price: '€3' }, 'price', /as a number of dollars/],
	['/lists/shops', 'offer', { ...OFFER, price: 'EUR 3' }, 'price', /as a number of dollars/],
	['/lists/shops', 'offer', { ...OFFER, price: '3,50 kr' }, 'price', /as a number of dollars/],
	['/lists/shops', 'offer', { ...OFFER, price: '-3' }, 'price', /must be 0 or more/],
	['/lists/shops', 'offer', { ...OFFER, item: '999999' }, null, /was removed/],
	['/lists/shops', 'price', { offer: '999999', price: '2' }, null, /is gone|removed/],
	['/lists/shops', 'price', { offer: '{offer}', price: '2 pounds' }, 'price', /as a number of dollars/],
	['/lists/errands', 'bought', { id: '{errand}', paid: '£3' }, 'paid', /as a number of dollars/],
	['/lists/errands', 'bought', { id: '{errand}' }, 'paid', /as a number of dollars/],
	['/lists/errands', 'bought', { id: '999999', paid: '3' }, null, /no longer on the list/],
	['/lists/errands', 'remove', { id: '999999' }, null, /no longer on the list/],
	['/lists/shops', 'along', { list: 'nothing' }, null, /didn’t come through/],
	['/lists/shops', 'along', { list: '[{"offer":1}]' }, null, /didn’t come through/],
	['/lists/shops', 'bundle', { ...BUNDLE, parts: 'some yarn' }, 'parts', /^Couldn’t read “some yarn”/],
	['/lists/shops', 'bundle', { ...BUNDLE, parts: 'Supplies:' }, 'parts', /^Enter what’s in it/],
	['/lists/shops', 'bundle', { ...BUNDLE, bundlePrice: 'ten' }, 'bundlePrice', /as a number of dollars/],
	['/lists/shops', 'gotBundle', { bundle: '999999', keys: '' }, null, /is gone/],
	['/lists/shops', 'back', { id: '999999' }, null, /\.$/],
	// Something instead
	[
		'/home/supplies',
		'instead',
		{ id: '{flour}', for: '1 cup', other: '1 cup flour' },
		'other',
		/can’t be its own substitute/
	],
	[
		'/home/supplies',
		'instead',
		{ id: '{flour}', for: '1 cup', other: '1 cup Flours' },
		'other',
		/can’t be its own substitute/
	],
	[
		'/home/supplies',
		'instead',
		{ id: '{flour}', for: '0 cups', other: '1 cup starch' },
		'other',
		/more than 0/
	],
	[
		'/home/supplies',
		'instead',
		{ id: '{flour}', for: 'a lot', other: '1 cup starch' },
		'for',
		/^Enter for how much/
	],
	[
		'/home/supplies',
		'instead',
		{ id: '{flour}', for: '1 cup', other: 'some starch' },
		'other',
		/^Enter the substitute/
	],
	['/units/[run]/gather', 'instead', { keys: '{orangeKey}', name: 'moon' }, null, /^“moon” isn’t a known/],
	// The ladder and what is known of the house
	[
		'/home/supplies',
		'sources',
		{ id: '{flour}', ladder: 'stolen, bought' },
		'ladder',
		/^“stolen” isn’t one of/
	],
	['/home/supplies', 'sources', { id: '{flour}', startDays: '-4' }, 'startDays', /\./],
	['/house', 'sources', { ladder: 'made, wished' }, 'ladder', /^“wished” isn’t one of/],
	['/house', 'sources', { days: 'gift soon' }, 'days', /^Couldn’t read “gift soon”/],
	['/house', 'sources', { firstFrost: 'Oct 15' }, 'lastFrost', /\./],
	[
		'/house',
		'sources',
		{ firstFrost: 'when it is cold', lastFrost: 'Apr 20' },
		'firstFrost',
		/like “Oct 15”/
	],
	['/house', 'occasion', { occasion: 'some day' }, 'occasion', /^Say what it is and its day/],
	['/house', 'occasion', { occasion: '' }, 'occasion', /^Enter the occasion/],
	// Wanted
	['/lists/wanted', 'add', { text: ', $4' }, 'text', /^Enter what you’re looking for/],
	['/lists/wanted', 'found', { id: '{want}', paid: '3 francs' }, 'paid', /\./],
	['/lists/wanted', 'found', { id: '999999', paid: '3' }, null, /no longer on the list/],
	['/lists/wanted', 'serve', { id: '{want}' }, null, /^None is left at home/],
	// Acts on what has gone meanwhile
	['', 'got', { keys: '1/supplies/999999/-/1', amount: '1' }, null, /changed|not missing|any more/],
	['', 'arrange', { keys: '{orangeKey}', promised: '2027-02-30' }, 'promised', /a date that exists/],
	['', 'source', { keys: '{orangeKey}', source: 'the moon' }, 'source', /Choose where it comes from/],
	['', 'next', { keys: '1/supplies/999999/-/1' }, null, /\./],
	[
		'/lists/walk',
		'found',
		{ ...FOUND, lot: '999999', amount: '1' },
		null,
		/^Nothing else is needed from there/
	],
	['/lists/walk', 'there', { lot: '999999', amount: '1' }, null, /That is gone/],
	['/home/supplies', 'split', { id: '{lot}', some: '999999', to: '{place}' }, 'some', /\./],
	['/home/supplies', 'kit', { id: '{lot}', makings: '25', parts: 'some felt' }, 'parts', /Couldn’t read/]
];

describe('what cannot be', () => {
	it.each(ROWS)('%s %s %j', async (page, action, form, path, says) => {
		const before = await allRows(await opened());
		const answer = await send(page, action, form);
		if (!('status' in answer)) throw new Error(`it was done: ${answer.changed}`);
		expect(answer.data.message).toMatch(says);
		expect(answer.data.path || null).toBe(path);
		// What was typed goes back, and nothing has changed.
		expect(Object.keys(answer.data.typed ?? {}).sort()).toEqual(Object.keys(form).sort());
		expect(await allRows(await opened())).toEqual(before);
	});
});
