import { expect, expectAccessible, open, test } from './house.ts';

test('what does not fit: ways with their results, one tap each, undone with one more', async ({ page }) => {
	await open(page, '/units/1/plan');
	await expect(page.getByText('Ways to make it fit')).toHaveCount(0);
	await page.getByLabel('Last day').fill('2027-02-18');
	await page.getByRole('button', { name: 'Save dates' }).click();
	await expect(page.getByRole('heading', { name: 'Ways to make it fit' })).toBeVisible();
	await expectAccessible(page);
	const monday = page.getByRole('listitem').filter({ hasText: 'Teach on Mondays too' });
	await expect(monday).toContainText('none dropped');
	await monday.getByRole('button').click();
	await expect(page.getByText('Teach on Mondays too').first()).toBeVisible();
	await expect(page.getByRole('heading', { name: 'Ways to make it fit' })).toHaveCount(0);
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByRole('heading', { name: 'Ways to make it fit' })).toBeVisible();
	await page.getByRole('button', { name: /^Combine/ }).click();
	await expect(page.getByText(/Combine /).first()).toBeVisible();
	await expect(page.getByRole('button', { name: /\u00b7/ }).first()).toBeVisible();
});

test('a missed day: what moves is said, one tap rolls it on @phone', async ({ page }) => {
	await open(page, '/units/1/plan');
	await page.getByRole('link', { name: 'Tue, Jan 26, lesson 6' }).click();
	await expect(page.getByText(/If you skip Tue, Jan 26: 8 lessons move/)).toBeVisible();
	await expectAccessible(page);
	await page.getByRole('button', { name: 'Move lessons', exact: true }).click();
	await expect(page.getByText('Lessons moved; none on Tue, Jan 26')).toBeVisible();
	await expect(page.getByText('missed', { exact: true })).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByRole('link', { name: 'Tue, Jan 26, lesson 6' })).toBeVisible();
});

test('a pasted table of contents becomes lessons', async ({ page }) => {
	await open(page, '/units/2/plan');
	const before = await page.getByRole('button', { name: /^Move .* up$/ }).count();
	await page.getByText('Paste a table of contents').click();
	await page
		.getByLabel('Lessons, one per line')
		.fill('Contents\nLesson 1 Why kites fly … 3\nLesson 2 Tails and bridles … 9');
	await expect(page.getByText('2 lessons, 1 line skipped')).toBeVisible();
	await page.getByRole('button', { name: 'Add these lessons' }).click();
	await expect(page.getByText('2 lessons added')).toBeVisible();
	await expect(page.getByRole('button', { name: /^Move .* up$/ })).toHaveCount(before + 2);
});

test('what if: more children and another weekday, seen before it is decided', async ({ page }) => {
	await open(page, '/units/1/plan');
	await page.getByLabel('Children taking part').fill('5');
	// The plan itself is not asked for again: its layouts are left out, only the page answers.
	const asked = page.waitForRequest(/plan\/__data\.json\?.*children=5/);
	await page.getByRole('button', { name: 'See what changes' }).click();
	expect(new URL((await asked).url()).searchParams.get('x-sveltekit-invalidated')).toMatch(/^0+1$/);
	await expect(page.getByRole('row', { name: /to get: orange/ })).toContainText('10 oranges');
	await expect(page.getByText('Who takes part is set in Household.')).toBeVisible();
	await expectAccessible(page);
	await page.getByRole('link', { name: 'Cancel' }).click();
	await expect(page.getByRole('row', { name: /to get/ })).toHaveCount(0);
	await page.getByRole('group', { name: 'School days instead' }).getByText('Mon').click();
	await page.getByRole('button', { name: 'See what changes' }).click();
	await expect(page.getByRole('row', { name: /^Last lesson/ })).toBeVisible();
	await page.getByRole('button', { name: 'Make these changes' }).click();
	await expect(page.getByText('Plan changed')).toBeVisible();
	await expect(page.getByText('13 lessons, Mon, through').first()).toBeVisible();
});

test('a holiday on a teaching day is kept free and taught on again; the plan goes out as a calendar', async ({
	page
}) => {
	await open(page, '/units/2/plan');
	await page.getByLabel('First day', { exact: true }).first().fill('2027-05-24');
	await page.getByLabel('Last day').fill('2027-07-09');
	await page.getByRole('group', { name: 'School days', exact: true }).getByText('Mon').click();
	await page.getByRole('button', { name: 'Save dates' }).click();
	await page.getByRole('button', { name: 'Take off, Memorial Day' }).click();
	await expect(page.getByRole('button', { name: 'Teach anyway, Memorial Day' })).toBeVisible();
	await expect(page.getByText('Memorial Day').nth(1)).toBeVisible();
	const waiting = page.waitForEvent('download');
	await page.getByRole('link', { name: 'Calendar file' }).click();
	expect((await waiting).suggestedFilename()).toBe('Kites and Wind.ics');

	await open(page, '/house');
	await page.getByRole('button', { name: 'Turn on' }).click();
	const address = await page.getByText(/^\/calendar\/.+\.ics$/).innerText();
	const feed = await page.request.get(address);
	expect(await feed.text()).toContain('BEGIN:VCALENDAR');
	await page.getByRole('button', { name: 'Turn off' }).click();
	await expect(page.getByRole('button', { name: 'Turn on' })).toBeVisible();
	expect((await page.request.get(address)).status()).toBe(404);
});
