import Joi from 'joi';
import { env } from '$env/dynamic/private';
import { dayWindow, isDay, type Day } from '$core/calendar/index.ts';
import { smallJson } from './small-json.ts';

/** A hold as the library's own computer has it. */
export type DeskHold = {
	readonly number: string;
	/** Under which we asked for it. */
	readonly reference: string;
	readonly title: string;
	readonly state: 'waiting' | 'ready' | 'lapsed';
	readonly expectedOn: Day;
};
export type DeskLoan = {
	readonly number: string;
	readonly title: string;
	readonly fetched: Day;
	readonly due: Day;
	readonly renewed: number;
};
export type DeskAccount = { readonly holds: readonly DeskHold[]; readonly loans: readonly DeskLoan[] };
export type DeskTitle = {
	readonly isbn: string;
	readonly title: string;
	readonly authors: string;
	readonly kind: string;
	readonly pages: number | null;
	readonly copies: number;
	readonly waiting: number;
};

/** What a library's computer can be asked; a real one takes the stand-in's place behind this. */
export type LibraryDesk = {
	readonly search: (words: string) => Promise<readonly DeskTitle[]>;
	readonly account: () => Promise<DeskAccount>;
	/** Asking twice under one reference gives the same hold; null when the library does not have it. */
	readonly placeHold: (ask: { reference: string; isbn: string; title: string }) => Promise<DeskHold | null>;
	readonly giveUp: (number: string) => Promise<void>;
	/** The new due day, or why not. */
	readonly renew: (number: string) => Promise<{ readonly due: Day } | { readonly why: string }>;
};

/** It did not answer, or not so that it could be understood. */
export class DeskSilent extends Error {
	constructor() {
		super('The library’s system isn’t answering.');
	}
}

const LIMIT_MS = 2500;
const TRIES = 2;

/** A day that a library can mean: one that exists, and not far from today. */
const day = Joi.string()
	.custom((value: string, helpers) => {
		const { from, to } = dayWindow('library', (helpers.prefs.context as { today: Day }).today);
		return isDay(value) && value >= from && value <= to ? value : helpers.error('any.invalid');
	})
	.required();
/** Things that one account has. */
const MOST = 1000;
const text = Joi.string().allow('').max(500);
const HOLD = Joi.object<DeskHold>({
	number: text.required(),
	reference: text.required(),
	title: text.required(),
	state: Joi.string().valid('waiting', 'ready', 'lapsed').required(),
	expectedOn: day
});
const LOAN = Joi.object<DeskLoan>({
	number: text.required(),
	title: text.required(),
	fetched: day,
	due: day,
	renewed: Joi.number().integer().min(0).required()
});
const ACCOUNT = Joi.object<DeskAccount>({
	holds: Joi.array().items(HOLD).max(MOST).required(),
	loans: Joi.array().items(LOAN).max(MOST).required()
});
const FOUND = Joi.array<DeskTitle[]>()
	.max(MOST)
	.items(
		Joi.object({
			isbn: text.required(),
			title: text.required(),
			authors: text.default(''),
			kind: text.default('book'),
			pages: Joi.number().integer().allow(null).default(null),
			copies: Joi.number().integer().min(0).required(),
			waiting: Joi.number().integer().min(0).required()
		})
	);
const RENEWED = Joi.object<{ due: Day }>({ due: day });

export function isLibraryThere(): boolean {
	return Boolean(env.GATHER_BIN_LIBRARY);
}

/**
 * The library's computer at GATHER_BIN_LIBRARY; null when none is set. Days far from today in its answers are
 * taken for a fault of it.
 */
export function libraryDesk(today: Day): LibraryDesk | null {
	return env.GATHER_BIN_LIBRARY ? deskAt(env.GATHER_BIN_LIBRARY, today) : null;
}

function deskAt(base: string, today: Day): LibraryDesk {
	const understood = <T>(schema: Joi.Schema<T>, body: unknown): T => {
		const { error, value } = schema.validate(body, { stripUnknown: true, context: { today } });
		if (error) throw new DeskSilent();
		return value as T;
	};
	return {
		search: async (words) =>
			understood(FOUND, (await ask('GET', `search?${new URLSearchParams({ q: words })}`)).body),
		account: async () => understood(ACCOUNT, (await ask('GET', 'account')).body),
		placeHold: async (wanted) => {
			const { status, body } = await ask('POST', 'holds', wanted);
			return status === 404 ? null : understood(HOLD, body);
		},
		giveUp: async (number) => void (await ask('DELETE', `holds/${encodeURIComponent(number)}`)),
		renew: async (number) => {
			// Not asked for a second time by itself: it might have been done.
			const { status, body } = await ask('POST', `loans/${encodeURIComponent(number)}/renew`, {}, 1);
			if (status === 200) return understood(RENEWED, body);
			return { why: String((body as { message?: unknown }).message ?? 'It can’t be renewed.') };
		}
	};

	async function ask(method: string, path: string, body?: object, tries = TRIES) {
		for (let i = 0; i < tries; i++) {
			try {
				const response = await fetch(`${base}/${path}`, {
					method,
					signal: AbortSignal.timeout(LIMIT_MS),
					...(body ? { body: JSON.stringify(body), headers: { 'content-type': 'application/json' } } : {})
				});
				if (response.status < 500) return { status: response.status, body: await smallJson(response) };
			} catch {
				// Too slow, or nobody there: once more.
			}
		}
		throw new DeskSilent();
	}
}
