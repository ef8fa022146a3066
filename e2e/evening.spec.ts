import { expect, expectAccessible, open, test } from './house.ts';
import type { Locator, Page } from '@playwright/test';

test.use({ household: 'empty' });

/** Goes on with Tab alone until something has the focus, as somebody without a mouse would. */
async function tabTo(page: Page, wanted: Locator): Promise<void> {
	for (let i = 0; i < 60; i++) {
		if (await wanted.evaluate((element) => element === document.activeElement)) return;
		await page.keyboard.press('Tab');
	}
	throw new Error('The focus never came there.');
}

async function typeInto(page: Page, label: string, text: string): Promise<void> {
	await tabTo(page, page.getByLabel(label, { exact: true }));
	await page.keyboard.insertText(text);
}

async function press(page: Page, name: string): Promise<void> {
	await tabTo(page, page.getByRole('button', { name, exact: true }));
	await page.keyboard.press('Enter');
}

const CONTENTS = `Table of Contents
Introduction ........ 1
Lesson 1 A pond in a jar … 5
Lesson 2 What floats … 11
Lesson 3 Frogs and
toads … 18
Answer key … 60`;
const LIST = `Lesson 1: A pond in a jar
1 glass jar with lid per child
2 cups gravel
Lesson 2: What floats
3 corks per child
some salt`;

test('a first evening Getting started: set up the basics, by keyboard alone', async ({ page }) => {
	await open(page, '/');
	await expect(page.getByText('Getting started: set up the basics')).toBeVisible();
	await tabTo(page, page.getByRole('link', { name: 'Start' }));
	await page.keyboard.press('Enter');

	await expect(page.getByRole('heading', { level: 1 })).toHaveText('Who are you teaching?');
	await typeInto(page, 'Children: name, age or birth date, allergies', 'Odile, May 3, 2016\nOde, tomorrow');
	await expect(page.getByText('“tomorrow” couldn’t be read')).toBeVisible();
	await press(page, 'Continue');
	await expect(page.getByText('Line 2, “Ode, tomorrow”').first()).toBeVisible();
	await tabTo(page, page.getByLabel('Children: name, age or birth date, allergies'));
	await page.keyboard.press('Control+a');
	await page.keyboard.insertText('Odile, May 3, 2016\nTamsin, May 19, 2024, allergic to milk');
	await typeInto(page, 'Other adults who help', 'Juno and Ferris');
	await press(page, 'Continue');

	await expect(page.getByRole('heading', { level: 1 })).toHaveText('Where do you keep things?');
	await typeInto(
		page,
		'Rooms, shelves, boxes',
		'Kitchen: pantry > top shelf, drawer\nSchool room: white shelf'
	);
	await expect(page.getByText('top shelf')).toBeVisible();
	await press(page, 'Continue');

	await expect(page.getByRole('heading', { level: 1 })).toHaveText('How do you measure?');
	await tabTo(page, page.getByLabel('Paper'));
	await page.keyboard.press('ArrowDown');
	await press(page, 'Continue');

	await expect(page.getByRole('heading', { level: 1 })).toHaveText('What’s your first unit?');
	await expectAccessible(page);
	await typeInto(page, 'Topic', 'Ponds and Streams');
	await typeInto(page, 'Lessons, one per line', CONTENTS);
	await expect(page.getByText('3 lessons, 3 lines skipped')).toBeVisible();
	await expect(page.getByText('Frogs and toads')).toBeVisible();
	await press(page, 'Start with 3 lessons');

	await expect(page.getByRole('heading', { level: 1 })).toHaveText('What does it need?');
	await typeInto(page, 'Supply list', LIST);
	await press(page, 'Read the list');
	await expect(page.getByRole('heading', { name: '1 line to check, 3 read' })).toBeVisible();
	await press(page, 'Save the list');

	// The first true answer: two children, so two jars and six corks, of which nobody knows whether they are at home.
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('3 things on the list: do we have them?');
	await page.keyboard.press('h');
	await page.keyboard.press('r');
	await expect(page.getByRole('heading', { level: 1 })).toHaveText(
		'All answered: 1 thing at home, 2 to look for, 0 to get.'
	);
	await expect(page.getByText('4 items on the list: 2 at home and 2 to look for')).toBeVisible();
	await open(page, '/units/1/gather');
	await expect(page.getByRole('row', { name: /^cork/ })).toContainText('look for 6 corks');
	await open(page, '/');
	await expect(page.getByText('Getting started')).toHaveCount(0);
	await open(page, '/home/places');
	await expect(page.getByText('7 places, in the order you walk')).toBeVisible();
});

