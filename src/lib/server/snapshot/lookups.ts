import type { Row } from '../database/tables/index.ts';
import { once } from './remember.ts';
import type { Snapshot } from './snapshot.ts';

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
