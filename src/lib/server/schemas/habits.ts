import Joi from 'joi';
import type { HabitKind } from '$core/facts/index.ts';
import { HABITS, STREAMS } from '$core/readiness/index.ts';
import type { Habits } from '../stores/house/habits.ts';
import { optionalDay } from './fields.ts';

const kind = Joi.string()
	.valid(...HABITS)
	.empty('')
	.allow(null)
	.default(null);

/** A select for all streams, one for each of them, and the date that "before a date" means. */
export const habitFields = {
	habit: kind,
	habitDate: optionalDay,
	...Object.fromEntries(STREAMS.map((stream) => [`habit-${stream}`, kind]))
};

export type HabitForm = {
	readonly habit: HabitKind | null;
	readonly habitDate: string | null;
} & { readonly [field in `habit-${(typeof STREAMS)[number]}`]: HabitKind | null };

export function asHabits(form: HabitForm): Habits {
	const own = STREAMS.map((stream) => [stream, form[`habit-${stream}`]] as const);
	return {
		kind: form.habit,
		date: form.habitDate,
		streams: Object.fromEntries(own.filter(([, kind]) => kind !== null))
	};
}
