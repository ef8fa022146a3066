import { dayFromToday, dayText, type Day } from '$core/calendar/index.ts';
import { groupBy } from '$core/group-by.ts';
import { isSome } from '$core/measure/index.ts';
import { firstGap, isReady, lessonReadiness, type Verdict } from '$core/readiness/index.ts';
import { actFrom, actGroups, type Act } from './acts.ts';
import { remember } from './remember.ts';
import type { LessonSituation, RunSituation, Situation, SupplyNeed } from './situation.ts';
import { byText, gettingVerb, lessonText, listText, pronoun, thingText } from './words.ts';

/** A computed sentence in three parts; the middle one is what is lacking. */
export type Sentence = {
	readonly before: string;
	readonly gap: string;
	readonly after: string;
	readonly verdict: Verdict;
};

export type StreamCell = { readonly text: string; readonly detail: string; readonly verdict: Verdict };

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
	readonly supplies: StreamCell;
	readonly cautions: readonly string[];
};

export type Board = {
	readonly sentence: Sentence;
	readonly lessons: readonly BoardLesson[];
	readonly acts: readonly Act[];
	/** How many acts wait beyond those shown. */
	readonly moreActs: number;
	readonly extras: readonly string[];
};

const SHOWN_ACTS = 7;

const boards = remember<Board>();

/** The unit's first page: how it stands with every lesson, and what is next. Made once a situation. */
export function boardOf(situation: Situation, run: RunSituation): Board {
	return boards(run, [situation], () => makeBoard(situation, run));
}

function makeBoard(situation: Situation, run: RunSituation): Board {
	const needs = situation.needs.filter((one) => one.run === run);
	const acts = actGroups(situation, run.run.id);
	const next = run.lessons.find((lesson) => !lesson.over && (lesson.dates.at(-1) ?? '') >= situation.today);
	return {
		sentence: sentenceOf(situation, needs, run),
		lessons: run.lessons.map((lesson) => boardLesson(situation, lesson, needs, lesson === next)),
		acts: acts.slice(0, SHOWN_ACTS).map((group) => actFrom(group, situation.today)),
		moreActs: Math.max(0, acts.length - SHOWN_ACTS),
		extras: needs
			.filter((one) => !one.need.required && isSome(one.standing.missing) && !one.need.doWithout)
			.map(
				(one) => `${thingText(one.standing.missing, one.unit, one.item.name)} (lesson ${one.lesson.number})`
			)
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
		supplies: suppliesCell(situation, lesson, needs),
		cautions: cautionWords(needs)
	};
}

/** "Care with Tamsin: cork, string": the things of a lesson that concern somebody by age or allergy. */
function cautionWords(needs: readonly SupplyNeed[]): string[] {
	const concerns = needs.flatMap((one) =>
		one.cautions
			.filter((caution) => caution.who.length > 0)
			.map((caution) => ({ who: listText(caution.who), item: one.item.name }))
	);
	return [...groupBy(concerns, ({ who }) => who)].map(
		([who, things]) => `Care with ${who}: ${[...new Set(things.map(({ item }) => item))].join(', ')}`
	);
}

/** What one lesson's supplies look like in a few words. */
export function suppliesCell(
	situation: Situation,
	lesson: LessonSituation,
	needs: readonly SupplyNeed[]
): StreamCell {
	if (lesson.booked)
		return { text: lesson.outcomes.at(-1)?.outcome ?? 'taught', detail: '', verdict: 'done' };
	const verdicts = new Map(needs.map((one) => [one.need.key, one.verdict]));
	const readiness = lessonReadiness(
		String(lesson.lesson.id),
		needs.map((one) => one.need),
		verdicts
	);
	if (readiness.needs === 0) return { text: 'nothing', detail: '', verdict: 'done' };
	const text = readiness.ready ? 'all here' : `${readiness.readyNeeds} of ${readiness.needs}`;
	if (readiness.ready) return { text, detail: '', verdict: 'done' };
	const open = needs.filter((one) => one.need.required && !one.need.doWithout && !isReady(one.need));
	const worst = open.filter((one) => one.verdict === readiness.verdict).sort(byActBy)[0];
	if (!worst || readiness.verdict === 'undated') {
		const missing = open.filter((one) => isSome(one.standing.missing)).length;
		return { text, detail: missing ? `${missing} not at home` : 'all at home', verdict: 'undated' };
	}
	return { text, detail: stepText(worst, situation.today), verdict: readiness.verdict };
}

