/** How long a thing and a place take on a hunt, in seconds. Common practice. */
const THING_SECONDS = 20;
const PLACE_SECONDS = 30;

/**
 * About how many minutes a hunt takes, at least one.
 * @example huntMinutes(21, 6) === 10
 */
export function huntMinutes(things: number, places: number): number {
	return Math.max(1, Math.round((things * THING_SECONDS + places * PLACE_SECONDS) / 60));
}
