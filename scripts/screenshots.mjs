// One current picture of each main view, made from the demo household: docs/screenshots/.
import { chromium } from '@playwright/test';
import { spawn } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ROOT, ensureDebian, ensurePackages, run } from './install.mjs';

const VIEWS = [
	{ name: 'next-phone', path: '/', phone: true },
	{ name: 'board', path: '/units/1' },
	{ name: 'plan', path: '/units/1/plan' },
	{ name: 'books', path: '/home/books?view=shelf' },
	{ name: 'trips', path: '/lists/library' },
	{ name: 'shops', path: '/lists/shops', answer: /the lowest possible/ },
	{ name: 'gather', path: '/units/1/gather', click: /^bar magnet/ },
	{ name: 'review', path: '/units/1/gather/paste', paste: true },
	{ name: 'walk-phone', path: '/lists/walk', phone: true },
	{ name: 'supplies', path: '/home/supplies' },
	{ name: 'shelf', path: '/week/shelf' },
	{ name: 'set-out', path: '/units/1/setout' },
	{ name: 'day-phone', path: '/week/2027-01-26', phone: true },
	{ name: 'sort', path: '/units/1/print/sort/1', pictures: 40 },
	{ name: 'print-run', path: '/units/1/print', makeRuns: true },
	{ name: 'prepare', path: '/units/1/prepare', planSittings: true },
	{ name: 'binders', path: '/units/1/binders' },
	{
		name: 'boxes',
		path: '/units/1/boxes',
		click: 'Put it away in what we have',
		answerLater: /All of it goes into/
	},
	{ name: 'board-evening', path: '/units/1', dark: true }
];
const LIST = [
	'Lesson 6: The round earth, flattened',
	'3 oranges per child',
	'some yarn',
	'1 fine-tip black marker',
	'globe',
	'large bowl or jar',
	'12 craft sticks per child',
	'newspaper, torn into strips',
	'Lesson 7: paper clips, chalk and twine',
	'9 ft of string',
	'1 index card per child',
	'Flour: 2 cups per child',
	'Time: 40 minutes'
].join('\n');
const PORT = '3290';
const FLAGS =
	'--headless --no-sandbox --disable-gpu --disable-quic --no-first-run --disable-background-networking --disable-component-update --disable-sync';

ensurePackages();
if (!ensureDebian() || !run('npm', ['run', '--silent', 'build'])) process.exit(1);
const data = mkdtempSync(join(tmpdir(), 'gather-bin-'));
const server = spawn(process.execPath, ['scripts/start.mjs'], {
	cwd: ROOT,
	env: { ...process.env, GATHER_BIN_DEMO: '1', GATHER_BIN_DATA: data, PORT },
	stdio: ['ignore', 'pipe', 'inherit']
});
await new Promise((started) => server.stdout.once('data', started));

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: FLAGS.split(' ') });
const folder = join(ROOT, 'docs', 'screenshots');
mkdirSync(folder, { recursive: true });
try {
	for (const {
		name,
		path,
		phone,
		dark,
		click,
		paste,
		answer,
		pictures,
		makeRuns,
		planSittings,
		answerLater
	} of VIEWS) {
		const page = await browser.newPage({
			viewport: phone ? { width: 390, height: 844 } : { width: 1280, height: 800 },
			colorScheme: dark ? 'dark' : 'light'
		});
		await page.goto(`http://localhost:${PORT}${path}`, { waitUntil: 'load' });
		await page.waitForFunction(() => document.documentElement.dataset.ready === 'yes');
		await page.evaluate(() => document.fonts.ready);
		if (answer) await page.getByText(answer).first().waitFor();
		if (click) await page.getByRole('button', { name: click }).click();
		if (paste) {
			await page.getByLabel('Supply list').fill(LIST);
			await page.getByRole('button', { name: 'Read the list' }).click();
			await page.getByRole('button', { name: 'Save the list' }).waitFor();
		}
		if (pictures) {
			// Suggestions are there when all pages were read.
			await page.getByText(/We have a suggestion for/).waitFor();
			await page.locator('[data-page="9"]').click();
			await page.locator('[data-page="10"]').click({ modifiers: ['Shift'] });
			await page.evaluate(() => document.querySelector('[role=listbox]').scrollIntoView());
			await page.waitForTimeout(2500);
		}
		if (makeRuns) {
			await page.getByRole('button', { name: 'Make the print runs' }).click();
			await page.getByRole('link', { name: 'Card stock, one side, color' }).click();
			await page.waitForURL('**/runs/*');
			// Anew, without the toast.
			await page.goto(page.url(), { waitUntil: 'load' });
			await page.getByRole('heading', { name: 'Every sheet' }).scrollIntoViewIfNeeded();
			await page.evaluate(() => scrollBy(0, 420));
			await page.waitForTimeout(2000);
		}
		if (planSittings) {
			await page.getByRole('button', { name: 'Plan the sittings' }).click();
			await page.getByRole('button', { name: 'Use this plan' }).first().click();
			await page.getByText(/jobs placed/).waitFor();
			// Anew, without the toast.
			await page.goto(page.url(), { waitUntil: 'load' });
		}
		if (answerLater) {
			await page.getByText(answerLater).waitFor();
			await page.evaluate(() => scrollTo(0, 120));
		}
		await page.screenshot({ path: join(folder, `${name}.png`) });
		await page.close();
		console.log(`docs/screenshots/${name}.png`);
	}
} finally {
	await browser.close();
	server.kill();
	rmSync(data, { recursive: true, force: true });
}
