import { dayText, type Day } from '$core/calendar/index.ts';
import { CoreError } from '$core/error.ts';
import { groupBy } from '$core/group-by.ts';
import { isRemark, misfit, readUse, titleKey, type ResourceRole } from '$core/library/index.ts';
import type { Row } from '../../database/tables.ts';
import { EVERYTHING, libraryPage } from './search.ts';
import { fittingOf, policyText, readerOf } from './for-whom.ts';
import { flagText } from './resource-view.ts';
import type { RunSituation } from '../calendar/runs.ts';
import type { Situation } from '../readiness/situation.ts';
import type { Db } from '../../database/open.ts';
import { byId } from '../../snapshot/snapshot.ts';
import type { UseInput } from '../../stores/library/resources.ts';

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
		participants: who.length ? JSON.stringify(who) : null,
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
	}[];
};

/** The books and things that the lessons of a run use beside its spines. */
export function usesView({ snapshot, today }: Situation, run: RunSituation): UsesView {
	const usesOf = groupBy(snapshot.uses, (use) => use.lesson_id);
	const resources = byId(snapshot.resources);
	const names = new Map(snapshot.people.map((person) => [person.id, person.name]));
	const lessons = run.lessons.map((one) => ({
		lesson: one.lesson.id,
		number: one.number,
		title: one.lesson.title,
		day: one.dates.length ? dayText(one.dates[0]) : '',
		over: one.over,
		uses: (usesOf.get(one.lesson.id) ?? []).map((use) => {
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
		})
	}));
	const toCome = lessons.filter((one) => !one.over);
	const without = toCome.filter((one) => one.uses.length === 0).length;
	const count = toCome.reduce((sum, one) => sum + one.uses.length, 0);
	return {
		sentence:
			count === 0
				? 'No lesson to come has a book or thing beside the spines.'
				: `${count} ${count === 1 ? 'flag' : 'flags'} for the lessons to come${without ? `; ${without} of them ${without === 1 ? 'has' : 'have'} none` : ''}.`,
		lessons
	};
}

/** Those who are named for a use, or can be helped by nobody else, and for whom it is not. */
function misfitOf(run: RunSituation, resource: Row<'resource'>, use: Row<'resource_use'>, day: Day): string {
	const who = use.participants ? (JSON.parse(use.participants) as number[]) : null;
	if (who === null) return '';
	return run.participants
		.filter((person) => who.includes(person.id))
		.map((person) => misfit(fittingOf(resource), readerOf(person, day), use.role as ResourceRole))
		.filter((why) => why !== null)
		.join('; ');
}

const OFFERED = 4;

/** The resource that a title means. @throws CoreError when none or several begin so. */
export async function resourceNamed(read: Db, situation: Situation, title: string): Promise<number> {
	const { total, rows } = await libraryPage(read, situation, { ...EVERYTHING, words: title }, 0, 200);
	const same = rows.filter((row) => titleKey(row.title) === titleKey(title));
	if (same.length === 1) return same[0].id;
	if (total === 1) return rows[0].id;
	if (total === 0)
		throw new CoreError(
			`“${title.slice(0, 60)}” is not in the library. Add it under At home, Books and things.`,
			'title'
		);
	throw new CoreError(
		`${total} things go by that: ${rows
			.slice(0, OFFERED)
			.map((row) => row.title)
			.join('; ')}${total > OFFERED ? ' …' : ''}. Type more of the title.`,
		'title'
	);
}

/** The resources that titles mean, one on each line. @throws CoreError at the first that cannot be told. */
export async function resourcesNamed(read: Db, situation: Situation, text: string): Promise<number[]> {
	const titles = text
		.split('\n')
		.map((line) => line.trim())
		.filter(Boolean);
	const ids: number[] = [];
	for (const title of titles) {
		try {
			ids.push(await resourceNamed(read, situation, title));
		} catch (error) {
			throw error instanceof CoreError ? new CoreError(error.message, 'resources') : error;
		}
	}
	return ids;
}
