import { expect, expectAccessible, open, test } from './house.ts';

const VIEWS = [
	'/',
	'/units',
	'/units/1',
	'/units/1/plan',
	'/units/1/gather',
	'/units/1/gather/paste',
	'/units/2/gather',
	'/lists/have',
	'/lists/walk',
	'/lists/walk?span=all',
	'/home/supplies',
	'/home/supplies?item=1',
	'/home/places',
	'/home/count',
	'/home/supplies?lot=1',
	'/home/files',
	'/start/who',
	'/start/unit',
	'/house',
	'/?pause',
	'/nowhere',
	'/lists/shops',
	'/lists/wanted',
	'/lists/errands',
	'/lists/borrow',
	'/units/1/plan/cost',
	'/phone',
	'/lists/library',
	'/home/books/40',
	'/home/books/1/slip'
];

const AT_ONCE = 6;

test.describe('views are accessible and stay within the screen, in both widths and themes', () => {
	test.use({ onlyLooks: true });
	for (let i = 0; i < VIEWS.length; i += AT_ONCE) {
		const views = VIEWS.slice(i, i + AT_ONCE);
		test(`from ${views[0]} on`, async ({ page }) => {
			for (const view of views) {
				await page.setViewportSize({ width: 1280, height: 800 });
				await page.emulateMedia({ colorScheme: 'light' });
				await open(page, view);
				await expectAccessible(page);
				// Colors do not depend on the width, and nothing else on the theme.
				await page.emulateMedia({ colorScheme: 'dark' });
				await expectAccessible(page, ['color-contrast']);
				await page.emulateMedia({ colorScheme: 'light' });
				await page.setViewportSize({ width: 390, height: 844 });
				await expectAccessible(page);
				const [wide, seen] = await page.evaluate(() => [
					document.documentElement.scrollWidth,
					document.documentElement.clientWidth
				]);
				expect(wide, `${view} scrolls sideways`).toBeLessThanOrEqual(seen);
			}
		});
	}
});

test('from a cold open the next thing is ticked in two taps @phone', async ({ page }) => {
	let taps = 0;
	await open(page, '/');
	const next = page
		.getByRole('listitem')
		.filter({ has: page.getByRole('button') })
		.first();
	await expect(next).toContainText('Order 1 bar magnet');
	await next.getByRole('button', { name: /^Ordered: / }).click();
	taps++;
	await expect(page.getByText('bar magnet: on its way')).toBeVisible();
	await expect(page.getByText('Order 1 bar magnet')).toHaveCount(0);
	expect(taps).toBeLessThanOrEqual(2);

	await open(page, '/');
	await page.getByRole('link', { name: 'Gather: Gather 5 items for lesson 6' }).click();
	await page.getByRole('button', { name: 'Found: 6 paper plates' }).click();
	await expect(page.getByRole('button', { name: 'Found: 6 paper plates' })).toHaveAttribute(
		'aria-pressed',
		'true'
	);
});

test('undo and redo by keyboard, and not while typing', async ({ page }) => {
	await open(page, '/units/1');
	await page.getByRole('button', { name: 'Bought: Buy 6 oranges' }).click();
	await expect(page.getByText('Buy 6 oranges', { exact: true })).toHaveCount(0);
	await page.keyboard.press('Control+z');
	await expect(page.getByText('Buy 6 oranges', { exact: true })).toBeVisible();
	await page.keyboard.press('Control+Shift+z');
	await expect(page.getByText('Buy 6 oranges', { exact: true })).toHaveCount(0);
	await open(page, '/units');
	await page.getByLabel('New unit').fill('Ponds');
	await page.keyboard.press('Control+z');
	await open(page, '/units/1');
	await expect(page.getByText('Buy 6 oranges', { exact: true })).toHaveCount(0);
});

test('a walk with no network goes on, and catches up @phone', async ({ page, house }) => {
	await open(page, '/lists/walk');
	await house.stop();
	await page.getByRole('button', { name: 'Found: 6 paper plates' }).click();
	await page.getByRole('button', { name: 'Found: 3 sheets of tracing film' }).click();
	await expect(page.getByRole('button', { name: 'Found: 6 paper plates' })).toHaveAttribute(
		'aria-pressed',
		'true'
	);
	await expect(page.getByText('2 changes are saved on this device')).toBeVisible();
	await house.start();
	await expect(page.getByText(/waiting to send/)).toHaveCount(0, { timeout: 15_000 });
	await open(page, '/lists/walk');
	await expect(page.getByRole('button', { name: 'Found: 6 paper plates' })).toHaveCount(0);
	await expect(page.getByRole('button', { name: 'Found: 3 sheets of tracing film' })).toHaveCount(0);
});

test('what is not where it should be goes to missing', async ({ page }) => {
	await open(page, '/lists/walk');
	await page.getByRole('button', { name: 'Not there, or less: 6 paper plates' }).click();
	await expectAccessible(page);
	await page.getByLabel('Total there now').fill('many');
	await page.getByRole('button', { name: 'Fix the count' }).click();
	await expect(page.getByText('Enter the amount as a number').first()).toBeVisible();
	await page.getByRole('button', { name: 'None there' }).click();
	await expect(page.getByRole('button', { name: 'Found: 6 paper plates' })).toHaveCount(0);
	await expect(page.getByRole('listitem').filter({ hasText: '6 paper plates' })).toContainText('lesson 6');
	await open(page, '/');
	// With the oranges, which are bought at the same store by the same day.
	const buy = page.getByRole('listitem').filter({ hasText: '6 paper plates' });
	await expect(buy).toContainText('Buy 2 items at Corner Grocer');
});

