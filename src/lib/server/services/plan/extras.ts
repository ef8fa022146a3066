import { addDays, dayText, type Day } from '$core/calendar/index.ts';
import { cautionsFor } from '$core/cautions/index.ts';
import { groupBy } from '$core/group-by.ts';
import { exact, isSome } from '$core/measure/index.ts';
import { beginText, forecastEnd, MESS, type ActivityKind } from '$core/plan/index.ts';
import { capital, labelOf, listText, money, thingText } from '$core/words/index.ts';
import { parsed, type Row, remember, byId, type Snapshot } from '$core/facts/index.ts';
import {
	type ActivitySituation,
	type RunSituation,
	placePath,
	type Situation,
	atHomeOn,
	cautionTexts
} from '$core/account/index.ts';

/** One activity as the screen shows it. */
export type ExtraRow = {
	readonly id: number;
	readonly title: string;
	readonly kind: ActivityKind;
	/** Minutes, mess, money, who, in words. */
	readonly about: string;
	/** "Lesson 6, Tue, Jan 26", a day, or empty in the pool. */
	readonly where: string;
	readonly date: Day | null;
	readonly standing: Row<'activity'>['standing'];
	/** What has to be begun before, or when it will be finished at this pace. */
	readonly notes: readonly string[];
	readonly cautions: readonly string[];
	readonly instead: string;
	readonly times: number;
	readonly done: number;
	/** Everything a form needs. */
	readonly fields: Row<'activity'> & {
		readonly supplies: string;
		readonly resources: string;
		readonly who: readonly number[];
	};
	/** What it takes from the library. */
	readonly takes: readonly { readonly id: number; readonly title: string; readonly where: string }[];
};

export type Extras = {
	readonly sentence: string;
	readonly pool: readonly ExtraRow[];
	readonly placed: readonly ExtraRow[];
	readonly without: readonly ExtraRow[];
	/** How many more there are in the plan and in the pool than are listed. */
	readonly more: number;
	readonly setAside: readonly { readonly id: number; readonly text: string; readonly place: string }[];
};

/** A longer list is folded, so that the page stays light. */
const SHOWN = 40;

/**
 * The activities of a run: those with a day, the pool of extras without one, and things pulled for nothing.
 * Without `all` only the first of a long list are given.
 */
export function extrasOf(situation: Situation, run: RunSituation, all = true): Extras {
	const linesOf = linesByActivity(situation.snapshot);
	const rowsOf = (some: readonly ActivitySituation[]) =>
		some.map((one) => extraRow(situation, run, one, linesOf.get(one.activity.id) ?? []));
	const wanted = run.activities.filter((one) => one.activity.standing !== 'do without');
	const pool = wanted.filter((one) => !isPlaced(one));
	const { today } = situation;
	const placed = wanted
		.filter(isPlaced)
		.sort(
			(a, b) => rankOf(a, today) - rankOf(b, today) || ((a.date ?? '9999') < (b.date ?? '9999') ? -1 : 1)
		);
	const most = all ? Infinity : SHOWN;
	return {
		sentence: sentenceOf(situation, run, pool.length, placed),
		pool: rowsOf(pool.slice(0, most)),
		placed: rowsOf(placed.slice(0, most)),
		without: rowsOf(run.activities.filter((one) => one.activity.standing === 'do without')),
		more: Math.max(0, pool.length - most) + Math.max(0, placed.length - most),
		setAside: setAsideOf(situation, run)
	};
}

const activityLines = remember<Map<number, Row<'supply_line'>[]>>();
function linesByActivity({ lines }: Snapshot): Map<number, Row<'supply_line'>[]> {
	return activityLines(lines, [], () =>
		groupBy(
			lines.filter((line) => line.activity_id !== null),
			(line) => line.activity_id!
		)
	);
}

/** In a lesson or on a day of its own. */
function isPlaced({ activity }: ActivitySituation): boolean {
	return activity.lesson_id !== null || activity.day !== null;
}

/** What is to come stands first, then what goes on or was missed, then what is done. */
function rankOf({ activity, date }: ActivitySituation, today: Day): number {
	if (activity.done >= activity.times) return 2;
	return date !== null && date < today ? 1 : 0;
}

function sentenceOf(
	situation: Situation,
	run: RunSituation,
	inPool: number,
	placed: readonly ActivitySituation[]
): string {
	if (inPool + placed.length === 0) return 'No extras yet. Type your first idea below.';
	const open = placed.filter(({ activity }) => activity.done < activity.times);
	const next = open.find(({ date }) => date !== null && date >= situation.today);
	const begins = placed
		.filter(({ date, activity }) => date !== null && activity.start_days_before > 0 && date > situation.today)
		.map((one) => ({ ...one, day: addDays(one.date!, -one.activity.start_days_before) }))
		.find(({ day }) => day >= situation.today);
	const parts = [
		next ? `Next: ${next.activity.title} on ${dayText(next.date!)}.` : 'No extras are scheduled.',
		begins ? `${beginText(begins.activity.title)} on ${dayText(begins.day)}.` : '',
		inPool === 0 ? 'No other ideas.' : `${inPool === 1 ? '1 idea has' : `${inPool} ideas have`} no date.`
	];
	return parts.filter(Boolean).join(' ');
}

