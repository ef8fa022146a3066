import { sql } from 'kysely';
import { describe, expect, it } from 'vitest';
import { dayText, type Day } from '$core/calendar/index.ts';
import { readIsbn } from '$core/library/index.ts';
import { inventedIsbn } from '../../demo/seed-library.ts';
import { change, undo } from '../../history/changes.ts';
import { holdReady, placeHold } from '../../stores/library/loans.ts';
import { addResource, removeResource, updateResource } from '../../stores/library/resources.ts';
import { setWeekdays } from '../../stores/plan/units.ts';
import { allRows, doer, openTestStore, situationOf } from '../../tests/household.ts';
import { actsOf, boardOf, computeSituation, type Situation } from '$core/account/index.ts';
import { takeStep } from '../readiness/steps.ts';
import { resourceNamed } from './named.ts';
import { addTyped } from './resource-typed.ts';
import { resourceView } from './resource-view.ts';
import { EVERYTHING, libraryPage, type LibraryFilter } from './search.ts';
import { tripsView } from './trips.ts';

/** The same household on another day. */
const situationOn = async (
	store: Awaited<ReturnType<typeof openTestStore>>,
	today: Day
): Promise<Situation> => computeSituation((await situationOf(store)).snapshot, today);

async function demo() {
	const store = await openTestStore();
	return { store, now: await situationOf(store) };
}

describe('searching the library', () => {
	it('finds what a plain scan of all rows finds, by beginnings of words, accents folded', async () => {
		const { store, now } = await demo();
		const plain = (text: string) => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();
		const wordsOf = (text: string) => plain(text).match(/[\p{L}\p{N}]+/gu) ?? [];
		for (const typed of ['map', 'MAPS', 'wind wea', 'tarrow', 'river', 'mill grain', 's', 'a film', '9']) {
			const words = wordsOf(typed);
			const expected = now.snapshot.resources.filter((row) => {
				const has = wordsOf([row.title, row.authors, row.topics, row.notes, row.about].join(' '));
				return words.every((word) => has.some((one) => one.startsWith(word)));
			});
			const { total, rows } = await libraryPage(store.read, now, { ...EVERYTHING, words: typed }, 0, 500);
			expect(rows.map((row) => row.id).sort((a, b) => a - b)).toEqual(expected.map((row) => row.id));
			expect(total).toBe(expected.length);
		}
	});

	it('forgives a typing error, finds nothing for nonsense, and takes signs of the query language as text', async () => {
		const { store, now } = await demo();
		const titles = async (words: string) =>
			(await libraryPage(store.read, now, { ...EVERYTHING, words }, 0, 50)).rows.map((row) => row.title);
		expect(await titles('catrographer')).toEqual(['The Cartographer’s Daughter’s Notebook']);
		expect(await titles('qqqqqqqq')).toEqual([]);
		expect(await titles('"; drop table resource; -- *')).toEqual([]);
		expect(await titles('NEAR( OR')).toEqual(expect.any(Array));
	});

	it('filters by topic, child, place, loan and use', async () => {
		const { store, now } = await demo();
		const ids = async (filter: Partial<LibraryFilter>) =>
			(await libraryPage(store.read, now, { ...EVERYTHING, ...filter }, 0, 500)).rows.map((row) => row.id);
		const { resources, uses, spines, people } = now.snapshot;
		const matching = (is: (row: (typeof resources)[number]) => boolean) =>
			resources.filter(is).map((row) => row.id);
		const sorted = (list: number[]) => list.sort((a, b) => a - b);
		expect(sorted(await ids({ topic: 'kites' }))).toEqual(
			matching((row) => row.topics.split(', ').includes('kites'))
		);
		const tamsin = people.find((person) => person.name === 'Tamsin')!;
		expect(sorted(await ids({ child: tamsin.id }))).toEqual(
			matching((row) => (row.from_age ?? 0) <= 2 && (row.to_age ?? 99) >= 2)
		);
		expect(sorted(await ids({ use: 'never used' }))).toEqual(
			matching(
				(row) =>
					!uses.some((use) => use.resource_id === row.id) && !spines.some((one) => one.resource_id === row.id)
			)
		);
		expect(await ids({ where: 'lent' })).toHaveLength(6);
		expect(sorted(await ids({ where: 'away' }))).toEqual(matching((row) => row.owned === 0));
	});

	it('the index follows every change, and undo', async () => {
		const { store } = await demo();
		const now = await situationOf(store);
		const found = async (words: string) =>
			(await libraryPage(store.read, now, { ...EVERYTHING, words }, 0, 9)).total;
		const { result } = await change(store.write, doer(), 'Added', (trx) =>
			addResource(trx, { title: 'Zephyr Primer', kind: 'book' }, now.today)
		);
		expect(await found('zephyr')).toBe(1);
		await change(store.write, doer(), 'Changed', (trx) =>
			updateResource(trx, result, { title: 'Gale Primer' })
		);
		expect([await found('zephyr'), await found('gale primer')]).toEqual([0, 1]);
		await undo(store.write, doer());
		expect(await found('zephyr')).toBe(1);
		await change(store.write, doer(), 'Removed', (trx) => removeResource(trx, result));
		expect(await found('zephyr')).toBe(0);
		const { rows } = await sql<{ n: number }>`select count(*) as n from resource_words`.execute(store.read);
		expect(rows[0].n).toBe(now.snapshot.resources.length);
	});
});

