import { dayMeant, type Day } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { isDayFirst, readPeople } from '$core/house/index.ts';
import type { Trx } from '../../history/changes.ts';
import type { Moment } from '$core/facts/index.ts';
import { addPerson } from '../../stores/house/people.ts';
import { personText } from '$core/account/index.ts';

/** A line about children is not longer. */
const LONGEST = 500;

function birthMeant(born: Day, today: Day): Day | null {
	try {
		// One that has not come yet is said otherwise.
		return born > today ? born : dayMeant(born, 'birth', today, 'children');
	} catch (error) {
		if (error instanceof Refusal) return null;
		throw error;
	}
}

/**
 * Adds people as typed, one child or several on a line, and the adults. Who is here already stays as
 * they are. Answers how each was understood: “Ada, about 10 · Bo, about 7: peanuts”. @throws Refusal naming the line that cannot be read.
 */
export async function addPeopleTyped(
	trx: Trx,
	moment: Moment,
	children: string,
	adults: string
): Promise<string> {
	const { people, household } = moment.snapshot;
	const here = new Set(people.map((person) => person.name.toLowerCase()));
	const names: string[] = [];
	const add = async (person: Parameters<typeof addPerson>[1]) => {
		if (here.has(person.name.toLowerCase())) return;
		here.add(person.name.toLowerCase());
		names.push(personText({ ...person, born_within: person.bornWithin ?? 0 }, moment.today));
		await addPerson(trx, person);
	};
	const dayFirst = isDayFirst(household.country, household.zone);
	for (const [i, line] of children.split(/\r\n|\r|\n/).entries()) {
		if (!line.trim()) continue;
		if (line.length > LONGEST)
			throw new Refusal(`Line ${i + 1} is too long: one child per line.`, 'children');
		const wrong = (message: string) =>
			new Refusal(`Line ${i + 1}, “${line.trim().slice(0, 60)}”: ${message}`, 'children');
		const read = readPeople(line, dayFirst, moment.today);
		if (read.length === 0) throw wrong('start with the name.');
		for (const { name, born, bornWithin, allergies, unread } of read) {
			if (!name || name.length > 200) throw wrong('start with the name.');
			if (unread)
				throw wrong(`couldn’t read “${unread.slice(0, 40)}”. Try Odile, May 3, 2016, allergic to milk.`);
			if (!born)
				throw wrong(
					`add ${read.length > 1 ? `${name}’s age or birth date` : 'an age or a birth date'}, like 10 or May 3, 2016. Amounts and cautions depend on it.`
				);
			const meant = birthMeant(born, moment.today);
			if (!meant) throw wrong('that birth date is long ago.');
			if (meant > moment.today) throw wrong('that birth date hasn’t come yet.');
			await add({ name, kind: 'child', born: meant, bornWithin, allergies, weekdays: [], reachMm: null });
		}
	}
	for (const line of adults.split(/\r\n|\r|\n/)) {
		for (const { name, born, bornWithin, allergies, unread } of readPeople(
			line.slice(0, LONGEST),
			dayFirst,
			moment.today,
			'adults'
		)) {
			if (unread)
				throw new Refusal(
					`Couldn’t read “${unread.slice(0, 40)}”. Try Juno, Ferris (allergic to milk).`,
					'adults'
				);
			if (name)
				await add({
					name: name.slice(0, 200),
					kind: 'adult',
					born: born && birthMeant(born, moment.today),
					bornWithin,
					allergies,
					weekdays: [],
					reachMm: null
				});
		}
	}
	return names.join(' · ');
}
