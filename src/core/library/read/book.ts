import type { ResourceKind, ResourceRole } from '../kinds.ts';
import type { Said } from './remarks.ts';

/** One book of a printed list as read. */
export type ReadBook = {
	readonly title: string;
	/** Authors in natural order. */
	readonly by: readonly string[];
	readonly isbn13: string | null;
	readonly kind: ResourceKind;
	readonly role: ResourceRole | null;
	readonly fromAge: number | null;
	readonly toAge: number | null;
	/** How long it is; which pages to read stands in the note. */
	readonly pages: number | null;
	readonly optional: boolean;
	readonly note: string | null;
	/** What could honestly be read in another way, in words for this line. */
	readonly doubts: readonly string[];
	readonly check: boolean;
};

/** What is known of a book while its line is read. */
export type Book = Said & {
	title: string;
	by: string[];
	isbn13: string | null;
	notes: string[];
	doubts: string[];
};

export const nothing = (): Said => ({
	kind: null,
	role: null,
	fromAge: null,
	toAge: null,
	pages: null,
	optional: false
});

export const DOUBT = {
	name: 'Is this a title, or only a name?',
	comma: 'Is what stands after the comma the author, or part of the title?',
	dashes: 'Which of these is the author, and which a remark?',
	colon: 'Is what stands before the colon the author?',
	place: (name: string) => `Is “${name}” the author, or a place?`,
	isbn: 'The ISBN has a wrong digit.',
	dots: 'Is what stands after the dot the author?',
	long: 'This is too long for one line of a list.'
} as const;
