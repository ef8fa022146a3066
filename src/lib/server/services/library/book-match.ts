import type { Row } from '$core/facts/index.ts';
import type { Situation } from '$core/account/index.ts';
import { sameAs } from './same.ts';

/** An entry of the library that a listed book is, or may be. */
export type BookMatch = { readonly id: number; readonly title: string; readonly how: 'same' | 'like' };

/**
 * The entry of the library that a listed book is: by its number, or its title and author in whatever edition. A title
 * that is only alike is asked about, until it was said to be another.
 */
export function matchOf(situation: Situation, row: Row<'listed_book'>): BookMatch | null {
	const { resources } = situation.snapshot;
	if (row.resource_id !== null) {
		const linked = resources.find((one) => one.id === row.resource_id);
		return linked ? { id: linked.id, title: linked.title, how: 'same' } : null;
	}
	const found = sameAs(situation, row);
	const same = found.find((one) => one.how !== 'nearly the same title');
	if (same) return { id: same.id, title: same.title, how: 'same' };
	const [like] = found;
	return like && !row.is_other ? { id: like.id, title: like.title, how: 'like' } : null;
}
