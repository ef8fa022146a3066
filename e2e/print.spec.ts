import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { pdfOf } from '../src/lib/server/files/pdf/odd-pdfs.ts';
import { expect, expectAccessible, open, test } from './house.ts';

/** What an independent reader finds wrong with a print file; empty where nothing. And its pages. */
async function check(page: Page, href: string): Promise<{ said: string; pages: number }> {
	const answer = await page.request.get(href);
	expect(answer.headers()['content-type']).toBe('application/pdf');
	const folder = mkdtempSync(join(tmpdir(), 'gather-bin-print-'));
	const path = join(folder, 'run.pdf');
	writeFileSync(path, await answer.body());
	const { status, stdout, stderr } = spawnSync('qpdf', ['--check', path], { encoding: 'utf8' });
	const pages = Number(spawnSync('qpdf', ['--show-npages', path], { encoding: 'utf8' }).stdout);
	rmSync(folder, { recursive: true });
	return { said: status === 0 ? '' : stdout + stderr, pages };
}

test('the rest of the guide is sorted, runs are made, looked at, printed and finished @both', async ({
	page
}) => {
	await open(page, '/units/1/print');
	await expect(page.getByText(/copies to print\. Lesson \d+ is first/)).toBeVisible();
	await expectAccessible(page);
	await page.getByRole('link', { name: 'Sort the pages' }).click();
	await expect(page.getByText('We have a suggestion for')).toBeVisible();
	await expectAccessible(page);
	await page.getByRole('button', { name: /Sort \d pages like this/ }).click();
	await expect(page.getByText(/\d pages sorted/).first()).toBeVisible();
	await page.getByRole('link', { name: 'Print', exact: true }).first().click();

	await page.getByRole('button', { name: 'Make the print runs' }).click();
	await expect(page.getByText(/\d print runs ready/).first()).toBeVisible();
	await page.getByRole('link', { name: 'Card stock, one side, color' }).click();
	await expect(page.getByRole('img', { name: /Sheet 1, front: Vocabulary cards/ })).toBeVisible();
	await expectAccessible(page);
	const sheets = Number(/(\d+) sheets/.exec(await page.locator('main').innerText())![1]);
	const href = (await page.getByRole('link', { name: 'Open the print file' }).getAttribute('href'))!;
	expect(await check(page, href)).toEqual({ said: '', pages: sheets });
	// After a jam it begins with another sheet.
	await page.getByText('Paper jam, or the wrong paper').click();
	await page.getByLabel('Go on from sheet').fill('2');
	const rest = (await page.getByRole('link', { name: 'Open the print file' }).getAttribute('href'))!;
	expect(await check(page, rest)).toEqual({ said: '', pages: sheets - 1 });
	await page.getByLabel('Sheets spoiled').fill('1');
	await page.getByRole('button', { name: 'Count them' }).click();
	await expect(page.getByText('1 sheet spoiled so far.')).toBeVisible();

	await page.getByRole('button', { name: 'Printed, all of it' }).click();
	await expect(page.getByRole('button', { name: 'Print it again' })).toBeVisible();
	await page.getByRole('link', { name: 'Print', exact: true }).first().click();
	const cards = page.locator('main').getByRole('listitem').filter({ hasText: 'Vocabulary cards: bearings' });
	await cards.getByRole('button', { name: /^Finished/ }).click();
	await expect(cards.getByRole('button', { name: /^Filed/ })).toBeVisible();
	await cards.getByRole('button', { name: /^Filed/ }).click();
	await expect(cards.getByText('family: filed')).toBeVisible();
});

