import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays } from '../calendar/index.ts';
import { json, TRACKED, KEPT, type Row, type Snapshot } from '../facts/index.ts';
import { firstGap, isReady } from '../readiness/index.ts';
import { exactText } from '../measure/index.ts';
import { actsOf } from './acts.ts';
import { boardOf } from './board.ts';
import { lessonStand } from './lesson-stand.ts';
import { computeSituation, type Situation } from './situation.ts';
import type { SupplyNeed } from './streams/supplies.ts';
import type { WholeNeed } from './whole-needs.ts';

const MONDAY = '2027-03-01';
const FIRST_LESSON = '2027-03-09';

/** A house in which nothing was said yet. */
const EMPTY = {
	revision: 1,
	...Object.fromEntries(
		TRACKED.flatMap((table) => (KEPT[table].list ? [[KEPT[table].list, []] as const] : []))
	),
	household: {
		id: 1,
		name: 'A house',
		zone: 'America/Chicago',
		week_start: 1,
		fixed_today: MONDAY,
		measures: 'us',
		paper: 'letter',
		evening: json({}),
		country: null,
		region: null,
		feed_secret: null,
		frame: null,
		habit: 'day by day',
		habit_date: null,
		count_age_days: 180,
		content_policy: json([]),
		sales_tax: '0',
		ladder: null,
		rung_days: json({}),
		first_frost: null,
		last_frost: null,
		printing: json({}),
		prep_rates: json({}),
		binders: json({}),
		prep_habit: 'batch',
		set_out: json({}),
		child_links: json({})
	}
} as unknown as Snapshot;

const NAMES = ['cork', 'balloon', 'play dough', 'glass jar', 'string', 'egg', 'lemon', 'tuning fork'];

/** A thing of the list: in which lesson, how many, whether it is optional or prepared, and what lies at home of it. */
type Wanted = {
	readonly lesson: number;
	readonly item: number;
	readonly quantity: number;
	readonly isOptional: boolean;
	readonly minutes: number | null;
	readonly note: string | null;
	readonly lot: number;
};

const wanted = (lessons: number): fc.Arbitrary<Wanted> =>
	fc.record({
		lesson: fc.integer({ min: 1, max: lessons }),
		item: fc.integer({ min: 1, max: NAMES.length }),
		quantity: fc.integer({ min: 1, max: 9 }),
		isOptional: fc.boolean(),
		minutes: fc.option(fc.integer({ min: 5, max: 40 })),
		note: fc.option(fc.constantFrom('soak overnight', 'start 3 days ahead', 'red')),
		lot: fc.integer({ min: 0, max: 6 })
	});

type House = {
	readonly children: number;
	readonly lessons: number;
	readonly habit: 'day by day' | 'a week ahead' | 'before the unit';
	readonly things: readonly Wanted[];
};

const houses: fc.Arbitrary<House> = fc.integer({ min: 1, max: 6 }).chain((lessons) =>
	fc.record({
		children: fc.integer({ min: 0, max: 3 }),
		lessons: fc.constant(lessons),
		habit: fc.constantFrom('day by day' as const, 'a week ahead' as const, 'before the unit' as const),
		things: fc.array(wanted(lessons), { minLength: 1, maxLength: 12 })
	})
);

const ids = (count: number) => Array.from({ length: count }, (_, at) => at + 1);

