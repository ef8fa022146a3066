import Joi from 'joi';
import { env } from '$env/dynamic/private';
import { smallJson } from './small-json.ts';
import { RESOURCE_KINDS, type ResourceKind } from '$core/library/index.ts';

/** What a catalogue knows of a number. */
export type CatalogueEntry = {
	readonly title: string;
	readonly authors: string;
	readonly publisher: string;
	readonly year: number | null;
	readonly language: string;
	readonly pages: number | null;
	readonly kind: ResourceKind;
	readonly fromAge: number | null;
	readonly toAge: number | null;
	readonly grade: number | null;
	readonly topics: string;
};

export type LookUp =
	| { readonly state: 'found'; readonly entry: CatalogueEntry }
	| { readonly state: 'not found' }
	/** It did not answer, or there is none; the number can be kept and looked up later. */
	| { readonly state: 'no answer' };

const LIMIT_MS = 2500;
const TRIES = 2;

const ENTRY = Joi.object({
	title: Joi.string().max(500).required(),
	authors: Joi.string().allow('').max(500).default(''),
	publisher: Joi.string().allow('').max(300).default(''),
	year: Joi.number().integer().allow(null).default(null),
	language: Joi.string().allow('').max(60).default(''),
	pages: Joi.number().integer().min(0).allow(null).default(null),
	kind: Joi.string()
		.valid(...RESOURCE_KINDS)
		.default('book'),
	fromAge: Joi.number().integer().min(0).max(99).allow(null).default(null),
	toAge: Joi.number().integer().min(0).max(99).allow(null).default(null),
	grade: Joi.number().min(0).max(12).allow(null).default(null),
	topics: Joi.string().allow('').max(300).default('')
});

/**
 * Asks the catalogue for a number. GATHER_BIN_CATALOGUE names its address; a real one takes the place of
 * the stand-in there. Never throws: what goes wrong is "no answer", after a second try.
 */
export async function lookUp(isbn13: string): Promise<LookUp> {
	const base = env.GATHER_BIN_CATALOGUE;
	if (!base) return { state: 'no answer' };
	for (let i = 0; i < TRIES; i++) {
		try {
			const response = await fetch(`${base}/isbn/${isbn13}`, { signal: AbortSignal.timeout(LIMIT_MS) });
			if (response.status === 404) return { state: 'not found' };
			if (!response.ok) continue;
			const { error, value } = ENTRY.validate(await smallJson(response), { stripUnknown: true });
			return error ? { state: 'not found' } : { state: 'found', entry: value as CatalogueEntry };
		} catch {
			// Too slow, or nobody there: once more.
		}
	}
	return { state: 'no answer' };
}
