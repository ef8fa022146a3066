import type { PerFound } from '../read/scope.ts';

/** What a heading says of the lines below it. */
export type Section = {
	readonly per: PerFound | null;
	readonly optional: boolean;
	readonly all: boolean;
	readonly note: string | null;
	readonly written: string;
};

const OVER =
	'tools? kitchen pantry fridge refrigerator freezer household home house garage garden yard outdoors nature outside art arts craft crafts music science math reading writing office school classroom desk sewing hardware grocery groceries supermarket store stores shop shops thrift dollar market library recycling closet cupboard drawer bathroom laundry supplies supply materials material items item things equipment ingredients consumables consumable perishables perishable non-perishables food foods produce dairy baking paper goods printables misc miscellaneous other others extras extra buy borrow purchase get gather collect find print order shopping list lists master complete everything need needed needs want from for to the a and or of in on at your you our will have use used with around ahead bring handy general basic basics special specialty hard-to-find natural found free unit study week weekly lesson project projects activity activities experiment experiments costume costumes cooking games game toys books book dress-up hand safety gear lab';
const OVER_WORDS = new Set(OVER.replace(/\?/g, '').split(' '));

const ALWAYS =
	/^(?:(?:always )?(?:have )?on hand|(?:basic|general|everyday|regular|usual|standard) (?:supplies|materials|items|tools|kit|box|needs)|(?:the )?basics|keep (?:these |this )?(?:on hand|in (?:a|the|your) \w+|handy|nearby|ready)|(?:for )?(?:all|every|each) (?:the )?(?:lessons?|sessions?|weeks?|days?|classes)|(?:used |needed )?throughout(?: the \w+)?|(?:for )?the whole (?:unit|course)|(?:needed|used|have ready) (?:every|each) (?:lesson|week|day|session|time)|(?:use|used|needed) in (?:all|every) lessons?|every ?day (?:supplies|items|basket))\b/i;
const TEACHER =
	/^(?:the )?(teacher|leader|instructor|tutor|hostess|host|we|i) (?:will )?(brings?|provides?|supplies)\b/i;

const BROKEN_WORDS = /[\s,/&+;–—-]+|\(|\)/;

/** Whether a text is made of words that stand over things and are none. */
export function isKind(text: string): boolean {
	const words = text.toLowerCase().replace(/[:.]$/, '').split(BROKEN_WORDS).filter(Boolean);
	return (
		words.length > 0 && words.length < 9 && words.every((word) => OVER_WORDS.has(word.replace(/'s$/, '')))
	);
}

/** What a heading says of the lines below it, beside what kind they are; null where it says nothing. */
export function sectionOf(
	written: string,
	scope: { readonly per: PerFound | null; readonly optional: boolean } | null
): Section | null {
	const text = written.replace(/^[\s•*·#–—-]+/u, '').trim();
	const inner = /\(([^()]+)\)/.exec(text)?.[1] ?? '';
	const all = ALWAYS.test(text) || ALWAYS.test(inner);
	const brings = TEACHER.exec(text);
	const note = brings ? `${brings[1]} ${brings[2]}`.toLowerCase() : null;
	if (!all && !note && !scope) return null;
	return { per: scope?.per ?? null, optional: scope?.optional ?? false, all, note, written };
}
