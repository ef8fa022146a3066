import type { Day } from '$core/calendar/index.ts';
import { monthsOld } from '$core/cautions/index.ts';
import type { ReadingLevel } from '$core/house/index.ts';
import type { Fitting, Reader } from '$core/library/index.ts';
import type { Row } from '../../database/tables.ts';
import type { Snapshot } from '../../snapshot/snapshot.ts';

/** What the core asks of a resource to say for whom it is. */
export function fittingOf(row: Row<'resource'>): Fitting {
	return {
		kind: row.kind,
		fromAge: row.from_age,
		toAge: row.to_age,
		grade: row.grade,
		language: row.language,
		smallParts: row.small_parts === 1,
		playersFrom: row.players_from,
		playersTo: row.players_to
	};
}

/** What the family has asked to be warned about before it buys or plans such a thing. */
export function policyWarnings({ household }: Snapshot, row: Row<'resource'>): string[] {
	if (row.content === '[]') return [];
	const policy = new Set(JSON.parse(household.content_policy) as string[]);
	return (JSON.parse(row.content) as string[]).filter((note) => policy.has(note));
}

/** The warning as the end of a sentence, or nothing. */
export function policyText(snapshot: Snapshot, row: Row<'resource'>): string {
	const warnings = policyWarnings(snapshot, row);
	return warnings.length ? `mind its content: ${warnings.join(', ')}` : '';
}

/** A child on a day: its age then, and how far it reads. */
export function readerOf(person: Row<'person'>, day: Day): Reader {
	return {
		name: person.name,
		age: person.born ? Math.floor(monthsOld(person.born, day) / 12) : null,
		reads: JSON.parse(person.reads) as ReadingLevel[]
	};
}
