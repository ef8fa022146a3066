import { PRINT_RATES } from '../reference/index.ts';

/** Kinds of preparing that have a rate, in the order in which they are done. */
export const WORK = [
	'print',
	'print color',
	'laminate',
	'cut',
	'cut by hand',
	'staple',
	'bind',
	'bag'
] as const;
export type Work = (typeof WORK)[number];

type AboutWork = {
	/** “laminate 6 pouches”: what one does, and one and many of what is counted. */
	readonly verb: string;
	readonly one: string;
	readonly many: string;
	/** Seconds for each (common practice). */
	readonly usual: number;
	/** What has to be set up for it, once a sitting. */
	readonly setUp: string | null;
	/** What it brings along that not every sitting allows. */
	readonly brings: readonly Bar[];
	/** What has to lie on the table. */
	readonly table: string;
};

/** What may not be at a sitting. */
export const BARS = ['noise', 'heat', 'blades', 'printer'] as const;
export type Bar = (typeof BARS)[number];
export const BAR_TEXT: Readonly<Record<Bar, string>> = {
	noise: 'quiet only',
	heat: 'no laminator',
	blades: 'small hands about',
	printer: 'no printer'
};

export const ABOUT_WORK: Readonly<Record<Work, AboutWork>> = {
	print: {
		verb: 'print',
		one: 'gray side',
		many: 'gray sides',
		usual: PRINT_RATES.greySide.seconds,
		setUp: 'printer',
		brings: ['noise', 'printer'],
		table: 'printer, paper'
	},
	'print color': {
		verb: 'print',
		one: 'color side',
		many: 'color sides',
		usual: PRINT_RATES.colorSide.seconds,
		setUp: 'printer',
		brings: ['noise', 'printer'],
		table: 'printer, paper'
	},
	laminate: {
		verb: 'laminate',
		one: 'pouch',
		many: 'pouches',
		usual: PRINT_RATES.pouch.seconds,
		setUp: 'laminator',
		// Hot rollers are nothing for small hands.
		brings: ['heat', 'blades'],
		table: 'laminator, pouches'
	},
	cut: {
		verb: 'make',
		one: 'trimmer cut',
		many: 'trimmer cuts',
		usual: PRINT_RATES.cut.seconds,
		setUp: null,
		brings: ['blades'],
		table: 'trimmer'
	},
	'cut by hand': {
		verb: 'cut out',
		one: 'sheet of shapes',
		many: 'sheets of shapes',
		usual: PRINT_RATES.shape.seconds,
		setUp: null,
		brings: ['blades'],
		table: 'scissors'
	},
	staple: {
		verb: 'staple',
		one: 'booklet',
		many: 'booklets',
		usual: PRINT_RATES.staple.seconds,
		setUp: null,
		brings: [],
		table: 'stapler'
	},
	bind: {
		verb: 'bind',
		one: 'book',
		many: 'books',
		usual: PRINT_RATES.coil.seconds,
		setUp: null,
		brings: ['noise'],
		table: 'punch, coils'
	},
	bag: {
		verb: 'bag and label',
		one: 'set',
		many: 'sets',
		usual: PRINT_RATES.bag.seconds,
		setUp: null,
		brings: [],
		table: 'bags, marker'
	}
};

/** Minutes that setting up takes, once a sitting. */
export const SET_UP_MINUTES: Readonly<Record<string, number>> = {
	printer: 0,
	laminator: PRINT_RATES.warmUp.seconds / 60
};

/** What a household settled, in seconds for one; what it says nothing about is learned, or usual. */
export type OwnRates = Partial<Record<Work, number>>;

/** A job that was done: so many of a kind, in so many minutes. */
export type DoneWork = { readonly work: Work; readonly count: number; readonly minutes: number };

export type Rate = {
	readonly seconds: number;
	readonly from: 'usual' | 'learned' | 'own';
	/** The median of the last jobs; null while there are too few. */
	readonly learned: number | null;
};

/** Less than this part of what is usual was a clock stopped at once, and no work. */
const TOO_QUICK = 1 / 5;

/** Whether so many of a kind in so many minutes teach nothing. */
export const isTooQuick = (work: Work | null, count: number, minutes: number): boolean =>
	work !== null && minutes * 60 < count * ABOUT_WORK[work].usual * TOO_QUICK;

/**
 * Minutes as a clock or a hand writes them: “12”, “1.5”, “0:45”; null where it is neither.
 *
 * @example readTook('0:45') // 0.75
 */
export function readTook(text: string): number | null {
	const found = /^(\d{1,3})(?::([0-5]\d)|[.,](\d+))?$/.exec(text.trim());
	if (!found) return null;
	const [, whole, seconds, part] = found;
	return Number(`${whole}.${part ?? 0}`) + Number(seconds ?? 0) / 60;
}

/** A rate is learned from so many jobs at least, and from so many of the last ones. */
const FEWEST = 3;
const LAST = 7;

/** The last jobs of a kind that teach something, in the order of `done`. */
export const learnedFrom = <D extends DoneWork>(work: Work, done: readonly D[]): D[] =>
	done
		.filter((one) => one.work === work && one.count > 0 && one.minutes > 0)
		.filter((one) => !isTooQuick(work, one.count, one.minutes))
		.slice(-LAST);

/**
 * Seconds for one of a kind of work: the household's own, else the median of its last jobs, else what is usual.
 * `done` has the oldest first.
 *
 * @example rateOf('laminate', {}, []) // { seconds: 45, from: 'usual', learned: null }
 */
export function rateOf(work: Work, own: OwnRates, done: readonly DoneWork[]): Rate {
	const each = learnedFrom(work, done)
		.map((one) => (one.minutes * 60) / one.count)
		.sort((a, b) => a - b);
	const middle = (each.length - 1) / 2;
	const learned =
		each.length < FEWEST
			? null
			: Math.round(((each[Math.floor(middle)] + each[Math.ceil(middle)]) / 2) * 10) / 10;
	const settled = own[work];
	if (settled !== undefined) return { seconds: settled, from: 'own', learned };
	return learned === null
		? { seconds: ABOUT_WORK[work].usual, from: 'usual', learned }
		: { seconds: learned, from: 'learned', learned };
}

/** What so many of a kind take, in minutes, up to the next half. */
export const minutesFor = (count: number, seconds: number) =>
	Math.max(0, Math.ceil((count * seconds) / 30 - 1e-9)) / 2;
