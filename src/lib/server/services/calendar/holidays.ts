import Holidays from 'date-holidays';
import { addDays, dayText, weekdayOf, type Day } from '$core/calendar/index.ts';
import type { Moment } from '$core/facts/index.ts';
import type { RunSituation } from '$core/account/index.ts';

export type Holiday = { readonly from: Day; readonly to: Day; readonly name: string; readonly kind: string };

/** Kinds of days off; observances on which everything is open are left out. */
const KINDS: Readonly<Record<string, string>> = {
	public: 'public holiday',
	bank: 'bank holiday',
	school: 'school holiday'
};

/** A few dozen years are asked for again and again; whoever tries every country starts afresh. */
const MOST_YEARS = 200;
const years = new Map<string, readonly Holiday[]>();

/** Public, bank and school holidays of a country and its region that touch the span; from the package's own rules. */
export function holidaysBetween(country: string, region: string | null, from: Day, to: Day): Holiday[] {
	const result: Holiday[] = [];
	for (let year = Number(from.slice(0, 4)); year <= Number(to.slice(0, 4)); year++) {
		const key = `${country}|${region ?? ''}|${year}`;
		let own = years.get(key);
		if (!own) {
			const rules = new Holidays(country, region ?? '', {
				languages: ['en'],
				types: ['public', 'bank', 'school']
			});
			own = rules.getHolidays(year, 'en').map((one): Holiday => {
				const first = one.date.slice(0, 10);
				const days = Math.max(1, Math.round((one.end.getTime() - one.start.getTime()) / 86_400_000));
				return {
					from: first,
					to: addDays(first, days - 1),
					name: one.name,
					kind: KINDS[one.type] ?? one.type
				};
			});
			if (years.size >= MOST_YEARS) years.clear();
			years.set(key, own);
		}
		result.push(...own.filter((one) => one.to >= from && one.from <= to));
	}
	return result;
}

/** Countries by code, and the regions of one, for choosing. */
export function countryOptions(): { value: string; label: string }[] {
	return options(new Holidays().getCountries('en'));
}
export function regionOptions(country: string | null): { value: string; label: string }[] {
	if (!country) return [];
	return options(new Holidays().getStates(country, 'en') ?? {});
}

function options(names: Readonly<Record<string, string>>): { value: string; label: string }[] {
	return Object.entries(names)
		.map(([value, label]) => ({ value, label }))
		.sort((a, b) => a.label.localeCompare(b.label, 'en'));
}

export type HolidayRow = {
	readonly from: Day;
	readonly to: Day;
	readonly name: string;
	readonly text: string;
	/** The blocked days that it is, when it is switched on. */
	readonly blocked: number | null;
};

/** The holidays that fall on a teaching day of a run, each with whether it is kept free. */
export function holidayRows(moment: Moment, { row: run, weekdays, calendar }: RunSituation): HolidayRow[] {
	const { household, blocked } = moment.snapshot;
	if (!household.country || !run.start_on || !calendar) return [];
	const until = run.end_on ?? calendar.finish ?? run.start_on;
	const own = blocked.filter((one) => one.run_id === run.id);
	return holidaysBetween(household.country, household.region, run.start_on, until)
		.filter(({ from, to }) => {
			for (let day = from; day <= to; day = addDays(day, 1))
				if (weekdays.some((one) => one === weekdayOf(day))) return true;
			return false;
		})
		.map(({ from, to, name, kind }) => ({
			from,
			to,
			name,
			text: `${from === to ? dayText(from) : `${dayText(from)} through ${dayText(to)}`}, ${kind}`,
			blocked: own.find((one) => one.from_on <= from && one.to_on >= to)?.id ?? null
		}));
}
