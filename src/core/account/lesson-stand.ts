import { isSome } from '../measure/index.ts';
import { isReady } from '../readiness/index.ts';
import { counted } from '../words/index.ts';
import { once } from '../facts/index.ts';
import { groupBy } from '../group-by.ts';
import type { LessonSituation } from './runs.ts';
import type { Situation } from './situation.ts';
import type { SupplyNeed } from './streams/supplies.ts';
import type { WholeNeed } from './whole-needs.ts';

/** How a lesson stands, for every page that says so. */
export type LessonStand = {
	readonly stand: 'nothing' | 'ready' | 'at home' | 'not ready';
	/** What is still done where all of it is at home: "gather 3 things", "finish the map". */
	readonly toDo: readonly string[];
};

/** The needs that are one thing as a whole, by their lesson. */
export const wholeByLesson = once(({ whole }: Situation) => groupBy(whole, (one) => one.lesson));

const suppliesByLesson = once(({ needs }: Situation) => groupBy(needs, (one) => one.lesson));

/** Why some of a supply is not at home; null where all of it is, counted or not, fetched or not. */
export function awayText({ standing }: SupplyNeed): string | null {
	return isSome(standing.missing)
		? 'not here yet'
		: isSome(standing.toLook)
			? 'not looked for yet'
			: isSome(standing.arranged)
				? 'on its way'
				: null;
}

/** Whether a book or a copy is not in the house. What is begun days before is made at home. */
export const isAway = ({ need }: WholeNeed): boolean =>
	need.stream !== 'setting' && !need.doWithout && (need.state === 'missing' || need.state === 'arranged');

/** How it stands with a lesson: whether all that it must have is here, and what is still done with it. */
export function lessonStand(now: Situation, lesson: LessonSituation): LessonStand {
	const isMust = ({ need }: SupplyNeed | WholeNeed) => need.required && !need.doWithout;
	const supplies = (suppliesByLesson(now).get(lesson) ?? []).filter(isMust);
	const whole = (wholeByLesson(now).get(lesson) ?? []).filter(isMust);
	if (supplies.length + whole.length === 0) return { stand: 'nothing', toDo: [] };
	const open = supplies.filter(({ need }) => !isReady(need));
	const openWhole = whole.filter(({ need }) => !isReady(need));
	if (open.length + openWhole.length === 0) return { stand: 'ready', toDo: [] };
	const toFetch = open.filter((one) => isSome(one.standing.toFetch));
	return {
		stand: open.some((one) => awayText(one) !== null) || openWhole.some(isAway) ? 'not ready' : 'at home',
		toDo: [
			...(toFetch.length
				? [
						`gather ${toFetch.length > 1 ? counted(new Set(toFetch.map((one) => one.item)).size, 'thing') : toFetch[0].item.name}`
					]
				: []),
			...open.filter((one) => !toFetch.includes(one)).map((one) => `prep ${one.item.name}`),
			...openWhole.map((one) => one.step?.title ?? `${one.title}: ${one.stands}`)
		]
	};
}
