import { cutOut, frame, labelSheets, setEven, type Label } from '$core/binders/index.ts';
import { dayText } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { BLANK, type Paper, type SheetSides, printingOf, wrapText } from '$core/print/index.ts';
import { PAPER_SIZES } from '$core/reference/index.ts';
import { parsed, linesOfLessons } from '$core/facts/index.ts';
import type { RunSituation, Situation } from '$core/account/index.ts';
import { spinesOf } from './spines.ts';
import { filedOf, labelsIn } from './view.ts';

export const LABEL_KINDS = ['spine', 'tabs', 'pockets', 'contents', 'test'] as const;
export type LabelKind = (typeof LABEL_KINDS)[number];
export const LABEL_NAMES: Readonly<Record<LabelKind, string>> = {
	spine: 'Spine labels',
	tabs: 'Tab labels',
	pockets: 'Pocket slips',
	contents: 'Contents page',
	test: 'Test sheet'
};

/** Tab labels and pocket slips to cut out of plain paper, mm. */
const TAB = { width: 76, height: 12.7 };
const SLIP = { width: 90, height: 60 };

/** The sheets of one kind of label, on a sheet of labels or on plain paper to cut. @throws Refusal where there is nothing to say on them */
export function labelPlan(
	now: Situation,
	run: RunSituation,
	kind: LabelKind,
	on: 'labels' | 'paper'
): { readonly paper: Paper; readonly sheets: readonly SheetSides[] } {
	const { width, height } = PAPER_SIZES[now.snapshot.household.paper];
	const paper = { width, height };
	const { edge } = printingOf(parsed(now.snapshot.household.printing));
	const labels = labelsIn(now);
	if (kind === 'test') {
		const places = labels.columns * labels.rows;
		const numbered = Array.from({ length: places }, (_, at): Label => ({ lines: [String(at + 1)] }));
		const [sheet] = labelSheets(numbered, labels, paper);
		// Frames show by how much a printer is off.
		const boxes = Array.from({ length: places }, (_, at) => ({
			x: labels.left + labels.offsetX + (at % labels.columns) * labels.across,
			y: labels.top + labels.offsetY + Math.floor(at / labels.columns) * labels.down,
			width: labels.width,
			height: labels.height
		}));
		return { paper, sheets: [{ ...sheet, front: { ...sheet.front, cuts: boxes.flatMap(frame) } }] };
	}
	if (kind === 'spine') return { paper, sheets: spines(now, run, paper, edge) };
	if (kind === 'contents') return { paper, sheets: contents(now, run, paper) };
	const all = kind === 'tabs' ? tabsOf(now, run) : slipsOf(now, run);
	if (all.length === 0) throw new Refusal('No lessons yet, so there is nothing to label.');
	return {
		paper,
		sheets:
			on === 'labels'
				? labelSheets(all, labels, paper)
				: cutOut(all, kind === 'tabs' ? TAB : SLIP, paper, edge)
	};
}

function tabsOf(now: Situation, run: RunSituation): Label[] {
	return filedOf(now, run).map(({ lesson, number }) => ({
		lines: [`${number} ${lesson}`],
		even: true
	}));
}

/** What belongs into the pocket of a lesson, so that one sees what is missing. */
function slipsOf(now: Situation, run: RunSituation): Label[] {
	const supplies = linesOfLessons(now.snapshot);
	return filedOf(now, run).map(({ lesson, number, filed }) => {
		const row = run.lessons.find((one) => one.number === number)!;
		const day = row.dates[0];
		const titles = [...new Set(filed.map((one) => one.title))];
		const own = supplies.filter((one) => one.lesson_id === row.lesson.id);
		const lines = [
			`${number} ${lesson}`,
			...(day ? [dayText(day)] : []),
			...titles.slice(0, 6).map((title) => `[ ] ${title}`),
			...(titles.length > 6 ? [`and ${titles.length - 6} more`] : []),
			...(own.length ? [`${own.length} supplies: see the list`] : [])
		];
		return { lines: lines.length > 1 ? lines : [...lines, 'nothing filed'] };
	});
}

/** Spine labels at their true size: as wide as the binder's back allows. */
function spines(now: Situation, run: RunSituation, paper: Paper, edge: number): SheetSides[] {
	const views = spinesOf(now, run);
	if (views.length === 0) throw new Refusal('No ring binder in this way of filing, so there is no spine.');
	const boxes = views.flatMap(({ label, count }) =>
		Array.from({ length: count }, (_, copy) => ({
			x: 0,
			y: 0,
			width: label.wide,
			height: label.high,
			lines: [...label.lines, ...(count > 1 ? [`${copy + 1} of ${count}`] : [])]
		}))
	);
	const sheets: SheetSides[] = [];
	let x = edge;
	let own: typeof boxes = [];
	const finish = () => {
		if (own.length)
			sheets.push({
				front: {
					placed: [],
					cuts: own.flatMap(frame),
					text: own.flatMap((box) => {
						// Across, so that it can be read on the shelf, in short lines near the top.
						return setEven(box.lines, { ...box, height: Math.min(box.height, 14 * box.lines.length + 10) });
					})
				},
				back: null
			});
		own = [];
		x = edge;
	};
	for (const box of boxes) {
		if (x + box.width > paper.width - edge) finish();
		own.push({ ...box, x, y: edge });
		x += box.width + 4;
	}
	finish();
	return sheets;
}

/** White at the right of the contents page, and how far its words stand from their numbers, mm. */
const RIGHT = 18;
const NUMBER = 9;

/** What is in the binder, lesson by lesson. */
function contents(now: Situation, run: RunSituation, paper: Paper): SheetSides[] {
	const left = 25;
	const width = paper.width - left - RIGHT;
	/** A text in its lines; those after the first begin where its words do. */
	const set = (text: string, points: number, bold: boolean, indent: number) =>
		wrapText(text, width - indent, points, bold).map((line) => ({ text: line, points, bold, indent }));
	const lines = filedOf(now, run).flatMap(({ lesson, number, filed }) => [
		...wrapText(lesson, width - NUMBER, 12, true).map((text, at) => ({
			text,
			points: 12,
			bold: true,
			indent: NUMBER,
			number: at === 0 ? String(number) : ''
		})),
		...[...new Set(filed.map((one) => one.title))].flatMap((title) =>
			set(title, 10.5, false, NUMBER).map((line) => ({ ...line, number: '' }))
		)
	]);
	if (lines.length === 0) throw new Refusal('No lessons yet, so there is nothing to list.');
	const title = set(run.unit.name, 22, true, 0);
	const [top, step, bottom] = [28 + title.length * 9 + 8, 6, 18];
	const perSheet = Math.floor((paper.height - top - bottom) / step);
	return Array.from({ length: Math.ceil(lines.length / perSheet) }, (_, at): SheetSides => ({
		front: {
			...BLANK,
			text: [
				...title.map((line, index) => ({
					text: line.text,
					x: left,
					y: 28 + index * 9,
					points: 22,
					bold: true
				})),
				...lines.slice(at * perSheet, (at + 1) * perSheet).flatMap((line, index) => {
					const y = top + index * step;
					const { text, points, bold } = line;
					return [
						...(line.number ? [{ text: line.number, x: left, y, points, bold }] : []),
						{ text, x: left + line.indent, y, points, bold }
					];
				})
			]
		},
		back: null
	}));
}
