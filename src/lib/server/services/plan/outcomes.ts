import { dayText, type Day } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { exact, exactText } from '$core/measure/index.ts';
import type { Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { setOutcome } from '../../stores/plan/lessons.ts';
import { patchNeed } from '../../stores/readiness/needs.ts';
import { useUp } from '../../stores/stash/lots.ts';
import type { Situation, SupplyNeed } from '$core/account/index.ts';

/**
 * Writes down how a lesson's next session went. When it was taught, what its supplies used up is
 * taken out of the stash.
 */
export async function recordOutcome(
	trx: Trx,
	situation: Situation,
	lessonId: number,
	outcome: Row<'session'>['outcome']
): Promise<string> {
	const lesson = situation.runs.flatMap((run) => run.lessons).find((one) => one.lesson.id === lessonId);
	if (!lesson || lesson.over)
		throw new Refusal('That lesson is already recorded, or is no longer in the plan.');
	if (outcome !== 'skipped') {
		for (const one of situation.needs.filter((need) => need.lesson === lesson))
			await bookConsumption(trx, one, situation.today);
	}
	const ordinal = lesson.outcomes.length + 1;
	await setOutcome(trx, lessonId, ordinal, outcome, lesson.dates[ordinal - 1] ?? situation.today);
	return lesson.lesson.title;
}

async function bookConsumption(trx: Trx, one: SupplyNeed, today: Day): Promise<void> {
	if (one.line.use !== 'consumed' || one.need.doWithout) return;
	for (const { lot, amount } of one.served?.lots ?? []) {
		await useUp(trx, Number(lot.id), amount, one.unit, one.item.name, today);
	}
	await patchNeed(trx, one.run.row.id, one.need.key, { out: exactText(exact(one.amount)), unit: one.unit });
}

/** Sessions whose day has passed and about which nobody has said how they went. */
export function openOutcomes(
	situation: Situation
): { lesson: number; title: string; day: string; unitName: string }[] {
	return situation.runs
		.filter(({ row: run }) => run.state === 'running')
		.flatMap(({ lessons, unit }) =>
			lessons
				.filter(
					(lesson) => !lesson.over && (lesson.dates[lesson.outcomes.length] ?? '9999') < situation.today
				)
				.map((lesson) => ({
					lesson: lesson.lesson.id,
					title: `Lesson ${lesson.number}, ${lesson.lesson.title}`,
					day: dayText(lesson.dates[lesson.outcomes.length]),
					unitName: unit.name
				}))
		);
}
