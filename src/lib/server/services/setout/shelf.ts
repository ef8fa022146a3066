import { addDays, dayText, startOfWeek, weekdayName, weekdayOf, type Day } from '$core/calendar/index.ts';
import { yearsOld } from '$core/cautions/index.ts';
import { Refusal } from '$core/error.ts';
import {
	brokenRules,
	inWeek,
	leftOut,
	GAP,
	onDaysWithout,
	shelfChild,
	widthOf,
	type Board,
	type Broken,
	type ShelfChild,
	type ShelfInput,
	type ShelfWeek,
	type Tray
} from '$core/setout/index.ts';
import { counted, listText } from '$core/words/index.ts';
import { parsed, type Row, type SetOut, once, byId } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { setWeek, type OnBoard } from '../../stores/setout/trays.ts';
import type { LessonSituation, RunSituation, Situation } from '$core/account/index.ts';
import { reachers } from '../house/reach.ts';
import { shelfSpace } from '../house/shelf-space.ts';
import { brokenText, whyOf } from './shelf-words.ts';
import { isDangerous, traysOf } from './trays.ts';

const USUAL: SetOut = {
	shelf: null,
	changes: 4,
	habit: 'weekly',
	users: null,
	basketDays: [1, 2, 3, 4, 5],
	basketSince: null,
	ledge: null,
	corner: null,
	dayStart: null,
	away: {},
	basketSize: null
};

/** How the household sets out. */
export const setOutOf = ({ snapshot }: Situation): SetOut => ({
	...USUAL,
	...parsed(snapshot.household.set_out)
});

/** Weeks that are planned at once, at most. */
const MOST_WEEKS = 10;
/** Where nobody measured how much is free above a board, so much is the board itself, mm (common practice). */
const BOARD_MM = 20;
/** From this age on a child takes no tray from the shelf unless the family says so, years (common practice). */
const OLDEST = 9;

/** The boards of the activity shelf from below; those without measures are left out and named. */
export function boardsOf(now: Situation): { readonly boards: Board[]; readonly unmeasured: string[] } {
	const { shelf } = setOutOf(now);
	if (shelf === null) return { boards: [], unmeasured: [] };
	const rows = now.snapshot.places
		// Whatever was entered under a shelf is its board, but for boxes that stand on it.
		.filter((one) => one.parent_id === shelf && one.kind !== 'box')
		.map((row) => ({ row, ...shelfSpace(row) }));
	const isMeasured = (one: (typeof rows)[number]) =>
		one.along !== null && one.depth !== null && one.floor !== null;
	const measured = rows.filter(isMeasured).toSorted((a, b) => a.floor! - b.floor!);
	return {
		boards: measured.map(({ row, along, depth, height, floor }, at): Board => ({
			id: String(row.id),
			name: row.name,
			high: floor!,
			along: along!,
			deep: depth!,
			clear: height ?? (measured[at + 1] ? measured[at + 1].floor! - floor! - BOARD_MM : null)
		})),
		unmeasured: rows.filter((one) => !isMeasured(one)).map((one) => one.row.name)
	};
}

/** Everybody of whom the shelf has to know in a week: those who use it, and those it must not endanger. */
export function shelfChildren(now: Situation, week: Day): ShelfChild[] {
	const { users } = setOutOf(now);
	const people = now.snapshot.people.filter((one) => one.kind !== 'adult');
	const reach = reachers(now);
	const reachOf = new Map(now.snapshot.people.map((one, at) => [one.id, reach[at]]));
	return people.map((person) => {
		const reacher = reachOf.get(person.id)!;
		const years = yearsOld(person.born, week);
		const uses = users ? users.includes(person.id) : person.kind === 'child' && (years ?? 0) < OLDEST;
		return shelfChild(String(person.id), reacher, uses && person.born !== null, week, addDays(week, 6));
	});
}

