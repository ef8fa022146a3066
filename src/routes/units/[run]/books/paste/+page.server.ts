import Joi from 'joi';
import { redirect } from '@sveltejs/kit';
import { Refusal } from '$core/error.ts';
import { change } from '$lib/server/history/changes.ts';
import { opened } from '$lib/server/live/data.ts';
import { situation } from '$lib/server/live/now.ts';
import { formOf, operationOf } from '$lib/server/requests/form-of.ts';
import { answering, atItsField, checked, checkedJson, doerOf } from '$lib/server/requests/form-action.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import { sayAfterRedirect } from '$lib/server/requests/toast-after-redirect.ts';
import { asListed, bookRow, type BookForm } from '$lib/server/schemas/listed-book.ts';
import { reviewBooks, savedBooksText, saveBooks } from '$lib/server/services/library/book-review.ts';
import { RESOURCE_KINDS, RESOURCE_ROLES, isRemark } from '$core/library/index.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => {
	const { run } = await runOf(params);
	return {
		kinds: [...RESOURCE_KINDS],
		roles: RESOURCE_ROLES.filter((role) => !isRemark(role)),
		lessons: run.lessons.map(({ lesson, number }) => ({ id: lesson.id, number, title: lesson.title }))
	};
};

/** Longest list that is read at once. */
const MOST_LINES = 3000;

const pasteForm = Joi.object<{ text: string }>({
	text: Joi.string().trim().min(1).max(500_000).required().messages({
		'string.empty': 'Paste or type a book list first, one book per line',
		'any.required': 'Paste or type a book list first, one book per line',
		'string.max': 'That is too long for one list. Paste it in parts'
	})
});

const rowsForm = Joi.array<{ index: number; id: number | null; fields: BookForm }[]>()
	.max(MOST_LINES * 2)
	.items(
		Joi.object({
			index: Joi.number().integer().required(),
			id: Joi.number().integer().allow(null).required(),
			fields: Joi.object().unknown().required()
		})
	)
	.required();

export const actions: Actions = {
	read: async ({ request, params }) => {
		let typed = { text: '' };
		return answering(
			async () => {
				typed = { text: String((await formOf(request)).get('text') ?? '') };
				const { text } = checked(pasteForm, typed);
				if (text.split('\n').length > MOST_LINES)
					throw new Refusal(
						`That is more than ${MOST_LINES.toLocaleString('en-US')} lines. Paste it in parts.`,
						'text'
					);
				const { now, run } = await runOf(params);
				const review = reviewBooks(now, run, text);
				if (review.rows.length === 0)
					throw new Refusal('No books found, only headings or empty lines.', 'text');
				return { review, typed };
			},
			(refusal) => atItsField(typed)(refusal)
		);
	},

	/** Keeps the reviewed list: all of it or nothing. */
	save: async (event) => {
		let typed = { text: '' };
		return answering(
			async () => {
				const form = await formOf(event.request);
				typed = { text: String(form.get('text') ?? '') };
				const { run } = await runOf(event.params);
				const rows = checkedJson(rowsForm, String(form.get('rows') ?? '')).map(({ index, id, fields }) => ({
					id,
					path: `row-${index}-`,
					book: asListed(checkedAt(fields, index), `row-${index}-`)
				}));
				const gone = form.getAll('gone').map(Number);
				const { changed } = await change(
					(await opened()).write,
					doerOf(event, operationOf(form, event.url)),
					savedBooksText,
					async (trx) => saveBooks(trx, await situation(), run, rows, gone)
				);
				sayAfterRedirect(event.cookies, changed);
				redirect(303, `/units/${event.params.run}/books`);
			},
			(refusal) => atItsField(typed)(refusal)
		);
	}
};

function checkedAt(fields: BookForm, index: number): BookForm {
	try {
		return checked(bookRow, fields);
	} catch (error) {
		throw error instanceof Refusal ? error.at(`row-${index}-${error.path}`) : error;
	}
}
