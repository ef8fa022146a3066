import { formOf, operationOf } from '$lib/server/requests/form-of.ts';
import { error, redirect } from '@sveltejs/kit';
import { Refusal } from '$core/error.ts';
import { planImport } from '$lib/server/exchange/index.ts';
import { opened } from '$lib/server/live/data.ts';
import { forgetImport, importJob, runImport } from '$lib/server/live/import-jobs.ts';
import { situation } from '$lib/server/live/now.ts';
import { answering, atItsField, doerOf } from '$lib/server/requests/form-action.ts';
import { sayAfterRedirect } from '$lib/server/requests/toast-after-redirect.ts';
import { sheetOf, sheetSoon, stopReading } from '$lib/server/live/read-drafts.ts';
import { draftById } from '$lib/server/stores/files/import-drafts.ts';
import type { Actions, PageServerLoad } from './$types';

/** With more rows than this a page shows how far it is. */
const SHORT_ROWS = 300;

const NOTHING_READ = {
	note: null,
	units: [],
	run: '',
	kind: null,
	rows: [],
	counts: null,
	problem: null,
	text: null,
	reading: false
};

/** Letters of a plain text that may be a supply list. */
const LONGEST_LIST = 200_000;

/** Rows that the page shows at once, those that cannot be read first. */
const SHOWN_AT_ONCE = 200;
const ORDER = { wrong: 0, changed: 1, new: 2, same: 3 };

const AFTER = { supplies: '/home/supplies', places: '/home/places', books: '/home/books' } as const;

async function draftOf(params: { draft: string }) {
	const draft = await draftById((await opened()).read, Number(params.draft));
	if (!draft) error(404, 'That file is gone. Import it again.');
	return draft;
}

export const load: PageServerLoad = async ({ params, url, cookies, depends }) => {
	const draft = await draftOf(params);
	depends('import:job');
	const job = importJob(draft.id);
	if (job?.state === 'done') {
		forgetImport(draft.id);
		sayAfterRedirect(cookies, job.said);
		redirect(303, job.to);
	}
	if (job?.state === 'running')
		return {
			...NOTHING_READ,
			rowCount: 0,
			name: draft.name,
			job: { done: job.done, total: job.total },
			ended: null
		};
	const ended = job && { stopped: job.state === 'stopped', said: job.said ?? '' };
	const now = await situation();
	const units = now.inWork.map(({ row: run, unit, lessons }) => ({
		value: String(run.id),
		label: unit.name,
		lesson: lessons[0]?.lesson.id ?? null
	}));
	const run = Number(url.searchParams.get('unit')) || Number(units[0]?.value) || null;
	const about = {
		name: draft.name,
		note: draft.note,
		units,
		run: run === null ? '' : String(run),
		job: null,
		ended
	};
	try {
		const sheet = await sheetSoon(draft.id, draft.text);
		if (!sheet) return { ...NOTHING_READ, ...about, reading: true, rowCount: 0 };
		const { kind, plan } = await planImport(now, sheet, run);
		const shown = Math.max(SHOWN_AT_ONCE, Math.floor(Number(url.searchParams.get('rows'))) || 0);
		const count = (status: string) => plan.rows.filter((row) => row.status === status).length;
		return {
			...NOTHING_READ,
			...about,
			kind: { id: kind.id, name: kind.name },
			rows: plan.rows.toSorted((a, b) => ORDER[a.status] - ORDER[b.status] || a.row - b.row).slice(0, shown),
			rowCount: plan.rows.length,
			counts: {
				fresh: count('new'),
				changed: count('changed'),
				same: count('same'),
				wrong: count('wrong')
			}
		};
	} catch (problem) {
		if (!(problem instanceof Refusal)) throw problem;
		// No table: perhaps a list or a table of contents as plain text.
		const isTable = /\.(csv|tsv|bib|xml)$/i.test(draft.name);
		const isTooLong = draft.text.length > LONGEST_LIST;
		return {
			...NOTHING_READ,
			...about,
			rowCount: 0,
			problem: isTable
				? problem.message
				: isTooLong
					? 'That text is too long for a list. Paste it in parts.'
					: null,
			text: isTable || isTooLong ? null : draft.text
		};
	}
};

export const actions: Actions = {
	/** Brings the file in: all of its good rows, or nothing. */
	keep: async (event) => {
		const draft = await draftOf(event.params);
		return answering(async () => {
			const form = await formOf(event.request);
			const run = Number(form.get('unit')) || null;
			const { kind, plan } = await planImport(await situation(), await sheetOf(draft.id, draft.text), run);
			const to =
				kind.id === 'list'
					? `/units/${run}/gather`
					: kind.id === 'plan'
						? `/units/${run}/plan`
						: AFTER[kind.id];
			const doer = doerOf(event, operationOf(form, event.url));
			const job = runImport(draft.id, draft.name, plan, to, doer);
			// A short file is in before anybody could look; a long one shows how far it is.
			if (plan.rows.length <= SHORT_ROWS) await job;
			else void job;
			redirect(303, event.url.pathname);
		}, atItsField({}));
	},
	/** Stops reading it, or bringing it in; what was brought in so far is taken out again. */
	stop: async (event) => {
		const draft = await draftOf(event.params);
		const job = importJob(draft.id);
		if (job) job.stop = true;
		else stopReading(draft.id);
		redirect(303, event.url.pathname);
	}
};
