import ical from 'ical-generator';
import { addDays, type Day } from '$core/calendar/index.ts';
import { durationText } from '$core/words/index.ts';
import { type RunSituation, actsOf, type Situation } from '$core/account/index.ts';

/**
 * Lessons, days off and the days to act by as all-day events, for one run or for all that are not put
 * away. Ids stay the same from one export to the next and the sequence is the revision, so that a
 * calendar which reads it again moves its events. `stamp` is when it was written.
 */
export function icalOf(situation: Situation, run: RunSituation | null, stamp: Date): string {
	const runs = run ? [run] : situation.inWork;
	const { revision, household, blocked } = situation.snapshot;
	const calendar = ical({
		name: run ? run.unit.name : household.name,
		prodId: { company: 'Gather Bin', product: 'Plan' }
	});
	const add = (id: string, from: Day, to: Day, summary: string, description = '') =>
		calendar.createEvent({
			id: `${id}@gather-bin`,
			start: utc(from),
			end: utc(addDays(to, 1)),
			allDay: true,
			summary,
			description: description || null,
			sequence: revision,
			stamp
		});
	for (const one of runs) {
		for (const { lesson, number, dates } of one.lessons)
			dates.forEach((day, i) =>
				add(
					`lesson-${lesson.id}-${i + 1}`,
					day,
					day,
					`${one.unit.name} ${number}: ${lesson.title}${dates.length > 1 ? ` (day ${i + 1})` : ''}`,
					lesson.note
				)
			);
		for (const off of blocked.filter((row) => row.run_id === one.row.id))
			add(`off-${off.id}`, off.from_on, off.to_on, `Day off: ${off.reason}`);
		for (const act of actsOf(situation, one.row.id))
			add(
				`act-${act.kind}-${act.keys[0].replaceAll('/', '-')}`,
				act.actBy,
				act.actBy,
				act.title,
				`${act.unitName}, ${act.detail}`
			);
	}
	for (const sitting of run ? [] : situation.snapshot.sittings.filter((one) => one.over === 0)) {
		const [hour, minute] = sitting.starts.split(':').map(Number);
		const start = utc(sitting.held_on);
		const isTimed = sitting.starts !== '';
		if (isTimed) start.setUTCHours(hour, minute);
		calendar.createEvent({
			id: `sitting-${sitting.id}@gather-bin`,
			start,
			end: isTimed ? new Date(start.getTime() + sitting.minutes * 60_000) : utc(addDays(sitting.held_on, 1)),
			allDay: !isTimed,
			// By the clock of the house, wherever the calendar is read.
			floating: isTimed,
			summary: `Prepare, ${durationText(sitting.minutes)}`,
			sequence: revision,
			stamp
		});
	}
	return calendar.toString();
}

/** Midnight in UTC: all-day events are written from it without any time zone. */
function utc(day: Day): Date {
	const [year, month, date] = day.split('-').map(Number);
	return new Date(Date.UTC(year, month - 1, date));
}
