import { dimensionOf } from '../../measure/convert.ts';
import type { Exact } from '../../measure/exact.ts';
import { singularName, singularWord } from '../../naming/naming.ts';
import { BY_LENGTH, SINGLE_PAIRS, VESSELS } from '../../reference/list-words.ts';
import type { Unit } from '../../reference/measures.ts';
import { amountAt, containerBehind, headWord, type Amount } from './amount.ts';
import { DOUBT } from './doubts.ts';
import { AS_NEEDED, cutRemark, isColour, isColourOf, isKind, isMeasurement, isRemark } from './remarks.ts';
import { thingScope, type Per } from './scope.ts';

/** One thing of a line while the line is being read. */
export type Thing = {
	name: string;
	quantity: Exact | null;
	to: Exact | null;
	unit: Unit | null;
	vague: boolean;
	notes: string[];
	per: Per | null;
	groupSize: number | null;
	optional: boolean;
	/** What may be wrong with the reading; none where it is certain. */
	doubts: string[];
	/** The name is only a colour or adjective and waits for the noun of a later thing. */
	pending: boolean;
	/** The amount stood behind the name. */
	trailing: boolean;
	alternatives: Thing[];
};

const BRACKET = /\(([^()]*)\)/;
const LONG = /^(?:each )?(.*?)\s*(?:long(?: each)?|in length|of length|each)$/i;
const ACROSS = /(?:long|each|wide|tall|high|thick|across|in (?:length|diameter|width)|square|round|deep)$/i;

/** Reads one thing: "2 sheets of card (white)", without the marks that separate it from others. */
export function readThing(text: string): Thing {
	const thing: Thing = {
		name: '',
		quantity: null,
		to: null,
		unit: null,
		vague: false,
		notes: [],
		per: null,
		groupSize: null,
		optional: false,
		doubts: [],
		pending: false,
		trailing: false,
		alternatives: []
	};
	const scope = thingScope(text);
	if (scope.per) Object.assign(thing, scope.per);

	const brackets: string[] = [];
	let rest = scope.rest.replace(/^\((\d[\d./ -]*)\)(?=\s+\S)/, '$1 ');
	for (let found = BRACKET.exec(rest); found; found = BRACKET.exec(rest)) {
		brackets.push(found[1].trim());
		rest = (rest.slice(0, found.index) + ' ' + rest.slice(found.index + found[0].length)).trim();
	}
	rest = rest.replace(/[()]/g, ' ').replace(/\s+/g, ' ').trim();
	const leftOver = LEFT_OVER.exec(rest);
	if (leftOver && leftOver.index > 0) {
		thing.notes.push(leftOver[1]);
		rest = rest.slice(0, leftOver.index);
	}

	if (/^optional /i.test(rest)) {
		thing.optional = true;
		rest = rest.slice(9);
	}
	const enough = /^enough (.+?) ((?:to|for|so) .+)$/i.exec(rest);
	if (enough) {
		thing.notes.push(enough[2]);
		rest = `some ${enough[1]}`;
	}
	const amount = amountAt(rest);
	take(thing, amount);
	rest = amount.rest;

	const cut = cutRemark(rest);
	if (cut.note) addRemark(thing, cut.note);
	rest = trailingAmount(thing, cut.name);

	const withUnit = /^(?:with|without|for|and)\b/i.test(rest);
	if (amount.unitWord && (rest === '' || withUnit)) {
		// "2 boxes", "3 jars with lids": the unit word is the thing itself.
		thing.unit = null;
		if (withUnit) thing.notes.push(rest);
		rest = amount.unitWord;
	}
	thing.name = rest;
	for (const bracket of brackets) applyPart(thing, bracket);
	if (leftOver && thing.quantity === null) markLeftOver(thing);
	if (/ each$/i.test(text) && !thing.per) {
		thing.notes = thing.notes.filter((note) => note !== 'each');
		thing.doubts.push(DOUBT.each);
	}
	const size = SIZE_OR_AMOUNT.exec(text);
	if (size && thing.unit === null) thing.doubts.push(DOUBT.size(size[1], size[2]));
	if (thing.quantity !== null && thing.unit === null && SEVERAL_KINDS.test(rest))
		thing.doubts.push(DOUBT.howMany);
	return thing;
}

