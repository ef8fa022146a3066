import { addDays, dayText } from '$core/calendar/index.ts';
import { groupBy } from '$core/group-by.ts';
import { amountText, exact } from '$core/measure/index.ts';
import { numberTyped } from '$core/words/index.ts';
import { byId } from '$core/facts/index.ts';
import { placePath, placesInOrder, type Situation } from '$core/account/index.ts';
import type { CountPlace } from './stash.ts';

const SOON_DAYS = 21;

/** What is worth counting again: what lessons want soon, and what was counted long ago; place by place. */
export function countAgain(situation: Situation): CountPlace[] {
	const { snapshot, today } = situation;
	const limit = addDays(today, -snapshot.household.count_age_days);
	const soon = addDays(today, SOON_DAYS);
	const wanted = new Map<string, number>();
	for (const one of situation.needs) {
		if (!one.need.useDay || one.need.useDay > soon) continue;
		for (const { lot } of one.served?.lots ?? [])
			wanted.set(lot.id, Math.min(wanted.get(lot.id) ?? 1e9, one.lesson.number));
	}
	const order = placesInOrder(snapshot.places);
	const rows = snapshot.lots
		.filter(
			(lot) => lot.counted_on < limit || (wanted.has(String(lot.id)) && lot.counted_on < addDays(today, -14))
		)
		.toSorted((a, b) => (order.get(a.place_id ?? -1) ?? 1e9) - (order.get(b.place_id ?? -1) ?? 1e9))
		.map((lot) => {
			const item = byId(snapshot.items).get(lot.item_id)!;
			const lesson = wanted.get(String(lot.id));
			return {
				path: placePath(snapshot.places, lot.place_id),
				lot: lot.id,
				item: item.name,
				amount: amountText(exact(lot.amount), lot.unit),
				typed: numberTyped(exact(lot.amount)),
				unit: lot.unit,
				why: lesson
					? `lesson ${lesson} needs it`
					: `counted ${dayText(lot.counted_on)} ${lot.counted_on.slice(0, 4)}`
			};
		});
	return [...groupBy(rows, (row) => row.path)].map(([path, own]) => ({ path, rows: own }));
}
