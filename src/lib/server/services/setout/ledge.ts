import { addDays, startOfWeek, type Day } from '$core/calendar/index.ts';
import { usualMeasures } from '$core/boxes/index.ts';
import { lengthText } from '$core/measure/index.ts';
import { counted } from '$core/words/index.ts';
import { usedIn, byId } from '$core/facts/index.ts';
import { placePath, type Situation } from '$core/account/index.ts';
import { setOutOf } from './shelf.ts';

/** A book on the ledge, its cover to the front: where it begins from the left and how wide it is, mm. */
export type OnLedge = {
	readonly title: string;
	readonly x: number;
	readonly width: number;
	readonly height: number;
};

export type LedgeView = {
	readonly sentence: string;
	readonly length: number | null;
	readonly books: readonly OnLedge[];
	/** Books of the week for which no room is left. */
	readonly left: readonly string[];
	/** The reading corner: what found no room on the ledge, with where to get it; null where the family has none. */
	readonly corner: {
		readonly name: string;
		readonly books: readonly { readonly title: string; readonly where: string }[];
	} | null;
};

/** Between covers, mm (common practice). */
const GAP = 15;
/** Picture books are looked at first, so they stand first. */
const FIRST = ['picture book', 'book', 'magazine'];

/** The book ledge for the week of a day: covers to the front, as many as its length holds. */
export function ledgeView(now: Situation, day: Day): LedgeView {
	const { snapshot } = now;
	const { ledge, corner } = setOutOf(now);
	const place = snapshot.places.find((one) => one.id === corner) ?? null;
	const week = startOfWeek(day, snapshot.household.week_start);
	const end = addDays(week, 6);
	const lessons = new Set(
		now.inWork.flatMap((one) =>
			one.lessons
				.filter((lesson) => !lesson.dropped && lesson.dates.some((on) => on >= week && on <= end))
				.map((lesson) => lesson.lesson.id)
		)
	);
	const resources = byId(snapshot.resources);
	const here = new Set(snapshot.loans.filter((one) => one.state === 'on loan').map((one) => one.resource_id));
	const titles = [...usedIn(snapshot, lessons)]
		.flatMap((id) => resources.get(id) ?? [])
		.filter((one) => FIRST.includes(one.kind) && (one.owned === 1 || here.has(one.id)))
		.toSorted((a, b) => FIRST.indexOf(a.kind) - FIRST.indexOf(b.kind) || (a.title < b.title ? -1 : 1));
	const measured = new Map(snapshot.boxedThings.map((one) => [one.resource_id, one]));
	const books: OnLedge[] = [];
	const left: typeof titles = [];
	let x = 0;
	for (const one of titles) {
		const own = measured.get(one.id);
		const usual = usualMeasures({
			kind: one.kind,
			pages: one.pages,
			hardcover: one.hardcover === 1,
			widthMm: one.width_mm
		})!;
		// Measures are those of a book that lies: its shorter side is its cover's width.
		const [width, height] = [own?.width_mm ?? usual.width, own?.length_mm ?? usual.length];
		if (ledge !== null && x + width > ledge) left.push(one);
		else {
			books.push({ title: one.title, x, width, height });
			x += width + GAP;
		}
	}
	const taken = Math.max(0, x - GAP);
	return {
		sentence:
			titles.length === 0
				? 'No books of the week are here for the ledge.'
				: ledge === null
					? `${counted(titles.length, 'book')} of the week, covers to the front, take ${lengthText(taken, snapshot.household.measures)}.`
					: left.length
						? `${counted(books.length, 'book')} stand on the ledge; ${place ? 'the others go to the reading corner' : `no room for ${left.map((one) => one.title).join(', ')}`}.`
						: `All ${titles.length} of the week’s books stand on the ledge.`,
		length: ledge,
		books,
		left: left.map((one) => one.title),
		corner: place && {
			name: place.name,
			books: (ledge === null ? titles : left).map((one) => ({
				title: one.title,
				where: here.has(one.id) ? 'on loan' : placePath(snapshot.places, one.place_id)
			}))
		}
	};
}
