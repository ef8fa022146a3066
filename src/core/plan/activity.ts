import { usualDaysAhead } from './ahead.ts';
import { namesIn } from './flag.ts';

/** Kinds of things to do; those that are made by hand count as hands-on. */
export const ACTIVITY_KINDS = [
	'project',
	'experiment',
	'game',
	'craft',
	'shelf tray',
	'sensory bin',
	'outing',
	'film',
	'snack',
	'fun day',
	'hands-busy work'
] as const;
export type ActivityKind = (typeof ACTIVITY_KINDS)[number];

const HANDS_ON: ReadonlySet<ActivityKind> = new Set([
	'project',
	'experiment',
	'craft',
	'sensory bin',
	'snack'
]);

/** Whether somebody has to make, mix or build: what a family can only take so much of. */
export function isHandsOn(kind: ActivityKind): boolean {
	return HANDS_ON.has(kind);
}

/** Mess in words, from 0. */
export const MESS = ['clean', 'crumbs', 'messy', 'very messy'] as const;

/** An activity as one would say it. */
export type TypedActivity = {
	readonly title: string;
	readonly kind: ActivityKind;
	/** Hands-on minutes; null when the line says none. */
	readonly minutes: number | null;
	/** 0 clean … 3 very messy. */
	readonly mess: number;
	/** An adult has to be there all the time. */
	readonly adult: boolean;
	readonly cents: number;
	/** Names as the household knows them; empty is everyone. */
	readonly who: readonly string[];
	/** Whole days before its day on which something has to be begun. */
	readonly startDaysBefore: number;
	/** How often it is done: in instalments, or daily. */
	readonly times: number;
	readonly daily: boolean;
	readonly fromAge: number | null;
	readonly toAge: number | null;
};

const KIND_WORDS: readonly (readonly [RegExp, ActivityKind])[] = [
	[/^experiment$/i, 'experiment'],
	[/^(?:board |card )?game$/i, 'game'],
	[/^crafts?$/i, 'craft'],
	[/^(?:shelf )?tray$|^shelf work$/i, 'shelf tray'],
	[/^(?:sensory )?bin$/i, 'sensory bin'],
	[/^(?:outing|trip|field trip|walk)$/i, 'outing'],
	[/^(?:film|movie|video|watch)$/i, 'film'],
	[/^snack$/i, 'snack'],
	[/^fun day$/i, 'fun day'],
	[/^(?:hands[- ]busy(?: work)?|busy work|busy hands)$/i, 'hands-busy work'],
	[/^project$/i, 'project']
];

/**
 * Reads an activity from one line: the title, then what there is to say about it between commas, in any
 * order. What is not understood stays in the title. Unless it is said, what its name begins with says how many days
 * ahead it is begun (`usualDaysAhead`).
 *
 *     readActivity('Salt dough island, craft, 45 min, messy, with an adult, $4, start 3 days before', [])
 *     // { title: 'Salt dough island', kind: 'craft', minutes: 45, mess: 2, adult: true, cents: 400, startDaysBefore: 3, … }
 */
export function readActivity(text: string, names: readonly string[]): TypedActivity {
	const [first = '', ...parts] = text.split(/\s*[,;]\s*/);
	const title = [first.trim()];
	let read: TypedActivity = {
		title: '',
		kind: 'project',
		minutes: null,
		mess: 0,
		adult: false,
		cents: 0,
		who: [],
		startDaysBefore: usualDaysAhead(text),
		times: 1,
		daily: false,
		fromAge: null,
		toAge: null
	};
	for (const part of parts.map((one) => one.trim()).filter(Boolean)) {
		const said = readPart(part, names);
		if (said) read = { ...read, ...said };
		else title.push(part);
	}
	return { ...read, title: title.join(', ') };
}

function readPart(part: string, names: readonly string[]): Partial<TypedActivity> | null {
	const kind = KIND_WORDS.find(([pattern]) => pattern.test(part))?.[1];
	if (kind) return { kind };
	let found = /^(?:about )?(\d{1,3})\s*(?:min(?:ute)?s?|')$/i.exec(part);
	if (found) return { minutes: Number(found[1]) };
	found = /^(?:about )?(\d(?:\.\d)?|½|1½)\s*h(?:ours?|rs?)?$/i.exec(part);
	if (found) {
		const hours = found[1] === '½' ? 0.5 : found[1] === '1½' ? 1.5 : Number(found[1]);
		return { minutes: Math.round(hours * 60) };
	}
	found =
		/^(?:about )?(?:[$€£]\s*(\d{1,4}(?:\.\d{1,2})?)|(\d{1,4}(?:\.\d{1,2})?)\s*(?:dollars?|euros?|[$€£]))$/i.exec(
			part
		);
	if (found) return { cents: Math.round(Number(found[1] ?? found[2]) * 100) };
	if (/^free$/i.test(part)) return { cents: 0 };
	if (/^clean$/i.test(part)) return { mess: 0 };
	if (/^crumbs$|^a bit messy$/i.test(part)) return { mess: 1 };
	if (/^messy$/i.test(part)) return { mess: 2 };
	if (/^very messy$/i.test(part)) return { mess: 3 };
	if (/^(?:(?:with|needs?|requires?) )?(?:an )?adult(?: needed| there| help)?$/i.test(part))
		return { adult: true };
	found = /^(?:start|begin)s? (\d{1,2}) days? (?:before|ahead|early)$/i.exec(part);
	if (found) return { startDaysBefore: Number(found[1]) };
	if (/^daily$|^every day$/i.test(part)) return { daily: true };
	found = /^(?:in )?(\d{1,2}) (?:instal+ments|parts|times|sittings)$/i.exec(part);
	if (found) return { times: Math.max(1, Number(found[1])) };
	found = /^ages? (\d{1,2})(?:\s*(?:[-–—]|to)\s*(\d{1,2})|\s*(?:\+|and up|up))?$/i.exec(part);
	if (found) {
		const open = /(?:\+|up)$/i.test(part);
		return { fromAge: Number(found[1]), toAge: found[2] ? Number(found[2]) : open ? null : Number(found[1]) };
	}
	const who = namesIn(part, names);
	const rest = who.reduce(
		(left, name) => left.replace(new RegExp(name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&'), 'iu'), ' '),
		part
	);
	if (who.length && /^[\s&]*(?:(?:for|with|and|only)[\s&]*)*$/i.test(rest)) return { who };
	return null;
}
