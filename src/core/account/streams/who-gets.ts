import type { Day } from '../../calendar/index.ts';
import { monthsOld } from '../../cautions/index.ts';
import type { Row, Snapshot } from '../../facts/index.ts';
import { WRITES_FROM_MONTHS } from '../../reference/index.ts';
import { takingPartOn, type RunSituation } from '../runs.ts';

/** Pages that whoever gets them fills in. */
export const FILLED_IN: readonly Row<'print'>['role'][] = [
	'student',
	'journal',
	'map',
	'mini-book',
	'cut-outs'
];

/** Whether somebody fills in pages on a day: as the household said, else by the age. Of whom no birth is known does. */
export function writesOn(person: Pick<Row<'person'>, 'born' | 'writes'>, day: Day): boolean {
	if (person.writes !== null) return person.writes === 1;
	return person.born === null || monthsOld(person.born, day) >= WRITES_FROM_MONTHS;
}

/**
 * Who gets a print: who is chosen for it; else who is chosen for its role in the unit; else who takes part, and of
 * pages to fill in who can write on its day.
 */
export function whoGets(
	snapshot: Snapshot,
	run: RunSituation,
	row: Row<'print'>,
	day: Day | null
): { readonly children: Row<'person'>[]; readonly tooYoung: Row<'person'>[] } {
	const ofRole = snapshot.roleChildren.find((one) => one.run_id === run.row.id && one.role === row.role);
	const chosen = row.participants ?? ofRole?.participants ?? null;
	const all = takingPartOn(run, chosen, day);
	const on = day ?? run.agesOn;
	if (chosen !== null || !FILLED_IN.includes(row.role)) return { children: all, tooYoung: [] };
	return {
		children: all.filter((person) => writesOn(person, on)),
		tooYoung: all.filter((person) => !writesOn(person, on))
	};
}
