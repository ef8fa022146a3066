import { redirect } from '@sveltejs/kit';
import Joi from 'joi';
import { Refusal } from '$core/error.ts';
import { readIsbn, RESOURCE_KINDS } from '$core/library/index.ts';
import type { Row } from '$core/facts/index.ts';
import { situation } from '$lib/server/live/now.ts';
import { handleForm, checkedJson } from '$lib/server/requests/form-action.ts';
import { sayAfterRedirect } from '$lib/server/requests/toast-after-redirect.ts';
import { id } from '$lib/server/schemas/fields.ts';
import { placeOptions } from '$core/account/index.ts';
import { addResource } from '$lib/server/stores/library/resources.ts';
import type { Actions, PageServerLoad } from './$types';
import { counted } from '$core/words/index.ts';

export const load: PageServerLoad = async () => ({ places: placeOptions(await situation()) });

const MOST = 500;

type Scanned = {
	isbn13: string | null;
	title: string;
	authors: string;
	publisher: string;
	year: number | null;
	language: string;
	pages: number | null;
	kind: Row<'resource'>['kind'];
	fromAge: number | null;
	toAge: number | null;
	grade: number | null;
	topics: string;
};

const number = Joi.number().min(0).allow(null).default(null);
const scanned = Joi.array<Scanned[]>()
	.items(
		Joi.object({
			isbn13: Joi.string().allow(null).default(null),
			title: Joi.string().trim().max(500).required().messages({
				'string.empty': 'Enter a title for every book on the list'
			}),
			authors: Joi.string().allow('').max(500).default(''),
			publisher: Joi.string().allow('').max(300).default(''),
			year: number,
			language: Joi.string().allow('').max(60).default(''),
			pages: number,
			kind: Joi.string()
				.valid(...RESOURCE_KINDS)
				.default('book'),
			fromAge: number,
			toAge: number,
			grade: number,
			topics: Joi.string().allow('').max(300).default('')
		})
	)
	.min(1)
	.max(MOST)
	.messages({ 'array.min': 'Scan or type a book first', 'array.max': `Save ${MOST} books at a time` });

export const actions: Actions = {
	save: async (event) => {
		const done = await handleForm(
			event,
			Joi.object<{ list: string; place: number | null; owned: boolean }>({
				list: Joi.string().max(2_000_000).required(),
				place: id.empty('').allow(null).default(null)
			}),
			(count: number) => `${counted(count, 'book')} added`,
			async ({ trx, now }, form) => {
				const list = checkedJson(scanned, form.list);
				const { today } = now;
				for (const one of list) {
					const isbn = one.isbn13 === null ? null : readIsbn(one.isbn13);
					if (isbn && !isbn.valid) throw new Refusal(`“${one.title}”: ${isbn.why}.`);
					await addResource(
						trx,
						{
							title: one.title,
							authors: one.authors,
							kind: one.kind,
							isbn13: isbn?.isbn13 ?? null,
							publisher: one.publisher,
							year: one.year,
							language: one.language,
							pages: one.pages,
							from_age: one.fromAge,
							to_age: one.toAge,
							grade: one.grade,
							topics: one.topics,
							place_id: form.place
						},
						today
					);
				}
				return list.length;
			}
		);
		if ('changed' in done) {
			sayAfterRedirect(event.cookies, done.changed ?? null);
			redirect(303, '/home/books');
		}
		return done;
	}
};
