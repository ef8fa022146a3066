/**
 * A time of day of what was read: “20:00”; null where there is no such time.
 *
 * @example clockOf('8', '30', 'p') // '20:30'
 */
export function clockOf(hour: string, minute: string | undefined, half: string | undefined): string | null {
	let hours = Number(hour);
	if (half?.toLowerCase() === 'p' && hours < 12) hours += 12;
	if (half?.toLowerCase() === 'a' && hours === 12) hours = 0;
	const minutes = Number(minute ?? 0);
	return hours > 23 || minutes > 59
		? null
		: `${String(hours).padStart(2, '0')}:${String(minutes).padStart(2, '0')}`;
}

const TYPED = /^(\d{1,2})(?:[:.](\d{2}))?\s*(?:([ap])\.?m?\.?)?$/i;

/**
 * Reads a time of day, and nothing but that.
 *
 * @example readClock('9') // '09:00'
 * @example readClock('8:30 pm') // '20:30'
 */
export function readClock(text: string): string | null {
	const found = TYPED.exec(text.trim());
	return found ? clockOf(found[1], found[2], found[3]) : null;
}

/**
 * A time of day as one says it: “8:00 pm” in the United States, “20:00” elsewhere.
 *
 * @example clockText('20:00', 'us') // '8:00 pm'
 */
export function clockText(time: string, system: 'us' | 'metric'): string {
	return system === 'us' ? `${clockFace(time, system)} ${Number(time.slice(0, 2)) < 12 ? 'am' : 'pm'}` : time;
}

/**
 * A time of day as a clock’s face shows it, for who knows that it is morning.
 *
 * @example clockFace('09:20', 'metric') // '9:20'
 */
export function clockFace(time: string, system: 'us' | 'metric'): string {
	const hour = Number(time.slice(0, 2));
	return `${system === 'us' ? hour % 12 || 12 : hour}${time.slice(2)}`;
}
