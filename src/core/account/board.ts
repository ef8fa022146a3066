import { dayFromToday, dayText, type Day } from '../calendar/index.ts';
import { groupBy } from '../group-by.ts';
import { isSome } from '../measure/index.ts';
import { isReady, lessonReadiness, type Need, type Stream, type Verdict } from '../readiness/index.ts';
import { byText, listText } from '../words/index.ts';
import { once } from '../facts/index.ts';
import type { LessonSituation, RunSituation } from './runs.ts';
import type { Act } from './act.ts';
import { actGroups } from './acts.ts';
import { sentenceOf, type Sentence } from './first-gap.ts';
import { wholeByLesson } from './lesson-stand.ts';
import { gettingText, gettingKind } from './ladder.ts';
import { neededText } from './need-text.ts';
import type { Situation } from './situation.ts';
import type { SupplyNeed } from './streams/supplies.ts';
import type { WholeNeed } from './whole-needs.ts';

/** One lesson's share of one stream in a few words, and what is behind them. */
export type StreamCell = {
	readonly text: string;
	readonly detail: string;
	readonly verdict: Verdict;
	readonly behind: readonly {
		readonly key: string;
		readonly what: string;
		readonly stands: string;
		readonly verdict: Verdict;
	}[];
};

const NOTHING: StreamCell = { text: 'none', detail: '', verdict: 'done', behind: [] };

export type BoardLesson = {
	readonly id: number;
	readonly number: number;
	readonly title: string;
	readonly note: string;
	readonly date: Day | null;
	readonly day: string;
	readonly optional: boolean;
	readonly outcome: string | null;
	readonly isNext: boolean;
	readonly streams: Readonly<Record<Stream, StreamCell>>;
	readonly cautions: readonly string[];
};

export type Board = {
	readonly sentence: Sentence;
	readonly lessons: readonly BoardLesson[];
	readonly acts: readonly Act[];
	/** How many acts wait beyond those listed. */
	readonly moreActs: number;
	readonly extras: readonly string[];
};

/** More than these are far ahead. */
const MOST_ACTS = 60;

/** By run, for each situation: with it they are forgotten. */
const boards = once((_: Situation) => new Map<RunSituation, Board>());

/** The unit's first page: how it stands with every lesson, and what is next. Made once a situation. */
export function boardOf(situation: Situation, run: RunSituation): Board {
	const known = boards(situation);
	const board = known.get(run) ?? makeBoard(situation, run);
	known.set(run, board);
	return board;
}

function makeBoard(situation: Situation, run: RunSituation): Board {
	const needs = situation.needs.filter((one) => one.run === run);
	const acts = actGroups(situation, run.row.id);
	const next = run.lessons.find((lesson) => !lesson.over && (lesson.dates.at(-1) ?? '') >= situation.today);
	return {
		sentence: sentenceOf(situation, run),
		lessons: run.lessons.map((lesson) => boardLesson(situation, lesson, needs, lesson === next)),
		acts: acts.slice(0, MOST_ACTS).map((group) => group.inWords()),
		moreActs: Math.max(0, acts.length - MOST_ACTS),
		extras: needs
			.filter((one) => !one.need.required && isSome(one.standing.missing) && !one.need.doWithout)
			.map((one) => `${neededText([one], one.standing.missing)} (lesson ${one.lesson.number})`)
	};
}

function boardLesson(
	situation: Situation,
	lesson: LessonSituation,
	all: readonly SupplyNeed[],
	isNext: boolean
): BoardLesson {
	const needs = all.filter((one) => one.lesson === lesson);
	const date = lesson.dates[Math.min(lesson.outcomes.length, lesson.dates.length - 1)] ?? null;
	const held = lesson.outcomes.at(-1)?.held_on ?? null;
	const day = lesson.over && held ? held : date;
	return {
		id: lesson.lesson.id,
		number: lesson.number,
		title: lesson.lesson.title,
		note: lesson.lesson.note,
		date: day,
		day: day ? dayText(day) : lesson.dropped ? 'dropped' : 'no date',
		optional: lesson.lesson.optional === 1,
		outcome: lesson.over ? (lesson.outcomes.at(-1)?.outcome ?? null) : null,
		isNext,
		streams: {
			books: wholeCell(situation, lesson, 'books'),
			copies: wholeCell(situation, lesson, 'copies'),
			supplies: suppliesCell(situation, lesson, needs),
			setting: wholeCell(situation, lesson, 'setting')
		},
		cautions: cautionWords(needs)
	};
}

