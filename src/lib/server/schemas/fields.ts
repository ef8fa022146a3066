import Joi from 'joi';
import { dayMeant, isDay, readClock, type Day, type DayKind, type Weekday } from '$core/calendar/index.ts';
import { CoreError } from '$core/error.ts';
import { MOST_AMOUNT } from '$core/measure/index.ts';
import { UNITS } from '$core/reference/index.ts';

/** Pieces that the forms' schemas share. Empty text counts as not filled in. */
export const id = Joi.number().integer().min(1);

/** A day within what is possible for its kind, by the household's today in the schema's context. */
const dayOf = (kind: DayKind) =>
	Joi.string()
		.custom((value: string, helpers) => {
			if (!isDay(value)) return helpers.error('day.base');
			const { today } = helpers.prefs.context as FormContext;
			try {
				return dayMeant(value, kind, today, '');
			} catch (error) {
				if (error instanceof CoreError) return helpers.error('day.far', { why: error.message });
				throw error;
			}
		})
		.messages({ 'day.base': 'Enter a date that exists, like 2027-01-26', 'day.far': '{#why}' });

/** What a form is checked by beside its schema. */
export type FormContext = { readonly today: Day };

export const day = dayOf('plan');

export const optionalDay = day.empty('').allow(null).default(null);

export const birthDay = dayOf('birth').empty('').allow(null).default(null);

/** A time of day, as “09:00”; null when nothing was typed. */
export const timeOfDay = (what: string) =>
	Joi.string()
		.trim()
		.max(20)
		.empty('')
		.allow(null)
		.default(null)
		.custom((text: string, helpers) => readClock(text) ?? helpers.error('any.invalid'))
		.messages({ 'any.invalid': `Enter ${what} like 9:00 or 8:30 pm` });

export const title = (what: string) =>
	Joi.string()
		.trim()
		.min(1)
		.max(200)
		.required()
		.messages({
			'any.required': `Enter ${what}`,
			'string.empty': `Enter ${what}`,
			'string.max': `Keep ${what} under 200 letters`
		});

export const amount = Joi.number().min(0).max(MOST_AMOUNT).messages({
	'number.base': 'Enter the amount as a number, like 2 or 0.5',
	'number.min': 'The amount must be 0 or more',
	'number.max': 'That amount looks too big. Check it',
	'number.unsafe': 'That amount looks too big. Check it',
	'number.infinity': 'That amount looks too big. Check it'
});

export const unit = Joi.string().valid(...UNITS);

/** A whole number from 1 on, null where nothing was typed. */
export const wholeNumber = (what: string, most: number) =>
	Joi.number()
		.integer()
		.min(1)
		.max(most)
		.empty('')
		.allow(null)
		.default(null)
		.messages({
			'number.base': `Enter ${what} as a whole number`,
			'number.integer': `Enter ${what} as a whole number`,
			'number.min': `Enter ${what}: 1 or more`,
			'number.max': `Enter ${what}: at most ${most}`
		});

/** The day that an address asks for, or another where it names none that can be meant. */
export const dayAsked = (text: string | null, otherwise: Day): Day =>
	text !== null && isDay(text) && text > '2000-01-01' && text < '2100-01-01' ? text : otherwise;

export const checkbox = Joi.boolean().truthy('on', '1').falsy('', '0').empty('').default(false);

/** Numbers with commas between; nothing at all is none of them. */
export const ids = Joi.string()
	.empty('')
	.default([])
	.custom((value: string, helpers) => {
		const numbers = value.split(',').filter(Boolean).map(Number);
		return numbers.every((one) => Number.isInteger(one) && one > 0) ? numbers : helpers.error('any.invalid');
	});

const WEEKDAYS: readonly Weekday[] = [1, 2, 3, 4, 5, 6, 7];

/** Seven checkboxes named weekday1 … weekday7. */
export const weekdayFlags = Object.fromEntries(WEEKDAYS.map((weekday) => [`weekday${weekday}`, checkbox]));

export type WeekdayFlags = Record<`weekday${Weekday}`, boolean>;

export function chosenWeekdays(form: WeekdayFlags): Weekday[] {
	return WEEKDAYS.filter((weekday) => form[`weekday${weekday}`]);
}

/** Checkboxes named who1, who2 …, a person's id each: the names that a schema allows, and those chosen. */
export const whoFlags = /^who\d+$/;

export function chosenPeople(form: object): number[] {
	return Object.entries(form)
		.filter(([name, value]) => whoFlags.test(name) && value === true)
		.map(([name]) => Number(name.slice(3)));
}

/** A whole number in a field that may stay empty. */
export const wholeOrNothing = (what: string, most: number) =>
	Joi.number()
		.integer()
		.min(0)
		.max(most)
		.empty('')
		.allow(null)
		.default(null)
		.messages({
			'number.base': `Enter ${what} as a whole number`,
			'number.integer': `Enter ${what} as a whole number`,
			'number.min': `${what} must be 0 or more`,
			'number.max': `${what} must be ${most.toLocaleString('en-US')} or less`
		});

/** An address on the web; nothing else is ever opened by a tap. */
export const webAddress = Joi.string()
	.trim()
	.allow('')
	.max(500)
	.default('')
	.custom((value: string, helpers) => {
		const address = /^[a-z][a-z0-9+.-]*:/i.test(value) ? value : `https://${value}`;
		return /^https?:\/\/\S+$/i.test(address) && URL.canParse(address)
			? address
			: helpers.error('address.base');
	})
	.messages({
		'address.base': 'Enter the address as it stands in the browser, like https://example.org'
	});

export const words = (most: number) => Joi.string().trim().allow('').max(most).default('');

export const dollars = Joi.number().min(0).max(100_000).empty('').messages({
	'number.base': 'Enter the money as a number, like 4.50',
	'number.min': 'Money must be 0 or more',
	'number.max': 'That price looks too big. Check it'
});

/** Lines of a pasted text that are to count after all, as they are written. */
export const letInField = Joi.string().allow('').max(20_000).default('');
