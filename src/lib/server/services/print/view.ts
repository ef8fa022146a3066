import { dayText } from '$core/calendar/index.ts';
import {
	CHOICES,
	destinationText,
	pageNumbersText,
	ROLE_TEXT,
	runText,
	type FilmOrder,
	type Judged,
	type Role
} from '$core/print/index.ts';
import { readQuestions, type Question } from '$core/plan/index.ts';
import { stockOf } from '$core/reference/index.ts';
import { byText, counted, listText } from '$core/words/index.ts';
import { parsed, type Row, type Snapshot, stateByKey } from '$core/facts/index.ts';
import {
	type LessonSituation,
	type RunSituation,
	type Situation,
	isMaterialLine,
	copyState,
	countOf,
	finishText,
	printKey,
	printsOf,
	sheetsLeft,
	slipsOf,
	type CopyState,
	type PrintSituation,
	namedSets
} from '$core/account/index.ts';
import { toPrint } from './copies.ts';
import { costView, type CostView } from './cost.ts';
import { hasFile, proposedRuns, swapsText, waitingPrints } from './print-runs.ts';
import { printingIn } from './printing-in.ts';
import { sourcesOf, type SourceView } from './sources.ts';
import { thingText } from '$core/words/index.ts';
import { isSome } from '$core/measure/index.ts';

/** One print as the list shows it. */
export type PrintRow = {
	readonly id: number;
	readonly title: string;
	readonly role: Role;
	readonly roleText: string;
	readonly source: { readonly id: number; readonly title: string; readonly file: string | null };
	readonly pagesText: string;
	readonly firstPage: number;
	/** "3 copies, 6 sheets of copy paper, both sides" */
	readonly what: string;
	/** "laminated, cut apart, into its tray" */
	readonly next: string;
	readonly off: string | null;
	readonly judged: Judged;
	/** How many of its choices are the parent's own. */
	readonly ownCount: number;
	readonly participants: readonly number[] | null;
	readonly lesson: number | null;
	readonly activity: number | null;
	readonly again: boolean;
	readonly fromBook: boolean;
	readonly optional: boolean;
	readonly note: string;
	/** What finishing takes, in words, in both orders where they differ; empty where there is nothing to do. */
	readonly finishing: readonly string[];
	readonly copies: readonly {
		readonly key: string;
		readonly who: string;
		readonly state: CopyState;
		readonly next: 'printed' | 'finished' | 'filed' | null;
	}[];
};

export type PrintGroup = {
	readonly lesson: number | null;
	readonly label: string;
	readonly day: string;
	readonly prints: readonly PrintRow[];
	/** What is asked about the pages of its spine. */
	readonly questions: readonly Question[];
};

export type RunRow = {
	readonly id: number;
	readonly text: string;
	readonly sheets: number;
	readonly about: string;
	readonly printedOn: string | null;
	readonly left: number;
	readonly sets: number;
};

export type PrintView = {
	readonly sentence: string;
	readonly detail: string;
	/** The one thing to do next here: a run goes to the printer, runs are made, pages are sorted; null where nothing waits. */
	readonly next: 'run' | 'make' | 'sort' | null;
	readonly sources: readonly SourceView[];
	readonly groups: readonly PrintGroup[];
	/** Runs that would be made of what waits. */
	readonly proposed: {
		readonly runs: readonly { readonly text: string; readonly prints: number; readonly sheets: number }[];
		readonly swaps: string;
		readonly byHand: number;
	};
	readonly runs: readonly RunRow[];
	readonly cost: CostView | null;
	readonly materials: readonly {
		readonly text: string;
		readonly stands: string;
		readonly isShort: boolean;
	}[];
	readonly counts: Readonly<Record<CopyState, number>>;
	/** What has to be done before the guide is bound; empty where nothing is, or it is not bound. */
	readonly beforeBinding: string;
};

