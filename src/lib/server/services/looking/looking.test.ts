import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { exact, ZERO, type Exact } from '$core/measure/index.ts';
import { readSupplyList, usualUse } from '$core/supplies/index.ts';
import { change, undo } from '../../history/changes.ts';
import { byId } from '$core/facts/index.ts';
import { readSnapshot } from '../../snapshot/snapshot.ts';
import { addLine } from '../../stores/gathering/supply-lines.ts';
import { seedEmpty } from '../../stores/house/household.ts';
import { removePlace } from '../../stores/house/places.ts';
import { addLesson } from '../../stores/plan/lessons.ts';
import { createUnit, setCalendar } from '../../stores/plan/units.ts';
import { itemNamed, mergeInto } from '../../stores/stash/items.ts';
import { addLot } from '../../stores/stash/lots.ts';
import { say } from '../../stores/stash/statements.ts';
import { allRows, doer, openTestStore } from '../../tests/household.ts';
import { costOf } from '../buying/cost.ts';
import { buyingOf } from '../buying/shopping.ts';
import { gatherList } from '../gathering/list.ts';
import { takeInstead } from '../gathering/instead.ts';
import { walkOf } from '../gathering/walk.ts';
import { addPeopleTyped } from '../house/people-typed.ts';
import { cautionTexts, actsOf, sentenceOf, computeSituation, type Situation } from '$core/account/index.ts';
import { addPlacesTyped } from '../house/places-typed.ts';
import { answer, answerRest, ANSWERS, notEnough, usedUp, type Answer } from './answers.ts';
import { foundIt, huntRows, notHere } from './hunt.ts';
import { lineOff, lineToNote, takeAsThing } from './no-things.ts';
import { questionsOf } from './questions.ts';

const TODAY = '2027-01-14';
const PLACES = 'Kitchen: pantry, fridge\nSchool room: craft cart, desk\nGarage';
const LIST = `Lesson 1: Ramps
12 chairs
a bowl of water
masking tape
1 board, about 4 ft
3 marbles per child
an adult to help
Lesson 2: Wheels
masking tape
24 craft sticks
1 bar magnet
2 cups flour
Lesson 3: Pulleys
masking tape
20 ft of string
2 cups flour
2 eggs`;

type Doing = (trx: Parameters<Parameters<typeof change>[3]>[0], now: Situation) => Promise<unknown>;

/** A house that has counted nothing, with a unit of its own and a list as a guide prints it. */
async function firstHour(list = LIST, children = 'Odile, 10\nPerrin, 7\nTamsin, 2', dated = true) {
	const store = await openTestStore(false);
	await seedEmpty(store.write, 'America/Chicago');
	const now = async (today = TODAY) => computeSituation(await readSnapshot(store.read), today);
	const act = async (work: Doing) =>
		change(store.write, doer(), 'act', async (trx) => work(trx, await now()));
	await act(async (trx, situation) => {
		await addPeopleTyped(trx, situation, children, '');
		await addPlacesTyped(trx, PLACES);
	});
	await act(async (trx) => {
		const run = await createUnit(trx, 'Simple Machines', TODAY);
		const ids: number[] = [];
		for (const title of ['Ramps', 'Wheels', 'Pulleys'])
			ids.push(await addLesson(trx, run, { title, note: '', optional: 0, sessions: 1 }));
		if (dated)
			await setCalendar(trx, run, {
				start: '2027-01-26',
				end: null,
				weekdays: [2, 4],
				keepFree: 0,
				habits: { kind: null, date: null, streams: {} }
			});
		const lessons = ids.map((id, i) => ({ id: String(id), number: i + 1, title: '' }));
		for (const {
			read,
			written,
			lessons: [lesson]
		} of readSupplyList(list, lessons).lines)
			await addLine(trx, {
				...read,
				lesson: Number(lesson ?? ids[0]),
				written,
				use: usualUse(read.item, read.quantity, read.unit)
			});
	});
	const idOf = async (name: string) => (await now()).snapshot.items.find((one) => one.name === name)!.id;
	const needOf = async (name: string, lesson?: number) =>
		(await now()).needs.find(
			(one) => one.item.name === name && (lesson === undefined || one.lesson.number === lesson)
		)!;
	const say = async (name: string, given: Answer, more: { place?: number; amount?: Exact } = {}) => {
		const item = await idOf(name);
		return act((trx, situation) =>
			answer(trx, situation, {
				item,
				answer: given,
				place: more.place ?? null,
				amount: more.amount ?? null,
				unit: null
			})
		);
	};
	const placeOf = async (name: string) => (await now()).snapshot.places.find((one) => one.name === name)!.id;
	return { store, now, act, idOf, needOf, say, placeOf };
}