function extraRow(
	situation: Situation,
	run: RunSituation,
	{ activity, lesson, date }: ActivitySituation,
	lines: readonly Row<'supply_line'>[]
): ExtraRow {
	const who = activity.participants ? parsed(activity.participants) : [];
	const people = run.participants.filter((person) => who.length === 0 || who.includes(person.id));
	const items = byId(situation.snapshot.items);
	const on = date ?? run.row.start_on ?? situation.today;
	const cautions = lines.flatMap((line) =>
		cautionTexts(cautionsFor(items.get(line.item_id)!.name, on, atHomeOn(situation.snapshot, date))).map(
			(text) => `${capital(items.get(line.item_id)!.name)}. ${text}`
		)
	);
	const takes = takesOf(situation, activity.id);
	const end = forecastEnd(
		{ times: activity.times, done: activity.done, begun: date, daily: activity.daily === 1 },
		situation.today
	);
	const begin = date && activity.start_days_before ? addDays(date, -activity.start_days_before) : null;
	return {
		id: activity.id,
		title: activity.title,
		kind: activity.kind,
		about: [
			labelOf(activity.kind),
			`${activity.minutes} min`,
			activity.mess ? MESS[activity.mess] : '',
			activity.cents ? money(activity.cents) : '',
			activity.adult ? 'with an adult' : '',
			helperText(situation, activity),
			who.length ? `for ${listText(people.map((person) => person.name))}` : '',
			ageText(activity),
			activity.subjects ? `counts toward ${activity.subjects}` : '',
			activity.weather
		]
			.filter(Boolean)
			.join(' · '),
		where:
			activity.lesson_id !== null && lesson
				? `Lesson ${lesson.number}${date ? `, ${dayText(date)}` : ''}`
				: activity.day
					? dayText(activity.day)
					: '',
		date,
		standing: activity.standing,
		notes: [
			begin ? `start on ${dayText(begin)}` : '',
			activity.times > 1 ? `${activity.done} of ${activity.times} done` : '',
			end ? `done ${dayText(end)} at this pace; leave it out until then` : '',
			activity.note
		].filter(Boolean),
		cautions: [...new Set(cautions)],
		instead: activity.instead,
		times: activity.times,
		done: activity.done,
		takes,
		fields: {
			...activity,
			supplies: lines.map((line) => line.written).join('\n'),
			resources: takes.map((one) => one.title).join('\n'),
			who
		}
	};
}

/** The things of the library that an activity takes, with where each is. */
export function takesOf({ snapshot }: Situation, activity: number): ExtraRow['takes'] {
	const resources = byId(snapshot.resources);
	return snapshot.activityResources
		.filter((one) => one.activity_id === activity)
		.map(({ resource_id }) => {
			const row = resources.get(resource_id)!;
			const where = row.owned ? placePath(snapshot.places, row.place_id) : 'not ours';
			return { id: row.id, title: row.title, where };
		});
}

function helperText(situation: Situation, { helper_id }: Row<'activity'>): string {
	const helper = situation.snapshot.people.find((person) => person.id === helper_id);
	return helper ? `${helper.name} helps` : '';
}

function ageText({ from_age, to_age }: Row<'activity'>): string {
	if (from_age === null && to_age === null) return '';
	if (to_age === null) return `ages ${from_age} and up`;
	if (from_age === null) return `up to age ${to_age}`;
	return from_age === to_age ? `age ${from_age}` : `ages ${from_age} to ${to_age}`;
}

/** What lies in the unit's own place and no lesson, day or display has asked for. */
function setAsideOf(situation: Situation, run: RunSituation): Extras['setAside'] {
	const place = run.row.collecting_place_id;
	if (place === null) return [];
	const { snapshot } = situation;
	const asked = new Set([
		...situation.needs.filter((one) => one.run === run).map((one) => one.item.id),
		...snapshot.lines
			.filter((line) => run.lessons.some(({ lesson }) => lesson.id === line.lesson_id))
			.map((line) => line.item_id)
	]);
	const items = byId(snapshot.items);
	return snapshot.lots
		.filter((lot) => lot.place_id === place && isSome(exact(lot.amount)) && !asked.has(lot.item_id))
		.map((lot) => ({
			id: lot.id,
			text: thingText(exact(lot.amount), lot.unit, items.get(lot.item_id)!.name),
			place: placePath(snapshot.places, place)
		}));
}