function markLeftOver(thing: Thing) {
	thing.vague = true;
	thing.doubts.push(DOUBT.leftOver);
}

function take(thing: Thing, amount: Amount) {
	thing.quantity = amount.quantity;
	thing.to = amount.to;
	thing.unit = amount.unit;
	thing.vague = amount.vague;
	thing.notes.push(...amount.notes);
}

function takeTrailing(thing: Thing, amount: Amount) {
	take(thing, amount);
	thing.trailing = true;
}

function addRemark(thing: Thing, remark: string) {
	if (AS_NEEDED.test(remark)) {
		if (thing.quantity === null) thing.vague = true;
		thing.notes.push(remark);
		return;
	}
	const measured = ACROSS.test(remark) ? lengthOf(remark) : null;
	if (measured && setLength(thing, measured)) return;
	thing.notes.push(remark);
}

/** "about 24 in long" as an amount, when it is the length of something. */
export function lengthOf(text: string): Amount | null {
	const found = LONG.exec(text.trim());
	if (!found) return null;
	const amount = amountAt(found[1].replace(/^(.*\d)\s*-\s*(in|inch|ft|foot|cm)$/i, '$1 $2'));
	return amount.quantity && amount.rest === '' && amount.unit ? amount : null;
}

/** Makes a said length the amount of things that come by length; "3 strings, 10 cm long" are 30 cm. */
function setLength(thing: Thing, length: Amount): boolean {
	const head = singularWord(headWord(thing.name)) || '';
	const piece = /^(?:pieces?|lengths?) of (.+)$/i.exec(thing.name);
	if (!piece && !BY_LENGTH.has(head)) return false;
	if (thing.unit && thing.unit !== 'each') return false;
	if (piece) thing.name = piece[1];
	thing.quantity = thing.quantity ? length.quantity!.mul(thing.quantity) : length.quantity;
	thing.to = length.to;
	thing.unit = length.unit;
	thing.trailing = true;
	thing.notes.push(...length.notes);
	return true;
}

const TRAILING_COUNT =
	/^(.*?[a-z)])\s*(?:\bx\s*(\d+)|:\s*(\d+)|(?<!\b(?:size|number|no\.?|grade|level|type|page|lesson|step|stage|year|ages?|mod|model))\s(\d+))$/i;
