import { expect, expectAccessible, open, test } from './house.ts';

test('prices are noted, the cheapest way is worked out, and what was bought is in the house', async ({
	page
}) => {
	await open(page, '/lists/shops');
	const way = page.getByRole('region', { name: 'Cheapest way' });
	await expect(way.getByText(/the lowest possible/)).toBeVisible();
	await expectAccessible(page);
	const bought = way.getByRole('button', { name: /^Bought: / });
	const count = await bought.count();
	expect(count).toBeGreaterThan(2);
	const name = (await bought.first().getAttribute('aria-label'))!;
	await way
		.getByLabel(/^Paid for /)
		.first()
		.fill('three');
	await bought.first().click();
	await expect(page.getByText('Enter the price as a number of dollars, like 2.19').first()).toBeVisible();
	await way
		.getByLabel(/^Paid for /)
		.first()
		.fill('3.30');
	await bought.first().click();
	await expect(page.getByText(/: bought$/)).toBeVisible();
	await expect(bought).toHaveCount(count - 1);
	await expect(page.getByRole('button', { name, exact: true })).toBeHidden();
	await expect(page.getByRole('region', { name: 'Purchases' })).toContainText('$3.30');
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(bought).toHaveCount(count);
});

test('a pack is compared as soon as its price is known; one shop at most says what cannot be had there', async ({
	page
}) => {
	await open(page, '/lists/shops');
	const prices = page.getByRole('region', { name: 'Prices' });
	const unpriced = prices.getByRole('listitem').filter({ hasText: 'no price yet' });
	const before = await unpriced.count();
	expect(before).toBeGreaterThan(0);
	await page.getByLabel('Pack size', { exact: true }).fill('nothing at all, ever');
	await page.getByLabel('Price ($)').first().fill('2.50');
	await page.getByRole('button', { name: 'Save price' }).click();
	await expect(page.getByText('Enter the pack size').first()).toBeVisible();
	await page.getByLabel('Pack size', { exact: true }).fill('100');
	await page.getByLabel('Price ($)').first().fill('2.50');
	await page.getByRole('button', { name: 'Save price' }).click();
	await expect(unpriced).toHaveCount(before - 1);
	await page.getByRole('link', { name: 'One store', exact: true }).click();
	// What it names is a thing of the list, and not a number of ours.
	await expect(
		page.getByText(/^Within one store no offer covers the need of [a-z ]+ with all the others\.$/)
	).toBeVisible();
	await page.getByRole('link', { name: 'The next lesson' }).click();
	await expect(page.getByRole('heading', { name: 'Shopping' })).toBeVisible();
});
