import { expect, expectAccessible, open, test } from './house.ts';

const LIST = `Lesson 6: The round earth, flattened
3 oranges per child
1 fine-tip black marker
1 sheet tracing film per child
some yarn
globe
Lesson 7
12 paper clips
1 sponge per group
Lesson 44: Nowhere
1 stapler`;

test('paste, review, list, walk and undo @both', async ({ page }) => {
	await open(page, '/units/1/gather/paste');
	await page.getByLabel('Supply list').fill(LIST);
	await page.getByRole('button', { name: 'Read the list' }).click();

	// Doubtful lines stand first and say what is doubtful.
	await expect(page.getByRole('heading', { level: 2 })).toContainText('2 lines to check');
	await expect(page.getByText('“Lesson 44: Nowhere” isn’t in this unit: 1 line')).toBeVisible();
	const first = page.locator('ol > li').first();
	await expect(first).toContainText('“some yarn”');
	await expect(first).toContainText('The list doesn’t say how much.');
	await expectAccessible(page);

	// Fix in place.
	await page.getByLabel('Amount: some yarn').fill('2 1/2');
	await page.getByLabel('Unit: some yarn').selectOption('yd');
	// On the phone one line in doubt stands there at a time.
	await page.getByRole('button', { name: 'Looks right' }).first().click();
	await page.getByLabel('Children per group: 1 sponge per group').fill('2');
	// What is for a lesson that isn’t there is left out, until somebody puts it into one that is.
	const missing = page.getByRole('region', { name: /“Lesson 44: Nowhere”/ });
	await missing.getByRole('button', { name: 'Check all' }).click();
	await missing.getByLabel('Lesson for the checked lines').selectOption({ index: 7 });
	await missing.getByRole('button', { name: 'Put 1 checked line there' }).click();
	await expect(missing).toHaveCount(0);
	await page.getByRole('button', { name: 'Save the list' }).click();

	// What nobody has spoken of is asked right away; then the list: needed, at home where, missing.
	await expect(page).toHaveURL(/\/lists\/have\?unit=1$/);
	await expect(page.getByText(/List saved: 4 new, 1 changed/)).toBeVisible();
	await page.getByRole('button', { name: 'All the rest: don’t have it' }).click();
	await expect(page.getByText(/^\d+ things: don’t have it$/)).toBeVisible();
	await page.getByRole('link', { name: 'The list' }).click();
	await expect(page).toHaveURL(/\/units\/1\/gather$/);
	const oranges = page.getByRole('row', { name: /^orange/ });
	await expect(oranges).toContainText('9 oranges');
	await expect(oranges).toContainText('by tomorrow');
	await expect(page.getByRole('row', { name: /^yarn/ })).toContainText('2½ yd');
	await expect(page.getByRole('row', { name: /^stapler/ })).toContainText('desk › drawer 1');

	// House walk.
	await page.getByRole('link', { name: 'Walk the house' }).click();
	await expect(page.getByText('School room › desk › drawer 1')).toBeVisible();
	await page.getByRole('button', { name: 'Found: 1 stapler' }).click();
	await expect(page.getByRole('button', { name: 'Found: 1 stapler' })).toHaveAttribute(
		'aria-pressed',
		'true'
	);
	await expect(page.getByText('Found: 1 stapler', { exact: true })).toBeVisible();

	// Undo from the toast, then the list as well.
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByRole('button', { name: 'Found: 1 stapler' })).toHaveAttribute(
		'aria-pressed',
		'false'
	);
	await page.keyboard.press('Control+z');
	await page.keyboard.press('Control+z');
	await expect(page.getByRole('button', { name: 'Found: 1 stapler' })).toHaveCount(0);
	await page.goto('/units/1/gather');
	await expect(page.getByRole('row', { name: /^orange/ })).toContainText('6 oranges');
});

