import { above } from '../../boxes/index.ts';
import {
	byId,
	enoughByItem,
	lotsByItem,
	parsed,
	thingRef,
	type Snapshot,
	type ThingId
} from '../../facts/index.ts';
import { withCapitals } from '../../naming/index.ts';
import { listText } from '../../words/index.ts';
import { placePath } from './place-paths.ts';

/** What a thing is called; empty for one that is gone, and for a binder, which its unit names. */
export function thingName(snapshot: Snapshot, id: string): string {
	const ref = thingRef(id);
	if (ref?.kind === 'title') return byId(snapshot.resources).get(ref.key)?.title ?? '';
	if (ref?.kind === 'own') return byId(snapshot.boxedThings).get(ref.key)?.title ?? '';
	return ref?.kind === 'item' ? withCapitals(byId(snapshot.items).get(ref.key)?.name ?? '') : '';
}

/** The places in which a thing lies: supplies may lie in several, everything else lies in one. Empty where none is noted. */
export function placesOfThing(snapshot: Snapshot, id: string): number[] {
	const ref = thingRef(id);
	const known = (place: number | null | undefined) => (place === null || place === undefined ? [] : [place]);
	if (ref?.kind === 'title') return known(byId(snapshot.resources).get(ref.key)?.place_id);
	if (ref?.kind === 'own') return known(byId(snapshot.boxedThings).get(ref.key)?.place_id);
	if (ref?.kind !== 'item') return [];
	const lots = lotsByItem(snapshot.lots).get(ref.key) ?? [];
	const said = enoughByItem(snapshot.statements).get(ref.key);
	return [...new Set([...lots, ...(said ? [said] : [])].flatMap((one) => known(one.place_id)))];
}

/** What has to come out of a box before a thing does, the uppermost first; empty where that was not packed. */
export function liftedFirst(snapshot: Snapshot, id: ThingId, place: number | null): string[] {
	const layout = snapshot.boxLayouts.find((one) => one.place_id === place);
	const items = layout
		? parsed(layout.packed).items.filter((one) => placesOfThing(snapshot, one.item).includes(place!))
		: [];
	const own = items.find((one) => one.item === id);
	return own ? [...new Set(above(items, own).map((one) => thingName(snapshot, one.item)))] : [];
}

/**
 * Where a thing is, as every page says it: “School room › Box 2, under Atlas and Globe”. Of supplies in several places
 * one is asked for.
 */
export function whereText(
	snapshot: Snapshot,
	id: ThingId,
	place: number | null = placesOfThing(snapshot, id)[0] ?? null
): string {
	const under = liftedFirst(snapshot, id, place);
	return `${placePath(snapshot.places, place)}${under.length ? `, under ${listText(under)}` : ''}`;
}
