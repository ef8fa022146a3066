import { Refusal } from '$core/error.ts';
import { exact } from '$core/measure/index.ts';
import { nameKey } from '$core/naming/index.ts';
import {
	compareLists,
	readSupplyLine,
	readUnit,
	SUPPLY_USES,
	usualUse,
	type Alternative,
	type Per,
	type SupplyUse
} from '$core/supplies/index.ts';
import { USE_OPTIONS } from '$core/words/index.ts';
import { json, parsed } from '$core/facts/index.ts';
import { knownLines } from '../../services/gathering/review.ts';
import { addLine, updateLine, type LessonLineInput } from '../../stores/gathering/supply-lines.ts';
import { addLesson } from '../../stores/plan/lessons.ts';
import { amountCell, nameCell, unitCell, yesCell } from '../columns.ts';
import { isFormula } from '../formats/csv.ts';
import { eachRow, readRows, type SheetKind } from '../import-plan.ts';
import { amountWritten } from './supplies.ts';

type Key =
	| 'lesson'
	| 'title'
	| 'thing'
	| 'amount'
	| 'to'
	| 'unit'
	| 'per'
	| 'group'
	| 'optional'
	| 'use'
	| 'or'
	| 'note'
	| 'written';

const PERS: readonly Per[] = ['family', 'child', 'pair', 'group'];

/** The supply list of a unit, lesson by lesson. Lines that the file does not name stay as they are. */
export const LIST: SheetKind<Key> = {
	id: 'list',
	name: 'supply list of a unit',
	columns: [
		{ key: 'lesson', title: 'lesson', also: ['lesson number', 'number', 'week', 'day'] },
		{ key: 'title', title: 'lesson title', also: ['title', 'topic'] },
		{ key: 'thing', title: 'item', also: ['thing', 'name', 'supply', 'material', 'supplies', 'materials'] },
		{ key: 'amount', title: 'amount', also: ['quantity', 'qty', 'how many'] },
		{ key: 'to', title: 'up to', also: ['to', 'maximum'] },
		{ key: 'unit', title: 'unit', also: ['units'] },
		{ key: 'per', title: 'per', also: ['for each'] },
		{ key: 'group', title: 'group of', also: ['group size'] },
		{ key: 'optional', title: 'optional', also: [] },
		{ key: 'use', title: 'use', also: ['consumed or kept'] },
		{ key: 'or', title: 'or', also: ['alternative', 'substitute'] },
		{ key: 'note', title: 'note', also: ['notes', 'remark'] },
		{ key: 'written', title: 'as written', also: ['written', 'line'] }
	],
	needs: ['lesson', 'thing'],

	write({ snapshot, runs }, run) {
		const lessons = runs.find((one) => one.row.id === run)?.lessons ?? [];
		const names = new Map(snapshot.items.map((item) => [item.id, item.name]));
		return lessons.flatMap(({ lesson, number }) =>
			snapshot.lines
				.filter((line) => line.lesson_id === lesson.id)
				.map((line) => [
					String(number),
					lesson.title,
					names.get(line.item_id)!,
					line.quantity === null ? '' : amountWritten(line.quantity),
					line.quantity_to === null ? '' : amountWritten(line.quantity_to),
					line.unit,
					line.per,
					line.group_size === null ? '' : String(line.group_size),
					line.optional ? 'yes' : '',
					line.use,
					parsed(line.alternatives).map(alternativeWritten).join('; '),
					line.note ?? '',
					line.written
				])
		);
	},

	async plan(situation, rows, run) {
		const own = situation.runs.find((one) => one.row.id === run);
		if (!own) throw new Refusal('Choose the unit that the list belongs to.', 'run');
		const uses = new Map(situation.snapshot.items.map((item) => [item.name_key, item.use]));
		const newLessons = new Map<number, string>();
		const read = await readRows(rows, (cells) => {
			const number = Number(cells.lesson);
			if (!Number.isInteger(number) || number < 1 || number > own.lessons.length + 300)
				throw new Refusal(`“${cells.lesson.slice(0, 40)}” isn’t a lesson number.`);
			const lesson = own.lessons.find((one) => one.number === number)?.lesson.id ?? -number;
			if (lesson < 0 && !newLessons.has(number)) {
				if (!cells.title || isFormula(cells.title))
					throw new Refusal(`the unit has no lesson ${number}, and the row has no title for it.`);
				newLessons.set(number, cells.title.slice(0, 200));
			}
			const line = lineOf(cells, lesson, uses);
			return { status: 'new', text: line.written, value: line };
		});
		const lines = read.flatMap((one) => (one.value ? [one.value] : []));
		const { matches } = compareLists(
			knownLines(situation, own),
			lines.map((line) => ({ ...line, lesson: String(line.lesson) }))
		);
		const stored = new Map(situation.snapshot.lines.map((line) => [String(line.id), line]));
		let next = 0;
		return {
			rows: read.map(({ planned, value }) => {
				if (!value) return planned;
				const match = matches[next++];
				if (!match) return planned;
				const before = stored.get(match.known.id)!;
				const changed =
					match.changed.length > 0 ||
					before.use !== value.use ||
					(before.note ?? '') !== (value.note ?? '') ||
					before.alternatives !== json(value.or);
				return { ...planned, status: changed ? 'changed' : 'same' };
			}),
			async apply(trx, progress) {
				const ids = new Map<number, number>();
				for (const [number, title] of [...newLessons].sort(([a], [b]) => a - b)) {
					ids.set(-number, await addLesson(trx, own.row.id, { title, note: '', optional: 0, sessions: 1 }));
				}
				await eachRow(lines, progress, async (line, i) => {
					const kept = { ...line, lesson: ids.get(line.lesson) ?? line.lesson };
					const match = matches[i];
					if (match) await updateLine(trx, Number(match.known.id), kept);
					else await addLine(trx, kept);
				});
			}
		};
	}
};

