import type { BrowserContext, Page } from '@playwright/test';
import { expect, expectAccessible, open, test, type House } from './house.ts';

const LESSONS = Array.from({ length: 12 }, (_, i) => `Lesson ${i + 1} Weather ${'abcdefghijkl'[i]}`).join(
	'\n'
);
/** As guides print them: amounts or none, fixtures and people among the things. */
const LIST = `Lesson 1
- A clear glass
- 2 cups of warm water
- Blue food coloring
- 1 tray of ice cubes
- Spoon
- Journal page, one per child
Lesson 2
- 1 clean jar with lid per child
- Dish soap
- Vinegar (1/2 cup)
- Cotton balls
- Masking tape
- An adult to help
Lesson 3
- Thermometer
- 12 craft sticks per child
- Markers
- Construction paper: 2 sheets per child
Lesson 4
- 1 empty plastic bottle per child
- Sand, 2 cups
- Gravel, 2 cups
- Funnel
- Stopwatch
Lesson 5
- Kite string, about 30 feet
- 2 wooden dowels per child
- Tissue paper
- Scissors
- Clear tape
Lesson 6
- Compass
- Paper plates, 2 per child
- Brass fasteners, 1 per child
- Crayons
Lesson 7
- Rain gauge
- Ruler
- Permanent marker
- Chairs for everyone
Lesson 8
- Baking soda
- Salt (1 cup)
- Muffin tin
- Measuring spoons
- Towel
Lesson 9
- Balloons, 2 per child
- Drinking straws
- Rubber bands
- Index cards
Lesson 10
- Aluminum foil
- Shoe box
- Black construction paper
- Flashlight
Lesson 11
- Cornstarch, 1 cup
- Cookie sheet
- Hair dryer
- Old newspaper
- Plaster of Paris, 2 cups
Lesson 12
- Poster board
- Stickers
- Glue stick
- Yarn
- Refreshments for guests
- 1 bar magnet`;

/** Counts what a parent does: every key and every tap. */
class Hands {
	count = 0;
	constructor(
		private readonly page: Page,
		private readonly isPhone: boolean
	) {}
	async press(key: string): Promise<void> {
		this.count++;
		await this.page.keyboard.press(key);
	}
	async click(name: string | RegExp): Promise<void> {
		this.count++;
		const button = this.page.getByRole('button', { name, exact: typeof name === 'string' });
		await (this.isPhone ? button.tap() : button.click());
	}
}

test.describe('an empty house', () => {
	test.use({ household: 'empty', hasTouch: true });

	test('the first hour: from a pasted list to the first true sentence, and on to the hunt @both', async ({
		page
	}) => {
		const isPhone = page.viewportSize()!.width < 500;
		await open(page, '/start/who');
		await page.getByLabel('Children: name, age or birth date, allergies').fill('Ode, 9\nPip, 7\nTam, 2');
		await page.getByRole('button', { name: 'Continue' }).click();
		await expect(page.getByRole('heading', { level: 1 })).toHaveText('Where do you keep things?');
		await page.getByLabel('Rooms, shelves, boxes').fill('Kitchen: pantry\nSchool room: craft cart\nGarage');
		await page.getByRole('button', { name: 'Continue' }).click();
		await expect(page.getByRole('heading', { level: 1 })).toHaveText('How do you measure?');
		await page.getByRole('button', { name: 'Continue' }).click();
		await page.getByLabel('Topic').fill('Weather');
		await page.getByLabel('Lessons, one per line').fill(LESSONS);
		await page.getByLabel('First day (optional)').fill('2027-03-02');
		for (const day of ['Tue', 'Thu']) await page.getByText(day, { exact: true }).click();
		await page.getByRole('button', { name: 'Start with 12 lessons' }).click();
		await page.getByLabel('Supply list').fill(LIST);

		const hands = new Hands(page, isPhone);
		await hands.click('Read the list');
		await hands.click('Save the list');
		await expect(page.getByRole('alert')).toContainText('to gather.');
		await hands.click('Save anyway');
		await expect(page.getByRole('heading', { level: 1 })).toContainText(
			'things on the list: do we have them?'
		);
		await expectAccessible(page);
		// What is in every home is not asked, and who helps is no thing.
		await expect(page.getByText(/Every home has these/)).toBeVisible();
		await expect(page.getByRole('heading', { name: 'Not a thing to gather?' })).toBeVisible();
		await expect(page.getByRole('button', { name: /^Have it: (?:scissors|chair|towel|spoon)/ })).toHaveCount(
			0
		);

		if (isPhone) {
			for (const name of ['food coloring', 'cotton ball', 'masking tape', 'yarn'])
				await hands.click(new RegExp(`^Have it: .*${name}`));
			await hands.click('Don’t have it: plaster of Paris');
			await hands.click('Don’t have it: bar magnet');
		} else {
			for (let i = 0; i < 4; i++) await hands.press('h');
			await hands.press('ArrowDown');
			await hands.press('d');
			await hands.click('Don’t have it: plaster of Paris');
			await hands.click('Don’t have it: bar magnet');
		}
		await hands.click('All the rest: look');
		const head = page.getByRole('heading', { level: 1 });
		await expect(head).toContainText(/All answered: \d+ things at home, \d+ to look for, \d+ to get\./);
		await expect(page.getByText(/Lesson \d+ on \w+, Mar \d is \d+ steps? from ready:/)).toBeVisible();
		expect(hands.count, 'taps and keys after pasting').toBeLessThanOrEqual(60);

		// Nothing is bought but what somebody said is not there.
		await page.getByRole('link', { name: /^Look for \d+ things/ }).click();
		await expect(page.getByRole('heading', { name: 'Maybe here' }).first()).toBeVisible();
		await expectAccessible(page);
		await open(page, '/lists/shops');
		await expect(page.getByText(/things to look for at home first/)).toBeVisible();
		const list = page.locator('main');
		await expect(list).toContainText('bar magnet');
		await expect(list).not.toContainText(/chair|towel|scissors|spoon|an adult/);
	});
});

