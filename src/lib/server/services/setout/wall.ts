import { dayText, type Day } from '$core/calendar/index.ts';
import { CoreError } from '$core/error.ts';
import {
	fullAt,
	hangPosters,
	layWall,
	placeCards,
	placeName,
	wallSteps,
	type Spot,
	type WallLayout
} from '$core/setout/index.ts';
import { counted, listText } from '$core/words/index.ts';
import { type Row, usedIn, usesByLesson, byId as rowsById } from '$core/facts/index.ts';
import type { WallInput } from '../../stores/setout/wall.ts';
import { lengthText } from '$core/measure/index.ts';
import {
	nextLessons,
	type LessonSituation,
	type RunSituation,
	placePath,
	type Situation
} from '$core/account/index.ts';

/** A usual white board, with quarter-sheet cards on it, mm (common practice). */
const USUAL: WallInput = {
	kind: 'whiteboard',
	width_mm: 900,
	height_mm: 600,
	card_width_mm: 140,
	card_height_mm: 108,
	gap_mm: 10,
	strip_mm: 0,
	strip_text: ''
};
export const WALL_TEXT: Readonly<Record<WallInput['kind'], string>> = {
	whiteboard: 'whiteboard, with sticky tack',
	wall: 'wall',
	door: 'door'
};

/** A poster as the page and the drawing show it. */
export type PosterView = {
	readonly id: number;
	readonly title: string;
	/** “610 × 910”, in the measures of the house. */
	readonly size: string;
	/** Where it hangs; null where no room is left. */
	readonly spot: Spot | null;
	/** The lesson it comes with, by its place in the list. */
	readonly at: number;
	readonly lesson: number;
	readonly day: string;
	readonly date: Day | null;
	readonly hiddenUntil: Day | null;
	/** Whether it hangs with the lesson looked at, and is turned to the wall then. */
	readonly isUp: boolean;
	readonly isHidden: boolean;
	readonly where: string;
};

export type WallView = {
	readonly sentence: string;
	readonly detail: string;
	readonly wall: WallInput;
	readonly layout: WallLayout | null;
	readonly posters: readonly PosterView[];
	/** Posters of the unit’s lessons that do not hang yet. */
	readonly toHang: readonly { readonly resource: number; readonly title: string; readonly lesson: number }[];
	readonly problem: string;
	/** The lesson that is looked at, by its place in the list. */
	readonly at: number;
	readonly steps: readonly {
		/** Of its lesson. */
		readonly id: number;
		readonly number: number;
		readonly title: string;
		readonly day: string;
		readonly date: Day | null;
		readonly words: readonly {
			readonly id: number;
			readonly text: string;
			readonly kept: boolean;
			readonly hidden: boolean;
			readonly hiddenUntil: Day | null;
		}[];
		readonly down: readonly string[];
		readonly isFull: boolean;
	}[];
	/** What hangs with the lesson looked at, each at its place; words of that lesson are new. */
	readonly hanging: readonly HangingCard[];
	/** Lessons that are dropped or have no place in the plan, whose words and posters therefore hang nowhere. */
	readonly waiting: readonly { readonly lesson: number; readonly title: string; readonly what: string }[];
};

/** A card on the board. */
export type HangingCard = {
	readonly id: number;
	readonly text: string;
	readonly isNew: boolean;
	readonly isHidden: boolean;
	readonly hiddenUntil: Day | null;
	readonly meaning: string;
	/** The day of its lesson, from which on a hidden one is shown. */
	readonly date: Day | null;
	/** The lesson it comes with; null: from the first day on. */
	readonly lesson: number | null;
	/** Its place, as `placeName` has it. */
	readonly place: string;
};

/** The board of a unit, or a usual one. */
export const wallOf = ({ walls }: Situation['snapshot'], run: RunSituation): WallInput =>
	walls.find((one) => one.run_id === run.row.id) ?? USUAL;

