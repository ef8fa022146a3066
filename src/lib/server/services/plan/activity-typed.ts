import type { TypedActivity } from '$core/plan/index.ts';
import { json, type Row } from '$core/facts/index.ts';
import type { ActivityInput } from '../../stores/plan/activities.ts';

/** Common practice, no source: minutes of an activity that nobody has timed. */
const USUAL_ACTIVITY_MINUTES = 30;

/** An activity as it is kept, from one line as typed; those it names are found among the people given. */
export function typedActivity(people: readonly Row<'person'>[], typed: TypedActivity): ActivityInput {
	const who = people.filter((person) => typed.who.includes(person.name)).map((person) => person.id);
	return {
		title: typed.title.slice(0, 200),
		kind: typed.kind,
		standing: 'extra',
		minutes: typed.minutes ?? USUAL_ACTIVITY_MINUTES,
		adult: typed.adult ? 1 : 0,
		mess: typed.mess,
		cents: typed.cents,
		worth: 3,
		participants: who.length ? json(who) : null,
		from_age: typed.fromAge,
		to_age: typed.toAge,
		subjects: '',
		weather: '',
		start_days_before: typed.startDaysBefore,
		instead: '',
		instead_minutes: null,
		times: typed.times,
		daily: typed.daily ? 1 : 0,
		note: '',
		helper_id: null,
		supplies: ''
	};
}
