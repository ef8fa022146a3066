import { Refusal } from '$core/error.ts';
import { faultText } from '../database/faults.ts';
import { Stopped, type ImportPlan } from '../exchange/index.ts';
import { changeInParts, type Doer } from '../history/changes.ts';
import { backUp } from '../trust/backups.ts';
import { dataFolder, opened } from './data.ts';

/** Bringing in a file, as its page sees it. */
export type ImportJob = {
	readonly total: number;
	/** Where its rows are seen afterwards. */
	readonly to: string;
	done: number;
	state: 'running' | 'done' | 'stopped' | 'failed';
	/** What was done, for the toast, or why it failed. */
	said: string | null;
	stop: boolean;
};

/** By draft; a job that has ended is kept until its page has seen it. */
const jobs = new Map<number, ImportJob>();

export function importJob(draft: number): ImportJob | null {
	return jobs.get(draft) ?? null;
}

export function forgetImport(draft: number): void {
	jobs.delete(draft);
}

/**
 * Begins to bring in a file, all of its good rows or nothing. What it gives ends when that has ended, and never
 * fails: the job says how it went. @throws Refusal when the file is being brought in already.
 */
export function runImport(
	draft: number,
	name: string,
	plan: ImportPlan,
	to: string,
	doer: Doer
): Promise<ImportJob> {
	const running = jobs.get(draft);
	if (running?.state === 'running') throw new Refusal('This file is already importing.');
	const total = plan.rows.filter((row) => row.status === 'new' || row.status === 'changed').length;
	const job: ImportJob = { total, to, done: 0, state: 'running', said: null, stop: false };
	jobs.set(draft, job);
	return bringIn(job, name, plan, doer);
}

async function bringIn(job: ImportJob, name: string, plan: ImportPlan, doer: Doer): Promise<ImportJob> {
	try {
		const { write } = await opened();
		await backUp(dataFolder(), 'import');
		const { changed } = await changeInParts(write, doer, `Imported: ${name}`, (trx, pause) =>
			plan.apply(trx, async (done) => {
				job.done = done;
				// Lets the server answer others, and hear that it should stop.
				await new Promise((next) => setImmediate(next));
				if (job.stop) throw new Stopped();
				await pause();
			})
		);
		job.state = 'done';
		job.said = changed;
	} catch (error) {
		job.state = error instanceof Stopped ? 'stopped' : 'failed';
		if (error instanceof Refusal) job.said = error.message;
		else if (!(error instanceof Stopped)) {
			console.error('A file could not be imported', error);
			job.said = faultText(error) ?? 'Something went wrong. Nothing was imported.';
		}
	}
	return job;
}
