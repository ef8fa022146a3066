import bwipjs from 'bwip-js/node';
import { writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { CHROMIUM } from '../playwright.config.ts';
import { expect, open, test } from './house.ts';

/** The first number of the catalogue's stand-in; its check digit is found by the drawing. */
const CODE = '979990005000';
const WIDTH = 640;
const HEIGHT = 480;
const BAR = 3;

/** A film of one bar code that is held before the camera, as raw frames (YUV4MPEG2) for the browser's false camera. */
function film(): string {
	const [{ sbs }] = bwipjs.raw({ bcid: 'ean13', text: CODE }) as unknown as [{ sbs: number[] }];
	const light = Buffer.alloc(WIDTH * HEIGHT, 235);
	let x = Math.round((WIDTH - sbs.reduce((sum, width) => sum + width, 0) * BAR) / 2);
	for (const [i, width] of sbs.entries()) {
		if (i % 2 === 0)
			for (let y = 120; y < 360; y++) light.fill(16, y * WIDTH + x, y * WIDTH + x + width * BAR);
		x += width * BAR;
	}
	const frame = Buffer.concat([Buffer.from('FRAME\n'), light, Buffer.alloc((WIDTH * HEIGHT) / 2, 128)]);
	const path = join(tmpdir(), `gather-bin-film-${process.pid}.y4m`);
	writeFileSync(
		path,
		Buffer.concat([
			Buffer.from(`YUV4MPEG2 W${WIDTH} H${HEIGHT} F10:1 Ip A1:1 C420jpeg\n`),
			...Array.from({ length: 10 }, () => frame)
		])
	);
	return path;
}

test.use({
	launchOptions: {
		...CHROMIUM,
		args: [
			...CHROMIUM.args,
			'--use-fake-device-for-media-stream',
			'--use-fake-ui-for-media-stream',
			`--use-file-for-fake-video-capture=${film()}`
		]
	},
	catalogue: true
});

test('a code held before the camera is read, once', async ({ page }) => {
	await open(page, '/home/books/scan');
	await page.getByRole('button', { name: 'Camera', exact: true }).click();
	const found = page.getByRole('listitem').filter({ hasText: 'The River at the End of the Lane' });
	await expect(found).toContainText('found in the catalog');
	// It is still before the camera, and looked at several times a second.
	await page.waitForTimeout(1500);
	await expect(found).toHaveCount(1);
	await page.getByRole('button', { name: 'Stop camera' }).click();
	await expect(page.locator('video')).toBeHidden();
});
