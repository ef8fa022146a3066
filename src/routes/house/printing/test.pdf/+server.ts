import { readFile } from 'node:fs/promises';
import { error, type RequestHandler } from '@sveltejs/kit';
import { PAPER_SIZES } from '$core/reference/index.ts';
import { printFile } from '$lib/server/live/print-files.ts';
import { situation } from '$lib/server/live/now.ts';
import { answering } from '$lib/server/requests/form-action.ts';
import { printingIn } from '$lib/server/services/print/printing-in.ts';
import { testSheets } from '$lib/server/services/print/test-sheets.ts';

/** Two sheets that show how the printer turns and feeds, made as every run is with what is set now. */
export const GET: RequestHandler = ({ url }) =>
	answering(
		async () => {
			const { snapshot } = await situation();
			const asked = url.searchParams.get('sides');
			const sides = asked === 'front' || asked === 'back' ? asked : 'both';
			const paper = PAPER_SIZES[snapshot.household.paper];
			const path = await printFile({
				title: 'Test print',
				paper: { width: paper.width, height: paper.height },
				files: [],
				sheets: testSheets(paper, printingIn(snapshot), sides),
				sides
			});
			return new Response(new Uint8Array(await readFile(path)), {
				headers: {
					'content-type': 'application/pdf',
					'content-disposition': 'inline; filename="test-print.pdf"'
				}
			});
		},
		({ message }) => error(422, message)
	);
