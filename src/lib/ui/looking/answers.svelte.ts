import { SvelteMap } from 'svelte/reactivity';
import { groupBy } from '$core/group-by.ts';
import type { Answer } from '$lib/server/services/looking/answers.ts';
import type { Question } from '$lib/server/services/looking/questions.ts';
import { queue } from '../device/queue.svelte.ts';

/** Where answers are sent; what waits without a network is known again by it. */
const ANSWER = '/lists/have?/answer';
const REST = '/lists/have?/rest';

const WORDS: Readonly<Record<Answer, string>> = { have: 'have it', look: 'look', none: 'don’t have it' };

/** What a number and a place add to "Have it". */
export type Detail = { readonly place: string; readonly amount: string; readonly unit: string };

const itemsOf = (action: string, fields: Readonly<Record<string, string>>): number[] =>
	action === ANSWER ? [Number(fields.item)] : action === REST ? fields.items.split(' ').map(Number) : [];

/**
 * The questions of one visit and their answers. What was answered stays where it was, so that the list does not
 * jump under the thumb and every answer can be changed; what comes new stands behind.
 */
export class Answers {
	readonly #given = new SvelteMap<number, Answer>();
	readonly #now: () => readonly Question[];
	/** Answered since the page was last loaded for sure: what it shows of these may be older than the answer. */
	#unsure: number[] = [];
	#kept: readonly Question[] = [];

	readonly all = $derived.by(() => {
		const now = this.#now();
		const known = groupBy(this.#kept, (one) => one.item);
		const fresh = groupBy(now, (one) => one.item);
		this.#kept = [
			...this.#kept.map((one) => fresh.get(one.item)?.[0] ?? one),
			...now.filter((one) => !known.has(one.item))
		].filter((one) => fresh.has(one.item) || this.#given.has(one.item));
		return this.#kept;
	});
	/** What nobody has spoken of yet. */
	readonly open = $derived(this.all.filter((one) => !this.#given.has(one.item)));

	constructor(now: () => readonly Question[]) {
		this.#now = now;
	}

	answerOf(item: number): Answer | null {
		return this.#given.get(item) ?? null;
	}

	count(answer: Answer): number {
		return [...this.#given.values()].filter((one) => one === answer).length;
	}

	/** Takes up what was answered before a reload and still waits. Answers how to stop. */
	start(): () => void {
		return queue.listen({
			found: (waiting) => {
				for (const { action, fields } of waiting)
					for (const item of itemsOf(action, fields)) this.#given.set(item, fields.answer as Answer);
			},
			sent: () => {
				const waits = queue.waiting.flatMap(({ action, fields }) => itemsOf(action, fields));
				this.#unsure = this.#unsure.filter((item) => waits.includes(item));
				this.#forget();
			},
			refused: (fields) => {
				for (const item of fields.items ? fields.items.split(' ').map(Number) : [Number(fields.item)])
					this.#given.delete(item);
			}
		});
	}

	/** After the page was loaded anew: what came back by an undo is open again. */
	settle() {
		if (queue.waiting.length === 0) this.#forget();
	}

	#forget() {
		const now = groupBy(this.#now(), (one) => one.item);
		for (const [item] of this.#given)
			if (now.has(item) && !this.#unsure.includes(item)) this.#given.delete(item);
	}

	give(one: Question, answer: Answer, revision: number, detail: Detail | null = null) {
		this.#given.set(one.item, answer);
		this.#unsure.push(one.item);
		queue.add(
			ANSWER,
			{
				item: String(one.item),
				answer,
				...(detail ?? { place: '', amount: '', unit: '' })
			},
			`${one.name}: ${WORDS[answer]}`,
			revision
		);
	}

	/** The same answer for all that is open, and for what comes after; it carries the things that it means. */
	giveRest(answer: 'look' | 'none', after: readonly number[], revision: number) {
		const open = this.open.map((one) => one.item);
		for (const item of open) this.#given.set(item, answer);
		const items = [...open, ...after];
		this.#unsure.push(...items);
		queue.add(REST, { items: items.join(' '), answer }, `All the rest: ${WORDS[answer]}`, revision);
	}
}
