import Joi from 'joi';
import { error } from '@sveltejs/kit';
import { counted } from '$core/words/index.ts';
import { STOCKS, stockOf, type Stock } from '$core/reference/index.ts';
import { filesOf } from '$lib/server/live/documents.ts';
import { answering, handleForm } from '$lib/server/requests/form-action.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import { checkbox, id } from '$lib/server/schemas/fields.ts';
import { SHEETS_ASKED } from '$lib/server/requests/asked-file.ts';
import { hasPracticePrinter } from '$lib/server/outside/practice-printer.ts';
import {
	changeRun,
	dropRun,
	printed,
	someCameOut,
	unprinted
} from '$lib/server/services/print/print-runs.ts';
import { fitInside } from '$lib/server/services/print/fit-inside.ts';
import { runView } from '$lib/server/services/print/run-view.ts';
import { takeSpoiled } from '$lib/server/services/print/spoiled.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, url }) => {
	const { now, run } = await runOf(params);
	const { sizes } = await filesOf(now, run);
	return answering(
		() => ({
			view: runView(now, run, Number(params.id), sizes, Number(url.searchParams.get('at') ?? 1) || 1),
			practice: hasPracticePrinter()
		}),
		({ message }) => error(404, message)
	);
};

export const actions: Actions = {
	printed: (event) =>
		handleForm(
			event,
			Joi.object<{ child: number | null; lesson: number; what: 'all' | 'child' | 'lesson' }>({
				what: Joi.string().valid('all', 'child', 'lesson').required(),
				child: id.empty('').allow(null).default(null),
				lesson: Joi.number().integer().min(0).empty('').default(0)
			}),
			(text: string) => text,
			async ({ trx, now }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				return printed(
					trx,
					now,
					run,
					Number(event.params.id),
					form.what === 'all' ? null : form.what === 'child' ? { child: form.child } : { lesson: form.lesson }
				);
			}
		),
	/** Some sheets came out well before one jammed. */
	cameOut: (event) =>
		handleForm(
			event,
			SHEETS_ASKED,
			(text: string) => text,
			async ({ trx, now }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				return someCameOut(trx, now, run, Number(event.params.id), {
					pass: form.sides,
					from: form.from ?? 1,
					to: form.to ?? 1
				});
			}
		),
	/** Pages whose ink would be cut off are made smaller: those of a print, or all of the run. */
	fit: (event) =>
		handleForm(
			event,
			Joi.object<{ print: number; pages: string }>({
				print: Joi.number().integer().required(),
				pages: Joi.string()
					.pattern(/^[\d ]*$/)
					.allow('')
					.required()
			}),
			(count: number) => `${counted(count, 'page')} made smaller to fit inside`,
			async ({ trx, now }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				const { sizes } = await filesOf(now, run);
				const pages = form.pages.split(' ').filter(Boolean).map(Number);
				const only = form.print === 0 ? null : new Map([[form.print, pages]]);
				return fitInside(trx, now, run, Number(event.params.id), sizes, only);
			}
		),
	unprinted: (event) =>
		handleForm(event, Joi.object({}), 'To be printed again', async ({ trx, now }) => {
			const { run } = await runOf({ run: event.params.run! });
			await unprinted(trx, now, run, Number(event.params.id));
		}),
	change: (event) =>
		handleForm(
			event,
			Joi.object<{ piles: 'child' | 'print'; slips: boolean }>({
				piles: Joi.string().valid('child', 'print').required(),
				slips: checkbox
			}),
			'Print run changed',
			async ({ trx, now }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				await changeRun(trx, now, run, Number(event.params.id), form);
			}
		),
	spoiled: (event) =>
		handleForm(
			event,
			Joi.object<{ sheets: number; stock: Stock }>({
				sheets: Joi.number().integer().min(1).max(2000).required().messages({
					'number.base': 'Enter how many sheets came out wrong',
					'any.required': 'Enter how many sheets came out wrong',
					'number.min': 'Enter how many sheets came out wrong'
				}),
				stock: Joi.string()
					.valid(...STOCKS.map(({ code }) => code))
					.required()
			}),
			({ sheets, stock }: { sheets: number; stock: Stock }) =>
				`${counted(sheets, 'sheet')} of ${stockOf(stock).name} spoiled`,
			async ({ trx, now }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				await takeSpoiled(trx, now, run, Number(event.params.id), form.sheets, form.stock);
				return form;
			}
		),
	drop: (event) =>
		handleForm(event, Joi.object({}), 'Print run taken apart', async ({ trx, now }) => {
			const { run } = await runOf({ run: event.params.run! });
			await dropRun(trx, now, run, Number(event.params.id));
		})
};