const parts = ({ standing }: Situation['needs'][number]) => ({
	inHand: standing.inHand.valueOf(),
	toFetch: standing.toFetch.valueOf(),
	toLook: standing.toLook.valueOf(),
	missing: standing.missing.valueOf()
});

describe('a house that has counted nothing', () => {
	it('is told to buy nothing, and to look for what it may have', async () => {
		const { now } = await firstHour();
		const situation = await now();
		expect(buyingOf(situation, 'all', null).things).toEqual([]);
		const acts = actsOf(situation);
		expect(acts.map((act) => act.kind)).toEqual(['look']);
		expect(acts[0].title).toBe('Look for 9 things at home');
		expect(sentenceOf(situation, null)).toMatchObject({
			before: 'Lesson 1 on Tue, Jan 26 is 4 steps from ready: ',
			gap: 'look for 4 things at home'
		});
		const { open, assumed, noThings } = questionsOf(situation, null);
		expect(open.map((one) => one.name).sort()).toEqual([
			'bar magnet',
			'board',
			'chair',
			'craft stick',
			'egg',
			'flour',
			'marble',
			'masking tape',
			'string'
		]);
		// Of chairs, one for each person is in every house; the list wants twelve.
		expect(assumed.map((one) => one.name)).toEqual(['bowl of water']);
		expect(noThings.map((one) => one.written)).toEqual(['an adult to help']);
	});

	it('asks for a thing once, with what all lessons want of it', async () => {
		const { now } = await firstHour();
		const { open } = questionsOf(await now(), null);
		const of = (name: string) => open.find((one) => one.name === name)!;
		expect([of('flour').text, of('flour').lessons]).toEqual(['4 cups flour', 'lessons 2 and 3']);
		expect([of('masking tape').text, of('masking tape').lessons]).toEqual([
			'masking tape',
			'lessons 1, 2, and 3'
		]);
		expect(of('marble').cautions[0]).toContain('Tamsin');
		expect(of('bar magnet').likely).toBe(null);
		expect(of('craft stick').likely).toBe('look');
	});

	it('what every house has is never kept from a small child’s caution', async () => {
		const { needOf } = await firstHour('Lesson 1: Ramps\n1 pencil\n5 pennies');
		const penny = await needOf('penny');
		expect(penny.cautions.some((one) => one.who.includes('Tamsin'))).toBe(true);
		expect(penny.standing.toLook.valueOf()).toBe(5);
		expect(parts(await needOf('pencil')).inHand).toBe(1);
	});

	it('cautions are for everybody at home, whoever takes part; what every home has goes by those who do', async () => {
		const { act, now, needOf } = await firstHour('Lesson 1: Ramps\n5 small beads\n1 coin\n6 cups');
		await act(async (trx, situation) => {
			const [run] = situation.runs;
			const tamsin = situation.snapshot.people.find((one) => one.name === 'Tamsin')!;
			for (const line of situation.snapshot.lines)
				await trx
					.updateTable('supply_line')
					.set({
						participants: JSON.stringify(
							run.participants.filter((one) => one.id !== tamsin.id).map((one) => one.id)
						) as never
					})
					.where('id', '=', line.id)
					.execute();
		});
		const bead = await needOf('small bead');
		expect(bead.takingPart).toBe(2);
		expect(bead.cautions.flatMap((one) => one.who)).toEqual(['Tamsin']);
		expect(cautionTexts(bead.cautions)[0]).toBe(
			'Tamsin: Choking hazard. Keep it out of reach, or leave it out.'
		);
		const row = huntRows(await now(), (await now()).needs).find((one) => one.name === 'small bead')!;
		expect(row.cautions).toEqual(cautionTexts(bead.cautions));
	});

	it('all cautions of a thing are said, an allergy beside what can choke', async () => {
		const { needOf } = await firstHour(
			'Lesson 1: Snacks\n12 almonds',
			'Kim 7 (allergic to tree nuts), Tamsin 2',
			true
		);
		expect(cautionTexts((await needOf('almond')).cautions)).toEqual([
			'Tamsin: Can choke. Cut it up small, or leave it out.',
			'Kim: Tree nuts allergy: read the label or use something else.'
		]);
	});

	it('in a unit without dates the ages are those of today', async () => {
		const { needOf } = await firstHour('Lesson 1: Ramps\n5 small beads', 'Odile, 10\nPerrin, 7', false);
		expect((await needOf('small bead')).cautions).toEqual([]);
	});

	it('an undated unit counts what is at home, to look for and to get', async () => {
		const { now, say } = await firstHour(LIST, 'Odile, 10', false);
		await say('flour', 'have');
		await say('bar magnet', 'none');
		const situation = await now();
		expect(sentenceOf(situation, situation.runs[0])).toMatchObject({
			before: '14 items on the list: ',
			gap: '4 at home, 9 to look for, and 1 to get'
		});
	});
});

