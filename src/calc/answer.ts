import Joi from 'joi';
import { CoreError } from '../core/error.ts';
import { COMPUTATIONS } from './computations.ts';

type Answer = { id: unknown; out: object } | { id: unknown; error: { message: string; path: string | null } };

const CASE = Joi.object({
	id: Joi.any().required(),
	do: Joi.string().required(),
	in: Joi.any().required()
}).unknown(false);

const OPTIONS: Joi.ValidationOptions = {
	convert: false,
	abortEarly: true,
	errors: { wrap: { label: false, array: false } }
};

/** Answers one line of the command: a case in JSON gives its answer, anything wrong an error in words. */
export async function answerLine(line: string): Promise<Answer> {
	let id: unknown = null;
	try {
		const parsed: unknown = parse(line);
		if (parsed !== null && typeof parsed === 'object' && 'id' in parsed) id = parsed.id;
		const asked = check(CASE, parsed) as { do: string; in: unknown };
		if (!Object.hasOwn(COMPUTATIONS, asked.do)) {
			throw new CoreError(`there is no computation "${asked.do}"; calc -- --list names them`, 'do');
		}
		const computation = COMPUTATIONS[asked.do];
		return { id, out: await computation.run(check(computation.schema, asked.in) as never) };
	} catch (error) {
		if (error instanceof CoreError) return { id, error: { message: error.message, path: error.path } };
		const message = error instanceof Error ? error.message : String(error);
		return { id, error: { message: `this case could not be computed: ${message}`, path: null } };
	}
}

function parse(line: string): unknown {
	try {
		return JSON.parse(line);
	} catch {
		throw new CoreError('this line is not JSON');
	}
}

function check(schema: Joi.Schema, value: unknown): unknown {
	const { error, value: checked } = schema.validate(value, OPTIONS);
	if (!error) return checked as unknown;
	const [detail] = error.details;
	const path = detail.path.reduce<string>(
		(so, part) => (typeof part === 'number' ? `${so}[${part}]` : so ? `${so}.${part}` : String(part)),
		''
	);
	throw new CoreError(detail.message, path || null);
}
