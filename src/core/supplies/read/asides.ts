import { isMeasured } from '../../measure/convert.ts';
import type { Unit } from '../../reference/measures.ts';
import { amountAt } from './amount.ts';
import { type PerFound, thingScope } from './scope.ts';

type More = {
	readonly rest: string;
	readonly quantity: number;
	readonly unit: Unit | null;
	readonly note: string | null;
};

/** "1 notebook per child and one for the parent": one more of the last thing, for the family. */
export function oneMoreOf(line: string, per: PerFound | null): More | null {
	const found = ONE_MORE.exec(line);
	if (!found || found.index === 0) return null;
	const { count, extra, purpose } = found.groups!;
	if (!extra && !purpose) return null;
	const before = line.slice(0, found.index);
	const amount = amountAt(count.replace(/^another$/i, 'one'));
	if (!amount.quantity || amount.rest !== '' || (amount.unit && !isMeasured(amount.unit))) return null;
	const isOther = purpose !== undefined && FOR_OTHERS.test(purpose);
	if (!extra && !amount.unit && !per && !isOther && !thingScope(before).per) return null;
	return {
		rest: before,
		quantity: amount.quantity.valueOf(),
		unit: amount.unit,
		note: purpose ?? extra ?? null
	};
}

/** More of the same thing, where no amount per child stands in front either. */
const FOR_OTHERS =
	/^for (?:the |your |a )?(?:teacher|parent|leader|instructor|adult|helper|yourself|you)\b|^to (?:show|demonstrate)\b/i;

const ONE_MORE =
	/(?:,\s*(?:and|plus)?|\s+(?:and|plus))\s+(?<count>\d[\d./ ]*(?: (?!extra|more|spare|additional|for|to|as)[a-z]+)?|an?|another|one|two|three|four|five|six|ten)(?:\s+(?<extra>extras?|more|spares?|additional)(?: ones?)?)?(?:\s+(?<purpose>(?:for|to|as an?) [^,;]+))?$/i;

/** "per person or pair": for each child, and that it may be a pair is noted. */
export function withoutPair(line: string): { text: string; pair: string | null } {
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
export function oneOfThese(line: string): string {
	const found =
		/^(.*?)(?:[,;]?\s*(?:\b(?:and|plus)\s+)?)?\b(?:any |either )?(?:one|a choice|either|any) of (?:these|those|the following)(?: \w+)?\s*[:,]\s*(.+)$/i.exec(
			line
		);
	if (!found) return line;
	const choice = found[2].replace(/\s*[,;]\s*(?:(?:and|or)\s+)?|\s+and\s+/gi, ' or ');
	return found[1].trim() ? `${found[1].trim()}; ${choice}` : choice;
}
