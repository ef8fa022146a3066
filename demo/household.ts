/**
 * The Marrow household: invented people, places, shops and lessons. Amounts and lists are written as
 * a parent writes them and go through the same reader as everything else.
 */

/** The demo's day: Friday of the third week of the running unit. */
export const TODAY = '2027-01-22';

export const HOUSEHOLD = { name: 'The Marrow household', zone: 'America/Chicago', weekStart: 1 } as const;

export const PEOPLE = [
	{ name: 'Juno', kind: 'adult', born: null, allergies: [], weekdays: null },
	{ name: 'Ferris', kind: 'adult', born: null, allergies: [], weekdays: null },
	{ name: 'Odile', kind: 'child', born: '2016-09-14', allergies: [], weekdays: null },
	{ name: 'Perrin', kind: 'child', born: '2019-06-02', allergies: ['tree nuts'], weekdays: null },
	{ name: 'Tamsin', kind: 'child', born: '2024-05-19', allergies: [], weekdays: null },
	{ name: 'Lark', kind: 'guest', born: '2018-11-27', allergies: [], weekdays: [5] }
] as const;

export const SUPPLIERS = [
	{ name: 'Corner Grocer', kind: 'shop', weekdays: [1, 2, 3, 4, 5, 6], leadDays: 0 },
	{ name: 'Hobby & Hardware', kind: 'shop', weekdays: [2, 3, 4, 5, 6], leadDays: 0 },
	{ name: 'Mail order', kind: 'order', weekdays: [1, 2, 3, 4, 5], leadDays: 7 },
	{ name: 'Friends and family', kind: 'friend', weekdays: [1, 2, 3, 4, 5, 6, 7], leadDays: 4 },
	{ name: 'Fernhill Library', kind: 'library', weekdays: [2, 3, 4, 5, 6], leadDays: 11 },
	// Comes by on Fridays and lends for two weeks, once.
	{ name: 'Bookmobile', kind: 'library', weekdays: [5], leadDays: 3, loanDays: 14, renewals: 0 }
] as const;

export type DemoPlace = {
	readonly name: string;
	readonly kind: 'room' | 'furniture' | 'shelf' | 'box';
	/** Of a box: length, width and height inside, mm. */
	readonly inner?: readonly [number, number, number];
	/** Height above the room's floor, in mm, where it was measured. */
	readonly floorMm?: number;
	readonly things?: readonly string[];
	readonly inside?: readonly DemoPlace[];
};

