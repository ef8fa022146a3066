import { convert, dimensionOf, isMeasured } from '../../measure/convert.ts';
import { singularWord } from '../../naming/naming.ts';
import { COLOUR_THINGS, FIXED_COMPOUNDS, MATERIALS, SIZES, STATES } from '../../reference/list-words.ts';
import type { Unit } from '../../reference/measures.ts';
import { amountAt, containerBehind, type Amount } from './amount.ts';
import { DOUBT } from './doubts.ts';
import { isAmountOf, isHeading, splitLabel } from './heading.ts';
import { normalize, rowOf, withoutMarkup } from './normalize.ts';
import { partsOf, type Part } from './parts.ts';
import { withUnread } from './unread.ts';
import { isColour, isColourOf, isRemark, leadingColour } from './remarks.ts';
import { lineScope, thingScope, type Per, type PerFound } from './scope.ts';
import { applyPart, finishName, isCounter, lengthOf, readThing, type Thing } from './thing.ts';

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
	/** What could not be read with confidence, in words for this line; a person should look. */
	readonly doubts: readonly string[];
	/** There is a doubt. */
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
	if (text.length > LONGEST * 20) return [unread(withoutGaps(text))];
	const row = rowOf(withoutMarkup(text), isAmountOf);
	const plain = withoutGaps(row);
	if (plain.length > LONGEST) return [unread(plain)];
	const line = normalize(plain);
	if (line === '' || !/[\p{L}]/u.test(line) || isHeading(line, plain)) return [];
	const front = splitLabel(oneOfThese(line));
	const { text: single, pair } = withoutPair(front.rest);
	const scope = lineScope(single);
	const label = splitLabel(scope.rest);
	const inner = lineScope(label.rest);
	const rest = inner.rest;
	const per = scope.per ?? inner.per ?? label.per ?? front.per;
	const optional = scope.optional || inner.optional || label.optional || front.optional;
	const common = [scope.note ?? inner.note, label.note, front.note, pair].filter((note) => note !== null);

	const more = oneMoreOf(rest, per);
	const things = withoutBlanks(readThings(more?.rest ?? rest));
	const read = things.map((thing): ReadLine => {
		const whole = thing.per ? thing : (per ?? { per: 'family' as const, groupSize: null });
		const vague = thing.quantity === null && thing.vague;
		const quantity = vague ? null : (thing.quantity?.valueOf() ?? 1);
		const unit = thing.unit ?? 'each';
		const notes = [...thing.notes, ...common].map((n) => n.trim()).filter(Boolean);
		const doubts = new Set(thing.doubts);
		if (vague && doubts.size === 0) doubts.add(DOUBT.amount);
		if (whole.per === 'group' && whole.groupSize === null) doubts.add(DOUBT.groupSize);
		if (pair) doubts.add(DOUBT.orPair);
		if (isOdd(thing.name, rest)) doubts.add(DOUBT.odd);
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
			note: notes.join('; ') || null,
			doubts: [...doubts],
			check: doubts.size > 0
		};
	});
	const last = read.at(-1);
	if (more && last) {
		const { quantity, note } = more;
		const unit = more.unit ?? last.unit;
		read.push({ ...last, quantity, to: null, unit, per: 'family', groupSize: null, or: [], note });
	}
	return withUnread(rest, read);
}

type More = {
	readonly rest: string;
	readonly quantity: number;
	readonly unit: Unit | null;
	readonly note: string | null;
};

/** "1 notebook per child and one for the parent": one more of the last thing, for the family. */
function oneMoreOf(line: string, per: PerFound | null): More | null {
	const found = ONE_MORE.exec(line);
	if (!found || found.index === 0) return null;
	const { count, extra, purpose } = found.groups!;
	if (!extra && !purpose) return null;
	const before = line.slice(0, found.index);
	const amount = amountAt(count.replace(/^another$/i, 'one'));
	if (!amount.quantity || amount.rest !== '' || (amount.unit && !isMeasured(amount.unit))) return null;
	if (!extra && !amount.unit && !per && !thingScope(before).per) return null;
	return {
		rest: before,
		quantity: amount.quantity.valueOf(),
		unit: amount.unit,
		note: purpose ?? extra ?? null
	};
}

