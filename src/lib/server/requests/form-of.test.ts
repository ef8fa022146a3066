import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { formOf, urlEncoded } from './form-of.ts';

const TYPE = 'application/x-www-form-urlencoded;charset=UTF-8';

describe('the fields of a form', () => {
	it('read as the platform reads them, whatever was typed', () => {
		fc.assert(
			fc.property(
				fc.array(fc.tuple(fc.string({ unit: 'grapheme' }), fc.string({ unit: 'grapheme' }))),
				(pairs) => {
					const text = new URLSearchParams(pairs).toString();
					expect([...urlEncoded(Buffer.from(text))]).toEqual([...new URLSearchParams(text)]);
				}
			)
		);
	});

	it('and whatever is sent that no page of ours would send', () => {
		fc.assert(
			fc.property(
				fc.string({ unit: fc.constantFrom('%', '+', '&', '=', '2', 'F', 'g', '\u0000', ' ') }),
				(text) => {
					expect([...urlEncoded(Buffer.from(text))]).toEqual([...new URLSearchParams(text)]);
				}
			)
		);
	});

	it('a form that did not arrive whole is refused in words', async () => {
		const request = (body: string, type: string) =>
			new Request('http://localhost/', { method: 'POST', body, headers: { 'content-type': type } });
		expect((await formOf(request('thing=2+plates', TYPE))).get('thing')).toBe('2 plates');
		await expect(formOf(request('--a\r\nhalf', 'multipart/form-data; boundary=a'))).rejects.toThrow(
			'didn’t come through'
		);
		await expect(formOf(request('a=1&'.repeat(30_001), TYPE))).rejects.toThrow('too many fields');
	});
});
