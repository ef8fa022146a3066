import { runOf } from '$lib/server/requests/run-of.ts';
import { costOf } from '$lib/server/services/buying/cost.ts';
import { stackChart } from '$lib/ui/chart/stack-chart.ts';
import type { PageServerLoad } from './$types';

const SERIES = [
	['spent', 'spent', 'mat'],
	['committed', 'ordered', 'taught'],
	['planned', 'planned', 'due']
] as const;

export const load: PageServerLoad = async ({ params }) => {
	const { now, run } = await runOf(params);
	const cost = costOf(now, run);
	const chart = stackChart({
		columns: cost.lessons.map((one) => (one.number ? `${one.number}` : 'unit')),
		series: SERIES.map(([key, name, color]) => ({
			name,
			color,
			values: cost.lessons.map((one) => one[key] / 100)
		})),
		format: (dollars) => `$${dollars}`
	});
	return { cost, chart };
};