/** The facts of such a house. */
function factsOf({ children, lessons, habit, things }: House): Snapshot {
	const lots = new Map(things.map((one) => [one.item, one.lot]));
	return {
		...EMPTY,
		household: { ...EMPTY.household, habit },
		people: ids(children).map((id) => ({
			id,
			name: `Child ${id}`,
			kind: 'child',
			born: `20${14 + id}-05-01`,
			born_within: 0,
			allergies: json([]),
			weekdays: null,
			reach_mm: null,
			level: '',
			reads: json([])
		})),
		places: [
			{
				id: 1,
				parent_id: null,
				name: 'Pantry',
				kind: 'room',
				position: 0,
				length_mm: null,
				width_mm: null,
				height_mm: null,
				floor_mm: null
			}
		],
		suppliers: [
			{
				id: 1,
				name: 'Store',
				kind: 'shop',
				weekdays: json([6]),
				lead_days: 0,
				loan_days: 21,
				renewals: 1,
				shelf_days: 7,
				position: 0,
				fee_cents: 0,
				free_over_cents: null,
				return_days: null
			}
		],
		items: NAMES.map((name, at) => ({
			id: at + 1,
			name,
			name_key: name,
			use: 'used up',
			keep_back: null,
			keep_back_unit: null,
			keeps_days: null,
			supplier_id: null,
			low_level: null,
			low_unit: null,
			ladder: null,
			start_days: null,
			season: '',
			make_cents: null,
			make_minutes: null
		})),
		lots: [...lots]
			.filter(([, amount]) => amount > 0)
			.map(([item, amount], at) => ({ ...LOT, id: at + 1, item_id: item, amount: String(amount) })),
		units: [{ id: 1, name: 'A unit' }],
		runs: [
			{
				id: 1,
				unit_id: 1,
				name: 'A unit',
				state: 'running',
				start_on: FIRST_LESSON,
				end_on: null,
				weekdays: json([2, 4]),
				keep_free: 0,
				habit: null,
				habit_date: null,
				collecting_place_id: null,
				copied_from: null,
				rhythm: 'each day',
				rhythm_days: 1,
				limits: json({})
			}
		],
		lessons: ids(lessons).map((id) => ({
			id,
			run_id: 1,
			position: id,
			title: `Lesson ${id}`,
			note: '',
			optional: 0,
			sessions: 1,
			topic: '',
			objective: '',
			vocabulary: '',
			questions: '',
			minutes: null,
			extension: '',
			extension_for: json([]),
			first_page: null
		})),
		lines: things.map((one, at) => ({
			id: at + 1,
			lesson_id: one.lesson,
			activity_id: null,
			position: at,
			written: `${one.quantity} ${NAMES[one.item - 1]}`,
			item_id: one.item,
			quantity: String(one.quantity),
			quantity_to: null,
			unit: 'each',
			per: 'family',
			group_size: null,
			optional: one.isOptional ? 1 : 0,
			alternatives: json([]),
			note: one.note,
			needs_look: 0,
			use: 'used up',
			out_until: null,
			spare: '0',
			participants: null,
			prepare_minutes: one.minutes,
			prepare_wait_days: 0,
			session: 1,
			claim: null,
			listed_on: MONDAY
		}))
	} as unknown as Snapshot;
}

const LOT = { unit: 'each', place_id: 1, good_until: null, opened_on: null, counted_on: MONDAY, note: '' };

/** A need's own row, with what was done to it. */
function noted(facts: Snapshot, of: SupplyNeed, more: Partial<Row<'need_state'>>): Snapshot {
	const known = facts.needStates.find((one) => one.key === of.need.key);
	const row = known ?? {
		id: facts.needStates.length + 1,
		key: of.need.key,
		run_id: 1,
		decision: null,
		supplier_id: null,
		unit: of.unit,
		arranged: '0',
		found: '0',
		prepared: '0',
		out: '0',
		promised: null,
		note: null,
		person_id: null
	};
	return {
		...facts,
		needStates: [...facts.needStates.filter((one) => one !== known), { ...row, ...more } as Row<'need_state'>]
	};
}

const said = (facts: Snapshot, item: number, state: 'enough' | 'none', today: string): Snapshot => ({
	...facts,
	statements: [
		...facts.statements.filter((one) => one.item_id !== item),
		{ id: item, item_id: item, state, said_on: today, place_id: null } as Row<'statement'>
	]
});

