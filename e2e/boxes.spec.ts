import { expect, expectAccessible, open, test } from './house.ts';

test('a thing is added, the unit is packed step by step, labeled, scanned, and taken out again @both', async ({
	page
}) => {
	await open(page, '/units/1/boxes');
	await expect(page.getByText('19 things and 1 box.')).toBeVisible();
	await page.getByLabel('Something else').fill('Tent pole');
	await page.getByLabel('Size, cm').last().fill('0 x 4 x 4');
	await page.getByLabel('Weight of one').last().fill('300 g');
	await page.getByRole('button', { name: 'Add', exact: true }).click();
	await expect(page.getByText('“0 x 4 x 4” isn’t a size.').first()).toBeVisible();
	await expect(page.getByLabel('Something else')).toHaveValue('Tent pole');
	await expect(page.getByLabel('Weight of one').last()).toHaveValue('300 g');
	await page.getByLabel('Size, cm').last().fill('4 x 140 x 4');
	await page.getByRole('button', { name: 'Add', exact: true }).click();
	await expect(page.getByText('20 things and 1 box.')).toBeVisible();

	await page.getByRole('button', { name: 'Put it away in what we have' }).click();
	await expect(page.getByText('1 thing won’t go in: Tent pole.')).toBeVisible({ timeout: 60_000 });
	await page.getByRole('button', { name: 'Which box should we get?' }).click();
	await expect(page.getByText(/Too large for it: Tent pole/)).toBeVisible({
		timeout: 60_000
	});
	await expectAccessible(page);
	const slider = page.getByRole('slider', { name: /step by step/ });
	await slider.focus();
	await slider.press('ArrowRight');
	await expect(
		page.getByText(/ 1\. .*, (?:flat|on edge), 0 cm from the left, 0 cm from the front/)
	).toBeVisible();
	// Numbers stand inside the things that they name.
	await slider.press('Home');
	const outside = await page.locator('figure svg g:has(polygon[data-thing]):has(text)').evaluateAll(
		(groups) =>
			groups.filter((group) => {
				const front = group.querySelector('polygon')!.getBoundingClientRect();
				const number = group.querySelector('text')!.getBoundingClientRect();
				return number.left < front.left || number.right > front.right || number.top < front.top - 2;
			}).length
	);
	expect(outside).toBe(0);
	await page.getByRole('button', { name: 'It’s in there now' }).click();
	await page.getByRole('link', { name: 'box for Maps' }).click();

	await page.waitForURL(/\/boxes\/\d+$/);
	// The label is a print file; its code opens this very page (read back in the unit tests).
	const address = new URL(page.url());
	const label = await page.request.get(`${address.pathname}/label.pdf`);
	expect(label.headers()['content-type']).toBe('application/pdf');
	await open(page, address.pathname);
	await expect(page.getByRole('heading', { name: 'Take out' })).toBeVisible();
	await expectAccessible(page);
	await page.getByRole('link', { name: 'Where Compass is' }).click();
	await expect(
		page.getByText(/Compass, (?:flat|on edge)\. (?:Nothing is on top of it|Lift out first)/)
	).toBeVisible();
	await page.getByRole('button', { name: 'Take out The Patient Mapmaker' }).click();
	await expect(page.getByText('Out: The Patient Mapmaker, to School room › desk').first()).toBeVisible();
	await expect(page.getByRole('button', { name: 'Take out The Patient Mapmaker' })).toHaveCount(0);
	await expect(page.getByText(/The Patient Mapmaker, from School room › box for Maps into/)).toBeVisible();
	// Three taps: move, the place, done.
	await page.getByRole('link', { name: 'Move Globe', exact: true }).click();
	await page.getByRole('button', { name: 'School room › desk', exact: true }).click();
	await expect(page.getByText('Out: Globe, to School room › desk').first()).toBeVisible();
	await page.getByLabel('Put in').selectOption({ label: 'Globe, School room › desk' });
	await page.getByRole('button', { name: 'In', exact: true }).click();
	await expect(page.getByRole('button', { name: 'Take out Globe', exact: true })).toBeVisible();

	// From anywhere: where is it? The box opens at its layer.
	await page.keyboard.press('Escape');
	await open(page, '/');
	await page
		.getByRole('button', { name: /Search/ })
		.first()
		.click();
	await page.getByRole('combobox', { name: 'Search everything' }).fill('where is the globe');
	await page.getByRole('option', { name: /^globe 1, School room › box for Maps/i }).click();
	await expect(page.getByText('Globe is in here.')).toBeVisible();
	await expect(
		page.getByText(/Globe, (?:flat|on edge)\. (?:Nothing is on top of it|Lift out first)/)
	).toBeVisible();
});

test('the same thing in two units is asked about, and then is one', async ({ page }) => {
	const add = async (unit: number) => {
		await open(page, `/units/${unit}/boxes`);
		await page.getByLabel('Something else').fill('Tent');
		await page.getByLabel('Size, cm').last().fill('30 x 20 x 20');
		await page.getByLabel('Weight of one').last().fill('1 kg');
		await page.getByRole('button', { name: 'Add', exact: true }).click();
	};
	await add(1);
	await expect(page.getByRole('link', { name: 'Edit Tent' })).toBeVisible();
	await add(2);
	await expect(page.getByText('Maps and Wayfinding has one. Is it the same one?').last()).toBeVisible();
	await expectAccessible(page);
	await page.getByRole('button', { name: 'Yes, the same' }).click();
	await expect(page.getByRole('link', { name: 'Measure Tent' })).toHaveCount(1);
	// Taken out here it stays with the other unit.
	await page.getByRole('button', { name: 'Remove Tent' }).click();
	await expect(page.getByRole('link', { name: 'Measure Tent' })).toHaveCount(0);
	await open(page, '/units/1/boxes');
	await expect(page.getByRole('link', { name: 'Edit Tent' })).toBeVisible();
});

test('an opening box fills, says what it has nothing of, and hides what nobody may see yet', async ({
	page
}) => {
	await open(page, '/units/2/boxes/opening');
	await expect(page.getByText(/5 of 7 things in it, 49 % full/)).toBeVisible();
	await expectAccessible(page);
	await page.getByLabel('What', { exact: true }).fill('A film about balloons');
	await page.getByLabel('Price, $').fill('cheap');
	await page.getByRole('button', { name: 'Add', exact: true }).first().click();
	await expect(page.getByText('Enter the price as a number, like 12.50').first()).toBeVisible();
	await expect(page.getByLabel('What', { exact: true })).toHaveValue('A film about balloons');
	await page.getByLabel('Price, $').fill('9.50');
	await page.getByLabel('hidden until its day').check();
	await page.getByRole('button', { name: 'Add', exact: true }).first().click();
	await expect(page.getByText('5 of 8 things in it, 49 % full, $47.39 so far.')).toBeVisible();
	await page.getByRole('button', { name: 'Put in A film about balloons' }).click();
	await expect(page.getByText('6 of 8 things in it, 51 % full, $56.89 so far.')).toBeVisible();
});
