import { addDays, dayFromToday, dayText, type Day } from '$core/calendar/index.ts';
import { CoreError } from '$core/error.ts';
import { groupBy } from '$core/group-by.ts';
import { isRemark } from '$core/library/index.ts';
import { DUE_DAYS, needKey, type State, type Way } from '$core/readiness/index.ts';
import type { Row } from '../database/tables.ts';
import type { Trx } from '../stores/changes.ts';
import { endLoan, fetchLoan, holdReady, placeHold, renewLoan } from '../stores/loans.ts';
import { patchNeed } from '../stores/needs.ts';
import { updateResource } from '../stores/resources.ts';
import { byId, type Snapshot } from '../stores/snapshot.ts';
import { remember } from './remember.ts';
import { takingPartOn, type RunSituation } from './runs.ts';
import type { Situation } from './situation.ts';
import { policyText } from './fitting.ts';
import { wayTo } from './ways.ts';
import type { Step, WholeDraft, WholeNeed } from './whole-needs.ts';
import { placePath } from './words.ts';

/** A borrowed thing that is to go back. */
export type Returning = {
	readonly loan: Row<'loan'>;
	readonly resource: Row<'resource'>;
	readonly supplier: Row<'supplier'> | null;
	readonly by: Day;
	/** Runs that use it. */
	readonly runs: readonly number[];
	readonly unitName: string;
	readonly why: string;
};

/** One resource in one lesson. */
type Wanted = {
	readonly resource: number;
	readonly lesson: number;
	readonly required: boolean;
	readonly previewMinutes: number | null;
};

const usesByLesson = remember<ReadonlyMap<number, readonly Row<'resource_use'>[]>>();
const rangesByLesson = remember<ReadonlyMap<number, readonly Row<'page_range'>[]>>();
const takenByActivity = remember<ReadonlyMap<number, readonly Row<'activity_resource'>[]>>();
const loansByResource = remember<ReadonlyMap<number, readonly Row<'loan'>[]>>();

/** What a run wants of the library, a resource and lesson each: flags of its books, other uses, what activities take. */
export function wantedOf(snapshot: Snapshot, run: RunSituation): Wanted[] {
	const uses = usesByLesson(snapshot.uses, [], () => groupBy(snapshot.uses, (use) => use.lesson_id));
	const ranges = rangesByLesson(snapshot.ranges, [], () =>
		groupBy(snapshot.ranges, (range) => range.lesson_id)
	);
	const books = byId(snapshot.spines);
	const takes = takenByActivity(snapshot.activityResources, [], () =>
		groupBy(snapshot.activityResources, (one) => one.activity_id)
	);
	const taken = groupBy(
		run.activities.flatMap(({ activity, lesson, over }) =>
			over || lesson === null
				? []
				: (takes.get(activity.id) ?? []).map((one): Wanted => ({
						resource: one.resource_id,
						lesson: lesson.lesson.id,
						required: activity.standing === 'required',
						previewMinutes: null
					}))
		),
		(one) => one.lesson
	);
	return run.lessons.flatMap(({ lesson }) => {
		const flags = (ranges.get(lesson.id) ?? []).flatMap((range): Wanted[] => {
			const book = books.get(range.spine_id);
			return range.way === 'skip' || !book?.resource_id
				? []
				: [{ resource: book.resource_id, lesson: lesson.id, required: true, previewMinutes: null }];
		});
		const own = (uses.get(lesson.id) ?? [])
			.filter((use) => !isRemark(use.role))
			.map((use): Wanted => ({
				resource: use.resource_id,
				lesson: lesson.id,
				required: use.required === 1,
				previewMinutes: use.preview_minutes
			}));
		return [
			...groupBy([...flags, ...own, ...(taken.get(lesson.id) ?? [])], (one) => one.resource).values()
		].map((same) => ({
			...same[0],
			required: same.some((one) => one.required),
			previewMinutes: same.reduce<number | null>(
				(sum, one) => (one.previewMinutes === null ? sum : (sum ?? 0) + one.previewMinutes),
				null
			)
		}));
	});
}

