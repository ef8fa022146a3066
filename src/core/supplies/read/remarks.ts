import { COLOURED, COLOURS, COLOUR_THINGS, KINDS, SHADES } from '../../reference/list-words.ts';

/** Words that tell a state, a purpose or a preparation, and so do not belong to a thing's name. */

const PARTICIPLE =
	'(?:[a-z-]+(?:[^e]ed|eed|ied)|torn|cut|broken|frozen|split|ground|beaten|melted|ripped|thawed|worn|grown|shaken|drawn|blown|woven|written|kept|left|made|set|spread|shut|thrown)';
const ADVERB = '(?:[a-z]+ly |already |well[- ]|pre-?|not |un)?';
const PARTICLE =
	'(?:into|in|to|with|from|on|up|out|off|at|by|for|as|if|well|lengthwise|together|down|through|open|flat|before|after|over|about|and then|smooth|thin|short|small|overnight|apart|away|lengthways|crosswise|beforehand|ahead|tightly|around|inside|loose|shut|the (?:night|evening|day|week) before|[0-9].*)';
const BARE_PARTICIPLE = new RegExp(
	`^${ADVERB}${PARTICIPLE}(?:(?:,| and| or|, and) ${ADVERB}${PARTICIPLE})*(?:$| ${PARTICLE}\\b.*$)`,
	'i'
);

/** "ends cut off", "whites and yolks separated": a part of the thing, and what was done to it. */
const PART_DONE = new RegExp(
	`^(?:(?:both|all|each|the|its|one|any|most) )?(?:[a-z-]+ ){1,2}(?:(?:and|or) [a-z-]+ )?(?!seed|weed|reed|feed|bed\\b|red\\b|shed\\b|sled\\b|thread)${PARTICIPLE}(?: ${PARTICLE}(?: .*)?)?$`,
	'i'
);

/** "caps on", "label side down": how a part of the thing is. */
const PART_SO =
	/^(?:(?:both|all|the|with) )?[a-z-]+ (?:side )?(?:on|off|up|down|open|closed|intact|attached)$/i;

