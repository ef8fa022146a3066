import { beforeEach, describe, expect, it, vi } from 'vitest';
import { KEPT_PAGES } from '$lib/ui/device/kept-pages.ts';

vi.mock('$service-worker', () => ({
	build: ['/_app/entry.js'],
	files: ['/offline.html', '/icon-192.png'],
	version: 'two'
}));

const HOUSE = 'http://house.home.arpa';
const address = (of: RequestInfo | URL) => new URL(of instanceof Request ? of.url : String(of), HOUSE).href;
const withoutSearch = (href: string) => href.split('?')[0];

/** A browser's store of answers, in memory. */
class Cache {
	readonly kept = new Map<string, Response>();
	match(of: RequestInfo, { ignoreSearch = false } = {}): Promise<Response | undefined> {
		const wanted = address(of);
		const found =
			this.kept.get(wanted) ??
			(ignoreSearch
				? [...this.kept].find(([href]) => withoutSearch(href) === withoutSearch(wanted))?.[1]
				: undefined);
		return Promise.resolve(found?.clone());
	}
	put(of: RequestInfo, answer: Response): Promise<void> {
		this.kept.set(address(of), answer);
		return Promise.resolve();
	}
	async addAll(paths: string[]): Promise<void> {
		for (const path of paths) await this.put(path, await fetch(path));
	}
}

/** The network and what stands behind it. */
const network = { isUp: true, isSlow: false, status: 200, asked: [] as string[], says: 'fresh' };

let all: Map<string, Cache>;
let heard: Map<string, (event: unknown) => void>;

/** Starts the worker as the browser does, with what is kept from before. */
async function start(): Promise<void> {
	vi.resetModules();
	heard = new Map();
	vi.stubGlobal('addEventListener', (name: string, on: (event: unknown) => void) => heard.set(name, on));
	await import('./service-worker.ts');
	await happen('install');
	await happen('activate');
}

/** Sends an event and waits for all that it holds the worker up for. */
async function happen(name: string, event: object = {}): Promise<void> {
	const waits: Promise<unknown>[] = [];
	heard.get(name)!({ waitUntil: (work: Promise<unknown>) => waits.push(work), ...event });
	await Promise.all(waits);
}

/** What the worker answers to a request; null where it leaves it to the browser. */
async function ask(path: string, init: { mode?: string; method?: string } = {}): Promise<Response | null> {
	const request = new Request(new URL(path, HOUSE), { method: init.method });
	// A page cannot be asked for as one navigates to it, but the worker sees it so.
	Object.defineProperty(request, 'mode', { value: init.mode ?? 'navigate' });
	let answer: Promise<Response> | null = null;
	await happen('fetch', { request, respondWith: (work: Promise<Response>) => (answer = work) });
	return answer;
}

const text = async (answer: Response | null) => (answer ? answer.text() : null);

beforeEach(() => {
	vi.useRealTimers();
	all = new Map();
	Object.assign(network, { isUp: true, isSlow: false, status: 200, asked: [], says: 'fresh' });
	vi.stubGlobal('location', new URL(HOUSE));
	vi.stubGlobal('skipWaiting', () => Promise.resolve());
	vi.stubGlobal('clients', { claim: () => Promise.resolve() });
	vi.stubGlobal('caches', {
		open: (name: string) => {
			if (!all.has(name)) all.set(name, new Cache());
			return Promise.resolve(all.get(name)!);
		},
		keys: () => Promise.resolve([...all.keys()]),
		delete: (name: string) => Promise.resolve(all.delete(name)),
		match: async (of: RequestInfo) => {
			for (const cache of all.values()) {
				const found = await cache.match(of);
				if (found) return found;
			}
			return undefined;
		}
	});
	vi.stubGlobal('fetch', (of: RequestInfo) => {
		const path = address(of).slice(HOUSE.length);
		network.asked.push(path);
		if (network.isSlow) return new Promise<Response>(() => undefined);
		if (!network.isUp) return Promise.reject(new TypeError('no network'));
		if (path === '/kept-pages.json')
			return Promise.resolve(Response.json([...KEPT_PAGES, '/units/7/plan/paper?show=next']));
		return Promise.resolve(new Response(`${network.says} ${path}`, { status: network.status }));
	});
});

