import { expect, expectAccessible, open, test } from './house.ts';

test('sittings are planned, one is held with its clock and broken off, and the rest goes on @both', async ({
	page
}) => {
	await open(page, '/units/1/prepare');
	await expect(page.getByText(/jobs, .* to place into your sittings/)).toBeVisible();
	await page.getByRole('button', { name: 'Plan the sittings' }).click();
	await expect(page.getByText('Lesson by lesson', { exact: true })).toBeVisible();
	await expect(page.getByText(/saves .*: the laminator warms up less often/)).toBeVisible();
	await page.getByRole('button', { name: 'Use this plan' }).first().click();
	// The first sitting comes after lesson 6: what that one wants is asked for before.
	await expect(
		page.getByText('2 jobs can’t wait for your next sitting: do them by Sun, Jan 24.')
	).toBeVisible();
	await expectAccessible(page);

	// A job goes to another sitting by its handle and the arrow keys, and back with Undo.
	const bag = page.getByRole('button', { name: /^Move Bag and label/ });
	await bag.focus();
	await bag.press('ArrowDown');
	await expect(page.getByText(/^Bag and label \d+ sets: Thu, Jan 28$/)).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByText(/^Undone/)).toBeVisible();
	await page.getByRole('link', { name: 'Open the next sitting' }).click();
	await expect(page.getByRole('heading', { name: 'Tue, Jan 26, 20:00' })).toBeVisible();
	await expectAccessible(page);
	await expect(page.getByText(/^On the table: .*trimmer/)).toBeVisible();
	await expect(page.getByText(/rollers are hot/)).toBeVisible();
	const before = await page.getByText(/\d+ jobs, .* of 1 h/).textContent();
	await page.getByRole('button', { name: 'Start the clock' }).click();
	await expect(page.getByRole('timer')).not.toHaveText('0:00');
	// The clock goes on while the page is away.
	await page.reload();
	await page.getByRole('button', { name: 'Stop the clock' }).click();
	await expect(page.getByLabel('Took, min')).toHaveValue(/^\d+:\d\d$/);
	await page.getByLabel('Took, min').fill('0');
	await page.getByRole('button', { name: 'Done', exact: true }).click();
	await expect(page.getByText('Enter minutes, more than 0').first()).toBeVisible();
	await page.getByLabel('Took, min').fill('35');
	await page.getByRole('button', { name: 'Done', exact: true }).click();
	await expect(page.getByText(/: done in 35 min/)).toBeVisible();
	await expect(page.getByText(before!, { exact: true })).toBeHidden();
	await page.getByRole('button', { name: 'Stop here: the rest goes to later sittings' }).click();
	await expect(page.getByText(/Sitting over; \d+ jobs move to Thu, Jan 28/)).toBeVisible();
	await expect(page.getByText('This sitting is over.')).toBeVisible();
});

