import { Refusal } from '$core/error.ts';

/** Largest file that is read at once, in bytes. */
export const MOST_BYTES = 8 * 1024 * 1024;

const KINDS: readonly (readonly [number[], string])[] = [
	[[0x25, 0x50, 0x44, 0x46], 'a PDF'],
	[[0x50, 0x4b, 0x03, 0x04], 'a spreadsheet or another packed file'],
	[[0xff, 0xd8, 0xff], 'a picture'],
	[[0x89, 0x50, 0x4e, 0x47], 'a picture'],
	[[0xd0, 0xcf, 0x11, 0xe0], 'an old spreadsheet']
];

/**
 * The text of a file, whatever spreadsheet wrote it, and what is to be said about how it was read.
 * @throws Refusal when it is no text.
 */
export function decodeText(bytes: Uint8Array): { text: string; note: string } {
	if (bytes.length === 0) throw new Refusal('That file is empty.');
	if (bytes.length > MOST_BYTES) throw new Refusal('That file is over 8 MB. Import it in parts.');
	const kind = KINDS.find(([start]) => start.every((byte, i) => bytes[i] === byte))?.[1];
	if (kind)
		throw new Refusal(
			`That is ${kind}. Import a CSV file or plain text: in a spreadsheet, use “Save as CSV”.`
		);
	if (bytes[0] === 0xff && bytes[1] === 0xfe) return { text: read(bytes, 'utf-16le'), note: '' };
	if (bytes[0] === 0xfe && bytes[1] === 0xff) return { text: read(bytes, 'utf-16be'), note: '' };
	if (bytes.includes(0)) throw new Refusal('That isn’t text. Import a CSV file or plain text.');
	try {
		return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes), note: '' };
	} catch {
		return {
			text: read(bytes, 'windows-1252'),
			note: 'This file isn’t UTF-8, so we read it as Western European. Check that letters like é look right.'
		};
	}
}

function read(bytes: Uint8Array, encoding: string): string {
	return new TextDecoder(encoding).decode(bytes);
}
