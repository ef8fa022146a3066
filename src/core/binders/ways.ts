import {
	EMPTY_KG,
	FILE_POCKETS,
	HOLDS,
	PRONGS,
	RING_SHAPES,
	RINGS,
	type FiledAs,
	type HomePaper,
	type RingShape,
	type Stock
} from '../reference/index.ts';
import { coilFor, ringsFor, thickness, type Layer, type Stack } from './thickness.ts';

/** Ways in which the papers of a unit are kept. */
export const WAYS = [
	'protectors',
	'folders',
	'per child',
	'prongs',
	'coil',
	'expanding',
	'bags',
	'screen'
] as const;
export type BinderWay = (typeof WAYS)[number];

export const WAY_TEXT: Readonly<Record<BinderWay, string>> = {
	protectors: 'All in protectors, one ring binder',
	folders: 'A folder for each lesson, in a binder',
	'per child': 'A binder for each child',
	prongs: 'A pronged folder for each child, your own binder',
	coil: 'Guide on a coil, an envelope for each lesson',
	expanding: 'Expanding file, a clip for each lesson',
	bags: 'Cards in bags, pages in a binder',
	screen: 'Guide on a screen, pages in one binder'
};

/** Sheets that are filed with a lesson. */
export type Filed = {
	readonly stock: Stock;
	readonly sheets: number;
	/** Laminated before it is filed. */
	readonly laminated: boolean;
	/** Whose they are; null: the family's. */
	readonly child: string | null;
	readonly what: 'guide' | 'student' | 'cards';
	readonly title: string;
};
export type FiledLesson = {
	readonly lesson: string;
	readonly number: number;
	readonly filed: readonly Filed[];
};

export type WayInput = {
	readonly way: BinderWay;
	readonly lessons: readonly FiledLesson[];
	/** Sheets of the guide itself, both sides printed. */
	readonly guideSheets: number;
	readonly children: readonly string[];
	readonly paper: HomePaper;
	/** What a child's binder holds from other subjects, mm. */
	readonly others: number;
	/** How the household's rings are bent; D where nobody said. */
	readonly shape?: RingShape;
	/** Nominal size of the rings of the binder that there is, mm; without one the smallest that do are found. */
	readonly ring?: number | null;
};

/** A lesson's part of a binder. */
export type Section = {
	readonly lesson: string;
	readonly number: number;
	/** Of it alone, and of all up to it, mm. */
	readonly millimetres: number;
	readonly upTo: number;
	readonly titles: readonly string[];
	/** Of a lesson that is more than one holds: which part of how many. */
	readonly part?: { readonly number: number; readonly of: number };
};

/** One binder, coil book, file or set of folders. */
export type Container = {
	readonly name: string;
	readonly kind: 'ring' | 'prongs' | 'coil' | 'file' | 'loose';
	readonly sections: readonly Section[];
	readonly stack: Stack;
	/** How much one of it holds, mm; rings by their nominal size. Null: a coil, which is one, or none. */
	readonly one: { readonly ring: number | null; readonly holds: number } | null;
	/** What is in each of them, in their order. Of an expanding file, in each of its pockets. */
	readonly copies: readonly (readonly Section[])[];
};

/** How often something is needed for a way; what is bought is found under its name. */
export type Part = { readonly item: string; readonly count: number };

export type WayResult = {
	readonly way: BinderWay;
	readonly containers: readonly Container[];
	readonly parts: readonly Part[];
	/** All of it with its binders, empty folders and coils. */
	readonly kilograms: number;
	/** Of making it, from printed sheets to a filed unit. */
	readonly minutes: number;
};

/** Seconds to slide a sheet into a protector or folder, and to punch eight sheets (common practice). */
const SLIDE_SECONDS = 8;
const PUNCH_SECONDS = 10;
const PUNCH_AT_ONCE = 8;
const COIL_MINUTES = 6;

