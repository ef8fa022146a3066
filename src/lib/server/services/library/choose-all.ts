import { groupBy } from '$core/group-by.ts';
import { byId, type Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import type { RunSituation, Situation } from '$core/account/index.ts';
import { listedIn } from './book-list.ts';
import { atLibraryOf, proposalFor, wholeUnitPicks } from './book-proposals.ts';
import { matchOf } from './book-match.ts';
import { decideBook } from './choose-book.ts';

/** Takes what is proposed for the whole unit, and for every lesson to come that has nothing chosen. Answers how many books that were. */
export async function chooseForAll(trx: Trx, situation: Situation, run: RunSituation): Promise<number> {
	const listed = groupBy(listedIn(situation.snapshot, run), (row) => row.lesson_id);
	const resources = byId(situation.snapshot.resources);
	let count = 0;
	const take = async (rows: readonly Row<'listed_book'>[], proposed: ReadonlySet<number>) => {
		for (const row of rows.filter((one) => proposed.has(one.id))) {
			const match = matchOf(situation, row);
			const isOurs = match?.how === 'same' && resources.get(match.id)?.owned === 1;
			const isNowhere = atLibraryOf(row)?.copies === 0;
			await decideBook(trx, situation, run, row.id, isOurs ? 'have' : isNowhere ? 'buy' : 'borrow');
			count++;
		}
	};
	const whole = listed.get(null) ?? [];
	await take(whole, wholeUnitPicks(whole));
	for (const { lesson, dates, over } of run.lessons) {
		const rows = listed.get(lesson.id);
		if (rows && !over) await take(rows, proposalFor(situation, run, rows, dates[0] ?? situation.today));
	}
	return count;
}
