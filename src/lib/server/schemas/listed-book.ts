import Joi from 'joi';
import { Refusal } from '$core/error.ts';
import {
	readIsbn,
	RESOURCE_KINDS,
	RESOURCE_ROLES,
	type ResourceKind,
	type ResourceRole
} from '$core/library/index.ts';
import type { ListedBookInput } from '../stores/library/listed-books.ts';
import { id, title, wholeOrNothing, words } from './fields.ts';

/** The fields of one book of a list as the review sends them. */
export type BookForm = {
	lesson: number | null;
	written: string;
	title: string;
	authors: string;
	isbn: string;
	kind: ResourceKind;
	role: ResourceRole | '';
	fromAge: number | null;
	toAge: number | null;
	pages: number | null;
	optional: boolean;
	note: string;
};

export const bookRow = Joi.object<BookForm>({
	lesson: id.empty('').allow(null).default(null),
	written: words(2000),
	title: title('the title'),
	authors: words(300),
	isbn: words(40),
	kind: Joi.string()
		.valid(...RESOURCE_KINDS)
		.required(),
	role: Joi.string()
		.valid(...RESOURCE_ROLES, '')
		.default(''),
	fromAge: wholeOrNothing('the age', 99),
	toAge: wholeOrNothing('the age', 99),
	pages: wholeOrNothing('the pages', 20_000),
	optional: Joi.boolean().default(false),
	note: words(500)
});

/** A book as the store keeps it. @throws Refusal at the field that cannot be. */
export function asListed(form: BookForm, prefix: string): ListedBookInput {
	if (form.fromAge !== null && form.toAge !== null && form.toAge < form.fromAge)
		throw new Refusal('The second age must be at least the first.', `${prefix}toAge`);
	const isbn = form.isbn ? readIsbn(form.isbn) : null;
	if (isbn && !isbn.valid) throw new Refusal(`That ISBN isn’t right: ${isbn.why}.`, `${prefix}isbn`);
	return {
		lesson_id: form.lesson,
		written: form.written || form.title,
		title: form.title,
		authors: form.authors,
		isbn13: isbn?.isbn13 ?? null,
		kind: form.kind,
		role: form.role || null,
		from_age: form.fromAge,
		to_age: form.toAge,
		pages: form.pages,
		optional: form.optional ? 1 : 0,
		note: form.note,
		needs_look: 0
	};
}