test('a choice is overruled in place, with its reason, and taken back @both', async ({ page }) => {
	await open(page, '/units/1/print');
	await page.getByRole('button', { name: 'Why and how: Vocabulary cards: bearings' }).click();
	const form = page.locator('form[action="?/settle"]');
	await expect(form.getByText('handled by many hands').first()).toBeVisible();
	await form.getByLabel('Finish').selectOption('protector');
	await form.getByLabel('Copies').selectOption('2');
	await expectAccessible(page, ['color-contrast', 'label', 'select-name', 'target-size']);
	await form.getByRole('button', { name: 'Save' }).click();
	const cards = page.locator('main').getByRole('listitem').filter({ hasText: 'Vocabulary cards: bearings' });
	await expect(cards).toContainText('2 copies, 2 sheets of card stock');
	await expect(cards).toContainText('in a page protector');
	await expect(cards.getByRole('button', { name: /^Why and how/ })).toHaveText('Why · 2 yours');
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(cards).toContainText('laminated and cut apart');
});

test('both sides turned by hand: fronts, then backs; the printer is set where the house is @laptop', async ({
	page
}) => {
	await open(page, '/house/printing');
	await expectAccessible(page);
	await page.getByLabel('Both sides').selectOption('by hand');
	await page.getByLabel('White edge, mm').fill('many');
	await page.getByRole('button', { name: 'Save' }).click();
	await expect(page.getByText('Enter the white edge in millimeters, like 6').first()).toBeVisible();
	await page.getByLabel('White edge, mm').fill('8');
	await page.getByRole('button', { name: 'Save' }).click();
	await expect(page.getByText(/turned by hand for both sides, 8 mm white edge/)).toBeVisible();
	expect(await check(page, '/house/printing/test.pdf?sides=front')).toEqual({ said: '', pages: 2 });
	expect(await check(page, '/house/printing/test.pdf?sides=back')).toEqual({ said: '', pages: 2 });

	await open(page, '/units/1/print');
	await page.getByRole('button', { name: 'Why and how: Board game: to the treasure' }).click();
	await page.getByLabel('Sides').selectOption('2');
	await page.locator('form[action="?/settle"]').getByRole('button', { name: 'Save' }).click();
	await page.getByRole('button', { name: 'Make the print runs' }).click();
	await page.getByRole('link', { name: 'Card stock, both sides, color' }).click();
	await expect(page.getByText('Turn the pile the way your test page showed')).toBeVisible();
	const fronts = (await page.getByRole('link', { name: '1. Fronts' }).getAttribute('href'))!;
	const backs = (await page.getByRole('link', { name: '2. Backs' }).getAttribute('href'))!;
	expect((await check(page, fronts)).pages).toBe((await check(page, backs)).pages);
});

