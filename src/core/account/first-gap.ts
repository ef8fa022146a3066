import { dayFromToday, type Day } from '../calendar/index.ts';
import { isSome } from '../measure/index.ts';
import { firstGap, type Stream, type Verdict } from '../readiness/index.ts';
import { byText, counted, lessonText, listText, pronoun, timely } from '../words/index.ts';
import type { RunSituation } from './runs.ts';
import { gettingText, gettingKind } from './ladder.ts';
import { neededText } from './need-text.ts';
import type { Situation } from './situation.ts';
import type { SupplyNeed } from './streams/supplies.ts';
import type { WholeNeed } from './whole-needs.ts';

/** A computed sentence in three parts; the middle one is what is lacking. */
export type Sentence = {
	readonly before: string;
	readonly gap: string;
	readonly after: string;
	readonly verdict: Verdict;
};

/** What stands in the way first, of one run or (null) of all, in every stream or one, in one sentence. */
export function sentenceOf(
	situation: Situation,
	run: RunSituation | null,
	stream: Stream | null = null
): Sentence {
	const { today } = situation;
	const isMeant = (one: SupplyNeed | WholeNeed) =>
		(run === null || one.run === run) && (stream === null || one.need.stream === stream);
	const needs = situation.needs.filter(isMeant);
	const whole = situation.whole.filter(isMeant);
	const all = [...needs, ...whole];
	const days = new Map(all.flatMap((one) => (one.days ? [[one.need.key, one.days] as const] : [])));
	const gap = firstGap(
		all.map((one) => one.need),
		days
	);
	const other = gap && whole.find((candidate) => candidate.need.key === gap.key);
	if (other?.step) return wholeSentence(other, today);
	const one = gap && needs.find((candidate) => candidate.need.key === gap.key);
	if (!one) return nothingOpen(needs, run);
	const { standing } = one;
	const lesson = lessonText(one.lesson.number, one.need.useDay, today);
	const toLook = needs.filter((other) => other.lesson === one.lesson && isOpenLook(other));
	// What is late goes first, whatever else there is to look for.
	if (toLook.length && (isOpenLook(one) || one.verdict !== 'late'))
		return lookSentence(lesson, one, toLook, needs, today);
	if (isSome(standing.missing)) {
		const them = pronoun(standing.missing, one.unit);
		const act = one.days?.actBy ?? one.need.useDay!;
		return {
			before: `${lesson} is missing `,
			gap: neededText([one], standing.missing),
			after: `. ${timely(gettingText(gettingKind(one), them), act, today)}`,
			verdict: one.verdict
		};
	}
	if (isSome(standing.arranged) && !isSome(standing.toFetch)) {
		return {
			before: `${lesson} is waiting for `,
			gap: neededText([one], standing.arranged),
			after: one.need.promised ? `, expected ${dayFromToday(one.need.promised, today)}.` : ', no date yet.',
			verdict: one.verdict
		};
	}
	if (isSome(standing.toFetch)) {
		const waiting = needs.filter(
			(other) => other.lesson === one.lesson && other.need.required && isSome(other.standing.toFetch)
		);
		const what = waiting.length === 1 ? neededText([one], standing.toFetch) : counted(waiting.length, 'item');
		const by = one.days?.inHandBy ?? one.need.useDay!;
		return {
			before: `${lesson} has everything at home. `,
			gap: `Gather ${what}`,
			after: timely('', by, today),
			verdict: one.verdict
		};
	}
	return {
		before: `${lesson}: `,
		gap: `prep ${one.item.name}`,
		after: one.days?.actBy ? ` ${byText(one.days.actBy, today)}.` : '.',
		verdict: one.verdict
	};
}

const isOpenLook = ({ need, standing }: SupplyNeed) =>
	need.required && !need.doWithout && isSome(standing.toLook);

