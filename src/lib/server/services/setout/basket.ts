import { addDays, dayText, weekdayOf, type Day } from '$core/calendar/index.ts';
import { spineWidth } from '$core/library/index.ts';
import { lengthText, weightText } from '$core/measure/index.ts';
import { usualMeasures } from '$core/boxes/index.ts';
import {
	BASKET_MINUTES,
	chooserOn,
	endsOn,
	isReadOn,
	pagesOn,
	TOO_LONG_MINUTES,
	type BasketDays,
	type PageADay
} from '$core/setout/index.ts';
import { counted, monthName } from '$core/words/index.ts';
import { type Row, byId } from '$core/facts/index.ts';
import { placePath, type Situation } from '$core/account/index.ts';
import { setOutOf } from './shelf.ts';

export type BasketPart = {
	readonly id: number;
	readonly title: string;
	readonly kind: Row<'basket_part'>['kind'];
	readonly minutes: number;
	/** “page 57 to 58”, or where it stands. */
	readonly pages: string;
	readonly ends: string;
	readonly where: string;
	/** It was read to its end before that day, or on it. */
	readonly isRead: boolean;
};

export type BasketView = {
	readonly sentence: string;
	readonly isLong: boolean;
	readonly day: Day;
	readonly month: string;
	readonly parts: readonly BasketPart[];
	readonly minutes: number;
	readonly chooser: string | null;
	/** How thick and heavy its books are, against the basket. */
	readonly size: string;
	readonly isFull: boolean;
	/** Its books on their edges, one behind the other: where each begins, how thick and how high it is, mm. */
	readonly books: readonly {
		readonly id: number;
		readonly title: string;
		readonly x: number;
		readonly thick: number;
		readonly height: number;
	}[];
	/** For next month: ours, by topic of what is taught then, that it has not. */
	readonly proposed: readonly { readonly id: number; readonly title: string; readonly why: string }[];
	readonly nextMonth: string;
	readonly nextName: string;
};

const READ = 'read to its end';
const NOT_TODAY = 'not today';

/** Whether something of the basket is read on its day. */
export const isForToday = ({ pages }: Pick<BasketPart, 'pages'>): boolean =>
	pages !== READ && pages !== NOT_TODAY;

/** How high a book is on its edge of which nothing is known, mm (common practice). */
const USUAL_HEIGHT = 200;

/** Days on which there is a basket: the family's weekdays, without the days off of every unit. */
export function basketDays(now: Situation): BasketDays {
	const running = now.runs.filter((one) => one.row.state === 'running').map((one) => one.row.id);
	const off = now.snapshot.blocked
		.filter((one) => running.includes(one.run_id))
		.flatMap(({ from_on, to_on }) => {
			const days: Day[] = [];
			for (let day = from_on; day <= to_on && days.length < 120; day = addDays(day, 1)) days.push(day);
			return days;
		});
	return { weekdays: setOutOf(now).basketDays, off: [...new Set(off)] };
}

const pageADay = (row: Row<'basket_part'>): PageADay | null =>
	row.page_by !== null && row.first_page !== null && row.last_page !== null && row.since !== null
		? { by: row.page_by, first: row.first_page, last: row.last_page, aDay: row.a_day, since: row.since }
		: null;

/** The basket of a month: “2027-01”. */
export const inMonth = (row: Row<'basket_part'>, month: string) =>
	row.kind !== 'month' || row.month === month;