/** The books stream of a run: every resource of every lesson that is not over. */
export function bookDrafts(
	snapshot: Snapshot,
	run: RunSituation,
	today: Day,
	stateOf: (key: string) => Row<'need_state'> | null
): WholeDraft[] {
	const resources = byId(snapshot.resources);
	const suppliers = byId(snapshot.suppliers);
	const loans = loansByResource(snapshot.loans, [], () =>
		groupBy(
			snapshot.loans.filter((loan) => loan.state !== 'back'),
			(loan) => loan.resource_id
		)
	);
	const lessons = new Map(run.lessons.map((one) => [one.lesson.id, one]));
	const unitStart = run.lessons.find((one) => one.dates.length)?.dates[0] ?? null;
	return wantedOf(snapshot, run).flatMap((wanted): WholeDraft[] => {
		const lesson = lessons.get(wanted.lesson)!;
		const resource = resources.get(wanted.resource);
		if (!resource || lesson.booked) return [];
		const day = lesson.dates[Math.min(lesson.outcomes.length, lesson.dates.length - 1)] ?? null;
		const stream = resource.kind === 'printable' ? 'copies' : 'books';
		const key = needKey(String(run.run.id), stream, String(wanted.resource), null, wanted.lesson);
		const stored = stateOf(key);
		const own = loans.get(resource.id) ?? [];
		const supplier =
			suppliers.get(stored?.supplier_id ?? resource.supplier_id ?? 0) ??
			snapshot.suppliers.find((one) => one.kind === 'library') ??
			null;
		const original = standingOf(resource, own, supplier, suppliers, day, today, snapshot);
		const stands =
			stream === 'copies'
				? copiesOf(original, resource, takingPartOn(run, null, day).length, stored)
				: original;
		const isPreviewed = stored?.prepared === '1';
		const state: State =
			stands.state === 'in hand' && wanted.previewMinutes !== null && isPreviewed ? 'prepared' : stands.state;
		const step =
			state === 'in hand' && wanted.previewMinutes !== null
				? {
						kind: 'preview' as const,
						title: `Look through ${resource.title}`,
						short: 'look through',
						detail: `${wanted.previewMinutes} min, before the children see it`
					}
				: stands.step;
		return [
			{
				need: {
					key,
					lesson: String(wanted.lesson),
					stream,
					useDay: lesson.dropped ? null : day,
					required: wanted.required,
					doWithout: stored?.decision === 'do without',
					state,
					promised: stands.promised,
					way: stands.way,
					prepare:
						wanted.previewMinutes === null
							? null
							: { minutes: wanted.previewMinutes, waitDays: 0, sitting: null },
					keepsDays: null,
					habit: run.habits[stream],
					unitStart
				},
				run,
				lesson,
				title: resource.title,
				stands: stands.text,
				step,
				book: { resource, loan: stands.loan },
				doer: snapshot.people.find((person) => person.id === stored?.person_id) ?? null
			}
		];
	});
}

type BookStanding = {
	readonly state: State;
	readonly text: string;
	readonly step: Step | null;
	readonly promised: Day | null;
	readonly way: Way;
	readonly loan: Row<'loan'> | null;
};

/** A printable that is at home is still to be printed, one copy for each child who is there. */
function copiesOf(
	original: BookStanding,
	resource: Row<'resource'>,
	children: number,
	stored: Row<'need_state'> | null
): BookStanding {
	if (original.state !== 'in hand') return original;
	if (stored?.prepared === '1') return { ...original, text: 'printed' };
	const sheets = resource.pages ? `${resource.pages} ${resource.pages === 1 ? 'page' : 'pages'}, ` : '';
	return {
		...original,
		state: 'missing',
		text: 'to be printed',
		step: {
			kind: 'print',
			title: `Print ${resource.title}`,
			short: 'print',
			detail: `${sheets}${children} ${children === 1 ? 'copy' : 'copies'}`
		}
	};
}

function standingOf(
	resource: Row<'resource'>,
	loans: readonly Row<'loan'>[],
	supplier: Row<'supplier'> | null,
	suppliers: ReadonlyMap<number, Row<'supplier'>>,
	useDay: Day | null,
	today: Day,
	snapshot: Snapshot
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
				title: `Ask ${loan.borrower} for ${resource.title}`,
				short: 'ask back',
				detail: loan.due_on ? `due back ${dayFromToday(loan.due_on, today)}` : 'no day agreed'
			},
			promised: loan.due_on,
			way: { kind: 'ask', days: 0 },
			loan
		};
	}
	const way = wayTo(supplier);
	const name = supplier?.name ?? 'a library';
	const wanted: BookStanding = {
		...here,
		state: 'missing',
		text: 'not here',
		step: wantStep(snapshot, resource, supplier),
		way,
		loan: null
	};
	const loan = loans.filter((one) => one.direction === 'in').at(-1);
	if (!loan) return wanted;
	const from = suppliers.get(loan.supplier_id ?? 0) ?? supplier;
	const at = from?.name ?? name;
	if (loan.state === 'hold placed')
		return {
			...wanted,
			state: 'arranged',
			text: loan.expected_on ? `on hold, expected ${dayFromToday(loan.expected_on, today)}` : 'on hold',
			step: {
				kind: 'look',
				title: `See whether ${resource.title} is ready`,
				short: 'wait for',
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
			text: `on the hold shelf until ${dayText(until)}`,
			step: {
				kind: 'pick up',
				title: `Pick up ${resource.title}`,
				short: 'pick up',
				detail: `${at}, kept until ${dayText(until)}`,
				by: until
			},
			promised: today,
			loan
		};
	}
	const onLoan = {
		...here,
		text: loan.due_on ? `on loan, due ${dayText(loan.due_on)}` : 'on loan',
		loan
	};
	if (!loan.due_on || useDay === null || loan.due_on >= useDay) return onLoan;
	if (loan.renewed < (from?.renewals ?? 0))
		return {
			...onLoan,
			state: 'arranged',
			text: `due ${dayText(loan.due_on)}, before its lesson`,
			step: {
				kind: 'renew',
				title: `Renew ${resource.title}`,
				short: 'renew',
				detail: `${at}, due ${dayText(loan.due_on)}`,
				by: loan.due_on
			},
			promised: addDays(loan.due_on, from?.loan_days ?? 21) >= useDay ? loan.due_on : null,
			way
		};
	return {
		...wanted,
		text: `due ${dayText(loan.due_on)}, and cannot be renewed`,
		step: {
			...wantStep(snapshot, resource, supplier),
			detail: `a second time: it is due ${dayText(loan.due_on)}`
		},
		loan
	};
}

