import { groupBy } from '../../group-by.ts';
import { printingOf } from '../../print/index.ts';
import { parsed, type Snapshot } from '../../facts/index.ts';
import { countOf, layoutOf, type PrintSituation } from './prints.ts';

/** Copies of a print that are cut apart out of the same sheets, and handed out. */
export const isShared = (print: PrintSituation): boolean => layoutOf(print, 1).isCut && countOf(print) > 1;

/**
 * How many slips part the piles of the runs that some prints make: one for each pile, where there are several. Runs on
 * card have none, a sheet of it for each pile would be a waste.
 */
export function slipsOf({ household }: Snapshot, prints: readonly PrintSituation[]): number {
	if (!printingOf(parsed(household.printing)).slips) return 0;
	const onPaper = prints.filter(
		({ judged, resource, copies }) =>
			judged.stock.value === 'plain20' && resource.document_id !== null && copies.length > 0
	);
	const runs = groupBy(onPaper, ({ judged }) => `${judged.sides.value} ${judged.color.value}`);
	return [...runs.values()].reduce((sum, run) => {
		const isByChild = run.some((print) => print.copies.some(({ child }) => child !== null));
		const piles = new Set(
			run.flatMap((print) =>
				!isByChild
					? [`print ${print.row.id}`]
					: isShared(print)
						? ['to hand out']
						: print.copies.map(({ child }) => `child ${child?.id ?? ''}`)
			)
		);
		return sum + (piles.size > 1 ? piles.size : 0);
	}, 0);
}
