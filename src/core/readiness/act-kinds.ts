/**
 * Everything that can be asked of a parent, in the order in which it is done among acts of one day: fetching first,
 * then getting, beginning, borrowing and preparing.
 */
export const ACT_KINDS = [
	'walk',
	'look',
	'buy',
	'order',
	'ask',
	'hold',
	'make',
	'free',
	'used',
	'wish',
	'receive',
	'begin',
	'print',
	'run',
	'sit',
	'finish',
	'check',
	'place',
	'ask for',
	'get',
	'pick up',
	'renew',
	'ask back',
	'return',
	'preview',
	'prepare',
	'job',
	'choose',
	'set out',
	'follow'
] as const;
export type ActKind = (typeof ACT_KINDS)[number];

/** Where a kind stands among the acts of one day. */
export function actRank(kind: ActKind): number {
	return ACT_KINDS.indexOf(kind);
}
