import type { Action } from '@sveltejs/kit';
import { mkdtemp, readdir, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { Refusal } from '$core/error.ts';
import { exact } from '$core/measure/index.ts';
import { change } from '../history/changes.ts';
import { amountWritten } from '../exchange/kinds/supplies.ts';
import { isFormula, readCsv, writeCsv } from '../exchange/formats/csv.ts';
import { isMarcxml, readMarcxml } from '../exchange/formats/marcxml.ts';
import { keepPicture, readPicture } from '../files/pictures.ts';
import { formOf, operationOf } from '../requests/form-of.ts';
import { refusal } from '../requests/origin.ts';
import { sayAfterRedirect } from '../requests/toast-after-redirect.ts';
import { typedAmount } from '../schemas/amount.ts';
import { webAddress } from '../schemas/fields.ts';
import { addPlacesTyped } from '../services/house/places-typed.ts';
import { computeSituation } from '$core/account/index.ts';
import { readSnapshot } from '../snapshot/snapshot.ts';
import { doer, openHousehold, openTestStore } from './household.ts';
import { requestEvent, settled } from './requests.ts';

describe('days that cannot be', () => {
	it.each([
		['a block without an end', { table: 'blocked', set: { from_on: '2027-01-01', to_on: '2127-12-31' } }],
		['an end in the year 9999', { table: 'run', set: { end_on: '9999-12-31' } }],
		['a start in the year 27', { table: 'run', set: { start_on: '0027-12-01' } }],
		['an end before the start', { table: 'run', set: { end_on: '2001-01-01' } }]
	] as const)('%s, kept by an earlier version, closes no other unit', async (_, { table, set }) => {
		const store = await openTestStore();
		await change(store.write, doer(), 'slip', async (trx) => {
			if (table === 'run') await trx.updateTable('run').set(set).where('id', '=', 1).execute();
			else {
				await trx.updateTable('run').set({ end_on: null }).where('id', '=', 1).execute();
				await trx.updateTable('blocked').set(set).where('run_id', '=', 1).execute();
			}
		});
		const { runs, needs } = computeSituation(await readSnapshot(store.read), '2027-01-22');
		const [broken, ...others] = runs;
		expect(broken.trouble).toMatch(/Fix|shorten/);
		expect(broken.lessons.length).toBeGreaterThan(0);
		expect(others.every((run) => run.trouble === null)).toBe(true);
		expect(needs.some((need) => need.run.row.id !== 1)).toBe(true);
	});

	it.each([
		['calendar', { start: '2027-01-11', end: '9999-12-31', weekday2: 'on', keepFree: '0', rhythm: 'days' }],
		['block', { from: '2027-02-01', to: '2127-02-01', reason: 'slip' }],
		['missed', { day: '9999-12-31' }]
	])('the form “%s” refuses one in words', async (name, form) => {
		const close = await openHousehold();
		try {
			const { actions } = await import('../../../routes/units/[run]/plan/(days)/+page.server.ts');
			const event = requestEvent('/units/[run]/plan', { run: '1' }, { form });
			const answered = await settled(() => (actions[name] as Action)(event as never));
			expect(JSON.stringify(answered)).toMatch(/more than 10 years ahead|sixty years/);
		} finally {
			await close();
		}
	});
});

describe('forms', () => {
	const url = new URL('http://localhost/lists/walk?/found');

	it('one that is broken off, or has a million fields, is answered in words', async () => {
		const broken = new Request(url, {
			method: 'POST',
			headers: { 'content-type': 'multipart/form-data; boundary=x' },
			body: '--x\r\nContent-Disposition: form-data; name="a"\r\n\r\nhal'
		});
		await expect(formOf(broken)).rejects.toThrow('didn’t come through');
		const endless = new Request(url, {
			method: 'POST',
			headers: { 'content-type': 'application/x-www-form-urlencoded' },
			body: 'a=1&'.repeat(1_000_000)
		});
		await expect(formOf(endless)).rejects.toThrow('too many fields');
	});

	it('an operation id is of one action only, and short', () => {
		const form = new FormData();
		form.set('operation', 'abc-123');
		expect(operationOf(form, url)).not.toBe(operationOf(form, new URL('http://localhost/house?/quiet')));
		expect(operationOf(form, url)).toBe(operationOf(form, url));
		form.set('operation', 'x'.repeat(100_000));
		expect(() => operationOf(form, url)).toThrow('didn’t come through');
	});

	it('one that does not say from where it comes is refused', () => {
		const from = (headers: Record<string, string>) =>
			refusal(new Request(url, { method: 'POST', headers: { host: 'localhost', ...headers } }), []);
		expect(from({})).toContain('doesn’t say where it came from');
		expect(from({ origin: 'http://evil.example' })).toContain('another site');
		expect(from({ origin: 'http://localhost' })).toBeNull();
		expect(from({ 'sec-fetch-site': 'same-origin' })).toBeNull();
	});

	it('what is said after a redirect fits into a cookie, whatever was typed', () => {
		let kept = '';
		const cookies = { set: (_: string, value: string) => (kept = encodeURIComponent(value)) };
		sayAfterRedirect(cookies as never, 'Ödön, '.repeat(5000));
		expect(kept.length).toBeLessThan(4000);
	});

	it('only an address on the web is one', () => {
		const said = (value: string) => webAddress.validate(value);
		expect(said('javascript:alert(1)').error).toBeDefined();
		expect(said('data:text/html,<b>').error).toBeDefined();
		expect(said('example.org/maps').value).toBe('https://example.org/maps');
		expect(said('http://example.org').value).toBe('http://example.org');
	});
});

describe('amounts', () => {
	it.each(['0.0000001', '1000001', '123456789012345678901234', '1/99999', '9'.repeat(100)])(
		'%s is more exact, or more, than a house can hold',
		(text) => {
			expect(() => typedAmount(text)).toThrow(/6 decimals|looks too big|as a number/);
		}
	);

	it('those that an earlier version kept go out all the same, and come back as they were', () => {
		for (const text of ['1/10000000', '123456789012345678901234', '1/3', '5/2', '7']) {
			const written = amountWritten(text);
			expect(written).not.toContain('e');
			const [whole, part = '0'] = written.includes(' ') ? written.split(' ') : ['0', written];
			expect(exact(whole).add(exact(part)).equals(exact(text)), text).toBe(true);
		}
	});
});

describe('places', () => {
	it('fifty thousand within each other are refused in words', async () => {
		const store = await openTestStore();
		for (const text of [
			'a > '.repeat(50_000),
			Array.from({ length: 300 }, (_, i) => `${' '.repeat(i)}p${i}`).join('\n')
		])
			await expect(change(store.write, doer(), 'places', (trx) => addPlacesTyped(trx, text))).rejects.toThrow(
				'deep within each other'
			);
	});
});

describe('pictures', () => {
	it('the same one sent twenty times at once is kept each time, as one file', async () => {
		const folder = await mkdtemp(join(tmpdir(), 'gather-bin-'));
		process.env.GATHER_BIN_DATA = folder;
		const bytes = Buffer.concat([
			Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a]),
			Buffer.alloc(100_000, 7)
		]);
		const names = await Promise.all(Array.from({ length: 20 }, () => keepPicture(bytes)));
		expect(new Set(names).size).toBe(1);
		expect((await readPicture(names[0]))?.bytes.equals(bytes)).toBe(true);
		expect(await readdir(join(folder, 'files', names[0].slice(0, 2)))).toEqual([names[0]]);
		await rm(folder, { recursive: true, maxRetries: 20, retryDelay: 100 });
	});
});

