import { error, fail, redirect } from '@sveltejs/kit';
import { CoreError } from '$core/error.ts';
import { doerOf } from '$lib/server/act.ts';
import { situation, store } from '$lib/server/household.ts';
import { sayAfterRedirect } from '$lib/server/said.ts';
import { planImport } from '$lib/server/sheets/index.ts';
import { change } from '$lib/server/stores/changes.ts';
import { draftById } from '$lib/server/stores/import-drafts.ts';
import type { Actions, PageServerLoad } from './$types';

const AFTER = { supplies: '/home/supplies', places: '/home/places', books: '/home/books' } as const;

async function draftOf(params: { draft: string }) {
	const draft = await draftById((await store()).read, Number(params.draft));
	if (!draft) error(404, 'That file is not here any more. Bring it in again.');
	return draft;
}

export const load: PageServerLoad = async ({ params, url }) => {
	const draft = await draftOf(params);
	const now = await situation();
	const units = now.runs
		.filter(({ run }) => run.state !== 'put away')
		.map(({ run, unit, lessons }) => ({
			value: String(run.id),
			label: unit.name,
			lesson: lessons[0]?.lesson.id ?? null
		}));
	const run = Number(url.searchParams.get('unit')) || Number(units[0]?.value) || null;
	const about = { name: draft.name, note: draft.note, units, run: run === null ? '' : String(run) };
	try {
		const { kind, plan } = planImport(now, draft.text, run);
		const count = (status: string) => plan.rows.filter((row) => row.status === status).length;
		return {
			...about,
			kind: { id: kind.id, name: kind.name },
			rows: plan.rows,
			counts: {
				fresh: count('new'),
				changed: count('changed'),
				same: count('same'),
				wrong: count('wrong')
			},
			problem: null,
			text: null
		};
	} catch (problem) {
		if (!(problem instanceof CoreError)) throw problem;
		// No table: perhaps a list or a table of contents as plain text.
		const isTable = /\.(csv|tsv|bib|xml)$/i.test(draft.name);
		return {
			...about,
			kind: null,
			rows: [],
			counts: null,
			problem: isTable ? problem.message : null,
			text: isTable ? null : draft.text
		};
	}
};

export const actions: Actions = {
	/** Brings the file in: all of its good rows, or nothing. */
	keep: async (event) => {
		const draft = await draftOf(event.params);
		const form = await event.request.formData();
		const run = Number(form.get('unit')) || null;
		const operation = form.get('operation');
		let to: string;
		try {
			const { kind, plan } = planImport(await situation(), draft.text, run);
			const { write } = await store();
			const { changed } = await change(
				write,
				doerOf(event, typeof operation === 'string' ? operation : null),
				`Brought in: ${draft.name}`,
				plan.apply
			);
			sayAfterRedirect(event.cookies, changed);
			to =
				kind.id === 'list'
					? `/units/${run}/gather`
					: kind.id === 'plan'
						? `/units/${run}/plan`
						: AFTER[kind.id];
		} catch (problem) {
			if (problem instanceof CoreError) return fail(400, { message: problem.message, path: problem.path });
			throw problem;
		}
		redirect(303, to);
	}
};
