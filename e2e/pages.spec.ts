import type { Page } from '@playwright/test';
import { throughAll } from './crawl.ts';
import { expect, open, test } from './house.ts';

/** Of each route so many are opened; a page that is added is in without being listed here. */
const MOST_OF_A_ROUTE = 3;
/** All pages of the largest house are alike, and slow. */
const MOST_IN_THE_LARGEST = 1;
const LAPTOP = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

/** How far the page is wider than the screen, and what sticks out; empty when it fits. */
async function tooWide(page: Page, at: { width: number; height: number }): Promise<string> {
	await page.setViewportSize(at);
	return page.evaluate(async () => {
		await new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame(drawn)));
		const { scrollWidth, clientWidth } = document.documentElement;
		if (scrollWidth <= clientWidth) return '';
		const out = [...document.querySelectorAll('main *')].find(
			(one) => one.getBoundingClientRect().right > clientWidth + 1
		);
		return `${scrollWidth} px on ${clientWidth}: ${out?.outerHTML.slice(0, 200)}`;
	});
}

/** Goes through the whole application as it is linked. Answers what is wrong, page by page, and what was opened. */
async function crawl(page: Page, most = MOST_OF_A_ROUTE): Promise<{ wrong: string[]; opened: string[] }> {
	const wrong: string[] = [];
	let at = '';
	page.on('pageerror', (error) => wrong.push(`${at}: ${error.message}`));
	page.on('console', (message) => message.type() === 'error' && wrong.push(`${at}: ${message.text()}`));
	const opened = await throughAll(page, most, async (address, status) => {
		at = address;
		if (status !== 200) wrong.push(`${address}: answered ${status}`);
		const main = page.locator('main');
		if (!(await main.isVisible()) || !(await main.innerText()).trim()) wrong.push(`${address}: blank`);
		if (await page.getByText('This part couldn’t be shown').count()) wrong.push(`${address}: a part failed`);
		for (const size of [PHONE, LAPTOP]) {
			const wide = await tooWide(page, size);
			if (wide) wrong.push(`${address}: ${wide}`);
		}
	});
	return { wrong, opened };
}

const LONG =
	'a remarkably large translucent weatherproof box with a hinged lid, Krankenhausausstattungsgegenstandsverwaltung';
const UNTIDY = `WHAT YOU WILL NEED

Lesson 1: Clay and Mud
- Modeling clay, 1/2 lb per child
- clay, 1 package
- 2 cups of clay
- clay
- 3 sheets of clay
- ${LONG}
Lesson 2: Bricks
* Salt, 2 cups
* Salt: 1 box
* a pinch of salt
* 250 g salt
* Tape
* Masking tape, 3 rolls & 10 ft
• Journal page (p. 97), one per child
Lesson 3: Kilns
1) 4 boxes of matches
2) matches
3) 2 dozen matches
4) ${'x'.repeat(110)}
Lesson 99: Nowhere at all
- 1 kettle`;

/** Hundreds of lines of the same few things in every measure there is. */
function endless(): string {
	const things = [
		'flour',
		'string',
		'paper',
		'glue',
		'water',
		'yarn',
		'beans',
		'craft sticks',
		'paint',
		'foil'
	];
	const amounts = [
		'2 cups',
		'1 lb',
		'3 sheets',
		'2 ft',
		'1 roll',
		'5',
		'some',
		'100 g',
		'1 pack',
		'2 bottles'
	];
	return Array.from({ length: 40 }, (_, lesson) => [
		`Lesson ${lesson + 1}: ${lesson % 9 ? `Part ${lesson + 1}` : LONG}`,
		...Array.from({ length: 8 }, (_, i) => {
			const k = lesson * 8 + i;
			return `${amounts[k % 10]} ${things[(k * 3 + lesson) % 10]}${k % 3 ? '' : ' per child'}${k % 7 ? '' : ' (optional)'}`;
		})
	])
		.flat()
		.join('\n');
}

