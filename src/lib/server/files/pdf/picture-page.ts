import { deflateSync } from 'node:zlib';
import { PNG } from 'pngjs';

/** Markers of JPEG that carry the size of the picture (ITU-T T.81, B.2.2): SOF0 to SOF15 without DHT, JPG and DAC. */
const SIZES = new Set([0xc0, 0xc1, 0xc2, 0xc3, 0xc5, 0xc6, 0xc7, 0xc9, 0xca, 0xcb, 0xcd, 0xce, 0xcf]);

/** Width, height and number of colors of a JPEG; null where it is cut off before it says so. */
export function jpegSize(bytes: Buffer): { width: number; height: number; colors: number } | null {
	let at = 2;
	while (at + 9 < bytes.length) {
		if (bytes[at] !== 0xff) return null;
		const marker = bytes[at + 1];
		if (marker === 0xff) {
			at += 1;
			continue;
		}
		if (SIZES.has(marker))
			return {
				height: bytes.readUInt16BE(at + 5),
				width: bytes.readUInt16BE(at + 7),
				colors: bytes[at + 9]
			};
		at += 2 + bytes.readUInt16BE(at + 2);
	}
	return null;
}

const SPACES: Readonly<Record<number, string>> = { 1: '/DeviceGray', 3: '/DeviceRGB' };
const PAGE = { across: 612, down: 792 };

/** Points of a picture beyond which unpacking it would take too much memory. */
const MOST_POINTS = 40_000_000;
const IS_PNG = Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]);

/** Whether bytes begin as a picture does that can become a page. */
export const isPicture = (head: Buffer): boolean =>
	head.subarray(0, 3).toString('latin1') === '\xff\xd8\xff' || head.subarray(0, 8).equals(IS_PNG);

/** A picture as PDF takes it: its size, its colors, and its points packed by a filter. */
type Packed = {
	readonly width: number;
	readonly height: number;
	readonly space: string;
	readonly filter: string;
	readonly bytes: Buffer;
};

/** A JPEG goes in as it is (ISO 32000-1, 7.4.8: DCTDecode). */
function packedJpeg(bytes: Buffer): Packed | null {
	const size = jpegSize(bytes);
	const space = size && SPACES[size.colors];
	return size && space ? { ...size, space, filter: '/DCTDecode', bytes } : null;
}

/** A PNG is unpacked, laid onto white where it is clear, and packed again without loss (7.4.4: FlateDecode). */
function packedPng(bytes: Buffer): Packed | null {
	if (bytes.length < 24 || bytes.readUInt32BE(16) * bytes.readUInt32BE(20) > MOST_POINTS) return null;
	let png;
	try {
		png = PNG.sync.read(bytes);
	} catch {
		return null;
	}
	const { width, height, data } = png;
	const points = Buffer.alloc(width * height * 3);
	for (let from = 0, to = 0; from < data.length; from += 4, to += 3) {
		const alpha = data[from + 3] / 255;
		for (let part = 0; part < 3; part++)
			points[to + part] = Math.round(data[from + part] * alpha + 255 * (1 - alpha));
	}
	return { width, height, space: '/DeviceRGB', filter: '/FlateDecode', bytes: deflateSync(points) };
}

/**
 * A picture, JPEG or PNG, as a PDF of one page, upright or lying as the picture is, and as large as fits on a letter
 * sheet. Null where it is no picture that can go in so.
 */
export function pictureAsPdf(picture: Buffer): Buffer | null {
	const size = picture.subarray(0, 8).equals(IS_PNG) ? packedPng(picture) : packedJpeg(picture);
	if (!size || size.width === 0 || size.height === 0) return null;
	const lies = size.width > size.height;
	const [across, down] = lies ? [PAGE.down, PAGE.across] : [PAGE.across, PAGE.down];
	const scale = Math.min(across / size.width, down / size.height);
	const [width, height] = [size.width * scale, size.height * scale];
	const number = (value: number) => value.toFixed(3);
	const content = `q ${number(width)} 0 0 ${number(height)} ${number((across - width) / 2)} ${number((down - height) / 2)} cm /P Do Q`;
	const objects: (readonly (string | Buffer)[])[] = [
		['<</Type/Catalog/Pages 2 0 R>>'],
		['<</Type/Pages/Kids[3 0 R]/Count 1>>'],
		[
			`<</Type/Page/Parent 2 0 R/MediaBox[0 0 ${across} ${down}]/Contents 4 0 R/Resources<</XObject<</P 5 0 R>>>>>>`
		],
		[`<</Length ${content.length}>>stream\n${content}\nendstream`],
		[
			`<</Type/XObject/Subtype/Image/Width ${size.width}/Height ${size.height}/ColorSpace${size.space}/BitsPerComponent 8/Filter${size.filter}/Length ${size.bytes.length}>>stream\n`,
			size.bytes,
			'\nendstream'
		]
	];
	const parts: Buffer[] = [];
	let at = 0;
	const write = (part: string | Buffer) => {
		const bytes = typeof part === 'string' ? Buffer.from(part, 'latin1') : part;
		parts.push(bytes);
		at += bytes.length;
	};
	write('%PDF-1.4\n');
	const offsets = objects.map((object, index) => {
		const begins = at;
		write(`${index + 1} 0 obj\n`);
		for (const part of object) write(part);
		write('\nendobj\n');
		return begins;
	});
	const table = at;
	write(
		`xref\n0 ${objects.length + 1}\n0000000000 65535 f \n${offsets.map((offset) => `${String(offset).padStart(10, '0')} 00000 n \n`).join('')}trailer\n<</Size ${objects.length + 1}/Root 1 0 R>>\nstartxref\n${table}\n%%EOF\n`
	);
	return Buffer.concat(parts);
}
