import Joi from 'joi';
import { addDays, weekdayOf, type Day } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { ABOUT_WORK, readSitting, WORK, type OwnRates } from '$core/prepare/index.ts';
import { counted } from '$core/words/index.ts';
import { parsed } from '$core/facts/index.ts';
import { handleForm } from '$lib/server/requests/form-action.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import { day, id, optionalDay, title, words } from '$lib/server/schemas/fields.ts';
import { rollOn } from '$lib/server/services/plan/roll-on.ts';
import { ratesOf } from '$lib/server/services/prepare/jobs.ts';
import { acceptPlan, freeEvening, planQuestion, prepareView } from '$lib/server/services/prepare/plan.ts';
import { leaveOut, leaveOutText } from '$lib/server/services/prepare/leave-out.ts';
import { finishJob, leaveBare, moveJob } from '$lib/server/services/prepare/sitting.ts';
import { setPreparing } from '$lib/server/stores/house/household.ts';
import { addOwnJob, removeOwnJob } from '$lib/server/stores/prepare/jobs.ts';
import { addSittings } from '$lib/server/stores/prepare/sittings.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, url }) => {
	const { now, run } = await runOf(params);
	const free = Number(url.searchParams.get('free'));
	const rates = ratesOf(now.snapshot);
	const own = parsed(now.snapshot.household.prep_rates);
	const view = prepareView(now, run);
	return {
		view,
		/** What leaving a sitting out would do, by its id. */
		without: Object.fromEntries(view.sittings.map(({ id }) => [id, leaveOutText(now, [id])])),
		question: planQuestion(now),
		free: free > 0 && free <= MOST_MINUTES ? { minutes: free, jobs: freeEvening(now, free) } : null,
		last: lastDayOfWork(
			now.runs.flatMap((one) => one.lessons.flatMap((lesson) => lesson.dates)),
			now.today
		),
		rates: WORK.map((work) => ({
			work,
			name: ABOUT_WORK[work].one,
			usual: ABOUT_WORK[work].usual,
			own: own[work] === undefined ? '' : String(own[work]),
			...rates[work]
		}))
	};
};

/** A whole day of preparing. */
const MOST_MINUTES = 12 * 60;
/** Sittings are entered this far ahead where no lesson has a date. */
const USUAL_DAYS = 84;
const MOST_AHEAD = 370;

function lastDayOfWork(days: readonly Day[], today: Day): Day {
	const last = days
		.filter((day) => day >= today)
		.toSorted()
		.at(-1);
	const most = addDays(today, MOST_AHEAD);
	const wanted = last ?? addDays(today, USUAL_DAYS);
	return wanted < most ? wanted : most;
}

/** The days of a sitting as it was typed. @throws Refusal where no day, or no length, was said */
function sittingsFrom(
	{ text, day, until }: { text: string; day: Day | null; until: Day | null },
	today: Day,
	last: Day
) {
	const said = readSitting(text);
	if (said.minutes === null) throw new Refusal('Say how long it is, such as 60 min.', 'text');
	if (said.minutes < 1)
		throw new Refusal('A sitting of 0 minutes holds nothing. Say how long it is.', 'text');
	if (said.minutes > MOST_MINUTES) throw new Refusal('At most 12 hours at a sitting.', 'text');
	if (day === null && said.weekdays.length === 0)
		throw new Refusal('Say on which days of the week, such as Tue and Thu, or choose one day.', 'text');
	if (day !== null && day < today) throw new Refusal('That day is over. Choose today or later.', 'day');
	const end = until ?? last;
	if (day === null && end < today) throw new Refusal('That day is over. Choose today or later.', 'until');
	const days: Day[] = [];
	if (day !== null) days.push(day);
	else
		for (let at = today; at <= end && at <= addDays(today, MOST_AHEAD); at = addDays(at, 1))
			if (said.weekdays.includes(weekdayOf(at))) days.push(at);
	if (days.length === 0)
		throw new Refusal('None of these days comes before the end. Choose a later one.', 'until');
	return { days, minutes: said.minutes, starts: said.starts ?? '', bars: said.bars };
}

