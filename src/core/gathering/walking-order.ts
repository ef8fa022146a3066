/**
 * The order in which somebody walks, learned from earlier walks: each is a list of stops in the order in which
 * they were ticked. One stop comes before another when it did so on more walks; recent walks count more, since
 * shops move their shelves. Stops that no walk knows keep their own order and come last.
 *
 * Ranked by the share of pairwise comparisons that a stop wins (Copeland's rule), so a single odd walk does not
 * turn the order around.
 */
export function walkingOrder(stops: readonly string[], walks: readonly (readonly string[])[]): string[] {
	const before = new Map<string, number>();
	const pair = (a: string, b: string) => `${a}\u0000${b}`;
	walks.forEach((walk, age) => {
		// The last walk counts twice as much as one ten walks before.
		const weight = 2 ** ((age - walks.length + 1) / 10);
		const order = [...new Set(walk)];
		for (let i = 0; i < order.length; i++)
			for (let j = i + 1; j < order.length; j++) {
				const key = pair(order[i], order[j]);
				before.set(key, (before.get(key) ?? 0) + weight);
			}
	});
	const known = new Set(walks.flat());
	const unique = [...new Set(stops)];
	const wins = new Map(
		unique.map((stop) => [
			stop,
			unique.reduce((sum, other) => {
				const [for_, against] = [before.get(pair(stop, other)) ?? 0, before.get(pair(other, stop)) ?? 0];
				return sum + (for_ > against ? 1 : for_ < against ? -1 : 0);
			}, 0)
		])
	);
	return unique.toSorted(
		(a, b) => Number(known.has(b)) - Number(known.has(a)) || wins.get(b)! - wins.get(a)!
	);
}
