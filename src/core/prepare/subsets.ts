/** A job as far as placing it goes; jobs are numbered so that each comes after those it needs. */
export type Piece = {
	readonly minutes: number;
	/** Number of what is set up for it, or -1. */
	readonly setUp: number;
	readonly after: readonly number[];
	/** The first sitting at which it is late. */
	readonly lateFrom: number;
	/** Sittings at which it can’t be done. */
	readonly barred: ReadonlySet<number>;
	/** How much an earlier sitting is worth, of plans that are equally good; below 0 for what is wanted fresh. */
	readonly early: number;
};
export type Slot = { readonly minutes: number };

/**
 * What counts more than all that comes after it, in minutes: late or left over; left over; sittings. As small as can
 * be, so that a sum of them keeps its parts of a minute.
 */
function weights(pieces: readonly Piece[], slots: readonly Slot[]) {
	const used = slots.reduce((sum, one) => sum + one.minutes, 1);
	const left = used * (slots.length + 1);
	return { used, left, bad: left * (pieces.length + 1) };
}
/** Minutes that are the same but for the noise of fractions. */
const NOISE = 1e-6;

/** A plan in numbers: what it costs, and, of plans with the same cost, how late its jobs are done. */
export function priceOf(
	placed: readonly number[],
	pieces: readonly Piece[],
	slots: readonly Slot[],
	setUps: readonly number[]
): { readonly cost: number; readonly second: number } | null {
	const { used, left, bad } = weights(pieces, slots);
	const load = slots.map(() => ({ minutes: 0, setUps: 0, isUsed: false }));
	let cost = 0;
	let second = 0;
	for (const [at, slot] of placed.entries()) {
		const { after, barred, early, lateFrom, minutes, setUp } = pieces[at];
		if (slot < 0) {
			cost += bad + left;
			continue;
		}
		if (barred.has(slot) || after.some((before) => placed[before] < 0 || placed[before] > slot)) return null;
		if (slot >= lateFrom) cost += bad;
		second += early * slot;
		const own = load[slot];
		own.isUsed = true;
		own.minutes += minutes;
		if (setUp >= 0 && !(own.setUps & (1 << setUp))) {
			own.setUps |= 1 << setUp;
			own.minutes += setUps[setUp];
		}
	}
	for (const [slot, { minutes, isUsed }] of load.entries()) {
		if (minutes > slots[slot].minutes + 1e-9) return null;
		cost += minutes + (isUsed ? used : 0);
	}
	return { cost, second };
}

/** Whether one plan is better than another: cheaper, or as cheap and earlier. */
export const isBetter = (
	a: { readonly cost: number; readonly second: number },
	b: { readonly cost: number; readonly second: number }
): boolean => a.cost < b.cost - NOISE || (a.cost <= b.cost + NOISE && a.second < b.second - NOISE);

/**
 * The best place for each free job, all others staying where they are: sittings one after another, and for each set
 * of jobs that can be done by then the least cost (dynamic programming over subsets). Answers the number of the
 * sitting for every job, -1 where it is left over. With all jobs free it is the best plan there is.
 */
