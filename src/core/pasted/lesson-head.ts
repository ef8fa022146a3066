import { nameKey } from '../naming/naming.ts';
import {
	lessonsNamed,
	lessonsOfWeeks,
	lessonsOnDays,
	NUMBERS,
	numbersIn,
	titleKeys,
	type LessonHeading,
	type Named
} from './lesson-marks.ts';

const LABEL =
	'(?:lessons?|les\\.?|sessions?|classes|class|topics?|chapters?|experiments?|activit(?:y|ies)|units?|parts?|projects?)';
const HEAD = new RegExp(
	`^(?:${LABEL}\\.?\\s?(?:#|no\\.?(?=\\s?\\d))?\\s?(${NUMBERS})|l\\s?(\\d{1,3}(?:\\s?(?:[,&]|and)\\s?l?\\s?\\d{1,3})*))(?![\\p{L}\\d]|\\.\\d|\\s?/\\s?\\d)\\s*(.*)$`,
	'iu'
);
const WEEK = new RegExp(`^(?:weeks?|wks?)\\.?\\s?#?\\s?(${NUMBERS})(?![\\p{L}\\d])\\s*(.*)$`, 'iu');
const DAY = new RegExp(`^days?\\s?#?\\s?(${NUMBERS})(?![\\p{L}\\d])\\s*(.*)$`, 'iu');

/** A heading that names lessons, with what stands behind the name. */
export type LessonHead = {
	readonly named: Named;
	/** The week that holds from here on. */
	readonly week: number | null;
	readonly rest: string;
	/** It names a week alone; days may follow below. */
	readonly isWeek: boolean;
};

const MONTH = '(?:jan|feb|mar|apr|may|jun|jul|aug|sep|sept|oct|nov|dec)[a-z]*\\.?';
const DATE = new RegExp(
	`^(?:(?:mon|tues?|wed(?:nes)?|thu(?:rs)?|fri|sat(?:ur)?|sun)(?:day)?\\.?,?\\s)?(?:${MONTH}\\s\\d{1,2}(?:st|nd|rd|th)?|\\d{1,2}/\\d{1,2})(?:,?\\s\\d{4})?\\s?[:,–—-]*\\s`,
	'i'
);

/** A heading without the date in front of it ("Sept 8: Lesson 1"). */
export const withoutDate = (text: string): string => text.replace(DATE, '');

const plain = (written: string) =>
	written
		.replace(/[\u00a0\t]/g, ' ')
		.replace(/^[\s•*·▪●#~[–—_-]+/u, '')
		.replace(/[\s*_~]+$/, '')
		.replace(/\s+/g, ' ')
		.trim();

const ROMAN = /^(?:X{0,3})(?:IX|IV|V?I{0,3})$/;
const DIGITS: Readonly<Record<string, number>> = { I: 1, V: 5, X: 10 };
const ORDINALS = [
	'first',
	'second',
	'third',
	'fourth',
	'fifth',
	'sixth',
	'seventh',
	'eighth',
	'ninth',
	'tenth'
];
const IN_ROMAN = new RegExp(`^(${LABEL})\\s([IVX]{1,6})(?![\\p{L}\\d])`, 'u');
const ORDINAL = new RegExp(
	`^(?:the\\s)?(?:(\\d{1,2})(?:st|nd|rd|th)|(${ORDINALS.join('|')}))\\s(lesson|session|class)\\b`,
	'i'
);

/** “Lesson III” and “3rd lesson” as “Lesson 3”. */
function inDigits(line: string): string {
	const roman = IN_ROMAN.exec(line.replace(/^\p{L}+/u, (label) => label.toLowerCase()));
	if (roman && ROMAN.test(roman[2])) {
		const values = [...roman[2]].map((sign) => DIGITS[sign]);
		const sum = values.reduce((all, one, at) => all + (one < (values[at + 1] ?? 0) ? -one : one), 0);
		return `${roman[1]} ${sum}${line.slice(roman[0].length)}`;
	}
	return line.replace(
		ORDINAL,
		(_, digits: string | undefined, word: string | undefined, label: string) =>
			`${label} ${digits ?? ORDINALS.indexOf(word!.toLowerCase()) + 1}`
	);
}

const withoutJoint = (rest: string) => rest.replace(/^[\s:,.)\]|/=•·*~–—-]+/, '').trim();

