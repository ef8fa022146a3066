import { addDays, type Day } from '$core/calendar/index.ts';
import { cautionsFor, monthsOld } from '$core/cautions/index.ts';
import { groupBy } from '$core/group-by.ts';
import { parsed, type Row } from '$core/facts/index.ts';
import { placePath, knowledgeByItem, youngest, type Situation } from '$core/account/index.ts';

/** Trays that can be set out: those of units in work, and those of no unit. */
export function traysOf(now: Situation): Row<'tray'>[] {
	const inWork = new Set(now.inWork.map((one) => one.row.id));
	return now.snapshot.trays.filter((one) => one.run_id === null || inWork.has(one.run_id));
}

/** Whether a tray is nothing for a child under three: somebody said so, or its words name such a thing. */
export function isDangerous(row: Pick<Row<'tray'>, 'dangerous' | 'title' | 'hidden' | 'base'>, today: Day) {
	if (row.dangerous === 1) return true;
	const toddler = [{ name: 'a toddler', born: addDays(today, -600), allergies: [] }];
	return [row.title, row.hidden, row.base].some(
		(text) =>
			text !== '' &&
			text.split(',').some((word) => cautionsFor(word.trim(), today, toddler).some((one) => one.who.length))
	);
}

/** Children under three whom a tray is meant for although it says that it is nothing for them. */
export function smallIn(
	{ snapshot, today }: Situation,
	row: Pick<Row<'tray'>, 'children' | 'dangerous' | 'title' | 'hidden' | 'base'>
): Row<'person'>[] {
	if (row.children === null || !isDangerous(row, today)) return [];
	const meant = new Set(parsed(row.children));
	return snapshot.people.filter((one) => {
		const born = youngest(one);
		return meant.has(one.id) && born !== null && monthsOld(born, today) < UNDER_THREE;
	});
}

/** Months of age below which small things, cords and magnets are kept away. */
const UNDER_THREE = 36;

/** Pieces to count when a tray is put back: as many as somebody said, else an object and a card of each pair. */
export const piecesOf = (row: Pick<Row<'tray'>, 'pieces' | 'matches'>): number | null =>
	row.pieces ?? (parsed(row.matches).length * 2 || null);

/** Objects of a tray that lie with a card: those the house has, with their place, and those it lacks. */
export function matchesOf(
	{ snapshot, today }: Situation,
	row: Row<'tray'>
): { readonly name: string; readonly where: string | null }[] {
	const known = knowledgeByItem(snapshot, today);
	const lots = groupBy(
		snapshot.lots.filter((one) => one.amount !== '0'),
		(one) => one.item_id
	);
	const items = new Map(snapshot.items.map((one) => [one.name.toLowerCase(), one.id]));
	const idOf = (name: string) =>
		items.get(name) ?? items.get(name.replace(/s$/, '')) ?? items.get(`${name}s`);
	return parsed(row.matches).map((name) => {
		const id = idOf(name.toLowerCase()) ?? -1;
		const lot = lots.get(id)?.[0];
		// What the household says it has is here, counted or not.
		const said = known.get(id)?.known === 'enough' ? known.get(id)!.statement : null;
		const place = lot?.place_id ?? said?.place_id ?? null;
		return { name, where: lot || said ? placePath(snapshot.places, place) || 'at home' : null };
	});
}

/** Where a tray is kept when it is not out. */
export const storedAt = ({ snapshot }: Situation, row: Row<'tray'>): string =>
	row.stored_place_id === null ? '' : placePath(snapshot.places, row.stored_place_id);