/** What a parent may do about one supply on a day, as the facts that it leaves. */
const DEEDS: Readonly<Record<string, (facts: Snapshot, one: SupplyNeed, today: string) => Snapshot>> = {
	'have it': (facts, one, today) => said(facts, one.item.id, 'enough', today),
	'not here': (facts, one, today) => said(facts, one.item.id, 'none', today),
	found: (facts, one) => noted(facts, one, { found: exactText(one.amount) }),
	arranged: (facts, one) => noted(facts, one, { arranged: exactText(one.standing.missing) }),
	prepared: (facts, one) =>
		noted(facts, one, { found: exactText(one.amount), prepared: exactText(one.amount) }),
	skipped: (facts, one) => noted(facts, one, { decision: 'do without' })
};
/** After these nothing of it is asked any more. */
const ENDS = new Set(['prepared', 'skipped']);

const isOpen = ({ need, days }: SupplyNeed | WholeNeed) =>
	need.required && !need.doWithout && need.useDay !== null && days !== null && !isReady(need);

/** Tasks, lessons and the first sentence say the same. */
function agrees(now: Situation, today: string): void {
	const acts = actsOf(now);
	const all = [...now.needs, ...now.whole];
	const asked = new Set(acts.flatMap((act) => act.keys));
	for (const one of all) {
		if (isOpen(one)) expect(asked.has(one.need.key), `${one.need.key} is in no task`).toBe(true);
		if (isReady(one.need) || one.need.doWithout)
			expect(asked.has(one.need.key), `${one.need.key} is done, and asked for`).toBe(false);
	}
	for (const act of acts) expect(act.verdict === 'late').toBe(act.actBy < today);
	// What the house learned of on the first day and what can be done in a day is not late on it.
	if (today === MONDAY)
		expect(acts.filter((act) => act.verdict === 'late').map((act) => act.kind)).toEqual([]);
	const [run] = now.runs;
	const board = boardOf(now, run);
	for (const lesson of run.lessons) {
		const open = all.filter((one) => one.lesson === lesson && isOpen(one));
		const { stand, toDo } = lessonStand(now, lesson);
		expect(stand === 'ready' || stand === 'nothing', lesson.lesson.title).toBe(open.length === 0);
		expect(toDo.length > 0).toBe(open.length > 0);
		const row = board.lessons.find((one) => one.id === lesson.lesson.id)!;
		if (lesson.dates.length)
			expect(Object.values(row.streams).every((one) => one.verdict === 'done')).toBe(open.length === 0);
	}
	const days = new Map(all.flatMap((one) => (one.days ? [[one.need.key, one.days] as const] : [])));
	const gap = firstGap(
		all.map((one) => one.need),
		days
	);
	const required = new Set(all.filter(isOpen).map((one) => one.need.key));
	const first = acts.find((act) => act.keys.some((key) => required.has(key)));
	expect(gap === null).toBe(first === undefined);
	// The sentence at the top is about the first task that holds a lesson up.
	if (gap && first) expect(first.actBy <= days.get(gap.key)!.actBy!).toBe(true);
	if (gap)
		expect(board.sentence.verdict === 'late').toBe(
			acts.some((act) => act.verdict === 'late' && act.keys.some((key) => required.has(key)))
		);
}

