/** The plan of the running unit: its two books, what is done beside the lessons, limits and goals. All invented. */

export const LEVELS = { Odile: 'fifth grade', Perrin: 'second grade', Lark: 'third grade' } as const;

/** How far they read, by language. */
export const READS = { Odile: 'English 6, Spanish 1', Perrin: 'English 2', Lark: 'English 3' } as const;

export const LIMITS = {
	minutes: 230,
	handsOn: 3,
	prepareMinutes: null,
	cents: 1500,
	mess: 5,
	adultMinutes: 120,
	budget: 6000,
	projects: null
} as const;

/** By number of the lesson. */
export const DETAILS: Readonly<
	Record<
		number,
		{
			readonly topic: string;
			readonly objective: string;
			readonly vocabulary: string;
			readonly questions: string;
			readonly minutes: number;
			readonly extension?: string;
		}
	>
> = {
	6: {
		topic: 'The globe',
		objective: 'see why no flat map can be right everywhere',
		vocabulary: 'projection\nglobe\nequator',
		questions: 'What tears when you flatten the peel?\nWhich lands look too large?',
		minutes: 50,
		extension: 'Compare the size of two islands on two world maps'
	},
	7: {
		topic: 'The globe',
		objective: 'find a place by two numbers',
		vocabulary: 'latitude\nlongitude\nmeridian',
		questions: 'Where is zero?\nWhy do the lines meet at the poles?',
		minutes: 45,
		extension: 'Find five towns by their degrees and minutes'
	},
	8: {
		topic: 'Finding the way',
		objective: 'make a needle point north and say why it does',
		vocabulary: 'magnet\nneedle\nnorth',
		questions: 'What happens when the bowl turns?',
		minutes: 45,
		extension: 'Chart how far true north and the needle differ here'
	},
	9: {
		topic: 'Finding the way',
		objective: 'tell directions from a shadow',
		vocabulary: 'bearing\nshadow\nnoon',
		questions: 'When is the shadow shortest?',
		minutes: 60
	},
	10: {
		topic: 'Maps people use',
		objective: 'plan a way by bus with one change',
		vocabulary: 'line\nstop\ntransfer',
		questions: 'What does this map leave out?',
		minutes: 90
	},
	11: {
		topic: 'Maps people use',
		objective: 'read an old chart and its pictures',
		vocabulary: 'chart\ncompass rose\ncartouche',
		questions: 'Why did they draw monsters?',
		minutes: 45,
		extension: 'Write the log of a ship for one week'
	},
	12: {
		topic: 'Finding the way',
		objective: 'follow bearings and paces to a spot',
		vocabulary: 'pace\nlandmark',
		questions: 'How far off were we, and why?',
		minutes: 75
	},
	13: {
		topic: 'Our atlas',
		objective: 'show the family what we know',
		vocabulary: 'atlas\nindex',
		questions: 'Which map are you proudest of?',
		minutes: 60
	}
};

export const SPINES = [
	{
		title: 'The Patient Mapmaker',
		counted: 'pages',
		first: 1,
		last: 188,
		words: 210,
		reached: 64,
		flags: [
			[1, '1–12 aloud'],
			[2, '13–26 aloud'],
			[3, '27–40 aloud'],
			[4, '41–52 aloud'],
			[5, '53–64 aloud'],
			[6, '65–79 aloud, 14 min: the peeled orange'],
			[7, '80–94 aloud: lines on the sea'],
			[8, '95–108 aloud: the needle'],
			[9, '109–121 aloud'],
			[10, '122–135 aloud'],
			[11, '136–150 aloud: here be monsters'],
			[12, '151–164 aloud']
		]
	},
	{
		title: 'Picture Atlas of Small Places',
		counted: 'pages',
		first: 1,
		last: 64,
		words: 60,
		reached: null,
		flags: [
			[6, '10–13 look at, with Tamsin: turn the globe pages'],
			[7, '14–17 alone Perrin, 10 min'],
			[8, '22–25 look at'],
			[10, '30–35 alone Odile, 15 min: transit maps'],
			[11, '40–43 look at']
		]
	}
] as const;

