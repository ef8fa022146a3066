import { convert, dimensionOf, isMeasured } from '../../measure/convert.ts';
import { exact, type Exact } from '../../measure/exact.ts';
import { singularWord } from '../../naming/naming.ts';
import {
	BY_LENGTH,
	SINGLE_PAIRS,
	SIZES,
	SPELLINGS,
	UNIT_COMPOUNDS,
	VESSELS
} from '../../reference/list-words.ts';
import type { Unit } from '../../reference/measures.ts';
import { DIGITS, MIXED, numberAt, WORD, word } from './numbers.ts';

/** What stands in front of a thing: how much, in what, and remarks such as "about". */
export type Amount = {
	readonly quantity: Exact | null;
	readonly to: Exact | null;
	/** Null when only a number was said. */
	readonly unit: Unit | null;
	/** The unit as written, so that "2 boxes" can still turn out to be the thing itself. */
	readonly unitWord: string | null;
	readonly notes: readonly string[];
	/** An amount was said, but not how much ("some", "a few"). */
	readonly vague: boolean;
	/** What follows: the thing's name. */
	readonly rest: string;
};

const ABOUT =
	/^(about|approximately|approx\.?|around|roughly|at least|at most|up to|(?:a )?(?:minimum|maximum) of|min\.|max\.|no more than|no fewer than|nearly|almost|more than|less than|over|~)\s*(?=[\d.~]|an?\b|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|half|twenty|thirty|forty|fifty|several|some)/i;

const VAGUE =
	/^(some|several|(?:quite )?a few|few|a (?:little|tiny) bit of|a little(?= )|a bit of|a lot of|lots of|plenty of|many|(?:a|an)(?: \w+)? (?:amount|number|variety|assortment|selection|collection|supply|pile|mix|mixture) of|an? small amount of|small amount of|any amount of|enough)\s+/i;

