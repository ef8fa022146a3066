import { addDays, dayText, type Day } from '$core/calendar/index.ts';
import { CoreError } from '$core/error.ts';
import { groupBy } from '$core/group-by.ts';
import { DUE_DAYS } from '$core/readiness/index.ts';
import type { Row } from '../../database/tables.ts';
import type { Trx } from '../../history/changes.ts';
import { endLoan, fetchLoan, holdReady, placeHold, renewLoan } from '../../stores/library/loans.ts';
import { patchNeed } from '../../stores/readiness/needs.ts';
import { updateResource } from '../../stores/library/resources.ts';
import { byId, type Snapshot } from '../../snapshot/snapshot.ts';
import { type RunSituation } from '../calendar/runs.ts';
import type { Situation } from './situation.ts';
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

/** Takes the next step for one book, for all lessons that wait for it. Answers what was done. */
export async function stepOfBook(
	trx: Trx,
	situation: Situation,
	needs: readonly WholeNeed[]
): Promise<string> {
	const { today, snapshot } = situation;
	const [{ book, step }] = needs;
	const { resource, loan } = book!;
	const supplier =
		resource.supplier_id ?? snapshot.suppliers.find((one) => one.kind === 'library')?.id ?? null;
	switch (step!.kind) {
		case 'place':
		case 'ask for': {
			if (supplier === null)
				throw new CoreError('There is no library in the household yet. Add one on House first.');
			if (loan?.state === 'on loan') await endLoan(trx, loan.id, today);
			await placeHold(trx, resource.id, supplier, today);
			return `${resource.title}: ${step!.kind === 'place' ? 'hold placed' : 'asked for'}`;
		}
		case 'get':
			await updateResource(trx, resource.id, { owned: 1 });
			return `${resource.title}: in the house`;
		case 'look':
			await holdReady(trx, loan!.id, today);
			return `${resource.title}: on the hold shelf`;
		case 'pick up':
			await fetchLoan(trx, loan!.id, today);
			return `${resource.title}: on loan`;
		case 'renew':
			return `${resource.title}: due ${dayText(await renewLoan(trx, loan!.id))}`;
		case 'ask back':
			await endLoan(trx, loan!.id, today);
			return `${resource.title}: back with us`;
		case 'print':
			for (const { run, need } of needs) await patchNeed(trx, run.run.id, need.key, { prepared: '1' });
			return `${resource.title}: printed`;
		default:
			for (const { run, need } of needs) await patchNeed(trx, run.run.id, need.key, { prepared: '1' });
			return `${resource.title}: looked through`;
	}
}

/** What is on loan and has done its work, or is due within the week. */
export function returnsOf(
	snapshot: Snapshot,
	runs: readonly RunSituation[],
	whole: readonly WholeNeed[],
	today: Day
): Returning[] {
	const resources = byId(snapshot.resources);
	const suppliers = byId(snapshot.suppliers);
	const usesOf = groupBy(
		whole.filter((one) => one.book !== null && one.need.useDay !== null),
		(one) => one.book!.resource.id
	);
	return snapshot.loans
		.filter((loan) => loan.direction === 'in' && loan.state === 'on loan' && loan.due_on !== null)
		.flatMap((loan): Returning[] => {
			const resource = resources.get(loan.resource_id);
			if (!resource) return [];
			const uses = usesOf.get(resource.id) ?? [];
			const lastUse = uses.reduce((last, one) => (one.need.useDay! > last ? one.need.useDay! : last), '');
			const waits = lastUse !== '' && lastUse <= loan.due_on!;
			if (waits && lastUse >= today) return [];
			if (lastUse > loan.due_on! && loan.due_on! > addDays(today, DUE_DAYS)) return [];
			// What is to be renewed first has its own act.
			if (uses.some((one) => one.step?.kind === 'renew')) return [];
			const mine = runs.filter((run) => uses.some((one) => one.run === run));
			return [
				{
					loan,
					resource,
					supplier: suppliers.get(loan.supplier_id ?? 0) ?? null,
					by: loan.due_on!,
					runs: mine.map((run) => run.run.id),
					unitName: mine[0]?.unit.name ?? 'Library',
					why: lastUse === '' ? 'no lesson wants it any more' : `its last lesson is on ${dayText(lastUse)}`
				}
			];
		});
}