test('a list is reviewed and saved by keyboard alone', async ({ page }) => {
	await open(page, '/units/1/gather/paste');
	const keys = page.keyboard;
	await page.getByLabel('Supply list').focus();
	await keys.insertText(
		'Lesson 6\nsome yarn\n12 corks per child\n2 spades each\nLesson 7: corks, chalk and twine\n3 kites\nTime: 30 minutes'
	);
	await page.getByRole('button', { name: 'Read the list' }).focus();
	await keys.press('Enter');
	await expect(page.getByRole('heading', { level: 2 })).toContainText(
		'2 lines to check, 5 read, all in lessons 6 and 7.'
	);

	// The first doubt: an amount is typed, Enter says it is right and goes to the next one.
	await page.getByLabel('Amount: some yarn').focus();
	await keys.insertText('3');
	await keys.press('Enter');
	await expect(page.getByLabel('Amount: 2 spades each')).toBeFocused();
	await keys.press('Enter');
	// Down the list, one line opened, changed, closed by Escape.
	await expect(page.getByRole('button', { name: /^12 corks × \d+ = \d+/ })).toBeVisible();
	await page.getByRole('button', { name: /twine/ }).focus();
	await keys.press('ArrowDown');
	await expect(page.getByRole('button', { name: /^3 kites/ })).toBeFocused();
	await keys.press('Enter');
	await expect(page.getByLabel('Amount: 3 kites')).toBeFocused();
	await keys.press('Control+a');
	await keys.insertText('5');
	await keys.press('Escape');
	await expect(page.getByRole('button', { name: /^5 kites/ })).toBeFocused();

	// What was answered leaves the count; what names nothing is said.
	await expect(page.getByRole('heading', { level: 2 })).toContainText('7 read, all in lessons 6 and 7.');
	await expect(page.getByText('Left out: 2 lines, headings and notes')).toBeVisible();
	await page.getByRole('button', { name: 'Save the list' }).focus();
	await keys.press('Enter');
	await expect(page.getByText(/List saved: 7 new/)).toBeVisible();
	await page.goto('/units/1/gather');
	await expect(page.getByRole('row', { name: /^kite/ })).toContainText('5 kites');
	await expect(page.getByRole('row', { name: /^twine/ })).toBeVisible();
});

test('a list that is no English list, only headings, or a page pasted with its marks', async ({ page }) => {
	await open(page, '/units/1/gather/paste');
	await page
		.getByLabel('Supply list')
		.fill('2 Blatt Papier pro Kind\nSchere und Kleber\nWasser für das Glas');
	await page.getByRole('button', { name: 'Read the list' }).click();
	await expect(page.getByText('This list seems to be in German.')).toBeVisible();
	await expect(page.getByLabel('Item: 2 Blatt Papier pro Kind')).toHaveValue('2 blatt papier pro kind');

	await page.goto('/units/1/gather/paste');
	await page
		.getByLabel('Supply list')
		.fill(
			'<ul><li>&frac12; cup honey</li><li>2 corks</li></ul><table><tr><td>Flour</td><td>2 cups</td></tr></table>'
		);
	await page.getByRole('button', { name: 'Read the list' }).click();
	await expect(page.getByRole('heading', { level: 2 })).toContainText('3 read, all in');
	await expect(page.getByRole('button', { name: /^½ cup honey/ })).toBeVisible();
	await expect(page.getByRole('button', { name: /^2 cups flour/ })).toBeVisible();
});

test('a master list by kind: its marks are read, what has no lesson gets one, and it asks before it saves @both', async ({
	page
}) => {
	await open(page, '/units/1/gather/paste');
	await page
		.getByLabel('Supply list')
		.fill(
			'MASTER LIST (numbers = lessons, * = optional)\nTOOLS\nhole punch (7, 9)\n*hand drill (8)\nANYWHERE\nash tray (8, 10)\nbinder rings, 6 (7, 8, 9)\nspare buttons\nsoup ladle'
		);
	await page.getByRole('button', { name: 'Read the list' }).click();
	await expect(page.getByRole('heading', { level: 2 })).toContainText('2 lines to check, 8 read');
	await expect(page.getByText('Numbers in brackets are read as lessons.')).toBeVisible();
	await expect(page.getByText('“*” is read as optional.')).toBeVisible();
	await expectAccessible(page);

	await page.getByRole('button', { name: 'Save the list' }).click();
	await expect(page.getByRole('alert')).toContainText('2 lines have no lesson yet.');
	const open2 = page.getByRole('region', { name: 'Which lesson? 2 lines without one' });
	await open2.getByLabel('Lesson for the checked lines').selectOption({ index: 9 });
	await open2.getByRole('button', { name: 'Put 2 checked lines there' }).click();
	await expect(page.getByRole('heading', { level: 2 })).toContainText('10 read, all in lessons 7 to 10.');
	await page.getByRole('button', { name: 'Save the list' }).click();
	await expect(page.getByText(/List saved: 10 new/)).toBeVisible();

	// The numbers can be said to be something else.
	await page.goto('/units/1/gather/paste');
	await page.getByLabel('Supply list').fill('hole punch (7, 9)\nnails, 1 box (8)\nrings, 6 (7, 8)');
	await page.getByRole('button', { name: 'Read the list' }).click();
	await page.getByRole('button', { name: 'They are amounts' }).click();
	await expect(page.getByText('Numbers in brackets are read as amounts.')).toBeVisible();
});

