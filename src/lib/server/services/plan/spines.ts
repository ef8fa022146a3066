import { Refusal } from '$core/error.ts';
import { addDays, dayText, weekdayOf, type Day } from '$core/calendar/index.ts';
import { groupBy } from '$core/group-by.ts';
import { pagesLeft, pagesText, rangesFromStarts, readFlag, sharePages, type Flag } from '$core/plan/index.ts';
import { readingMinutes, readingPlan, readingRate, wordsEach } from '$core/reading/index.ts';
import { counted, listText } from '$core/words/index.ts';
import { parsed, type Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { setRanges, swapSpine, type SpineInput } from '../../stores/plan/spines.ts';
import type { RunSituation, Situation } from '$core/account/index.ts';

/** Minutes of pages: as said, else by their words at the published rates. */
export function minutesOfRange(range: Row<'page_range'>, spine: Row<'spine'>): number {
	if (range.minutes !== null) return range.minutes;
	return readingMinutes(
		{ from: range.from_page, to: range.to_page, way: range.way },
		{ counted: spine.counted, words: spine.words_per_page }
	);
}

export type SpineView = {
	readonly id: number;
	readonly title: string;
	readonly about: string;
	readonly inUse: boolean;
	readonly fields: Row<'spine'>;
	readonly rows: readonly {
		readonly lesson: number;
		readonly number: number;
		readonly title: string;
		readonly day: string;
		readonly over: boolean;
		readonly flags: readonly { readonly id: number; readonly pages: string; readonly text: string }[];
	}[];
	/** "pages 141–180": not in any lesson, so for the next run. */
	readonly left: string;
	readonly reading: {
		readonly sentence: string;
		readonly days: readonly {
			readonly day: string;
			readonly pages: string;
			readonly minutes: number | null;
		}[];
		readonly more: number;
	} | null;
};

export type PagesView = {
	readonly sentence: string;
	readonly spines: readonly SpineView[];
	/** Lessons that lack a kind of book the household's frame wants. */
	readonly mixGaps: readonly string[];
};

const SHOWN_DAYS = 8;

/** The books of a run with their pages for each lesson, and how far to read each day. */
export function pagesView(
	situation: Situation,
	run: RunSituation,
	mix: readonly { count: number; way: string }[]
): PagesView {
	const { snapshot } = situation;
	const own = snapshot.spines.filter((spine) => spine.run_id === run.row.id);
	const rangesOf = groupBy(snapshot.ranges, (range) => range.spine_id);
	const spines = own.map((spine) => spineView(situation, run, spine, rangesOf.get(spine.id) ?? []));
	const inUse = own.filter((spine) => spine.state === 'in use');
	const flags = inUse.flatMap((spine) => rangesOf.get(spine.id) ?? []);
	const without = run.lessons.filter(
		({ lesson, over }) => !over && !flags.some((range) => range.lesson_id === lesson.id)
	);
	return {
		sentence: sentenceOf(run, inUse, spines, without.length),
		spines,
		mixGaps: mixGaps(run, flags, mix)
	};
}

function sentenceOf(
	run: RunSituation,
	inUse: readonly Row<'spine'>[],
	spines: readonly SpineView[],
	without: number
): string {
	if (inUse.length === 0) return 'No spine yet. Add one below, and its pages are divided among the lessons.';
	// A book that is dipped into has gaps all over; only what follows the last flag is for the next run.
	const left = spines.filter((spine) => spine.inUse && /^\w+ [\d–]+$/.test(spine.left));
	const books = inUse.length === 1 ? '1 spine' : `${inUse.length} spines`;
	const gaps =
		without === 0
			? 'every upcoming lesson has pages'
			: without === 1
				? '1 upcoming lesson has no pages'
				: `${without} upcoming lessons have no pages`;
	const next = left.length
		? ` Left for next time: ${listText(left.map((spine) => `${spine.left} of ${spine.title}`))}.`
		: '';
	return `${books}, and ${gaps}.${next}`;
}

function spineView(
	situation: Situation,
	run: RunSituation,
	spine: Row<'spine'>,
	ranges: readonly Row<'page_range'>[]
): SpineView {
	const people = new Map(situation.snapshot.people.map((person) => [person.id, person.name]));
	const unit = spine.counted === 'pages' ? 'page' : 'chapter';
	const left = pagesLeft(
		{ from: spine.first_page, to: spine.last_page },
		ranges.map((range) => ({ from: range.from_page, to: range.to_page }))
	);
	return {
		id: spine.id,
		title: spine.title,
		about: `${unit}s ${pagesText({ from: spine.first_page, to: spine.last_page })}${spine.state === 'set aside' ? ', set aside' : ''}`,
		inUse: spine.state === 'in use',
		fields: spine,
		rows: run.lessons.map((one) => ({
			lesson: one.lesson.id,
			number: one.number,
			title: one.lesson.title,
			day: one.dates.length ? dayText(one.dates[0]) : '',
			over: one.over,
			flags: ranges
				.filter((range) => range.lesson_id === one.lesson.id)
				.map((range) => {
					const who = range.participants ? parsed(range.participants) : [];
					return {
						id: range.id,
						pages: pagesText({ from: range.from_page, to: range.to_page }),
						text: [
							range.way,
							who.length ? listText(who.map((one) => people.get(one) ?? 'someone who left')) : '',
							range.way === 'skip' ? '' : `${minutesOfRange(range, spine)} min`,
							range.note
						]
							.filter(Boolean)
							.join(' · ')
					};
				})
		})),
		left:
			ranges.length && left.length
				? `${unit}${left.length > 1 || left[0].from < left[0].to ? 's' : ''} ${left.map(pagesText).join(', ')}`
				: '',
		reading: spine.state === 'in use' ? readingOf(situation, run, spine, unit) : null
	};
}

/** So many pages a day from the page one has come to, so that the book ends with the unit. */
function readingOf(
	situation: Situation,
	run: RunSituation,
	spine: Row<'spine'>,
	unit: string
): SpineView['reading'] {
	const from = spine.reached === null ? spine.first_page : spine.reached + 1;
	if (from > spine.last_page) return { sentence: 'Finished.', days: [], more: 0 };
	const days = readingDays(situation, run, spine.read_on);
	if (days.length === 0) return null;
	const plan = readingPlan({
		from,
		to: spine.last_page,
		days,
		wordsPerPage: wordsEach({ counted: spine.counted, words: spine.words_per_page }),
		wordsPerMinute: readingRate('adult aloud').wordsPerMinute
	});
	const most = plan.mostPages;
	const aDay = `up to ${counted(most, unit)} a day, about ${plan.mostMinutes} min aloud`;
	const free = plan.free.length ? `; ${counted(plan.free.length, 'day')} off` : '';
	return {
		sentence: `Starting at ${unit} ${from}: ${aDay}, done ${dayText(plan.days.at(-1)!.date)}${free}.`,
		days: plan.days.slice(0, SHOWN_DAYS).map((one) => ({
			day: dayText(one.date),
			pages: pagesText(one),
			minutes: one.minutes
		})),
		more: Math.max(0, plan.days.length - SHOWN_DAYS)
	};
}

/** The days to come on which a book of a run is read. */
export function readingDays(situation: Situation, run: RunSituation, on: Row<'spine'>['read_on']): Day[] {
	const dates = run.lessons.flatMap((lesson) => lesson.dates).filter((day) => day >= situation.today);
	const teaching = [...new Set(dates)].sort();
	if (on === 'lessons' || teaching.length === 0) return teaching;
	const end = run.row.end_on ?? teaching.at(-1)!;
	const start = run.row.start_on && run.row.start_on > situation.today ? run.row.start_on : situation.today;
	const days: Day[] = [];
	for (let day = start; day <= end; day = addDays(day, 1))
		if (on === 'every day' || weekdayOf(day) <= 5) days.push(day);
	return days;
}

function mixGaps(
	run: RunSituation,
	flags: readonly Row<'page_range'>[],
	mix: readonly { count: number; way: string }[]
): string[] {
	return run.lessons
		.filter((one) => !one.over)
		.flatMap(({ lesson, number }) => {
			const mine = flags.filter((range) => range.lesson_id === lesson.id);
			const lacks = mix
				.map(({ count, way }) => ({ way, short: count - mine.filter((range) => range.way === way).length }))
				.filter(({ short }) => short > 0)
				.map(({ way, short }) => `${short} to ${way}`);
			return lacks.length ? [`Lesson ${number} is missing ${listText(lacks)}`] : [];
		});
}

/** A flag as typed, with the ids of those it names. */
export function flagTyped(situation: Situation, text: string): Flag & { readonly ids: number[] } {
	const { people } = situation.snapshot;
	const flag = readFlag(
		text,
		people.map((person) => person.name)
	);
	return {
		...flag,
		ids: people.filter((person) => flag.who.includes(person.name)).map((person) => person.id)
	};
}

/**
 * Shares the pages of a book that are not read yet over the lessons to come: evenly, with at most so many a
 * day, or from where the contents say that each lesson begins.
 * @throws Refusal when the book is gone, or has been read to the end.
 */
export async function shareBook(
	trx: Trx,
	{ snapshot }: Situation,
	run: RunSituation,
	asked: { readonly spine: number; readonly by: 'evenly' | 'contents'; readonly most: number | null }
): Promise<void> {
	const book = snapshot.spines.find((spine) => spine.id === asked.spine);
	if (!book) throw new Refusal('That book is no longer in this unit. Reload the page.');
	const lessons = run.lessons.filter((lesson) => !lesson.over).map(({ lesson }) => lesson);
	const from = Math.max(book.first_page, (book.reached ?? 0) + 1);
	if (from > book.last_page) throw new Refusal('That book is finished.');
	const ranges =
		asked.by === 'contents'
			? rangesFromStarts(
					lessons.map((lesson) => lesson.first_page),
					book.last_page
				)
			: sharePages(
					{ from, to: book.last_page },
					lessons.map((lesson) => lesson.sessions),
					asked.most || null
				).ranges;
	await setRanges(
		trx,
		run.row.id,
		asked.spine,
		lessons.map((lesson, i) => ({ lesson: lesson.id, range: ranges[i] }))
	);
}

/** Takes another book for the lessons to come. Answers how many flags of the old one lapse. */
export async function swapBook(
	trx: Trx,
	{ snapshot }: Situation,
	run: RunSituation,
	spine: number,
	input: SpineInput
): Promise<number> {
	const toCome = run.lessons.filter((lesson) => !lesson.over).map(({ lesson }) => lesson.id);
	await swapSpine(trx, run.row.id, spine, toCome, input);
	return snapshot.ranges.filter((range) => range.spine_id === spine && toCome.includes(range.lesson_id))
		.length;
}
