import type { Handle } from '@sveltejs/kit';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { handle, handleError } from './hooks.server.ts';

type Asked = {
	method?: string;
	host?: string;
	headers?: Record<string, string>;
	cookies?: Record<string, string>;
};

/** One request of a browser: what it is answered, and what it is given to keep. */
async function ask({ method = 'GET', host = '192.168.1.20:3210', headers = {}, cookies = {} }: Asked) {
	const kept: Record<string, { value: string; options: { secure?: boolean; maxAge?: number } }> = {};
	const event = {
		request: new Request(`http://${host}/`, { method, headers: { host, ...headers } }),
		locals: {} as App.Locals,
		cookies: {
			get: (name: string) => cookies[name],
			set: (name: string, value: string, options: object) => (kept[name] = { value, options })
		}
	};
	const response = await handle({
		event,
		resolve: () => Promise.resolve(new Response('the page'))
	} as unknown as Parameters<Handle>[0]);
	return { response, kept, locals: event.locals };
}

beforeEach(() => {
	delete process.env.GATHER_BIN_HOSTS;
});

const DEVICE = 'gather-bin-device';

describe('every request', () => {
	it('gets a name for its device, which plain http carries, and keeps the one it has', async () => {
		const first = await ask({});
		const { value, options } = first.kept[DEVICE];
		expect(value).toMatch(/^[0-9a-f]{32}$/);
		expect(options).toMatchObject({ secure: false, sameSite: 'lax', path: '/' });
		expect(options.maxAge).toBeGreaterThan(300 * 24 * 3600);
		expect(first.locals.device).toBe(value);
		const again = await ask({ cookies: { [DEVICE]: value } });
		expect(again.locals.device).toBe(value);
		expect(again.kept).toEqual({});
	});

	it.each(['', 'laptop', 'A'.repeat(32), `${'a'.repeat(31)};`])(
		'“%s” is no name of a device',
		async (value) => {
			const { locals } = await ask({ cookies: { [DEVICE]: value } });
			expect(locals.device).toMatch(/^[0-9a-f]{32}$/);
			expect(locals.device).not.toBe(value);
		}
	);

	it('is answered with headers that keep a browser from guessing', async () => {
		const { response } = await ask({});
		expect(response.headers.get('x-content-type-options')).toBe('nosniff');
		expect(response.headers.get('referrer-policy')).toBe('same-origin');
		expect(await response.text()).toBe('the page');
	});

	it('to a name that is not the house’s is refused in words, unless the house lists it', async () => {
		const { response } = await ask({ host: 'house.example.org' });
		expect(response.status).toBe(403);
		expect(await response.text()).toMatch(/^[A-Z].*\.$/s);
		process.env.GATHER_BIN_HOSTS = 'other.example.org, house.example.org';
		expect((await ask({ host: 'house.example.org' })).response.status).toBe(200);
	});

	it('that changes something from another site’s page is refused', async () => {
		const post = { method: 'POST', host: 'localhost:3210' };
		const own = await ask({ ...post, headers: { origin: 'http://localhost:3210' } });
		expect(own.response.status).toBe(200);
		const other = await ask({ ...post, headers: { origin: 'http://evil.example' } });
		expect(other.response.status).toBe(403);
	});
});

describe('what nobody expected', () => {
	const event = { request: new Request('http://localhost/x'), url: new URL('http://localhost/x') };
	const said = (error: Error, status: number) =>
		handleError({ error, event, status, message: '' } as unknown as Parameters<typeof handleError>[0]) as {
			message: string;
			reference?: string;
		};

	it('is said without details, with a reference that the log has too', () => {
		const log = vi.spyOn(console, 'error').mockImplementation(() => undefined);
		const { message, reference } = said(new Error('SQLITE_CORRUPT: /secret/path'), 500);
		expect(message).toBe('Something went wrong. Nothing you saved is lost.');
		expect(reference).toBeTruthy();
		expect(String(log.mock.calls[0][0])).toContain(reference!);
		log.mockRestore();
	});

	it('a page that is not there is no fault', () =>
		expect(said(new Error('Not found'), 404)).toEqual({ message: 'Page not found.' }));
});
