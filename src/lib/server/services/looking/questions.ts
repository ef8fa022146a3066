import { daysBetween, dayText } from '$core/calendar/index.ts';
import { groupBy } from '$core/group-by.ts';
import { isSome, type Exact, type Unit } from '$core/measure/index.ts';
import { withCapitals } from '$core/naming/index.ts';
import { ELSEWHERE, PLACES_AT_HOME, type PlaceAtHome } from '$core/reference/index.ts';
import { lessonsText, thingText } from '$core/words/index.ts';
import { parsed, type Row } from '$core/facts/index.ts';
import {
	cautionTexts,
	isMuchMore,
	isVague,
	neededText,
	type Situation,
	type SupplyNeed,
	total
} from '$core/account/index.ts';

/** One thing of which nobody has said whether the house has it. */
export type Question = {
	readonly item: number;
	readonly name: string;
	/** How much in all, where that says more than the name: "240 craft sticks". */
	readonly text: string;
	/** "lessons 2 and 5", with the units where there are several. */
	readonly lessons: string;
	/** Where most houses keep it. */
	readonly kind: PlaceAtHome;
	/** What a parent would most likely answer; null where that is open. */
	readonly likely: 'look' | null;
	readonly cautions: readonly string[];
	/** What else would do; whichever is there is taken. */
	readonly others: readonly string[];
	/** What was found out about it before. */
	readonly remarks: readonly string[];
	/** In which an amount of it is typed. */
	readonly unit: Unit;
};

/** What is no thing to gather, with the lines that say so. */
export type NoThing = {
	readonly item: number;
	readonly name: string;
	readonly written: string;
	readonly lessons: string;
};

export type Questions = {
	readonly open: readonly Question[];
	/** Things that every house has, taken as there until somebody says otherwise. */
	readonly assumed: readonly { readonly item: number; readonly name: string; readonly lessons: string }[];
	readonly noThings: readonly NoThing[];
	/** Said to be enough, and asked for again after it was used, or by much more. */
	readonly stillEnough: readonly (Question & { readonly why: string })[];
	/** How many things are to be looked for. */
	readonly toLook: number;
};

/** What nobody has spoken of yet, of one unit or (null) of all in work; grouped by where most houses keep it. */
export function questionsOf(situation: Situation, run: number | null): Questions {
	const needs = situation.needs.filter(
		(one) => (run === null || one.run.row.id === run) && !one.need.doWithout
	);
	const open: Question[] = [];
	const assumed: Questions['assumed'][number][] = [];
	const noThings: NoThing[] = [];
	const stillEnough: Questions['stillEnough'][number][] = [];
	let toLook = 0;
	for (const own of groupBy(needs, (one) => one.item.id).values()) {
		const [{ item, known }] = own;
		const looks = own.some((one) => isSome(one.standing.toLook));
		if (looks) toLook++;
		if (known.thing.notAThing && known.known === 'assumed') noThings.push(noThing(own));
		else if (looks && known.statement?.state !== 'look') open.push(question(situation, own));
		else if (known.known === 'assumed')
			assumed.push({ item: item.id, name: withCapitals(item.name), lessons: lessonsOf(own) });
		else if (known.known === 'enough') {
			const why = whyAskAgain(situation, own);
			if (why) stillEnough.push({ ...question(situation, own), why });
		}
	}
	const rank = (kind: PlaceAtHome) => PLACES_AT_HOME.indexOf(kind);
	open.sort((a, b) => rank(a.kind) - rank(b.kind) || (a.name < b.name ? -1 : 1));
	return { open, assumed, noThings, stillEnough, toLook };
}

function question(situation: Situation, needs: readonly SupplyNeed[]): Question {
	const [{ item, known, unit }] = needs;
	const { amount, text } = askedOf(needs);
	return {
		item: item.id,
		name: withCapitals(item.name),
		text: isVague(needs) ? neededText(needs, amount) : text,
		lessons: lessonsOf(needs),
		kind: known.thing.place ?? ELSEWHERE,
		likely: known.thing.staple === 'rarely' ? null : 'look',
		cautions: cautionTexts(needs.flatMap((one) => one.cautions)),
		others: othersOf(needs),
		remarks: [
			...remarksOf(situation, item),
			...(known.known === 'enough' ? [whyAskAgain(situation, needs) ?? ''] : [])
		].filter(Boolean),
		unit
	};
}

/** How much is asked for in all: what can be compared is added up, the rest is named beside it. */
export function askedOf(needs: readonly SupplyNeed[]): { amount: Exact; unit: Unit; text: string } {
	const byUnit = [...groupBy(needs, (one) => one.unit)].map(([unit, own]) => ({
		unit,
		amount: total(own, (one) => one.amount)
	}));
	const text = byUnit.map(({ unit, amount }) => thingText(amount, unit, needs[0].item.name)).join(' and ');
	return { ...byUnit[0], text };
}

function lessonsOf(needs: readonly SupplyNeed[]): string {
	const units = [...groupBy(needs, (one) => one.run.unit.name)];
	const said = ([name, own]: (typeof units)[number]) =>
		`${units.length > 1 ? `${name}, ` : ''}${lessonsText(own.map((one) => one.lesson.number))}`;
	return units.map(said).join('; ');
}

/** The other things that the lines name. */
function othersOf(needs: readonly SupplyNeed[]): string[] {
	return [...new Set(needs.flatMap((one) => parsed(one.line.alternatives).map((other) => other.item)))];
}

/** A warning of a size or kind that was wrong before. */
function remarksOf({ snapshot }: Situation, item: Row<'item'>): string[] {
	return snapshot.offers
		.filter((one) => one.item_id === item.id && one.standing === 'excluded' && one.why)
		.map((one) => `Not this one: ${one.why}`);
}

function noThing(needs: readonly SupplyNeed[]): NoThing {
	const [{ item, line }] = needs;
	return {
		item: item.id,
		name: withCapitals(item.name),
		written: line.written.replace(/^\s*[-*•–☐]\s*/, ''),
		lessons: lessonsOf(needs)
	};
}

/** What was used is asked about again at most so often. */
const ASK_AGAIN_DAYS = 7;

/** Why "enough" is asked about once more; null where it stands. */
function whyAskAgain(situation: Situation, needs: readonly SupplyNeed[]): string | null {
	const [{ item, known }] = needs;
	const said = known.statement!;
	const { amount, unit, text } = askedOf(needs);
	const isMore = needs.some(
		(one) => isSome(one.standing.toLook) || isMuchMore(said, amount, unit, item.name, one.line.listed_on)
	);
	if (isMore) return `${text} now; it was less on ${dayText(said.said_on)}`;
	if (item.use === 'kept' || daysBetween(said.said_on, situation.today) < ASK_AGAIN_DAYS) return null;
	const lesson = usedSince(situation, item.id, said.said_on);
	return lesson === null ? null : `lesson ${lesson} used some`;
}

/** The number of the last lesson that was taught with a thing since a day; null when there is none. */
function usedSince({ snapshot, runs }: Situation, item: number, since: string): number | null {
	const lines = new Set(
		snapshot.lines.flatMap((line) =>
			line.item_id === item && line.lesson_id !== null ? [line.lesson_id] : []
		)
	);
	const taught = runs.flatMap((run) =>
		run.lessons.filter(
			({ lesson, outcomes }) =>
				lines.has(lesson.id) && outcomes.some((one) => one.outcome !== 'skipped' && one.held_on >= since)
		)
	);
	return taught.at(-1)?.number ?? null;
}
