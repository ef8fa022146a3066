import type { Unit } from './measures.ts';

/** Words by which printed supply lists are read. Common practice; the spellings are those in use. */

const set = (words: string): ReadonlySet<string> => new Set(words.split(/\s+/));

/** How lists write each unit in full, singular first; then abbreviations, a point after them allowed. */
const UNIT_SPELLINGS: Readonly<Partial<Record<Unit, { words?: [string, string][]; short?: string }>>> = {
	each: { short: 'ea each' },
	pair: { words: [['pair', 'pairs']], short: 'pr prs' },
	dozen: { words: [['dozen', 'dozens']], short: 'doz dz' },
	cup: { words: [['cup', 'cups']], short: 'c C cp' },
	tbsp: {
		words: [['tablespoon', 'tablespoons']],
		short: 'T Tb Tbs Tbsp tbsp tbsps tbs tbl tblsp TBSP tbsps'
	},
	tsp: { words: [['teaspoon', 'teaspoons']], short: 't tsp tsps Tsp TSP' },
	floz: { short: 'floz' },
	pint: { words: [['pint', 'pints']], short: 'pt pts' },
	quart: { words: [['quart', 'quarts']], short: 'qt qts' },
	gallon: { words: [['gallon', 'gallons']], short: 'gal gals' },
	ml: {
		words: [
			['milliliter', 'milliliters'],
			['millilitre', 'millilitres']
		],
		short: 'ml mL mls cc'
	},
	l: {
		words: [
			['liter', 'liters'],
			['litre', 'litres']
		],
		short: 'l L'
	},
	oz: { words: [['ounce', 'ounces']], short: 'oz ozs' },
	lb: { words: [['pound', 'pounds']], short: 'lb lbs' },
	g: { words: [['gram', 'grams']], short: 'g gm gms gr' },
	kg: {
		words: [
			['kilogram', 'kilograms'],
			['kilo', 'kilos']
		],
		short: 'kg kgs'
	},
	in: { words: [['inch', 'inches']], short: 'in ins "' },
	ft: { words: [['foot', 'feet']], short: "ft '" },
	yd: { words: [['yard', 'yards']], short: 'yd yds' },
	mm: {
		words: [
			['millimeter', 'millimeters'],
			['millimetre', 'millimetres']
		],
		short: 'mm'
	},
	cm: {
		words: [
			['centimeter', 'centimeters'],
			['centimetre', 'centimetres']
		],
		short: 'cm cms'
	},
	m: {
		words: [
			['meter', 'meters'],
			['metre', 'metres']
		],
		short: 'm'
	},
	sheet: { words: [['sheet', 'sheets']] },
	roll: { words: [['roll', 'rolls']] },
	pack: {
		words: [
			['pack', 'packs'],
			['package', 'packages'],
			['packet', 'packets']
		],
		short: 'pkg pkgs pkt pkts pk pks'
	},
	box: { words: [['box', 'boxes']], short: 'bx' },
	bag: { words: [['bag', 'bags']] },
	bottle: { words: [['bottle', 'bottles']], short: 'btl' },
	can: { words: [['can', 'cans']] },
	jar: { words: [['jar', 'jars']] },
	tube: { words: [['tube', 'tubes']] },
	stick: {
		words: [
			['stick', 'sticks'],
			['stk', 'stks']
		]
	},
	ball: {
		words: [
			['ball', 'balls'],
			['skein', 'skeins']
		]
	},
	spool: { words: [['spool', 'spools']] },
	bunch: { words: [['bunch', 'bunches']] },
	pinch: { words: [['pinch', 'pinches']] },
	drop: { words: [['drop', 'drops']] },
	handful: {
		words: [
			['handful', 'handfuls'],
			['handsful', 'handsful']
		]
	}
};

export type UnitSpelling = { readonly unit: Unit; readonly form: 'one' | 'many' | 'short' };

/** Spelling → unit. Short forms are matched with their capitals (T is a tablespoon, t a teaspoon). */
export const SPELLINGS: ReadonlyMap<string, UnitSpelling> = new Map(
	Object.entries(UNIT_SPELLINGS).flatMap(([unit, { words = [], short = '' }]): [string, UnitSpelling][] => [
		...words.flatMap(([one, many]): [string, UnitSpelling][] => [
			[one, { unit: unit as Unit, form: 'one' }],
			[many, { unit: unit as Unit, form: 'many' }]
		]),
		...short
			.split(' ')
			.filter(Boolean)
			.map((word): [string, UnitSpelling] => [word, { unit: unit as Unit, form: 'short' }])
	])
);

/** Unit word and next word that are one thing ("can opener"), not an amount of something. */
export const UNIT_COMPOUNDS = set(
	`can-opener can-lid can-tab bottle-cap bottle-opener bottle-brush bottle-top bottle-stopper bottle-rocket
	 jar-lid jar-opener jar-candle drop-cloth drop-spindle sheet-protector sheet-pan sheet-cake sheet-music
	 box-cutter box-fan box-lid box-top box-knife ball-bearing ball-pump ball-cap bag-clip bag-tie stick-pin
	 stick-figure stick-puppet stick-horse stick-blender cup-hook cup-holder cup-lid cup-liner tube-sock
	 tube-cutter roll-cart pinch-pot yard-stick meter-stick metre-stick foot-stool foot-pump pound-cake
	 inch-worm pack-animal spool-holder stick-tack sheet-metal`
);

