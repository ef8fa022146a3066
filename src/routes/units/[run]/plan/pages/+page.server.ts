import Joi from 'joi';
import { Refusal } from '$core/error.ts';
import { readFrame, USUAL_FRAME } from '$core/plan/index.ts';
import { handleForm } from '$lib/server/requests/form-action.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import { id, title, wholeOrNothing } from '$lib/server/schemas/fields.ts';
import { flagTyped, pagesView, shareBook, swapBook } from '$lib/server/services/plan/spines.ts';
import { typedUse, usesView } from '$lib/server/services/library/uses.ts';
import { resourceNamed } from '$lib/server/services/library/named.ts';
import { policyText } from '$core/account/index.ts';
import { byId } from '$core/facts/index.ts';
import { addUse, removeUse } from '$lib/server/stores/library/resources.ts';
import { opened } from '$lib/server/live/data.ts';
import * as spines from '$lib/server/stores/plan/spines.ts';
import type { Actions, PageServerLoad } from './$types';
import { counted } from '$core/words/index.ts';

export const load: PageServerLoad = async ({ params, url }) => {
	const { now, run } = await runOf(params);
	const frame = readFrame(now.snapshot.household.frame ?? USUAL_FRAME);
	return {
		pages: pagesView(now, run, frame.books),
		uses: usesView(now, run, url.searchParams.get('show') === 'all'),
		hasStarts: run.lessons.some(({ lesson }) => lesson.first_page !== null)
	};
};

type SpineForm = {
	title: string;
	counted: 'pages' | 'chapters';
	first: number;
	last: number;
	words: number | null;
};
const whole = (what: string) =>
	Joi.number()
		.integer()
		.min(1)
		.max(9999)
		.required()
		.messages({
			'any.required': `Enter ${what}`,
			'number.base': `Enter ${what} as a whole number`,
			'number.integer': `Enter ${what} as a whole number`,
			'number.min': `${what} must be 1 or more`,
			'number.max': `${what} must be 9,999 or less`
		});
const spineFields = {
	title: title('a title for the book'),
	counted: Joi.string().valid('pages', 'chapters').default('pages'),
	first: whole('the first page').optional().empty('').default(1),
	last: whole('the last page'),
	words: wholeOrNothing('the words on a page', 2000)
};
const asSpine = (form: SpineForm): spines.SpineInput => ({
	title: form.title,
	counted: form.counted,
	first_page: form.first,
	last_page: form.last,
	words_per_page: form.words
});
const one = { spine: id.required() };

export const actions: Actions = {
	use: (event) =>
		handleForm(
			event,
			Joi.object<{ title: string; lesson: number; slip: string }>({
				title: title('the title'),
				lesson: id.required(),
				slip: Joi.string().trim().allow('').max(500).default('')
			}),
			(warning: string) => (warning ? `Assigned; ${warning}` : 'Assigned'),
			async ({ trx }, form) => {
				const { now, run } = await runOf(event.params);
				const resource = await resourceNamed((await opened()).read, now, form.title);
				await addUse(trx, run.row.id, {
					...typedUse(run.participants, form.slip),
					resource_id: resource,
					lesson_id: form.lesson
				});
				return policyText(now.snapshot, byId(now.snapshot.resources).get(resource)!);
			}
		),
	unuse: (event) =>
		handleForm(event, Joi.object<{ id: number }>({ id: id.required() }), 'Pages removed', ({ trx }, form) =>
			removeUse(trx, Number(event.params.run), form.id)
		),
	add: (event) =>
		handleForm(event, Joi.object<SpineForm>(spineFields), 'Book added', ({ trx }, form) =>
			spines.addSpine(trx, Number(event.params.run), asSpine(form))
		),
	edit: (event) =>
		handleForm(
			event,
			Joi.object<SpineForm & { spine: number }>({ ...one, ...spineFields }),
			'Book saved',
			({ trx }, form) => spines.updateSpine(trx, Number(event.params.run), form.spine, asSpine(form))
		),
	remove: (event) =>
		handleForm(event, Joi.object<{ spine: number }>(one), 'Book removed', ({ trx }, form) =>
			spines.removeSpine(trx, Number(event.params.run), form.spine)
		),
	share: (event) =>
		handleForm(
			event,
			Joi.object<{ spine: number; by: 'evenly' | 'contents'; most: number | null }>({
				...one,
				by: Joi.string().valid('evenly', 'contents').default('evenly'),
				most: wholeOrNothing('the pages a day', 500)
			}),
			'Pages divided among lessons',
			async ({ trx }, form) => {
				const { now, run } = await runOf(event.params);
				await shareBook(trx, now, run, form);
			}
		),
	flag: (event) =>
		handleForm(
			event,
			Joi.object<{ spine: number; lesson: number; flag: string }>({
				...one,
				lesson: id.required(),
				flag: Joi.string().trim().max(300).required().messages({
					'string.empty': 'Start with the pages, like “12–19 aloud: how scale works”'
				})
			}),
			'Pages added',
			async ({ trx }, form) => {
				const { now, run } = await runOf(event.params);
				const { pages, ids, who: _, ...rest } = flagTyped(now, form.flag);
				if (!pages) throw new Refusal('Start with the pages, like “12–19 aloud: how scale works”.', 'flag');
				await spines.addRange(trx, run.row.id, form.spine, form.lesson, {
					...pages,
					way: rest.way,
					minutes: rest.minutes,
					note: rest.note,
					participants: ids.length ? ids : null
				});
			}
		),
	unflag: (event) =>
		handleForm(
			event,
			Joi.object<{ range: number }>({ range: id.required() }),
			'Pages removed',
			({ trx }, form) => spines.removeRange(trx, Number(event.params.run), form.range)
		),
	reached: (event) =>
		handleForm(
			event,
			Joi.object<{ spine: number; reached: number | null }>({
				...one,
				reached: wholeOrNothing('the page', 9999)
			}),
			'Reading saved',
			({ trx }, form) => spines.setReached(trx, Number(event.params.run), form.spine, form.reached)
		),
	readOn: (event) =>
		handleForm(
			event,
			Joi.object<{ spine: number; on: 'lessons' | 'weekdays' | 'every day' }>({
				...one,
				on: Joi.string().valid('lessons', 'weekdays', 'every day').required()
			}),
			'Reading schedule saved',
			({ trx }, form) => spines.setReadOn(trx, Number(event.params.run), form.spine, form.on)
		),
	swap: (event) =>
		handleForm(
			event,
			Joi.object<SpineForm & { spine: number }>({ ...one, ...spineFields }),
			(lapsed: number) => `Swapped; ${counted(lapsed, 'set')} of pages cleared`,
			async ({ trx }, form) => {
				const { now, run } = await runOf(event.params);
				return swapBook(trx, now, run, form.spine, asSpine(form));
			}
		)
};
