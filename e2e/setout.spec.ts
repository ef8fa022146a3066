import { expect, expectAccessible, open, test } from './house.ts';

test('a tray is moved by keyboard, the broken rule is named, and the shelf is planned again', async ({
	page
}) => {
	await open(page, '/week/shelf');
	await expect(page.getByText('6 trays out, 2 new.')).toBeVisible();
	await expectAccessible(page);
	// Drawn to scale: boards as high, trays as long as they are, in one scale.
	const drawn = await page.locator('figure svg').evaluate((svg) => ({
		bottom: Number(svg.querySelector('line[x1="-10"]')!.getAttribute('y1')),
		boards: [...svg.querySelectorAll('rect[data-high]')].map((one) => [
			Number(one.getAttribute('data-high')),
			Number(one.getAttribute('y'))
		]),
		trays: [...svg.querySelectorAll('rect[data-along]')].map((one) => [
			one.getAttribute('data-along'),
			one.getAttribute('width')
		]),
		reach: [...svg.querySelectorAll('line[data-reach]')].map((one) => [
			Number(one.getAttribute('data-reach')),
			Number(one.getAttribute('y1'))
		])
	}));
	expect(drawn.boards.map(([high]) => high)).toEqual([80, 400, 700, 1150]);
	for (const [high, y] of [...drawn.boards, ...drawn.reach]) expect(drawn.bottom - y).toBeCloseTo(high, 6);
	for (const [along, width] of drawn.trays) expect(width).toBe(along);

	const where = page.getByLabel('Where Sew a coastline is');
	await where.focus();
	await page.keyboard.press('ArrowDown');
	await page.keyboard.press('ArrowDown');
	await expect(
		page.getByText(/Sew a coastline is at (?:70|40) cm, and Tamsin gets at 110 cm/).first()
	).toBeVisible();
	await expectAccessible(page);
	await page.getByRole('button', { name: 'Plan the shelf' }).click();
	await expect(page.getByText(/^Mon, Jan 18: \d+ trays\./)).toBeVisible();
	await page.getByRole('button', { name: 'Use this plan' }).click();
	await expect(page.getByText(/Shelf set for \d+ weeks/).first()).toBeVisible();
	await expect(page.getByText(/Tamsin gets at 110 cm/)).toHaveCount(0);

	// Two missed days move lessons into weeks whose shelf is set: it says so, and follows in one tap on Next.
	for (const day of ['Tue, Jan 26', 'Thu, Jan 28']) {
		await open(page, '/units/1/plan');
		await page.getByRole('link', { name: new RegExp(`^${day}, lesson`) }).click();
		await page.getByRole('button', { name: 'Move lessons', exact: true }).click();
		await expect(page.getByText(`Lessons moved; none on ${day}`)).toBeVisible();
	}
	await open(page, '/week/shelf');
	await expect(page.getByText('Lessons have moved since the shelf was set.')).toBeVisible();
	await expectAccessible(page);
	await open(page, '/');
	await page.getByRole('button', { name: /^Move it: Let the shelf follow/ }).click();
	await expect(page.getByText(/Shelf set anew for \d+ weeks?/).first()).toBeVisible();
	await expect(page.getByRole('button', { name: /Let the shelf follow/ })).toHaveCount(0);
	await open(page, '/week/shelf');
	await expect(page.getByText('Lessons have moved since the shelf was set.')).toHaveCount(0);

	await page.getByLabel('Activity', { exact: true }).fill('Thread beads');
	await page.getByLabel('Length, cm').fill('0');
	await page.getByRole('button', { name: 'Add the tray' }).click();
	await expect(page.getByText('Each side is more than 0.').first()).toBeVisible();
	await expect(page.getByLabel('Activity', { exact: true })).toHaveValue('Thread beads');
	await page.getByLabel('Length, cm').fill('600');
	await page.getByRole('button', { name: 'Add the tray' }).click();
	await expect(page.getByText('Saved: Thread beads').first()).toBeVisible();
	await expect(page.getByText('too wide for every board')).toBeVisible();
	const cards = await page.request.get('/week/shelf/cards.pdf');
	expect((await cards.body()).subarray(0, 5).toString()).toBe('%PDF-');
});

