import Joi from 'joi';
import { addDays } from '$core/calendar/index.ts';
import {
	BINDINGS,
	CUTS,
	DESTINATIONS,
	FINISHES,
	PAGES_A_SIDE,
	ROLES,
	type PrintChoices,
	type Role
} from '$core/print/index.ts';
import { STOCKS } from '$core/reference/index.ts';
import { Refusal } from '$core/error.ts';
import { counted } from '$core/words/index.ts';
import { SOURCE_KINDS, type SourceKind } from '$core/facts/index.ts';
import { addPdf, filesOf } from '$lib/server/live/documents.ts';
import { beginUpload, takePart } from '$lib/server/files/documents.ts';
import { situation } from '$lib/server/live/now.ts';
import { formOf } from '$lib/server/requests/form-of.ts';
import { answering, atItsField, checked, doerOf, handleForm } from '$lib/server/requests/form-action.ts';
import { needActions } from '$lib/server/requests/need-actions.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import {
	checkbox,
	chosenPeople,
	dollars,
	id,
	title,
	whoFlags,
	wholeOrNothing,
	words
} from '$lib/server/schemas/fields.ts';
import { leaveRuns, makeRuns } from '$lib/server/services/print/print-runs.ts';
import { addPaperOriginal, changeSource, printFrom } from '$lib/server/services/print/sources.ts';
import { isFlagged, placeOptions, printsOf } from '$core/account/index.ts';
import { moveCopies } from '$lib/server/services/print/copies.ts';
import { smallSources, sortSmall } from '$lib/server/services/print/sorting.ts';
import { settledPrint } from '$lib/server/services/print/flagged.ts';
import { setWhoGets, whoGetsView } from '$lib/server/services/print/who-gets.ts';
import { printView } from '$lib/server/services/print/view.ts';
import { printingIn } from '$lib/server/services/print/printing-in.ts';
import { dropPrints, removeSource, updatePrint } from '$lib/server/stores/print/prints.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => {
	const { now, run } = await runOf(params);
	const { pages } = await filesOf(now, run);
	const sources = new Set(
		now.snapshot.printSources.filter((one) => one.run_id === run.row.id).map((one) => one.resource_id)
	);
	return {
		view: printView(now, run),
		small: smallSources(now, run, pages),
		most: printingIn(now.snapshot).most,
		printables: now.snapshot.resources
			.filter((one) => one.kind === 'printable' && !sources.has(one.id))
			.map((one) => ({ id: one.id, title: one.title })),
		lessons: run.lessons.map((one) => ({
			id: one.lesson.id,
			label: `Lesson ${one.number}: ${one.lesson.title}`
		})),
		activities: run.activities.map((one) => ({ id: one.activity.id, label: one.activity.title })),
		whoGets: whoGetsView(now, run),
		children: run.participants.map((one) => ({ id: one.id, name: one.name })),
		places: placeOptions(now),
		prices: now.snapshot.printSources
			.filter((one) => one.run_id === run.row.id)
			.map((one) => ({
				id: one.id,
				ready: one.ready_cents === null ? '' : (one.ready_cents / 100).toFixed(2)
			}))
	};
};

const kind = Joi.string()
	.valid(...SOURCE_KINDS)
	.default('guide');

type PrintForm = {
	id: number;
	title: string;
	role: Role;
	lesson: number | null;
	activity: number | null;
	note: string;
	again: boolean;
	fromBook: boolean;
	optional: boolean;
	printed: 'yes' | 'no' | '';
	copies: string;
	sides: 1 | 2 | null;
	up: number | null;
	layout: PrintChoices['layout'] | '';
	stock: PrintChoices['stock'] | '';
	color: 'yes' | 'no' | '';
	finish: PrintChoices['finish'] | '';
	cut: PrintChoices['cut'] | '';
	binding: PrintChoices['binding'] | '';
	to: PrintChoices['to'] | '';
};
const orUsual = (...values: readonly (string | number)[]) =>
	Joi.string()
		.valid(...values, '')
		.default('');

/** What is only flagged has a number below zero. */
const printId = Joi.number().integer().required();

