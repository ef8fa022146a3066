import type { BrowserContext, Page } from '@playwright/test';
import { chromium } from '@playwright/test';
import { spawn } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { get } from 'node:https';
import { networkInterfaces, tmpdir } from 'node:os';
import { join } from 'node:path';
import { CHROMIUM } from '../playwright.config.ts';
import { expect, expectAccessible, open, test, type House } from './house.ts';

test.use({ serviceWorkers: 'allow' });

/** Waits until this device keeps the lists. */
async function keepsLists(page: Page): Promise<void> {
	const kept = () =>
		page.evaluate(async () => {
			const registration = await navigator.serviceWorker.getRegistration();
			const name = (await caches.keys()).find((one) => one.startsWith('pages-'));
			if (registration?.active?.state !== 'activated' || !navigator.serviceWorker.controller || !name)
				return [];
			return (await (await caches.open(name)).keys()).map((request) => new URL(request.url).pathname);
		});
	await expect
		.poll(kept, { timeout: 60_000 })
		.toEqual(expect.arrayContaining(['/', '/lists/walk', '/lists/errands', '/lists/wanted']));
}

const found = (page: Page) => page.getByRole('button', { name: /^Found: / });

/** A second phone in the same house. */
async function otherPhone(context: BrowserContext, house: House): Promise<Page> {
	const browser = context.browser()!;
	const other = await browser.newContext({ baseURL: house.address, serviceWorkers: 'block' });
	return other.newPage();
}

test('a walk in the basement: ticks wait, outlive a reload without the server, and count once @phone', async ({
	page,
	house
}) => {
	await open(page, '/lists/walk');
	await keepsLists(page);
	const before = await found(page).count();
	await house.stop();
	const names = [
		await found(page).nth(0).getAttribute('aria-label'),
		await found(page).nth(1).getAttribute('aria-label')
	];
	for (const name of names) await page.getByRole('button', { name: name!, exact: true }).click();
	await expect(page.getByText('2 changes are saved on this device')).toBeVisible();
	await page.reload();
	await page.waitForSelector('html[data-ready]');
	await expect(page.getByText('2 changes are saved on this device')).toBeVisible();
	for (const name of names)
		await expect(page.getByRole('button', { name: name!, exact: true })).toHaveAttribute(
			'aria-pressed',
			'true'
		);
	// One of them was a slip: what was not sent is simply taken back.
	await page.getByRole('button', { name: names[1]!, exact: true }).click();
	await expect(page.getByText('1 change is saved on this device')).toBeVisible();
	// Undo takes back what still waits, not what the house did before.
	await page.getByRole('button', { name: names[1]!, exact: true }).click();
	await expect(page.getByText('2 changes are saved on this device')).toBeVisible();
	await page.getByRole('heading', { level: 1 }).click();
	await page.keyboard.press('Control+z');
	await expect(page.getByText('1 change is saved on this device')).toBeVisible();
	await expect(page.getByRole('button', { name: names[1]!, exact: true })).toHaveAttribute(
		'aria-pressed',
		'false'
	);
	await expectAccessible(page);
	await house.start();
	await expect(page.getByText('saved on this device')).toHaveCount(0);
	await page.goto('/lists/walk');
	await page.waitForSelector('html[data-ready]');
	await expect(found(page)).toHaveCount(before - 1);
	await expect(page.getByRole('button', { name: names[1]!, exact: true })).toHaveAttribute(
		'aria-pressed',
		'false'
	);
});

test('without a network the kept pages open, others say what is kept', async ({ page, context }) => {
	await open(page, '/');
	await keepsLists(page);
	await context.setOffline(true);
	await page.getByRole('link', { name: 'Lesson 6: The round earth, flattened' }).click();
	await expect(page.getByRole('heading', { name: 'Lesson 6: The round earth, flattened' })).toBeVisible();
	await expect(page.getByText('□ 2 oranges per child')).toBeVisible();
	await page.goto('/');
	await page.getByRole('link', { name: 'Lists' }).first().click();
	await page.waitForSelector('html[data-ready]');
	await expect(found(page).first()).toBeVisible();
	await page.goto('/house');
	await expect(page.getByRole('heading', { name: 'Can’t reach Gather Bin right now.' })).toBeVisible();
	await page.getByRole('link', { name: 'Shopping list' }).click();
	await expect(page.getByRole('heading', { name: 'No list yet.' })).toBeVisible();
	await context.setOffline(false);
	await page.goto('/house');
	await expect(page.getByRole('heading', { name: 'Household', exact: true })).toBeVisible();
});

