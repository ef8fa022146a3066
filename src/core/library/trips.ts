import { addDays, daysBetween, requireDay, weekdayOf, type Day, type Weekday } from '../calendar/dates.ts';
import { CoreError } from '../error.ts';

/** A book that waits on the hold shelf and is used in some lessons. */
export type TripLoan = {
	readonly id: string;
	/** First day on which it can be picked up, and for how many days more it is kept. */
	readonly readyOn: Day;
	readonly shelfDays: number;
	/** First and last day of use. */
	readonly useFrom: Day;
	readonly useTo: Day;
	readonly loanDays: number;
	readonly renewals: number;
};

export type TripsInput = {
	/** Weekdays on which the library is open. */
	readonly open: readonly Weekday[];
	readonly from: Day;
	readonly to: Day;
	readonly loans: readonly TripLoan[];
	/** What is on loan already and only has to go back, first and last day included. */
	readonly returns?: readonly TripReturn[];
};

export type TripReturn = { readonly id: string; readonly backFrom: Day; readonly backTo: Day };

export type WhyImpossible =
	'not ready before it is used' | 'loan too short for its use' | 'library closed on every day that would do';

export type Trips = {
	readonly trips: readonly Day[];
	readonly loans: readonly {
		readonly id: string;
		readonly pickUp: Day;
		readonly takeBack: Day;
		/** Last day of the loan with all its renewals. */
		readonly due: Day;
	}[];
	readonly returns: readonly { readonly id: string; readonly takeBack: Day }[];
	readonly impossible: readonly { readonly id: string; readonly why: WhyImpossible }[];
};

/** Days are counted from `from`; both windows include their ends. */
type Windows = {
	readonly id: string;
	/** Days from the pick-up to the last due day. */
	readonly keep: number;
	readonly pickFrom: number;
	readonly pickTo: number;
	readonly backFrom: number;
	readonly backTo: number;
};

/**
 * As few trips to the library as the loans allow: each book is picked up while it waits on the hold shelf
 * and no later than its first use, and taken back on a later day after its last use and by its due day.
 * Among plans with the fewest trips the pick-ups are as late as possible in sum, and among those the
 * returns as early as possible. Exact.
 *
 * Without the tie between the two days of one loan (due = pick-up + loan days) the best plan is a
 * shortest path over the open days. Where that path breaks a tie, the loan's windows are split in two that
 * hold every plan that keeps it, and the better half is gone on with (branch and bound, best first).
 *
 * @throws CoreError for dates that do not exist or run backwards.
 */
export function trips(input: TripsInput): Trips {
	check(input);
	const day = (number: number) => addDays(input.from, number);
	const isOpen = openDays(input);
	const possible: Windows[] = [];
	const impossible: Trips['impossible'][number][] = [];
	for (const loan of input.loans) {
		const windows = windowsOf(loan, input.from);
		const why = whyImpossible(windows, daysBetween(input.from, loan.useFrom), isOpen);
		if (why) impossible.push({ id: loan.id, why });
		else possible.push(windows);
	}
	const fetched = possible.length;
	for (const { id, backFrom, backTo } of input.returns ?? []) {
		const one = inHand(id, daysBetween(input.from, backFrom), daysBetween(input.from, backTo));
		if (candidateDays([one], isOpen).length) possible.push(one);
		else impossible.push({ id, why: 'library closed on every day that would do' });
	}
	const plan = possible.length ? best(possible, isOpen) : { days: [], loans: [] };
	return {
		trips: plan.days.map(day),
		returns: plan.loans.slice(fetched).map(({ takeBack }, i) => ({
			id: possible[fetched + i].id,
			takeBack: day(takeBack)
		})),
		loans: plan.loans.slice(0, fetched).map(({ pickUp, takeBack }, i) => ({
			id: possible[i].id,
			pickUp: day(pickUp),
			takeBack: day(takeBack),
			due: day(pickUp + possible[i].keep)
		})),
		impossible
	};
}