/** The Print page of a unit. */
export function printView(now: Situation, run: RunSituation): PrintView {
	const { snapshot } = now;
	const states = stateByKey(snapshot);
	const prints = printsOf(snapshot, run);
	const rows = new Map(
		prints.map((print) => [print, rowOf(now, print, (key) => copyState(print, states.get(key) ?? null))])
	);
	const counts: Record<CopyState, number> = { 'to print': 0, printed: 0, finished: 0, filed: 0 };
	for (const [print, row] of rows)
		if (print.off === null) for (const copy of row.copies) counts[copy.state]++;
	const waiting = waitingPrints(now, run);
	const groups = proposedRuns(waiting);
	const sources = sourcesOf(snapshot, run);
	const runs = snapshot.printRuns
		.filter((one) => one.run_id === run.row.id)
		.map((row) => runRowOf(now, run, row));
	return {
		...sentenceOf(now, run, sources, counts, runs),
		next: runs.some((one) => one.printedOn === null)
			? 'run'
			: groups.length
				? 'make'
				: sources.some((one) => one.sorted < one.pages)
					? 'sort'
					: null,
		sources,
		groups: groupsOf(run, [...rows]),
		proposed: {
			runs: groups.map((group) => ({
				text: runText(group),
				prints: group.prints.length,
				sheets: sheetsIn(
					snapshot,
					group.prints.map(({ print }) => print)
				)
			})),
			swaps: swapsText(groups),
			byHand: waiting.filter((one) => !hasFile(one)).length
		},
		runs,
		cost: waiting.length
			? costView(
					snapshot,
					run,
					groups.map((group) => ({ ...group, prints: group.prints.map(({ print }) => print) }))
				)
			: null,
		materials: now.needs
			.filter((one) => one.run === run && isMaterialLine(one.line))
			.map((one) => ({
				text: one.line.use === 'some' ? one.item.name : thingText(one.amount, one.unit, one.item.name),
				stands: isSome(one.standing.missing)
					? one.line.use === 'some'
						? 'to buy'
						: `${thingText(one.standing.missing, one.unit, one.item.name)} to buy`
					: isSome(one.standing.toLook)
						? 'look at home'
						: 'at home',
				isShort: isSome(one.standing.missing)
			})),
		counts,
		beforeBinding:
			printingIn(snapshot).guide === 'bound' && counts['to print'] > 0
				? `Before you bind the guide: pull out, cut, and copy what these ${counted(counts['to print'], 'copy', 'copies')} need.`
				: ''
	};
}

/** Sheets of a run of some prints, with the slips between its piles. */
const sheetsIn = (snapshot: Snapshot, prints: readonly PrintSituation[]) =>
	prints.reduce((sum, print) => sum + print.sheets, slipsOf(snapshot, prints));

function groupsOf(run: RunSituation, rows: readonly (readonly [PrintSituation, PrintRow])[]): PrintGroup[] {
	const own = (lesson: LessonSituation | null) =>
		rows.filter(([print]) => print.lesson === lesson && print.row.role !== 'skip').map(([, row]) => row);
	const coming = run.lessons.filter((lesson) => !lesson.over);
	const ofLessons = coming.map((lesson): PrintGroup => {
		const day = lesson.dates[0];
		return {
			lesson: lesson.number,
			label: `Lesson ${lesson.number}: ${lesson.lesson.title}`,
			day: day ? dayText(day) : '',
			prints: own(lesson),
			questions: readQuestions(lesson.lesson.questions)
		};
	});
	return [
		{ lesson: null, label: 'For the unit as a whole', day: '', prints: own(null), questions: [] },
		...ofLessons
	].filter((group) => group.prints.length > 0 || group.questions.some((one) => one.page !== null));
}

const NEXT: Readonly<Record<CopyState, PrintRow['copies'][number]['next']>> = {
	'to print': 'printed',
	printed: 'finished',
	finished: 'filed',
	filed: null
};

function rowOf(now: Situation, print: PrintSituation, stateOf: (key: string) => CopyState): PrintRow {
	const { row, judged } = print;
	const document = now.snapshot.documents.find((one) => one.id === print.resource.document_id);
	const all = countOf(print);
	const finish = finishText(print);
	return {
		id: row.id,
		title: row.title,
		role: row.role,
		roleText: ROLE_TEXT[row.role][0],
		source: { id: row.source_id, title: print.resource.title, file: document?.sha256 ?? null },
		pagesText: `${print.pages.length === 1 ? 'page' : 'pages'} ${pageNumbersText(print.pages)}`,
		firstPage: print.pages[0] ?? 1,
		what: [
			judged.copies.value === 'child'
				? `one each for ${counted(all, 'child', 'children')}`
				: counted(all, 'copy', 'copies'),
			`${counted(print.sheets, 'sheet')} of ${stockOf(judged.stock.value).name}`,
			judged.sides.value === 2 ? 'both sides' : '',
			judged.up.value > 1 ? `${judged.up.value} to a side` : '',
			judged.color.value ? 'color' : 'gray'
		]
			.filter(Boolean)
			.join(', '),
		next: [finish, destinationText(judged.to.value)].filter(Boolean).join(', '),
		off: print.off,
		judged,
		ownCount: CHOICES.filter((choice) => judged[choice].isOwn).length,
		participants: parsedOrNull(row.participants),
		lesson: row.lesson_id,
		activity: row.activity_id,
		again: row.again === 1,
		fromBook: row.from_book === 1,
		optional: row.optional === 1,
		note: row.note,
		finishing: finishingText(print, printingIn(now.snapshot).film),
		copies: print.copies.map(({ child }) => {
			const key = printKey(print, child?.id ?? null);
			const state = stateOf(key);
			return {
				key,
				who: child?.name ?? 'family',
				state,
				next: state === 'printed' && !finish ? 'filed' : NEXT[state]
			};
		})
	};
}

