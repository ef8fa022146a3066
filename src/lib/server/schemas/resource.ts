import Joi from 'joi';
import { Refusal } from '$core/error.ts';
import {
	COPYING_RIGHTS,
	readIsbn,
	RESOURCE_KINDS,
	type CopyingRight,
	type ResourceKind
} from '$core/library/index.ts';
import { json } from '$core/facts/index.ts';
import type { ResourceInput } from '../stores/library/resources.ts';
import { checkbox, dollars, id, title, webAddress, wholeOrNothing, words } from './fields.ts';

export type ResourceForm = {
	title: string;
	authors: string;
	kind: ResourceKind;
	isbn: string;
	publisher: string;
	year: number | null;
	language: string;
	pages: number | null;
	about: string;
	topics: string;
	fromAge: number | null;
	toAge: number | null;
	grade: number | null;
	content: string;
	charter: boolean;
	owned: boolean;
	copies: number;
	place: number | null;
	source: number | null;
	condition: string;
	money: number | null;
	cameFrom: string;
	rights: CopyingRight;
	playersFrom: number | null;
	playersTo: number | null;
	pieces: number | null;
	piecesMissing: string;
	smallParts: boolean;
	width: number | null;
	hardcover: boolean;
	address: string;
	service: string;
	device: string;
	minutes: number | null;
	notes: string;
	liked: '' | 'good' | 'all right' | 'not used';
};

/** The form of a book or thing. */
export const resourceForm = Joi.object<ResourceForm>({
	title: title('a title'),
	authors: words(300),
	kind: Joi.string()
		.valid(...RESOURCE_KINDS)
		.required(),
	isbn: words(40),
	publisher: words(200),
	year: wholeOrNothing('the year', 3000),
	language: words(60),
	pages: wholeOrNothing('the pages', 20_000),
	about: words(2000),
	topics: words(500),
	fromAge: wholeOrNothing('the age', 99),
	toAge: wholeOrNothing('the age', 99),
	grade: Joi.number().min(0).max(12).empty('').allow(null).default(null).messages({
		'number.base': 'Enter the reading level as a school grade, like 3 or 3.5',
		'number.max': 'Grades go from 0 to 12',
		'number.min': 'Grades go from 0 to 12'
	}),
	content: words(300),
	charter: checkbox,
	owned: checkbox,
	copies: Joi.number().integer().min(1).max(999).empty('').default(1).messages({
		'number.base': 'Enter the copies as a whole number',
		'number.min': 'Copies must be 1 or more'
	}),
	place: id.empty('').allow(null).default(null),
	source: id.empty('').allow(null).default(null),
	condition: words(100),
	money: dollars.allow(null).default(null),
	cameFrom: words(200),
	rights: Joi.string()
		.valid(...COPYING_RIGHTS)
		.default('own family'),
	playersFrom: wholeOrNothing('the players', 99),
	playersTo: wholeOrNothing('the players', 99),
	pieces: wholeOrNothing('the pieces', 100_000),
	piecesMissing: words(300),
	smallParts: checkbox,
	width: Joi.number().min(0.1).max(2000).empty('').allow(null).default(null).messages({
		'number.base': 'Enter the thickness in millimeters'
	}),
	hardcover: checkbox,
	address: webAddress,
	service: words(100),
	device: words(100),
	minutes: wholeOrNothing('the minutes', 10_000),
	notes: words(5000),
	liked: Joi.string().valid('', 'good', 'all right', 'not used').default('')
});

function isbnTyped(text: string): string | null {
	if (!text) return null;
	const isbn = readIsbn(text);
	if (!isbn.valid) throw new Refusal(`That ISBN isn’t right: ${isbn.why}.`, 'isbn');
	return isbn.isbn13;
}

/** The columns of a resource as its form has them. @throws Refusal for an ISBN or ages that cannot be. */
export function resourceColumns(form: ResourceForm): Partial<ResourceInput> {
	if (form.fromAge !== null && form.toAge !== null && form.toAge < form.fromAge)
		throw new Refusal('The second age must be at least the first.', 'toAge');
	return {
		title: form.title,
		authors: form.authors,
		kind: form.kind,
		isbn13: isbnTyped(form.isbn),
		publisher: form.publisher,
		year: form.year,
		language: form.language,
		pages: form.pages,
		about: form.about,
		topics: form.topics,
		from_age: form.fromAge,
		to_age: form.toAge,
		grade: form.grade,
		content: json(
			form.content
				.split(',')
				.map((one) => one.trim().toLowerCase())
				.filter(Boolean)
		),
		charter: form.charter ? 1 : 0,
		owned: form.owned ? 1 : 0,
		copies: form.copies,
		place_id: form.place,
		supplier_id: form.source,
		condition: form.condition,
		cents: form.money === null ? null : Math.round(form.money * 100),
		came_from: form.cameFrom,
		rights: form.rights,
		players_from: form.playersFrom,
		players_to: form.playersTo,
		pieces: form.pieces,
		pieces_missing: form.piecesMissing,
		small_parts: form.smallParts ? 1 : 0,
		width_mm: form.width,
		hardcover: form.hardcover ? 1 : 0,
		address: form.address,
		service: form.service,
		device: form.device,
		minutes: form.minutes,
		notes: form.notes,
		liked: form.liked
	};
}
