import { readdirSync, readFileSync } from 'node:fs';
import { parse } from 'svelte/compiler';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';

/** Words that one word took the place of, as they would stand in a text; and that word. */
const RETIRED: readonly (readonly [RegExp, string])[] = [
	[/\bstash\b/i, 'supplies at home'],
	[/\b(?:un)?tick(?:s|ed|ing)?\b/i, 'check off'],
	[/\berrands?\b/i, 'shopping list'],
	[/\b(?:in|at|of|for|to|the) (?:the )?house\b(?! walk)/i, 'at home, Household, or Gather Bin'],
	[/\blacks?\b|\blacking\b/i, 'is missing'],
	[/\b(?:is|are|was|were) to be\b/i, 'to buy, to gather'],
	[/\bany ?more\b/i, 'no longer'],
	[/\bload the page again\b/i, 'reload the page'],
	[/\bflag(?:s|ged)?\b/i, 'pages, assign'],
	[/\bpool\b/i, 'ideas'],
	[/\boutings?\b/i, 'field trip'],
	[/\bfilms?\b(?! per)/i, 'movie'],
	[/\bhold shelf\b/i, 'ready for pickup'],
	[/\b(?:no|some|every)body\b/i, 'no one, someone, everyone'],
	[/\bas you would\b/i, 'nothing'],
	[/\b(?:working|teaching) days?\b/i, 'business day, school day'],
	[/\bfetch(?:es|ed|ing)?\b/i, 'gather, pick up'],
	[/\b(?:bring|brought|bringing) (?:in|back)\b/i, 'import, return'],
	[/\bcatalogue\b/i, 'catalog'],
	[/\bshops?\b/i, 'store'],
	[/\bmakings\b/i, 'sets'],
	[/\bdone without\b|\bdo without\b/i, 'skip'],
	[/\bcount again\b|\blook again\b/i, 'recount'],
	[/\bfirst evening\b/i, 'getting started'],
	[/\bbooks and things\b/i, 'home library'],
	[/\bsecond-hand\b/i, 'used'],
	[/\bPlease\b/, 'the plain request'],
	[/\bwants? a look\b|\blies\b|\bstands here\b|\bmend\b/i, 'needs checking, is, fix'],
	[/^(?:begin|Begin)\b|\bbegun\b/, 'start'],
	[/\bcannot\b|\bdoes not\b|\bdo not\b|\bis not\b/i, 'can’t, doesn’t, don’t, isn’t'],
	[/\bfrom memory\b/i, 'nothing: the source stays behind a tap']
];

/** What is kept under such a word is shown under another, or understood as one types it. */
const KEPT_VALUES = new Set([
	'do without',
	'second-hand',
	'Walk the house',
	'teaching days',
	// Said so by the command's contract, too.
	'"{}" is a character that cannot be there',
	// Names of fields and of headings, which nobody sees.
	'pool',
	'shop',
	'shops'
]);
/** What is never said of one: a limit, or the many branch of a number with its own one. */
const LIMITS = /more than|at a time|^\{\} titles$/;

type Text = { readonly file: string; readonly text: string };

const files = (folder: string, end: string) =>
	readdirSync(folder, { recursive: true, encoding: 'utf8' })
		.filter((file) => file.endsWith(end) && !file.endsWith('.test.ts'))
		.map((file) => `${folder}/${file}`);
const SERVER_ROOMS = ['services', 'schemas', 'requests', 'exchange', 'trust', 'live', 'history', 'stores'];

const SCREENS = ['src/routes', 'src/lib/ui'].flatMap((folder) => files(folder, '.svelte'));
/** Rooms of the core whose sentences a parent reads; the others hold tables of names. */
const CORE_ROOMS = [
	'calendar',
	'cautions',
	'gathering',
	'house',
	'library',
	'measure',
	'plan',
	'readiness',
	'words'
];
const SAYING = [
	'src/routes',
	'src/lib/ui',
	...CORE_ROOMS.map((room) => `src/core/${room}`),
	...SERVER_ROOMS.map((room) => `src/lib/server/${room}`)
].flatMap((folder) => files(folder, '.ts'));

/** Words in a program: those of more than one word or with a capital, since any other is a value more often than a text. */
function textsOf(code: string): string[] {
	const found: string[] = [];
	const visit = (node: ts.Node): void => {
		if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node) || ts.isLiteralTypeNode(node)) return;
		if (ts.isStringLiteralLike(node)) found.push(node.text);
		else if (ts.isTemplateExpression(node))
			found.push([node.head.text, ...node.templateSpans.map((span) => span.literal.text)].join('{}'));
		ts.forEachChild(node, visit);
	};
	visit(ts.createSourceFile('text.ts', code, ts.ScriptTarget.Latest, true));
	return found.filter(
		(text) => (/\s/.test(text.trim()) || /^[A-Z][a-z]/.test(text)) && /[a-z]{2}/i.test(text)
	);
}

type Node = { readonly type?: string; readonly name?: string; readonly start: number; readonly end: number };
const UNSEEN = /^(?:class|style|d|viewBox|name|id|type|method|action|href|src)$/;

/** Words on a screen: what stands between the tags, what attributes say, and what its script says. */
function textsOnScreen(source: string): string[] {
	const { fragment, instance } = parse(source, { modern: true });
	const found = instance ? textsOf(source.slice(...between(instance.content as unknown as Node))) : [];
	const visit = (node: unknown): void => {
		if (Array.isArray(node)) node.forEach(visit);
		if (typeof node !== 'object' || node === null || Array.isArray(node)) return;
		const { type, name } = node as Node;
		if (type === 'Attribute' && UNSEEN.test(name ?? '')) return;
		if (type === 'Text') found.push((node as { data: string }).data.replace(/\s+/g, ' ').trim());
		else if (type === 'ExpressionTag')
			found.push(...textsOf(`(${source.slice(...between((node as { expression: Node }).expression))})`));
		else Object.entries(node).forEach(([key, value]) => key !== 'metadata' && visit(value));
	};
	visit(fragment);
	return found.filter((text) => /[a-z]{2}/i.test(text));
}

const between = ({ start, end }: Node): [number, number] => [start, end];

const TEXTS: Text[] = [
	...SCREENS.flatMap((file) => textsOnScreen(readFileSync(file, 'utf8')).map((text) => ({ file, text }))),
	...SAYING.flatMap((file) => textsOf(readFileSync(file, 'utf8')).map((text) => ({ file, text })))
];

const listed = (texts: readonly Text[]) => texts.map(({ file, text }) => `${file}: ${text}`).join('\n');

describe('the words of all screens', () => {
	it('are found: some thousand texts', () => {
		expect(TEXTS.length).toBeGreaterThan(1500);
	});

	it.each(RETIRED)('%s is said otherwise: %s', (word) => {
		const said = TEXTS.filter(({ text }) => word.test(text) && !KEPT_VALUES.has(text));
		expect(said, listed(said)).toEqual([]);
	});

	it('counts have a plural of their own: no “1 lessons”', () => {
		// A number right before a plural that never changes.
		const wrong = TEXTS.filter(
			({ text }) =>
				/\{\} (?:lessons|things|items|books|titles|holds|trips|days|sheets|children|pages)\b/.test(text) &&
				!LIMITS.test(text)
		);
		expect(wrong, listed(wrong)).toEqual([]);
	});
});
