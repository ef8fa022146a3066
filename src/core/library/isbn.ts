/** An ISBN as read; both forms are bare digits, null when the number is not valid or has no short form. */
export type Isbn = {
	readonly isbn13: string | null;
	readonly isbn10: string | null;
	readonly valid: boolean;
	/** What is wrong, in plain words; null when it is valid. */
	readonly why: string | null;
};

const LABEL = /^\s*isbn(?:-1[03](?=[\s:]))?\s*:?/i;
/** Hyphens as keyboards, type and copied web pages have them, and spaces. */
const FILLING = /[\s\u2010-\u2013-]/g;

/**
 * Reads an ISBN as printed, typed or scanned: ten digits (the last may be X) with weights 10 … 1 modulo
 * 11, or thirteen from 978 or 979 with weights 1 and 3 modulo 10. Source: ISO 2108; ISBN Users' Manual.
 *
 *     readIsbn('ISBN 0-306-40615-2')   // { isbn13: '9780306406157', isbn10: '0306406152', valid: true, why: null }
 */
export function readIsbn(text: string): Isbn {
	const bare = text.replace(LABEL, '').replace(FILLING, '').toUpperCase();
	const wrong = [...bare].find(
		(sign, i) => !/\d/.test(sign) && !(sign === 'X' && i === 9 && bare.length === 10)
	);
	if (wrong !== undefined) return invalid(`"${asTyped(text, wrong)}" is a character that cannot be there`);
	if (bare.length !== 10 && bare.length !== 13)
		return invalid(
			`wrong length: ${bare.length} ${bare.length === 1 ? 'digit' : 'digits'}, but it must have 10 or 13`
		);
	if (bare.length === 13 && !/^97[89]/.test(bare))
		return invalid('wrong prefix: 13 digits must begin with 978 or 979');
	const should = bare.length === 10 ? check10(bare) : check13(bare);
	const is = bare[bare.length - 1];
	if (is !== should) return invalid(`check digit is ${is} but should be ${should}`);
	const isbn13 = bare.length === 13 ? bare : to13(bare);
	return { isbn13, isbn10: to10(isbn13), valid: true, why: null };
}

function invalid(why: string): Isbn {
	return { isbn13: null, isbn10: null, valid: false, why };
}

/** The character as it was typed, before it was made a capital. */
function asTyped(text: string, capital: string): string {
	return [...text.replace(LABEL, '')].find((sign) => sign.toUpperCase() === capital) ?? capital;
}

function to13(isbn10: string): string {
	const first = `978${isbn10.slice(0, 9)}`;
	return first + check13(first);
}

function to10(isbn13: string): string | null {
	if (!isbn13.startsWith('978')) return null;
	const first = isbn13.slice(3, 12);
	return first + check10(first);
}

/** The check digit of the first nine digits. */
function check10(digits: string): string {
	const sum = [...digits.slice(0, 9)].reduce((all, digit, i) => all + Number(digit) * (10 - i), 0);
	const check = (11 - (sum % 11)) % 11;
	return check === 10 ? 'X' : String(check);
}

/** The check digit of the first twelve digits. */
function check13(digits: string): string {
	const sum = [...digits.slice(0, 12)].reduce((all, digit, i) => all + Number(digit) * (i % 2 ? 3 : 1), 0);
	return String((10 - (sum % 10)) % 10);
}
