import { dayText, daysBetween, startOfWeek } from '$core/calendar/index.ts';
import {
	bursts,
	copiesOf,
	split,
	WAY_TEXT,
	wayOf,
	WAYS,
	type BinderWay,
	type Container,
	type Filed,
	type FiledLesson,
	type LabelSheet,
	type WayResult
} from '$core/binders/index.ts';
import { CUT_ROLES, OF_THE_GUIDE } from '$core/print/index.ts';
import { weightText } from '$core/measure/index.ts';
import { PRONGS, RINGS } from '$core/reference/index.ts';
import { counted, durationText, listText, money } from '$core/words/index.ts';
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

export function resultOf(now: Situation, run: RunSituation, way: BinderWay): WayResult {
	return wayOf({
		way,
		lessons: filedOf(now, run),
		guideSheets: way === 'screen' ? 0 : guideSheets(now, run),
		children: run.participants.filter((one) => one.kind === 'child').map((one) => one.name),
		paper: now.snapshot.household.paper === 'A4' ? 'a4' : 'letter',
		others: binderOf(now, run).others
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
	readonly ring: number;
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

const inches = (size: number) => RINGS.find((one) => one.size === size)?.inches ?? '';
const ringText = (now: Situation, size: number) =>
	now.snapshot.household.measures === 'metric' ? `${size} mm rings` : `${inches(size)} in rings`;

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
								binders.map(({ stack }) =>
									stack.binders > 1
										? `${stack.binders} × ${ringText(now, stack.ring)}`
										: ringText(now, stack.ring)
								)
							)
						]),
			weighs: weightText(result.kilograms, now.snapshot.household.measures),
			parts: result.parts.map((one) => `${one.count} × ${one.item}`),
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
	const { stack, kind, name } = one;
	const chosen = kind === 'ring' ? choice.ring : null;
	const ring = chosen ?? stack.ring;
	const holds =
		kind === 'prongs' ? PRONGS.holds : (RINGS.find((row) => row.size === ring) ?? RINGS.at(-1)!).holds;
	const last = one.sections.at(-1)?.number ?? 0;
	const burst =
		kind === 'prongs'
			? bursts(one, holds)
			: kind === 'ring'
				? bursts(one, chosen === null && stack.binders === 1 ? stack.millimetres : holds)
				: null;
	const parts = burst ? split(one, Math.max(copiesOf(one), Math.ceil(stack.millimetres / holds)), holds) : [];
	const thick = lengthText(now, stack.millimetres);
	const sentence =
		kind === 'coil'
			? stack.coil === null
				? `${name} is ${thick} thick: too much for one coil. Split it in two.`
				: `${name} takes a ${stack.coil} mm coil.`
			: kind === 'prongs'
				? burst
					? `${name} is full from ${whenOf(now, run, burst.number)}: its prongs hold ${lengthText(now, holds)}. Start another one.`
					: `${name}: ${thick} of paper, and its prongs take ${lengthText(now, holds)}.`
				: kind !== 'ring'
					? `${name}: ${thick} of paper.`
					: burst
						? `${name} won’t close from ${whenOf(now, run, burst.number)}: ${lengthText(now, burst.upTo)} of paper, and ${ringText(now, ring)} hold ${lengthText(now, holds)}.${
								stack.binders === 1 ? ` ${capitalRing(ringText(now, stack.ring))} hold all of it.` : ''
							}`
						: `${name} closes through lesson ${last}: ${thick} of paper in ${ringText(now, ring)}.`;
	return {
		...one,
		sentence,
		isLate: burst !== null || (kind === 'coil' && stack.coil === null),
		holds,
		ring,
		splits: parts.map(
			(part, at) =>
				`binder ${at + 1}: ${part[0].number ? `lessons ${part[0].number} to ${part.at(-1)!.number}` : part.length > 1 ? `the guide, lessons ${part[1].number} to ${part.at(-1)!.number}` : 'the guide'}`
		)
	};
}

const capitalRing = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** The price of a part; a coil of any size costs what a coil costs. */
function priceOf(prices: Readonly<Record<string, number>>, item: string): number | undefined {
	return prices[item] ?? prices[item.split(',')[0]];
}

/** “12.4 mm”, or “0.49 in” where the house measures so. */
export function lengthText({ snapshot }: Situation, millimetres: number): string {
	return snapshot.household.measures === 'metric'
		? `${millimetres.toFixed(1)} mm`
		: `${(millimetres / 25.4).toFixed(millimetres < 25.4 ? 2 : 1)} in`;
}

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
	const { way, ring } = binderOf(now, run);
	return resultOf(now, run, way)
		.containers.filter((one) => one.kind === 'ring')
		.map(({ name, stack }) => {
			const { holds, emptyKg } = RINGS.find((one) => one.size === (ring ?? stack.ring)) ?? RINGS.at(-1)!;
			const count = Math.max(stack.binders, Math.ceil(stack.millimetres / holds));
			return {
				name,
				length: BINDER.length,
				width: BINDER.width,
				height: holds + 2 * BINDER.board,
				kg: Math.round((stack.kilograms / count + emptyKg) * 10) / 10,
				count
			};
		});
}