const printForm = Joi.object<PrintForm>({
	id: printId,
	title: title('what it is'),
	role: Joi.string()
		.valid(...ROLES)
		.required(),
	lesson: id.empty('').allow(null).default(null),
	activity: id.empty('').allow(null).default(null),
	note: words(300),
	again: checkbox,
	fromBook: checkbox,
	optional: checkbox,
	printed: orUsual('yes', 'no'),
	copies: Joi.string()
		.trim()
		.pattern(/^(?:child|family|[1-9]\d{0,2})?$/)
		.allow('')
		.default('')
		.messages({ 'string.pattern.base': 'Type how many copies, 1 to 999' }),
	sides: Joi.number().valid(1, 2).empty('').allow(null).default(null),
	up: Joi.number()
		.valid(...PAGES_A_SIDE)
		.empty('')
		.allow(null)
		.default(null),
	layout: orUsual('pages', 'cards', 'cards and backs', 'cards, one back'),
	stock: orUsual(...STOCKS.map(({ code }) => code)),
	color: orUsual('yes', 'no'),
	finish: orUsual(...FINISHES),
	cut: orUsual(...CUTS),
	binding: orUsual(...BINDINGS),
	to: orUsual(...DESTINATIONS)
}).pattern(whoFlags, checkbox);

/** What the parent settled; what is left empty follows from the role again. */
function choicesOf(form: PrintForm): Partial<PrintChoices> {
	const yes = (value: 'yes' | 'no' | '') => (value === '' ? undefined : value === 'yes');
	const chosen = {
		printed: yes(form.printed),
		copies:
			form.copies === ''
				? undefined
				: /^\d/.test(form.copies)
					? Number(form.copies)
					: (form.copies as 'child'),
		sides: form.sides ?? undefined,
		up: form.up ?? undefined,
		layout: form.layout || undefined,
		stock: form.stock || undefined,
		color: yes(form.color),
		finish: form.finish || undefined,
		cut: form.cut || undefined,
		binding: form.binding || undefined,
		to: form.to || undefined
	};
	return Object.fromEntries(Object.entries(chosen).filter(([, value]) => value !== undefined));
}

