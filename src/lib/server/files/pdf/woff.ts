import { inflateSync } from 'node:zlib';

/**
 * The letters of a WOFF file as TrueType, which is what a PDF takes. A WOFF is the same tables, each packed by zlib
 * (W3C, WOFF File Format 1.0, sections 3 to 5).
 *
 * @throws Error where it is none.
 */
export function trueTypeOf(woff: Buffer): Buffer {
	if (woff.readUInt32BE(0) !== 0x774f4646) throw new Error('That is no WOFF file.');
	const count = woff.readUInt16BE(12);
	const tables = Array.from({ length: count }, (_, index) => {
		const at = 44 + index * 20;
		const offset = woff.readUInt32BE(at + 4);
		const packed = woff.readUInt32BE(at + 8);
		const length = woff.readUInt32BE(at + 12);
		const bytes = woff.subarray(offset, offset + packed);
		return {
			tag: woff.readUInt32BE(at),
			checksum: woff.readUInt32BE(at + 16),
			bytes: packed < length ? inflateSync(bytes) : bytes
		};
	});
	const padded = (length: number) => (length + 3) & ~3;
	const head = 12 + count * 16;
	const made = Buffer.alloc(head + tables.reduce((sum, { bytes }) => sum + padded(bytes.length), 0));
	const power = 2 ** Math.floor(Math.log2(count));
	made.writeUInt32BE(woff.readUInt32BE(4), 0);
	made.writeUInt16BE(count, 4);
	made.writeUInt16BE(power * 16, 6);
	made.writeUInt16BE(Math.log2(power), 8);
	made.writeUInt16BE(count * 16 - power * 16, 10);
	let at = head;
	for (const [index, { tag, checksum, bytes }] of tables.entries()) {
		const entry = 12 + index * 16;
		made.writeUInt32BE(tag, entry);
		made.writeUInt32BE(checksum, entry + 4);
		made.writeUInt32BE(at, entry + 8);
		made.writeUInt32BE(bytes.length, entry + 12);
		bytes.copy(made, at);
		at += padded(bytes.length);
	}
	return made;
}