test('the walk is made for paper, too', async ({ page }) => {
	await open(page, '/lists/walk');
	await page.emulateMedia({ media: 'print' });
	await expect(page.getByText('School room › desk › drawer 1')).toBeVisible();
	await expect(page.getByRole('link', { name: 'Units' }).first()).toBeHidden();
	await expect(page.getByText('Not at home')).toBeVisible();
});

test('the plan: dates follow the calendar, lessons are added, moved, changed and removed', async ({
	page
}) => {
	await open(page, '/units/1/plan');
	await expect(page.getByText('16 school days for 13 lesson days')).toBeVisible();

	await page.getByLabel('From', { exact: true }).fill('2027-02-23');
	await page.getByLabel('Reason').fill('museum');
	await page.getByRole('button', { name: 'Add days off' }).click();
	await expect(
		page.getByText('15 school days for 13 lesson days, ending Thu, Mar 4. 2 days to spare.')
	).toBeVisible();

	await page.getByLabel('Add a lesson').fill('A map of the stars');
	await page.getByRole('button', { name: 'Add lesson' }).click();
	await expect(page.getByText('15 school days for 14 lesson days')).toBeVisible();
	const lesson = (name: string) => page.getByRole('listitem').filter({ hasText: name });
	await expect(lesson('A map of the stars')).toContainText('Tue, Mar 9');
	await page.getByRole('button', { name: 'Move A map of the stars up' }).click();
	await expect(lesson('A map of the stars')).toContainText('Thu, Mar 4');
	await expect(lesson('Our own atlas')).toContainText('Tue, Mar 9');

	await page.getByRole('button', { name: 'A map of the stars', exact: true }).click();
	await page.getByRole('dialog').getByLabel('School days').fill('none');
	await page.getByRole('dialog').getByRole('button', { name: 'Save lesson' }).click();
	await expect(page.getByText('Enter the days as a whole number, 1 or more.').first()).toBeVisible();
	await page.getByRole('dialog').getByLabel('School days').fill('2');
	await page.getByRole('dialog').getByRole('button', { name: 'Save lesson' }).click();
	await expect(lesson('A map of the stars')).toContainText('Thu, Mar 4; Tue, Mar 9');

	await page.getByLabel('Last day', { exact: true }).fill('2027-02-01');
	await page.getByRole('button', { name: 'Save dates' }).click();
	await expect(page.getByText(/7 school days for 15 lesson days: 8 don’t fit/)).toBeVisible();
	await page.getByLabel('Last day', { exact: true }).fill('2026-02-01');
	await page.getByRole('button', { name: 'Save dates' }).click();
	await expect(page.getByText('The last day must be after the first day.').first()).toBeVisible();
});

test('a form from another site, and a strange host, are refused', async ({ request, house }) => {
	const body = { form: { lot: '1', amount: '0' } };
	const evil = await request.post(`${house.address}/lists/walk?/there`, {
		...body,
		headers: { origin: 'http://evil.example' }
	});
	expect(evil.status()).toBe(403);
	const host = await request.get(house.address, { headers: { host: 'evil.example' } });
	expect(host.status()).toBe(403);
	const page = await request.get(house.address);
	expect(page.headers()['content-security-policy']).toContain("default-src 'self'");
	expect(page.headers()['content-security-policy']).not.toContain("script-src 'self' 'unsafe-inline'");
});

test.describe('an empty household', () => {
	test.use({ household: 'empty' });
	test('says what to do first, all the way to a list', async ({ page }) => {
		await open(page, '/');
		await expectAccessible(page);
		await open(page, '/units');
		await page.getByRole('button', { name: 'Start this unit' }).click();
		await expect(page.getByText('Enter a name for the unit.').first()).toBeVisible();
		await page.getByLabel('New unit').fill('Ponds and Streams');
		await page.getByRole('button', { name: 'Start this unit' }).click();
		await expect(page.getByText('No lessons yet. Type the first one below.')).toBeVisible();
		await page.getByLabel('Add a lesson').fill('What lives in a pond');
		await page.getByRole('button', { name: 'Add lesson' }).click();
		await expect(page.getByText('1 lesson, no dates yet').first()).toBeVisible();
		await page.getByRole('link', { name: /^Gather (?!Bin)/ }).click();
		await expect(page.getByText('No supply list yet').first()).toBeVisible();
		await expectAccessible(page);
		await page.getByRole('link', { name: 'Paste a list', exact: true }).first().click();
		await page.getByLabel('Supply list').fill('2 jars with lids\n1 hand lens');
		await page.getByRole('button', { name: 'Read the list' }).click();
		await page.getByRole('button', { name: 'Save the list' }).click();
		await expect(page.getByRole('heading', { level: 1 })).toContainText('do we have');
		await page.goto('/units/1/gather');
		await expect(page.getByRole('row', { name: /^jar/ })).toContainText('look for 2 jars');
		await expectAccessible(page);
	});
});
