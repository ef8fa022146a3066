/** A page as far as it can be known again in another edition of its file. */
export type KnownPage = {
	/** From 1. */
	readonly page: number;
	/** Null while it is not read. */
	readonly text: string | null;
	/** 64 bits as hexadecimal text, few of which differ between pictures that look alike; null while there is none. */
	readonly likeness: string | null;
};

/** What became of the pages of a file in its second edition. */
export type Edition = {
	/** Each page of the new file: the old page that it was, or null; and whether something on it changed. */
	readonly pages: readonly {
		readonly page: number;
		readonly was: number | null;
		readonly isChanged: boolean;
	}[];
	/** Pages of the old file that are no more. */
	readonly gone: readonly number[];
};

/** Pages less alike than this are not the same one changed. */
const SAME_PAGE = 0.55;
/** Pages as alike as this differ by the noise of reading and drawing. */
const UNCHANGED = 0.985;
/** Bits in which pictures of one page may differ. */
const NOISE = 3;
/** Words on a page from which on its text tells it; below, its picture does. */
const FEW_WORDS = 6;

type Page = KnownPage & {
	readonly words: readonly string[];
	readonly pairs: ReadonlyMap<string, number>;
	readonly key: string;
};

/**
 * Which page of a second edition was which of the first, by their text and pictures. Pages that are the same keep
 * their order where they can; what is left is matched by how alike it is, wherever it was moved.
 *
 * @example
 * matchEditions([{ page: 1, text: 'The round earth and its map …', likeness: null }],
 *   [{ page: 1, text: 'New foreword …', likeness: null }, { page: 2, text: 'The round earth and its map …', likeness: null }])
 * // { pages: [{ page: 1, was: null, … }, { page: 2, was: 1, isChanged: false }], gone: [] }
 */
export function matchEditions(before: readonly KnownPage[], after: readonly KnownPage[]): Edition {
	const [old, now] = [before.map(known), after.map(known)];
	const was = new Map<Page, Page>();
	for (const [a, b] of sameInOrder(old, now)) was.set(b, a);
	const taken = new Set(was.values());
	// What moved unchanged.
	for (const page of now) {
		if (was.has(page)) continue;
		const same = old.find((one) => !taken.has(one) && one.key === page.key);
		if (same) {
			was.set(page, same);
			taken.add(same);
		}
	}
	const left = now
		.filter((page) => !was.has(page))
		.flatMap((page) =>
			old
				.filter((one) => !taken.has(one))
				.map((one) => ({ page, one, alike: alikeness(one, page) }))
				.filter(({ alike }) => alike >= SAME_PAGE)
		)
		.sort(
			(a, b) =>
				b.alike - a.alike ||
				Math.abs(a.page.page - a.one.page) - Math.abs(b.page.page - b.one.page) ||
				a.page.page - b.page.page
		);
	for (const { page, one } of left) {
		if (was.has(page) || taken.has(one)) continue;
		was.set(page, one);
		taken.add(one);
	}
	return {
		pages: now.map((page) => {
			const one = was.get(page);
			return {
				page: page.page,
				was: one?.page ?? null,
				isChanged: one !== undefined && alikeness(one, page) < UNCHANGED
			};
		}),
		gone: old.filter((one) => !taken.has(one)).map((one) => one.page)
	};
}

function known(page: KnownPage): Page {
	const words = (page.text ?? '').toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? [];
	const pairs = new Map<string, number>();
	// A page's own number moves with it and says nothing of it.
	const told = words.filter((word) => !/^\d{1,3}$/.test(word));
	for (const [index, word] of told.entries()) {
		const pair = `${word} ${told[index + 1] ?? ''}`;
		pairs.set(pair, (pairs.get(pair) ?? 0) + 1);
	}
	return {
		...page,
		words: told,
		pairs,
		key: told.length >= FEW_WORDS ? told.join(' ') : `${told.join(' ')}|${page.likeness}`
	};
}

/** Pages that are the same, in an order that both files have: a longest common row of them. */
function sameInOrder(old: readonly Page[], now: readonly Page[]): [Page, Page][] {
	const longest = Array.from({ length: old.length + 1 }, () => new Uint16Array(now.length + 1));
	for (let a = old.length - 1; a >= 0; a--)
		for (let b = now.length - 1; b >= 0; b--)
			longest[a][b] =
				old[a].key === now[b].key
					? longest[a + 1][b + 1] + 1
					: Math.max(longest[a + 1][b], longest[a][b + 1]);
	const pairs: [Page, Page][] = [];
	for (let a = 0, b = 0; a < old.length && b < now.length;)
		if (old[a].key === now[b].key) pairs.push([old[a++], now[b++]]);
		else if (longest[a + 1][b] >= longest[a][b + 1]) a++;
		else b++;
	return pairs;
}

/** How alike two pages are, 0 to 1: by pairs of words that follow each other where there are words, and by their pictures. */
function alikeness(a: Page, b: Page): number {
	const picture =
		a.likeness && b.likeness ? 1 - Math.max(0, bitsApart(a.likeness, b.likeness) - NOISE) / 32 : null;
	if (Math.min(a.words.length, b.words.length) < FEW_WORDS) {
		if (picture === null) return a.key === b.key ? 1 : 0;
		return a.words.join(' ') === b.words.join(' ') ? Math.max(0, picture) : Math.max(0, picture) * 0.9;
	}
	let common = 0;
	for (const [pair, count] of a.pairs) common += Math.min(count, b.pairs.get(pair) ?? 0);
	const text = (2 * common) / (a.words.length + b.words.length);
	return picture === null ? text : 0.85 * text + 0.15 * Math.max(0, picture);
}

function bitsApart(a: string, b: string): number {
	let apart = 0;
	for (let at = 0; at < Math.max(a.length, b.length); at++) {
		let bits = parseInt(a[at] ?? '0', 16) ^ parseInt(b[at] ?? '0', 16);
		for (; bits > 0; bits >>= 1) apart += bits & 1;
	}
	return apart;
}
