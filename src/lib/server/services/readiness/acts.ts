import {
	addDays,
	clockText,
	daysBetween,
	dayText,
	weekdayName,
	weekdayOf,
	type Day
} from '$core/calendar/index.ts';
import { groupBy } from '$core/group-by.ts';
import { huntMinutes } from '$core/looking/index.ts';
import { exactText, isSome, saidAmount, type Exact } from '$core/measure/index.ts';
import { actRank, DUE_DAYS, isReady, verdict, type ActKind, type Verdict } from '$core/readiness/index.ts';
import { together } from '$core/supplies/index.ts';
import { counted, byText, capital, lessonsText, listText } from '$core/words/index.ts';
import { occasionText } from '../house/occasions.ts';
import { gettingText, gettingKind, inTimeElsewhere, type GettingKind } from './ladder.ts';
import { neededText } from './need-text.ts';
import type { Row } from '../../database/tables/index.ts';
import type { RunSituation } from '../calendar/runs.ts';
import type { Returning } from './returns.ts';
import type { Situation } from './situation.ts';
import type { SupplyNeed } from './streams/supplies.ts';
import type { Step, WholeNeed } from './whole-needs.ts';

type SupplyActKind = Extract<ActKind, GettingKind | 'receive' | 'prepare' | 'walk' | 'look'>;

/** One thing to do in the house or outside, with everything its main button needs. */
export type Act = {
	readonly id: string;
	readonly kind: ActKind;
	readonly run: number;
	readonly unitName: string;
	readonly title: string;
	readonly detail: string;
	readonly actBy: Day;
	readonly when: string;
	readonly verdict: Verdict;
	/** The adult who does it; null while nobody was asked. */
	readonly doer: number | null;
	/** Keys of the needs that it moves on; a walk only is given away by them. */
	readonly keys: readonly string[];
	/** In all, as one would say it, as text ("3/2"), in the needs' unit; “all” of several things. */
	readonly amount: string;
	/** What else can be said of it in one tap: it isn’t there yet, it can’t be had here, or where it can in time. */
	readonly ways: readonly OtherWay[];
	/** Where it is done, for what has a page of its own; null where one tap does it. */
	readonly href: string | null;
};

/** Another button of an act, the action that it posts to, and the source that it chooses. */
export type OtherWay = {
	readonly to: 'notYet' | 'next' | 'source';
	readonly label: string;
	readonly source: number | null;
};

const otherWay = (to: OtherWay['to'], label: string, source: number | null = null): OtherWay => ({
	to,
	label,
	source
});

/** All that is asked for of several things. */
export const ALL = 'all';

type Open = {
	readonly one: SupplyNeed;
	readonly kind: SupplyActKind;
	readonly actBy: Day;
	readonly amount: Exact;
};

/** Steps of several needs that one act does together. */
export type ActGroup = {
	readonly actBy: Day;
	readonly doer: number | null;
	/** Among acts of one day: fetching first, then getting, then preparing. */
	readonly rank: number;
	/** The act with everything its row says. */
	readonly inWords: () => Act;
};

