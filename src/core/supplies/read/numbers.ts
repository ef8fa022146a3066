import { exact, type Exact } from '../../measure/exact.ts';

/** Numbers as lists write them: digits, fractions, mixed, and in words. */

const WORDS: Readonly<Record<string, number>> = Object.fromEntries(
	(
		'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen ' +
		'sixteen seventeen eighteen nineteen'
	)
		.split(' ')
		.map((word, i) => [word, i])
);
const TENS: Readonly<Record<string, number>> = Object.fromEntries(
	'twenty thirty forty fifty sixty seventy eighty ninety'.split(' ').map((word, i) => [word, 20 + 10 * i])
);
const PARTS: Readonly<Record<string, string>> = {
	half: '1/2',
	third: '1/3',
	thirds: '1/3',
	quarter: '1/4',
	quarters: '1/4',
	fourth: '1/4',
	fourths: '1/4',
	eighth: '1/8',
	eighths: '1/8'
};
export const WORD = `(?:(?:${Object.keys(TENS).join('|')})(?:[- ](?:${Object.keys(WORDS).slice(1, 10).join('|')}))?|${Object.keys(WORDS).join('|')})`;
const PART = Object.keys(PARTS).join('|');
export const DIGITS = String.raw`\d+\s*\/\s*\d+|\d{1,3}(?:,\d{3})+|\d+(?:\.\d+)?|\.\d+`;
export const MIXED = String.raw`\d+(?:\s+|-|\s+and\s+)\d+\/\d+`;
const END = String.raw`(?![\w/])`;

const NUMBERS: readonly [RegExp, (found: RegExpExecArray) => Exact][] = [
	[new RegExp(`^(${MIXED})`), ([, text]) => mixed(text)],
	[new RegExp(`^(${DIGITS})(?: and (?:a|one)[- ])(${PART})\\b`, 'i'), ([, n, p]) => exact(n).add(part(p))],
	[new RegExp(`^(${DIGITS})`), ([, text]) => fraction(text)],
	[
		new RegExp(`^(${WORD}) and (?:a |one[- ])?(${PART})${END}`, 'i'),
		([, n, p]) => exact(word(n)).add(part(p))
	],
	[new RegExp(`^(${WORD})[- ](${PART})(?: of)?(?: an?)?${END}`, 'i'), ([, n, p]) => part(p).mul(word(n))],
	[
		new RegExp(`^(?:an? )?(${PART})(?: of)?(?: an?)?${END}(?!-(?:inch|foot|gallon|pint|size|moon))-?`, 'i'),
		([, p]) => part(p)
	],
	[new RegExp(`^(?:an?|(${WORD}))[- ]hundred${END}`, 'i'), ([, n]) => exact(100 * (n ? word(n) : 1))],
	[new RegExp(`^(?:a )?couple(?: of)?${END}`, 'i'), () => exact(2)],
	[new RegExp(`^(${WORD})${END}(?!-)`, 'i'), ([, n]) => exact(word(n))]
];

/** A number in words ("twenty-four"). */
export function word(text: string): number {
	const [a, b] = text.toLowerCase().split(/[- ]/);
	return (TENS[a] ?? WORDS[a]) + (b ? WORDS[b] : 0);
}
function part(text: string): Exact {
	return exact(PARTS[text.toLowerCase()]);
}
function fraction(text: string): Exact {
	const [over, under] = text.replace(/[\s,]/g, '').split('/');
	// "1/0" is no number; the digits are taken as written and the line is marked for a look by its caller.
	return under === undefined
		? exact(over)
		: Number(under) === 0
			? exact(over)
			: exact(over).div(exact(under));
}
function mixed(text: string): Exact {
	const [, whole, rest] = /^(\d+)\D+?(\d+\/\d+)$/.exec(text)!;
	const [over, under] = rest.split('/').map(Number);
	return over < under ? exact(whole).add(fraction(rest)) : fraction(rest);
}

/** The number at the start of a text, and what follows it. */
export function numberAt(text: string): { value: Exact; rest: string; digits: boolean } | null {
	for (const [pattern, value] of NUMBERS) {
		const found = pattern.exec(text);
		if (found) {
			return { value: value(found), rest: text.slice(found[0].length), digits: /^[\d.]/.test(text) };
		}
	}
	return null;
}
