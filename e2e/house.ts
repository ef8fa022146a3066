import { AxeBuilder } from '@axe-core/playwright';
import { test as base, expect, type Page } from '@playwright/test';
import { spawn, type ChildProcess } from 'node:child_process';
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { SEEDED, type Seeded } from './seeded.ts';

/** What a server starts with. */
export type Household = Seeded | 'empty';

/** A server of its own for one test, on the production build, with its own data folder. */
export class House {
	private child: ChildProcess | null = null;
	readonly folder = mkdtempSync(join(tmpdir(), 'gather-bin-e2e-'));
	port = 0;

	constructor(
		private readonly household: Household,
		private readonly more: Readonly<Record<string, string>> = {}
	) {
		if (household !== 'empty') cpSync(join(SEEDED, household), this.folder, { recursive: true });
	}

	get address(): string {
		return `http://localhost:${this.port}`;
	}

	async start(): Promise<void> {
		if (!this.port) this.port = await freePort();
		const child = spawn(process.execPath, ['scripts/start.mjs'], {
			env: {
				...process.env,
				PORT: String(this.port),
				HOST: '127.0.0.1',
				GATHER_BIN_DATA: this.folder,
				...(this.household === 'demo' ? { GATHER_BIN_DEMO: '1' } : {}),
				...this.more
			},
			stdio: ['ignore', 'pipe', 'inherit']
		});
		this.child = child;
		await new Promise<void>((started, failed) => {
			child.stdout.on('data', (text: Buffer) => text.includes('Listening') && started());
			child.once('exit', (code) => failed(new Error(`the server ended with ${code}`)));
		});
	}

	async stop(): Promise<void> {
		const { child } = this;
		this.child = null;
		if (!child || child.exitCode !== null) return;
		child.removeAllListeners('exit');
		const ended = new Promise((done) => child.once('exit', done));
		child.kill('SIGKILL');
		await ended;
	}

	remove(): void {
		rmSync(this.folder, { recursive: true, force: true });
		rmSync(`${this.folder}.household`, { force: true });
	}
}

function freePort(): Promise<number> {
	return new Promise((found) => {
		const server = createServer();
		server.listen(0, '127.0.0.1', () => {
			const address = server.address();
			server.close(() => found(typeof address === 'object' && address ? address.port : 0));
		});
	});
}

export type StandIn = { readonly address: string; readonly stop: () => void };

/** A stand-in for a part of the outside world, a process of its own. */
async function startStandIn(script: string, more: Readonly<Record<string, string>> = {}): Promise<StandIn> {
	const child = spawn(process.execPath, [`scripts/${script}`], {
		env: { ...process.env, ...more },
		stdio: ['ignore', 'pipe', 'inherit']
	});
	const address = await new Promise<string>((started) =>
		child.stdout.once('data', (text: Buffer) => started(/http:\S+/.exec(String(text))![0]))
	);
	return { address, stop: () => child.kill() };
}

/** Started once for each worker. */
const standing = new Map<Household, House>();
async function standingHouse(household: Household): Promise<House> {
	let house = standing.get(household);
	if (!house) {
		standing.set(household, (house = new House(household)));
		await house.start();
	}
	return house;
}

type Fixtures = {
	catalogue: boolean;
	household: Household;
	/** An error that a test causes on purpose. */
	mayFail: RegExp | null;
	/** A house that nothing is changed in serves all journeys of a worker that only look. */
	onlyLooks: boolean;
	library: StandIn | null;
	withLibrary: boolean;
	house: House;
	watched: void;
};

/** Every test gets its own house, and fails when the page errs or asks another host for anything. */
export const test = base.extend<Fixtures, { standing: void }>({
	standing: [
		// eslint-disable-next-line no-empty-pattern -- the form that the runner asks for
		async ({}, use) => {
			await use();
			for (const house of standing.values()) {
				await house.stop();
				house.remove();
			}
		},
		{ scope: 'worker', auto: true }
	],
	household: ['demo', { option: true }],
	mayFail: [null, { option: true }],
	onlyLooks: [false, { option: true }],
	catalogue: [false, { option: true }],
	withLibrary: [false, { option: true }],
	library: async ({ withLibrary }, use) => {
		const library = withLibrary
			? await startStandIn('library.mjs', {
					LIBRARY_ACCOUNT: 'demo/library-account.json',
					LIBRARY_TODAY: '2027-01-22'
				})
			: null;
		await use(library);
		library?.stop();
	},
	house: async ({ household, catalogue, library, onlyLooks }, use) => {
		if (onlyLooks) return use(await standingHouse(household));
		const books = catalogue ? await startStandIn('catalogue.mjs') : null;
		const house = new House(household, {
			...(books ? { GATHER_BIN_CATALOGUE: books.address } : {}),
			...(library ? { GATHER_BIN_LIBRARY: library.address } : {})
		});
		await house.start();
		await use(house);
		await house.stop();
		house.remove();
		books?.stop();
	},
	baseURL: async ({ house }, use) => use(house.address),
	watched: [
		async ({ page, house, mayFail }, use) => {
			const wrong: string[] = [];
			page.on('pageerror', (error) => wrong.push(error.message));
			page.on('console', (message) => {
				// A refused connection or form is reported by the browser itself; tests that cause one look for its words.
				if (message.type() === 'error' && !message.text().startsWith('Failed to load resource'))
					wrong.push(message.text());
			});
			page.on('request', (request) => {
				const { protocol, host } = new URL(request.url());
				if (protocol.startsWith('http') && host !== `localhost:${house.port}`) wrong.push(`asked ${host}`);
			});
			await use();
			expect(wrong.filter((one) => !mayFail?.test(one))).toEqual([]);
		},
		{ auto: true }
	]
});

export { expect };

/** No violation of WCAG 2.2 A and AA that a machine can find; of some rules only, where they are named. */
export async function expectAccessible(page: Page, only: string[] = []): Promise<void> {
	// What fades in has its contrast when it is there.
	await page.evaluate(() => Promise.allSettled(document.getAnimations().map((one) => one.finished)));
	// In the page itself: no page of ours has frames, and a second page for the sums would take as long again.
	const axe = new AxeBuilder({ page }).setLegacyMode(true).options({ resultTypes: ['violations'] });
	if (only.length) axe.withRules(only);
	else axe.withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']);
	let { violations } = await axe.analyze();
	const size = page.viewportSize();
	if (size && violations.some(({ id }) => id === 'target-size')) {
		// What is half behind a bar that stays in sight is scrolled out from under it: looked at with room for all.
		const height = await page.evaluate(() => document.documentElement.scrollHeight);
		await page.setViewportSize({ ...size, height: Math.min(height + 200, 8000) });
		({ violations } = await axe.analyze());
		await page.setViewportSize(size);
	}
	expect(
		violations.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.target.join(' ')).join(', ')}`)
	).toEqual([]);
}

/** Waits until the page's scripts have taken over its forms. */
export async function open(page: Page, path: string): Promise<void> {
	await page.goto(path);
	await page.waitForFunction(() => document.documentElement.dataset.ready === 'yes');
}
