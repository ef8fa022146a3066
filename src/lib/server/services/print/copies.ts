import { Refusal } from '$core/error.ts';
import { counted } from '$core/words/index.ts';
import type { Trx } from '../../history/changes.ts';
import {
	type RunSituation,
	type Situation,
	type WholeNeed,
	printKey,
	printsOf,
	type CopyState
} from '$core/account/index.ts';
import { copyIs } from '../readiness/copies-moved.ts';

/** What is still to be printed for a unit, a copy each: pages that are sorted here, and printables of the home library. */
export const toPrint = ({ whole }: Situation, run: RunSituation): WholeNeed[] =>
	whole.filter(
		(one) =>
			one.run === run && one.need.stream === 'copies' && !one.need.doWithout && one.step?.kind === 'print'
	);

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