const SIZE_AFTER = /^\s*(?:"|'|in\b\.?|inch(?:es)?\b|cm\b|mm\b|ft\b)?\s*(?:x|by)\s*[\d.]/i;

/** Reads the amount in front of a thing, or a whole text that is nothing but an amount. */
export function amountAt(text: string): Amount {
	const notes: string[] = [];
	let rest = text.trim();

	const about = ABOUT.exec(rest);
	if (about) {
		notes.push(about[1]);
		rest = rest.slice(about[0].length);
	}
	const vague = VAGUE.exec(rest);
	if (vague) {
		const unit = unitAt(rest.slice(vague[0].length).replace(/^of /, ''), null);
		return unit
			? { ...unit, quantity: null, to: null, notes: [...notes, ...unit.notes], vague: true }
			: { ...NONE, notes, vague: true, rest: rest.slice(vague[0].length).replace(/^(?:of|more) /, '') };
	}
	rest = rest.replace(/^an? (?=\d)/i, '');
	const orSo = /^([^,;]{1,30}?) or (so|two|three)\b(?: of\b)?\s*(.*)$/i.exec(rest);
	const before = orSo && amountAt(orSo[1]);
	if (orSo && before?.quantity && before.rest === '' && (before.unit || orSo[2].toLowerCase() === 'so')) {
		const more = orSo[2].toLowerCase() === 'so' ? null : exact(word(orSo[2]));
		return {
			...before,
			to: more ?? before.to,
			notes: [...notes, ...before.notes, ...(more ? [] : ['or so'])],
			rest: orSo[3]
		};
	}
	const times = /^(\d+)\s?x\s?(?=\d)/i.exec(rest);
	const many =
		times && (cutLength(rest.slice(times[0].length)) ?? sizedContainer(rest.slice(times[0].length)));
	if (times && many) return timesOf(exact(times[1]), null, many, notes);
	const bracketed = /^\((\d[\d./ ]*)\)\s+(?=\S)/.exec(rest);
	if (bracketed) rest = `${bracketed[1]} ${rest.slice(bracketed[0].length)}`;

	const lengths = cutLength(rest);
	if (lengths) return { ...lengths, notes: [...notes, ...lengths.notes] };
	const sized = sizedContainer(rest);
	if (sized) {
		return { ...sized, quantity: exact(1), to: null, vague: false, notes: [...notes, ...sized.notes] };
	}

	const between = /^between (?=\S)/i.exec(rest);
	const first = numberAt(between ? rest.slice(between[0].length) : rest);
	if (!first || (first.digits && isPartOfName(first.rest))) return articleAmount(rest, notes);

	const quantity = first.value;
	let to: Exact | null = null;
	rest = first.rest;
	const range = (between ? /^ and\s+/i : /^(?:-|\s+to\s+|\s*-\s*to\s*|\s+or\s+)(?=[\d.a-z])/i).exec(rest);
	const second = range ? numberAt(rest.slice(range[0].length)) : null;
	if (second && second.value.compare(quantity) > 0 && !(second.digits && isPartOfName(second.rest))) {
		to = second.value;
		rest = second.rest;
	}
	const more = /^\s*\+(?=\s|$)|^\s+or (?:more|so|fewer|less)\b|^\s*\((?:or )?(?:more|so)\)/i.exec(rest);
	if (more) {
		notes.push(more[0].trim() === '+' ? 'or more' : more[0].trim().replace(/[()]/g, ''));
		rest = rest.slice(more[0].length);
	}
	rest = rest.replace(/^\s*x\s+(?=[a-z#(])/i, ' ').replace(/^\s*x$/i, '');
	const touching = /^["']/.test(rest);
	rest = rest.trim();
	if (!touching) rest = rest.replace(/^(?:of|more) (?!your|any|each)/i, '');

	const each = cutLength(rest) ?? sizedContainer(rest);
	if (each) return timesOf(quantity, to, each, notes);

	const unit = unitAt(rest, quantity);
	if (unit === 'size') return { ...NONE, quantity: exact(1), notes, rest: text.trim() };
	if (unit) {
		const second = to ? null : smallerAfter(unit);
		if (second)
			return { ...unit, ...second, quantity: quantity.add(second.quantity), to, vague: false, notes };
		return { ...unit, quantity, to, vague: false, notes: [...notes, ...unit.notes] };
	}
	return { ...NONE, quantity, to, notes, rest };
}

/** "4 x 12 in lengths" are 48 in; "2 x 500 g bags" are two bags, and how large is a remark. */
function timesOf(count: Exact, to: Exact | null, one: Sized | Amount, notes: readonly string[]): Amount {
	if (!('quantity' in one) || one.quantity === null)
		return { ...one, quantity: count, to, vague: false, notes: [...notes, ...one.notes] };
	const said = count.equals(1)
		? []
		: [`${count.toString()} x ${one.quantity.toFraction(true)} ${one.unitWord}`];
	return {
		...one,
		quantity: one.quantity.mul(count),
		to: to && one.quantity.mul(to),
		notes: [...notes, ...one.notes, ...said]
	};
}

/** "1 lb 4 oz clay": the second amount, in the first one's unit. */
function smallerAfter(first: UnitFound): { quantity: Exact; rest: string } | null {
	if (!isMeasured(first.unit)) return null;
	const number = numberAt(first.rest);
	if (!number || !number.digits || isPartOfName(number.rest)) return null;
	const unit = unitAt(number.rest.trim(), number.value);
	if (
		!unit ||
		unit === 'size' ||
		unit.unit === first.unit ||
		dimensionOf(unit.unit) !== dimensionOf(first.unit)
	)
		return null;
	const quantity = convert(number.value, unit.unit, first.unit, null);
	return quantity.compare(1) < 0 ? { quantity, rest: unit.rest } : null;
}

const NONE: Amount = {
	quantity: null,
	to: null,
	unit: null,
	unitWord: null,
	notes: [],
	vague: false,
	rest: ''
};

/** A number that belongs to the name: "9x12 …", "2-liter bottle", "3-ring binder", "1/2-inch dowel". */
function isPartOfName(after: string): boolean {
	return (
		SIZE_AFTER.test(after) ||
		/^ ?(?:V|volts?|W|watts?|mAh|amps?)(?![a-zA-Z])/.test(after) ||
		/^[- ]?(?:in\.?|inch|cm|mm|ft\.?|foot|")[- ](?:wide|thick|deep|tall|high|square|round)\s+[a-z]/i.test(
			after
		) ||
		(/^-\s*[a-z]/i.test(after) && !/^-\s*to\s+\d/i.test(after)) ||
		(/^(?:st|nd|rd|th|mm|cm|v|w|d)(?![a-z])\b/i.test(after) &&
			!/^(?:mm|cm)\s+(?:of|string|ribbon|wire)/i.test(after) &&
			/^(?:st|nd|rd|th|v|w|d)\b/i.test(after))
	);
}

/** "a pinch of salt", "box of tissues", "an egg": one, where an article or a container says so. */
function articleAmount(text: string, notes: readonly string[]): Amount {
	const article = /^(?:an?|the|your|my|our|one's)\s+/i.exec(text);
	const rest = article ? text.slice(article[0].length) : text;
	if (article && /^an?\s/i.test(article[0])) {
		const number = numberAt(rest);
		if (number && !number.digits && /^(?:half|quarter|third|dozen|couple)/i.test(rest)) return amountAt(rest);
	}
	const unit = unitAt(rest, exact(1), !article);
	if (unit && unit !== 'size') {
		return { ...unit, quantity: exact(1), to: null, vague: false, notes: [...notes, ...unit.notes] };
	}
	return { ...NONE, quantity: article && /^an?\s/i.test(article[0]) ? exact(1) : null, notes, rest };
}

const PREPOSITION =
	/^(?:for|with|without|from|in|to|that|which|about|per|if|at|as|on|such|like|or|and|each|any|filled|cut|big|large enough|plus|optional|,|\()(?:\b|$)/i;

type UnitFound = Pick<Amount, 'unit' | 'unitWord' | 'notes' | 'rest'> & { unit: Unit };

const SIZE_WORD = new RegExp(
	`^((?:${[...SIZES].join('|')}|heaping|level|full|scant|rounded|generous|whole|good-sized)\\s+)?`,
	'i'
);

/**
 * The unit at the start of a text, when it really is one: the thing must follow it, with or without
 * "of". Answers 'size' when number and unit are the size of the thing ("12 in ruler").
 */
function unitAt(text: string, quantity: null): UnitFound | null;
function unitAt(text: string, quantity: Exact | null, needsOf?: boolean): UnitFound | 'size' | null;
function unitAt(text: string, quantity: Exact | null, needsOf = false): UnitFound | 'size' | null {
	const size = SIZE_WORD.exec(text)!;
	const afterSize = text.slice(size[0].length);
	const found = /^(fl\.?\s?oz\.?|fluid ounces?|["']|[A-Za-z]+\.?)(?=\s|$|[,;)])/.exec(afterSize);
	if (!found) return null;
	const written = found[1];
	const plain = written.replace(/\.$/, '');
	const spelling =
		/^fl/i.test(plain) && /oz|ounce/i.test(plain)
			? ({ unit: 'floz', form: 'short' } as const)
			: (SPELLINGS.get(plain) ?? (plain.length > 1 ? SPELLINGS.get(plain.toLowerCase()) : undefined));
	if (!spelling || (spelling.form === 'short' && plain === 'in' && quantity === null)) return null;

	const { unit, form } = spelling;
	let rest = afterSize.slice(found[0].length).trim();
	const notes = size[1] ? [size[1].trim()] : [];
	const of = /^of(?: the)?\s+/i.exec(rest);
	if (of) rest = rest.slice(of[0].length);
	else if (needsOf && unit !== 'dozen') return null;

	const answer = (note: readonly string[] = notes): UnitFound => ({
		unit,
		unitWord: plain,
		notes: note,
		rest
	});
	if (rest === '' || (!of && PREPOSITION.test(rest))) {
		return size[1] && !isMeasured(unit) ? null : { ...answer(), rest };
	}
	if (unit === 'pair') return pairOf(rest, notes) ?? answer();
	if (of) return contents(answer());

	const next = rest.split(/[ ,]/)[0].toLowerCase();
	if (UNIT_COMPOUNDS.has(`${plain.toLowerCase()}-${singularWord(next)}`)) return null;
	const many = quantity !== null && quantity.compare(1) > 0;
	const head = headWord(rest);
	if (isMeasured(unit) && /^\d/.test(rest)) return answer();
	if (dimensionOf(unit) === 'length' && /^(?:square|round|x\b)/i.test(rest)) return 'size';
	if (dimensionOf(unit) === 'length' && form !== 'many') {
		return BY_LENGTH.has(head) || BY_LENGTH.has(singularWord(head)) ? answer() : 'size';
	}
	if (isMeasured(unit) && form !== 'many' && VESSELS.has(head)) {
		const severalOfThem = form === 'one' && unit !== 'l' && unit !== 'ml' && singularWord(head) !== head;
		return severalOfThem || (quantity?.equals(1) && form === 'one') ? null : 'size';
	}
	if (form === 'one' && many && !isMeasured(unit) && unit !== 'dozen' && singularWord(head) !== head)
		return null;
	return contents(answer());
}

/** "box of 24 crayons": the number inside a container is a remark. */
function contents(found: UnitFound): UnitFound {
	const inside =
		isMeasured(found.unit) || found.unit === 'dozen'
			? null
			: /^(\d+)\s+(?!x\b|\d|")(?=[a-z])/i.exec(found.rest);
	return inside
		? { ...found, notes: [...found.notes, `of ${inside[1]}`], rest: found.rest.slice(inside[0].length) }
		: found;
}

function pairOf(rest: string, notes: readonly string[]): UnitFound | null {
	return SINGLE_PAIRS.has(headWord(rest)) ? { unit: 'each', unitWord: null, notes, rest } : null;
}

/** The noun of a name, before what only describes it further. */
export function headWord(name: string): string {
	const before = name
		.toLowerCase()
		.split(/\s+(?:with|without|for|of|to|from|in|that|such|like|or|and)\s+|[,(]/)[0];
	return before.trim().split(/\s+/).at(-1) ?? '';
}

const LENGTH_UNIT = `(?:in\\.?|inch(?:es)?|ft\\.?|foot|feet|yd\\.?|yards?|cm|mm|m|meters?|metres?|"|')`;
const CUT = new RegExp(
	`^(${MIXED}|${DIGITS})[- ]?(${LENGTH_UNIT})(?:[- ]long)?[- ]\\s*(?:pieces?|lengths?)(?: of)? (.+)$`,
	'i'
);

/** "12-inch piece of string": a length of the thing. */
function cutLength(text: string): Amount | null {
	const found = CUT.exec(text);
	if (!found) return null;
	const number = numberAt(found[1])!;
	return { ...NONE, quantity: number.value, unit: lengthUnit(found[2]), unitWord: found[2], rest: found[3] };
}

function lengthUnit(written: string): Unit {
	return SPELLINGS.get(written.replace('.', '').toLowerCase())!.unit;
}

const MEASURE_WORD = [...SPELLINGS.keys()]
	.filter((word) => /^[a-z]{1,}$/i.test(word) && word.length > 1)
	.join('|');
const SIZE = `(?:${MIXED}|${DIGITS})[- ]?(?:fl\\.? ?oz|${MEASURE_WORD}|g|l|L|count|ct|piece)\\.?(?:[- ]size)?`;
const CONTAINER = `packages?|pkgs?\\.?|packets?|packs?|boxe?s?|bags?|bottles?|cans?|jars?|tubes?|rolls?|spools?|balls?|skeins?|sticks?`;
const SIZED = new RegExp(
	`^(${SIZE})\\s+(${CONTAINER})\\s+(?:of\\s+)(.+)$|^((?:${DIGITS})-pack)\\s+of\\s+(.+)$`
);
const SIZED_BEHIND = new RegExp(`^(?:(an?|${WORD}|\\d+) )?(${SIZE})[- ](${CONTAINER})$`, 'i');

type Sized = Pick<Amount, 'unit' | 'unitWord' | 'notes' | 'rest'>;

/** "a 6 oz can" behind its thing: a can, and how large is a remark. */
export function containerBehind(text: string): Amount | null {
	const found = SIZED_BEHIND.exec(text);
	if (!found) return null;
	const written = found[3].replace(/\.$/, '').toLowerCase();
	const quantity = (found[1] && numberAt(found[1])?.value) || exact(1);
	return { ...NONE, quantity, unit: SPELLINGS.get(written)!.unit, unitWord: written, notes: [found[2]] };
}

/** "1 lb bag of sand": a bag, and how large is a remark. */
function sizedContainer(text: string): Sized | null {
	const found = SIZED.exec(text);
	if (!found) return null;
	if (found[4]) return { unit: 'pack', unitWord: 'pack', notes: [found[4]], rest: found[5] };
	const written = found[2].replace(/\.$/, '').toLowerCase();
	return { unit: SPELLINGS.get(written)!.unit, unitWord: written, notes: [found[1]], rest: found[3] };
}
