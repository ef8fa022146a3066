/** Where a message can stand. */
export type Place = 'bottom-center' | 'bottom-right' | 'bottom-left' | 'top-center' | 'top-right';
export type Box = {
	readonly left: number;
	readonly top: number;
	readonly right: number;
	readonly bottom: number;
};

const LAPTOP: readonly Place[] = ['bottom-center', 'bottom-right', 'bottom-left', 'top-right', 'top-center'];
// On the phone the thumb's buttons are at the foot of the screen.
const PHONE: readonly Place[] = ['top-center', 'bottom-center'];
/** As large as a message is with its button, and its distance from the edge, px. */
const SIZE = { width: 356, height: 64, edge: 20 };

function boxAt(place: Place, width: number, height: number): Box {
	const wide = Math.min(SIZE.width, width - 2 * SIZE.edge);
	const left = place.endsWith('center')
		? (width - wide) / 2
		: place.endsWith('left')
			? SIZE.edge
			: width - wide - SIZE.edge;
	const top = place.startsWith('top') ? SIZE.edge : height - SIZE.height - SIZE.edge;
	return { left, top, right: left + wide, bottom: top + SIZE.height };
}

/** How much of one lies under another, px². */
const shared = (a: Box, b: Box) =>
	Math.max(0, Math.min(a.right, b.right) - Math.max(a.left, b.left)) *
	Math.max(0, Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top));

/** Where a message covers nothing of these on a screen; where all places do, the one that covers the least. */
export function freest(width: number, height: number, taps: readonly Box[]): Place {
	const covered = (place: Place) => {
		const box = boxAt(place, width, height);
		return taps.reduce((sum, one) => sum + shared(one, box), 0);
	};
	const places = width < 640 ? PHONE : LAPTOP;
	const all = places.map((place) => ({ place, covered: covered(place) }));
	return all.reduce((best, one) => (one.covered < best.covered ? one : best)).place;
}

/** Where a message covers nothing that one can tap or type in just now. */
export const freePlace = (): Place =>
	freest(
		window.innerWidth,
		window.innerHeight,
		[...document.querySelectorAll('a, button, input, select, textarea, summary, label')]
			.filter((one) => one.closest('[data-sonner-toaster]') === null)
			.map((one) => one.getBoundingClientRect())
	);
