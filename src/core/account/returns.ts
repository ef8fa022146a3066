import { addDays, dayText, type Day } from '../calendar/index.ts';
import { groupBy } from '../group-by.ts';
import { DUE_DAYS } from '../readiness/index.ts';
import { type Row, byId, type Snapshot } from '../facts/index.ts';
import type { LibraryPlan } from './library-plans.ts';
import type { RunSituation } from './runs.ts';
import type { WholeNeed } from './whole-needs.ts';

/** A borrowed thing that is to go back. */
export type Returning = {
	readonly loan: Row<'loan'>;
	readonly resource: Row<'resource'>;
	readonly supplier: Row<'supplier'> | null;
	readonly by: Day;
	/** Runs that use it. */
	readonly runs: readonly number[];
	readonly unitName: string;
	readonly why: string;
};

/** What is on loan and has done its work, or is due within the week. */
export function returnsOf(
	snapshot: Snapshot,
	runs: readonly RunSituation[],
	whole: readonly WholeNeed[],
	trips: readonly LibraryPlan[],
	today: Day
): Returning[] {
	const resources = byId(snapshot.resources);
	const suppliers = byId(snapshot.suppliers);
	const usesOf = groupBy(
		whole.filter((one) => one.book?.loan && one.need.useDay !== null && !one.need.doWithout),
		(one) => one.book!.loan!.id
	);
	const tripOf = new Map(
		trips.flatMap(({ plan, books }) =>
			plan.returns.map(({ id, takeBack }) => [books.get(id)!.loan!.id, takeBack] as const)
		)
	);
	return snapshot.loans
		.filter((loan) => loan.direction === 'in' && loan.state === 'on loan' && loan.due_on !== null)
		.flatMap((loan): Returning[] => {
			const resource = resources.get(loan.resource_id);
			if (!resource) return [];
			const uses = usesOf.get(loan.id) ?? [];
			const lastUse = uses.reduce((last, one) => (one.need.useDay! > last ? one.need.useDay! : last), '');
			const waits = lastUse !== '' && lastUse <= loan.due_on!;
			// On the day of its last lesson it may go back.
			if (waits && lastUse > today) return [];
			if (lastUse > loan.due_on! && loan.due_on! > addDays(today, DUE_DAYS)) return [];
			// What is to be renewed first has its own act.
			if (uses.some((one) => one.step?.kind === 'renew')) return [];
			const mine = runs.filter((run) => uses.some((one) => one.run === run));
			return [
				{
					loan,
					resource,
					supplier: suppliers.get(loan.supplier_id ?? 0) ?? null,
					by: tripOf.get(loan.id) ?? loan.due_on!,
					runs: mine.map((run) => run.row.id),
					unitName: mine[0]?.unit.name ?? 'Library',
					why: lastUse === '' ? 'no more lessons need it' : `last lesson ${dayText(lastUse)}`
				}
			];
		});
}