/** A second phone in the same house. */
async function otherPhone(context: BrowserContext, house: House): Promise<Page> {
	const other = await context.browser()!.newContext({ baseURL: house.address, serviceWorkers: 'block' });
	return other.newPage();
}

test('the hunt on two phones, one of them in the basement: the same is one, and found beats not here', async ({
	page,
	context,
	house
}) => {
	await open(page, '/lists/walk?span=all');
	const other = await otherPhone(context, house);
	await open(other, '/lists/walk?span=all');
	await context.setOffline(true);
	await page.getByRole('button', { name: 'Found: 1 jump rope' }).click();
	await page.getByRole('button', { name: 'Not here: 1 toy bus' }).click();
	await page.getByRole('button', { name: 'Not here: 1 whistle' }).click();
	await expect(page.getByText('3 changes are saved on this device')).toBeVisible();
	await expect(page.getByRole('listitem').filter({ hasText: '1 whistle?' })).toContainText(
		/next:|not at home/
	);

	await other.getByRole('button', { name: 'Found: 1 jump rope' }).click();
	await other.getByRole('button', { name: 'Found: 1 toy bus' }).click();
	await expect(other.getByText('Found: toy bus', { exact: true })).toBeVisible();
	await context.setOffline(false);
	await expect(page.getByText('saved on this device')).toHaveCount(0);
	await expect(page.getByText(/got there first/)).toHaveCount(0);

	await open(page, '/units/1/gather');
	await expect(page.getByRole('row', { name: /^toy bus/ })).toContainText('have enough');
	await expect(page.getByRole('row', { name: /^jump rope/ })).toContainText('have enough');
	await other.context().close();
});

test('some of it was found: the number is counted, the rest is looked for elsewhere, all undone in one', async ({
	page
}) => {
	await open(page, '/lists/walk?span=all');
	await page.getByRole('button', { name: 'Found some: 6 feathers' }).click();
	await page.getByRole('dialog').getByLabel('Found').fill('2');
	await page.getByRole('dialog').getByRole('button', { name: 'Save' }).click();
	await expect(page.getByText('Found: 2 feathers', { exact: true })).toBeVisible();
	await open(page, '/units/1/gather');
	await expect(page.getByRole('row', { name: /^feather/ })).toContainText('look for 4 feathers');
	await page.keyboard.press('Control+z');
	await expect(page.getByRole('row', { name: /^feather/ })).toContainText('look for 6 feathers');
});

test('an answer at once, with place and number, changed, taken back; not enough and used up @both', async ({
	page
}) => {
	await open(page, '/lists/have?unit=1');
	await page.getByRole('button', { name: 'Have it: garden trowel', exact: true }).click();
	await expect(page.getByRole('button', { name: 'Have it: garden trowel', exact: true })).toHaveAttribute(
		'aria-pressed',
		'true'
	);
	await page.getByRole('button', { name: 'Have it, with place or number: feather' }).click();
	const dialog = page.getByRole('dialog');
	await expectAccessible(page);
	await dialog.getByLabel('Where (optional)').selectOption({ label: 'Kitchen › pantry' });
	await dialog.getByLabel('How much, if you counted').fill('9');
	await dialog.getByRole('button', { name: 'Have it', exact: true }).click();
	await expect(page.getByText('feather: have 9 feathers', { exact: true })).toBeVisible();
	await page.keyboard.press('Control+z');
	await expect(page.getByRole('button', { name: 'Have it: feather', exact: true })).toHaveAttribute(
		'aria-pressed',
		'false'
	);

	// The list says so, and takes it back in a tap.
	await open(page, '/units/1/gather');
	await page.getByRole('button', { name: 'Not enough: garden trowel' }).click();
	await expect(page.getByRole('row', { name: /^garden trowel/ })).toContainText('1 garden trowel');
	await expect(page.getByRole('button', { name: 'Got it: 1 garden trowel' })).toBeVisible();
	await open(page, '/home/supplies?q=white+glue');
	await page.getByRole('button', { name: 'Used up: white glue' }).click();
	await expect(page.getByText('white glue: used up', { exact: true })).toBeVisible();
});

test('have it on one phone, don’t have it on the other: it asks', async ({ page, context, house }) => {
	await open(page, '/lists/have?unit=1');
	const other = await otherPhone(context, house);
	await open(other, '/lists/have?unit=1');
	await context.setOffline(true);
	await page.getByRole('button', { name: 'Don’t have it: whistle' }).click();
	await page.getByRole('button', { name: 'Have it: photo album', exact: true }).click();
	await other.getByRole('button', { name: 'Have it: whistle', exact: true }).click();
	await other.getByRole('button', { name: 'Look: photo album' }).click();
	await expect(other.getByText('photo album: look for it', { exact: true })).toBeVisible();
	await context.setOffline(false);
	await expect(page.getByText(/Another device got there first: “whistle: have it”/)).toBeVisible();
	// A definite answer goes before “Look”.
	await open(other, '/units/1/gather');
	await expect(other.getByRole('row', { name: /^photo album/ })).toContainText('have enough');
	await other.context().close();
});
