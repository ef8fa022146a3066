import Joi from 'joi';
import { Refusal } from '$core/error.ts';
import type { Day } from '$core/calendar/index.ts';
import { handleForm } from '$lib/server/requests/form-action.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import { id, optionalDay, title } from '$lib/server/schemas/fields.ts';
import { lengthField, typedLength } from '$lib/server/schemas/length.ts';
import { placeOptions } from '$core/account/index.ts';
import { ledgeView } from '$lib/server/services/setout/ledge.ts';
import { setOutOf } from '$lib/server/services/setout/shelf.ts';
import { dayAhead } from '$lib/server/services/week/week.ts';
import { cornerOf, USUAL_POSTER, wallView, WALL_TEXT } from '$lib/server/services/setout/wall.ts';
import { hangWith, moveWord, wordsTyped } from '$lib/server/services/setout/wall-words.ts';
import { parsed } from '$core/facts/index.ts';
import { lengthText } from '$core/measure/index.ts';
import { addTray, PLAIN_TRAY, setSetOut } from '$lib/server/stores/setout/trays.ts';
import {
	addPoster,
	addWords,
	removePoster,
	removeWord,
	setWall,
	updatePoster,
	updateWord,
	type WallInput
} from '$lib/server/stores/setout/wall.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, url }) => {
	const { now, run } = await runOf(params);
	const asked = url.searchParams.get('lesson');
	return {
		view: wallView(now, run, asked === null || !/^\d{1,4}$/.test(asked) ? null : Number(asked)),
		kinds: Object.entries(WALL_TEXT).map(([value, label]) => ({ value, label })),
		lessons: run.lessons
			.filter((one) => !one.dropped)
			.map((one) => ({ value: String(one.lesson.id), label: `${one.number} ${one.lesson.title}` })),
		ledge: ledgeView(now, dayAhead(now)),
		corner: cornerOf(now, run),
		cornerPlace: setOutOf(now).corner,
		places: [{ value: '', label: 'none' }, ...placeOptions(now)],
		system: now.snapshot.household.measures,
		usualPoster: USUAL_POSTER,
		activities: run.activities
			.filter((one) => one.lesson !== null && one.activity.kind === 'project')
			.map((one) => ({ id: one.activity.id, title: one.activity.title, number: one.lesson!.number }))
	};
};

/** A place of the board, as its corner is named; empty for any. */
const spot = Joi.string()
	.pattern(/^\d{1,5},\d{1,5}$/)
	.allow('')
	.default('');

