import type { Page } from '@playwright/test';
import { expect, expectAccessible, open, test } from './house.ts';

const LIST = `BOOKS TO BORROW
Choose one for each lesson. Titles with a star are worth looking for.
Read-aloud for the whole unit: The Lamp Room by Orla Teague
Lesson 8: whatever it is called there
* Heron Weather by Corwen Hale (ages 4–8)
Sallow Weir – Amber Teague – Winter Tales
Lesson 9
"The Comet Keeper" by Ottilie Brandt; A Book That Is Nowhere by Ned Corrow
Lesson 10
Seven Knot by Piers Lark
Lesson 44: Nowhere
Atlas: Rivers of the North, pp. 3–9`;

async function paste(page: Page, list: string) {
	await page.getByLabel('Book list').fill(list);
	await page.getByRole('button', { name: 'Read the list' }).click();
	await expect(page.getByRole('button', { name: 'Save the list' })).toBeVisible();
}

test.describe('with the library’s computer', () => {
	test.use({ withLibrary: true });
	test('a book list from paste to holds @both', async ({ page }) => {
		await open(page, '/units/1/books');
		await expect(page.getByText('No book list yet.')).toBeVisible();
		await page.getByRole('link', { name: 'Paste a book list' }).first().click();
		await paste(page, LIST);
		await expect(page.getByRole('heading', { level: 2 })).toContainText('1 of 7 books needs checking');
		await expect(page.getByText('Which of these is the author, and which a remark?')).toBeVisible();
		await expect(page.getByText('Line 11, “Lesson 44: Nowhere”: no lesson matches.')).toBeVisible();
		await expectAccessible(page);

		// The doubt is settled, one line opened and changed, all by keys.
		await page.getByLabel('Note: Sallow Weir').fill('a winter tale');
		await page.keyboard.press('Enter');
		await page.getByRole('button', { name: /^Rivers of the North/ }).focus();
		await page.keyboard.press('Enter');
		const lesson = page.getByLabel('Lesson: Rivers of the North');
		await lesson.selectOption({
			label: (await lesson.locator('option').filter({ hasText: /^10 / }).textContent())!
		});
		await page.keyboard.press('Escape');
		await page.getByRole('button', { name: 'Save the list' }).click();
		await expect(page).toHaveURL(/\/units\/1\/books$/);
		await expect(page.getByText('Book list saved: 7 new, 0 changed, 0 removed')).toBeVisible();

		// The library is asked by itself, and says what it has.
		await expect(page.getByRole('status')).toContainText(/The library has \d of \d titles\./);
		const heron = page.locator('li', { hasText: 'Heron Weather' }).first();
		await expect(heron).toContainText(/library: \d cop|not at the library/);
		await expect(page.getByRole('listitem').filter({ hasText: 'A Book That Is Nowhere' })).toContainText(
			'not at the library'
		);
		// A like title of ours is asked about, and is the one.
		await expect(page.getByText(/You already list “Seven Knots”/)).toBeVisible();
		await page.getByRole('button', { name: 'No, another book: Seven Knot' }).click();
		await expect(page.getByText(/You already list “Seven Knots”/)).toHaveCount(0);

		// One for each lesson in a tap, one decided otherwise, one skipped.
		await page.getByRole('button', { name: 'Take our picks' }).click();
		await expect(page.getByText(/^\d books chosen$/)).toBeVisible();
		await page.getByRole('button', { name: 'Skip: Sallow Weir' }).click();
		await expect(page.getByText('Skipped: Sallow Weir')).toBeVisible();
		await page.getByRole('button', { name: 'Have it: The Lamp Room' }).click();
		await expect(page.getByRole('button', { name: 'Have it: The Lamp Room' })).toHaveAttribute(
			'aria-pressed',
			'true'
		);
		await expectAccessible(page);

		// Holds for all that were chosen, each with its day and its trips.
		const toBorrow = page.getByRole('region', { name: 'To borrow' });
		await expect(toBorrow).toContainText('The Comet Keeper');
		await expect(toBorrow).toContainText(/place the hold by|place the hold, late since/);
		await page.getByRole('button', { name: /^Place \d holds?$/ }).click();
		await expect(page.getByText(/^\d holds? placed/)).toBeVisible();
		await expect(toBorrow).toContainText(/on hold, expected/);
		await page.goto('/lists/library');
		await expect(page.getByText('The Comet Keeper').first()).toBeVisible();

		// What was chosen stands in the board's stream and in the library, with what the guide says of it.
		await page.goto('/home/books?q=Comet+Keeper');
		await expect(page.getByText('The Comet Keeper').first()).toBeVisible();

		// Pasted again: nothing new; one is gone, and one has another age.
		await open(page, '/units/1/books/paste');
		await paste(page, LIST.replace('ages 4–8', 'ages 5–8').replace('Seven Knot by Piers Lark\n', ''));
		await expect(page.getByText('1 changed, 5 unchanged, 1 removed')).toBeVisible();
		await page.getByRole('button', { name: 'Save the list' }).click();
		await expect(page.getByText(/Book list saved: 0 new/)).toBeVisible();
		await expect(page.getByText('Seven Knot', { exact: true })).toHaveCount(0);
	});
});

test('the library’s computer is down or there is none: the list goes on without it', async ({ page }) => {
	await open(page, '/units/1/books/paste');
	await paste(page, LIST);
	await page.getByRole('button', { name: 'Save the list' }).click();
	await expect(page).toHaveURL(/\/units\/1\/books$/);
	await page.getByRole('button', { name: 'Borrow: Heron Weather' }).click();
	await expect(page.getByText('Borrow: Heron Weather', { exact: true })).toBeVisible();
	await page.getByRole('button', { name: 'Buy: The Comet Keeper' }).click();
	await expect(page.getByText('Buy: The Comet Keeper', { exact: true })).toBeVisible();
	await page.getByRole('button', { name: 'Place 1 hold' }).click();
	await expect(page.getByText(/^1 hold placed$|^0 holds placed; 1 later/)).toBeVisible();
	// Undo takes the decision back whole.
	await page.getByRole('button', { name: 'Skip: Heron Weather' }).click();
	await expect(page.getByText('Skipped: Heron Weather')).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByRole('button', { name: 'Borrow: Heron Weather' })).toHaveAttribute(
		'aria-pressed',
		'true'
	);
	await expect(page.getByRole('region', { name: 'To buy' })).toContainText(/The Comet Keeper.*buy it by/s);
});

test('the list that waits in the spring unit: like titles, ours, and much the same inside', async ({
	page
}) => {
	await open(page, '/units/2/books');
	await expect(page.getByText('Choose a book for each of 3 lessons.')).toBeVisible();
	await expect(page.getByText(/You already list “Festival of Paper Fish”/)).toBeVisible();
	await expect(page.getByRole('listitem').filter({ hasText: 'Kites of Many Colors' })).toContainText(
		'Our 2 books on kites have much the same inside.'
	);
	await page.getByRole('button', { name: 'Yes, that one: Festival of Paper Fishes' }).click();
	await expect(page.getByText('Borrow: Festival of Paper Fishes', { exact: true })).toBeVisible();
	await page.getByRole('button', { name: 'Much like others of ours: A Kite for Every Child' }).click();
	await page.getByLabel('Ours have much the same inside, on').fill('kites');
	await page.getByRole('button', { name: 'Note it' }).click();
	await expect(page.getByText('Noted: much the same inside, on kites')).toBeVisible();
	await expect(page.getByRole('listitem').filter({ hasText: 'Kites of Many Colors' })).toContainText(
		'Our 3 books on kites have much the same inside.'
	);
});