/** Where a unit's words hang, lesson by lesson. */
export function wallView(now: Situation, run: RunSituation, asked: number | null): WallView {
	const { snapshot, today } = now;
	const wall = wallOf(snapshot, run);
	const lessons = run.lessons.filter((one) => !one.dropped);
	const own = snapshot.wallWords.filter((one) => one.run_id === run.row.id);
	const dayOfLesson = new Map(lessons.map((one) => [one.lesson.id, one.dates[0] ?? null]));
	/** What is hidden is shown on its lesson’s day, wherever that has moved since. */
	const untilOf = ({ hidden_until, lesson_id }: Pick<Row<'wall_word'>, 'hidden_until' | 'lesson_id'>) =>
		hidden_until && (dayOfLesson.get(lesson_id ?? 0) ?? hidden_until);
	const isHidden = (word: Parameters<typeof untilOf>[0], on: Day | null) => {
		const until = untilOf(word);
		return until !== null && (on === null || on < until);
	};
	const wordsOf = lessons.map((one, at) =>
		own.filter((word) => word.lesson_id === one.lesson.id || (word.lesson_id === null && at === 0))
	);
	const shown = new Set(lessons.map((one) => one.lesson.id));
	const isShown = ({ lesson_id }: { readonly lesson_id: number | null }) =>
		lesson_id === null || shown.has(lesson_id);
	const posters = snapshot.wallPosters
		.filter((one) => one.run_id === run.row.id && isShown(one))
		.map((row) => ({
			row,
			at: Math.max(
				0,
				lessons.findIndex((one) => one.lesson.id === row.lesson_id)
			)
		}))
		.toSorted((a, b) => a.at - b.at || a.row.id - b.row.id);
	const { layoutAt, spots, problem } = laid(wall, posters);
	const kept = new Set(own.filter((word) => word.kept === 1).map((word) => String(word.id)));
	const steps = wallSteps(
		lessons.map(({ lesson }, at) => ({
			lesson: String(lesson.id),
			words: wordsOf[at].map((word) => String(word.id))
		})),
		// A poster takes its places from its lesson on, and none before.
		lessons.map((_, index) => layoutAt(index)?.room ?? 0),
		kept
	);
	const placed = placeCards(
		steps.map((one) => one.up),
		lessons.map((_, index) => (layoutAt(index)?.places ?? []).map(placeName)),
		new Map(own.flatMap((word) => (word.spot ? [[String(word.id), word.spot] as const] : [])))
	);
	const full = fullAt(steps);
	const next = nextLessons([run]).get(run);
	const nextAt = Math.max(
		0,
		lessons.findIndex((one) => one === next)
	);
	const at = Math.min(Math.max(0, asked ?? nextAt), Math.max(0, lessons.length - 1));
	const wordOf = new Map(own.map((word) => [String(word.id), word]));
	const textOf = (id: string) => wordOf.get(id)!.text;
	const total = own.filter(isShown).length;
	const layout = layoutAt(at);
	const room = layout?.room ?? 0;
	const resources = rowsById(snapshot.resources);
	const keptAt = (id: number | null) => (id === null ? '' : placePath(snapshot.places, id));
	const homeless = problem ? [] : posters.filter((one) => !spots.has(String(one.row.id)));
	return {
		sentence: problem
			? problem
			: homeless.length
				? `No room for ${listText(homeless.map((one) => one.row.title).slice(0, 3))}. Hang it elsewhere, or take a larger board.`
				: total === 0
					? posters.length
						? `${counted(posters.length, 'poster')}, and room for ${counted(room, 'card')}.`
						: `Room for ${counted(room, 'card')}. No words yet.`
					: full === null
						? `All ${total} cards hang together: there is room for ${room}.`
						: `Full with lesson ${lessons[full].number}${lessons[full].dates[0] ? ` on ${dayText(lessons[full].dates[0])}` : ''}: take down ${listText(steps[full].down.map(textOf).slice(0, 6)) || 'some'}${steps[full].left.length ? `; ${counted(steps[full].left.length, 'card')} find no place` : ''}.`,
		detail:
			total && !problem
				? `${steps[at]?.up.length ?? 0} of ${room} places taken with lesson ${lessons[at]?.number ?? 1}.`
				: '',
		wall,
		layout,
		posters: posters.map(({ row, at: comes }): PosterView => {
			const day = lessons[comes]?.dates[0] ?? null;
			return {
				id: row.id,
				title: row.title,
				size: [row.width_mm, row.height_mm]
					.map((mm) => lengthText(mm, snapshot.household.measures))
					.join(' × '),
				spot: spots.get(String(row.id)) ?? null,
				at: comes,
				lesson: lessons[comes]?.number ?? 1,
				day: day ? dayText(day) : '',
				date: day,
				hiddenUntil: untilOf(row),
				isUp: comes <= at,
				isHidden: isHidden(row, lessons[at]?.dates[0] ?? null),
				where: keptAt(resources.get(row.resource_id ?? 0)?.place_id ?? null)
			};
		}),
		toHang: postersOf(now, run),
		problem,
		at,
		steps: lessons.map((one, index) => ({
			id: one.lesson.id,
			number: one.number,
			title: one.lesson.title,
			day: one.dates[0] ? dayText(one.dates[0]) : '',
			date: one.dates[0] ?? null,
			words: wordsOf[index].map((word) => ({
				id: word.id,
				text: word.text,
				kept: word.kept === 1,
				hidden: isHidden(word, today),
				hiddenUntil: untilOf(word)
			})),
			down: steps[index].down.map(textOf),
			isFull: index === full
		})),
		hanging: [...(placed[at] ?? [])].map(([id, place]): HangingCard => {
			const word = wordOf.get(id)!;
			return {
				id: word.id,
				text: word.text,
				isNew: steps[at].comes.includes(id),
				isHidden: isHidden(word, lessons[at].dates[0] ?? null),
				hiddenUntil: untilOf(word),
				meaning: word.meaning,
				date: dayOfLesson.get(word.lesson_id ?? lessons[0]?.lesson.id ?? 0) ?? null,
				lesson: word.lesson_id,
				place
			};
		}),
		waiting: run.lessons
			.filter((one) => one.dropped)
			.flatMap(({ lesson }) => {
				const ofIt = (one: { readonly lesson_id: number | null }) => one.lesson_id === lesson.id;
				const [words, charts] = [own.filter(ofIt), snapshot.wallPosters.filter(ofIt)];
				const what = [
					words.length ? counted(words.length, 'word') : '',
					charts.length ? counted(charts.length, 'poster') : ''
				].filter(Boolean);
				return what.length ? [{ lesson: lesson.id, title: lesson.title, what: listText(what) }] : [];
			})
	};
}

