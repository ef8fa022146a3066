import { groupBy } from '../group-by.ts';
import { addDays, type Day } from '../calendar/dates.ts';
import { CoreError } from '../error.ts';
import { convert } from '../measure/convert.ts';
import { isSome, larger, smaller, ZERO, type Exact } from '../measure/exact.ts';
import type { Unit } from '../reference/measures.ts';

/** Used up; back on its shelf afterwards; or some of a roll, bottle or box that serves many lessons. */
export const SUPPLY_USES = ['consumed', 'kept', 'some'] as const;
export type SupplyUse = (typeof SUPPLY_USES)[number];

/** One amount asked for on one day, already exploded. Lines are given in list order. */
export type NetLine = {
	readonly id: string;
	readonly item: string;
	readonly use: SupplyUse;
	readonly date: Day;
	/** Last day on which a kept thing is out. */
	readonly until: Day;
	readonly amount: Exact;
	readonly unit: Unit;
	/** Decided by hand: served before or after all others, whatever their dates. */
	readonly claim?: 'first' | 'last' | null;
};

/** Something the house has. Lots of one kind and age are served in the order given. */
export type Lot = {
	readonly id: string;
	readonly item: string;
	readonly amount: Exact;
	readonly unit: Unit;
	readonly goodUntil: Day | null;
};

/** What one line gets, in its row's unit. */
export type ServedLine = {
	readonly line: NetLine;
	readonly gross: Exact;
	readonly fromStash: Exact;
	readonly net: Exact;
	readonly lots: readonly { readonly lot: Lot; readonly amount: Exact }[];
};

/** One item and use over all lessons. */
export type NetRow = {
	readonly item: string;
	readonly use: SupplyUse;
	readonly unit: Unit;
	readonly gross: Exact;
	readonly fromStash: Exact;
	readonly net: Exact;
	/** First day on which something is short, or null. */
	readonly neededBy: Day | null;
	/** In date, then list order; those with a claim first or last. */
	readonly lines: readonly ServedLine[];
};

type Stock = { lot: Lot; left: Exact };
/** What a line has of a lot while it is out. */
type Hold = { line: NetLine; stock: Stock; amount: Exact };

/**
 * Sets what is asked for against what the house has, lot by lot, in date order. Consumed lines take
 * from the lot that goes off first, never after its day, those with a claim before or after all others; kept lines share what consumption leaves
 * and are short by what they lack on their worst day. Lines that want some of a thing hold the containers that the
 * one with the most of them wants, from the first line's day to the last one's, and book nothing.
 *
 * Rows come sorted: needed first, then by name, consumed before kept.
 * @throws CoreError naming the item and both units where a conversion is not possible.
 */
export function netSupplies(lines: readonly NetLine[], lots: readonly Lot[]): NetRow[] {
	const lotsOf = groupBy(lots, (lot) => lot.item);
	const rows: NetRow[] = [];
	for (const [item, asked] of groupBy(lines, (line) => line.item)) {
		const inOrder = asked.toSorted((a, b) => claimRank(a) - claimRank(b) || compareText(a.date, b.date));
		const mine = lotsOf.get(item) ?? [];
		const unit = mine[0]?.unit ?? inOrder[0].unit;
		const amountOf = (line: NetLine) => convert(line.amount, line.unit, unit, item);
		const stock: Stock[] = mine
			.map((lot) => ({ lot, left: convert(lot.amount, lot.unit, unit, item) }))
			.sort((a, b) => compareGoodUntil(a.lot.goodUntil, b.lot.goodUntil));
		const consumed = inOrder.filter((line) => line.use === 'consumed');
		const kept = inOrder.filter((line) => line.use === 'kept');
		const some = inOrder.filter((line) => line.use === 'some');
		if (consumed.length) rows.push(consumedRow(item, unit, consumed, amountOf, stock));
		const holds: Hold[] = [];
		if (kept.length) rows.push(keptRow(item, unit, kept, amountOf, stock, holds));
		if (some.length) rows.push(someRow(item, unit, some, amountOf, stock, holds));
	}
	return rows.sort(
		(a, b) =>
			Number(a.neededBy === null) - Number(b.neededBy === null) ||
			compareText(a.neededBy ?? '', b.neededBy ?? '') ||
			compareText(a.item, b.item) ||
			compareText(a.use, b.use)
	);
}

function claimRank({ claim }: NetLine): number {
	return claim === 'first' ? 0 : claim === 'last' ? 2 : 1;
}

function consumedRow(
	item: string,
	unit: Unit,
	lines: NetLine[],
	amountOf: (line: NetLine) => Exact,
	stock: Stock[]
): NetRow {
	const served = lines.map((line): ServedLine => {
		const gross = amountOf(line);
		let missing = gross;
		const lots: { lot: Lot; amount: Exact }[] = [];
		for (const one of stock) {
			if (!isSome(missing)) break;
			if (!isGood(one.lot, line.date) || !isSome(one.left)) continue;
			const amount = smaller(missing, one.left);
			one.left = one.left.sub(amount);
			missing = missing.sub(amount);
			lots.push({ lot: one.lot, amount });
		}
		return { line, gross, fromStash: gross.sub(missing), net: missing, lots };
	});
	const sum = (of: (one: ServedLine) => Exact) => served.reduce((total, one) => total.add(of(one)), ZERO);
	return {
		item,
		use: 'consumed',
		unit,
		gross: sum((one) => one.gross),
		fromStash: sum((one) => one.fromStash),
		net: sum((one) => one.net),
		neededBy:
			served
				.filter((one) => isSome(one.net))
				.map((one) => one.line.date)
				.sort(compareText)[0] ?? null,
		lines: served
	};
}

