import { groupBy } from '../group-by.ts';
import { isSome } from '../measure/index.ts';
import { neededText } from './need-text.ts';
import { once } from '../facts/index.ts';
import type { RunSituation } from './runs.ts';
import type { SupplyNeed } from './streams/supplies.ts';
import { total } from './together.ts';

/** By run, for the needs of each situation. */
const missingKnown = once((_: readonly SupplyNeed[]) => new Map<RunSituation, Map<string, string>>());

/** What is still to be got for a run, in words by the name of the thing; what is done without is left out. */
export function missingThings(needs: readonly SupplyNeed[], run: RunSituation): Map<string, string> {
	const before = missingKnown(needs).get(run);
	if (before) return before;
	const missing = needs.filter(
		(one) => one.run === run && !one.need.doWithout && isSome(one.standing.missing)
	);
	const result = new Map<string, string>();
	for (const needs of groupBy(missing, (one) => one.item).values()) {
		const [{ item }] = needs;
		const texts = [...groupBy(needs, (one) => one.unit).values()].map((own) =>
			neededText(
				own,
				total(own, (one) => one.standing.missing)
			)
		);
		result.set(item.name, texts.join(', '));
	}
	missingKnown(needs).set(run, result);
	return result;
}
