import { FOR_GOOD } from '$lib/server/history/changes.ts';
import Joi from 'joi';
import { randomBytes } from 'node:crypto';
import { dayText, weekdayName, type Day } from '$core/calendar/index.ts';
import { allergiesIn, yearsOld } from '$core/cautions/index.ts';
import { bornAbout } from '$core/house/index.ts';
import {
	ageText,
	personText,
	habitsTyped,
	comingOccasions,
	householdLadder,
	rungDays
} from '$core/account/index.ts';
import { Refusal } from '$core/error.ts';
import { RUNG_WORDS, rungNamed, RUNGS, type Rung } from '$core/gathering/index.ts';
import { levelsText, readLevels, type ReadingLevel } from '$core/house/index.ts';
import { lengthText } from '$core/measure/index.ts';
import { ALLERGENS } from '$core/reference/index.ts';
import { parsed, type Row, type Moment } from '$core/facts/index.ts';
import { situation } from '$lib/server/live/now.ts';
import { handleForm } from '$lib/server/requests/form-action.ts';
import {
	chosenWeekdays,
	day,
	dollars,
	checkbox,
	id,
	birthDay,
	optionalDay,
	title,
	weekdayFlags,
	wholeOrNothing,
	type WeekdayFlags
} from '$lib/server/schemas/fields.ts';
import { asHabits, habitFields, type HabitForm } from '$lib/server/schemas/habits.ts';
import { typedLadder, typedYearDay } from '$lib/server/schemas/ladder.ts';
import { lengthField, typedLength } from '$lib/server/schemas/length.ts';
import { measureFields } from '$lib/server/schemas/measures.ts';
import { countryOptions, regionOptions } from '$lib/server/services/calendar/holidays.ts';
import { removeSupplier, saveSupplier } from '$lib/server/stores/buying/suppliers.ts';
import { addOccasion, removeOccasion } from '$lib/server/stores/house/occasions.ts';
import type { Actions, PageServerLoad } from './$types';

import * as household from '$lib/server/stores/house/household.ts';
import * as people from '$lib/server/stores/house/people.ts';

export const load: PageServerLoad = async () => {
	const { snapshot, today } = await situation();
	return {
		household: snapshot.household,
		habits: habitsTyped(snapshot, {
			run: null,
			kind: snapshot.household.habit,
			date: snapshot.household.habit_date
		}),
		people: snapshot.people.map((person) => ({
			...person,
			allergies: parsed(person.allergies).join(', '),
			weekdays: person.weekdays ? parsed(person.weekdays) : [],
			reads: levelsText(parsed(person.reads)),
			writes: person.writes === null ? '' : person.writes === 1 ? 'yes' : 'no',
			reach: person.reach_mm === null ? '' : lengthText(person.reach_mm, snapshot.household.measures),
			age: ageText(person, today),
			// An age is shown as one; the day behind it is only its middle.
			born: person.born_within ? null : person.born,
			years: person.born_within ? String(yearsOld(person.born, today)) : ''
		})),
		suppliers: snapshot.suppliers.map((supplier) => {
			const weekdays = parsed(supplier.weekdays);
			return {
				...supplier,
				weekdays,
				days: weekdays.length === 7 ? 'every day' : weekdays.map((one) => weekdayName(one)).join(' ')
			};
		}),
		quiet: snapshot.quiet.map((one) => ({
			...one,
			text: `${dayText(one.from_on)} through ${dayText(one.to_on)}`
		})),
		sources: {
			ladder: householdLadder(snapshot.household)
				.map((rung) => RUNG_WORDS[rung])
				.join(', '),
			days: Object.entries(rungDays(snapshot.household))
				.filter(([rung]) => rung !== 'bought')
				.map(([rung, days]) => `${RUNG_WORDS[rung as Rung]} ${days}`)
				.join(', '),
			firstFrost: yearDayText(snapshot.household.first_frost),
			lastFrost: yearDayText(snapshot.household.last_frost)
		},
		occasions: comingOccasions(snapshot, today).map(({ id, name, day, next }) => ({
			id,
			name,
			when: `${dayText(next)}${day.length > 5 ? ` ${next.slice(0, 4)}` : ''}`
		})),
		countries: countryOptions(),
		regions: regionOptions(snapshot.household.country),
		contentPolicy: parsed(snapshot.household.content_policy),
		allergens: Object.keys(ALLERGENS),
		today
	};
};

/** "Oct 15" of "10-15" */
function yearDayText(day: string | null): string {
	return day ? dayText(`2026-${day}`).replace(/^\w+, /, '') : '';
}

type PersonForm = {
	name: string;
	kind: Row<'person'>['kind'];
	born: string | null;
	age: number | null;
	allergies: string;
	reach: string;
	writes: '' | 'yes' | 'no';
	level: string;
	reads: string;
} & WeekdayFlags;

