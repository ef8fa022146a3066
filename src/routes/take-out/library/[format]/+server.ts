import { error, type RequestHandler } from '@sveltejs/kit';
import { exportLibrary } from '$lib/server/exchange/index.ts';
import { situation } from '$lib/server/live/now.ts';

const TYPES = { bib: 'application/x-bibtex', xml: 'application/marcxml+xml' } as const;

/** Books and things as BibTeX or MARCXML. */
export const GET: RequestHandler = async ({ params }) => {
	const format = params.format;
	if (format !== 'bib' && format !== 'xml') error(404, 'No such file.');
	return new Response(exportLibrary(await situation(), format), {
		headers: {
			'content-type': `${TYPES[format]}; charset=utf-8`,
			'content-disposition': `attachment; filename="home library.${format}"`
		}
	});
};
