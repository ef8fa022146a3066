import { SvelteMap } from 'svelte/reactivity';
import type { WalkPlace, WalkRow } from '$lib/server/services/gathering/walk.ts';
import type { HuntRow } from '$lib/server/services/looking/hunt.ts';
import { queue } from '../device/queue.svelte.ts';

/** Where a tick is sent; what waits without a network is known again by it. */
const FOUND = '/lists/walk?/found';
const HUNT = '/lists/walk?/hunt';

type AnyRow = WalkRow | HuntRow;
/** How a row was answered on this walk. */
type Done = 'found' | 'not here';

/** The row that a waiting answer is about; older ones name their lot. */
const idOf = (fields: Readonly<Record<string, string>>) => fields.row ?? `${fields.lot}/${fields.run}`;
const isOfWalk = (action: string) => action === FOUND || action === HUNT;
const rowsOf = (place: WalkPlace): AnyRow[] => [...place.rows, ...place.hunt];
const byText = (a: AnyRow, b: AnyRow) => (a.text < b.text ? -1 : 1);
const isHunt = (row: AnyRow): row is HuntRow => 'what' in row;

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
	readonly #ticked = new SvelteMap<string, { row: AnyRow; path: string; done: Done }>();
	readonly #now: () => readonly WalkPlace[];
	readonly #of: () => string;
	/** The order of the places, kept while it is walked. */
	#kept = { of: '', paths: [] as string[] };

	readonly places = $derived.by(() => {
		const now = this.#now();
		const shown = now.map((place) => ({ ...place, rows: [...place.rows], hunt: [...place.hunt] }));
		for (const { row, path } of this.#ticked.values()) {
			let place = shown.find((one) => one.path === path);
			if (!place) shown.push((place = { path, usual: false, rows: [], hunt: [] }));
			const own: AnyRow[] = isHunt(row) ? place.hunt : place.rows;
			if (!own.some((one) => one.id === row.id)) own.push(row);
			own.sort(byText);
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
	readonly left = $derived(this.places.flatMap(rowsOf).filter((row) => !this.isDone(row)));
	readonly hasTicks = $derived(this.#ticked.size > 0);

	/** Of the places as the server knows them now; a walk of something else begins with its own order. */
	constructor(now: () => readonly WalkPlace[], of: () => string) {
		this.#now = now;
		this.#of = of;
	}

	isDone(row: AnyRow): boolean {
		return this.#ticked.has(row.id);
	}

	/** What was answered of a row on this walk; null where nothing was. */
	answerOf(row: AnyRow): Done | null {
		return this.#ticked.get(row.id)?.done ?? null;
	}

	/** Takes up what was ticked before a reload and still waits. Answers how to stop. */
	start(): () => void {
		return queue.listen({
			found: (waiting) => {
				for (const { action, fields } of waiting)
					for (const place of this.#now())
						for (const row of rowsOf(place))
							if (isOfWalk(action) && row.id === idOf(fields))
								this.#ticked.set(row.id, {
									row,
									path: place.path,
									done: fields.answer === 'not here' ? 'not here' : 'found'
								});
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
			if (this.#now().some((place) => rowsOf(place).some((row) => row.id === id))) this.#ticked.delete(id);
	}

	/** Ticks a row, or takes back a tick that has not been sent yet. */
	tick(row: WalkRow, path: string, move: boolean, revision: number) {
		if (this.isDone(row)) {
			this.#takeBack(row);
			return;
		}
		this.#ticked.set(row.id, { row, path, done: 'found' });
		const fields = {
			row: row.id,
			lot: String(row.lot),
			run: String(row.run),
			amount: row.amount,
			unit: row.unit,
			move: move ? 'on' : ''
		};
		queue.add(FOUND, fields, row.text, revision);
	}

	/** Answers a row of the hunt, or takes back an answer that has not been sent yet. */
	hunt(row: HuntRow, path: string, done: Done, move: boolean, revision: number, amount = '') {
		const before = this.answerOf(row);
		if (before) this.#takeBack(row);
		// The same again takes it back; found after "not here" is found.
		if (before === done) return;
		this.#ticked.set(row.id, { row, path, done });
		const fields = {
			row: row.id,
			item: String(row.item),
			run: String(row.run),
			place: row.where.place === null ? '' : String(row.where.place),
			kind: row.where.kind,
			answer: done,
			amount,
			unit: row.unit,
			move: move ? 'on' : ''
		};
		queue.add(HUNT, fields, done === 'found' ? row.text : `${row.name}: not there`, revision);
	}

	#takeBack(row: AnyRow) {
		queue.takeBack(({ action, fields }) => isOfWalk(action) && idOf(fields) === row.id);
	}
}
