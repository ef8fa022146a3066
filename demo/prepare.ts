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
		fragile: 1
	},
	{
		title: 'Maps binder',
		length_mm: 290,
		width_mm: 265,
		height_mm: 55,
		grams: 2100,
		count: 1,
		upright: 0,
		fragile: 0
	},
	{
		title: 'Clipboard',
		length_mm: 315,
		width_mm: 230,
		height_mm: 12,
		grams: 250,
		count: 3,
		upright: 0,
		fragile: 0
	},
	{
		title: 'Compass',
		length_mm: 90,
		width_mm: 60,
		height_mm: 20,
		grams: 80,
		count: 2,
		upright: 0,
		fragile: 1
	}
] as const;
