import { readFile } from 'node:fs/promises';
import { error, type RequestHandler } from '@sveltejs/kit';
import { PAPER_SIZES } from '$core/reference/index.ts';
import { printFile } from '$lib/server/live/print-files.ts';
import { situation } from '$lib/server/live/now.ts';
import { answering } from '$lib/server/requests/form-action.ts';
import { printingIn } from '$lib/server/services/print/run-plan.ts';
import { testSheets } from '$lib/server/services/print/test-sheets.ts';

/** Two sheets whose backs say how the printer turns. */
export const GET: RequestHandler = ({ url }) =>
	answering(
		async () => {
			const { snapshot } = await situation();
			const printing = printingIn(snapshot);
			const sides = url.searchParams.get('sides');
			const paper = PAPER_SIZES[snapshot.household.paper];
			const path = await printFile({
				title: 'Test page',
				paper: { width: paper.width, height: paper.height },
				files: [],
				sheets: testSheets(paper, printing),
				sides: sides === 'front' || sides === 'back' ? sides : 'both',
				reversed: sides === 'back' && printing.reversed
			});
			return new Response(new Uint8Array(await readFile(path)), {
				headers: {
					'content-type': 'application/pdf',
					'content-disposition': 'inline; filename="test-page.pdf"'
				}
			});
		},
		({ message }) => error(422, message)
	);
