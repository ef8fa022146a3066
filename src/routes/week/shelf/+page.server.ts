import Joi from 'joi';
import { addDays, startOfWeek, type Day } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import type { ShelfWeek } from '$core/setout/index.ts';
import { json, parsed } from '$core/facts/index.ts';
import { situation } from '$lib/server/live/now.ts';
import { checkedJson, handleForm } from '$lib/server/requests/form-action.ts';
import { checkbox, day, dayAsked, id, title, wholeNumber } from '$lib/server/schemas/fields.ts';
import { lengthField, typedLength } from '$lib/server/schemas/length.ts';
import { placeOptions } from '$core/account/index.ts';
import { baseOf, listFilling } from '$lib/server/services/setout/filling.ts';
import {
	acceptShelf,
	moveTray,
	setOutOf,
	shelfQuestion,
	shelfView,
	standingIn
} from '$lib/server/services/setout/shelf.ts';
import { matchesOf, piecesOf, smallIn } from '$lib/server/services/setout/trays.ts';
import { letShelfFollow, shelfMoved } from '$lib/server/services/setout/follow.ts';
import { growsSoon } from '$lib/server/services/setout/grows.ts';
import { dayAhead } from '$lib/server/services/week/week.ts';
import { addTray, removeTray, setSetOut, updateTray } from '$lib/server/stores/setout/trays.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => {
	const now = await situation();
	const { snapshot } = now;
	const of = dayAsked(url.searchParams.get('of'), dayAhead(now));
	const week = startOfWeek(of, snapshot.household.week_start);
	const { input, weeks } = shelfQuestion(now);
	const setOut = setOutOf(now);
	const row = snapshot.trays.find((one) => String(one.id) === url.searchParams.get('tray')) ?? null;
	return {
		view: shelfView(now, week),
		moved: shelfMoved(now).map((one) => one.text),
		grows: growsSoon(now).map((one) => one.text),
		before: addDays(week, -7),
		after: addDays(week, 7),
		question: input,
		standing: standingIn(now, addDays(weeks[0], -7)).map((one) => String(one.tray_id)),
		weeks,
		setOut,
		furniture: [
			{ value: '', label: 'none yet' },
			...placeOptions(now).filter((one) =>
				snapshot.places.some((place) => String(place.parent_id) === one.value && place.kind !== 'box')
			)
		],
		children: snapshot.people
			.filter((one) => one.kind !== 'adult')
			.map((one) => ({ id: one.id, name: one.name })),
		small: input.children
			.filter((one) => one.isUnderThree)
			.map((one) => ({ id: Number(one.id), name: one.name })),
		users: input.children.filter((one) => one.uses).map((one) => Number(one.id)),
		ageless: snapshot.people
			.filter((one) => one.kind === 'child' && one.born === null)
			.map((one) => one.name),
		lessons: now.inWork.flatMap((run) =>
			run.lessons
				.filter((one) => !one.dropped)
				.map((one) => ({
					value: String(one.lesson.id),
					label: `${run.unit.name} ${one.number}: ${one.lesson.title}`
				}))
		),
		places: [{ value: '', label: 'not said' }, ...placeOptions(now)],
		system: snapshot.household.measures,
		tray: row && {
			...row,
			fills: baseOf(row),
			matches: matchesOf(now, row),
			counts: piecesOf(row),
			children: row.children ? parsed(row.children) : null,
			lessons: row.lessons ? parsed(row.lessons) : null
		}
	};
};

type TrayForm = {
	id: number | null;
	title: string;
	along: string;
	deep: string;
	high: string;
	skill: string;
	lesson: number | null;
	pieces: number | null;
	dangerous: boolean;
	loved: boolean;
	steps: string;
	stored: number | null;
	sensory: boolean;
	base: string;
	hidden: string;
	keeps: number | null;
	matches: string;
};
const words = (most: number) => Joi.string().trim().max(most).allow('').default('');
const trayForm = Joi.object<TrayForm>({
	id: id.empty('').allow(null).default(null),
	title: title('what the tray is'),
	along: lengthField,
	deep: lengthField,
	high: lengthField,
	skill: words(60),
	lesson: id.empty('').allow(null).default(null),
	pieces: wholeNumber('the pieces', 2000),
	dangerous: checkbox,
	loved: checkbox,
	steps: words(2000),
	stored: id.empty('').allow(null).default(null),
	sensory: checkbox,
	base: words(200),
	hidden: words(500),
	keeps: wholeNumber('the days', 3650),
	matches: words(1000)
}).pattern(/^child\d+$/, checkbox);

