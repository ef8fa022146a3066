import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import fc from 'fast-check';
import { beforeEach, expect, test, vi } from 'vitest';
import type { queue as opened } from './queue.svelte.ts';

const said = { done: [] as string[], wrong: [] as string[] };
/** What happens while the page is loaded again. */
const loading = { meanwhile: async () => {} };
vi.mock('$app/forms', () => ({ deserialize: JSON.parse }));
vi.mock('../news/load-again.ts', () => ({ loadAgain: () => loading.meanwhile() }));
vi.mock('../toast/toast.ts', () => ({
	sayDone: (text: string) => said.done.push(text),
	sayWrong: (text: string) => said.wrong.push(text)
}));

/**
 * What becomes of the next request: it arrives, is lost on the way there, or on the way back; the server errs before
 * or after it did it, is busy, or its answer is cut; it is refused by its form, or before it came to one.
 */
type Fate =
	| 'arrives'
	| 'lost there'
	| 'lost back'
	| 'errs'
	| 'errs afterwards'
	| 'busy'
	| 'cut'
	| 'refused'
	| 'not allowed'
	| 'somebody was faster';

/** A house that does every operation once, behind a network that does what it wants. */
class House {
	readonly did: { id: string; what: string; seen: string }[] = [];
	readonly asked: string[] = [];
	fates: Fate[] = [];

	readonly fetch = (_: string, { body }: { body: FormData }): Promise<Response> => {
		const fate = this.fates.shift() ?? 'arrives';
		if (fate === 'lost there') return Promise.reject(new TypeError('no network'));
		const [id, what, seen] = ['operation', 'what', 'seen'].map((name) => body.get(name) as string);
		this.asked.push(what);
		const answer = (data: object, status = 200) =>
			Promise.resolve(new Response(JSON.stringify(data), { status }));
		const error = { type: 'error', error: { message: 'The disk is full.' } };
		if (fate === 'errs') return answer(error, 500);
		if (fate === 'busy') return Promise.resolve(new Response('Try again later', { status: 429 }));
		if (fate === 'not allowed')
			return Promise.resolve(new Response(`No ${what} from another site.`, { status: 403 }));
		if (fate === 'refused') return answer({ type: 'failure', data: { message: `No ${what}.`, path: null } });
		if (fate === 'somebody was faster')
			return answer({ type: 'failure', data: { message: 'Counted on another device.', path: 'seen' } });
		if (!this.did.some((one) => one.id === id)) this.did.push({ id, what, seen });
		if (fate === 'errs afterwards') return answer(error, 503);
		if (fate === 'cut') return Promise.resolve(new Response('{"type":"succ'));
		if (fate === 'lost back') return Promise.reject(new TypeError('connection reset'));
		return answer({ type: 'success', data: { changed: `Done: ${what}` } });
	};
}

let house: House;
beforeEach(() => {
	house = new House();
	said.done.length = 0;
	said.wrong.length = 0;
	vi.stubGlobal('indexedDB', new IDBFactory());
	vi.stubGlobal('window', new EventTarget());
	vi.stubGlobal('fetch', (url: string, request: { body: FormData }) => house.fetch(url, request));
});

type Queue = typeof opened;

/** A page that is opened: its queue takes up what waits on the device. */
async function openPage(): Promise<{ queue: Queue; close: () => void }> {
	vi.resetModules();
	const { queue } = await import('./queue.svelte.ts');
	const close = queue.start();
	await quiet();
	return { queue, close };
}

/** Until everything that was begun has come to rest; the database of the stand-in answers in turns of the loop. */
async function quiet(): Promise<void> {
	for (let turn = 0; turn < 12; turn++) await new Promise((over) => setTimeout(over, 1));
}

async function networkIsBack(): Promise<void> {
	house.fates = [];
	window.dispatchEvent(new Event('online'));
	await quiet();
}

const add = (queue: Queue, what: string, seen = 1) => queue.add('/walk?/found', { what }, what, seen);

test('whatever the network does, each tick counts once and in its order, over reloads too', async () => {
	const fate = fc.constantFrom<Fate>('arrives', 'lost there', 'lost back');
	const step = fc.oneof(
		{
			weight: 4,
			arbitrary: fc.record({ kind: fc.constant('tick' as const), fates: fc.array(fate, { maxLength: 3 }) })
		},
		{ weight: 1, arbitrary: fc.constant({ kind: 'reload' as const }) },
		{ weight: 1, arbitrary: fc.constant({ kind: 'take back' as const }) }
	);
	await fc.assert(
		fc.asyncProperty(fc.array(step, { minLength: 1, maxLength: 8 }), async (steps) => {
			house = new House();
			vi.stubGlobal('indexedDB', new IDBFactory());
			let page = await openPage();
			const wanted: string[] = [];
			for (const [i, one] of steps.entries()) {
				if (one.kind === 'tick') {
					wanted.push(`tick ${i}`);
					house.fates.push(...one.fates);
					add(page.queue, `tick ${i}`);
					await quiet();
				} else if (one.kind === 'reload') {
					page.close();
					page = await openPage();
				} else {
					const back = page.queue.takeBack();
					// What the house did before its answer was lost stays done; the page shows it when it loads again.
					if (back && !house.asked.includes(back.what)) wanted.splice(wanted.indexOf(back.what), 1);
				}
			}
			await networkIsBack();
			expect(house.did.map((one) => one.what)).toEqual(wanted);
			expect(page.queue.waiting).toEqual([]);
			page.close();
			const later = await openPage();
			expect(later.queue.waiting).toEqual([]);
			later.close();
		}),
		{ numRuns: 60 }
	);
});

