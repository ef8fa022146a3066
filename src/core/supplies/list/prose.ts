/** What a sentence asks for, as lines that a list could have. */
export type Asked = { readonly text: string; readonly optional: boolean };

const GREETING =
	/^(?:dear|hello|hi|hey|greetings|welcome|good (?:morning|afternoon|evening)|thanks?|thank you|many thanks|with (?:thanks|love|gratitude)|sincerely|love|warmly|best|yours|cheers|see you|looking forward|happy|enjoy|p\.?\s?s)\b|^(?:any )?questions\?/i;
const WHO =
	"(?:you(?:'ll)?|we(?:'ll)?|each (?:child|student|kid|family|pair|group|team)|every (?:child|student|family|pair|one)|everyone|everybody|they(?:'ll)?|(?:the |your )?(?:children|students|kids|class)|(?:your|the) child|parents|families|this (?:lesson|week|day)|today(?:'s lesson)?)";
const NEEDS =
	'(?:(?:will|should|must|may|might|can|do|does) )?(?:also )?(?:(?:want|need|have|like|plan) to (?:bring|have|gather|use|get|buy|find|collect|save)(?: (?:ready|along|together|in))?|be (?:using|needing)|needs?|use|uses|requires?|want|wants|brings?|gathers?|collects?|have ready|have on hand|(?:is|are) (?:going )?to bring)';
