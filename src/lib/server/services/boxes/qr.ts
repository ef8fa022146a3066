import bwipjs from 'bwip-js/node';

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