/** What a unit becomes when it is kept in one way: how thick, in what, with what parts, and how long that takes. */
export function wayOf(input: WayInput): WayResult {
	const { way, lessons, guideSheets, children, paper } = input;
	const guide: readonly Filed[] =
		guideSheets > 0
			? [
					{
						stock: 'plain20',
						sheets: guideSheets,
						laminated: false,
						child: null,
						what: 'guide',
						title: 'the guide'
					}
				]
			: [];
	const isGuideIn = way === 'protectors' || way === 'folders' || way === 'expanding';
	const isCoil = way === 'coil';
	const finishIn = (filed: Filed): FiledAs =>
		way === 'protectors' && filed.what !== 'cards' ? 'protector' : filed.laminated ? 'laminate3' : 'none';
	const container = (
		name: string,
		kind: Container['kind'],
		isIn: (filed: Filed) => boolean,
		dividers: 'none' | 'tabs' | 'pockets',
		before: readonly Filed[] = [],
		others = 0
	): Container => {
		const sections: Section[] = [];
		const layers: Layer[] = [];
		let tabs = 0;
		let pocketTabs = 0;
		const layersOf = (filed: readonly Filed[]) =>
			filed.map((one): Layer => ({ stock: one.stock, sheets: one.sheets, finish: finishIn(one) }));
		const stackNow = () => {
			const stack = thickness({ layers, tabs, pocketTabs, paper });
			const millimetres = stack.millimetres + others;
			return others === 0
				? stack
				: { ...stack, millimetres, ...ringsFor(millimetres), coil: stack.coil && coilFor(millimetres) };
		};
		if (before.length) {
			layers.push(...layersOf(before));
			const upTo = stackNow().millimetres;
			sections.push({
				lesson: '',
				number: 0,
				millimetres: upTo,
				upTo,
				titles: before.map((one) => one.title)
			});
		}
		for (const { lesson, number, filed } of lessons) {
			const own = filed.filter(isIn);
			if (own.length === 0 && dividers === 'none') continue;
			const was = stackNow().millimetres;
			layers.push(...layersOf(own));
			if (dividers === 'tabs') tabs++;
			if (dividers === 'pockets') pocketTabs++;
			const upTo = stackNow().millimetres;
			sections.push({
				lesson,
				number,
				millimetres: Math.round((upTo - was) * 1e6) / 1e6,
				upTo,
				titles: own.map((one) => one.title)
			});
		}
		return { name, kind, sections, stack: stackNow(), ...filedIn(input, kind, sections, others) };
	};
	const all = () => true;
	const perChild = (kind: 'ring' | 'prongs', dividers: 'tabs' | 'none') =>
		children.map((child) =>
			container(
				`${child}’s ${kind === 'ring' ? 'binder' : 'folder'}`,
				kind,
				(one) => one.child === child,
				dividers,
				[],
				input.others
			)
		);
	const containers: Container[] =
		way === 'protectors'
			? [container('The unit’s binder', 'ring', all, 'pockets', guide)]
			: way === 'folders'
				? [container('The unit’s binder', 'ring', all, 'pockets', guide)]
				: way === 'expanding'
					? [container('The expanding file', 'file', all, 'none', guide)]
					: way === 'per child' || way === 'prongs'
						? [
								...(way === 'prongs' ? perChild('prongs', 'none') : perChild('ring', 'tabs')),
								container('Your teaching binder', 'ring', (one) => one.child === null, 'tabs', guide)
							]
						: way === 'coil'
							? [
									container('The guide', 'coil', () => false, 'none', guide),
									container('The envelopes', 'loose', all, 'none')
								]
							: way === 'bags'
								? [
										container('The unit’s binder', 'ring', (one) => one.what !== 'cards', 'tabs', guide),
										container('The bags', 'loose', (one) => one.what === 'cards', 'none')
									]
								: [container('The unit’s binder', 'ring', all, 'tabs')];
	// One that would hold nothing but its dividers isn't made.
	const inUse = containers.filter((one) => one.sections.some((section) => section.titles.length > 0));
	return {
		way,
		containers: inUse,
		parts: partsOf(input, inUse, isGuideIn ? guideSheets : 0),
		kilograms: inUse.reduce((sum, one) => sum + one.stack.kilograms + emptyKg(one), 0),
		minutes: minutesOf(input, inUse, isCoil && guideSheets > 0)
	};
}

