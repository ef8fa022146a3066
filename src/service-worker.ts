/// <reference no-default-lib="true"/>
/// <reference lib="esnext" />
/// <reference lib="webworker" />
/// <reference types="@sveltejs/kit" />
/**
 * Keeps the shell and the pages that are carried through the house and into a shop, so that they open without
 * a network. Only reading goes through here: what is changed waits in the page's own queue.
 */
import { build, files, version } from '$service-worker';
import { isKept, KEPT_PAGES } from './lib/ui/device/kept-pages.ts';

const worker = globalThis as unknown as ServiceWorkerGlobalScope;
const SHELL = `shell-${version}`;
const PAGES = `pages-${version}`;
const SHELL_FILES = new Set([...build, ...files]);
/** A server that has not answered by then is not waited for where a kept page can be shown. */
const PATIENCE_MS = 4000;
/** Kept pages are fetched again in the background after so long. */
const FRESH_MS = 60_000;
let keptAt = 0;

worker.addEventListener('install', (event) => {
	event.waitUntil(
		caches
			.open(SHELL)
			.then((cache) => cache.addAll([...SHELL_FILES]))
			.then(() => worker.skipWaiting())
	);
});

worker.addEventListener('activate', (event) => {
	event.waitUntil(takeOver());
});

async function takeOver(): Promise<void> {
	await worker.clients.claim();
	await keepPages();
}

/**
 * Fetches the pages that are to open without a network. What an older version kept goes when all of them are here,
 * and serves until then.
 */
async function keepPages(): Promise<void> {
	if (Date.now() - keptAt < FRESH_MS) return;
	keptAt = Date.now();
	const cache = await caches.open(PAGES);
	for (const path of await pagesToKeep()) {
		const answer = await fetch(path, { headers: { accept: 'text/html' } }).catch(() => null);
		// Without a network the older copy is the best there is.
		if (!answer) return;
		if (answer.ok && !answer.redirected) await cache.put(path, answer);
	}
	for (const name of await caches.keys()) if (name !== SHELL && name !== PAGES) await caches.delete(name);
}

async function pagesToKeep(): Promise<readonly string[]> {
	const answer = await fetch('/kept-pages.json').catch(() => null);
	return answer?.ok ? ((await answer.json()) as string[]) : KEPT_PAGES;
}

worker.addEventListener('message', (event) => {
	if (event.data === 'take over') event.waitUntil(worker.clients.claim());
	if (event.data === 'keep pages') {
		keptAt = 0;
		event.waitUntil(keepPages());
	}
});

worker.addEventListener('fetch', (event) => {
	const { request } = event;
	const url = new URL(request.url);
	if (request.method !== 'GET' || url.origin !== worker.location.origin || url.pathname === '/events') return;
	if (SHELL_FILES.has(url.pathname) || /^\/(?:pictures|_app\/immutable)\//.test(url.pathname)) {
		event.respondWith(fromShell(request));
		return;
	}
	const isData = url.pathname.endsWith('/__data.json');
	if (request.mode !== 'navigate' && !isData) return;
	const page = isData ? url.pathname.slice(0, -'/__data.json'.length) || '/' : url.pathname;
	if (isKept(page)) event.respondWith(fromNetwork(request, isData));
	else if (!isData) event.respondWith(fetch(request).catch(() => offline()));
	if (request.mode === 'navigate') event.waitUntil(keepPages());
});

async function fromShell(request: Request): Promise<Response> {
	const kept = await caches.match(request);
	if (kept) return kept;
	const answer = await fetch(request);
	if (answer.ok) {
		const cache = await caches.open(SHELL);
		await cache.put(request, answer.clone());
	}
	return answer;
}

/** From the server while it answers; else the copy that was kept. */
async function fromNetwork(request: Request, isData: boolean): Promise<Response> {
	const cache = await caches.open(PAGES);
	const kept = async () =>
		(await cache.match(request)) ??
		// A page of an older version opens with the files of that version.
		(isData
			? null
			: ((await cache.match(request, { ignoreSearch: true })) ?? (await caches.match(request)) ?? null));
	const asked = fetch(request).then(async (answer) => {
		if (answer.ok && !answer.redirected) await cache.put(request, answer.clone());
		return answer;
	});
	// A slow answer still refreshes the copy; its failure is no news then.
	asked.catch(() => undefined);
	const late = new Promise<null>((over) => setTimeout(() => over(null), PATIENCE_MS));
	const first = await Promise.race([asked.catch(() => null), late]);
	if (first) return first;
	const copy = await kept();
	if (copy) return copy;
	return asked.catch((error: unknown) => {
		if (isData) throw error;
		return offline();
	});
}

async function offline(): Promise<Response> {
	return (await caches.match('/offline.html')) ?? Response.error();
}
