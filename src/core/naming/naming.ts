import { IRREGULAR, IRREGULAR_PLURAL, PLURAL_ONLY, SINGULAR_IN_S } from '../reference/nouns.ts';

/**
 * The singular of one lower-case noun. Plural-only words (scissors) and words that merely end in s
 * (compass) stay as they are.
 */
export function singularWord(word: string): string {
	if (word.length < 3 || /\d/.test(word)) return word;
	if (PLURAL_ONLY.has(word) || SINGULAR_IN_S.has(word)) return word;
	if (Object.hasOwn(IRREGULAR, word)) return IRREGULAR[word];
	const hyphen = word.lastIndexOf('-');
	if (hyphen > 0) return word.slice(0, hyphen + 1) + singularWord(word.slice(hyphen + 1));
	if (!word.endsWith('s') || /(ss|us|is)$/.test(word)) return word;
	if (/ies$/.test(word)) return word.length > 4 ? word.slice(0, -3) + 'y' : word.slice(0, -1);
	if (/(sses|shes|xes|zzes|[^aeiou]oes)$/.test(word)) return word.slice(0, -2);
	if (/(?:[^a]|^)ches$/.test(word) || /aches$/.test(word)) return word.slice(0, -2);
	if (/'s$/.test(word)) return word;
	return word.slice(0, -1);
}

/** Words after which a name only tells more about its thing ("jar with lid", "deck of cards"). */
const LINKS = new Set(['of', 'with', 'without', 'in', 'for', 'on', 'to', 'from']);

/** Where the head noun ends; the "in" of a size ("9x12 in construction paper") is no link. */
function linkIn(words: readonly string[]): number {
	return words.findIndex(
		(word, i) => i > 0 && LINKS.has(word) && !(word === 'in' && /\d/.test(words[i - 1]))
	);
}

/**
 * The singular of a whole name: its head noun ("cotton balls" → "cotton ball", "bars of soap" →
 * "bar of soap"). What stands after "with" follows a plural ("jars with lids" → "jar with lid").
 */
export function singularName(name: string): string {
	const words = name.split(' ');
	const link = linkIn(words);
	const head = link < 0 ? words.length - 1 : link - 1;
	// "safety glasses" are one thing to look through, "drinking glasses" are several.
	if (
		words[head] === 'glasses' &&
		head > 0 &&
		/^(drinking|wine|shot|juice|water|magnifying|hour)$/.test(words[head - 1])
	) {
		words[head] = 'glass';
	} else if (words[head] !== 'glasses' || head > 0) {
		words[head] = singularWord(words[head]);
	}
	if (/^(with|without)$/.test(words[link] ?? '') && words[head] !== name.split(' ')[head]) {
		words[words.length - 1] = singularWord(words[words.length - 1]);
	}
	return words.join(' ');
}

/** A name under which singular and plural, capitals and spaces do not matter. */
export function nameKey(name: string): string {
	return name
		.toLowerCase()
		.replace(/[^\p{L}\p{N}#"'.\-/ ]+/gu, ' ')
		.trim()
		.split(/\s+/)
		.map((word) => (PLURAL_ONLY.has(word) ? word.replace(/s$/, '') : singularWord(word)))
		.join(' ');
}

/** Letters that stand for words, and names of places and people in the names of things. */
const CAPITALS: Readonly<Record<string, string>> = Object.fromEntries(
	(
		'LED LEDs USB DVD DVDs CD CDs TV PVC UV AA AAA A2 A3 A4 A5 DNA pH T-shirt T-shirts X-ray X-rays 3D 2D HDMI SD ' +
		'Paris Epsom Petri Venn English French Swiss Dutch Greek Roman Chinese Japanese Mexican Indian Italian ' +
		'Celsius Fahrenheit'
	)
		.split(' ')
		.map((word) => [word.toLowerCase(), word])
);

/**
 * A name as it is shown, with the capitals that it has in print.
 *
 *     withCapitals('white led bulb')   // 'white LED bulb'
 */
export function withCapitals(name: string): string {
	return name.replace(/[a-z\d]+(?:-[a-z]+)?/g, (word) => CAPITALS[word] ?? word).replace(/(?<=\d )v\b/g, 'V');
}

/** What is counted though its last word is a stuff: an index card, a jump rope. */
const COUNTED = /\S card$|(?:jump|skipping|tow|tug) rope$|trail mix$/;

/** Whether a name is of a stuff, which is measured and not counted. */
export function isStuff(name: string): boolean {
	const words = name.split(' ');
	const link = linkIn(words);
	const head = link < 0 ? words.length - 1 : link - 1;
	return MASS.has(words[head]) && !COUNTED.test(words.slice(0, head + 1).join(' '));
}

const MASS = new Set(
	(
		'flour salt sugar water milk vinegar honey butter rice sand soil gravel glue paint paper string ' +
		'yarn tape twine wire wax clay dough cardboard cardstock card felt fabric foil film oil soap ' +
		'chalk cornstarch soda powder starch yeast thread rope ribbon cotton wool juice syrup ink ' +
		'coloring cheese bread dirt moss grass glitter plaster charcoal ice gelatin detergent lace ' +
		'plastic wood rubber leather burlap wrap cellophane tartar cinnamon cocoa popcorn celery cornflour ' +
		'cornmeal mix tuna oatmeal batting gauze lettuce spinach broccoli cauliflower garlic pasta spaghetti ' +
		'macaroni cereal granola jam jelly mustard ketchup mayonnaise yogurt cream margarine shortening lard ' +
		'putty mesh netting vermiculite compost mulch hay birdseed sawdust seaweed coffee cider lemonade shampoo ' +
		'lotion bleach alcohol peroxide semolina velvet muslin canvas tinsel floss elastic hummus meat beef pork ' +
		'ham bacon parsley cilantro thyme dill paprika turmeric tofu frosting icing extract vanilla molasses ' +
		'cardstock vellum newsprint styrofoam mulch peat silk fur chalk plasticine mortar cement grout ' +
		'tahini feta pesto bulgur couscous quinoa polenta miso ghee kefir mozzarella cheddar parmesan ricotta salsa ' +
		'guacamole tempeh muesli cumin coriander oregano basil rosemary sage saffron cardamom allspice ' +
		'nutmeg agave tapioca arrowroot amaranth barley millet spelt'
	).split(' ')
);

/**
 * The plural for showing ("6 oranges"), the singular for exactly one, and mass nouns as they are.
 * Amounts up to one ("½ lemon") take the singular.
 */
export function nameForCount(name: string, count: number): string {
	if (count <= 1) return withCapitals(name);
	const words = name.split(' ');
	const link = linkIn(words);
	const head = link < 0 ? words.length - 1 : link - 1;
	// Card is a stuff, an index card is not.
	words[head] = head > 0 && words[head] === 'card' ? 'cards' : pluralWord(words[head]);
	return withCapitals(words.join(' '));
}

function pluralWord(word: string): string {
	if (MASS.has(word) || PLURAL_ONLY.has(word) || /\d$/.test(word)) return word;
	if (Object.hasOwn(IRREGULAR_PLURAL, word)) return IRREGULAR_PLURAL[word];
	if (/[^aeiou]y$/.test(word)) return word.slice(0, -1) + 'ies';
	if (/(s|x|z|sh|ch)$/.test(word)) return word + 'es';
	if (/(potato|tomato|mango|domino)$/.test(word)) return word + 'es';
	return word + 's';
}
