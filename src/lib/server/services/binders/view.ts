import { dayText, daysBetween, startOfWeek } from '$core/calendar/index.ts';
import {
	bursts,
	copiesOf,
	holdsOf,
	WAY_TEXT,
	wayOf,
	WAYS,
	type BinderWay,
	type Container,
	type Filed,
	type FiledLesson,
	type LabelSheet,
	type Section,
	type WayResult
} from '$core/binders/index.ts';
import { CUT_ROLES, OF_THE_GUIDE } from '$core/print/index.ts';
import { weightText } from '$core/measure/index.ts';
import { FILE_POCKETS, RINGS, type RingShape } from '$core/reference/index.ts';
import { capital, counted, durationText, listText, money } from '$core/words/index.ts';
import { parsed, byId } from '$core/facts/index.ts';
import type { BinderChoice } from '../../stores/binders/binders.ts';
import {
	type LessonSituation,
	type RunSituation,
	type Situation,
	countOf,
	printsOf
} from '$core/account/index.ts';

const USUAL: BinderChoice = { way: 'protectors', ring: null, others: 0 };

/** What one of each costs, in cents (common practice, as an example; a household sets its own). */
export const USUAL_PRICES: Readonly<Record<string, number>> = {
	'binder, 13 mm rings': 400,
	'binder, 25 mm rings': 450,
	'binder, 38 mm rings': 600,
	'binder, 51 mm rings': 800,
	'binder, 76 mm rings': 1200,
	'binder, 102 mm rings': 1600,
	'pronged folder': 60,
	'page protector': 10,
	'pocket divider': 60,
	'pocket folder, three holes': 70,
	'tab divider': 25,
	'binding coil': 30,
	'large envelope': 25,
	'expanding file': 1200,
	'binder clip': 15,
	'zip bag': 10
};

/** A usual sheet of labels: three across, ten down on letter paper, each 66.7 by 25.4 mm (common practice). */
const USUAL_LABELS: LabelSheet = {
	columns: 3,
	rows: 10,
	width: 66.7,
	height: 25.4,
	left: 4.8,
	top: 12.7,
	across: 69.9,
	down: 25.4,
	offsetX: 0,
	offsetY: 0
};

export const labelsIn = ({ snapshot }: Situation): LabelSheet => ({
	...USUAL_LABELS,
	...parsed(snapshot.household.binders).labels
});

export const pricesIn = ({ snapshot }: Situation): Readonly<Record<string, number>> => ({
	...USUAL_PRICES,
	...parsed(snapshot.household.binders).prices
});

export const binderOf = ({ snapshot }: Situation, run: RunSituation): BinderChoice =>
	snapshot.binders.find((one) => one.run_id === run.row.id) ?? USUAL;

/** What is filed with each lesson, from what is really printed for it. */
export function filedOf(now: Situation, run: RunSituation): FiledLesson[] {
	const { snapshot } = now;
	const first = run.lessons.find((one) => !one.dropped) ?? null;
	const byLesson = new Map<LessonSituation, Filed[]>();
	for (const print of printsOf(snapshot, run)) {
		const lesson = print.lesson ?? first;
		// What an earlier lesson left is in the binder as well.
		if (lesson === null || (print.off !== null && !lesson.over) || !print.judged.printed.value) continue;
		const to = print.judged.to.value;
		if (to === 'wall' || to === 'tray') continue;
		const { role } = print.row;
		const own = byLesson.get(lesson) ?? [];
		for (const { child, count } of print.copies)
			own.push({
				stock: print.judged.stock.value,
				// Pieces of a sheet that copies share are filed as that part of it, a whole one at least.
				sheets: Math.ceil((print.sheets * count) / countOf(print)),
				laminated: print.judged.finish.value === 'pouch',
				child: child?.name ?? null,
				what: CUT_ROLES.includes(role) ? 'cards' : OF_THE_GUIDE.includes(role) ? 'guide' : 'student',
				title: child ? `${print.row.title} for ${child.name}` : print.row.title
			});
		byLesson.set(lesson, own);
	}
	return run.lessons
		.filter((one) => !one.dropped)
		.map((one) => ({ lesson: one.lesson.title, number: one.number, filed: byLesson.get(one) ?? [] }));
}

