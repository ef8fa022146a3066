import { runOf } from '$lib/server/run-of.ts';
import { extrasOf } from '$lib/server/services/extras.ts';
import { monthAsked, monthView } from '$lib/server/services/month.ts';
import { pagesView } from '$lib/server/services/pages.ts';
import { planOf } from '$lib/server/services/plan.ts';
import { linesOfLessons } from '$lib/server/stores/snapshot.ts';
import type { PageServerLoad } from './$types';

const SHOWN = ['plan', 'month', 'lessons'] as const;

export const load: PageServerLoad = async ({ params, url }) => {
	const { now, run } = await runOf(params);
	const asked = url.searchParams.get('show');
	const show = SHOWN.find((one) => one === asked) ?? 'plan';
	const { spines } = pagesView(now, run, []);
	const { placed } = extrasOf(now, run);
	const lines = linesOfLessons(now.snapshot);
	return {
		show,
		month: monthView(now, run, monthAsked(now, run, url.searchParams.get('m'))),
		plan: planOf(now, run),
		lessons: run.lessons.map(({ lesson, number }) => ({
			...lesson,
			number,
			day: planOf(now, run).lessons.find((one) => one.id === lesson.id)!.days,
			pages: spines.flatMap((spine) =>
				spine.rows
					.filter((row) => row.lesson === lesson.id)
					.flatMap((row) => row.flags.map((flag) => ({ book: spine.title, ...flag })))
			),
			extras: placed.filter((row) => row.fields.lesson_id === lesson.id),
			supplies: lines.filter((line) => line.lesson_id === lesson.id).map((line) => line.written)
		}))
	};
};
