import { beforeEach, describe, expect, it, vi } from 'vitest';
import { followNews } from './news.ts';

const page = vi.hoisted(() => ({
	data: { revision: 1 },
	loads: 0
}));
const way = vi.hoisted(() => ({ to: null as object | null }));
vi.mock('$app/state', () => ({ page, navigating: way }));
vi.mock('$app/navigation', () => ({
	invalidateAll: () => {
		page.loads += 1;
		return Promise.resolve();
	}
}));

/** The stream of a server, as the browser gives it. */
class Stream {
	static readonly OPEN = 1;
	static all: Stream[] = [];
	readyState = Stream.OPEN;
	onmessage: ((event: { data: string }) => void) | null = null;
	constructor(readonly address: string) {
		Stream.all.push(this);
	}
	says(revision: number) {
		this.onmessage!({ data: JSON.stringify({ revision }) });
	}
	close() {
		this.readyState = 2;
	}
}

class Element {
	constructor(readonly kind: string) {}
	matches(selector: string) {
		return selector.includes(this.kind);
	}
}

const document = Object.assign(new EventTarget(), {
	hidden: false,
	activeElement: null as Element | null,
	dialog: null as object | null,
	querySelector: () => document.dialog
});

let stop: () => void;
beforeEach(() => {
	vi.useFakeTimers();
	Object.assign(document, { hidden: false, activeElement: null, dialog: null });
	page.data.revision = 1;
	page.loads = 0;
	way.to = null;
	Stream.all = [];
	vi.stubGlobal('EventSource', Stream);
	vi.stubGlobal('document', document);
	vi.stubGlobal('HTMLElement', Element);
	stop = followNews();
	return () => {
		stop();
		vi.useRealTimers();
	};
});

const after = (ms: number) => vi.advanceTimersByTimeAsync(ms);
const see = (hidden: boolean) => {
	document.hidden = hidden;
	document.dispatchEvent(new Event('visibilitychange'));
};

describe('news from the other phone', () => {
	it('is on the screen well within two seconds', async () => {
		Stream.all[0].says(2);
		await after(600);
		expect(page.loads).toBe(1);
	});

	it('many at once are loaded once, and what this window did itself not at all', async () => {
		for (const revision of [2, 3, 4]) Stream.all[0].says(revision);
		await after(3000);
		expect(page.loads).toBe(1);
		page.data.revision = 5;
		Stream.all[0].says(5);
		await after(3000);
		expect(page.loads).toBe(1);
	});

	it.each(['textarea', 'input', 'select'])('nobody is interrupted in a %s', async (kind) => {
		document.activeElement = new Element(kind);
		Stream.all[0].says(2);
		await after(5000);
		expect(page.loads).toBe(0);
		document.activeElement = null;
		await after(1100);
		expect(page.loads).toBe(1);
	});

	it('nor in a dialog, nor on the way to another page', async () => {
		document.dialog = {};
		Stream.all[0].says(2);
		await after(3000);
		document.dialog = null;
		way.to = {};
		await after(3000);
		expect(page.loads).toBe(0);
		way.to = null;
		await after(1100);
		expect(page.loads).toBe(1);
	});

	it('while the server is away nothing is loaded, which would only end on a page for errors', async () => {
		Stream.all[0].says(2);
		Stream.all[0].readyState = 0;
		await after(5000);
		expect(page.loads).toBe(0);
		Stream.all[0].readyState = Stream.OPEN;
		await after(1100);
		expect(page.loads).toBe(1);
	});

	it('a window that is not seen does not listen, and catches up when it is', async () => {
		see(true);
		expect(Stream.all[0].readyState).toBe(2);
		see(false);
		expect(Stream.all).toHaveLength(2);
		// The first line of a stream says where the data stands.
		Stream.all[1].says(6);
		await after(600);
		expect(page.loads).toBe(1);
	});

	it('stops listening', async () => {
		stop();
		expect(Stream.all[0].readyState).toBe(2);
		see(false);
		expect(Stream.all).toHaveLength(1);
	});
});
