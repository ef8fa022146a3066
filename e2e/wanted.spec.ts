import { expect, expectAccessible, open, test } from './house.ts';

test('in a second-hand shop: on the list, have one already, found with its price, and in the unit’s box @phone', async ({
	page
}) => {
	await open(page, '/lists/wanted');
	await expectAccessible(page);
	await page.getByLabel('At the store: is it on the list? Do we have one?').fill('bras compas');
	await page.getByRole('main').getByRole('button', { name: 'Search' }).click();
	await expect(page.getByText('On the list: brass compass, at most $12.00')).toBeVisible();
	await page.getByLabel('At the store: is it on the list? Do we have one?').fill('flour');
	await page.getByRole('main').getByRole('button', { name: 'Search' }).click();
	await expect(page.getByText('Not on the list.')).toBeVisible();
	await expect(page.getByText(/^We have .*flour/)).toBeVisible();

	await page.getByLabel('Add something').fill(', $4');
	await page.getByRole('button', { name: 'Add' }).click();
	await expect(page.getByText('Enter what you’re looking for').first()).toBeVisible();
	await page.getByLabel('Add something').fill('tin lantern, for Kites, $8, attic sales');
	await page.getByRole('button', { name: 'Add' }).click();
	const row = page
		.getByRole('region', { name: 'Keep an eye out for' })
		.getByRole('listitem')
		.filter({ hasText: 'tin lantern' });
	await expect(row).toContainText('at most $8.00');
	await expect(row).toContainText('for Kites and Wind · attic sales · added Fri, Jan 22');
	await page.getByLabel('Paid for tin lantern, in dollars').fill('6.50');
	await page.getByRole('button', { name: 'Found: tin lantern' }).click();
	await expect(page.getByText('tin lantern: found')).toBeVisible();
	await expect(page.getByText('tin lantern, Fri, Jan 22, $6.50')).toBeVisible();

	await open(page, '/lists/shops');
	await expect(page.getByRole('region', { name: 'Spent so far' })).toContainText('$6.50');
	await page.getByRole('link', { name: 'Wanted' }).click();
	await page.getByLabel('At the store: is it on the list? Do we have one?').fill('tin lantern');
	await page.getByRole('main').getByRole('button', { name: 'Search' }).click();
	await expect(page.getByText(/^We have 1 tin lantern, .*Kites/)).toBeVisible();
});
