/** A place as typed, with what is inside it, in walking order. */
export type TypedPlace = {
	readonly name: string;
	readonly kind: PlaceKind;
	readonly inside: readonly TypedPlace[];
};
export type PlaceKind = 'room' | 'furniture' | 'shelf' | 'box';

type Growing = { name: string; kind: PlaceKind; inside: Growing[] };

const KINDS: readonly (readonly [PlaceKind, RegExp])[] = [
	['box', /\b(box|boxes|bin|tub|tote|basket|crate|bag|jar|tin|caddy|case|binder|envelope)\b/i],
	['shelf', /\b(shelf|shelves|drawer|ledge|rack|hook|cubby|compartment|bottom|top|middle)\b/i],
	[
		'furniture',
		/\b(cupboard|cabinet|desk|bookcase|bookshelf|dresser|closet|wardrobe|cart|table|pantry|sideboard|chest|bench|armoire)\b/i
	]
];

/** What a place is, by its name; at the top of the house it is a room unless its name says otherwise. */
export function placeKind(name: string, isTop: boolean): PlaceKind {
	// "linen closet" at the top is a place to walk to, but "pantry" is as good as a room.
	const found = KINDS.find(([, words]) => words.test(name))?.[0];
	if (isTop) return found === 'box' ? 'box' : 'room';
	return found ?? 'shelf';
}

/**
 * Reads places as one would jot them down, a room on each line with what is in it behind a colon or a
 * dash, or indented below it; " > " goes deeper. Names that come again are one place.
 *
 *     readPlaces('Kitchen: pantry > top shelf, drawer')
 *     // Kitchen (room) › pantry (furniture) › top shelf (shelf); Kitchen › drawer (shelf)
 */
export function readPlaces(text: string): TypedPlace[] {
	const top: Growing[] = [];
	let open: { indent: number; place: Growing }[] = [];
	for (const line of text.split(/\r\n|\r|\n/)) {
		if (line.trim() === '') continue;
		const indent = line.replaceAll('\t', '    ').search(/\S/);
		open = open.filter((one) => one.indent < indent);
		const within = open.at(-1)?.place.inside ?? top;
		const plain = line
			.trim()
			.replace(/\s{2,}/g, ' ')
			.replace(/^[-*•–]\s+/, '');
		const [, head, rest] = /^(.*?):(.*)$/.exec(plain) ?? DASHED.exec(plain) ?? ['', plain, null];
		// Without a colon or dash, a line with commas names several places side by side.
		const heads = rest === null ? listed(head) : [head];
		let last: Growing | null = null;
		for (const path of heads) last = put(within, path, within === top);
		if (!last) continue;
		for (const path of listed(rest ?? '')) put(last.inside, path, false);
		open.push({ indent, place: last });
	}
	return top;
}

/** "kitchen - pantry, drawer", but neither "bins 1 - 4" nor a dash in a list of places. */
const DASHED = /^([^,;]+?) [-–—]+ (\p{L}.*)$/u;

function listed(text: string): string[] {
	return text
		.split(/[,;]/)
		.map((one) => one.replace(/^\s*and\s+/i, '').trim())
		.filter(Boolean);
}

/** Places within each other, a room the first of them. */
export const MOST_DEEP = 20;

/** Puts a path such as "pantry > top shelf" in; answers its last place. */
function put(within: Growing[], path: string, isTop: boolean): Growing | null {
	let list = within;
	let last: Growing | null = null;
	// One more than there may be, so that it is seen.
	for (const part of path.split(/\s*[>›]\s*/).slice(0, MOST_DEEP + 1)) {
		const name = part.trim().slice(0, 120);
		if (!name) continue;
		const same = list.find((one) => one.name.toLowerCase() === name.toLowerCase());
		const place: Growing = same ?? { name, kind: placeKind(name, isTop && last === null), inside: [] };
		if (!same) list.push(place);
		last = place;
		list = place.inside;
	}
	return last;
}