/** "Caution for Tamsin: cork, string": the things of a lesson that concern somebody by age or allergy. */
function cautionWords(needs: readonly SupplyNeed[]): string[] {
	const concerns = needs.flatMap((one) =>
		one.cautions
			.filter((caution) => caution.who.length > 0)
			.map((caution) => ({ who: listText(caution.who), item: one.item.name }))
	);
	return [...groupBy(concerns, ({ who }) => who)].map(
		([who, things]) => `Caution for ${who}: ${[...new Set(things.map(({ item }) => item))].join(', ')}`
	);
}

/** What one lesson's supplies look like in a few words. */
function suppliesCell(
	situation: Situation,
	lesson: LessonSituation,
	needs: readonly SupplyNeed[]
): StreamCell {
	return streamCell(
		lesson,
		needs.map((one) => ({
			need: one.need,
			verdict: one.verdict,
			actBy: one.days?.actBy ?? null,
			what: neededText([one], one.amount),
			step: stepText(one, situation.today),
			isAway: isSome(one.standing.missing)
		}))
	);
}

/** What a stream whose needs are one thing as a whole looks like for one lesson. */
function wholeCell(situation: Situation, lesson: LessonSituation, stream: Stream): StreamCell {
	return streamCell(
		lesson,
		(wholeByLesson(situation).get(lesson) ?? [])
			.filter((one) => one.need.stream === stream)
			.map((one) => ({
				need: one.need,
				verdict: one.verdict,
				actBy: one.days?.actBy ?? null,
				what: one.title,
				step: wholeStepText(one, situation.today),
				isAway: one.need.state === 'missing'
			}))
	);
}

type CellNeed = {
	readonly need: Need;
	readonly verdict: Verdict;
	readonly actBy: Day | null;
	readonly what: string;
	readonly step: string;
	/** Neither here nor on its way. */
	readonly isAway: boolean;
};

function streamCell(lesson: LessonSituation, needs: readonly CellNeed[]): StreamCell {
	const behind = needs.map(({ need, what, step, verdict }) => ({
		key: need.key,
		what: need.required ? what : `${what} (extra)`,
		stands: need.doWithout ? 'skipped' : isReady(need) ? 'ready' : step,
		verdict: need.doWithout ? 'done' : verdict
	}));
	if (lesson.booked) {
		return { ...NOTHING, text: lesson.outcomes.at(-1)?.outcome ?? 'taught', behind };
	}
	const verdicts = new Map(needs.map((one) => [one.need.key, one.verdict]));
	const readiness = lessonReadiness(
		String(lesson.lesson.id),
		needs.map((one) => one.need),
		verdicts
	);
	if (readiness.needs === 0) return behind.length ? { ...NOTHING, text: 'extras only', behind } : NOTHING;
	const text = readiness.ready ? 'ready' : `${readiness.readyNeeds} of ${readiness.needs}`;
	if (readiness.ready) return { text, detail: '', verdict: 'done', behind };
	const open = needs.filter((one) => one.need.required && !one.need.doWithout && !isReady(one.need));
	const worst = open.filter((one) => one.verdict === readiness.verdict).sort(byActBy)[0];
	if (!worst || readiness.verdict === 'undated') {
		const away = open.filter((one) => one.isAway).length;
		return { text, detail: away ? `${away} not at home` : 'all at home', verdict: 'undated', behind };
	}
	return { text, detail: worst.step, verdict: readiness.verdict, behind };
}

function wholeStepText(one: WholeNeed, today: Day): string {
	if (!one.step) return one.stands;
	if (one.book && one.need.state === 'arranged') return one.stands;
	if (one.need.state === 'arranged')
		return `${one.stands}${one.need.promised ? `, ready ${dayFromToday(one.need.promised, today)}` : ', no date yet'}`;
	return `${one.step.short}${when(one.days?.actBy, today)}`;
}

function byActBy(a: CellNeed, b: CellNeed): number {
	return (a.actBy ?? '9') < (b.actBy ?? '9') ? -1 : 1;
}

function stepText(one: SupplyNeed, today: Day): string {
	const { standing, days, need } = one;
	const risk = one.verdict === 'at risk' ? 'may be late: ' : '';
	if (isSome(standing.toLook) && !isSome(standing.missing))
		return `look for ${neededText([one], standing.toLook)}${when(days?.actBy, today)}`;
	if (isSome(standing.missing)) {
		const thing = neededText([one], standing.missing);
		return `${gettingText(gettingKind(one), thing)}${when(days?.actBy, today)}`;
	}
	if (isSome(standing.toFetch)) return `gather${when(days?.inHandBy, today)}`;
	if (isSome(standing.arranged))
		return (
			risk + (need.promised ? `expected ${dayFromToday(need.promised, today)}` : 'on its way, no date yet')
		);
	return `prep${when(days?.actBy, today)}`;
}

function when(day: Day | null | undefined, today: Day): string {
	if (!day) return '';
	return day < today ? `, ${byText(day, today)}` : ` ${byText(day, today)}`;
}