/** A row's line: from its columns; where only the thing is given, as the reader understands it. */
function lineOf(
	cells: Readonly<Record<Key, string>>,
	lesson: number,
	uses: ReadonlyMap<string, SupplyUse>
): LessonLineInput {
	const thing = nameCell(cells.thing, 'item');
	const bare = !cells.amount && !cells.unit && !cells.per;
	const [said] = bare ? readSupplyLine(thing) : [];
	const quantity = numberCell(cells.amount) ?? said?.quantity ?? null;
	const to = numberCell(cells.to) ?? said?.to ?? null;
	if (quantity !== null && to !== null && to <= quantity)
		throw new Refusal('the upper amount must be more than the lower one.');
	const per = cells.per ? PERS.find((one) => one === cells.per.toLowerCase()) : (said?.per ?? 'family');
	if (!per) throw new Refusal(`“${cells.per.slice(0, 40)}” must be family, child, pair, or group.`);
	const groupSize = cells.group ? Number(cells.group) : (said?.groupSize ?? null);
	if (groupSize !== null && (!Number.isInteger(groupSize) || groupSize < 1 || groupSize > 500))
		throw new Refusal(`“${cells.group.slice(0, 40)}” isn’t a group size.`);
	const item = said?.item ?? thing;
	const use = useCell(cells.use);
	return {
		lesson,
		written: (cells.written || thing).slice(0, 1000),
		item,
		quantity,
		to: quantity === null ? null : to,
		unit: said && !cells.unit ? said.unit : unitCell(cells.unit),
		per,
		groupSize: per === 'group' ? groupSize : null,
		optional: yesCell(cells.optional) || (said?.optional ?? false),
		use:
			use ??
			uses.get(nameKey(item)) ??
			usualUse(item, quantity, said && !cells.unit ? said.unit : unitCell(cells.unit)),
		note: cells.note.slice(0, 500) || said?.note || null,
		or: cells.or ? alternativesRead(cells.or) : (said?.or ?? []),
		check: quantity === null || (per === 'group' && groupSize === null)
	};
}

function numberCell(text: string): number | null {
	const amount = amountCell(text);
	return amount === null ? null : exact(amount).valueOf();
}

const alternativeWritten = ({ quantity, unit, item }: Alternative) =>
	`${quantity === null ? '' : `${quantity} `}${unit} ${item}`;

/** "2 cup rice flour; each spoon" */
function alternativesRead(text: string): Alternative[] {
	return text
		.split(';')
		.map((part) => part.trim())
		.filter(Boolean)
		.map((part): Alternative => {
			const words = part.split(/\s+/);
			const quantity = /^[\d.]+$/.test(words[0]) ? Number(words.shift()) : null;
			const unit = words.length > 1 ? readUnit(words[0]) : null;
			if (unit) words.shift();
			return { quantity, unit: unit ?? 'each', item: nameCell(words.join(' '), 'item') };
		});
}

/** A use in a cell, by our word or the one that screens show; null when it is empty. @throws Refusal when it is none. */
function useCell(text: string): SupplyUse | null {
	const said = text.toLowerCase();
	const use = SUPPLY_USES.find((one) => one === said) ?? USE_OPTIONS.find((one) => one.label === said)?.value;
	if (said && !use) throw new Refusal(`“${text.slice(0, 40)}” must be used up, kept, or some of it.`);
	return use ?? null;
}
