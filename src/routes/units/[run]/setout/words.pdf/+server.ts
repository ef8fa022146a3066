import type { RequestHandler } from '@sveltejs/kit';
import { drawnPdf } from '$lib/server/requests/drawn-pdf.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import { wordCards } from '$lib/server/services/setout/word-cards.ts';

/** Cards with the words of the wall, as a print file: of one lesson, or of all. */
export const GET: RequestHandler = ({ params, url }) =>
	drawnPdf(async () => {
		const { now, run } = await runOf({ run: params.run! });
		const only = Number(url.searchParams.get('lesson')) || null;
		return { title: 'Word cards', file: 'word-cards', ...wordCards(now, run, only) };
	});
