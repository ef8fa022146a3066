/** Nouns that have no singular, or whose plural is the only form used for the thing. */
export const PLURAL_ONLY: ReadonlySet<string> = new Set(
	(
		'scissors shears snips tweezers tongs pliers forceps calipers clippers goggles glasses ' +
		'eyeglasses sunglasses spectacles binoculars headphones earphones earbuds pants jeans shorts ' +
		'trousers tights leggings pajamas overalls clothes suspenders oats grits grounds filings ' +
		'shavings molasses supplies groceries leftovers greens refreshments hiccups manipulatives ' +
		'species series news sheep moose deer ' +
		'checkers jacks stairs thanks goods belongings bellows'
	).split(' ')
);

/** Words that end in s and are singular already. */
export const SINGULAR_IN_S: ReadonlySet<string> = new Set(
	(
		'canvas lens gas iris cactus bus atlas christmas citrus asparagus hummus couscous chess ' +
		'tennis thermos plus walrus octopus abacus campus circus compass glass brass grass moss dress ' +
		'cross class mass boss floss gloss press process hibiscus eucalyptus lotus status virus focus ' +
		'bonus census apparatus swiss paris always this its plaster-of-paris mathematics physics ' +
		'analysis basis axis oasis pus venus mars saturn alas us is as kudos pancreas bias chaos ' +
		'cosmos rhinoceros platypus hippopotamus stylus crocus fungus radius genius isinglass'
	).split(' ')
);

/** Plurals that no rule finds. */
export const IRREGULAR: Readonly<Record<string, string>> = {
	leaves: 'leaf',
	loaves: 'loaf',
	halves: 'half',
	knives: 'knife',
	wives: 'wife',
	lives: 'life',
	shelves: 'shelf',
	scarves: 'scarf',
	calves: 'calf',
	hooves: 'hoof',
	wolves: 'wolf',
	elves: 'elf',
	thieves: 'thief',
	mice: 'mouse',
	dice: 'die',
	geese: 'goose',
	feet: 'foot',
	teeth: 'tooth',
	children: 'child',
	people: 'person',
	men: 'man',
	women: 'woman',
	oxen: 'ox',
	axes: 'axe',
	quizzes: 'quiz',
	buses: 'bus',
	gases: 'gas',
	lenses: 'lens',
	canvases: 'canvas',
	atlases: 'atlas',
	irises: 'iris',
	thermoses: 'thermos',
	abacuses: 'abacus',
	viruses: 'virus',
	cactuses: 'cactus',
	cacti: 'cactus',
	fungi: 'fungus',
	radii: 'radius',
	styluses: 'stylus',
	larvae: 'larva',
	pupae: 'pupa',
	algae: 'algae',
	vertices: 'vertex',
	indices: 'index',
	crises: 'crisis',
	caches: 'cache',
	aches: 'ache',
	toothaches: 'toothache',
	movies: 'movie',
	cookies: 'cookie',
	brownies: 'brownie',
	smoothies: 'smoothie',
	pies: 'pie',
	ties: 'tie',
	selfies: 'selfie',
	hoodies: 'hoodie',
	beanies: 'beanie',
	zombies: 'zombie',
	calories: 'calorie',
	magpies: 'magpie',
	veggies: 'veggie',
	pixies: 'pixie',
	genies: 'genie',
	oxes: 'ox',
	shoes: 'shoe',
	horseshoes: 'horseshoe',
	toes: 'toe',
	canoes: 'canoe',
	hoes: 'hoe',
	oboes: 'oboe'
};

/** The other way round where a thing is shown in the plural ("6 leaves"). */
export const IRREGULAR_PLURAL: Readonly<Record<string, string>> = Object.fromEntries(
	Object.entries(IRREGULAR)
		.filter(([plural]) => !['oxes', 'axes', 'cacti', 'algae'].includes(plural))
		.map(([plural, singular]) => [singular, plural])
);
