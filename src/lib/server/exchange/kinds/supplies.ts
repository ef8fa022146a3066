import type { Day } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { isDayFirst } from '$core/house/index.ts';
import { amountText, exact, exactText, ZERO, type Exact, type Unit } from '$core/measure/index.ts';
import { nameKey } from '$core/naming/index.ts';
import { placePath } from '$core/account/index.ts';
import { placeByPath } from '../../stores/house/places.ts';
import { itemNamed } from '../../stores/stash/items.ts';
import { addLot, countLot, openLot } from '../../stores/stash/lots.ts';
import { say } from '../../stores/stash/statements.ts';
import { amountCell, dayCell, nameCell, unitCell, yesCell } from '../columns.ts';
import { eachRow, readRows, type SheetKind } from '../import-plan.ts';

type Key = 'thing' | 'amount' | 'unit' | 'place' | 'goodUntil' | 'opened';

type Planned = {
	readonly thing: string;
	readonly amount: Exact;
	readonly unit: Unit;
	/** From the room down; empty is no place. */
	readonly path: readonly string[];
	readonly goodUntil: Day | null;
	readonly opened: boolean;
	/** The lot that it is, when there is one. */
	readonly lot: number | null;
	/** Said without a number: there is enough, or none. */
	readonly word: Word | null;
};

/** What may stand for an amount. */
const WORDS = ['enough', 'none'] as const;
type Word = (typeof WORDS)[number];

/**
 * Lots: a row says what is there; a lot of that thing, unit, place and date gets that amount. “enough” or “none” for an
 * amount is what was said of a thing without counting it.
 */
