import { counted } from '$core/words/index.ts';

/** What is known of one scanned or typed book. */
export type Scanned = {
	/** What was scanned; for a title, a word of its own. */
	key: string;
	isbn13: string | null;
	shown: string;
	title: string;
	authors: string;
	about: string;
	state: 'looking' | 'found' | 'not found' | 'no answer' | 'typed';
	/** Books of the library that are this one, or nearly. */
	same: { id: number; title: string; how: string }[];
	/** What the catalogue says of it, as it is saved. */
	entry: Record<string, unknown>;
};

type Answer = {
	readonly state: 'found' | 'not found' | 'no answer' | 'wrong';
	readonly why?: string;
	readonly isbn13?: string;
	readonly shown?: string;
	readonly entry?: { title: string; authors: string; kind: string; pages: number | null; topics: string };
	readonly same?: Scanned['same'];
};

const KEPT = 'gather-bin-shelf-session';
const isHere = (one: Scanned) => one.same.some(({ how }) => how === 'same ISBN');

/** One shelf that is scanned book by book. It outlives a reload; nothing that was scanned is lost. */
export class ShelfSession {
	list = $state<Scanned[]>([]);
	/** What was wrong with the last code. */
	problem = $state('');
	/** Books of the list that are in the library already. */
	readonly there = $derived(this.list.filter(isHere).length);
	readonly fresh = $derived(this.list.length - this.there);
	/** What is saved: the new ones, as JSON. */
	readonly sent = $derived(
		JSON.stringify(
			this.list
				.filter((one) => !isHere(one))
				.map((one) => ({
					...one.entry,
					isbn13: one.isbn13,
					title: one.title || (one.isbn13 ? `ISBN ${one.shown}` : '')
				}))
		)
	);

	/** Takes up the session of before, and looks up what was not answered then. */
	start() {
		const kept = localStorage.getItem(KEPT);
		if (!kept) return;
		this.list = JSON.parse(kept) as Scanned[];
		for (const one of this.list) if (one.state === 'looking') void this.#ask(one.key);
	}

	keep() {
		localStorage.setItem(KEPT, JSON.stringify(this.list));
	}

	has(key: string): boolean {
		return this.list.some((one) => one.key === key);
	}

	/** A code from the scanner, the camera, a photo or the keyboard; anything else is a title. */
	add(text: string) {
		this.problem = '';
		const bare = text.replace(/^\s*isbn(?:-1[03])?\s*:?/i, '').replace(/[\s\u2010-\u2013-]/g, '');
		if (!/^\d{7,}[\dxX]?$/.test(bare)) {
			const title = text.trim();
			if (title) this.list.unshift({ ...blank(`${title} ${this.list.length}`, 'typed'), title });
			return;
		}
		if (this.has(bare)) {
			this.problem = `${text} is already on the list.`;
			return;
		}
		this.list.unshift({ ...blank(bare, 'looking'), shown: text });
		void this.#ask(bare);
	}

	lookAgain(one: Scanned) {
		one.state = 'looking';
		void this.#ask(one.key);
	}

	leaveOut(one: Scanned) {
		this.list = this.list.filter(({ key }) => key !== one.key);
	}

	clear() {
		this.list = [];
	}

	async #ask(key: string) {
		// The list may have changed by the time of the answer.
		const found = () => this.list.find((one) => one.key === key);
		try {
			const answer = await fetch(`/home/books/look?isbn=${encodeURIComponent(key)}`);
			const read = (await answer.json()) as Answer;
			const one = found();
			if (!one) return;
			if (read.state === 'wrong') {
				this.problem = `${one.shown}: ${read.why}. It was skipped.`;
				this.leaveOut(one);
				return;
			}
			const { entry } = read;
			Object.assign(one, {
				isbn13: read.isbn13 ?? null,
				shown: read.shown ?? one.shown,
				state: read.state,
				title: one.title || entry?.title || '',
				authors: entry?.authors ?? '',
				about: entry
					? [entry.kind, entry.pages ? counted(entry.pages, 'page') : '', entry.topics]
							.filter(Boolean)
							.join(' · ')
					: '',
				entry: entry ?? {},
				same: read.same ?? []
			});
		} catch {
			const one = found();
			if (one) one.state = 'no answer';
		}
	}
}

const blank = (key: string, state: Scanned['state']): Scanned => ({
	key,
	isbn13: null,
	shown: '',
	title: '',
	authors: '',
	about: '',
	state,
	same: [],
	entry: {}
});
