/** Tuesday and Thursday evenings until the unit ends. */
export const SITTINGS = {
	days: [
		'2027-01-26',
		'2027-01-28',
		'2027-02-02',
		'2027-02-04',
		'2027-02-09',
		'2027-02-11',
		'2027-02-16',
		'2027-02-18',
		'2027-02-23',
		'2027-02-25'
	],
	minutes: 60,
	starts: '20:00',
	bars: [] as const
};

/** What earlier evenings took: this laminator is slow, and these hands are quick with the trimmer. */
export const LEARNED = [
	{ on: '2027-01-05', work: 'laminate', count: 6, minutes: 6 },
	{ on: '2027-01-07', work: 'laminate', count: 8, minutes: 7 },
	{ on: '2027-01-12', work: 'laminate', count: 5, minutes: 5 },
	{ on: '2027-01-12', work: 'cut', count: 40, minutes: 4 },
	{ on: '2027-01-14', work: 'cut', count: 30, minutes: 3.5 },
	{ on: '2027-01-19', work: 'cut', count: 24, minutes: 2.5 },
	{ on: '2027-01-19', work: 'bag', count: 4, minutes: 5 }
] as const;

export const OWN_JOB = {
	title: 'Mix the salt dough for the contour hills',
	minutes: 25,
	ready_by: '2027-02-02'
};

/** The binder on the shelf is a little too small. */
export const BINDER = { way: 'protectors', ring: 38, others: 0 } as const;

/** What of the unit is in no list and goes into its box. */
export const THINGS = [
	{
		title: 'Globe',
		length_mm: 230,
		width_mm: 230,
		height_mm: 240,
		grams: 900,
		count: 1,
		upright: 1,
		fragile: 1,
		soft: 0,
		round: 1
	},
	{
		title: 'Clipboard',
		length_mm: 315,
		width_mm: 230,
		height_mm: 12,
		grams: 250,
		count: 3,
		upright: 0,
		fragile: 0,
		soft: 0
	},
	{
		title: 'Compass',
		length_mm: 90,
		width_mm: 60,
		height_mm: 20,
		grams: 80,
		count: 2,
		upright: 0,
		fragile: 1,
		soft: 0
	},
	{
		title: 'Felt map with pieces',
		length_mm: 300,
		width_mm: 250,
		height_mm: 40,
		grams: 400,
		count: 1,
		upright: 0,
		fragile: 0,
		soft: 1
	}
] as const;

/** The unit's box is a tub with handles, which two of the family carry. */
export const UNIT_BOX = { name: 'box for Maps', detail: { form: 'tub', max_grams: 13_000 } } as const;

/** What the opening box of Kites has and what is still sought for it; some of it nobody may see before its day. */
export const OPENING = {
	place: 'opening box',
	things: [
		{
			title: 'The Wind Catcher’s Apprentice',
			kind: 'fiction',
			liters: null,
			cents: 899,
			hidden: 0,
			inside: 1
		},
		{ title: 'A Kite for Every Cloud', kind: 'picture book', liters: null, cents: 650, hidden: 0, inside: 1 },
		{ title: 'Tissue paper and a pot of paste', kind: 'craft', liters: 3, cents: 540, hidden: 0, inside: 1 },
		{ title: 'Aviator cap and goggles', kind: 'dress-up', liters: 4.5, cents: 1200, hidden: 1, inside: 1 },
		{ title: 'Sled kite, ready to fly', kind: 'craft', liters: 3, cents: 1450, hidden: 1, inside: 1 },
		{ title: 'Weathervane card game', kind: 'game', liters: 1, cents: 1100, hidden: 0, inside: 0 },
		{
			title: 'Ginger cookies shaped like clouds',
			kind: 'food',
			liters: 1.5,
			cents: null,
			hidden: 1,
			inside: 0
		}
	]
} as const;