test('two names that may be one thing are asked about once, and what is no thing before it is saved @both', async ({
	page
}) => {
	const list =
		'Lesson 7: Boats\n1 pulley\npatience\n3 corks\nLesson 8: Bridges\n1 wooden pulley\n20 craft sticks';
	await open(page, '/units/1/gather/paste');
	await page.getByLabel('Supply list').fill(list);
	await page.getByRole('button', { name: 'Read the list' }).click();
	await page.getByRole('button', { name: 'One thing: wooden pulley' }).click();
	await expect(page.getByText('“pulley” is “wooden pulley”.')).toBeVisible();
	await expectAccessible(page);
	await page.getByRole('button', { name: 'Save the list' }).click();
	await expect(page.getByRole('alert')).toContainText('“patience” isn’t a thing to gather.');
	await page.getByRole('button', { name: 'Leave it out' }).click();
	await page.getByRole('button', { name: 'Save the list' }).click();
	await expect(page.getByText(/List saved: \d+ new/)).toBeVisible();
	await open(page, '/lists/have?unit=1');
	await expect(page.getByRole('button', { name: 'Have it: wooden pulley', exact: true })).toHaveCount(1);
	await expect(page.getByRole('button', { name: /^Have it: (?:pulley|patience)$/ })).toHaveCount(0);
	// The other name is known from now on.
	await open(page, '/units/1/gather/paste');
	await page.getByLabel('Supply list').fill('Lesson 9: Towers\n1 pulley\n1 wooden pulley');
	await page.getByRole('button', { name: 'Read the list' }).click();
	await expect(page.getByRole('button', { name: 'Save the list' })).toBeVisible();
	await expect(page.getByRole('button', { name: /^One thing:/ })).toHaveCount(0);
});

test('pasted again after a lesson was dropped: lines find their lessons by title, and the dropped one’s are known', async ({
	page
}) => {
	const titles = ['Kites', 'Wind socks', 'Gliders', 'Parachutes'];
	const things = [
		['2 dowels', 'string', 'silk'],
		['1 wire hoop', '2 sleeves', 'ribbon'],
		['balsa', 'nose weights', 'sandpaper'],
		['1 napkin', 'thread', '4 washers']
	];
	const list = () =>
		titles.map((title, i) => `Lesson ${i + 1}: ${title}\n${things[i].join('\n')}`).join('\n');
	await open(page, '/units');
	await page.getByLabel('New unit').fill('Things that fly');
	await page.getByRole('button', { name: 'Start this unit' }).click();
	await expect(page).toHaveURL(/\/units\/\d+\/plan/);
	const unit = page.url().match(/units\/(\d+)/)![1];
	const origin = new URL(page.url()).origin;
	const send = (action: string, fields: Record<string, string>) =>
		page.request.post(`/units/${unit}/${action}`, {
			multipart: fields,
			headers: { origin, 'x-sveltekit-action': 'true', accept: 'application/json' }
		});
	await send('plan?/contents', {
		contents: titles.map((title, i) => `Lesson ${i + 1} ${title}`).join('\n'),
		letIn: ''
	});
	await page.goto(`/units/${unit}/gather/paste`);
	await page.getByLabel('Supply list').fill(list());
	await page.getByRole('button', { name: 'Read the list' }).click();
	await page.getByRole('button', { name: 'Save the list' }).click();
	await expect(page.getByText(/List saved: 12 new/)).toBeVisible();

	await page.goto(`/units/${unit}/gather/paste`);
	const dropped = await page.locator('option', { hasText: 'Wind socks' }).getAttribute('value');
	await send('plan?/remove', { id: dropped! });
	await page.goto(`/units/${unit}/gather/paste`);
	await page.getByLabel('Supply list').fill(list().replace('4 washers', '6 washers'));
	await page.getByRole('button', { name: 'Read the list' }).click();
	await expect(page.getByText('1 changed, 8 unchanged, 3 of a lesson that isn’t in the unit.')).toBeVisible();
	await expect(page.getByText('No longer on the list')).toHaveCount(0);
});

test('the same list pasted again changes nothing; a line taken out is shown as gone', async ({ page }) => {
	await open(page, '/units/1/gather/paste');
	await page
		.getByLabel('Supply list')
		.fill(
			'Lesson 7\n9 ft of string\n1 roll masking tape\n1 index card per child\n1 sheet construction paper per child'
		);
	await page.getByRole('button', { name: 'Read the list' }).click();
	await expect(page.getByText('4 unchanged, 1 removed')).toBeVisible();
	await expect(page.getByLabel('“1 pencil per child”')).toBeChecked();
	await page.getByLabel('“1 pencil per child”').uncheck();
	await page.getByRole('button', { name: 'Save the list' }).click();
	await expect(page).toHaveURL(/gather$/);
	// Nothing was changed, so there is nothing to undo and no toast.
	await expect(page.getByRole('row', { name: /^pencil/ })).toBeVisible();
	await expect(page.getByText(/List saved/)).toHaveCount(0);
});