/** The morning basket on a day. */
export function basketView(now: Situation, day: Day): BasketView {
	const { snapshot } = now;
	const { basketSince, basketSize } = setOutOf(now);
	const { measures } = snapshot.household;
	const days = basketDays(now);
	const month = day.slice(0, 7);
	const rows = snapshot.basketParts.filter((one) => inMonth(one, month));
	const resources = byId(snapshot.resources);
	const parts = rows.map((row): BasketPart => {
		const book = pageADay(row);
		const pages = book && pagesOn(book, days, day);
		const end = book && endsOn(book, days);
		const resource = resources.get(row.resource_id ?? 0);
		return {
			id: row.id,
			title: row.title,
			kind: row.kind,
			minutes: row.minutes,
			pages: !book
				? ''
				: pages
					? pages.from === pages.to
						? `page ${pages.from}`
						: `pages ${pages.from} to ${pages.to}`
					: isReadOn(book, days, day)
						? READ
						: NOT_TODAY,
			ends:
				!book || end === null
					? ''
					: isReadOn(book, days, day)
						? `ended ${dayText(end)}`
						: `ends ${dayText(end)}`,
			isRead: book !== null && isReadOn(book, days, day),
			where: resource && resource.place_id !== null ? placePath(snapshot.places, resource.place_id) : ''
		};
	});
	const minutes = parts
		.filter((one) => one.kind !== 'hands' && isForToday(one))
		.reduce((sum, one) => sum + one.minutes, 0);
	const children = snapshot.people.filter((one) => one.kind === 'child');
	const chooser =
		basketSince === null
			? null
			: chooserOn(
					children.map((one) => one.name),
					days,
					basketSince,
					day
				);
	const owned = rows.flatMap((row) => resources.get(row.resource_id ?? 0) ?? []);
	let thick = 0;
	let kg = 0;
	const books = owned.map((one) => {
		const shape = {
			kind: one.kind,
			pages: one.pages,
			hardcover: one.hardcover === 1,
			widthMm: one.width_mm
		};
		const usual = usualMeasures(shape);
		const book = {
			id: one.id,
			title: one.title,
			x: thick,
			thick: spineWidth(shape),
			height: usual ? Math.min(usual.length, usual.width) : USUAL_HEIGHT
		};
		thick += book.thick;
		kg += usual?.kg ?? 0;
		return book;
	});
	const isFull = basketSize !== null && thick > basketSize.length;
	const isLong = minutes > TOO_LONG_MINUTES;
	const nextMonth = addDays(`${month}-28`, 7).slice(0, 7);
	return {
		sentence:
			rows.length === 0
				? 'The basket is empty.'
				: isLong
					? `${minutes} minutes is too long for one basket: ${BASKET_MINUTES.least} to ${BASKET_MINUTES.most} is usual. Leave some for another day.`
					: minutes > BASKET_MINUTES.most
						? `${counted(minutes, 'minute')}, ${minutes - BASKET_MINUTES.most} over the usual ${BASKET_MINUTES.least} to ${BASKET_MINUTES.most}.`
						: `${counted(minutes, 'minute')} in ${counted(parts.length, 'part')}.`,
		isLong,
		day,
		month,
		parts,
		minutes,
		chooser,
		size:
			owned.length === 0
				? ''
				: `From your shelves: ${counted(owned.length, 'title')}, ${lengthText(Math.round(thick), measures)} thick and about ${weightText(kg, measures)} in all${basketSize ? `; the basket has ${lengthText(basketSize.length, measures)}` : ''}.`,
		isFull,
		books,
		proposed: proposedFor(now, nextMonth),
		nextMonth,
		nextName: monthName(nextMonth)
	};
}

const PROPOSED = 6;

/** Ours for a month: by topic of the units that are taught in it, without what the basket has. */
function proposedFor(now: Situation, month: string): BasketView['proposed'] {
	const { snapshot } = now;
	const there = new Set(snapshot.basketParts.map((one) => one.resource_id));
	const units = now.inWork.filter((one) =>
		one.lessons.some((lesson) => lesson.dates.some((day) => day.startsWith(month)))
	);
	return units
		.flatMap(({ unit }) => {
			const words = unit.name
				.toLowerCase()
				.split(/[^a-z]+/)
				.filter((word) => word.length > 3);
			return snapshot.resources
				.filter(
					(one) =>
						one.owned === 1 &&
						!there.has(one.id) &&
						(one.kind === 'picture book' || one.kind === 'book') &&
						words.some((word) => `${one.topics} ${one.title}`.toLowerCase().includes(word.replace(/s$/, '')))
				)
				.map((one) => ({ id: one.id, title: one.title, why: unit.name }));
		})
		.slice(0, PROPOSED);
}

/** Whether a day has a basket at all. */
export const hasBasket = (now: Situation, day: Day): boolean => {
	const { weekdays, off } = basketDays(now);
	return now.snapshot.basketParts.length > 0 && weekdays.includes(weekdayOf(day)) && !off.includes(day);
};
