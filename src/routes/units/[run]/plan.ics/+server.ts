import type { RequestHandler } from '@sveltejs/kit';
import { runOf } from '$lib/server/requests/run-of.ts';
import { icalOf } from '$lib/server/services/plan/calendar-file.ts';

/** The days of one unit as a calendar file. */
export const GET: RequestHandler = async ({ params }) => {
	const { now, run } = await runOf({ run: params.run! });
	return new Response(icalOf(now, run, new Date()), {
		headers: {
			'content-type': 'text/calendar; charset=utf-8',
			'content-disposition': `attachment; filename="plan.ics"; filename*=UTF-8''${encodeURIComponent(run.unit.name)}.ics`
		}
	});
};
