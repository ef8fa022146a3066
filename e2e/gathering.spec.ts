import { expect, expectAccessible, open, test } from './house.ts';

test('what is not to be had goes down the ladder, to a friend, with the day that was promised', async ({
	page
}) => {
	await open(page, '/units/1/gather');
	await page.getByRole('button', { name: /^cork/ }).click();
	await page.getByLabel('Get it from').selectOption({ label: 'find it free' });
	await page.getByRole('button', { name: 'Save source' }).last().click();
	await expect(page.getByText('Can’t get it there? Next: borrow it.')).toBeVisible();
	await expectAccessible(page);
	await open(page, '/lists/borrow');
	const free = page.getByRole('region', { name: 'Find free' });
	await expect(free).toContainText('3 corks');
	await free.getByRole('button', { name: 'Can’t get it: 3 corks' }).click();
	await expect(free).not.toContainText('3 corks');
	const friends = page.getByRole('region', { name: 'Friends and family' });
	await friends.getByRole('button', { name: 'Asked: 3 corks' }).click();
	await friends.getByLabel('Expected by (optional)').fill('2027-01-29');
	await friends.getByRole('button', { name: 'Save' }).click();
	await expect(friends).toContainText('expected Fri, Jan 29');
	await friends.getByText('As a message').click();
	await expect(friends.locator('pre')).not.toContainText('cork');
	await friends.getByRole('button', { name: 'Got it: 3 corks' }).click();
	await expect(friends).not.toContainText('3 corks');
});

test('something instead: what at home first, in its own amount; nothing stands in for itself', async ({
	page
}) => {
	await open(page, '/units/1/gather');
	await page.getByRole('button', { name: /^cork/ }).click();
	await expect(page.getByText('6 bottle caps, at home')).toBeVisible();
	await page.getByRole('button', { name: 'Use 6 bottle caps' }).click();
	await expect(page.getByText('bottle cap instead of cork').first()).toBeVisible();
	await expect(page.getByRole('button', { name: /^cork/ })).toHaveCount(0);
	await expect(page.getByRole('button', { name: /^bottle cap/ })).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByRole('button', { name: /^cork/ })).toBeVisible();

	await open(page, '/home/supplies?q=flour');
	await page.getByRole('button', { name: 'flour', exact: true }).click();
	await page.getByLabel('Use', { exact: true }).fill('2 cups flour');
	await page.getByRole('dialog').getByRole('button', { name: 'Add' }).click();
	await expect(page.getByText('flour can’t be its own substitute').first()).toBeVisible();
	await page.getByLabel('Use', { exact: true }).fill('1 cup rice flour');
	await page.getByLabel('For', { exact: true }).fill('1 cup');
	await page.getByRole('dialog').getByRole('button', { name: 'Add' }).click();
	await expect(page.getByText('for 1 cup: 1 cup rice flour')).toBeVisible();
	await page.getByText('Other ways to get it').click();
	await page.getByLabel('What to try first, for this item').fill('made, stolen');
	await page.getByRole('button', { name: 'Save sources' }).click();
	await expect(page.getByText('“stolen” isn’t one of make, find free').first()).toBeVisible();
	await expectAccessible(page);
});

test('an opened kit says what it still gives, which pieces are missing, and shows its parts', async ({
	page
}) => {
	await open(page, '/home/supplies?q=dragon');
	await expect(page.getByText('22 of 25 sets left, pieces for 21, 2 paper eyes missing')).toBeVisible();
	await page.getByRole('button', { name: /^Edit paper dragon kit/ }).click();
	const parts = page.getByLabel('Parts for one set, one per line');
	await parts.fill('1 dragon head\n17');
	await page.getByRole('button', { name: 'Save parts' }).click();
	await expect(page.getByText('Couldn’t read “17”').first()).toBeVisible();
	await parts.fill('1 dragon head, 19 there\n2 paper eyes');
	await page.getByRole('button', { name: 'Save parts' }).click();
	await expect(page.getByText('22 of 25 sets left, pieces for 19, 3 dragon head missing')).toBeVisible();
	await page.getByRole('button', { name: /^Edit paper dragon kit/ }).click();
	await page.setInputFiles('input[type=file][name=picture]', 'static/icon-192.png');
	await expect(page.getByRole('img', { name: 'The parts of paper dragon kit' })).toBeVisible();
	await expectAccessible(page);
});

