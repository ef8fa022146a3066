import { dayText, type Day } from '$core/calendar/index.ts';
import { groupBy } from '$core/group-by.ts';
import {
	amountText,
	densityOf,
	exact,
	exactText,
	saidAmount,
	isSome,
	type Exact,
	type Unit
} from '$core/measure/index.ts';
import { withCapitals } from '$core/naming/index.ts';
import { isReady, VERDICTS, type Verdict } from '$core/readiness/index.ts';
import { sourceText } from '$core/reference/index.ts';
import { together, type SupplyUse } from '$core/supplies/index.ts';
import { byText, counted } from '$core/words/index.ts';
import { type Row, once, remember, byId, thingId, type Snapshot } from '$core/facts/index.ts';
import {
	type RunSituation,
	whereText,
	mergedCautions,
	RUNG_TEXT,
	neededText,
	type Situation,
	type SupplyNeed,
	total
} from '$core/account/index.ts';
import { insteadOf, type InsteadShown } from './instead.ts';

export type CautionText = { readonly who: string; readonly text: string; readonly source: string };

/** One item of the list: needed, at home, missing, and why. */
export type ListRow = {
	readonly id: string;
	readonly name: string;
	readonly use: SupplyUse;
	readonly needed: string;
	readonly places: readonly {
		readonly place: string;
		readonly amount: string;
		readonly collected: boolean;
	}[];
	readonly inHand: string | null;
	readonly missing: string | null;
	readonly missingAmount: string;
	/** What nobody has said to be at home: it is looked for before it is got. */
	readonly toLook: string | null;
	/** Why it counts as at home without a count, in words; empty where that is not so. */
	readonly has: string;
	/** What the household said of it; null where no one has. */
	readonly said: Row<'statement'>['state'] | null;
	readonly unit: Unit;
	readonly arranged: string | null;
	readonly lessons: readonly {
		readonly number: number;
		readonly title: string;
		readonly day: string;
		readonly amount: string;
	}[];
	readonly actBy: Day | null;
	readonly when: string;
	readonly verdict: Verdict;
	readonly optional: boolean;
	readonly doWithout: boolean;
	readonly keys: readonly string[];
	readonly why: readonly string[];
	readonly cautions: readonly CautionText[];
	readonly problem: string | null;
	/** Lines that still want a look, as written. */
	readonly looks: readonly string[];
	/** Where what is missing comes from: the id of a source, or a rung of the ladder. */
	readonly source: string;
	readonly sourceText: string;
	/** What comes next when it is not to be had there; empty at the end. */
	readonly next: string;
	readonly instead: readonly InsteadShown[];
	readonly item: number;
};

export type GatherList = {
	readonly rows: readonly ListRow[];
	readonly counts: {
		readonly all: number;
		readonly missing: number;
		readonly toLook: number;
		/** Of what is to be looked for, what nobody has been asked about. */
		readonly toAsk: number;
		readonly atHome: number;
		readonly inHand: number;
		readonly looks: number;
	};
};

/** By run, for each situation: with it they are forgotten. */
const lists = once((_: Situation) => new Map<RunSituation, GatherList>());

const listRows = remember<ListRow>();

/** The list of one run, item by item; what has to be done first comes first. Made once a situation. */
export function gatherList(situation: Situation, run: RunSituation): GatherList {
	const known = lists(situation);
	const list = known.get(run) ?? makeList(situation, run);
	known.set(run, list);
	return list;
}

function makeList(situation: Situation, run: RunSituation): GatherList {
	const groups = groupBy(
		situation.needs.filter((one) => one.run === run),
		(one) => `${one.item.id}|${one.line.use}|${one.unit}|${one.need.required}`
	);
	const { snapshot, today } = situation;
	const rows = [...groups]
		.map(([id, needs]) =>
			// Lots need no mention: a need is made anew when a lot of its item has changed.
			listRows(
				needs[0].line,
				[id, today, needs, snapshot.places, ...(hasInstead(snapshot, needs) ? [situation] : [])],
				() => listRow(situation, id, needs)
			)
		)
		.sort(compareRows);
	const needed = rows.filter((row) => !row.doWithout);
	return {
		rows,
		counts: {
			all: rows.length,
			missing: needed.filter((row) => row.missing && !row.optional).length,
			toLook: things(needed.filter((row) => row.toLook)),
			toAsk: things(needed.filter((row) => row.toLook && row.said !== 'look')),
			atHome: needed.filter((row) => !row.missing && !row.toLook && row.verdict !== 'done').length,
			inHand: needed.filter((row) => row.verdict === 'done').length,
			looks: rows.filter((row) => row.looks.length || row.problem).length
		}
	};
}

