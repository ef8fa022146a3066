import { namesIn, readFlag } from '../plan/flag.ts';
import type { PageRange } from '../plan/pages.ts';
import { RESOURCE_ROLES, type ResourceRole } from './kinds.ts';

/** What a resource is for in a lesson, as one would write it on a slip. */
export type TypedUse = {
	readonly role: ResourceRole;
	readonly pages: PageRange | null;
	/** Names as the household knows them; empty is everyone. */
	readonly who: readonly string[];
	readonly minutes: number | null;
	/** A parent looks at it first, for so long. */
	readonly previewMinutes: number | null;
	readonly note: string;
};

const PREVIEW = /\b(?:preview|pre-?read|parent (?:reads|looks) first)\b,?\s*(?:(\d{1,3})\s*min(?:ute)?s?)?/i;
/** Common practice, no source: how long it takes to look through something first. */
const USUAL_PREVIEW_MINUTES = 20;
const MINUTES = /\b(\d{1,3})\s*min(?:ute)?s?\b/i;
const ROLE = new RegExp(`\\b(?:${RESOURCE_ROLES.join('|')})\\b`, 'i');
const SAID: readonly (readonly [RegExp, ResourceRole])[] = [
	[/\b(?:watch|listen(?: to)?|play it)\b/i, 'listen or watch'],
	[/\blook up\b/i, 'reference'],
	[/\bfor an activity\b/i, 'one activity'],
	[/\bmissing(?: pages)?\b/i, 'leave out'],
	[/\b(?:wrong|error(?: in the book)?)\b/i, 'wrong in the book']
];

/**
 * Reads a slip such as "read alone Odile 20–34, 20 min, preview 15 min: the equator". What is not said is
 * a book to be read aloud to everyone.
 */
export function readUse(text: string, names: readonly string[]): TypedUse {
	const colon = text.indexOf(':');
	const head = colon < 0 ? text : text.slice(0, colon);
	const preview = PREVIEW.exec(head);
	const rest = preview ? head.replace(preview[0], ' ') : head;
	const role =
		(ROLE.exec(rest)?.[0].toLowerCase() as ResourceRole | undefined) ??
		SAID.find(([pattern]) => pattern.test(rest))?.[1];
	const minutes = MINUTES.exec(rest);
	const words = (role ? rest.replace(new RegExp(role, 'i'), ' ') : rest).replace(MINUTES, ' ');
	const flag = readFlag(`${withoutSaid(words)}${colon < 0 ? '' : text.slice(colon)}`, names);
	// Pages may stand after the names, where a flag has them first.
	const pages = flag.pages ?? readFlag(words.replace(/^\D*/, ''), []).pages;
	const said = colon < 0 ? '' : text.slice(colon + 1).trim();
	return {
		role: role ?? flag.way,
		pages,
		who: namesIn(rest, names),
		minutes: minutes ? Number(minutes[1]) : null,
		previewMinutes: preview ? Number(preview[1] ?? USUAL_PREVIEW_MINUTES) : null,
		note: said
	};
}

function withoutSaid(text: string): string {
	return SAID.reduce((rest, [pattern]) => rest.replace(pattern, ' '), text);
}