const IN_ORDER: Readonly<Record<FilmOrder, string>> = {
	'laminate first': 'laminate, then cut',
	'cut first': 'cut, then laminate, so that each edge is sealed'
};

function finishingText({ finish, otherwise }: PrintSituation, film: FilmOrder): string[] {
	if (finish.minutes === 0) return [];
	const said = ({ pouches, cuts, minutes }: PrintSituation['finish']) =>
		[
			pouches ? counted(pouches, 'pouch', 'pouches') : '',
			cuts ? counted(cuts, 'cut') : '',
			`${counted(minutes, 'minute')}`
		]
			.filter(Boolean)
			.join(', ');
	if (finish.pouches === 0 || finish.cuts === 0) return [said(finish)];
	return [
		`${IN_ORDER[film]}: ${said(finish)}`,
		`or ${IN_ORDER[film === 'cut first' ? 'laminate first' : 'cut first']}: ${said(otherwise)}`
	];
}

const parsedOrNull = (text: Row<'print'>['participants']) => text && parsed(text);

function runRowOf({ snapshot }: Situation, run: RunSituation, row: Row<'print_run'>): RunRow {
	const states = stateByKey(snapshot);
	const sets = namedSets(snapshot, run, parsed(row.sets));
	const left = sets.filter(
		(one) =>
			copyState(one.print, states.get(printKey(one.print, one.child?.id ?? null)) ?? null) === 'to print'
	).length;
	const titles = [...new Set(sets.map((one) => one.print.row.title))];
	return {
		id: row.id,
		text: runText({ stock: row.stock, sides: row.sides, color: row.color === 1 }),
		sheets: row.printed_on ? row.sheets : sheetsLeft(snapshot, run, row).length,
		about: listText([...titles.slice(0, 3), ...(titles.length > 3 ? [`${titles.length - 3} more`] : [])]),
		printedOn: row.printed_on && dayText(row.printed_on),
		left,
		sets: sets.length
	};
}

function sentenceOf(
	now: Situation,
	run: RunSituation,
	sources: readonly SourceView[],
	counts: Readonly<Record<CopyState, number>>,
	runs: readonly RunRow[]
): { sentence: string; detail: string } {
	const unsorted = sources.filter((one) => one.sorted < one.pages);
	const open = runs.filter((one) => one.printedOn === null);
	const acts = now.whole.filter(
		(one) => one.run === run && one.need.stream === 'copies' && one.step?.kind === 'print' && one.days?.actBy
	);
	const first = acts.toSorted(
		(a, b) =>
			(a.days!.actBy! < b.days!.actBy! ? -1 : a.days!.actBy! > b.days!.actBy! ? 1 : 0) ||
			a.lesson.number - b.lesson.number
	)[0];
	const waiting = toPrint(now, run);
	const own = waiting.filter((one) => one.book !== null).length;
	if (waiting.length > 0) {
		const when = first ? byText(first.days!.actBy!, now.today) : '';
		return {
			sentence: `${counted(waiting.length, 'copy', 'copies')} to print${open.length ? `, ${counted(open.length, 'print run')} ready` : ''}.${
				first
					? ` Lesson ${first.lesson.number} is first: ${when.startsWith('late') ? when : `print ${when}`}.`
					: ''
			}`,
			detail: [
				own ? `${own} of them from your home library’s printables.` : '',
				unsorted.length
					? `${counted(
							unsorted.reduce((sum, one) => sum + one.pages - one.sorted, 0),
							'page'
						)} still to sort.`
					: ''
			]
				.filter(Boolean)
				.join(' ')
		};
	}
	if (sources.length === 0)
		return { sentence: 'Nothing to print yet. Add the PDF of your guide, or a printable.', detail: '' };
	if (unsorted.length) {
		const [next] = unsorted;
		return {
			sentence:
				unsorted.length > 1
					? `${counted(
							unsorted.reduce((sum, one) => sum + one.pages - one.sorted, 0),
							'page'
						)} to sort, from ${unsorted.length} files.`
					: `${next.title}: ${next.sorted === 0 ? `${counted(next.pages, 'page')} to sort` : `${counted(next.pages - next.sorted, 'page')} of ${next.pages} to sort`}.`,
			detail: 'Say once what the pages are; copies, paper, and finish follow.'
		};
	}
	return counts.printed > 0
		? {
				sentence: `All is printed; ${counted(counts.printed, 'copy', 'copies')} to finish or file.`,
				detail: ''
			}
		: { sentence: 'All is printed and finished.', detail: '' };
}