/** How many things rows are of: one that is wanted in two measures is looked for once. */
const things = (rows: readonly ListRow[]): number => new Set(rows.map((row) => row.item)).size;

/** What could be taken instead hangs on other items, so such a row is made anew each time. */
function hasInstead(snapshot: Snapshot, needs: readonly SupplyNeed[]): boolean {
	return (
		needs.some((one) => one.line.alternatives !== '[]') ||
		snapshot.substitutes.some((one) => one.item_id === needs[0].item.id)
	);
}

function compareRows(a: ListRow, b: ListRow): number {
	return (
		Number(a.doWithout) - Number(b.doWithout) ||
		Number(a.optional) - Number(b.optional) ||
		Number(!a.missing) - Number(!b.missing) ||
		Number(!a.toLook) - Number(!b.toLook) ||
		Number(a.verdict === 'done') - Number(b.verdict === 'done') ||
		((a.actBy ?? '9999') < (b.actBy ?? '9999') ? -1 : (a.actBy ?? '9999') > (b.actBy ?? '9999') ? 1 : 0) ||
		(a.name < b.name ? -1 : 1)
	);
}

function listRow(situation: Situation, id: string, needs: readonly SupplyNeed[]): ListRow {
	const [first] = needs;
	const { unit, item } = first;
	const missing = total(needs, (one) => one.standing.missing);
	const inHand = total(needs, (one) => one.standing.inHand);
	const toLook = total(needs, (one) => one.standing.toLook);
	const arranged = total(needs, (one) => one.standing.arranged);
	const open = needs.filter((one) => !isReady(one.need) && !one.need.doWithout);
	const worst = open.reduce<SupplyNeed | null>(
		(so, one) => (so === null || VERDICTS.indexOf(one.verdict) < VERDICTS.indexOf(so.verdict) ? one : so),
		null
	);
	const actBys = open.flatMap((one) => (one.days?.actBy ? [one.days.actBy] : [])).sort();
	const cautions = mergedCautions(needs.flatMap((one) => one.cautions));
	return {
		id,
		name: withCapitals(item.name),
		use: first.line.use,
		needed: amountText(
			total(needs, (one) => one.amount),
			unit
		),
		places: placesOf(situation, needs),
		inHand: isSome(inHand) ? amountText(inHand, unit) : null,
		missing: isSome(missing) ? neededText(needs, missing) : null,
		missingAmount: exactText(saidAmount(missing, unit)),
		toLook: isSome(toLook) ? neededText(needs, toLook) : null,
		has: hasText(situation, needs),
		said: first.known.statement?.state ?? null,
		unit,
		arranged: isSome(arranged) ? amountText(arranged, unit) : null,
		lessons: needs.map((one) => ({
			number: one.lesson.number,
			title: one.lesson.lesson.title,
			day: one.need.useDay ? dayText(one.need.useDay) : 'no date',
			amount: amountText(one.amount, unit)
		})),
		actBy: actBys[0] ?? null,
		when: actBys[0] ? byText(actBys[0], situation.today) : '',
		verdict: worst?.verdict ?? 'done',
		optional: !first.need.required,
		doWithout: needs.every((one) => one.need.doWithout),
		keys: needs.map((one) => one.need.key),
		source: first.supplier ? String(first.supplier.id) : first.rung,
		sourceText: first.supplier?.name ?? RUNG_TEXT[first.rung],
		next: first.nextRung ? RUNG_TEXT[first.nextRung] : '',
		item: item.id,
		why: whyOf(situation, needs, missing),
		cautions: cautions.map((caution) => ({
			who: caution.who.join(', '),
			text: caution.text,
			source: sourceText(caution.source)
		})),
		problem: needs.find((one) => one.problem)?.problem ?? null,
		looks: needs.filter((one) => one.line.needs_look === 1).map((one) => one.line.written),
		instead: insteadOf(situation, needs)
	};
}

