import Joi from 'joi';
import type { Printing } from '$core/print/index.ts';
import { STOCKS, type Stock } from '$core/reference/index.ts';
import { situation } from '$lib/server/live/now.ts';
import { handleForm } from '$lib/server/requests/form-action.ts';
import { checkbox } from '$lib/server/schemas/fields.ts';
import { printingIn } from '$lib/server/services/print/printing-in.ts';
import { setPrinting } from '$lib/server/stores/house/household.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async () => {
	const { snapshot } = await situation();
	return {
		printing: printingIn(snapshot),
		paper: snapshot.household.paper,
		stocks: STOCKS.map(({ code, name }) => ({ code, name }))
	};
};

const cents = Joi.number().min(0).max(100_000).empty('').allow(null).default(null).messages({
	'number.base': 'Enter the price in cents, like 2.5',
	'number.min': 'A price must be 0 or more',
	'number.max': 'That price looks too big. Enter cents'
});

type PrintingForm = Pick<
	Printing,
	'laminating' | 'film' | 'copying' | 'guide' | 'duplex' | 'delivers' | 'flip'
> & {
	reversed: boolean;
	slips: boolean;
	edge: number;
	most: number;
	homeColor: number | null;
	homeGrey: number | null;
	homePouch: number | null;
	shopColor: number | null;
	shopGrey: number | null;
	shopPouch: number | null;
} & Record<`home-${Stock}` | `shop-${Stock}`, number | null>;

const schema = Joi.object<PrintingForm>({
	laminating: Joi.string().valid('handled', 'nearly all').required(),
	film: Joi.string().valid('laminate first', 'cut first').required(),
	copying: Joi.string().valid('ahead', 'from the master').required(),
	guide: Joi.string().valid('screen', 'bound').required(),
	duplex: Joi.string().valid('itself', 'by hand').required(),
	delivers: Joi.string().valid('face down', 'face up').required(),
	flip: Joi.string().valid('long-edge', 'short-edge').required(),
	reversed: checkbox,
	slips: checkbox,
	edge: Joi.number().min(0).max(30).required().messages({
		'number.base': 'Enter the white edge in millimeters, like 6',
		'number.max': 'The white edge is 30 mm at most',
		'number.min': 'The white edge must be 0 or more'
	}),
	most: Joi.number().integer().min(1).max(1000).required().messages({
		'number.base': 'Enter the largest file in megabytes, like 300',
		'number.max': 'The largest file can be 1,000 MB at most',
		'number.min': 'Enter the largest file in megabytes, like 300'
	}),
	homeColor: cents,
	homeGrey: cents,
	homePouch: cents,
	shopColor: cents,
	shopGrey: cents,
	shopPouch: cents,
	...Object.fromEntries(
		STOCKS.flatMap(({ code }) => [`home-${code}`, `shop-${code}`].map((name) => [name, cents]))
	)
});

const pricesOf = (form: PrintingForm, where: 'home' | 'shop') =>
	Object.fromEntries(
		STOCKS.flatMap(({ code }) => {
			const price = form[`${where}-${code}`];
			return price === null || price === undefined ? [] : [[code, price]];
		})
	);

export const actions: Actions = {
	save: (event) =>
		handleForm(event, schema, 'Printing changed', async ({ trx }, form) => {
			await setPrinting(trx, {
				laminating: form.laminating,
				film: form.film,
				copying: form.copying,
				guide: form.guide,
				duplex: form.duplex,
				delivers: form.delivers,
				flip: form.flip,
				reversed: form.reversed,
				slips: form.slips,
				edge: form.edge,
				most: form.most,
				home: {
					paper: pricesOf(form, 'home'),
					colourSide: form.homeColor,
					greySide: form.homeGrey,
					pouch: form.homePouch
				},
				shop: {
					stockExtra: pricesOf(form, 'shop'),
					colourSide: form.shopColor,
					greySide: form.shopGrey,
					pouch: form.shopPouch
				}
			});
		})
};
