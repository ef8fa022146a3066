import { expect, expectAccessible, open, test } from './house.ts';

test('a backup is made, gone back to, and come back from', async ({ page }) => {
	await open(page, '/house');
	await page.getByRole('link', { name: 'Open' }).click();
	await expect(page.getByRole('heading', { name: 'Health and backups' })).toBeVisible();
	await page.getByRole('button', { name: 'Make one now' }).click();
	await expect(page.getByText('Backup made')).toBeVisible();
	await expectAccessible(page);

	await open(page, '/units');
	await page.getByLabel('New unit').fill('Ponds and Streams');
	await page.getByRole('button', { name: 'Start this unit' }).click();
	await expect(page.getByText('No lessons yet. Type the first one below.')).toBeVisible();

	await open(page, '/house/health');
	const asked = page.getByRole('listitem').filter({ hasText: 'asked for' });
	await asked.getByRole('button').click();
	const dialog = page.getByRole('dialog');
	await expect(dialog).toContainText('What you have today is kept as one more backup');
	await expectAccessible(page);
	await dialog.getByRole('button', { name: 'Go back to it' }).click();
	await expect(page.getByText(/^Back to /)).toBeVisible();
	await open(page, '/units');
	await expect(page.getByText('Maps and Wayfinding').first()).toBeVisible();
	await expect(page.getByText('Ponds and Streams')).toHaveCount(0);

	await open(page, '/house/health');
	const before = page.getByRole('listitem').filter({ hasText: 'before going back to another' });
	await before.getByRole('button').click();
	await page.getByRole('dialog').getByRole('button', { name: 'Go back to it' }).click();
	await expect(page.getByText(/^Back to /)).toBeVisible();
	await open(page, '/units');
	await expect(page.getByText('Ponds and Streams').first()).toBeVisible();
});

test('a year of two digits is what one means by it; one too far is said, and breaks nothing', async ({
	page
}) => {
	await open(page, '/units/1/plan');
	const last = page.getByLabel('Last day', { exact: true });
	await last.fill('0027-03-11');
	await last.blur();
	await expect(last).toHaveValue('2027-03-11');
	await page.getByRole('button', { name: 'Save dates' }).click();
	await expect(page.getByText(/school days for 13 lesson days/)).toBeVisible();

	// As a browser without such fields sends it.
	await page.locator('form').evaluateAll((forms) => {
		for (const form of forms) if (form instanceof HTMLFormElement) form.noValidate = true;
	});
	await last.fill('9999-12-31');
	await page.getByRole('button', { name: 'Save dates' }).click();
	await expect(page.getByText('That is more than 10 years ahead. Check the year.').first()).toBeVisible();
	await open(page, '/units/1/plan');
	await expect(last).toHaveValue('2027-03-11');
});
