import { dayText, type Day } from '$core/calendar/index.ts';
import { yearsOld } from '$core/cautions/index.ts';
import { groupBy } from '$core/group-by.ts';
import { levelsText } from '$core/house/index.ts';
import { gridOf, pagesText, type Offer } from '$core/plan/index.ts';
import { counted, listText } from '$core/words/index.ts';
import { parsed, type Json, type Row } from '$core/facts/index.ts';
import {
	takingPartOn,
	type LessonSituation,
	type RunSituation,
	type Situation
} from '$core/account/index.ts';
import { USUAL_LESSON_MINUTES } from './load.ts';
import { minutesOfRange } from './spines.ts';

/** Common practice, no source: from which age the table work of a lesson, listening and reading alone are something for a child. */
const FROM_AGE = { lesson: 5, listening: 4, readingAlone: 6 };

export type ChildCell = {
	readonly child: number;
	/** Not there on that day. */
	readonly away: boolean;
	readonly has: readonly string[];
	readonly minutes: number;
	readonly unfit: readonly string[];
	readonly tasks: readonly { readonly id: number; readonly text: string }[];
};

export type ChildrenView = {
	readonly sentence: string;
	readonly children: readonly {
		readonly id: number;
		readonly name: string;
		readonly about: string;
		readonly goal: string;
		/** Read and done in lessons that are over, in this run and in earlier ones. */
		readonly behind: readonly { readonly run: string; readonly things: readonly string[] }[];
	}[];
	readonly lessons: readonly {
		readonly id: number;
		readonly number: number;
		readonly title: string;
		readonly day: string;
		readonly over: boolean;
		readonly cells: readonly ChildCell[];
	}[];
	readonly activities: Readonly<
		Record<number, readonly { readonly value: string; readonly label: string }[]>
	>;
	readonly holes: number;
	/** Who is never there on a lesson day; empty when everyone is. */
	readonly never: string;
};

/** The grid child × lesson: what each has at its level, where there is nothing, and the minutes of each day. */
export function childrenView(situation: Situation, run: RunSituation): ChildrenView {
	const { snapshot } = situation;
	const all = run.participants.filter((person) => person.kind !== 'adult');
	const people = all.filter((person) => run.lessons.some((lesson) => thereOn(run, lesson).includes(person)));
	const never = all.filter((person) => !people.includes(person)).map((person) => person.name);
	const offersOf = offersByLesson(situation, run);
	const tasksOf = groupBy(snapshot.tasks, (task) => task.lesson_id);
	const cells = groupBy(
		gridOf(
			run.lessons.map((one) => ({
				id: String(one.lesson.id),
				there: thereOn(run, one).map((person) => ({
					child: String(person.id),
					age: yearsOld(person.born, one.dates[0] ?? situation.today)
				})),
				offers: offersOf.get(one.lesson.id) ?? []
			}))
		),
		(cell) => cell.lesson
	);
	const lessons = run.lessons.map((one) => ({
		id: one.lesson.id,
		number: one.number,
		title: one.lesson.title,
		day: one.dates.length ? dayText(one.dates[0]) : 'no date',
		over: one.over,
		cells: people.map((person): ChildCell => {
			const cell = (cells.get(String(one.lesson.id)) ?? []).find((c) => c.child === String(person.id));
			return {
				child: person.id,
				away: cell === undefined,
				has: cell?.has ?? [],
				minutes: cell?.minutes ?? 0,
				unfit: cell?.unfit ?? [],
				tasks: (tasksOf.get(one.lesson.id) ?? []).filter((task) => task.person_id === person.id)
			};
		})
	}));
	const open = lessons.filter((lesson) => !lesson.over);
	const holes = open.flatMap((lesson) =>
		lesson.cells
			.filter((cell) => !cell.away && cell.has.length === 0)
			.map((cell) => ({ lesson, name: people.find((person) => person.id === cell.child)!.name }))
	);
	return {
		sentence: sentenceOf(people, holes),
		never: never.length
			? `${listText(never)} ${never.length === 1 ? 'isn’t' : 'aren’t'} here on any lesson day.`
			: '',
		children: people.map((person) => ({
			id: person.id,
			name: person.name,
			about: [
				ageText(person, situation.today),
				person.level,
				readsText(person),
				person.kind === 'guest' ? 'guest' : ''
			]
				.filter(Boolean)
				.join(' · '),
			goal:
				snapshot.goals.find((goal) => goal.run_id === run.row.id && goal.person_id === person.id)?.text ?? '',
			behind: behindOf(situation, run, person)
		})),
		/** Activities that a task can be a part of, by lesson. */
		activities: Object.fromEntries(
			run.lessons.map((one) => [
				one.lesson.id,
				run.activities
					.filter((each) => each.lesson === one && each.activity.standing !== 'do without')
					.map(({ activity }) => ({ value: String(activity.id), label: activity.title }))
			])
		),
		lessons,
		holes: holes.length
	};
}

