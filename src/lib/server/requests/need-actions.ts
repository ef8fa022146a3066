import type { Actions, RequestEvent } from '@sveltejs/kit';
import Joi from 'joi';
import { RUNGS, type Rung } from '$core/gathering/index.ts';
import { changedElsewhere, conflict } from '../history/conflicts.ts';
import { tellLibrarySoon } from '../live/desk-talk.ts';
import { typedAmount } from '../schemas/amount.ts';
import { id, optionalDay } from '../schemas/fields.ts';
import { ALL } from '$core/account/index.ts';
import {
	arrange,
	chooseSource,
	decide,
	giveTo,
	gotAll,
	gotIt,
	notYet,
	prepared,
	takeStep,
	tryNext
} from '../services/readiness/steps.ts';
import { finishJob } from '../services/prepare/sitting.ts';
import { letShelfFollow } from '../services/setout/follow.ts';
import { handleForm, doerOf, type Acting } from './form-action.ts';

const keys = Joi.string().required();

const split = (text: string) => text.split(' ').filter(Boolean);

/**
 * An act on needs that may have waited on a device without a network: it carries the revision that its page
 * showed then, and stops at what another device has done to the same needs or loans since.
 */
function actOnNeeds<Input extends { readonly keys: string }>(
	event: RequestEvent,
	schema: Joi.ObjectSchema<Input>,
	label: (what: string) => string,
	work: (at: Acting, input: Input) => Promise<string>
) {
	const seen = Joi.number().integer().min(0).empty('').allow(null).default(null);
	return handleForm(
		event,
		(schema as Joi.ObjectSchema).keys({ seen }) as Joi.ObjectSchema<Input & { seen: number | null }>,
		label,
		async (at, input) => {
			if (input.seen !== null) await stopAtNewer(at, split(input.keys), input.seen, event.locals.device);
			return work(at, input);
		}
	);
}

async function stopAtNewer(
	{ trx, now }: Acting,
	keys: readonly string[],
	seen: number,
	device: string
): Promise<void> {
	const { whole, snapshot } = now;
	const books = new Set(
		whole.flatMap((one) => (one.book && keys.includes(one.need.key) ? [one.book.resource.id] : []))
	);
	const loans = snapshot.loans.filter(
		(loan) => books.has(loan.resource_id) || keys.includes(`loan/${loan.id}`)
	);
	const rows = [
		...snapshot.needStates
			.filter((one) => keys.includes(one.key))
			.map(({ id }) => ({ table: 'need_state' as const, id })),
		...loans.map(({ id }) => ({ table: 'loan' as const, id }))
	];
	for (const { table, id } of rows) {
		const newer = await changedElsewhere(trx, table, id, seen, device);
		if (newer !== null) throw conflict(newer, 'Check how it is now, then decide.');
	}
}

/** The acts on needs, the same on Next, Board and Gather. */
export const needActions = {
	got: (event) =>
		actOnNeeds(
			event,
			Joi.object<{ keys: string; amount: string }>({ keys, amount: Joi.string().required() }),
			(what: string) => `Got ${what}`,
			async ({ trx, now }, input) =>
				input.amount === ALL
					? gotAll(trx, now, split(input.keys))
					: gotIt(trx, now, split(input.keys), typedAmount(input.amount))
		),
	arrange: (event) =>
		actOnNeeds(
			event,
			Joi.object<{ keys: string; promised: string | null }>({ keys, promised: optionalDay }),
			(what: string) => `${what}: on its way`,
			async ({ trx, now }, input) => arrange(trx, now, split(input.keys), input.promised)
		),
	prepared: (event) =>
		actOnNeeds(
			event,
			Joi.object<{ keys: string }>({ keys }),
			(what: string) => `${what}: prepped`,
			async ({ trx, now }, input) => prepared(trx, now, split(input.keys))
		),
	step: async (event) => {
		const done = await actOnNeeds(
			event,
			Joi.object<{ keys: string }>({ keys }),
			(what: string) => what,
			async ({ trx, now }, input) => takeStep(trx, now, split(input.keys))
		);
		tellLibrarySoon(doerOf(event, null));
		return done;
	},
	/** A job that the household noted itself is done. */
	job: (event) =>
		handleForm(
			event,
			Joi.object<{ keys: string }>({ keys }).unknown(),
			(what: string) => what,
			({ trx, now }, input) => finishJob(trx, now, input.keys, null)
		),
	/** What was planned around lessons that have moved follows them. */
	follow: (event) =>
		handleForm(
			event,
			Joi.object<{ keys: string }>({ keys }).unknown(),
			(what: string) => what,
			({ trx, now }) => letShelfFollow(trx, now)
		),
	without: (event) =>
		actOnNeeds(
			event,
			Joi.object<{ keys: string; without: boolean }>({ keys, without: Joi.boolean().required() }),
			(what: string) => what,
			async ({ trx, now }, input) => decide(trx, now, split(input.keys), input.without)
		),
	give: (event) =>
		actOnNeeds(
			event,
			Joi.object<{ keys: string; person: number | null }>({
				keys,
				person: id.empty('').allow(null).default(null)
			}),
			(what: string) => what,
			async ({ trx, now }, input) => giveTo(trx, now, split(input.keys), input.person)
		),
	source: (event) =>
		actOnNeeds(
			event,
			Joi.object<{ keys: string; source: number | Rung }>({
				keys,
				source: Joi.alternatives(id, Joi.string().valid(...RUNGS))
					.required()
					.messages({
						'alternatives.match': 'Choose where it comes from',
						'alternatives.types': 'Choose where it comes from',
						'any.only': 'Choose where it comes from',
						'any.required': 'Choose where it comes from'
					})
			}),
			(what: string) => `${what}: source changed`,
			async ({ trx, now }, input) => chooseSource(trx, now, split(input.keys), input.source)
		),
	notYet: (event) =>
		actOnNeeds(
			event,
			Joi.object<{ keys: string }>({ keys }),
			(what: string) => what,
			async ({ trx, now }, input) => notYet(trx, now, split(input.keys))
		),
	next: (event) =>
		actOnNeeds(
			event,
			Joi.object<{ keys: string }>({ keys }),
			(what: string) => what,
			async ({ trx, now }, input) => tryNext(trx, now, split(input.keys))
		)
} satisfies Actions;
