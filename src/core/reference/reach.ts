/**
 * Common practice, no source. How high a standing child reaches, in mm, from that age in months on: about one and a quarter
 * times an average height, rounded up, since what can be climbed on is never far.
 */
export const USUAL_REACH: readonly { readonly fromMonths: number; readonly mm: number }[] = [
	{ fromMonths: 0, mm: 0 },
	{ fromMonths: 8, mm: 600 },
	{ fromMonths: 12, mm: 900 },
	{ fromMonths: 24, mm: 1100 },
	{ fromMonths: 36, mm: 1200 },
	{ fromMonths: 60, mm: 1400 },
	{ fromMonths: 96, mm: 1600 },
	{ fromMonths: 144, mm: 2000 }
];

/**
 * Average standing heights, mm, by months of age: CDC growth charts (2000), stature for age, 50th percentile, girls and
 * boys together (from memory).
 */
export const STATURE: readonly { readonly months: number; readonly mm: number }[] = [
	{ months: 12, mm: 750 },
	{ months: 24, mm: 860 },
	{ months: 36, mm: 950 },
	{ months: 48, mm: 1020 },
	{ months: 60, mm: 1090 },
	{ months: 72, mm: 1150 },
	{ months: 84, mm: 1215 },
	{ months: 96, mm: 1275 },
	{ months: 120, mm: 1385 },
	{ months: 144, mm: 1500 }
];

/** Up to here a child takes a tray with ease, mm: 0.86 of an average height, about the eyes (common practice). */
export const EASY_REACH: readonly { readonly fromMonths: number; readonly mm: number }[] = STATURE.map(
	({ months, mm }) => ({ fromMonths: months, mm: Math.round((mm * 0.86) / 10) * 10 })
);
