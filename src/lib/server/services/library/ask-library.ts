import { dayText, type Day } from '$core/calendar/index.ts';
import { capital, listText } from '$core/words/index.ts';
import type { Db } from '../../database/open.ts';
import { type Row, byId, type Snapshot } from '$core/facts/index.ts';
import { change, type Doer } from '../../history/changes.ts';
import { DeskSilent, type DeskAccount, type DeskHold, type LibraryDesk } from '../../outside/library-desk.ts';
import { NOT_HELD } from '$core/account/index.ts';
import { patchLoan } from '../../stores/library/loans.ts';

/** What is to be written about a loan so that it is as the library has it, and that in words. */
type News = { readonly patch: Partial<Row<'loan'>>; readonly words: string };

/**
 * Tells the library's computer what was decided here (holds, renewals, holds given up) and takes over what
 * it knows: what is ready, when the rest is expected, what is due. Answers in words what changed.
 * @throws DeskSilent when it does not answer; what was decided here stays and is told the next time.
 */
export async function askLibrary(
	write: Db,
	snapshot: Snapshot,
	today: Day,
	desk: LibraryDesk,
	doer: Doer
): Promise<string> {
	const library = snapshot.suppliers.find((one) => one.kind === 'library');
	if (!library) return 'No library yet.';
	const resources = byId(snapshot.resources);
	const mine = snapshot.loans.filter((one) => one.direction === 'in' && one.supplier_id === library.id);
	const placed = new Map<number, DeskHold | null>();
	for (const loan of mine.filter((one) => one.state === 'hold placed' && one.hold_number === null)) {
		const { title, isbn13 } = resources.get(loan.resource_id)!;
		placed.set(loan.id, await desk.placeHold({ reference: `loan-${loan.id}`, isbn: isbn13 ?? '', title }));
	}
	const account = await desk.account();
	const doubt = shrunken(mine, account);
	const told: (News & { readonly loan: number })[] = [];
	for (const loan of mine) {
		const { title } = resources.get(loan.resource_id)!;
		const hold = placed.get(loan.id);
		const number = loan.hold_number ?? hold?.number;
		if (hold === null)
			told.push({
				loan: loan.id,
				patch: { state: 'back', back_on: today, note: NOT_HELD },
				words: `this library doesn’t have ${title}`
			});
		if (!number) continue;
		// An account that shows hardly anything is rather wrong than read out to the last book.
		if (doubt && !hold && !shows(account, number)) continue;
		const news = await compared(loan, number, title, account, today, desk);
		if (hold)
			told.push({
				loan: loan.id,
				patch: { ...news?.patch, hold_number: number },
				words:
					news && hold.state !== 'waiting'
						? news.words
						: `hold placed on ${title}, expected ${dayText(hold.expectedOn)}`
			});
		else if (news) told.push({ loan: loan.id, ...news });
	}
	if (told.length === 0) return doubt ?? 'Nothing new from the library.';
	const seen = byId(snapshot.loans);
	const { result: words } = await change(
		write,
		doer,
		(said: string) => `The library: ${said}`,
		async (trx) => {
			const written: string[] = [];
			for (const { loan, patch, words } of told)
				if (await patchLoan(trx, seen.get(loan)!, patch)) written.push(words);
			const text = listText(written);
			return text && `${capital(text)}.`;
		}
	);
	return [words, doubt].filter(Boolean).join(' ') || 'Nothing new from the library.';
}

const shows = ({ loans, holds }: DeskAccount, number: string) =>
	loans.some((one) => one.number === number) || holds.some((one) => one.number === number);

/** So many that are gone at once are asked about: all of two, or most of more. */
const MANY = 2;

/** What to ask where most of what is on loan is not in the account any more; null where all is well. */
function shrunken(mine: readonly Row<'loan'>[], account: DeskAccount): string | null {
	const known = mine.filter((one) => one.state !== 'back' && one.hold_number !== null);
	const gone = known.filter((one) => !shows(account, one.hold_number!)).length;
	if (gone < MANY || gone * 2 <= known.length) return null;
	const left = known.length - gone;
	return `Its account shows ${left === 0 ? 'none' : `only ${left}`} of the ${known.length} loans and holds saved here. They stay as they are: check off what you really returned.`;
}

/** How a loan stands at the library against how it stands here; null when there is nothing to write. */
async function compared(
	loan: Row<'loan'>,
	number: string,
	title: string,
	account: DeskAccount,
	today: Day,
	desk: LibraryDesk
): Promise<News | null> {
	const hold = account.holds.find((one) => one.number === number);
	const lent = account.loans.find((one) => one.number === number);
	if (loan.state === 'back') {
		// Given up here. What is still on loan there goes back over the counter.
		if (hold && hold.state !== 'lapsed') await desk.giveUp(number);
		return null;
	}
	if (lent) {
		const asThere = { due_on: lent.due, renewed: lent.renewed };
		if (loan.state !== 'on loan')
			return {
				patch: { ...asThere, state: 'on loan', fetched_on: lent.fetched },
				words: `${title} is borrowed, due ${dayText(lent.due)}`
			};
		if (loan.renewed > lent.renewed) {
			const renewed = await desk.renew(number);
			if ('why' in renewed)
				return {
					patch: asThere,
					words: `${title} wasn’t renewed and is still due ${dayText(lent.due)}: ${renewed.why.replace(/\.$/, '').toLowerCase()}`
				};
			return renewed.due === loan.due_on
				? null
				: { patch: { due_on: renewed.due }, words: `${title} is due ${dayText(renewed.due)}` };
		}
		return lent.due === loan.due_on && lent.renewed === loan.renewed
			? null
			: { patch: asThere, words: `${title} is due ${dayText(lent.due)}` };
	}
	const back = { state: 'back' as const, back_on: today };
	// Ticked here before the desk has noted it: it was fetched, whatever becomes of the hold there.
	if (loan.state === 'on loan' && hold) return null;
	if (loan.state === 'on loan') return { patch: back, words: `${title} is back at the library` };
	if (!hold || hold.state === 'lapsed')
		return { patch: { ...back, note: 'the hold lapsed' }, words: `the hold on ${title} has lapsed` };
	if (hold.state === 'ready')
		return loan.state === 'ready'
			? null
			: {
					// The library's clock may be ahead of the household's.
					patch: { state: 'ready', ready_on: hold.expectedOn < today ? hold.expectedOn : today },
					words: `${title} is ready for pickup`
				};
	return hold.expectedOn === loan.expected_on
		? null
		: {
				patch: { expected_on: hold.expectedOn },
				words: `${title} is expected ${dayText(hold.expectedOn)}`
			};
}

/** What to say when the library's computer does not answer. @throws what is no such failure. */
export function deskFailure(error: unknown): string {
	if (!(error instanceof DeskSilent)) throw error;
	return `${error.message} Your changes are saved and will be sent later.`;
}