describe('getting books in', () => {
	it('the demo’s numbers are right, and none is listed twice', async () => {
		expect(readIsbn(inventedIsbn(3))).toMatchObject({ valid: true });
		const { store, now } = await demo();
		const row = now.snapshot.resources.find((one) => one.isbn13)!;
		await expect(
			change(store.write, doer(), 'Added', (trx) => addTyped(trx, now, row.isbn13!))
		).rejects.toThrow('already has that ISBN');
		const same = resourceView(now, { ...row, id: -1, title: `${row.title}s` });
		expect(same.same[0].how).toBe('same ISBN');
	});

	it('a title names a thing when one alone goes by it', async () => {
		const { store, now } = await demo();
		const id = await resourceNamed(store.read, now, 'chart room');
		expect(now.snapshot.resources.find((row) => row.id === id)!.title).toBe('The Chart Room');
		await expect(resourceNamed(store.read, now, 'globe')).rejects.toThrow('titles match that');
		await expect(resourceNamed(store.read, now, 'xyzzyx')).rejects.toThrow('isn’t in your home library');
	});
});

describe('the books stream', () => {
	it('place-by days follow from the wait; each step moves the need on; undo takes all of it back', async () => {
		const { store, now } = await demo();
		const need = (of: typeof now) => of.whole.find((one) => one.title === 'Shadows and Stars')!;
		// Lesson 9 on Tue, Feb 9, a week ahead: ready by Sun, Feb 7. The library opens Tue to Sat and holds take 11 days.
		expect(need(now).days).toMatchObject({
			readyBy: '2027-02-07',
			inHandBy: '2027-02-07',
			actBy: '2027-01-26'
		});
		const before = await allRows(store);
		let at = now;
		for (const [kind, state] of [
			['place', 'arranged'],
			['check', 'arranged'],
			['pick up', 'in hand']
		]) {
			expect(need(at).step!.kind).toBe(kind);
			const moment = at;
			await change(store.write, doer(), 'Step', (trx) => takeStep(trx, moment, [need(moment).need.key]));
			at = await situationOf(store);
			expect(need(at).need.state).toBe(state);
		}
		expect(need(at).verdict).toBe('done');
		for (let i = 0; i < 3; i++) await undo(store.write, doer());
		expect(await allRows(store)).toEqual(before);
	});

	it('a loan that ends before its lesson is to be renewed; a preview wants it in the house before', async () => {
		const { now } = await demo();
		const coast = now.whole.find((one) => one.title === 'The Very Long Coast')!;
		expect(coast).toMatchObject({ verdict: 'at risk', step: { kind: 'renew', by: '2027-01-26' } });
		expect(actsOf(now).find((act) => act.title === 'Renew The Very Long Coast')!.actBy).toBe('2027-01-26');
		// Until it is due it can be renewed, so it is not late before.
		for (const [day, verdict] of [
			['2027-01-24', 'at risk'],
			['2027-01-26', 'at risk'],
			['2027-01-27', 'late']
		])
			expect(
				computeSituation(now.snapshot, day).whole.find((one) => one.title === coast.title)!.verdict
			).toBe(verdict);
		const needle = now.whole.find((one) => one.title === 'What the Needle Knows')!;
		expect(needle.days!.sitting).not.toBeNull();
		expect(needle.days!.inHandBy < needle.days!.readyBy).toBe(true);
		const cell = boardOf(now, now.runs[0]).lessons[6].streams.books;
		expect(cell.text).toBe('2 of 4');
		expect(cell.behind.map((one) => one.what)).toContain('Latitude for Breakfast');
	});

	it('a change of the calendar shows what breaks', async () => {
		const { store, now } = await demo();
		await change(store.write, doer(), 'Weekdays', (trx) =>
			setWeekdays(trx, now.runs[0].row.id, [1, 2, 3, 4, 5])
		);
		const after = await situationOf(store);
		const broken = (of: typeof now) =>
			of.whole.filter((one) => one.need.stream === 'books' && ['late', 'at risk'].includes(one.verdict))
				.length;
		expect(broken(after)).toBeGreaterThan(broken(now));
	});
});

