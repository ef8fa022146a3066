import type { Trx } from '../../history/changes.ts';

/** Gives one child work of its own in a lesson. */
export async function addTask(
	trx: Trx,
	lesson: number,
	person: number,
	text: string,
	minutes: number | null,
	activity: number | null = null
): Promise<void> {
	await trx
		.insertInto('task')
		.values({ lesson_id: lesson, person_id: person, text, minutes, activity_id: activity })
		.execute();
}

export async function removeTask(trx: Trx, id: number): Promise<void> {
	await trx.deleteFrom('task').where('id', '=', id).execute();
}

/** Writes down what a child is to come to in a run; an empty text takes it away. */
export async function setGoal(trx: Trx, run: number, person: number, text: string): Promise<void> {
	await trx.deleteFrom('goal').where('run_id', '=', run).where('person_id', '=', person).execute();
	if (text) await trx.insertInto('goal').values({ run_id: run, person_id: person, text }).execute();
}
