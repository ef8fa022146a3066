import { prepareZXingModule, readBarcodes } from 'zxing-wasm/reader';
import wasm from 'zxing-wasm/reader/zxing_reader.wasm?url';

/** A picture with bar codes, from a photo or the camera. */
export type ReadCodes = { readonly id: number; readonly picture: Blob | ImageData };
export type CodesRead = {
	readonly id: number;
	readonly codes: readonly string[];
	readonly problem: string | null;
};

// The reader is served from here and never fetched from elsewhere.
prepareZXingModule({ overrides: { locateFile: () => wasm } });

self.onmessage = async ({ data: { id, picture } }: MessageEvent<ReadCodes>) => {
	let answer: CodesRead;
	try {
		const found = await readBarcodes(picture, {
			formats: ['EAN13', 'UPCA', 'EAN8', 'Code128'],
			tryHarder: true,
			tryRotate: true,
			tryInvert: true,
			maxNumberOfSymbols: 40
		});
		const codes = [...new Set(found.filter((one) => one.isValid).map((one) => one.text))];
		answer = { id, codes, problem: null };
	} catch (error) {
		answer = { id, codes: [], problem: error instanceof Error ? error.message : String(error) };
	}
	self.postMessage(answer);
};
