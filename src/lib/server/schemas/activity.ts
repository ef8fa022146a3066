import Joi from 'joi';
import { ACTIVITY_KINDS, usualDaysAhead, type ActivityKind } from '$core/plan/index.ts';
import { json } from '$core/facts/index.ts';
import type { ActivityInput } from '../stores/plan/activities.ts';
import { chosenPeople, dollars, checkbox, id, title, wholeOrNothing, words } from './fields.ts';

export type ActivityForm = {
	title: string;
	kind: ActivityKind;
	minutes: number;
	worth: number;
	mess: number;
	adult: boolean;
	money: number;
	fromAge: number | null;
	toAge: number | null;
	subjects: string;
	weather: string;
	/** Null: as its name says. */
	startDaysBefore: number | null;
	instead: string;
	insteadMinutes: number | null;
	times: number;
	daily: boolean;
	note: string;
	supplies: string;
	resources: string;
	helper: number | null;
};

const whole = (what: string, least: number, most: number, usual: number) =>
	Joi.number()
		.integer()
		.min(least)
		.max(most)
		.empty('')
		.default(usual)
		.messages({
			'number.base': `Enter ${what} as a whole number`,
			'number.integer': `Enter ${what} as a whole number`,
			'number.min': `${what} must be ${least} or more`,
			'number.max': `${what} must be ${most} or less`
		});

/** The fields of the form of one activity. */
export const activityFields = {
	title: title('a name for the activity'),
	kind: Joi.string()
		.valid(...ACTIVITY_KINDS)
		.default('project'),
	minutes: whole('the minutes', 0, 1440, 30),
	worth: whole('how much you want it', 1, 5, 3),
	mess: whole('the mess', 0, 3, 0),
	adult: checkbox,
	money: dollars.default(0),
	fromAge: wholeOrNothing('the age', 99),
	toAge: wholeOrNothing('the age', 99),
	subjects: words(200),
	weather: words(100),
	startDaysBefore: wholeOrNothing('the days before', 200),
	instead: words(200),
	insteadMinutes: wholeOrNothing('the minutes', 1440),
	times: whole('how often', 1, 400, 1),
	daily: checkbox,
	note: words(500),
	supplies: words(5000),
	resources: words(5000),
	helper: id.empty('').allow(null).default(null)
};

export function asActivity(form: ActivityForm): ActivityInput {
	const who = chosenPeople(form);
	return {
		title: form.title,
		kind: form.kind,
		standing: 'extra',
		minutes: form.minutes,
		adult: form.adult ? 1 : 0,
		mess: form.mess,
		cents: Math.round(form.money * 100),
		worth: form.worth,
		participants: who.length ? json(who) : null,
		from_age: form.fromAge,
		to_age: form.toAge,
		subjects: form.subjects,
		weather: form.weather,
		start_days_before: form.startDaysBefore ?? usualDaysAhead(form.title),
		instead: form.instead,
		instead_minutes: form.insteadMinutes,
		times: form.times,
		daily: form.daily ? 1 : 0,
		note: form.note,
		helper_id: form.helper,
		supplies: form.supplies
	};
}
