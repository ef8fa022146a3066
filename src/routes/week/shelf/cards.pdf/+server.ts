import { readFile } from 'node:fs/promises';
import { error, type RequestHandler } from '@sveltejs/kit';
import { printFile } from '$lib/server/live/print-files.ts';
import { situation } from '$lib/server/live/now.ts';
import { answering } from '$lib/server/requests/form-action.ts';
import { trayCards } from '$lib/server/services/setout/tray-cards.ts';

/** Cards that stand in the trays, as a print file: of one tray, or of all. */
export const GET: RequestHandler = ({ url }) =>
	answering(
		async () => {
			const only = Number(url.searchParams.get('tray')) || null;
			const { paper, sheets } = trayCards(await situation(), only === null ? null : [only]);
			const path = await printFile({
				title: 'Tray cards',
				paper,
				files: [],
				sheets,
				sides: 'both',
				reversed: false
			});
			return new Response(new Uint8Array(await readFile(path)), {
				headers: {
					'content-type': 'application/pdf',
					'content-disposition': 'inline; filename="tray-cards.pdf"'
				}
			});
		},
		({ message }) => error(422, message)
	);