/**
 * The lessons that a line names at its beginning, or as a whole by a title; null where it names none.
 *
 *     lessonHead('Lessons 4–6', lessons, null)!.named.lessons   // ids of lessons 4, 5 and 6
 */
export function lessonHead(
	written: string,
	lessons: readonly LessonHeading[],
	week: number | null
): LessonHead | null {
	if (written.length > 300) return null;
	const line = inDigits(withoutDate(plain(written)));
	const bare = line.replace(/[\s:.]+$/, '');
	const whole = lessonsNamed(bare.replace(/^needed /i, ''), lessons, 'amount');
	const [, always, behind] = /^([^:–—]{4,30})\s?[:–—]\s?(\S.*)$/.exec(line) ?? [];
	const all = always
		? lessonsNamed(always.replace(/^(?:needed|used|wanted) /i, ''), lessons, 'amount')
		: null;
	if (all && (all.all || all.weekly)) return { named: all, week, rest: behind, isWeek: false };
	if (whole && (whole.all || whole.weekly)) return { named: whole, week: null, rest: '', isWeek: false };
	const hasWeeks = lessons.some(({ place }) => place);
	const ofWeek = WEEK.exec(line);
	if (ofWeek) {
		const weeks = numbersIn(ofWeek[1]);
		const rest = withoutJoint(ofWeek[2]);
		const ofDay = weeks.length === 1 ? DAY.exec(rest) : null;
		if (ofDay && hasWeeks)
			return {
				named: lessonsOnDays(weeks[0], numbersIn(ofDay[1]), lessons),
				week: weeks[0],
				rest: withoutJoint(ofDay[2]),
				isWeek: false
			};
		if (HEAD.test(rest)) return lessonHead(rest, lessons, weeks[0]);
		if (hasWeeks) return { named: lessonsOfWeeks(weeks, lessons), week: weeks.at(-1)!, rest, isWeek: true };
		return byNumber(weeks, rest, lessons, weeks[0]);
	}
	const ofDay = DAY.exec(line);
	if (ofDay) {
		const days = numbersIn(ofDay[1]);
		const rest = withoutJoint(ofDay[2]);
		if (week !== null && hasWeeks)
			return { named: lessonsOnDays(week, days, lessons), week, rest, isWeek: false };
		return byNumber(days, rest, lessons, week);
	}
	const head = HEAD.exec(line);
	if (head) return byNumber(numbersIn(head[1] ?? head[2]), withoutJoint(head[3]), lessons, week);
	const ownNumber = /^#?(\d{1,3})[.)]\s+(\S.*)$/.exec(bare);
	const key = nameKey(ownNumber?.[2] ?? bare);
	const isPart = /:$/.test(line) && key.includes(' ');
	const keys = titleKeys(lessons);
	const titled =
		key.length > 3
			? (keys.find((one) => one.key === key) ??
				(isPart ? keys.find((one) => one.key.includes(key)) : undefined))
			: undefined;
	return titled
		? {
				named: { lessons: [titled.id], all: false, weekly: false, unknown: false },
				week,
				rest: '',
				isWeek: false
			}
		: null;
}

function byNumber(
	numbers: readonly number[],
	rest: string,
	lessons: readonly LessonHeading[],
	week: number | null
): LessonHead {
	// A title says more than a number: lessons may have been left out or moved since the list was printed.
	const key = nameKey(rest.replace(/\(.*\)$/, ''));
	const titled =
		numbers.length === 1 && key.length > 3 ? titleKeys(lessons).filter((one) => one.key === key) : [];
	const ids =
		titled.length === 1
			? [titled[0].id]
			: numbers.map((number) => lessons.find((one) => one.number === number)?.id);
	const known = ids.filter((id) => id !== undefined);
	return {
		named: { lessons: known, all: false, weekly: false, unknown: known.length < ids.length },
		week,
		rest,
		isWeek: false
	};
}

/** Whether what stands behind a lesson's number is its title, or names things. */
export function isTitleOf(rest: string, named: Named, lessons: readonly LessonHeading[]): boolean {
	if (rest === '') return true;
	const key = nameKey(rest.replace(/\(.*\)$/, ''));
	return titleKeys(lessons).some(
		(own) => named.lessons.includes(own.id) && (own.key.includes(key) || key.includes(own.key))
	);
}