/** Sheets of guides that are there on paper, both sides printed. */
function guideSheets({ snapshot }: Situation, run: RunSituation): number {
	const resources = byId(snapshot.resources);
	return snapshot.printSources
		.filter((one) => one.run_id === run.row.id && one.kind === 'guide')
		.map((one) => resources.get(one.resource_id)!)
		.filter((one) => one.document_id === null)
		.reduce((sum, one) => sum + Math.ceil((one.pages ?? 0) / 2), 0);
}

/** How the household's rings are bent; D until somebody said, which is what binders that are sold for much paper have. */
export const ringsIn = ({ snapshot }: Situation): RingShape =>
	parsed(snapshot.household.binders).rings ?? 'D';

export function resultOf(now: Situation, run: RunSituation, way: BinderWay): WayResult {
	const { others, ring } = binderOf(now, run);
	return wayOf({
		way,
		lessons: filedOf(now, run),
		guideSheets: way === 'screen' ? 0 : guideSheets(now, run),
		children: run.participants.filter((one) => one.kind === 'child').map((one) => one.name),
		paper: now.snapshot.household.paper,
		others,
		shape: ringsIn(now),
		// The binder that there is counts for the way that was chosen.
		ring: binderOf(now, run).way === way ? ring : null
	});
}

/** A lesson by its week in the unit: “week 8”; its number where it has no day. */
function whenOf(now: Situation, run: RunSituation, number: number): string {
	const lesson = run.lessons.find((one) => one.number === number);
	const day = lesson?.dates[0];
	const start = run.lessons.flatMap((one) => one.dates).toSorted()[0];
	if (!day || !start) return `lesson ${number}`;
	const weekStart = now.snapshot.household.week_start;
	const week = Math.floor(daysBetween(startOfWeek(start, weekStart), startOfWeek(day, weekStart)) / 7) + 1;
	return `week ${week}, lesson ${number} on ${dayText(day)}`;
}

export type WayRow = {
	readonly way: BinderWay;
	readonly name: string;
	readonly thick: string;
	readonly holds: string;
	readonly weighs: string;
	readonly parts: readonly string[];
	/** What it can’t hold, or holds only in parts; empty where all fits. */
	readonly tight: string;
	readonly cost: string;
	readonly minutes: string;
	readonly isChosen: boolean;
};

export type ContainerView = Container & {
	/** What is said of it: which ring, when it bursts, where it is split. */
	readonly sentence: string;
	readonly isLate: boolean;
	/** What the chosen rings hold, mm; without a choice, what the right ones hold. */
	readonly holds: number;
	readonly ring: number | null;
	readonly splits: readonly string[];
};

export type BindersView = {
	readonly sentence: string;
	readonly detail: string;
	readonly choice: BinderChoice;
	readonly ways: readonly WayRow[];
	readonly containers: readonly ContainerView[];
	readonly hasPaper: boolean;
};

const isMetric = ({ snapshot }: Situation) => snapshot.household.measures === 'metric';
const inches = (size: number) => RINGS.find((one) => one.size === size)?.inches ?? '';
const ringText = (now: Situation, size: number) =>
	isMetric(now) ? `${size} mm rings` : `${inches(size)} in rings`;

/** A part as the house buys it: “1½ in ring binder”, “binding coil, ½ in”. */
export function partText(now: Situation, item: string): string {
	const ring = /^binder, (\d+) mm rings$/.exec(item);
	if (ring) return `${ringText(now, Number(ring[1])).replace(/ rings$/, '')} ring binder`;
	const coil = /^binding coil, (\d+) mm$/.exec(item);
	// Coils are sold by sixteenths of an inch.
	return coil && !isMetric(now) ? `binding coil, ${fractionText(Number(coil[1]) / 25.4)} in` : item;
}

/** The nearest sixteenth of an inch, as a fraction. */
function fractionText(inch: number): string {
	const sixteenths = Math.round(inch * 16);
	const [whole, rest] = [Math.floor(sixteenths / 16), sixteenths % 16];
	const by = rest % 8 === 0 ? 8 : rest % 4 === 0 ? 4 : rest % 2 === 0 ? 2 : 1;
	return [whole || !rest ? String(whole) : '', rest ? `${rest / by}/${16 / by}` : '']
		.filter(Boolean)
		.join(' ');
}