/** What is to be done, earliest act-by first; extras only where they have to be begun days before. */
export function actGroups(situation: Situation, run?: number): ActGroup[] {
	const isAsked = (one: SupplyNeed | WholeNeed) =>
		(run === undefined || one.run.row.id === run) && !one.need.doWithout;
	const open = situation.needs.filter((one) => isAsked(one) && one.need.required).flatMap(openSteps);
	const looks = open.filter(({ kind }) => kind === 'look');
	const looking = [...groupBy(looks, ({ one }) => one.doer?.id ?? 0).values()].flatMap((own) =>
		inStages(own).map((steps): ActGroup => ({
			actBy: steps[0].actBy,
			doer: steps[0].one.doer?.id ?? null,
			rank: actRank('look'),
			inWords: () => actOfLooking(steps, situation)
		}))
	);
	const others = open.filter(({ kind, one }) => kind !== 'look' && !(kind === 'prepare' && sittingOf(one)));
	const supplies = [...groupBy(others, groupKey).values()].map((steps): ActGroup => ({
		actBy: steps[0].actBy,
		doer: steps[0].one.doer?.id ?? null,
		rank: actRank(steps[0].kind),
		inWords: () => actFrom(steps, situation)
	}));
	const whole = situation.whole
		.flatMap((one) => (isAsked(one) ? openWhole(one) : []))
		.sort((a, b) => (a.actBy < b.actBy ? -1 : a.actBy > b.actBy ? 1 : 0));
	const inSitting = ({ one, step }: OpenWhole) =>
		sittingOf(one) && (step.kind === 'finish' || step.kind === 'preview');
	const placed = [
		...whole.flatMap((each) => (inSitting(each) ? [{ one: each.one, title: each.one.title }] : [])),
		...open.flatMap(({ one, kind }) =>
			kind === 'prepare' && sittingOf(one) ? [{ one, title: one.item.name }] : []
		)
	];
	const sittings = [...groupBy(placed, ({ one }) => sittingOf(one)!)].map(([day, own]): ActGroup => ({
		actBy: day,
		doer: null,
		rank: actRank('sit'),
		inWords: () => actOfSitting(day, own, situation)
	}));
	const asWhole = [
		...groupBy(
			whole.filter((each) => !inSitting(each)),
			wholeKey
		).values()
	].map((steps): ActGroup => ({
		actBy: steps[0].actBy,
		doer: steps[0].one.doer?.id ?? null,
		rank: actRank(steps[0].step.kind),
		inWords: () => actOfWhole(steps, situation.today)
	}));
	const due = situation.returns.filter((one) => run === undefined || one.runs.includes(run));
	const returns = [...groupBy(due, (one) => `${one.by}|${one.supplier?.id ?? ''}`).values()].map(
		(own): ActGroup => ({
			actBy: own[0].by,
			doer: null,
			rank: actRank('return'),
			inWords: () => actOfReturn(own, situation.today)
		})
	);
	return [...looking, ...supplies, ...asWhole, ...sittings, ...returns].sort(byDay);
}

/** The order of acts: by their day, then by what is done first on one day. */
export const byDay = (a: ActGroup, b: ActGroup): number =>
	a.actBy < b.actBy ? -1 : a.actBy > b.actBy ? 1 : a.rank - b.rank;

/** The sitting that an accepted plan has put a work into; null where there is none, or it has passed. */
const sittingOf = ({ need, days }: SupplyNeed | WholeNeed): Day | null =>
	need.prepare?.sitting && days?.sitting === need.prepare.sitting ? days.sitting : null;

/** All acts in words, earliest first. */
export function actsOf(situation: Situation, run?: number): Act[] {
	return actGroups(situation, run).map((group) => group.inWords());
}

/**
 * What is to be looked for within a week of the earliest, dated by that; then the rest. One walk through the house
 * does it, whatever unit wants it.
 */
function inStages(steps: readonly Open[]): Open[][] {
	const inOrder = steps.toSorted((a, b) => (a.actBy < b.actBy ? -1 : a.actBy > b.actBy ? 1 : 0));
	const last = addDays(inOrder[0].actBy, DUE_DAYS);
	return [inOrder.filter((one) => one.actBy <= last), inOrder.filter((one) => one.actBy > last)].filter(
		(stage) => stage.length > 0
	);
}

/** One act for all that is to be looked for: how much, about how long, and for which lessons. */
function actOfLooking(steps: readonly Open[], situation: Situation): Act {
	const { today } = situation;
	const [{ one, actBy }] = steps;
	const names = [...new Set(steps.map((step) => step.one.item.name))];
	const places = new Set(steps.map((step) => step.one.known.thing.place)).size;
	const wants = forLessons(steps.map((step) => ({ ...step.one, useDay: step.one.need.useDay! })));
	const units = new Set(steps.map((step) => step.one.run.unit.id)).size;
	return {
		id: ['look', actBy, one.doer?.id ?? ''].join('|'),
		kind: 'look',
		run: one.run.row.id,
		unitName: units > 1 ? counted(units, 'unit') : one.run.unit.name,
		title:
			names.length === 1
				? `Look for ${neededText([one], steps[0].amount)} at home`
				: `Look for ${counted(names.length, 'thing')} at home`,
		detail: `about ${counted(huntMinutes(names.length, places), 'minute')} · ${units > 1 ? listText([...names.slice(0, 3), ...(names.length > 3 ? [`${names.length - 3} more`] : [])]) : wants}`,
		actBy,
		when: byText(actBy, today),
		verdict: stepVerdict(steps[0], today),
		doer: one.doer?.id ?? null,
		keys: steps.map((step) => step.one.need.key),
		amount: String(names.length),
		ways: [],
		href: '/lists/walk?span=all'
	};
}

