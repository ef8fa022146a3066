import type { Page } from '@playwright/test';

/** "/units/3/plan?show=month" is one of "/units/N/plan?show"; a day's page, which leads to the next, is one of "/week/N". */
export function routeOf(address: string): string {
	const { pathname, searchParams } = new URL(address, 'http://house');
	const path = pathname.replace(/\/(\d+|\d{4}-\d\d-\d\d|[0-9a-f-]{16,})(?=\/|$)/g, '/N');
	return `${path}?${[...searchParams.keys()].sort().join('&')}`;
}

/** The pages that this one leads to; files are left out. */
async function linksOf(page: Page): Promise<string[]> {
	const links = await page.locator('a[href]').evaluateAll((all) =>
		all
			.filter((one): one is HTMLAnchorElement => one instanceof HTMLAnchorElement)
			.filter((one) => one.origin === location.origin && !one.hasAttribute('download'))
			.map((one) => one.pathname + one.search)
	);
	return links.filter((link) => !/\.\w+$|^\/take-out\//.test(link.split('?')[0]));
}

/** The places from which everything else is linked. */
const ENTRIES = ['/', '/units', '/lists', '/home', '/house', '/start', '/phone'];

/**
 * Goes through the whole application as it is linked, so many pages of a route, and does something on each with the
 * status that it was answered with. Answers what was opened.
 */
export async function throughAll(
	page: Page,
	most: number,
	work: (address: string, status: number | undefined) => Promise<void>
): Promise<string[]> {
	const opened: string[] = [];
	const found = new Set(ENTRIES);
	const ofRoute = new Map<string, number>();
	// A set that grows while it is walked through is walked through to its end.
	for (const address of found) {
		const route = routeOf(address);
		const before = ofRoute.get(route) ?? 0;
		if (before >= most) continue;
		ofRoute.set(route, before + 1);
		opened.push(address);
		const answer = await page.goto(address);
		await page.waitForFunction(() => document.documentElement.dataset.ready === 'yes');
		for (const link of await linksOf(page)) found.add(link);
		await work(address, answer?.status());
	}
	return opened;
}