export const actions: Actions = {
	step: needActions.step,
	without: needActions.without,
	/** A PDF has come in by parts, or a small one comes with this form. */
	add: (event) =>
		answering(async () => {
			const { run } = await runOf({ run: event.params.run! });
			const form = await formOf(event.request);
			const file = form.get('file');
			const asked = checked(
				Joi.object<{ upload: string; kind: SourceKind; source: number | null }>({
					upload: words(40),
					kind,
					source: id.empty('').allow(null).default(null)
				}),
				Object.fromEntries([...form].filter(([, value]) => typeof value === 'string'))
			);
			let { upload } = asked;
			if (!upload && file instanceof File) {
				const { snapshot } = await situation();
				const begun = await beginUpload(
					event.locals.device,
					{ name: file.name, size: file.size, changed: file.lastModified },
					printingIn(snapshot).most
				);
				upload = begun.id;
				await takePart(upload, 0, new Uint8Array(await file.arrayBuffer()));
			}
			if (!upload) throw new Refusal('Choose a PDF first.', 'file');
			const added = await addPdf(run.row.id, upload, asked.kind, doerOf(event, null), asked.source);
			return { changed: added.changed, added };
		}, atItsField<Record<string, string>>({})),
	paper: (event) =>
		handleForm(
			event,
			Joi.object<{ title: string; pages: number; place: number | null; kind: SourceKind }>({
				title: title('what it is'),
				pages: Joi.number().integer().min(1).max(2000).required().messages({
					'number.base': 'Enter how many pages it has',
					'any.required': 'Enter how many pages it has',
					'number.min': 'Enter how many pages it has'
				}),
				place: id.empty('').allow(null).default(null),
				kind
			}),
			(name: string) => `Added: ${name}`,
			async ({ trx, now }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				await addPaperOriginal(trx, now, run.row.id, form);
				return form.title;
			}
		),
	/** A printable that the library has. */
	from: (event) =>
		handleForm(
			event,
			Joi.object<{ resource: number; kind: SourceKind }>({ resource: id.required(), kind }),
			(name: string) => `Printing from: ${name}`,
			async ({ trx, now }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				const resource = now.snapshot.resources.find((one) => one.id === form.resource);
				if (!resource) throw new Refusal('That is no longer in your home library. Reload the page.');
				await printFrom(trx, run.row.id, resource.id, form.kind);
				return resource.title;
			}
		),
	source: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number; kind: SourceKind; ready: number | null; cut: boolean }>({
				id: id.required(),
				kind,
				cut: checkbox,
				ready: dollars.allow(null).default(null)
			}),
			'Source changed',
			async ({ trx, now }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				await changeSource(trx, now, run.row.id, form.id, {
					kind: form.kind,
					isCut: form.cut,
					ready_cents: form.ready === null ? null : Math.round(form.ready * 100)
				});
			}
		),
	removeSource: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number }>({ id: id.required() }),
			'Source removed',
			async ({ trx }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				await removeSource(trx, run.row.id, form.id);
			}
		),
	/** Short printables, each with what it is; those left open stay as they are. */
	small: (event) =>
		handleForm(
			event,
			Joi.object<Record<string, string | number | null>>()
				.pattern(
					/^role\d+$/,
					Joi.string()
						.valid(...ROLES, '')
						.default('')
				)
				.pattern(/^lesson\d+$/, id.empty('').allow(null).default(null)),
			(count: number) => `${counted(count, 'printable')} sorted`,
			async ({ trx, now }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				const { pages } = await filesOf(now, run);
				const said = Object.entries(form).flatMap(([name, role]) => {
					const source = /^role(\d+)$/.exec(name)?.[1];
					return source && role
						? [
								{
									source: Number(source),
									role: role as Role,
									lesson: Number(form[`lesson${source}`] ?? 0) || null
								}
							]
						: [];
				});
				return sortSmall(trx, now, run, pages, said);
			}
		),
	settle: (event) =>
		handleForm(
			event,
			printForm,
			(name: string) => `Settled: ${name}`,
			async ({ trx, now }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				const who = chosenPeople(form);
				const rows = printsOf(now.snapshot, run).find((one) => one.row.id === form.id)?.rows ?? [];
				const print = await settledPrint(trx, now, run, form.id);
				// Pages of a guide that are bound together are settled together.
				for (const row of rows.slice(1))
					await updatePrint(trx, run.row.id, row.id, { choices: choicesOf(form) });
				await updatePrint(trx, run.row.id, print, {
					title: form.title,
					role: form.role,
					lesson_id: form.lesson,
					activity_id: form.activity,
					note: form.note,
					again: form.again ? 1 : 0,
					from_book: form.fromBook ? 1 : 0,
					optional: form.optional ? 1 : 0,
					participants: who.length === 0 || who.length === run.participants.length ? null : who,
					choices: choicesOf(form)
				});
				await leaveRuns(trx, now, run, form.id);
				return form.title;
			}
		),
	unsort: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number }>({ id: printId }),
			(name: string) => `Unsorted again: ${name}`,
			async ({ trx, now }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				const print = printsOf(now.snapshot, run).find((one) => one.row.id === form.id);
				if (!print) throw new Refusal('Those pages were sorted anew. Reload the page.');
				if (isFlagged(print.row))
					throw new Refusal(
						`${print.row.title} is printed since a lesson takes it. Take it off that lesson under Plan, Pages.`
					);
				await dropPrints(
					trx,
					run.row.id,
					print.rows.map((row) => row.id)
				);
				return print.row.title;
			}
		),
	/** Who gets pages of each role, for the whole unit at once. */
	who: (event) =>
		handleForm(
			event,
			Joi.object<Record<string, boolean>>().pattern(/^get-[a-z-]+-\d+$/, checkbox),
			'Who gets what: changed',
			async ({ trx, now }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				await setWhoGets(trx, now, run, (role, child) => form[`get-${role}-${child}`] === true);
			}
		),
	/** Copies have come so far: printed, finished, filed, or back. */
	copies: (event) =>
		handleForm(
			event,
			Joi.object<{ keys: string; to: 'to print' | 'printed' | 'finished' | 'filed' }>({
				keys: Joi.string().required(),
				to: Joi.string().valid('to print', 'printed', 'finished', 'filed').required()
			}),
			(text: string) => text,
			async ({ trx, now }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				return moveCopies(trx, now, run, form.keys.split(' ').filter(Boolean), form.to);
			}
		),
	runs: (event) =>
		handleForm(
			event,
			Joi.object<{ weeks: number | null }>({ weeks: wholeOrNothing('the weeks', 60) }),
			(count: number) => `${counted(count, 'print run')} ready`,
			async ({ trx, now }, { weeks }) => {
				const { run } = await runOf({ run: event.params.run! });
				const { sizes } = await filesOf(now, run);
				const until = weeks === null ? null : addDays(now.today, weeks * 7);
				return makeRuns(trx, now, run, sizes, until);
			}
		)
};
