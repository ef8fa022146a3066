import { dayText } from '$core/calendar/index.ts';
import { cautionsFor } from '$core/cautions/index.ts';
import { levelsText } from '$core/house/index.ts';
import { isRemark, misfit, playersMisfit } from '$core/library/index.ts';
import { capital, counted } from '$core/words/index.ts';
import { parsed, thingId, type Row } from '$core/facts/index.ts';
import { policyWarnings, whereText, type Situation, atHomeOn, cautionTexts } from '$core/account/index.ts';
import { flagText } from './flag-text.ts';
import { fittingOf, readerOf } from './for-whom.ts';
import { unusedOf } from './overview.ts';
import { sameAs } from './same.ts';
import { isbnShown, libraryRow, type LibraryRow } from './shown.ts';

/** The content notes that the household uses. */
export function contentNotes({ snapshot }: Situation): string[] {
	const usual = ['faith-based', 'secular', 'sensitive matter'];
	const used = snapshot.resources.flatMap((one) => (one.content === '[]' ? [] : parsed(one.content)));
	return [...new Set([...usual, ...used])];
}

export type ResourceView = {
	readonly row: Row<'resource'>;
	readonly shown: LibraryRow;
	readonly isbn: string;
	readonly sentence: string;
	readonly place: string;
	readonly uses: readonly {
		readonly unit: string;
		readonly lesson: string;
		readonly text: string;
		readonly isRemark: boolean;
		readonly href: string;
	}[];
	readonly isRead: boolean;
	/** Each child, and what speaks against it: for what is read, against reading it alone. */
	readonly fit: readonly { readonly name: string; readonly why: string | null }[];
	readonly cautions: readonly string[];
	readonly loans: readonly {
		readonly id: number;
		readonly text: string;
		readonly state: Row<'loan'>['state'];
	}[];
	/** Pieces that are out of the set. */
	readonly pieces: readonly { readonly id: number; readonly text: string }[];
	readonly same: readonly { readonly id: number; readonly title: string; readonly how: string }[];
	/** A word about buying what is borrowed again and again, or about what nobody uses. */
	readonly advice: string;
};

/** Everything about one resource. */
export function resourceView(situation: Situation, row: Row<'resource'>): ResourceView {
	const { snapshot, today } = situation;
	const people = snapshot.people.filter((person) => person.kind !== 'adult');
	const names = new Map(snapshot.people.map((person) => [person.id, person.name]));
	const loans = snapshot.loans.filter((loan) => loan.resource_id === row.id);
	const uses = usesOf(situation, row, names);
	const fitting = fittingOf(row);
	const isRead = ['book', 'picture book', 'magazine', 'printable'].includes(row.kind);
	const fit = people.map((person) => ({
		name: person.name,
		why: misfit(fitting, readerOf(person, today), isRead ? 'read alone' : 'one activity')
	}));
	const players = playersMisfit(fitting, people.filter((person) => person.kind === 'child').length);
	const cautions = cautionTexts(cautionsFor(row.title, today, atHomeOn(snapshot, null)));
	return {
		row,
		shown: libraryRow(situation, row),
		isbn: isbnShown(row.isbn13),
		sentence: sentenceOf(situation, row, uses.length),
		place: whereText(snapshot, thingId('title', row.id)),
		uses,
		isRead,
		fit,
		cautions: [
			...cautions,
			...(players ? [players] : []),
			...(row.charter
				? ['Paid by a charter, which takes it back: it must be secular and stay complete.']
				: []),
			...policyWarnings(snapshot, row).map((note) => `You asked to be warned: ${note}.`),
			...(row.pieces_missing ? [`Missing: ${row.pieces_missing}.`] : [])
		],
		loans: loans
			.map((loan) => ({ id: loan.id, state: loan.state, text: loanText(snapshot, loan) }))
			.toReversed(),
		pieces: snapshot.lentPieces
			.filter((one) => one.resource_id === row.id)
			.map((one) => ({
				id: one.id,
				text: `${one.piece}: with ${one.lent_to} since ${dayText(one.lent_on)}`
			})),
		same: sameAs(situation, row).filter((one) => one.id !== row.id),
		advice: adviceOf(situation, row, loans)
	};
}