/** Rooms in the order in which one walks through them, and what lies where. */
export const PLACES: readonly DemoPlace[] = [
	{
		name: 'Kitchen',
		kind: 'room',
		inside: [
			{
				name: 'pantry',
				kind: 'furniture',
				inside: [
					{
						name: 'top shelf',
						kind: 'shelf',
						things: [
							'2 kg flour',
							'3 lb salt',
							'2 lb sugar',
							'1 box cornstarch',
							'500 g baking soda',
							'1 bottle vinegar',
							'1 bottle vegetable oil',
							'12 oz cocoa powder'
						]
					},
					{
						name: 'middle shelf',
						kind: 'shelf',
						things: [
							'2 lb rice',
							'1 lb dried beans',
							'2 bags mini marshmallows',
							'1 jar honey',
							'1 jar peanut butter',
							'3 packs yeast',
							'1 can cooking spray',
							'1 lb rolled oats',
							'2 boxes raisins'
						]
					}
				]
			},
			{
				name: 'drawer by the stove',
				kind: 'furniture',
				things: [
					'40 toothpicks',
					'1 roll wax paper',
					'1 roll aluminum foil',
					'1 roll plastic wrap',
					'24 drinking straws',
					'2 measuring tapes',
					'18 birthday candles',
					'2 boxes matches'
				]
			},
			{
				name: 'under the sink',
				kind: 'furniture',
				things: [
					'5 sponges',
					'8 spray bottles',
					'1 bottle dish soap',
					'3 trays',
					'20 plastic cups',
					'14 paper plates'
				]
			},
			{
				name: 'cupboard',
				kind: 'furniture',
				things: [
					'6 mixing bowls',
					'4 baking sheets',
					'3 rolling pins',
					'2 pitchers',
					'12 spoons',
					'3 saucepans',
					'1 kitchen scale',
					'1 glass bowl'
				]
			}
		]
	},
	{
		name: 'School room',
		kind: 'room',
		inside: [
			{
				name: 'desk',
				kind: 'furniture',
				inside: [
					{
						name: 'drawer 1',
						kind: 'shelf',
						things: [
							'30 pencils',
							'6 erasers',
							'4 rulers',
							'3 pairs of scissors',
							'2 protractors',
							'12 markers',
							'6 glue sticks',
							'1 roll clear tape',
							'1 stapler'
						]
					},
					{
						name: 'drawer 2',
						kind: 'shelf',
						things: [
							'60 index cards',
							'1 box paper clips',
							'25 pushpins',
							'9 sheets tracing film',
							'40 1-inch brads',
							'3 fine-tip black markers',
							'2 hole punches'
						]
					}
				]
			},
			{
				name: 'paper shelf',
				kind: 'furniture',
				things: [
					'180 sheets copy paper',
					'22 sheets white cardstock',
					'35 sheets construction paper',
					'12 sheets graph paper',
					'4 sheets poster board',
					'6 sheets cardboard',
					'1 roll butcher paper',
					'8 sheets watercolor paper',
					'10 file folders'
				]
			},
			{
				name: 'art cart',
				kind: 'furniture',
				things: [
					'3 sets of watercolor paints',
					'8 paintbrushes',
					'1 bottle white glue',
					'24 colored pencils',
					'18 crayons',
					'2 lb modeling clay',
					'1 bottle blue food coloring',
					'1 bottle green food coloring',
					'60 craft sticks',
					'30 pipe cleaners',
					'1 bottle green paint',
					'1 bottle brown paint'
				]
			},
			{ name: 'box for Maps', kind: 'box', inner: [600, 400, 300] },
			{
				name: 'window shelf',
				kind: 'shelf',
				things: [
					'1 globe',
					'1 compass',
					'2 magnifying glasses',
					'1 wall map',
					'1 atlas',
					'2 flashlights',
					'3 clipboards'
				]
			}
		]
	},
	{
		name: 'Hall closet',
		kind: 'room',
		inside: [
			{
				name: 'sewing basket',
				kind: 'box',
				things: [
					'14 sewing needles',
					'6 spools of thread',
					'3 yd ribbon',
					'2 yd felt',
					'40 safety pins',
					'1 ball of yarn',
					'25 buttons'
				]
			},
			{
				name: 'game shelf',
				kind: 'shelf',
				floorMm: 700,
				things: ['4 dice', '30 counters', '50 marbles', '2 decks of cards', '1 stopwatch']
			}
		]
	},
	{
		name: 'Garage',
		kind: 'room',
		inside: [
			{
				name: 'workbench',
				kind: 'furniture',
				things: [
					'60 ft string',
					'1 roll masking tape',
					'1 roll duct tape',
					'4 wooden dowels',
					'12 nails',
					'1 hammer',
					'3 sheets sandpaper',
					'1 hand drill',
					'2 utility knives'
				]
			},
			{
				name: 'garden shelf',
				kind: 'shelf',
				things: [
					'1 bag potting soil',
					'8 small pots',
					'3 trowels',
					'1 bag sand',
					'2 buckets',
					'40 smooth stones'
				]
			},
			{
				name: 'recycling corner',
				kind: 'box',
				things: [
					'9 cardboard tubes',
					'5 egg cartons',
					'6 newspapers',
					'4 glass jars',
					'3 shoeboxes',
					'7 cereal boxes',
					'4 empty 2-liter bottles',
					'12 bottle caps'
				]
			}
		]
	},
	{
		name: 'Basement',
		kind: 'room',
		inside: [
			{ name: 'storage shelf', kind: 'shelf', floorMm: 600, inner: [1000, 620, 420] },
			{ name: 'opening box', kind: 'box', inner: [400, 300, 200] },
			{
				name: 'box for Kites',
				kind: 'box',
				inner: [420, 310, 250],
				things: ['2 yd ripstop fabric', '6 wooden dowels']
			},
			{
				name: 'box for Bread',
				kind: 'box',
				things: ['1 grain mill', '2 lb wheat berries', '3 aprons', '1 bread pan']
			}
		]
	}
];

