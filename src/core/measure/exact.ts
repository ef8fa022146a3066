import Fraction from 'fraction.js';
import { CoreError } from '../error.ts';

/** An exact rational number. All sums of amounts are done with these; plain numbers only cross borders. */
export type Exact = Fraction;

/** An excess up to this does not count when an amount is rounded up or compared with 0. */
export const TOLERANCE = new Fraction(1, 1_000_000);

export const ZERO = new Fraction(0);
export const ONE = new Fraction(1);

const LARGEST_DENOMINATOR = 10_000;

/**
 * The exact value that a plain number stands for: the simplest fraction (denominator up to 10,000)
 * that is that same double, else its decimal digits. So 0.3333333333333333 is ⅓ and 0.1 is 1/10.
 *
 *     exact(1 / 3).mul(3).valueOf()   // 1
 *
 * Text is read as a fraction or decimal ("3/2", "1.25").
 */
export function exact(value: number | string | Exact): Exact {
	if (typeof value === 'string') return read(value);
	if (typeof value !== 'number') return value;
	if (Number.isSafeInteger(value)) return new Fraction(value, 1);
	return simplest(value) ?? decimal(value);
}

const texts = new Map<string, Exact>();
const MOST_TEXTS = 5000;

/** Amounts as stored; the same few texts come thousands of times in one computation. */
function read(text: string): Exact {
	let value = texts.get(text);
	if (value === undefined) {
		if (texts.size >= MOST_TEXTS) texts.clear();
		texts.set(text, (value = new Fraction(text)));
	}
	return value;
}

/** The decimal digits of a number, exponents written out. */
function decimal(value: number): Exact {
	const [digits, exponent = '0'] = String(value).split('e');
	const power = 10n ** BigInt(Math.abs(Number(exponent)));
	const scale = Number(exponent) < 0 ? new Fraction(1n, power) : new Fraction(power, 1n);
	return new Fraction(digits).mul(scale);
}

/** Walks the convergents of the continued fraction of `value` until one is the very same double. */
function simplest(value: number): Exact | null {
	let [numerator, previousNumerator] = [1, 0];
	let [denominator, previousDenominator] = [0, 1];
	let rest = Math.abs(value);
	for (let step = 0; step < 24; step++) {
		const whole = Math.floor(rest);
		[numerator, previousNumerator] = [whole * numerator + previousNumerator, numerator];
		[denominator, previousDenominator] = [whole * denominator + previousDenominator, denominator];
		if (denominator > LARGEST_DENOMINATOR || !Number.isSafeInteger(numerator)) return null;
		if (numerator / denominator === Math.abs(value)) {
			return new Fraction(value < 0 ? -numerator : numerator, denominator);
		}
		if (rest === whole) return null;
		rest = 1 / (rest - whole);
	}
	return null;
}

/** Whether there is really something there: more than the tolerance above 0. */
export function isSome(amount: Exact): boolean {
	if (amount.s <= 0n || amount.n === 0n) return false;
	// A positive fraction with a small denominator is more than the tolerance without comparing.
	return amount.d < TOLERANCE.d || amount.compare(TOLERANCE) > 0;
}

/** The next whole number up; an excess within the tolerance does not count. */
export function roundUp(amount: Exact): Exact {
	if (amount.d === 1n) return amount;
	const whole = amount.sub(TOLERANCE).ceil();
	return whole.compare(0) < 0 ? ZERO : whole;
}

export function larger(a: Exact, b: Exact): Exact {
	return a.compare(b) >= 0 ? a : b;
}

export function smaller(a: Exact, b: Exact): Exact {
	return a.compare(b) <= 0 ? a : b;
}

/** Most of one thing that a house can hold, in any unit. */
export const MOST_AMOUNT = 1_000_000;
const DECIMALS = new Fraction(1_000_000);

/**
 * An amount as a person gives it: at most a million, with at most six decimals or as a plain fraction.
 * @throws CoreError for any other.
 */
export function requireAmount(amount: Exact, path: string): Exact {
	if (amount.compare(MOST_AMOUNT) > 0) throw new CoreError('That amount looks too big. Check it.', path);
	if (amount.d > BigInt(LARGEST_DENOMINATOR) && amount.mul(DECIMALS).d !== 1n)
		throw new CoreError('Enter the amount with at most 6 decimals, or as a fraction like 1/3.', path);
	return amount;
}

/**
 * As a form sends it back, so that `requireAmount` takes it: without loss where that goes, else to six decimals, which
 * is closer than anything counts.
 */
export function sentText(amount: Exact): string {
	return amount.d <= BigInt(LARGEST_DENOMINATOR) ? amount.toFraction() : amount.round(6).toFraction();
}

/** As text without loss ("3/2", "250"), the form in which amounts are stored. */
export function exactText(amount: Exact): string {
	return amount.toFraction();
}