export function bestPlan(
	pieces: readonly Piece[],
	slots: readonly Slot[],
	setUps: readonly number[],
	fixed: {
		readonly placed: readonly number[];
		readonly free: ReadonlySet<number>;
		/** Of plans that are equally good take the other one, so that a search moves on. */
		readonly isOther: boolean;
	} | null = null
): number[] {
	const { used: USED, left: LEFT, bad: BAD } = weights(pieces, slots);
	const free = pieces.flatMap((_, at) => (fixed === null || fixed.free.has(at) ? [at] : []));
	const bit = new Map(free.map((at, index) => [at, 1 << index]));
	const all = (1 << free.length) - 1;
	const placed = fixed ? [...fixed.placed] : pieces.map(() => -1);

	// What stays where it is: its load, and the window that it leaves to what hangs on it.
	const base = slots.map(() => ({ minutes: 0, setUps: 0, isUsed: false }));
	const from = free.map(() => 0);
	const to = free.map(() => slots.length - 1);
	let mustBePlaced = 0;
	for (const [at, piece] of pieces.entries()) {
		const index = bit.get(at) === undefined ? -1 : free.indexOf(at);
		if (index < 0 && placed[at] >= 0) {
			const load = base[placed[at]];
			load.minutes += piece.minutes;
			load.isUsed = true;
			if (piece.setUp >= 0) load.setUps |= 1 << piece.setUp;
		}
		for (const before of piece.after) {
			const beforeIndex = bit.get(before) === undefined ? -1 : free.indexOf(before);
			if (index >= 0 && beforeIndex < 0)
				// What waits for something left over is left over itself.
				from[index] = placed[before] < 0 ? slots.length : Math.max(from[index], placed[before]);
			if (index < 0 && beforeIndex >= 0 && placed[at] >= 0) {
				to[beforeIndex] = Math.min(to[beforeIndex], placed[at]);
				mustBePlaced |= 1 << beforeIndex;
			}
		}
	}

	// Of every set of free jobs: its minutes, what is set up, and what has to be done before.
	const count = all + 1;
	const minutes = new Float64Array(count);
	const setUpOf = new Int32Array(count);
	const needs = new Int32Array(count);
	const early = new Float64Array(count);
	for (let set = 1; set < count; set++) {
		const low = set & -set;
		const index = 31 - Math.clz32(low);
		const piece = pieces[free[index]];
		minutes[set] = minutes[set ^ low] + piece.minutes;
		early[set] = early[set ^ low] + piece.early;
		setUpOf[set] = setUpOf[set ^ low] | (piece.setUp >= 0 ? 1 << piece.setUp : 0);
		let own = 0;
		for (const before of piece.after) own |= bit.get(before) ?? 0;
		needs[set] = needs[set ^ low] | own;
	}
	const setUpTime = (mask: number) => {
		let sum = 0;
		for (let i = 0; i < setUps.length; i++) if (mask & (1 << i)) sum += setUps[i];
		return sum;
	};

	const isOther = fixed?.isOther ?? false;
	let cost = new Float64Array(count).fill(Infinity);
	cost[0] = 0;
	let second = new Float64Array(count).fill(Infinity);
	second[0] = 0;
	const chosen: Int32Array[] = [];
	for (const [slot, { minutes: room }] of slots.entries()) {
		const { minutes: taken, setUps: standing, isUsed } = base[slot];
		const left = room - taken - setUpTime(standing) + 1e-9;
		let possible = 0;
		let late = 0;
		for (let index = 0; index < free.length; index++) {
			if (from[index] <= slot && slot <= to[index] && !pieces[free[index]].barred.has(slot))
				possible |= 1 << index;
			if (pieces[free[index]].lateFrom <= slot) late |= 1 << index;
		}
		// Which sets fit at all, and what they cost here.
		const price = new Float64Array(count).fill(Infinity);
		for (let set = possible; set > 0; set = (set - 1) & possible) {
			const setUpMinutes = setUpTime(setUpOf[set] & ~standing);
			const all = minutes[set] + setUpMinutes;
			if (all > left) continue;
			let bad = 0;
			for (let rest = set & late; rest; rest &= rest - 1) bad++;
			price[set] = all + bad * BAD + (isUsed ? 0 : USED);
		}
		const next = cost.slice();
		const nextSecond = second.slice();
		const own = new Int32Array(count);
		for (let done = 0; done < count; done++) {
			const before = cost[done];
			if (before === Infinity) continue;
			const open = possible & ~done;
			for (let set = open; set > 0; set = (set - 1) & open) {
				const here = price[set];
				if (here === Infinity) continue;
				const after = done | set;
				if (needs[set] & ~after) continue;
				const total = { cost: before + here, second: second[done] + early[set] * slot };
				const known = { cost: next[after], second: nextSecond[after] };
				if (isBetter(total, known) || (isOther && !isBetter(known, total))) {
					next[after] = total.cost;
					nextSecond[after] = total.second;
					own[after] = set;
				}
			}
		}
		chosen.push(own);
		cost = next;
		second = nextSecond;
	}

	let best = -1;
	let least = { cost: Infinity, second: Infinity };
	for (let done = 0; done < count; done++) {
		if (cost[done] === Infinity || mustBePlaced & ~done) continue;
		let over = 0;
		for (let rest = all & ~done; rest; rest &= rest - 1) over++;
		const total = { cost: cost[done] + over * (BAD + LEFT), second: second[done] };
		if (isBetter(total, least)) [least, best] = [total, done];
	}
	for (const at of free) placed[at] = -1;
	for (let slot = slots.length - 1; slot >= 0; slot--) {
		const set = chosen[slot][best];
		for (let index = 0; index < free.length; index++) if (set & (1 << index)) placed[free[index]] = slot;
		best &= ~set;
	}
	return placed;
}
