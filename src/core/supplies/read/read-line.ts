import type { Unit } from '../../reference/measures.ts';
import type { Per } from './scope.ts';

export type Alternative = {
	readonly quantity: number | null;
	readonly unit: Unit;
	readonly item: string;
};

/** One thing of a supply list as read. Quantities are plain numbers; ⅓ is 1/3. */
export type ReadLine = {
	readonly quantity: number | null;
	/** Whether the list said it; where it says none, one is assumed. */
	readonly amountSaid: boolean;
	/** The upper end of a range, else null. */
	readonly to: number | null;
	readonly unit: Unit;
	readonly item: string;
	readonly per: Per;
	/** Children to a group; null unless `per` is group, and then when the list does not say. */
	readonly groupSize: number | null;
	readonly optional: boolean;
	readonly or: readonly Alternative[];
	readonly note: string | null;
	/** What could not be read with confidence, in words for this line; a person should look. */
	readonly doubts: readonly string[];
	/** There is a doubt. */
	readonly check: boolean;
};
