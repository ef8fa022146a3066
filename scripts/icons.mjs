// Draws the icons of the installed application from static/icon.svg, with the browser that the tests use.
import { chromium } from '@playwright/test';
import { readFileSync } from 'node:fs';

const svg = readFileSync('static/icon.svg', 'utf8');
const browser = await chromium.launch({
	executablePath: '/usr/bin/chromium',
	args: ['--headless', '--no-sandbox', '--disable-gpu']
});
const page = await browser.newPage();
for (const [file, size, share] of [
	['icon-192.png', 192, 1],
	['icon-512.png', 512, 1],
	// A mask may cut off a fifth all around.
	['icon-mask-512.png', 512, 0.72]
]) {
	await page.setViewportSize({ width: size, height: size });
	await page.setContent(
		`<body style="margin:0;width:${size}px;height:${size}px;display:grid;place-items:center;background:${share < 1 ? '#fffefb' : 'transparent'}"><div style="width:${size * share}px;height:${size * share}px">${svg}</div></body>`
	);
	await page.screenshot({ path: `static/${file}`, omitBackground: share === 1 });
}
await browser.close();
