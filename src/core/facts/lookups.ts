import { groupBy } from '../group-by.ts';
import { once } from './remember.ts';
import type { Snapshot } from './snapshot.ts';
import type { Row } from './tables.ts';

/** What is stored about each need, by its key. */
export const stateByKey = once(
	({ needStates }: Snapshot): ReadonlyMap<string, Row<'need_state'>> =>
		new Map(needStates.map((state) => [state.key, state]))
);

/** In which place each lot lies, by the lot's id as text. */
export const placeByLot = once(
	({ lots }: Snapshot): ReadonlyMap<string, number | null> =>
		new Map(lots.map((lot) => [String(lot.id), lot.place_id]))
);

/** Uses of titles, by lesson; kept as long as the list of uses. */
export const usesByLesson = once(
	(uses: readonly Row<'resource_use'>[]): ReadonlyMap<number | null, readonly Row<'resource_use'>[]> =>
		groupBy(uses, (use) => use.lesson_id)
);

/** The titles that are used in any of these lessons, by id. */
export const usedIn = ({ uses }: Snapshot, lessons: Iterable<number>): Set<number> =>
	new Set([...lessons].flatMap((id) => (usesByLesson(uses).get(id) ?? []).map((use) => use.resource_id)));

/** Lots with something in them, by their item; kept as long as the list of lots. */
export const lotsByItem = once((lots: readonly Row<'lot'>[]): ReadonlyMap<number, readonly Row<'lot'>[]> =>
	groupBy(
		lots.filter((lot) => lot.amount !== '0'),
		(lot) => lot.item_id
	)
);

/** Where there is enough of a thing, as somebody said; by its item. */
export const enoughByItem = once(
	(statements: readonly Row<'statement'>[]): ReadonlyMap<number, Row<'statement'>> =>
		new Map(statements.filter((one) => one.state === 'enough').map((one) => [one.item_id, one]))
);
