import { convert, dimensionOf, isMeasured } from '../../measure/convert.ts';
import { singularWord } from '../../naming/naming.ts';
import { COLOUR_THINGS, FIXED_COMPOUNDS, MATERIALS, SIZES, STATES } from '../../reference/list-words.ts';
import type { Unit } from '../../reference/measures.ts';
import { amountAt } from './amount.ts';
import { isHeading, splitLabel } from './heading.ts';
import { normalize } from './normalize.ts';
import { partsOf, type Part } from './parts.ts';
import { isColour, isColourOf, isRemark, leadingColour } from './remarks.ts';
import { lineScope, type Per } from './scope.ts';
import { applyPart, finishName, lengthOf, readThing, type Thing } from './thing.ts';

export type Alternative = {
	readonly quantity: number | null;
	readonly unit: Unit;
	readonly item: string;
};

/** One thing of a supply list as read. Quantities are plain numbers; ⅓ is 1/3. */
export type ReadLine = {
	readonly quantity: number | null;
	/** The upper end of a range, else null. */
	readonly to: number | null;
	readonly unit: Unit;
	readonly item: string;
	readonly per: Per;
	/** Children to a group; null unless `per` is group, and then when the list does not say. */
	readonly groupSize: number | null;
	readonly optional: boolean;
	readonly or: readonly Alternative[];
	readonly note: string | null;
	/** Something could not be read with confidence; a person should look. */
	readonly check: boolean;
};

/**
 * Reads one line of a printed supply list as a person wrote it. One line may name several things.
 * A heading, or a line without any thing, gives an empty list.
 *
 *     readSupplyLine('1 1/2 cups flour or cornstarch, per child')
 *     // [{ quantity: 1.5, unit: 'cup', item: 'flour', per: 'child', or: [{ … item: 'cornstarch' }], … }]
 */
export function readSupplyLine(text: string): ReadLine[] {
	const plain = withoutGaps(text);
	if (plain.length > LONGEST) return [unread(plain)];
	const line = normalize(plain);
	if (line === '' || !/[\p{L}]/u.test(line) || isHeading(line, plain)) return [];
	const scope = lineScope(splitLabel(line));
	const labelled = lineScope(splitLabel(scope.rest));
	const rest = labelled.rest;
	const optional = scope.optional || labelled.optional;
	const per = scope.per ?? labelled.per;
	const note = scope.note ?? labelled.note;

	const things = withoutBlanks(readThings(rest));
	return things.map((thing) => {
		const whole = thing.per ? thing : (per ?? { per: 'family' as const, groupSize: null });
		const groupUnknown = whole.per === 'group' && whole.groupSize === null;
		const vague = thing.quantity === null && thing.vague;
		const quantity = vague ? null : (thing.quantity?.valueOf() ?? 1);
		const unit = thing.unit ?? 'each';
		return {
			quantity,
			to: thing.to?.valueOf() ?? null,
			unit,
			item: thing.name,
			per: whole.per!,
			groupSize: whole.groupSize,
			optional: optional || thing.optional,
			or: thing.alternatives.map((other) => ({
				quantity: other.quantity?.valueOf() ?? (other.vague ? null : quantity),
				unit: other.quantity || other.unit ? (other.unit ?? 'each') : unit,
				item: other.name
			})),
			note:
				[...thing.notes, ...(note ? [note] : [])]
					.map((n) => n.trim())
					.filter(Boolean)
					.join('; ') || null,
			check: thing.check || vague || groupUnknown || isOdd(thing.name, rest)
		};
	});
}

/** A gap says no more with a thousand blanks than with one, and many blanks take long to read around. */
export function withoutGaps(text: string): string {
	return text.replace(/\s{2,}/g, ' ');
}

/** A supply line is not longer than this many characters; what is, is kept for a person to look at. */
export const LONGEST = 1000;

function unread(text: string): ReadLine {
	return {
		quantity: null,
		to: null,
		unit: 'each',
		item: text.slice(0, 80).trim().toLowerCase(),
		per: 'family',
		groupSize: null,
		optional: false,
		or: [],
		note: 'too long to be read as one line',
		check: true
	};
}

/** What is no plausible name: one letter, half a number, a fraction over nothing. */
function isOdd(name: string, line: string): boolean {
	return (
		name.length < 2 ||
		/^(?:e\d|[\d./]+$|[/.,])/.test(name) ||
		/^\d+\/\d+ /.test(name) ||
		/\/0(?!\d)/.test(line)
	);
}

/** Finishes the names; what turned out to have none gives way to its alternatives. */
function withoutBlanks(things: Thing[]): Thing[] {
	for (const thing of things) for (const one of [thing, ...thing.alternatives]) finishName(one);
	return things.flatMap((thing) => {
		const alternatives = thing.alternatives.filter((other) => other.name !== '');
		if (thing.name !== '') return [{ ...thing, alternatives }];
		const [first, ...rest] = alternatives;
		return first ? [{ ...first, optional: thing.optional, check: true, alternatives: rest }] : [];
	});
}

