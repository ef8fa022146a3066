import Joi from 'joi';
import type { MEASURES_OF_LOAD } from '$core/plan/index.ts';
import { handleForm } from '$lib/server/requests/form-action.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import { id, dollars, wholeOrNothing } from '$lib/server/schemas/fields.ts';
import { easeWeek, loadView, type LoadView } from '$lib/server/services/plan/load.ts';
import { setLimits } from '$lib/server/stores/plan/units.ts';
import type { Actions, PageServerLoad } from './$types';
import { stackChart } from '$lib/ui/chart/stack-chart.ts';

export const load: PageServerLoad = async ({ params }) => {
	const { now, run } = await runOf(params);
	const load = loadView(now, run);
	return { load, chart: load.weeks.length ? chartOf(load) : null };
};

/** The minutes of each week: its lessons, its reading days, its extras. */
function chartOf({ weeks, lessons, limits }: LoadView) {
	const parts = weeks.map((week) => {
		const own = lessons.filter((lesson) => lesson.week === week.week);
		const sum = (key: 'lesson' | 'reading') => own.reduce((total, one) => total + one.parts[key], 0);
		const [lesson, reading] = [sum('lesson'), sum('reading')];
		return { lesson, reading, extras: week.load.minutes - lesson - reading };
	});
	return stackChart({
		columns: weeks.map((week) => `week ${week.week}${week.over.length ? '\ntoo full' : ''}`),
		series: [
			{ name: 'lessons', color: 'mat', values: parts.map((part) => part.lesson) },
			{ name: 'reading', color: 'taught', values: parts.map((part) => part.reading) },
			{ name: 'extras', color: 'due', values: parts.map((part) => part.extras) }
		],
		limit: limits.minutes === null ? null : { at: limits.minutes, text: 'your limit' },
		step: 60,
		format: (minutes) => `${minutes} min`
	});
}

type LimitForm = Record<(typeof MEASURES_OF_LOAD)[number] | 'projects', number | null> & {
	budget: number | null;
};

export const actions: Actions = {
	limits: (event) =>
		handleForm(
			event,
			Joi.object<LimitForm>({
				minutes: wholeOrNothing('the minutes', 10_000),
				handsOn: wholeOrNothing('the projects', 100),
				prepareMinutes: wholeOrNothing('the minutes', 10_000),
				cents: dollars.allow(null).default(null),
				mess: wholeOrNothing('the mess', 100),
				adultMinutes: wholeOrNothing('the minutes', 10_000),
				projects: wholeOrNothing('the projects', 1000),
				budget: dollars.allow(null).default(null)
			}),
			'Limits saved',
			({ trx }, form) => {
				const cents = (dollars: number | null) => (dollars === null ? null : Math.round(dollars * 100));
				return setLimits(trx, Number(event.params.run), {
					...form,
					cents: cents(form.cents),
					budget: cents(form.budget)
				});
			}
		),
	ease: (event) =>
		handleForm(
			event,
			Joi.object<{ activity: number; way: 'instead' | 'move' | 'leave out'; to: number | null }>({
				activity: id.required(),
				way: Joi.string().valid('instead', 'move', 'leave out').required(),
				to: id.empty('').allow(null).default(null)
			}),
			'Week made lighter',
			async ({ trx }, form) => {
				const { now, run } = await runOf(event.params);
				await easeWeek(trx, now, run, form);
			}
		)
};
