import { addDays, type Day } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { fillingOf, isFillingDue } from '$core/setout/index.ts';
import { readSupplyLine } from '$core/supplies/index.ts';
import { counted } from '$core/words/index.ts';
import { parsed, type Row, byId } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { addLine } from '../../stores/gathering/supply-lines.ts';
import { nextLessons, type Situation } from '$core/account/index.ts';
import { standingIn } from './shelf.ts';

/** How much a sensory bin takes of what fills it, in cups and liters, from the size of its tub. */
export const baseOf = (tray: Pick<Row<'tray'>, 'along_mm' | 'deep_mm' | 'high_mm'>) =>
	fillingOf({ along: tray.along_mm, deep: tray.deep_mm, high: tray.high_mm });

/**
 * Puts what a tray holds on the supply list: what fills a sensory bin, what is hidden in it, the objects that are
 * matched with cards; of its lesson, else of the next one. All are kept, so they are counted back. Answers it in words. @throws Refusal where there is nothing, or no lesson
 */
export async function listFilling(trx: Trx, now: Situation, id: number): Promise<string> {
	const tray = byId(now.snapshot.trays).get(id);
	if (!tray) throw new Refusal('That tray is gone already. Reload the page.');
	const { cups, liters } = baseOf(tray);
	const isMetric = now.snapshot.household.measures === 'metric';
	const texts = [
		...(tray.base ? [isMetric ? `${liters} liters ${tray.base}` : `${cups} cups ${tray.base}`] : []),
		...tray.hidden
			.split(',')
			.map((one) => one.trim())
			.filter(Boolean),
		...parsed(tray.matches)
	];
	if (texts.length === 0)
		throw new Refusal('Say first what fills it, what’s hidden in it, or which objects are on it.', 'base');
	const own = tray.lessons ? parsed(tray.lessons) : [];
	const lesson =
		now.inWork.flatMap((one) => one.lessons).find((one) => own.includes(one.lesson.id) && !one.over) ??
		[...nextLessons(now.inWork).values()].find((one) => one !== undefined && one !== null);
	if (!lesson) throw new Refusal('No lesson is ahead to put it on the list of.');
	const note = `for ${tray.title}`;
	const there = new Set(now.snapshot.lines.filter((one) => one.note === note).map((one) => one.written));
	const wanted = texts.filter((one) => !there.has(one));
	for (const written of wanted)
		for (const line of readSupplyLine(written))
			await addLine(trx, {
				...line,
				per: 'family',
				note,
				lesson: lesson.lesson.id,
				written,
				use: 'kept',
				check: false,
				listedOn: now.today
			});
	if (wanted.length === 0) throw new Refusal('All of it is on the supply list already.');
	return `${counted(wanted.length, 'thing')} on the supply list of lesson ${lesson.number}`;
}

/** A sensory bin whose filling is to be changed in a week, and since when it has been out. */
export type FillingDue = { readonly tray: Row<'tray'>; readonly since: Day };

/** Weeks that are looked back for when a bin was first set out. */
const MOST_BACK = 60;

/** Sensory bins of a week whose filling has kept as long as it does: each time its days are over, counted from its first week. */
export function fillingsDue(now: Situation, week: Day): FillingDue[] {
	const trays = byId(now.snapshot.trays);
	return standingIn(now, week).flatMap(({ tray_id }): FillingDue[] => {
		const tray = trays.get(tray_id)!;
		if (tray.kind !== 'sensory' || !tray.keeps_days) return [];
		let since = week;
		for (let back = 1; back <= MOST_BACK; back++) {
			const before = addDays(week, -7 * back);
			if (!standingIn(now, before).some((one) => one.tray_id === tray_id)) break;
			since = before;
		}
		return isFillingDue(since, week, tray.keeps_days) ? [{ tray, since }] : [];
	});
}