function keptRow(
	item: string,
	unit: Unit,
	lines: NetLine[],
	amountOf: (line: NetLine) => Exact,
	stock: Stock[],
	holds: Hold[]
): NetRow {
	const grosses = lines.map(amountOf);
	const days = worstDays(lines, stock);
	const good = new Map(days.map((day) => [day, sumGood(stock, day)]));
	let gross = ZERO;
	let net = ZERO;
	let neededBy: Day | null = null;
	for (const day of days) {
		const held = lines.reduce((sum, line, i) => (isOut(line, day) ? sum.add(grosses[i]) : sum), ZERO);
		gross = larger(gross, held);
		const short = held.sub(good.get(day)!);
		net = larger(net, short);
		if (neededBy === null && isSome(short)) neededBy = day;
	}

	const served = lines.map((line, i): ServedLine => {
		const lots = lend(line, grosses[i], days, stock, holds);
		const fromStash = lots.reduce((sum, { amount }) => sum.add(amount), ZERO);
		return { line, gross: grosses[i], fromStash, net: grosses[i].sub(fromStash), lots };
	});
	return { item, use: 'kept', unit, gross, fromStash: gross.sub(net), net, neededBy, lines: served };
}

/** Lends lots to a line, as much of each as is free on every day on which it is out; notes what it holds. */
function lend(
	line: NetLine,
	amount: Exact,
	days: readonly Day[],
	stock: readonly Stock[],
	holds: Hold[]
): { lot: Lot; amount: Exact }[] {
	let missing = amount;
	const lots: { lot: Lot; amount: Exact }[] = [];
	const mine = days.filter((day) => isOut(line, day));
	// Undated lots first: what does not go off can stay out for as long as it is wanted.
	for (const one of stock.toSorted(
		(a, b) => Number(a.lot.goodUntil !== null) - Number(b.lot.goodUntil !== null)
	)) {
		if (!isSome(missing)) break;
		if (!isGood(one.lot, line.until)) continue;
		const free = mine.reduce((least, day) => {
			const taken = holds.reduce(
				(sum, hold) => (hold.stock === one && isOut(hold.line, day) ? sum.add(hold.amount) : sum),
				ZERO
			);
			return smaller(least, one.left.sub(taken));
		}, one.left);
		const amount = smaller(missing, free);
		if (!isSome(amount)) continue;
		missing = missing.sub(amount);
		holds.push({ line, stock: one, amount });
		lots.push({ lot: one.lot, amount });
	}
	return lots;
}

/** The same containers serve all lines: as many as the one with the most wants, from the first day to the last. */
function someRow(
	item: string,
	unit: Unit,
	lines: NetLine[],
	amountOf: (line: NetLine) => Exact,
	stock: Stock[],
	holds: Hold[]
): NetRow {
	const grosses = lines.map(amountOf);
	const gross = grosses.reduce(larger, ZERO);
	const dates = lines.map((line) => line.date).sort(compareText);
	const until = lines
		.map((line) => line.until)
		.sort(compareText)
		.at(-1)!;
	const whole: NetLine = { ...lines[0], date: dates[0], until };
	const days = [...new Set([...dates, ...holds.map((hold) => hold.line.date)])];
	const lots = lend(whole, gross, days, stock, holds);
	const served = lines.map((line, i): ServedLine => {
		let missing = grosses[i];
		const mine: { lot: Lot; amount: Exact }[] = [];
		for (const one of lots) {
			const amount = smaller(missing, one.amount);
			if (!isSome(amount)) break;
			missing = missing.sub(amount);
			mine.push({ lot: one.lot, amount });
		}
		return { line, gross: grosses[i], fromStash: grosses[i].sub(missing), net: missing, lots: mine };
	});
	const net = served.reduce((most, one) => larger(most, one.net), ZERO);
	const short = served.filter((one) => isSome(one.net)).map((one) => one.line.date);
	return {
		item,
		use: 'some',
		unit,
		gross,
		fromStash: gross.sub(net),
		net,
		neededBy: short.sort(compareText)[0] ?? null,
		lines: served
	};
}

/** The days on which more may be out, or less be good, than the day before. */
function worstDays(lines: readonly NetLine[], stock: readonly Stock[]): Day[] {
	const days = new Set(lines.map((line) => line.date));
	for (const { lot } of stock) {
		if (lot.goodUntil === null) continue;
		const after = addDays(lot.goodUntil, 1);
		if (lines.some((line) => isOut(line, after))) days.add(after);
	}
	return [...days].sort(compareText);
}

function isOut(line: NetLine, day: Day): boolean {
	return line.date <= day && day <= line.until;
}

function isGood(lot: Lot, day: Day): boolean {
	return lot.goodUntil === null || day <= lot.goodUntil;
}

function sumGood(stock: readonly Stock[], day: Day): Exact {
	return stock.reduce((sum, one) => (isGood(one.lot, day) ? sum.add(one.left) : sum), ZERO);
}

function compareGoodUntil(a: Day | null, b: Day | null): number {
	if (a === b) return 0;
	if (a === null) return 1;
	if (b === null) return -1;
	return compareText(a, b);
}

/** Plain order of characters, the same on every machine. */
export function compareText(a: string, b: string): number {
	return a < b ? -1 : a > b ? 1 : 0;
}

/** A line cannot be over before it begins. */
export function requireUntil(date: Day, until: Day, path: string): Day {
	if (until < date) throw new CoreError(`${path} must not be before the lesson's date`, path);
	return until;
}
