import { dayText, weekdayName, weekdayOf } from '$core/calendar/index.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import { gatherList } from '$lib/server/services/gathering/list.ts';
import { weekdaysText } from '$lib/server/services/plan/days.ts';
import { boardOf } from '$lib/server/services/readiness/board.ts';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = async ({ params }) => {
	const { now, run } = await runOf(params);
	const { calendar } = run;
	const list = gatherList(now, run);
	const next = boardOf(now, run).lessons.find((lesson) => lesson.isNext);
	const nextDay = next?.date ? weekdayName(weekdayOf(next.date)) : null;
	const spare = calendar?.spare ?? null;
	return {
		unit: {
			id: run.row.id,
			trouble: run.trouble,
			name: run.unit.name,
			about: `${run.lessons.length} lessons${calendar ? `, ${weekdaysText(run)}${calendar.finish ? `, to ${dayText(calendar.finish)}` : ''}` : ', no dates yet'}`,
			standing: [
				next ? `Lesson ${next.number} of ${run.lessons.length} is next` : null,
				spare === null ? null : `${spare} ${spare === 1 ? 'day' : 'days'} spare`
			]
				.filter(Boolean)
				.join(' · ')
		},
		tabs: [
			{
				path: '',
				label: 'Board',
				detail: next
					? `${nextDay} ${Object.values(next.streams).every(({ verdict }) => verdict === 'done') ? 'ready' : 'not ready'}`
					: 'overview'
			},
			{
				path: '/plan',
				label: 'Plan',
				detail: calendar?.shortBy
					? `${calendar.shortBy} do not fit`
					: run.trouble
						? 'to be corrected'
						: spare === null
							? 'no dates'
							: `${spare} ${spare === 1 ? 'day' : 'days'} spare`
			},
			{
				path: '/gather',
				label: 'Gather',
				detail:
					list.counts.all === 0
						? 'paste a list'
						: list.counts.missing
							? `${list.counts.missing} missing`
							: 'nothing missing'
			}
		]
	};
};
