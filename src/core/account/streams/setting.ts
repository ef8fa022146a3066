import { addDays, type Day } from '../../calendar/index.ts';
import { aheadIn, beginText } from '../../plan/index.ts';
import { needKey, type Stream } from '../../readiness/index.ts';
import type { Row, Snapshot } from '../../facts/index.ts';
import { firstDay, type ActivitySituation, type RunSituation } from '../runs.ts';
import type { Step, WholeDraft } from '../whole-needs.ts';
import { capital, counted } from '../../words/index.ts';
import { remarkKey, type SupplyDraft } from './supplies.ts';

type StateOf = (key: string) => Row<'need_state'> | null;

/** The key of the need that an activity is begun in time. */
export function settingKey(run: number, activity: number): string {
	return needKey(String(run), 'setting', String(activity), null, 1);
}

/**
 * What has to be begun days before its day: dried, sprouted, frozen, collected. It is wanted fresh, so
 * it is begun as late as it can be, unless the household says otherwise for the setting stream.
 */
export function settingDrafts(
	snapshot: Snapshot,
	run: RunSituation,
	today: Day,
	stateOf: (key: string) => Row<'need_state'> | null
): WholeDraft[] {
	const ownHabit = snapshot.streamHabits.some(
		(one) => one.stream === 'setting' && (one.run_id === null || one.run_id === run.row.id)
	);
	return run.activities.flatMap(({ activity, lesson, date, over }: ActivitySituation) => {
		if (activity.start_days_before === 0 || over || lesson === null || lesson.dropped) return [];
		if (activity.day === null && lesson.booked) return [];
		const key = settingKey(run.row.id, activity.id);
		const stored = stateOf(key);
		const state = stored?.prepared === '1' ? 'in hand' : stored?.arranged === '1' ? 'arranged' : 'missing';
		return [
			{
				need: {
					key,
					lesson: String(lesson.lesson.id),
					stream: 'setting' satisfies Stream,
					useDay: date,
					required: activity.standing === 'required',
					doWithout: stored?.decision === 'do without',
					state,
					promised: stored?.promised ?? null,
					// Begun on the last day that leaves its days before the use day.
					way: { kind: 'grow', orderDays: 0, growDays: activity.start_days_before - 1 },
					prepare: null,
					keepsDays: null,
					habit: ownHabit ? run.habits.setting : { kind: 'day by day' },
					unitStart: firstDay(run)
				},
				run,
				lesson,
				title: activity.title,
				stands: STANDS[state],
				step: stepOf(activity, state, today),
				book: null,
				doer: snapshot.people.find((person) => person.id === stored?.person_id) ?? null
			}
		];
	});
}

const STANDS = { missing: 'not started', arranged: 'started', 'in hand': 'ready' } as const;

function stepOf(activity: Row<'activity'>, state: keyof typeof STANDS, today: Day): Step | null {
	if (state === 'missing') {
		const days = activity.start_days_before;
		return {
			kind: 'begin',
			title: beginText(activity.title),
			short: 'start it',
			detail: `start ${counted(days, 'day')} ahead`,
			readyOn: readyOn(today, activity)
		};
	}
	if (state === 'arranged')
		return {
			kind: 'check',
			title: `Check whether ${activity.title} is ready`,
			short: 'check on it',
			detail: ''
		};
	return null;
}

/**
 * What a remark beside a thing of the list asks for before its day ("soak overnight"). It is done as late as it can be,
 * and then it is done.
 */
export function remarkDrafts(supplies: readonly SupplyDraft[], stateOf: StateOf): WholeDraft[] {
	return supplies.flatMap(({ need, run, lesson, line, item }) => {
		const ahead = line.id > 0 ? aheadIn(line.note) : null;
		if (ahead === null || lesson.booked || lesson.dropped) return [];
		const key = remarkKey(need.key);
		const stored = stateOf(key);
		const isDone = stored?.prepared === '1';
		const title = `${capital(item.name)}: ${ahead.remark}`;
		return [
			{
				need: {
					...need,
					key,
					stream: 'setting' satisfies Stream,
					doWithout: need.doWithout || stored?.decision === 'do without',
					state: isDone ? 'in hand' : 'missing',
					promised: null,
					way: { kind: 'grow', orderDays: 0, growDays: ahead.days - 1 },
					prepare: null,
					keepsDays: null,
					habit: { kind: 'day by day' },
					since: null,
					daysAhead: 0,
					notAfter: null
				},
				run,
				lesson,
				title,
				stands: isDone ? 'ready' : 'not started',
				step: isDone
					? null
					: {
							kind: 'begin',
							title,
							short: ahead.remark,
							detail: ahead.days > 1 ? `${counted(ahead.days, 'day')} ahead` : 'the evening before',
							readyOn: null
						},
				book: null,
				doer: null
			}
		];
	});
}

/** The day on which something begun today is ready, when it takes so many days. */
function readyOn(today: Day, activity: Row<'activity'>): Day {
	return addDays(today, Math.max(1, activity.start_days_before) - 1);
}