test('a week on the phone: the day’s sheet, checked off, a short day, and what goes along @both', async ({
	page
}) => {
	await open(page, '/week?of=2027-01-26');
	await expect(page.getByText(/^2 lessons this week/)).toBeVisible();
	await expectAccessible(page);
	await page.getByRole('link', { name: 'Tue, Jan 26, the day’s sheet' }).click();
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('Tue, Jan 26');
	await expect(page.getByText('Journal: the orange peel: Odile, Perrin, and Tamsin')).toBeVisible();
	await expectAccessible(page);
	await page.getByRole('button', { name: 'Done: A poem' }).click();
	await expect(page.getByRole('button', { name: 'Not done: A poem' })).toHaveAttribute(
		'aria-pressed',
		'true'
	);
	await page.reload();
	await expect(page.getByRole('button', { name: 'Not done: A poem' })).toBeVisible();
	// On one sheet of paper.
	const paper = await page.pdf({ format: 'Letter', printBackground: false }).catch(() => null);
	if (paper) expect(paper.toString('latin1').match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
	await page.getByRole('button', { name: 'Make it a short day' }).click();
	await expect(page.getByText(/^A short day: only the basket\./)).toBeVisible();
	await page.getByRole('link', { name: 'Strips for children' }).click();
	await expect(page.getByText('Morning basket')).toBeVisible();
	await open(page, '/week?away');
	await expect(page.getByText('Beeswax to knead')).toBeVisible();
});

test('a child’s page shows its own things, is checked off, and ends with its link', async ({ page }) => {
	await open(page, '/week');
	await page.getByText('A page for each child').click();
	await page.getByRole('button', { name: 'Make a page for Perrin' }).click();
	const link = page.getByRole('link', { name: /\/for\// });
	const address = (await link.getAttribute('href'))!;
	expect(address).toMatch(/^http:/);
	await open(page, new URL(address).pathname);
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('Perrin');
	await expectAccessible(page);
	await expect(page.getByRole('navigation')).toHaveCount(0);
	await page.getByRole('button', { name: /Morning basket/ }).click();
	await expect(page.getByRole('button', { name: /Morning basket/ })).toHaveAttribute('aria-pressed', 'true');
	await open(page, '/week');
	await page.getByText('A page for each child').click();
	await page.getByRole('button', { name: 'Turn off the page of Perrin' }).click();
	await expect(page.getByRole('button', { name: 'Make a page for Perrin' })).toBeVisible();
	await page.goto(new URL(address).pathname);
	await expect(page.getByText('This page is over. Ask for a new link.')).toBeVisible();
	await expect(page.getByRole('link', { name: 'Back to Next' })).toHaveCount(0);
});

test('a wall fills, a board of 0 is refused in words, and a basket of two hours is said to be too long', async ({
	page
}) => {
	await open(page, '/units/1/setout');
	await expect(page.getByText('Full with lesson 12 on Thu, Feb 25: take down view.')).toBeVisible();
	await expectAccessible(page);
	await page.getByLabel('Board width, cm').fill('0');
	await page.getByRole('button', { name: 'Save the board' }).click();
	await expect(page.getByText(/a board of 0 holds nothing/).first()).toBeVisible();
	await page.getByLabel('Board width, cm').fill('150');
	await page.getByRole('button', { name: 'Save the board' }).click();
	await expect(page.getByText('All 33 cards hang together: there is room for 40.')).toBeVisible();
	await page.getByLabel(/^Words, with commas/).fill('Lesson 13: reveal*');
	await page.getByRole('button', { name: 'Add', exact: true }).click();
	await expect(page.getByText('All 34 cards hang together')).toBeVisible();

	// On the drawing itself: a card is moved by keyboard, hidden, given a meaning; a word is added at a free place.
	await open(page, '/units/1/setout?lesson=5');
	const board = page.getByRole('group', { name: /^Board of/ });
	const names = () =>
		board.getByRole('button').evaluateAll((all) => all.map((one) => one.getAttribute('aria-label')));
	const before = await names();
	await board.getByRole('button', { name: 'Card globe' }).focus();
	await page.keyboard.press('Enter');
	await expect(page.getByText('Tap another place to move it there.')).toBeVisible();
	await expectAccessible(page);
	await board.getByRole('button', { name: 'Card map' }).focus();
	await page.keyboard.press('Enter');
	await expect(page.getByText('globe and map changed places').first()).toBeVisible();
	const swap: Record<string, string> = { 'Card globe': 'Card map', 'Card map': 'Card globe' };
	await expect.poll(names).toEqual(before.map((one) => swap[one!] ?? one));
	await board.getByRole('button', { name: 'Card globe' }).click();
	await page.getByLabel('Meaning, for its back').fill('a map of the earth, round as it is');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText('Meaning saved').first()).toBeVisible();
	await page.getByRole('button', { name: 'Close', exact: true }).click();
	await board
		.getByRole('button', { name: /^Free place/ })
		.last()
		.click();
	await page.getByLabel(/^Word for this place, with lesson 6/).fill('isthmus');
	await page.getByRole('button', { name: 'Hang it' }).first().click();
	await expect(board.getByRole('button', { name: 'Card isthmus' })).toBeVisible();
	await expect.poll(async () => (await names()).at(-1)).toBe('Card isthmus');

	await open(page, '/week/basket');
	await expect(page.getByText('17 minutes in 6 parts. Tamsin chooses.')).toBeVisible();
	await expectAccessible(page);
	await page.getByLabel('Into the basket').fill('The whole encyclopedia');
	await page.getByLabel('Minutes', { exact: true }).fill('120');
	await page.getByRole('button', { name: 'Add', exact: true }).first().click();
	await expect(page.getByText(/137 minutes is too long for one basket/)).toBeVisible();
});

test('a bookmark behind the last page: the book is finished, every page opens, and it goes back in one move @both', async ({
	page
}) => {
	await open(page, '/week/basket');
	await page.getByLabel('Into the basket').fill('A short reader');
	await page.getByLabel('Pages', { exact: true }).selectOption('bookmark');
	await page.getByLabel('First page', { exact: true }).fill('1');
	await page.getByLabel('Last page').fill('48');
	await page.getByRole('button', { name: 'Add', exact: true }).click();
	await expect(page.getByText('In the basket: A short reader').first()).toBeVisible();
	const bookmark = page.getByLabel('Bookmark of A short reader is now at page');
	await bookmark.fill('49');
	await page.getByRole('button', { name: 'Move the bookmark of A short reader' }).click();
	await expect(page.getByText('A short reader: read to its end').first()).toBeVisible();
	await expect(page.getByText(/read to its end · ended/)).toBeVisible();
	await expectAccessible(page);
	for (const address of ['/', '/week', '/week/2027-01-22']) {
		await open(page, address);
		await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
		await expect(page.getByText('couldn’t be worked out')).toHaveCount(0);
	}
	await open(page, '/week/basket');
	await bookmark.fill('12');
	await page.getByRole('button', { name: 'Move the bookmark of A short reader' }).click();
	await expect(page.getByText('page 12').first()).toBeVisible();
});

test('what belongs together is checked off together, and a lesson as taught on its own sheet @phone', async ({
	page
}) => {
	await open(page, '/week/2027-01-22');
	const basket = page.getByRole('region', { name: 'Morning basket' });
	const all = await basket.getByRole('button', { name: /^Done: / }).count();
	expect(all).toBeGreaterThan(3);
	await basket.getByRole('button', { name: 'All done: Morning basket' }).click();
	await expect(basket.getByRole('button', { name: /^Not done: / })).toHaveCount(all);
	await expect(basket.getByRole('button', { name: 'All done: Morning basket' })).toHaveCount(0);
	await basket
		.getByRole('button', { name: /^Not done: / })
		.first()
		.click();
	await expect(basket.getByRole('button', { name: /^Not done: / })).toHaveCount(all - 1);
	await expectAccessible(page);
});

test('the open tab of a unit is in sight on the phone @phone', async ({ page }) => {
	for (const tab of ['print', 'boxes', 'setout', 'gather']) {
		await open(page, `/units/1/${tab}`);
		await expect(
			page.getByRole('navigation', { name: 'Stages of the unit' }).locator('[aria-current=page]')
		).toBeInViewport({ ratio: 1 });
	}
});

test('a tray is dragged to another board, and what breaks is named', async ({ page }) => {
	await open(page, '/week/shelf');
	const grip = page.getByLabel('Drag Continents puzzle');
	const target = page.getByLabel('Drag Sew a coastline');
	await target.scrollIntoViewIfNeeded();
	const to = (await target.boundingBox())!;
	const start = (await grip.boundingBox())!;
	await page.mouse.move(start.x + 5, start.y + 5);
	await page.mouse.down();
	// In steps, as a hand does: the first ones only tell that it is dragged.
	await page.mouse.move(start.x + 8, start.y - 10, { steps: 5 });
	await page.mouse.move(to.x + 8, to.y + 4, { steps: 15 });
	await page.waitForTimeout(300);
	await page.mouse.up();
	await expect(page.getByText(/Continents puzzle is at 115 cm; Tamsin reaches/).first()).toBeVisible();
	const high = await page.getByLabel('Where Sew a coastline is').inputValue();
	await expect(page.getByLabel('Where Continents puzzle is')).toHaveValue(high);
	await page.reload();
	await expect(page.getByText(/Continents puzzle is at 115 cm; Tamsin reaches/).first()).toBeVisible();
});

test('a poster is hung, a word hidden until its day, and both are on that day’s sheet @both', async ({
	page
}) => {
	await open(page, '/units/1/setout');
	await page.getByLabel('Poster or map').fill('Old sea chart');
	await page.getByLabel('Poster width, cm').fill('200');
	await page.getByLabel('Poster height, cm').fill('20');
	await page.getByLabel('Comes with').selectOption({ label: '6 The round earth, flattened' });
	await page.getByRole('button', { name: 'Hang it', exact: true }).click();
	await expect(page.getByText(/“Old sea chart” is 200 cm × 20 cm; the board has /).first()).toBeVisible();
	await page.getByLabel('Poster or map').fill('Old sea chart');
	await page.getByLabel('Poster width, cm').fill('43');
	await page.getByLabel('Poster height, cm').fill('22.6');
	await page.getByLabel('Comes with').selectOption({ label: '6 The round earth, flattened' });
	await page.getByRole('button', { name: 'Hang it', exact: true }).click();
	await expect(page.getByText('On the wall: Old sea chart').first()).toBeVisible();
	await page.getByRole('button', { name: 'Hide until its day: globe' }).click();
	await expect(page.getByRole('button', { name: 'Show: globe' })).toBeVisible();
	await expectAccessible(page);
	// To scale: the poster is drawn as wide and high as it is, inside the board.
	const drawn = () =>
		page
			.locator('rect[data-poster]')
			.evaluateAll((all) =>
				all.map((one) => ['width', 'height'].map((side) => Number(one.getAttribute(side))))
			);
	await expect.poll(drawn).toContainEqual([430, 226]);

	await open(page, '/week/2027-01-26');
	const wall = page.getByRole('region', { name: 'Wall' });
	await expect(wall.getByText('Put up hemisphere and projection')).toBeVisible();
	await expect(wall.getByText('Hang Old sea chart')).toBeVisible();
	await expect(wall.getByText('Show globe')).toBeVisible();
});