test('a day’s sheet without the server: ticks wait, outlive a reload, and count @phone', async ({
	page,
	house
}) => {
	await open(page, '/week/2027-01-22');
	await keepsLists(page);
	await expect
		.poll(() => page.evaluate(async () => !!(await caches.match('/week/2027-01-22'))), { timeout: 60_000 })
		.toBe(true);
	const ticks = page.getByRole('button', { name: /^Done: / });
	const name = (await ticks.first().getAttribute('aria-label'))!;
	const undone = name.replace('Done: ', 'Not done: ');
	await house.stop();
	await ticks.first().click();
	await expect(page.getByRole('button', { name: undone, exact: true })).toHaveAttribute(
		'aria-pressed',
		'true'
	);
	await expect(page.getByText('1 change is saved on this device')).toBeVisible();
	await page.reload();
	await page.waitForSelector('html[data-ready]');
	await expect(page.getByRole('button', { name: undone, exact: true })).toHaveAttribute(
		'aria-pressed',
		'true'
	);
	// The week opens, too, with the way to the day.
	await page.goto('/week');
	await page.waitForSelector('html[data-ready]');
	await expect(page.getByRole('heading', { level: 1, name: /^Week of/ })).toBeVisible();
	await house.start();
	await expect(page.getByText('saved on this device')).toHaveCount(0);
	await open(page, '/week/2027-01-22');
	await expect(page.getByRole('button', { name: undone, exact: true })).toHaveAttribute(
		'aria-pressed',
		'true'
	);
});

test('two phones: a tick is seen on the other within two seconds', async ({ page, context, house }) => {
	await open(page, '/lists/walk');
	const other = await otherPhone(context, house);
	await open(other, '/lists/walk');
	const rows = await found(page).count();
	const name = (await found(page).first().getAttribute('aria-label'))!;
	await expect(other.getByRole('button', { name, exact: true })).toBeVisible();
	await page.getByRole('button', { name, exact: true }).click();
	await expect(page.getByText(/^Found: /).first()).toBeVisible();
	await expect(found(other)).toHaveCount(rows - 1, { timeout: 2000 });
	await other.context().close();
});

test('a count that was made without a network never goes over a newer one unseen', async ({
	page,
	context,
	house
}) => {
	await open(page, '/lists/walk');
	await keepsLists(page);
	const more = page.getByRole('button', { name: /^Not there, or less: / });
	const label = (await more.first().getAttribute('aria-label'))!;
	await context.setOffline(true);
	await more.first().click();
	await page.getByLabel('Total there now').fill('1');
	await page.getByRole('button', { name: 'Fix the count' }).click();
	await expect(page.getByText('1 change is saved on this device')).toBeVisible();

	const other = await otherPhone(context, house);
	await open(other, '/lists/walk');
	await other.getByRole('button', { name: label, exact: true }).click();
	await other.getByLabel('Total there now').fill('2');
	await other.getByRole('button', { name: 'Fix the count' }).click();
	await expect(other.getByText(/^Count fixed: /).first()).toBeVisible();

	await context.setOffline(false);
	const met = page.getByRole('alert').filter({ hasText: 'someone else changed this first' });
	await expect(met).toContainText('Another device got there first: “Count fixed:');
	await expect(met).toContainText('Count there now');
	// Over a reload the question stays.
	await page.reload();
	await expect(met).toBeVisible();
	await expectAccessible(page);
	await met.getByRole('button', { name: /^Use mine/ }).click();
	await expect(page.getByText(/^Count fixed: /).first()).toBeVisible();
	await expect(met).toHaveCount(0);
	await other.context().close();
});

