import { error, type RequestHandler } from '@sveltejs/kit';
import { situation } from '$lib/server/live/now.ts';
import { drawnPdf } from '$lib/server/requests/drawn-pdf.ts';
import { houseAddress } from '$lib/server/requests/own-address.ts';
import { boxPage } from '$lib/server/services/boxes/box-page.ts';
import { boxLabel } from '$lib/server/services/boxes/label.ts';

/** The contents label of a box as a print file; its code opens the box's page on a phone. */
export const GET: RequestHandler = (event) =>
	drawnPdf(async () => {
		const now = await situation();
		const page = boxPage(now, Number(event.params.place));
		if (!page) error(404, 'No box here. It may have been undone.');
		return {
			title: `Label: ${page.name}`,
			file: 'label',
			...boxLabel(now, page, `${houseAddress(event)}/boxes/${page.id}`)
		};
	});
