import { dayText, type Day, type Weekday } from '$core/calendar/index.ts';
import type { ReadingLevel } from '$core/house/index.ts';
import { durationText, listText, money } from '$core/words/index.ts';
import { json, type Row, type Snapshot } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { setStanding } from '../../stores/plan/activities.ts';
import { removeLesson } from '../../stores/plan/lessons.ts';
import { setLimits, setStart, setWeekdays } from '../../stores/plan/units.ts';
import {
	limitsOf,
	type RunSituation,
	missingThings,
	computeRun,
	type Situation,
	costOfPrints,
	printsOf,
	slipsOf,
	type SupplyNeed
} from '$core/account/index.ts';

/** What a parent asks about before deciding; null and empty leave it as it is. */
export type WhatIf = {
	/** How many children take part, guests not counted. */
	readonly children: number | null;
	readonly start: Day | null;
	readonly weekdays: readonly Weekday[];
	/** Lessons to leave out. */
	readonly drop: readonly number[];
	/** Activities to do without. */
	readonly without: readonly number[];
	/** What the unit may cost, in cents. */
	readonly budgetCents: number | null;
};

export type WhatIfAnswer = {
	/** What changes for dates, spare days and late things, before and after. */
	readonly lines: readonly { readonly what: string; readonly before: string; readonly after: string }[];
	/** What is to be got, thing by thing, where it changes. */
	readonly things: readonly { readonly name: string; readonly before: string; readonly after: string }[];
};

/** Whether anything is asked. */
export function isAsked(ask: WhatIf): boolean {
	return (
		ask.children !== null ||
		ask.start !== null ||
		ask.weekdays.length > 0 ||
		ask.drop.length > 0 ||
		ask.without.length > 0 ||
		ask.budgetCents !== null
	);
}

/** The differences that a change would make to a run, computed on a copy. */
export function whatIf(situation: Situation, run: RunSituation, ask: WhatIf): WhatIfAnswer {
	const changedSnapshot = changed(situation.snapshot, run, ask);
	const { run: after, needs } = computeRun(situation, changedSnapshot, run.row.id);
	const rows: [string, string, string][] = [
		['Children', childrenText(run), childrenText(after)],
		['Lessons', String(run.lessons.length), String(after.lessons.length)],
		['First lesson', firstText(run), firstText(after)],
		['Last lesson', lastText(run), lastText(after)],
		['Days to spare', spareText(run), spareText(after)],
		['Late', lateText(situation.needs, run), lateText(needs, after)],
		['Extras cost', money(costOf(run)), money(costOf(after))],
		['Sheets to print', sheetsText(situation.snapshot, run), sheetsText(changedSnapshot, after)],
		['Finishing prints', finishingText(situation.snapshot, run), finishingText(changedSnapshot, after)],
		['Printing at home', printingText(situation.snapshot, run), printingText(changedSnapshot, after)],
		['Budget', budgetText(run), budgetText(after)]
	];
	const before = missingThings(situation.needs, run);
	const now = missingThings(needs, after);
	const names = [...new Set([...before.keys(), ...now.keys()])].sort();
	return {
		lines: rows.filter(([, a, b]) => a !== b).map(([what, a, b]) => ({ what, before: a, after: b })),
		things: names
			.map((name) => ({ name, before: before.get(name) ?? 'nothing', after: now.get(name) ?? 'nothing' }))
			.filter((row) => row.before !== row.after)
	};
}

/** Does what was asked about the plan. More or fewer children are decided on House. */
export async function applyWhatIf(trx: Trx, run: RunSituation, ask: WhatIf): Promise<void> {
	if (ask.start) await setStart(trx, run.row.id, ask.start);
	if (ask.weekdays.length) await setWeekdays(trx, run.row.id, ask.weekdays);
	for (const lesson of ask.drop) await removeLesson(trx, run.row.id, lesson);
	for (const activity of ask.without) await setStanding(trx, run.row.id, activity, 'do without');
	if (ask.budgetCents !== null)
		await setLimits(trx, run.row.id, { ...limitsOf(run.row), budget: ask.budgetCents });
}

