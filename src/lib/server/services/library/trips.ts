import { addDays, daysBetween, dayText, type Day } from '$core/calendar/index.ts';
import { groupBy } from '$core/group-by.ts';
import {
	loansInARow,
	swapForOneLoan,
	trips,
	type TripLoan,
	type TripReturn,
	type WhyImpossible
} from '$core/library/index.ts';
import { counted, lessonsText } from '$core/words/index.ts';
import { parsed } from '../../database/json.ts';
import type { Row } from '../../database/tables/index.ts';
import type { Situation } from '../readiness/situation.ts';
import type { WholeNeed } from '../readiness/whole-needs.ts';

/** A book on a trip, with the command that ticks it. */
export type TripBook = {
	readonly resource: number;
	readonly title: string;
	readonly why: string;
	/** Keys for the act, empty where nothing can be ticked yet. */
	readonly keys: readonly string[];
	readonly button: string;
};

export type Trip = {
	readonly library: string;
	readonly day: Day;
	readonly text: string;
	/** In days from today. */
	readonly at: number;
	readonly fetch: readonly TripBook[];
	readonly bring: readonly TripBook[];
};

/** One loan as the timeline draws it, in days from today. */
export type LoanBar = {
	readonly title: string;
	readonly from: number;
	readonly to: number;
	readonly due: number;
	readonly lessons: readonly number[];
	/** It is not fetched yet. */
	readonly isPlanned: boolean;
};

/** Why a book cannot be had as planned, and what would do. */
export type Problem = {
	readonly text: string;
	/** Two loans in a row, or more, each with its days. */
	readonly loans: readonly string[];
	/** Lessons that could change places instead. */
	readonly swap: { readonly first: string; readonly second: string; readonly text: string } | null;
};

export type TripsView = {
	readonly sentence: string;
	readonly trips: readonly Trip[];
	readonly holds: readonly {
		readonly title: string;
		readonly library: string;
		readonly when: string;
		readonly keys: readonly string[];
		readonly isLate: boolean;
	}[];
	readonly problems: readonly Problem[];
	readonly bars: readonly LoanBar[];
	/** Days that the timeline shows, and where its weeks begin. */
	readonly days: number;
	readonly weeks: readonly { readonly at: number; readonly text: string }[];
};

/** How far the plan looks beyond the last use. */
const LOOK_AHEAD_DAYS = 60;

/** As few trips to each library as its holds and loans allow, and what goes along on each. */
export function tripsView(situation: Situation): TripsView {
	const { snapshot, today } = situation;
	const libraries = snapshot.suppliers.filter((one) => one.kind === 'library');
	const books = groupBy(
		situation.whole.filter(
			(one) => one.book !== null && one.book.resource.owned === 0 && one.need.useDay !== null
		),
		(one) => one.book!.resource.id
	);
	const plans = libraries.map((library) => planFor(situation, library, books));
	const all = plans.flatMap((plan) => plan.trips).sort((a, b) => (a.day < b.day ? -1 : 1));
	const bars = plans.flatMap((plan) => plan.bars).sort((a, b) => a.from - b.from || a.to - b.to);
	const days = Math.max(28, ...bars.map((bar) => Math.min(120, Math.max(bar.to, bar.due) + 3)));
	const holds = situation.whole
		.filter((one) => one.step?.kind === 'place' && one.days?.actBy && !one.need.doWithout)
		.map((one) => ({ one, actBy: one.days!.actBy! }))
		.sort((a, b) => (a.actBy < b.actBy ? -1 : 1));
	const firstHolds = [...groupBy(holds, ({ one }) => one.book!.resource.id).values()];
	return {
		sentence: sentenceOf(all, firstHolds.length, libraries.length),
		trips: all,
		holds: firstHolds.map((same) => ({
			title: same[0].one.title,
			library: same[0].one.step!.detail,
			when: same[0].actBy < today ? `late since ${dayText(same[0].actBy)}` : `by ${dayText(same[0].actBy)}`,
			keys: same.map(({ one }) => one.need.key),
			isLate: same[0].actBy < today
		})),
		problems: plans.flatMap((plan) => plan.problems),
		bars,
		days,
		weeks: Array.from({ length: Math.ceil(days / 7) }, (_, i) => ({
			at: i * 7,
			text: dayText(addDays(today, i * 7)).replace(/^\w+, /, '')
		}))
	};
}