test('prices from the shops’ lists, a bundle that is worth it, making it, a class kit, and what it all costs', async ({
	page
}) => {
	await open(page, '/lists/shops');
	const prices = page.getByRole('region', { name: 'Prices' });
	const unpriced = prices.getByRole('listitem').filter({ hasText: 'no price yet' });
	const before = await unpriced.count();
	await page.getByRole('button', { name: 'Get prices from the stores’ lists' }).click();
	await expect(page.getByText(/prices found$/).first()).toBeVisible();
	await expect(unpriced).toHaveCount(before - 1);
	await expect(prices).toContainText('Make it at home: $1.20 and 25 min');

	await prices.getByText('Kits and bundles').click();
	await page.getByLabel('Name', { exact: true }).fill('harbor box');
	await prices.getByLabel('Store').last().selectOption({ label: 'Hobby & Hardware' });
	await page.getByLabel('What’s in it, one per line').fill('3 bar magnets\n12 corks');
	await page.getByLabel('Price ($)').last().fill('€5');
	await page.getByRole('button', { name: 'Save bundle' }).click();
	await expect(page.getByText('Enter the price as a number of dollars').first()).toBeVisible();
	await page.getByLabel('Price ($)').last().fill('2.50');
	await page.getByRole('button', { name: 'Save bundle' }).click();
	const way = page.getByRole('region', { name: 'Cheapest way' });
	await expect(way.getByText('harbor box')).toBeVisible();
	await expect(way.getByText(/^Bought separately:/)).toBeVisible();

	await page.getByText('Class kit or single kits?').click();
	await page.getByLabel('Class kit ($)').fill('30');
	await page.getByLabel('Single kit ($)').fill('4');
	await page.getByLabel('Children each time').fill('3, 3, 3');
	await expect(
		page.getByText('The class kit costs less. The class kit pays off the 3rd time.')
	).toBeVisible();
	await expectAccessible(page);

	await way.getByRole('button', { name: 'Bought: harbor box' }).click();
	await expect(page.getByText('harbor box: bought')).toBeVisible();
	const receipts = page.getByRole('region', { name: 'Purchases' });
	await expect(receipts.getByText('can be returned until Sun, Feb 21').first()).toBeVisible();
	await receipts.getByRole('button', { name: /^Mark reimbursable: .*bar magnets/ }).click();
	const waiting = page.waitForEvent('download');
	await page.getByRole('link', { name: 'Download the list' }).click();
	const text = await (await (await waiting).createReadStream()).toArray();
	expect(Buffer.concat(text).toString()).toContain('bar magnet');
	await receipts.getByRole('button', { name: /^Returned: .*bar magnets/ }).click();
	await expect(receipts.getByText('returned Fri, Jan 22')).toBeVisible();

	await open(page, '/units/1/plan/cost');
	await expect(
		page
			.getByRole('img', { name: /^Cost of each lesson/ })
			.locator('svg')
			.last()
	).toBeVisible();
	await expect(page.getByText(/spent, .* planned/).first()).toBeVisible();
});

