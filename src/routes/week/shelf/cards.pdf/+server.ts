import type { RequestHandler } from '@sveltejs/kit';
import { situation } from '$lib/server/live/now.ts';
import { drawnPdf } from '$lib/server/requests/drawn-pdf.ts';
import { trayCards } from '$lib/server/services/setout/tray-cards.ts';

/** Cards that stand in the trays, as a print file: of one tray, or of all. */
export const GET: RequestHandler = ({ url }) =>
	drawnPdf(async () => {
		const only = Number(url.searchParams.get('tray')) || null;
		return {
			title: 'Tray cards',
			file: 'tray-cards',
			...trayCards(await situation(), only === null ? null : [only])
		};
	});
