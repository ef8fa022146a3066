import { readFile } from 'node:fs/promises';
import { error } from '@sveltejs/kit';
import type { Paper, SheetSides } from '$core/print/index.ts';
import { printFile } from '../live/print-files.ts';
import { answering } from './form-action.ts';

/** Sheets that we draw ourselves, with a title and the name of their file. */
export type DrawnSheets = {
	readonly title: string;
	readonly file: string;
	readonly paper: Paper;
	readonly sheets: readonly SheetSides[];
};

/** Answers a request with sheets as a print file, true to size; what is refused is said in words. */
export function drawnPdf(make: () => Promise<DrawnSheets>): Promise<Response> {
	return answering(
		async () => {
			const { title, file, paper, sheets } = await make();
			const path = await printFile({ title, paper, files: [], sheets, sides: 'both' });
			return new Response(new Uint8Array(await readFile(path)), {
				headers: {
					'content-type': 'application/pdf',
					'content-disposition': `inline; filename="${file}.pdf"`
				}
			});
		},
		({ message }) => error(422, message)
	);
}
