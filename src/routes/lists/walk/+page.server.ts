import Joi from 'joi';
import { act } from '$lib/server/act.ts';
import { typedAmount } from '$lib/server/acts-on-needs.ts';
import { situation } from '$lib/server/household.ts';
import { flag, id, unit } from '$lib/server/schemas/fields.ts';
import { correct, tick, walkOf, type WalkSpan } from '$lib/server/services/walk.ts';
import type { Unit } from '$core/measure/index.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => {
	const now = await situation();
	const run = Number(url.searchParams.get('unit')) || null;
	const span: WalkSpan = url.searchParams.get('span') === 'all' ? 'all' : 'week';
	const units = now.runs
		.filter(({ run: one }) => one.state !== 'put away')
		.map((one) => ({ id: one.run.id, name: one.unit.name }));
	return {
		walk: walkOf(now, run, span),
		revision: now.snapshot.revision,
		run,
		span,
		units,
		allThings: walkOf(now, run, 'all').things
	};
};

export const actions: Actions = {
	found: (event) =>
		act(
			event,
			Joi.object<{ lot: number; run: number; amount: string; unit: Unit; move: boolean }>({
				lot: id.required(),
				run: id.required(),
				amount: Joi.string().required(),
				unit: unit.required(),
				move: flag
			}),
			(what: string) => `Found: ${what}`,
			async (trx, form) =>
				tick(trx, await situation(), {
					lot: form.lot,
					run: form.run,
					found: typedAmount(form.amount),
					unit: form.unit,
					move: form.move
				})
		),
	there: (event) =>
		act(
			event,
			Joi.object<{ lot: number; amount: string }>({
				lot: id.required(),
				amount: Joi.string().trim().default('0')
			}),
			(what: string) => `Count corrected: ${what}`,
			async (trx, form) => correct(trx, await situation(), form.lot, typedAmount(form.amount))
		)
};