const ONE_MORE =
	/(?:,\s*(?:and|plus)?|\s+(?:and|plus))\s+(?<count>\d[\d./ ]*(?: (?!extra|more|spare|additional|for|to|as)[a-z]+)?|an?|another|one|two|three|four|five|six|ten)(?:\s+(?<extra>extras?|more|spares?|additional)(?: ones?)?)?(?:\s+(?<purpose>(?:for|to|as an?) [^,;]+))?$/i;

/** "per person or pair": for each child, and that it may be a pair is noted. */
function withoutPair(line: string): { text: string; pair: string | null } {
	const found =
		/\b(per|for each|for every|each) (person|child|student|kid|learner|pupil) (or (?:per |for each )?(?:pair|group|team|family|partners))\b/i.exec(
			line
		);
	if (!found) return { text: line, pair: null };
	const end = found.index + found[0].length;
	return {
		text: `${line.slice(0, found.index)}${found[1]} ${found[2]}${line.slice(end)}`,
		pair: found[3]
	};
}

/** "a ruler and one of these: pen or pencil" as a ruler, and a pen with an alternative. */
function oneOfThese(line: string): string {
	const found =
		/^(.*?)(?:[,;]?\s*(?:\b(?:and|plus)\s+)?)?\b(?:any |either )?(?:one|a choice|either|any) of (?:these|those|the following)(?: \w+)?\s*[:,]\s*(.+)$/i.exec(
			line
		);
	if (!found) return line;
	const choice = found[2].replace(/\s*[,;]\s*(?:(?:and|or)\s+)?|\s+and\s+/gi, ' or ');
	return found[1].trim() ? `${found[1].trim()}; ${choice}` : choice;
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
		note: null,
		doubts: [DOUBT.long],
		check: true
	};
}

/** "ask an adult to cut the bottles": something to do, and no thing. */
const ASKS =
	/^(?:do|read|reread|ask|watch|look|go|remember|make|note|soak|cut|prepare|precut|pre-cut|use|let|try|keep|put|place|fill|add|mix|pour|review|discuss|print|copy|download|invite|talk|tell|write|draw|choose|decide|allow|save|visit|listen|pick|clean up|wash) (?!of\b)(?:\S+ ){1,}\S+$/i;

/** What is no plausible name: one letter, half a number, a fraction over nothing. */
function isOdd(name: string, line: string): boolean {
	return (
		name.length < 2 ||
		/^(?:e\d|[\d./]+$|[/.,])/.test(name) ||
		/^\d+\/\d+ /.test(name) ||
		/\beach\b/.test(name) ||
		/\/0(?!\d)/.test(line) ||
		(name.split(' ').length > 7 && !OF_MANY.test(name)) ||
		ASKS.test(name)
	);
}

