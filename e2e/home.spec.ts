import { expect, expectAccessible, open, test } from './house.ts';

test('one line puts things into the stash, and the list knows it', async ({ page }) => {
	await open(page, '/home/supplies');
	await page.getByLabel('What you have').fill('corks 5 drawer 2, till the cows come home');
	await page.getByRole('button', { name: 'Add', exact: true }).click();
	await expect(page.getByText('Couldn’t read “till the cows come home” as a date').first()).toBeVisible();
	await page.getByLabel('What you have').fill('corks 5 drawer 2, till June');
	await page.getByRole('button', { name: 'Add', exact: true }).click();
	await expect(page.getByText('Added: 5 cork')).toBeVisible();
	await page.getByLabel('Search items and places').fill('cork');
	await expect(page.getByRole('main').getByRole('listitem').filter({ hasText: 'cork' })).toContainText(
		'desk › drawer 2'
	);
	await expect(page.getByRole('main').getByRole('listitem').filter({ hasText: 'cork' })).toContainText(
		'expires Wed, Jun 30'
	);
	await open(page, '/units/1/gather');
	await expect(page.getByRole('row', { name: /^cork/ })).toContainText('desk › drawer 2');
});

test('a lot is changed, an item gets what is always left, and two names become one', async ({ page }) => {
	await open(page, '/home/supplies');
	await page.getByRole('button', { name: 'Edit drinking straw, 24, Kitchen › drawer by the stove' }).click();
	await page.getByRole('dialog').getByLabel('Amount', { exact: true }).fill('a lot');
	await page.getByRole('dialog').getByRole('button', { name: 'Save' }).click();
	await expect(page.getByText('Enter the amount as a number').first()).toBeVisible();
	await page.getByRole('dialog').getByLabel('Amount', { exact: true }).fill('20');
	await page.getByRole('dialog').getByRole('button', { name: 'Save' }).click();
	await expect(
		page.getByRole('main').getByRole('listitem').filter({ hasText: 'drinking straw' })
	).toContainText('20');

	await page.getByRole('button', { name: 'drinking straw', exact: true }).click();
	await expect(page.getByRole('dialog').getByText(/counted 20/)).toBeVisible();
	await expectAccessible(page);
	await page.getByRole('dialog').getByLabel('Same item as').fill('craft stick');
	await page.getByRole('dialog').getByRole('button', { name: 'Merge' }).click();
	await expect(page.getByText('Merged: drinking straw is craft stick')).toBeVisible();
	await expect(page.getByText('also drinking straw')).toBeVisible();
	await expect(page.getByRole('main').getByRole('listitem').filter({ hasText: 'craft stick' })).toContainText(
		'80'
	);
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByRole('button', { name: 'drinking straw', exact: true })).toBeVisible();
});

test('counting again: still there, or less @phone', async ({ page }) => {
	await open(page, '/home/count');
	await expect(page.getByText('lesson 6 needs it').first()).toBeVisible();
	await page.getByRole('button', { name: 'Still 14: paper plate' }).click();
	await expect(page.getByRole('button', { name: 'Still 14: paper plate' })).toHaveCount(0);
	await page.getByLabel('There now: glass bowl').fill('0');
	await page.getByRole('button', { name: 'Update glass bowl' }).click();
	await expect(page.getByText('Counted: glass bowl')).toBeVisible();
	await open(page, '/units/1/gather');
	await expect(page.getByRole('row', { name: /^glass bowl/ })).toContainText('1 glass bowl');
});

test('places are moved with the keyboard, and the walk follows', async ({ page }) => {
	await open(page, '/home/places');
	const later = page.getByRole('button', { name: 'Move Kitchen down' });
	await later.focus();
	await page.keyboard.press('Enter');
	await expect(page.getByText('Place moved')).toBeVisible();
	await expect(page.getByRole('main').getByRole('listitem').first()).toContainText('School room');
	await page.getByRole('button', { name: 'Edit Kitchen' }).click();
	await page
		.getByRole('dialog')
		.getByLabel('Move it and everything in it to')
		.selectOption({ label: 'Kitchen › pantry' });
	await page.getByRole('dialog').getByRole('button', { name: 'Move', exact: true }).click();
	await expect(page.getByText('A place can’t go inside itself.').first()).toBeVisible();
	await open(page, '/lists/walk');
	await expect(page.getByRole('heading', { level: 2 }).first()).toHaveText('School room › desk › drawer 1');
});

