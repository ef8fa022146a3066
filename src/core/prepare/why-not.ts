import { addDays, type Day } from '../calendar/index.ts';
import { prep, type PrepInput, type PrepJob, type PrepPlan } from './prep.ts';

/** Why some jobs have no place in a plan, and what would help, each way with how many of them it places. */
export type WhyNot = {
	readonly why: 'barred' | 'too long' | 'no room';
	readonly jobs: readonly string[];
	/** Of what is barred: what they bring that no long enough sitting allows. */
	readonly bars: readonly string[];
	/** The longest of them, with what is set up for it. */
	readonly minutes: number;
	readonly ways: readonly PlanWay[];
};

export type PlanWay =
	/** What is barred is allowed at all sittings. */
	| { readonly kind: 'allow'; readonly places: number }
	/** One more sitting at which everything may be done. */
	| { readonly kind: 'add'; readonly day: Day; readonly minutes: number; readonly places: number }
	/** Somebody else does those that need this set-up. */
	| { readonly kind: 'give away'; readonly jobs: readonly string[]; readonly places: number };

const USUAL_MINUTES = 60;
const LONGEST_MINUTES = 12 * 60;

/**
 * The reasons of what a plan left out, the weightiest first. What only waits for something left out has its reason.
 * `today` is the first day on which one more sitting can be held; `setUp` names what somebody else could do.
 */
export function whyNot(input: PrepInput, plan: PrepPlan, today: Day, setUp: string): WhyNot[] {
	const left = new Set(plan.unplaced);
	const jobs = new Map(input.jobs.map((job) => [job.id, job]));
	const lengthOf = (job: PrepJob) => job.minutes + (job.setUp === null ? 0 : input.setUpMinutes[job.setUp]);
	const reasons = new Map<string, { why: WhyNot['why']; bars: string[]; own: PrepJob[] }>();
	const rootOf = (job: PrepJob): PrepJob => {
		const before = job.after.find((id) => left.has(id));
		return before === undefined ? job : rootOf(jobs.get(before)!);
	};
	for (const id of plan.unplaced) {
		const root = rootOf(jobs.get(id)!);
		const longEnough = input.sittings.filter((one) => one.minutes >= lengthOf(root));
		const barred = (root.brings ?? []).filter((what) => longEnough.every((one) => one.bars?.includes(what)));
		const isBarred =
			longEnough.length > 0 &&
			longEnough.every((one) => root.brings?.some((what) => one.bars?.includes(what)));
		const why = longEnough.length === 0 ? 'too long' : isBarred ? 'barred' : 'no room';
		const bars = isBarred ? barred : [];
		const key = `${why} ${bars.join()}`;
		const known = reasons.get(key) ?? { why, bars, own: [] };
		known.own.push(jobs.get(id)!);
		reasons.set(key, known);
	}
	return [...reasons.values()]
		.toSorted((a, b) => b.own.length - a.own.length)
		.map(({ why, bars, own }): WhyNot => {
			const ids = own.map((job) => job.id);
			const places = (other: PrepInput, gone: readonly string[] = []) => {
				const { unplaced } = prep(other);
				return ids.filter((id) => !gone.includes(id) && !unplaced.includes(id)).length;
			};
			const minutes = Math.max(...own.map(lengthOf));
			const setUps = new Set(own.flatMap((job) => job.setUp ?? []));
			const all =
				own.reduce((sum, job) => sum + job.minutes, 0) +
				[...setUps].reduce((sum, name) => sum + input.setUpMinutes[name], 0);
			const wanted =
				why === 'too long' ? Math.ceil(minutes / 15) * 15 : Math.max(USUAL_MINUTES, Math.ceil(all / 30) * 30);
			const length = Math.min(LONGEST_MINUTES, why === 'barred' ? USUAL_MINUTES : wanted);
			const day = soonest(own, today);
			const more = { id: 'one more', date: day, minutes: length, bars: [] };
			const given = own.filter((job) => job.setUp === setUp).map((job) => job.id);
			const ways: PlanWay[] = [
				...(bars.length
					? [
							{
								kind: 'allow' as const,
								places: places({
									...input,
									sittings: input.sittings.map((one) => ({
										...one,
										bars: one.bars?.filter((bar) => !bars.includes(bar))
									}))
								})
							}
						]
					: []),
				{
					kind: 'add' as const,
					day,
					minutes: length,
					places: places({ ...input, sittings: [...input.sittings, more] })
				},
				...(given.length
					? [
							{
								kind: 'give away' as const,
								jobs: given,
								places:
									given.length +
									places(
										{
											...input,
											jobs: input.jobs
												.filter((job) => !given.includes(job.id))
												.map((job) => ({ ...job, after: job.after.filter((id) => !given.includes(id)) }))
										},
										given
									)
							}
						]
					: [])
			];
			return { why, jobs: ids, bars, minutes, ways: ways.filter((way) => way.places > 0) };
		});
}

/** The last day that is in time for all of them, but not before today. */
function soonest(jobs: readonly PrepJob[], today: Day): Day {
	const day = addDays(jobs.map((job) => job.readyBy).sort()[0], -1);
	return day < today ? today : day;
}
