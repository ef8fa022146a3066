/** What a sentence of daily life says of a thing, and the thing's words. */
export type Said = { readonly kind: 'add' | 'gone' | 'where'; readonly words: string };

const ARTICLE = '(?:the |my |our |any |some |more |that |those |these )*';
const SENTENCES: readonly (readonly [Said['kind'], RegExp])[] = [
	[
		'where',
		new RegExp(`^where(?:'s|’s| is| are| do we keep| did (?:i|we) put)?\\s+${ARTICLE}(.+?)\\??$`, 'i')
	],
	['where', new RegExp(`^(?:find|have you seen|do we have|is there|are there)\\s+${ARTICLE}(.+?)\\??$`, 'i')],
	[
		'gone',
		new RegExp(
			`^(?:there(?:'s|’s| is| are) |we(?:'re|’re| are| have|'ve|’ve)? |i(?:'m|’m| am) )?(?:no more|no|out of|ran out of|run out of|used up|all out of|need more|finished|got no|have no)\\s+${ARTICLE}(.+?)(?: left)?[.!]?$`,
			'i'
		)
	],
	[
		'gone',
		new RegExp(
			`^${ARTICLE}(.+?) (?:is|are) (?:empty|gone|used up|finished|all gone|out|broken|dried up)[.!]?$`,
			'i'
		)
	],
	['add', /^add\s+(.+)$/i],
	[
		'add',
		/^(?:we|i)(?:'ve|’ve)? (?:have|got|own|bought|found)(?: got)? ((?:an? |\d|one |two |three |four |five |six |seven |eight |nine |ten |twelve |some |another ).+?)[.!]?$/i
	]
];

/**
 * What was typed into the search, where it is a sentence of daily life; null where it is a name.
 *
 *     saidIn('we are out of glue')   // { kind: 'gone', words: 'glue' }
 *     saidIn('we have two globes')   // { kind: 'add', words: 'two globes' }
 */
export function saidIn(typed: string): Said | null {
	const text = typed.trim().replace(/\s+/g, ' ');
	if (text.length > 120) return null;
	for (const [kind, pattern] of SENTENCES) {
		const words = pattern.exec(text)?.[1];
		if (words) return { kind, words };
	}
	return null;
}
