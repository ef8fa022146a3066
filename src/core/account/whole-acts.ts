import { clockText, daysBetween, weekdayName, weekdayOf, type Day } from '../calendar/index.ts';
import { DUE_DAYS, isReady, verdict, type Verdict } from '../readiness/index.ts';
import { byText, counted } from '../words/index.ts';
import { sheetsLeft } from './print-plan.ts';
import type { Moment, Row } from '../facts/index.ts';
import { forLessons, otherWay, someOf, unitsText, type Act } from './act.ts';
import type { Returning } from './returns.ts';
import type { Situation } from './situation.ts';
import type { SupplyNeed } from './streams/supplies.ts';
import type { Step, WholeNeed } from './whole-needs.ts';

/** A need that is one thing as a whole, with its next step and the day for that. */
export type OpenWhole = { readonly one: WholeNeed; readonly step: Step; readonly actBy: Day };

/** What is still to be done for it: one step, or nothing. */
export function openWhole(one: WholeNeed): OpenWhole[] {
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
export function wholeKey({ one, step, actBy }: OpenWhole): string {
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

/** What may not be here in time has a way out beside waiting for it. */
const COMES_LATE: ReadonlySet<Verdict> = new Set(['late', 'at risk']);

/** The act of steps that are taken together. */
export function actOfWhole(steps: readonly OpenWhole[], now: Moment): Act {
	const { today } = now;
	const [{ one, step, actBy }] = steps;
	if (step.run) return actOfRun(step.run, steps, now);
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
		parts: [],
		href: null,
		ways: [
			...(step.kind === 'check' ? [otherWay('notYet', 'Not yet')] : []),
			...(step.kind === 'pick up' ? [otherWay('notYet', 'Not there')] : []),
			...(one.book && COMES_LATE.has(one.verdict) ? [otherWay('without', 'Skip it')] : [])
		]
	};
}

/** A print run is one task, done on its own page. */
function actOfRun(row: Row<'print_run'>, steps: readonly OpenWhole[], { snapshot, today }: Moment): Act {
	const [{ one, actBy }] = steps;
	return {
		id: `run|${row.id}`,
		kind: 'run',
		run: one.run.row.id,
		unitName: one.run.unit.name,
		title: `Print ${weekdayName(weekdayOf(row.made_on), 'long')}’s run: ${counted(sheetsLeft(snapshot, one.run, row).length, 'sheet')}`,
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
		parts: [],
		ways: [],
		href: `/units/${one.run.row.id}/print/runs/${row.id}`
	};
}

/** What an accepted plan has put into one sitting is one task, done on its page. */
export function actOfSitting(
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
		parts: [],
		ways: [],
		href: row ? `/sittings/${row.id}` : `/units/${one.run.row.id}/prepare`
	};
}

/** The details of steps that one act takes together, each once. */
function detailsText(steps: readonly OpenWhole[]): string {
	return someOf([...new Set(steps.map(({ step }) => step.detail).filter(Boolean))]);
}

/** All that goes back to one library on one trip. */
export function actOfReturn(own: readonly Returning[], today: Day): Act {
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
		parts: [],
		ways: [],
		href: null
	};
}

function wholeStepVerdict(one: WholeNeed, actBy: Day, today: Day): Verdict {
	return verdict({ ...one.need, state: 'missing' }, { ...one.days!, actBy }, today);
}
