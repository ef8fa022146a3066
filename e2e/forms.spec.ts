import type { Page } from '@playwright/test';
import { throughAll } from './crawl.ts';
import { expect, open, test } from './house.ts';

/** A form of a page as it stands: where it goes, and what it would send. */
type Standing = { readonly action: string; readonly button: string; readonly fields: [string, string][] };

/** Of forms with the same fields on one page so many are sent. */
const MOST_ALIKE = 3;

/** These ask for something that only a person can say, and say so when nothing is typed. */
const ASKS = /^(?:Enter|Type|Choose|Name|Paste|Say|Write|Start|Add|Nothing|Pick|Draw|No )/;
/** They go to a file, another program or back in time. */
const LEAVE_OUT = /restore|backup|uploads|\/import|askLibrary|talk|desk|iam|catalogue/i;

/** The forms of the page that is open whose every field has something in it. */
async function formsOf(page: Page): Promise<Standing[]> {
	return page.locator('form[method=post], form[method=POST]').evaluateAll((all, most) => {
		const alike = new Map<string, number>();
		return all
			.filter((one): one is HTMLFormElement => one instanceof HTMLFormElement)
			.flatMap((form) => {
				const buttons = [...form.querySelectorAll<HTMLButtonElement>('button:not([type=button])')];
				const typed = [...form.querySelectorAll<HTMLInputElement>('input, textarea')].filter(
					(one) => !['hidden', 'checkbox', 'radio', 'submit'].includes(one.type)
				);
				if (typed.some((one) => one.value.trim() === '') || form.querySelector('input[type=file]')) return [];
				return buttons.slice(0, 1).flatMap((button) => {
					const data = [...new FormData(form, button)].map(([name, value]): [string, string] => [
						name,
						String(value)
					]);
					const action = button.hasAttribute('formaction') ? button.formAction : form.action;
					const kind = `${action} ${data.map(([name]) => name).join()}`;
					const before = alike.get(kind) ?? 0;
					alike.set(kind, before + 1);
					return before < most
						? [{ action, button: button.ariaLabel ?? button.textContent?.trim() ?? '', fields: data }]
						: [];
				});
			});
	}, MOST_ALIKE);
}

/** Sends every form of every page as it stands, takes each change back, and answers which were not accepted. */
async function sendAll(page: Page): Promise<{ refused: string[]; sent: number }> {
	const refused: string[] = [];
	let sent = 0;
	await throughAll(page, 1, async (address) => {
		for (const { action, button, fields } of await formsOf(page)) {
			if (LEAVE_OUT.test(action)) continue;
			const answer = await page.evaluate(
				async ({ to, data }) => {
					const form = new FormData();
					for (const [name, value] of data) form.append(name, value);
					const headers = { 'x-sveltekit-action': 'true', accept: 'application/json' };
					const response = await fetch(to, { method: 'POST', body: form, headers });
					const text = await response.text();
					if (text.includes('"success"'))
						await fetch('/changes/undo', { method: 'POST', body: new FormData(), headers });
					return { status: response.status, text };
				},
				{ to: action, data: fields }
			);
			sent += 1;
			const said = /"message","?([^"]*)|"([^"]{12,200}[.!?])"/.exec(answer.text)?.[2] ?? answer.text;
			const isRefused = /"type":"(?:failure|error)"/.test(answer.text) || answer.status >= 400;
			if (isRefused && !ASKS.test(said))
				refused.push(
					`${address}: ${button} → ${action.replace(/^.*?\/\/[^/]*/, '')} ${JSON.stringify(fields)}: ${said}`
				);
		}
	});
	return { refused, sent };
}

test.describe('every form, posted as it stands, is accepted', () => {
	test.describe.configure({ timeout: 400_000 });
	for (const measures of ['us', 'metric'] as const)
		test(`in a house that measures in ${measures}`, async ({ page }) => {
			await open(page, '/');
			const changed = await page.evaluate(async (to) => {
				const form = new FormData();
				form.set('measures', to);
				form.set('paper', 'letter');
				form.set('zone', 'America/Chicago');
				form.set('weekStart', '1');
				const response = await fetch('/start/measures?/measures', {
					method: 'POST',
					body: form,
					headers: { 'x-sveltekit-action': 'true', accept: 'application/json' }
				});
				return response.text();
			}, measures);
			expect(changed).toContain('redirect');
			// In cups, so that a metric house has amounts that no one would type.
			await open(page, '/units/1/gather/paste');
			await page
				.getByLabel('Supply list')
				.fill(
					'Lesson 8: Contour lines\n1 1/2 cups play dough\n2/3 cup salt per child\n7 oz gravel\n3 1/3 yd ribbon'
				);
			await page.getByRole('button', { name: 'Read the list' }).click();
			await page.getByRole('button', { name: 'Save the list' }).click();
			await page.waitForURL(/\/lists\/have|\/gather$|\/units\/1$/);
			await open(page, '/lists/have');
			for (const thing of ['play dough', 'gravel', 'ribbon']) {
				const none = page.getByRole('button', { name: new RegExp(`^Don’t have it: ${thing}`) });
				if (await none.count()) await none.click();
			}
			const { refused, sent } = await sendAll(page);
			expect(refused).toEqual([]);
			expect(sent).toBeGreaterThan(150);
		});
});