describe('trips', () => {
	it('every library book of a lesson is fetched once and brought back; on open days only', async () => {
		const { now } = await demo();
		const view = tripsView(now);
		const fetched = view.trips.flatMap((trip) => trip.fetch.map((one) => one.title));
		const wanted = now.whole.filter(
			(one) =>
				one.book?.resource.owned === 0 &&
				// What has no day yet waits for one.
				one.need.useDay !== null &&
				one.book.loan?.state !== 'on loan' &&
				(one.book.loan?.supplier_id ?? one.book.resource.supplier_id) ===
					now.snapshot.suppliers.find((supplier) => supplier.kind === 'library')!.id
		);
		// Once each; of the bookmobile, which lends for two weeks, one is wanted in lessons further apart: it is fetched twice.
		expect(fetched.sort()).toEqual(
			[...new Set(wanted.map((one) => one.title)), 'Maps in a Suitcase', 'Maps in a Suitcase'].sort()
		);
		const brought = view.trips.flatMap((trip) => trip.bring.map((one) => one.title));
		for (const title of fetched) expect(brought).toContain(title);
		// Fernhill Library is closed on Sundays and Mondays.
		for (const trip of view.trips) expect(trip.text).not.toMatch(/^(Sun|Mon)/);
		// Bookmobile lends for two weeks, once, and its book is wanted in two lessons three weeks apart.
		expect(view.problems.map((one) => [one.text.split(':')[0], one.loans.length])).toEqual([
			['Maps in a Suitcase', 2]
		]);
		// The day of its first hold is the one that Next says.
		const first = now.whole.find((one) => one.title === 'Maps in a Suitcase')!;
		expect(view.problems[0].loans[0]).toContain(
			first.days!.actBy! <= now.today ? 'place a hold now' : `place a hold by ${dayText(first.days!.actBy!)}`
		);
		expect(view.holds.map((one) => one.title)).toContain('Shadows and Stars');
	});

	it('what waits at the library is picked up on its trip before the lesson, on an open day, and every page says so', async () => {
		const { store, now: before } = await demo();
		const library = before.snapshot.suppliers.find((one) => one.kind === 'library')!;
		// Closed on Sundays and Mondays. A lesson on Tue, Feb 9; its book is ready on Sat, Feb 6, held to Feb 13.
		const need = before.whole.find(
			(one) =>
				one.book?.resource.owned === 0 && one.need.useDay === '2027-02-09' && one.step?.kind === 'place'
		)!;
		await change(store.write, doer(), 'hold', async (trx) => {
			const id = await placeHold(trx, need.book!.resource.id, library.id, '2027-01-25');
			await holdReady(trx, id, '2027-02-06');
		});
		for (const [today, day] of [
			['2027-02-06', '2027-02-06'],
			// Nobody was there on Saturday: closed until the lesson itself, so the next open day, and late.
			['2027-02-07', '2027-02-09']
		]) {
			const now = await situationOn(store, today);
			const one = now.whole.find((each) => each.need.key === need.need.key)!;
			expect(one.step).toMatchObject({ kind: 'pick up', by: day });
			const act = actsOf(now).find((each) => each.keys.includes(need.need.key))!;
			// With whatever else that trip fetches.
			expect([act.kind, act.actBy]).toEqual(['pick up', day]);
			expect(`${act.title} ${act.detail}`).toContain(one.title);
			const trip = tripsView(now).trips.find((each) => each.fetch.some((book) => book.title === one.title));
			expect(trip?.day ?? day).toBe(day);
		}
	});

	it('a second hold leaves what is at home there, with its due day', async () => {
		const { store, now } = await demo();
		const need = now.whole.find(
			(one) => one.book?.loan?.state === 'on loan' && one.book.resource.owned === 0
		)!;
		const { loan, resource } = need.book!;
		await change(store.write, doer(), 'again', (trx) =>
			placeHold(trx, resource.id, loan!.supplier_id!, now.today)
		);
		const after = await situationOn(store, now.today);
		const own = after.snapshot.loans.filter((one) => one.resource_id === resource.id && one.state !== 'back');
		expect(own.map((one) => [one.state, one.due_on])).toEqual([
			['on loan', loan!.due_on],
			['hold placed', null]
		]);
		expect(after.whole.find((one) => one.need.key === need.need.key)!.book!.loan!.id).toBe(loan!.id);
		await expect(
			change(store.write, doer(), 'and again', (trx) =>
				placeHold(trx, resource.id, loan!.supplier_id!, now.today)
			)
		).rejects.toThrow('already a hold');
	});
});
