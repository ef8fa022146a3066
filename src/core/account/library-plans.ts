import { addDays, daysBetween, weekdayOf, type Day, type Weekday } from '../calendar/index.ts';
import { groupBy } from '../group-by.ts';
import {
	loansInARow,
	trips,
	type LoanStretch,
	type TripLoan,
	type TripReturn,
	type Trips,
	type TripsInput
} from '../library/index.ts';
import { verdict } from '../readiness/index.ts';
import { parsed, type Row, byId, type Snapshot } from '../facts/index.ts';
import type { WholeNeed } from './whole-needs.ts';

/** One loan of a book, or the hold that is to be placed for it, and the lessons that it covers. */
export type PlannedBook = {
	readonly resource: Row<'resource'>;
	/** Null: its hold is still to be placed. */
	readonly loan: Row<'loan'> | null;
	readonly uses: readonly WholeNeed[];
};

/** The trips to one library, with what goes along, by the ids of the plan. */
export type LibraryPlan = {
	readonly library: Row<'supplier'>;
	readonly books: ReadonlyMap<string, PlannedBook>;
	readonly plan: Trips;
	/** Books that one loan does not cover, with the stretches of those that do. */
	readonly inARow: ReadonlyMap<string, readonly LoanStretch[]>;
};

/** How far the plan looks beyond the last use. */
const LOOK_AHEAD_DAYS = 60;

const NOTHING: Trips = { trips: [], loans: [], returns: [], impossible: [] };

// A plan is dear, and most changes touch no book.
const known = new Map<string, Trips>();
const MOST_KNOWN = 12;

function planned(input: TripsInput): Trips {
	const key = JSON.stringify(input);
	let plan = known.get(key);
	if (!plan) {
		if (known.size >= MOST_KNOWN) known.clear();
		known.set(key, (plan = trips(input)));
	}
	return plan;
}

/** As few trips to each library as its loans and holds allow: the one plan from which every page takes its days. */
export function libraryPlans(snapshot: Snapshot, whole: readonly WholeNeed[], today: Day): LibraryPlan[] {
	const libraries = snapshot.suppliers.filter((one) => one.kind === 'library');
	const resources = byId(snapshot.resources);
	const books = whole.filter(
		({ book, need }) =>
			book !== null &&
			book.resource.owned === 0 &&
			need.useDay !== null &&
			!need.doWithout &&
			book.resource.kind !== 'link'
	);
	const groups = [...groupBy(books, ({ book }) => `${book!.resource.id}/${book!.loan?.id ?? ''}`)];
	return libraries.map((library): LibraryPlan => {
		const loans: TripLoan[] = [];
		const returns: TripReturn[] = [];
		const titles = new Map<string, PlannedBook>();
		const inARow = new Map<string, readonly LoanStretch[]>();
		const keep = library.loan_days * (1 + library.renewals);
		for (const [id, uses] of groups) {
			const { resource, loan } = uses[0].book!;
			if ((loan?.supplier_id ?? resource.supplier_id) !== library.id || loan?.state === 'on loan') continue;
			// What is bought, or not held there, is fetched nowhere.
			if (loan === null && !uses.some((one) => one.step?.kind === 'place')) continue;
			const days = uses.map((one) => one.need.useDay!).sort();
			const stretches = loansInARow(days, keep);
			if (stretches.length > 1) inARow.set(id, stretches);
			// What is looked through beforehand is at home for that.
			const wantedBy = (one: WholeNeed) =>
				one.need.prepare && one.days ? one.days.inHandBy : addDays(one.need.useDay!, -1);
			// Where one loan does not cover all, each stretch is a loan of its own.
			for (const [at, { from, to }] of stretches.entries()) {
				const part = at === 0 ? id : `${id}/${at}`;
				const own = uses.filter((one) => from <= one.need.useDay! && one.need.useDay! <= to);
				const before = own.map(wantedBy).sort()[0];
				titles.set(part, { resource, loan: at === 0 ? loan : null, uses: own });
				loans.push({
					id: part,
					...waiting(library, at === 0 ? loan : null, today, from),
					useFrom: [before, addDays(from, -1)].find((day) => day >= today) ?? from,
					useTo: to,
					loanDays: library.loan_days,
					renewals: library.renewals
				});
			}
		}
		const usesOf = groupBy(books, ({ book }) => book!.loan?.id ?? 0);
		for (const loan of snapshot.loans) {
			if (
				loan.direction !== 'in' ||
				loan.state !== 'on loan' ||
				loan.supplier_id !== library.id ||
				!loan.due_on
			)
				continue;
			const uses = usesOf.get(loan.id) ?? [];
			const last =
				uses
					.map((one) => one.need.useDay!)
					.sort()
					.at(-1) ?? today;
			const latest = addDays(loan.due_on, Math.max(0, library.renewals - loan.renewed) * library.loan_days);
			const id = `loan ${loan.id}`;
			titles.set(id, { resource: resources.get(loan.resource_id)!, loan, uses });
			returns.push({
				id,
				backFrom: last > latest ? today : last,
				backTo: latest < today ? addDays(today, library.loan_days) : latest
			});
		}
		if (titles.size === 0) return { library, books: titles, plan: NOTHING, inARow };
		const to = [...loans.map((one) => one.useTo), ...returns.map((one) => one.backTo), today].sort().at(-1)!;
		const plan = planned({
			open: parsed(library.weekdays),
			from: today,
			to: addDays(to, LOOK_AHEAD_DAYS),
			loans,
			returns
		});
		return { library, books: titles, plan, inARow };
	});
}

