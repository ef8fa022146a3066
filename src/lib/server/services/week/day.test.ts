import { describe, expect, it, vi } from 'vitest';
import { tickDay } from '../../stores/setout/trays.ts';
import { undo } from '../../history/changes.ts';
import { setStart, setWeekdays } from '../../stores/plan/units.ts';
import { mergeLessons } from '../../stores/plan/lessons.ts';
import { ledgeView } from '../setout/ledge.ts';
import { daysOnly, moveTray, shelfView } from '../setout/shelf.ts';
import { allRows, doer, mapsHouse } from '../../tests/household.ts';
import { answer } from '../looking/answers.ts';
import { setSetOut, setWeek, updateTray } from '../../stores/setout/trays.ts';
import { awaySet, dayAhead, readyFor, weekView } from './week.ts';
import { childDay } from './child-day.ts';
import { checkOff, dayView } from './day.ts';

const group = (view: ReturnType<typeof dayView>, name: string) =>
	view.groups.find((one) => one.name === name)?.entries ?? [];

describe('a day', () => {
	it('has its lesson’s pages, copies for each child, supplies with their place, and what is not here yet', async () => {
		const { now } = await mapsHouse();
		const { situation } = await now();
		const view = dayView(situation, '2027-01-26');
		expect(view.lessons.map((one) => one.title)).toEqual(['6 The round earth, flattened']);
		expect(group(view, 'Pages to open').map((one) => one.text)).toContain('The Patient Mapmaker');
		// A line for each page, with its children.
		const pages = group(view, 'Copies').map((one) => one.text);
		expect(pages).toContain('Journal: the orange peel: Odile, Perrin, and Tamsin');
		expect(new Set(pages).size).toBe(pages.length);
		const supplies = group(view, 'Supplies');
		const oranges = supplies.find((one) => /orange/.test(one.text))!;
		expect(oranges).toMatchObject({ detail: 'not here yet', isOpen: true });
		const globe = supplies.find((one) => /globe/.test(one.text))!;
		expect(globe).toMatchObject({ detail: 'School room › window shelf', isOpen: false });
		expect(view.sentence).toMatch(/^Not ready yet: .*orange/);
		expect(view.cautions).toContain(
			'Sew a coastline on the shelf is nothing for Tamsin: check that it’s still high up.'
		);
	});
	it('with lessons of two units on one day, each line names its own; with one, none does', async () => {
		const { now, does } = await mapsHouse();
		const before = dayView((await now()).situation, '2027-01-26');
		expect(before.groups.flatMap((one) => one.entries).some((one) => /Maps and/.test(one.detail))).toBe(
			false
		);
		const kites = (await now()).situation.runs.find((one) => one.unit.name === 'Kites and Wind')!;
		await does(async (trx) => {
			await setStart(trx, kites.row.id, '2027-01-26');
			await setWeekdays(trx, kites.row.id, [2]);
		});
		const view = dayView((await now()).situation, '2027-01-26');
		expect(view.lessons.map((one) => one.unit)).toEqual(
			expect.arrayContaining(['Maps and Wayfinding', 'Kites and Wind'])
		);
		for (const name of ['Wall', 'Pages to open', 'Copies', 'Supplies', 'Afterward'])
			for (const one of group(view, name))
				expect(one.detail).toMatch(/^(?:Maps and Wayfinding|Kites and Wind)/);
		expect(group(view, 'Supplies').some((one) => one.detail.startsWith('Kites and Wind'))).toBe(true);
	});
	it('on the first day of a week with a lesson or a basket trays come and go, with what to count', async () => {
		const { now } = await mapsHouse();
		const { situation } = await now();
		const shelf = group(dayView(situation, '2027-01-25'), 'Shelf').map((one) => `${one.text}: ${one.detail}`);
		expect(shelf).toContain(
			'Set out Land and water sort: School room › tray shelf › second board, count 20 pieces, from School room › art cart'
		);
		expect(shelf).toContain('Put away Match the map symbols: count 24 pieces back in');
	});
	it('what fills a sensory bin is changed when its days are over, counted from when it came out', async () => {
		const { now, does } = await mapsHouse();
		await does(async (trx, { situation }) => {
			const sand = situation.snapshot.trays.find((one) => one.kind === 'sensory')!;
			await updateTray(trx, sand.id, { keeps_days: 10 });
		});
		const { situation } = await now();
		const due = (day: string) =>
			group(dayView(situation, day), 'Shelf')
				.filter((one) => one.text.startsWith('Change'))
				.map((one) => `${one.text}: ${one.detail}`);
		// By hand: out from Mon, Jan 11 on, ten days are over on Jan 21, twenty on Jan 31.
		expect(due('2027-01-12')).toEqual([]);
		expect(due('2027-01-19')).toEqual([
			'Change what fills Treasure in the sand: sand, keeps 10 days, out since Mon, Jan 11'
		]);
		expect(due('2027-01-25')).toHaveLength(1);
	});
	it('what was checked off stays so; what was not moves on to today; a short day is the basket alone', async () => {
		const { now, does } = await mapsHouse();
		const { situation } = await now();
		const before = dayView(situation, '2027-01-19');
		const first = group(before, 'Shelf')[0];
		await does((trx) => tickDay(trx, '2027-01-19', first.key, true));
		await does((trx) => tickDay(trx, '2027-01-19', first.key, true));
		const after = (await now()).situation;
		expect(group(dayView(after, '2027-01-19'), 'Shelf')[0].isDone).toBe(true);
		const left = dayView(after, after.today).left;
		expect(left.map((one) => one.key)).not.toContain(first.key);
		const trays = left.filter((one) => /^(?:tray|back|fill|only)-/.test(one.key));
		expect(trays.length).toBe(group(before, 'Shelf').length - 1);
		// Not the last day alone: what is open from each day of the week before, until it is checked off.
		expect(left.map((one) => one.key)).toContain('up-5');
		await does((trx) => tickDay(trx, after.today, left.at(-1)!.key, true));
		const fewer = (await now()).situation;
		expect(dayView(fewer, fewer.today).left.length).toBe(left.length - 1);
		await does((trx) => tickDay(trx, '2027-01-26', 'short', true));
		const short = dayView((await now()).situation, '2027-01-26');
		expect(short.sentence).toMatch(/^A short day: only the basket\. .+ can wait\.$/);
		expect(short.groups.map((one) => one.name)).toEqual(['Morning basket']);
	});
	it('a week counts its lessons, and of one unit only its own', async () => {
		const { now } = await mapsHouse();
		const { situation, run } = await now();
		expect(weekView(situation, '2027-01-27').sentence).toMatch(
			/^2 lessons this week\. Tuesday: not ready yet: /
		);
		const kites = situation.runs.find((one) => one !== run)!;
		expect(weekView(situation, '2027-01-27', kites).sentence).toBe('No lessons this week.');
		expect(awaySet(situation).map((one) => one.title)).toContain('Beeswax to knead');
	});
	it('a child sees its own things, a toddler nothing dangerous', async () => {
		const { now } = await mapsHouse();
		const { situation } = await now();
		const dayOf = (name: string) =>
			childDay(
				situation,
				situation.snapshot.people.find((one) => one.name === name)!,
				'2027-01-26'
			);
		const tamsin = dayOf('Tamsin').entries.map((one) => one.text);
		expect(tamsin).toContain('Pouring water');
		expect(tamsin).not.toContain('Sew a coastline');
		expect(tamsin).toContain('Journal: the orange peel');
		expect(dayOf('Perrin').entries.map((one) => one.text)).toContain('Sew a coastline');
		expect(dayOf('Perrin').entries.find((one) => one.text === 'Morning basket')!.detail).toBe(
			'You choose today!'
		);
	});
	it('“ready for Tuesday?” is answered for the next day with a lesson; a tray can carry a task for each child', async () => {
		const { now, does } = await mapsHouse();
		const { situation } = await now();
		expect(readyFor(situation)).toEqual({
			day: '2027-01-26',
			name: 'Tuesday',
			sentence: dayView(situation, '2027-01-26').sentence
		});
		// Friday has a basket, so the week is not over; on Saturday one looks at the next.
		expect(dayAhead(situation)).toBe('2027-01-22');
		expect(dayAhead({ ...situation, today: '2027-01-23' })).toBe('2027-01-25');
		const sand = situation.snapshot.trays.find((one) => one.kind === 'sensory')!;
		await does((trx) => updateTray(trx, sand.id, { steps: 'Perrin: dig out six\nTamsin: find the fish' }));
		const after = (await now()).situation;
		const taskFor = (name: string) =>
			childDay(
				after,
				after.snapshot.people.find((one) => one.name === name)!,
				'2027-01-26'
			).entries.find((one) => one.text === sand.title)!.detail;
		expect([taskFor('Perrin'), taskFor('Tamsin')]).toEqual(['dig out six', 'find the fish']);
	});
	it('what is started in the evening and checked off is started for its lesson, too; undone, neither', async () => {
		const { store, now, does } = await mapsHouse();
		const { situation } = await now();
		const setting = situation.whole.find(
			(one) => one.need.stream === 'setting' && one.step?.kind === 'begin'
		)!;
		const day = setting.days!.actBy! < situation.today ? situation.today : setting.days!.actBy!;
		const key = `setting-${setting.need.key}`;
		expect(group(dayView(situation, day), 'This evening').map((one) => one.key)).toContain(key);
		const before = await allRows(store);
		const said = await does((trx, at) =>
			checkOff(trx, at.situation, { day, key, done: true, what: setting.title })
		);
		expect(said).toBe(`${setting.title}: started`);
		const after = (await now()).situation.whole.find((one) => one.need.key === setting.need.key)!;
		expect(after.need.state).toBe('arranged');
		await undo(store.write, doer());
		expect(await allRows(store)).toEqual(before);
	});
	it('a tray that was moved into a toddler’s reach is said first on every day of its week', async () => {
		const { now, does } = await mapsHouse();
		const { situation } = await now();
		const sewing = situation.snapshot.trays.find((one) => one.title === 'Sew a coastline')!;
		const low = situation.snapshot.places.find((one) => one.name === 'second board')!;
		await does((trx, at) => moveTray(trx, at.situation, '2027-01-18', sewing.id, low.id, 0));
		const after = (await now()).situation;
		for (const day of ['2027-01-18', '2027-01-22', '2027-01-24'])
			expect(dayView(after, day).cautions[0]).toBe(
				'Sew a coastline is at 40 cm, and Tamsin gets at 110 cm: not for a child under three.'
			);
		expect(dayView(after, '2027-01-26').cautions.join(' ')).not.toContain('at 40 cm');
	});
	it('lessons that are taught together take their words and trays along', async () => {
		const { store, now, does } = await mapsHouse();
		const before = await allRows(store);
		const { situation, run } = await now();
		const [first, second] = [run.lessons[6].lesson.id, run.lessons[7].lesson.id];
		const words = (of: typeof situation, lesson: number) =>
			of.snapshot.wallWords.filter((one) => one.lesson_id === lesson).map((one) => one.text);
		const all = [...words(situation, first), ...words(situation, second)];
		await does((trx) => mergeLessons(trx, first, second));
		const after = (await now()).situation;
		expect(words(after, first).toSorted()).toEqual(all.toSorted());
		const needles = after.snapshot.trays.find((one) => one.title === 'Float a needle compass')!;
		expect(JSON.parse(needles.lessons as unknown as string)).toEqual([first]);
		await undo(store.write, doer());
		expect(await allRows(store)).toEqual(before);
	});
});

