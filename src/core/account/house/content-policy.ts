import { parsed, type Row, type Snapshot } from '../../facts/index.ts';

/** What the family has asked to be warned about before it buys or plans such a thing. */
export function policyWarnings({ household }: Snapshot, row: Row<'resource'>): string[] {
	if (row.content === '[]') return [];
	const policy = new Set(parsed(household.content_policy));
	return parsed(row.content).filter((note) => policy.has(note));
}

/** The warning as the end of a sentence, or nothing. */
export function policyText(snapshot: Snapshot, row: Row<'resource'>): string {
	const warnings = policyWarnings(snapshot, row);
	return warnings.length ? `content note: ${warnings.join(', ')}` : '';
}
