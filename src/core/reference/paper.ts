import { PRACTICE, type Source } from './sources.ts';

const MILLS: Source = { kind: 'published', name: 'mill tables of paper, typical values', fromMemory: true };

/** Papers that a home printer takes. */
export const STOCKS = [
	{
		code: 'plain20',
		name: 'copy paper',
		item: 'copy paper',
		grams: 75.2,
		thick: 0.097,
		isCard: false,
		source: MILLS
	},
	{
		code: 'plain24',
		name: '24 lb paper',
		item: '24 lb paper',
		grams: 90.2,
		thick: 0.119,
		isCard: false,
		source: MILLS
	},
	{
		code: 'plain28',
		name: '28 lb paper',
		item: '28 lb paper',
		grams: 105.3,
		thick: 0.137,
		isCard: false,
		source: MILLS
	},
	{
		code: 'plain32',
		name: '32 lb paper',
		item: '32 lb paper',
		grams: 120.3,
		thick: 0.155,
		isCard: false,
		source: MILLS
	},
	{
		code: 'cover65',
		name: 'card stock',
		item: 'card stock',
		grams: 175.8,
		thick: 0.236,
		isCard: true,
		source: MILLS
	},
	{
		code: 'cover80',
		name: '80 lb card',
		item: '80 lb card stock',
		grams: 216.3,
		thick: 0.279,
		isCard: true,
		source: MILLS
	},
	{
		code: 'index110',
		name: '110 lb index card',
		item: '110 lb card stock',
		grams: 198.9,
		thick: 0.236,
		isCard: true,
		source: MILLS
	},
	{
		code: 'watercolour90',
		name: '90 lb watercolor paper',
		item: '90 lb watercolor paper',
		grams: 190,
		thick: 0.32,
		isCard: true,
		source: MILLS
	},
	{
		code: 'watercolour140',
		name: '140 lb watercolor paper',
		item: '140 lb watercolor paper',
		grams: 300,
		thick: 0.5,
		isCard: true,
		source: PRACTICE
	}
] as const satisfies readonly {
	code: string;
	name: string;
	/** As it stands on a shopping list. */
	item: string;
	/** g/m² */
	grams: number;
	/** mm a sheet */
	thick: number;
	isCard: boolean;
	source: Source;
}[];
export type Stock = (typeof STOCKS)[number]['code'];

/** A stock by its code. */
export const stockOf = (code: Stock) => STOCKS.find((one) => one.code === code)!;

const ISO: Source = { kind: 'exact', name: 'ISO 216' };
const ASME: Source = { kind: 'exact', name: 'ANSI/ASME Y14.1' };

/** Sheets by name, upright, in millimeters. */
export const PAPER_SIZES = {
	letter: { width: 215.9, height: 279.4, source: ASME },
	legal: { width: 215.9, height: 355.6, source: ASME },
	tabloid: { width: 279.4, height: 431.8, source: ASME },
	A3: { width: 297, height: 420, source: ISO },
	A4: { width: 210, height: 297, source: ISO },
	A5: { width: 148, height: 210, source: ISO },
	A6: { width: 105, height: 148, source: ISO }
} as const;

/** The paper that a household may print on; each has its size above and its pouch below. */
export const HOME_PAPERS = ['letter', 'A4'] as const;
export type HomePaper = (typeof HOME_PAPERS)[number];

/** What it is called where one chooses it, and amid a sentence. */
export const PAPER_NAMES: Readonly<Record<HomePaper, { readonly long: string; readonly short: string }>> = {
	letter: { long: 'US letter', short: 'Letter' },
	A4: { long: 'A4', short: 'A4' }
};

/** How long the work takes, in seconds, and what goes through at once (common practice; a household changes them). */
export const PRINT_RATES = {
	greySide: { seconds: 6, source: PRACTICE },
	colorSide: { seconds: 12, source: PRACTICE },
	warmUp: { seconds: 300, source: PRACTICE },
	pouch: { seconds: 45, source: PRACTICE },
	cut: { seconds: 8, source: PRACTICE },
	shape: { seconds: 40, source: PRACTICE },
	punch: { seconds: 10, source: PRACTICE },
	coil: { seconds: 360, source: PRACTICE },
	staple: { seconds: 15, source: PRACTICE },
	bag: { seconds: 60, source: PRACTICE }
} as const;

/** Sheets that a trimmer takes at once, and those that a punch does. */
export const AT_ONCE = { paper: 10, card: 3, laminated: 1, punch: 8 } as const;

/** Film that must be sealed around a card that is cut before it is laminated, mm (common practice). */
export const SEALED_EDGE = 3;

/** Laminating pouches, mm. */
export const POUCHES = {
	letter: { width: 229, height: 292, source: PRACTICE },
	A4: { width: 216, height: 303, source: PRACTICE }
} as const satisfies Record<HomePaper, unknown>;
