import { requireDay, type Day } from '../calendar/index.ts';
import { CoreError } from '../error.ts';
import { below, seeded } from '../random.ts';
import { bestPlan, isBetter, priceOf, type Piece, type Slot } from './subsets.ts';

/** A piece of preparing. */
export type PrepJob = {
	readonly id: string;
	readonly minutes: number;
	/** Jobs that are done before it: earlier in the same sitting, or in an earlier one. */
	readonly after: readonly string[];
	/** It is in time when its sitting lies before this day. */
	readonly readyBy: Day;
	/** What has to be set up for it, once a sitting: "laminator"; null for nothing. */
	readonly setUp: string | null;
	/** What it brings with it that not every sitting allows: “noise”, “heat”, “blades”. */
	readonly brings?: readonly string[];
	/** It doesn’t keep: done as late as is safe. */
	readonly isFresh?: boolean;
	/** What it is done with is not here before this day; of no matter where no sitting from then on is in time. */
	readonly notBefore?: Day;
};

/** A time for preparing. */
export type PrepSitting = {
	readonly id: string;
	readonly date: Day;
	readonly minutes: number;
	/** What can’t be done at it: “noise” while a baby sleeps. */
	readonly bars?: readonly string[];
};

export type PrepInput = {
	readonly jobs: readonly PrepJob[];
	readonly sittings: readonly PrepSitting[];
	readonly setUpMinutes: Readonly<Record<string, number>>;
};

/** Which job at which sitting. */
export type PrepPlan = {
	/** Those that are used, in the order in which they happen, each with its jobs in the order in which they are done. */
	readonly sittings: readonly {
		readonly id: string;
		readonly jobs: readonly string[];
		readonly minutes: number;
	}[];
	readonly late: readonly string[];
	readonly unplaced: readonly string[];
};

/** So few jobs and sittings are tried in every way. */
const EXACT_JOBS = 15;
const EXACT_SITTINGS = 8;
/** Jobs that are placed anew together, and how often, when there are more. */
const FREE_JOBS = 9;
const ROUNDS = 1200;
const MOST_AT_FULL = 60 * 12;
/** What is late at every sitting goes before all others. */
const LATE_FIRST = 1000;
/** Each has a bit of its own. */
const MOST_SET_UPS = 30;

/**
 * Places jobs into sittings: fewest late or left over, then fewest left over, then fewest sittings, then least
 * minutes. Of plans that are equal in that: what is late first, then what has least time left, each as early as there
 * is room, and what is wanted fresh as late as is safe. Best possible for up to 15 jobs and 8 sittings; more are improved a few at a time, so that a plan is good
 * but not proved to be the best.
 *
 * @throws CoreError on a circle among jobs, on unknown ones, and on a set-up without minutes
 * @example
 * prep({ jobs: [{ id: 'cut', minutes: 20, after: [], readyBy: '2027-01-12', setUp: null }],
 *   sittings: [{ id: 's1', date: '2027-01-09', minutes: 60 }], setUpMinutes: {} })
 * // { sittings: [{ id: 's1', jobs: ['cut'], minutes: 20 }], late: [], unplaced: [] }
 */
