import { SvelteMap } from 'svelte/reactivity';
import type { WalkPlace, WalkRow } from '$lib/server/services/gathering/walk.ts';
import { queue } from '../device/queue.svelte.ts';

/** Where a tick is sent; what waits without a network is known again by it. */
const FOUND = '/lists/walk?/found';

const idOf = (fields: Readonly<Record<string, string>>) => `${fields.lot}/${fields.run}`;

/** What was shown stays in its order; what is new comes behind the place that it follows. */
function inKeptOrder(before: readonly string[], now: readonly string[]): string[] {
	const order = [...before];
	now.forEach((path, i) => {
		if (!order.includes(path)) order.splice(order.indexOf(now[i - 1]) + 1, 0, path);
	});
	return order;
}

/** One walk through the house: what was ticked on it, and the order in which it shows its places. */
export class HouseWalk {
	/** Rows ticked on this walk stay where they were, so that the list does not jump under the thumb. */
	readonly #ticked = new SvelteMap<string, { row: WalkRow; path: string }>();
	readonly #now: () => readonly WalkPlace[];
	readonly #of: () => string;
	/** The order of the places, kept while it is walked. */
	#kept = { of: '', paths: [] as string[] };

	readonly places = $derived.by(() => {
		const now = this.#now();
		const shown = now.map((place) => ({ path: place.path, rows: [...place.rows] }));
		for (const { row, path } of this.#ticked.values()) {
			let place = shown.find((one) => one.path === path);
			if (!place) shown.push((place = { path, rows: [] }));
			if (!place.rows.some((one) => one.id === row.id)) place.rows.push(row);
			place.rows.sort((a, b) => (a.item < b.item ? -1 : 1));
		}
		const of = this.#of();
		this.#kept = {
			of,
			paths: inKeptOrder(
				this.#kept.of === of ? this.#kept.paths : [],
				now.map((place) => place.path)
			)
		};
		const { paths } = this.#kept;
		return shown.toSorted((a, b) => paths.indexOf(a.path) - paths.indexOf(b.path));
	});
	/** What is still to be fetched. */
	readonly left = $derived(this.places.flatMap((place) => place.rows).filter((row) => !this.isDone(row)));
	readonly hasTicks = $derived(this.#ticked.size > 0);

	/** Of the places as the server knows them now; a walk of something else begins with its own order. */
	constructor(now: () => readonly WalkPlace[], of: () => string) {
		this.#now = now;
		this.#of = of;
	}

	isDone(row: WalkRow): boolean {
		return this.#ticked.has(row.id);
	}

	/** Takes up what was ticked before a reload and still waits. Answers how to stop. */
	start(): () => void {
		return queue.listen({
			found: (waiting) => {
				for (const { action, fields } of waiting)
					for (const place of this.#now())
						for (const row of place.rows)
							if (action === FOUND && row.id === idOf(fields))
								this.#ticked.set(row.id, { row, path: place.path });
			},
			sent: () => this.#forget(),
			refused: (fields) => this.#ticked.delete(idOf(fields))
		});
	}

	/** After the page was loaded anew: what came back by an undo is not ticked any more. */
	settle() {
		if (queue.waiting.length === 0) this.#forget();
	}

	#forget() {
		for (const [id] of this.#ticked)
			if (this.#now().some((place) => place.rows.some((row) => row.id === id))) this.#ticked.delete(id);
	}

	/** Ticks a row, or takes back a tick that has not been sent yet. */
	tick(row: WalkRow, path: string, move: boolean, revision: number) {
		if (this.isDone(row)) {
			queue.takeBack(({ action, fields }) => action === FOUND && idOf(fields) === row.id);
			return;
		}
		this.#ticked.set(row.id, { row, path });
		const fields = {
			lot: String(row.lot),
			run: String(row.run),
			amount: row.amount,
			unit: row.unit,
			move: move ? 'on' : ''
		};
		queue.add(FOUND, fields, row.text, revision);
	}
}