const EACH_OF = /^(.*?)\b(?:each|every one)(?: of)?(?: the following)?:?\s+(.+)$/i;
const TRAILING_EACH =
	/^(.+?),?\s*\(?((?:about )?[\d./ ]+\s*[a-z.]*|one|two|three|an?\s+[a-z]+) (?:of )?each\)?$/i;

function readThings(line: string): Thing[] {
	const each = EACH_OF.exec(line);
	if (each) {
		const amount = amountAt(each[1].trim() || 'one');
		if (amount.quantity && amount.rest === '') return spread(readParts(each[2]), amount);
	}
	const trailing = TRAILING_EACH.exec(line);
	if (trailing && /,| and /.test(trailing[1])) {
		const amount = amountAt(trailing[2]);
		if (amount.quantity && amount.rest === '') return spread(readParts(trailing[1]), amount);
	}
	return readParts(line);
}

function spread(things: Thing[], amount: ReturnType<typeof amountAt>): Thing[] {
	return things.map((thing) =>
		thing.quantity
			? thing
			: {
					...thing,
					quantity: amount.quantity,
					to: amount.to,
					unit: thing.unit ?? amount.unit,
					notes: [...amount.notes, ...thing.notes]
				}
	);
}

const MADE_OF = new Set(['plastic', 'wooden', 'metal', 'glass', 'ceramic']);

/**
 * Whether a name is only an adjective whose noun comes with the next part ("large and small bowls",
 * "paper or plastic cups"). Paper, felt or wire alone are things.
 */
function waitsForNoun(name: string, next: Part | undefined): boolean {
	if (!next || name === '') return false;
	if (
		isColour(name) &&
		!(COLOUR_THINGS.has(name.toLowerCase()) && leadingColour(next.text) === null && !isColour(next.text))
	)
		return true;
	const words = name.toLowerCase().split(' ');
	if (words.every((word) => SIZES.has(word) || STATES.has(word) || MADE_OF.has(word))) return true;
	const [front, ...more] = next.text.toLowerCase().split(' ');
	return (
		next.separator === 'or' &&
		words.every((word) => MATERIALS.has(word)) &&
		MATERIALS.has(front) &&
		more.length > 0
	);
}

/** "2/3 cup plus 2 tbsp water" as one amount, in the first unit. */
function withSummedAmount(line: string): string {
	const found = /^(.+?) (?:plus|and) (.+)$/i.exec(line);
	if (!found) return line;
	const [first, second] = [amountAt(found[1]), amountAt(found[2])];
	if (!first.quantity || !first.unit || first.rest || !second.quantity || !second.unit || !second.rest)
		return line;
	if (!isMeasured(first.unit) || dimensionOf(first.unit) !== dimensionOf(second.unit)) return line;
	const sum = first.quantity.add(convert(second.quantity, second.unit, first.unit, null));
	return `${sum.toFraction(true)} ${first.unitWord} ${second.rest}`;
}

function readParts(line: string): Thing[] {
	const things: Thing[] = [];
	const joints: Part[] = [];
	const parts = partsOf(withSummedAmount(line));
	let swallowing = false;
	parts.forEach((part, i) => {
		const last = things.at(-1);
		if (last && !last.pending && part.separator !== 'or') {
			if (swallowing && !/^\d/.test(part.text)) {
				last.notes.push(part.text);
				return;
			}
			swallowing = false;
			if (isColourOf(last.name, part.text) && part.comma && colourBelongsBefore(parts, i)) {
				if (part.separator === 'and' || isColour(parts[i - 1].text)) {
					const base = last.name.replace(/^\S+\s+/, '');
					things.push({ ...last, name: `${part.text} ${base}`, notes: [...last.notes] });
					joints.push(part);
				} else applyPart(last, part.text);
				return;
			}
			if (
				part.separator === 'and' &&
				isColour(part.text) &&
				i > 0 &&
				isColour(parts[i - 1].text) &&
				colourBelongsBefore(parts, i)
			) {
				const base = last.name
					.split(' ')
					.slice(parts[i - 1].text.split(' ').length)
					.join(' ');
				things.push({ ...last, name: `${part.text} ${base}`, notes: [...last.notes] });
				joints.push(part);
				return;
			}
			const remarkAfterAnd =
				part.separator === 'and' &&
				!part.comma &&
				isRemark(part.text) &&
				(last.notes.length > 0 || /^(?:an?y |optional)/i.test(part.text));
			if ((part.comma || remarkAfterAnd) && !startsNewThing(part.text) && applyPart(last, part.text, true)) {
				if (/(?:such as|like|e\.g|including)/i.test(part.text)) swallowing = true;
				return;
			}
		} else if (
			last &&
			!last.pending &&
			part.separator === 'or' &&
			last.notes.length > 0 &&
			isRemark(part.text)
		) {
			last.notes.push(part.text);
			return;
		}
		if (last && part.separator === 'or' && swallowing) {
			last.notes.push(part.text);
			return;
		}
		const thing = readThing(part.text);
		if (/\b(?:such as|like|e\.g\.?|including) /i.test(part.text) && thing.notes.length) swallowing = true;
		thing.pending = waitsForNoun(thing.name, parts[i + 1]);
		things.push(thing);
		joints.push(part);
	});
	return group(shareNouns(things, joints), joints);
}