/** The weeks that can be planned: from this one to the last lesson of a unit in work. */
export function weeksAhead(now: Situation): Day[] {
	const start = startOfWeek(now.today, now.snapshot.household.week_start);
	const last = now.inWork
		.flatMap((one) => one.lessons.flatMap((lesson) => lesson.dates))
		.filter((day) => day >= start)
		.toSorted()
		.at(-1);
	const weeks = [start];
	while (weeks.length < MOST_WEEKS && last !== undefined && addDays(weeks.at(-1)!, 7) <= last)
		weeks.push(addDays(weeks.at(-1)!, 7));
	return weeks;
}

type LessonOf = { readonly run: RunSituation; readonly lesson: LessonSituation };

export const lessonsById = once(
	(now: Situation): ReadonlyMap<number, LessonOf> =>
		new Map(now.runs.flatMap((run) => run.lessons.map((lesson) => [lesson.lesson.id, { run, lesson }])))
);

/** What the planner takes, with the first day of each of its weeks. Made once a situation. */
export const shelfQuestion = once(
	(
		now: Situation
	): {
		readonly input: ShelfInput;
		readonly weeks: readonly Day[];
	} => {
		const { changes, habit } = setOutOf(now);
		const weeks = weeksAhead(now);
		const lessons = lessonsById(now);
		const childrenIn = weeks.map((week) => shelfChildren(now, week));
		const [children] = childrenIn;
		const users = children.filter((one) => one.uses).map((one) => one.id);
		const weekStart = now.snapshot.household.week_start;
		const trays = traysOf(now).map((row): Tray => {
			const own = row.lessons && parsed(row.lessons);
			const days = own?.flatMap((id) => lessons.get(id)?.lesson.dates ?? []) ?? [];
			const chosen = row.children && parsed(row.children).map(String);
			return {
				id: String(row.id),
				title: row.title,
				along: row.along_mm,
				deep: row.deep_mm,
				high: row.high_mm,
				skill: row.skill,
				isDangerous: isDangerous(row, now.today),
				children: chosen ?? users,
				// A tray of lessons without days waits for them, unless it stands for the whole unit.
				weeks: own && [...new Set(days.map((day) => weeks.indexOf(startOfWeek(day, weekStart))))],
				isLoved: row.loved === 1
			};
		});
		return {
			input: {
				boards: boardsOf(now).boards,
				trays,
				children,
				childrenIn,
				weeks: weeks.length,
				changes,
				habit
			},
			weeks
		};
	}
);

/** What the rules of one week ask: each week by the ages in it, also one that lies before or behind those planned. */
export function questionOf(now: Situation, week: Day): ShelfInput {
	const { input } = shelfQuestion(now);
	return { ...input, children: shelfChildren(now, week) };
}

/** What stands where in a week, board by board. */
export const standingIn = ({ snapshot }: Situation, week: Day): Row<'tray_standing'>[] =>
	snapshot.trayStandings.filter((one) => one.week_on === week);

/** What comes out on some days of a week only, while no child under three is at home. */
export type DayOnly = { readonly day: Day; readonly trays: readonly Row<'tray'>[]; readonly without: string };

/** Trays of a week that come out on a day without the children they endanger. */
export function daysOnly(now: Situation, week: Day): DayOnly[] {
	const { away } = setOutOf(now);
	if (Object.values(away).every((days) => days.length === 0)) return [];
	const { weeks } = shelfQuestion(now);
	const input = questionOf(now, week);
	const small = input.children.filter((one) => one.isUnderThree);
	const rows = byId(now.snapshot.trays);
	const home = Array.from({ length: 7 }, (_, at) => addDays(week, at))
		.filter((day) =>
			now.runs.some((run) => run.lessons.some((one) => !one.dropped && one.dates.includes(day)))
		)
		.map((day) => ({
			day,
			children: small.filter((one) => !away[one.id]?.includes(weekdayOf(day))).map((one) => one.id)
		}));
	const standing = standingIn(now, week).map((one) => ({ tray: String(one.tray_id) }));
	return onDaysWithout(input, weeks.indexOf(week), standing, home).map(({ day, trays }) => ({
		day,
		trays: trays.map((id) => rows.get(Number(id))!),
		without: listText(small.map((one) => one.name))
	}));
}

