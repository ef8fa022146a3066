import { CoreError } from '../error.ts';

export type KitChoice = {
	/** What a kit for a whole class costs, and for how many it is. */
	readonly classCents: number;
	readonly classSize: number;
	/** What a kit for one child costs. */
	readonly singleCents: number;
	/** Children in each run to come, this one first. */
	readonly runs: readonly number[];
};

export type KitAnswer = {
	readonly classKits: number;
	readonly classTotal: number;
	readonly singlesTotal: number;
	/** Makings of the class kits that nobody uses. */
	readonly unused: number;
	/** Ordinal of the run from which on class kits have cost no more than singles; null when never. */
	readonly paysFrom: number | null;
};

/**
 * A kit for a class against one kit a child, over the runs to come. What is left of a kit serves the next run.
 *
 * @throws CoreError for a kit that serves nobody, and when nobody is to be served
 */
export function kitOrSingles({ classCents, classSize, singleCents, runs }: KitChoice): KitAnswer {
	if (!Number.isInteger(classSize) || classSize < 1)
		throw new CoreError('A class kit is for at least one child.', 'classSize');
	if (classCents < 0 || singleCents < 0) throw new CoreError('A price must be 0 or more.', 'classCents');
	const children = runs.reduce((sum, one) => sum + one, 0);
	if (runs.some((one) => !Number.isInteger(one) || one < 0) || children === 0)
		throw new CoreError('Say how many children take part, in this run and in those to come.', 'runs');
	let served = 0;
	let paysFrom: number | null = null;
	for (const [i, count] of runs.entries()) {
		served += count;
		const isCheap = Math.ceil(served / classSize) * classCents <= served * singleCents;
		paysFrom = isCheap ? (paysFrom ?? i + 1) : null;
	}
	const classKits = Math.ceil(children / classSize);
	return {
		classKits,
		classTotal: classKits * classCents,
		singlesTotal: children * singleCents,
		unused: classKits * classSize - children,
		paysFrom
	};
}
