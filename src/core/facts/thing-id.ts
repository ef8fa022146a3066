/** Where a thing stands: among the titles, the supplies, a unit's own things, or its binders. */
type ThingKind = 'title' | 'item' | 'own' | 'binder';

/**
 * Names any thing that can lie in a box: a title of the library, a thing of the supplies, one of a unit's own, or the
 * binder at this place among those of its unit. Tables count from 1 each: a bare number says nothing.
 */
export type ThingId = `${ThingKind}-${number}`;

/** The same, taken apart. */
export type ThingRef = { readonly kind: ThingKind; readonly key: number };

/** @example thingId('title', 12) // 'title-12' */
export const thingId = <K extends ThingKind>(kind: K, key: number): `${K}-${number}` => `${kind}-${key}`;

/**
 * Takes the name of a thing apart; null for what names none.
 *
 * @example thingRef('own-3') // { kind: 'own', key: 3 }
 */
export function thingRef(id: string): ThingRef | null {
	const found = /^(title|item|own|binder)-(\d{1,15})$/.exec(id);
	return found ? { kind: found[1] as ThingKind, key: Number(found[2]) } : null;
}