/** A tray as the shelf’s page shows it. */
export type TrayView = {
	readonly id: number;
	readonly title: string;
	readonly skill: string;
	readonly for: string;
	readonly board: string | null;
	readonly x: number;
	readonly along: number;
	readonly high: number;
	readonly isDangerous: boolean;
	/** Why it is where it is, or why it is not out. */
	readonly why: string;
	readonly broken: readonly string[];
	/** Of these, what endangers a child under three. */
	readonly dangers: readonly string[];
	readonly state: 'stays' | 'comes' | 'out' | 'away';
};

export type ShelfView = {
	readonly week: Day;
	readonly title: string;
	readonly sentence: string;
	readonly boards: readonly (Board & { readonly free: number })[];
	readonly trays: readonly TrayView[];
	readonly goes: readonly string[];
	readonly children: readonly { readonly name: string; readonly easy: number; readonly most: number }[];
	/** What is wrong with the week itself: no room, nothing for a child. */
	readonly broken: readonly string[];
	readonly unmeasured: readonly string[];
	readonly hasShelf: boolean;
};

/** The shelf in one week. */
export function shelfView(now: Situation, week: Day): ShelfView {
	const { weeks } = shelfQuestion(now);
	const input = questionOf(now, week);
	const { boards, children, trays } = input;
	const { unmeasured } = boardsOf(now);
	const rows = traysOf(now);
	const at = input.habit === 'unit' ? null : weeks.indexOf(week);
	const known = new Set(boards.map((one) => one.id));
	const trayOf = new Map(trays.map((one) => [one.id, one]));
	const standing = standingIn(now, week)
		.map((one) => ({ tray: String(one.tray_id), board: String(one.place_id) }))
		.filter((one) => known.has(one.board) && trayOf.has(one.tray));
	const before = new Set(standingIn(now, addDays(week, -7)).map((one) => String(one.tray_id)));
	const broken = brokenRules(input, at, standing);
	const left = leftOut(input, at, standing, before);
	const say = (one: Broken) => brokenText(now, input, one);
	const isOut = new Set(standing.map((one) => one.tray));
	const names = new Map(children.map((one) => [one.id, one.name]));
	const x = new Map(boards.map((one) => [one.id, 0]));
	const places = new Map(
		standing.map((one) => {
			const from = x.get(one.board)!;
			x.set(one.board, from + trayOf.get(one.tray)!.along + GAP);
			return [one.tray, { board: one.board, x: from }];
		})
	);
	const only = new Map(
		daysOnly(now, week).flatMap(({ day, trays, without }) =>
			trays.map((row) => [
				row.id,
				`out on ${weekdayName(weekdayOf(day), 'long')} only, while ${without} is away; put it away before then`
			])
		)
	);
	const views = rows.map((row): TrayView => {
		const tray = trayOf.get(String(row.id))!;
		const place = places.get(tray.id) ?? null;
		const whom = tray.children.flatMap((id) => names.get(id) ?? []);
		return {
			id: row.id,
			title: row.title,
			skill: row.skill,
			for: whom.length ? listText(whom) : 'no one who uses the shelf',
			board: place?.board ?? null,
			x: place?.x ?? 0,
			along: row.along_mm,
			high: row.high_mm,
			isDangerous: tray.isDangerous,
			why: only.get(row.id) ?? whyOf(now, input, tray, place?.board ?? null, at, left),
			broken: broken.filter((one) => 'tray' in one && one.tray === tray.id).map(say),
			dangers: broken.filter((one) => one.rule === 'danger' && one.tray === tray.id).map(say),
			state: place ? (before.has(tray.id) ? 'stays' : 'comes') : before.has(tray.id) ? 'out' : 'away'
		};
	});
	const comes = views.filter((one) => one.state === 'comes').length;
	const without = broken.filter((one) => one.rule === 'nothing for');
	return {
		week,
		title: `Week of ${dayText(week)}`,
		sentence:
			boards.length === 0
				? 'The activity shelf has no measured board yet.'
				: rows.length === 0
					? 'No trays yet.'
					: standing.length === 0
						? `${counted(rows.length, 'tray')}; nothing is set out for this week yet.`
						: [
								`${counted(standing.length, 'tray')} out`,
								before.size ? `${comes} new` : '',
								broken.length ? counted(broken.length, 'thing to look at', 'things to look at') : ''
							]
								.filter(Boolean)
								.join(', ') + '.',
		boards: boards.map((one) => ({
			...one,
			free:
				one.along -
				widthOf(standing.filter((other) => other.board === one.id).map((other) => trayOf.get(other.tray)!))
		})),
		trays: views,
		goes: views.filter((one) => one.state === 'out' && !isOut.has(String(one.id))).map((one) => one.title),
		children: children
			.filter((one) => one.uses || one.isUnderThree)
			.map(({ name, easy, most }) => ({ name, easy, most })),
		broken: [...(standing.length ? without : []), ...broken.filter((one) => one.rule === 'no room')].map(say),
		unmeasured,
		hasShelf: setOutOf(now).shelf !== null
	};
}

