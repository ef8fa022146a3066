import Joi from 'joi';
import { Refusal } from '$core/error.ts';
import { exact } from '$core/measure/index.ts';
import { nameKey } from '$core/naming/index.ts';
import { readSupplyLine, usualUse } from '$core/supplies/index.ts';
import { numberTyped } from '$core/words/index.ts';
import { parsed, linesOfLessons } from '$core/facts/index.ts';
import { handleForm } from '$lib/server/requests/form-action.ts';
import { needActions } from '$lib/server/requests/need-actions.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import { id, title } from '$lib/server/schemas/fields.ts';
import { asLine, lineFields, type LineForm } from '$lib/server/schemas/supply-line.ts';
import { takeInstead } from '$lib/server/services/gathering/instead.ts';
import { gatherList } from '$lib/server/services/gathering/list.ts';
import { sharesOf } from '$lib/server/services/gathering/who-gets.ts';
import { sentenceOf, sourceOptions } from '$core/account/index.ts';
import { addLine, removeLine, setClaim, updateLine } from '$lib/server/stores/gathering/supply-lines.ts';
import type { Actions, PageServerLoad } from './$types';

/** A very long list begins with what is to be done first. */
const ROWS_AT_ONCE = 150;

export const load: PageServerLoad = async ({ params, url }) => {
	const { now, run } = await runOf(params);
	const { snapshot } = now;
	const whole = gatherList(now, run);
	const list =
		url.searchParams.get('show') === 'all' ? whole : { ...whole, rows: whole.rows.slice(0, ROWS_AT_ONCE) };
	const shownLines = new Set(list.rows.flatMap((row) => row.keys.map((key) => Number(key.split('/')[2]))));
	const shares = sharesOf(now);
	const items = new Map(snapshot.items.map((item) => [item.id, item]));
	return {
		list,
		things: whole.rows.length,
		sentence: sentenceOf(now, run, 'supplies'),
		lessons: run.lessons.map(({ lesson, number, booked }) => ({
			id: lesson.id,
			number,
			title: lesson.title,
			booked
		})),
		shares: Object.fromEntries(
			list.rows.flatMap(({ item }) => (shares.has(item) ? [[item, shares.get(item)!] as const] : []))
		),
		sources: sourceOptions(snapshot),
		items: snapshot.items.map((item) => item.name),
		children: run.participants.map((person) => ({ id: person.id, name: person.name })),
		lines: linesOfLessons(snapshot)
			.filter((line) => shownLines.has(line.id))
			.map((line) => ({
				id: line.id,
				lesson: line.lesson_id,
				itemId: line.item_id,
				written: line.written,
				item: items.get(line.item_id)!.name,
				quantity: line.quantity === null ? '' : numberTyped(exact(line.quantity)),
				to: line.quantity_to === null ? '' : numberTyped(exact(line.quantity_to)),
				unit: line.unit,
				per: line.per,
				groupSize: line.group_size === null ? '' : String(line.group_size),
				optional: line.optional === 1,
				use: line.use,
				note: line.note ?? '',
				or: line.alternatives,
				participants: line.participants ? parsed(line.participants) : null
			}))
	};
};

type EditForm = LineForm & { id: number } & Record<`child${number}`, string>;

export const actions: Actions = {
	...needActions,
	instead: (event) =>
		handleForm(
			event,
			Joi.object<{ keys: string; name: string }>({
				keys: Joi.string().required(),
				name: title('the substitute')
			}),
			(what: string) => what,
			async ({ trx, now }, form) => takeInstead(trx, now, form.keys.split(' '), form.name)
		),
	claim: (event) =>
		handleForm(
			event,
			Joi.object<{ line: number; claim: 'first' | 'last' | null }>({
				line: id.required(),
				claim: Joi.string().valid('first', 'last').empty('').allow(null).default(null)
			}),
			'Order changed',
			({ trx }, form) => setClaim(trx, form.line, form.claim)
		),
	add: (event) =>
		handleForm(
			event,
			Joi.object<{ text: string; lesson: number }>({
				text: Joi.string().trim().min(1).max(1000).required().messages({
					'string.empty': 'Enter an item, like “12 craft sticks per child”',
					'any.required': 'Enter an item, like “12 craft sticks per child”'
				}),
				lesson: id.required()
			}),
			(added: string) => `Added: ${added}`,
			async ({ trx, now }, form) => {
				const read = readSupplyLine(form.text);
				if (read.length === 0)
					throw new Refusal('That looks like a heading. Enter an item, like “2 cups flour”.', 'text');
				const uses = new Map(now.snapshot.items.map((item) => [item.name_key, item.use]));
				for (const line of read) {
					const use = uses.get(nameKey(line.item)) ?? usualUse(line.item, line.quantity, line.unit);
					await addLine(trx, {
						...line,
						lesson: form.lesson,
						written: form.text,
						use,
						listedOn: now.today
					});
				}
				return read.map((line) => line.item).join(', ');
			}
		),
	edit: (event) =>
		handleForm(
			event,
			Joi.object<EditForm>({ id: id.required(), ...lineFields }).pattern(/^child\d+$/, Joi.string()),
			'Supply line saved',
			async ({ trx }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				const chosen = run.participants
					.filter((person) => form[`child${person.id}`] !== undefined)
					.map((person) => person.id);
				const all = chosen.length === 0 || chosen.length === run.participants.length;
				await updateLine(trx, form.id, { ...asLine(form), participants: all ? null : chosen });
			}
		),
	remove: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number }>({ id: id.required() }),
			'Supply line removed',
			({ trx }, form) => removeLine(trx, form.id)
		)
};
