import { error, redirect, type RequestEvent } from '@sveltejs/kit';
import Joi from 'joi';
import { dayText } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { COPYING_RIGHTS, RESOURCE_KINDS, RESOURCE_ROLES } from '$core/library/index.ts';
import { tellLibrarySoon } from '$lib/server/live/desk-talk.ts';
import { situation } from '$lib/server/live/now.ts';
import { doerOf, handleForm } from '$lib/server/requests/form-action.ts';
import { pictureAction } from '$lib/server/requests/picture-action.ts';
import { sayAfterRedirect } from '$lib/server/requests/toast-after-redirect.ts';
import { id, optionalDay } from '$lib/server/schemas/fields.ts';
import { resourceColumns, resourceForm } from '$lib/server/schemas/resource.ts';
import { policyText, placeOptions } from '$core/account/index.ts';
import { contentNotes, readersText, resourceView } from '$lib/server/services/library/resource-view.ts';
import { typedUse } from '$lib/server/services/library/uses.ts';
import { byId } from '$core/facts/index.ts';
import {
	endLoan,
	fetchLoan,
	holdReady,
	lendOut,
	placeHold,
	renewLoan
} from '$lib/server/stores/library/loans.ts';
import {
	addNote,
	addUse,
	lendPiece,
	pieceBack,
	removeResource,
	updateResource
} from '$lib/server/stores/library/resources.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => {
	const now = await situation();
	const row = byId(now.snapshot.resources).get(Number(params.id));
	if (!row) error(404, 'That isn’t in your home library. It may have been undone.');
	return {
		view: resourceView(now, row),
		kinds: [...RESOURCE_KINDS],
		rights: [...COPYING_RIGHTS],
		roles: [...RESOURCE_ROLES],
		contents: contentNotes(now),
		places: placeOptions(now),
		readers: readersText(now),
		sources: now.snapshot.suppliers.map((one) => ({
			value: String(one.id),
			label: one.name,
			kind: one.kind
		})),
		trays: [...new Set(now.snapshot.activities.map((one) => one.title))],
		runs: now.inWork.map(({ row: run, unit, lessons }) => ({
			id: run.id,
			name: unit.name,
			lessons: lessons
				.filter((one) => !one.over)
				.map(({ lesson, number }) => ({ value: String(lesson.id), label: `${number} ${lesson.title}` }))
		}))
	};
};

const words = (most: number) => Joi.string().trim().allow('').max(most).default('');

/** After a change that the library has to know of. */
async function telling<T>(event: RequestEvent, work: () => Promise<T>): Promise<T> {
	const done = await work();
	tellLibrarySoon(doerOf(event, null));
	return done;
}

const loanForm = Joi.object<{ loan: number }>({ loan: id.required() });

export const actions: Actions = {
	save: (event) =>
		handleForm(event, resourceForm, 'Saved', ({ trx }, form) => {
			return updateResource(trx, Number(event.params.id), resourceColumns(form));
		}),
	note: (event) =>
		handleForm(
			event,
			Joi.object<{ note: string }>({
				note: Joi.string().trim().max(300).required().messages({ 'string.empty': 'Type the note first' })
			}),
			'Note added',
			({ trx }, form) => addNote(trx, Number(event.params.id), form.note)
		),
	use: (event) =>
		handleForm(
			event,
			Joi.object<{ lesson: number; text: string }>({
				lesson: id.required().messages({ 'any.required': 'Choose a lesson' }),
				text: words(500)
			}),
			(lesson: string) => `Assigned to ${lesson}`,
			async ({ trx, now }, form) => {
				const run = now.runs.find((one) => one.lessons.some(({ lesson }) => lesson.id === form.lesson));
				if (!run) throw new Refusal('That lesson is gone. Reload the page.');
				await addUse(trx, run.row.id, {
					...typedUse(run.participants, form.text),
					resource_id: Number(event.params.id),
					lesson_id: form.lesson
				});
				const { number } = run.lessons.find(({ lesson }) => lesson.id === form.lesson)!;
				const row = byId(now.snapshot.resources).get(Number(event.params.id));
				return [`lesson ${number}`, row ? policyText(now.snapshot, row) : ''].filter(Boolean).join('; ');
			}
		),
	hold: (event) =>
		telling(event, () =>
			handleForm(
				event,
				Joi.object<{ source: number }>({ source: id.required() }),
				'Hold placed',
				async ({ trx, now }, form) => placeHold(trx, Number(event.params.id), form.source, now.today)
			)
		),
	ready: (event) =>
		handleForm(event, loanForm, 'Ready for pickup', async ({ trx, now }, form) =>
			holdReady(trx, form.loan, now.today)
		),
	fetch: (event) =>
		handleForm(event, loanForm, 'Picked up', async ({ trx, now }, form) =>
			fetchLoan(trx, form.loan, now.today)
		),
	renew: (event) =>
		telling(event, () =>
			handleForm(
				event,
				loanForm,
				(due: string) => `Renewed, due ${dayText(due)}`,
				({ trx }, form) => renewLoan(trx, form.loan)
			)
		),
	back: (event) =>
		telling(event, () =>
			handleForm(event, loanForm, 'Returned', async ({ trx, now }, form) =>
				endLoan(trx, form.loan, now.today)
			)
		),
	lend: (event) =>
		handleForm(
			event,
			Joi.object<{ borrower: string; due: string | null }>({
				borrower: Joi.string().trim().max(100).required().messages({
					'string.empty': 'Say who has it'
				}),
				due: optionalDay
			}),
			'Lent',
			async ({ trx, now }, form) => lendOut(trx, Number(event.params.id), form.borrower, now.today, form.due)
		),
	picture: async (event) => {
		const now = await situation();
		const row = byId(now.snapshot.resources).get(Number(event.params.id));
		if (!row) error(404, 'That isn’t in your home library. It may have been undone.');
		return pictureAction(event, `Picture of ${row.title}`, (trx, picture) =>
			updateResource(trx, row.id, { picture })
		);
	},
	noPicture: (event) =>
		handleForm(event, Joi.object({}), 'Picture removed', ({ trx }) =>
			updateResource(trx, Number(event.params.id), { picture: null })
		),
	piece: (event) =>
		handleForm(
			event,
			Joi.object<{ piece: string; to: string }>({
				piece: Joi.string().trim().max(200).required().messages({ 'string.empty': 'Say which piece' }),
				to: Joi.string().trim().max(100).required().messages({ 'string.empty': 'Say where it goes' })
			}),
			'Piece moved out',
			async ({ trx, now }, form) => lendPiece(trx, Number(event.params.id), form.piece, form.to, now.today)
		),
	pieceBack: (event) =>
		handleForm(event, Joi.object<{ id: number }>({ id: id.required() }), 'Back in the set', ({ trx }, form) =>
			pieceBack(trx, form.id)
		),
	remove: async (event) => {
		const done = await handleForm(event, Joi.object({}), 'Removed from the home library', ({ trx }) =>
			removeResource(trx, Number(event.params.id))
		);
		if ('changed' in done) {
			sayAfterRedirect(event.cookies, done.changed ?? null);
			redirect(303, '/home/books');
		}
		return done;
	}
};
