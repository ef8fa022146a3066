import { readUse } from '$core/library/index.ts';
import type { Row } from '../database/tables.ts';
import type { UseInput } from '../stores/resources.ts';

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
