import { CoreError } from '$core/error.ts';
import { readPerson, readPlaces, type TypedPlace } from '$core/house/index.ts';
import { readContents, type TypedActivity } from '$core/plan/index.ts';
import type { Row } from '../../database/tables.ts';
import type { ActivityInput } from '../../stores/plan/activities.ts';
import type { Trx } from '../../history/changes.ts';
import { addPerson } from '../../stores/house/people.ts';
import { addPlace } from '../../stores/house/places.ts';
import type { LessonInput } from '../../stores/plan/units.ts';
import type { Situation } from '../readiness/situation.ts';
import { listText } from '../house/place-paths.ts';

/**
 * Adds people as typed, a child on each line and the adults in one. Who is here already stays as
 * they are. Answers the names. @throws CoreError naming the line that cannot be read.
 */
export async function addPeopleTyped(
	trx: Trx,
	situation: Situation,
	children: string,
	adults: string
): Promise<string> {
	const { people, household } = situation.snapshot;
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
		const { name, born, allergies, unread } = readPerson(line, household.measures === 'metric');
		const wrong = (message: string) =>
			new CoreError(`Line ${i + 1}, “${line.trim().slice(0, 60)}”: ${message}`, 'children');
		if (!name || name.length > 200) throw wrong('please start with the name.');
		if (unread)
			throw wrong(
				`“${unread.slice(0, 40)}” could not be read. Write it like Odile, May 3, 2016, allergic to milk.`
			);
		if (!born) throw wrong('please add the date of birth, like May 3, 2016. Amounts and cautions go by it.');
		if (born > situation.today) throw wrong('that day of birth has not come yet.');
		if (born < '1900-01-01') throw wrong('that day of birth is long ago.');
		await add({ name, kind: 'child', born, allergies, weekdays: [], reachMm: null });
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

/** Most places that one text may name. */
const MOST_PLACES = 500;

/** Adds places as typed, into those that are there under the same names. Answers how many are new. */
export async function addPlacesTyped(trx: Trx, text: string, within: number | null = null): Promise<number> {
	const places = readPlaces(text);
	if (count(places) === 0)
		throw new CoreError(
			'There is no place in this text. Write a room on each line, like “Kitchen: pantry, drawer”.',
			'places'
		);
	if (count(places) > MOST_PLACES)
		throw new CoreError(`That is more than ${MOST_PLACES} places. Start with those that matter.`, 'places');
	return put(trx, places, within);
}

function count(places: readonly TypedPlace[]): number {
	return places.reduce((sum, place) => sum + 1 + count(place.inside), 0);
}

async function put(trx: Trx, places: readonly TypedPlace[], parent: number | null): Promise<number> {
	const there = await trx
		.selectFrom('place')
		.select(['id', 'name'])
		.where('parent_id', 'is', parent)
		.execute();
	let added = 0;
	for (const place of places) {
		const same = there.find((one) => one.name.toLowerCase() === place.name.toLowerCase());
		const id =
			same?.id ??
			(await addPlace(trx, parent, {
				name: place.name,
				kind: place.kind,
				length_mm: null,
				width_mm: null,
				height_mm: null,
				floor_mm: null
			}));
		if (!same) added++;
		added += await put(trx, place.inside, id);
	}
	return added;
}

/** Most lessons that one table of contents may name. */
const MOST_LESSONS = 300;

/** The lessons of a pasted table of contents, with page and topics as a note. @throws CoreError when there is none. */
export function lessonsTyped(text: string): LessonInput[] {
	const { lessons } = readContents(text);
	if (lessons.length === 0)
		throw new CoreError(
			'There is no lesson in this text. Write one on each line, like “Lesson 3 Scale and distance … 22”.',
			'contents'
		);
	if (lessons.length > MOST_LESSONS)
		throw new CoreError(`That is more than ${MOST_LESSONS} lessons. Paste one unit at a time.`, 'contents');
	return lessons.map(({ title, page, topics }) => ({
		title,
		note: topics.join(', ').slice(0, 500),
		optional: 0,
		sessions: 1,
		first_page: page
	}));
}

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
		participants: who.length ? JSON.stringify(who) : null,
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
