import type { Source } from './sources.ts';

export type ReadingRate = { readonly who: string; readonly wordsPerMinute: number; readonly source: Source };

const BRYSBAERT: Source = {
	kind: 'published',
	name: 'Brysbaert 2019, a meta-analysis of reading rate',
	fromMemory: true
};
const NORMS: Source = {
	kind: 'published',
	name: 'Hasbrouck and Tindal 2017, oral reading fluency norms, 50th percentile, spring',
	fromMemory: true
};

/** Words a minute: adults by a meta-analysis, children reading aloud by the norms of their grade. */
export const READING_RATES: readonly ReadingRate[] = [
	{ who: 'adult aloud', wordsPerMinute: 183, source: BRYSBAERT },
	{ who: 'adult silent', wordsPerMinute: 238, source: BRYSBAERT },
	{ who: 'grade 1', wordsPerMinute: 60, source: NORMS },
	{ who: 'grade 2', wordsPerMinute: 100, source: NORMS },
	{ who: 'grade 3', wordsPerMinute: 112, source: NORMS },
	{ who: 'grade 4', wordsPerMinute: 133, source: NORMS },
	{ who: 'grade 5', wordsPerMinute: 146, source: NORMS },
	{ who: 'grade 6', wordsPerMinute: 146, source: NORMS }
];