type OpenWhole = { readonly one: WholeNeed; readonly step: Step; readonly actBy: Day };

function openWhole(one: WholeNeed): OpenWhole[] {
	const { days, need, step } = one;
	if (!days || !step || need.useDay === null || isReady(need)) return [];
	const arranged = need.state === 'arranged' ? need.promised : null;
	return [{ one, step, actBy: step.by ?? arranged ?? days.actBy ?? days.inHandBy }];
}

/** What is said to a library, or done there on one trip, is done for all of its titles together. */
const AT_THE_LIBRARY: Readonly<Partial<Record<Step['kind'], (titles: string) => string>>> = {
	place: (titles) => `Place holds on ${titles}`,
	'pick up': (titles) => `Pick up ${titles}`,
	renew: (titles) => `Renew ${titles}`
};

/**
 * One act for all lessons that want the same thing by the same day, and for all titles of one trip. The copies of a
 * lesson are printed in one go, by the day of the one that is wanted first.
 */
function wholeKey({ one, step, actBy }: OpenWhole): string {
	const isCopies = step.kind === 'finish' || (step.kind === 'print' && one.book === null);
	if (step.run) return `run|${step.run.id}`;
	if (one.book && AT_THE_LIBRARY[step.kind])
		return [
			step.kind,
			actBy,
			one.book.loan?.supplier_id ?? one.book.resource.supplier_id ?? '',
			one.doer?.id ?? ''
		].join('|');
	return [one.run.row.id, step.kind, isCopies ? '' : actBy, step.title, one.doer?.id ?? ''].join('|');
}

function actOfWhole(steps: readonly OpenWhole[], today: Day): Act {
	const [{ one, step, actBy }] = steps;
	if (step.run) return actOfRun(step.run, steps, today);
	const lessons = forLessons(steps.map((each) => ({ ...each.one, useDay: each.one.need.useDay! })));
	const titles = [...new Set(steps.map((each) => each.one.title))];
	const together = titles.length > 1 ? AT_THE_LIBRARY[step.kind] : undefined;
	return {
		id: wholeKey(steps[0]),
		kind: step.kind,
		run: one.run.row.id,
		unitName: unitsText(steps.map((each) => each.one.run)),
		title: together ? together(counted(titles.length, 'title')) : step.title,
		detail: [
			together ? someOf(titles) : '',
			lessons,
			detailsText(steps),
			steps.every((each) => !each.one.need.required) ? 'extra' : ''
		]
			.filter(Boolean)
			.join(' · '),
		actBy,
		when: byText(actBy, today),
		verdict: one.need.state === 'arranged' ? one.verdict : wholeStepVerdict(one, actBy, today),
		doer: one.doer?.id ?? null,
		keys: steps.map((each) => each.one.need.key),
		amount: '1',
		href: null,
		ways:
			step.kind === 'check'
				? [otherWay('notYet', 'Not yet')]
				: step.kind === 'pick up'
					? [otherWay('notYet', 'Not there')]
					: []
	};
}

/** A print run is one task, done on its own page. */
function actOfRun(row: Row<'print_run'>, steps: readonly OpenWhole[], today: Day): Act {
	const [{ one, actBy }] = steps;
	return {
		id: `run|${row.id}`,
		kind: 'run',
		run: one.run.row.id,
		unitName: one.run.unit.name,
		title: `Print ${weekdayName(weekdayOf(row.made_on), 'long')}’s run: ${counted(row.sheets, 'sheet')}`,
		detail: [
			forLessons(steps.map((each) => ({ ...each.one, useDay: each.one.need.useDay! }))),
			someOf([...new Set(steps.map((each) => each.step.detail))])
		].join(' · '),
		actBy,
		when: byText(actBy, today),
		verdict: wholeStepVerdict(one, actBy, today),
		doer: one.doer?.id ?? null,
		keys: steps.map((each) => each.one.need.key),
		amount: '1',
		ways: [],
		href: `/units/${one.run.row.id}/print/runs/${row.id}`
	};
}

