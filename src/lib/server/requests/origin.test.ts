import { describe, expect, it } from 'vitest';
import { isAllowedHost, refusal } from './origin.ts';

const post = (headers: Record<string, string>) => new Request('http://x/', { method: 'POST', headers });

describe('hosts', () => {
	it.each([
		'localhost:3210',
		'127.0.0.1',
		'192.168.1.20:3210',
		'10.0.0.5',
		'172.20.1.1',
		'[::1]:3210',
		'[fd12:3456::1]',
		'study.local',
		'bin.home.arpa'
	])('%s is ours', (host) => expect(isAllowedHost(host, [])).toBe(true));
	it.each([
		'evil.example',
		'10.evil.example',
		'192.168.1.20.evil.example',
		'172.32.0.1',
		'8.8.8.8',
		'localhost.evil.example',
		''
	])('%s is not', (host) => expect(isAllowedHost(host, [])).toBe(false));
	it('names of one’s own are listed', () => {
		expect(isAllowedHost('bin.example.org:443', ['bin.example.org'])).toBe(true);
	});
});

describe('origin of a form', () => {
	const host = 'localhost:3210';
	it('takes its own pages, over http and https', () => {
		expect(refusal(post({ host, origin: 'http://localhost:3210' }), [])).toBeNull();
		expect(refusal(post({ host: 'bin.local', origin: 'https://bin.local' }), [])).toBeNull();
	});
	it.each<Record<string, string>>([
		{ origin: 'http://evil.example' },
		{ origin: 'http://localhost:9999' },
		{ origin: 'null' },
		{ 'sec-fetch-site': 'cross-site' }
	])('refuses %j', (headers) => expect(refusal(post({ host, ...headers }), [])).toMatch(/another site/));
	it('refuses a strange host even for reading', () => {
		expect(refusal(new Request('http://x/', { headers: { host: 'evil.example' } }), [])).toMatch(
			/evil\.example/
		);
	});
});
