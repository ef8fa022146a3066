import type { Row } from '$core/facts/index.ts';

/** The inside of a shelf, mm: its longer side runs along it. What was not measured is null. */
export function shelfSpace(place: Pick<Row<'place'>, 'length_mm' | 'width_mm' | 'height_mm' | 'floor_mm'>): {
	readonly along: number | null;
	readonly depth: number | null;
	readonly height: number | null;
	readonly floor: number | null;
} {
	const sides = [place.length_mm, place.width_mm].filter((one) => one !== null).toSorted((a, b) => b - a);
	return {
		along: sides[0] ?? null,
		depth: sides[1] ?? null,
		height: place.height_mm,
		floor: place.floor_mm
	};
}
