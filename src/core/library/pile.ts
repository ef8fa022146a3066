import { misfit, type Fitting, type Reader } from './fit.ts';
import type { ResourceKind } from './kinds.ts';

export type PileThing = Fitting & { readonly id: string; readonly pages: number | null };

export type PileReport = {
	/** The book that could carry a unit; null when there is none. */
	readonly spine: string | null;
	/** What a unit on it would still lack, in words; empty when it carries one. */
	readonly lacks: readonly string[];
};

/** Common practice, no source: a book of so many pages carries some weeks. */
const SPINE_PAGES = 60;

const READ: readonly ResourceKind[] = ['book', 'picture book', 'magazine'];
const DONE: readonly ResourceKind[] = [
	'game',
	'kit',
	'model',
	'puzzle',
	'card set',
	'live specimen',
	'printable'
];

/**
 * Whether what a house has on a topic carries a unit: a spine, something else to read aloud, something
 * for each child, and something to do.
 */
export function reportPile(things: readonly PileThing[], children: readonly Reader[]): PileReport {
	const books = things
		.filter((one) => one.kind === 'book' && (one.pages ?? 0) >= SPINE_PAGES)
		.sort((a, b) => (b.pages ?? 0) - (a.pages ?? 0));
	const [spine] = books;
	const aloud = things.some((one) => one !== spine && READ.includes(one.kind));
	const without = children.filter((child) => !things.some((one) => misfit(one, child, 'look at') === null));
	return {
		spine: spine?.id ?? null,
		lacks: [
			...(spine ? [] : ['a spine']),
			...(aloud ? [] : ['a read-aloud']),
			...without.map((child) => `something for ${child.name}`),
			...(things.some((one) => DONE.includes(one.kind)) ? [] : ['something to do'])
		]
	};
}