function byActBy(a: SupplyNeed, b: SupplyNeed): number {
	return (a.days?.actBy ?? '9') < (b.days?.actBy ?? '9') ? -1 : 1;
}

function stepText(one: SupplyNeed, today: Day): string {
	const { standing, days, need } = one;
	const risk = one.verdict === 'at risk' ? 'at risk: ' : '';
	if (isSome(standing.missing)) {
		const verb = gettingVerb(one.supplier);
		return `${verb} ${thingText(standing.missing, one.unit, one.item.name)}${when(days?.actBy, today)}`;
	}
	if (isSome(standing.toFetch)) return `fetch${when(days?.inHandBy, today)}`;
	if (isSome(standing.arranged))
		return (
			risk + (need.promised ? `promised ${dayFromToday(need.promised, today)}` : 'on its way, no day given')
		);
	return `prepare${when(days?.actBy, today)}`;
}

function when(day: Day | null | undefined, today: Day): string {
	if (!day) return '';
	return day < today ? `, ${byText(day, today)}` : ` ${byText(day, today)}`;
}

/** What stands in the way first, in one sentence. */
export function sentenceOf(
	situation: Situation,
	needs: readonly SupplyNeed[],
	run: RunSituation | null
): Sentence {
	const { today } = situation;
	const days = new Map(needs.flatMap((one) => (one.days ? [[one.need.key, one.days] as const] : [])));
	const gap = firstGap(
		needs.map((one) => one.need),
		days
	);
	const one = gap && needs.find((candidate) => candidate.need.key === gap.key);
	if (!one) return nothingOpen(needs, run);
	const { standing } = one;
	const lesson = lessonText(one.lesson.number, one.need.useDay, today);
	if (isSome(standing.missing)) {
		const verb = gettingVerb(one.supplier);
		const them = pronoun(standing.missing, one.unit);
		const act = one.days?.actBy ?? one.need.useDay!;
		const after =
			act < today
				? `: ${verb} ${them} now, it ${byText(act, today)}.`
				: `: ${verb} ${them} ${byText(act, today)}.`;
		return {
			before: `${lesson} lacks `,
			gap: thingText(standing.missing, one.unit, one.item.name),
			after,
			verdict: one.verdict
		};
	}
	if (isSome(standing.arranged) && !isSome(standing.toFetch)) {
		return {
			before: `${lesson} waits for `,
			gap: thingText(standing.arranged, one.unit, one.item.name),
			after: one.need.promised
				? `, promised ${dayFromToday(one.need.promised, today)}.`
				: ', with no day promised.',
			verdict: one.verdict
		};
	}
	if (isSome(standing.toFetch)) {
		const waiting = needs.filter(
			(other) => other.lesson === one.lesson && other.need.required && isSome(other.standing.toFetch)
		);
		const what =
			waiting.length === 1
				? thingText(standing.toFetch, one.unit, one.item.name)
				: `${waiting.length} things`;
		const by = one.days?.inHandBy ?? one.need.useDay!;
		return {
			before: `${lesson} has all it needs in the house; `,
			gap: `${what} to fetch`,
			after: by < today ? `; that ${byText(by, today)}.` : ` ${byText(by, today)}.`,
			verdict: one.verdict
		};
	}
	return {
		before: `${lesson}: `,
		gap: `prepare ${one.item.name}`,
		after: one.days?.actBy ? ` ${byText(one.days.actBy, today)}.` : '.',
		verdict: one.verdict
	};
}

function nothingOpen(needs: readonly SupplyNeed[], run: RunSituation | null): Sentence {
	const done = { gap: '', after: '', verdict: 'done' as const };
	const missing = needs.filter((one) => isSome(one.standing.missing)).length;
	if (!run) return { ...done, before: 'Nothing is waiting to be gathered.' };
	if (run.lessons.length === 0)
		return {
			...done,
			before: 'No lessons yet. Add them on Plan, then paste the supply list your book prints.'
		};
	if (!run.calendar) {
		return needs.length
			? {
					...done,
					before: `${needs.length} things are listed, `,
					gap: `${missing} not at home`,
					after: '. Give the unit a first day to see by when.',
					verdict: 'undated'
				}
			: { ...done, before: 'No supplies are listed yet. Paste the list your book prints.' };
	}
	if (needs.length === 0)
		return { ...done, before: 'No supplies are listed yet. Paste the list your book prints.' };
	return { ...done, before: 'Every lesson has its supplies.' };
}