const OPENS_REMARK =
	/^(?:for\b|to\b|such as\b|like\b|e\.?g\.?\b|i\.?e\.?\b|including\b|any\b|various\b|preferably\b|ideally\b|if\b|not\b|no\b|without\b|with\b|from\b|in\b|at\b|as\b|on\b|so\b|(?:plus )?(?:(?:an?|one|two|three|\d+) )?(?:extra|more|spares?)\b(?! \w+ \w)|plus (?:some|a (?:few|little))\b|enough\b|one for\b|large enough|small enough|big enough|long enough|your choice|your favorite|of your choice|of any\b|or (?:similar|other|more|so|larger|bigger|smaller|equivalent|whatever|any|another|something|anything|a substitute|comparable|as needed|to taste)\b|room temperature|(?:an?|one|a few) (?:squirts?|dabs?|splash(?:es)?|dash(?:es)?)$|size \d|no\. ?\d|number \d|pp?\. ?\d|pages? \d|one color|optional|no larger|no smaller|same |about (?!\d|an? |half|one|two|three|four|five|six|ten|twelve|twenty)|see |found |available |found |ones?\b(?!(?: (?!(?:with|for|per|of|in|that|which|on|from|to|is|or|and|at|as|if|each|extra|more|colou?r|size|kind|side|will|can|inch)\b)[a-z-]+){1,3}(?:$| (?:for|with|per|of)\b))|it\b|they\b|these\b|that\b|which\b|be sure|make sure|do not|don't|(?:borrow|buy|purchase|order|rent)(?:ed)?$|will\b|can be\b|we\b|you\b|kept )/i;
const ENDS_REMARK =
	/(?:^|[\s-])(?:colou?rs?|sizes?|shapes?|kinds?|types?|varieties|variety|thicknesses|sized|inside|outside|flavors?|designs?|textures?|lengths?|widths?|only|each other)$/i;
const BARE_STATE =
	/^(?:(?:very |extra |completely |well )?(?:clean|empty|dry|wet|damp|moist|still|fresh|boiling|uncooked|raw|cooked|cold|cool|warm|hot|lukewarm|whole|ready|ripe|sharp|unsharpened|unused|unpainted|unopened|loose|soft|softened|new|old|open|sterile|unwrapped|uncut|unbaked|unpopped|plain|optional|assorted|extra|handy|alive|live|undiluted|unlined|blank|shelled|unshelled))(?:(?: and| or|,) (?:dry|clean|empty|cold|warm|dried|rinsed|ripe))?(?: if possible| preferred| if you have (?:it|them))?$/i;

const MEASUREMENT =
	/^(?:about |at least |approximately )?[\d./ -]+\s*(?:in\.?|inch(?:es)?|ft\.?|feet|foot|cm|mm|m|yards?|yd\.?|"|')?[ -](?:sq\.?|thick|wide|tall|high|across|square|round|deep|(?:in )?(?:diameter|width|height))$|^[\d./]+[ -]?(?:gauge|ply|watts?|volts?|grit|mil|mesh|percent|%)$/i;

/** "acrylic is safest": a sentence about the thing. */
const SAYS_HOW = /^[a-z][a-z' -]{2,40} (?:is|are|works?|will|can|may|should|must|would|do|does) \S/i;

/** "dried apricots": the thing is dried, not a part of the one before. */
const FIRST_DONE = new RegExp(`^${PARTICIPLE} `, 'i');

/** Whether a text is a size other than the length ("2 in. thick"), which is no amount. */
export const isMeasurement = (text: string): boolean => MEASUREMENT.test(text.trim());

/** Whether a part of a line, set off by a comma or in brackets, only describes the thing before it; what
 * stands `behindAmount` is the thing that was counted ("1 sponge cut into cubes"). */
export function isRemark(part: string, behindAmount = false): boolean {
	const text = part.trim();
	if (MEASUREMENT.test(text) || (SAYS_HOW.test(text) && text.split(' ').length < 9)) return true;
	if (OPENS_REMARK.test(text) || BARE_STATE.test(text)) return true;
	if (!behindAmount && PART_SO.test(text)) return true;
	if (BARE_PARTICIPLE.test(text) || (!behindAmount && PART_DONE.test(text) && !FIRST_DONE.test(text)))
		return true;
	return ENDS_REMARK.test(text) && text.split(' ').length <= 5;
}

/** "as needed", "to taste": an amount that says nothing. */
export const AS_NEEDED =
	/^(?:as (?:needed|required|desired|necessary)|to taste|as much as (?:needed|you (?:need|like)))$/i;

const INSIDE =
	/ (?:(?:for|to|such as|like|that|which|who|from|if|as|until|so|per|plus|preferably|instead|e\.g\.|i\.e\.|including|because|when|where|while|with|you(?= [a-z']+)|after|before|depending|according|roughly the size|about the size|the size of)(?= )|(?:in|of|with) (?=assorted |various |different |several |multiple |many |bright |primary |any |all |your |two (?:colors|sizes)|\d+ (?:colors|sizes|different)|a variety)|(?:big|large|small|long|wide|tall|thick|strong) enough|at least (?=\d)|about (?=\d)|approximately (?=\d)|or (?=similar|other|more\b|so\b|larger|bigger|smaller|equivalent|whatever|any\b|another|something|anything|comparable|as needed)|as needed|if possible|if desired|to taste|on hand|each$|at room|at home).*$/i;
const INSIDE_PARTICIPLE = new RegExp(
	` (?:torn|cut|folded|covered|lined|wrapped|decorated|attached|coated|broken|crushed|chopped|sliced|diced|peeled|rinsed|washed|cleaned|melted|softened|divided|separated|sharpened|filled|soaked|ripped|inflated|labeled|taped|glued|rolled up|crumpled|mixed|blown up|beaten|drained|packed|sifted|grated|shredded|warmed|heated|chilled|cooled)(?:$| (?:into|in|to|with|up|from|and|lengthwise|for|by|together|off|down|at|on|or)\\b.*$)`,
	'i'
);

/** "started 10 days ahead", "soaked overnight", "hard boiled the night before": done to it before its day. */
const INSIDE_AHEAD = new RegExp(
	` (?:(?:hard|slow|half|freshly)[ -])?(?!seed|weed|reed|feed|bed\\b|red\\b|thread)(?:${PARTICIPLE}|begun|grown|sown|set out|put out) (?:(?:\\d{1,2}|an?|one|two|three|four|five|six|seven|ten|several|a few)(?: to \\d{1,2}|[-–]\\d{1,2})? (?:hour|day|week)s? (?:ahead|before|in advance|early|earlier|beforehand)|overnight|the (?:night|evening|day|week) before|ahead(?: of time)?|in advance|beforehand)\\b.*$`,
	'i'
);

/** Cuts the remark off a name: "toothpicks for stirring" → the name, and "for stirring". */
export function cutRemark(name: string): { name: string; note: string | null } {
	let cut = name.length;
	for (const pattern of [INSIDE, INSIDE_PARTICIPLE, INSIDE_AHEAD]) {
		const found = pattern.exec(name);
		if (found && found.index > 0 && found.index < cut) cut = found.index;
	}
	return cut === name.length
		? { name, note: null }
		: { name: name.slice(0, cut).trim(), note: name.slice(cut).trim() };
}

/** Whether a text is a colour and nothing else ("red", "light blue"). */
export function isColour(text: string): boolean {
	const words = text
		.toLowerCase()
		.trim()
		.split(/[\s-]+/);
	const last = words.at(-1)!;
	return COLOURS.has(last) && words.slice(0, -1).every((word) => SHADES.has(word) || COLOURS.has(word));
}

/** Whether a colour set off by a comma belongs to a name: "paper, orange", but not "apple, orange". */
export function isColourOf(name: string, colour: string): boolean {
	if (!isColour(colour)) return false;
	return !COLOUR_THINGS.has(colour.toLowerCase()) || COLOURED.has(name.toLowerCase().split(' ').at(-1)!);
}

/** Whether a name begins with a colour and goes on ("blue paint"); answers how many words that is. */
export function leadingColour(name: string): string | null {
	const words = name.toLowerCase().split(' ');
	for (let n = Math.min(3, words.length - 1); n > 0; n--) {
		const front = words.slice(0, n).join(' ');
		if (isColour(front)) return front;
	}
	return null;
}

/** A kind or size that a list may put after the comma ("markers, washable"). */
export function isKind(text: string): boolean {
	return (
		KINDS.has(text.toLowerCase().trim()) ||
		/^(?:gallon|quart|pint|snack|sandwich)$/i.test(text) ||
		/^(?:extra[- ])?(?:fine|thick|thin|broad|chisel|medium)[ -](?:tip(?:ped)?|point|line)$/i.test(text)
	);
}