test('what cannot be read is said at its line, and what was typed stays', async ({ page }) => {
	await open(page, '/units/1/gather/paste');
	await page.getByRole('button', { name: 'Read the list' }).click();
	await expect(page.getByText('Paste or type a list first, one item per line.').first()).toBeVisible();
	await page.getByLabel('Supply list').fill('Lesson 6:\nSupplies:');
	await page.getByRole('button', { name: 'Read the list' }).click();
	await expect(page.getByText(/No items found/).first()).toBeVisible();
	await expect(page.getByLabel('Supply list')).toHaveValue('Lesson 6:\nSupplies:');

	await page.getByLabel('Supply list').fill('7 corks\n2 bowls');
	await page.getByRole('button', { name: 'Read the list' }).click();
	await page.getByRole('button', { name: /^2 bowls/ }).click();
	await page.getByLabel('Amount: 2 bowls').fill('two-ish');
	await page.getByRole('button', { name: /^7 corks/ }).click();
	await page.getByLabel('Item: 7 corks').fill('champagne cork');
	await page.getByRole('button', { name: 'Save the list' }).click();
	await expect(page.getByRole('listitem').filter({ hasText: '“2 bowls”' })).toContainText(
		'“two-ish” isn’t an amount'
	);
	await expect(page.getByLabel('Amount: 2 bowls')).toHaveValue('two-ish');
	await expect(page.getByLabel('Item: 7 corks')).toHaveValue('champagne cork');
	await page.getByLabel('Amount: 2 bowls').fill('2');
	await page.getByRole('button', { name: 'Save the list' }).click();
	await expect(page).toHaveURL(/\/lists\/have/);
	await page.goto('/units/1/gather');
	await expect(page.getByRole('row', { name: /^champagne cork/ })).toContainText('7');
});

test('a row says why, and takes what was decided about it', async ({ page }) => {
	await open(page, '/units/1/gather');
	await page.getByRole('button', { name: /^bar magnet/ }).click();
	await expect(page.getByText('Lesson 8: 1 per pair × 1 pair = 1')).toBeVisible();
	await expect(page.getByText(/Two swallowed magnets/)).toBeVisible();
	await expect(page.getByText('source', { exact: true })).toBeVisible();
	await expectAccessible(page);

	await page.getByLabel('Get it from').selectOption({ label: 'Corner Grocer' });
	await page.getByRole('button', { name: 'Save source' }).click();
	await expect(page.getByRole('row', { name: /^bar magnet/ })).toContainText('by Sat, Jan 30');

	await page.getByRole('button', { name: 'Got it: 1 bar magnet' }).click();
	await expect(page.getByRole('row', { name: /^bar magnet/ })).toContainText('box for Maps');

	await page.getByRole('button', { name: /^cork/ }).click();
	await page.getByRole('button', { name: 'Skip it' }).click();
	await expect(page.getByRole('row', { name: /^cork/ })).toContainText('skipped');
});

test('one line, typed as one would say it, and then changed in the dialog', async ({ page }) => {
	await open(page, '/units/1/gather');
	await page.getByLabel('Add an item').fill('4 paper cups per child');
	await page.getByRole('button', { name: 'Add' }).click();
	const row = page.getByRole('row', { name: /^paper cup/ });
	await expect(row).toContainText('12 paper cups');
	await page.getByRole('button', { name: /^paper cup/ }).click();
	await page.getByRole('button', { name: 'Edit', exact: true }).first().click();
	const dialog = page.getByRole('dialog');
	await expectAccessible(page);
	await dialog.getByLabel('Tamsin').uncheck();
	await dialog.getByLabel('Lark').uncheck();
	await dialog.getByLabel('Amount', { exact: true }).fill('5');
	await dialog.getByRole('button', { name: 'Save line' }).click();
	await expect(row).toContainText('10 paper cups');
});

test.describe('without scripts', () => {
	test.use({ javaScriptEnabled: false });
	test('a list is pasted, reviewed and saved, and a thing is ticked, by plain forms', async ({ page }) => {
		await page.goto('/units/1/gather/paste');
		await page.getByLabel('Supply list').fill('Lesson 6\n12 paper clips');
		await page.getByRole('button', { name: 'Read the list' }).click();
		await page.getByLabel('Amount: 12 paper clips').fill('9');
		await page.getByRole('button', { name: 'Save the list' }).click();
		await page.getByRole('button', { name: 'Have it: feather', exact: true }).click();
		await page.goto('/units/1/gather');
		await expect(page.getByRole('row', { name: /^paper clip/ })).toContainText('9');
		await expect(page.getByRole('row', { name: /^feather/ })).toContainText('have enough');
		await page.goto('/lists/walk');
		await page.getByRole('button', { name: 'Found: 6 paper plates' }).click();
		await page.goto('/lists/walk');
		await expect(page.getByRole('button', { name: 'Found: 6 paper plates' })).toHaveCount(0);
	});
});
