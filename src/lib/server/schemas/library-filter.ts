import Joi from 'joi';
import { RESOURCE_KINDS, type ResourceKind } from '$core/library/index.ts';
import type { LibraryFilter } from '../services/library/search.ts';
import { id } from './fields.ts';

const FILTER = Joi.object({
	q: Joi.string().trim().allow('').max(200).default(''),
	kind: Joi.string()
		.valid('', ...RESOURCE_KINDS)
		.default(''),
	topic: Joi.string().trim().allow('').max(100).default(''),
	where: Joi.string().valid('', 'home', 'away', 'lent').default(''),
	child: id.empty('').allow(null).default(null),
	content: Joi.string().allow('').max(60).default(''),
	use: Joi.string().valid('', 'never used', 'good', 'not used').default(''),
	place: id.empty('').allow(null).default(null)
});

/** The filter in an address; what cannot be read asks for everything. */
export function filterIn(query: URLSearchParams): LibraryFilter {
	const { error, value } = FILTER.validate(Object.fromEntries(query), { stripUnknown: true });
	const asked = (error ? FILTER.validate({}).value : value) as Omit<LibraryFilter, 'words'> & {
		q: string;
		kind: ResourceKind | '';
	};
	const { q, ...rest } = asked;
	return { ...rest, words: q };
}