function wantStep(snapshot: Snapshot, resource: Row<'resource'>, supplier: Row<'supplier'> | null): Step {
	const at = [supplier?.name, policyText(snapshot, resource)].filter(Boolean).join('; ');
	if (!supplier || supplier.kind === 'library')
		return {
			kind: 'place',
			title: `Place the hold on ${resource.title}`,
			short: 'place the hold on',
			detail: at
		};
	if (supplier.kind === 'friend')
		return { kind: 'ask for', title: `Ask for ${resource.title}`, short: 'ask for', detail: at };
	return { kind: 'get', title: `Buy ${resource.title}`, short: 'buy', detail: at };
}

/** Takes the next step for one book, for all lessons that wait for it. Answers what was done. */
export async function stepOfBook(
	trx: Trx,
	situation: Situation,
	needs: readonly WholeNeed[]
): Promise<string> {
	const { today, snapshot } = situation;
	const [{ book, step }] = needs;
	const { resource, loan } = book!;
	const supplier =
		resource.supplier_id ?? snapshot.suppliers.find((one) => one.kind === 'library')?.id ?? null;
	switch (step!.kind) {
		case 'place':
		case 'ask for': {
			if (supplier === null)
				throw new CoreError('There is no library in the household yet. Add one on House first.');
			if (loan?.state === 'on loan') await endLoan(trx, loan.id, today);
			await placeHold(trx, resource.id, supplier, today);
			return `${resource.title}: ${step!.kind === 'place' ? 'hold placed' : 'asked for'}`;
		}
		case 'get':
			await updateResource(trx, resource.id, { owned: 1 });
			return `${resource.title}: in the house`;
		case 'look':
			await holdReady(trx, loan!.id, today);
			return `${resource.title}: on the hold shelf`;
		case 'pick up':
			await fetchLoan(trx, loan!.id, today);
			return `${resource.title}: on loan`;
		case 'renew':
			return `${resource.title}: due ${dayText(await renewLoan(trx, loan!.id))}`;
		case 'ask back':
			await endLoan(trx, loan!.id, today);
			return `${resource.title}: back with us`;
		case 'print':
			for (const { run, need } of needs) await patchNeed(trx, run.run.id, need.key, { prepared: '1' });
			return `${resource.title}: printed`;
		default:
			for (const { run, need } of needs) await patchNeed(trx, run.run.id, need.key, { prepared: '1' });
			return `${resource.title}: looked through`;
	}
}

/** What is on loan and has done its work, or is due within the week. */
export function returnsOf(
	snapshot: Snapshot,
	runs: readonly RunSituation[],
	whole: readonly WholeNeed[],
	today: Day
): Returning[] {
	const resources = byId(snapshot.resources);
	const suppliers = byId(snapshot.suppliers);
	const usesOf = groupBy(
		whole.filter((one) => one.book !== null && one.need.useDay !== null),
		(one) => one.book!.resource.id
	);
	return snapshot.loans
		.filter((loan) => loan.direction === 'in' && loan.state === 'on loan' && loan.due_on !== null)
		.flatMap((loan): Returning[] => {
			const resource = resources.get(loan.resource_id);
			if (!resource) return [];
			const uses = usesOf.get(resource.id) ?? [];
			const lastUse = uses.reduce((last, one) => (one.need.useDay! > last ? one.need.useDay! : last), '');
			const waits = lastUse !== '' && lastUse <= loan.due_on!;
			if (waits && lastUse >= today) return [];
			if (lastUse > loan.due_on! && loan.due_on! > addDays(today, DUE_DAYS)) return [];
			// What is to be renewed first has its own act.
			if (uses.some((one) => one.step?.kind === 'renew')) return [];
			const mine = runs.filter((run) => uses.some((one) => one.run === run));
			return [
				{
					loan,
					resource,
					supplier: suppliers.get(loan.supplier_id ?? 0) ?? null,
					by: loan.due_on!,
					runs: mine.map((run) => run.run.id),
					unitName: mine[0]?.unit.name ?? 'Library',
					why: lastUse === '' ? 'no lesson wants it any more' : `its last lesson is on ${dayText(lastUse)}`
				}
			];
		});
}
