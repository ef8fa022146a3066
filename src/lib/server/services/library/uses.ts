import { dayText, type Day } from '$core/calendar/index.ts';
import { groupBy } from '$core/group-by.ts';
import { isRemark, misfit, readUse, type ResourceRole } from '$core/library/index.ts';
import { json, parsed, type Row, byId } from '$core/facts/index.ts';
import type { UseInput } from '../../stores/library/resources.ts';
import { type RunSituation, policyText, type Situation } from '$core/account/index.ts';
import { flagText } from './flag-text.ts';
import { fittingOf, readerOf } from './for-whom.ts';
import { counted } from '$core/words/index.ts';

/** A use as it is kept, from a slip as typed; those it names are found among the people given. */
export function typedUse(
	people: readonly Row<'person'>[],
	text: string
): Omit<UseInput, 'resource_id' | 'lesson_id'> {
	const use = readUse(
		text,
		people.map((person) => person.name)
	);
	const who = people.filter((person) => use.who.includes(person.name)).map((person) => person.id);
	return {
		role: use.role,
		from_page: use.pages?.from ?? null,
		to_page: use.pages?.to ?? null,
		participants: who.length ? json(who) : null,
		minutes: use.minutes,
		preview_minutes: use.previewMinutes,
		required: 1,
		note: use.note
	};
}

export type UsesView = {
	readonly sentence: string;
	readonly lessons: readonly {
		readonly lesson: number;
		readonly number: number;
		readonly title: string;
		readonly day: string;
		readonly over: boolean;
		readonly uses: readonly {
			readonly id: number;
			readonly resource: number;
			readonly title: string;
			readonly text: string;
			readonly isRemark: boolean;
			/** Why it is not for somebody who is to use it. */
			readonly misfit: string;
		}[];
		/** Further uses, which the page leaves out until all are asked for. */
		readonly more: number;
	}[];
};

/** More than a lesson has in any house but one that brought a whole catalogue in. */
const USES_AT_ONCE = 20;

/** The books and things that the lessons of a run use beside its spines: the first of each lesson, or all. */
export function usesView({ snapshot, today }: Situation, run: RunSituation, isAll: boolean): UsesView {
	const usesOf = groupBy(snapshot.uses, (use) => use.lesson_id);
	const resources = byId(snapshot.resources);
	const names = new Map(snapshot.people.map((person) => [person.id, person.name]));
	const numberOf = (lesson: number) => usesOf.get(lesson)?.length ?? 0;
	const lessons = run.lessons.map((one) => ({
		lesson: one.lesson.id,
		number: one.number,
		title: one.lesson.title,
		day: one.dates.length ? dayText(one.dates[0]) : '',
		over: one.over,
		uses: (usesOf.get(one.lesson.id) ?? []).slice(0, isAll ? undefined : USES_AT_ONCE).map((use) => {
			const resource = resources.get(use.resource_id)!;
			return {
				id: use.id,
				resource: resource.id,
				title: resource.title,
				text: flagText(use.role, use.from_page, use.to_page, use, names),
				isRemark: isRemark(use.role),
				misfit: [misfitOf(run, resource, use, one.dates[0] ?? today), policyText(snapshot, resource)]
					.filter(Boolean)
					.join('; ')
			};
		}),
		more: isAll ? 0 : Math.max(0, numberOf(one.lesson.id) - USES_AT_ONCE)
	}));
	const toCome = lessons.filter((one) => !one.over);
	const without = toCome.filter((one) => one.uses.length === 0).length;
	const count = toCome.reduce((sum, one) => sum + numberOf(one.lesson), 0);
	return {
		sentence:
			count === 0
				? 'No upcoming lesson uses anything besides the spine.'
				: `${counted(count, 'title')} assigned${without ? `; ${without === 1 ? '1 upcoming lesson has' : `${without} upcoming lessons have`} none` : ''}.`,
		lessons
	};
}

/** Those who are named for a use, or can be helped by nobody else, and for whom it is not. */
function misfitOf(run: RunSituation, resource: Row<'resource'>, use: Row<'resource_use'>, day: Day): string {
	const who = use.participants ? parsed(use.participants) : null;
	if (who === null) return '';
	return run.participants
		.filter((person) => who.includes(person.id))
		.map((person) => misfit(fittingOf(resource), readerOf(person, day), use.role as ResourceRole))
		.filter((why) => why !== null)
		.join('; ');
}