const TRAILING_MEASURE = /^(.*?[a-z)])\s+((?:\d+\s)?[\d./]+\s?[a-z]{1,12}\.?)$/i;
const TRAILING_LENGTH =
	/^(.+?)\s+((?:about |approximately |approx\.? )?[\d./ ]+\s*(?:in\.?|inch(?:es)?|ft\.?|feet|foot|cm|mm|m|yards?|yd\.?|"|')\s+(?:long|in length))$/i;

/** Takes an amount off the end of a name: "cardboard tubes x4", "string 24 in long". */
function trailingAmount(thing: Thing, name: string): string {
	const count = TRAILING_COUNT.exec(name);
	if (count && thing.quantity === null && !thing.vague) {
		takeTrailing(thing, amountAt(count[2] ?? count[3] ?? count[4]));
		return count[1].trim();
	}
	const measured = TRAILING_MEASURE.exec(name);
	const amount = measured && thing.quantity === null && !thing.vague ? amountAt(measured[2]) : null;
	if (measured && amount?.quantity && amount.unit && amount.rest === '') {
		const isOfLength = dimensionOf(amount.unit) === 'length';
		if (!isOfLength || BY_LENGTH.has(singularWord(headWord(measured[1])))) {
			takeTrailing(thing, amount);
			return measured[1].trim();
		}
	}
	const long = TRAILING_LENGTH.exec(name);
	const length = long && lengthOf(long[2]);
	if (length) {
		thing.name = long[1];
		if (setLength(thing, length)) return thing.name;
		thing.notes.push(long[2]);
		return long[1];
	}
	return name;
}

/**
 * Applies what follows a thing after a comma or stands behind it in brackets: an amount, a colour,
 * a kind, or a remark. Answers false when it is none of these and so may be a thing of its own.
 */
export function applyPart(thing: Thing, part: string, mayBeThing = false): boolean {
	const scope = thingScope(part);
	const { per, groupSize } = thing;
	if (scope.per && per === null) Object.assign(thing, scope.per);
	const isApplied = applyRest(thing, scope.rest, mayBeThing);
	// What is a thing of its own says its scope for itself.
	if (!isApplied) Object.assign(thing, { per, groupSize });
	return isApplied;
}

function applyRest(thing: Thing, rest: string, mayBeThing: boolean): boolean {
	const bracket = BRACKET.exec(rest);
	if (bracket && !rest.startsWith('(')) {
		const bare = (rest.slice(0, bracket.index) + rest.slice(bracket.index + bracket[0].length)).trim();
		return applyPart(thing, bare, mayBeThing) && applyPart(thing, bracket[1].trim());
	}
	const text = rest.replace(/^each$/i, '').trim();
	if (text === '') return true;
	if (isMeasurement(text)) {
		thing.notes.push(text);
		return true;
	}
	const box = containerBehind(text);
	if (box && thing.quantity === null) {
		takeTrailing(thing, box);
		return true;
	}
	const [, per, what] = /^(.+?) (per [a-z]+)$/i.exec(text) ?? [];
	const ofEach = per ? amountAt(per) : null;
	if (ofEach?.quantity && ofEach.rest === '' && thing.quantity === null) {
		// "pH strips, 1 per sample": of how many, the list does not say.
		takeTrailing(thing, ofEach);
		thing.notes.push(what);
		return true;
	}
	const counted = / each$/i.test(text) && amountAt(text.replace(/ each$/i, ''));
	if (counted && counted.quantity && counted.rest === '' && thing.quantity === null) {
		takeTrailing(thing, counted);
		if (!thing.per) thing.doubts.push(DOUBT.each);
		return true;
	}
	if (/^optional\b/i.test(text)) {
		thing.optional = true;
		const more = text.replace(/^optional[\s,;:-]*/i, '');
		if (more) thing.notes.push(more);
		return true;
	}
	if (/^sets? of \d+$/i.test(text)) thing.doubts.push(DOUBT.set(text));
	if (AS_NEEDED.test(text)) {
		addRemark(thing, text);
		return true;
	}
	if (/^(?:left[- ]?over|saved|remaining) from /i.test(text)) {
		thing.notes.push(text);
		if (thing.quantity === null) markLeftOver(thing);
		return true;
	}
	const size =
		/^(?:(?:half|quarter|[\d./ ]+)[- ])(?:inch|foot|gallon|pint|quart|liter|litre|ounce|oz|cm|mm|ml)$/i.test(
			text
		);
	if (
		isColourOf(thing.name, text) ||
		isKind(text) ||
		/^(?:a[2-6]|letter|legal)(?:[- ]size)?$/i.test(text) ||
		/^[\d./]+ ?(?:"|in\.?|cm|mm|inch(?:es)?|ft)? ?x ?[\d./]+ ?(?:"|in\.?|cm|mm|inch(?:es)?|ft)?$/i.test(
			text
		) ||
		(size && (/-/.test(text) || VESSELS.has(headWord(thing.name))))
	) {
		thing.name = `${text} ${thing.name}`.trim();
		return true;
	}
	const length = lengthOf(text);
	if (length) {
		if (!setLength(thing, length)) thing.notes.push(text);
		return true;
	}
	const amount = amountAt(text);
	if (amount.quantity && amount.unit === null && isCounter(amount.rest) && thing.quantity === null) {
		// "lettuce, 1 head", "chart, 2 copies"
		takeTrailing(thing, amount);
		if (!/^(?:pieces?|copies|copy|each|count|total|items?)$/i.test(amount.rest))
			thing.name = `${singularWord(amount.rest.toLowerCase())} of ${thing.name}`;
		return true;
	}
	const isAmount = (amount.quantity !== null || amount.vague) && amount.rest === '';
	const onlyAbout = /^(?:about|approx\.?|approximately|at least)$/i.test(text);
	if (isAmount || onlyAbout) {
		const isLeft = thing.doubts.includes(DOUBT.leftOver);
		if (thing.quantity === null && (!thing.vague || isLeft) && isAmount) {
			takeTrailing(thing, amount);
			thing.doubts = thing.doubts.filter((doubt) => doubt !== DOUBT.leftOver);
		} else thing.notes.push(text);
		return true;
	}
	if (amount.quantity !== null && (isColour(amount.rest) || isRemark(amount.rest, true))) {
		if (/^(?:different )?(?:colou?rs|kinds|types|varieties|sizes|shades|flavors)$/i.test(amount.rest))
			thing.doubts.push(DOUBT.howMany);
		// "12 or more, any color": the amount counts when none was said before.
		if (thing.quantity === null && !isColour(amount.rest))
			takeTrailing(thing, { ...amount, notes: [...amount.notes, amount.rest] });
		else thing.notes.push(text);
		return true;
	}
	if (!mayBeThing || isRemark(text)) {
		addRemark(thing, text);
		return true;
	}
	return false;
}

/** Words that count a thing behind it and are no unit of their own. */
const COUNTER =
	/^(?:heads?|stalks?|slices?|pieces?|bars?|bundles?|cartons?|containers?|sets?|blocks?|loaf|loaves|ears?|cloves?|sprigs?|stems?|strips?|squares?|cop(?:y|ies)|pads?|reams?|cubes?|scraps?|cakes?|bricks?|wedges?|count|total|items?)$/i;

export const isCounter = (word: string): boolean => COUNTER.test(word);

/** "3 colors of clay": how much of each, the list does not say. */
const SEVERAL_KINDS = /^(?:different )?(?:colou?rs|kinds|types|varieties|sizes|shades|flavors) of /i;

/** "1 quart jar": one jar of that size, most likely. */
const SIZE_OR_AMOUNT = new RegExp(
	`^((?:1|an?|one) (?:cup|pint|quart|gallon|liter|litre|ounce|pound)) (${[...VESSELS].join('|')})\\b`,
	'i'
);

/** "Beads left over from Lesson 1": how much that is, the list does not say. */
const LEFT_OVER = /[\s,(]*\b((?:left[- ]?over|saved|remaining) from .*)$/i;

const PAPER_PIECE =
	/^(?:pieces?|sheets?) of ((?:.* )?(?:[a-z]*paper|cardstock|card stock|card|cardboard stock|vellum|parchment|newsprint))$/i;

/** The name as it is kept: lower case, singular, without articles. */
export function finishName(thing: Thing): void {
	let name = thing.name
		.toLowerCase()
		.replace(
			/^(?:an?|the|your|my|our|some|of|and|or|either|both|additional|more|extra(?= \w+ \w+ \w+ \w+))\s+/u,
			''
		)
		.replace(/^(?:the|your)\s+/u, '')
		.replace(/[\s,;:.!?-]+$/u, '')
		.replace(/^[\s,;:.!?'-]+/u, '')
		.replace(/\s+/gu, ' ');
	if (thing.unit === 'pair' && SINGLE_PAIRS.has(headWord(name))) thing.unit = 'each';
	const pair = /^pairs? of (.+)$/.exec(name);
	if (pair) name = pair[1];
	const piece = PAPER_PIECE.exec(name);
	if (piece && (thing.unit === null || thing.unit === 'each')) {
		thing.unit = 'sheet';
		name = piece[1];
	}
	thing.name = singularName(name);
}
