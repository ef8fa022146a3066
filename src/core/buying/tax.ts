import { exact } from '../measure/index.ts';

/**
 * A price with sales tax, in whole cents, half a cent rounded up. The rate is in percent, as text so that it is
 * exact.
 *
 *     withTax(1000, '8.25')   // 1083: 1082.5 rounded up
 */
export function withTax(cents: number, percent: string): number {
	return exact(cents).mul(exact(percent).add(100)).div(100).round().valueOf();
}

/**
 * The price of one of `count` packs before tax, in whole cents, from what was paid for all of them.
 *
 *     withoutTax(2165, 2, '8.25')   // 1000
 */
export function withoutTax(paidCents: number, count: number, percent: string): number {
	return exact(paidCents).mul(100).div(exact(percent).add(100)).div(count).round().valueOf();
}