/** Takes a plan over, week by week. @throws Refusal where trays or boards changed since */
export async function acceptShelf(
	trx: Trx,
	now: Situation,
	plan: readonly Pick<ShelfWeek, 'standing'>[]
): Promise<string> {
	const { input, weeks } = shelfQuestion(now);
	const trays = new Set(input.trays.map((one) => one.id));
	const boards = new Set(input.boards.map((one) => one.id));
	const isKnown = plan.every((week) =>
		week.standing.every((one) => trays.has(one.tray) && boards.has(one.board))
	);
	if (plan.length !== weeks.length || !isKnown)
		throw new Refusal('Your trays or boards changed meanwhile. Plan again.');
	for (const [at, week] of plan.entries()) {
		// No plan sets out what endangers a child, whatever was sent.
		const own = inWeek(input, at);
		const danger = brokenRules(own, at, week.standing).find((one) => one.rule === 'danger');
		if (danger) throw new Refusal(brokenText(now, own, danger));
		await setWeek(
			trx,
			weeks[at],
			week.standing.map((one) => ({ tray: Number(one.tray), place: Number(one.board) }))
		);
	}
	return `Shelf set for ${counted(plan.length, 'week')}`;
}

/** Moves a tray by hand: onto a board, before the one at `index`, or off the shelf (null). Answers what it breaks. */
export async function moveTray(
	trx: Trx,
	now: Situation,
	week: Day,
	tray: number,
	board: number | null,
	index: number
): Promise<string> {
	const input = questionOf(now, week);
	const row = byId(now.snapshot.trays).get(tray);
	if (!row) throw new Refusal('That tray is gone already. Reload the page.');
	if (board !== null && !input.boards.some((one) => one.id === String(board)))
		throw new Refusal('That board is gone, or not measured. Reload the page.');
	const rest = standingIn(now, week).filter((one) => one.tray_id !== tray);
	const own = rest.filter((one) => one.place_id === board);
	const others = rest.filter((one) => one.place_id !== board);
	const standing: OnBoard[] = [
		...others.map((one) => ({ tray: one.tray_id, place: one.place_id })),
		...own.slice(0, index).map((one) => ({ tray: one.tray_id, place: one.place_id })),
		...(board === null ? [] : [{ tray, place: board }]),
		...own.slice(index).map((one) => ({ tray: one.tray_id, place: one.place_id }))
	];
	await setWeek(trx, week, standing);
	const {
		weeks,
		input: { habit }
	} = shelfQuestion(now);
	const broken = brokenRules(
		input,
		habit === 'unit' ? null : weeks.indexOf(week),
		standing.map((one) => ({ tray: String(one.tray), board: String(one.place) }))
	).filter((one) =>
		'tray' in one
			? one.tray === String(tray)
			: 'board' in one
				? one.board === String(board)
				: one.rule === 'nothing for'
	);
	return broken.length
		? `${'tray' in broken[0] ? '' : `${row.title} moved. `}${brokenText(now, input, broken[0])}`
		: board === null
			? `${row.title} put away`
			: `${row.title} moved`;
}