type Laid = {
	/** Places for cards once the posters up to a lesson hang. */
	readonly layoutAt: (lesson: number) => WallLayout | null;
	/** Where each poster hangs, by its id. */
	readonly spots: ReadonlyMap<string, Spot>;
	readonly problem: string;
};

/** A board below its strip: posters hold their places from their lesson on, cards have what is left. */
function laid(
	wall: WallInput,
	posters: readonly { readonly row: Row<'wall_poster'>; readonly at: number }[]
): Laid {
	const none = (problem: string): Laid => ({ layoutAt: () => null, spots: new Map(), problem });
	if (wall.strip_mm > 0 && wall.strip_mm >= wall.height_mm)
		return none('The strip is as high as the board: no card fits below it.');
	const below = <T extends { readonly y: number }>(one: T): T => ({ ...one, y: one.y + wall.strip_mm });
	try {
		const board = {
			width: wall.width_mm,
			height: wall.height_mm - wall.strip_mm,
			cardWidth: wall.card_width_mm,
			cardHeight: wall.card_height_mm,
			gap: wall.gap_mm
		};
		const { hung } = hangPosters(
			board,
			posters.map(({ row }) => ({ id: String(row.id), width: row.width_mm, height: row.height_mm }))
		);
		const comes = new Map(posters.map(({ row, at }) => [String(row.id), at]));
		const known = new Map<number, WallLayout>();
		const layoutAt = (lesson: number): WallLayout => {
			const up = hung.filter((one) => comes.get(one.id)! <= lesson);
			const layout = known.get(up.length) ?? layWall(board, up);
			known.set(up.length, layout);
			return { ...layout, places: layout.places.map(below) };
		};
		if (hung.length === 0 && layoutAt(0).room === 0)
			return none('Not one card fits: the board is smaller than a card.');
		return {
			layoutAt,
			spots: new Map(hung.map((one) => [one.id, below(one)])),
			problem: ''
		};
	} catch (error) {
		if (!(error instanceof CoreError)) throw error;
		return none(error.message);
	}
}

