import { Refusal } from '$core/error.ts';
import { reportPile, type PileThing } from '$core/library/index.ts';
import { capital, listText } from '$core/words/index.ts';
import type { Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { addSpine } from '../../stores/plan/spines.ts';
import { createUnit } from '../../stores/plan/units.ts';
import type { Situation } from '$core/account/index.ts';
import { fittingOf, readerOf } from './for-whom.ts';
import { topicList } from './overview.ts';

export type Pile = {
	readonly topic: string;
	readonly count: number;
	/** How many of them are ours. */
	readonly ours: number;
	readonly spine: string | null;
	readonly lacks: readonly string[];
	/** A unit that is named like it, so that none is started twice. */
	readonly unit: { readonly id: number; readonly name: string } | null;
};

/** A pile of fewer things is no pile. */
const LEAST = 3;

/** What the household has by topic: what carries a unit first, then what lacks the least. */
export function pilesOf({ snapshot, runs, today }: Situation): Pile[] {
	const children = snapshot.people
		.filter((person) => person.kind === 'child')
		.map((one) => readerOf(one, today));
	const byTopic = new Map<string, Row<'resource'>[]>();
	for (const row of snapshot.resources)
		for (const topic of topicList(row.topics)) {
			const list = byTopic.get(topic);
			if (list) list.push(row);
			else byTopic.set(topic, [row]);
		}
	return [...byTopic]
		.filter(([, rows]) => rows.length >= LEAST)
		.map(([topic, rows]): Pile => {
			const report = reportPile(rows.map(thing), children);
			const unit = runs.find((run) => run.unit.name.toLowerCase().includes(topic.toLowerCase()));
			return {
				topic,
				count: rows.length,
				ours: rows.filter((row) => row.owned).length,
				spine: rows.find((row) => String(row.id) === report.spine)?.title ?? null,
				lacks: report.lacks,
				unit: unit ? { id: unit.row.id, name: unit.unit.name } : null
			};
		})
		.sort((a, b) => a.lacks.length - b.lacks.length || b.count - a.count || (a.topic < b.topic ? -1 : 1));
}

/** Starts a unit from a pile, with its spine where it has one. Answers the new run. */
export async function startFromPile(trx: Trx, situation: Situation, topic: string): Promise<number> {
	const rows = situation.snapshot.resources.filter((row) => topicList(row.topics).includes(topic));
	if (rows.length === 0) throw new Refusal('That topic has no titles now. Reload the page.');
	const run = await createUnit(trx, capital(topic), situation.today);
	const { spine } = reportPile(rows.map(thing), []);
	const book = rows.find((row) => String(row.id) === spine);
	if (book) {
		await addSpine(
			trx,
			run,
			{ title: book.title, counted: 'pages', first_page: 1, last_page: book.pages!, words_per_page: null },
			book.id
		);
	}
	return run;
}

/** "Maps carries a unit. Wind lacks only …" */
export function pilesSentence(piles: readonly Pile[]): string {
	if (piles.length === 0) return 'No topics yet. Add topics to your books to see them here.';
	const ready = piles.filter((pile) => pile.lacks.length === 0 && !pile.unit);
	if (ready.length)
		return `You have enough for a unit on ${listText(ready.slice(0, 3).map((pile) => capital(pile.topic)))}.`;
	const near = piles.find((pile) => !pile.unit);
	return near
		? `${capital(near.topic)} just needs ${listText(near.lacks)} to make a unit.`
		: 'Every topic already has a unit.';
}

function thing(row: Row<'resource'>): PileThing {
	return { ...fittingOf(row), id: String(row.id), pages: row.pages };
}
