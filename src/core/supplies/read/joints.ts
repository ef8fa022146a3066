import { singularWord } from '../../naming/naming.ts';
import { COLOUR_THINGS, SIZES, MATERIALS, STATES, FIXED_COMPOUNDS } from '../../reference/list-words.ts';
import { DOUBT } from './doubts.ts';
import type { Part } from './parts.ts';
import { isColour, leadingColour } from './remarks.ts';
import type { Thing } from './thing.ts';

const MADE_OF = new Set(['plastic', 'wooden', 'metal', 'glass', 'ceramic']);

/**
 * Whether a name is only an adjective whose noun comes with the next part ("large and small bowls",
 * "paper or plastic cups"). Paper, felt or wire alone are things.
 */
export function waitsForNoun(name: string, next: Part | undefined): boolean {
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

/** Gives the things that are only a colour the noun that follows them. */
export function shareNouns(things: Thing[], joints: readonly Part[]): Thing[] {
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
export function group(things: Thing[], joints: readonly Part[]): Thing[] {
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