test('a child joins, is a year too young, and every amount follows', async ({ page }) => {
	await open(page, '/house');
	await page.getByRole('button', { name: 'Add someone' }).click();
	const dialog = page.getByRole('dialog');
	await dialog.getByLabel('Name').fill('Ode');
	await dialog.getByLabel('Birth date').fill('2027-01-23');
	await dialog.getByRole('button', { name: 'Add' }).click();
	await expect(page.getByText('That day hasn’t come yet. Check the birth date.').first()).toBeVisible();
	await expectAccessible(page);
	await dialog.getByLabel('Birth date').fill('2021-01-23');
	await dialog.getByRole('button', { name: 'Add' }).click();
	await expect(page.getByText('Ode, 5')).toBeVisible();
	await open(page, '/units/1/gather');
	await expect(page.getByRole('row', { name: /^orange/ })).toContainText('8 oranges');
});

test('working towards a date asks for the date at once', async ({ page }) => {
	await open(page, '/house');
	await page.getByLabel('How far ahead to be ready').selectOption('before a date');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText('Enter the date before which all is ready.').first()).toBeVisible();
	await page.getByLabel('Ready before').fill('2027-01-23');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText('Household saved')).toBeVisible();
	await open(page, '/units/1/gather');
	await expect(page.getByRole('row', { name: /^cork/ })).toContainText('by tomorrow');
});

test('a sick week: what would move is shown, one tap moves it, undo brings it back @phone', async ({
	page
}) => {
	await open(page, '/');
	await page.getByRole('link', { name: 'See what would move' }).click();
	await expect(page.getByText('8 lessons move, ending Tue, Mar 9; 1 day to spare.')).toBeVisible();
	await page.getByRole('button', { name: 'Pause for a week' }).click();
	await expect(page.getByText('Paused until Thu, Jan 28')).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByText('Undone: Paused until Thu, Jan 28')).toBeVisible();
	await open(page, '/units/1/plan');
	await expect(page.getByText('ending Tue, Mar 2. 3 days to spare.')).toBeVisible();
});

test('find forgives a typing error, says where a thing is, and acts', async ({ page }) => {
	await open(page, '/units');
	await page.keyboard.press('/');
	await page.getByRole('combobox', { name: 'Search everything' }).fill('galss bowl');
	await expect(page.getByRole('dialog').getByRole('option').first()).toContainText('Kitchen › cupboard');
	await expectAccessible(page);
	await page.keyboard.press('Enter');
	await expect(page).toHaveURL(/home\/supplies\?item=/);
	await page.keyboard.press('Escape');
	await open(page, '/');
	await page.getByRole('button', { name: 'Search' }).click();
	await page.getByRole('combobox', { name: 'Search everything' }).fill('add flour 2 kg pantry');
	await page.getByRole('dialog').getByRole('option').first().click();
	await expect(page.getByLabel('What you have')).toHaveValue('flour 2 kg pantry');
	await open(page, '/');
	await page.keyboard.press('?');
	await expect(page.getByRole('dialog')).toContainText('Undo the last change');
});

test('some of a lot is put elsewhere, and both lots know what happened', async ({ page }) => {
	await open(page, '/home/supplies');
	await page.getByRole('button', { name: /^Edit craft stick, 60/ }).click();
	const dialog = page.getByRole('dialog');
	await dialog.getByLabel('Move some').fill('61');
	await dialog.getByRole('button', { name: 'Move', exact: true }).click();
	await expect(page.getByText('There’s only 60.').first()).toBeVisible();
	await dialog.getByLabel('Move some').fill('20');
	await dialog.getByLabel('To', { exact: true }).selectOption({ label: 'Kitchen › pantry' });
	await expectAccessible(page);
	await dialog.getByRole('button', { name: 'Move', exact: true }).click();
	await expect(page.getByText('Some moved')).toBeVisible();
	await page.getByRole('button', { name: /^Edit craft stick, 20, Kitchen › pantry/ }).click();
	await expect(page.getByRole('dialog').getByText(/Fri, Jan 22: moved from .*, 20/)).toBeVisible();
	await page.keyboard.press('Escape');
	await page.getByRole('button', { name: /^Edit craft stick, 40/ }).click();
	await expect(page.getByRole('dialog').getByText('Fri, Jan 22: moved to pantry, 20')).toBeVisible();
});

test('an act is given to one adult, whose list it is then on @phone', async ({ page }) => {
	await open(page, '/');
	await page.getByLabel('Who does it: Buy 6 oranges').selectOption('Ferris');
	await expect(page.getByText('Given to Ferris')).toBeVisible();
	await page.getByRole('button', { name: 'Juno', exact: true }).click();
	await expect(page.getByText('1 with Ferris.')).toBeVisible();
	await expect(page.getByText('Buy 6 oranges', { exact: true })).toHaveCount(0);
	await page.getByRole('button', { name: 'Ferris', exact: true }).click();
	await expect(page.getByText('Buy 6 oranges', { exact: true })).toBeVisible();
	await expectAccessible(page);
});