test('who gets what is at home can be turned around', async ({ page }) => {
	await open(page, '/home/supplies');
	await page.getByLabel('What you have').fill('2 lemons top shelf');
	await page.getByRole('button', { name: 'Add', exact: true }).click();
	await expect(page.getByText(/^Added: 2 lemon/)).toBeVisible();
	await open(page, '/units/1/gather');
	const lesson = page.getByLabel('Lesson', { exact: true });
	for (const number of ['12', '13']) {
		await page.getByLabel('Add an item').fill('2 lemons');
		await lesson.selectOption({ label: (await lesson.getByText(new RegExp(`^${number} `)).textContent())! });
		await page.getByRole('button', { name: 'Add' }).click();
		await expect(page.getByText('Added: lemon').first()).toBeVisible();
	}
	// The first line's words still stand there: the second one counts when its lesson does.
	await expect(page.getByRole('row', { name: /^lemon/ }).first()).toContainText(/12, 13/);
	await page
		.getByRole('button', { name: /^lemon/ })
		.first()
		.click();
	const last = page.getByRole('listitem').filter({ hasText: /lesson 13.*: / });
	await expect(last).toContainText('0 of 2');
	await page.getByRole('button', { name: /^Goes first: .*lesson 13/ }).click();
	await expect(last).toContainText('2 of 2');
	await page.getByRole('button', { name: /^Back to date order: .*lesson 13/ }).click();
	await expect(last).toContainText('0 of 2');
});

test('the order of sources and the frost are the household’s own', async ({ page }) => {
	await open(page, '/house');
	await page.getByLabel('When we don’t have something').fill('borrow, buy new');
	await page.getByLabel('Days each way takes').fill('borrowed soon');
	await page.getByRole('button', { name: 'Save order' }).click();
	await expect(page.getByText('Couldn’t read “borrowed soon”').first()).toBeVisible();
	await page.getByLabel('Days each way takes').fill('borrowed 5');
	await page.getByLabel('Ground freezes around').fill('Oct 15');
	await page.getByRole('button', { name: 'Save order' }).click();
	await expect(page.getByText('Enter both: when the ground freezes').first()).toBeVisible();
	await page.getByLabel('Thaws around').fill('Apr 20');
	await page.getByRole('button', { name: 'Save order' }).click();
	await expect(page.getByText('Order saved', { exact: true })).toBeVisible();
	await page.reload();
	await expect(page.getByLabel('When we don’t have something')).toHaveValue('borrow, buy new');
	await expect(page.getByLabel('Ground freezes around')).toHaveValue('Oct 15');
});

test('a wish comes with an occasion of the house, and says which one', async ({ page }) => {
	await open(page, '/house');
	const occasions = page.getByRole('region', { name: 'Gift occasions' });
	await occasions.getByLabel('Add an occasion and date').fill('the day of the kites');
	await occasions.getByRole('button', { name: 'Add' }).click();
	await expect(page.getByText('Say what it is and its day').first()).toBeVisible();
	await expect(occasions.getByLabel('Add an occasion and date')).toHaveValue('the day of the kites');
	await occasions.getByLabel('Add an occasion and date').fill('Name day, Feb 20');
	await occasions.getByRole('button', { name: 'Add' }).click();
	await expect(occasions.getByText('Sat, Feb 20')).toBeVisible();
	await open(page, '/lists/borrow');
	const wishes = page.getByRole('region', { name: 'Gifts to ask for' });
	await wishes.getByRole('button', { name: /^Asked: .*ribbon/ }).click();
	const choice = wishes.getByLabel('Occasion');
	await expect(choice.locator('option')).toContainText([
		'Name day, Sat, Feb 20',
		'Grandma’s visit, Sat, Feb 27'
	]);
	await choice.selectOption({ label: 'Grandma’s visit, Sat, Feb 27' });
	await expectAccessible(page);
	await wishes.getByRole('button', { name: 'Save' }).click();
	await expect(wishes.getByText('asked for Grandma’s visit, Sat, Feb 27')).toBeVisible();
	await open(page, '/house');
	await occasions.getByText('Name day').click();
	await occasions.getByRole('button', { name: 'Remove Name day' }).click();
	await expect(occasions.getByText('Name day')).toHaveCount(0);
});
