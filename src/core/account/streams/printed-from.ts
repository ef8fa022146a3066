import type { Row, Snapshot } from '../../facts/index.ts';
import type { RunSituation } from '../runs.ts';

/** Whether a flag for it is a print: a printable whose file is here, or which is at home and copied by hand. */
export const isPrintedFrom = (resource: Row<'resource'>): boolean =>
	resource.kind === 'printable' && (resource.document_id !== null || resource.owned === 1);

/** What is sorted page by page under Print is wanted from there. */
export const sortedResources = ({ printSources }: Snapshot, run: RunSituation): ReadonlySet<number> =>
	new Set(printSources.filter((one) => one.run_id === run.row.id).map((one) => one.resource_id));
