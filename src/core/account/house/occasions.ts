import { addDays, dayText, nextTime, type Day, type YearDay } from '../../calendar/index.ts';
import { remember, type Snapshot } from '../../facts/index.ts';

/** A day on which somebody may give something. */
export type Occasion = {
	/** Null for a birthday, which comes from the person. */
	readonly id: number | null;
	readonly name: string;
	readonly day: YearDay;
};

const known = remember<readonly Occasion[]>();
const knownDays = remember<readonly YearDay[]>();

/** The birthdays of the house and what it has noted besides; the very same list as long as neither has changed. */
export function occasionsOf({ people, occasions }: Snapshot): readonly Occasion[] {
	return known(people, [occasions], () => [
		...people.flatMap(({ name, kind, born, born_within }) =>
			born && !born_within && kind !== 'guest'
				? [{ id: null, name: `${name}’s birthday`, day: born.slice(5) }]
				: []
		),
		...occasions.map(({ id, name, day }) => ({ id, name, day }))
	]);
}

/** Their days alone. */
export function occasionDays(snapshot: Snapshot): readonly YearDay[] {
	const occasions = occasionsOf(snapshot);
	return knownDays(occasions, [], () => occasions.map((one) => one.day));
}

/** What comes from today on, the next time of each, the soonest first. */
export function comingOccasions(snapshot: Snapshot, today: Day): (Occasion & { readonly next: Day })[] {
	return occasionsOf(snapshot)
		.flatMap((one) => {
			const next = nextTime(one.day, today);
			return next ? [{ ...one, next }] : [];
		})
		.sort((a, b) => (a.next < b.next ? -1 : 1));
}

/** For which occasion a thing that is wanted by a day is wished for, in words: the last one that comes before it. */
export function occasionText(snapshot: Snapshot, inHandBy: Day, today: Day): string {
	const last = comingOccasions(snapshot, today).findLast((one) => one.next <= inHandBy);
	return last
		? `for ${last.name}, ${dayText(last.next)}`
		: `no gift occasion before ${dayText(addDays(inHandBy, 1))}`;
}
