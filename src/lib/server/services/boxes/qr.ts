import bwipjs from 'bwip-js/node';
import type { Block } from '$core/print/index.ts';

/** An address as a code for a phone's camera: a picture as a data address (SVG), sharp at any size. */
export function qrCode(address: string): string {
	const svg = bwipjs.toSVG({
		bcid: 'qrcode',
		text: address,
		scale: 2,
		padding: 2,
		backgroundcolor: 'FFFFFF'
	});
	return `data:image/svg+xml;base64,${Buffer.from(svg).toString('base64')}`;
}

/** The same code as black blocks on paper, `size` mm wide and high; a row's neighbors are one block. */
export function qrModules(
	address: string,
	{ x, y, size }: { readonly x: number; readonly y: number; readonly size: number }
): Block[] {
	const [code] = bwipjs.raw({ bcid: 'qrcode', text: address });
	if (!('pixs' in code)) throw new Error('A code of squares was expected.');
	const { pixs, pixx: across } = code;
	const module = size / across;
	const blocks: Block[] = [];
	for (let row = 0; row < across; row++)
		for (let column = 0; column < across; column++) {
			if (!pixs[row * across + column]) continue;
			const start = column;
			while (column + 1 < across && pixs[row * across + column + 1]) column++;
			blocks.push({
				x: x + start * module,
				y: y + row * module,
				width: (column - start + 1) * module,
				height: module
			});
		}
	return blocks;
}
