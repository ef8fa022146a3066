import { closeSync, openSync, writeSync } from 'node:fs';
import jpeg from 'jpeg-js';

/**
 * Writes a PDF of pictures: each page a picture of its own, about half a megabyte, as a scanned guide has them. The same
 * file every time.
 */
export function writeLargePdf(path: string, pages: number): number {
	const file = openSync(path, 'w');
	let at = 0;
	const offsets: number[] = [];
	const write = (part: string | Buffer) => {
		const bytes = typeof part === 'string' ? Buffer.from(part, 'latin1') : part;
		for (let from = 0; from < bytes.length;) from += writeSync(file, bytes, from);
		at += bytes.length;
	};
	const object = (id: number, parts: readonly (string | Buffer)[]) => {
		offsets[id] = at;
		write(`${id} 0 obj\n`);
		for (const part of parts) write(part);
		write('\nendobj\n');
	};
	write('%PDF-1.5\n');
	const [across, down] = [760, 980];
	const pictures = Array.from({ length: 6 }, (_, index) => noise(across, down, index + 1));
	const content = 'q 612 0 0 792 0 0 cm /P Do Q';
	for (let index = 0; index < pages; index++) {
		const picture = pictures[index % pictures.length];
		const id = 3 + index * 3;
		object(id, [
			`<</Type/Page/Parent 2 0 R/MediaBox[0 0 612 792]/Contents ${id + 1} 0 R/Resources<</XObject<</P ${id + 2} 0 R>>>>>>`
		]);
		object(id + 1, [`<</Length ${content.length}>>stream\n${content}\nendstream`]);
		object(id + 2, [
			`<</Type/XObject/Subtype/Image/Width ${across}/Height ${down}/ColorSpace/DeviceRGB/BitsPerComponent 8/Filter/DCTDecode/Length ${picture.length}>>stream\n`,
			picture,
			'\nendstream'
		]);
	}
	const kids = Array.from({ length: pages }, (_, index) => `${3 + index * 3} 0 R`).join(' ');
	object(1, ['<</Type/Catalog/Pages 2 0 R>>']);
	object(2, [`<</Type/Pages/Count ${pages}/Kids[${kids}]>>`]);
	const table = at;
	const count = 3 + pages * 3;
	write(`xref\n0 ${count}\n0000000000 65535 f \n`);
	for (let id = 1; id < count; id++) write(`${String(offsets[id]).padStart(10, '0')} 00000 n \n`);
	write(`trailer\n<</Size ${count}/Root 1 0 R>>\nstartxref\n${table}\n%%EOF\n`);
	closeSync(file);
	return at;
}

/** A picture that does not pack well, as a photograph. */
function noise(width: number, height: number, seed: number): Buffer {
	const data = Buffer.alloc(width * height * 4, 255);
	let chance = seed * 7919;
	for (let at = 0; at < data.length; at += 4)
		for (let part = 0; part < 3; part++) {
			chance = (chance * 48271) % 2147483647;
			data[at + part] = 60 + (chance & 127);
		}
	return jpeg.encode({ width, height, data }, 74).data;
}
