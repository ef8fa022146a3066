import type { Weekday } from '$core/calendar/index.ts';
import { readLevels } from '$core/house/index.ts';
import { readActivity, readFlag } from '$core/plan/index.ts';
import { readSupplyList, usualUse } from '$core/supplies/index.ts';
import { MAPS } from '../../../../demo/household.ts';
import { ACTIVITIES, DETAILS, GOALS, LEVELS, LIMITS, READS, SPINES, TASKS } from '../../../../demo/plan.ts';
import { json } from '$core/facts/index.ts';
import type { Trx } from '../history/changes.ts';
import { typedActivity } from '../services/plan/activity-typed.ts';
import { addLine } from '../stores/gathering/supply-lines.ts';
import { addActivity } from '../stores/plan/activities.ts';
import { addLesson, setOutcome } from '../stores/plan/lessons.ts';
import { addRange, addSpine, setReached } from '../stores/plan/spines.ts';
import { addTask, setGoal } from '../stores/plan/tasks.ts';
import { setLimits } from '../stores/plan/units.ts';

type DemoLesson = { readonly title: string; readonly note: string; readonly supplies: string };

export async function seedRun(
	trx: Trx,
	plan: {
		name: string;
		run: string;
		box: string;
		lessons: readonly DemoLesson[];
		start?: string;
		end?: string;
		weekdays?: readonly number[];
		blocked?: readonly { from: string; to: string; reason: string }[];
		/** The days on which the first lessons were held. */
		taughtOn?: readonly string[];
	},
	places: ReadonlyMap<string, number>,
	state: 'collecting' | 'running' | 'put away'
): Promise<number> {
	const unit = await trx
		.insertInto('unit')
		.values({ name: plan.name })
		.returning('id')
		.executeTakeFirstOrThrow();
	const { id: run } = await trx
		.insertInto('run')
		.values({
			unit_id: unit.id,
			name: plan.run,
			state,
			start_on: plan.start ?? null,
			end_on: plan.end ?? null,
			weekdays: json((plan.weekdays ?? []) as Weekday[]),
			keep_free: 0,
			habit: null,
			habit_date: null,
			collecting_place_id: places.get(plan.box) ?? null,
			copied_from: null
		})
		.returning('id')
		.executeTakeFirstOrThrow();
	const children = await trx.selectFrom('person').select('id').where('kind', '!=', 'adult').execute();
	for (const child of children)
		await trx.insertInto('run_participant').values({ run_id: run, person_id: child.id }).execute();
	for (const blocked of plan.blocked ?? []) {
		await trx
			.insertInto('blocked')
			.values({ run_id: run, from_on: blocked.from, to_on: blocked.to, reason: blocked.reason })
			.execute();
	}
	for (const [i, lesson] of plan.lessons.entries()) {
		const id = await addLesson(trx, run, {
			title: lesson.title,
			note: lesson.note,
			optional: 0,
			sessions: 1
		});
		for (const { read, written } of readSupplyList(lesson.supplies, []).lines) {
			await addLine(trx, {
				...read,
				lesson: id,
				written,
				use: usualUse(read.item, read.quantity, read.unit)
			});
		}
		const heldOn = plan.taughtOn?.[i];
		if (heldOn) await setOutcome(trx, id, 1, 'taught', heldOn);
	}
	return run;
}

/** For some lines only the two older children take part. */
export async function seedOlderOnly(trx: Trx, run: number) {
	const older = await trx
		.selectFrom('person')
		.select('id')
		.where('name', 'in', ['Odile', 'Perrin'])
		.execute();
	for (const [number, word] of MAPS.olderOnly) {
		const lines = await trx
			.selectFrom('supply_line')
			.innerJoin('lesson', 'lesson.id', 'supply_line.lesson_id')
			.select(['supply_line.id', 'written'])
			.where('lesson.run_id', '=', run)
			.where('lesson.position', '=', number)
			.execute();
		for (const line of lines.filter((one) => one.written.includes(word))) {
			await trx
				.updateTable('supply_line')
				.set({ participants: json(older.map((child) => child.id)) })
				.where('id', '=', line.id)
				.execute();
		}
	}
}

/** Books, extras, tasks, goals and limits of the running unit. */
export async function seedPlan(trx: Trx, run: number) {
	const people = await trx.selectFrom('person').selectAll().where('kind', '!=', 'adult').execute();
	const names = people.map((person) => person.name);
	const idOf = (name: string) => people.find((person) => person.name === name)!.id;
	const lessons = await trx
		.selectFrom('lesson')
		.select('id')
		.where('run_id', '=', run)
		.orderBy('position')
		.execute();
	const lessonAt = (number: number) => lessons[number - 1].id;
	for (const [name, level] of Object.entries(LEVELS))
		await trx.updateTable('person').set({ level }).where('name', '=', name).execute();
	for (const [name, text] of Object.entries(READS))
		await trx
			.updateTable('person')
			.set({ reads: json(readLevels(text)) })
			.where('name', '=', name)
			.execute();
	await setLimits(trx, run, LIMITS);
	for (const [number, { extension = '', ...details }] of Object.entries(DETAILS)) {
		await trx
			.updateTable('lesson')
			.set({ ...details, extension, extension_for: json(extension ? [idOf('Odile')] : []) })
			.where('id', '=', lessonAt(Number(number)))
			.execute();
	}
	for (const book of SPINES) {
		const spine = await addSpine(trx, run, {
			title: book.title,
			counted: book.counted,
			first_page: book.first,
			last_page: book.last,
			words_per_page: book.words
		});
		await setReached(trx, run, spine, book.reached);
		for (const [number, text] of book.flags) {
			const { pages, way, who, minutes, note } = readFlag(text, names);
			await addRange(trx, run, spine, lessonAt(number), {
				...pages!,
				way,
				minutes,
				note,
				participants: who.length ? who.map(idOf) : null
			});
		}
	}
	for (const more of ACTIVITIES) {
		const id = await addActivity(
			trx,
			run,
			{
				...typedActivity(people, readActivity(more.text, names)),
				worth: more.worth,
				standing: more.required ? 'required' : 'extra',
				supplies: more.supplies ?? '',
				subjects: more.subjects ?? '',
				weather: more.weather ?? '',
				instead: more.instead ?? '',
				instead_minutes: more.insteadMinutes ?? null,
				helper_id: more.helper ? idOf(more.helper) : null
			},
			{ lesson: more.lesson ? lessonAt(more.lesson) : null, day: more.day ?? null }
		);
		if (more.done) await trx.updateTable('activity').set({ done: more.done }).where('id', '=', id).execute();
	}
	for (const [number, name, text, minutes] of TASKS)
		await addTask(trx, lessonAt(number), idOf(name), text, minutes);
	for (const [name, text] of Object.entries(GOALS)) await setGoal(trx, run, idOf(name), text);
}