function sentenceOf(
	people: readonly Row<'person'>[],
	holes: readonly { lesson: { number: number }; name: string }[]
): string {
	if (people.length === 0) return 'No children in this unit yet.';
	if (holes.length === 0) return 'Every child has something at their level in every upcoming lesson.';
	const names = [...groupBy(holes, (hole) => hole.name)];
	const [name, first] = names.sort((a, b) => b[1].length - a[1].length)[0];
	const where = first.map((hole) => hole.lesson.number);
	const some =
		where.length > 6
			? counted(where.length, 'lesson')
			: `${where.length === 1 ? 'lesson' : 'lessons'} ${listText(where.map(String))}`;
	const others = holes.length - first.length;
	return `${name} has nothing at the right level in ${some}.${others ? ` ${counted(others, 'more gap', 'more gaps')} for the others.` : ''} Add a task, a tray, or pages.`;
}

function thereOn(run: RunSituation, lesson: LessonSituation): Row<'person'>[] {
	return takingPartOn(run, null, lesson.dates[0] ?? null).filter((person) => person.kind !== 'adult');
}

function readsText(person: Row<'person'>): string {
	const levels = parsed(person.reads);
	return levels.length ? `reads ${levelsText(levels)}` : '';
}

function ageText(person: Row<'person'>, today: Day): string {
	const age = yearsOld(person.born, today);
	return age === null ? '' : `age ${age}`;
}

/** What each lesson has for whom. Things that name a child are for that child at any age. */
function offersByLesson(situation: Situation, run: RunSituation): Map<number, Offer[]> {
	const { snapshot } = situation;
	const ids = (json: Json<readonly number[]> | null) => (json ? parsed(json).map(String) : null);
	const spines = new Map(
		snapshot.spines.filter((spine) => spine.run_id === run.row.id).map((spine) => [spine.id, spine])
	);
	const ranges = groupBy(
		snapshot.ranges.filter((range) => spines.has(range.spine_id) && range.way !== 'skip'),
		(range) => range.lesson_id
	);
	const tasks = groupBy(snapshot.tasks, (task) => task.lesson_id);
	const activities = groupBy(
		run.activities.filter((one) => one.activity.standing !== 'do without' && one.lesson !== null),
		(one) => one.lesson!.lesson.id
	);
	return new Map(
		run.lessons.map(({ lesson }) => {
			const offers: Offer[] = [];
			const add = (
				what: string,
				minutes: number,
				children: string[] | null,
				fromAge: number | null,
				toAge: number | null = null
			) =>
				offers.push({
					what,
					minutes,
					children,
					fromAge: children ? null : fromAge,
					toAge: children ? null : toAge
				});
			if (lesson.note || lesson.objective)
				add(lesson.note || lesson.objective, lesson.minutes ?? USUAL_LESSON_MINUTES, null, FROM_AGE.lesson);
			const older = parsed(lesson.extension_for).map(String);
			if (lesson.extension && older.length) add(`older children: ${lesson.extension}`, 0, older, null);
			for (const range of ranges.get(lesson.id) ?? []) {
				const spine = spines.get(range.spine_id)!;
				const pages = `${spine.title} ${pagesText({ from: range.from_page, to: range.to_page })}, ${range.way}`;
				const from =
					range.way === 'read alone'
						? FROM_AGE.readingAlone
						: range.way === 'look at'
							? 1
							: FROM_AGE.listening;
				add(pages, minutesOfRange(range, spine), ids(range.participants), from);
			}
			for (const { activity } of activities.get(lesson.id) ?? []) {
				if (activity.helper_id !== null)
					add(`helps with ${activity.title}`, activity.minutes, [String(activity.helper_id)], null);
				add(
					activity.title,
					activity.minutes,
					ids(activity.participants),
					activity.from_age ?? (activity.participants ? null : 3),
					activity.to_age
				);
			}
			for (const task of tasks.get(lesson.id) ?? []) {
				const part = run.activities.find(({ activity }) => activity.id === task.activity_id);
				add(
					part ? `${task.text} (${part.activity.title})` : task.text,
					task.minutes ?? 0,
					[String(task.person_id)],
					null
				);
			}
			return [lesson.id, offers];
		})
	);
}

/** What a child has read and done, the run at hand first, then the newest. */
function behindOf(situation: Situation, here: RunSituation, person: Row<'person'>) {
	const others = situation.runs.filter((run) => run !== here).toReversed();
	return [here, ...others].flatMap((run) => {
		const over = run.lessons.filter((lesson) => lesson.over);
		if (over.length === 0 || !run.participants.includes(person)) return [];
		const offers = offersByLesson(situation, run);
		const things = gridOf(
			over.map((one) => {
				const day = one.outcomes.at(-1)?.held_on ?? one.dates[0] ?? situation.today;
				const isThere = takingPartOn(run, null, day).includes(person);
				return {
					id: String(one.lesson.id),
					there: isThere ? [{ child: String(person.id), age: yearsOld(person.born, day) }] : [],
					offers: offers.get(one.lesson.id) ?? []
				};
			})
		).flatMap((cell) => cell.has);
		return things.length ? [{ run: `${run.unit.name}, ${run.row.name}`, things: [...new Set(things)] }] : [];
	});
}
