import { addDays, daysBetween, dayText, type Day } from '$core/calendar/index.ts';
import { groupBy } from '$core/group-by.ts';
import { swapForOneLoan, type LoanStretch, type WhyImpossible } from '$core/library/index.ts';
import { lastDayToAct } from '$core/readiness/index.ts';
import { counted, lessonsText } from '$core/words/index.ts';
import { parsed, type Row } from '$core/facts/index.ts';
import { type Situation, firstOpen, type LibraryPlan, type PlannedBook, wayTo } from '$core/account/index.ts';

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

/** As few trips to each library as its holds and loans allow, and what goes along on each. */
export function tripsView(situation: Situation): TripsView {
	const { today } = situation;
	const plans = situation.trips.map((one) => planShown(one, today));
	const all = plans.flatMap((plan) => plan.trips).sort((a, b) => (a.day < b.day ? -1 : 1));
	const bars = plans.flatMap((plan) => plan.bars).sort((a, b) => a.from - b.from || a.to - b.to);
	const days = Math.max(28, ...bars.map((bar) => Math.min(120, Math.max(bar.to, bar.due) + 3)));
	const holds = situation.whole
		.filter((one) => one.step?.kind === 'place' && one.days?.actBy && !one.need.doWithout)
		.map((one) => ({ one, actBy: one.days!.actBy! }))
		.sort((a, b) => (a.actBy < b.actBy ? -1 : 1));
	const firstHolds = [...groupBy(holds, ({ one }) => one.book!.resource.id).values()];
	return {
		sentence: sentenceOf(all, firstHolds.length, situation.trips.length),
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

function planShown(
	{ library, books: titles, plan, inARow }: LibraryPlan,
	today: Day
): { trips: Trip[]; bars: LoanBar[]; problems: Problem[] } {
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
		problems: [
			...[...inARow].map(([id, stretches]) => {
				const { resource, loan } = titles.get(id)!;
				const own = [...titles].filter(([part]) => part === id || part.startsWith(`${id}/`));
				return shortLoan(
					{ resource, loan, uses: own.flatMap(([, one]) => one.uses) },
					stretches,
					library,
					today
				);
			}),
			...plan.impossible.map(({ id, why }) => problemOf(titles.get(id)!, library, why, today))
		]
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

/** Why a book cannot be had in time, and what would do. */
function problemOf(
	{ resource, loan, uses }: PlannedBook,
	library: Row<'supplier'>,
	why: WhyImpossible,
	today: Day
): Problem {
	const next = firstOpen(parsed(library.weekdays), today);
	const WHY = {
		'not ready before it is used': `${loan ? 'it isn’t expected' : 'a hold placed today won’t be ready'} in time. Ask a friend, or move the lesson.`,
		'loan too short for its use':
			'one loan is too short for it, even with renewals. Ask a friend, or buy it.',
		'library closed on every day that would do': `${library.name} is closed on every day before its lesson. ${loan?.state === 'ready' ? `Pick it up ${dayText(next)} and move the lesson` : 'Move the lesson'}, or ask a friend.`
	} as const;
	return {
		text: `${resource.title}, for ${lessonsText(uses.map((one) => one.lesson.number))}: ${WHY[why]}`,
		loans: [],
		swap: null
	};
}

/** A book that one loan does not cover: its loans in a row, each with the day of its hold, or lessons to swap. */
function shortLoan(
	{ resource, loan, uses }: PlannedBook,
	stretches: readonly LoanStretch[],
	library: Row<'supplier'>,
	today: Day
): Problem {
	const lessonsOn = (from: Day, to: Day) =>
		lessonsText(
			uses.filter(({ need }) => from <= need.useDay! && need.useDay! <= to).map((one) => one.lesson.number)
		);
	const holdBy = (from: Day): string => {
		const first = uses.find(({ need }) => need.useDay === from);
		const by =
			(first?.step?.kind === 'place' && first.days?.actBy) || lastDayToAct(wayTo(library), addDays(from, -1));
		return by <= today ? 'place a hold now' : `place a hold by ${dayText(by)}`;
	};
	const loans = stretches.map(
		({ from, to }, at) =>
			`${at === 0 ? 'First' : 'Next'} loan, for ${lessonsOn(from, to)} (${dayText(from)}${to === from ? '' : ` through ${dayText(to)}`}): ${at === 0 && loan ? uses[0].stands : holdBy(from)}.`
	);
	const [{ run }] = uses;
	const inOrder = run.lessons
		.filter((one) => !one.over && one.dates.length > 0 && one.sessions === 1)
		.map((one) => ({
			id: String(one.lesson.id),
			day: one.dates[0],
			uses: uses.some((use) => use.lesson === one)
		}));
	const isOneRun = uses.every((one) => one.run === run && inOrder.some(({ id }) => id === one.need.lesson));
	const swap = isOneRun ? swapForOneLoan(inOrder, library.loan_days * (1 + library.renewals)) : null;
	const number = (id: string) => run.lessons.find((one) => String(one.lesson.id) === id)!.number;
	return {
		text: `${resource.title}: even with renewals, one loan doesn’t cover all its lessons.`,
		loans,
		swap: swap && {
			first: swap.first,
			second: swap.second,
			text: `Or swap lessons ${number(swap.first)} and ${number(swap.second)}: then one loan covers both, ${dayText(swap.from)} through ${dayText(swap.to)}.`
		}
	};
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