export function prep({ jobs, sittings, setUpMinutes }: PrepInput): PrepPlan {
	const inOrder = topological(jobs);
	for (const [at, job] of jobs.entries()) requireDay(job.readyBy, `jobs[${at}].readyBy`);
	for (const [at, one] of sittings.entries()) requireDay(one.date, `sittings[${at}].date`);
	const names = [...new Set(jobs.flatMap((job) => job.setUp ?? []))];
	const unknown = jobs.findIndex((job) => job.setUp !== null && !(job.setUp in setUpMinutes));
	if (unknown >= 0)
		throw new CoreError(
			`Say how long setting up the ${jobs[unknown].setUp} takes.`,
			`jobs[${unknown}].setUp`
		);
	if (names.length > MOST_SET_UPS)
		throw new CoreError(`At most ${MOST_SET_UPS} kinds of set-up.`, 'setUpMinutes');
	if (new Set(sittings.map((one) => one.id)).size < sittings.length)
		throw new CoreError('Two sittings have the same id.', 'sittings');
	const held = sittings.toSorted((a, b) => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0));
	const index = new Map(inOrder.map((job, at) => [job.id, at]));
	const pieces = inOrder.map((job): Piece => {
		// The first sitting at which it would be late.
		const lateFrom = held.filter((one) => one.date < job.readyBy).length;
		const comes = held.filter((one) => one.date < (job.notBefore ?? '')).length;
		const from = comes < lateFrom ? comes : 0;
		return {
			minutes: job.minutes,
			setUp: job.setUp === null ? -1 : names.indexOf(job.setUp),
			after: job.after.map((id) => index.get(id)!),
			lateFrom,
			barred: new Set(
				held.flatMap((one, slot) =>
					slot < from || job.brings?.some((what) => one.bars?.includes(what)) ? [slot] : []
				)
			),
			early: job.isFresh ? -1 : lateFrom === 0 ? LATE_FIRST : 1 + held.length - lateFrom
		};
	});
	const slots = held.map((one): Slot => ({ minutes: one.minutes }));
	const setUps = names.map((name) => setUpMinutes[name]);
	const isSmall = pieces.length <= EXACT_JOBS && slots.length <= EXACT_SITTINGS;
	const placed = isSmall
		? bestPlan(pieces, slots, setUps)
		: earliest(improved(pieces, slots, setUps, firstPlan(pieces, slots, setUps)), pieces, slots, setUps);
	const used = held.map((sitting, slot) => {
		const own = inOrder.filter((_, at) => placed[at] === slot);
		const setUpNames = new Set(own.flatMap((job) => job.setUp ?? []));
		return {
			id: sitting.id,
			jobs: own.map((job) => job.id),
			minutes: plain(
				own.reduce((sum, job) => sum + job.minutes, 0) +
					[...setUpNames].reduce((sum, name) => sum + setUpMinutes[name], 0)
			)
		};
	});
	const ids = (is: (slot: number, piece: Piece) => boolean) => {
		const chosen = new Set(inOrder.filter((_, at) => is(placed[at], pieces[at])).map((job) => job.id));
		return jobs.filter((job) => chosen.has(job.id)).map((job) => job.id);
	};
	return {
		sittings: used.filter((one) => one.jobs.length > 0),
		late: ids((slot, piece) => slot >= piece.lateFrom),
		unplaced: ids((slot) => slot < 0)
	};
}

/** Minutes without the noise of binary fractions. */
const plain = (minutes: number) => Math.round(minutes * 1e9) / 1e9;

/** Jobs so that each comes after those it needs; among free ones those of one set-up together, then the earliest first. */
function topological(jobs: readonly PrepJob[]): PrepJob[] {
	const byId = new Map<string, PrepJob>();
	for (const [at, job] of jobs.entries()) {
		if (byId.has(job.id)) throw new CoreError(`Two jobs are called “${job.id}”.`, `jobs[${at}].id`);
		byId.set(job.id, job);
	}
	for (const [at, job] of jobs.entries())
		for (const id of job.after)
			if (!byId.has(id))
				throw new CoreError(
					`“${job.id}” waits for “${id}”, which isn’t among the jobs.`,
					`jobs[${at}].after`
				);
	const done = new Set<string>();
	const order: PrepJob[] = [];
	let setUp: string | null = null;
	while (order.length < jobs.length) {
		const free = jobs.filter((job) => !done.has(job.id) && job.after.every((id) => done.has(id)));
		if (free.length === 0)
			throw new CoreError(`These jobs wait for each other: ${circleIn(jobs, done).join(', ')}.`, 'jobs');
		const same = free.filter((job) => job.setUp === setUp);
		const next = (same.length ? same : free).reduce((a, b) => (b.readyBy < a.readyBy ? b : a));
		({ setUp } = next);
		done.add(next.id);
		order.push(next);
	}
	return order;
}

/** One circle among the jobs that are not done. */
function circleIn(jobs: readonly PrepJob[], done: ReadonlySet<string>): string[] {
	const open = new Map(jobs.filter((job) => !done.has(job.id)).map((job) => [job.id, job]));
	const path: string[] = [];
	let [at] = open.keys();
	while (!path.includes(at)) {
		path.push(at);
		at = open.get(at)!.after.find((id) => open.has(id))!;
	}
	return path.slice(path.indexOf(at));
}