test.describe('an empty house', () => {
	test.use({ household: 'empty' });

	async function unit(page: Page) {
		await open(page, '/start/who');
		await page.getByLabel('Children: name').fill('Ada, 9\nBen, 7');
		await page.getByRole('button', { name: 'Continue' }).click();
		await page.waitForURL(/places/);
		await open(page, '/start/unit');
		await page.getByLabel('Topic').fill('Weather');
		await page.getByLabel('Lessons, one').fill('Clouds\nWind\nRain');
		await page.getByRole('button', { name: /Start with|Continue/ }).click();
		await page.waitForURL(/list/);
		await open(page, '/units/1/print');
	}

	test('from the PDF to what is printed, by keyboard alone @both', async ({ page }) => {
		await unit(page);
		await expect(page.getByText('Nothing to print yet.')).toBeVisible();
		await expectAccessible(page);
		const bytes = await pdfOf([
			{ word: 'Wind worksheet' },
			{ word: 'Wind worksheet, page 2', turn: 90 },
			{ word: 'Something else' },
			{ word: 'More of it', width: 400, height: 500 }
		]);
		await page
			.locator('input[type=file]')
			.setInputFiles({ name: 'my_weather-guide.pdf', mimeType: 'application/pdf', buffer: bytes });
		await expect(page.getByText('My weather guide: 4 pages to sort.')).toBeVisible();

		await page.getByRole('link', { name: 'Sort the pages' }).focus();
		await page.keyboard.press('Enter');
		await page.waitForURL(/sort/);
		await page.waitForFunction(() => document.documentElement.dataset.ready === 'yes');
		const first = page.getByRole('option', { name: /^Page 1:|^Page 1,/ });
		await first.focus();
		await page.keyboard.press('Home');
		await page.keyboard.press('Shift+ArrowRight');
		await expect(page.getByLabel('2 pages selected')).toHaveValue('1-2');
		await page.keyboard.press('Space');
		await expect(page.getByRole('dialog', { name: 'Page 2' })).toBeVisible();
		await page.keyboard.press('Escape');
		await expect(page.getByRole('dialog')).toHaveCount(0);
		await page.getByRole('option', { name: /^Page 2/ }).focus();
		await page.keyboard.press('s');
		await expect(page.getByRole('option', { name: 'Page 1: Student page' })).toBeVisible();
		// The next one that is not sorted is chosen by itself; typed pages are chosen, too, and wrong ones are said.
		const typed = page.getByLabel('1 page selected');
		await expect(typed).toHaveValue('3');
		await typed.fill('3-9');
		await expect(page.getByText('There are pages 1 to 4; 3-9 is outside.')).toBeVisible();
		await typed.fill('3, 4');
		await page.getByRole('option', { name: /^Page 3/ }).focus();
		await page.keyboard.press('m');
		await expect(page.getByText('All pages are sorted.')).toBeVisible();

		await page.getByRole('link', { name: 'Print', exact: true }).first().focus();
		await page.keyboard.press('Enter');
		await page.getByRole('button', { name: 'Make the print runs' }).press('Enter');
		await page.getByRole('link', { name: 'Open the print run' }).press('Enter');
		await page.waitForURL(/runs/);
		await page.waitForFunction(() => document.documentElement.dataset.ready === 'yes');
		await expect(page.getByRole('img', { name: /Sheet \d, front: Ada/ }).first()).toBeVisible();
		await page.getByRole('button', { name: 'Printed, all of it' }).press('Enter');
		await expect(page.getByRole('button', { name: 'Print it again' })).toBeVisible();
	});

	test('a lost network is waited for, and the file goes on where it was; bad files are said in words @laptop', async ({
		page
	}) => {
		await unit(page);
		const file = page.locator('input[type=file]');
		for (const [name, buffer, said] of [
			['locked.pdf', await pdfOf([{ word: 'hello' }], 'secret'), /locked with a password/],
			['photo.pdf', Buffer.from('\x89PNG\r\n\x1a\n and more', 'latin1'), /That’s a picture, not a PDF/],
			['empty.pdf', Buffer.alloc(0), /That file is empty/],
			['broken.pdf', (await pdfOf([{ word: 'hello' }])).subarray(0, 200), /damaged/]
		] as const) {
			await file.setInputFiles({ name, mimeType: 'application/pdf', buffer });
			await expect(page.getByRole('alert').filter({ hasText: name })).toContainText(said);
		}
		await expect(page.getByText('Nothing to print yet.')).toBeVisible();

		// 10 MB go in three parts; the second gets lost a few times.
		const sound = await pdfOf([{ word: 'hello' }]);
		const padded = Buffer.concat([sound, Buffer.alloc(10 * 1024 * 1024, '%padding\n')]);
		let lost = 0;
		const parts: string[] = [];
		await page.route(/documents\/uploads\/.+\?at=/, async (route) => {
			const at = new URL(route.request().url()).searchParams.get('at')!;
			if (at !== '0' && lost < 2) {
				lost += 1;
				return route.abort('connectionfailed');
			}
			parts.push(at);
			return route.continue();
		});
		await file.setInputFiles({ name: 'long.pdf', mimeType: 'application/pdf', buffer: padded });
		await expect(page.getByText('Long: 1 page to sort.')).toBeVisible({ timeout: 60_000 });
		expect(lost).toBe(2);
		expect(parts).toEqual(['0', String(4 * 1024 * 1024), String(8 * 1024 * 1024)]);
	});
});
