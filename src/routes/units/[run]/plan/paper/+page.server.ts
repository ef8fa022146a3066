import { runOf } from '$lib/server/requests/run-of.ts';
import { qrCode } from '$lib/server/services/boxes/qr.ts';
import { nextLessons, placePath } from '$core/account/index.ts';
import { usesView } from '$lib/server/services/library/uses.ts';
import { planOf } from '$lib/server/services/plan/days.ts';
import { extrasOf } from '$lib/server/services/plan/extras.ts';
import { monthAsked, monthView } from '$lib/server/services/plan/month.ts';
import { pagesView } from '$lib/server/services/plan/spines.ts';
import { byId, linesOfLessons } from '$core/facts/index.ts';
import type { PageServerLoad } from './$types';

const SHOWN = ['plan', 'month', 'lessons', 'next'] as const;

export const load: PageServerLoad = async ({ params, url }) => {
	const { now, run } = await runOf(params);
	const asked = url.searchParams.get('show');
	const show = SHOWN.find((one) => one === asked) ?? 'plan';
	const { spines } = pagesView(now, run, []);
	const { placed } = extrasOf(now, run);
	const lines = linesOfLessons(now.snapshot);
	const plan = planOf(now, run);
	const usesOf = new Map(usesView(now, run, true).lessons.map((one) => [one.lesson, one.uses]));
	const resources = byId(now.snapshot.resources);
	const next = nextLessons([run]).get(run);
	return {
		show,
		/** What stands where no lesson is shown. */
		none: run.lessons.every((one) => one.over)
			? 'Every lesson is finished.'
			: 'Set dates to see the next lesson.',
		month: monthView(now, run, monthAsked(now, run, url.searchParams.get('m'))),
		plan,
		lessons: (show === 'next' ? run.lessons.filter((one) => one === next) : run.lessons).map(
			({ lesson, number }) => ({
				...lesson,
				number,
				day: plan.lessons.find((one) => one.id === lesson.id)!.days,
				pages: spines.flatMap((spine) =>
					spine.rows
						.filter((row) => row.lesson === lesson.id)
						.flatMap((row) => row.flags.map((flag) => ({ book: spine.title, ...flag })))
				),
				uses: (usesOf.get(lesson.id) ?? []).map((use) => {
					const { address, service, place_id, owned, kind } = resources.get(use.resource)!;
					const where = kind === 'link' ? service : owned ? placePath(now.snapshot.places, place_id) : '';
					return {
						id: use.id,
						title: use.title,
						text: use.text,
						where,
						address,
						code: address && qrCode(address)
					};
				}),
				extras: placed.filter((row) => row.fields.lesson_id === lesson.id),
				// A line that names several things was split, and is printed as it was written.
				supplies: [
					...new Set(lines.filter((line) => line.lesson_id === lesson.id).map((line) => line.written))
				]
			})
		)
	};
};
