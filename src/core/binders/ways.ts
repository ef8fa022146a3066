import { EMPTY_KG, PRONGS, RINGS, type FiledAs, type Stock } from '../reference/index.ts';
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
	readonly paper: 'letter' | 'a4';
	/** What a child's binder holds from other subjects, mm. */
	readonly others: number;
};

/** A lesson's part of a binder. */
export type Section = {
	readonly lesson: string;
	readonly number: number;
	/** Of it alone, and of all up to it, mm. */
	readonly millimetres: number;
	readonly upTo: number;
	readonly titles: readonly string[];
};

/** One binder, coil book, file or set of folders. */
export type Container = {
	readonly name: string;
	readonly kind: 'ring' | 'prongs' | 'coil' | 'file' | 'loose';
	readonly sections: readonly Section[];
	readonly stack: Stack;
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
		return { name, kind, sections, stack: stackNow() };
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

/** How many a container takes: binders over which it is split, folders that are full. */
export const copiesOf = ({ kind, stack }: Pick<Container, 'kind' | 'stack'>): number =>
	kind === 'ring' ? stack.binders : kind === 'prongs' ? Math.ceil(stack.millimetres / PRONGS.holds) : 1;

/** What its binders, folders or coil weigh without paper, kg. */
export function emptyKg({ kind, stack }: Pick<Container, 'kind' | 'stack'>): number {
	const copies = copiesOf({ kind, stack });
	if (kind === 'ring') return copies * RINGS.find((one) => one.size === stack.ring)!.emptyKg;
	return kind === 'prongs' ? copies * PRONGS.emptyKg : EMPTY_KG[kind];
}

const sheetsIn = (lessons: readonly FiledLesson[], is: (filed: Filed) => boolean) =>
	lessons.flatMap((one) => one.filed.filter(is)).reduce((sum, one) => sum + one.sheets, 0);

function partsOf(
	{ way, lessons, children, guideSheets }: WayInput,
	containers: readonly Container[],
	guideIn: number
): Part[] {
	const rings = new Map<string, number>();
	for (const { kind, stack } of containers)
		if (kind === 'ring') {
			const item = `binder, ${stack.ring} mm rings`;
			rings.set(item, (rings.get(item) ?? 0) + stack.binders);
		}
	const folders = containers
		.filter((one) => one.kind === 'prongs')
		.reduce((sum, one) => sum + copiesOf(one), 0);
	const withPages = lessons.filter((one) => one.filed.length > 0).length;
	const cards = lessons.filter((one) => one.filed.some((filed) => filed.what === 'cards')).length;
	const coil = containers.find((one) => one.kind === 'coil')?.stack.coil ?? null;
	const parts: Part[] = [
		...[...rings].map(([item, count]) => ({ item, count })),
		{
			item: 'page protector',
			count: way === 'protectors' ? guideIn + sheetsIn(lessons, (one) => one.what !== 'cards') : 0
		},
		{ item: 'pocket divider', count: way === 'protectors' ? lessons.length : 0 },
		{ item: 'pocket folder, three holes', count: way === 'folders' ? lessons.length : 0 },
		{ item: 'pronged folder', count: folders },
		{
			item: 'tab divider',
			count:
				way === 'per child'
					? lessons.length * (children.length + 1)
					: way === 'bags' || way === 'screen' || way === 'prongs'
						? lessons.length
						: 0
		},
		{
			item: coil === null ? 'binding coil' : `binding coil, ${coil} mm`,
			count: way === 'coil' && guideSheets ? 1 : 0
		},
		{ item: 'large envelope', count: way === 'coil' ? withPages : 0 },
		{ item: 'expanding file', count: way === 'expanding' ? 1 : 0 },
		{ item: 'binder clip', count: way === 'expanding' ? withPages : 0 },
		{ item: 'zip bag', count: way === 'bags' ? cards : 0 }
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

/**
 * Where a binder that takes several is split: lessons stay whole and in their order, each part holds no more than
 * fits, and the parts are as even as can be.
 */
export function split(container: Pick<Container, 'sections'>, binders: number, holds: number): Section[][] {
	const { sections } = container;
	if (sections.length === 0) return [];
	// Fewest binders first, then the least thickness of the thickest: a search over that thickness.
	const partsFor = (most: number) => {
		const parts: Section[][] = [[]];
		let sum = 0;
		for (const one of sections) {
			if (sum + one.millimetres > most + 1e-9 && parts.at(-1)!.length) {
				parts.push([]);
				sum = 0;
			}
			parts.at(-1)!.push(one);
			sum += one.millimetres;
		}
		return parts;
	};
	const total = sections.reduce((sum, one) => sum + one.millimetres, 0);
	let [low, high] = [
		Math.max(...sections.map((one) => one.millimetres), total / binders),
		Math.max(holds, total)
	];
	for (let i = 0; i < 50; i++) {
		const middle = (low + high) / 2;
		if (partsFor(middle).length <= binders) high = middle;
		else low = middle;
	}
	return partsFor(high);
}
