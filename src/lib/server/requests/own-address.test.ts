import { describe, expect, it } from 'vitest';
import { houseAddress } from './own-address.ts';

const asked = (address: string, encrypted: boolean | null, headers: Record<string, string> = {}) =>
	({
		url: new URL(address),
		platform: encrypted === null ? undefined : { req: { socket: encrypted ? { encrypted } : {} } },
		request: new Request(address, { headers })
	}) as unknown as Parameters<typeof houseAddress>[0];

describe('the address for other devices', () => {
	it.each([
		[
			'asked over plain http, though the server takes it for https',
			'https://192.168.1.5:3210/week',
			false,
			{},
			'http://192.168.1.5:3210'
		],
		['asked over https', 'https://192.168.1.5:3443/week', true, {}, 'https://192.168.1.5:3443'],
		[
			'behind another server that speaks https',
			'https://gather.lan/week',
			false,
			{ 'x-forwarded-proto': 'https' },
			'https://gather.lan'
		],
		['from this computer', 'https://localhost:3210/week', false, {}, 'http://192.168.1.77:3210'],
		['from this computer, by number', 'https://127.0.0.1:3210/', false, {}, 'http://192.168.1.77:3210'],
		['while it is being developed', 'http://localhost:5173/', null, {}, 'http://192.168.1.77:5173']
	] as const)('%s', (_, address, encrypted, headers, expected) => {
		expect(houseAddress(asked(address, encrypted, headers), ['192.168.1.77', '10.0.0.2'])).toBe(expected);
	});
	it('a computer without a network is only found by itself', () => {
		expect(houseAddress(asked('https://localhost:3210/', false), [])).toBe('http://localhost:3210');
	});
});