function windowsOf(loan: TripLoan, from: Day): Windows {
	const useTo = daysBetween(from, loan.useTo);
	const ready = daysBetween(from, loan.readyOn);
	const pickTo = Math.min(ready + loan.shelfDays, daysBetween(from, loan.useFrom));
	const keep = loan.loanDays * (1 + loan.renewals);
	return { id: loan.id, keep, pickFrom: ready, pickTo, backFrom: useTo, backTo: pickTo + keep };
}

/** A book that was fetched before all trips. */
function inHand(id: string, backFrom: number, backTo: number): Windows {
	return {
		id,
		keep: Infinity,
		pickFrom: -Infinity,
		pickTo: -Infinity,
		backFrom: Math.max(0, backFrom),
		backTo
	};
}

/** The windows without days that no day of the other window goes with. */
function tight(one: Windows): Windows {
	if (one.pickTo === -Infinity) return one;
	const pickFrom = Math.max(one.pickFrom, one.backFrom - one.keep);
	return {
		...one,
		pickFrom,
		pickTo: Math.min(one.pickTo, one.backTo - 1),
		backFrom: Math.max(one.backFrom, pickFrom + 1),
		backTo: Math.min(one.backTo, one.pickTo + one.keep)
	};
}

function whyImpossible(
	{ keep, pickFrom, pickTo, backFrom }: Windows,
	useFrom: number,
	isOpen: IsOpen
): WhyImpossible | null {
	if (pickFrom > useFrom) return 'not ready before it is used';
	let isLongEnough = false;
	for (let pickUp = pickFrom; pickUp <= pickTo; pickUp++) {
		for (let takeBack = Math.max(backFrom, pickUp + 1); takeBack <= pickUp + keep; takeBack++) {
			isLongEnough = true;
			if (isOpen(pickUp) && isOpen(takeBack)) return null;
			// Nothing is open after the last day.
			if (!isOpen.upTo(takeBack)) break;
		}
	}
	return isLongEnough ? 'library closed on every day that would do' : 'loan too short for its use';
}

type IsOpen = ((day: number) => boolean) & { readonly upTo: (day: number) => boolean };

function openDays({ open, from, to }: TripsInput): IsOpen {
	const last = daysBetween(from, to);
	const first = weekdayOf(from);
	const isOpen = (day: number) =>
		day >= 0 && day <= last && open.includes((((first - 1 + day) % 7) + 1) as Weekday);
	return Object.assign(isOpen, { upTo: (day: number) => day <= last });
}

type Path = {
	/** Trips, the sum of pick-ups (more is better), the sum of returns. */
	readonly cost: Cost;
	readonly days: readonly number[];
	readonly loans: readonly { readonly pickUp: number; readonly takeBack: number }[];
};

type Cost = readonly [trips: number, minusPickUps: number, returns: number];

function compare(a: Cost, b: Cost): number {
	return a[0] - b[0] || a[1] - b[1] || a[2] - b[2];
}

/** The best plan for loans each of which can be met. */
function best(loans: readonly Windows[], isOpen: IsOpen): Path {
	const open: { windows: readonly Windows[]; path: Path }[] = [];
	const add = (windows: readonly Windows[]) => {
		const path = shortestPath(windows, isOpen);
		if (!path) return;
		const at = open.findIndex((one) => compare(path.cost, one.path.cost) > 0);
		open.splice(at < 0 ? open.length : at, 0, { windows, path });
	};
	add(loans.map(tight));
	for (;;) {
		// The best bound stands last. Taking every open day meets every loan, so there is always one left.
		const { windows, path } = open.pop()!;
		const broken = windows.findIndex((one, i) => {
			const { pickUp, takeBack } = path.loans[i];
			return takeBack > pickUp + one.keep || takeBack <= pickUp;
		});
		if (broken < 0) return path;
		const one = windows[broken];
		const { pickUp, takeBack } = path.loans[broken];
		const withLoan = (part: Partial<Windows>) =>
			add(windows.map((other, i) => (i === broken ? tight({ ...one, ...part }) : other)));
		if (takeBack <= pickUp) {
			// Fetched on its last day of use: brought back on a later day, or fetched before.
			withLoan({ pickFrom: pickUp });
			withLoan({ pickTo: pickUp - 1 });
		} else {
			const split = Math.ceil((pickUp + 1 + takeBack - one.keep) / 2);
			withLoan({ pickFrom: split });
			withLoan({ backTo: split - 1 + one.keep });
		}
	}
}