/** Finishes the names; what turned out to have none gives way to its alternatives. */
function withoutBlanks(things: Thing[]): Thing[] {
	for (const thing of things) for (const one of [thing, ...thing.alternatives]) finishName(one);
	return things.flatMap((thing) => {
		const alternatives = thing.alternatives.filter((other) => other.name !== '');
		if (thing.name !== '') return [{ ...thing, alternatives }];
		const [first, ...rest] = alternatives;
		return first
			? [{ ...first, optional: thing.optional, doubts: [...first.doubts, DOUBT.odd], alternatives: rest }]
			: [];
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
	// "lemon, lime, or orange": colours that are things, with no noun behind them.
	if (
		isColour(name) &&
		!(COLOUR_THINGS.has(name.toLowerCase()) && COLOUR_THINGS.has(next.text.toLowerCase())) &&
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
	const parts = amountsInFront(partsOf(withSummedAmount(colourInFront(line))));
	const put = (thing: Thing, part: Part) => {
		things.push(thing);
		joints.push(part);
	};
	let swallowing = false;
	let purpose: Purpose | null = null;
	parts.forEach((part, i) => {
		const last = things.at(-1);
		if (last && !last.pending && purpose && part.separator !== ';') {
			const goesOn = goesOnWith(purpose, part, parts, i);
			if (goesOn) {
				goesOn.apply(last);
				return;
			}
		}
		purpose = null;
		if (last && !last.pending && part.separator !== 'or') {
			if (swallowing && !/^\d/.test(part.text)) {
				last.notes.push(part.text);
				return;
			}
			swallowing = false;
			if (
				OF_MANY.test(last.name) &&
				!startsNewThing(part.text) &&
				!isRemark(part.text) &&
				!/^an? /i.test(part.text)
			) {
				const more = readThing(part.text);
				last.name += part.separator === ',' ? `, ${more.name}` : ` ${part.separator} ${more.name}`;
				last.notes.push(...more.notes);
				return;
			}
			if (FILLER.test(part.text)) {
				last.notes.push(joined(part));
				return;
			}
			if (isColourOf(last.name, part.text) && part.comma && colourBelongsBefore(parts, i)) {
				if (part.separator === 'and' || isColour(parts[i - 1].text)) {
					const base = last.name.replace(/^\S+\s+/, '');
					put({ ...last, name: `${part.text} ${base}`, notes: [...last.notes] }, part);
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
				put({ ...last, name: `${part.text} ${base}`, notes: [...last.notes] }, part);
				return;
			}
			const next = parts[i + 1];
			if (
				part.comma &&
				next?.separator === 'and' &&
				!next.comma &&
				isRemark(`${part.text} and ${next.text}`)
			) {
				// "whites and yolks separated": what was cut apart at "and" is one remark.
				last.notes.push(part.text);
				return;
			}
			const ofRemark = part.separator === 'and' && !part.comma && last.notes.at(-1) === parts[i - 1].text;
			if (ofRemark && isRemark(`${parts[i - 1].text} and ${part.text}`)) {
				last.notes.push(`${last.notes.pop()!} and ${part.text}`);
				return;
			}
			const remarkAfterAnd =
				part.separator === 'and' &&
				!part.comma &&
				isRemark(part.text) &&
				(last.notes.length > 0 || /^(?:an?y |optional)/i.test(part.text));
			if ((part.comma || remarkAfterAnd) && !startsNewThing(part.text) && applyPart(last, part.text, true)) {
				if (/(?:such as|like|e\.g|including)/i.test(part.text)) swallowing = true;
				purpose = purposeOf(part.text);
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
		else purpose = thing.notes.map(purposeOf).find((one) => one !== null) ?? null;
		thing.pending = waitsForNoun(thing.name, parts[i + 1]);
		put(thing, part);
	});
	return group(shareNouns(things, joints), joints);
}

/** "recording of frogs, owls and whales": what it shows or holds is a list of its own. */
const OF_MANY =
	/^(?:.* )?(?:recordings?|pictures?|photos?|photographs?|images?|posters?|drawings?|maps?|videos?|songs?|charts?|diagrams?|stories|models?|collection|sets?|samples?|examples?|labels?) of /i;

/** What ends a list and is no thing, or says that there may be more. */
const FILLER =
	/^(?:etc\.?|etcetera|and so on|so on|so forth|and so forth|more|others?|(?:plus )?(?:a (?:few|little) |some )?(?:extras?|more|spares?)(?: (?:for|to|if|as|in) .*)?)$/i;

const joined = (part: Part) =>
	/^(?:extras?|more|spares?|a (?:few|little)|some)\b/i.test(part.text) ? `plus ${part.text}` : part.text;

/** What a thing is for, as far as it has been read. */
type Purpose = { readonly words: string; readonly determined: boolean; readonly doing: boolean };

function purposeOf(note: string): Purpose | null {
	const found = /^(?:for|to)\s+(.+)$/i.exec(note.trim());
	if (!found || /^(?:each|every|the (?:class|family|group))\b/i.test(found[1])) return null;
	return {
		words: found[1],
		determined: /\b(?:the|your|our|his|her|its|their|each|an?)\s/i.test(`${found[1]} `),
		doing: /^[a-z]+ing$/i.test(found[1])
	};
}

/**
 * Whether a part still belongs to the purpose of the thing before it ("for the base, walls, and roof"), or is the
 * amount behind it. A part with an amount, an article or a purpose of its own is a new thing.
 */
function goesOnWith(
	purpose: Purpose,
	part: Part,
	parts: readonly Part[],
	at: number
): { apply: (thing: Thing) => void } | null {
	const { text } = part;
	const amount = amountAt(thingScope(text).rest);
	if (amount.quantity !== null && (amount.rest === '' || (isRemark(amount.rest) && !unitIsThing(amount))))
		return { apply: (thing) => void applyPart(thing, text) };
	if (FILLER.test(text) || startsNewThing(text)) return null;
	if (/^(?:an?|some|\d)\s/i.test(text) || amount.vague || / (?:for|to) /i.test(text)) return null;
	if (isRemark(text) && part.comma) return null;
	// A list of what it is for ends in "and" or "or"; a purpose with "the" shares it with all of the list.
	const closes = parts.slice(at).find((one) => one.separator === 'and' || one.separator === 'or');
	const isDoing = /ing$/i.test(text.split(' ')[0]);
	const inOneBreath = !part.comma && part.separator !== ',' && (isDoing || !purpose.doing);
	const certain = inOneBreath || (purpose.determined && closes !== undefined) || (purpose.doing && isDoing);
	return {
		apply: (thing) => {
			const joint = part.separator === ',' ? ', ' : `${part.comma ? ',' : ''} ${part.separator} `;
			thing.notes.push(`${thing.notes.pop() ?? ''}${joint}${text}`);
			if (!certain) thing.doubts = [DOUBT.purpose(text)];
		}
	};
}

/** "paint in red, blue and yellow" as the colours in front of the thing, where the rest of the reader expects them. */
function colourInFront(line: string): string {
	const found = /^(.+?) in ([a-z ,]+)$/i.exec(line);
	if (!found || !found[2].split(/\s*,\s*(?:(?:and|or)\s+)?|\s+(?:and|or)\s+/i).every(isColour)) return line;
	if (/,|\s(?:and|or)\s/i.test(found[1])) return line;
	const { rest } = amountAt(found[1]);
	const front = rest === '' ? '' : found[1].slice(0, found[1].length - rest.length);
	return `${front}${found[2]} ${rest}`;
}

/** "1/4 cup per pair, cornstarch": an amount alone in front goes with the thing behind it. */
function amountsInFront(parts: readonly Part[]): Part[] {
	const [first, next, ...rest] = parts;
	if (!first || !next?.comma || next.separator === 'or') return [...parts];
	const scope = thingScope(first.text);
	const amount = amountAt(scope.rest);
	// A jar, a box or a roll in front may be the thing itself.
	const couldBeThing =
		amount.unit !== null &&
		!isMeasured(amount.unit) &&
		!['sheet', 'dozen', 'pinch', 'drop', 'handful'].includes(amount.unit);
	if (couldBeThing && !scope.per) return [...parts];
	if (amount.quantity === null || amount.rest !== '' || isAmountOf(next.text) || isRemark(next.text))
		return [...parts];
	const said = scope.per ? ` ${first.text.slice(scope.rest.length).trim()}` : '';
	return [{ ...first, text: `${scope.rest} ${next.text}${said}` }, ...rest];
}

/** "a tube for the chimney": the word for the unit is the thing. */
function unitIsThing(amount: Amount): boolean {
	const { unit, unitWord, rest } = amount;
	return unit !== null && unitWord !== null && !isMeasured(unit) && /^(?:for|to|with) /i.test(rest);
}

/** A number and a name of its own begin a new thing even after a comma. */
function startsNewThing(text: string): boolean {
	if (lengthOf(text) || containerBehind(text)) return false;
	const amount = amountAt(thingScope(text).rest);
	if (unitIsThing(amount)) return true;
	return (
		amount.quantity !== null &&
		amount.rest !== '' &&
		!isRemark(amount.rest) &&
		!isColour(amount.rest) &&
		!isRemark(text) &&
		!isCounter(amount.rest) &&
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
			next.vague ||= thing.vague && next.quantity === null;
			if (thing.quantity && !next.quantity) {
				next.quantity = thing.quantity;
				next.to = thing.to;
				if (joints[i + 1].separator === 'and' || joints[i + 1].separator === ',')
					for (const one of [thing, next]) one.doubts.push(DOUBT.howMany);
			}
			thing.per ??= next.per;
			thing.groupSize ??= next.groupSize;
			thing.notes.push(...next.notes);
		} else if (joints[i + 1].separator === 'or') {
			thing.doubts.push(DOUBT.shared(thing.name, next.name));
		} else {
			// "clean, dry bottle" is one bottle; "large and small bowls" wants a look at how many of each.
			const several = joints[i + 1].separator === 'and';
			next.name = [thing.name, several ? 'and' : '', next.name].filter(Boolean).join(' ');
			next.quantity ??= thing.quantity;
			next.unit ??= thing.unit;
			if (several) next.doubts.push(DOUBT.howMany);
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
		const marks = joints.slice(from + 1, to);
		const closing = marks.at(-1);
		// "scissors, glue or tape, and paper": the "and" behind makes the commas a list of things.
		const goesOn = to < things.length && joints[to].separator === 'and';
		const list =
			!goesOn &&
			marks.length > 1 &&
			closing?.separator === 'or' &&
			marks.slice(0, -1).every((mark) => mark.separator === ',') &&
			run.slice(1).every((thing) => thing.quantity === null || thing.trailing);
		run.forEach((thing, i) => {
			const first = groups.at(-1);
			const joins = i > 0 && (list || marks[i - 1].separator === 'or');
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
			first.doubts.push(...thing.doubts);
			const adjective = sharedAdjective(first.name, thing);
			if (adjective) first.doubts.push(DOUBT.shared(adjective, thing.name));
		});
		if (list && !closing.comma && !run[0].pending)
			groups.at(-1)!.doubts.push(DOUBT.anyOne(run.map((thing) => thing.name)));
		from = to;
	};
	for (let i = 1; i <= things.length; i++) {
		if (i === things.length || joints[i].separator === ';' || joints[i].separator === 'and') flush(i);
	}
	return groups;
}

/** "large bowl or jar": the word of which cannot be known whether it goes with the second, too. */
function sharedAdjective(first: string, second: Thing): string | null {
	const words = first.toLowerCase().split(' ');
	if (words.length < 2 || second.quantity !== null || second.unit !== null) return null;
	const front = words[0];
	if (FIXED_COMPOUNDS.has(`${front}-${singularWord(words[1])}`)) return null;
	const isAdjective = (word: string) =>
		SIZES.has(word) || MATERIALS.has(word) || STATES.has(word) || isColour(word);
	const other = second.name.toLowerCase().replace(/^(?:an?|the|your) /, '');
	const ownArticle = other !== second.name.toLowerCase();
	// "white glue or glue stick": two words say for themselves what they are.
	if (other.includes(' ')) return null;
	const shared =
		isAdjective(front) && !ownArticle && !isAdjective(other.split(' ')[0]) && leadingColour(other) === null;
	return shared ? front : null;
}
