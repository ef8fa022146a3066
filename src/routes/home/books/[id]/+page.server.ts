import { error, redirect, type RequestEvent } from '@sveltejs/kit';
import Joi from 'joi';
import { dayText } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import {
	COPYING_RIGHTS,
	readIsbn,
	RESOURCE_KINDS,
	RESOURCE_ROLES,
	type CopyingRight,
	type ResourceKind
} from '$core/library/index.ts';
import { json } from '$lib/server/database/json.ts';
import { tellLibrarySoon } from '$lib/server/live/desk-talk.ts';
import { situation } from '$lib/server/live/now.ts';
import { handleForm, doerOf } from '$lib/server/requests/form-action.ts';
import { pictureAction } from '$lib/server/requests/picture-action.ts';
import { sayAfterRedirect } from '$lib/server/requests/toast-after-redirect.ts';
import {
	dollars,
	checkbox,
	id,
	optionalDay,
	title,
	webAddress,
	wholeOrNothing
} from '$lib/server/schemas/fields.ts';
import { policyText } from '$lib/server/services/house/content-policy.ts';
import { placeOptions } from '$lib/server/services/house/place-paths.ts';
import { contentNotes, readersText, resourceView } from '$lib/server/services/library/resource-view.ts';
import { typedUse } from '$lib/server/services/library/uses.ts';
import { byId } from '$lib/server/snapshot/snapshot.ts';
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
	if (!row) error(404, 'That is not in the library. It may have been undone.');
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
		runs: now.runs
			.filter(({ row: run }) => run.state !== 'put away')
			.map(({ row: run, unit, lessons }) => ({
				id: run.id,
				name: unit.name,
				lessons: lessons
					.filter((one) => !one.over)
					.map(({ lesson, number }) => ({ value: String(lesson.id), label: `${number} ${lesson.title}` }))
			}))
	};
};

const words = (most: number) => Joi.string().trim().allow('').max(most).default('');

type ResourceForm = {
	title: string;
	authors: string;
	kind: ResourceKind;
	isbn: string;
	publisher: string;
	year: number | null;
	language: string;
	pages: number | null;
	about: string;
	topics: string;
	fromAge: number | null;
	toAge: number | null;
	grade: number | null;
	content: string;
	charter: boolean;
	owned: boolean;
	copies: number;
	place: number | null;
	source: number | null;
	condition: string;
	money: number | null;
	cameFrom: string;
	rights: CopyingRight;
	playersFrom: number | null;
	playersTo: number | null;
	pieces: number | null;
	piecesMissing: string;
	smallParts: boolean;
	width: number | null;
	hardcover: boolean;
	address: string;
	service: string;
	device: string;
	minutes: number | null;
	notes: string;
	liked: '' | 'good' | 'all right' | 'not used';
};

const resourceForm = Joi.object<ResourceForm>({
	title: title('it a title'),
	authors: words(300),
	kind: Joi.string()
		.valid(...RESOURCE_KINDS)
		.required(),
	isbn: words(40),
	publisher: words(200),
	year: wholeOrNothing('the year', 3000),
	language: words(60),
	pages: wholeOrNothing('the pages', 20_000),
	about: words(2000),
	topics: words(500),
	fromAge: wholeOrNothing('the age', 99),
	toAge: wholeOrNothing('the age', 99),
	grade: Joi.number().min(0).max(12).empty('').allow(null).default(null).messages({
		'number.base': 'Please give the reading level as a school grade, like 3 or 3.5',
		'number.max': 'Grades go from 0 to 12',
		'number.min': 'Grades go from 0 to 12'
	}),
	content: words(300),
	charter: checkbox,
	owned: checkbox,
	copies: Joi.number().integer().min(1).max(999).empty('').default(1).messages({
		'number.base': 'Please give the copies as a whole number',
		'number.min': 'There is at least one copy'
	}),
	place: id.empty('').allow(null).default(null),
	source: id.empty('').allow(null).default(null),
	condition: words(100),
	money: dollars.allow(null).default(null),
	cameFrom: words(200),
	rights: Joi.string()
		.valid(...COPYING_RIGHTS)
		.default('own family'),
	playersFrom: wholeOrNothing('the players', 99),
	playersTo: wholeOrNothing('the players', 99),
	pieces: wholeOrNothing('the pieces', 100_000),
	piecesMissing: words(300),
	smallParts: checkbox,
	width: Joi.number().min(0.1).max(2000).empty('').allow(null).default(null).messages({
		'number.base': 'Please give the thickness in millimeters'
	}),
	hardcover: checkbox,
	address: webAddress,
	service: words(100),
	device: words(100),
	minutes: wholeOrNothing('the minutes', 10_000),
	notes: words(5000),
	liked: Joi.string().valid('', 'good', 'all right', 'not used').default('')
});

