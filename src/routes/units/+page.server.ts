import { redirect } from '@sveltejs/kit';
import Joi from 'joi';
import { dayText } from '$core/calendar/index.ts';
import { situation } from '$lib/server/live/now.ts';
import { handleForm } from '$lib/server/requests/form-action.ts';
import { sayAfterRedirect } from '$lib/server/requests/toast-after-redirect.ts';
import { title } from '$lib/server/schemas/fields.ts';
import { gatherList } from '$lib/server/services/gathering/list.ts';
import { weekdaysText } from '$lib/server/services/plan/days.ts';
import { createUnit } from '$lib/server/stores/plan/units.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async () => {
	const now = await situation();
	return {
		runs: now.runs.map((one) => {
			const { counts } = gatherList(now, one);
			return {
				id: one.row.id,
				name: one.unit.name,
				run: one.row.name,
				state: one.row.state,
				lessons: one.lessons.length,
				days: one.calendar?.finish
					? `${weekdaysText(one)}, through ${dayText(one.calendar.finish)}`
					: 'no dates yet',
				missing: counts.missing,
				toLook: counts.toLook
			};
		})
	};
};

export const actions: Actions = {
	create: async (event) => {
		const done = await handleForm(
			event,
			Joi.object<{ name: string }>({ name: title('a name for the unit') }),
			() => 'New unit',
			async ({ trx, now }, input) => createUnit(trx, input.name, now.today)
		);
		if ('result' in done) {
			sayAfterRedirect(event.cookies, done.changed);
			redirect(303, `/units/${done.result}/plan`);
		}
		return done;
	}
};
