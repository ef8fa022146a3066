import type { Unit } from '../reference/measures.ts';
import { convert } from './convert.ts';
import { exact, type Exact } from './exact.ts';

const GLYPHS: Readonly<Record<string, string>> = {
	'1/2': '½',
	'1/3': '⅓',
	'2/3': '⅔',
	'1/4': '¼',
	'3/4': '¾',
	'1/8': '⅛',
	'3/8': '⅜',
	'5/8': '⅝',
	'7/8': '⅞'
};

const PLURALS: Readonly<Partial<Record<Unit, [string, string]>>> = {
	each: ['', ''],
	pair: ['pair', 'pairs'],
	cup: ['cup', 'cups'],
	floz: ['fl oz', 'fl oz'],
	pint: ['pint', 'pints'],
	quart: ['quart', 'quarts'],
	gallon: ['gallon', 'gallons'],
	sheet: ['sheet', 'sheets'],
	roll: ['roll', 'rolls'],
	pack: ['pack', 'packs'],
	box: ['box', 'boxes'],
	bag: ['bag', 'bags'],
	bottle: ['bottle', 'bottles'],
	can: ['can', 'cans'],
	jar: ['jar', 'jars'],
	tube: ['tube', 'tubes'],
	stick: ['stick', 'sticks'],
	ball: ['ball', 'balls'],
	spool: ['spool', 'spools'],
	bunch: ['bunch', 'bunches'],
	pinch: ['pinch', 'pinches'],
	drop: ['drop', 'drops'],
	handful: ['handful', 'handfuls']
};

/** Made once: making one takes a hundred times as long as using it. */
const FORMATS = [0, 1, 2, 3].map(
	(maximumFractionDigits) => new Intl.NumberFormat('en-US', { maximumFractionDigits })
);

/** Nobody says ⅜ kg. */
const METRIC: ReadonlySet<Unit> = new Set(['g', 'kg', 'ml', 'l', 'mm', 'cm', 'm']);

/** Whether a unit's fraction is said as one: “1½ cups”, never “1½ g”. */
const isSaidAsFraction = (rest: Exact, unit: Unit): boolean =>
	rest.toFraction() in GLYPHS && !METRIC.has(unit);

/** Figures after the point: fewer the larger the number is. */
const digitsOf = (value: number): number => (value >= 100 ? 0 : value >= 10 ? 1 : value >= 1 ? 2 : 3);

/**
 * An amount as a person would say it, for what is sent by a button: 354.882… ml is 355 ml, ⅓ cup stays ⅓ cup.
 *
 *     saidAmount(exact('1419529419/4000000'), 'ml').valueOf() // 355
 */
export function saidAmount(amount: Exact, unit: Unit): Exact {
	if (amount.d === 1n || isSaidAsFraction(amount.sub(amount.floor()), unit)) return amount;
	const value = amount.valueOf();
	const said = exact(value.toFixed(digitsOf(value)));
	return said.n === 0n ? amount : said;
}

/**
 * A number as a person would write it: a kitchen fraction where it is one and the unit is
 * not metric ("1½"), else at most
 * three figures after the point, fewer the larger it is ("9.56", "126").
 */
export function numberText(amount: Exact, unit: Unit = 'each'): string {
	const plain = amount.valueOf();
	// Most amounts are small whole numbers, and formatting one is slow.
	if (Number.isInteger(plain) && plain < 1000) return String(plain);
	const whole = amount.floor();
	const rest = amount.sub(whole);
	const glyph = GLYPHS[rest.toFraction()];
	if (glyph && !METRIC.has(unit)) return whole.equals(0) ? glyph : `${whole.toString()}${glyph}`;
	return FORMATS[digitsOf(plain)].format(plain);
}

/** The unit's name for an amount: "cup" or "cups", nothing for single things. */
export function unitText(unit: Unit, amount: Exact): string {
	const [one, many] = PLURALS[unit] ?? [unit, unit];
	return amount.compare(1) <= 0 ? one : many;
}

/** From so much on, a larger unit is said: 9,144 cm of string is 91 m. */
const LARGER: Readonly<Partial<Record<Unit, readonly [from: number, unit: Unit]>>> = {
	mm: [100, 'cm'],
	cm: [300, 'm'],
	ml: [3000, 'l'],
	g: [3000, 'kg'],
	in: [120, 'ft'],
	ft: [90, 'yd']
};

/** An amount in the unit in which a person would say it. Where it is sent or counted, its own unit stays. */
export function inSaidUnit(amount: Exact, unit: Unit): { readonly amount: Exact; readonly unit: Unit } {
	const larger = LARGER[unit];
	if (!larger || amount.valueOf() < larger[0]) return { amount, unit };
	return inSaidUnit(convert(amount, unit, larger[1], null), larger[1]);
}

/** Amount and unit: "1½ cups", "250 g", "6", "91.4 m". */
export function amountText(of: Exact, ofUnit: Unit): string {
	const { amount, unit } = inSaidUnit(of, ofUnit);
	return `${numberText(amount, unit)} ${unitText(unit, amount)}`.trim();
}
