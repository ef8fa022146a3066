import { dayMeant, isDay, readDay, type Day } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { exactText, MOST_AMOUNT, requireAmount, type Unit } from '$core/measure/index.ts';
import { nameKey } from '$core/naming/index.ts';
import { readQuantity, readUnit } from '$core/supplies/index.ts';
import { isFormula, type Sheet } from './formats/csv.ts';

/** A column by its title, and what else people call it. */
export type Column<Key extends string> = {
	readonly key: Key;
	readonly title: string;
	readonly also: readonly string[];
};

export type Cells<Key extends string> = Readonly<Record<Key, string>>;

const plain = (title: string) =>
	title
		.toLowerCase()
		.replace(/[^\p{L}\p{N}]+/gu, ' ')
		.trim();

/** Which column of a sheet is which; columns that nobody knows are left out. */
export function columnsOf<Key extends string>(
	sheet: Pick<Sheet, 'header'>,
	columns: readonly Column<Key>[]
): Map<Key, number> {
	const found = new Map<Key, number>();
	const titles = sheet.header.map(plain);
	for (const { key, title, also } of columns) {
		const at = titles.findIndex((one) => [title, ...also].some((name) => plain(name) === one));
		if (at >= 0) found.set(key, at);
	}
	return found;
}

/** The cells of a row by column; empty where the sheet has no such column. */
export function cellsOf<Key extends string>(
	row: readonly string[],
	columns: readonly Column<Key>[],
	at: ReadonlyMap<Key, number>
): Cells<Key> {
	return Object.fromEntries(
		columns.map(({ key }) => [key, at.has(key) ? (row[at.get(key)!] ?? '') : ''])
	) as Cells<Key>;
}

/** A number or a date in a cell is not longer. */
const LONGEST_CELL = 60;

/** A name in a cell. @throws Refusal when it is none. */
export function nameCell(text: string, what: string): string {
	if (!text) throw new Refusal(`the ${what} is missing.`);
	if (isFormula(text))
		throw new Refusal(`“${short(text)}” is a formula, not ${article(what)} ${what}. Type what it says.`);
	if (text.length > 120) throw new Refusal(`the ${what} is longer than 120 letters.`);
	if (!nameKey(text))
		throw new Refusal(`“${short(text)}” has no letters in it, so it isn’t ${article(what)} ${what}.`);
	return text;
}

/** An amount in a cell, exactly, as text; null when the cell is empty. @throws Refusal when it is none. */
export function amountCell(text: string): string | null {
	if (!text) return null;
	if (isFormula(text)) throw new Refusal(`“${short(text)}” is a formula, not an amount. Type the number.`);
	if (text.length > LONGEST_CELL) throw new Refusal(`“${short(text)}” isn’t an amount.`);
	const amount = readQuantity(/^\d+,\d+$/.test(text) ? text.replace(',', '.') : text);
	if (!amount) throw new Refusal(`“${short(text)}” isn’t an amount. Try 2, 0.5, or 1 1/2.`);
	if (amount.compare(MOST_AMOUNT) > 0) throw new Refusal(`“${short(text)}” looks too big. Check it.`);
	return exactText(requireAmount(amount, 'amount'));
}

/** A unit in a cell; single things when it is empty. @throws Refusal when it is none. */
export function unitCell(text: string): Unit {
	if (!text) return 'each';
	const unit = readUnit(text);
	if (!unit) throw new Refusal(`“${short(text)}” isn’t a unit. Try g, cups, sheets, or each.`);
	return unit;
}

/** A day in a cell; null when it is empty. @throws Refusal when it is none. */
export function dayCell(text: string, today: Day, dayFirst: boolean): Day | null {
	if (!text) return null;
	if (text.length > LONGEST_CELL) throw new Refusal(`“${short(text)}” isn’t a date.`);
	const day = isDay(text) ? text : readDay(text, today, dayFirst);
	if (!day) throw new Refusal(`“${short(text)}” isn’t a date. Try 2027-06-30.`);
	return dayMeant(day, 'plan', today, '');
}

/** Whether a cell says yes. */
export function yesCell(text: string): boolean {
	return /^(?:y|yes|true|1|x|opened|optional)$/i.test(text);
}

const article = (noun: string) => (/^[aeiou]/.test(noun) ? 'an' : 'a');

function short(text: string): string {
	return text.length > 40 ? `${text.slice(0, 40)}…` : text;
}