export type DemoActivity = {
	readonly text: string;
	readonly worth: number;
	readonly lesson?: number;
	readonly day?: string;
	readonly required?: boolean;
	readonly supplies?: string;
	readonly subjects?: string;
	readonly weather?: string;
	readonly instead?: string;
	readonly insteadMinutes?: number;
	readonly done?: number;
	readonly helper?: string;
	/** Titles of what it takes from the library. */
	readonly takes?: readonly string[];
};

/** As typed, then what only the form asks. Lesson number or day where it has one. */
export const ACTIVITIES: readonly DemoActivity[] = [
	{
		text: 'Floor map of our street, project, 50 min, crumbs, $3',
		lesson: 10,
		worth: 4,
		subjects: 'geography, art'
	},
	{
		text: 'Globe snack: orange slices, snack, 20 min, crumbs, $2',
		lesson: 6,
		worth: 3
	},
	{
		text: 'Papier-mâché globe, craft, 70 min, very messy, with an adult, $6, begin 4 days before',
		lesson: 9,
		worth: 3,
		supplies: '1 balloon per child\n3 newspapers',
		instead: 'Watch: how a globe is made',
		insteadMinutes: 25
	},
	{ text: 'Compass dance, game, 15 min, for Perrin and Tamsin', lesson: 8, worth: 2, subjects: 'music' },
	{
		text: 'Shadow clock, experiment, 40 min, with an adult',
		lesson: 9,
		worth: 4,
		weather: 'a clear day'
	},
	{
		text: 'Map puzzle tray, tray, 15 min, Tamsin',
		lesson: 6,
		worth: 4,
		helper: 'Perrin',
		takes: ['Wooden continents tray']
	},
	{
		text: 'Sorting ships and whales, tray, 15 min, Tamsin',
		lesson: 11,
		worth: 3,
		takes: ['Little ships and sea animals', 'Sea chart cards, three-part']
	},
	{
		text: 'Tea-stained sea chart, craft, 60 min, messy, with an adult, $4, begin 2 days before',
		lesson: 11,
		worth: 5,
		required: true,
		supplies: '2 lemons\n1 candle stub',
		subjects: 'art, history'
	},
	{ text: 'Museum of seafaring, field trip, 180 min, with an adult, $18', day: '2027-02-12', worth: 4 },
	{ text: 'Weather and wind log, project, 5 min, 24 times, daily', lesson: 1, worth: 3, done: 13 },
	{
		text: 'Big wall atlas, project, 30 min, 8 parts, crumbs',
		lesson: 2,
		worth: 4,
		done: 3,
		supplies: '1 roll butcher paper'
	},
	{ text: 'Movie: across the ice, movie, 55 min', worth: 2 },
	{
		text: 'Rice bin with buried landmarks, sensory bin, 25 min, messy, Tamsin',
		worth: 4,
		supplies: '2 lb rice'
	},
	{ text: 'Geocache with the cousins, field trip, 90 min, with an adult', worth: 4, weather: 'dry' },
	{ text: 'Edible contour map, snack, 45 min, messy, with an adult, $5, for Odile and Perrin', worth: 3 },
	{ text: 'Lacing maps, busy hands, 20 min, Tamsin', worth: 3 },
	{ text: 'Street map bingo, game, 25 min, $1', worth: 2, takes: ['Street map bingo boards'] },
	{
		text: 'Sextant from cardboard, project, 55 min, crumbs, ages 8 and up',
		worth: 3,
		supplies: '1 protractor\n30 in string'
	}
];

export const TASKS = [
	[8, 'Perrin', 'draws the compass rose', 15],
	[10, 'Tamsin', 'threads buses on the ribbon', 10],
	[12, 'Tamsin', 'finds the big red arrows with Odile', 20]
] as const;

export const GOALS = {
	Odile: 'plans a way by map and leads us there',
	Perrin: 'reads a legend alone',
	Tamsin: 'knows over, under and beside'
} as const;