/** What an accepted plan has put into one sitting is one task, done on its page. */
function actOfSitting(
	day: Day,
	own: readonly { readonly one: SupplyNeed | WholeNeed; readonly title: string }[],
	{ snapshot, today }: Situation
): Act {
	const [{ one }] = own;
	const row = snapshot.sittings.find((each) => each.held_on === day && each.over === 0);
	const titles = [...new Set(own.map(({ title }) => title))];
	return {
		id: `sit|${day}`,
		kind: 'sit',
		run: one.run.row.id,
		unitName: unitsText(own.map((each) => each.one.run)),
		title: `Prep session${row?.starts ? ` at ${clockText(row.starts, snapshot.household.measures)}` : ''}: ${counted(titles.length, 'thing')}`,
		detail: [
			someOf(titles),
			forLessons(own.map((each) => ({ lesson: each.one.lesson, useDay: each.one.need.useDay! })))
		].join(' · '),
		actBy: day,
		when: byText(day, today),
		verdict: day < today ? 'late' : daysBetween(today, day) <= DUE_DAYS ? 'due' : 'on course',
		doer: null,
		keys: own.map((each) => each.one.need.key),
		amount: '1',
		ways: [],
		href: row ? `/sittings/${row.id}` : `/units/${one.run.row.id}/prepare`
	};
}

/** The details of steps that one act takes together, each once. */
function detailsText(steps: readonly OpenWhole[]): string {
	return someOf([...new Set(steps.map(({ step }) => step.detail).filter(Boolean))]);
}

/** “flour, salt, string, and 2 more” */
function someOf(names: readonly string[]): string {
	const MOST = 3;
	return listText([...names.slice(0, MOST), ...(names.length > MOST ? [`${names.length - MOST} more`] : [])]);
}

/** The unit that something is for, or how many. */
function unitsText(runs: readonly RunSituation[]): string {
	const units = new Set(runs.map((one) => one.unit.name));
	return units.size > 1 ? counted(units.size, 'unit') : runs[0].unit.name;
}

/** All that goes back to one library on one trip. */
function actOfReturn(own: readonly Returning[], today: Day): Act {
	const [{ loan, resource, supplier, by, why, runs, unitName }] = own;
	return {
		id: `loan|${loan.id}`,
		kind: 'return',
		run: runs[0] ?? 0,
		unitName,
		title: own.length > 1 ? `Return ${counted(own.length, 'title')}` : `Return ${resource.title}`,
		detail: [
			own.length > 1 ? someOf(own.map((one) => one.resource.title)) : '',
			supplier?.name,
			own.length > 1 ? '' : why
		]
			.filter(Boolean)
			.join(' · '),
		actBy: by,
		when: byText(by, today),
		verdict: by < today ? 'late' : daysBetween(today, by) <= DUE_DAYS ? 'due' : 'on course',
		doer: null,
		keys: own.map((one) => `loan/${one.loan.id}`),
		amount: '1',
		ways: [],
		href: null
	};
}

function wholeStepVerdict(one: WholeNeed, actBy: Day, today: Day): Verdict {
	return verdict({ ...one.need, state: 'missing' }, { ...one.days!, actBy }, today);
}

function forLessons(of: readonly { lesson: SupplyNeed['lesson']; useDay: Day }[]): string {
	const said = lessonsText(of.map(({ lesson }) => lesson.number));
	const isOne = of.every(({ lesson }) => lesson.number === of[0].lesson.number);
	return `for ${said}${isOne ? ` (${dayText(of[0].useDay)})` : ''}`;
}

/** The next steps of one need: what lies at home is fetched, what is missing is got. */
function openSteps(one: SupplyNeed): Open[] {
	const { days, need, standing } = one;
	if (!days || need.useDay === null || isReady(need)) return [];
	const steps: Open[] = [];
	if (isSome(standing.toFetch))
		steps.push({ one, kind: 'walk', actBy: days.inHandBy, amount: standing.toFetch });
	if (isSome(standing.toLook))
		steps.push({ one, kind: 'look', actBy: days.actBy ?? days.inHandBy, amount: standing.toLook });
	if (isSome(standing.missing)) {
		steps.push({ one, kind: gettingKind(one), actBy: days.actBy ?? days.inHandBy, amount: standing.missing });
	} else if (isSome(standing.arranged)) {
		steps.push({ one, kind: 'receive', actBy: need.promised ?? days.inHandBy, amount: standing.arranged });
	}
	if (steps.length === 0 && need.prepare && days.actBy) {
		steps.push({ one, kind: 'prepare', actBy: days.actBy, amount: one.amount });
	}
	return steps;
}