test('what is next waits, too; where another phone was faster one is asked, and nothing counts twice', async ({
	page,
	context,
	house
}) => {
	await open(page, '/');
	await keepsLists(page);
	await context.setOffline(true);
	await page.getByRole('button', { name: 'Bought: Buy 6 oranges' }).click();
	await expect(page.getByText('1 change is saved on this device')).toBeVisible();
	await expect(page.getByText('Bought: Buy 6 oranges.')).toBeVisible();
	const other = await otherPhone(context, house);
	await open(other, '/');
	await other.getByRole('button', { name: 'Bought: Buy 6 oranges' }).click();
	await expect(other.getByText('Got 6 oranges').first()).toBeVisible();
	await context.setOffline(false);
	const met = page.getByRole('alert').filter({ hasText: 'someone else changed this first' });
	await expect(met).toContainText('“Got 6 oranges”');
	await met.getByRole('button', { name: /^Keep theirs/ }).click();
	await expect(met).toHaveCount(0);
	await open(page, '/home/supplies?q=orange');
	await expect(page.getByRole('button', { name: /^Edit orange, / })).toHaveCount(1);
	await expect(page.getByRole('button', { name: /^Edit orange, 6,/ })).toBeVisible();
	await other.context().close();
});

test('an act that was done but whose answer was lost waits, is sent again and counts once', async ({
	page
}) => {
	await open(page, '/');
	let sent = 0;
	// The house does it, and then the way back breaks.
	await page.route(
		/\?\/got/,
		async (route) => {
			sent += 1;
			await route.fetch();
			await route.abort('connectionreset');
		},
		{ times: 1 }
	);
	await page.getByRole('button', { name: 'Bought: Buy 6 oranges' }).click();
	await expect.poll(() => sent).toBe(1);
	await expect(page.getByText('saved on this device')).toHaveCount(0);
	await open(page, '/home/supplies?q=orange');
	await expect(page.getByRole('button', { name: /^Edit orange, / })).toHaveCount(1);
	await expect(page.getByRole('button', { name: /^Edit orange, 6,/ })).toBeVisible();
	await page.reload();
	await expect(page.getByRole('button', { name: /^Edit orange, 6,/ })).toBeVisible();
});

test('in a second-hand shop without a network: on the list, have one already, and what is found waits', async ({
	page,
	context
}) => {
	await open(page, '/lists/wanted');
	await keepsLists(page);
	await context.setOffline(true);
	await page.getByLabel('At the store: is it on the list? Do we have one?').fill('bras compas');
	await expect(page.getByText('On the list: brass compass, at most $12.00')).toBeVisible();
	await expect(page.getByText('None at home that we know of.')).toBeVisible();
	await page.getByLabel('At the store: is it on the list? Do we have one?').fill('flour');
	await expect(page.getByText('Not on the list.')).toBeVisible();
	await expect(page.getByText(/^We have .*flour/)).toBeVisible();
	await page.getByLabel('Paid for brass compass, in dollars').fill('9.50');
	await page.getByRole('button', { name: 'Found: brass compass' }).click();
	await expect(page.getByText('1 change is saved on this device')).toBeVisible();
	await expectAccessible(page);
	await context.setOffline(false);
	await expect(page.getByText('saved on this device')).toHaveCount(0);
	await page.reload();
	await expect(page.getByText('brass compass, Fri, Jan 22, $9.50')).toBeVisible();
	await expect(page.getByRole('button', { name: 'Found: brass compass' })).toHaveCount(0);
});

test('errands: taken along, ticked in the shop without a network at what they cost, and in the order of the shop @phone', async ({
	page,
	house
}) => {
	await open(page, '/lists/shops');
	await page.getByRole('button', { name: 'Make my shopping list' }).click();
	await expect(page).toHaveURL(/\/lists\/errands$/);
	await page.waitForSelector('html[data-ready]');
	const cart = page.getByRole('button', { name: /^In the cart: / });
	await expect(cart.first()).toBeVisible();
	await page.reload();
	await keepsLists(page);
	await page.evaluate(() => navigator.serviceWorker.controller!.postMessage('keep pages'));
	const count = await cart.count();
	await house.stop();
	const name = (await cart.first().getAttribute('aria-label'))!;
	const what = name.replace('In the cart: ', '');
	await page.getByLabel(`Paid for ${what}, in dollars`, { exact: true }).fill('3.33');
	await page.getByRole('button', { name, exact: true }).click();
	await expect(page.getByText('1 change is saved on this device')).toBeVisible();
	await expectAccessible(page);
	await house.start();
	await expect(page.getByText('saved on this device')).toHaveCount(0);
	await page.reload();
	await expect(page.getByRole('button', { name, exact: true })).toHaveAttribute('aria-pressed', 'true');
	await expect(page.getByLabel(`Paid for ${what}, in dollars`, { exact: true })).toHaveValue('3.33');
	await expect(cart).toHaveCount(count);
	await page.goto('/lists/shops');
	await expect(page.getByText('$3.33').first()).toBeVisible();
});

