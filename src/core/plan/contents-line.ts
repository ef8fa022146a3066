/** What stands on a line of a table of contents beside the title. */
export type LineSays = {
	/** The line without it. */
	readonly rest: string;
	/** Month and day, "12-22"; null where none is printed. */
	readonly date: string | null;
	/** Days that it takes; null where it does not say. */
	readonly sessions: number | null;
};

const MONTHS = 'jan feb mar apr may jun jul aug sep oct nov dec'.split(' ');
const WEEKDAY = '(?:(?:mon|tues?|wed(?:nes)?|thu(?:rs)?|fri|sat(?:ur)?|sun)(?:day)?\\.?,?\\s)?';
const BY_NAME =
	'((?:jan|feb|mar|apr|may|jun|jul|aug|sept?|oct|nov|dec)[a-z]*)\\.?\\s(\\d{1,2})(?:st|nd|rd|th)?(?![\\d:])';
const DAY_FIRST =
	'(\\d{1,2})(?:st|nd|rd|th)?\\s((?:jan|feb|mar|apr|may|jun|jul|aug|sept?|oct|nov|dec)[a-z]*)\\b\\.?';
const BY_NUMBER = '(\\d{1,2})/(\\d{1,2})(?:/\\d{2,4})?(?![\\d/])';
const YEAR = '(?:,?\\s(?:19|20)\\d{2})?';
const ANY = `${WEEKDAY}(?:${BY_NAME}${YEAR}|${DAY_FIRST}${YEAR}|${BY_NUMBER})`;
const IN_BRACKETS = new RegExp(`\\s?[([]${ANY}[)\\]]\\s?`, 'i');
const IN_FRONT = new RegExp(`^${ANY}(?:\\s?[:–—|,-]+\\s?|\\t+|\\s+(?=\\S)|$)`, 'i');
/** Behind the label of a lesson: "Lesson 2, Oct 5: Title". */
const BEHIND_LABEL = new RegExp(
	`^((?:lesson|session|class|week|day|meeting|topic|chapter)\\s#?\\d{1,3})\\s?[,–—-]?\\s${ANY}\\s?(?=[:–—.-])`,
	'i'
);
const AT_END = new RegExp(`\\s?[–—,|-]\\s?${ANY}$`, 'i');

function dateOf(groups: readonly (string | undefined)[]): string | null {
	const [name, day, dayFirst, nameBehind, month, dayOfMonth] = groups;
	const at = (name ?? nameBehind)?.slice(0, 3).toLowerCase();
	const [m, d] = at ? [MONTHS.indexOf(at) + 1, Number(day ?? dayFirst)] : [Number(month), Number(dayOfMonth)];
	if (m < 1 || m > 12 || d < 1 || d > 31) return null;
	return `${String(m).padStart(2, '0')}-${String(d).padStart(2, '0')}`;
}

const SESSIONS =
	/\s?[([](?:takes )?(\d{1,2}|two|three|four|five) (?:sessions?|days?|classes|class periods|lessons|weeks|meetings)[)\]]|\s?[,–—-]\s?(\d{1,2}|two|three|four|five) (?:sessions|days|classes)$/i;
const COUNT: Readonly<Record<string, number>> = { two: 2, three: 3, four: 4, five: 5 };
/** Minutes, homework and remarks that stand behind a title. */
const REMARK =
	/\s*(?:[([](?:about |approx\.? )?\d{1,3}(?:\s?[-–]\s?\d{1,3})?\s?(?:min(?:ute)?s?|hours?|hrs?)\.?[)\]]|[–—,;:|-]?\s(?:about )?\d{1,3}\s?(?:min(?:ute)?s?|hours?|hrs?)\.?$|[([;.,–—|-]?\s?(?:homework|hw|assignment|bring|supplies|materials|read(?:ing)?|due|prep|note|see|video|remember|snack|field trip form)s?\s?:.*$|[;–—]\s?(?:please )?(?:bring|remember|read|finish|don't forget|no homework|snack by)\b.*$|[([](?:see|with|bring|homework|video|note|weather permitting|outdoors|at the [a-z ]+|half day|long|short|double)\b[^()[\]]*[)\]]$)/i;

/**
 * Takes date, sessions, minutes, homework and remarks off a line, so that the title is left.
 *
 *     takeSaid('Session 3 (Dec 22): Coils (2 sessions)')   // { rest: 'Session 3: Coils', date: '12-22', sessions: 2 }
 */
export function takeSaid(line: string): LineSays {
	let rest = line;
	let date: string | null = null;
	const sessions = SESSIONS.exec(rest);
	if (sessions) rest = `${rest.slice(0, sessions.index)}${rest.slice(sessions.index + sessions[0].length)}`;
	const front = IN_FRONT.exec(rest);
	if (front) {
		date = dateOf(front.slice(1));
		if (date) rest = rest.slice(front[0].length);
	}
	const label = date ? null : BEHIND_LABEL.exec(rest);
	if (label) {
		date = dateOf(label.slice(2));
		if (date) rest = `${label[1]}${rest.slice(label[0].length)}`;
	}
	for (const pattern of date ? [] : [IN_BRACKETS, AT_END]) {
		const found = pattern.exec(rest);
		const said = found && dateOf(found.slice(1));
		if (!found || !said) continue;
		date = said;
		rest = `${rest.slice(0, found.index)} ${rest.slice(found.index + found[0].length)}`.replace(
			/\s+([:.,–—-])/g,
			'$1'
		);
		break;
	}
	for (let remark = REMARK.exec(rest); remark && remark.index > 0; remark = REMARK.exec(rest))
		rest = `${rest.slice(0, remark.index)}${rest.slice(remark.index + remark[0].length)}`;
	const count = sessions?.[1] ?? sessions?.[2];
	return {
		rest: rest.trim(),
		date,
		sessions: count ? (COUNT[count.toLowerCase()] ?? Number(count)) : null
	};
}

/** Words that OCR or a bad copy spelled with figures, as they were meant, for comparing. */
export const asMeant = (text: string): string =>
	text
		.toLowerCase()
		.replace(/0/g, 'o')
		.replace(/(?<=[a-z])[1|!](?=[a-z])|(?<=[a-z])[1|](?=[a-z]|$)/g, 'l')
		.replace(/^[1|l](?=nt|nd)/, 'i')
		.replace(/5(?=[a-z])/g, 's');

const NO_LESSON =
	/^(?:no (?:class|school|lesson|meeting|co-?op|session)s?\b.*|(?:.{0,30} )?(?:catch[- ]?up|make[- ]?up|flex(?:ible)?|free|buffer|spare|rest)(?: (?:day|week|time|session))?(?: ?(?:&|and|\/) ?.{0,30})?|(?:library|park|rest|snow) day|(?:(?:spring|winter|fall|autumn|summer|mid-?term|christmas|easter|thanksgiving|holiday|semester) )?(?:break|vacation|holidays?|recess)(?: week| day)?|thanksgiving(?: week| day| holiday)?|day off|off|holiday[-:– ].*|closed.*|review(?: as needed| day| week| time| if needed)?|.* as needed|(?:happy )?holidays?|(?:teacher|staff) (?:work|in-?service) ?day|tba|tbd|(?:library|reading) visit ?(?:&|and) ?catch[- ]?up)$/i;

/** Whether a title says that there is no lesson that day. */
export const isNoLesson = (title: string): boolean =>
	NO_LESSON.test(
		title
			.replace(/[.!*()[\]–—-]+$/g, '')
			.replace(/^[–—*(\s-]+/, '')
			.trim()
	);