test('what is ticked while the page is loaded again is sent as well', async () => {
	const { queue, close } = await openPage();
	loading.meanwhile = async () => {
		loading.meanwhile = async () => {};
		add(queue, 'second');
		await quiet();
	};
	add(queue, 'first');
	for (let i = 0; i < 4; i++) await quiet();
	expect(house.did.map((one) => one.what)).toEqual(['first', 'second']);
	expect(queue.waiting).toEqual([]);
	close();
});

test('an attempt whose answer was lost keeps its own id', async () => {
	const { queue, close } = await openPage();
	queue.add('/?/got', { what: 'oranges' }, 'oranges', 1, 'id-of-the-form');
	await quiet();
	expect(house.did.map((one) => one.id)).toEqual(['id-of-the-form']);
	close();
});

test('one that meets a newer change waits for a decision, over a reload too; the others go on', async () => {
	let page = await openPage();
	house.fates = ['lost there'];
	add(page.queue, 'count', 4);
	await quiet();
	house.fates = ['somebody was faster'];
	add(page.queue, 'corks', 4);
	await quiet();
	expect(page.queue.conflicts.map((one) => one.conflict)).toEqual(['Counted on another device.']);
	expect(house.did.map((one) => one.what)).toEqual(['corks']);
	page.close();
	page = await openPage();
	const [met] = page.queue.conflicts;
	expect(met.what).toBe('count');
	// Use mine: under a new id, on what stands now.
	page.queue.decide(met, true, 9);
	await quiet();
	expect(house.did.at(-1)).toMatchObject({ what: 'count', seen: '9' });
	expect(house.did.at(-1)!.id).not.toBe(met.id);
	expect(page.queue.conflicts).toEqual([]);
	page.close();
});

test('leaving it as it is now sends nothing and tells the page', async () => {
	const { queue, close } = await openPage();
	const refused: string[] = [];
	const stop = queue.listen({ refused: (fields) => refused.push(fields.what) });
	house.fates = ['somebody was faster'];
	add(queue, 'count');
	await quiet();
	const asked = house.asked.length;
	queue.decide(queue.conflicts[0], false, 2);
	await quiet();
	expect(house.asked).toHaveLength(asked);
	expect(refused).toEqual(['count']);
	stop();
	close();
});

test('what the house refuses is said in its words, given up, and does not hold up the rest', async () => {
	const { queue, close } = await openPage();
	const refused: string[] = [];
	queue.listen({ refused: (fields) => refused.push(fields.what) });
	house.fates = ['lost there'];
	add(queue, 'globe');
	await quiet();
	add(queue, 'corks');
	house.fates = ['refused'];
	await quiet();
	expect(said.wrong).toEqual(['No globe.']);
	expect(refused).toEqual(['globe']);
	expect(house.did.map((one) => one.what)).toEqual(['corks']);
	expect(said.done).toEqual(['Done: corks']);
	close();
});

test('a page that opens is told what waits', async () => {
	const first = await openPage();
	house.fates = ['lost there', 'lost there', 'lost there'];
	add(first.queue, 'yeast');
	await quiet();
	first.close();
	house.fates = ['lost there'];
	const { queue, close } = await openPage();
	const found: string[] = [];
	queue.listen({ found: (waiting) => found.push(...waiting.map((one) => one.what)) });
	expect(found).toEqual(['yeast']);
	close();
});

test('a browser that keeps nothing still sends, and says that it keeps nothing', async () => {
	vi.stubGlobal('indexedDB', {
		open: () => {
			throw new DOMException('not in a private window', 'SecurityError');
		}
	});
	const { queue, close } = await openPage();
	house.fates = ['lost there'];
	add(queue, 'salt');
	await quiet();
	expect(queue.isKept).toBe(false);
	expect(queue.waiting.map((one) => one.what)).toEqual(['salt']);
	await networkIsBack();
	expect(house.did.map((one) => one.what)).toEqual(['salt']);
	expect(queue.waiting).toEqual([]);
	close();
});

test('whatever the server answers, a tick is done once, or refused in words, or still waits', async () => {
	const fate = fc.constantFrom<Fate>(
		'arrives',
		'lost there',
		'lost back',
		'errs',
		'errs afterwards',
		'busy',
		'cut',
		'refused',
		'not allowed'
	);
	await fc.assert(
		fc.asyncProperty(fc.array(fate, { minLength: 1, maxLength: 12 }), async (fates) => {
			house = new House();
			said.wrong.length = 0;
			vi.stubGlobal('indexedDB', new IDBFactory());
			const page = await openPage();
			house.fates = [...fates];
			const ticks = ['plates', 'cups', 'film'];
			for (const what of ticks) {
				add(page.queue, what);
				await quiet();
			}
			const endsOf = (what: string) => ({
				refused: said.wrong.filter((text) => text.includes(what)).length,
				waits: page.queue.waiting.filter((one) => one.what === what).length,
				done: house.did.filter((one) => one.what === what).length
			});
			for (const what of ticks) {
				const { refused, waits, done } = endsOf(what);
				expect(refused + waits + (waits || refused ? 0 : done), what).toBe(1);
				expect(done, what).toBeLessThanOrEqual(1);
			}
			await networkIsBack();
			for (const what of ticks) {
				const { refused, waits, done } = endsOf(what);
				expect(waits, what).toBe(0);
				expect(Math.max(refused, done), what).toBe(1);
			}
			page.close();
		}),
		{ numRuns: 60 }
	);
});
