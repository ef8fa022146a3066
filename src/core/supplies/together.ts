import { larger, ZERO, type Exact } from '../measure/index.ts';
import type { SupplyUse } from './net.ts';

/**
 * How much of one thing several lessons want between them: what is used up adds up, while of what is kept the
 * most for any one of them is enough, since it goes from lesson to lesson, as does a roll or bottle of which some is used. All amounts are in one unit.
 *
 *     together([{ use: 'consumed', amount: exact(2) }, { use: 'consumed', amount: exact(3) }])   // 5
 *     together([{ use: 'kept', amount: exact(2) }, { use: 'kept', amount: exact(3) }])           // 3
 */
export function together(parts: Iterable<{ readonly use: SupplyUse; readonly amount: Exact }>): Exact {
	let usedUp = ZERO;
	let most = ZERO;
	for (const { use, amount } of parts) {
		if (use === 'consumed') usedUp = usedUp.add(amount);
		else most = larger(most, amount);
	}
	return usedUp.add(most);
}