test('another way of working ahead for supplies only, and a library that holds things', async ({ page }) => {
	await open(page, '/house');
	await page.getByText('Different for some kinds').click();
	await page.getByLabel('Supplies').selectOption('day by day');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText('Household saved')).toBeVisible();
	await open(page, '/units/1/gather');
	await page.getByRole('button', { name: /^cork/ }).click();
	await expect(page.getByText(/day by day/).first()).toBeVisible();

	await open(page, '/house');
	await page.getByRole('button', { name: 'Add a store or library' }).click();
	const dialog = page.getByRole('dialog');
	await dialog.getByLabel('Name').fill('Millbrook Library');
	await dialog.getByLabel('Kind').selectOption('Library');
	await dialog.getByLabel('Days it takes').fill('9');
	await dialog.getByRole('button', { name: 'Save' }).click();
	await expect(page.getByText('holds take 9 days')).toBeVisible();
});

test('in cups or in grams: the household’s measures are on every amount', async ({ page }) => {
	await open(page, '/units/1/gather');
	await expect(page.getByRole('row', { name: /^ribbon/ })).toContainText('3.66 m');
	await open(page, '/house');
	await page.getByLabel('Measures').selectOption('Cups, ounces, inches');
	await page.getByLabel('Paper').selectOption('A4');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText('Household saved')).toBeVisible();
	await open(page, '/units/1/gather');
	await expect(page.getByRole('row', { name: /^ribbon/ })).toContainText('4 yd');
	await expect(page.locator('#content')).toHaveAttribute('data-paper', 'A4');
	await open(page, '/home/places');
	await page.getByRole('button', { name: 'Edit desk' }).click();
	const dialog = page.getByRole('dialog');
	await dialog.getByLabel('Height', { exact: true }).fill('about knee high');
	await dialog.getByRole('button', { name: 'Save' }).click();
	await expect(page.getByText('isn’t a length. Try 12 1/2').first()).toBeVisible();
	await dialog.getByLabel('Height', { exact: true }).fill('2 ft 6 in');
	await dialog.getByRole('button', { name: 'Save' }).click();
	await expect(page.getByText('Place saved')).toBeVisible();
	// 30 inches are taller than 70 cm, and Tamsin is two.
	const desk = page.locator('div', { has: page.getByRole('button', { name: 'Edit desk' }) }).last();
	await expect(
		desk.getByText('Caution for Tamsin. Can tip over if climbed. Anchor it to the wall.')
	).toBeVisible();
});

test('two windows at once: what one does the other shows, and a change of something gone is refused in words', async ({
	page,
	context
}) => {
	const other = await context.newPage();
	await open(other, '/home/places');
	await open(page, '/home/places');
	await page.getByLabel('Places').fill('Attic: trunk');
	await page.getByRole('button', { name: 'Add', exact: true }).click();
	await expect(page.getByRole('button', { name: 'Edit trunk' })).toBeVisible();
	await expect(other.getByRole('button', { name: 'Edit trunk' })).toBeVisible();

	// The other window is in the middle of something: it is not interrupted, and is told when it saves.
	await other.getByRole('button', { name: 'Edit trunk' }).click();
	await other.getByRole('dialog').getByLabel('Name').fill('old trunk');
	await page.getByRole('button', { name: 'Edit trunk' }).click();
	await page.getByRole('dialog').getByRole('button', { name: 'Remove' }).click();
	await expect(page.getByText('Place removed')).toBeVisible();
	await expect(other.getByRole('dialog').getByLabel('Name')).toHaveValue('old trunk');
	await other.getByRole('dialog').getByRole('button', { name: 'Save' }).click();
	await expect(other.getByText('That place is gone. Reload the page.').first()).toBeVisible();
});

// On the phone places are moved by their buttons.
test('a place is dragged with the mouse to another spot', async ({ page }) => {
	await open(page, '/home/places');
	const grip = page.getByLabel('Drag Kitchen');
	const goal = page.getByLabel('Drag School room');
	const [from, to] = [(await grip.boundingBox())!, (await goal.boundingBox())!];
	await page.mouse.move(from.x + 5, from.y + 5);
	await page.mouse.down();
	await page.mouse.move(from.x + 8, from.y + 40, { steps: 5 });
	await page.mouse.move(to.x + 8, to.y + 60, { steps: 15 });
	await page.waitForTimeout(400);
	await page.mouse.up();
	await expect(page.getByText('Place moved')).toBeVisible();
});
