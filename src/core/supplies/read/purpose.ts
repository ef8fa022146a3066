import { amountAt } from './amount.ts';
import { DOUBT } from './doubts.ts';
import { unitIsThing, startsNewThing } from './new-thing.ts';
import type { Part } from './parts.ts';
import { isRemark } from './remarks.ts';
import { thingScope } from './scope.ts';
import { type Thing, applyPart } from './thing.ts';

/** What a thing is for, as far as it has been read. */
export type Purpose = {
	readonly determined: boolean;
	readonly doing: boolean;
	/** Words that may be things of their own. */
	doubted: string;
};

export function purposeOf(note: string): Purpose | null {
	const found = /^(?:for|to)\s+(.+)$/i.exec(note.trim());
	if (!found || /^(?:each|every|the (?:class|family|group))\b/i.test(found[1])) return null;
	return {
		doubted: '',
		determined: /\b(?:the|your|our|his|her|its|their|each|an?)\s/i.test(`${found[1]} `),
		doing: /^[a-z]+ing$/i.test(found[1])
	};
}

/**
 * Whether a part still belongs to the purpose of the thing before it ("for the base, walls, and roof"), or is the
 * amount behind it. A part with an amount, an article or a purpose of its own is a new thing.
 */
export function goesOnWith(
	purpose: Purpose,
	part: Part,
	parts: readonly Part[],
	at: number
): { apply: (thing: Thing) => void } | null {
	const { text } = part;
	const amount = amountAt(thingScope(text).rest);
	if (amount.quantity !== null && (amount.rest === '' || (isRemark(amount.rest) && !unitIsThing(amount))))
		return { apply: (thing) => void applyPart(thing, text) };
	if (FILLER.test(text) || startsNewThing(text, '')) return null;
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
			if (!certain || purpose.doubted !== '') {
				purpose.doubted += `${purpose.doubted ? joint : ''}${text}`;
				thing.doubts = [DOUBT.purpose(purpose.doubted)];
			}
		}
	};
}

/** What ends a list and is no thing, or says that there may be more. */
export const FILLER =
	/^(?:etc\.?|etcetera|and so on|so on|so forth|and so forth|the like|and the like|more|others?|(?:plus )?(?:a (?:few|little) |some )?(?:extras?|more|spares?)(?: (?:for|to|if|as|in) .*)?)$/i;
