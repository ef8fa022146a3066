import {
	CUT_ROLES,
	findBacks,
	groupSuggestions,
	namingLine,
	pageNumbersText,
	ROLE_TEXT,
	suggestRoles,
	type Backs,
	type ReadPage,
	type Role,
	type Suggestion
} from '$core/print/index.ts';
import { readQuestions } from '$core/plan/index.ts';
import { Refusal } from '$core/error.ts';
import { counted } from '$core/words/index.ts';
import { parsed, type Row, type Snapshot } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { sortPages, unsortPages, updateSource } from '../../stores/print/prints.ts';
import { type RunSituation, type Situation, usualTitle } from '$core/account/index.ts';
import { sourcesOf, type SourceView } from './sources.ts';

/** A page of a source as the strip shows it. */
export type StripPage = {
	readonly page: number;
	/** Height over width. */
	readonly shape: number;
	readonly print: number | null;
	readonly role: Role | null;
	readonly lesson: number | null;
	readonly title: string;
	/** What the lessons ask about it, where the source is a spine. */
	readonly questions: readonly string[];
	/** What it seems to be, where it is not sorted. */
	readonly seems: { readonly role: Role; readonly lesson: number | null; readonly why: string } | null;
};

/** Pages that seem to belong together. */
export type SuggestedGroup = {
	readonly pages: readonly number[];
	readonly pagesText: string;
	readonly role: Role;
	readonly roleText: string;
	readonly lesson: { readonly id: number; readonly number: number } | null;
	readonly why: string;
	readonly title: string;
	readonly again: boolean;
	/** The size of the largest, mm; null while they are not read. */
	readonly size: PageSize | null;
	/** They are fronts and backs. */
	readonly backs: Backs | null;
};

export type Strip = {
	readonly source: SourceView;
	readonly pages: readonly StripPage[];
	readonly suggested: readonly SuggestedGroup[];
	/** Pages that were read so far; suggestions come from these. */
	readonly read: number;
	readonly sentence: string;
};

/** The strip of one source. `read` are its pages as they were read; a paper original has none. */
export function stripOf(
	{ snapshot }: Situation,
	run: RunSituation,
	id: number,
	read: readonly Row<'document_page'>[]
): Strip {
	const source = sourceView(snapshot, run, id);
	const groups = suggestedGroups(snapshot, run, id, read);
	const seems = new Map(groups.flatMap((group) => group.pages.map((page) => [page, group] as const)));
	const numbers = new Map(run.lessons.map((one) => [one.lesson.id, one.number]));
	const prints = snapshot.prints.filter((one) => one.source_id === id && one.place_of === null);
	const printOf = new Map(
		prints.flatMap((print) => parsed(print.pages).map((page) => [page, print] as const))
	);
	const isSpine = snapshot.spines.some(
		(one) => one.run_id === run.row.id && one.resource_id === source.resource
	);
	const asked = isSpine ? run.lessons.flatMap((one) => readQuestions(one.lesson.questions)) : [];
	const pages = Array.from({ length: source.pages }, (_, index): StripPage => {
		const page = index + 1;
		const print = printOf.get(page) ?? null;
		const group = seems.get(page);
		const size = read[index];
		return {
			page,
			shape: size ? size.height_mm / size.width_mm : 11 / 8.5,
			print: print?.id ?? null,
			role: print?.role ?? null,
			lesson: numbers.get(print?.lesson_id ?? 0) ?? null,
			title: print?.title ?? '',
			questions: asked.filter((one) => one.page === page).map((one) => one.text),
			seems:
				print || !group ? null : { role: group.role, lesson: group.lesson?.number ?? null, why: group.why }
		};
	});
	const left = pages.filter((one) => one.role === null).length;
	const done = read.filter((one) => one.text !== null).length;
	return {
		source,
		pages,
		suggested: groups,
		read: done,
		sentence:
			left === 0
				? 'All pages are sorted.'
				: groups.length
					? `${left === source.pages ? 'No page is sorted yet' : `${counted(left, 'page')} of ${source.pages} to sort`}. We have a suggestion for ${seems.size}.`
					: done < read.length
						? `Reading the pages: ${done} of ${read.length}. You can start sorting.`
						: `${counted(left, 'page')} of ${source.pages} to sort. Select some, and say what they are.`
	};
}

function sourceView(snapshot: Snapshot, run: RunSituation, id: number): SourceView {
	const source = sourcesOf(snapshot, run).find((one) => one.id === id);
	if (!source) throw new Refusal('That is no longer among what you print from.');
	return source;
}

