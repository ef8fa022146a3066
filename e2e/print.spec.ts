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
	// After a jam it begins with another sheet; one that is not there is refused, here and by the server.
	await page.getByText('Paper jam, or the wrong paper').click();
	await page.getByLabel('From sheet').fill('2');
	const rest = (await page.getByRole('link', { name: `Sheets 2 to ${sheets}` }).getAttribute('href'))!;
	expect(await check(page, rest)).toEqual({ said: '', pages: sheets - 1 });
	await page.getByLabel('From sheet').fill('99');
	await expect(page.getByText(/in this pass: count from 1 to/)).toBeVisible();
	const refused = await page.request.get(`${href}&from=99`);
	expect([refused.status(), (await refused.json()).message]).toEqual([
		422,
		`There are ${sheets} sheets to print: count from 1 to ${sheets}.`
	]);
	// What came out well is kept: the file, the count and what to load are fewer.
	await page.getByLabel('From sheet').fill('2');
	await page.getByRole('button', { name: 'The first one is fine: keep it' }).click();
	await expect(page.getByText(`${sheets - 1} sheets of ${sheets} still to print`)).toBeVisible();
	await expect(page.getByText(`Load ${sheets - 1} sheets of card stock.`)).toBeVisible();
	expect((await check(page, href)).pages).toBe(sheets - 1);
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
	await expect(page.getByText('Turn the pile the way your test print showed')).toBeVisible();
	const fronts = (await page.getByRole('link', { name: '1. Fronts' }).getAttribute('href'))!;
	const backs = (await page.getByRole('link', { name: '2. Backs' }).getAttribute('href'))!;
	const { pages } = await check(page, fronts);
	expect((await check(page, backs)).pages).toBe(pages);
	// A jam in the backs: the front of that sheet again, then the backs from there on.
	await page.getByText('Paper jam, or the wrong paper').click();
	await page.getByLabel('It jammed in the').selectOption('back');
	await page.getByLabel('From sheet').fill(String(pages));
	const front = (await page.getByRole('link', { name: /^Front of sheet \d+$/ }).getAttribute('href'))!;
	expect((await check(page, front)).pages).toBe(1);
	const rest = (await page.getByRole('link', { name: `Backs ${pages} to ${pages}` }).getAttribute('href'))!;
	expect((await check(page, rest)).pages).toBe(1);
	// The practice printer comes out right as long as it is like the real one, also after that jam.
	await page.getByRole('link', { name: 'Try it on the practice printer' }).click();
	await expect(page.getByText('Every sheet is in its place')).toBeVisible();
	await expectAccessible(page);
	await page.getByLabel('Jams on sheet').fill('1');
	await page.getByLabel('and goes on as the run says').check();
	await page.getByRole('button', { name: 'Print', exact: true }).click();
	await page.waitForURL(/jam=1&on=yes/);
	await expect(page.getByText('Every sheet is in its place')).toBeVisible();
	await page.getByLabel('The back is turned on the').selectOption('short-edge');
	await page.getByRole('button', { name: 'Print', exact: true }).click();
	await expect(page.getByText('its back stands on its head').first()).toBeVisible();
});

test('the test print: the picture that one sees is tapped, and all settings follow @both', async ({
	page
}) => {
	await open(page, '/house/printing');
	await page.getByLabel('Both sides').selectOption('by hand');
	await page.getByRole('button', { name: 'Save' }).click();
	await expect(page.getByText(/turned by hand for both sides/)).toBeVisible();
	await page.getByRole('link', { name: 'Not sure? Print the test' }).click();
	await expect(page.getByRole('heading', { name: 'Test print' })).toBeVisible();
	await expectAccessible(page);
	await page.getByRole('button', { name: 'A printed side' }).click();
	await expect(page.getByRole('button', { name: 'A printed side' })).toHaveAttribute('aria-pressed', 'true');
	await page.getByRole('button', { name: 'The 2 is behind the 1, on its head' }).click();
	await expect(page.getByText('Set. Print the test once more to be sure')).toBeVisible();
	await page.getByRole('button', { name: 'The 1 is behind the 1, upright' }).click();
	await expect(page.getByText('every run comes out right from now on')).toBeVisible();
	await page.getByRole('link', { name: 'Printing', exact: true }).first().click();
	await expect(page.getByLabel('The back is turned on the')).toHaveValue('short-edge');
	await expect(page.getByLabel('Sheets come out')).toHaveValue('face up');
	await expect(page.locator('input[name=reversed]')).not.toBeChecked();
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

	test('a second edition takes the place of the first, with what was sorted; a two-year-old gets no worksheet @both', async ({
		page
	}) => {
		await open(page, '/start/who');
		await page.getByLabel('Children: name').fill('Ada, 9\nBee, 2');
		await page.getByRole('button', { name: 'Continue' }).click();
		await page.waitForURL(/places/);
		await open(page, '/start/unit');
		await page.getByLabel('Topic').fill('Weather');
		await page.getByLabel('Lessons, one').fill('Clouds\nWind');
		await page.getByRole('button', { name: /Start with|Continue/ }).click();
		await page.waitForURL(/list/);
		await open(page, '/units/1/print');
		const sheet = (name: string) => ({
			word: `${name} worksheet about the weather we see`
		});
		const pdf = async (name: string, pages: { word: string }[]) => ({
			name,
			mimeType: 'application/pdf',
			buffer: await pdfOf(pages)
		});
		const file = page.locator('form[action="?/add"] input[type=file]');
		await file.setInputFiles(await pdf('weather.pdf', [sheet('Cloud'), sheet('Wind'), sheet('Rain')]));
		await expect(page.getByText('Weather: 3 pages to sort.')).toBeVisible();
		await page.getByRole('link', { name: 'Sort the pages' }).click();
		await page.getByRole('button', { name: 'Sort 3 pages like this' }).click();
		await expect(page.getByText('3 pages sorted').first()).toBeVisible();
		await page.getByRole('link', { name: 'Print', exact: true }).first().click();
		const line = page.locator('main').getByRole('listitem').filter({ hasText: 'worksheet' }).first();
		await expect(line).toContainText('one each for 1 child');
		// Unless her parent wants it.
		await page.getByText('Who gets what', { exact: true }).click();
		await expect(page.getByText('can’t write yet', { exact: true })).toBeVisible();
		await page.getByLabel('Student pages: Bee').check();
		await page.getByRole('button', { name: 'Save who gets what' }).click();
		await expect(line).toContainText('one each for 2 children');

		await page.getByRole('button', { name: 'About Weather' }).click();
		await page
			.getByLabel('A new edition of its PDF')
			.setInputFiles(
				await pdf('weather 2.pdf', [
					{ word: 'A foreword by nobody for this edition' },
					sheet('Cloud'),
					sheet('Wind'),
					sheet('Rain')
				])
			);
		await expect(page.getByText('3 alike, 1 new, 3 pages moved back by 1.')).toBeVisible();
		await expectAccessible(page);
		await page.getByRole('button', { name: 'Use the new edition' }).click();
		await page.waitForURL(/print$/);
		await expect(page.getByText('pages 2–4')).toBeVisible();
	});
});
