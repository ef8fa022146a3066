import { SvelteSet } from 'svelte/reactivity';
import { pageNumbersText, readPages } from '$core/print/index.ts';

/** Pages chosen on the strip: by click, by dragging, by keyboard, by typing; all of them the same choice. */
export class PageChoice {
	readonly chosen = new SvelteSet<number>();
	/** The page that is looked at. */
	current = $state(1);
	/** What is typed; it follows the choice until somebody types. */
	text = $state('');
	problem = $state('');
	private anchor = 1;
	private readonly last: () => number;

	constructor(last: () => number) {
		this.last = last;
	}

	private show(): void {
		this.text = pageNumbersText([...this.chosen].sort((a, b) => a - b)).replaceAll('–', '-');
		this.problem = '';
	}

	/** Only this page, or with `add` this one more or less, or with `extend` all from the last one on. */
	pick(page: number, { add = false, extend = false } = {}): void {
		if (extend) {
			if (!add) this.chosen.clear();
			for (let one = Math.min(this.anchor, page); one <= Math.max(this.anchor, page); one++)
				this.chosen.add(one);
		} else if (add) {
			if (!this.chosen.delete(page)) this.chosen.add(page);
			this.anchor = page;
		} else {
			this.chosen.clear();
			this.chosen.add(page);
			this.anchor = page;
		}
		this.current = page;
		this.show();
	}

	/** Moves to another page, and takes it into the choice as `pick` does; with `only` it just looks there. */
	move(by: number, options: { extend?: boolean; only?: boolean } = {}): void {
		const page = Math.min(this.last(), Math.max(1, this.current + by));
		if (options.only) this.current = page;
		else this.pick(page, { extend: options.extend });
	}

	all(pages: readonly number[]): void {
		this.chosen.clear();
		for (const page of pages) this.chosen.add(page);
		this.show();
	}

	clear(): void {
		this.chosen.clear();
		this.show();
	}

	/** Chooses what was typed; what is no page is said, and the choice stays. */
	typed(text: string): void {
		this.text = text;
		if (text.trim() === '') {
			this.chosen.clear();
			this.problem = '';
			return;
		}
		try {
			const pages = readPages(text, this.last());
			this.chosen.clear();
			for (const page of pages) this.chosen.add(page);
			this.current = pages[0];
			this.anchor = pages[0];
			this.problem = '';
		} catch (error) {
			this.problem = (error as Error).message;
		}
	}
}