describe('an answer', () => {
	it('enough serves whatever asks, in any unit; none is missing; look stays', async () => {
		const { needOf, say } = await firstHour();
		await say('flour', 'have');
		await say('bar magnet', 'none');
		await say('string', 'look');
		expect(parts(await needOf('flour', 2))).toMatchObject({ toFetch: 2, toLook: 0, missing: 0 });
		expect(parts(await needOf('bar magnet'))).toMatchObject({ toLook: 0, missing: 1 });
		expect(parts(await needOf('string'))).toMatchObject({ toLook: 20, missing: 0 });
	});

	it('with a number is counted, and what is lacking is missing, not to be looked for', async () => {
		const { needOf, say, now } = await firstHour();
		await say('craft stick', 'have', { amount: exact(10) });
		expect(parts(await needOf('craft stick'))).toMatchObject({ toFetch: 10, toLook: 0, missing: 14 });
		expect(buyingOf(await now(), 'all', null).things.map((one) => one.missing)).toEqual(['14 craft sticks']);
	});

	it('for all the rest leaves alone what was answered meanwhile', async () => {
		const { now, say, act, needOf } = await firstHour();
		const items = questionsOf(await now(), null).open.map((one) => one.item);
		await say('flour', 'have');
		const { changed } = await act((trx, situation) => answerRest(trx, situation, items, 'none'));
		expect(changed).not.toBe(null);
		expect(parts(await needOf('flour', 2)).toFetch).toBe(2);
		expect(questionsOf(await now(), null).open).toEqual([]);
		await expect(act((trx, situation) => answerRest(trx, situation, items, 'look'))).rejects.toThrow(
			'all answered'
		);
	});

	it('for more than a thousand things is one change, taken back in one', async () => {
		const list = Array.from({ length: 1100 }, (_, i) => `1 tile no. ${i}`).join('\n');
		const { store, now, act } = await firstHour(`Lesson 1: Ramps\n${list}`);
		const before = await allRows(store);
		const items = questionsOf(await now(), null).open.map((one) => one.item);
		expect(items.length).toBe(1100);
		await act((trx, situation) => answerRest(trx, situation, items, 'none'));
		const { statements } = (await now()).snapshot;
		expect(statements.map((one) => [one.item_id, one.state, one.asked])).toEqual(
			items.map((item) => [item, 'none', '1'])
		);
		await undo(store.write, doer());
		expect(await allRows(store)).toEqual(before);
	});

	it('on what keeps a few days holds for those days; later uses are bought near theirs', async () => {
		const { store, needOf, say } = await firstHour('Lesson 1: Ramps\n1 egg\nLesson 3: Pulleys\n1 egg');
		await store.write.updateTable('item').set({ keeps_days: 14 }).where('name', '=', 'egg').execute();
		expect(parts(await needOf('egg', 1))).toMatchObject({ toLook: 1, missing: 0 });
		expect(parts(await needOf('egg', 3))).toMatchObject({ toLook: 0, missing: 1 });
		await say('egg', 'have');
		expect(parts(await needOf('egg', 1)).toFetch).toBe(1);
		expect(parts(await needOf('egg', 3)).missing).toBe(1);
	});

	it('grows old for what comes and goes, and stands for what is kept', async () => {
		const { now, say } = await firstHour();
		await say('flour', 'have');
		await say('board', 'none');
		const later = await now('2027-12-01');
		const known = (name: string) => later.needs.find((one) => one.item.name === name)!.known.known;
		expect([known('flour'), known('board')]).toEqual(['look', 'none']);
	});

	it('not enough and used up each in one act; a count of what is there stays', async () => {
		const { needOf, say, act, idOf } = await firstHour();
		await say('flour', 'have');
		const flour = await idOf('flour');
		await act((trx, now) => notEnough(trx, now, flour));
		expect(parts(await needOf('flour', 2)).missing).toBe(2);
		await say('craft stick', 'have', { amount: exact(10) });
		await say('craft stick', 'have');
		const stick = await idOf('craft stick');
		expect(parts(await needOf('craft stick')).toFetch).toBe(24);
		await act((trx, now) => notEnough(trx, now, stick));
		expect(parts(await needOf('craft stick'))).toMatchObject({ toFetch: 10, missing: 14 });
		await act((trx, now) => usedUp(trx, now, stick));
		expect(parts(await needOf('craft stick'))).toMatchObject({ toFetch: 0, missing: 24 });
	});

	it('on a list that names two things asks once; the one that is there is taken', async () => {
		const { now, act } = await firstHour('Lesson 1: Ramps\n1 shoe box or basket');
		const [question, ...more] = questionsOf(await now(), null).open;
		expect([more, question.name, question.others]).toEqual([[], 'shoe box', ['basket']]);
		await act(async (trx, situation) => {
			await takeInstead(
				trx,
				situation,
				situation.needs.map((one) => one.need.key),
				'basket'
			);
			const { id } = await itemNamed(trx, 'basket');
			return say(trx, id, { state: 'enough', place: null, asked: null }, TODAY);
		});
		const [need] = (await now()).needs;
		expect([need.item.name, parts(need).toFetch]).toEqual(['basket', 1]);
		expect(questionsOf(await now(), null).open).toEqual([]);
	});

	it('is refused for a kit, for what is gone and for a place that is gone', async () => {
		const { act, idOf, say } = await firstHour();
		const board = await idOf('board');
		await act(async (trx) => {
			const lot = await addLot(
				trx,
				{ item_id: board, amount: exact(1), unit: 'each', place_id: null, good_until: null },
				TODAY
			);
			await trx.updateTable('lot').set({ kit_of: 3 }).where('id', '=', lot).execute();
		});
		await expect(say('board', 'have')).rejects.toThrow('is a kit');
		await expect(say('flour', 'have', { place: 999 })).rejects.toThrow('That place is gone');
		await expect(
			act((trx, now) =>
				answer(trx, now, { item: 999, answer: 'look', place: null, amount: null, unit: null })
			)
		).rejects.toThrow('gone from the list');
	});

	it('is asked about again when much more is wanted, and after a lesson that used some of it', async () => {
		const { now, say, act } = await firstHour();
		await say('flour', 'have');
		expect(questionsOf(await now(), null).stillEnough).toEqual([]);
		await act((trx, situation) =>
			addLine(trx, {
				...readSupplyList('9 cups flour', []).lines[0].read,
				lesson: situation.runs[0].lessons[2].lesson.id,
				written: '9 cups flour',
				use: 'consumed'
			})
		);
		const again = () => now().then((at) => questionsOf(at, null).open.find((one) => one.name === 'flour'));
		expect((await again())?.remarks).toEqual(['13 cups flour now; it was less on Thu, Jan 14']);
		// Once: the answer is about all of it.
		await say('flour', 'have');
		expect(await again()).toBeUndefined();
	});

	it('never changes what others were promised, and undone gives the old tables back', async () => {
		const { store, now, act } = await firstHour();
		const items = questionsOf(await now(), null).open.map((one) => one.item);
		await fc.assert(
			fc.asyncProperty(
				fc.array(
					fc.record({
						item: fc.constantFrom(...items),
						answer: fc.constantFrom(...ANSWERS),
						amount: fc.option(fc.integer({ min: 1, max: 40 }).map((n) => exact(n)))
					}),
					{ minLength: 1, maxLength: 8 }
				),
				async (given) => {
					const before = await allRows(store);
					let done = 0;
					for (const one of given) {
						const was = await now();
						const { changed } = await act((trx, situation) =>
							answer(trx, situation, { ...one, place: null, unit: null })
						);
						if (changed) done++;
						const is = await now();
						for (const need of is.needs) {
							const { standing, amount } = need;
							const all = [
								standing.inHand,
								standing.toFetch,
								standing.arranged,
								standing.toLook,
								standing.missing
							].reduce((sum, part) => sum.add(part), ZERO);
							expect(all.equals(amount)).toBe(true);
							const earlier = was.needs.find((other) => other.need.key === need.need.key)!;
							if (need.item.id !== one.item) expect(parts(need)).toEqual(parts(earlier));
						}
						// What is not looked for is never bought.
						const looks = new Set(
							is.needs.filter((need) => need.standing.toLook.compare(0) > 0).map((need) => need.item.id)
						);
						for (const thing of buyingOf(is, 'all', null).things) expect(looks.has(thing.item)).toBe(false);
					}
					for (let i = 0; i < done; i++) await undo(store.write, doer());
					expect(await allRows(store)).toEqual(before);
				}
			),
			{ numRuns: 12 }
		);
	});
});

