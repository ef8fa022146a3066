/** The shelf of trays in the school room, its boards from below: height off the floor and length, depth, mm. */
export const SHELF = {
	room: 'School room',
	name: 'tray shelf',
	boards: [
		{ name: 'floor board', high: 80, clear: 280 },
		{ name: 'second board', high: 400, clear: 260 },
		{ name: 'third board', high: 700, clear: 400 },
		{ name: 'top board', high: 1150, clear: 300 }
	],
	along: 1250,
	deep: 360
} as const;

type DemoTray = {
	readonly title: string;
	readonly skill: string;
	readonly children: readonly string[];
	readonly lesson?: number;
	readonly pieces?: number;
	readonly dangerous?: boolean;
	readonly loved?: boolean;
	readonly steps: string;
	readonly base?: string;
	readonly hidden?: string;
	readonly along?: number;
	readonly high?: number;
	/** Objects that each lie with a card of the same name. */
	readonly matches?: readonly string[];
};

export const TRAYS: readonly DemoTray[] = [
	{
		title: 'Pouring water',
		skill: 'practical life',
		children: ['Tamsin'],
		pieces: 4,
		loved: true,
		steps: 'Carry the tray with two hands.\nPour from jug to jug.\nWipe up the drops.'
	},
	{
		title: 'Match the map symbols',
		skill: 'language',
		children: ['Tamsin', 'Perrin'],
		lesson: 4,
		matches: [
			'church',
			'bridge',
			'tree',
			'lighthouse',
			'boat',
			'train',
			'well',
			'tent',
			'fence',
			'mill',
			'cow',
			'flag'
		],
		steps: 'Lay out the objects.\nFind the card for each.\nSay its name.'
	},
	{
		title: 'Count the paces',
		skill: 'counting',
		children: ['Perrin', 'Odile'],
		lesson: 3,
		pieces: 12,
		steps: 'Pick a card.\nWalk and count.\nWrite the number.'
	},
	{
		title: 'Land and water sort',
		skill: 'geography',
		children: ['Tamsin', 'Perrin'],
		lesson: 6,
		pieces: 20,
		steps: 'Blue cards left, green cards right.\nCheck with the globe.'
	},
	{
		title: 'Compass rose puzzle',
		skill: 'geography',
		children: ['Perrin', 'Odile'],
		lesson: 5,
		pieces: 16,
		steps: 'Put north at the top.\nFill in the points.\nRead them aloud.'
	},
	{
		title: 'Float a needle compass',
		skill: 'science',
		children: ['Odile'],
		lesson: 8,
		pieces: 5,
		dangerous: true,
		steps: 'Stroke the needle thirty times, one way.\nLay it on the cork.\nWait until it rests.'
	},
	{
		title: 'Sew a coastline',
		skill: 'fine motor',
		children: ['Perrin', 'Odile'],
		dangerous: true,
		pieces: 6,
		steps: 'Thread the needle.\nFollow the holes.\nKnot the end.'
	},
	{
		title: 'Continents puzzle',
		skill: 'senses',
		children: ['Tamsin'],
		loved: true,
		pieces: 7,
		along: 340,
		high: 50,
		steps: 'Take the pieces out.\nFeel the edges.\nPut them back.'
	},
	{
		title: 'Treasure in the sand',
		skill: 'senses',
		children: ['Tamsin', 'Perrin'],
		pieces: 9,
		along: 560,
		high: 160,
		base: 'sand',
		hidden: 'wooden boats, felt fish',
		steps: 'Dig with the brush.\nLay each find on its picture.'
	}
];

/** What stands in three weeks, board by board. */
export const STANDING: Readonly<Record<string, readonly (readonly [board: string, tray: string])[]>> = {
	'2027-01-11': [
		['floor board', 'Treasure in the sand'],
		['second board', 'Pouring water'],
		['second board', 'Continents puzzle'],
		['third board', 'Count the paces'],
		['top board', 'Sew a coastline']
	],
	'2027-01-18': [
		['floor board', 'Treasure in the sand'],
		['second board', 'Pouring water'],
		['second board', 'Match the map symbols'],
		['third board', 'Compass rose puzzle'],
		['third board', 'Continents puzzle'],
		['top board', 'Sew a coastline']
	],
	'2027-01-25': [
		['floor board', 'Treasure in the sand'],
		['second board', 'Pouring water'],
		['second board', 'Land and water sort'],
		['third board', 'Continents puzzle'],
		['top board', 'Sew a coastline']
	]
};

export const WALL = {
	kind: 'whiteboard',
	width_mm: 1200,
	height_mm: 600,
	card_width_mm: 140,
	card_height_mm: 108,
	gap_mm: 10,
	strip_mm: 0,
	strip_text: ''
} as const;

/** A chart that hangs on the board from the lesson of this number on. */
export const CHART = { title: 'Compass rose chart', lesson: 5, width_mm: 290, height_mm: 580 } as const;

/** Words that come with each lesson; an asterisk keeps one to the end. */
export const WORDS: readonly string[] = [
	'map*, view, plan',
	'bird’s eye, aerial',
	'scale*, distance, pace',
	'symbol, legend*',
	'contour, slope, peak',
	'globe, hemisphere, projection',
	'latitude, longitude, equator',
	'compass, magnetic',
	'bearing, shadow',
	'transit, route, grid',
	'sea monster, chart',
	'treasure, clue, paces',
	'atlas, index'
];

type DemoPart = {
	readonly title: string;
	readonly kind: 'stays' | 'month' | 'hands';
	readonly minutes: number;
	readonly month?: string;
	/** It is a title of the home library. */
	readonly fromLibrary?: boolean;
	readonly page_by?: 'date' | 'bookmark';
	readonly first_page?: number;
	readonly last_page?: number;
	readonly a_day?: number;
	readonly since?: string;
};

export const BASKET: readonly DemoPart[] = [
	{ title: 'A poem', kind: 'stays', minutes: 3 },
	{ title: 'A song', kind: 'stays', minutes: 3 },
	{
		title: 'A Place for Every Day',
		kind: 'stays',
		minutes: 3,
		page_by: 'date',
		first_page: 1,
		last_page: 365,
		a_day: 1,
		since: '2027-01-01'
	},
	{
		title: 'Picture Atlas of Small Places',
		fromLibrary: true,
		kind: 'month',
		month: '2027-01',
		minutes: 8,
		page_by: 'bookmark',
		first_page: 1,
		last_page: 56,
		a_day: 4,
		since: '2027-01-11'
	},
	{ title: 'Felt map with pieces', kind: 'hands', minutes: 0 },
	{ title: 'Beeswax to knead', kind: 'hands', minutes: 0 }
];