const ASKS = new RegExp(`\\b${WHO} ${NEEDS}:? (.+)$`, 'i');
const ORDER =
	/^(?:so )?(?:please )?(?:also )?(?:remember to |be sure to |make sure to |don't forget to |try to |have (?:your|the|each) (?:child|children|student|students|kids) )?(?:also )?(?:bring|collect|gather|find|get|buy|send|pack|save|provide|have|supply|prepare|pick up|set out)(?: (?:in|along|us|together|out|up|on hand|ready|handy))? (.+)$/i;
const FORGET = /^(?:please )?(?:and )?don't forget (?:to bring |about )?(.+)$/i;
const IF_HAVE =
	/^(?:and )?if you (?:have|own|happen to have|can find|can spare) (.+?)(?: (?:at home|handy|around|lying around|already|to spare))?, (?:please )?(?:do )?(?:bring|send|pack) (?:it|them|one|some|that|those)\b.*$/i;
const NICE =
	/^(.+?) (?:would|will|could) (?:also )?be (?:nice|helpful|useful|great|handy|welcome|good|fun)(?: to have| too| as well)?\b.*$/i;
const ARE_NEEDED = /^(.+?) (?:is|are|will be) (?:also )?(?:needed|required|necessary|used)\b.*$/i;
const CONTRACTED: readonly (readonly [RegExp, string])[] = [
	[/[’‘]/g, "'"],
	[/\s+/g, ' ']
];

const LEADS =
	/^(?:for|in|on|during|at) (?:the )?(?:(?:first|second|third|last|next|fourth|fifth|this|our|these|each|every) )?(?:class|lesson|week|session|meeting|day|experiment|project|activity|time|(?:mon|tues|wednes|thurs|fri|satur|sun)day)s?\b[^,]{0,40}?,? (?=you|we|please|each|every|bring|the|they|everyone|collect|gather)/i;

/** What is said behind a thing about it being brought, and nothing of the thing. */
const TAIL =
	/(?:,? (?:as well|too|also|with you|with them|along|ready|handy|on hand|at hand|within reach|nearby|to class|to school|to the (?:meeting|lesson|class)|to (?:each|every|the first) (?:class|lesson|meeting)|for (?:this|the|that|our|each|every) (?:lesson|class|experiment|project|activity|unit|day|week|session|art|craft)(?: project| activity)?|from home|if (?:you can|possible)|by (?:then|next \w+|the \w+|\w+day)|this week|today|please))+$/i;

/** Whether a line is running text and not a thing with its amount. */
export function isProse(text: string): boolean {
	const plain = simple(text);
	if (GREETING.test(plain))
		return !/^(?:love|best|happy|enjoy) \S+(?: \S+)?$/i.test(plain) || /[,!.]$/.test(plain);
	const words = plain.split(' ').length;
	if (words < 4) return false;
	const ends = /[.!?]["”)]?$/.test(plain);
	const hasVerb =
		/\b(?:you|we|they|please|is|are|will|would|was|were|have|has|can|should|need|needs|bring|there|it's|i|i'm|let's|our|don't)\b/i.test(
			plain
		);
	if (/[.!?] [A-Z“"]/.test(plain) && hasVerb) return true;
	if (!/^[A-Z“"]/.test(plain)) return false;
	return (
		hasVerb &&
		(ends ? words > 4 : words > 7) &&
		(ASKS.test(plain) ||
			ends ||
			FORGET.test(plain) ||
			IF_HAVE.test(plain) ||
			LEADS.test(plain) ||
			/\b(?:you|we|will|our|please)\b/i.test(plain))
	);
}

const simple = (text: string) =>
	CONTRACTED.reduce((all, [pattern, to]) => all.replace(pattern, to), text).trim();

const ABBREVIATED =
	/\b(?:oz|lb|lbs|tbsp|tsp|in|ft|yd|pt|qt|gal|approx|ea|no|vs|etc|e\.g|i\.e|mr|mrs|ms|dr|st|p|pp|ch)\.$/i;

/** The sentences of a text, also those behind a semicolon; an abbreviation ends none. */
export function sentencesOf(text: string): string[] {
	const all: string[] = [];
	let from = 0;
	const ends =
		/[.!?]{1,3}["”)]?\s{1,3}(?=[A-Z“"(])|;\s(?=(?:and |please |also ){0,2}(?:have|bring|get|find|buy|set out|you|we|each|don['’]t)\b)/g;
	for (const found of text.matchAll(ends)) {
		const end = found.index + found[0].length;
		if (ABBREVIATED.test(text.slice(from, found.index + 1))) continue;
		all.push(text.slice(from, end).trim());
		from = end;
	}
	all.push(text.slice(from).trim());
	return all.filter(Boolean);
}

/**
 * What a sentence asks a family to have, as a line of a list; null where it asks for nothing.
 *
 *     askedIn('Each child needs eight straws and a sheet of paper.')
 *     // { text: 'per child: eight straws and a sheet of paper', optional: false }
 */
export function askedIn(sentence: string): Asked | null {
	const plain = simple(sentence).replace(/[.!]+["”]?$/, '');
	if (/^(?:no|there (?:is|are|will be) no|we (?:will not|won't)|do not|don't (?!forget))\b/i.test(plain))
		return null;
	if (/\?$/.test(plain)) return null;
	if (/^[A-Z][a-z' ]{2,24}: \S/.test(plain)) return { text: plain, optional: false };
	const have = IF_HAVE.exec(plain);
	if (have) return { text: have[1], optional: true };
	const nice = NICE.exec(plain);
	if (nice && isNamed(nice[1])) return { text: nice[1], optional: true };
	const core = plain.replace(LEADS, '');
	const asks = ASKS.exec(core);
	if (asks && isNamed(asks[1])) {
		const scope = scopeIn(core.slice(0, asks.index + asks[0].length - asks[1].length));
		return {
			text: `${scope}${listed(asks[1])}`,
			optional: /\b(?:may|might|can) (?:also )?(?:want|like|bring|use)\b/i.test(asks[0].slice(0, 40))
		};
	}
	const forget = FORGET.exec(core) ?? ORDER.exec(core);
	if (forget && isNamed(forget[1])) return { text: listed(forget[1]), optional: false };
	const needed = ARE_NEEDED.exec(core);
	if (needed && isNamed(needed[1])) return { text: listed(needed[1]), optional: false };
	return null;
}

function scopeIn(front: string): string {
	const found = /\b(?:each|every) (child|student|kid|pair|group|team)\b/i.exec(front);
	return found ? `per ${found[1].toLowerCase() === 'kid' ? 'child' : found[1].toLowerCase()}: ` : '';
}

/** A thing can be fetched; what follows "to", "that" or a pronoun is something to do or to know. */
const isNamed = (text: string): boolean =>
	!/^(?:to|for|that|it|them|us|him|her|how|what|when|where|why|who|your child|a (?:great|good|wonderful|lovely) (?:time|week|day)|time|fun|help|more (?:help|time)|volunteers?|in|on|up|by|about (?!an?\b|\d|half|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|twenty)|(?:the |all |most |some |any )*(?:following|these|those)?\s?(?:materials|supplies|items|things))\b/i.test(
		text.trim()
	);

const listed = (text: string): string => text.replace(TAIL, '').replace(TAIL, '').trim();
