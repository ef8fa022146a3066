import { amountAt } from './amount.ts';
import { isColour } from './remarks.ts';

const PLACE_IN_PLAN =
	/^(?:lesson|day|week|unit|chapter|session|module|part|section|step|activity|experiment|project|topic|term|quarter|page|pages|book)s?\s+(?:#?\s?\d+[a-z]?|[ivxlc]+|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)\b/i;
const SUPPLY_WORD =
	/\b(?:materials?|supplies|supply list|ingredients|equipment|items|things|tools|you(?:'ll| will)? need|needed|need|shopping list)\b/i;
const BARE_HEADING =
	/^(?:(?:the |your |basic |general |other |additional |craft |lesson |unit |household |optional |art )?(?:materials?|supplies|ingredients|equipment|supply list|materials list|shopping list|items)(?: (?:list|(?:needed|required)(?: for .*)?|you(?:'ll| will)? need|you need|for .*|to (?:gather|buy|collect).*))?|what you(?:'ll| will)? need.*|you(?:'ll| will)? need|things (?:you(?:'ll| will)? need|to (?:gather|buy|collect)).*|gather(?: these)?(?: supplies| materials)?|from (?:the|your|around the) (?:kitchen|house|home|store|pantry|garage|yard|recycling bin))$/i;
const NOTHING =
	/^(?:none|nothing|n\/?a|no (?:supplies|materials|special (?:supplies|materials))(?: (?:needed|required|today|for this lesson))?|none (?:needed|required))$/i;

/** Whether a line only says where in the plan one is, or that things follow. */
export function isHeading(line: string, written: string): boolean {
	const text = line.replace(/:$/, '').trim();
	if (line.endsWith(':')) return true;
	if (NOTHING.test(text) || BARE_HEADING.test(text)) return true;
	if (/^(?:[A-Z]+ )?(?:SUPPLIES|MATERIALS|INGREDIENTS)\b/.test(text) && text === text.toUpperCase())
		return true;
	if (/^#{1,6} /.test(written.trim())) return true;
	if (!PLACE_IN_PLAN.test(text)) return false;
	const colon = text.indexOf(':');
	return colon < 0 || !SUPPLY_WORD.test(text.slice(0, colon));
}

/**
 * Drops a label before things ("Materials: scissors, glue"). A label that is itself the thing
 * ("Flour: 2 cups", "Paint: red, blue") is put with what it labels.
 */
export function splitLabel(line: string): string {
	const found = /^([^:()]{1,70}):\s+(.+)$/.exec(line);
	if (!found) return line;
	const [, label, rest] = found;
	if (/\beach(?: of)?$/i.test(label) && amountAt(label.replace(/\s*\beach(?: of)?$/i, '')).quantity)
		return `${label} ${rest}`;
	if (
		/^optional$/i.test(label) ||
		(/^(?:for |per |each |every )/i.test(label) &&
			/\b(?:child|children|student|person|kid|learner|pair|group|team|two|\d)/i.test(label))
	)
		return line;
	const onePer = /^(one|two|\d+)\s+((?:per|for each|for every) .+)$/i.exec(label);
	if (onePer) return `${onePer[1]} ${rest} ${onePer[2]}`;
	if (SUPPLY_WORD.test(label)) return rest;
	const amount = amountAt(rest);
	if (amount.quantity !== null && amount.rest === '') return `${label}, ${rest}`;
	const colours = rest.split(/\s*,\s*(?:and\s+)?|\s+and\s+/);
	if (colours.every(isColour)) return colours.map((colour) => `${colour} ${label}`).join(', ');
	return rest;
}