/** When a book waits on the hold shelf: as it does now, as it is expected to, or as its hold is placed in time. */
function waiting(
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

/** The first day from one on, on which the library is open; that day itself where it never is. */
export function firstOpen(weekdays: readonly Weekday[], from: Day): Day {
	for (let more = 0; more < 7; more++)
		if (weekdays.includes(weekdayOf(addDays(from, more)))) return addDays(from, more);
	return from;
}

/** The last open day of a stretch; null where it has none. */
function lastOpen(weekdays: readonly Weekday[], from: Day, to: Day): Day | null {
	for (let day = to; day >= from; day = addDays(day, -1)) if (weekdays.includes(weekdayOf(day))) return day;
	return null;
}

/**
 * What is on hold or waits on the shelf is picked up on its trip: that is the day of its step, and where the trip is
 * before the lesson it is in time, whatever the habit would like. Where no trip does, it is the last open day before
 * the lesson, else the next one, and late.
 */
export function onTrips(whole: readonly WholeNeed[], plans: readonly LibraryPlan[], today: Day): WholeNeed[] {
	const trip = new Map<string, Day>();
	const libraryOf = new Map(plans.map((one) => [one.library.id, one.library]));
	for (const { books, plan } of plans)
		for (const { id, pickUp } of plan.loans)
			for (const { need } of books.get(id)!.loan ? books.get(id)!.uses : []) trip.set(need.key, pickUp);
	return whole.map((one) => {
		const { need, step, days, book } = one;
		const library = libraryOf.get(book?.loan?.supplier_id ?? 0);
		if (!days || !step) return one;
		// Renewed on any day until it is due: neither a trip nor the library's own days matter.
		if (step.kind === 'renew' && step.by) {
			const renewed = { ...days, actBy: step.by };
			return { ...one, days: renewed, verdict: verdict(need, renewed, today) };
		}
		if (!library || (step.kind !== 'pick up' && step.kind !== 'check')) return one;
		const open = parsed(library.weekdays);
		const until = step.kind === 'pick up' ? addDays(book!.loan!.ready_on!, library.shelf_days) : need.useDay!;
		const before = need.prepare && days.inHandBy >= today ? days.inHandBy : addDays(need.useDay!, -1);
		const day =
			trip.get(need.key) ?? lastOpen(open, today, until < before ? until : before) ?? firstOpen(open, today);
		const onTrip = {
			...days,
			actBy: day,
			inHandBy: day < need.useDay! && day > days.inHandBy ? day : days.inHandBy
		};
		const moved = step.kind === 'pick up' ? { ...need, promised: day } : need;
		return {
			...one,
			need: moved,
			days: onTrip,
			step: step.kind === 'pick up' ? { ...step, by: day } : step,
			verdict: verdict(moved, onTrip, today)
		};
	});
}
