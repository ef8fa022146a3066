import { addDays, dayFromToday, dayText, type Day } from '../../calendar/index.ts';
import type { State, Way } from '../../readiness/index.ts';
import type { Row, Moment, Snapshot } from '../../facts/index.ts';
import { policyText } from '../house/content-policy.ts';
import { placePath } from '../house/place-paths.ts';
import { wayTo } from '../way-to.ts';
import type { Step } from '../whole-needs.ts';

export type BookStanding = {
	readonly state: State;
	readonly text: string;
	readonly step: Step | null;
	readonly promised: Day | null;
	readonly way: Way;
	readonly loan: Row<'loan'> | null;
};

/** Where a book can come from, and for when. */
type Borrowing = {
	/** Its loans that are not over. */
	readonly loans: readonly Row<'loan'>[];
	readonly supplier: Row<'supplier'> | null;
	readonly suppliers: ReadonlyMap<number, Row<'supplier'>>;
	readonly useDay: Day | null;
	/** The library has it, as far as is known. */
	readonly isHeld: boolean;
};

/** What is noted of a hold on a book that the library turned out not to have. */
export const NOT_HELD = 'the library doesn’t have it';

/** How a book stands for the day on which it is used, and what is to be done about it. */
export function standingOf(
	resource: Row<'resource'>,
	{ loans, supplier, suppliers, useDay, isHeld }: Borrowing,
	{ today, snapshot }: Moment
): BookStanding {
	const here: BookStanding = {
		state: 'in hand',
		text: resource.kind === 'link' ? 'online' : `at home, ${placePath(snapshot.places, resource.place_id)}`,
		step: null,
		promised: null,
		way: { kind: 'at home' },
		loan: null
	};
	const out = loans.filter((loan) => loan.direction === 'out');
	if (resource.kind === 'link' || (resource.owned && out.length < resource.copies)) return here;
	if (resource.owned) {
		const [loan] = out;
		return {
			...here,
			state: 'arranged',
			text: `lent to ${loan.borrower}`,
			step: {
				kind: 'ask back',
				title: `Ask ${loan.borrower} to return ${resource.title}`,
				short: 'ask for it back',
				detail: loan.due_on ? `due back ${dayFromToday(loan.due_on, today)}` : 'no date set'
			},
			promised: loan.due_on,
			way: { kind: 'ask', days: 0 },
			loan
		};
	}
	// A library is no way to what is to be bought.
	const isBought = supplier?.kind === 'library' && (resource.get_by === 'buy' || !isHeld);
	const way = wayTo(isBought ? null : supplier);
	const name = supplier?.name ?? 'a library';
	const wanted: BookStanding = {
		...here,
		state: 'missing',
		text: isHeld ? 'not at home' : NOT_HELD,
		step: wantStep(snapshot, resource, supplier, isHeld),
		way,
		loan: null
	};
	const borrowed = loans.filter((one) => one.direction === 'in');
	const covers = ({ due_on }: Row<'loan'>) => !due_on || useDay === null || due_on >= useDay;
	const atHome = borrowed.filter((one) => one.state === 'on loan');
	// What is at home until then serves; else what is on its way, while what is at home stays there until it is due.
	const loan = atHome.find(covers) ?? borrowed.findLast((one) => one.state !== 'on loan') ?? atHome.at(-1);
	if (!loan) return wanted;
	const from = suppliers.get(loan.supplier_id ?? 0) ?? supplier;
	const at = from?.name ?? name;
	if (loan.state === 'hold placed')
		return {
			...wanted,
			state: 'arranged',
			text: loan.expected_on ? `on hold, expected ${dayFromToday(loan.expected_on, today)}` : 'on hold',
			step: {
				kind: 'check',
				title: `Check whether ${resource.title} is ready`,
				short: 'pick it up when ready',
				detail: at,
				...(loan.expected_on ? { by: loan.expected_on } : {})
			},
			promised: loan.expected_on,
			loan
		};
	if (loan.state === 'ready') {
		const until = addDays(loan.ready_on!, from?.shelf_days ?? 7);
		return {
			...wanted,
			state: 'arranged',
			text: `ready for pickup until ${dayText(until)}`,
			step: {
				kind: 'pick up',
				title: `Pick up ${resource.title}`,
				short: 'pick it up',
				detail: `${at}, held until ${dayText(until)}`
			},
			promised: today,
			loan
		};
	}
	const onLoan = {
		...here,
		text: loan.due_on ? `borrowed, due ${dayText(loan.due_on)}` : 'borrowed',
		loan
	};
	if (covers(loan) || !loan.due_on || useDay === null) return onLoan;
	if (loan.renewed < (from?.renewals ?? 0))
		return {
			...onLoan,
			state: 'arranged',
			text: `due ${dayText(loan.due_on)}, before its lesson`,
			step: {
				kind: 'renew',
				title: `Renew ${resource.title}`,
				short: 'renew it',
				detail: `${at}, due ${dayText(loan.due_on)}`,
				by: loan.due_on
			},
			promised: addDays(loan.due_on, from?.loan_days ?? 21) >= useDay ? loan.due_on : null,
			way
		};
	return {
		...wanted,
		text: `due ${dayText(loan.due_on)}, can’t be renewed`,
		step: {
			...wantStep(snapshot, resource, supplier, isHeld),
			detail: `again: it’s due ${dayText(loan.due_on)}`
		}
	};
}

function wantStep(
	snapshot: Snapshot,
	resource: Row<'resource'>,
	supplier: Row<'supplier'> | null,
	isHeld: boolean
): Step {
	const isBought = supplier?.kind === 'library' && (resource.get_by === 'buy' || !isHeld);
	const at = [
		isBought ? (isHeld ? '' : `${supplier.name} doesn’t have it`) : supplier?.name,
		policyText(snapshot, resource)
	]
		.filter(Boolean)
		.join('; ');
	if (!isBought && resource.get_by !== 'buy' && (!supplier || supplier.kind === 'library'))
		return {
			kind: 'place',
			title: `Place a hold on ${resource.title}`,
			short: 'place a hold',
			detail: at
		};
	if (supplier?.kind === 'friend')
		return {
			kind: 'ask for',
			title: `Ask to borrow ${resource.title}`,
			short: 'ask to borrow it',
			detail: at
		};
	return { kind: 'get', title: `Buy ${resource.title}`, short: 'buy it', detail: at };
}
