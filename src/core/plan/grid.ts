/** What a lesson has that some or all of the children can do. */
export type Offer = {
	readonly what: string;
	/** Ids of those it is for; null is everyone who is there. */
	readonly children: readonly string[] | null;
	readonly fromAge: number | null;
	readonly toAge: number | null;
	readonly minutes: number;
};

export type GridLesson = {
	readonly id: string;
	/** Those who take part on its day, with their age then; an age that nobody knows fits everything. */
	readonly there: readonly { readonly child: string; readonly age: number | null }[];
	readonly offers: readonly Offer[];
};

export type GridCell = {
	readonly lesson: string;
	readonly child: string;
	/** What is there for this child at this age. */
	readonly has: readonly string[];
	readonly minutes: number;
	/** Named for the child or everyone, but not for this age. */
	readonly unfit: readonly string[];
};

/** Each child in each lesson: what there is at its level. A cell with nothing is a hole in the plan. */
export function gridOf(lessons: readonly GridLesson[]): GridCell[] {
	return lessons.flatMap(({ id, there, offers }) =>
		there.map(({ child, age }) => {
			const mine = offers.filter((offer) => offer.children === null || offer.children.includes(child));
			const fits = mine.filter((offer) => fitsAge(offer, age));
			return {
				lesson: id,
				child,
				has: fits.map((offer) => offer.what),
				minutes: fits.reduce((sum, offer) => sum + offer.minutes, 0),
				unfit: mine.filter((offer) => !fits.includes(offer)).map((offer) => offer.what)
			};
		})
	);
}

function fitsAge({ fromAge, toAge }: Offer, age: number | null): boolean {
	return age === null || ((fromAge === null || age >= fromAge) && (toAge === null || age <= toAge));
}