/** The Binders page of a unit. */
export function bindersView(now: Situation, run: RunSituation): BindersView {
	const choice = binderOf(now, run);
	const prices = pricesIn(now);
	const ways = WAYS.map((way): WayRow => {
		const result = resultOf(now, run, way);
		const thickest = result.containers.reduce((most, one) => Math.max(most, one.stack.millimetres), 0);
		const cents = result.parts.reduce((sum, one) => sum + one.count * (priceOf(prices, one.item) ?? 0), 0);
		const binders = result.containers.filter((one) => one.kind === 'ring');
		return {
			way,
			name: WAY_TEXT[way],
			thick: lengthText(now, thickest),
			holds:
				binders.length === 0
					? ''
					: listText([
							...new Set(
								binders.map((one) =>
									copiesOf(one) > 1
										? `${copiesOf(one)} × ${ringText(now, one.one!.ring!)}`
										: ringText(now, one.one!.ring!)
								)
							)
						]),
			weighs: weightText(result.kilograms, now.snapshot.household.measures),
			parts: result.parts.map((one) => `${one.count} × ${partText(now, one.item)}`),
			tight: tightText(now, result),
			cost: money(cents),
			minutes: durationText(result.minutes),
			isChosen: way === choice.way
		};
	});
	const containers = resultOf(now, run, choice.way).containers.map((one) =>
		containerView(now, run, one, choice)
	);
	const hasPaper = containers.length > 0;
	const late = containers.find((one) => one.isLate);
	return {
		sentence: !hasPaper
			? 'Nothing to file yet.'
			: late
				? late.sentence
				: containers.length === 1
					? containers[0].sentence
					: `${counted(containers.length, 'binder or book', 'binders or books')} close with all that goes in.`,
		detail: hasPaper
			? `${WAY_TEXT[choice.way]}.`
			: 'Sort pages under Print; what goes into binders, folders, and pockets is measured here.',
		choice,
		ways,
		containers,
		hasPaper
	};
}

function containerView(
	now: Situation,
	run: RunSituation,
	one: Container,
	choice: BinderChoice
): ContainerView {
	const { stack, kind, name, copies } = one;
	const chosen = kind === 'ring' ? choice.ring : null;
	const ring = one.one?.ring ?? null;
	const holds = one.one?.holds ?? 0;
	const last = one.sections.at(-1)?.number ?? 0;
	// Without a binder of one's own the right ones are named, as many as it takes.
	const burst = kind === 'prongs' || (kind === 'ring' && chosen !== null) ? bursts(one, holds) : null;
	const parts = copies.length > 1 && (kind === 'ring' || kind === 'prongs') ? copies : [];
	const thick = lengthText(now, stack.millimetres);
	const larger = RINGS.find(({ size }) => holdsOf(size, ringsIn(now)) >= stack.millimetres - 1e-9);
	const rings = ring === null ? '' : ringText(now, ring);
	const tight = piecesText(one);
	const sentence =
		kind === 'coil'
			? stack.coil === null
				? `${name} is ${thick} thick: too much for one coil. Split it in two.`
				: `${name} takes a ${partText(now, `binding coil, ${stack.coil} mm`).replace('binding coil, ', '')} coil.`
			: kind === 'prongs'
				? burst
					? `${name} is full from ${whenOf(now, run, burst.number)}: its prongs hold ${lengthText(now, holds)}. Start another one.`
					: `${name}: ${thick} of paper, and its prongs take ${lengthText(now, holds)}.`
				: kind !== 'ring'
					? `${name}: ${thick} of paper.${tight ? ` ${tight}` : ''}`
					: burst
						? `${name} won’t close from ${whenOf(now, run, burst.number)}: ${lengthText(now, burst.upTo)} of paper, and ${rings} hold ${lengthText(now, holds)}.${
								larger ? ` ${capital(ringText(now, larger.size))} hold all of it.` : ''
							}`
						: copies.length > 1
							? `${name} is ${thick} of paper: ${copies.length} binders with ${rings}, each of which closes.`
							: `${name} closes through lesson ${last}: ${thick} of paper in ${rings}.`;
	return {
		...one,
		sentence,
		isLate: burst !== null || (kind === 'coil' && stack.coil === null),
		holds,
		ring,
		splits: parts.map(
			(part, at) => `${kind === 'ring' ? 'binder' : 'folder'} ${at + 1}: ${sectionsText(part)}`
		)
	};
}

