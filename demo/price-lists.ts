/** What two invented shops print in their lists: shop, thing, what a pack holds, dollars, aisle. */
export const PRICE_LISTS: readonly (readonly [
	shop: string,
	item: string,
	pack: string,
	dollars: number,
	aisle: string
])[] = [
	['Corner Grocer', 'paper towel', '2 roll', 3.15, 'household'],
	['Corner Grocer', 'paper towel', '1', 0.1, 'household'],
	['Corner Grocer', 'orange', '12', 6.9, 'fruit'],
	['Corner Grocer', 'salt', '500 g', 0.95, 'baking'],
	['Corner Grocer', 'drinking straw', '50', 1.85, 'party'],
	['Corner Grocer', 'yeast', '3 packet', 1.6, 'baking'],
	['Corner Grocer', 'butter', '250 g', 2.75, 'dairy'],
	['Corner Grocer', 'honey', '350 g', 4.2, 'baking'],
	['Hobby & Hardware', 'ripstop fabric', '2 yd', 11.5, 'sewing'],
	['Hobby & Hardware', 'kite string', '200 ft', 3.95, 'outdoors'],
	['Hobby & Hardware', 'clear tape', '2 roll', 3.2, 'crafts'],
	['Hobby & Hardware', 'cork', '4', 1.6, 'crafts'],
	['Hobby & Hardware', 'bar magnet', '2', 7.9, 'tools'],
	['Hobby & Hardware', 'wooden dowel', '10', 7.8, 'wood'],
	['Hobby & Hardware', 'tissue paper', '25 sheet', 4.9, 'crafts']
];
