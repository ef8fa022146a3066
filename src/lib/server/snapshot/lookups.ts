import type { Row } from '../database/tables/index.ts';
import type { Snapshot } from './snapshot.ts';

/** Look-up tables of a snapshot, made once for each. */
const states = new WeakMap<Snapshot, Map<string, Row<'need_state'>>>();

/** What is stored about each need, by its key. */
export function stateByKey(snapshot: Snapshot): Map<string, Row<'need_state'>> {
	let map = states.get(snapshot);
	if (!map) states.set(snapshot, (map = new Map(snapshot.needStates.map((state) => [state.key, state]))));
	return map;
}

const places = new WeakMap<Snapshot, Map<string, number | null>>();

/** In which place each lot lies, by the lot's id as text. */
export function placeByLot(snapshot: Snapshot): Map<string, number | null> {
	let map = places.get(snapshot);
	if (!map) places.set(snapshot, (map = new Map(snapshot.lots.map((lot) => [String(lot.id), lot.place_id]))));
	return map;
}