export const actions: Actions = {
	sitting: (event) =>
		handleForm(
			event,
			Joi.object<{ text: string; day: Day | null; until: Day | null }>({
				text: words(200),
				day: optionalDay,
				until: optionalDay
			}),
			(count: number) => `${counted(count, 'sitting')} added`,
			async ({ trx, now }, form) => {
				const last = lastDayOfWork(
					now.runs.flatMap((one) => one.lessons.flatMap((lesson) => lesson.dates)),
					now.today
				);
				const input = sittingsFrom(form, now.today, last);
				await addSittings(trx, input);
				return input.days.length;
			}
		),
	removeSitting: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number; all: 'one' | 'series' }>({
				id: id.required(),
				all: Joi.string().valid('one', 'series').default('one')
			}),
			(what: string) => what,
			async ({ trx, now }, form) => {
				const row = now.snapshot.sittings.find((one) => one.id === form.id);
				if (!row) throw new Refusal('That sitting is gone. Reload the page.');
				const gone = now.snapshot.sittings.filter(
					(one) =>
						one.id === row.id ||
						(form.all === 'series' &&
							row.series !== null &&
							one.series === row.series &&
							one.held_on >= now.today)
				);
				return leaveOut(
					trx,
					now,
					gone.map((one) => one.id)
				);
			}
		),
	accept: (event) =>
		handleForm(
			event,
			Joi.object<{ plan: string; habit: 'batch' | 'by lesson' }>({
				plan: Joi.string().required(),
				habit: Joi.string().valid('batch', 'by lesson').required()
			}),
			({ placed, tooLate }: { placed: number; tooLate: number }) =>
				[
					`${counted(placed, 'job')} placed`,
					tooLate
						? `${counted(tooLate, 'job')} can’t wait for a sitting and ${tooLate === 1 ? 'is' : 'are'} on Next`
						: ''
				]
					.filter(Boolean)
					.join('; '),
			async ({ trx, now }, form) => {
				await setPreparing(trx, { habit: form.habit });
				return acceptPlan(trx, now, placedIn(form.plan));
			}
		),
	move: (event) =>
		handleForm(
			event,
			Joi.object<{ job: string; sitting: number | null }>({
				job: Joi.string().required(),
				sitting: id.empty('').allow(null).default(null)
			}),
			(text: string) => text,
			({ trx, now }, form) => moveJob(trx, now, form.job, form.sitting)
		),
	done: (event) =>
		handleForm(
			event,
			Joi.object<{ job: string }>({ job: Joi.string().required() }),
			(text: string) => text,
			({ trx, now }, form) => finishJob(trx, now, form.job, null)
		),
	bare: (event) =>
		handleForm(
			event,
			Joi.object<{ job: string }>({ job: Joi.string().required() }),
			(text: string) => text,
			({ trx, now }, form) => leaveBare(trx, now, form.job)
		),
	later: (event) =>
		handleForm(
			event,
			Joi.object<{ run: number; day: Day }>({ run: id.required(), day: day.required() }),
			(when: string) => `Lessons moved; none on ${when}`,
			({ trx }, form) => rollOn(trx, form.run, form.day, 'not ready yet')
		),
	own: (event) =>
		handleForm(
			event,
			Joi.object<{ title: string; minutes: number; by: Day | null }>({
				title: title('what to do'),
				minutes: Joi.number().integer().min(1).max(MOST_MINUTES).required().messages({
					'number.base': 'Enter how many minutes it takes',
					'any.required': 'Enter how many minutes it takes',
					'number.min': 'Enter how many minutes it takes',
					'number.max': 'At most 12 hours at a sitting'
				}),
				by: optionalDay
			}),
			(what: string) => `Added: ${what}`,
			async ({ trx }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				await addOwnJob(trx, run.row.id, {
					title: form.title,
					minutes: form.minutes,
					ready_by: form.by && addDays(form.by, 1)
				});
				return form.title;
			}
		),
	removeOwn: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number }>({ id: id.required() }),
			'Job removed',
			async ({ trx }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				await removeOwnJob(trx, run.row.id, form.id);
			}
		),
	rates: (event) =>
		handleForm(
			event,
			Joi.object<Record<string, number | null>>().pattern(
				Joi.string().valid(...WORK),
				Joi.number().greater(0).max(3600).empty('').allow(null).default(null).messages({
					'number.base': 'Enter seconds, such as 45',
					'number.greater': 'Enter seconds, more than 0',
					'number.max': 'At most an hour for one'
				})
			),
			'Rates saved',
			async ({ trx }, form) => {
				const rates = Object.fromEntries(Object.entries(form).filter(([, seconds]) => seconds !== null));
				await setPreparing(trx, { rates: rates as OwnRates });
			}
		)
};

/** The plan as the page sends it. @throws Refusal where it is none */
function placedIn(text: string): Record<string, number> {
	let plan: unknown;
	try {
		plan = JSON.parse(text);
	} catch {
		plan = null;
	}
	const { value, error } = Joi.object<Record<string, number>>().pattern(Joi.string(), id).validate(plan);
	if (error || !value) throw new Refusal('That plan can’t be read. Plan again.');
	return value;
}
