import { MATERIALS, SIZES } from '../../reference/list-words.ts';
import { amountAt } from './amount.ts';
import { isColour, isRemark } from './remarks.ts';
import { lineScope, thingScope, type PerFound } from './scope.ts';

const PLACE_IN_PLAN =
	/^(?:lesson|day|week|unit|chapter|session|module|part|section|step|activity|experiment|project|topic|term|quarter|page|pages|book|wk|les)s?\.?\s+(?:#?\s?\d+[a-z]?|[ivxlc]+|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)\b/i;
const SUPPLY_WORD =
	/\b(?:materials?|supplies|supply list|ingredients|equipment|items|things|tools|you(?:'ll| will)? need|needed|need|shopping list)\b/i;
const VERB = '(?:gather|bring|collect|find|get|have ready|set out)';
const BARE_HEADING =
	/^(?:(?:the |your |basic |general |other |additional |craft |lesson |unit |household |optional |art |extra |needed )?(?:materials?|supplies|ingredients|equipment|supply list|materials list|shopping list|items)(?: (?:list|(?:needed|required)(?: for .*)?|you(?:'ll| will)? need|you need|for .*|to (?:gather|buy|collect).*))?|what you(?:'ll| will)? need.*|you(?:'ll| will)? need|things (?:you(?:'ll| will)? need|to (?:gather|buy|collect)).*|gather(?: these)?(?: supplies| materials)?|from (?:the|your|around the) (?:kitchen|house|home|store|pantry|garage|yard|recycling bin))$/i;
const NOTHING =
	/^(?:none|nothing|n\/?a|no (?:supplies|materials|special (?:supplies|materials))(?: (?:needed|required|today|for this lesson))?|none (?:needed|required))$/i;
const LIST_TITLE = /^(?:materials?|supply|supplies|shopping|ingredients?) lists?\b/i;
/** What guides print among the things that is about the lesson, or an address. */
const NO_LIST =
	/^(?:unit|theme|title|project title|(?:total |prep(?:aration)? |set-?up |lesson |class )?time(?: needed| required)?|duration|prep(?:aration)?|set-?up|(?:teacher )?notes?(?: (?:to|for) [a-z]+)?|tips?|objectives?|goals?|skills?|vocabulary|ages?|grades?|grade levels?|subjects?|topics?|standards?|caution|warning|safety|important|reminder|remember|directions?|instructions?|procedure|steps?|concepts?|reading|read|pages?|video|watch|discussion|questions?|ask)\s*:\s+\S|^(?:https?:\/\/|www\.)\S+$/i;
const LABELLED = /^((?:[^:()]|\([^()]*\)){1,90}?):\s+(\S.*)$/;
/** A place in the plan, and what may be things behind a dash ("Day 5 - 2 lemons, salt"). */
const PLACED = /^((?:lesson|day|week|session|activity|experiment|wk)\s+\d+[a-z]?),\s+([^:]+)$/i;

/** Whether a line only says where in the plan one is, or that things follow. */
export function isHeading(line: string, written: string): boolean {
	const text = line.replace(/:$/, '').trim();
	if (line.endsWith(':')) return true;
	if (NOTHING.test(text) || NO_LIST.test(text)) return true;
	const [, label, things] = LABELLED.exec(line) ?? PLACED.exec(line) ?? [];
	if (label && PLACE_IN_PLAN.test(label)) return !SUPPLY_WORD.test(label) && !saysAmount(things);
	if (things) return /^#{1,6} /.test(written.trim());
	if (BARE_HEADING.test(text) || LIST_TITLE.test(text)) return true;
	if (/^(?:[A-Z]+ )?(?:SUPPLIES|MATERIALS|INGREDIENTS)\b/.test(text) && text === text.toUpperCase())
		return true;
	if (/^#{1,6} /.test(written.trim())) return true;
	return PLACE_IN_PLAN.test(text);
}

/** "Day 3: 2 eggs, 1 cup milk" names things, "Lesson 4: 5 Senses" and "Lesson 2: scissors, glue, tape" may be titles. */
function saysAmount(things: string): boolean {
	const parts = things.split(/\s*[,;]\s*(?:(?:and|plus)\s+)?|\s+(?:and|plus)\s+/i);
	const isTitle = parts.length === 1 && things !== things.toUpperCase() && !/(?:^|\s)[a-z]{3}/.test(things);
	return (
		!isTitle &&
		parts.some((part) => {
			const amount = amountAt(part);
			const behind = /\((\d[^()]*)\)$/.exec(part)?.[1];
			if (behind && amountAt(behind).rest === '') return true;
			return (
				amount.quantity !== null &&
				(amount.rest !== '' || amount.unitWord !== null) &&
				amount.rest !== part &&
				!/^an? /i.test(part)
			);
		})
	);
}

/** What stands in front of the things of a line, and what it says of each of them. */
export type Label = {
	readonly rest: string;
	readonly per: PerFound | null;
	readonly optional: boolean;
	readonly note: string | null;
};

const IN_FRONT = new RegExp(
	`^(?:(?:what )?(?:you(?:'ll| will)?(?: also)? need|we(?:'ll| will)? need)|${VERB}(?: these| the following| together)?)\\s*[:,]?\\s+(?=\\S)`,
	'i'
);
const PURPOSE = /^(?:for|to make|to build|to create|to do|to) (?!each\b|every\b)\S/i;
const AVAILABLE =
	/^(?:if (?:available|possible|you have (?:it|them|one|some)|desired|you (?:like|wish|want))|nice to have|optional)$/i;

/**
 * Takes a label off the things behind it. One that says only that things follow is dropped ("Materials: scissors,
 * glue"); what it says of for whom, of optional, or of a purpose holds for each of them. One that is itself the
 * thing ("Flour: 2 cups", "Paint: red, blue") is put with what it labels.
 */
export function splitLabel(line: string): Label {
	const plain = { rest: line, per: null, optional: false, note: null };
	const [, label, rest] = LABELLED.exec(line) ?? PLACED.exec(line) ?? [];
	if (!label || !rest) return { ...plain, rest: line.replace(IN_FRONT, '') };
	if (PLACE_IN_PLAN.test(label)) return splitLabel(rest);
	if (/\beach(?: of)?$/i.test(label) && amountAt(label.replace(/\s*\beach(?: of)?$/i, '')).quantity)
		return { ...plain, rest: `${label} ${rest}` };
	const scope = thingScope(label);
	const optional = /\boptional\b/i.test(scope.rest);
	const core = scope.rest
		.replace(/\boptional\b/gi, '')
		.replace(/[(),]/g, ' ')
		.replace(/\s+/g, ' ')
		.trim();
	const ahead = { rest, per: scope.per, optional, note: null };
	if (core === '' || new RegExp(`^${VERB}$`, 'i').test(core)) return ahead;
	if (AVAILABLE.test(core)) return { ...ahead, optional: true };
	const first = amountAt(core);
	if (first.quantity !== null && first.rest === '')
		return { ...ahead, per: null, rest: `${core} ${scope.per ? withScope(rest, label) : rest}` };
	if (PURPOSE.test(core) && !SUPPLY_WORD.test(core)) return { ...ahead, note: core };
	if (SUPPLY_WORD.test(core)) return ahead;
	if (isAmountOf(rest)) {
		// "Cups: 2, plates: 4" labels each of its own.
		return { ...plain, rest: `${label}, ${rest.replace(/(, [^,:]+):(?= )/g, '$1,')}` };
	}
	const [, amount, each] = /^(.{1,30}?) each(?: of)?:? (.+)$/i.exec(rest) ?? [];
	const ofEach = each?.split(/\s*,\s*(?:and\s+)?|\s+and\s+/) ?? [];
	if (amount && ofEach.every(isColour))
		return { ...plain, rest: `${amount} each of ${ofEach.map((colour) => `${colour} ${label}`).join(', ')}` };
	const kinds = rest.split(/\s*,\s*(?:and\s+)?|\s+and\s+/);
	if (kinds.every(isColour))
		return { ...plain, rest: kinds.map((colour) => `${colour} ${label}`).join(', ') };
	if (kinds.every((kind) => isCountOfKind(kind)))
		return { ...plain, rest: kinds.map((kind) => `${kind} ${label}`).join(', ') };
	return { ...ahead, note: core };
}

/** "1 large", of something. */
function isCountOfKind(text: string): boolean {
	const amount = amountAt(text);
	const words = amount.rest.toLowerCase().split(' ');
	return amount.quantity !== null && words.every((word) => SIZES.has(word) || MATERIALS.has(word));
}

/** Puts what a label says of for whom behind the first thing that it labels, which it belongs to. */
function withScope(rest: string, label: string): string {
	const said = label.slice(label.search(/\b(?:per|for|each|every)\b/i));
	return `${rest} ${said}`;
}

/** Whether a text is only an amount, with for whom and remarks ("2 per child, washed"). */
export function isAmountOf(text: string): boolean {
	const front = lineScope(text.split(/\s*[,;]\s*/)[0]).rest;
	const amount = amountAt(
		thingScope(front)
			.rest.replace(/\([^()]*\)/g, ' ')
			.trim()
	);
	const said = amount.quantity !== null || amount.vague;
	return said && (amount.rest === '' || /^each$/i.test(amount.rest) || isRemark(amount.rest));
}

/** Whether a heading only says that things follow ("Supplies:", "What you will need"). */
export function onlyAnnounces(line: string): boolean {
	const text = line.replace(/:$/, '').trim();
	return line.endsWith(':') || BARE_HEADING.test(text) || LIST_TITLE.test(text) || NOTHING.test(text);
}

export type HeadingScope = { readonly per: PerFound | null; readonly optional: boolean };

/**
 * What a heading says of the lines below it; null where it says nothing.
 *
 *     headingScope('Materials for each child:')   // { per: { per: 'child', groupSize: null }, optional: false }
 */
export function headingScope(line: string): HeadingScope | null {
	const text = line.replace(/:$/, '');
	if (PLACE_IN_PLAN.test(text)) return null;
	const { per } = thingScope(text);
	const optional = /^optional\b|\(optional\)|^if (?:available|possible|you have)|^nice to have/i.test(text);
	return per || optional ? { per, optional } : null;
}

/** Whether a line that was taken for a heading may well name things: "Lesson 2: scissors, glue, tape". */
export function mayBeThings(line: string): boolean {
	const [, label, things] = LABELLED.exec(line) ?? PLACED.exec(line) ?? [];
	return label !== undefined && PLACE_IN_PLAN.test(label) && /^\p{Ll}/u.test(things) && !NOTHING.test(things);
}
