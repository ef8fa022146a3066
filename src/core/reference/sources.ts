/**
 * Where a value comes from. `exact` is a definition, `published` a named publication, `practice`
 * common practice in the trade without a source. `fromMemory` says that the value was written
 * down from memory of the publication and not copied from it.
 */
export type Source = {
	readonly kind: 'exact' | 'published' | 'practice';
	readonly name: string;
	readonly fromMemory?: boolean;
};

export const NIST_44: Source = { kind: 'exact', name: 'NIST Handbook 44, Appendix C' };
export const DEFINITION: Source = { kind: 'exact', name: 'definition' };
export const USDA: Source = {
	kind: 'published',
	name: 'USDA FoodData Central, household measures',
	fromMemory: true
};
export const PRACTICE: Source = { kind: 'practice', name: 'common practice' };

/** A source in a few words, as shown beside a number. */
export function sourceText(source: Source): string {
	return source.fromMemory ? `${source.name} (from memory)` : source.name;
}
