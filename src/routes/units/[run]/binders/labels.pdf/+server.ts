import type { RequestHandler } from '@sveltejs/kit';
import { drawnPdf } from '$lib/server/requests/drawn-pdf.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import { LABEL_KINDS, LABEL_NAMES, labelPlan } from '$lib/server/services/binders/labels.ts';

/** Labels as a print file, true to size. */
export const GET: RequestHandler = ({ params, url }) =>
	drawnPdf(async () => {
		const { now, run } = await runOf({ run: params.run! });
		const kind = LABEL_KINDS.find((one) => one === url.searchParams.get('kind')) ?? 'tabs';
		const on = url.searchParams.get('on') === 'labels' ? 'labels' : 'paper';
		return {
			title: `${run.unit.name}: ${LABEL_NAMES[kind]}`,
			file: kind,
			...labelPlan(now, run, kind, on)
		};
	});
