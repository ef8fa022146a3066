import { startOfWeek, type Day } from '$core/calendar/index.ts';
import { isGrave, monthsOld } from '$core/cautions/index.ts';
import { capital, listText } from '$core/words/index.ts';
import { parsed, type Row, usedIn } from '$core/facts/index.ts';
import type { Situation } from '$core/account/index.ts';
import { shelfView } from '../setout/shelf.ts';
import type { LessonOn } from './day-entries.ts';

/** More than these are not read; what can choke or is an allergy is never left out for that. */
const MOST_CAUTIONS = 8;

/** Age marks, small parts and pictures that a younger child at home should not get at, before something is set out. */
export function cautionsOn(now: Situation, day: Day, lessons: readonly LessonOn[]): string[] {
	const { snapshot } = now;
	const young = snapshot.people.filter((one) => one.kind !== 'adult' && one.born !== null);
	const under = (months: number) => young.filter((one) => monthsOld(one.born!, day) < months);
	const names = (people: readonly Row<'person'>[]) => listText(people.map((one) => one.name));
	const own = new Set(lessons.map((one) => one.lesson.lesson.id));
	const used = usedIn(snapshot, own);
	const grave = new Set<string>();
	const said = new Set<string>();
	for (const one of now.needs)
		if (own.has(one.lesson.lesson.id))
			for (const caution of one.cautions)
				(isGrave(caution) ? grave : said).add(
					`${capital(one.item.name)}: ${caution.who.length ? `${listText(caution.who)}. ` : ''}${caution.text}`
				);
	for (const resource of snapshot.resources) {
		if (!used.has(resource.id)) continue;
		const small = under(36);
		if (resource.small_parts === 1 && small.length)
			grave.add(`${resource.title} has small parts: keep it from ${names(small)}.`);
		const isMarked = ['game', 'kit', 'puzzle', 'model'].includes(resource.kind) && resource.from_age !== null;
		const younger = isMarked ? under(resource.from_age! * 12) : [];
		if (younger.length)
			said.add(`${resource.title} is marked from age ${resource.from_age}: not for ${names(younger)} alone.`);
		if (parsed(resource.content).some((note) => /anatom/i.test(note)) && under(96).length)
			said.add(`${resource.title} has anatomical pictures: look before ${names(under(96))} does.`);
	}
	// Where a tray was moved into a toddler's reach by hand, that is said first, and every day.
	const small = under(36);
	const shelf = small.length ? shelfView(now, startOfWeek(day, snapshot.household.week_start)).trays : [];
	const inReach: string[] = [];
	for (const tray of shelf.filter((one) => one.board !== null && one.isDangerous)) {
		if (tray.dangers.length) inReach.push(...tray.dangers);
		else
			said.add(`${tray.title} on the shelf is nothing for ${names(small)}: check that it’s still high up.`);
	}
	const first = [...inReach, ...grave];
	return [...first, ...[...said].slice(0, Math.max(0, MOST_CAUTIONS - first.length))];
}