export const actions: Actions = {
	wall: (event) =>
		handleForm(
			event,
			Joi.object<
				Record<
					'width' | 'height' | 'cardWidth' | 'cardHeight' | 'gap' | 'kind' | 'strip' | 'stripText',
					string
				>
			>({
				kind: Joi.string()
					.valid(...Object.keys(WALL_TEXT))
					.required(),
				width: lengthField,
				height: lengthField,
				cardWidth: lengthField,
				cardHeight: lengthField,
				gap: lengthField,
				strip: lengthField,
				stripText: Joi.string().trim().max(120).allow('').default('')
			}),
			'Board saved',
			async ({ trx, now }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				const { measures } = now.snapshot.household;
				const side = (path: 'width' | 'height' | 'cardWidth' | 'cardHeight', what: string) => {
					const mm = typedLength(form[path], measures, path);
					if (mm === null || mm <= 0)
						throw new Refusal(`Enter the ${what}; a board of 0 holds nothing.`, path);
					return mm;
				};
				await setWall(trx, run.row.id, {
					kind: form.kind as WallInput['kind'],
					width_mm: side('width', 'width of the board'),
					height_mm: side('height', 'height of the board'),
					card_width_mm: side('cardWidth', 'width of a card'),
					card_height_mm: side('cardHeight', 'height of a card'),
					gap_mm: typedLength(form.gap, measures, 'gap') ?? 0,
					strip_mm: typedLength(form.strip, measures, 'strip') ?? 0,
					strip_text: form.stripText
				});
			}
		),
	ledge: (event) =>
		handleForm(
			event,
			Joi.object<{ ledge: string; corner: number | null }>({
				ledge: lengthField,
				corner: id.empty('').allow(null).default(null)
			}),
			'Ledge saved',
			async ({ trx, now }, form) => {
				const mm = typedLength(form.ledge, now.snapshot.household.measures, 'ledge');
				if (mm !== null && mm <= 0) throw new Refusal('A ledge of 0 holds no book.', 'ledge');
				await setSetOut(trx, parsed(now.snapshot.household.set_out), { ledge: mm, corner: form.corner });
			}
		),
	words: (event) =>
		handleForm(
			event,
			Joi.object<{ text: string; lesson: number | null; spot: string }>({
				text: Joi.string().trim().min(1).max(20_000).required().messages({
					'string.empty': 'Enter words first, like “legend, scale, compass rose”',
					'any.required': 'Enter words first, like “legend, scale, compass rose”'
				}),
				lesson: id.empty('').allow(null).default(null),
				spot
			}),
			(count: number) => (count === 1 ? '1 card added' : `${count} cards added`),
			async ({ trx }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				const words = wordsTyped(run, form.text, form.lesson);
				if (words.length === 0) throw new Refusal('No words in there. Separate them with commas.', 'text');
				await addWords(
					trx,
					run.row.id,
					words.map((one, at) => (at === 0 ? { ...one, spot: form.spot } : one))
				);
				return words.length;
			}
		),
	word: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number; hidden: Day | null }>({ id: id.required(), hidden: optionalDay }),
			(isHidden: boolean) => (isHidden ? 'Hidden until its day' : 'Shown again'),
			async ({ trx }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				await updateWord(trx, run.row.id, form.id, { hidden_until: form.hidden });
				return form.hidden !== null;
			}
		),
	moveWord: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number; spot: string; at: number }>({
				id: id.required(),
				spot: spot.required(),
				at: Joi.number().integer().min(0).required()
			}),
			(text: string) => text,
			async ({ trx, now }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				return moveWord(trx, now, run, form.id, form.spot, form.at);
			}
		),
	meaning: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number; meaning: string }>({
				id: id.required(),
				meaning: Joi.string().trim().max(300).allow('').default('').messages({
					'string.max': 'A meaning of up to 300 letters fits on the back'
				})
			}),
			'Meaning saved',
			async ({ trx }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				await updateWord(trx, run.row.id, form.id, { meaning: form.meaning });
			}
		),
	wordLesson: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number; lesson: number | null }>({
				id: id.required(),
				lesson: id.empty('').allow(null).default(null)
			}),
			(number: number | null) =>
				number === null ? 'It hangs from the first day on' : `It comes with lesson ${number}`,
			async ({ trx }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				const lesson = run.lessons.find((one) => one.lesson.id === form.lesson);
				if (form.lesson !== null && !lesson)
					throw new Refusal('That lesson is no longer in the plan. Reload the page.');
				await updateWord(trx, run.row.id, form.id, { lesson_id: form.lesson });
				return lesson?.number ?? null;
			}
		),
	hangWith: (event) =>
		handleForm(
			event,
			Joi.object<{ dropped: number; lesson: number }>({ dropped: id.required(), lesson: id.required() }),
			(text: string) => text,
			async ({ trx, now }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				return hangWith(trx, now, run, form.dropped, form.lesson);
			}
		),
	poster: (event) =>
		handleForm(
			event,
			Joi.object<{
				title: string;
				posterWidth: string;
				posterHeight: string;
				lesson: number | null;
				resource: number | null;
			}>({
				title: title('what the poster is'),
				posterWidth: lengthField,
				posterHeight: lengthField,
				lesson: id.empty('').allow(null).default(null),
				resource: id.empty('').allow(null).default(null)
			}),
			(what: string) => `On the wall: ${what}`,
			async ({ trx, now }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				const { measures } = now.snapshot.household;
				const side = (path: 'posterWidth' | 'posterHeight', usual: number) => {
					const mm = typedLength(form[path], measures, path);
					if (mm !== null && mm <= 0) throw new Refusal('Each side of a poster is more than 0.', path);
					return mm ?? usual;
				};
				if (form.lesson !== null && !run.lessons.some((one) => one.lesson.id === form.lesson))
					throw new Refusal('That lesson is no longer in the plan. Reload the page.', 'lesson');
				if (form.resource !== null && !now.snapshot.resources.some((one) => one.id === form.resource))
					throw new Refusal('That’s no longer in your home library. Reload the page.');
				const width = side('posterWidth', USUAL_POSTER.width);
				const height = side('posterHeight', USUAL_POSTER.height);
				const { wall } = wallView(now, run, null);
				if (width > wall.width_mm || height > wall.height_mm - wall.strip_mm) {
					const said = (mm: number) => lengthText(mm, now.snapshot.household.measures);
					throw new Refusal(
						`“${form.title}” is ${said(width)} × ${said(height)}; the board has ${said(wall.width_mm)} × ${said(wall.height_mm - wall.strip_mm)}. Hang it elsewhere, or enter a larger board.`,
						'posterWidth'
					);
				}
				await addPoster(trx, run.row.id, {
					title: form.title,
					width_mm: width,
					height_mm: height,
					lesson_id: form.lesson,
					resource_id: form.resource,
					hidden_until: null
				});
				return form.title;
			}
		),
	hidePoster: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number; hidden: Day | null }>({ id: id.required(), hidden: optionalDay }),
			(isHidden: boolean) => (isHidden ? 'Hidden until its day' : 'Shown again'),
			async ({ trx }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				await updatePoster(trx, run.row.id, form.id, { hidden_until: form.hidden });
				return form.hidden !== null;
			}
		),
	removePoster: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number }>({ id: id.required() }),
			'Off the wall',
			async ({ trx }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				await removePoster(trx, run.row.id, form.id);
			}
		),
	removeWord: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number }>({ id: id.required() }),
			'Card removed',
			async ({ trx }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				await removeWord(trx, run.row.id, form.id);
			}
		),
	toTray: (event) =>
		handleForm(
			event,
			Joi.object<{ activity: number }>({ activity: id.required() }),
			(what: string) => `Now a tray: ${what}`,
			async ({ trx }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				const one = run.activities.find(({ activity }) => activity.id === form.activity);
				if (!one) throw new Refusal('That project is gone. Reload the page.');
				const { participants, note } = one.activity;
				await addTray(trx, {
					...PLAIN_TRAY,
					title: one.activity.title,
					run_id: run.row.id,
					skill: one.activity.subjects.split(',')[0].trim() || PLAIN_TRAY.skill,
					children: participants ? parsed(participants) : null,
					steps: note
				});
				return one.activity.title;
			}
		)
};
