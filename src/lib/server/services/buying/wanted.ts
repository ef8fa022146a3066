import { dayText } from '$core/calendar/index.ts';
import { findBest } from '$core/find/index.ts';
import { groupBy } from '$core/group-by.ts';
import { exact, isSome, ZERO, type Exact } from '$core/measure/index.ts';
import { nameKey } from '$core/naming/index.ts';
import { counted, listText, money, thingText } from '$core/words/index.ts';
import { type Row, remember, byId, thingId } from '$core/facts/index.ts';
import { placePath, whereText, type Situation } from '$core/account/index.ts';

export type WantedView = {
	readonly sentence: string;
	readonly open: readonly {
		readonly id: number;
		readonly what: string;
		readonly about: string;
		readonly most: string;
		/** One that the house has and no lesson uses up; the want noted first gets it. */
		readonly atHome: { readonly lot: number; readonly text: string } | null;
	}[];
	readonly found: readonly { readonly id: number; readonly text: string }[];
	/** How far each unit that is being collected is. */
	readonly boxes: readonly Collected[];
};

/** How full the box of a unit is, in things that its lessons ask for. */
export type Collected = {
	readonly unit: string;
	readonly text: string;
	readonly asked: number;
	readonly atHome: number;
	readonly inBox: number;
};

/** Something that the house has, as one asks for it in a shop. */
export type Owned = { readonly name: string; readonly text: string };

/** How many answers a look from the pocket gives. */
const SHOWN = 6;

/** What the household looks out for, what it has found, and how far each coming unit is. */
export function wantedView(situation: Situation): WantedView {
	const { snapshot, runs } = situation;
	const unitOf = new Map(runs.map((run) => [run.row.id, run.unit.name]));
	const people = byId(snapshot.people);
	const open = snapshot.wanted.filter((one) => one.found_on === null);
	const atHome = atHomeFor(situation, open);
	return {
		sentence: sentenceOf(open.length, atHome.size),
		open: open.map((one) => ({
			id: one.id,
			what: one.what,
			about: [
				one.run_id === null ? '' : `for ${unitOf.get(one.run_id) ?? 'a unit'}`,
				one.person_id === null ? '' : `for ${people.get(one.person_id)?.name ?? 'a child'}`,
				one.look_at,
				`added ${dayText(one.noted_on)}`
			]
				.filter(Boolean)
				.join(' · '),
			most: one.most_cents === null ? '' : `at most ${money(one.most_cents)}`,
			atHome: atHome.get(one.id) ?? null
		})),
		found: snapshot.wanted
			.filter((one) => one.found_on !== null)
			.toReversed()
			.slice(0, SHOWN)
			.map((one) => ({
				id: one.id,
				text: `${one.what}, ${dayText(one.found_on!)}, ${one.found_cents ? money(one.found_cents) : 'free'}`
			})),
		boxes: runs
			.filter(({ row: run }) => run.state === 'collecting')
			.map((run) => collected(situation, run.row.id))
	};
}

function sentenceOf(open: number, atHome: number): string {
	if (open === 0)
		return 'Nothing on the list. Add things a later unit could use, and check it at yard sales.';
	const have = atHome === 0 ? '' : `; you already have ${atHome} at home`;
	return `Looking for ${counted(open, 'thing')}${have}.`;
}

/** How much of each lot the lessons use up; what they only borrow comes back. */
const usedUp = remember<ReadonlyMap<number, Exact>>();
function usedUpOf({ needs }: Situation): ReadonlyMap<number, Exact> {
	return usedUp(needs, [], () => {
		const amounts = new Map<number, Exact>();
		for (const { line, served, need } of needs)
			if (line.use === 'consumed' && !need.doWithout)
				for (const { lot, amount } of served?.lots ?? [])
					amounts.set(Number(lot.id), (amounts.get(Number(lot.id)) ?? ZERO).add(amount));
		return amounts;
	});
}

/** For each open want, one of the same name that lies in the house and is not used up by a lesson. */
function atHomeFor(
	situation: Situation,
	open: readonly Row<'wanted'>[]
): Map<number, { lot: number; text: string }> {
	const { snapshot } = situation;
	const items = byId(snapshot.items);
	const wanted = new Set(open.map((one) => nameKey(one.what)));
	const used = usedUpOf(situation);
	const free = snapshot.lots
		.map((lot) => ({
			lot,
			key: nameKey(items.get(lot.item_id)!.name),
			left: exact(lot.amount).sub(used.get(lot.id) ?? ZERO)
		}))
		.filter(({ lot, key }) => lot.unit === 'each' && wanted.has(key));
	const result = new Map<number, { lot: number; text: string }>();
	for (const one of open) {
		const found = free.find(({ key, left }) => key === nameKey(one.what) && left.compare(1) >= 0);
		if (!found) continue;
		found.left = found.left.sub(1);
		const { id, place_id } = found.lot;
		result.set(one.id, { lot: id, text: `${one.what}, ${placePath(snapshot.places, place_id)}` });
	}
	return result;
}

/** "4 of 9 things are in the house, 3 of them in the box" */
function collected({ snapshot, runs }: Situation, id: number): Collected {
	const { row: run, unit, lessons } = runs.find((one) => one.row.id === id)!;
	const own = new Set(lessons.map(({ lesson }) => lesson.id));
	const asked = new Set(
		snapshot.lines
			.filter((line) => line.lesson_id !== null && own.has(line.lesson_id))
			.map((line) => line.item_id)
	);
	const lots = snapshot.lots.filter((lot) => isSome(exact(lot.amount)) && asked.has(lot.item_id));
	const enough = snapshot.statements.filter((one) => one.state === 'enough' && asked.has(one.item_id));
	const atHome = new Set([...lots, ...enough].map((one) => one.item_id)).size;
	const inBox = new Set(
		lots
			.filter((lot) => lot.place_id !== null && lot.place_id === run.collecting_place_id)
			.map((lot) => lot.item_id)
	).size;
	const things = `${atHome} of ${counted(asked.size, 'item')} at home`;
	return {
		unit: unit.name,
		text: asked.size === 0 ? 'no supply list yet' : `${things}, ${inBox} in the bin`,
		asked: asked.size,
		atHome,
		inBox
	};
}

/** All that the stash has, each with its place and what is going to use it. */
export function ownedThings(situation: Situation): Owned[] {
	const { snapshot, needs } = situation;
	const items = byId(snapshot.items);
	const users = groupBy(
		needs.flatMap((one) => (one.served?.lots ?? []).map(({ lot }) => ({ lot: lot.id, one }))),
		({ lot }) => lot
	);
	return snapshot.lots
		.filter((lot) => isSome(exact(lot.amount)))
		.map((lot) => {
			const { name } = items.get(lot.item_id)!;
			const lessons = [
				...new Set((users.get(String(lot.id)) ?? []).map(({ one }) => one.lesson.number))
			].sort((a, b) => a - b);
			const use = lessons.length
				? `, for lesson${lessons.length > 1 ? 's' : ''} ${listText(lessons.map(String))}`
				: '';
			return {
				name,
				text: `${thingText(exact(lot.amount), lot.unit, name)}, ${whereText(snapshot, thingId('item', lot.item_id), lot.place_id)}${use}`
			};
		});
}

/** Books and other resources of the house that fit some words, with their places. */
export function ownedBooks({ snapshot }: Situation, words: string): string[] {
	const own = snapshot.resources.filter((one) => one.owned === 1).map((row) => ({ name: row.title, row }));
	return findBest(own, words, SHOWN).map(
		({ row }) => `${row.title}, ${whereText(snapshot, thingId('title', row.id))}`
	);
}