/** Ways that may turn out to be none. */
const GETTING: ReadonlySet<SupplyActKind> = new Set(['buy', 'order', 'ask', 'free', 'used']);

/** What is got at one store, or comes from it, on one day. */
const AT_A_STORE: Readonly<Partial<Record<SupplyActKind, (things: string, store: string) => string>>> = {
	buy: (things, store) => `Buy ${things}${store && ` at ${store}`}`,
	order: (things, store) => `Order ${things}${store && ` from ${store}`}`,
	receive: (things, store) => `Watch for ${things}${store && ` from ${store}`}`
};

/** Fetching goes lesson by lesson, buying store by store, everything else thing by thing. */
function groupKey({ one, kind, actBy }: Open): string {
	const what =
		kind === 'walk' || kind === 'prepare'
			? `lesson ${one.lesson.lesson.id}`
			: AT_A_STORE[kind] && one.supplier
				? `store ${one.supplier.id}`
				: `${one.item.id} ${one.unit} ${one.supplier?.id ?? one.rung}`;
	return [one.run.row.id, kind, actBy, what, one.doer?.id ?? ''].join('|');
}

function titleOf(kind: Open['kind'], what: string): string {
	if (kind === 'look') return `Look for ${what} at home`;
	if (kind === 'receive') return `Watch for ${what}`;
	if (kind === 'prepare') return `Prep ${what}`;
	return kind === 'walk' ? `Gather ${what}` : capital(gettingText(kind, what));
}

function actFrom(steps: readonly Open[], { snapshot, today }: Situation): Act {
	const [{ one, kind, actBy }] = steps;
	const amount = together(steps.map((step) => ({ use: step.one.line.use, amount: step.amount })));
	const things = steps.map((step) => neededText([step.one], step.amount));
	const isList = kind === 'walk' || kind === 'prepare';
	const byThing = [...groupBy(steps, (step) => `${step.one.item.id} ${step.one.unit}`).values()];
	const atStore = byThing.length > 1 ? AT_A_STORE[kind] : undefined;
	const title = atStore
		? atStore(counted(byThing.length, 'item'), one.supplier?.name ?? '')
		: isList
			? things.length === 1
				? titleOf(kind, things[0])
				: titleOf(kind, `${counted(things.length, 'item')} for ${lessonsText([one.lesson.number])}`)
			: titleOf(
					kind,
					neededText(
						steps.map((step) => step.one),
						amount
					)
				);
	const wants = forLessons(steps.map((step) => ({ ...step.one, useDay: step.one.need.useDay! })));
	const where = isList
		? ''
		: one.supplier
			? ` · ${one.supplier.name}`
			: kind === 'wish'
				? ` · ${occasionText(snapshot, one.days!.inHandBy, today)}`
				: '';
	const worst = kind === 'receive' ? one.verdict : stepVerdict(steps[0], today);
	const other =
		!isList && worst === 'late' && kind !== 'receive'
			? inTimeElsewhere(snapshot, one.item.id, one.days!.inHandBy, today)
			: null;
	return {
		id: groupKey(steps[0]),
		kind,
		run: one.run.row.id,
		unitName: one.run.unit.name,
		title,
		detail:
			isList && things.length > 1
				? someOf(things)
				: atStore
					? `${someOf(
							byThing.map((own) =>
								neededText(
									own.map((step) => step.one),
									together(own.map((step) => ({ use: step.one.line.use, amount: step.amount })))
								)
							)
						)} · ${wants}`
					: wants + where + (other ? ` · still in time from ${other.name}` : ''),
		actBy,
		when: byText(actBy, today),
		verdict: worst,
		doer: one.doer?.id ?? null,
		keys: steps.map((step) => step.one.need.key),
		href: kind === 'walk' ? `/lists/walk?unit=${one.run.row.id}` : null,
		amount: atStore ? ALL : exactText(saidAmount(amount, one.unit)),
		ways: [
			...(other ? [otherWay('source', `Get it from ${other.name}`, other.id)] : []),
			...(GETTING.has(kind) && !atStore && one.nextRung ? [otherWay('next', 'Can’t get it')] : [])
		]
	};
}

function stepVerdict({ one, actBy }: Open, today: Day): Verdict {
	return verdict({ ...one.need, state: 'missing' }, { ...one.days!, actBy }, today);
}
