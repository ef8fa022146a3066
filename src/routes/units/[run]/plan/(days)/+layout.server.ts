import { USUAL_FRAME } from '$core/plan/index.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import { holidayRows } from '$lib/server/services/calendar/holidays.ts';
import { habitsTyped, placeOptions } from '$core/account/index.ts';
import { planOf } from '$lib/server/services/plan/days.ts';
import { fitTexts } from '$lib/server/services/plan/make-fit.ts';
import { missableDays } from '$lib/server/services/plan/roll-on.ts';
import { parsed } from '$core/facts/index.ts';
import type { LayoutServerLoad } from './$types';

/** The plan as it stands, whatever is asked about it. */
export const load: LayoutServerLoad = async ({ params }) => {
	const { now, run } = await runOf(params);
	return {
		childCount: run.participants.filter((person) => person.kind === 'child').length,
		extras: run.activities
			.filter((one) => one.lesson !== null && !one.over)
			.map(({ activity }) => ({ id: activity.id, title: activity.title })),
		ways: fitTexts(now, run),
		holidays: holidayRows(now, run),
		country: now.snapshot.household.country,
		missable: missableDays(run),
		plan: planOf(now, run),
		calendar: {
			start: run.row.start_on,
			end: run.row.end_on,
			weekdays: run.weekdays,
			keepFree: run.row.keep_free,
			collectingPlace: run.row.collecting_place_id,
			rhythm: run.row.rhythm,
			rhythmDays: run.row.rhythm_days,
			habits: habitsTyped(now.snapshot, {
				run: run.row.id,
				kind: run.row.habit,
				date: run.row.habit_date
			}),
			householdHabit: now.snapshot.household.habit
		},
		places: placeOptions(now),
		frame: now.snapshot.household.frame ?? USUAL_FRAME,
		people: run.participants.map((person) => ({ id: person.id, name: person.name })),
		details: Object.fromEntries(
			run.lessons.map(({ lesson }) => [lesson.id, { ...lesson, extension_for: parsed(lesson.extension_for) }])
		)
	};
};
