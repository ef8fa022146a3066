import type { ActionResult, SubmitFunction } from '@sveltejs/kit';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { saves } from './submit.ts';

const heard = vi.hoisted(() => ({
	done: [] as string[],
	wrong: [] as string[],
	queued: [] as unknown[][],
	order: [] as string[]
}));
vi.mock('$app/state', () => ({ page: { data: { revision: 7 } } }));
vi.mock('../news/load-again.ts', () => ({ arrived: () => Promise.resolve() }));
vi.mock('../toast/toast.ts', () => ({
	sayDone: (text: string) => heard.done.push(text),
	stepAside: () => undefined,
	sayWrong: (text: string) => heard.wrong.push(text)
}));
vi.mock('./queue.svelte.ts', () => ({ queue: { add: (...given: unknown[]) => heard.queued.push(given) } }));

let focused = 0;
beforeEach(() => {
	for (const list of Object.values(heard)) list.length = 0;
	focused = 0;
	vi.stubGlobal('document', { querySelector: () => ({ focus: () => (focused += 1) }) });
});

/** Sends a form and lets the server answer with a result; gives what was sent. */
async function send(handler: SubmitFunction, result: ActionResult, fields: Record<string, string> = {}) {
	const formData = new FormData();
	for (const [name, value] of Object.entries(fields)) formData.set(name, value);
	const after = await handler({
		formData,
		action: new URL('http://house.local/lists/walk?/there')
	} as Parameters<SubmitFunction>[0]);
	if (!after) throw new Error('nothing waits for the answer');
	await after({
		result,
		update: ({ reset }: { reset?: boolean } = {}) => {
			heard.order.push(reset ? 'shown and emptied' : 'shown');
			return Promise.resolve();
		}
	} as Parameters<typeof after>[0]);
	return Object.fromEntries(formData);
}

const success = (changed: string | null): ActionResult => ({
	type: 'success',
	status: 200,
	data: { changed }
});
const noNetwork: ActionResult = { type: 'error', error: new TypeError('Failed to gather') };
const steps = () => ({
	done: () => heard.order.push('done'),
	shown: () => heard.order.push('after')
});

describe('a form that is sent', () => {
	it('carries an operation id of its own each time', async () => {
		const handler = saves();
		const [first, second] = [await send(handler, success(null)), await send(handler, success(null))];
		expect(first.operation).toMatch(/^[0-9a-f]{24}$/);
		expect(second.operation).not.toBe(first.operation);
	});

	it('says what was done, closes, shows it, and is emptied where it is wished', async () => {
		await send(saves({ ...steps(), reset: true }), success('Flour noted'));
		expect(heard.done).toEqual(['Flour noted']);
		expect(heard.order).toEqual(['done', 'shown and emptied', 'after']);
	});

	it('says nothing where nothing was changed', async () => {
		await send(saves(), success(null));
		expect(heard.done).toEqual([]);
	});

	it('that is refused stays open and filled, says why, and puts the pointer where it is wrong', async () => {
		await send(saves({ ...steps(), reset: false }), {
			type: 'failure',
			status: 400,
			data: { message: 'The amount must be 0 or more.', path: 'amount' }
		});
		expect(heard.wrong).toEqual(['The amount must be 0 or more.']);
		expect(heard.order).toEqual(['shown']);
		expect(focused).toBe(1);
	});

	it('that leads to another page closes first', async () => {
		await send(saves(steps()), { type: 'redirect', status: 303, location: '/home' });
		expect(heard.order).toEqual(['done', 'shown']);
	});

	it('without a network waits under its own id, with what was typed and what the page showed', async () => {
		const sent = await send(saves({ ...steps(), waits: 'corks counted' }), noNetwork, {
			lot: '4',
			amount: '3'
		});
		expect(heard.queued).toEqual([
			['/lists/walk?/there', { lot: '4', amount: '3' }, 'corks counted', 7, sent.operation]
		]);
		expect(heard.order).toEqual(['done']);
		expect(heard.wrong).toEqual([]);
	});

	it('that cannot wait says so and keeps what was typed', async () => {
		await send(saves(steps()), { type: 'error', error: undefined });
		expect(heard.queued).toEqual([]);
		expect(heard.wrong).toEqual(['That didn’t go through. What you typed is still here; try again.']);
		expect(heard.order).toEqual([]);
	});

	it('at which the server itself fails waits as well, where it may', async () => {
		await send(saves({ waits: 'corks counted' }), {
			type: 'error',
			status: 500,
			error: { message: 'The disk is full.' }
		});
		expect(heard.queued).toHaveLength(1);
		expect(heard.wrong).toEqual([]);
	});

	it('at which the server itself fails says so where it may not wait', async () => {
		await send(saves(), {
			type: 'error',
			status: 500,
			error: { message: 'Something went wrong on our side.' }
		});
		expect(heard.queued).toEqual([]);
		expect(heard.wrong).toEqual(['Something went wrong on our side.']);
	});
});