export const actions: Actions = {
	save: (event) =>
		handleForm(
			event,
			trayForm,
			(what: string) => `Saved: ${what}`,
			async ({ trx, now }, form) => {
				const { measures } = now.snapshot.household;
				const side = (text: string, path: 'along' | 'deep' | 'high', usual: number) => {
					const mm = typedLength(text, measures, path);
					if (mm !== null && mm <= 0) throw new Refusal('Each side is more than 0.', path);
					return mm ?? usual;
				};
				const chosen = now.snapshot.people
					.filter((one) => (form as unknown as Record<string, unknown>)[`child${one.id}`] === true)
					.map((one) => one.id);
				const run = now.runs.find((one) => one.lessons.some((lesson) => lesson.lesson.id === form.lesson));
				const input = {
					title: form.title,
					// A tray from the kitchen is about so large (common practice).
					along_mm: side(form.along, 'along', 400),
					deep_mm: side(form.deep, 'deep', 300),
					high_mm: side(form.high, 'high', 80),
					skill: form.skill || 'other',
					run_id: run?.row.id ?? null,
					lessons: form.lesson === null ? null : [form.lesson],
					children: chosen.length ? chosen : null,
					pieces: form.pieces,
					dangerous: form.dangerous ? (1 as const) : (0 as const),
					loved: form.loved ? (1 as const) : (0 as const),
					steps: form.steps,
					stored_place_id: form.stored,
					kind: form.sensory ? ('sensory' as const) : ('tray' as const),
					base: form.base,
					hidden: form.hidden,
					keeps_days: form.keeps,
					matches: form.matches
						.split(/[,\n;]/)
						.map((one) => one.trim())
						.filter((one, at, all) => one !== '' && all.indexOf(one) === at)
				};
				const [small] = smallIn(now, { ...input, children: json(chosen) });
				if (small)
					throw new Refusal(
						`“${form.title}” isn’t for a child under three, and ${small.name} is one. Uncheck ${small.name}, or choose a safer activity.`,
						'title'
					);
				if (form.id === null) await addTray(trx, input);
				else await updateTray(trx, form.id, input);
				return form.title;
			}
		),
	remove: (event) =>
		handleForm(event, Joi.object<{ id: number }>({ id: id.required() }), 'Tray removed', ({ trx }, form) =>
			removeTray(trx, form.id)
		),
	list: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number }>({ id: id.required() }),
			(text: string) => text,
			({ trx, now }, form) => listFilling(trx, now, form.id)
		),
	loved: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number; loved: boolean }>({ id: id.required(), loved: checkbox }),
			'Noted',
			({ trx }, form) => updateTray(trx, form.id, { loved: form.loved ? 1 : 0 })
		),
	move: (event) =>
		handleForm(
			event,
			Joi.object<{ week: Day; tray: number; board: number | null; index: number }>({
				week: day.required(),
				tray: id.required(),
				board: id.empty('').allow(null).default(null),
				index: Joi.number().integer().min(0).max(1000).empty('').default(1000)
			}),
			(text: string) => text,
			({ trx, now }, form) => moveTray(trx, now, form.week, form.tray, form.board, form.index)
		),
	accept: (event) =>
		handleForm(
			event,
			Joi.object<{ plan: string }>({ plan: Joi.string().max(500_000).required() }),
			(text: string) => text,
			({ trx, now }, form) =>
				acceptShelf(trx, now, checkedJson(PLAN, form.plan, 'That plan can’t be read. Plan again.'))
		),
	follow: (event) =>
		handleForm(
			event,
			Joi.object({}),
			(text: string) => text,
			({ trx, now }) => letShelfFollow(trx, now)
		),
	settings: (event) =>
		handleForm(
			event,
			Joi.object<{ shelf: number | null; changes: number; habit: 'weekly' | 'unit' }>({
				shelf: id.empty('').allow(null).default(null),
				changes: Joi.number().integer().min(0).max(40).empty('').default(4).messages({
					'number.base': 'Enter how many trays may change, such as 4',
					'number.min': 'Enter 0 or more'
				}),
				habit: Joi.string().valid('weekly', 'unit').required()
			}).pattern(/^(?:user|away)\d+(?:-[1-7])?$/, checkbox),
			'Shelf saved',
			async ({ trx, now }, { shelf, changes, habit, ...rest }) => {
				const isChecked = (name: string) => (rest as Record<string, unknown>)[name] === true;
				const away = Object.fromEntries(
					now.snapshot.people
						.filter((one) => one.kind !== 'adult')
						.map((one) => [
							one.id,
							([1, 2, 3, 4, 5, 6, 7] as const).filter((day) => isChecked(`away${one.id}-${day}`))
						])
				);
				const users = now.snapshot.people.filter((one) => isChecked(`user${one.id}`)).map((one) => one.id);
				await setSetOut(trx, parsed(now.snapshot.household.set_out), { shelf, changes, habit, users, away });
			}
		)
};

/** A plan as the page sends it. */
const PLAN = Joi.array<readonly Pick<ShelfWeek, 'standing'>[]>()
	.max(60)
	.items(
		Joi.object({
			standing: Joi.array()
				.max(500)
				.items(
					Joi.object({
						tray: Joi.string().pattern(/^\d+$/).required(),
						board: Joi.string().pattern(/^\d+$/).required(),
						x: Joi.number().required()
					})
				)
				.required()
		})
	);
