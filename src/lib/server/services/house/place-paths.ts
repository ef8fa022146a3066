import {
	dayFromToday,
	dayText,
	daysBetween,
	weekdayName,
	weekdayOf,
	type Day
} from '$core/calendar/index.ts';
import { numberText, unitText, type Exact, type Unit } from '$core/measure/index.ts';
import { nameForCount } from '$core/supplies/index.ts';
import type { Row } from '../../database/tables.ts';

/** "6 oranges", "375 g flour", "2 rolls of masking tape": an amount of a thing as one would say it. */
export function thingText(amount: Exact, unit: Unit, name: string): string {
	if (unit === 'each') return `${numberText(amount)} ${nameForCount(name, amount.valueOf())}`;
	const of =
		/^(sheet|roll|pack|box|bag|bottle|can|jar|tube|stick|ball|spool|bunch|pinch|drop|handful|pair|dozen)$/.test(
			unit
		);
	const plural = nameForCount(name, unit === 'sheet' || unit === 'roll' ? 1 : 2);
	return `${numberText(amount, unit)} ${unitText(unit, amount)} ${of && unit !== 'dozen' ? 'of ' : ''}${plural}`;
}

/** Whether to say "them" or "it" of an amount. */
export function pronoun(amount: Exact, unit: Unit): string {
	return unit === 'each' && amount.compare(1) > 0 ? 'them' : 'it';
}

/** "Tuesday's lesson" within a week, else "Lesson 8 on Tue, Feb 2". */
export function lessonText(number: number, date: Day | null, today: Day): string {
	if (date === null) return `Lesson ${number}`;
	const days = daysBetween(today, date);
	if (days === 0) return 'Today’s lesson';
	if (days === 1) return 'Tomorrow’s lesson';
	if (days > 1 && days < 7) return `${weekdayName(weekdayOf(date), 'long')}’s lesson`;
	return `Lesson ${number} on ${dayText(date)}`;
}

/** "by Saturday", "today", "was due Tue, Jan 19". */
export function byText(day: Day, today: Day): string {
	if (day < today) return `was due ${dayFromToday(day, today)}`;
	if (day === today) return 'today';
	return `by ${dayFromToday(day, today)}`;
}

/** Paths of a snapshot's places, made once. */
const paths = new WeakMap<readonly Row<'place'>[], ReadonlyMap<number, string>>();

function pathsOf(places: readonly Row<'place'>[]): ReadonlyMap<number, string> {
	let known = paths.get(places);
	if (!known) {
		const byId = new Map(places.map((place) => [place.id, place]));
		known = new Map(
			places.map((place) => {
				const names = [place.name];
				for (
					let parent = byId.get(place.parent_id ?? 0);
					parent && names.length <= 20;
					parent = byId.get(parent.parent_id ?? 0)
				)
					names.unshift(parent.name);
				return [place.id, names.join(' › ')];
			})
		);
		paths.set(places, known);
	}
	return known;
}

/** The places from the room down: "Kitchen › pantry › top shelf". */
export function placePath(places: readonly Row<'place'>[], id: number | null): string {
	return (id === null ? undefined : pathsOf(places).get(id)) ?? 'no place noted';
}

/** Every place in the order in which the house is noted, each before what is in it. */
export function walkingOrder(places: readonly Row<'place'>[]): Map<number, number> {
	const order = new Map<number, number>();
	const visit = (parent: number | null) => {
		for (const place of places) {
			if (place.parent_id !== parent || order.has(place.id)) continue;
			order.set(place.id, order.size);
			visit(place.id);
		}
	};
	visit(null);
	return order;
}

/** "$4.50" */
export function money(cents: number): string {
	return `$${(cents / 100).toFixed(2)}`;
}

/** "a, b and c" */
export function listText(parts: readonly string[]): string {
	return parts.length < 2 ? (parts[0] ?? '') : `${parts.slice(0, -1).join(', ')} and ${parts.at(-1)}`;
}

/** An exact number as one types it in a field: "1 1/2", "0.75", "6". */
export function numberTyped(amount: Exact): string {
	const decimal = amount.valueOf();
	return Number.isInteger(decimal * 100) ? String(decimal) : amount.toFraction(true);
}
