import Joi from 'joi';
import { WAYS, type BinderWay, type LabelSheet } from '$core/binders/index.ts';
import { readMillimeters } from '$core/measure/index.ts';
import { RINGS, type RingShape } from '$core/reference/index.ts';
import { situation } from '$lib/server/live/now.ts';
import { answering, handleForm } from '$lib/server/requests/form-action.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import { parsed } from '$core/facts/index.ts';
import { dollars } from '$lib/server/schemas/fields.ts';
import { LABEL_KINDS, LABEL_NAMES, labelPlan } from '$lib/server/services/binders/labels.ts';
import {
	binderNames,
	bindersView,
	binderOf,
	labelsIn,
	partText,
	pricesIn,
	USUAL_PRICES
} from '$lib/server/services/binders/view.ts';
import { listParts, partsToList } from '$lib/server/services/binders/parts.ts';
import { spinesOf } from '$lib/server/services/binders/spines.ts';
import { leaveOutBinders } from '$lib/server/services/boxes/putting-away.ts';
import { setBinder, setHouseBinders } from '$lib/server/stores/binders/binders.ts';
import type { Actions, PageServerLoad } from './$types';

type LabelAnswer = { readonly plan: ReturnType<typeof labelPlan> | null; readonly problem: string };

export const load: PageServerLoad = async ({ params, url }) => {
	const { now, run } = await runOf(params);
	const kind = LABEL_KINDS.find((one) => one === url.searchParams.get('kind')) ?? 'tabs';
	const on = url.searchParams.get('on') === 'labels' ? ('labels' as const) : ('paper' as const);
	const prices = pricesIn(now);
	return {
		view: bindersView(now, run),
		spines: spinesOf(now, run),
		parts: partsToList(now, run),
		isMetric: now.snapshot.household.measures === 'metric',
		labels: Object.fromEntries(
			Object.entries(labelsIn(now)).map(([name, value]) => [
				name,
				name === 'columns' || name === 'rows'
					? String(value)
					: inHouse(value, now.snapshot.household.measures === 'metric')
			])
		),
		rings: parsed(now.snapshot.household.binders).rings ?? null,
		others: binderOf(now, run).others,
		ringOptions: RINGS.map((one) => ({
			value: String(one.size),
			label: now.snapshot.household.measures === 'metric' ? `${one.size} mm rings` : `${one.inches} in rings`
		})),
		prices: Object.keys(USUAL_PRICES).map((item) => ({
			item,
			label: partText(now, item),
			value: (prices[item] / 100).toFixed(2)
		})),
		kind,
		on,
		kinds: LABEL_KINDS.map((value) => ({ value, label: LABEL_NAMES[value] })),
		sheets: await answering<LabelAnswer, LabelAnswer>(
			() => ({ plan: labelPlan(now, run, kind, on), problem: '' }),
			({ message }) => ({ plan: null, problem: message })
		)
	};
};

/** A length in the house's measures, in mm: inches with fractions, or millimeters. */
const measured = (what: string, least: number, most: number, isMetric: boolean) =>
	Joi.string()
		.trim()
		.custom((text: string, helpers) => {
			const minus = text.startsWith('-') ? -1 : 1;
			const said = text.replace(/^-\s*/, '');
			const mm =
				isMetric && /^[\d.,]+$/.test(said)
					? Number(said.replace(',', '.'))
					: readMillimeters(said, isMetric ? 'metric' : 'us');
			if (mm === null || Number.isNaN(mm)) return helpers.error('measured.what');
			if (minus * mm < least - 0.05 || minus * mm > most + 0.05) return helpers.error('measured.range');
			return Math.round(minus * mm * 100) / 100;
		})
		.required()
		.messages({
			'measured.what': `Enter ${what} in ${isMetric ? 'mm' : 'inches, such as 2 5/8'}`,
			'any.required': `Enter ${what}`,
			'string.empty': `Enter ${what}`,
			'measured.range': `Enter ${what} between ${inHouse(least, isMetric)} and ${inHouse(most, isMetric)}`
		});
/** A fine length as the house writes it: “66.7”, “2.626”. */
const inHouse = (mm: number, isMetric: boolean): string =>
	String(isMetric ? Math.round(mm * 10) / 10 : Math.round((mm / 25.4) * 1000) / 1000);
const count = (what: string) =>
	Joi.number()
		.integer()
		.min(1)
		.max(40)
		.required()
		.messages({
			'number.base': `Enter how many ${what}`,
			'any.required': `Enter how many ${what}`,
			'number.min': `At least one of the ${what}`,
			'number.max': `At most 40 ${what}`
		});

const isMetricHouse = async () => (await situation()).snapshot.household.measures === 'metric';

export const actions: Actions = {
	choose: async (event) => {
		const isMetric = await isMetricHouse();
		return handleForm(
			event,
			Joi.object<{ way: BinderWay; ring: number | null; others: number }>({
				way: Joi.string()
					.valid(...WAYS)
					.required(),
				ring: Joi.number()
					.valid(...RINGS.map((one) => one.size))
					.empty('')
					.allow(null)
					.default(null),
				others: measured('how thick it is', 0, 100, isMetric).empty('').optional().default(0)
			}),
			'Binder chosen',
			async ({ trx, now }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				await leaveOutBinders(trx, now, run, binderNames(now, run), binderNames(now, run, [form.way]));
				await setBinder(trx, run.row.id, form);
			}
		);
	},
	rings: (event) =>
		handleForm(
			event,
			Joi.object<{ rings: RingShape }>({ rings: Joi.string().valid('D', 'round').required() }),
			({ rings }: { rings: RingShape }) => (rings === 'D' ? 'D rings' : 'Round rings'),
			async ({ trx, now }, form) => {
				await setHouseBinders(trx, { ...parsed(now.snapshot.household.binders), rings: form.rings });
				return form;
			}
		),
	list: (event) =>
		handleForm(
			event,
			Joi.object({}),
			(text: string) => text,
			async ({ trx, now }) => {
				const { run } = await runOf({ run: event.params.run! });
				return listParts(trx, now, run);
			}
		),
	labels: async (event) => {
		const isMetric = await isMetricHouse();
		return handleForm(
			event,
			Joi.object<LabelSheet>({
				columns: count('columns'),
				rows: count('rows'),
				width: measured('the width', 5, 300, isMetric),
				height: measured('the height', 5, 400, isMetric),
				left: measured('the left edge', 0, 200, isMetric),
				top: measured('the top edge', 0, 200, isMetric),
				across: measured('the step across', 5, 300, isMetric),
				down: measured('the step down', 5, 400, isMetric),
				offsetX: measured('how far it is off', -20, 20, isMetric),
				offsetY: measured('how far it is off', -20, 20, isMetric)
			}),
			'Label sheet saved',
			async ({ trx, now }, form) => {
				await setHouseBinders(trx, { ...parsed(now.snapshot.household.binders), labels: form });
			}
		);
	},
	prices: (event) =>
		handleForm(
			event,
			Joi.object<Record<string, number>>().pattern(Joi.string().valid(...Object.keys(USUAL_PRICES)), dollars),
			'Prices saved',
			async ({ trx, now }, form) => {
				const prices = Object.fromEntries(
					Object.entries(form).map(([item, price]) => [item, Math.round(price * 100)])
				);
				await setHouseBinders(trx, { ...parsed(now.snapshot.household.binders), prices });
			}
		)
};