describe('files', () => {
	it('no spreadsheet computes a cell of ours, wherever it parts its columns', () => {
		const cells = ['=1+1', ';=1+1', '＝1+1', '＠x', '\t=1', ' ;  +1', '|=cmd', '-2+3'];
		const csv = writeCsv({ header: ['thing'], rows: cells.map((cell) => [cell]) });
		for (const line of csv.split('\r\n').slice(1).filter(Boolean))
			expect(line.replace(/^"/, '')).toMatch(/^'/);
		expect(readCsv(csv).rows.map(([cell]) => cell.trim())).toEqual(cells.map((cell) => cell.trim()));
		expect(isFormula('=1+1')).toBe(true);
	});

	it('XML that names itself, or is nested without end, is refused in words, or stays as it is', () => {
		const entities = `<!DOCTYPE x [<!ENTITY a "x">${Array.from({ length: 30 }, (_, i) => `<!ENTITY a${i + 1} "&a${i || ''};&a${i || ''};">`).join('')}]><record>&a30;</record>`;
		for (const text of [
			entities,
			'<record>'.repeat(50_000),
			`<collection>${'<record>'.repeat(9000)}${'</record>'.repeat(9000)}</collection>`
		])
			try {
				// What is named inside may stand there as it is written; it never grows.
				expect(JSON.stringify(readMarcxml(text)).length).toBeLessThan(100_000);
			} catch (error) {
				expect(error).toBeInstanceOf(Refusal);
			}
		expect(isMarcxml(`${'<!-- -->'.repeat(5000)}<collection>`)).toBe(true);
		expect(isMarcxml(`${'<!-- -->'.repeat(5000)}<html>`)).toBe(false);
	});
});
