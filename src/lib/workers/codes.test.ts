import bwipjs from 'bwip-js/node';
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { beforeAll, describe, expect, it } from 'vitest';
import { prepareZXingModule, readBarcodes } from 'zxing-wasm/reader';

/** Pictures of bar codes as a camera gives them: drawn pixel by pixel from the bars of another library. */
class Picture {
	readonly data: Uint8ClampedArray<ArrayBuffer>;
	readonly colorSpace = 'srgb' as const;
	constructor(
		readonly width: number,
		readonly height: number
	) {
		this.data = new Uint8ClampedArray(width * height * 4).fill(255);
	}

	/** Bars of `module` pixels each, turned by an angle about the middle of the code. */
	draw(text: string, x: number, y: number, module: number, high: number, degrees = 0): this {
		const [{ sbs }] = bwipjs.raw({ bcid: 'ean13', text }) as unknown as [{ sbs: number[] }];
		const bars: boolean[] = sbs.flatMap((width, i) => Array<boolean>(width).fill(i % 2 === 0));
		const [wide, angle] = [bars.length * module, (degrees * Math.PI) / 180];
		for (let py = 0; py < this.height; py++)
			for (let px = 0; px < this.width; px++) {
				const [dx, dy] = [px - x, py - y];
				const along = dx * Math.cos(angle) + dy * Math.sin(angle) + wide / 2;
				const across = -dx * Math.sin(angle) + dy * Math.cos(angle) + high / 2;
				if (across < 0 || across >= high || !bars[Math.floor(along / module)]) continue;
				this.data.fill(0, (py * this.width + px) * 4, (py * this.width + px) * 4 + 3);
			}
		return this;
	}

	/** Adds grain, the same each time. */
	grain(most: number): this {
		let seed = 7;
		for (let i = 0; i < this.data.length; i++) {
			if (i % 4 === 3) continue;
			seed = (seed * 1103515245 + 12345) % 2147483648;
			this.data[i] = this.data[i] * 0.8 + 20 + ((seed / 2147483648) * 2 - 1) * most;
		}
		return this;
	}
}

const read = async (picture: Picture) =>
	(
		await readBarcodes(picture as ImageData, {
			formats: ['EAN13'],
			tryHarder: true,
			tryRotate: true,
			maxNumberOfSymbols: 40
		})
	)
		.map((one) => one.text)
		.sort();

describe('bar codes made by one library are read by the other', () => {
	beforeAll(() => {
		const file = createRequire(import.meta.url).resolve('zxing-wasm/reader/zxing_reader.wasm');
		prepareZXingModule({ overrides: { wasmBinary: readFileSync(file).buffer as ArrayBuffer } });
	});
	const [A, B] = ['9780306406157', '9780804429573'];

	it.each([0, 90, 180, 270, 4, -6])('turned by %i degrees', async (degrees) => {
		expect(await read(new Picture(500, 500).draw(A, 250, 250, 3, 120, degrees))).toEqual([A]);
	});

	it('small: two pixels for each bar', async () => {
		expect(await read(new Picture(260, 90).draw(A, 130, 45, 2, 50))).toEqual([A]);
	});

	it('noisy and pale', async () => {
		expect(await read(new Picture(500, 260).draw(A, 250, 130, 3, 140).grain(35))).toEqual([A]);
	});

	it('two in one picture, one of them on its side', async () => {
		expect(await read(new Picture(900, 500).draw(A, 250, 250, 3, 120).draw(B, 720, 250, 3, 120, 90))).toEqual(
			[A, B]
		);
	});
});
