import { exact, isSome, larger, smaller, ZERO, type Exact } from '../measure/exact.ts';

/** One kind of piece in a kit. */
export type KitPart = {
	readonly name: string;
	/** Pieces for one making. */
	readonly each: Exact;
	/** Pieces that are there, as counted last. */
	readonly there: Exact;
};

export type KitState = {
	/** How many can really be made: what is left of the kit, or what the scarcest piece allows. */
	readonly makings: Exact;
	/** The piece that sets the limit; null when all are enough for what is left. */
	readonly scarcest: string | null;
	readonly missing: readonly { readonly name: string; readonly pieces: Exact }[];
	/** Pieces beyond those of the makings that are left. */
	readonly over: readonly { readonly name: string; readonly pieces: Exact }[];
};

/**
 * What an opened kit still gives. A kit for 25 used by 3 has 22 makings left; where a piece was lost it is
 * fewer, and the missing pieces are named.
 */
export function kitState(left: Exact, parts: readonly KitPart[]): KitState {
	let makings = left;
	let scarcest: string | null = null;
	for (const part of parts) {
		if (!isSome(part.each)) continue;
		const allowed = part.there.div(part.each).floor();
		if (allowed.compare(makings) < 0) {
			makings = allowed;
			scarcest = part.name;
		}
	}
	const against = (of: (part: KitPart, wanted: Exact) => Exact) =>
		parts
			.map((part) => ({ name: part.name, pieces: larger(ZERO, of(part, part.each.mul(left))) }))
			.filter((one) => isSome(one.pieces));
	return {
		makings,
		scarcest,
		missing: against((part, wanted) => wanted.sub(part.there)),
		over: against((part, wanted) => part.there.sub(wanted))
	};
}

/** What is left of each kind of piece after some makings; never below none. */
export function afterMaking(parts: readonly KitPart[], made: Exact): KitPart[] {
	return parts.map((part) => ({
		...part,
		there: part.there.sub(smaller(part.there, part.each.mul(made)))
	}));
}

/** How many that is has to be said by somebody. */
const VAGUE = /^(?:some|several|many|a few|a couple)\b/i;

/**
 * Reads the contents of a kit, a line each: "2 felt hearts, 46 there" or "2 felt hearts". Without a count there
 * are as many as the makings that are left ask for.
 */
export function readKitParts(text: string, makings: Exact): { parts: KitPart[]; wrong: string[] } {
	const parts: KitPart[] = [];
	const wrong: string[] = [];
	for (const line of text.split('\n').map((one) => one.trim())) {
		if (!line) continue;
		const [, count, name, there] =
			/^(\d+(?:\.\d+)?)?\s*([^,\d][^,]*?)\s*(?:,\s*(\d+(?:\.\d+)?)\s*(?:there|left|on hand)?)?$/i.exec(
				line
			) ?? [];
		if (!name || VAGUE.test(name)) {
			wrong.push(line);
			continue;
		}
		const each = exact(count ?? '1');
		parts.push({ name, each, there: there === undefined ? each.mul(makings) : exact(there) });
	}
	return { parts, wrong };
}
