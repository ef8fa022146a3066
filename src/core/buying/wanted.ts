import { CoreError } from '../error.ts';

/** Something to look out for, as one would jot it down. */
export type TypedWanted = {
	readonly what: string;
	/** Names of a unit and of a child, as they are known; null when none is named. */
	readonly unit: string | null;
	readonly person: string | null;
	/** The most one would pay, in cents. */
	readonly mostCents: number | null;
	/** Where to look for it. */
	readonly where: string;
};

/**
 * Reads a line such as "brass compass, for Maps, up to $12, flea market". The first part is the thing; a unit
 * is known by how its name begins, a child by its name; the rest says where to look.
 *
 * @throws CoreError when no thing is named.
 */
export function readWanted(text: string, units: readonly string[], people: readonly string[]): TypedWanted {
	const [what = '', ...parts] = text.split(',').map((part) => part.trim());
	if (!what) throw new CoreError('Enter what you’re looking for, like “brass compass, up to $12”.', 'text');
	let unit: string | null = null;
	let person: string | null = null;
	let mostCents: number | null = null;
	const where: string[] = [];
	for (const part of parts.filter(Boolean)) {
		const [, dollars] = /^(?:up to|at most|max\.?|under)?\s*\$\s*(\d+(?:\.\d{1,2})?)$/i.exec(part) ?? [];
		const name = part.replace(/^for\s+/i, '').toLowerCase();
		const ownUnit = units.find((one) => one.toLowerCase().startsWith(name));
		const ownPerson = people.find((one) => one.toLowerCase() === name);
		if (dollars) mostCents = Math.round(Number(dollars) * 100);
		else if (ownPerson) person = ownPerson;
		else if (ownUnit) unit = ownUnit;
		else where.push(part);
	}
	return { what, unit, person, mostCents, where: where.join(', ') };
}
