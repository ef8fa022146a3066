import { nameKey } from '../naming/index.ts';
import { COLOURS, FIXED_COMPOUNDS, KINDS, MATERIALS, SIZES, STATES } from '../reference/list-words.ts';

/** Two names that may be one thing: "glue" and "white glue". */
export type Alike = { readonly general: string; readonly specific: string };

/** Words that only tell which one of a thing is meant. */
const WHICH = new Set([
	...COLOURS,
	...SIZES,
	...MATERIALS,
	...STATES,
	...KINDS,
	...'school craft liquid household kitchen table ordinary regular strong'.split(' ')
]);

/**
 * Pairs of a list (and of what the house knows, by its names and other names) whose names differ by one word that only tells which is meant, and of which the house has not said
 * before that they are two. A general name with several others ("paper" beside tissue and graph paper) is a thing of
 * its own.
 *
 *     alikeNames(['glue', 'white glue', 'paper'], [])   // [{ general: 'glue', specific: 'white glue' }]
 *     alikeNames(['glue', 'white glue'], ['glue', 'white glue'])   // []
 */
export function alikeNames(
	names: readonly string[],
	known: readonly string[],
	others: readonly string[] = []
): Alike[] {
	const byKey = new Map([...known, ...names].map((name) => [nameKey(name), name]));
	// What is another name of something has its thing.
	for (const other of others) byKey.delete(nameKey(other));
	const settled = new Set(known.map(nameKey));
	const specifics = new Map<string, string[]>();
	for (const key of byKey.keys()) {
		const [first, ...rest] = key.split(' ');
		const general = rest.join(' ');
		if (byKey.has(general)) specifics.set(general, [...(specifics.get(general) ?? []), first]);
	}
	return [...specifics].flatMap(([general, [word, ...more]]) => {
		const specific = `${word} ${general}`;
		if (more.length || (settled.has(general) && settled.has(specific))) return [];
		return WHICH.has(word) && !FIXED_COMPOUNDS.has(`${word}-${general}`)
			? [{ general: byKey.get(general)!, specific: byKey.get(specific)! }]
			: [];
	});
}
