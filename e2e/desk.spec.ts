import { expect, expectAccessible, open, test, type StandIn } from './house.ts';

test.use({ withLibrary: true });

/** What happens at the library itself: its clock goes on, a book is handed over the counter. */
async function atTheDesk(library: StandIn, method: string, path: string, body: object): Promise<void> {
	const response = await fetch(`${library.address}/${path}`, { method, body: JSON.stringify(body) });
	expect(response.ok).toBe(true);
}

async function numberOf(library: StandIn, title: string): Promise<string> {
	const response = await fetch(`${library.address}/account`);
	const { holds, loans } = (await response.json()) as Record<string, { number: string; title: string }[]>;
	return [...holds, ...loans].find((one) => one.title === title)!.number;
}

test('a hold from wanted to back, as the library’s own computer tells it', async ({ page, library }) => {
	const title = 'The Comet Keeper';
	await open(page, '/lists/library');
	await page.getByLabel('Search the library catalog').fill('comet keep');
	await page.getByRole('main').getByRole('button', { name: 'Search' }).click();
	await expect(page.getByText('3 copies, no wait')).toBeVisible();
	await expectAccessible(page);
	await page.getByRole('button', { name: `Place a hold on ${title}` }).click();
	await expect(page.getByText(`${title}: hold placed`)).toBeVisible();

	const said = page.getByRole('region', { name: 'Library catalog' }).getByRole('status');
	await expect(said).toContainText(`Hold placed on ${title}, expected Sun, Jan 24`);
	await atTheDesk(library!, 'PUT', 'clock', { today: '2027-01-25' });
	await page.getByRole('button', { name: 'Check for updates' }).click();
	await expect(said).toContainText(`${title} is ready for pickup`);

	await atTheDesk(library!, 'POST', 'desk/check-out', { number: await numberOf(library!, title) });
	await page.getByRole('button', { name: 'Check for updates' }).click();
	await expect(said).toContainText(`${title} is borrowed, due Mon, Feb 15`);

	await open(page, '/home/books');
	await page.getByLabel('Search titles, authors, topics, notes').fill('comet keep');
	await page.getByRole('link', { name: /The Comet Keeper/ }).click();
	await page.getByRole('button', { name: 'Renew' }).click();
	await expect(page.getByText('Fernhill Library: on loan, due Mon, Mar 8')).toBeVisible();

	await atTheDesk(library!, 'POST', 'desk/return', { number: await numberOf(library!, title) });
	await open(page, '/lists/library');
	await page.getByRole('button', { name: 'Check for updates' }).click();
	await expect(said).toContainText(`${title} is back at the library`);
});

test('a library that does not answer takes nothing away', async ({ page, library }) => {
	library!.stop();
	await open(page, '/lists/library');
	await page.getByRole('button', { name: 'Check for updates' }).click();
	const said = page.getByRole('region', { name: 'Library catalog' }).getByRole('status');
	await expect(said).toContainText('isn’t answering. Your changes are saved');
	await page
		.getByRole('button', { name: /^Placed: / })
		.first()
		.click();
	await expect(page.getByText(/: hold placed/).first()).toBeVisible();
});

test('a loan that is too short: two in a row, or lessons change places', async ({ page }) => {
	await open(page, '/lists/library');
	await expect(page.getByText('Maps in a Suitcase: even with renewals, one loan')).toBeVisible();
	await expect(page.getByText('Next loan, for lesson 13')).toBeVisible();
	await page.getByRole('button', { name: 'Swap lessons' }).click();
	await expect(page.getByText('Lessons swapped')).toBeVisible();
	await expect(page.getByText('Maps in a Suitcase: even with renewals, one loan')).toBeHidden();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByText('Maps in a Suitcase: even with renewals, one loan')).toBeVisible();
});
