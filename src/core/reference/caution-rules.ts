import { PRACTICE, type Source } from './sources.ts';

/** A usual caution about a thing: what it is about, whom it concerns, and where it comes from. */
export type CautionRule = {
	readonly id: string;
	/** Names and phrases, singular; a thing matches when its name contains one as whole words. */
	readonly things: readonly string[];
	/** Phrases that make it something else ("tapioca pearls", "peppercorn"). */
	readonly except?: readonly string[];
	/** Concerns those younger than this many months on the day; null concerns everyone. */
	readonly underMonths: number | null;
	/** What may happen, and what to do. Names of those concerned are put in front by the screen. */
	readonly text: string;
	readonly source: Source;
};

const published = (name: string, fromMemory = false): Source => ({ kind: 'published', name, fromMemory });

/** The small-parts cylinder of 16 CFR 1501: a thing that fits in it can choke a child under three. */
export const SMALL_PARTS_CYLINDER = {
	diameterMm: 31.7,
	shallowestMm: 25.4,
	deepestMm: 57.1,
	underMonths: 36,
	source: published('16 CFR 1501')
} as const;

/** Largest ball that counts as a choking hazard under three. */
export const SMALL_BALL = { diameterMm: 44.4, underMonths: 36, source: published('16 CFR 1500.19') } as const;

