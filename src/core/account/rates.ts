import { dayText, type Day } from '../calendar/index.ts';
import { parsed, remember, type Row, type Snapshot } from '../facts/index.ts';
import {
	ABOUT_WORK,
	learnedFrom,
	rateOf,
	WORK,
	type DoneWork,
	type OwnRates,
	type Rate,
	type Work
} from '../prepare/index.ts';
import { counted } from '../words/index.ts';

export type Rates = Readonly<Record<Work, Rate>>;

type Timed = DoneWork & { readonly id: number; readonly day: Day };
const timedKnown = remember<readonly Timed[]>();
const ratesKnown = remember<Rates>();

/** What was done with its time, the oldest first: what rates are learned from. */
const timed = (prepJobs: readonly Row<'prep_job'>[]): readonly Timed[] =>
	timedKnown(prepJobs, [], () =>
		prepJobs
			.filter((one) => one.done_on !== null && one.work !== null && one.minutes !== null)
			.toSorted((a, b) => (a.done_on! < b.done_on! ? -1 : a.done_on! > b.done_on! ? 1 : a.id - b.id))
			.map((one) => ({
				id: one.id,
				day: one.done_on!,
				work: one.work!,
				count: one.count ?? 0,
				minutes: one.minutes ?? 0
			}))
	);

/** What each kind of work takes in this household: the one source of minutes for Print, Plan, Board and Prepare. */
export const ratesOf = ({ prepJobs, household }: Pick<Snapshot, 'prepJobs' | 'household'>): Rates =>
	ratesKnown(prepJobs, [household], () => {
		const own: OwnRates = parsed(household.prep_rates);
		return Object.fromEntries(WORK.map((work) => [work, rateOf(work, own, timed(prepJobs))])) as Rates;
	});

/** Seconds for one of each kind of work. */
export const secondsOf = (rates: Rates): Readonly<Record<Work, number>> =>
	Object.fromEntries(WORK.map((work) => [work, rates[work].seconds])) as Record<Work, number>;

/** What a rate is learned from, the latest first: each with its day, how many, and seconds for one. */
export function sourcesOfRate(
	{ prepJobs }: Pick<Snapshot, 'prepJobs'>,
	work: Work
): { readonly id: number; readonly text: string }[] {
	return learnedFrom(work, timed(prepJobs))
		.toReversed()
		.map(({ id, day, count, minutes }) => ({
			id,
			text: `${dayText(day)}: ${counted(count, ABOUT_WORK[work].one, ABOUT_WORK[work].many)}, ${Math.round((minutes * 60) / count)} s each`
		}));
}
