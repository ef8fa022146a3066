export const RESOURCE_KINDS = [
	'book',
	'picture book',
	'game',
	'kit',
	'model',
	'puzzle',
	'poster',
	'disc',
	'magazine',
	'card set',
	'live specimen',
	'printable',
	'link'
] as const;
export type ResourceKind = (typeof RESOURCE_KINDS)[number];

/** What a resource is for in a lesson; the last three are flags about pages and not to be read. */
export const RESOURCE_ROLES = [
	'spine',
	'read aloud',
	'read alone',
	'reference',
	'one activity',
	'look at',
	'listen or watch',
	'skip',
	'leave out',
	'wrong in the book'
] as const;
export type ResourceRole = (typeof RESOURCE_ROLES)[number];

/** Roles that say something about pages, so that nothing has to be there for them. */
export function isRemark(role: ResourceRole): boolean {
	return role === 'skip' || role === 'leave out' || role === 'wrong in the book';
}

/** Who may copy from it, by its publisher's terms. */
export const COPYING_RIGHTS = ['own family', 'one class', 'none', 'ask'] as const;
export type CopyingRight = (typeof COPYING_RIGHTS)[number];
