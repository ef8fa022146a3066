import { CoreError } from '../error.ts';
import { isMeasured } from '../measure/convert.ts';
import { exact, roundUp, type Exact } from '../measure/exact.ts';
import type { Unit } from '../reference/measures.ts';
import type { Per } from './read/scope.ts';

/** What one supply line asks for, before it is known how many take part. */
export type Demand = {
	readonly quantity: number | Exact;
	readonly unit: Unit;
	readonly per: Per;
	readonly groupSize: number | null;
	/** A share on top for breakage and mishaps: 0.1 is a tenth more. */
	readonly spare: number;
};

/** How many times a line's amount is needed when `children` take part in it. */
export function multiplier(
	per: Per,
	groupSize: number | null,
	children: number,
	path: string | null = null
): number {
	if (per === 'family') return 1;
	if (per === 'child') return children;
	if (per === 'pair') return Math.ceil(children / 2);
	if (groupSize === null) throw new CoreError('Per group: say how many children make a group.', path);
	return Math.ceil(children / groupSize);
}

/**
 * The amount that a line needs in all, in its own unit. Things that cannot be halved (each, sheet,
 * roll …) are rounded up after spares; measured amounts are not.
 *
 *     grossAmount({ quantity: 10, unit: 'each', per: 'family', groupSize: null, spare: 0.1 }, 3)   // 11
 */
export function grossAmount(demand: Demand, children: number): Exact {
	const times = multiplier(demand.per, demand.groupSize, children);
	const amount = exact(demand.quantity).mul(times);
	const withSpare = demand.spare === 0 ? amount : amount.mul(exact(demand.spare).add(1));
	return isMeasured(demand.unit) ? withSpare : wholePieces(withSpare, demand.unit);
}

/** Rounds up to whole things; dozens and pairs to whole pieces (half a dozen eggs are six). */
function wholePieces(amount: Exact, unit: Unit): Exact {
	const pieces = unit === 'dozen' ? 12 : 1;
	return roundUp(amount.mul(pieces)).div(pieces);
}
