import Joi from 'joi';
import { Refusal } from '$core/error.ts';
import { handleForm } from '$lib/server/requests/form-action.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import { id, wholeOrNothing } from '$lib/server/schemas/fields.ts';
import { childrenView } from '$lib/server/services/plan/children.ts';
import { addTask, removeTask, setGoal } from '$lib/server/stores/plan/tasks.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => {
	const { now, run } = await runOf(params);
	return { grid: childrenView(now, run) };
};

export const actions: Actions = {
	task: (event) =>
		handleForm(
			event,
			Joi.object<{
				lesson: number;
				person: number;
				text: string;
				minutes: number | null;
				activity: number | null;
			}>({
				lesson: id.required(),
				person: id.required(),
				text: Joi.string().trim().max(300).required().messages({ 'string.empty': 'Enter the task' }),
				minutes: wholeOrNothing('the minutes', 600),
				activity: id.empty('').allow(null).default(null)
			}),
			(name: string) => `Task added for ${name}`,
			async ({ trx }, form) => {
				const { run } = await runOf(event.params);
				const person = run.participants.find((one) => one.id === form.person);
				const isHere =
					run.lessons.some(({ lesson }) => lesson.id === form.lesson) &&
					(form.activity === null || run.activities.some(({ activity }) => activity.id === form.activity));
				if (!person || !isHere)
					throw new Refusal('That lesson or child is no longer in this unit. Reload the page.');
				await addTask(trx, form.lesson, form.person, form.text, form.minutes, form.activity);
				return person.name;
			}
		),
	untask: (event) =>
		handleForm(event, Joi.object<{ id: number }>({ id: id.required() }), 'Task removed', ({ trx }, form) =>
			removeTask(trx, form.id)
		),
	goal: (event) =>
		handleForm(
			event,
			Joi.object<{ person: number; text: string }>({
				person: id.required(),
				text: Joi.string().trim().allow('').max(300).default('')
			}),
			'Goal saved',
			({ trx }, form) => setGoal(trx, Number(event.params.run), form.person, form.text)
		)
};