function planFor(
	situation: Situation,
	library: Row<'supplier'>,
	books: ReadonlyMap<number, readonly WholeNeed[]>
): { trips: Trip[]; bars: LoanBar[]; problems: Problem[] } {
	const { snapshot, today } = situation;
	const loans: TripLoan[] = [];
	const returns: TripReturn[] = [];
	const titles = new Map<
		string,
		{ resource: Row<'resource'>; loan: Row<'loan'> | null; uses: readonly WholeNeed[] }
	>();
	for (const uses of books.values()) {
		const { resource, loan } = uses[0].book!;
		if ((loan?.supplier_id ?? resource.supplier_id) !== library.id) continue;
		if (loan?.state === 'on loan') continue;
		const days = uses.map((one) => one.need.useDay!).sort();
		const id = String(resource.id);
		titles.set(id, { resource, loan, uses });
		loans.push({
			id,
			...hold(library, loan, today, days[0]),
			...window(days, today),
			loanDays: library.loan_days,
			renewals: library.renewals
		});
	}
	for (const loan of snapshot.loans) {
		if (
			loan.direction !== 'in' ||
			loan.state !== 'on loan' ||
			loan.supplier_id !== library.id ||
			!loan.due_on
		)
			continue;
		const resource = snapshot.resources.find((one) => one.id === loan.resource_id)!;
		const uses = books.get(resource.id) ?? [];
		const last =
			uses
				.map((one) => one.need.useDay!)
				.sort()
				.at(-1) ?? today;
		const left = Math.max(0, library.renewals - loan.renewed);
		const latest = addDays(loan.due_on, left * library.loan_days);
		const id = `loan ${loan.id}`;
		titles.set(id, { resource, loan, uses });
		returns.push({
			id,
			backFrom: last > latest ? today : last,
			backTo: latest < today ? addDays(today, library.loan_days) : latest
		});
	}
	if (titles.size === 0) return { trips: [], bars: [], problems: [] };
	const to = [...loans.map((one) => one.useTo), ...returns.map((one) => one.backTo), today].sort().at(-1)!;
	const plan = trips({
		open: parsed(library.weekdays),
		from: today,
		to: addDays(to, LOOK_AHEAD_DAYS),
		loans,
		returns
	});
	const book = (id: string, way: 'fetch' | 'bring'): TripBook => {
		const { resource, loan, uses } = titles.get(id)!;
		const numbers = uses.map((one) => one.lesson.number);
		const isReady = loan?.state === 'ready' || loan?.state === 'hold placed';
		return {
			resource: resource.id,
			title: resource.title,
			why:
				way === 'bring'
					? loan?.due_on && loan.state === 'on loan'
						? `due ${dayText(loan.due_on)}${uses.some((one) => one.step?.kind === 'renew') ? ', renew it first' : ''}`
						: numbers.length
							? `after ${lessonsText(numbers.slice(-1))}`
							: 'finished'
					: `${numbers.length ? `for ${lessonsText(numbers.slice(0, 1))}` : ''}${loan === null ? ', if the hold is placed in time' : loan.state === 'ready' ? ', ready for pickup' : ''}`,
			keys:
				way === 'bring'
					? loan?.state === 'on loan'
						? [`loan/${loan.id}`]
						: []
					: isReady
						? uses.map((one) => one.need.key)
						: [],
			button: way === 'bring' ? 'Returned' : loan?.state === 'ready' ? 'Picked up' : 'Ready'
		};
	};
	return {
		trips: plan.trips.map((day) => ({
			library: library.name,
			day,
			text: dayText(day),
			at: daysBetween(today, day),
			fetch: plan.loans.filter((one) => one.pickUp === day).map((one) => book(one.id, 'fetch')),
			bring: [...plan.loans, ...plan.returns]
				.filter((one) => one.takeBack === day)
				.map((one) => book(one.id, 'bring'))
		})),
		bars: [
			...plan.loans.map((one) => bar(one.id, one.pickUp, one.takeBack, one.due, true)),
			...plan.returns.map((one) => {
				const { loan } = titles.get(one.id)!;
				return bar(one.id, loan!.fetched_on ?? today, one.takeBack, loan!.due_on!, false);
			})
		],
		problems: plan.impossible.map(({ id, why }) => problemOf(titles.get(id)!, library, why, today))
	};

	function bar(id: string, from: Day, to: Day, due: Day, isPlanned: boolean): LoanBar {
		const { resource, uses } = titles.get(id)!;
		const at = (day: Day) => daysBetween(today, day);
		return {
			title: resource.title,
			from: at(from),
			to: at(to),
			due: at(due),
			lessons: uses.map((one) => at(one.need.useDay!)),
			isPlanned
		};
	}
}