/** What one binder, folder, envelope, clip or bag of a way holds, and what goes into each of them. */
function filedIn(
	{ way, shape = 'D', ring = null }: WayInput,
	kind: Container['kind'],
	sections: readonly Section[],
	others: number
): Pick<Container, 'one' | 'copies'> {
	if (kind === 'coil') return { one: null, copies: [sections] };
	if (kind === 'ring') {
		const size = RINGS.find((one) => one.size === ring) ?? ringFor(sections, shape, others);
		const holds = holdsOf(size.size, shape);
		return { one: { ring: size.size, holds }, copies: split({ sections }, holds, others) };
	}
	if (kind === 'prongs')
		return { one: { ring: null, holds: PRONGS.holds }, copies: split({ sections }, PRONGS.holds, others) };
	const holds = kind === 'file' ? HOLDS.filePocket : way === 'bags' ? HOLDS.bag : HOLDS.envelope;
	// A lesson has its own.
	return {
		one: { ring: null, holds },
		copies: sections
			.filter((one) => one.titles.length > 0)
			.flatMap((one) => piecesOf(one, holds).map((piece) => [piece]))
	};
}

/** What rings of a nominal size hold, mm. */
export const holdsOf = (size: number, shape: RingShape): number =>
	Math.round((RINGS.find((one) => one.size === size) ?? RINGS[0]).holds * RING_SHAPES[shape] * 10) / 10;

/** The smallest rings that hold all of it; over the largest, the smallest in which as few binders do as in the largest. */
function ringFor(sections: readonly Section[], shape: RingShape, others: number): (typeof RINGS)[number] {
	const fewest = split({ sections }, holdsOf(RINGS.at(-1)!.size, shape), others).length;
	return (
		RINGS.find(({ size }) => split({ sections }, holdsOf(size, shape), others).length <= fewest) ??
		RINGS.at(-1)!
	);
}

/** How many a container takes: binders over which it is split, folders, envelopes; of expanding files, by their pockets. */
export const copiesOf = ({ kind, copies }: Pick<Container, 'kind' | 'copies'>): number =>
	kind === 'file' ? Math.ceil(copies.length / FILE_POCKETS) : copies.length;

/** What its binders, folders or coil weigh without paper, kg. */
export function emptyKg(container: Pick<Container, 'kind' | 'copies' | 'one'>): number {
	const { kind, one } = container;
	const copies = copiesOf(container);
	if (kind === 'ring') return copies * RINGS.find((row) => row.size === one!.ring)!.emptyKg;
	return kind === 'prongs'
		? copies * PRONGS.emptyKg
		: kind === 'file'
			? copies * EMPTY_KG.file
			: EMPTY_KG[kind];
}

const sheetsIn = (lessons: readonly FiledLesson[], is: (filed: Filed) => boolean) =>
	lessons.flatMap((one) => one.filed.filter(is)).reduce((sum, one) => sum + one.sheets, 0);

function partsOf(
	{ way, lessons, guideSheets }: WayInput,
	containers: readonly Container[],
	guideIn: number
): Part[] {
	const rings = new Map<number, number>();
	for (const one of containers)
		if (one.kind === 'ring') rings.set(one.one!.ring!, (rings.get(one.one!.ring!) ?? 0) + copiesOf(one));
	const of = (kind: Container['kind']) =>
		containers.filter((one) => one.kind === kind).reduce((sum, one) => sum + copiesOf(one), 0);
	/** A divider stands before each lesson of each ring binder that is made. */
	const dividers = containers
		.filter((one) => one.kind === 'ring')
		.reduce((sum, one) => sum + one.sections.filter((section) => section.number > 0).length, 0);
	const inFolders = containers
		.flatMap((one) => one.sections)
		.reduce((sum, one) => sum + Math.max(1, Math.ceil(one.millimetres / HOLDS.folder - 1e-9)), 0);
	const coil = containers.find((one) => one.kind === 'coil')?.stack.coil ?? null;
	const clips = containers
		.filter((one) => one.kind === 'file')
		.flatMap((one) => one.copies)
		.filter(([piece]) => piece.number > 0).length;
	const parts: Part[] = [
		...[...rings].map(([ring, count]): Part => ({ item: `binder, ${ring} mm rings`, count })),
		{
			item: 'page protector',
			count: way === 'protectors' ? guideIn + sheetsIn(lessons, (one) => one.what !== 'cards') : 0
		},
		{ item: 'pocket divider', count: way === 'protectors' ? dividers : 0 },
		{ item: 'pocket folder, three holes', count: way === 'folders' ? inFolders : 0 },
		{ item: 'pronged folder', count: of('prongs') },
		{ item: 'tab divider', count: way === 'protectors' || way === 'folders' ? 0 : dividers },
		{
			item: coil === null ? 'binding coil' : `binding coil, ${coil} mm`,
			count: way === 'coil' && guideSheets && coil !== null ? 1 : 0
		},
		{ item: 'large envelope', count: way === 'coil' ? of('loose') : 0 },
		{ item: 'expanding file', count: of('file') },
		{ item: 'binder clip', count: clips },
		{ item: 'zip bag', count: way === 'bags' ? of('loose') : 0 }
	];
	return parts.filter((one) => one.count > 0);
}