const personFields = {
	name: title('a name'),
	kind: Joi.string().valid('child', 'guest', 'adult').required(),
	born: birthDay,
	age: Joi.number().integer().min(0).max(120).empty('').allow(null).default(null).messages({
		'*': 'Enter the age in whole years, like 10'
	}),
	allergies: Joi.string().allow('').max(300).default(''),
	reach: lengthField,
	writes: Joi.string().valid('', 'yes', 'no').default(''),
	level: Joi.string().trim().allow('').max(100).default(''),
	reads: Joi.string().trim().allow('').max(200).default(''),
	...weekdayFlags
};

/** A date of birth where there is one, else the age; the same age as before keeps the middle that was computed then. */
function birthOf(form: PersonForm, before: Row<'person'> | undefined, today: Day) {
	if (form.born || form.age === null) return { born: form.born, bornWithin: 0 };
	if (before?.born_within && yearsOld(before.born, today) === form.age)
		return { born: before.born, bornWithin: before.born_within };
	return bornAbout(form.age, 'years', today);
}

function asPerson({ today, snapshot }: Moment, form: PersonForm, before?: Row<'person'>): people.PersonInput {
	if (form.born && form.born > today)
		throw new Refusal('That day hasn’t come yet. Check the birth date.', 'born');
	if (form.born && form.born < '1900-01-01')
		throw new Refusal('That’s long ago. Check the birth date.', 'born');
	if (form.kind !== 'adult' && !form.born && form.age === null)
		throw new Refusal('Enter an age or a birth date: amounts and cautions depend on it.', 'born');
	const allergies = [
		...new Set(form.allergies.split(/[,;]| and /i).flatMap((one) => allergiesIn(one).map(({ name }) => name)))
	];
	return {
		name: form.name,
		kind: form.kind,
		...birthOf(form, before, today),
		allergies,
		reachMm: typedLength(form.reach, snapshot.household.measures, 'reach'),
		writes: form.writes === '' ? null : form.writes === 'yes',
		level: form.level,
		reads: typedLevels(form.reads),
		weekdays: chosenWeekdays(form)
	};
}

const saidBack = ({ today }: Moment, person: people.PersonInput): string =>
	personText({ ...person, born_within: person.bornWithin ?? 0 }, today);

function typedLevels(text: string): ReadingLevel[] {
	try {
		return readLevels(text);
	} catch (error) {
		throw error instanceof Refusal ? error.at('reads') : error;
	}
}

type HouseholdForm = household.Measures &
	HabitForm & {
		name: string;
		countAgeDays: number;
		country: string | null;
		region: string | null;
		contentPolicy: string;
		salesTax: number;
	};

type SupplierForm = {
	id: number | null;
	name: string;
	kind: Row<'supplier'>['kind'];
	leadDays: number | null;
	loanDays: number | null;
	renewals: number | null;
	shelfDays: number | null;
	fee: number;
	freeOver: number | null;
	returnDays: number | null;
} & WeekdayFlags;

type SourcesForm = { ladder: string; days: string; firstFrost: string; lastFrost: string };

/** "make 2, gift 40" */
function typedRungDays(text: string): Partial<Record<Rung, number>> {
	const days: Partial<Record<Rung, number>> = {};
	for (const part of text
		.split(',')
		.map((one) => one.trim())
		.filter(Boolean)) {
		const [, name, count] = /^([a-z][a-z -]*?)\s+(\d{1,3})(?:\s+days?)?$/i.exec(part) ?? [];
		const rung = rungNamed(name ?? '');
		if (!rung) throw new Refusal(`Couldn’t read “${part}”. Try “gift 30, find free 3”.`, 'days');
		days[rung] = Number(count);
	}
	return days;
}

