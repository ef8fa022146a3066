import { dimensionOf, isMeasured, convert } from '../../measure/convert.ts';
import { amountAt } from './amount.ts';
import { oneMoreOf, withoutPair, oneOfThese } from './asides.ts';
import { DOUBT } from './doubts.ts';
import { isHeading, splitLabel, isAmountOf } from './heading.ts';
import { indexed } from './indexed.ts';
import { waitsForNoun, shareNouns, group } from './joints.ts';
import { startsNewThing } from './new-thing.ts';
import { rowOf, normalize } from './normalize.ts';
import { withoutMarkup } from '../../pasted/index.ts';
import { type Part, partsOf } from './parts.ts';
import { type Purpose, purposeOf, goesOnWith, FILLER } from './purpose.ts';
import type { ReadLine } from './read-line.ts';
import { isRemark, isColour, isColourOf, leadingColour } from './remarks.ts';
import { lineScope, thingScope } from './scope.ts';
import { type Thing, readThing, applyPart, finishName } from './thing.ts';
import { withUnread } from './unread.ts';

/**
 * Reads one line of a printed supply list as a person wrote it. One line may name several things.
 * A heading, or a line without any thing, gives an empty list; what was taken for one can be read `asThings`.
 *
 *     readSupplyLine('1 1/2 cups flour or cornstarch, per child')
 *     // [{ quantity: 1.5, unit: 'cup', item: 'flour', per: 'child', or: [{ … item: 'cornstarch' }], … }]
 */
export function readSupplyLine(text: string, asThings = false): ReadLine[] {
	// Two blanks say as much as many, and many take long to read around.
	const gaps = text.replace(/ {3,}/g, '  ');
	if (gaps.length > 2 * LONGEST) return [unread(withoutGaps(gaps))];
	const row = rowOf(withoutMarkup(gaps), isAmountOf);
	const plain = withoutGaps(row);
	if (plain.length > LONGEST) return [unread(plain)];
	const line = normalize(plain);
	if (line === '' || !/[\p{L}]/u.test(line)) return [];
	if (!asThings && isHeading(line, plain)) return [];
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
		const [, what] =
			notes.map((note) => /^(?:per|for (?:each|every)) ([a-z]+)$/i.exec(note)).find(Boolean) ?? [];
		if (what) doubts.add(DOUBT.perWhat(what));
		return {
			quantity,
			amountSaid: thing.quantity !== null,
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

/** A gap says no more with a thousand blanks than with one, and many blanks take long to read around. */
export function withoutGaps(text: string): string {
	return text.replace(/\s{2,}/g, ' ');
}

/** A supply line is not longer than this many characters; what is, is kept for a person to look at. */
export const LONGEST = 1000;

export function unread(text: string): ReadLine {
	return {
		quantity: null,
		amountSaid: false,
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
		/\beach\b|\bor\b/.test(name) ||
		/\/0(?!\d)/.test(line) ||
		((name.match(/\p{L}{3,}/gu)?.length ?? 0) > 6 && !OF_MANY.test(name)) ||
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
	/^(.+?),?\s*\(?((?:about )?[\d./ -]+?(?:\s(?!of)[a-z.]+)?|one|two|three|an?\s+[a-z]+) (?:of )?each\)?$/i;

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
	const index = indexed(line);
	if (!index) return readParts(line);
	const things = readParts(index.line);
	if (!index.isSure) for (const thing of things) thing.doubts.push(DOUBT.oneThing(thing.name));
	return things;
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
				!startsNewThing(part.text, last.name) &&
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
					put(
						{ ...last, name: `${part.text} ${base}`, notes: [...last.notes], doubts: [...last.doubts] },
						part
					);
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
				put(
					{ ...last, name: `${part.text} ${base}`, notes: [...last.notes], doubts: [...last.doubts] },
					part
				);
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
			if (
				(part.comma || remarkAfterAnd) &&
				!startsNewThing(part.text, last.name) &&
				applyPart(last, part.text, true)
			) {
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

const joined = (part: Part) =>
	/^(?:extras?|more|spares?|a (?:few|little)|some)\b/i.test(part.text) ? `plus ${part.text}` : part.text;

/** "paint in red, blue and yellow" as the colours in front of the thing, where the rest of the reader expects them. */
function colourInFront(line: string): string {
	const found = /^(.+?) in ([a-z ,]+?)((?:,\s+(?:\d|about |one |two ).*)?)$/i.exec(line);
	if (!found || !found[2].split(/\s*,\s*(?:(?:and|or)\s+)?|\s+(?:and|or)\s+/i).every(isColour)) return line;
	if (/,|\s(?:and|or)\s/i.test(found[1])) return line;
	const { rest } = amountAt(found[1]);
	const front = rest === '' ? '' : found[1].slice(0, found[1].length - rest.length);
	return `${front}${found[2]} ${rest}${found[3]}`;
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

/** A colour after a comma goes in front of the thing before it, unless a later part brings the noun. */
function colourBelongsBefore(parts: readonly Part[], at: number): boolean {
	for (let i = at + 1; i < parts.length; i++) {
		if (isColour(parts[i].text)) continue;
		return leadingColour(parts[i].text) === null;
	}
	return true;
}
