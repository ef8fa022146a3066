import { nameKey } from '../naming/naming.ts';
import { ALLERGENS, ALLERGY_WORDS, OTHER_ALLERGENS, type AllergenRow } from '../reference/allergens.ts';

const ROWS: Readonly<Record<string, AllergenRow>> = { ...ALLERGENS, ...OTHER_ALLERGENS };

/** Hyphens, apostrophes and endings do not matter: “play-dough”, “Gluten free”. */
const keyOf = (text: string): string => nameKey(text.replaceAll('’', "'").replaceAll('-', ' '));

const ROW_OF = new Map(Object.keys(ROWS).map((name) => [keyOf(name), name]));

/** The row that holds a food among its things: “almond” stands under tree nuts. */
const rowWith = (key: string): string | undefined => ROW_WITH.get(key);

const ROW_WITH = new Map(
	Object.entries(ROWS)
		.toReversed()
		.flatMap(([name, { things }]) => things.map((thing) => [keyOf(thing), name] as const))
);

/** What an allergy is called here, and whether more is known of it than its own name. */
export type Allergy = { readonly name: string; readonly isKnown: boolean };

const AROUND =
	/^(?:(?:severe|severely|mild|mildly|any|all|raw|cooked|fresh|some|other|the|an?|to|very|highly|possible|possibly)\s+)+|\s+(?:products?|proteins?|foods?|based foods?|allerg(?:y|ies)|intoleran(?:t|ce)|sensitivity)$/g;

/**
 * The allergens that a word for an allergy means, by the names that labels use. What is not known keeps its own
 * name, and whatever is named like it is warned of.
 *
 *     allergiesIn('nuts')    // [{ name: 'tree nuts', isKnown: true }, { name: 'peanuts', isKnown: true }]
 *     allergiesIn('quinoa')  // [{ name: 'quinoa', isKnown: false }]
 */
export function allergiesIn(said: string): Allergy[] {
	let word = said
		.toLowerCase()
		.replace(/[()[\]{}.!?*"“”]/g, ' ')
		.trim()
		.replace(/\s+/g, ' ');
	for (let before = ''; before !== word;) {
		before = word;
		word = word.replace(AROUND, '').trim();
	}
	const key = keyOf(word);
	if (key === '') return [];
	const row = ROW_OF.get(key);
	if (row) return [{ name: row, isKnown: true }];
	if (Object.hasOwn(ALLERGY_WORDS, key)) return ALLERGY_WORDS[key].map((name) => ({ name, isKnown: true }));
	return [{ name: word, isKnown: rowWith(key) !== undefined }];
}

/** Words on a pack that may hold any nut. */
const ANY_NUT = ['nut', 'trail mix', 'granola', 'nougat', 'praline'];

/**
 * What is warned of for an allergy. One nut alone (“walnuts”) is warned of by its name and where nuts are mixed.
 *
 *     hidesIn('sesame').things // ['sesame', 'tahini', …]
 */
export function hidesIn(allergy: string): AllergenRow {
	if (Object.hasOwn(ROWS, allergy)) return ROWS[allergy];
	const nuts = rowWith(keyOf(allergy));
	return nuts === 'tree nuts'
		? { things: [allergy, ...ANY_NUT], except: ROWS[nuts].except }
		: { things: [allergy], except: [] };
}

const answers = new Map<string, boolean>();
const MOST_ANSWERS = 20_000;

/** Whether a thing may hold an allergen, by its name; looked up once for each pair. */
export function mayHold(thing: string, allergy: string): boolean {
	const pair = `${allergy}|${thing}`;
	let answer = answers.get(pair);
	if (answer === undefined) {
		const { things, except } = hidesIn(allergy);
		let name = ` ${keyOf(thing)} `;
		// An exception takes away its own words only: “rice flour and wheat flour” still names wheat.
		for (const phrase of except) name = name.replaceAll(` ${keyOf(phrase)} `, ' | ');
		answer = things.some((one) => name.includes(` ${keyOf(one)} `));
		if (answers.size >= MOST_ANSWERS) answers.clear();
		answers.set(pair, answer);
	}
	return answer;
}
