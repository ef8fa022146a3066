import { dayText } from '$core/calendar/index.ts';
import { findBest } from '$core/find/index.ts';
import { exact, isSome } from '$core/measure/index.ts';
import { byId } from '../stores/snapshot.ts';
import type { Situation } from './situation.ts';
import { money, placePath, thingText } from './words.ts';

export type WantedView = {
	readonly sentence: string;
	readonly open: readonly {
		readonly id: number;
		readonly what: string;
		readonly about: string;
		readonly most: string;
	}[];
	readonly found: readonly { readonly id: number; readonly text: string }[];
	/** How far each unit that is being collected is. */
	readonly boxes: readonly { readonly unit: string; readonly text: string }[];
	/** What is asked about in a shop: what of it is wanted, and what we have already. */
	readonly asked: { readonly wanted: readonly string[]; readonly have: readonly string[] } | null;
};

/** How many answers a look from the pocket gives. */
const SHOWN = 6;

/** What the household looks out for; with `words`, whether that is on the list and whether there is one already. */
export function wantedView(situation: Situation, words: string): WantedView {
	const { snapshot, runs } = situation;
	const unitOf = new Map(runs.map((run) => [run.run.id, run.unit.name]));
	const people = byId(snapshot.people);
	const open = snapshot.wanted.filter((one) => one.found_on === null);
	return {
		sentence:
			open.length === 0
				? 'Nothing is looked for. Note what a coming unit could use, and keep the list in your pocket.'
				: `${open.length} ${open.length === 1 ? 'thing is' : 'things are'} looked for.`,
		open: open.map((one) => ({
			id: one.id,
			what: one.what,
			about: [
				one.run_id === null ? '' : `for ${unitOf.get(one.run_id) ?? 'a unit'}`,
				one.person_id === null ? '' : `for ${people.get(one.person_id)?.name ?? 'a child'}`,
				one.look_at,
				`since ${dayText(one.noted_on)}`
			]
				.filter(Boolean)
				.join(' · '),
			most: one.most_cents === null ? '' : `at most ${money(one.most_cents)}`
		})),
		found: snapshot.wanted
			.filter((one) => one.found_on !== null)
			.toReversed()
			.slice(0, SHOWN)
			.map((one) => ({
				id: one.id,
				text: `${one.what}, ${dayText(one.found_on!)}, ${money(one.found_cents ?? 0)}`
			})),
		boxes: runs
			.filter(({ run }) => run.state === 'collecting')
			.map((run) => ({ unit: run.unit.name, text: boxText(situation, run.run.id) })),
		asked: words ? askedAbout(situation, words) : null
	};
}

/** "4 of 9 things are in the house" */
function boxText({ snapshot, runs }: Situation, id: number): string {
	const run = runs.find((one) => one.run.id === id)!;
	const lessons = new Set(run.lessons.map(({ lesson }) => lesson.id));
	const wanted = new Set(
		snapshot.lines
			.filter((line) => line.lesson_id !== null && lessons.has(line.lesson_id))
			.map((line) => line.item_id)
	);
	const have = new Set(snapshot.lots.filter((lot) => isSome(exact(lot.amount))).map((lot) => lot.item_id));
	const there = [...wanted].filter((item) => have.has(item)).length;
	return wanted.size === 0
		? 'nothing is asked for yet'
		: `${there} of ${wanted.size} ${wanted.size === 1 ? 'thing is' : 'things are'} in the house`;
}

function askedAbout({ snapshot }: Situation, words: string): WantedView['asked'] {
	const near = <T extends { name: string }>(rows: readonly T[]) => findBest(rows, words, SHOWN);
	const items = byId(snapshot.items);
	const lots = snapshot.lots
		.filter((lot) => isSome(exact(lot.amount)))
		.map((lot) => ({ name: items.get(lot.item_id)!.name, lot }));
	const things = snapshot.resources.filter((one) => one.owned === 1).map((row) => ({ name: row.title, row }));
	return {
		wanted: near(
			snapshot.wanted.filter((one) => one.found_on === null).map((one) => ({ name: one.what, one }))
		).map(({ one }) => `${one.what}${one.most_cents === null ? '' : `, at most ${money(one.most_cents)}`}`),
		have: [
			...near(lots).map(
				({ name, lot }) =>
					`${thingText(exact(lot.amount), lot.unit, name)}, ${placePath(snapshot.places, lot.place_id)}`
			),
			...near(things).map(({ row }) => `${row.title}, ${placePath(snapshot.places, row.place_id)}`)
		].slice(0, SHOWN)
	};
}
