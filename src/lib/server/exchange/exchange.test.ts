import fc from 'fast-check';
import { sql } from 'kysely';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { change, undo } from '../history/changes.ts';
import type { Situation } from '$core/account/index.ts';
import { allRows, doer, openTestStore, situationOf } from '../tests/household.ts';
import { isFormula, readCsv, writeCsv } from './formats/csv.ts';
import { decodeText } from './formats/decode.ts';
import { readSheet } from './formats/sheet.ts';
import { exportLibrary, exportSheet, kindOf, planImport } from './index.ts';
import { SUPPLIES } from './kinds/supplies.ts';
import { readSheetAside } from './read-aside.ts';

const bytes = (text: string) => new TextEncoder().encode(text);
const planned = (now: Situation, text: string, run: number | null) => planImport(now, readSheet(text), run);

describe('CSV as RFC 4180 has it', () => {
	// RFC 4180, section 2, rules 1 to 7.
	it.each([
		[
			'1: records end in CRLF',
			'a,b\r\n1,2\r\n3,4\r\n',
			[
				['1', '2'],
				['3', '4']
			]
		],
		['2: the last record may have none', 'a,b\r\n1,2', [['1', '2']]],
		['4: spaces belong to a field (trimmed here, as no name begins with one)', 'a,b\r\n 1 ,2', [['1', '2']]],
		['5: fields may be quoted', 'a,b\r\n"1","2"', [['1', '2']]],
		['6: line breaks, quotes and commas inside quotes', 'a,b\r\n"x\r\ny","1,5"', [['x\r\ny', '1,5']]],
		['7: a quote is doubled', 'a,b\r\n"12"" ruler",1', [['12" ruler', '1']]]
	])('%s', (_, text, rows) => {
		expect(readCsv(text)).toEqual({ header: ['a', 'b'], rows });
	});

	it('what other spreadsheets make of it: semicolons, tabs, a byte order mark, empty rows', () => {
		expect(readCsv('\uFEFFa;b\n1;2\n\n ; \n3;4\n').rows).toEqual([
			['1', '2'],
			['3', '4']
		]);
		expect(readCsv('a\tb\n1\t2').rows).toEqual([['1', '2']]);
	});

	it('any table that is written reads back, here and by papaparse alone', () => {
		const cell = fc.string({ unit: 'grapheme', maxLength: 12 }).map((text) => text.trim());
		fc.assert(
			fc.property(
				fc
					.array(fc.tuple(cell, cell, cell), { minLength: 1, maxLength: 6 })
					.filter((rows) => rows.every((row) => row.some((one) => one.replace(/[\s'\uFEFF]/g, '') !== ''))),
				(rows) => {
					const guarded = rows.map((row) => row.map((one) => one.replace(/^'+/, '').trim()));
					fc.pre(guarded.every((row) => row.some(Boolean)));
					const text = writeCsv({ header: ['a', 'b', 'c'], rows: guarded });
					expect(readCsv(text).rows).toEqual(guarded);
					const plain = Papa.parse<string[]>(text, { skipEmptyLines: true, delimiter: ',' }).data;
					expect(plain).toHaveLength(rows.length + 1);
				}
			),
			{ numRuns: 300 }
		);
	});

	it('a cell that a spreadsheet would compute is guarded on the way out', () => {
		const text = writeCsv({ header: ['thing'], rows: [['=1+1'], ['@sum'], ['-3'], ['plain']] });
		expect(text).toBe(`thing\r\n"'=1+1"\r\n"'@sum"\r\n"'-3"\r\nplain\r\n`);
		expect([isFormula('=1+1'), isFormula('-x'), isFormula('-3'), isFormula('@x')]).toEqual([
			true,
			true,
			false,
			true
		]);
	});

	it('a quotation mark that isn’t closed names its row; nothing below the columns says so', () => {
		expect(() => readCsv('a,b\n1,"2')).toThrow(/quotation mark that isn’t closed/);
		expect(() => readCsv('a,b\n')).toThrow(/No rows under/);
		expect(() => readCsv(`a\n${'1\n'.repeat(10_001)}`)).toThrow('more than 10,000 rows');
	});
});

describe('files of other kinds and letters', () => {
	it('UTF-8, UTF-16 and Western European are read, and the last is said', () => {
		expect(decodeText(bytes('thé'))).toEqual({ text: 'thé', note: '' });
		expect(decodeText(new Uint8Array([0xff, 0xfe, 0x74, 0, 0xe9, 0])).text).toBe('té');
		expect(decodeText(new Uint8Array([0xfe, 0xff, 0, 0x74, 0, 0xe9])).text).toBe('té');
		const western = decodeText(new Uint8Array([0x74, 0xe9, 0x0a]));
		expect(western.text).toBe('té\n');
		expect(western.note).toContain('Western European');
	});

	it.each([
		['a PDF', [0x25, 0x50, 0x44, 0x46, 0x2d]],
		['a spreadsheet', [0x50, 0x4b, 0x03, 0x04, 0]],
		['a picture', [0x89, 0x50, 0x4e, 0x47]],
		['isn’t text', [0x61, 0, 0, 0x62]],
		['empty', []],
		['over 8 MB', Array.from({ length: 8 * 1024 * 1024 + 1 }, () => 97)]
	])('%s is refused in words', (words, content) => {
		expect(() => decodeText(new Uint8Array(content))).toThrow(words);
	});
});

describe('what a file is', () => {
	it.each([
		['thing,amount,unit,place', 'supplies'],
		['Item,Qty,Location', 'supplies'],
		['Place,Type', 'places'],
		['Lesson,Item,Quantity', 'list']
	])('%s is for %s', (header, id) => {
		expect(kindOf(readCsv(`${header}\nx,y,z`)).id).toBe(id);
	});

	it('columns that nobody knows are named, with what would be', () => {
		expect(() => kindOf(readCsv('colour,price\nred,3'))).toThrow(
			'These columns aren’t recognized: “colour”, “price”. We can read “item” and “amount” for supplies at home'
		);
	});
});

describe('bringing in', () => {
	it.each(['supplies', 'places', 'books', 'list'] as const)(
		'%s, taken out and brought in again, changes nothing',
		async (id) => {
			const store = await openTestStore();
			const before = await allRows(store);
			const text = exportSheet(await situationOf(store), id, 1);
			const { kind, plan } = await planned(await situationOf(store), text, 1);
			expect(kind.id).toBe(id);
			expect(plan.rows.length).toBeGreaterThan(10);
			expect(plan.rows.filter((row) => row.status !== 'same')).toEqual([]);
			await change(store.write, doer(), 'import', plan.apply);
			expect(await allRows(store)).toEqual(before);
		}
	);

	it.each(['supplies', 'places', 'books', 'list'] as const)(
		'%s reads back equal in an empty house',
		async (id) => {
			const demo = await openTestStore();
			const text = exportSheet(await situationOf(demo), id, 1);
			const other = await openTestStore();
			await other.write.deleteFrom('need_state').execute();
			for (const table of [
				'print_run',
				'print',
				'print_source',
				'resource_use',
				'loan',
				'activity_resource',
				'lent_piece',
				'basket_part'
			] as const)
				await other.write.deleteFrom(table).execute();
			await other.write.updateTable('spine').set({ resource_id: null }).execute();
			await other.write.deleteFrom('resource').execute();
			await other.write.deleteFrom('supply_line').execute();
			await other.write.deleteFrom('lot_event').execute();
			await other.write.deleteFrom('lot').execute();
			if (id === 'places') {
				await other.write.updateTable('run').set({ collecting_place_id: null }).execute();
				// All at once: a place and what is in it refer to each other.
				await sql`pragma foreign_keys = off`.execute(other.write);
				await other.write.deleteFrom('place').execute();
				await sql`pragma foreign_keys = on`.execute(other.write);
			}
			const { plan } = await planned(await situationOf(other), text, 1);
			await change(other.write, doer(), 'import', plan.apply);
			expect(exportSheet(await situationOf(other), id, 1)).toBe(text);
		}
	);

	it('bad rows are left out with a sentence each, the good ones come in, and undo takes them back', async () => {
		const store = await openTestStore();
		const before = await allRows(store);
		const text = [
			'thing,amount,unit,place,good until',
			'googly eyes,40,,craft box > left side,',
			'glue,=2+3,bottle,,',
			'=HYPERLINK("x"),1,,,',
			'sand,1000000000000,g,,',
			'oats,½½ cup,,,',
			'rope,3,smoots,,',
			'milk,1,l,,someday',
			'🎈🎈,3,,,',
			'🎈 balloon pump,1,,,',
			'خيط قطن,2,m,,'
		].join('\n');
		const { plan } = await planned(await situationOf(store), text, null);
		const wrong = plan.rows.filter((row) => row.status === 'wrong');
		expect(wrong.map((row) => [row.row, row.text])).toEqual([
			[3, '“=2+3” is a formula, not an amount. Type the number.'],
			[4, '“=HYPERLINK("x")” is a formula, not an item. Type what it says.'],
			[5, '“1000000000000” looks too big. Check it.'],
			[6, '“½½ cup” isn’t an amount. Try 2, 0.5, or 1 1/2.'],
			[7, '“smoots” isn’t a unit. Try g, cups, sheets, or each.'],
			[8, '“someday” isn’t a date. Try 2027-06-30.'],
			[9, '“🎈🎈” has no letters in it, so it isn’t an item.']
		]);
		await change(store.write, doer(), 'import', plan.apply);
		const now = await situationOf(store);
		const eyes = now.snapshot.items.find((item) => item.name === 'googly eyes')!;
		expect(now.snapshot.lots.find((lot) => lot.item_id === eyes.id)?.amount).toBe('40');
		expect(now.snapshot.places.map((place) => place.name)).toContain('left side');
		expect(now.snapshot.items.map((item) => item.name)).toContain('خيط قطن');
		await undo(store.write, doer());
		expect(await allRows(store)).toEqual(before);
	});

	it('the same thing in one place twice adds up; another amount is a count', async () => {
		const store = await openTestStore();
		const text = 'item,qty,where\nbrass ring,3,top shelf\nbrass rings,4,Kitchen > pantry > top shelf';
		const first = await planned(await situationOf(store), text, null);
		expect(first.plan.rows.map((row) => row.status)).toEqual(['new', 'changed']);
		await change(store.write, doer(), 'import', first.plan.apply);
		const again = await planned(await situationOf(store), 'item,qty,where\nbrass ring,5,top shelf', null);
		expect(again.plan.rows).toEqual([
			{ row: 2, status: 'changed', text: '5 brass ring, Kitchen › pantry › top shelf; was 7' }
		]);
		await change(store.write, doer(), 'import', again.plan.apply);
		const item = (await situationOf(store)).snapshot.items.find((one) => one.name === 'brass ring')!;
		const lots = (await situationOf(store)).snapshot.lots.filter((lot) => lot.item_id === item.id);
		expect(lots.map((lot) => lot.amount)).toEqual(['5']);
	});

	it('“enough” and “none” go out and come in as words, not as counts', async () => {
		const store = await openTestStore();
		const text =
			'item,amount,place\nbrass ring,enough,Kitchen > pantry\nstar anise,None,\ncrayon,enough,art cart';
		const { plan } = await planned(await situationOf(store), text, null);
		expect(plan.rows.map((row) => [row.status, row.text])).toEqual([
			['new', 'brass ring: enough, Kitchen › pantry'],
			['new', 'star anise: none'],
			['same', 'crayon: enough, School room › art cart']
		]);
		const before = await allRows(store);
		await change(store.write, doer(), 'import', plan.apply);
		const { snapshot } = await situationOf(store);
		const said = (name: string) => {
			const item = snapshot.items.find((one) => one.name === name)!;
			expect(snapshot.lots.some((lot) => lot.item_id === item.id)).toBe(false);
			return snapshot.statements.find((one) => one.item_id === item.id)!.state;
		};
		expect([said('brass ring'), said('star anise')]).toEqual(['enough', 'none']);
		const out = SUPPLIES.write(await situationOf(store), null).map((row) => row.slice(0, 2).join(' '));
		expect(out).toEqual(expect.arrayContaining(['brass ring enough', 'star anise none', 'crayon enough']));
		await undo(store.write, doer());
		expect(await allRows(store)).toEqual(before);
	});

	it('a list for a unit makes the lessons that it names, and refuses a number without one', async () => {
		const store = await openTestStore();
		const text =
			'lesson,lesson title,thing\n1,Wind,2 paper plates per child\n2,Lift,\n3,,string\n14,Tails,3 m ribbon';
		const { plan } = await planned(await situationOf(store), text, 2);
		expect(plan.rows.map((row) => row.status)).toContain('wrong');
		await change(store.write, doer(), 'import', plan.apply);
		const kites = (await situationOf(store)).runs.find((one) => one.row.id === 2)!;
		const line = (await situationOf(store)).needs.find(
			(one) => one.run.row.id === 2 && one.item.name === 'ribbon'
		);
		expect(line?.line.unit).toBe('m');
		expect(kites.lessons.map((one) => one.lesson.title)).toContain('Tails');
	});

	it('an import that fails half way changes nothing', async () => {
		const store = await openTestStore();
		const before = await allRows(store);
		const { plan } = await planned(await situationOf(store), 'thing,amount\nbead,3\nshell,4', null);
		await expect(
			change(store.write, doer(), 'import', async (trx) => {
				await plan.apply(trx);
				throw new Error('the disk is full');
			})
		).rejects.toThrow('the disk is full');
		expect(await allRows(store)).toEqual(before);
	});
});

describe('the library as BibTeX and MARCXML', () => {
	it.each(['bib', 'xml'] as const)('%s, taken out and brought in again, changes nothing', async (format) => {
		const store = await openTestStore();
		await store.write
			.updateTable('resource')
			.set({ notes: 'a {brace}, 50% & more_here #1 $2\nback\\slash', authors: 'Nell Arkwright, Bo Li' })
			.where('id', '=', 3)
			.execute();
		const now = await situationOf(store);
		const { kind, plan } = await planned(now, exportLibrary(now, format), null);
		expect(kind.id).toBe('books');
		expect(plan.rows).toHaveLength(now.snapshot.resources.length);
		expect(plan.rows.filter((row) => row.status !== 'same')).toEqual([]);
	});

	it('BibTeX as others write it: accents, braces, names turned round; a bad entry is one bad row', async () => {
		const now = await situationOf(await openTestStore());
		const text = `% our list
@string{x = "y"}
@Book{a1, title = "The {M}aps of {\\"O}land", author = {Str{\\"o}m, Eva and Bo Li}, year = 2019, isbn = {978-0-306-40615-7}}
@book{broken title
@misc{b2, title = {A Kit}, type = {kit}, keywords = {wind, kites}}`;
		const { plan } = await planned(now, text, null);
		expect(plan.rows.map(({ status, text }) => `${status}: ${text}`)).toEqual([
			'new: The Maps of Öland, Eva Ström, Bo Li, book',
			'wrong: the title is missing.',
			'new: A Kit, kit'
		]);
	});

	// MARC 21 Format for Bibliographic Data: leader of 24 characters, positions 10, 11 and 20-23 are fixed; a tag
	// has three digits, an indicator one character, a subfield code one lower-case letter or digit.
	it('keeps to the rules for leaders and fields', async () => {
		const xml = exportLibrary(await situationOf(await openTestStore()), 'xml');
		const leaders = [...xml.matchAll(/<leader>(.*?)<\/leader>/g)].map(([, leader]) => leader);
		expect(leaders.length).toBeGreaterThan(100);
		for (const leader of leaders) {
			expect(leader).toHaveLength(24);
			expect([leader[10], leader[11], leader.slice(20)]).toEqual(['2', '2', '4500']);
			// A language text, a monograph, in UTF-8.
			expect([leader[6], leader[7], leader[9]]).toEqual(['a', 'm', 'a']);
		}
		for (const [, tag, one, two] of xml.matchAll(/<datafield tag="(.*?)" ind1="(.*?)" ind2="(.*?)"/g))
			expect([/^\d{3}$/.test(tag), one.length, two.length]).toEqual([true, 1, 1]);
		for (const [, code] of xml.matchAll(/<subfield code="(.*?)"/g)) expect(code).toMatch(/^[a-z0-9]$/);
		expect(xml).toContain('xmlns="http://www.loc.gov/MARC21/slim"');
	});

	it('a record of a catalogue: cards’ punctuation goes, prefixes and older fields are read', async () => {
		const now = await situationOf(await openTestStore());
		const text = `<?xml version="1.0"?><marc:collection xmlns:marc="http://www.loc.gov/MARC21/slim"><marc:record>
<marc:leader>01234cam a2200289 a 4500</marc:leader><marc:controlfield tag="001">x</marc:controlfield>
<marc:datafield ind2=" " ind1=" " tag="020"><marc:subfield code="a">9780306406157 (hardcover)</marc:subfield></marc:datafield>
<marc:datafield tag="100" ind1="1" ind2=" "><marc:subfield code="a">Str&#246;m, Eva.</marc:subfield></marc:datafield>
<marc:datafield tag="245" ind1="1" ind2="0"><marc:subfield code="a">Maps &amp; more :</marc:subfield><marc:subfield code="b">a guide /</marc:subfield></marc:datafield>
<marc:datafield tag="260" ind1=" " ind2=" "><marc:subfield code="b">Two Ponds,</marc:subfield><marc:subfield code="c">c1998.</marc:subfield></marc:datafield>
<marc:datafield tag="300" ind1=" " ind2=" "><marc:subfield code="a">96 p. :</marc:subfield></marc:datafield>
</marc:record></marc:collection>`;
		const store = await openTestStore();
		const { plan } = await planned(now, text, null);
		expect(plan.rows).toEqual([{ row: 2, status: 'new', text: 'Maps & more: a guide, Eva Ström, book' }]);
		await change(store.write, doer(), 'import', plan.apply);
		const row = (await situationOf(store)).snapshot.resources.at(-1)!;
		expect(row).toMatchObject({ isbn13: '9780306406157', publisher: 'Two Ponds', year: 1998, pages: 96 });
		expect(() => readSheet('<collection><record></collection>')).toThrow('isn’t complete');
	});
});

describe('a file read beside the server', () => {
	it('gives the table, or says in words what is wrong with it', async () => {
		expect(await readSheetAside('thing,amount\nbead,3')).toEqual({
			header: ['thing', 'amount'],
			rows: [['bead', '3']]
		});
		await expect(readSheetAside('thing,amount')).rejects.toThrow('No rows');
	});

	it('ends when its time is over or somebody stops it, and the server answers meanwhile', async () => {
		// Text that alone takes seconds.
		const slow = '\n'.repeat(8_000_000);
		let ticks = 0;
		const ticking = setInterval(() => ticks++, 5);
		await expect(readSheetAside(slow, { budget: 500 })).rejects.toThrow('takes too long to read');
		expect(ticks).toBeGreaterThan(20);
		const stop = new AbortController();
		setTimeout(() => stop.abort(), 300);
		await expect(readSheetAside(slow, { signal: stop.signal })).rejects.toThrow('Stopped');
		clearInterval(ticking);
	});

	it.each(['thing,amount', '<collection>', '@book{'])('more rows than one file may have: %s', (kind) => {
		const [start, row, end] = {
			'thing,amount': ['thing,amount\n', 'bead,1\n', ''],
			'<collection>': ['<collection>', '<record><leader>a</leader></record>', '</collection>'],
			'@book{': ['', '@book{a, title = {b}}\n', '']
		}[kind]!;
		expect(() => readSheet(start + row.repeat(10_001) + end)).toThrow('more than 10,000 rows');
	});

	it('a cell that is too long is said, and the other rows go on', async () => {
		const now = await situationOf(await openTestStore());
		const { plan } = await planned(now, `title,by,notes\nA,Bo Li,${'x'.repeat(6000)}\nB,Bo Li,short`, null);
		expect(plan.rows.map(({ status, text }) => [status, text.slice(0, 60)])).toEqual([
			['wrong', '“notes” has 6,000 letters; a cell takes at most 5,000.'],
			['new', 'B, Bo Li, book']
		]);
	});
});