/** “the guide, lessons 1 to 4”, “lesson 5, part 2 of 3”. */
function sectionsText(part: readonly Section[]): string {
	const name = (one: Section) =>
		`${one.number ? `lesson ${one.number}` : 'the guide'}${one.part ? `, part ${one.part.number} of ${one.part.of}` : ''}`;
	const whole = part.filter((one) => one.number > 0 && !one.part);
	const others = part.filter((one) => !whole.includes(one));
	const [first, last] = [whole[0], whole.at(-1)];
	const lessons =
		!first || !last ? '' : first === last ? name(first) : `lessons ${first.number} to ${last.number}`;
	const before = others.filter((one) => !first || one.number < first.number).map(name);
	const after = others.filter((one) => first && one.number > first.number).map(name);
	return [...before, lessons, ...after].filter(Boolean).join(', ');
}

const ONE_NAME: Readonly<Record<string, readonly [string, string]>> = {
	coil: ['envelope', 'envelopes'],
	bags: ['bag', 'bags'],
	file: ['pocket and clip', 'pockets and clips']
};

/** The lessons that are more than one envelope, bag or pocket holds; empty where none is. */
function piecesText({ kind, copies, name }: Container): string {
	const [one, many] = ONE_NAME[kind === 'file' ? 'file' : name === 'The bags' ? 'bags' : 'coil'];
	const parts = copies.flatMap(([piece]) => (piece?.part?.number === 1 ? [piece] : []));
	if (kind === 'file' && copies.length > FILE_POCKETS)
		return `It takes ${copies.length} pockets, and a file has ${FILE_POCKETS}: ${Math.ceil(copies.length / FILE_POCKETS)} files.`;
	return parts.length
		? `${capital(listText(parts.slice(0, 3).map((piece) => `${piece.number ? `lesson ${piece.number}` : 'the guide'} takes ${counted(piece.part!.of, one, many)}`)))}${parts.length > 3 ? `, and ${counted(parts.length - 3, 'more lesson')} more than one` : ''}.`
		: '';
}

/** What a way can’t hold in one piece, in words. */
function tightText(now: Situation, { containers }: WayResult): string {
	return containers
		.map((one) => {
			if (one.kind === 'coil') return one.stack.coil === null ? `${one.name} is too thick for one coil.` : '';
			if (one.kind === 'loose' || one.kind === 'file') return piecesText(one);
			const split = one.copies.flat().find((section) => section.part);
			return split
				? `${capital(split.number ? `lesson ${split.number}` : 'the guide')} alone is more than one holds, so it is in ${split.part!.of} parts.`
				: '';
		})
		.filter(Boolean)
		.join(' ');
}

/** The price of a part; a coil of any size costs what a coil costs. */
function priceOf(prices: Readonly<Record<string, number>>, item: string): number | undefined {
	return prices[item] ?? prices[item.split(',')[0]];
}

/** Less than two sheets of copy paper, mm. */
const ONE_SHEET = 0.15;
/** “12.4 mm”, or “0.49 in” where the house measures so. */
export function lengthText({ snapshot }: Situation, millimetres: number): string {
	if (millimetres > 0 && millimetres < ONE_SHEET) return 'one sheet';
	return snapshot.household.measures === 'metric'
		? `${millimetres.toFixed(1)} mm`
		: `${(millimetres / 25.4).toFixed(millimetres < 25.4 ? 2 : 1)} in`;
}

/** The names of the ring binders of one way, or of all ways. */
export const binderNames = (
	now: Situation,
	run: RunSituation,
	ways: readonly BinderWay[] = WAYS
): string[] => [
	...new Set(
		ways.flatMap((way) =>
			resultOf(now, run, way)
				.containers.filter((one) => one.kind === 'ring')
				.map((one) => one.name)
		)
	)
];

/** Covers of a binder are about so large, mm (common practice). */
const BINDER = { length: 290, width: 265, board: 5 };

/** Each ring binder with what is filed in it, outside: mm and kg. */
export function binderThings(
	now: Situation,
	run: RunSituation
): {
	readonly name: string;
	readonly length: number;
	readonly width: number;
	readonly height: number;
	readonly kg: number;
	readonly count: number;
}[] {
	const { way } = binderOf(now, run);
	return resultOf(now, run, way)
		.containers.filter((one) => one.kind === 'ring')
		.map(({ name, stack, one, copies }) => {
			const { emptyKg } = RINGS.find((row) => row.size === one!.ring)!;
			const count = copies.length;
			return {
				name,
				length: BINDER.length,
				width: BINDER.width,
				// As thick as D rings of its size are: round ones hold less in the same covers.
				height: holdsOf(one!.ring!, 'D') + 2 * BINDER.board,
				kg: Math.round((stack.kilograms / count + emptyKg) * 10) / 10,
				count
			};
		});
}
