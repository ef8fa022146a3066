const DAY_MINUTES = 24 * 60;

/**
 * When each of several things begins that are done one after another from a time of day on (“09:00”); those of 0
 * minutes have no time of their own. Null from midnight on.
 *
 * @example timesFrom('09:00', [20, 0, 45]) // ['09:00', null, '09:20']
 */
export function timesFrom(start: string, minutes: readonly number[]): (string | null)[] {
	const [hours, past] = start.split(':').map(Number);
	let at = hours * 60 + past;
	return minutes.map((own) => {
		const begins = at;
		at += own;
		if (own <= 0 || begins >= DAY_MINUTES) return null;
		return `${String(Math.floor(begins / 60)).padStart(2, '0')}:${String(begins % 60).padStart(2, '0')}`;
	});
}
