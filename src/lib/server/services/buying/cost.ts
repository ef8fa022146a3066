import { splitCents } from '$core/buying/index.ts';
import { groupBy } from '$core/group-by.ts';
import { isSome } from '$core/measure/index.ts';
import { isReady } from '$core/readiness/index.ts';
import { money } from '$core/words/index.ts';
import { limitsOf, type RunSituation, type Situation, type SupplyNeed, total } from '$core/account/index.ts';
import { notFoundText } from './not-found.ts';
import { cheapest } from './prices.ts';

export const COST_STREAMS = ['supplies', 'books', 'extras'] as const;
export type CostStream = (typeof COST_STREAMS)[number];

/** In cents: paid, ordered and on its way, still to be paid. */
export type Cost = { readonly spent: number; readonly committed: number; readonly planned: number };

export type CostView = {
	readonly sentence: string;
	/** What is to be looked for at home before it is bought, and its price; empty where nothing is. */
	readonly notFound: string;
	/** By lesson; the first row, number 0, is for the unit as a whole. */
	readonly lessons: readonly (Cost & { readonly number: number; readonly title: string })[];
	readonly streams: readonly (Cost & { readonly stream: CostStream })[];
	readonly total: Cost;
	readonly budget: number | null;
	/** Things that are to be bought and whose price nobody has noted. */
	readonly unpriced: readonly string[];
};

type Part = { readonly lesson: number | null; readonly stream: CostStream } & Cost;

const NOTHING: Cost = { spent: 0, committed: 0, planned: 0 };

/** What a unit costs: spent, committed and planned, by lesson and by stream. Prices are the cheapest known. */
export function costOf(situation: Situation, run: RunSituation): CostView {
	const { snapshot, needs } = situation;
	const unpriced = new Set<string>();
	const bought = snapshot.purchases
		.filter((one) => one.run_id === run.row.id && one.returned_on === null)
		.map((one): Part => ({ ...NOTHING, lesson: one.lesson_id, stream: 'supplies', spent: one.cents }));
	const own = needs.filter((one) => one.run === run && one.rung === 'bought' && !one.need.doWithout);
	const supplies = [...groupBy(own, (one) => `${one.item.id} ${one.unit}`).values()].flatMap((same) =>
		(['committed', 'planned'] as const).flatMap((state) => priced(situation, same, state, unpriced))
	);
	const extras = run.activities
		.filter((one) => one.activity.standing !== 'do without' && one.lesson !== null && one.activity.cents > 0)
		.map(({ activity, lesson }): Part => ({
			...NOTHING,
			lesson: lesson!.lesson.id,
			stream: 'extras',
			[activity.done >= activity.times ? 'spent' : 'planned']: activity.cents
		}));
	const books = [
		...groupBy(
			situation.whole.filter(
				(one) => one.run === run && one.step?.kind === 'get' && !isReady(one.need) && one.book !== null
			),
			(one) => one.book!.resource.id
		).values()
	].map(([{ book, lesson }]): Part => {
		if (book!.resource.cents === null) unpriced.add(book!.resource.title);
		return { ...NOTHING, lesson: lesson.lesson.id, stream: 'books', planned: book!.resource.cents ?? 0 };
	});
	const parts = [...bought, ...supplies, ...extras, ...books];
	const total = sum(parts);
	const { budget } = limitsOf(run.row);
	const byLesson = groupBy(parts, (one) => one.lesson);
	const known = new Set(run.lessons.map(({ lesson }) => lesson.id));
	const whole = parts.filter((one) => one.lesson === null || !known.has(one.lesson));
	return {
		sentence: sentenceOf(total, budget),
		notFound: notFoundText(
			situation,
			needs.filter((one) => one.run === run)
		),
		lessons: [
			{ number: 0, title: 'whole unit', ...sum(whole) },
			...run.lessons.map(({ lesson, number }) => ({
				number,
				title: lesson.title,
				...sum(byLesson.get(lesson.id) ?? [])
			}))
		].filter((row) => row.spent + row.committed + row.planned > 0),
		streams: COST_STREAMS.map((stream) => ({ stream, ...sum(parts.filter((one) => one.stream === stream)) })),
		total,
		budget,
		unpriced: [...unpriced].sort()
	};
}

/** What the needs of one thing cost together in whole packs, split to their lessons by what each lacks. */
function priced(
	{ snapshot }: Situation,
	needs: readonly SupplyNeed[],
	state: 'committed' | 'planned',
	unpriced: Set<string>
): Part[] {
	const [{ item, unit }] = needs;
	const amountOf = ({ standing }: SupplyNeed) =>
		state === 'committed' ? standing.arranged : standing.missing;
	const open = needs.filter((one) => isSome(amountOf(one)));
	if (open.length === 0) return [];
	const amount = total(open, amountOf);
	const cents = cheapest(snapshot, item, amount, unit);
	if (cents === null) {
		unpriced.add(item.name);
		return [];
	}
	const shares = splitCents(
		cents,
		open.map((one) => amountOf(one).valueOf())
	);
	return open.map((one, i) => ({
		...NOTHING,
		lesson: one.lesson.lesson.id,
		stream: 'supplies',
		[state]: shares[i]
	}));
}

function sum(parts: readonly Cost[]): Cost {
	return parts.reduce<Cost>(
		(so, one) => ({
			spent: so.spent + one.spent,
			committed: so.committed + one.committed,
			planned: so.planned + one.planned
		}),
		NOTHING
	);
}

function sentenceOf({ spent, committed, planned }: Cost, budget: number | null): string {
	const all = spent + committed + planned;
	const parts = [
		`${money(spent)} spent`,
		committed ? `${money(committed)} ordered` : '',
		`${money(planned)} planned`
	].filter(Boolean);
	const left = budget === null ? null : budget - all;
	return `${parts.join(', ')}${
		left === null
			? '.'
			: left < 0
				? `: ${money(-left)} over the budget of ${money(budget!)}.`
				: `: ${money(left)} of ${money(budget!)} left.`
	}`;
}
