/** For whom an amount is meant. */
export type Per = 'family' | 'child' | 'pair' | 'group';

export type Scope = { readonly per: Per; readonly groupSize: number | null; readonly optional: boolean };

/** What one remark says about for whom a thing is, or null. */
export type PerFound = { readonly per: Per; readonly groupSize: number | null };

const CHILD =
	'(?:child(?:ren)?|kids?|students?|persons?|people|learners?|pupils?|participants?|makers?|kiddos?)';
const EACH = '(?:per|for each|for every|to each|each|every)';
const NUMBER = '(?:\\d+|two|three|four|five|six|seven|eight|nine|ten|twelve)';
const WORDS: Readonly<Record<string, number>> = {
	two: 2,
	three: 3,
	four: 4,
	five: 5,
	six: 6,
	seven: 7,
	eight: 8,
	nine: 9,
	ten: 10,
	twelve: 12
};

const PER = [
	`${EACH} (?:small )?(?:group|team)(?:,? \\(?(?:of )?(?<groupOf>${NUMBER})(?<groupTo>(?:-| to | or )${NUMBER})?(?: ${CHILD})?\\)?)?`,
	`${EACH} (?<everyOf>${NUMBER}) ${CHILD}`,
	`${EACH} (?:pair|partners|two|2)(?: of)?(?: ${CHILD})?`,
	`${EACH} ${CHILD}|\\/ ?${CHILD}`,
	`(?:per|for each|for the(?: whole| entire)?) (?:family|household|class)`
].map((pattern) => `(?:${pattern})`);

const SOURCE = PER.map((pattern, i) => `(?<p${i}>${pattern})`).join('|');
const ANYWHERE = new RegExp(`(?:^|[\\s,(])\\(?(?:${SOURCE})\\)?(?![\\w-])`, 'i');
const AT_END = new RegExp(`[\\s,(]*(?:${SOURCE})\\)?$`, 'i');
const AT_START = new RegExp(
	`^(?:${SOURCE})(?:(?: will| should| may)? (?:needs?|gets?|has|have|uses?))?\\s*(?::|,)?\\s+(?=\\S)`,
	'i'
);

function perOf(found: RegExpExecArray): PerFound {
	const groups = found.groups!;
	const written = groups.groupOf ?? groups.everyOf;
	// "per group of 3-4": whether three or four cannot be known here.
	const size = written && !groups.groupTo ? (WORDS[written.toLowerCase()] ?? Number(written)) : null;
	if (groups.p0) return { per: 'group', groupSize: size };
	if (groups.p1)
		return size === 2
			? { per: 'pair', groupSize: null }
			: size === 1
				? { per: 'child', groupSize: null }
				: { per: 'group', groupSize: size };
	if (groups.p2) return { per: 'pair', groupSize: null };
	return { per: groups.p3 ? 'child' : 'family', groupSize: null };
}

const IF_WANTED =
	'(?:optional|if desired|if you (?:like|wish|want)|not required|nice to have|if available|if you have (?:it|one|them|some|any))';
const OPTIONAL_START = new RegExp(
	`^(?:\\(?optional\\)?\\s*(?::|,|-)?|if (?:available|possible|you have (?:it|one|them)),)\\s+(?=\\S)`,
	'i'
);
const OPTIONAL_END = new RegExp(`[\\s,;(-]*\\(?${IF_WANTED}(?:[,:;] ([^()]*))?\\)?$`, 'i');

/**
 * Takes off what is said of the whole line, in front or at its end: for whom, and "optional".
 * Answers the rest of the text, and what was said.
 */
export function lineScope(text: string): {
	rest: string;
	per: PerFound | null;
	optional: boolean;
	note: string | null;
} {
	let rest = text;
	let per: PerFound | null = null;
	let optional = false;
	let note: string | null = null;
	for (let again = true; again;) {
		again = false;
		const startsOptional = OPTIONAL_START.exec(rest);
		if (startsOptional) {
			rest = rest.slice(startsOptional[0].length);
			optional = again = true;
		}
		const endsOptional = OPTIONAL_END.exec(rest);
		if (endsOptional && endsOptional.index > 0) {
			rest = closed(rest.slice(0, endsOptional.index));
			note = endsOptional[1] ?? note;
			optional = again = true;
		}
		const start = per ? null : AT_START.exec(rest);
		if (start) {
			per = perOf(start);
			rest = rest.slice(start[0].length);
			again = true;
		}
		// Behind a semicolon it is said of the last thing alone.
		const end = per || rest.includes(';') ? null : AT_END.exec(rest);
		if (end && end.index > 0) {
			per = perOf(end);
			rest = closed(rest.slice(0, end.index), /\)$/.test(end[0]));
			again = true;
		}
	}
	return { rest: rest.trim(), per, optional, note };
}

/** Closes a bracket that the taken-off words had closed: "notebook (1" → "notebook (1)". */
function closed(text: string, wasClosed = true): string {
	const open = text.split('(').length - text.split(')').length;
	return (open > 0 && wasClosed ? text + ')' : text).replace(/\(\s*\)/g, '').replace(/[\s,;-]+$/, '');
}

/** Takes off what a single thing within a line says of itself. */
export function thingScope(text: string): { rest: string; per: PerFound | null } {
	const found = ANYWHERE.exec(text);
	if (!found) return { rest: text, per: null };
	const rest = (text.slice(0, found.index) + ' ' + text.slice(found.index + found[0].length))
		.replace(/\s+/g, ' ')
		.trim();
	return { rest, per: perOf(found) };
}
