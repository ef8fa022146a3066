import { expect, expectAccessible, open, test } from './house.ts';

test('from a table of contents to pages in each lesson, fitted into the days, and rolled on', async ({
	page
}) => {
	await open(page, '/units/2/plan');
	await page.getByText('Paste a table of contents').click();
	await page
		.getByLabel('Lessons, one per line')
		.fill('Lesson 1 Why kites fly … 3\nLesson 2 Tails and bridles … 9\nLesson 3 Wind … 15');
	await page.getByRole('button', { name: 'Add these lessons' }).click();
	await expect(page.getByText('3 lessons added')).toBeVisible();
	await page.getByLabel('First day', { exact: true }).first().fill('2027-03-15');
	await page.getByLabel('Last day').fill('2027-04-09');
	await page.getByRole('group', { name: 'School days', exact: true }).getByText('Mon').click();
	await page.getByRole('group', { name: 'School days', exact: true }).getByText('Wed').click();
	await page.getByRole('button', { name: 'Save dates' }).click();
	await expect(page.getByText('6 lessons, Mon and Wed, through').first()).toBeVisible();

	await open(page, '/units/2/plan/pages');
	await expect(page.getByText('No spine yet.')).toBeVisible();
	await page.getByLabel('Title', { exact: true }).fill('The Kite Loft');
	await page.getByLabel('Last', { exact: true }).fill('66');
	await page.getByRole('button', { name: 'Add this book' }).click();
	await expect(page.getByRole('heading', { name: /The Kite Loft/ })).toBeVisible();
	await page.getByRole('button', { name: 'Divide evenly among upcoming lessons' }).click();
	await expect(page.getByText('1–11', { exact: true })).toBeVisible();
	await expect(page.getByText('56–66', { exact: true }).first()).toBeVisible();
	await expect(page.getByText('1 spine, and every upcoming lesson has pages.')).toBeVisible();
	await expectAccessible(page);

	await open(page, '/units/2/plan?missed=2027-03-15');
	await expect(page.getByText(/If you skip Mon, Mar 15: 6 lessons move/)).toBeVisible();
	await page.getByRole('button', { name: 'Move lessons', exact: true }).click();
	await expect(page.getByText('Lessons moved; none on Mon, Mar 15')).toBeVisible();
});

test('an extra is typed as one would say it, gets its day by keyboard and by mouse, and goes back', async ({
	page
}) => {
	await open(page, '/units/1/plan/extras');
	await page.getByLabel('New idea').fill('Foil rivers, experiment, 35 min, messy, $2');
	await page.getByRole('button', { name: 'Add idea' }).click();
	await expect(page.getByText('experiment · 35 min · messy · $2.00')).toBeVisible();
	await expectAccessible(page);

	await open(page, '/units/1/plan/month');
	const chip = page.getByRole('button', { name: /^Foil rivers/ });
	await chip.click();
	await page.getByLabel('Date', { exact: true }).fill('2027-01-27');
	await page.getByRole('button', { name: 'Move', exact: true }).click();
	await expect(page.getByText('Moved to Wed, Jan 27')).toBeVisible();
	const cell = (day: string) => page.locator(`td[data-day="${day}"]`);
	await expect(cell('2027-01-27').getByRole('button', { name: /^Foil rivers/ })).toBeVisible();
	await expectAccessible(page);
	await chip.focus();
	await page.keyboard.press('ArrowRight');
	await expect(cell('2027-01-28').getByRole('button', { name: /^Foil rivers/ })).toBeFocused();
	await page.keyboard.press('ArrowUp');
	await expect(cell('2027-01-21').getByRole('button', { name: /^Foil rivers/ })).toBeFocused();
	await chip.dragTo(cell('2027-01-13'));
	await expect(cell('2027-01-13').getByRole('button', { name: /^Foil rivers/ })).toBeVisible();
	await chip.click();
	await page.getByRole('button', { name: 'Move to ideas' }).click();
	await expect(page.getByRole('button', { name: /^Foil rivers.*no date/ })).toBeVisible();
});

test('the grid: a hole is named, filled with a task, and the sentence knows it', async ({ page }) => {
	await open(page, '/units/1/plan/children');
	await expect(
		page.getByText('Tamsin has nothing at the right level in lessons 7, 9, and 13.')
	).toBeVisible();
	await expectAccessible(page);
	await page.getByRole('button', { name: 'Tamsin, lesson 7: nothing yet' }).click();
	await page.getByLabel('Task').fill('threads buttons on the string');
	await page.getByRole('button', { name: 'Add task' }).click();
	await expect(page.getByText('Task added for Tamsin')).toBeVisible();
	await expect(page.getByText('Tamsin has nothing at the right level in lessons 9 and 13.')).toBeVisible();
	await page
		.getByRole('button', { name: /things done so far/ })
		.first()
		.click();
	await expect(page.getByRole('heading', { name: 'Bread and Grain, 2025' })).toBeVisible();
});

test('a full week is said, made lighter in one tap; the best set is worked out and put into the plan', async ({
	page
}) => {
	await open(page, '/units/1/plan/load');
	await expect(page.getByText('2 weeks are too full.')).toBeVisible();
	await expect(page.locator('canvas, svg').first()).toBeVisible();
	await expectAccessible(page);
	await page
		.getByRole('listitem')
		.filter({ hasText: 'Take out Museum of seafaring' })
		.getByRole('button')
		.click();
	await expect(page.getByText('Week made lighter')).toBeVisible();
	await expect(page.getByText('Take out Museum of seafaring')).toHaveCount(0);

	await open(page, '/units/1/plan/extras');
	await page.getByRole('button', { name: 'Find the best mix' }).click();
	await expect(page.getByRole('button', { name: 'Use this mix' })).toBeVisible();
	await expectAccessible(page);
	await page.getByRole('button', { name: 'Use this mix' }).click();
	await expect(page.getByRole('button', { name: 'Undo' })).toBeVisible();
});

test('the board: four streams, and what is behind each word; a thing is begun in time', async ({ page }) => {
	await open(page, '/units/1');
	for (const stream of ['Books', 'Printables', 'Supplies', 'Set-up'])
		await expect(page.getByRole('columnheader', { name: stream })).toBeVisible();
	await page.getByRole('button', { name: /^Supplies of lesson 6: 0 of 6/ }).click();
	const dialog = page.getByRole('dialog');
	await expect(dialog.getByRole('listitem').filter({ hasText: '6 oranges' })).toContainText('buy 6 oranges');
	await expectAccessible(page);
	await page.keyboard.press('Escape');
	await page.getByRole('button', { name: /^Show \d+ later ones$/ }).click();
	await page.getByRole('button', { name: 'Started: Start Papier-mâché globe' }).click();
	await expect(page.getByText('Papier-mâché globe: started')).toBeVisible();
	await expect(page.getByRole('button', { name: /^Set-up of lesson 9: extras only/ })).toBeVisible();
});

test('on paper: the plan, a month, and a page for each lesson', async ({ page }) => {
	for (const [show, words] of [
		['plan', 'Maps and Wayfinding: the plan'],
		['month', 'Maps and Wayfinding: January 2027'],
		['lessons', 'Lesson 8: A needle that knows north']
	]) {
		await open(page, `/units/1/plan/paper?show=${show}`);
		await expect(page.getByRole('heading', { name: words })).toBeVisible();
		await page.emulateMedia({ media: 'print' });
		await expect(page.getByRole('navigation').first()).toBeHidden();
		await page.emulateMedia({ media: 'screen' });
		await expectAccessible(page);
	}
});
