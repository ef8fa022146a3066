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
