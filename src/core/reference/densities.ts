import { PRACTICE, USDA, type Source } from './sources.ts';

export type DensityRow = {
	/** Name as in the table; brackets, and what follows a comma, only say which kind is meant. */
	readonly name: string;
	/** Grams in one US cup (236.5882365 ml), as an exact decimal. */
	readonly gramsPerCup: string;
	readonly source: Source;
};

const row = (name: string, gramsPerCup: string, source = USDA): DensityRow => ({
	name,
	gramsPerCup,
	source
});

/** Weight of one US cup of what a unit study measures by the cup. */
export const DENSITIES: readonly DensityRow[] = [
	row('flour (all-purpose)', '125'),
	row('sugar (granulated)', '200'),
	row('brown sugar, packed', '220'),
	row('powdered sugar', '120'),
	row('salt (table)', '292'),
	row('baking soda', '220.8'),
	row('cornstarch', '128'),
	row('rolled oats', '81'),
	row('rice (long-grain, raw)', '185'),
	row('dried beans (kidney)', '184'),
	row('dried lentils', '192'),
	row('cocoa powder', '86'),
	row('vegetable oil', '218'),
	row('honey', '339'),
	row('water', '236.6'),
	row('milk', '244'),
	row('vinegar', '238'),
	row('butter', '227'),
	row('corn syrup', '341'),
	row('mini marshmallows', '50'),
	row('peanut butter', '258'),
	row('popcorn kernels', '210', PRACTICE),
	row('dry sand', '380', PRACTICE),
	row('raisins', '165')
];