const WHY = {
	'not ready before it is used':
		'a hold placed today won’t be ready in time. Ask a friend, or move the lesson.',
	'loan too short for its use': 'even with renewals, one loan doesn’t cover all its lessons.',
	'library closed on every day that would do': 'the library is closed on every day that would work.'
} as const;

function problemOf(
	{ resource, uses }: { readonly resource: Row<'resource'>; readonly uses: readonly WholeNeed[] },
	library: Row<'supplier'>,
	why: WhyImpossible,
	today: Day
): Problem {
	const text = `${resource.title}: ${WHY[why]}`;
	if (why !== 'loan too short for its use') return { text, loans: [], swap: null };
	const keep = library.loan_days * (1 + library.renewals);
	const days = uses.map((one) => one.need.useDay!);
	const lessonsOn = (from: Day, to: Day) =>
		lessonsText(
			uses.filter(({ need }) => from <= need.useDay! && need.useDay! <= to).map((one) => one.lesson.number)
		);
	const loans = loansInARow(days, keep).map(({ from, to }, i) => {
		const hold = addDays(from, -1 - library.lead_days);
		const when = hold <= today ? 'now' : `on ${dayText(hold)}`;
		return `${i === 0 ? 'First' : 'Next'} loan, for ${lessonsOn(from, to)} (${dayText(from)}${to === from ? '' : ` through ${dayText(to)}`}): place a hold ${when}.`;
	});
	const [{ run }] = uses;
	const inOrder = run.lessons
		.filter((one) => !one.over && one.dates.length > 0 && one.sessions === 1)
		.map((one) => ({
			id: String(one.lesson.id),
			day: one.dates[0],
			uses: uses.some((use) => use.lesson === one)
		}));
	const isOneRun = uses.every((one) => one.run === run && inOrder.some(({ id }) => id === one.need.lesson));
	const swap = isOneRun ? swapForOneLoan(inOrder, keep) : null;
	const number = (id: string) => run.lessons.find((one) => String(one.lesson.id) === id)!.number;
	return {
		text,
		loans,
		swap: swap && {
			first: swap.first,
			second: swap.second,
			text: `Or swap lessons ${number(swap.first)} and ${number(swap.second)}: then one loan covers both, ${dayText(swap.from)} through ${dayText(swap.to)}.`
		}
	};
}

/** When a book waits on the hold shelf: as it does now, as it is expected to, or as its hold is placed in time. */
function hold(
	library: Row<'supplier'>,
	loan: Row<'loan'> | null,
	today: Day,
	firstUse: Day
): { readyOn: Day; shelfDays: number } {
	if (loan?.state === 'ready') {
		const until = addDays(loan.ready_on!, library.shelf_days);
		return { readyOn: today, shelfDays: Math.max(0, daysBetween(today, until)) };
	}
	if (loan === null) {
		// It can still be placed on any day, so it waits on the shelf when it is wanted.
		const readyOn = addDays(today, library.lead_days);
		return { readyOn, shelfDays: Math.max(library.shelf_days, daysBetween(readyOn, firstUse)) };
	}
	const expected = loan.expected_on ?? addDays(loan.placed_on ?? today, library.lead_days);
	return { readyOn: expected < today ? today : expected, shelfDays: library.shelf_days };
}

/** In the house on the day before it is first wanted, where there is still time for that. */
function window(days: readonly Day[], today: Day): { useFrom: Day; useTo: Day } {
	const before = addDays(days[0], -1);
	return { useFrom: before >= today ? before : days[0], useTo: days.at(-1)! };
}

function sentenceOf(all: readonly Trip[], holds: number, libraries: number): string {
	if (libraries === 0)
		return 'No library yet. Add yours in Household, with its open days and how long holds take.';
	const [next] = all;
	const waiting = holds ? ` ${counted(holds, 'hold')} to place.` : '';
	if (!next) return `Nothing to pick up or return.${waiting}`;
	const what = [
		next.fetch.length ? `pick up ${next.fetch.length}` : '',
		next.bring.length ? `return ${next.bring.length}` : ''
	]
		.filter(Boolean)
		.join(', ');
	const books = new Set(all.flatMap((trip) => [...trip.fetch, ...trip.bring].map((one) => one.resource)))
		.size;
	return `Next trip ${next.text}: ${what}. ${counted(all.length, 'trip')} ${all.length === 1 ? 'covers' : 'cover'} ${counted(books, 'book')}.${waiting}`;
}