function minutesOf(
	{ way, lessons, guideSheets }: WayInput,
	containers: readonly Container[],
	isBound: boolean
): number {
	const all = sheetsIn(lessons, () => true);
	const cards = sheetsIn(lessons, (one) => one.what === 'cards');
	const pages = all - cards + (way === 'protectors' || way === 'folders' ? guideSheets : 0);
	const slid =
		way === 'protectors'
			? pages
			: way === 'folders' || way === 'expanding' || way === 'coil'
				? lessons.length
				: 0;
	const punched = ['per child', 'prongs', 'bags', 'screen'].includes(way) ? pages : 0;
	const seconds =
		slid * SLIDE_SECONDS + Math.ceil(punched / PUNCH_AT_ONCE) * PUNCH_SECONDS + containers.length * 60;
	return Math.ceil(seconds / 60) + (isBound ? COIL_MINUTES : 0);
}

/** The first lesson with which a binder of this ring does not close any more; null while all fits. */
export function bursts(container: Pick<Container, 'sections'>, holds: number): Section | null {
	return container.sections.find((one) => one.upTo > holds + 1e-9) ?? null;
}

/** A lesson in as many even parts as it takes so that one holds each; one that fits stays whole. */
function piecesOf(section: Section, holds: number): Section[] {
	const of = Math.max(1, Math.ceil(section.millimetres / holds - 1e-9));
	if (of === 1) return [section];
	const each = section.millimetres / of;
	return Array.from({ length: of }, (_, at) => ({
		...section,
		millimetres: each,
		upTo: section.upTo - (of - 1 - at) * each,
		part: { number: at + 1, of }
	}));
}

/**
 * Where a stack that takes several binders is split, so that each of them closes: in the fewest that hold it, lessons
 * whole and in their order, and as even as can be. Only a lesson that is more than one binder holds is split itself.
 * `others` is what is in the first one already.
 */
export function split(container: Pick<Container, 'sections'>, holds: number, others = 0): Section[][] {
	const sections = container.sections.flatMap((one) => piecesOf(one, holds));
	if (sections.length === 0) return [];
	const partsFor = (most: number) => {
		const parts: Section[][] = [[]];
		let sum = Math.min(others, most);
		for (const one of sections) {
			if (sum + one.millimetres > most + 1e-9 && (parts.at(-1)!.length || sum > 0)) {
				parts.push([]);
				sum = 0;
			}
			parts.at(-1)!.push(one);
			sum += one.millimetres;
		}
		return parts.filter((one) => one.length > 0);
	};
	const fewest = partsFor(holds).length;
	// The least thickness of the thickest with which as few do: a search over that thickness.
	let [low, high] = [0, holds];
	for (let i = 0; i < 50; i++) {
		const middle = (low + high) / 2;
		const isEnough =
			sections.every((one) => one.millimetres <= middle + 1e-9) && partsFor(middle).length <= fewest;
		if (isEnough) high = middle;
		else low = middle;
	}
	return partsFor(high);
}
