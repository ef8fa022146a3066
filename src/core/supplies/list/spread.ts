import { exact, type Exact } from '../../measure/exact.ts';
import { isMeasured } from '../../measure/convert.ts';
import type { Unit } from '../../reference/measures.ts';

/**
 * One amount for several lessons, divided in their order: in equal parts where it is measured, whole things where it
 * is counted, at least one each. The parts of an amount that is enough for one each add up to it.
 *
 *     dividedOver(exact(7), 'each', 3)   // 3, 2, 2
 */
export function dividedOver(amount: Exact, unit: Unit, lessons: number): Exact[] {
	const isWhole = !isMeasured(unit) && amount.mod(1).equals(0);
	if (!isWhole) return Array.from({ length: lessons }, () => amount.div(lessons));
	const least = amount.div(lessons).floor();
	const more = amount.sub(least.mul(lessons)).valueOf();
	return Array.from({ length: lessons }, (_, at) => {
		const own = at < more ? least.add(1) : least;
		return own.compare(1) < 0 ? exact(1) : own;
	});
}
