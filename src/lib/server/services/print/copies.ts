import { Refusal } from '$core/error.ts';
import { counted } from '$core/words/index.ts';
import type { Trx } from '../../history/changes.ts';
import type { RunSituation } from '../calendar/runs.ts';
import { copyIs } from '../readiness/copies-moved.ts';
import type { Situation } from '../readiness/situation.ts';
import { printKey, printsOf, type CopyState } from '../readiness/streams/prints.ts';

/** Copies have come so far, or are set back. Answers it in words. @throws Refusal where they are not wanted any more. */
export async function moveCopies(
	trx: Trx,
	now: Situation,
	run: RunSituation,
	keys: readonly string[],
	to: CopyState
): Promise<string> {
	const known = new Map(
		printsOf(now.snapshot, run).flatMap((print) =>
			print.copies.map(({ child }) => [
				printKey(print, child?.id ?? null),
				{ print, child, name: child ? `${print.row.title} for ${child.name}` : print.row.title }
			])
		)
	);
	const own = keys.filter((key) => known.has(key));
	if (own.length === 0) throw new Refusal('Those copies are no longer needed. Reload the page.');
	for (const key of own) {
		const { print, child } = known.get(key)!;
		await copyIs(trx, now, print, child?.id ?? null, to);
	}
	const what = own.length === 1 ? known.get(own[0])!.name : counted(own.length, 'copy', 'copies');
	return `${what}: ${to}`;
}