describe('what is no thing', () => {
	it('becomes a note of its lesson, leaves the list, or is a thing after all', async () => {
		const { act, now } = await firstHour();
		const adult = (await now()).needs.find((one) => one.known.thing.notAThing)!.item.id;
		await act((trx, situation) => lineToNote(trx, situation, adult));
		expect((await now()).runs[0].lessons[0].lesson.note).toBe('an adult to help');
		expect(questionsOf(await now(), null).noThings).toEqual([]);
		const again = await firstHour();
		const same = (await again.now()).needs.find((one) => one.known.thing.notAThing)!.item.id;
		await again.act((trx, situation) => takeAsThing(trx, situation, same));
		expect(questionsOf(await again.now(), null).noThings).toEqual([]);
		await again.act((trx, situation) => lineOff(trx, situation, same));
		expect((await again.now()).needs.some((one) => one.item.id === same)).toBe(false);
	});
});

describe('the hunt', () => {
	const rowOf = async (house: Awaited<ReturnType<typeof firstHour>>, name: string) =>
		huntRows(await house.now(), (await house.now()).needs).find((row) => row.name === name);

	it('walks each place once, things where they likely are, the rest under where houses keep them', async () => {
		const { now } = await firstHour();
		const walk = walkOf(await now(), null, 'all');
		const at = Object.fromEntries(
			walk.places.map((place) => [place.path, place.hunt.map((row) => row.name)])
		);
		expect(at['Kitchen › pantry']).toEqual(['flour']);
		expect(at['School room › craft cart']).toContain('craft stick');
		expect(new Set(walk.places.map((place) => place.path)).size).toBe(walk.places.length);
		expect(walk.toLook).toBe(9);
		expect(walk.minutes).toBeGreaterThan(2);
	});

	it('what is not here is looked for in the next place, and after the last it is not at home', async () => {
		const house = await firstHour();
		const flour = await house.idOf('flour');
		const seen: (number | null)[] = [];
		for (let row = await rowOf(house, 'flour'); row; row = await rowOf(house, 'flour')) {
			expect(seen).not.toContain(row.where.place);
			seen.push(row.where.place);
			const { where } = row;
			await house.act((trx, now) => notHere(trx, now, flour, where));
		}
		expect(seen.length).toBeGreaterThan(1);
		expect(parts(await house.needOf('flour', 2)).missing).toBe(2);
		await house.act((trx, now) =>
			foundIt(trx, now, { item: flour, run: 1, place: seen[0], amount: null, unit: 'cup', move: false })
		);
		expect(parts(await house.needOf('flour', 2)).inHand).toBe(2);
	});

	it('found in part is counted there, and the rest is looked for in another place', async () => {
		const house = await firstHour();
		const stick = await house.idOf('craft stick');
		const first = (await rowOf(house, 'craft stick'))!;
		await house.act((trx, now) =>
			foundIt(trx, now, {
				item: stick,
				run: 1,
				place: first.where.place,
				amount: exact(15),
				unit: 'each',
				move: false
			})
		);
		expect(parts(await house.needOf('craft stick'))).toMatchObject({ toFetch: 15, toLook: 9, missing: 0 });
		expect((await rowOf(house, 'craft stick'))!.where).not.toEqual(first.where);
	});

	it('into the unit’s bin: what is used up is counted there, anything else has its place there', async () => {
		const house = await firstHour();
		const bin = await house.placeOf('Garage');
		await house.store.write.updateTable('run').set({ collecting_place_id: bin }).execute();
		const desk = await house.placeOf('desk');
		for (const name of ['craft stick', 'board']) {
			const item = await house.idOf(name);
			await house.act((trx, now) =>
				foundIt(trx, now, { item, run: 1, place: desk, amount: null, unit: 'each', move: true })
			);
		}
		const { snapshot } = await house.now();
		const stick = await house.idOf('craft stick');
		expect(
			snapshot.lots.filter((lot) => lot.item_id === stick).map((lot) => [lot.amount, lot.place_id])
		).toEqual([['24', bin]]);
		const board = await house.idOf('board');
		expect(snapshot.statements.find((one) => one.item_id === board)).toMatchObject({
			state: 'enough',
			place_id: bin
		});
		expect(parts(await house.needOf('craft stick')).inHand).toBe(24);
		expect(parts(await house.needOf('board')).inHand).toBe(1);
	});

	it('what was found and is not enough after all, or used up, is not in hand any more', async () => {
		for (const back of [notEnough, usedUp]) {
			const house = await firstHour();
			const board = await house.idOf('board');
			await house.act((trx, now) =>
				foundIt(trx, now, { item: board, run: 1, place: null, amount: null, unit: 'ft', move: false })
			);
			expect(parts(await house.needOf('board')).inHand).toBeGreaterThan(0);
			await house.act((trx, now) => back(trx, now, board));
			expect(parts(await house.needOf('board'))).toMatchObject({ inHand: 0, toFetch: 0, toLook: 0 });
			expect(parts(await house.needOf('board')).missing).toBeGreaterThan(0);
		}
	});

	it('what was counted of a perishable thing serves only the days that it keeps', async () => {
		const house = await firstHour('Lesson 1: Ramps\n1 egg\nLesson 3: Pulleys\n1 egg');
		await house.store.write.updateTable('item').set({ keeps_days: 14 }).where('name', '=', 'egg').execute();
		await house.say('egg', 'have', { amount: exact(6) });
		expect(parts(await house.needOf('egg', 1)).toFetch).toBe(1);
		expect(parts(await house.needOf('egg', 3)).missing).toBe(1);
	});

	it('a place that is removed leaves what was said; two names that become one keep the better word', async () => {
		const house = await firstHour();
		const desk = await house.placeOf('desk');
		await house.say('string', 'have', { place: desk });
		await house.say('masking tape', 'none');
		await house.act((trx) => removePlace(trx, desk));
		expect(parts(await house.needOf('string')).toFetch).toBe(20);
		const string = await house.idOf('string');
		await house.act((trx) => mergeInto(trx, string, 'masking tape'));
		const { statements, items } = (await house.now()).snapshot;
		expect(statements.map((one) => [byId(items).get(one.item_id)!.name, one.state])).toEqual([
			['masking tape', 'enough']
		]);
	});
});

it('what is to be looked for costs nothing yet, and its price is said beside', async () => {
	const { now, say } = await firstHour();
	await say('bar magnet', 'none');
	const situation = await now();
	expect(costOf(situation, situation.runs[0]).unpriced).toEqual(['bar magnet']);
	expect(buyingOf(situation, 'all', null).notFound).toBe('8 things to look for at home first.');
	expect(gatherList(situation, situation.runs[0]).counts).toMatchObject({ missing: 1, toLook: 8, toAsk: 8 });
});