export const CAUTION_RULES: readonly CautionRule[] = [
	{
		id: 'small-parts',
		things: [
			...[
				'bead',
				'button',
				'brad',
				'paper fastener',
				'pushpin',
				'thumbtack',
				'paper clip',
				'coin',
				'penny',
				'dime'
			],
			...[
				'googly eye',
				'sequin',
				'pom-pom',
				'pompom',
				'pebble',
				'gravel',
				'dried bean',
				'bean',
				'lentil',
				'corn kernel'
			],
			...[
				'seed',
				'acorn',
				'cork',
				'marker cap',
				'bottle cap',
				'eraser',
				'die',
				'dice',
				'counter',
				'game piece',
				'nut and bolt'
			],
			...[
				'bolt',
				'washer',
				'screw',
				'nail',
				'staple',
				'bell',
				'shell',
				'small stone',
				'toothpick',
				'rubber band',
				'cotton ball'
			]
		],
		except: [
			'push button',
			'bean bag',
			'beanbag',
			'coffee bean',
			'bell pepper',
			'button cell',
			'button battery',
			'nail polish',
			'egg shell',
			'hole punch'
		],
		underMonths: SMALL_PARTS_CYLINDER.underMonths,
		text: 'Choking hazard. Keep it out of reach, or leave it out.',
		source: SMALL_PARTS_CYLINDER.source
	},
	{
		id: 'small-ball',
		things: ['marble', 'small ball', 'bouncy ball', 'ping-pong ball', 'golf ball', 'super ball'],
		except: ['marble paper', 'marble cake'],
		underMonths: SMALL_BALL.underMonths,
		text: 'A small ball can block the airway. Not for children under 3.',
		source: SMALL_BALL.source
	},
	{
		id: 'balloon',
		things: ['balloon'],
		except: ['hot-air balloon', 'hot air balloon', 'foil balloon'],
		underMonths: 96,
		text: 'Uninflated or broken balloons can choke. Adults blow them up, and pieces are thrown away at once.',
		source: published('16 CFR 1500.19')
	},
	{
		id: 'water-beads',
		things: ['water bead', 'gel bead', 'water-absorbing bead'],
		underMonths: 72,
		text: 'Swallowed beads swell inside the body. Not in a home with young children.',
		source: published('US CPSC warnings on water beads', true)
	},
	{
		id: 'magnets',
		things: ['magnet', 'rare-earth magnet', 'neodymium magnet', 'magnet ball', 'magnetic ball'],
		except: ['magnet wand', 'magnet tape', 'magnet sheet', 'fridge magnet'],
		underMonths: 168,
		text: 'Two swallowed magnets can injure the bowel. Count them out and count them in.',
		source: published('16 CFR 1262', true)
	},
	{
		id: 'button-cells',
		things: ['button cell', 'coin cell', 'button battery', 'coin battery', 'watch battery', 'cr2032'],
		underMonths: null,
		text: 'The battery door must need a tool; used cells go out of reach at once.',
		source: published('16 CFR 1263', true)
	},
	{
		id: 'honey',
		things: ['honey'],
		except: ['honeycomb paper', 'honey comb paper'],
		underMonths: 12,
		text: 'No honey before the first birthday.',
		source: published('CDC infant-botulism guidance', true)
	},
	{
		id: 'choking-food',
		things: [
			...[
				'nut',
				'peanut',
				'almond',
				'walnut',
				'hard candy',
				'hard sweet',
				'lollipop',
				'popcorn',
				'grape',
				'marshmallow'
			],
			...['raw carrot', 'hot dog', 'raisin', 'gumdrop', 'jelly bean']
		],
		except: ['nut and bolt', 'peanut butter', 'wing nut', 'hex nut', 'grape juice', 'grapevine'],
		underMonths: 48,
		text: 'Can choke. Cut it up small, or leave it out.',
		source: published('American Academy of Pediatrics', true)
	},
	{
		id: 'raw-dough',
		things: ['flour', 'raw egg', 'egg'],
		except: [
			'egg carton',
			'plastic egg',
			'egg cup',
			'eggshell',
			'egg timer',
			'corn flour',
			'egg shell',
			'flour sack'
		],
		underMonths: null,
		text: 'Raw flour and egg are not for tasting. Cook before eating, wash hands after.',
		source: published('US FDA consumer advice', true)
	},
	{
		id: 'heat',
		things: [
			'hot wax',
			'wax',
			'glue gun',
			'hot glue',
			'iron',
			'hot plate',
			'boiling water',
			'soldering iron',
			'beeswax'
		],
		except: ['wax paper', 'iron filings', 'iron nail', 'waxed', 'crayon', 'cast iron'],
		underMonths: null,
		text: 'An adult does the hot part. Wax melts in a water bath, never on direct heat.',
		source: PRACTICE
	},
	{
		id: 'candle',
		things: ['candle', 'match', 'lighter'],
		except: ['birthday candle holder', 'match box', 'battery candle', 'matchbox'],
		underMonths: null,
		text: 'Never left burning alone.',
		source: published('NFPA candle safety', true)
	},
	{
		id: 'sharp',
		things: [
			...[
				'knife',
				'craft knife',
				'blade',
				'needle',
				'pin',
				'pushpin',
				'thumbtack',
				'safety pin',
				'paper trimmer',
				'razor'
			],
			...['skewer', 'awl', 'nail']
		],
		except: [
			'pine needle',
			'knitting needle',
			'rolling pin',
			'clothespin',
			'pin wheel',
			'nail polish',
			'plastic knife',
			'plastic needle',
			'butter knife',
			'bowling pin'
		],
		underMonths: null,
		text: 'Sharp: an adult does it or watches closely. Count them back in.',
		source: PRACTICE
	},
	{
		id: 'fumes-and-dust',
		things: [
			'spray paint',
			'spray adhesive',
			'spray glue',
			'solvent',
			'turpentine',
			'plaster',
			'clay powder',
			'glaze',
			'mineral spirit',
			'acetone',
			'varnish'
		],
		except: ['glaze brush'],
		underMonths: null,
		text: 'Fresh air and gloves; no sanding indoors. Look for “conforms to ASTM D-4236”.',
		source: published('16 CFR 1500.14(b)(8)')
	},
	{
		id: 'plaster-cast',
		things: ['plaster of paris'],
		underMonths: null,
		text: 'Never cast a hand or foot in it: it gets hot.',
		source: PRACTICE
	},
	{
		id: 'not-at-home',
		things: [
			'dry ice',
			'hydrochloric acid',
			'sulfuric acid',
			'lye',
			'mercury',
			'mercury thermometer',
			'sodium hydroxide'
		],
		except: ['planet mercury'],
		underMonths: null,
		text: 'Not at home without training. Look for another way.',
		source: PRACTICE
	},
	{
		id: 'found-things',
		things: ['mushroom', 'wild plant', 'wild berry', 'insect', 'caterpillar', 'tadpole', 'wildflower'],
		except: ['plastic insect', 'button mushroom', 'insect model'],
		underMonths: null,
		text: 'Don’t eat it, and don’t touch it unless you know it. Check local rules before taking or releasing anything.',
		source: { kind: 'practice', name: 'common practice; local law' }
	},
	{
		id: 'sun',
		things: ['solar filter', 'eclipse glasses', 'telescope', 'binoculars'],
		underMonths: null,
		text: 'Never look at the sun without a certified solar filter (ISO 12312-2).',
		source: published('ISO 12312-2')
	},
	{
		id: 'cords',
		things: ['string', 'cord', 'yarn', 'ribbon', 'rope', 'twine', 'shoelace'],
		except: ['string cheese', 'spinal cord', 'string bean'],
		underMonths: 36,
		text: 'Cords over 220 mm (8 3/4 in) can strangle a child under 3. Shorten them, or leave them out.',
		source: published('EN 71-1; ASTM F963', true)
	}
];

export const ALLERGEN_SOURCE = published('US FALCPA 2004 and FASTER Act 2021');
