import { error } from '@sveltejs/kit';
import { situation } from '../live/now.ts';
import type { RunSituation, Situation } from '$core/account/index.ts';

/** The run that an address names, with the situation it stands in; a plain "not here" when there is none. */
export async function runOf(params: { run: string }): Promise<{ now: Situation; run: RunSituation }> {
	const now = await situation();
	const run = now.runs.find((one) => String(one.row.id) === params.run);
	if (!run) error(404, 'No unit here. It may have been undone.');
	return { now, run };
}
