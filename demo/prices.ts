/**
 * What packs cost in the shops of the demo, all invented: thing, shop, what a pack holds, dollars, aisle, and
 * why one is preferred or left out.
 */
export const PRICES: readonly (readonly [
	item: string,
	shop: string,
	pack: string,
	dollars: number,
	aisle: string,
	standing?: 'preferred' | 'excluded',
	why?: string
])[] = [
	['orange', 'Corner Grocer', '1', 0.79, 'fruit'],
	['orange', 'Corner Grocer', '8', 4.99, 'fruit'],
	['orange', 'Hobby & Hardware', '1', 1.29, 'checkout'],
	['bar magnet', 'Mail order', '2', 6.4, ''],
	['bar magnet', 'Hobby & Hardware', '1', 4.25, 'tools'],
	['cork', 'Hobby & Hardware', '10', 2.9, 'crafts'],
	['cork', 'Mail order', '25', 4.1, ''],
	['sidewalk chalk', 'Hobby & Hardware', '12 stick', 3.49, 'crafts'],
	['sidewalk chalk', 'Corner Grocer', '6 stick', 2.29, 'seasonal'],
	['sidewalk chalk', 'Mail order', '20 stick', 3.2, '', 'excluded', 'crumbles in the damp'],
	['chocolate coin', 'Corner Grocer', '1 bag', 1.99, 'candy'],
	['chocolate coin', 'Mail order', '4 bag', 6.8, ''],
	['wooden dowel', 'Hobby & Hardware', '4', 3.6, 'wood'],
	['tissue paper', 'Hobby & Hardware', '10 sheet', 2.5, 'crafts'],
	['needle', 'Hobby & Hardware', '10', 1.95, 'sewing'],
	['lemon', 'Corner Grocer', '1', 0.55, 'fruit'],
	['balloon', 'Corner Grocer', '20', 2.4, 'party'],
	['ribbon', 'Hobby & Hardware', '3 yd', 2.75, 'sewing']
];

/** What the household looks out for, as it was jotted down. */
export const WANTED = [
	'brass compass, for Maps, up to $12, flea market',
	'old road maps, for Maps, the Aldens',
	'bamboo poles, for Kites, up to $5, garden sales',
	'anemometer cups, for Kites',
	'hand mill, for Bread, up to $25, estate sales',
	'rain boots, Perrin, $6, thrift shop'
] as const;

/** What the shops ask for the way or the delivery. */
export const TERMS: Readonly<Record<string, { readonly fee: number; readonly freeOver: number | null }>> = {
	'Mail order': { fee: 5.95, freeOver: 35 },
	'Hobby & Hardware': { fee: 1.5, freeOver: null }
};

/** For so many days the shops take things back. */
export const RETURNS: Readonly<Record<string, number>> = { 'Hobby & Hardware': 30, 'Mail order': 14 };

/** What can be taken instead: thing, for so much, so much of the other. */
export const INSTEAD = [
	['cork', '1', '2', 'bottle cap'],
	['sidewalk chalk', '3 stick', '1', 'charcoal stick']
] as const;

/** What one could make: thing, dollars, minutes. */
export const MADE = [['chocolate coin', 1.2, 25]] as const;

/** A class kit that the family shares over the years. */
export const DRAGON_KIT = {
	name: 'paper dragon kit',
	place: 'art cart',
	of: 25,
	left: 22,
	parts: '1 dragon head\n2 paper eyes, 42 there\n3 tail strips'
} as const;