/** A number and a name of its own begin a new thing even after a comma. */
function startsNewThing(text: string): boolean {
	if (lengthOf(text)) return false;
	const amount = amountAt(text);
	return (
		amount.quantity !== null &&
		amount.rest !== '' &&
		!isRemark(amount.rest) &&
		!isColour(amount.rest) &&
		!isRemark(text) &&
		!/^(?:long|wide|tall|in length|or so|thick|across|high)/i.test(amount.rest)
	);
}

/** A colour after a comma goes in front of the thing before it, unless a later part brings the noun. */
function colourBelongsBefore(parts: readonly Part[], at: number): boolean {
	for (let i = at + 1; i < parts.length; i++) {
		if (isColour(parts[i].text)) continue;
		return leadingColour(parts[i].text) === null;
	}
	return true;
}

/** Gives the things that are only a colour the noun that follows them. */
function shareNouns(things: Thing[], joints: readonly Part[]): Thing[] {
	for (let i = things.length - 2; i >= 0; i--) {
		const thing = things[i];
		if (!thing.pending) continue;
		const next = things[i + 1];
		const colour = leadingColour(next.name);
		if (isColour(thing.name) && colour) {
			thing.name += next.name.slice(colour.length);
			if (thing.unit && !next.unit) next.unit = thing.unit;
			if (thing.quantity && !next.quantity) {
				next.quantity = thing.quantity;
				next.to = thing.to;
				if (joints[i + 1].separator === 'and' || joints[i + 1].separator === ',')
					thing.check = next.check = true;
			}
			thing.per ??= next.per;
			thing.groupSize ??= next.groupSize;
			thing.notes.push(...next.notes);
		} else if (joints[i + 1].separator === 'or') {
			thing.check = true;
		} else {
			// "clean, dry bottle" is one bottle; "large and small bowls" wants a look at how many of each.
			const several = joints[i + 1].separator === 'and';
			next.name = [thing.name, several ? 'and' : '', next.name].filter(Boolean).join(' ');
			next.quantity ??= thing.quantity;
			next.unit ??= thing.unit;
			next.check ||= several;
			thing.name = '';
		}
	}
	return things;
}

/** Brings "X or Y", "A, B, or C" together as one thing with alternatives. */
function group(things: Thing[], joints: readonly Part[]): Thing[] {
	const groups: Thing[] = [];
	let from = 0;
	const flush = (to: number) => {
		const run = things.slice(from, to);
		const marks = joints.slice(from + 1, to).map((part) => part.separator);
		const list =
			marks.length > 1 &&
			marks.at(-1) === 'or' &&
			marks.slice(0, -1).every((mark) => mark === ',') &&
			run.slice(1).every((thing) => thing.quantity === null || thing.trailing);
		run.forEach((thing, i) => {
			const first = groups.at(-1);
			const joins = i > 0 && (list || marks[i - 1] === 'or');
			if (!joins || !first) {
				groups.push(thing);
				return;
			}
			first.alternatives.push(thing);
			if (first.quantity === null && thing.trailing) {
				// "string or yarn, about 2 ft": the amount behind the last is meant for all.
				first.quantity = thing.quantity;
				first.to = thing.to;
				first.unit = thing.unit;
			}
			first.optional ||= thing.optional;
			first.notes.push(...thing.notes);
			first.per ??= thing.per;
			first.groupSize ??= thing.groupSize;
			first.check ||= thing.check || sharesAdjective(first.name, thing);
		});
		from = to;
	};
	for (let i = 1; i <= things.length; i++) {
		if (i === things.length || joints[i].separator === ';' || joints[i].separator === 'and') flush(i);
	}
	return groups;
}

/** "large bowl or jar": whether the second is large, too, cannot be known. */
function sharesAdjective(first: string, second: Thing): boolean {
	const words = first.toLowerCase().split(' ');
	if (words.length < 2 || second.quantity !== null || second.unit !== null) return false;
	const front = words[0];
	if (FIXED_COMPOUNDS.has(`${front}-${singularWord(words[1])}`)) return false;
	const isAdjective = (word: string) =>
		SIZES.has(word) || MATERIALS.has(word) || STATES.has(word) || isColour(word);
	const other = second.name.toLowerCase().replace(/^(?:an?|the|your) /, '');
	const ownArticle = other !== second.name.toLowerCase();
	// "white glue or glue stick": two words say for themselves what they are.
	if (other.includes(' ')) return false;
	return (
		isAdjective(front) && !ownArticle && !isAdjective(other.split(' ')[0]) && leadingColour(other) === null
	);
}