describe('the account of a house', () => {
	it('never contradicts itself, whatever is done on whatever day, and what is done is not asked again', () => {
		fc.assert(
			fc.property(
				houses,
				fc.array(fc.tuple(fc.nat(4), fc.constantFrom(...Object.keys(DEEDS)), fc.nat(40)), { maxLength: 12 }),
				(house, deeds) => {
					let facts = factsOf(house);
					let today = MONDAY;
					agrees(computeSituation(facts, today), today);
					for (const [later, deed, pick] of deeds) {
						today = addDays(today, later);
						const now = computeSituation(facts, today);
						agrees(now, today);
						const one = now.needs[pick % now.needs.length];
						facts = DEEDS[deed](facts, one, today);
						const after = computeSituation(facts, today);
						agrees(after, today);
						if (ENDS.has(deed))
							expect(actsOf(after).some((act) => act.keys.includes(one.need.key))).toBe(false);
					}
				}
			),
			{ numRuns: 150 }
		);
	});

	it('asks on the evening before for what a remark beside a thing says, and no more once it is done', () => {
		const thing: Wanted = {
			lesson: 1,
			item: 1,
			quantity: 2,
			isOptional: false,
			minutes: null,
			note: 'soak overnight',
			lot: 6
		};
		const house: House = { children: 1, lessons: 2, habit: 'a week ahead', things: [thing] };
		const facts = factsOf(house);
		const soak = (now: Situation) => actsOf(now).find((act) => act.kind === 'begin');
		const before = computeSituation(facts, MONDAY);
		expect(soak(before)).toMatchObject({ title: 'Cork: soak overnight', actBy: addDays(FIRST_LESSON, -1) });
		const [{ need }] = before.whole;
		const done = {
			...noted(facts, before.needs[0], {}),
			needStates: [{ key: need.key, prepared: '1', arranged: '0', run_id: 1 }]
		};
		expect(soak(computeSituation(done as unknown as Snapshot, MONDAY))).toBeUndefined();
	});

	it('what is begun days ahead has to be there by then, and is there once it was begun', () => {
		const thing: Wanted = {
			lesson: 2,
			item: 1,
			quantity: 2,
			isOptional: false,
			minutes: null,
			note: 'start 3 days ahead',
			lot: 0
		};
		const facts = factsOf({ children: 1, lessons: 2, habit: 'day by day', things: [thing] });
		const before = computeSituation(facts, MONDAY);
		const [supply] = before.needs;
		const begin = actsOf(before).find((act) => act.kind === 'begin')!;
		expect(begin.actBy).toBe(addDays(supply.need.useDay!, -3));
		expect(supply.days!.inHandBy <= begin.actBy).toBe(true);
		const done = {
			...noted(facts, supply, {}),
			needStates: [{ key: before.whole[0].need.key, prepared: '1', arranged: '0', run_id: 1 }]
		};
		const after = computeSituation(done as unknown as Snapshot, MONDAY);
		expect(after.needs[0].need.state).toBe('in hand');
		expect(actsOf(after).filter((act) => act.keys.includes(supply.need.key))).toEqual([]);
	});

	it('asks once more for much more than “have it” was said of', () => {
		const thing = (lesson: number, quantity: number): Wanted => ({
			lesson,
			item: 3,
			quantity,
			isOptional: false,
			minutes: null,
			note: null,
			lot: 0
		});
		const house = (things: Wanted[]): House => ({ children: 1, lessons: 2, habit: 'day by day', things });
		const enough = (facts: Snapshot, asked: string): Snapshot => ({
			...facts,
			statements: [
				{
					id: 1,
					item_id: 3,
					state: 'enough',
					said_on: MONDAY,
					place_id: null,
					asked,
					asked_unit: 'each'
				} as Row<'statement'>
			]
		});
		const looks = (facts: Snapshot) =>
			actsOf(computeSituation(facts, MONDAY)).some((act) => act.kind === 'look');
		expect(looks(enough(factsOf(house([thing(1, 2)])), '2'))).toBe(false);
		const more = factsOf(house([thing(1, 2), thing(2, 9)]));
		expect(looks(enough(more, '2'))).toBe(true);
		expect(looks(enough(more, '11'))).toBe(false);
	});

	it('of the same facts is the same, whatever was computed before', () => {
		fc.assert(
			fc.property(houses, houses, (one, other) => {
				const text = () => JSON.stringify(actsOf(computeSituation(factsOf(one), MONDAY)));
				const before = text();
				actsOf(computeSituation(factsOf(other), MONDAY));
				expect(text()).toBe(before);
			}),
			{ numRuns: 30 }
		);
	});
});
