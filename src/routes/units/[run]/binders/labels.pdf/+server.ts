import { readFile } from 'node:fs/promises';
import { error, type RequestHandler } from '@sveltejs/kit';
import { printFile } from '$lib/server/live/print-files.ts';
import { answering } from '$lib/server/requests/form-action.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import { LABEL_KINDS, LABEL_NAMES, labelPlan } from '$lib/server/services/binders/labels.ts';

/** Labels as a print file, true to size. */
export const GET: RequestHandler = ({ params, url }) =>
	answering(
		async () => {
			const { now, run } = await runOf({ run: params.run! });
			const kind = LABEL_KINDS.find((one) => one === url.searchParams.get('kind')) ?? 'tabs';
			const on = url.searchParams.get('on') === 'labels' ? 'labels' : 'paper';
			const { paper, sheets } = labelPlan(now, run, kind, on);
			const path = await printFile({
				title: `${run.unit.name}: ${LABEL_NAMES[kind]}`,
				paper,
				files: [],
				sheets,
				sides: 'both',
				reversed: false
			});
			return new Response(new Uint8Array(await readFile(path)), {
				headers: {
					'content-type': 'application/pdf',
					'content-disposition': `inline; filename="${kind}.pdf"`
				}
			});
		},
		({ message }) => error(422, message)
	);