/** How many steps a lesson is from ready: what to look for at home, what to get, and what to gather, each by its day. */
function lookSentence(
	lesson: string,
	first: SupplyNeed,
	toLook: readonly SupplyNeed[],
	needs: readonly SupplyNeed[],
	today: Day
): Sentence {
	const toGet = needs.filter(
		(one) =>
			one.lesson === first.lesson && one.need.required && !one.need.doWithout && isSome(one.standing.missing)
	);
	const by = (of: readonly SupplyNeed[]) => {
		const day = of.flatMap((one) => (one.days?.actBy ? [one.days.actBy] : [])).sort()[0];
		return day ? `${day < today ? ',' : ''} ${byText(day, today)}` : '';
	};
	const toFetch = needs.filter(
		(one) =>
			one.lesson === first.lesson && one.need.required && !one.need.doWithout && isSome(one.standing.toFetch)
	);
	const fetchBy = toFetch.flatMap((one) => (one.days ? [one.days.inHandBy] : [])).sort()[0];
	const fetch = toFetch.length
		? `, gather ${counted(toFetch.length, 'item')}${fetchBy ? ` ${byText(fetchBy, today)}` : ''}`
		: '';
	const things = new Set(toLook.map((one) => one.item.id)).size;
	const look = things === 1 ? neededText([toLook[0]], toLook[0].standing.toLook) : counted(things, 'thing');
	const getText = (one: SupplyNeed) =>
		`${gettingText(gettingKind(one), neededText([one], one.standing.missing))}${by([one])}`;
	const get =
		toGet.length === 0
			? ''
			: toGet.length === 1
				? `, ${getText(toGet[0])}`
				: `, get ${counted(toGet.length, 'other')}${by(toGet)}`;
	const steps = things + toGet.length + (fetch ? 1 : 0);
	return {
		before: `${lesson} is ${counted(steps, 'step')} from ready: `,
		gap: `look for ${look} at home`,
		after: `${by(toLook)}${get}${fetch}.`,
		verdict: first.verdict
	};
}

function wholeSentence({ lesson, need, step, days, title, verdict }: WholeNeed, today: Day): Sentence {
	const act = need.state === 'arranged' ? (need.promised ?? days?.inHandBy) : days?.actBy;
	return {
		before: `${lessonText(lesson.number, need.useDay, today)} needs `,
		gap: title,
		after: `. ${timely(step!.short, act ?? null, today)}`,
		verdict
	};
}

function nothingOpen(needs: readonly SupplyNeed[], run: RunSituation | null): Sentence {
	const done = { gap: '', after: '', verdict: 'done' as const };
	if (!run) return { ...done, ...undatedLooks(needs) };
	if (run.lessons.length === 0)
		return {
			...done,
			before: 'No lessons yet. Add them under Plan, then paste the supply list from your book.'
		};
	if (!run.calendar) {
		return needs.length
			? { ...done, ...undatedText(needs), after: '. Set a first day to get dates.', verdict: 'undated' }
			: { ...done, before: 'No supply list yet. Paste the one from your book.' };
	}
	if (needs.length === 0) return { ...done, before: 'No supply list yet. Paste the one from your book.' };
	return { ...done, before: 'Every lesson has what it needs.' };
}

/** "76 items on the list: 30 at home, 21 to look for, 9 to get" */
function undatedText(needs: readonly SupplyNeed[]): Pick<Sentence, 'before' | 'gap'> {
	const open = needs.filter((one) => !one.need.doWithout);
	const get = open.filter((one) => isSome(one.standing.missing)).length;
	const look = open.filter((one) => !isSome(one.standing.missing) && isSome(one.standing.toLook)).length;
	const home = open.length - get - look;
	const parts = [
		home ? `${home} at home` : '',
		look ? `${look} to look for` : '',
		get ? `${get} to get` : ''
	].filter(Boolean);
	return { before: `${counted(needs.length, 'item')} on the list: `, gap: listText(parts) || 'all skipped' };
}

/** What waits without a day, where nothing has one. */
function undatedLooks(needs: readonly SupplyNeed[]): Pick<Sentence, 'before' | 'gap' | 'after'> {
	const looks = new Set(needs.filter(isOpenLook).map((one) => one.item.id)).size;
	if (looks === 0) return { before: 'Nothing to gather right now.', gap: '', after: '' };
	return {
		before: 'No lesson needs anything by a date yet. ',
		gap: `${counted(looks, 'thing')} to look for`,
		after: ' at home when you have time.'
	};
}