async function paste(page: Page, address: string, list: string): Promise<void> {
	await open(page, address);
	await page.getByLabel('Supply list').fill(list);
	await page.getByRole('button', { name: 'Read the list' }).click();
	await page.getByRole('button', { name: 'Save the list' }).click();
	// A list that goes into one lesson for the most part, or has lines without one, asks first.
	const anyway = page.getByRole('button', { name: 'Save anyway' });
	await expect(anyway.or(page.getByRole('heading', { name: /do we have/ })).first()).toBeVisible();
	if (await anyway.isVisible()) await anyway.click();
	await page.waitForURL(/\/(units\/\d+|gather)$|\/lists\/have/);
}

test.describe('every page opens, fits the screen and says something', () => {
	test.describe.configure({ timeout: 400_000 });

	test.describe('in an empty house', () => {
		test.use({ household: 'empty' });
		test('whatever it links to', async ({ page }) => {
			const { wrong, opened } = await crawl(page);
			expect(wrong).toEqual([]);
			expect(opened.length).toBeGreaterThan(20);
		});
	});

	test.describe('in the demo household', () => {
		test.use({ onlyLooks: true });
		test('whatever it links to', async ({ page }) => {
			const { wrong, opened } = await crawl(page);
			expect(wrong).toEqual([]);
			expect(opened.length).toBeGreaterThan(60);
		});
	});

	test.describe('in a house made of long pasted lists', () => {
		test.use({ household: 'empty' });
		test('as guides print them', async ({ page }) => {
			await open(page, '/start/who');
			await page
				.getByLabel('Children: name, age or birth date, allergies')
				.fill(
					`Odile, May 3, 2016\nOdile, May 3, 2018\n${'Wilhelmina'.repeat(5)}, May 19, 2024, allergic to milk`
				);
			await page.getByRole('button', { name: 'Continue' }).click();
			for (const [name, contents, dated] of [
				['Clay', 'Clay and Mud\nBricks\nKilns', true],
				[LONG, Array.from({ length: 40 }, (_, i) => `Lesson ${i + 1} Part ${i + 1}`).join('\n'), false],
				['Clay', 'Clay and Mud\nClay and Mud\nKilns', true]
			] as const) {
				await open(page, '/start/unit');
				await page.getByLabel('Topic').fill(name);
				await page.getByLabel('Lessons, one per line').fill(contents);
				if (!dated) for (const day of ['Tue', 'Thu']) await page.getByLabel(day).uncheck();
				await page.getByRole('button', { name: /^Start with/ }).click();
				await page.waitForURL((url) => !url.pathname.endsWith('/unit'));
			}
			for (const run of [1, 3]) await paste(page, `/units/${run}/gather/paste`, UNTIDY);
			await paste(page, '/units/2/gather/paste', endless());
			const { wrong, opened } = await crawl(page);
			expect(wrong).toEqual([]);
			expect(opened.length).toBeGreaterThan(60);
		});
	});

	test.describe('in the largest house', () => {
		test.use({ household: 'largest' });
		// Whatever else the machine does: how fast pages are is measured elsewhere.
		test.describe.configure({ timeout: 1_500_000 });
		test('with twenty thousand books', async ({ page }) => {
			const { wrong, opened } = await crawl(page, MOST_IN_THE_LARGEST);
			expect(wrong).toEqual([]);
			expect(opened.length).toBeGreaterThan(40);
		});
	});
});

test.describe('a part of a page that fails', () => {
	test.use({ mayFail: /broken on purpose/ });
	test('says so in its place; the rest of the page goes on', async ({ page }) => {
		await page.addInitScript(() => {
			window.Worker = class {
				constructor() {
					throw new Error('broken on purpose');
				}
			} as unknown as typeof Worker;
		});
		await open(page, '/lists/shops');
		await expect(page.getByText('This part couldn’t be shown')).toHaveCount(1);
		await expect(page.getByRole('heading', { name: 'Prices' })).toBeVisible();
		await page.getByRole('button', { name: 'Save price' }).click();
		await expect(page.getByText('Enter the pack size').first()).toBeVisible();
	});
});
