import { addDays, type Day } from '../calendar/index.ts';
import { groupBy } from '../group-by.ts';
import { huntMinutes } from '../looking/index.ts';
import { exactText, isSome, saidAmount, type Exact } from '../measure/index.ts';
import { actRank, DUE_DAYS, isReady, verdict, type ActKind, type Verdict } from '../readiness/index.ts';
import { together } from '../supplies/index.ts';
import { byText, capital, counted, lessonsText, listText } from '../words/index.ts';
import type { Snapshot } from '../facts/index.ts';
import { occasionText } from './house/occasions.ts';
import {
	ALL,
	byDay,
	forLessons,
	otherWay,
	sittingOf,
	someOf,
	type Act,
	type ActGroup,
	type OtherWay
} from './act.ts';
import { gettingKind, gettingText, inTimeElsewhere, type GettingKind } from './ladder.ts';
import { neededText } from './need-text.ts';
import type { Situation } from './situation.ts';
import type { SupplyNeed } from './streams/supplies.ts';
import { actOfReturn, actOfSitting, actOfWhole, openWhole, wholeKey, type OpenWhole } from './whole-acts.ts';
import type { WholeNeed } from './whole-needs.ts';

type SupplyActKind = Extract<ActKind, GettingKind | 'receive' | 'prepare' | 'walk' | 'look'>;

type Open = {
	readonly one: SupplyNeed;
	readonly kind: SupplyActKind;
	readonly actBy: Day;
	readonly amount: Exact;
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
		inWords: () => actOfWhole(steps, situation)
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
		parts: [],
		href: '/lists/walk?span=all'
	};
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
		steps.push({
			one,
			kind: 'receive',
			actBy: need.promised ?? days.actBy ?? days.inHandBy,
			amount: standing.arranged
		});
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
		parts:
			atStore && byThing.length > 1
				? byThing.map((own) => {
						const sum = together(own.map((step) => ({ use: step.one.line.use, amount: step.amount })));
						const [first] = own;
						return {
							title: neededText(
								own.map((step) => step.one),
								sum
							),
							keys: own.map((step) => step.one.need.key),
							amount: exactText(saidAmount(sum, first.one.unit)),
							ways: otherWays(first, snapshot, today)
						};
					})
				: [],
		ways: [
			...(other ? [otherWay('source', `Get it from ${other.name}`, other.id)] : []),
			...(atStore || other ? [] : otherWays(steps[0], snapshot, today))
		]
	};
}

/** What to say where a thing isn’t to be had: the next of its ways, another store that sells it in time, or without. */
function otherWays({ one, kind }: Open, snapshot: Snapshot, today: Day): OtherWay[] {
	if (!GETTING.has(kind)) return [];
	if (one.nextRung) return [otherWay('next', 'Can’t get it')];
	const seller = inTimeElsewhere(snapshot, one.item.id, one.days!.inHandBy, today);
	return seller && seller.id !== one.supplier?.id
		? [otherWay('source', `Not there: get it from ${seller.name}`, seller.id)]
		: [otherWay('without', 'Can’t get it: skip it')];
}

function stepVerdict({ one, actBy }: Open, today: Day): Verdict {
	return verdict({ ...one.need, state: 'missing' }, { ...one.days!, actBy }, today);
}
