import Joi from 'joi';
import { Refusal } from '$core/error.ts';
import { readLength, type System } from '$core/measure/index.ts';

/** A length as typed; `typedLength` reads it in the household's measures. */
export const lengthField = Joi.string().trim().allow('').max(40).default('');

const MOST_MM = 10_000;

/** Millimetres of what was typed, null when nothing was. @throws Refusal at the field. */
export function typedLength(text: string, system: System, path: string): number | null {
	if (text === '') return null;
	const mm = readLength(text, system);
	if (mm === null)
		throw new Refusal(
			system === 'us'
				? `“${text}” isn’t a length. Try 12 1/2, 4 ft 2 in, or 32 cm.`
				: `“${text}” isn’t a length. Try 32, 31.5 cm, or 12 in.`,
			path
		);
	if (mm > MOST_MM) throw new Refusal('That length looks too long. Check it.', path);
	return mm;
}