/**
 * The best trip days when each loan's two windows are met by themselves: picked up on the last trip of the
 * one, taken back on the first trip of the other. Null when they cannot be met.
 */
function shortestPath(loans: readonly Windows[], isOpen: IsOpen): Path | null {
	const days = candidateDays(loans, isOpen);
	const byPickTo = [...loans].sort((a, b) => a.pickTo - b.pickTo);
	const byBackFrom = [...loans].sort((a, b) => a.backFrom - b.backFrom);
	const start = -1;
	const reached = new Map<number, { cost: Cost; before: number }>([
		[start, { cost: [0, 0, 0], before: start }]
	]);
	const END = days.length;
	for (let i = start; i < END; i++) {
		const from = reached.get(i);
		if (!from) continue;
		const here = i === start ? -Infinity : days[i];
		let picked = byPickTo.findIndex((one) => one.pickTo >= here);
		let back = byBackFrom.findIndex((one) => one.backFrom > here);
		if (picked < 0) picked = loans.length;
		if (back < 0) back = loans.length;
		let [pickUps, returned, latest] = [0, 0, Infinity];
		for (let j = i + 1; j <= END; j++) {
			const next = j === END ? Infinity : days[j];
			// Picked up here: what has to be fetched before the next trip.
			let fits = true;
			for (; picked < loans.length && byPickTo[picked].pickTo < next; picked++) {
				if (byPickTo[picked].pickFrom > here) fits = false;
				if (here !== -Infinity) pickUps++;
			}
			if (!fits) break;
			// Taken back on the next trip: what has been used up between.
			for (; back < loans.length && byBackFrom[back].backFrom <= next; back++) {
				latest = Math.min(latest, byBackFrom[back].backTo);
				returned++;
			}
			if (latest < next) break;
			const cost: Cost = [
				from.cost[0] + (j === END ? 0 : 1),
				from.cost[1] - (pickUps ? pickUps * here : 0),
				from.cost[2] + (returned ? returned * next : 0)
			];
			const known = reached.get(j);
			if (!known || compare(cost, known.cost) < 0) reached.set(j, { cost, before: i });
		}
	}
	const end = reached.get(END);
	if (!end) return null;
	const taken: number[] = [];
	for (let at = end.before; at !== start; at = reached.get(at)!.before) taken.unshift(days[at]);
	return {
		cost: end.cost,
		days: taken,
		loans: loans.map((one) => ({
			pickUp: taken.findLast((day) => day <= one.pickTo) ?? -Infinity,
			takeBack: taken.find((day) => day >= one.backFrom)!
		}))
	};
}

/** Open days on which a book can be fetched or brought back, in order. */
function candidateDays(loans: readonly Windows[], isOpen: IsOpen): number[] {
	const days = new Set<number>();
	for (const { pickFrom, pickTo, backFrom, backTo } of loans) {
		for (const [first, last] of [
			[pickFrom, pickTo],
			[backFrom, backTo]
		])
			for (let day = Math.max(0, first); day <= last && isOpen.upTo(day); day++)
				if (isOpen(day)) days.add(day);
	}
	return [...days].sort((a, b) => a - b);
}

function check({ from, to, loans }: TripsInput): void {
	requireDay(from, 'from');
	requireDay(to, 'to');
	if (to < from) throw new CoreError('to must not be before from', 'to');
	const known = new Set<string>();
	loans.forEach((loan, i) => {
		const path = `loans[${i}]`;
		if (known.has(loan.id)) throw new CoreError(`${path}.id is there twice`, `${path}.id`);
		known.add(loan.id);
		for (const name of ['readyOn', 'useFrom', 'useTo'] as const) requireDay(loan[name], `${path}.${name}`);
		if (loan.useTo < loan.useFrom)
			throw new CoreError(`${path}.useTo must not be before useFrom`, `${path}.useTo`);
	});
}