function changed(snapshot: Snapshot, { row: run, participants }: RunSituation, ask: WhatIf): Snapshot {
	const drop = new Set(ask.drop);
	const without = new Set(ask.without);
	const children = participants.filter((person) => person.kind === 'child');
	const wanted = ask.children ?? children.length;
	const leaving = new Set(children.slice(wanted).map((person) => person.id));
	const coming = Array.from({ length: Math.max(0, wanted - children.length) }, (_, i): Row<'person'> => ({
		id: -1 - i,
		name: `one more child ${i + 1}`,
		kind: 'child',
		born: null,
		born_within: 0,
		allergies: json<readonly string[]>([]),
		weekdays: null,
		reach_mm: null,
		writes: null,
		level: '',
		reads: json<readonly ReadingLevel[]>([])
	}));
	return {
		...snapshot,
		runs: snapshot.runs.map((one) =>
			one.id === run.id
				? {
						...one,
						start_on: ask.start ?? one.start_on,
						weekdays: ask.weekdays.length ? json(ask.weekdays) : one.weekdays,
						limits:
							ask.budgetCents === null ? one.limits : json({ ...limitsOf(one), budget: ask.budgetCents })
					}
				: one
		),
		activities: snapshot.activities.map((one) =>
			without.has(one.id) ? { ...one, standing: 'do without' as const } : one
		),
		lessons: snapshot.lessons.filter((lesson) => !drop.has(lesson.id)),
		people: [...snapshot.people, ...coming],
		participants: [
			...snapshot.participants.filter((one) => one.run_id !== run.id || !leaving.has(one.person_id)),
			...coming.map((person) => ({ id: person.id, run_id: run.id, person_id: person.id }))
		]
	};
}

/** What the activities in the plan cost that are not done without, in cents. */
function costOf({ activities }: RunSituation): number {
	return activities
		.filter((one) => one.lesson !== null && one.activity.standing !== 'do without')
		.reduce((sum, { activity }) => sum + activity.cents, 0);
}

/** What the unit prints in all. */
function wanted(snapshot: Snapshot, run: RunSituation) {
	const prints = printsOf(snapshot, run).filter((one) => one.off === null && one.row.from_book === 0);
	return costOfPrints(snapshot, prints, slipsOf(snapshot, prints));
}

function sheetsText(snapshot: Snapshot, run: RunSituation): string {
	return String(wanted(snapshot, run).byStock.reduce((sum, one) => sum + one.sheets, 0));
}

/** How long laminating, cutting and binding take in all. */
function finishingText(snapshot: Snapshot, run: RunSituation): string {
	const prints = printsOf(snapshot, run).filter((one) => one.off === null);
	return durationText(Math.round(prints.reduce((sum, one) => sum + one.finish.minutes, 0)));
}

function printingText(snapshot: Snapshot, run: RunSituation): string {
	const { home } = wanted(snapshot, run);
	return home === null ? 'a price is missing' : money(Math.round(home));
}

function budgetText(run: RunSituation): string {
	const { budget } = limitsOf(run.row);
	if (budget === null) return 'none';
	const left = budget - costOf(run);
	return `${money(budget)}, ${left < 0 ? `${money(-left)} over` : `${money(left)} left`}`;
}

function childrenText({ participants }: RunSituation): string {
	return String(participants.filter((person) => person.kind === 'child').length);
}

function firstText({ lessons }: RunSituation): string {
	const day = lessons.find((lesson) => !lesson.over && lesson.dates.length)?.dates[0];
	return day ? dayText(day) : 'no date';
}

function lastText({ calendar }: RunSituation): string {
	if (!calendar?.finish) return 'no date';
	return `${dayText(calendar.finish)}${calendar.shortBy ? `, ${calendar.shortBy} don’t fit` : ''}`;
}

function spareText({ calendar }: RunSituation): string {
	return calendar?.spare === null || calendar === null ? 'not counted' : String(calendar.spare);
}

function lateText(needs: readonly SupplyNeed[], run: RunSituation): string {
	const late = needs.filter((one) => one.run === run && one.verdict === 'late');
	const names = [...new Set(late.map((one) => one.item.name))];
	return names.length
		? listText(names.length > 4 ? [...names.slice(0, 4), `${names.length - 4} more`] : names)
		: 'nothing';
}
