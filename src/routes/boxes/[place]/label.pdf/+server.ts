import { readFile } from 'node:fs/promises';
import { error, type RequestHandler } from '@sveltejs/kit';
import { printFile } from '$lib/server/live/print-files.ts';
import { situation } from '$lib/server/live/now.ts';
import { answering } from '$lib/server/requests/form-action.ts';
import { boxPage } from '$lib/server/services/boxes/box-page.ts';
import { boxLabel } from '$lib/server/services/boxes/label.ts';

/** The contents label of a box as a print file; its code opens the box's page at this very address. */
export const GET: RequestHandler = ({ params, url }) =>
	answering(
		async () => {
			const now = await situation();
			const page = boxPage(now, Number(params.place));
			if (!page) error(404, 'No box here. It may have been undone.');
			const { paper, sheets } = boxLabel(now, page, `${url.origin}/boxes/${page.id}`);
			const path = await printFile({
				title: `Label: ${page.name}`,
				paper,
				files: [],
				sheets,
				sides: 'both',
				reversed: false
			});
			return new Response(new Uint8Array(await readFile(path)), {
				headers: {
					'content-type': 'application/pdf',
					'content-disposition': 'inline; filename="label.pdf"'
				}
			});
		},
		({ message }) => error(422, message)
	);
