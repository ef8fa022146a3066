import { dayMeant, type Day } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { isDayFirst, readPerson } from '$core/house/index.ts';
import { listText } from '$core/words/index.ts';
import type { Trx } from '../../history/changes.ts';
import type { Moment } from '../../snapshot/moment.ts';
import { addPerson } from '../../stores/house/people.ts';

/** A line about one child is not longer. */
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
 * Adds people as typed, a child on each line and the adults in one. Who is here already stays as
 * they are. Answers the names. @throws Refusal naming the line that cannot be read.
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
		names.push(person.name);
		await addPerson(trx, person);
	};
	for (const [i, line] of children.split(/\r\n|\r|\n/).entries()) {
		if (!line.trim()) continue;
		if (line.length > LONGEST)
			throw new Refusal(`Line ${i + 1} is too long: one child per line.`, 'children');
		const { name, born, bornWithin, allergies, unread } = readPerson(
			line,
			isDayFirst(household.country, household.zone),
			moment.today
		);
		const wrong = (message: string) =>
			new Refusal(`Line ${i + 1}, “${line.trim().slice(0, 60)}”: ${message}`, 'children');
		if (!name || name.length > 200) throw wrong('start with the name.');
		if (unread)
			throw wrong(`couldn’t read “${unread.slice(0, 40)}”. Try Odile, May 3, 2016, allergic to milk.`);
		if (!born)
			throw wrong('add an age or a birth date, like 10 or May 3, 2016. Amounts and cautions depend on it.');
		const meant = birthMeant(born, moment.today);
		if (!meant) throw wrong('that birth date is long ago.');
		if (meant > moment.today) throw wrong('that birth date hasn’t come yet.');
		await add({ name, kind: 'child', born: meant, bornWithin, allergies, weekdays: [], reachMm: null });
	}
	for (const name of adults.split(/[,;\n]|\band\b/)) {
		if (name.trim())
			await add({
				name: name.trim().slice(0, 200),
				kind: 'adult',
				born: null,
				allergies: [],
				weekdays: [],
				reachMm: null
			});
	}
	return listText(names);
}