export const SUPPLIES: SheetKind<Key> = {
	id: 'supplies',
	name: 'supplies at home',
	columns: [
		{ key: 'thing', title: 'item', also: ['thing', 'name', 'supply', 'material', 'what'] },
		{ key: 'amount', title: 'amount', also: ['quantity', 'qty', 'count', 'how many', 'number'] },
		{ key: 'unit', title: 'unit', also: ['units', 'measure'] },
		{ key: 'place', title: 'place', also: ['location', 'where', 'shelf', 'storage', 'room'] },
		{
			key: 'goodUntil',
			title: 'expires',
			also: ['good until', 'expiry', 'best before', 'expiration', 'till']
		},
		{ key: 'opened', title: 'opened', also: ['open'] }
	],
	needs: ['thing', 'amount'],

	write({ snapshot }) {
		const names = new Map(snapshot.items.map((item) => [item.id, item.name]));
		const path = (place: number | null) => (place === null ? '' : placePath(snapshot.places, place));
		return [
			...snapshot.lots.map((lot) => [
				names.get(lot.item_id)!,
				amountWritten(lot.amount),
				lot.unit,
				path(lot.place_id),
				lot.good_until ?? '',
				lot.opened_on ? 'yes' : ''
			]),
			...snapshot.statements
				.filter((one) => one.state !== 'look')
				.map((one) => [names.get(one.item_id)!, one.state, '', path(one.place_id), '', ''])
		];
	},

	async plan({ snapshot, today }, rows) {
		const dayFirst = isDayFirst(snapshot.household.country, snapshot.household.zone);
		const items = new Map(snapshot.items.map((item) => [item.name_key, item.id]));
		for (const alias of snapshot.aliases) items.set(alias.name_key, alias.item_id);
		const lots = new Map(
			snapshot.lots.map((lot) => [
				[
					lot.item_id,
					lot.unit,
					lot.place_id === null ? '' : placePath(snapshot.places, lot.place_id).toLowerCase(),
					lot.good_until ?? ''
				].join('|'),
				lot
			])
		);
		const byName = new Map(snapshot.places.map((place) => [place.name.toLowerCase(), place.id]));
		const seen = new Map<string, { row: number; at: number }>();
		const planned: Planned[] = [];
		const read = await readRows(rows, (cells, row) => {
			const thing = nameCell(cells.thing, 'item');
			const word = WORDS.find((one) => one === cells.amount.toLowerCase());
			if (word) return planWord(thing, word, pathCell(cells.place, byName, snapshot.places), row);
			const amount = exact(amountCell(cells.amount) ?? '1');
			const unit = unitCell(cells.unit);
			const goodUntil = dayCell(cells.goodUntil, today, dayFirst);
			const path = pathCell(cells.place, byName, snapshot.places);
			const opened = yesCell(cells.opened);
			const said = `${amountText(amount, unit)} ${thing}${path.length ? `, ${path.join(' › ')}` : ''}`;
			const item = items.get(nameKey(thing));
			const key = [item ?? nameKey(thing), unit, path.join(' › ').toLowerCase(), goodUntil ?? ''].join('|');
			const before = seen.get(key);
			if (before) {
				planned[before.at] = { ...planned[before.at], amount: planned[before.at].amount.add(amount) };
				return { status: 'changed', text: `${said}: added to row ${before.row}`, value: null };
			}
			const lot = lots.get(key);
			seen.set(key, { row, at: planned.length });
			planned.push({ thing, amount, unit, path, goodUntil, opened, lot: lot?.id ?? null, word: null });
			if (!lot) return { status: 'new', text: said, value: null };
			const same = exact(lot.amount).equals(amount) && (lot.opened_on !== null) === opened;
			return {
				status: same ? 'same' : 'changed',
				text: same ? said : `${said}; was ${amountText(exact(lot.amount), unit)}`,
				value: null
			};
		});
		/** A word on a thing; a later row on the same one says it anew. */
		function planWord(thing: string, word: Word, path: readonly string[], row: number) {
			const item = items.get(nameKey(thing));
			if (word === 'enough' && snapshot.lots.some((lot) => lot.item_id === item && lot.kit_of !== null))
				throw new Refusal(`${thing} is a kit, so it has to be counted.`);
			const before = snapshot.statements.find((one) => one.item_id === item);
			const text = `${thing}: ${word}${path.length ? `, ${path.join(' › ')}` : ''}`;
			const where = before?.place_id ? placePath(snapshot.places, before.place_id) : '';
			const key = `word|${item ?? nameKey(thing)}`;
			const earlier = seen.get(key);
			const one = {
				thing,
				amount: ZERO,
				unit: 'each' as Unit,
				path,
				goodUntil: null,
				opened: false,
				lot: null,
				word
			};
			if (earlier) planned[earlier.at] = one;
			else {
				seen.set(key, { row, at: planned.length });
				planned.push(one);
			}
			const same = before?.state === word && where === path.join(' › ');
			return {
				status: !before ? ('new' as const) : same ? ('same' as const) : ('changed' as const),
				text,
				value: null
			};
		}
		return {
			rows: read.map((one) => one.planned),
			apply(trx, progress) {
				return eachRow(planned, progress, async (one) => {
					if (one.word) {
						const { id } = await itemNamed(trx, one.thing);
						const before = snapshot.statements.find((said) => said.item_id === id);
						const place = one.path.length ? await placeByPath(trx, one.path) : null;
						if (before?.state === one.word && before.place_id === place) return;
						await say(trx, id, { state: one.word, place, asked: null }, today);
						return;
					}
					if (one.lot !== null) {
						const lot = snapshot.lots.find((own) => own.id === one.lot)!;
						if (!exact(lot.amount).equals(one.amount)) await countLot(trx, one.lot, one.amount, today);
						await openLot(trx, one.lot, one.opened, today);
						return;
					}
					const item = await itemNamed(trx, one.thing);
					const place_id = one.path.length ? await placeByPath(trx, one.path) : null;
					const id = await addLot(
						trx,
						{ item_id: item.id, amount: one.amount, unit: one.unit, place_id, good_until: one.goodUntil },
						today
					);
					if (one.opened) await openLot(trx, id, true, today);
				});
			}
		};
	}
};

/** A whole path, or the name of one place that the house has. */
function pathCell(
	text: string,
	byName: ReadonlyMap<string, number>,
	places: Parameters<typeof placePath>[0]
): string[] {
	const parts = text
		.split(/\s*[›>]\s*/)
		.map((part) => part.trim())
		.filter(Boolean);
	for (const part of parts) nameCell(part, 'place');
	const known = parts.length === 1 ? byName.get(parts[0].toLowerCase()) : undefined;
	return known === undefined ? parts : placePath(places, known).split(' › ');
}

/** "1.5" where that is exact, else a fraction ("1 1/3"). */
export function amountWritten(text: string): string {
	const amount = exact(text);
	const decimal = String(amount.valueOf());
	// What is very small or large is said with an exponent, which no spreadsheet's amount should have.
	const isPlain = /^\d+(?:\.\d+)?$/.test(decimal);
	return isPlain && exactText(exact(decimal)) === exactText(amount) ? decimal : amount.toFraction(true);
}