export const actions: Actions = {
	addPerson: (event) =>
		handleForm(
			event,
			Joi.object<PersonForm>(personFields),
			(who: string) => `Added: ${who}`,
			async ({ trx, now }, form) => {
				const person = asPerson(now, form);
				await people.addPerson(trx, person);
				return saidBack(now, person);
			}
		),
	editPerson: (event) =>
		handleForm(
			event,
			Joi.object<PersonForm & { id: number }>({ id: id.required(), ...personFields }),
			(who: string) => `Saved: ${who}`,
			async ({ trx, now }, form) => {
				const before = now.snapshot.people.find((one) => one.id === form.id);
				const person = asPerson(now, form, before);
				await people.updatePerson(trx, form.id, person);
				return saidBack(now, person);
			}
		),
	removePerson: (event) =>
		handleForm(event, Joi.object<{ id: number }>({ id: id.required() }), 'Person removed', ({ trx }, form) =>
			people.removePerson(trx, form.id)
		),
	household: (event) =>
		handleForm(
			event,
			Joi.object<HouseholdForm>({
				name: title('a name for the household'),
				...habitFields,
				...measureFields,
				country: Joi.string().max(8).empty('').allow(null).default(null),
				region: Joi.string().max(8).empty('').allow(null).default(null),
				countAgeDays: Joi.number()
					.integer()
					.min(1)
					.max(3650)
					.required()
					.messages({ 'number.base': 'Enter the days as a whole number' }),
				salesTax: Joi.number().min(0).max(30).empty('').default(0).messages({
					'number.base': 'Enter the sales tax in percent, like 7.5',
					'number.max': 'That sales tax looks too high. Check it',
					'number.min': 'Sales tax must be 0 or more'
				}),
				contentPolicy: Joi.string().trim().allow('').max(300).default('')
			}),
			'Household saved',
			({ trx }, form) =>
				household.setHousehold(trx, {
					...form,
					habits: asHabits(form),
					contentPolicy: form.contentPolicy
						.split(',')
						.map((one) => one.trim().toLowerCase())
						.filter(Boolean)
				})
		),
	supplier: (event) =>
		handleForm(
			event,
			Joi.object<SupplierForm>({
				id: id.empty('').allow(null).default(null),
				name: title('a name for the store'),
				kind: Joi.string().valid('shop', 'order', 'friend', 'library').required(),
				leadDays: wholeOrNothing('The days', 365),
				loanDays: wholeOrNothing('The days of a loan', 365),
				renewals: wholeOrNothing('The renewals', 50),
				shelfDays: wholeOrNothing('The days a hold is kept', 90),
				fee: dollars.default(0),
				freeOver: dollars.allow(null).default(null),
				returnDays: wholeOrNothing('The days', 365),
				...weekdayFlags
			}),
			'Saved',
			({ trx }, form) =>
				saveSupplier(trx, form.id, {
					name: form.name,
					kind: form.kind,
					leadDays: form.leadDays ?? 0,
					loanDays: form.loanDays ?? undefined,
					renewals: form.renewals ?? undefined,
					shelfDays: form.shelfDays ?? undefined,
					feeCents: Math.round(form.fee * 100),
					freeOverCents: form.freeOver === null ? null : Math.round(form.freeOver * 100),
					returnDays: form.returnDays,
					weekdays: chosenWeekdays(form)
				})
		),
	sources: (event) =>
		handleForm(
			event,
			Joi.object<SourcesForm>({
				ladder: Joi.string().trim().allow('').max(200).default(''),
				days: Joi.string().trim().allow('').max(200).default(''),
				firstFrost: Joi.string().trim().allow('').max(20).default(''),
				lastFrost: Joi.string().trim().allow('').max(20).default('')
			}),
			'Order saved',
			({ trx }, form) =>
				household.setSources(trx, {
					ladder: typedLadder(form.ladder, 'ladder') ?? RUNGS,
					days: typedRungDays(form.days),
					firstFrost: typedYearDay(form.firstFrost, 'firstFrost'),
					lastFrost: typedYearDay(form.lastFrost, 'lastFrost')
				})
		),
	occasion: (event) =>
		handleForm(
			event,
			Joi.object<{ occasion: string }>({ occasion: title('the occasion and its day') }),
			(name: string) => `Occasion added: ${name}`,
			({ trx }, form) => addOccasion(trx, form.occasion)
		),
	removeOccasion: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number }>({ id: id.required() }),
			'Occasion removed',
			({ trx }, form) => removeOccasion(trx, form.id)
		),
	removeSupplier: (event) =>
		handleForm(event, Joi.object<{ id: number }>({ id: id.required() }), 'Removed', ({ trx }, form) =>
			removeSupplier(trx, form.id)
		),
	feed: (event) =>
		handleForm(
			event,
			Joi.object<{ on: boolean }>({ on: checkbox }),
			// Whoever has an address that was taken away never gets in by it again, by no Undo either.
			FOR_GOOD,
			({ trx }, form) => household.setFeedSecret(trx, form.on ? randomBytes(18).toString('base64url') : null)
		),
	quiet: (event) =>
		handleForm(
			event,
			Joi.object<{ from: string; to: string | null; reason: string }>({
				from: day.required().messages({ 'string.empty': 'Enter the first day' }),
				to: optionalDay,
				reason: Joi.string().trim().allow('').max(100).default('')
			}),
			'No-prep days added',
			({ trx }, form) => household.addQuiet(trx, form.from, form.to ?? form.from, form.reason || 'no prep')
		),
	removeQuiet: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number }>({ id: id.required() }),
			'No-prep days removed',
			({ trx }, form) => household.removeQuiet(trx, form.id)
		)
};