export const COLOURS = set(
	`red orange yellow green blue purple violet indigo pink brown black white gray grey tan beige gold silver
	 teal turquoise aqua navy maroon cream ivory magenta cyan lavender lime bronze copper clear transparent
	 crimson scarlet peach mint charcoal khaki rainbow neon fluorescent multicolored`
);

/** Colours that are things, too: "an orange" after a comma is one more thing on the list. */
export const COLOUR_THINGS = set('orange peach gold silver copper lime mint charcoal ivory lavender bronze');

/** What comes in colours, so that "paper, orange" is orange paper. */
export const COLOURED = set(
	`paper cardstock card paint marker markers crayon crayons yarn felt ribbon coloring colouring glitter bead beads
	 fabric thread tape string balloon balloons cup cups plate plates pen pens pencil pencils chalk tissue clay
	 dough pom-pom pom-poms pompom pompoms button buttons feather feathers sequin sequins streamer streamers straw straws`
);

/** Words that shade a colour ("light blue", "hot pink"). */
export const SHADES = set(
	'light dark bright pale deep hot sky royal forest navy neon pastel lime olive mint'
);

/** Sizes, materials and states in front of a thing; two things may or may not share them. */
export const SIZES = set(
	`large small medium big tiny little mini jumbo giant huge wide narrow tall short long thin thick heavy
	 deep shallow flat round square rectangular sturdy extra-large`
);
export const MATERIALS = set(
	`plastic paper glass metal wooden wood foam styrofoam cardboard rubber tin aluminum steel felt fabric
	 cloth cotton wool ceramic clay silicone leather wax wire disposable`
);
export const STATES = set('empty clean old new used recycled fresh dry wet warm cold cool soft hard plain');

/** A first word that makes one thing with its noun, not an adjective that could be shared. */
export const FIXED_COMPOUNDS = set(
	`paper-towel paper-clip paper-fastener paper-punch paper-cutter cotton-ball cotton-swab cotton-pad
	 rubber-band rubber-stamp wax-paper tin-foil aluminum-foil clay-tool wire-cutter felt-tip glass-bead
	 wood-glue wood-chip wood-craft fabric-marker fabric-paint fabric-scrap foam-board plastic-wrap
	 clear-tape wool-roving wool-yarn cotton-string paper-bag wire-hanger metal-washer tin-can`
);

/** Kinds that stand in front of the thing even when the list puts them after a comma. */
export const KINDS = set(
	`all-purpose granulated powdered washable unscented self-adhesive heavy-duty non-toxic waterproof
	 permanent self-rising iodized unsalted salted whole-wheat double-sided air-dry fine-tip
	 dry-erase large small medium jumbo mini round square oval rectangular triangular folding collapsible
	 portable sturdy transparent stiff flat-head flathead phillips plastic wooden metal fine coarse`
);

/** Things that only come as pairs and count as one. */
export const SINGLE_PAIRS = set(
	`scissors tweezers pliers goggles tongs shears snips glasses sunglasses eyeglasses binoculars
	 headphones earphones earbuds pants jeans shorts trousers forceps clippers calipers tights leggings
	 pajamas overalls spectacles`
);

/** Things sold and cut by length. */
export const BY_LENGTH = set(
	`string yarn ribbon wire rope twine tape thread cord fabric felt lace elastic tubing chain line foil pipe
	 hose burlap paper cloth ricrac rickrack raffia jute floss webbing velcro wrap leather cotton webbing
	 bubblewrap muslin canvas cheesecloth netting tulle gauze linen webbing trim hemp strap`
);

/** Things whose size is said as a volume or weight ("2 liter bottle"). */
export const VESSELS = set(
	`bottle bottles jug jugs jar jars bucket buckets bag bags pitcher pitchers container containers cup cups
	 beaker beakers can cans tub tubs bin bins box boxes carton cartons bowl bowls pot pots pan pans
	 syringe syringes tank tanks aquarium aquariums pail pails tin tins pouch pouches flask flasks baggie
	 baggies cooler coolers tote totes planter planters canister canisters weight weights measure kettle
	 thermos cylinder cylinders tray trays packet packets spoon spoons`
);

/** Pairs of words that stay together around "and". */
export const JOINED_BY_AND = [
	'salt and pepper (?:shaker|mill|grinder|set)s?',
	'macaroni and cheese',
	'mac and cheese',
	'hook and loop',
	'hook and eye',
	'nut and bolt',
	'mortar and pestle',
	'bow and arrow',
	'cup and saucer',
	'dustpan and brush',
	'peanut butter and jelly',
	'arts? and crafts? ',
	'rock and mineral',
	'half and half',
	'black and white (?:photo|composition|striped|checkered|picture|copy|copies|printer|film)',
	'cut and paste',
	'tic and tac',
	'pots and pans',
	'lock and key',
	'cause and effect',
	'before and after',
	'snakes and ladders',
	'chutes and ladders',
	'mix and match',
	'needle and thread kits?',
	'flannel and felt',
	'ball and cup',
	'cookies and cream'
];
