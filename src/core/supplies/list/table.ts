import {
	lessonsNamed,
	lessonsOfWeeks,
	lessonsOnDays,
	numbersIn,
	type LessonHeading,
	type Named,
	type WholeLine
} from '../../pasted/index.ts';

type Column =
	| 'item'
	| 'quantity'
	| 'unit'
	| 'who'
	| 'lesson'
	| 'week'
	| 'day'
	| 'optional'
	| 'note'
	| 'skip'
	| { readonly lessons: Named };

/** One thing of a table, put together from its cells as a line that a person could have written. */
export type Row = {
	readonly text: string;
	readonly named: Named | null;
	readonly optional: boolean;
	readonly note: string | null;
};

/** A line of a table: its things, or nothing where it only stands over or between them. */
export type TableLine = { readonly rows: readonly Row[]; readonly isOver: boolean };

const COLUMNS: readonly (readonly [Exclude<Column, object>, RegExp])[] = [
	[
		'item',
		/^(?:items?|materials?|suppl(?:y|ies)|things?(?: needed)?|what(?: you need)?|articles?|ingredients?|objects?|products?|equipment|resources?|tools?|(?:item|supply|material) names?|(?:supplies|materials|items) (?:needed|list)|description)$/i
	],
	[
		'quantity',
		/^(?:qty\.?|quant(?:ity|ities)?\.?|amounts?|amt\.?|how (?:many|much)\??|numbers?(?: needed)?|no\.|#|count|needed|quantity needed|amount needed)$/i
	],
	['unit', /^(?:units?|unit of measure|measures?|uom)$/i],
	['who', /^(?:for whom\??|who\??|per|for|each|whom|scope|for who\??)$/i],
	[
		'lesson',
		/^(?:lessons?(?:\s?(?:#|no\.?|numbers?|\(s\)))?|lesson\(s\)|les\.?|lsns?\.?|used in|when|sessions?(?:\s?#)?|class(?:es)?|for lessons?|in lessons?|used in lessons?|where used|week\.day|wk\.day)$/i
	],
	['week', /^(?:weeks?|wks?\.?)(?:\s?#)?$/i],
	['day', /^days?(?:\s?#)?$/i],
	['optional', /^(?:optional\??|opt\.?\??|required\??)$/i],
	[
		'note',
		/^(?:notes?|remarks?|comments?|details?|special notes?|notes? ?\/ ?substitutes?|substitut(?:es?|ions?)|kind|type|size|colou?r)$/i
	],
	[
		'skip',
		/^(?:cost|price|have(?: it)?\??|got(?: it)?\??|done|check|✓|☐|source|where(?: to (?:get|buy))?|store|from|bought|category|kind of thing|total|page|pages|order|box|location)$/i
	]
];

/** The cells of a line; null where it is none of a table. */
export function cellsOf(text: string): string[] | null {
	const trim = (cells: string[]) => cells.map((cell) => cell.trim());
	if (text.includes('\t')) return trim(text.replace(/\s+$/, '').split('\t'));
	if (/\S\s*\|\s*\S|^\s*\|/.test(text))
		return trim(
			text
				.trim()
				.replace(/^\||\|$/g, '')
				.split('|')
		);
	const wide = text.trim().split(/\s{2,}/);
	return wide.length > 1 ? trim(wide) : null;
}

/** A header of a table and how its lines are cut. */
export type Table = {
	readonly columns: readonly Column[];
	readonly cut: (text: string) => string[] | null;
	/** Where each column begins, for those that are set apart by blanks. */
	readonly starts: readonly number[] | null;
};

function columnOf(cell: string, lessons: readonly LessonHeading[]): Column | null {
	const plain = cell.replace(/[*_:]+/g, '').trim();
	if (plain === '') return 'skip';
	const known = COLUMNS.find(([, pattern]) => pattern.test(plain));
	if (known) return known[0];
	const named = lessonsNamed(plain, lessons, 'lesson');
	return named && (named.lessons.length > 0 || named.unknown) ? { lessons: named } : null;
}

/** The table that a line is the header of; null where it is none. */
export function tableOf(text: string, lessons: readonly LessonHeading[]): Table | null {
	if (text.length > 400) return null;
	const cells =
		cellsOf(text) ?? (/^[^,]+(?:,[^,]+)+$/.test(text) ? text.split(',').map((one) => one.trim()) : null);
	if (!cells || cells.length < 2) return null;
	const columns = cells.map((cell) => columnOf(cell, lessons));
	if (columns.some((column) => column === null)) return null;
	const ofLessons = columns.filter((column) => typeof column === 'object').length;
	const hasItem = columns.includes('item');
	// An empty corner stands over the things where each lesson has a column.
	const isCross = ofLessons > 1 && (hasItem || columns[0] === 'skip');
	if (!hasItem && !isCross) return null;
	const own = columns as Column[];
	const typed: Column[] = own.map((column, at) => (isCross && !hasItem && at === 0 ? 'item' : column));
	const isCsv = cellsOf(text) === null;
	const wide = !isCsv && !text.includes('\t') && !text.includes('|');
	return {
		columns: typed,
		cut: isCsv ? csvCells : cellsOf,
		starts: wide
			? cells.reduce<number[]>((all, cell) => [...all, text.indexOf(cell, all.at(-1) ?? 0)], [])
			: null
	};
}

/** Cells of a line with commas, quotes kept together. */
function csvCells(text: string): string[] | null {
	if (!text.includes(',')) return null;
	const cells = text.match(/"(?:[^"]|"")*"|[^,]+|(?<=,)(?=,|$)/g) ?? [];
	return cells.map((cell) => cell.trim().replace(/^"|"$/g, '').replaceAll('""', '"'));
}

/** Cells set apart by blanks, each under the column that it stands below. */
function underColumns(text: string, starts: readonly number[]): string[] {
	const cells = starts.map(() => '');
	for (const found of text.matchAll(/\S+(?: \S+)*/g)) {
		const at = starts.findLastIndex((start) => start <= found.index + 1);
		const place = Math.max(0, at);
		cells[place] = cells[place] ? `${cells[place]} ${found[0]}` : found[0];
	}
	return cells;
}

const RULE = /^[\s|:+=_-]+$/;
const TICK = /^(?:x|✓|✔|•|●|\*|yes|y|✗|√|■|◼)$/i;
const ONES = /^(?:|each|ea\.?|pcs?\.?|pieces?|items?|-|–|—)$/i;
const EMPTY = /^(?:[-–—.]*|n\/?a|none|0)$/i;

/** What is carried on from the line above where a cell is empty. */
export type Ditto = { named: Named | null; week: number | null };

/**
 * One line of a table. An empty cell under lessons means the lesson above, in a table that goes by lessons.
 */
export function tableLine(
	{ text }: WholeLine,
	table: Table,
	lessons: readonly LessonHeading[],
	ditto: Ditto
): TableLine | null {
	if (RULE.test(text)) return { rows: [], isOver: true };
	const cut = table.cut(text);
	if (!cut) return null;
	const cells = table.starts ? underColumns(text, table.starts) : cut;
	if (cells.length > table.columns.length + 1) return null;
	const of = (column: Column) => {
		const at = table.columns.indexOf(column);
		return at < 0 ? null : (cells[at] ?? '');
	};
	const item = of('item') ?? '';
	if (item === '' || !/\p{L}/u.test(item)) return { rows: [], isOver: true };
	const optionalCell = of('optional');
	const notes = table.columns.flatMap((column, at) => (column === 'note' && cells[at] ? [cells[at]] : []));
	const saysOptional = notes.some((note) => /^optional\b/i.test(note));
	const optional =
		saysOptional || (optionalCell !== null && (TICK.test(optionalCell) || /^optional/i.test(optionalCell)));
	const note = notes.filter((one) => !/^optional$/i.test(one) && !EMPTY.test(one)).join('; ') || null;
	const row = (quantity: string, named: Named | null): Row => ({
		text: composed(item, quantity, of('unit') ?? '', of('who') ?? ''),
		named,
		optional,
		note
	});
	const crossed = table.columns.flatMap((column, at) =>
		typeof column === 'object' && !EMPTY.test(cells[at] ?? '')
			? [{ named: column.lessons, cell: cells[at]! }]
			: []
	);
	if (table.columns.some((column) => typeof column === 'object')) {
		const ticked = crossed.filter(({ cell }) => TICK.test(cell));
		const counted = crossed.filter(({ cell }) => !TICK.test(cell));
		const together = ticked.length
			? [row(of('quantity') ?? '', merged(ticked.map(({ named }) => named)))]
			: [];
		const rows = [...together, ...counted.map(({ named, cell }) => row(cell, named))];
		return { rows: rows.length ? rows : [row(of('quantity') ?? '', null)], isOver: false };
	}
	const named = lessonsIn(of('lesson'), of('week'), of('day'), lessons, ditto);
	return { rows: [row(of('quantity') ?? '', named)], isOver: false };
}

function merged(all: readonly Named[]): Named {
	return {
		lessons: [...new Set(all.flatMap((one) => one.lessons))],
		all: false,
		weekly: false,
		unknown: all.some((one) => one.unknown)
	};
}

function lessonsIn(
	lesson: string | null,
	week: string | null,
	day: string | null,
	lessons: readonly LessonHeading[],
	ditto: Ditto
): Named | null {
	if (lesson === null && week === null && day === null) return null;
	const isEmpty = [lesson, week, day].every((cell) => cell === null || cell === '' || /^["”〃]$/.test(cell));
	if (isEmpty) return ditto.named;
	if (lesson !== null && !EMPTY.test(lesson)) {
		const dotted = lessons.some(({ place }) => place) && /^\d{1,2}\.\d{1,2}/.test(lesson);
		const numbered = lesson.replace(/^(\d+)\.?\s+\D.*$/, '$1');
		ditto.named =
			lessonsNamed(lesson, lessons, dotted ? 'week.day' : 'lesson') ??
			lessonsNamed(numbered, lessons, 'lesson') ??
			byTitle(lesson, lessons);
		return ditto.named;
	}
	const weeks = week ? numbersIn(week) : [];
	if (weeks.length) ditto.week = weeks[0];
	const days = day ? numbersIn(day) : [];
	if (/^(?:all|every|each)/i.test(`${week ?? ''}${day ?? ''}`))
		ditto.named = lessonsNamed('all', lessons, 'lesson');
	else if (days.length && ditto.week !== null && week !== null)
		ditto.named = lessonsOnDays(ditto.week, days, lessons);
	else if (weeks.length) ditto.named = lessonsOfWeeks(weeks, lessons);
	else if (days.length) ditto.named = lessonsNamed(`lessons ${days.join(', ')}`, lessons, 'lesson');
	return ditto.named;
}

function byTitle(text: string, lessons: readonly LessonHeading[]): Named | null {
	const key = text.toLowerCase().trim();
	const found = lessons.find(({ title }) => title.toLowerCase() === key);
	return found ? { lessons: [found.id], all: false, weekly: false, unknown: false } : null;
}

const WHO: readonly (readonly [RegExp, string])[] = [
	[
		/^(?:each |per |every |1 per )?(?:child|children|student|students|kid|kids|pupil|person|each)$/i,
		' per child'
	],
	[/^(?:each |per |every )?(?:pairs?|partners?|two children)$/i, ' per pair'],
	[/^(?:each |per |every )?(?:groups?|teams?|tables?)(?: of (\d+))?$/i, ' per group'],
	[
		/^(?:each |per |the |whole |every )*(?:famil(?:y|ies)|class|household|all|everyone|room|house|shared?|group as a whole)$/i,
		''
	]
];

/** "2 sheets card stock per child", from the cells of a row. */
function composed(item: string, quantity: string, unit: string, who: string): string {
	const plain = EMPTY.test(quantity) ? '' : quantity;
	const measure = ONES.test(unit) ? '' : ` ${unit}`;
	const found = WHO.find(([pattern]) => pattern.test(who));
	const size = /of (\d+)/i.exec(who)?.[1];
	const scope =
		who === ''
			? ''
			: found
				? `${found[1]}${size && found[1] === ' per group' ? ` of ${size}` : ''}`
				: ` (${who})`;
	if (plain === '') return `${item}${scope}`;
	return /^[\d\s./½¼¾⅓⅔⅛–-]+$/.test(plain)
		? `${plain}${measure} ${item}${scope}`
		: `${item}, ${plain}${measure}${scope}`;
}