test('by another address: over http it says what is missing; over HTTPS it keeps the lists', async () => {
	const own = Object.values(networkInterfaces())
		.flat()
		.find((one) => one?.family === 'IPv4' && !one.internal)?.address;
	// A machine without a network is reached by a name of a home network, which is no secure context either.
	const address = own ?? 'house.home.arpa';
	const folder = mkdtempSync(join(tmpdir(), 'gather-bin-https-'));
	const [http, https] = [31_000 + (process.pid % 800), 32_000 + (process.pid % 800)];
	const child = spawn(process.execPath, ['scripts/start-https.mjs'], {
		env: {
			...process.env,
			PORT: String(http),
			HTTPS_PORT: String(https),
			GATHER_BIN_DATA: folder,
			GATHER_BIN_DEMO: '1'
		},
		stdio: ['ignore', 'pipe', 'inherit']
	});
	await new Promise<void>((started) => {
		child.stdout.on('data', (text: Buffer) => String(text).includes('HTTPS for phones') && started());
	});
	// A phone that trusts the house's certificate is stood in for by a browser that takes any.
	const browser = await chromium.launch({
		...CHROMIUM,
		args: [
			...CHROMIUM.args,
			'--ignore-certificate-errors',
			'--host-resolver-rules=MAP house.home.arpa 127.0.0.1'
		]
	});
	try {
		const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
		const plain = await context.newPage();
		await plain.goto(`http://${address}:${http}/phone`);
		await expect(plain.getByRole('status').first()).toContainText('plain http');
		const taking = plain.waitForEvent('download');
		await plain.getByRole('link', { name: 'Download the certificate' }).click();
		expect((await taking).suggestedFilename()).toBe('gather-bin-house.crt');
		expect(await plain.evaluate(() => [isSecureContext, 'serviceWorker' in navigator])).toEqual([
			false,
			false
		]);
		// An open walk still takes a tick and sends it.
		await plain.goto(`http://${address}:${http}/lists/walk`);
		await plain.waitForSelector('html[data-ready]');
		await found(plain).first().click();
		await expect(plain.getByText(/^Found: /).first()).toBeVisible();

		const safe = await context.newPage();
		await safe.goto(`https://${address}:${https}/lists/walk`);
		await safe.waitForSelector('html[data-ready]');
		expect(await safe.evaluate(() => isSecureContext)).toBe(true);
		await keepsLists(safe);
		await found(safe).first().click();
		await expect(safe.getByText(/^Found: /).first()).toBeVisible();
		await safe.goto(`https://${address}:${https}/phone`);
		await expect(safe.getByText('This device is set up')).toBeVisible();
		// Whoever trusts the house's certificate gets a chain that holds for this address.
		const ca = readFileSync(join(folder, 'https', 'authority.crt'));
		const ask = (path: string) =>
			new Promise<{ status: number; body: string }>((answered, failed) => {
				get({ host: own ?? '127.0.0.1', port: https, path, ca }, (response) => {
					let body = '';
					response.on('data', (part: Buffer) => (body += part.toString('latin1')));
					response.on('end', () => answered({ status: response.statusCode ?? 0, body }));
				}).on('error', failed);
			});
		const manifest = JSON.parse((await ask('/manifest.webmanifest')).body) as { icons: { src: string }[] };
		expect(manifest.icons.length).toBeGreaterThan(0);
		for (const icon of manifest.icons) expect((await ask(icon.src)).status).toBe(200);
	} finally {
		await browser.close();
		const ended = new Promise((done) => child.once('exit', done));
		child.kill('SIGKILL');
		await ended;
		rmSync(folder, { recursive: true, force: true });
	}
});
