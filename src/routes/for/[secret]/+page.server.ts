import { error } from '@sveltejs/kit';
import Joi from 'joi';
import { parsed } from '$core/facts/index.ts';
import { situation } from '$lib/server/live/now.ts';
import { handleForm } from '$lib/server/requests/form-action.ts';
import { checkbox } from '$lib/server/schemas/fields.ts';
import { childDay } from '$lib/server/services/week/child-day.ts';
import { tickDay } from '$lib/server/stores/setout/trays.ts';
import type { Actions, PageServerLoad } from './$types';

/** The child whose page a secret opens; a plain "not here" for any other. */
async function childOf(secret: string) {
	const now = await situation();
	const links = Object.entries(parsed(now.snapshot.household.child_links));
	const id = links.find(([, own]) => own === secret && secret !== '')?.[0];
	const person = now.snapshot.people.find((one) => String(one.id) === id);
	if (!person) error(404, 'This page is over. Ask for a new link.');
	return { now, person };
}

export const load: PageServerLoad = async ({ params }) => {
	const { now, person } = await childOf(params.secret);
	return { child: childDay(now, person, now.today) };
};

export const actions: Actions = {
	tick: (event) =>
		handleForm(
			event,
			Joi.object<{ key: string; done: boolean }>({ key: Joi.string().max(200).required(), done: checkbox }),
			'Checked off',
			async ({ trx }, form) => {
				const { now, person } = await childOf(event.params.secret!);
				// A child ticks its own things only.
				const isOwn = childDay(now, person, now.today).entries.some((one) => one.key === form.key);
				if (isOwn) await tickDay(trx, now.today, form.key, form.done);
			}
		)
};