describe('what is here', () => {
	/** The entry of a thing on Jan 26, after something was done. */
	const entryOf = async (house: Awaited<ReturnType<typeof mapsHouse>>, thing: RegExp) =>
		group(dayView((await house.now()).situation, '2027-01-26'), 'Supplies').find((one) =>
			thing.test(one.text)
		)!;

	it('what the household says it has is here, without a number and wherever it lies', async () => {
		const house = await mapsHouse();
		expect(await entryOf(house, /orange/)).toMatchObject({ isOpen: true, detail: 'not here yet' });
		const { situation } = await house.now();
		const orange = situation.snapshot.items.find((one) => one.name === 'orange')!;
		await house.does((trx, at) =>
			answer(trx, at.situation, { item: orange.id, answer: 'have', amount: null, unit: null, place: null })
		);
		expect(await entryOf(house, /orange/)).toMatchObject({ isOpen: false, detail: 'at home' });
		const after = (await house.now()).situation;
		expect(
			after.needs.find((one) => one.item.id === orange.id)!.standing.uncounted.valueOf()
		).toBeGreaterThan(0);
	});
	it('what is optional is said and makes nothing not ready', async () => {
		const house = await mapsHouse();
		await house.does(async (trx, { situation }) => {
			for (const { line } of situation.needs.filter((one) => one.lesson.dates.includes('2027-01-26')))
				await trx.updateTable('supply_line').set({ optional: 1 }).where('id', '=', line.id).execute();
		});
		expect(await entryOf(house, /orange/)).toMatchObject({ isOpen: false, detail: 'optional, not here yet' });
		const view = dayView((await house.now()).situation, '2027-01-26');
		expect(view.sentence).not.toContain('orange');
	});
	it('a part that cannot be worked out says so in its place, and the rest of the day stands', async () => {
		const log = vi.spyOn(console, 'error').mockImplementation(() => undefined);
		const { now } = await mapsHouse();
		const { situation } = await now();
		const broken = situation.snapshot.basketParts.map((one) =>
			one.page_by === 'bookmark' ? { ...one, first_page: 99, last_page: 9 } : one
		);
		const view = dayView(
			{ ...situation, snapshot: { ...situation.snapshot, basketParts: broken } },
			'2027-01-26'
		);
		expect(view.groups.find((one) => one.name === 'Morning basket')).toEqual({
			name: 'Morning basket',
			entries: [],
			trouble:
				'Morning basket couldn’t be worked out. Nothing you saved is lost; undo your last change there.'
		});
		expect(view.sentence).toContain('Morning basket couldn’t be worked out.');
		expect(group(view, 'Supplies').length).toBeGreaterThan(0);
		expect(log).toHaveBeenCalled();
		log.mockRestore();
	});
});