test('times are said in a line, a job is noted, a free evening is filled, rates are the house’s own', async ({
	page
}) => {
	await open(page, '/units/1/prepare');
	const times = page.getByLabel('Times for preparing');
	await times.fill('Saturdays');
	await page.getByRole('button', { name: 'Add', exact: true }).click();
	await expect(page.getByText('Say how long it is, such as 60 min.').first()).toBeVisible();
	await expect(times).toHaveValue('Saturdays');
	await times.fill('Sat 9 am, 0 min');
	await page.getByRole('button', { name: 'Add', exact: true }).click();
	await expect(page.getByText(/A sitting of 0 minutes holds nothing/).first()).toBeVisible();
	await times.fill('Sundays after church, 1 h');
	await expect(page.getByText('“after church” can’t be read here.', { exact: false }).first()).toBeVisible();
	// What was understood is said back before it is kept.
	await times.fill('Sat 9 am to 11 am, except Feb 6, small hands about');
	await expect(
		page.getByText(/Every Sat, without Sat, Feb 6, 09:00, 2 h, small hands about\. Next: Sat, Jan 23; /)
	).toBeVisible();
	await page.getByRole('button', { name: 'Add', exact: true }).click();
	await expect(page.getByText(/5 sittings added/)).toBeVisible();

	await page.getByLabel('What', { exact: true }).fill('Melt wax for the seals');
	await page.getByLabel('Minutes', { exact: true }).fill('15');
	await page.getByRole('button', { name: 'Add the job' }).click();
	await expect(page.getByText('Melt wax for the seals').first()).toBeVisible();

	await page.getByText('A free evening', { exact: true }).click();
	await page.getByLabel('Minutes you have').fill('30');
	await page.getByRole('button', { name: 'What is best done?' }).click();
	const best = page.getByRole('list', { name: 'Best done now' });
	await expect(best.getByRole('listitem').first()).toBeVisible();
	const [first] = await best.getByRole('listitem').allInnerTexts();
	await best.getByRole('button', { name: /^Done/ }).first().click();
	await expect(page.getByText(/: done/).first()).toBeVisible();
	await expect(best.getByText(first, { exact: true })).toBeHidden();

	await page.getByText('How long things take').click();
	const pouch = page.getByRole('row', { name: /pouch/ });
	await expect(pouch).toContainText('60 s');
	await page.getByLabel('Seconds for one pouch').fill('70');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText('Rates saved')).toBeVisible();
});

test('a binder that won’t close is said, drawn, split, and a larger one chosen; labels come as a file @both', async ({
	page
}) => {
	await open(page, '/units/1/binders');
	await expect(page.getByText(/won’t close from week 8, lesson 12/).first()).toBeVisible();
	await expect(page.getByText(/Split it: binder 1: lessons 1 to/)).toBeVisible();
	await expectAccessible(page);
	// The drawing is to scale: each layer as high as its lesson is thick.
	const layers = page.locator('svg rect[data-mm]');
	const sizes = await layers.evaluateAll((all) =>
		all.map((one) => [Number(one.getAttribute('data-mm')), Number(one.getAttribute('height'))])
	);
	const [scale] = sizes.map(([mm, height]) => height / mm);
	for (const [mm, height] of sizes) expect(height / mm).toBeCloseTo(scale, 5);
	// The closed back and its label, too: one millimeter is one unit of the drawing.
	const backs = await page
		.locator('svg rect[data-wide]')
		.evaluateAll((all) => all.map((one) => [one.getAttribute('data-wide'), one.getAttribute('width')]));
	expect(backs.length).toBeGreaterThan(1);
	for (const [wide, width] of backs) expect(width).toBe(wide);
	const slider = page.getByRole('slider', { name: /layer by layer/ });
	await slider.focus();
	await slider.press('ArrowRight');
	await expect(page.getByText(/^The unit’s binder Lesson \d+:/)).toBeVisible();

	await page.getByLabel('The binder we have').selectOption({ label: '51 mm rings' });
	await page.getByRole('button', { name: 'Choose this way' }).click();
	await expect(page.getByText(/closes through lesson 13/).first()).toBeVisible();
	await page.getByRole('radio', { name: /A binder for each child/ }).check();
	await page.getByRole('button', { name: 'Choose this way' }).click();
	await expect(page.getByText(/Odile’s binder/).first()).toBeVisible();

	await page.getByLabel('Print', { exact: true }).selectOption({ label: 'Spine labels' });
	await page.getByRole('button', { name: 'Show', exact: true }).click();
	const link = page.getByRole('link', { name: 'Open the print file' });
	await expect(link).toHaveAttribute('href', /kind=spine/);
	const file = await page.request.get((await link.getAttribute('href'))!);
	expect(file.status()).toBe(200);
	expect((await file.body()).subarray(0, 5).toString()).toBe('%PDF-');

	// The parts it takes go onto the supply list in one tap.
	await page.getByRole('button', { name: 'Put the parts on the supply list' }).click();
	await expect(page.getByText(/parts? on the supply list/).first()).toBeVisible();
	await expect(page.getByRole('button', { name: 'Put the parts on the supply list' })).toHaveCount(0);
});
