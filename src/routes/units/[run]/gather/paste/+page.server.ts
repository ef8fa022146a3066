import { formOf, operationOf } from '$lib/server/requests/form-of.ts';
import { redirect } from '@sveltejs/kit';
import Joi from 'joi';
import { dayText } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import type { Alike } from '$core/supplies/index.ts';
import type { Numbers } from '$core/pasted/index.ts';
import { changeInParts } from '$lib/server/history/changes.ts';
import { opened } from '$lib/server/live/data.ts';
import { answering, atItsField, checked, checkedJson, doerOf } from '$lib/server/requests/form-action.ts';
import { situation } from '$lib/server/live/now.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import { sayAfterRedirect } from '$lib/server/requests/toast-after-redirect.ts';
import { asLine, lineFields, type LineForm } from '$lib/server/schemas/supply-line.ts';
import { title } from '$lib/server/schemas/fields.ts';
import { MOST_LINES, reviewList } from '$lib/server/services/gathering/review.ts';
import { savedText, saveReviewed } from '$lib/server/services/gathering/save-list.ts';
import { questionsOf } from '$lib/server/services/looking/questions.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => {
	const { run } = await runOf(params);
	return {
		children: run.participants.length,
		lessons: run.lessons.map(({ lesson, number, booked, dates }) => ({
			day: dates.length ? dayText(dates[0]) : '',
			id: lesson.id,
			number,
			title: lesson.title,
			booked
		}))
	};
};

const pasteForm = Joi.object<{ text: string; lesson: number; numbers: Numbers | null }>({
	numbers: Joi.string().valid('lesson', 'week.day', 'amount', 'neither').empty('').allow(null).default(null),
	text: Joi.string().trim().min(1).max(1_000_000).required().messages({
		'string.empty': 'Paste or type a list first, one item per line',
		'any.required': 'Paste or type a list first, one item per line',
		'string.max': 'That is too long for one list. Paste it in parts'
	}),
	lesson: Joi.number().integer().required().messages({ 'any.required': 'Choose a lesson' })
});

const text = Joi.string().allow('').required();
type RestRow = { readonly index: number; readonly id: number | null; readonly optional: boolean };

const restForm = Joi.array<RestRow[]>()
	.max(MOST_LINES * 4)
	.items(
		Joi.object({
			index: Joi.number().integer().required(),
			id: Joi.number().integer().allow(null).required(),
			lesson: Joi.number().integer().required(),
			optional: Joi.boolean().required(),
			...Object.fromEntries(
				['written', 'note', 'quantity', 'to', 'unit', 'item', 'per', 'groupSize', 'use', 'or'].map((name) => [
					name,
					text
				])
			)
		})
	)
	.required();

/** Two names that were said to be one thing. */
const sameForm = Joi.array<Alike[]>()
	.max(MOST_LINES)
	.items(Joi.object({ general: title('the name'), specific: title('the other name') }))
	.required();

const lineForm = Joi.object<LineForm & { keep: string }>(lineFields);

export const actions: Actions = {
	read: async ({ request, params }) => {
		let typed = { text: '', lesson: '' };
		return answering(
			async () => {
				const form = await formOf(request);
				const numbers = form.get('numbers');
				typed = typedIn(form);
				const input = checked(pasteForm, { ...typed, numbers });
				if (input.text.split('\n').length > MOST_LINES) {
					throw new Refusal(
						`That is more than ${MOST_LINES.toLocaleString('en-US')} lines. Paste it in parts.`,
						'text'
					);
				}
				const { now, run } = await runOf(params);
				const review = await reviewList(now, run, input.text, input.lesson, input.numbers);
				if (review.rows.length === 0)
					throw new Refusal('No items found, only headings or empty lines.', 'text');
				return { review, typed };
			},
			(refusal) => atItsField(typed)(refusal)
		);
	},

	/** Keeps the reviewed list: all of it or nothing. */
	save: async (event) => {
		let typed = { text: '', lesson: '' };
		return answering(
			async () => {
				const form = await formOf(event.request);
				typed = typedIn(form);
				const { run, now } = await runOf(event.params);
				const rows = [...rowsOf(form), ...restOf(form)]
					.filter((row) => row.keep)
					.map(({ index, id, fields }) => ({
						id,
						path: `row-${index}-`,
						line: asLine(checkedRow(fields, index), `row-${index}-`)
					}));
				const gone = form.getAll('gone').map(Number);
				const same = checkedJson(sameForm, String(form.get('same') ?? '[]'));
				const { changed } = await changeInParts(
					(await opened()).write,
					doerOf(event, operationOf(form, event.url)),
					savedText,
					(trx, pause) => saveReviewed(trx, run, rows, gone, same, now.today, pause)
				);
				sayAfterRedirect(event.cookies, changed);
				// What nobody has spoken of is asked right away; the answers to a first list lead on to the board.
				const isFirst = event.url.searchParams.get('from') === 'start';
				const { open } = questionsOf(await situation(), run.row.id);
				const board = `/units/${event.params.run}${isFirst ? '' : '/gather'}`;
				const asks = changed !== null && open.length > 0;
				redirect(303, asks ? `/lists/have?unit=${run.row.id}${isFirst ? '&from=start' : ''}` : board);
			},
			(refusal) => atItsField(typed)(refusal)
		);
	}
};

function typedIn(form: FormData): { text: string; lesson: string } {
	return { text: String(form.get('text') ?? ''), lesson: String(form.get('lesson') ?? '') };
}

function checkedRow(fields: Record<string, string>, index: number): LineForm {
	try {
		return checked(lineForm, fields);
	} catch (error) {
		throw error instanceof Refusal ? error.at(`row-${index}-${error.path}`) : error;
	}
}

/** The rows that were not on the screen, as they were read. */
function restOf(form: FormData): ReturnType<typeof rowsOf> {
	const rest = form.get('rest');
	if (typeof rest !== 'string' || !rest) return [];
	return checkedJson(restForm, rest).map(({ index, id, optional, ...fields }) => ({
		index,
		id,
		keep: true,
		fields: { ...(fields as unknown as Record<string, string>), optional: optional ? 'on' : '' }
	}));
}

/** The rows of the review from fields named row-3-item, row-3-unit … */
function rowsOf(
	form: FormData
): { index: number; id: number | null; keep: boolean; fields: Record<string, string> }[] {
	const rows = new Map<number, Record<string, string>>();
	for (const [name, value] of form) {
		const found = /^row-(\d+)-(\w+)$/.exec(name);
		if (!found || typeof value !== 'string') continue;
		const row = rows.get(Number(found[1])) ?? {};
		row[found[2]] = value;
		rows.set(Number(found[1]), row);
	}
	return [...rows].map(([index, { id, keep, ...fields }]) => ({
		index,
		id: id ? Number(id) : null,
		keep: keep === 'on',
		fields
	}));
}
