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

/**
 * A picture as a PDF of one page, upright or lying as the picture is, and as large as fits on a letter sheet. The
 * picture goes in as it is (ISO 32000-1, 7.4.8: DCTDecode). Null where it is no picture that can go in so.
 */
export function pictureAsPdf(jpeg: Buffer): Buffer | null {
	const size = jpegSize(jpeg);
	const space = size && SPACES[size.colors];
	if (!size || !space || size.width === 0 || size.height === 0) return null;
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
			`<</Type/XObject/Subtype/Image/Width ${size.width}/Height ${size.height}/ColorSpace${space}/BitsPerComponent 8/Filter/DCTDecode/Length ${jpeg.length}>>stream\n`,
			jpeg,
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
