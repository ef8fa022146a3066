import { createReadStream } from 'node:fs';
import { stat } from 'node:fs/promises';
import { Readable } from 'node:stream';
import { error, json, type RequestHandler } from '@sveltejs/kit';
import { filesOf } from '$lib/server/live/documents.ts';
import { nameOf, printFile, progressOf, type PrintFile } from '$lib/server/live/print-files.ts';
import { answering } from '$lib/server/requests/form-action.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import { planOf } from '$lib/server/services/print/run-view.ts';
import { printingIn } from '$lib/server/services/print/run-plan.ts';

/** The file that an address asks for: `sides` both, front or back; `from` a sheet on, as after a jam. */
async function asked(params: { run?: string; id?: string }, url: URL): Promise<PrintFile> {
	const { now, run } = await runOf({ run: params.run! });
	const { sizes } = await filesOf(now, run);
	const plan = planOf(now, run, Number(params.id), sizes);
	const { reversed } = printingIn(now.snapshot);
	const sides = url.searchParams.get('sides');
	const from = Math.max(1, Math.floor(Number(url.searchParams.get('from') ?? 1)) || 1);
	return {
		title: `${run.unit.name}, print run ${params.id}${from > 1 ? `, from sheet ${from}` : ''}`,
		paper: plan.paper,
		files: plan.files,
		sheets: plan.sheets.slice(from - 1),
		sides: sides === 'front' || sides === 'back' ? sides : 'both',
		reversed: sides === 'back' && reversed
	};
}

/** The print file; with `progress` how far it is. */
export const GET: RequestHandler = ({ params, url }) =>
	answering(
		async () => {
			const file = await asked(params, url);
			if (url.searchParams.has('progress')) {
				const job = progressOf(nameOf(file));
				return json(job ? { done: job.done, sides: job.sides } : { done: null });
			}
			const path = await printFile(file);
			const { size } = await stat(path);
			return new Response(Readable.toWeb(createReadStream(path)) as ReadableStream, {
				headers: {
					'content-type': 'application/pdf',
					'content-length': String(size),
					'content-disposition': `inline; filename="print-run-${params.id}${file.sides === 'both' ? '' : `-${file.sides}s`}.pdf"`
				}
			});
		},
		({ message }) => error(422, message)
	);

/** Stops making it. */
export const DELETE: RequestHandler = async ({ params, url }) => {
	progressOf(nameOf(await asked(params, url)))?.stop();
	return new Response(null, { status: 204 });
};
