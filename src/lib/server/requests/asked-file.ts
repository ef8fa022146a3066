import Joi from 'joi';
import type { Pass } from '$core/print/index.ts';
import { filesOf } from '../live/documents.ts';
import type { PrintFile } from '../live/print-files.ts';
import { fileOf, planOf } from '../services/print/run-view.ts';
import { checked } from './form-action.ts';
import { runOf } from './run-of.ts';

const number = Joi.number().integer().min(1).empty('').allow(null).default(null).messages({
	'number.base': 'Enter a sheet by its number, like 6',
	'number.integer': 'Enter a sheet by its number, like 6',
	'number.min': 'Count the sheets from 1'
});

/** Which sheets of a run go into a file: those of a pass from one to another as they go in, or a single one. */
export const SHEETS_ASKED = Joi.object<{
	sides: Pass;
	from: number | null;
	to: number | null;
	sheet: number | null;
}>({
	sides: Joi.string().valid('both', 'front', 'back').empty('').default('both'),
	from: number,
	to: number,
	sheet: number
}).unknown();

/** The print file that an address asks for. @throws Refusal where there are no such sheets. */
export async function askedFile(params: { run?: string; id?: string }, url: URL): Promise<PrintFile> {
	const { now, run } = await runOf({ run: params.run! });
	const { sizes } = await filesOf(now, run);
	const id = Number(params.id);
	const { sides, from, to, sheet } = checked(SHEETS_ASKED, Object.fromEntries(url.searchParams));
	return fileOf(now, run, id, planOf(now, run, id, sizes), { pass: sides, from: from ?? 1, to, sheet });
}