/** What was found and put into the unit's box already. */
export const COLLECTED = [
	'9 ft string',
	'3 sheets construction paper',
	'3 index cards',
	'1 roll masking tape',
	'3 pencils'
] as const;

export const MAPS = {
	name: 'Maps and Wayfinding',
	run: '2027',
	start: '2027-01-05',
	end: '2027-03-11',
	weekdays: [2, 4],
	box: 'box for Maps',
	blocked: [
		{ from: '2027-01-14', to: '2027-01-14', reason: 'Co-op day' },
		{ from: '2027-01-18', to: '2027-01-18', reason: 'Public holiday' },
		{ from: '2027-02-04', to: '2027-02-04', reason: 'Co-op day' },
		{ from: '2027-02-15', to: '2027-02-19', reason: 'Winter break' }
	],
	/** Lessons that have been taught; their supplies are used up already. */
	taughtOn: ['2027-01-05', '2027-01-07', '2027-01-12', '2027-01-19', '2027-01-21'],
	lessons: [
		{
			title: 'A map of the table',
			note: 'Draw what you see, then from above',
			supplies: '3 sheets of graph paper per child\npencil, eraser and ruler\n1 tray'
		},
		{
			title: 'From above',
			note: 'Bird’s-eye blocks',
			supplies: '1 sheet construction paper per child\n20 counters\n1 roll masking tape'
		},
		{
			title: 'Scale and distance',
			note: 'Pace out the yard',
			supplies:
				'2 measuring tapes\n20 ft of string\n2 sheets of graph paper per child\nclipboard (1 per child)'
		},
		{
			title: 'Symbols and legends',
			note: 'Make our own key',
			supplies: '4 index cards per child\ncolored pencils\n1 glue stick per child'
		},
		{
			title: 'Hills on paper: contour lines',
			note: 'Salt-dough island, 3 makers',
			supplies:
				'1 cup flour per child\n1/2 cup salt per child\n1/3 cup water per child\n1 tray per child\nbrown and green paint'
		},
		{
			title: 'The round earth, flattened',
			note: 'Orange-peel globe; net of a globe',
			supplies:
				'2 oranges per child\n1 fine-tip black marker\n1 sheet tracing film per child\n1 roll clear tape\n6 paper plates\nglobe\npaper towels (optional)'
		},
		{
			title: 'Latitude and longitude',
			note: 'String grid on the floor',
			supplies:
				'9 ft of string\n1 roll masking tape\n1 index card per child\n1 sheet construction paper per child\n1 pencil per child'
		},
		{
			title: 'A needle that knows north',
			note: 'Floating compass',
			supplies:
				'1 bar magnet for every two children\n1 sewing needle per child\n1 cork per child\n1 glass bowl\ncompass\n1 bottle dish soap (optional)'
		},
		{
			title: 'Bearings from sun and shadow',
			note: 'Shadow stick, clear day wanted',
			supplies:
				'1 wooden dowel\n12 smooth stones\n1 protractor per pair\n1 stick of sidewalk chalk per child\nstopwatch or kitchen timer\nclipboard (1 per child)'
		},
		{
			title: 'Streets and lines: town and transit maps',
			note: 'Outing by bus',
			supplies:
				'1 transit map\n2 sheets of poster board\n12 markers\n30 1-inch brads\n3 yd ribbon\n1 toy bus\ncrayons'
		},
		{
			title: 'Old maps and sea monsters',
			note: 'Age a chart with tea',
			supplies:
				'4 black tea bags\n1 sheet watercolor paper per child\n1 baking sheet\n1 set of watercolor paints per pair\n1 sponge per child\n1 cooler\n1 old sheet\n6 feathers'
		},
		{
			title: 'Treasure hunt',
			note: 'Pace and bearing through the park',
			supplies:
				'1 pedometer per pair\ncompass\n1 bag of chocolate coins\n10 index cards\n30 ft of string\n1 jump rope\n1 garden trowel\n1 small wooden box\n1 picnic blanket\n1 whistle'
		},
		{
			title: 'Our own atlas',
			note: 'Bind the maps, show the family',
			supplies:
				'6 sheets of white cardstock per child\n3 1-inch brads per child\n1 file folder per child\n1 yd ribbon\n2 cups popcorn kernels\n1 photo album\n2 sheets of wrapping paper\n1 large picture frame\nwhite glue'
		}
	],
	/** Lines for which only the older two take part: number of the lesson, and a word of the item. */
	olderOnly: [
		[8, 'needle'],
		[8, 'magnet'],
		[9, 'protractor']
	],
	/** Everything else that was missing was looked for on this day; these nobody has looked for yet. */
	lookedOn: '2027-01-15',
	notLookedFor: [
		'toy bus',
		'cooler',
		'old sheet',
		'feather',
		'jump rope',
		'garden trowel',
		'small wooden box',
		'picnic blanket',
		'whistle',
		'photo album',
		'wrapping paper',
		'large picture frame'
	],
	/** Of these there is enough; nobody counted, and of some nobody said where. */
	enough: [
		['crayon', 'art cart'],
		['white glue', null]
	],
	/** Which supplier an item comes from when it is missing, other than the first. */
	suppliers: [
		['bar magnet', 'Mail order'],
		['cork', 'Hobby & Hardware'],
		['sidewalk chalk', 'Hobby & Hardware'],
		['pedometer', 'Friends and family'],
		['transit map', 'Friends and family']
	],
	arranged: [
		{ item: 'pedometer', promised: '2027-02-21' },
		{ item: 'transit map', promised: '2027-02-10' }
	],
	/** What is not bought though it is missing. */
	otherwise: [
		['ribbon', 'gift'],
		['candle stub', 'free']
	],
	occasions: ['Grandma’s visit, Feb 27', 'Midsummer, Jun 24'],
	perishable: [['orange', 7]],
	keepBack: [['flour', 500, 'g']]
} as const;

export const KITES = {
	name: 'Kites and Wind',
	run: 'this spring',
	box: 'box for Kites',
	lessons: [
		{
			title: 'What lifts a kite',
			note: '',
			supplies: '2 wooden dowels per child\n1 yd ripstop fabric per child\n1 roll clear tape'
		},
		{
			title: 'A sled kite each',
			note: '',
			supplies:
				'2 sheets of tissue paper per child\n100 ft of kite string per child\n4 drinking straws per child'
		},
		{
			title: 'Measuring the wind',
			note: '',
			supplies: '4 plastic cups\n1 pushpin\n1 pencil with eraser\n2 drinking straws'
		}
	]
} as const;

export const BREAD = {
	name: 'Bread and Grain',
	run: '2025',
	box: 'box for Bread',
	taughtOn: ['2025-02-04', '2025-02-06'],
	lessons: [
		{
			title: 'From field to flour',
			note: 'Grind a cup of wheat by hand',
			supplies: '1 cup wheat berries\ngrain mill'
		},
		{
			title: 'Yeast is alive',
			note: 'Three jars, three temperatures',
			supplies: '2 packs yeast\n1 cup flour per child'
		}
	]
} as const;
