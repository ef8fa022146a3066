import { fail, redirect } from '@sveltejs/kit';
import Joi from 'joi';
import { CoreError } from '$core/error.ts';
import { change } from '$lib/server/history/changes.ts';
import { store } from '$lib/server/live/data.ts';
import { checked, checkedList, doerOf } from '$lib/server/requests/form-action.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import { sayAfterRedirect } from '$lib/server/requests/toast-after-redirect.ts';
import { asLine, lineFields, type LineForm } from '$lib/server/schemas/supply-line.ts';
import { MOST_LINES, reviewList } from '$lib/server/services/gathering/review.ts';
import { addLine, removeLine, updateLine } from '$lib/server/stores/gathering/supply-lines.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => {
	const { run } = await runOf(params);
	return {
		lessons: run.lessons.map(({ lesson, number, booked }) => ({
			id: lesson.id,
			number,
			title: lesson.title,
			booked
		}))
	};
};

const pasteForm = Joi.object<{ text: string; lesson: number }>({
	text: Joi.string().trim().min(1).max(1_000_000).required().messages({
		'string.empty': 'Paste or type a list first: one thing on each line',
		'any.required': 'Paste or type a list first: one thing on each line',
		'string.max': 'That is too long for one list. Paste it in parts'
	}),
	lesson: Joi.number().integer().required().messages({ 'any.required': 'Please choose a lesson' })
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

const lineForm = Joi.object<LineForm & { keep: string }>(lineFields);

export const actions: Actions = {
	read: async ({ request, params }) => {
		const form = await request.formData();
		const typed = { text: String(form.get('text') ?? ''), lesson: String(form.get('lesson') ?? '') };
		try {
			const input = checked(pasteForm, typed);
			if (input.text.split('\n').length > MOST_LINES) {
				throw new CoreError(
					`That is more than ${MOST_LINES.toLocaleString('en-US')} lines. Paste it in parts.`,
					'text'
				);
			}
			const { now, run } = await runOf(params);
			const review = reviewList(now, run, input.text, input.lesson);
			if (review.rows.length === 0)
				throw new CoreError('There is nothing to gather in this text, only headings or empty lines.', 'text');
			return { review, typed };
		} catch (error) {
			if (error instanceof CoreError) return fail(400, { message: error.message, path: error.path, typed });
			throw error;
		}
	},

	/** Keeps the reviewed list: all of it or nothing. */
	save: async (event) => {
		const form = await event.request.formData();
		const typed = { text: String(form.get('text') ?? ''), lesson: String(form.get('lesson') ?? '') };
		try {
			const { run } = await runOf(event.params);
			const ownLessons = new Set(run.lessons.map(({ lesson }) => lesson.id));
			const rows = [...rowsOf(form), ...restOf(form)].map(({ index, id, keep, fields }) => {
				if (!keep) return null;
				const line = asLine(checkedRow(fields, index), `row-${index}-`);
				if (!ownLessons.has(line.lesson))
					throw new CoreError('That lesson is not in this unit.', `row-${index}-lesson`);
				return { id, line };
			});
			const gone = form.getAll('gone').map(Number);
			const { write } = await store();
			const { changed } = await change(
				write,
				doerOf(event, operationOf(form)),
				({ added, changed, removed }: { added: number; changed: number; removed: number }) =>
					`List saved: ${added} new, ${changed} changed, ${removed} gone`,
				async (trx) => {
					const counts = { added: 0, changed: 0, removed: 0 };
					for (const row of rows) {
						if (!row) continue;
						if (row.id === null) {
							await addLine(trx, row.line);
							counts.added++;
						} else {
							if (await updateLine(trx, row.id, row.line)) counts.changed++;
						}
					}
					for (const id of gone) {
						await removeLine(trx, id);
						counts.removed++;
					}
					return counts;
				}
			);
			sayAfterRedirect(event.cookies, changed);
		} catch (error) {
			if (!(error instanceof CoreError)) throw error;
			return fail(400, { message: error.message, path: error.path, typed });
		}
		// The first list of a household leads to the board: its first true answer.
		redirect(
			303,
			event.url.searchParams.get('from') === 'start'
				? `/units/${event.params.run}`
				: `/units/${event.params.run}/gather`
		);
	}
};

function operationOf(form: FormData): string | null {
	const operation = form.get('operation');
	return typeof operation === 'string' ? operation : null;
}

function checkedRow(fields: Record<string, string>, index: number): LineForm {
	try {
		return checked(lineForm, fields);
	} catch (error) {
		if (error instanceof CoreError) throw new CoreError(error.message, `row-${index}-${error.path}`);
		throw error;
	}
}

/** The rows that were not on the screen, as they were read. */
function restOf(form: FormData): ReturnType<typeof rowsOf> {
	const rest = form.get('rest');
	if (typeof rest !== 'string' || !rest) return [];
	return checkedList(restForm, rest).map(({ index, id, optional, ...fields }) => ({
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
