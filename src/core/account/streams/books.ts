import type { Day } from '../../calendar/index.ts';
import { groupBy } from '../../group-by.ts';
import { isRemark } from '../../library/index.ts';
import { needKey, type State } from '../../readiness/index.ts';
import { type Row, usesByLesson, remember, byId, type Snapshot } from '../../facts/index.ts';
import { firstDay, takingPartOn, type RunSituation } from '../runs.ts';
import type { WholeDraft } from '../whole-needs.ts';
import { NOT_HELD, standingOf } from './book-standing.ts';
import { copiesOf } from './copies.ts';
import { isPrintedFrom, sortedResources } from './printed-from.ts';
import { sittingOf } from '../sitting-of.ts';

/** One resource in one lesson. */
type Wanted = {
	readonly resource: number;
	readonly lesson: number;
	readonly required: boolean;
	readonly previewMinutes: number | null;
};

const rangesByLesson = remember<ReadonlyMap<number, readonly Row<'page_range'>[]>>();
const takenByActivity = remember<ReadonlyMap<number, readonly Row<'activity_resource'>[]>>();
const loansByResource = remember<ReadonlyMap<number, readonly Row<'loan'>[]>>();
const backByResource = remember<ReadonlyMap<number, Day>>();
const heldNowhere = remember<ReadonlySet<number>>();

/** What a run wants of the library, a resource and lesson each: flags of its books, other uses, what activities take. */
export function wantedOf(snapshot: Snapshot, run: RunSituation): Wanted[] {
	const uses = usesByLesson(snapshot.uses);
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
	const notHeld = heldNowhere(
		snapshot.loans,
		[],
		() => new Set(snapshot.loans.filter((one) => one.note === NOT_HELD).map((one) => one.resource_id))
	);
	const backOn = backByResource(
		snapshot.loans,
		[],
		() =>
			new Map(
				snapshot.loans.flatMap((one) =>
					one.direction === 'in' && one.back_on && one.note !== NOT_HELD
						? [[one.resource_id, one.back_on] as const]
						: []
				)
			)
	);
	const lessons = new Map(run.lessons.map((one) => [one.lesson.id, one]));
	const unitStart = firstDay(run);
	const sorted = sortedResources(snapshot, run);
	return wantedOf(snapshot, run).flatMap((wanted): WholeDraft[] => {
		const lesson = lessons.get(wanted.lesson)!;
		const resource = resources.get(wanted.resource);
		if (!resource || lesson.booked) return [];
		// These are prints: a copy each for whoever gets one.
		if (isPrintedFrom(resource) || (resource.kind === 'printable' && sorted.has(resource.id))) return [];
		const day = lesson.dates[Math.min(lesson.outcomes.length, lesson.dates.length - 1)] ?? null;
		const stream = resource.kind === 'printable' ? 'copies' : 'books';
		const key = needKey(String(run.row.id), stream, String(wanted.resource), null, wanted.lesson);
		const stored = stateOf(key);
		const own = loans.get(resource.id) ?? [];
		const supplier =
			suppliers.get(stored?.supplier_id ?? resource.supplier_id ?? 0) ??
			snapshot.suppliers.find((one) => one.kind === 'library') ??
			null;
		// What went back on the day of its lesson or later was there for it, whether or not anybody has said how that went.
		const wasThere = day !== null && day <= today && (backOn.get(resource.id) ?? '') >= day;
		const original = standingOf(
			wasThere ? { ...resource, owned: 1, place_id: null } : resource,
			{ loans: own, supplier, suppliers, useDay: day, isHeld: !notHeld.has(resource.id) },
			{ today, snapshot }
		);
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
						title: `Preview ${resource.title}`,
						short: 'preview it',
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
							: { minutes: wanted.previewMinutes, waitDays: 0, sitting: sittingOf(snapshot, [key]) },
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
