import Joi from 'joi';
import type { Unit } from '$core/measure/index.ts';
import { parsed } from '$core/facts/index.ts';
import { situation } from '$lib/server/live/now.ts';
import { handleForm } from '$lib/server/requests/form-action.ts';
import { typedAmount } from '$lib/server/schemas/amount.ts';
import { id, title, unit } from '$lib/server/schemas/fields.ts';
import { placeOptions, sentenceOf } from '$core/account/index.ts';
import { takeInstead } from '$lib/server/services/gathering/instead.ts';
import {
	ANSWERS,
	answer,
	answerRest,
	isSaidAlready,
	needsOfItem,
	notEnough,
	usedUp,
	type Answer
} from '$lib/server/services/looking/answers.ts';
import { lineOff, lineToNote, takeAsThing } from '$lib/server/services/looking/no-things.ts';
import { questionsOf } from '$lib/server/services/looking/questions.ts';
import { itemNamed } from '$lib/server/stores/stash/items.ts';
import { say } from '$lib/server/stores/stash/statements.ts';
import type { Actions, PageServerLoad } from './$types';

/** A list of thousands is asked in parts. */
const ROWS_AT_ONCE = 200;

export const load: PageServerLoad = async ({ url }) => {
	const now = await situation();
	const asked = Number(url.searchParams.get('unit')) || null;
	const run = now.inWork.find(({ row }) => row.id === asked) ?? null;
	const questions = questionsOf(now, run?.row.id ?? null);
	return {
		questions: { ...questions, open: questions.open.slice(0, ROWS_AT_ONCE) },
		/** Things that are asked about after those shown; “all the rest” means them, too. */
		after: questions.open.slice(ROWS_AT_ONCE).map((one) => one.item),
		run: run?.row.id ?? null,
		unitName: run?.unit.name ?? '',
		units: now.inWork.map((one) => ({ id: one.row.id, name: one.unit.name })),
		isFirst: url.searchParams.get('from') === 'start',
		sentence: sentenceOf(now, run),
		places: placeOptions(now),
		revision: now.snapshot.revision
	};
};

const seen = Joi.number().integer().min(0).empty('').allow(null).default(null);
const item = id.required();
const one = Joi.object<{ item: number }>({ item });

/** More than this many things are answered in parts. */
const MOST_AT_ONCE = 6000;

export const actions: Actions = {
	answer: (event) =>
		handleForm(
			event,
			Joi.object<{
				item: number;
				answer: Answer;
				place: number | null;
				amount: string;
				unit: Unit | null;
				seen: number | null;
			}>({
				item,
				answer: Joi.string()
					.valid(...ANSWERS)
					.required(),
				place: id.empty('').allow(null).default(null),
				amount: Joi.string().trim().allow('').default(''),
				unit: unit.empty('').allow(null).default(null),
				seen
			}),
			(said: string) => said,
			async ({ trx, now }, form) => {
				const amount = form.amount ? typedAmount(form.amount) : null;
				if (!amount && form.place === null && (await isSaidAlready(trx, now, form, event.locals.device)))
					return 'Answered already';
				return answer(trx, now, { ...form, amount });
			}
		),
	rest: (event) =>
		handleForm(
			event,
			Joi.object<{ items: string; answer: 'look' | 'none' }>({
				items: Joi.string()
					.required()
					.max(60_000)
					.pattern(/^[\d ]+$/)
					.messages({
						'*': 'That list didn’t come through. Reload the page and try again.'
					}),
				answer: Joi.string().valid('look', 'none').required()
			}),
			(said: string) => said,
			({ trx, now }, form) =>
				answerRest(trx, now, form.items.trim().split(/\s+/).slice(0, MOST_AT_ONCE).map(Number), form.answer)
		),
	/** One of two that would do is there: the lines that name it ask for it from now on. */
	other: (event) =>
		handleForm(
			event,
			Joi.object<{ item: number; name: string }>({ item, name: title('the other thing') }),
			(said: string) => said,
			async ({ trx, now }, form) => {
				const keys = needsOfItem(now, form.item)
					.filter((one) => parsed(one.line.alternatives).some((other) => other.item === form.name))
					.map((one) => one.need.key);
				const said = await takeInstead(trx, now, keys, form.name);
				const other = await itemNamed(trx, form.name);
				await say(trx, other.id, { state: 'enough', place: null, asked: null }, now.today);
				return said;
			}
		),
	short: (event) =>
		handleForm(
			event,
			one,
			(said: string) => said,
			({ trx, now }, form) => notEnough(trx, now, form.item)
		),
	gone: (event) =>
		handleForm(
			event,
			one,
			(said: string) => said,
			({ trx, now }, form) => usedUp(trx, now, form.item)
		),
	thing: (event) =>
		handleForm(
			event,
			one,
			(said: string) => said,
			({ trx, now }, form) => takeAsThing(trx, now, form.item)
		),
	note: (event) =>
		handleForm(
			event,
			one,
			(said: string) => said,
			({ trx, now }, form) => lineToNote(trx, now, form.item)
		),
	off: (event) =>
		handleForm(
			event,
			one,
			(said: string) => said,
			({ trx, now }, form) => lineOff(trx, now, form.item)
		)
};
