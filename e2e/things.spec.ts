import { deflateSync } from 'node:zlib';
import { expect, expectAccessible, open, test } from './house.ts';

/** A small picture of one tone, as a PNG. */
function picture(): Buffer {
	const chunk = (type: string, data: Buffer) => {
		const body = Buffer.concat([Buffer.from(type, 'latin1'), data]);
		const size = Buffer.alloc(4);
		size.writeUInt32BE(data.length);
		const check = Buffer.alloc(4);
		check.writeUInt32BE(crc(body));
		return Buffer.concat([size, body, check]);
	};
	const head = Buffer.from([0, 0, 0, 8, 0, 0, 0, 8, 8, 0, 0, 0, 0]);
	const rows = Buffer.alloc(8 * 9, 120).map((byte, i) => (i % 9 ? byte : 0));
	return Buffer.concat([
		Buffer.from('89504e470d0a1a0a', 'hex'),
		chunk('IHDR', head),
		chunk('IDAT', deflateSync(rows)),
		chunk('IEND', Buffer.alloc(0))
	]);
}

/** The check sum of a PNG chunk (ISO 3309, as the PNG specification has it). */
function crc(bytes: Buffer): number {
	let sum = 0xffffffff;
	for (const byte of bytes) {
		sum ^= byte;
		for (let bit = 0; bit < 8; bit++) sum = sum & 1 ? (sum >>> 1) ^ 0xedb88320 : sum >>> 1;
	}
	return (sum ^ 0xffffffff) >>> 0;
}

async function openThing(page: Parameters<typeof open>[0], title: string) {
	await open(page, '/home/books');
	await page.getByLabel('Search titles, authors, topics, notes').fill(title);
	await page
		.getByRole('link', { name: new RegExp(title) })
		.first()
		.click();
	await expect(page.getByRole('heading', { name: title })).toBeVisible();
}

test('a set: its picture, a piece lent to a tray and back, and what is no picture', async ({ page }) => {
	await openThing(page, 'Little ships and sea animals');
	await expect(page.getByText('narwhal and two sailing ships: with Sorting ships and whales')).toBeVisible();
	await page.getByLabel('Piece', { exact: true }).fill('lighthouse');
	await page.getByLabel('Tray or place').fill('window sill');
	await page.getByRole('button', { name: 'Move out' }).first().click();
	await expect(page.getByText('lighthouse: with window sill since Fri, Jan 22')).toBeVisible();
	await page.getByRole('button', { name: /^Put back: lighthouse/ }).click();
	await expect(page.getByText('lighthouse: with window sill')).toBeHidden();

	const field = page.getByLabel('Take a picture');
	await field.setInputFiles({ name: 'note.png', mimeType: 'image/png', buffer: Buffer.from('no picture') });
	await expect(page.getByText('Couldn’t read that picture').first()).toBeVisible();
	await field.setInputFiles({ name: 'set.png', mimeType: 'image/png', buffer: picture() });
	await expect(page.getByText('Change picture')).toBeVisible();
	const image = page.locator('img[src^="/pictures/"]');
	await expect(image).toBeVisible();
	// It is there before its bytes are.
	await expect.poll(() => image.evaluate((one: HTMLImageElement) => one.naturalWidth)).toBe(8);
	await expectAccessible(page);
});

test('the family is warned about content before it plans; the slip of a book; a link’s code on the lesson’s page', async ({
	page
}) => {
	await openThing(page, 'The Chart Room');
	await expect(page.getByText('You asked to be warned: sensitive matter.')).toBeVisible();
	await page.getByLabel('How you’ll use it').fill('read aloud 60–72');
	await page.getByRole('button', { name: 'Assign' }).click();
	await expect(page.getByText(/Assigned to lesson \d+; content note: sensitive matter/)).toBeVisible();
	await page.getByRole('link', { name: 'Print bookmark' }).click();
	await expect(page.getByRole('heading', { name: 'The Chart Room' })).toBeVisible();
	await expect(page.getByText('read alone 40–58')).toBeVisible();
	await expect(page.getByText('read aloud 60–72')).toBeVisible();
	await expectAccessible(page);

	await open(page, '/units/1/plan/paper?show=lessons');
	const lesson = page.getByRole('article').filter({ hasText: 'Lesson 6:' });
	await expect(lesson).toContainText('Movie: how a globe is made');
	const code = lesson.getByRole('img', { name: /^Code for https:/ });
	await expect(code).toBeVisible();
	expect(await code.evaluate((one: HTMLImageElement) => one.naturalWidth)).toBeGreaterThan(20);
});

test('an activity takes books and models along, and they are wanted on its day', async ({ page }) => {
	await open(page, '/units/1/plan/extras');
	await expect(page.getByText('uses Wooden continents tray')).toBeVisible();
	await page.getByRole('button', { name: 'Compass dance', exact: true }).click();
	const field = page.getByLabel('Books, games, and printables, one title per line');
	await field.fill('Compass rose poster\nno such thing anywhere');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText('“no such thing anywhere” isn’t in your home library').first()).toBeVisible();
	await field.fill('Compass rose poster');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText('uses Compass rose poster')).toBeVisible();
	await open(page, '/units/1');
	await page.getByRole('button', { name: /^Books of lesson 8:/ }).click();
	await expect(page.getByRole('dialog').getByText('Compass rose poster')).toBeVisible();
});

test('a long file shows how far it is, can be stopped without a trace, and goes in the second time', async ({
	page
}) => {
	const lines = Array.from(
		{ length: 5000 },
		(_, i) => `Bulk book ${i},Somebody ${i % 70},book,topic ${i % 9}`
	);
	await open(page, '/home/files');
	await page.getByLabel('A CSV file, or a list as plain text').setInputFiles({
		name: 'shelves.csv',
		mimeType: 'text/csv',
		buffer: Buffer.from(`title,by,kind,topics\n${lines.join('\n')}`)
	});
	await page.getByRole('button', { name: 'Open file' }).click();
	const bring = page.getByRole('button', { name: 'Import these 5000 rows' });
	await bring.click();
	await expect(page.getByRole('progressbar')).toBeVisible();
	await page.getByRole('button', { name: 'Stop and import nothing' }).click();
	await expect(page.getByText('Stopped. Nothing was imported.')).toBeVisible();
	await bring.click();
	await expect(page).toHaveURL(/home\/books$/, { timeout: 60_000 });
	await page.getByLabel('Search titles, authors, topics, notes').fill('bulk book 4999');
	await expect(page.getByText('1 title', { exact: true })).toBeVisible();
});

test('a printable is printed for its lesson: an act of the copies stream, done in one tap', async ({
	page
}) => {
	await open(page, '/units/1');
	await page.getByRole('button', { name: /^Printables of lesson 6:/ }).click();
	await expect(page.getByRole('dialog').getByText('Globe net to cut out').first()).toBeVisible();
	await open(page, '/');
	const act = page.getByRole('listitem').filter({ hasText: 'Print lesson 6’s pages' });
	await expect(act).toContainText('Globe net to cut out');
	await act.getByRole('button').first().click();
	await expect(act).toBeHidden();
	// It is a print like any other: its copies stand on the unit's page, to be finished.
	await open(page, '/units/1/print');
	const print = page.locator('main').getByRole('listitem').filter({ hasText: 'Globe net to cut out' });
	await expect(print).toContainText('all: printed');
	await expect(print.getByRole('button', { name: /^Finished/ })).toBeVisible();
});
