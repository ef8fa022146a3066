import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect, expectAccessible, open, test } from './house.ts';

const csv = (name: string, text: string | Buffer) => ({
	name,
	mimeType: 'text/csv',
	buffer: typeof text === 'string' ? Buffer.from(text) : text
});

async function bringIn(page: Page, file: ReturnType<typeof csv>): Promise<void> {
	await open(page, '/home/files');
	await page.getByLabel('A CSV file, or a list as plain text').setInputFiles(file);
	await page.getByRole('button', { name: 'Open file' }).click();
}

test('supplies come in from a file, the bad rows say why, and undo takes all of it back', async ({
	page
}) => {
	await bringIn(
		page,
		csv(
			'craft shelf.csv',
			'Item,Qty,Unit,Where\ngoogly eyes,40,,desk\nglue,=2+3,bottle,\nfelt,½½ sheet,,\nribbon,3,m,desk\n'
		)
	);
	await expect(page.getByText('4 rows of supplies at home: 2 new.')).toBeVisible();
	await expect(page.getByText('2 rows can’t be read and will be skipped.')).toBeVisible();
	await expect(page.getByRole('row', { name: /^3 skipped/ })).toContainText('is a formula, not an amount');
	await expectAccessible(page);
	await page.getByRole('button', { name: 'Import these 2 rows' }).click();
	await expect(page).toHaveURL(/home\/supplies/);
	await expect(page.getByText('Imported: craft shelf.csv')).toBeVisible();
	await page.getByLabel('Search items and places').fill('googly');
	await expect(page.getByRole('main').getByRole('listitem').filter({ hasText: 'googly' })).toContainText(
		'40'
	);
	// The search still holds while the change is taken back, even when its answer is slow to come.
	await page.route('**/home/supplies/__data.json*', async (route) => {
		await new Promise((later) => setTimeout(later, 700));
		await route.continue();
	});
	await page.getByLabel('Search items and places').fill('googly ey');
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByText('No matches.')).toBeVisible();
});

test('what goes out comes in again as nothing new', async ({ page }) => {
	for (const [button, rows] of [
		['Download places as CSV', 'places'],
		['Download the list of Maps and Wayfinding as CSV', 'supply list of a unit']
	]) {
		await open(page, '/home/files');
		const waiting = page.waitForEvent('download');
		await page.getByRole('link', { name: button }).click();
		const text = readFileSync(await (await waiting).path());
		await bringIn(page, csv('again.csv', text));
		await expect(page.getByText(`of ${rows}`)).toBeVisible();
		await expect(page.getByText('Nothing new in this file.')).toBeVisible();
	}
});

test('a file dropped on any page shows what it would do; other files are refused in words', async ({
	page
}) => {
	await open(page, '/units/1');
	const drop = async (name: string, text: string) => {
		const transfer = await page.evaluateHandle(
			([name, text]) => {
				const data = new DataTransfer();
				data.items.add(new File([text], name));
				return data;
			},
			[name, text]
		);
		await page.dispatchEvent('body', 'dragover', { dataTransfer: transfer });
		await expect(
			page.getByText('Drop the file here. You’ll see what it changes before it’s saved.')
		).toBeVisible();
		await page.dispatchEvent('body', 'drop', { dataTransfer: transfer });
	};
	await drop('book.pdf', '%PDF-1.7 …');
	await expect(page.getByText('That is a PDF. Import a CSV file or plain text')).toBeVisible();
	await drop('prices.csv', 'colour,price\nred,3');
	await expect(page.getByText('These columns aren’t recognized: “colour”, “price”.')).toBeVisible();
	await expect(page.getByText('Nothing changed.')).toBeVisible();
	await drop('list.txt', 'Lesson 6\n7 red pencils\n2 yd twine');
	await expect(page.getByText('3 lines of text. What is it?')).toBeVisible();
	await expectAccessible(page);
	await page.getByRole('button', { name: 'It’s a supply list' }).click();
	await expect(page.getByText('2 new')).toBeVisible();
});

test('a list of 5,000 lines, strange letters and impossible amounts: read, said, kept', async ({ page }) => {
	// It is written and netted twice over; a busy machine takes its time.
	test.setTimeout(300_000);
	await open(page, '/units/1/gather/paste');
	const lines = Array.from({ length: 5000 }, (_, i) => `${1 + (i % 7)} painted tiles no. ${i}`);
	lines[10] = '1000000000000 marbles';
	lines[20] = '½½ cup sand';
	lines[30] = '3 🎈 balloons for the parade';
	lines[40] = '2 خيط قطن';
	// As a paste puts it there; typing 5,000 lines key by key is another matter.
	await page.getByLabel('Supply list').evaluate((field, text) => {
		(field as HTMLTextAreaElement).value = text;
		field.dispatchEvent(new Event('input', { bubbles: true }));
	}, lines.join('\n'));
	await page.getByRole('button', { name: 'Read the list' }).click();
	await expect(page.getByRole('button', { name: 'Save the list' })).toBeVisible({ timeout: 30_000 });
	await expect(page.getByRole('heading', { name: /lines? to check, \d+ read/ })).toBeVisible();
	await page.getByRole('button', { name: 'Save the list' }).click();
	await expect(page.getByText('That amount looks too big. Check it.').first()).toBeVisible({
		timeout: 30_000
	});
	// The line that is wrong has the focus, wherever in the list it stands.
	await expect(page.locator(':focus')).toHaveValue('1000000000000');
	await page.locator(':focus').fill('12');
	await page.getByRole('button', { name: 'Save the list' }).click();
	await expect(page).toHaveURL(/\/lists\/have/, { timeout: 150_000 });
	await expect(page.getByText(/more after these/)).toBeVisible();
});

test('a file that takes long to read says so, can be stopped, and holds nobody up', async ({ page }) => {
	await open(page, '/home/files');
	await page.getByLabel('A CSV file, or a list as plain text').setInputFiles({
		name: 'empty.csv',
		mimeType: 'text/csv',
		buffer: Buffer.from(`a,b${'\n'.repeat(8_000_000)}`)
	});
	await page.getByRole('button', { name: 'Open file' }).click();
	await page.getByRole('button', { name: 'Stop reading' }).click();
	await expect(page.getByText('Stopped. Nothing')).toBeVisible();
});
