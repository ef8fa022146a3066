import Joi from 'joi';
import { error } from '@sveltejs/kit';
import { readPages, ROLES, type Role } from '$core/print/index.ts';
import { Refusal } from '$core/error.ts';
import { counted } from '$core/words/index.ts';
import { filesOf } from '$lib/server/live/documents.ts';
import { answering, handleForm } from '$lib/server/requests/form-action.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import { id, words } from '$lib/server/schemas/fields.ts';
import type { RunSituation, Situation } from '$core/account/index.ts';
import {
	dropSuggestions,
	sortByHand,
	stripOf,
	suggestedGroups,
	takeSuggestions
} from '$lib/server/services/print/sorting.ts';
import { sourcesOf } from '$lib/server/services/print/sources.ts';
import type { Actions, PageServerLoad } from './$types';

/** The pages of a source as far as they were read. */
async function readOf(now: Situation, run: RunSituation, source: number) {
	const { pages } = await filesOf(now, run);
	const file = sourcesOf(now.snapshot, run).find((one) => one.id === source)?.file ?? '';
	return pages.get(file) ?? [];
}

export const load: PageServerLoad = async ({ params }) => {
	const { now, run } = await runOf(params);
	const source = Number(params.source);
	return answering(
		async () => {
			const read = await readOf(now, run, source);
			const sources = sourcesOf(now.snapshot, run);
			const file = sources.find((one) => one.id === source)?.file ?? null;
			return {
				strip: stripOf(now, run, source, read),
				sources: sources.map((one) => ({ id: one.id, title: one.title })),
				isReading: file !== null && (read.length === 0 || read.some((one) => one.text === null)),
				lessons: run.lessons.map((one) => ({
					id: one.lesson.id,
					number: one.number,
					label: `${one.number}: ${one.lesson.title}`
				}))
			};
		},
		({ message }) => error(404, message)
	);
};

const pagesField = Joi.string().trim().max(2000).required().messages({
	'string.empty': 'Select some pages first, or type them, like 12-18, 22',
	'any.required': 'Select some pages first, or type them, like 12-18, 22'
});

export const actions: Actions = {
	sort: (event) =>
		handleForm(
			event,
			Joi.object<{ pages: string; role: Role | ''; lesson: number | null; title: string }>({
				pages: pagesField,
				role: Joi.string()
					.valid(...ROLES, '')
					.required(),
				lesson: id.empty('').allow(null).default(null),
				title: words(200)
			}),
			(text: string) => text,
			async ({ trx, now }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				const source = sourcesOf(now.snapshot, run).find((one) => String(one.id) === event.params.source);
				if (!source) throw new Refusal('That is no longer among what you print from.');
				const pages = readPages(form.pages, source.pages);
				const read = await readOf(now, run, source.id);
				return sortByHand(
					trx,
					now,
					run,
					source.id,
					{ pages, role: form.role || null, lesson: form.lesson, title: form.title },
					read
				);
			}
		),
	/** Suggestions are taken over, or dropped, those chosen by their first pages. */
	suggested: (event) =>
		handleForm(
			event,
			Joi.object<{ take: 'take' | 'drop' }>({ take: Joi.string().valid('take', 'drop').required() }).pattern(
				/^group\d+$/,
				Joi.boolean().truthy('on')
			),
			(text: string) => text,
			async ({ trx, now }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				const source = Number(event.params.source);
				const chosen = new Set(
					Object.keys(form)
						.filter((name) => name.startsWith('group'))
						.map((name) => Number(name.slice(5)))
				);
				const groups = suggestedGroups(now.snapshot, run, source, await readOf(now, run, source)).filter(
					(group) => chosen.has(group.pages[0])
				);
				if (groups.length === 0) throw new Refusal('Check the suggestions that you mean first.');
				if (form.take === 'drop') {
					await dropSuggestions(
						trx,
						now,
						run,
						source,
						groups.flatMap((group) => group.pages)
					);
					return `${counted(groups.length, 'suggestion')} dropped`;
				}
				return `${counted(await takeSuggestions(trx, now, run, source, groups), 'page')} sorted`;
			}
		)
};
