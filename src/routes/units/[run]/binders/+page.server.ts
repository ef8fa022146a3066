import Joi from 'joi';
import { WAYS, type BinderWay, type LabelSheet } from '$core/binders/index.ts';
import { RINGS } from '$core/reference/index.ts';
import { answering, handleForm } from '$lib/server/requests/form-action.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import { parsed } from '$core/facts/index.ts';
import { dollars } from '$lib/server/schemas/fields.ts';
import { LABEL_KINDS, LABEL_NAMES, labelPlan } from '$lib/server/services/binders/labels.ts';
import { bindersView, labelsIn, pricesIn, USUAL_PRICES } from '$lib/server/services/binders/view.ts';
import { listParts, partsToList } from '$lib/server/services/binders/parts.ts';
import { spinesOf } from '$lib/server/services/binders/spines.ts';
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
		labels: labelsIn(now),
		prices: Object.keys(USUAL_PRICES).map((item) => ({ item, value: (prices[item] / 100).toFixed(2) })),
		kind,
		on,
		kinds: LABEL_KINDS.map((value) => ({ value, label: LABEL_NAMES[value] })),
		sheets: await answering<LabelAnswer, LabelAnswer>(
			() => ({ plan: labelPlan(now, run, kind, on), problem: '' }),
			({ message }) => ({ plan: null, problem: message })
		)
	};
};

const mm = (what: string, least: number, most: number) =>
	Joi.number()
		.min(least)
		.max(most)
		.required()
		.messages({
			'number.base': `Enter ${what} in mm`,
			'any.required': `Enter ${what} in mm`,
			'number.min': `Enter ${what}: at least ${least}`,
			'number.max': `Enter ${what}: at most ${most}`
		});
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

export const actions: Actions = {
	choose: (event) =>
		handleForm(
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
				others: Joi.number().min(0).max(100).empty('').default(0).messages({
					'number.base': 'Enter millimeters, such as 12',
					'number.min': 'Enter 0 or more',
					'number.max': 'At most 100 mm'
				})
			}),
			'Binder chosen',
			async ({ trx }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				await setBinder(trx, run.row.id, form);
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
	labels: (event) =>
		handleForm(
			event,
			Joi.object<LabelSheet>({
				columns: count('columns'),
				rows: count('rows'),
				width: mm('the width', 5, 300),
				height: mm('the height', 5, 400),
				left: mm('the left edge', 0, 200),
				top: mm('the top edge', 0, 200),
				across: mm('the step across', 5, 300),
				down: mm('the step down', 5, 400),
				offsetX: mm('how far it is off', -20, 20),
				offsetY: mm('how far it is off', -20, 20)
			}),
			'Label sheet saved',
			async ({ trx, now }, form) => {
				await setHouseBinders(trx, { ...parsed(now.snapshot.household.binders), labels: form });
			}
		),
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