function isbnTyped(text: string): string | null {
	if (!text) return null;
	const isbn = readIsbn(text);
	if (!isbn.valid) throw new Refusal(`That ISBN is not right: ${isbn.why}.`, 'isbn');
	return isbn.isbn13;
}

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
			if (form.fromAge !== null && form.toAge !== null && form.toAge < form.fromAge)
				throw new Refusal('The second age must not be below the first.', 'toAge');
			return updateResource(trx, Number(event.params.id), {
				title: form.title,
				authors: form.authors,
				kind: form.kind,
				isbn13: isbnTyped(form.isbn),
				publisher: form.publisher,
				year: form.year,
				language: form.language,
				pages: form.pages,
				about: form.about,
				topics: form.topics,
				from_age: form.fromAge,
				to_age: form.toAge,
				grade: form.grade,
				content: json(
					form.content
						.split(',')
						.map((one) => one.trim().toLowerCase())
						.filter(Boolean)
				),
				charter: form.charter ? 1 : 0,
				owned: form.owned ? 1 : 0,
				copies: form.copies,
				place_id: form.place,
				supplier_id: form.source,
				condition: form.condition,
				cents: form.money === null ? null : Math.round(form.money * 100),
				came_from: form.cameFrom,
				rights: form.rights,
				players_from: form.playersFrom,
				players_to: form.playersTo,
				pieces: form.pieces,
				pieces_missing: form.piecesMissing,
				small_parts: form.smallParts ? 1 : 0,
				width_mm: form.width,
				hardcover: form.hardcover ? 1 : 0,
				address: form.address,
				service: form.service,
				device: form.device,
				minutes: form.minutes,
				notes: form.notes,
				liked: form.liked
			});
		}),
	note: (event) =>
		handleForm(
			event,
			Joi.object<{ note: string }>({
				note: Joi.string()
					.trim()
					.max(300)
					.required()
					.messages({ 'string.empty': 'Please type the note first' })
			}),
			'Note stuck on',
			({ trx }, form) => addNote(trx, Number(event.params.id), form.note)
		),
	use: (event) =>
		handleForm(
			event,
			Joi.object<{ lesson: number; text: string }>({
				lesson: id.required().messages({ 'any.required': 'Please choose a lesson' }),
				text: words(500)
			}),
			(lesson: string) => `Flagged for ${lesson}`,
			async ({ trx, now }, form) => {
				const run = now.runs.find((one) => one.lessons.some(({ lesson }) => lesson.id === form.lesson));
				if (!run) throw new Refusal('That lesson is not here any more. Load the page again.');
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
		handleForm(event, loanForm, 'On the hold shelf', async ({ trx, now }, form) =>
			holdReady(trx, form.loan, now.today)
		),
	fetch: (event) =>
		handleForm(event, loanForm, 'On loan', async ({ trx, now }, form) =>
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
			handleForm(event, loanForm, 'Back', async ({ trx, now }, form) => endLoan(trx, form.loan, now.today))
		),
	lend: (event) =>
		handleForm(
			event,
			Joi.object<{ borrower: string; due: string | null }>({
				borrower: Joi.string().trim().max(100).required().messages({
					'string.empty': 'Please say who has it'
				}),
				due: optionalDay
			}),
			'Lent',
			async ({ trx, now }, form) => lendOut(trx, Number(event.params.id), form.borrower, now.today, form.due)
		),
	picture: async (event) => {
		const now = await situation();
		const row = byId(now.snapshot.resources).get(Number(event.params.id));
		if (!row) error(404, 'That is not in the library. It may have been undone.');
		return pictureAction(event, `Picture of ${row.title}`, (trx, picture) =>
			updateResource(trx, row.id, { picture })
		);
	},
	noPicture: (event) =>
		handleForm(event, Joi.object({}), 'Picture taken away', ({ trx }) =>
			updateResource(trx, Number(event.params.id), { picture: null })
		),
	piece: (event) =>
		handleForm(
			event,
			Joi.object<{ piece: string; to: string }>({
				piece: Joi.string().trim().max(200).required().messages({ 'string.empty': 'Please say which piece' }),
				to: Joi.string().trim().max(100).required().messages({ 'string.empty': 'Please say where it goes' })
			}),
			'Piece lent',
			async ({ trx, now }, form) => lendPiece(trx, Number(event.params.id), form.piece, form.to, now.today)
		),
	pieceBack: (event) =>
		handleForm(event, Joi.object<{ id: number }>({ id: id.required() }), 'Back in its set', ({ trx }, form) =>
			pieceBack(trx, form.id)
		),
	remove: async (event) => {
		const done = await handleForm(event, Joi.object({}), 'Taken out of the library', ({ trx }) =>
			removeResource(trx, Number(event.params.id))
		);
		if ('changed' in done) {
			sayAfterRedirect(event.cookies, done.changed ?? null);
			redirect(303, '/home/books');
		}
		return done;
	}
};
