import Joi from 'joi';
import { addDays, ruleOf, type Day } from '$core/calendar/index.ts';
import { ratesOf, sourcesOfRate, type Situation } from '$core/account/index.ts';
import { Refusal } from '$core/error.ts';
import {
	ABOUT_WORK,
	BARS,
	daysOf,
	MOST_MINUTES,
	readTimes,
	timesProblem,
	WORK,
	type OwnRates
} from '$core/prepare/index.ts';
import { counted } from '$core/words/index.ts';
import { parsed } from '$core/facts/index.ts';
import { checkedJson, handleForm } from '$lib/server/requests/form-action.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import { day, id, optionalDay, title } from '$lib/server/schemas/fields.ts';
import { rollOn } from '$lib/server/services/plan/roll-on.ts';
import { acceptPlan, freeEvening, planQuestion, prepareView } from '$lib/server/services/prepare/plan.ts';
import { leaveOut, leaveOutText } from '$lib/server/services/prepare/leave-out.ts';
import { finishJob, leaveBare, moveJob } from '$lib/server/services/prepare/sitting.ts';
import { setPreparing } from '$lib/server/stores/house/household.ts';
import { openSittings } from '$lib/server/services/prepare/sittings.ts';
import { addOwnJob, dropTook, removeOwnJob } from '$lib/server/stores/prepare/jobs.ts';
import { addSittings, allowAt, type SittingInput } from '$lib/server/stores/prepare/sittings.ts';
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
		free: free > 0 && free <= MOST_MINUTES ? { minutes: free, rows: freeEvening(now, free) } : null,
		last: lastOf(now),
		today: now.today,
		measures: now.snapshot.household.measures,
		rates: WORK.map((work) => ({
			work,
			name: ABOUT_WORK[work].one,
			usual: ABOUT_WORK[work].usual,
			own: own[work] === undefined ? '' : String(own[work]),
			sources: sourcesOfRate(now.snapshot, work),
			...rates[work]
		}))
	};
};

/** Sittings are entered this far ahead where no lesson has a date. */
const USUAL_DAYS = 84;
const MOST_AHEAD = 370;

function lastOf({ runs, today }: Situation): Day {
	const last = runs
		.flatMap((one) => one.lessons.flatMap((lesson) => lesson.dates))
		.filter((day) => day >= today)
		.toSorted()
		.at(-1);
	const most = addDays(today, MOST_AHEAD);
	const wanted = last ?? addDays(today, USUAL_DAYS);
	return wanted < most ? wanted : most;
}

/** Sittings as they were typed, a time on each line. @throws Refusal naming the line that can’t be kept */
function sittingsFrom(text: string, today: Day, last: Day, dayFirst: boolean): SittingInput[] {
	const lines = text.split(/[\n;]/).filter((line) => line.trim() !== '');
	if (lines.length === 0)
		throw new Refusal('Say when you have time, such as Tue and Thu 8 pm, 60 min.', 'text');
	return lines.map((line) => {
		const said = readTimes(line, today, dayFirst);
		const problem = timesProblem(said, today, last);
		if (problem !== null) throw new Refusal(problem, 'text');
		const { start, days } = daysOf(said, today, last);
		const { rule, except, starts, minutes, bars } = said;
		return {
			days,
			minutes: minutes!,
			starts: starts ?? '',
			bars,
			rule: rule && { startsOn: start, rule: ruleOf(rule), except }
		};
	});
}

export const actions: Actions = {
	sitting: (event) =>
		handleForm(
			event,
			Joi.object<{ text: string; until: Day | null }>({
				text: Joi.string().trim().max(1000).required().messages({
					'any.required': 'Say when you have time, such as Tue and Thu 8 pm, 60 min.',
					'string.empty': 'Say when you have time, such as Tue and Thu 8 pm, 60 min.'
				}),
				until: optionalDay
			}),
			(count: number) => `${counted(count, 'sitting')} added`,
			async ({ trx, now }, { text, until }) => {
				if (until !== null && until < now.today)
					throw new Refusal('That day is over. Choose today or later.', 'until');
				const inputs = sittingsFrom(
					text,
					now.today,
					until ?? lastOf(now),
					now.snapshot.household.measures === 'metric'
				);
				for (const input of inputs) await addSittings(trx, input);
				return inputs.reduce((sum, one) => sum + one.days.length, 0);
			}
		),
	allow: (event) =>
		handleForm(
			event,
			Joi.object<{ bars: string }>({ bars: Joi.string().required() }),
			'Your sittings allow it now',
			async ({ trx, now }, form) => {
				const bars = BARS.filter((bar) => form.bars.split(' ').includes(bar));
				await allowAt(trx, openSittings(now), bars);
			}
		),
	dropTook: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number }>({ id: id.required() }),
			'Dropped: the time is learned without it',
			({ trx }, form) => dropTook(trx, form.id)
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
				return acceptPlan(trx, now, checkedJson(PLACED, form.plan, 'That plan can’t be read. Plan again.'));
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

/** A plan as the page sends it: the sitting of each job. */
const PLACED = Joi.object<Record<string, number>>().pattern(Joi.string(), id);
