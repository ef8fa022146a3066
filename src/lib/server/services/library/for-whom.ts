import type { Day } from '$core/calendar/index.ts';
import { yearsOld } from '$core/cautions/index.ts';
import type { Fitting, Reader } from '$core/library/index.ts';
import { parsed, type Row } from '$core/facts/index.ts';

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

/** A child on a day: its age then, and how far it reads. */
export function readerOf(person: Row<'person'>, day: Day): Reader {
	return {
		name: person.name,
		age: yearsOld(person.born, day),
		reads: parsed(person.reads)
	};
}