/** "have enough, Kitchen › pantry", "every house has it": why a thing that nobody counted is at home. */
function hasText({ snapshot }: Situation, [{ known, item }]: readonly SupplyNeed[]): string {
	if (known.known === 'assumed') return known.thing.notAThing ? 'not a thing to gather' : 'every home has it';
	if (known.known !== 'enough') return '';
	const place = known.statement!.place_id;
	return `have enough${place === null ? '' : `, ${whereText(snapshot, thingId('item', item.id), place)}`}`;
}

function placesOf(situation: Situation, needs: readonly SupplyNeed[]): ListRow['places'] {
	const { lots } = situation.snapshot;
	const taken = groupBy(
		needs.flatMap(({ line, served }) =>
			(served?.lots ?? []).map(({ lot, amount }) => ({ lot: lot.id, use: line.use, amount }))
		),
		(one) => one.lot
	);
	return [...taken].map(([id, parts]) => {
		const amount = together(parts);
		const lot = byId(lots).get(Number(id))!;
		return {
			place: whereText(situation.snapshot, thingId('item', lot.item_id), lot.place_id),
			amount: amountText(amount, needs[0].unit),
			collected: lot.place_id !== null && lot.place_id === needs[0].run.row.collecting_place_id
		};
	});
}

/** Where the numbers come from, line by line. */
function whyOf(situation: Situation, needs: readonly SupplyNeed[], missing: Exact): string[] {
	const [first] = needs;
	const { item, unit } = first;
	const why = needs.map((one) => {
		const { line } = one;
		const said =
			line.quantity === null
				? '“some” (counted as 1)'
				: amountText(exact(line.quantity_to ?? line.quantity), line.unit);
		const per =
			line.per === 'family'
				? ''
				: line.per === 'child'
					? ` × ${one.takingPart} ${one.takingPart === 1 ? 'child' : 'children'}`
					: line.per === 'pair'
						? ` per pair × ${counted(Math.ceil(one.takingPart / 2), 'pair')}`
						: ` per group × ${counted(Math.ceil(one.takingPart / (line.group_size ?? one.takingPart)), 'group')} of up to ${line.group_size ?? one.takingPart}`;
		const spare = line.spare === '0' ? '' : ` plus ${Math.round(exact(line.spare).valueOf() * 100)}% extra`;
		const upper = line.quantity_to
			? ` (the higher of ${amountText(exact(line.quantity!), line.unit)} to ${amountText(exact(line.quantity_to), line.unit)})`
			: '';
		return `Lesson ${one.lesson.number}: ${said}${per}${spare}${upper} = ${amountText(one.amount, unit)}`;
	});
	if (first.line.use === 'kept' && needs.length > 1)
		why.push('Reusable, so only the lesson that needs the most counts.');
	const volume = new Set(needs.map((one) => one.line.unit));
	const density = densityOf(item.name);
	if (
		density &&
		(unit === 'g' || unit === 'kg' || unit === 'oz' || unit === 'lb') &&
		[...volume].some((one) => one !== unit)
	) {
		why.push(`1 cup weighs ${density.gramsPerCup} g (${density.source.name}).`);
	}
	if (item.keep_back)
		why.push(`${amountText(exact(item.keep_back), item.keep_back_unit ?? unit)} stays in reserve.`);
	if (item.keeps_days !== null) {
		const from = needs.find((one) => one.days?.notBefore)?.days?.notBefore;
		why.push(
			`Stays fresh ${counted(item.keeps_days, 'day')}${from ? `: buy it ${dayText(from)} or later` : ', so buy it close to the lesson'}.`
		);
	}
	if (item.start_days !== null) why.push(`Takes ${counted(item.start_days, 'day')} to grow, hatch, or set.`);
	const season = needs.find((one) => one.need.notAfter);
	if (season && isSome(missing))
		why.push(
			`The ground will be frozen by then: gather it by ${dayText(season.need.notAfter!)} ${season.need.notAfter!.slice(0, 4)}.`
		);
	const dated = needs.find((one) => one.days && isSome(missing));
	if (dated?.days)
		why.push(
			`Ready by ${dayText(dated.days.readyBy)} (${dated.need.habit.kind})${dated.supplier ? `. The date above allows time for ${dated.supplier.name}` : ''}.`
		);
	return why;
}