/** A usual poster, upright, mm: 24 by 36 inches (common practice). */
export const USUAL_POSTER = { width: 610, height: 914 };

/** Posters and maps that are used in the unit's lessons and do not hang yet. */
function postersOf({ snapshot }: Situation, run: RunSituation): WallView['toHang'] {
	const hung = new Set(
		snapshot.wallPosters.filter((one) => one.run_id === run.row.id).map((one) => one.resource_id)
	);
	const resources = rowsById(snapshot.resources);
	const seen = new Set<number>();
	return run.lessons
		.filter((one) => !one.dropped)
		.flatMap(({ lesson }) =>
			(usesByLesson(snapshot.uses).get(lesson.id) ?? []).flatMap((use) => {
				const resource = resources.get(use.resource_id);
				if (!resource || resource.kind !== 'poster' || hung.has(resource.id) || seen.has(resource.id))
					return [];
				seen.add(resource.id);
				return [{ resource: resource.id, title: resource.title, lesson: lesson.id }];
			})
		);
}

/** What is done at the wall before a day with a first session: what comes down, goes up, and is shown. */
export function wallOn(
	now: Situation,
	run: RunSituation,
	lesson: LessonSituation,
	day: Day
): { readonly key: string; readonly text: string; readonly detail: string }[] {
	const { wallWords, wallPosters } = now.snapshot;
	if (lesson.dates[0] !== day || ![...wallWords, ...wallPosters].some((one) => one.run_id === run.row.id))
		return [];
	const at = run.lessons.filter((one) => !one.dropped).indexOf(lesson);
	const { steps, posters, problem } = wallView(now, run, at);
	if (problem || !steps[at]) return [];
	const { words, down } = steps[at];
	const texts = (those: typeof words) => listText(those.map((one) => one.text));
	const up = words.filter((one) => one.hiddenUntil === null || one.hiddenUntil > day);
	const shown = steps.flatMap((one) => one.words.filter((word) => word.hiddenUntil === day));
	const hung = posters.filter((one) => one.spot !== null);
	const { id } = lesson.lesson;
	return [
		down.length ? { key: `down-${id}`, text: `Take down ${listText(down)}`, detail: '' } : null,
		up.length
			? {
					key: `up-${id}`,
					text: `Put up ${texts(up)}`,
					detail: up.some((one) => one.hiddenUntil !== null) ? 'hidden ones face the wall' : ''
				}
			: null,
		...hung
			.filter((one) => one.at === at && one.hiddenUntil !== day)
			.map((one) => ({ key: `poster-${one.id}`, text: `Hang ${one.title}`, detail: one.where })),
		shown.length ? { key: `show-${id}`, text: `Show ${texts(shown)}`, detail: 'hidden until today' } : null,
		...hung
			.filter((one) => one.hiddenUntil === day)
			.map((one) => ({
				key: `show-poster-${one.id}`,
				text: `Show ${one.title}`,
				detail: 'hidden until today'
			}))
	].filter((one) => one !== null);
}

/** Things of the house for a display corner: posters, models and what keeps hands busy while one listens. */
export function cornerOf(
	{ snapshot }: Situation,
	run: RunSituation
): { readonly title: string; readonly why: string }[] {
	const SHOWN = 8;
	const lessons = new Set(run.lessons.map((one) => one.lesson.id));
	const used = usedIn(snapshot, lessons);
	const words = run.unit.name
		.toLowerCase()
		.split(/[^a-z]+/)
		.filter((word) => word.length > 3);
	const isOnTopic = (text: string) => words.some((word) => text.includes(word.replace(/s$/, '')));
	return [
		...snapshot.resources
			.filter(
				(one) =>
					one.owned === 1 &&
					['poster', 'model', 'live specimen'].includes(one.kind) &&
					(used.has(one.id) || isOnTopic(`${one.topics} ${one.title}`.toLowerCase()))
			)
			.map((one) => ({
				title: one.title,
				why: `${one.kind}, ${placePath(snapshot.places, one.place_id)}`
			})),
		...snapshot.basketParts
			.filter((one) => one.kind === 'hands')
			.map((one) => ({ title: one.title, why: 'to handle while listening' }))
	].slice(0, SHOWN);
}
