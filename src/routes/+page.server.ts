import { formOf } from '$lib/server/requests/form-of.ts';
import Joi from 'joi';
import { addDays, dayText } from '$core/calendar/index.ts';
import { counted } from '$core/words/index.ts';
import { situation } from '$lib/server/live/now.ts';
import { setActor } from '$lib/server/requests/adult.ts';
import { answering, atItsField, handleForm } from '$lib/server/requests/form-action.ts';
import { needActions } from '$lib/server/requests/need-actions.ts';
import { outcomeAction } from '$lib/server/requests/outcome-action.ts';
import { nextLessons, nextOf, type Situation } from '$core/account/index.ts';
import { eveningOf } from '$lib/server/services/house/first-evening.ts';
import { openOutcomes } from '$lib/server/services/plan/outcomes.ts';
import {
	PAUSE_DAYS,
	pauseAll,
	pauseOf,
	pausePreview,
	withBlocked,
	type Moved
} from '$lib/server/services/plan/roll-on.ts';
import { shelfMovesText } from '$lib/server/services/setout/follow.ts';
import { leaveOut, leaveOutText, sittingsWithin } from '$lib/server/services/prepare/leave-out.ts';
import { houseTasks } from '$lib/server/services/week/house-tasks.ts';
import { readyFor } from '$lib/server/services/week/week.ts';
import { inPlace } from '$lib/server/snapshot/in-place.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url, parent }) => {
	const { actor } = await parent();
	const now = await situation();
	return {
		next: nextOf(now, actor, inPlace('The shelf and the basket', () => houseTasks(now), []).value),
		evening: eveningOf(now),
		hasUnits: now.runs.length > 0,
		running: now.runs.some(({ row: run }) => run.state === 'running'),
		sheets: [...nextLessons(now.runs)].flatMap(([{ row: run, unit }, next]) =>
			next && run.state === 'running'
				? [
						{
							address: `/units/${run.id}/plan/paper?show=next`,
							title: `Lesson ${next.number}: ${next.lesson.title}`,
							about: `${dayText(next.dates[0])}, ${unit.name}`
						}
					]
				: []
		),
		ready: inPlace('The next lesson’s day', () => readyFor(now), null),
		outcomes: openOutcomes(now),
		pause: url.searchParams.has('pause') ? [...pausePreview(now), ...besidePause(now)] : null
	};
};

/** Sittings of the days that a pause takes. */
const pausedSittings = (now: Situation) => sittingsWithin(now, now.today, addDays(now.today, PAUSE_DAYS - 1));

/** What a pause does beside moving lessons: to sittings, and to the shelf. */
function besidePause(now: Situation): Moved[] {
	const sittings = pausedSittings(now);
	const shelf = shelfMovesText(now, withBlocked(now, pauseOf(now)));
	return [
		...(sittings.length ? [{ unitName: 'Preparing', text: whatLeavingOutDoes(now, sittings) }] : []),
		...(shelf ? [{ unitName: 'Shelf', text: shelf }] : [])
	];
}

const whatLeavingOutDoes = (now: Situation, sittings: readonly number[]) =>
	[`${counted(sittings.length, 'sitting')} left out`, leaveOutText(now, sittings)].filter(Boolean).join('; ');

export const actions: Actions = {
	...needActions,
	outcome: outcomeAction,
	/** Says who uses this browser. Changes nothing in the household. */
	iam: ({ request, cookies }) =>
		answering(async () => {
			setActor(cookies, Number((await formOf(request)).get('person')) || null);
		}, atItsField({})),
	pause: (event) =>
		handleForm(
			event,
			Joi.object({}),
			(until: string) => `Paused until ${until}`,
			async ({ trx, now }) => {
				const until = await pauseAll(trx, now);
				const sittings = pausedSittings(now);
				return sittings.length ? `${until}; ${await leaveOut(trx, now, sittings)}` : until;
			}
		)
};