function usesOf(
	{ runs, snapshot }: Situation,
	row: Row<'resource'>,
	names: ReadonlyMap<number, string>
): ResourceView['uses'] {
	const own = snapshot.uses.filter((use) => use.resource_id === row.id);
	const spines = new Set(
		snapshot.spines.filter((spine) => spine.resource_id === row.id).map((spine) => spine.id)
	);
	const ranges = spines.size ? snapshot.ranges.filter((range) => spines.has(range.spine_id)) : [];
	const takenBy = new Set(
		snapshot.activityResources.filter((one) => one.resource_id === row.id).map((one) => one.activity_id)
	);
	return runs.flatMap((run) => [
		...run.lessons.flatMap(({ lesson, number, dates }) => {
			const at = {
				unit: run.unit.name,
				lesson: `lesson ${number}${dates[0] ? `, ${dayText(dates[0])}` : ''}`,
				href: `/units/${run.row.id}/plan/pages`
			};
			return [
				...ranges
					.filter((range) => range.lesson_id === lesson.id)
					.map((range) => ({
						...at,
						isRemark: range.way === 'skip',
						text: flagText(range.way, range.from_page, range.to_page, range, names)
					})),
				...own
					.filter((use) => use.lesson_id === lesson.id)
					.map((use) => ({
						...at,
						isRemark: isRemark(use.role),
						text: flagText(use.role, use.from_page, use.to_page, use, names)
					}))
			];
		}),
		...run.activities
			.filter(({ activity }) => takenBy.has(activity.id))
			.map(({ activity, lesson, date }) => ({
				unit: run.unit.name,
				lesson: lesson ? `lesson ${lesson.number}${date ? `, ${dayText(date)}` : ''}` : 'in ideas',
				href: `/units/${run.row.id}/plan/extras`,
				isRemark: false,
				text: `for ${activity.title}`
			}))
	]);
}

function loanText(snapshot: Situation['snapshot'], loan: Row<'loan'>): string {
	const from = snapshot.suppliers.find((one) => one.id === loan.supplier_id)?.name ?? 'somewhere';
	const day = (text: string, on: string | null) => (on ? `${text} ${dayText(on)}` : '');
	if (loan.direction === 'out')
		return [
			`lent to ${loan.borrower}`,
			day('since', loan.fetched_on),
			loan.state === 'back' ? day('back', loan.back_on) : day('due', loan.due_on)
		]
			.filter(Boolean)
			.join(', ');
	const last = {
		'hold placed': [day('placed', loan.placed_on), day('expected', loan.expected_on)],
		ready: [day('ready for pickup since', loan.ready_on)],
		'on loan': [day('due', loan.due_on), loan.renewed ? `renewed ${loan.renewed}×` : ''],
		back: [day('back', loan.back_on)]
	}[loan.state];
	return [`${from}: ${loan.state}`, ...last].filter(Boolean).join(', ');
}

function sentenceOf(situation: Situation, row: Row<'resource'>, uses: number): string {
	const where = libraryRow(situation, row).where;
	const times = uses === 0 ? 'no lesson uses it yet' : `used in ${counted(uses, 'lesson')}`;
	return `${capital(where)}; ${times}.`;
}

/** Common practice, no source: borrowed so often, a book is worth buying. */
const BORROWED_OFTEN = 3;

function adviceOf(situation: Situation, row: Row<'resource'>, loans: readonly Row<'loan'>[]): string {
	const borrowed = loans.filter((loan) => loan.direction === 'in' && loan.fetched_on !== null).length;
	if (!row.owned && borrowed >= BORROWED_OFTEN)
		return `Borrowed ${borrowed} times: maybe buy it, or ask for it as a gift.`;
	if (!row.owned && row.cents !== null && borrowed === 0)
		return 'No one has seen it yet: borrow it before you buy it.';
	return unusedOf(situation).includes(row)
		? 'Not used in two units or more: keep it, lend it, or let it go?'
		: '';
}

/** "English 5" and the like, for a hint beside the reading level. */
export function readersText({ snapshot }: Situation): string {
	return snapshot.people
		.map((person) => ({ person, reads: parsed(person.reads) }))
		.filter(({ reads }) => reads.length)
		.map(({ person, reads }) => `${person.name} ${levelsText(reads)}`)
		.join('; ');
}