/** What the pages that are not sorted seem to be, in groups. */
export function suggestedGroups(
	snapshot: Snapshot,
	run: RunSituation,
	id: number,
	read: readonly Row<'document_page'>[]
): SuggestedGroup[] {
	const row = snapshot.printSources.find((one) => one.id === id);
	if (!row) throw new Refusal('That is no longer among what you print from.');
	const sorted = new Set(
		snapshot.prints.filter((one) => one.source_id === id).flatMap((one) => parsed(one.pages))
	);
	const dropped = new Set(parsed(row.dropped));
	const pages = readPages(read);
	const lessons = run.lessons.map(({ lesson, number }) => ({
		id: String(lesson.id),
		number,
		title: lesson.title
	}));
	const open = suggestRoles(pages, lessons).filter((one) => !sorted.has(one.page) && !dropped.has(one.page));
	const titles = titlesOf(snapshot, run);
	return groupSuggestions(open).map((group) => {
		const numbers = group.map((one) => one.page);
		const view = groupView(group, run, read);
		const title = uniqueTitle(view.title, numbers[0], titles);
		titles.add(title);
		return { ...view, title, size: largestOf(numbers, read), backs: findBacks(pages, numbers) };
	});
}

function groupView(
	group: readonly Suggestion[],
	run: RunSituation,
	read: readonly Row<'document_page'>[]
): Omit<SuggestedGroup, 'size' | 'backs'> {
	const [first] = group;
	const lesson = run.lessons.find((one) => String(one.lesson.id) === first.lesson) ?? null;
	const pages = group.map((one) => one.page);
	return {
		pages,
		pagesText: pageNumbersText(pages),
		role: first.role,
		roleText: ROLE_TEXT[first.role][pages.length > 1 ? 1 : 0],
		lesson: lesson && { id: lesson.lesson.id, number: lesson.number },
		why: [first.why, first.lessonWhy && `lesson ${first.lessonWhy}`].filter(Boolean).join('; '),
		title: titleFrom(first.role, read[first.page - 1], first.page),
		again: first.again
	};
}

type PageSize = { readonly width: number; readonly height: number };

/** The size of the largest of some pages; null while they are not read. */
function largestOf(pages: readonly number[], read: readonly Row<'document_page'>[]): PageSize | null {
	const sizes = pages.flatMap((page) => read[page - 1] ?? []);
	if (sizes.length < pages.length) return null;
	const largest = sizes.reduce((a, b) => (b.width_mm * b.height_mm > a.width_mm * a.height_mm ? b : a));
	return { width: largest.width_mm, height: largest.height_mm };
}

/** Pages as far as they were read. */
function readPages(read: readonly Row<'document_page'>[]): ReadPage[] {
	return read.flatMap((one): ReadPage[] =>
		one.text === null
			? []
			: [
					{
						page: one.page,
						text: one.text,
						frames: parsed(one.frames),
						width: one.width_mm,
						height: one.height_mm
					}
				]
	);
}

/** Titles of the prints of a run. */
const titlesOf = ({ prints }: Snapshot, run: RunSituation) =>
	new Set(prints.filter((one) => one.run_id === run.row.id).map((one) => one.title));

/** Two prints with one title could not be told apart on a list. */
const uniqueTitle = (title: string, page: number, taken: ReadonlySet<string>): string =>
	taken.has(title) ? `${title}, page ${page}` : title;

