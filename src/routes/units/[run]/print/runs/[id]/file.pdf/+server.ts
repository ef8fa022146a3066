import { createReadStream } from 'node:fs';
import { stat } from 'node:fs/promises';
import { Readable } from 'node:stream';
import { error, json, type RequestHandler } from '@sveltejs/kit';
import { printFile, progressOf } from '$lib/server/live/print-files.ts';
import { answering } from '$lib/server/requests/form-action.ts';
import { askedFile } from '$lib/server/requests/asked-file.ts';

/** The print file; with `progress` how far it is. */
export const GET: RequestHandler = ({ params, url }) =>
	answering(
		async () => {
			const file = await askedFile(params, url);
			if (url.searchParams.has('progress')) {
				const job = progressOf(file);
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
	progressOf(await askedFile(params, url))?.stop();
	return new Response(null, { status: 204 });
};