/** A plan to begin with: the most pressing jobs first, each at the first sitting with room where it is not late. */
function firstPlan(pieces: readonly Piece[], slots: readonly Slot[], setUps: readonly number[]): number[] {
	const placed = pieces.map(() => -1);
	// What a job is needed for presses it.
	const due = pieces.map((piece) => piece.lateFrom);
	for (let at = pieces.length - 1; at >= 0; at--)
		for (const before of pieces[at].after) due[before] = Math.min(due[before], due[at]);
	const load = slots.map(() => ({ minutes: 0, setUps: new Set<number>() }));
	const todo = pieces.map((_, at) => at);
	while (todo.length) {
		const ready = todo.filter((at) => pieces[at].after.every((before) => !todo.includes(before)));
		const at = ready.reduce((a, b) => (due[b] < due[a] ? b : a));
		todo.splice(todo.indexOf(at), 1);
		const { after, minutes, setUp } = pieces[at];
		if (after.some((before) => placed[before] < 0)) continue;
		const from = Math.max(0, ...after.map((before) => placed[before]));
		for (let slot = from; slot < slots.length; slot++) {
			const more = minutes + (setUp < 0 || load[slot].setUps.has(setUp) ? 0 : setUps[setUp]);
			if (pieces[at].barred.has(slot)) continue;
			if (load[slot].minutes + more > slots[slot].minutes + 1e-9) continue;
			load[slot].minutes += more;
			if (setUp >= 0) load[slot].setUps.add(setUp);
			placed[at] = slot;
			break;
		}
	}
	return placed;
}

/** Takes a few jobs of a few sittings out of a plan and places them anew in the best way, again and again. */
function improved(
	pieces: readonly Piece[],
	slots: readonly Slot[],
	setUps: readonly number[],
	start: readonly number[]
): number[] {
	let placed = [...start];
	const draw = seeded(12_345);
	// A house with many sittings waits no longer for its plan.
	const rounds = Math.ceil(ROUNDS * Math.min(1, MOST_AT_FULL / (pieces.length * slots.length)));
	for (let round = 0; round < rounds; round++) {
		const left = placed.flatMap((slot, at) => (slot < 0 || slot >= pieces[at].lateFrom ? [at] : []));
		const used = [...new Set(placed.filter((slot) => slot >= 0))];
		const free = new Set<number>();
		// Either what is late with what stands in its way, or all of a sitting that could be spared, or any.
		let pool = pieces.map((_, at) => at);
		if (left.length && round % 2 === 0) {
			const pressed = left[below(draw, left.length)];
			free.add(pressed);
			// What stands where it would be in time.
			if (round % 4 === 0)
				pool = pool.filter((at) => placed[at] >= 0 && placed[at] < pieces[pressed].lateFrom);
		} else if (used.length) {
			const slot = used[below(draw, used.length)];
			for (const [at, one] of placed.entries()) if (one === slot && free.size < FREE_JOBS - 2) free.add(at);
		}
		const near = [...free].flatMap((at) => [
			...pieces[at].after,
			...pieces.flatMap((piece, other) => (piece.after.includes(at) ? [other] : []))
		]);
		if (round % 3 === 0) for (const at of near) if (free.size < FREE_JOBS) free.add(at);
		for (let tries = 0; pool.length && free.size < FREE_JOBS && tries < 60; tries++)
			free.add(pool[below(draw, pool.length)]);
		placed = bestPlan(pieces, slots, setUps, { placed, free, isOther: round % 4 > 1 });
	}
	return placed;
}

/** Moves single jobs, then whole sittings, to earlier ones wherever that costs nothing. */
function earliest(
	start: readonly number[],
	pieces: readonly Piece[],
	slots: readonly Slot[],
	setUps: readonly number[]
): number[] {
	let placed = [...start];
	let best = priceOf(placed, pieces, slots, setUps);
	const take = (other: number[]): boolean => {
		const price = priceOf(other, pieces, slots, setUps);
		if (price === null || (best !== null && !isBetter(price, best))) return false;
		[placed, best] = [other, price];
		return true;
	};
	const order = pieces.map((_, at) => at).sort((a, b) => pieces[b].early - pieces[a].early || a - b);
	for (let isMoving = true; isMoving;) {
		isMoving = false;
		for (const at of order)
			for (let slot = 0; slot < slots.length; slot++)
				if (placed[at] >= 0 && slot !== placed[at] && take(placed.map((one, i) => (i === at ? slot : one))))
					isMoving = true;
		for (const from of new Set(placed))
			for (let slot = 0; slot < from; slot++)
				if (take(placed.map((one) => (one === from ? slot : one)))) {
					isMoving = true;
					break;
				}
	}
	return placed;
}
