import { expect, expectAccessible, open, test } from './house.ts';

test('a thing is added, the unit is packed step by step, and lies in its box @both', async ({ page }) => {
	await open(page, '/units/1/boxes');
	await expect(page.getByText(/16 things and 1 box/)).toBeVisible();
	await page.getByLabel('Something else').fill('Tent pole');
	for (const [name, value] of [
		['Length, cm', '0'],
		['Width, cm', '4'],
		['Height, cm', '4'],
		['Weight, kg', '0.3']
	])
		await page.getByLabel(name).last().fill(value);
	await page.getByRole('button', { name: 'Add', exact: true }).click();
	await expect(page.getByText('The length is more than 0 cm').first()).toBeVisible();
	await expect(page.getByLabel('Something else')).toHaveValue('Tent pole');
	await page.getByLabel('Length, cm').last().fill('140');
	await page.getByRole('button', { name: 'Add', exact: true }).click();
	await expect(page.getByText(/17 things and 1 box/)).toBeVisible();

	await page.getByRole('button', { name: 'Put it away in what we have' }).click();
	await expect(page.getByText('1 thing won’t go in: Tent pole.')).toBeVisible({ timeout: 60_000 });
	await expectAccessible(page);
	const slider = page.getByRole('slider', { name: /step by step/ });
	await slider.focus();
	await slider.press('ArrowRight');
	await expect(
		page.getByText(/ 1\. .*, (?:flat|on edge), 0 cm from the left, 0 cm from the front/)
	).toBeVisible();
	await page.getByRole('button', { name: 'It’s in there now' }).click();
	await expect(page.getByText(/things in 1 box/)).toBeVisible();
	await expect(page.getByText('School room › box for Maps').nth(3)).toBeVisible();
});