describe('mornings without a toddler', () => {
	it('what is safe on no board comes out on those days, on the sheet and on the page of who it is for', async () => {
		const { now, does } = await mapsHouse();
		await does(async (trx, { situation }) => {
			const { snapshot } = situation;
			const idOf = (name: string) => snapshot.people.find((one) => one.name === name)!.id;
			const sewing = snapshot.trays.find((one) => one.title === 'Sew a coastline')!;
			// Higher than the top board leaves free, so that no board out of reach takes it.
			await updateTray(trx, sewing.id, { high_mm: 390, children: [idOf('Perrin')] });
			await setWeek(trx, '2027-01-25', []);
			await setSetOut(trx, JSON.parse(snapshot.household.set_out as unknown as string), {
				away: { [idOf('Tamsin')]: [4] }
			});
		});
		const { situation } = await now();
		const only = daysOnly(situation, '2027-01-25');
		expect(only.map((one) => [one.day, one.trays.map((tray) => tray.title), one.without])).toEqual([
			['2027-01-28', ['Sew a coastline'], 'Tamsin']
		]);
		expect(shelfView(situation, '2027-01-25').trays.find((one) => one.title === 'Sew a coastline')!.why).toBe(
			'out on Thursday only, while Tamsin is away; put it away before then'
		);
		const sheet = (day: string) =>
			dayView(situation, day)
				.groups.flatMap((one) => one.entries)
				.map((one) => one.text);
		expect(sheet('2027-01-28')).toContain('At the table, while Tamsin is away: Sew a coastline');
		expect(sheet('2027-01-26').join()).not.toContain('Sew a coastline');
		const dayOf = (name: string) =>
			childDay(
				situation,
				situation.snapshot.people.find((one) => one.name === name)!,
				'2027-01-28'
			).entries.map((one) => one.text);
		expect(dayOf('Perrin')).toContain('Sew a coastline');
		expect(dayOf('Tamsin')).not.toContain('Sew a coastline');
	});
});

describe('the book ledge and the reading corner', () => {
	it('what finds no room on the ledge goes to the corner, with where to get it', async () => {
		const { now, does } = await mapsHouse();
		const all = ledgeView((await now()).situation, '2027-01-26');
		expect(all.left).toEqual([]);
		expect(all.corner).toBeNull();
		await does(async (trx, { situation }) => {
			const corner = situation.snapshot.places.find((one) => one.name === 'window shelf')!;
			await setSetOut(trx, JSON.parse(situation.snapshot.household.set_out as unknown as string), {
				ledge: all.books[0].width + 1,
				corner: corner.id
			});
		});
		const { situation } = await now();
		const view = ledgeView(situation, '2027-01-26');
		expect(view.books.map((one) => one.title)).toEqual([all.books[0].title]);
		expect(view.corner!.name).toBe('window shelf');
		expect(view.corner!.books.map((one) => one.title)).toEqual(all.books.slice(1).map((one) => one.title));
		expect(view.sentence).toMatch(/go to the reading corner/);
		const sheet = dayView(situation, '2027-01-25').groups.find((one) => one.name === 'Books to set out')!;
		expect(sheet.entries.map((one) => one.text)).toEqual(['Book ledge: 1 book', 'window shelf: 1 book']);
	});
});
