import { error, type RequestHandler } from '@sveltejs/kit';
import { exportSheet, SHEET_KINDS } from '$lib/server/exchange/index.ts';
import { claimsCsv } from '$lib/server/exchange/kinds/claims.ts';
import { situation } from '$lib/server/live/now.ts';

/** Supplies, places or the list of a unit as a CSV file. */
export const GET: RequestHandler = async ({ params, url }) => {
	if (params.what === 'claims')
		return csvResponse(claimsCsv((await situation()).snapshot), 'to be reimbursed');
	const kind = SHEET_KINDS.find((one) => one.id === params.what);
	if (!kind) error(404, 'No such file.');
	const now = await situation();
	const run = Number(url.searchParams.get('unit')) || null;
	const unit = now.runs.find((one) => one.row.id === run)?.unit.name;
	if ((kind.id === 'list' || kind.id === 'plan') && !unit)
		error(404, 'No unit here. It may have been undone.');
	const name = (unit ? `${kind.id === 'plan' ? 'lessons of' : 'supplies for'} ${unit}` : kind.name).replace(
		/[^\p{L}\p{N} ]+/gu,
		''
	);
	return csvResponse(exportSheet(now, kind.id, run), name);
};

function csvResponse(text: string, name: string): Response {
	return new Response(text, {
		headers: {
			'content-type': 'text/csv; charset=utf-8',
			'content-disposition': `attachment; filename="gather-bin.csv"; filename*=UTF-8''${encodeURIComponent(name)}.csv`
		}
	});
}