/** A title from the largest words of a page, else its first lines: what is no lesson's number and no bare name of its role. */
function titleFrom(role: Role, read: Row<'document_page'> | undefined, page: number): string {
	const text = read?.text ?? '';
	// On a page of cards the largest words are those of the cards.
	const named = CUT_ROLES.includes(role) ? namingLine(role, text) : null;
	const [heading = ''] = [named ?? '', read?.heading ?? '', ...text.split('\n')]
		.map((line) => line.trim())
		.filter((line) => line.length > 2 && line.length < 60)
		.map((line) => line.replace(/^(?:lesson|week|day|unit|chapter)\s*#?\d+\s*[:.–—-]*\s*/i, '').trim())
		.filter((line) => line.length > 2 && !/^(?:name|date)\b/i.test(line) && !/^\d+$/.test(line));
	return usualTitle(role, heading.slice(0, 60), page);
}

/** A printable of few pages, none of them sorted, with what it seems to be. */
export type SmallSource = {
	readonly id: number;
	readonly title: string;
	readonly file: string | null;
	readonly pages: number;
	readonly role: Role | null;
	readonly lesson: number | null;
	readonly why: string;
};

/** A printable of so many pages is sorted as a whole. */
const FEW_PAGES = 6;

/** The short printables of a run that nobody has sorted yet. `read` are the pages of each file as they were read. */
export function smallSources(
	{ snapshot }: Situation,
	run: RunSituation,
	read: ReadonlyMap<string, readonly Row<'document_page'>[]>
): SmallSource[] {
	return sourcesOf(snapshot, run)
		.filter((one) => one.sorted === 0 && one.pages > 0 && one.pages <= FEW_PAGES)
		.map(({ id, title, file, pages }) => {
			const [group] = suggestedGroups(snapshot, run, id, read.get(file ?? '') ?? []);
			return {
				id,
				title: group ? group.title : title,
				file,
				pages,
				role: group?.role ?? null,
				lesson: group?.lesson?.id ?? null,
				why: group?.why ?? ''
			};
		});
}

/** Sorts short printables, each as one print of all its pages. Answers how many. @throws Refusal where none was said. */
export async function sortSmall(
	trx: Trx,
	now: Situation,
	run: RunSituation,
	read: ReadonlyMap<string, readonly Row<'document_page'>[]>,
	said: readonly { readonly source: number; readonly role: Role; readonly lesson: number | null }[]
): Promise<number> {
	const known = new Map(smallSources(now, run, read).map((one) => [one.id, one]));
	const own = said.filter((one) => known.has(one.source));
	if (own.length === 0) throw new Refusal('Say what at least one of them is.');
	for (const { source, role, lesson } of own) {
		const { pages, title, file } = known.get(source)!;
		await sortByHand(
			trx,
			now,
			run,
			source,
			{ pages: Array.from({ length: pages }, (_, index) => index + 1), role, lesson, title },
			read.get(file ?? '') ?? []
		);
	}
	return own.length;
}

/** Takes suggestions over, each as one print. Answers how many pages were sorted. */
export async function takeSuggestions(
	trx: Trx,
	{ snapshot }: Situation,
	run: RunSituation,
	id: number,
	groups: readonly SuggestedGroup[]
): Promise<number> {
	for (const group of groups)
		await sortPages(trx, run.row.id, {
			source: id,
			lesson: group.lesson?.id ?? null,
			title: group.title,
			role: group.role,
			pages: group.pages,
			again: group.again,
			fromBook: isCutOut(snapshot, id, group.role),
			size: group.size,
			backs: group.backs
		});
	return groups.reduce((sum, group) => sum + group.pages.length, 0);
}

/** Suggestions for these pages are not made again. */
export async function dropSuggestions(
	trx: Trx,
	{ snapshot }: Situation,
	run: RunSituation,
	id: number,
	pages: readonly number[]
): Promise<void> {
	const row = snapshot.printSources.find((one) => one.id === id);
	if (!row) throw new Refusal('That is no longer among what you print from.');
	const dropped = [...new Set([...parsed(row.dropped), ...pages])].sort((a, b) => a - b);
	await updateSource(trx, run.row.id, id, { dropped });
}

/** Whether pages of this role are cut out of the source itself, which is a book that will be bound. */
function isCutOut(snapshot: Snapshot, id: number, role: Role): boolean {
	return CUT_ROLES.includes(role) && snapshot.printSources.some((one) => one.id === id && one.cut_from === 1);
}

/** Gives pages a role by hand. Pages chosen together are one print; without a role they are unsorted again. */
export async function sortByHand(
	trx: Trx,
	{ snapshot }: Situation,
	run: RunSituation,
	id: number,
	sort: {
		readonly pages: readonly number[];
		readonly role: Role | null;
		readonly lesson: number | null;
		readonly title: string;
	},
	read: readonly Row<'document_page'>[]
): Promise<string> {
	const source = sourceView(snapshot, run, id);
	if (sort.pages.some((page) => page < 1 || page > source.pages))
		throw new Refusal(`There are pages 1 to ${source.pages}.`, 'pages');
	const text = pageNumbersText(sort.pages);
	if (sort.role === null) {
		await unsortPages(trx, run.row.id, id, sort.pages);
		return `Pages ${text}: unsorted again`;
	}
	if (sort.lesson !== null && !run.lessons.some((one) => one.lesson.id === sort.lesson))
		throw new Refusal('That lesson is no longer in this unit. Reload the page.', 'lesson');
	await sortPages(trx, run.row.id, {
		source: id,
		lesson: sort.lesson,
		title:
			sort.title ||
			uniqueTitle(
				titleFrom(sort.role, read[sort.pages[0] - 1], sort.pages[0]),
				sort.pages[0],
				titlesOf(snapshot, run)
			),
		role: sort.role,
		pages: sort.pages,
		again: false,
		fromBook: isCutOut(snapshot, id, sort.role),
		size: largestOf(sort.pages, read),
		backs: findBacks(readPages(read), sort.pages)
	});
	return `${ROLE_TEXT[sort.role][0]}: page${sort.pages.length === 1 ? '' : 's'} ${text}`;
}