describe('the worker that keeps the lists', () => {
	it('keeps the shell, the lists and the next lesson’s sheet, and forgets an older version', async () => {
		await (await caches.open('pages-one')).put('/', new Response('old'));
		await (await caches.open('shell-one')).put('/_app/old.js', new Response('old'));
		await start();
		expect([...all.keys()].sort()).toEqual(['pages-two', 'shell-two']);
		expect([...all.get('shell-two')!.kept.keys()].map((one) => one.slice(HOUSE.length)).sort()).toEqual([
			'/_app/entry.js',
			'/icon-192.png',
			'/offline.html'
		]);
		expect([...all.get('pages-two')!.kept.keys()].map((one) => one.slice(HOUSE.length))).toEqual([
			...KEPT_PAGES,
			'/units/7/plan/paper?show=next'
		]);
	});

	it('asks the house while it answers, and shows what was kept when it does not', async () => {
		await start();
		network.says = 'newer';
		expect(await text(await ask('/lists/walk'))).toBe('newer /lists/walk');
		network.isUp = false;
		expect(await text(await ask('/lists/walk'))).toBe('newer /lists/walk');
		expect(await text(await ask('/lists/errands'))).toBe('fresh /lists/errands');
		// A list that was never opened with these words, but without them.
		expect(await text(await ask('/lists/wanted?q=compass'))).toBe('fresh /lists/wanted');
		expect(await text(await ask('/units/7/plan/paper?show=next'))).toBe(
			'fresh /units/7/plan/paper?show=next'
		);
	});

	it('does not wait for a house that takes too long', async () => {
		await start();
		vi.useFakeTimers();
		network.isSlow = true;
		const answer = ask('/lists/walk');
		await vi.advanceTimersByTimeAsync(5000);
		expect(await text(await answer)).toBe('fresh /lists/walk');
	});

	it('says that there is no way to the house where nothing was kept', async () => {
		await start();
		network.isUp = false;
		expect(await text(await ask('/house'))).toBe('fresh /offline.html');
		expect(await text(await ask('/units/1/plan'))).toBe('fresh /offline.html');
		// A unit's list is kept only once it was opened.
		expect(await text(await ask('/units/1/gather'))).toBe('fresh /offline.html');
	});

	it('keeps a unit’s list once it was opened', async () => {
		await start();
		await ask('/units/1/gather');
		network.isUp = false;
		expect(await text(await ask('/units/1/gather'))).toBe('fresh /units/1/gather');
	});

	it('never keeps an error instead of a list', async () => {
		await start();
		network.status = 500;
		expect((await ask('/lists/walk'))!.status).toBe(500);
		network.isUp = false;
		expect(await text(await ask('/lists/walk'))).toBe('fresh /lists/walk');
	});

	it('gives the shell without asking, and keeps a picture that was seen', async () => {
		await start();
		network.asked = [];
		expect(await text(await ask('/_app/entry.js', { mode: 'no-cors' }))).toBe('fresh /_app/entry.js');
		expect(network.asked).toEqual([]);
		await ask('/pictures/globe.webp', { mode: 'no-cors' });
		network.isUp = false;
		expect(await text(await ask('/pictures/globe.webp', { mode: 'no-cors' }))).toBe(
			'fresh /pictures/globe.webp'
		);
	});

	it('data of a list comes from what was kept for that very address, and fails otherwise', async () => {
		await start();
		const data = '/lists/walk/__data.json?span=all';
		expect(await text(await ask(data, { mode: 'cors' }))).toBe(`fresh ${data}`);
		network.isUp = false;
		expect(await text(await ask(data, { mode: 'cors' }))).toBe(`fresh ${data}`);
		// A page's data for other words would be wrong; the page itself is loaded then.
		await expect(ask('/lists/walk/__data.json?span=next', { mode: 'cors' }).then(text)).rejects.toThrow(
			'no network'
		);
	});

	it('leaves changes, news and other sites to the browser', async () => {
		await start();
		expect(await ask('/lists/walk?/found', { method: 'POST' })).toBeNull();
		expect(await ask('/events', { mode: 'cors' })).toBeNull();
		expect(await ask('http://elsewhere.example/x')).toBeNull();
		expect(await ask('/find?q=flour', { mode: 'cors' })).toBeNull();
	});

	it('fetches the lists again when a page asks for it, not at every step', async () => {
		await start();
		network.asked = [];
		await ask('/house');
		expect(network.asked).toEqual(['/house']);
		await happen('message', { data: 'keep pages' });
		expect(network.asked).toContain('/lists/errands');
		network.isUp = false;
		// Without a network nothing that is kept is lost.
		await happen('message', { data: 'keep pages' });
		expect(await text(await ask('/lists/errands'))).toBe('fresh /lists/errands');
	});
});
