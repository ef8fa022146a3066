import { randomBytes } from 'node:crypto';
import Joi from 'joi';
import type { Day } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { parsed } from '$core/facts/index.ts';
import { FOR_GOOD } from '$lib/server/history/changes.ts';
import { houseAddress } from '$lib/server/requests/own-address.ts';
import { handleForm } from '$lib/server/requests/form-action.ts';
import { situation } from '$lib/server/live/now.ts';
import { checkbox, day, dayAsked, id } from '$lib/server/schemas/fields.ts';
import { checkOff } from '$lib/server/services/week/day.ts';
import { awaySet, dayAhead, weekView } from '$lib/server/services/week/week.ts';
import { setChildLinks, tickDay } from '$lib/server/stores/setout/trays.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	const { url } = event;
	const now = await situation();
	const links = parsed(now.snapshot.household.child_links);
	const unit = now.runs.find((one) => String(one.row.id) === url.searchParams.get('unit')) ?? null;
	const of = dayAsked(url.searchParams.get('of'), dayAhead(now));
	return {
		week: weekView(now, of, unit),
		today: now.today,
		away: url.searchParams.has('away') ? awaySet(now) : null,
		units: now.inWork.map((one) => ({ id: one.row.id, name: one.unit.name })),
		unit: unit?.row.id ?? null,
		links: now.snapshot.people
			.filter((one) => one.kind === 'child')
			.map((one) => ({
				id: one.id,
				name: one.name,
				href: links[one.id] ? `${houseAddress(event)}/for/${links[one.id]}` : null
			}))
	};
};

export const actions: Actions = {
	tick: (event) =>
		handleForm(
			event,
			Joi.object<{ day: Day; key: string; done: boolean; what: string }>({
				day: day.required(),
				// One, or all of a group that is done together.
				key: Joi.string().max(20_000).required(),
				done: checkbox,
				what: Joi.string().max(300).allow('').default('')
			}),
			(text: string) => text,
			({ trx, now }, form) => checkOff(trx, now, form)
		),
	link: (event) =>
		handleForm(
			event,
			Joi.object<{ person: number; on: boolean }>({ person: id.required(), on: checkbox }),
			FOR_GOOD,
			async ({ trx, now }, form) => {
				if (!now.snapshot.people.some((one) => one.id === form.person && one.kind === 'child'))
					throw new Refusal('That child is no longer in the household. Reload the page.');
				const { [form.person]: _, ...rest } = parsed(now.snapshot.household.child_links);
				await setChildLinks(
					trx,
					form.on ? { ...rest, [form.person]: randomBytes(16).toString('base64url') } : rest
				);
			}
		),
	short: (event) =>
		handleForm(
			event,
			Joi.object<{ day: Day; short: boolean }>({ day: day.required(), short: checkbox }),
			(text: string) => text,
			async ({ trx }, form) => {
				await tickDay(trx, form.day, 'short', form.short);
				return form.short ? 'A short day: only the basket' : 'A whole day again';
			}
		)
};
