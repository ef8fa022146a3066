import { defineConfig } from '@playwright/test';

export const CHROMIUM = {
	executablePath: '/usr/bin/chromium',
	args: [
		'--headless',
		'--no-sandbox',
		'--disable-gpu',
		'--disable-quic',
		'--no-first-run',
		'--disable-background-networking',
		'--disable-component-update',
		'--disable-sync'
	]
};

export default defineConfig({
	testDir: 'e2e',
	globalSetup: './e2e/seeded.ts',
	testMatch: '**/*.spec.ts',
	outputDir: 'test-results/journeys',
	reporter: [['line'], ['json', { outputFile: 'test-results/journeys.json' }]],
	workers: 2,
	fullyParallel: true,
	retries: 0,
	// Generous, since nothing here is about speed: two slow cores run two browsers, two servers and axe.
	timeout: 150_000,
	expect: { timeout: 45_000 },
	// The journeys without a network allow the service worker themselves; elsewhere it would only hide requests.
	use: {
		launchOptions: CHROMIUM,
		locale: 'en-US',
		timezoneId: 'America/Chicago',
		serviceWorkers: 'block',
		// Nobody watches: what would fade in is there at once.
		contextOptions: { reducedMotion: 'reduce' }
	},
	projects: [
		// A journey is taken where it is taken in life; with @both where the size of the screen changes it.
		{ name: 'laptop', use: { viewport: { width: 1280, height: 800 } }, grepInvert: /@phone/ },
		{
			name: 'phone',
			use: { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true },
			grep: /@phone|@both/
		}
	]
});
