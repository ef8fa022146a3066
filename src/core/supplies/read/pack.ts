import type { Exact } from '../../measure/exact.ts';
import type { Unit } from '../../reference/measures.ts';
import { readQuantity } from './quantity.ts';
import { readUnit } from './unit.ts';

/** How much a pack holds. */
export type Pack = { readonly size: Exact; readonly unit: Unit };

/**
 * What a pack holds, as a shelf label says it; a bare number is pieces. Null when it cannot be read.
 *
 *     readPack('1 kg')   // 1 of kg
 *     readPack('12')     // 12 of each
 */
export function readPack(text: string): Pack | null {
	const [, number, word] = /^(.*?[\d½¼¾⅓⅔])\s*(\p{L}[\p{L}. ]*)?$/u.exec(text.trim()) ?? [];
	const size = number ? readQuantity(number) : null;
	const unit = word ? readUnit(word) : 'each';
	return size && unit ? { size, unit } : null;
}