test('three children on one line, with two allergies: said back, kept, and warned about @both', async ({
	page
}) => {
	await open(page, '/start/who');
	await page
		.getByLabel('Children: name, age or birth date, allergies')
		.fill('Ada 10, Kim 7 (allergic to tree nuts) and Cleo, allergic to milk and quinoa, 3');
	const read = page.getByRole('listitem').filter({ hasText: 'allergic to' });
	await expect(read.first()).toContainText('allergic to tree nuts (nut and 18 more will be warned about)');
	await expect(read.nth(1)).toContainText('quinoa (we only know its name');
	await page.getByRole('button', { name: 'Continue' }).click();
	await expect(
		page.getByText('Added: Ada, about 10 · Kim, about 7: tree nuts · Cleo, about 3: milk').first()
	).toBeVisible();
	await open(page, '/start/unit');
	await page.getByLabel('Topic').fill('Snacks');
	await page.getByLabel('Lessons, one per line').fill('Trail food');
	await page.getByRole('button', { name: /^Start with/ }).click();
	await page.waitForURL((url) => !url.pathname.endsWith('/unit'));
	await open(page, '/units/1/gather/paste');
	await page
		.getByLabel('Supply list')
		.fill('Lesson 1: Trail food\n12 almonds\n1 cup almond flour\n2 tbsp peanut butter');
	await page.getByRole('button', { name: 'Read the list' }).click();
	await page.getByRole('button', { name: 'Save the list' }).click();
	await page.waitForURL(/\/lists\/have|\/gather$|\/units\/1$/);
	await open(page, '/lists/have');
	await expect(page.getByText('Kim: Tree nuts allergy').first()).toBeVisible();
	await expect(page.getByText('Kim: Tree nuts allergy')).toHaveCount(2);
	await expect(page.getByText('Cleo: Milk allergy')).toHaveCount(0);
	await expectAccessible(page);
});

test('the first evening can be skipped, left and resumed @phone', async ({ page }) => {
	await open(page, '/start');
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('Who are you teaching?');
	await page.getByRole('button', { name: 'Skip for now' }).click();
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('Where do you keep things?');
	await page.getByLabel('Rooms, shelves, boxes').fill('Kitchen: drawer');
	await expectAccessible(page);
	await page.getByRole('button', { name: 'Continue' }).click();
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('How do you measure?');

	await open(page, '/');
	await expect(page.getByText('Getting started: 1 of 5 steps done')).toBeVisible();
	await page.getByRole('link', { name: 'Continue' }).click();
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('How do you measure?');
	await page.getByRole('link', { name: /Children/ }).click();
	await page.getByLabel('Children: name, age or birth date, allergies').fill('Perrin 2019-06-02');
	await page.getByRole('button', { name: 'Continue' }).click();
	await expect(page.getByText('Added: Perrin')).toBeVisible();

	await open(page, '/start/list');
	await expect(page.getByText('Supply lists belong to a unit')).toBeVisible();
	await page.getByRole('button', { name: 'Skip setup' }).click();
	await expect(page.getByRole('heading', { name: 'No unit yet' })).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByText('Getting started: 2 of 5 steps done')).toBeVisible();
});

test('every first screen of an empty house says what to do, on the phone too @both', async ({ page }) => {
	for (const [view, words] of [
		['/', 'Start'],
		['/units', 'Start with a name'],
		['/lists/walk', 'Nothing'],
		['/home/supplies', 'Start with one shelf'],
		['/home/places', 'Just the places that matter'],
		['/home/count', ''],
		['/home/files', 'Export'],
		['/house', 'Add the children first']
	]) {
		await open(page, view);
		await expectAccessible(page);
		await expect(page.getByRole('main')).toContainText(words);
	}
});
