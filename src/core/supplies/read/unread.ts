import { singularWord } from '../../naming/naming.ts';
import { SPELLINGS } from '../../reference/list-words.ts';
import { DOUBT } from './doubts.ts';
import type { ReadLine } from './read-line.ts';

/** Words that say how a line is meant and are not kept as words: amounts, for whom, joints. */
const FRAME = new Set(
	(
		'a an the of and or plus each per every for child children kid kids student students person people pupil pupils ' +
		'learner learners participant participants pair pairs partner partners group groups team teams two family class household ' +
		'optional if available desired like wish want you your my our both either one three four five six seven eight nine ten ' +
		'eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen twenty thirty forty fifty sixty seventy ' +
		'eighty ninety hundred half quarter quarters third thirds couple some several few many dozen following these those such ' +
		'will need needs gets get has have uses should may not required nice to another between whole entire x by pieces piece ' +
		'length lengths long additional in is are it them with whole can be used instead substitute works work too more extra at least ' +
		'little bit lot lots plenty amount number variety as well also do fine size copies copy count total items apiece'
	).split(' ')
);

/**
 * Says of the last thing of a line what was left out: every word and number of the line has to stand in a reading,
 * in its note or in its doubt. What this finds is a fault of the reader that a person can see.
 */
export function withUnread(line: string, read: readonly ReadLine[]): ReadLine[] {
	const last = read.at(-1);
	if (!last) return [...read];
	const kept = new Set<string>();
	const said = read.flatMap((one) => [
		one.item,
		one.note ?? '',
		...one.or.map((other) => other.item),
		...one.doubts
	]);
	for (const text of said) for (const word of wordsOf(text)) kept.add(singularWord(word));
	const lost = wordsOf(line).filter((word) => {
		if (kept.has(singularWord(word)) || word.split('-').every((part) => FRAME.has(part))) return false;
		// The unit may be written in another way, or stand in a sum ("1 lb 4 oz").
		return !word.split('-').some((part) => SPELLINGS.has(part));
	});
	const left = [...lost, ...lostNumbers(line, read)];
	if (left.length === 0) return [...read];
	const doubts = [...last.doubts, DOUBT.unread(left.join(' '))];
	return [...read.slice(0, -1), { ...last, doubts, check: true }];
}

/** Numbers of the line that stand neither in an amount nor among the words that were kept. */
function lostNumbers(line: string, read: readonly ReadLine[]): string[] {
	const said = read
		.flatMap((one) => [one.item, one.note ?? '', ...one.or.map((other) => other.item)])
		.join(' ');
	const kept = new Set(numbersOf(said));
	const amounts = read
		.flatMap((one) => [one.quantity, one.to, one.groupSize, ...one.or.map((other) => other.quantity)])
		.filter((amount) => amount !== null);
	const near = (a: number, b: number) => Math.abs(a - b) < 1e-6 * Math.max(1, a);
	const lost = numbersOf(line).filter((number) => {
		// One of something is what is read where nothing is said.
		if (kept.has(number) || number === '1') return false;
		const value = valueOf(number);
		// "1 1/2" is written as two numbers.
		return !amounts.some((one) =>
			[one, Math.floor(one), one - Math.floor(one)].some((part) => near(part, value))
		);
	});
	// "3 pieces of yarn, 6 inches each" and "1 lb 4 oz clay" are one amount out of two.
	const product = lost.reduce((all, number) => all * valueOf(number), 1);
	const isOne = amounts.some((one) => near(one, product));
	const isSum = lost.length > 0 && amounts.some((one) => one % 1 !== 0);
	return isOne || isSum ? [] : lost;
}

const numbersOf = (text: string): string[] =>
	text.replace(/(\d),(?=\d{3}\b)/g, '$1').match(/\d+(?:\/\d+|\.\d+)?/g) ?? [];

function valueOf(number: string): number {
	const [over, under] = number.split('/').map(Number);
	return under ? over / under : over;
}

/** Words of three letters and more, in lower case. */
function wordsOf(text: string): string[] {
	return text.toLowerCase().match(/\p{L}[\p{L}'-]{2,}/gu) ?? [];
}
