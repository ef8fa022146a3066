import { describe, expect, it } from 'vitest';
import { addDays } from '$core/calendar/index.ts';
import { placeName, planShelf } from '$core/setout/index.ts';
import { printingOf } from '$core/print/index.ts';
import { undo } from '../../history/changes.ts';
import { moveEnd } from '../../stores/plan/units.ts';
import { addPlace, updatePlace } from '../../stores/house/places.ts';
import { updatePerson } from '../../stores/house/people.ts';
import { addTray, PLAIN_TRAY, setSetOut, setWeek, updateTray } from '../../stores/setout/trays.ts';
import { mergeLessons, removeLesson, updateLesson } from '../../stores/plan/lessons.ts';
import { addPoster, addWords, setWall, updateWord } from '../../stores/setout/wall.ts';
import { allRows, doer, mapsHouse } from '../../tests/household.ts';
import { rollOn } from '../plan/roll-on.ts';
import { houseTasks } from '../week/house-tasks.ts';
import { basketView } from './basket.ts';
import { letShelfFollow, shelfMoved } from './follow.ts';
import { growsSoon } from './grows.ts';
import { ledgeView } from './ledge.ts';
import { baseOf, listFilling } from './filling.ts';
import { acceptShelf, moveTray, shelfQuestion, shelfView, weeksAhead } from './shelf.ts';
import { trayCards } from './tray-cards.ts';
import { matchesOf, piecesOf, smallIn } from './trays.ts';
import { wallOf, wallOn, wallView } from './wall.ts';
import { hangWith, moveWord, wordsTyped } from './wall-words.ts';
import { wordCards } from './word-cards.ts';

const WEEK = '2027-01-18';

describe('the activity shelf', () => {
	it('the demo’s third week stands as a parent would set it: all children served, nothing in danger', async () => {
		const { now } = await mapsHouse();
		const { situation } = await now();
		const view = shelfView(situation, WEEK);
		expect(view.broken).toEqual([]);
		expect(view.trays.flatMap((one) => one.broken)).toEqual([]);
		expect(view.trays.filter((one) => one.board !== null)).toHaveLength(6);
		const sewing = view.trays.find((one) => one.title === 'Sew a coastline')!;
		expect(sewing.why).toBe('at 115 cm, out of reach of Tamsin (110 cm)');
		expect(view.trays.find((one) => one.title === 'Match the map symbols')!.why).toMatch(
			/^for this week’s lesson; at 40 cm, which/
		);
		// A child of ten has shelves of her own, unless the family says otherwise.
		expect(view.children.map((one) => one.name)).toEqual(['Perrin', 'Tamsin']);
	});
	it('a plan is taken over for all weeks, undone in one; no plan sets out what endangers a child, whatever is sent', async () => {
		const { store, now, does } = await mapsHouse();
		const before = await allRows(store);
		const { situation } = await now();
		const { input, weeks } = shelfQuestion(situation);
		const plan = planShelf(input);
		expect(plan).toHaveLength(weeksAhead(situation).length);
		await does((trx, at) => acceptShelf(trx, at.situation, plan));
		const after = (await now()).situation;
		for (const [at, week] of weeks.entries()) {
			const view = shelfView(after, week);
			expect(view.trays.flatMap((one) => one.broken)).toEqual([]);
			expect(view.trays.filter((one) => one.board !== null)).toHaveLength(plan[at].standing.length);
		}
		await undo(store.write, doer());
		expect(await allRows(store)).toEqual(before);
		const low = input.boards[0].id;
		const danger = input.trays.find((one) => one.isDangerous)!.id;
		const bad = plan.map((week) => ({ ...week, standing: [{ tray: danger, board: low, x: 0 }] }));
		await expect(does((trx, at) => acceptShelf(trx, at.situation, bad))).rejects.toThrow(
			'not for a child under three'
		);
		await expect(does((trx, at) => acceptShelf(trx, at.situation, plan.slice(0, 1)))).rejects.toThrow(
			'changed meanwhile'
		);
	});
	it('moved by hand into reach of a toddler, the danger is said at once and stays said; a tray off the shelf is missed', async () => {
		const { now, does } = await mapsHouse();
		const { situation } = await now();
		const sewing = situation.snapshot.trays.find((one) => one.title === 'Sew a coastline')!;
		const low = situation.snapshot.places.find((one) => one.name === 'second board')!;
		const said = await does((trx, at) => moveTray(trx, at.situation, WEEK, sewing.id, low.id, 0));
		expect(said).toBe('Sew a coastline is at 40 cm, and Tamsin gets at 110 cm: not for a child under three.');
		const view = shelfView((await now()).situation, WEEK);
		expect(view.trays.find((one) => one.id === sewing.id)!.broken).toHaveLength(1);
		expect(view.trays.filter((one) => one.board === String(low.id))[0].x).toBeGreaterThanOrEqual(0);
		for (const one of view.trays.filter((tray) => tray.for.includes('Tamsin') && tray.board !== null))
			await does((trx, at) => moveTray(trx, at.situation, WEEK, one.id, null, 0));
		expect(shelfView((await now()).situation, WEEK).broken).toEqual([
			'Nothing here for Tamsin, at a height Tamsin reaches with ease.'
		]);
		await expect(does((trx, at) => moveTray(trx, at.situation, WEEK, 9_999, low.id, 0))).rejects.toThrow(
			'gone already'
		);
		await expect(does((trx, at) => moveTray(trx, at.situation, WEEK, sewing.id, 9_999, 0))).rejects.toThrow(
			'not measured'
		);
	});
	it('a tray wider than the shelf, a shelf with no board: a sentence', async () => {
		const { now, does } = await mapsHouse();
		const tray = (await now()).situation.snapshot.trays[0];
		await does((trx) => updateTray(trx, tray.id, { along_mm: 5000 }));
		const { situation } = await now();
		const view = shelfView(situation, addDays(WEEK, 70));
		expect(view.trays.find((one) => one.id === tray.id)!.why).toBe('too wide for every board');
		await does(async (trx, at) => {
			const bare = await addPlace(trx, null, {
				name: 'bare shelf',
				kind: 'furniture',
				length_mm: null,
				width_mm: null,
				height_mm: null,
				floor_mm: null
			});
			await setSetOut(trx, {}, { shelf: bare });
			return at;
		});
		const bare = shelfView((await now()).situation, WEEK);
		expect(bare.sentence).toBe('The activity shelf has no measured board yet.');
	});
	it('every tray has its card, with its steps and what to count', async () => {
		const { now } = await mapsHouse();
		const { situation } = await now();
		const { sheets } = trayCards(situation, null);
		const text = sheets.flatMap((one) => one.front.text.map((line) => line.text)).join('\n');
		for (const { title } of situation.snapshot.trays) expect(text).toContain(title);
		expect(text).toContain('1. Carry the tray with two hands.');
		expect(text).toContain('Count 24 pieces back in.');
		expect(() => trayCards(situation, [9_999])).toThrow('No trays yet');
	});
	it('a card holds all of its steps, however many, and names no toddler for whom it is nothing', async () => {
		const { now, does } = await mapsHouse();
		const tamsin = (await now()).situation.snapshot.people.find((one) => one.name === 'Tamsin')!;
		const steps = Array.from({ length: 18 }, (_, at) => `Turn knob ${at + 1}`);
		await does((trx) =>
			addTray(trx, {
				...PLAIN_TRAY,
				title: 'Bead string',
				children: [tamsin.id],
				dangerous: 1,
				steps: steps.join('\n')
			})
		);
		const { situation } = await now();
		const row = situation.snapshot.trays.find((one) => one.title === 'Bead string')!;
		expect(smallIn(situation, row).map((one) => one.name)).toEqual(['Tamsin']);
		expect(smallIn(situation, { ...row, dangerous: 0, title: 'Puzzle' })).toEqual([]);
		const text = trayCards(situation, [row.id])
			.sheets.flatMap((one) => one.front.text.map((line) => line.text))
			.join('\n');
		for (const [at, step] of steps.entries()) expect(text).toContain(`${at + 1}. ${step}`);
		expect(text).toContain('Bead string (3 of 3)');
		expect(text).not.toContain('for Tamsin');
		expect(text).toContain('Not for a child under three.');
	});
	it('a sensory bin’s filling follows from its tub, and goes on the list once, to be counted back', async () => {
		const { store, now, does } = await mapsHouse();
		const bin = (await now()).situation.snapshot.trays.find((one) => one.kind === 'sensory')!;
		// By hand: 56 × 32 × 16 cm are 28.7 liters, of which 0.4 are 11.5 liters, or 48 cups of 237 ml.
		expect(baseOf(bin)).toEqual({ liters: 11.5, cups: 48 });
		const before = await allRows(store);
		const said = await does((trx, at) => listFilling(trx, at.situation, bin.id));
		expect(said).toBe('3 things on the supply list of lesson 6');
		const { situation } = await now();
		const lines = situation.snapshot.lines.filter((one) => one.note === 'for Treasure in the sand');
		expect(lines.map((one) => [one.use, one.per])).toEqual(lines.map(() => ['kept', 'family']));
		expect(lines).toHaveLength(3);
		await expect(does((trx, at) => listFilling(trx, at.situation, bin.id))).rejects.toThrow('already');
		await undo(store.write, doer());
		expect(await allRows(store)).toEqual(before);
	});
	it('the ledge holds covers by their width, picture books first', async () => {
		const { now, does } = await mapsHouse();
		const free = ledgeView((await now()).situation, '2027-01-26');
		expect(free.left).toEqual([]);
		for (const [at, one] of free.books.entries())
			if (at > 0) expect(one.x).toBe(free.books[at - 1].x + free.books[at - 1].width + 15);
		await does((trx) => setSetOut(trx, {}, { ledge: free.books[0].width + 10 }));
		const short = ledgeView((await now()).situation, '2027-01-26');
		expect(short.books.map((one) => one.title)).toEqual([free.books[0].title]);
		expect(short.left).toHaveLength(free.books.length - 1);
	});
	it('weeks that are over keep what stood; a tray that is gone is out of all', async () => {
		const { now, does } = await mapsHouse();
		const { situation } = await now();
		await does((trx) => setWeek(trx, WEEK, []));
		expect(shelfView((await now()).situation, WEEK).sentence).toMatch(/nothing is set out/);
		expect(shelfView((await now()).situation, '2027-01-11').sentence).toMatch(/trays out/);
		expect(situation.snapshot.trayStandings.length).toBeGreaterThan(10);
	});
});

describe('the wall', () => {
	it('the demo’s board is nearly full, and says with which lesson', async () => {
		const { now } = await mapsHouse();
		const { situation, run } = await now();
		const view = wallView(situation, run, null);
		// By hand: 120 × 60 cm hold eight by five cards of 14 × 10.8 cm, of which the chart takes two by five; the words
		// of lesson 12 make 31.
		expect(view.layout!.room).toBe(30);
		expect(view.sentence).toBe('Full with lesson 12 on Thu, Feb 25: take down view.');
		expect(wallView(situation, run, 12).hanging.map((one) => one.text)).toEqual(
			expect.arrayContaining(['map', 'scale', 'legend', 'atlas', 'index'])
		);
	});
	it('a card is put elsewhere, what hangs there takes its place; both stay there, and one undo takes it back', async () => {
		const { store, now, does } = await mapsHouse();
		const { run } = await now();
		const at = 3;
		const look = async () => wallView((await now()).situation, (await now()).run, at).hanging;
		const before = await look();
		const [first, second] = before;
		expect(
			await does((trx, { situation }) => moveWord(trx, situation, run, first.id, second.place, at))
		).toBe(`${first.text} and ${second.text} changed places`);
		const placeOf = async (id: number) => (await look()).find((one) => one.id === id)!.place;
		expect([await placeOf(first.id), await placeOf(second.id)]).toEqual([second.place, first.place]);
		const others = (all: readonly { readonly id: number }[]) =>
			all.filter((one) => one.id !== first.id && one.id !== second.id);
		expect(others(await look())).toEqual(others(before));
		const { layout } = wallView((await now()).situation, run, at);
		const free = layout!.places.map(placeName).find((name) => !before.some((one) => one.place === name));
		if (free) {
			await does((trx, { situation }) => moveWord(trx, situation, run, first.id, free, at));
			expect(await placeOf(first.id)).toBe(free);
			expect(await placeOf(second.id)).toBe(first.place);
			await undo(store.write, doer());
		}
		await undo(store.write, doer());
		expect(await look()).toEqual(before);
		await expect(
			does((trx, { situation }) => moveWord(trx, situation, run, first.id, '1,1', at))
		).rejects.toThrow('That place is gone');
	});
	it('words and posters of a dropped lesson hang nowhere, say so, and come with another in one tap; removed, they go with it', async () => {
		const { now, does } = await mapsHouse();
		const { run, situation } = await now();
		const poster = situation.snapshot.wallPosters.find((one) => one.run_id === run.row.id)!;
		const lesson = run.lessons.find((one) => one.lesson.id === poster.lesson_id)!;
		await does((trx) =>
			addWords(trx, run.row.id, [
				{ lesson_id: lesson.lesson.id, text: 'isthmus', kept: 0, hidden_until: null }
			])
		);
		// Optional, and one day too few: it is dropped.
		await does(async (trx) => {
			const { title, note, sessions } = lesson.lesson;
			await updateLesson(trx, run.row.id, lesson.lesson.id, { title, note, sessions, optional: 1 });
			await moveEnd(trx, run.row.id, addDays(run.calendar!.finish!, -1));
		});
		const dropped = await now();
		const view = wallView(dropped.situation, dropped.run, 0);
		expect(view.posters.map((one) => one.id)).not.toContain(poster.id);
		expect(view.steps.flatMap((one) => one.words.map((word) => word.text))).not.toContain('isthmus');
		expect(view.waiting).toMatchObject([
			{ title: lesson.lesson.title, what: expect.stringContaining('poster') }
		]);
		const next = dropped.run.lessons.find((one) => !one.dropped && one.number > lesson.number)!;
		await does((trx, at) => hangWith(trx, at.situation, at.run, lesson.lesson.id, next.lesson.id));
		const after = await now();
		const hung = wallView(after.situation, after.run, 0);
		expect(hung.waiting).toEqual([]);
		expect(hung.steps.find((one) => one.id === next.lesson.id)!.words.map((one) => one.text)).toContain(
			'isthmus'
		);
		await does((trx) => removeLesson(trx, run.row.id, next.lesson.id));
		const { snapshot } = (await now()).situation;
		expect(snapshot.wallWords.some((one) => one.text === 'isthmus')).toBe(false);
		expect(snapshot.wallPosters.some((one) => one.id === poster.id)).toBe(false);
	});
	it('words are typed as one has them; a board smaller than a card says so', async () => {
		const { now, does } = await mapsHouse();
		const { run } = await now();
		const words = wordsTyped(run, 'north, south*\nLesson 3: pace; yard\n- stride', run.lessons[0].lesson.id);
		expect(words.map((one) => [one.text, one.lesson_id, one.kept])).toEqual([
			['north', run.lessons[0].lesson.id, 0],
			['south', run.lessons[0].lesson.id, 1],
			['pace', run.lessons[2].lesson.id, 0],
			['yard', run.lessons[2].lesson.id, 0],
			['stride', run.lessons[2].lesson.id, 0]
		]);
		await does(async (trx, at) => {
			await addWords(trx, at.run.row.id, words);
			await setWall(trx, at.run.row.id, {
				kind: 'door',
				width_mm: 50,
				height_mm: 50,
				card_width_mm: 100,
				card_height_mm: 100,
				gap_mm: 0,
				strip_mm: 0,
				strip_text: ''
			});
		});
		const board = (strip: number) => ({
			kind: 'wall' as const,
			width_mm: 900,
			height_mm: 700,
			card_width_mm: 140,
			card_height_mm: 108,
			gap_mm: 10,
			strip_mm: strip,
			strip_text: 'Maps'
		});
		const after = await now();
		expect(wallView(after.situation, after.run, null).sentence).toBe(
			'Not one card fits: the board is smaller than a card.'
		);
		// A strip of 10 cm leaves 60 cm for five rows, which hang below it.
		await does((trx, at) => setWall(trx, at.run.row.id, board(100)));
		const strip = await now();
		const { layout } = wallView(strip.situation, strip.run, null);
		expect(layout!.rows).toBe(5);
		expect(Math.min(...layout!.places.map((one) => one.y))).toBeGreaterThanOrEqual(100);
		await does((trx, at) => setWall(trx, at.run.row.id, board(700)));
		const full = await now();
		expect(wallView(full.situation, full.run, null).sentence).toMatch(/no card fits below it/);
	});
});

describe('posters on the wall', () => {
	const poster = { title: 'World map', lesson_id: null, resource_id: null, hidden_until: null };
	it('hold their places, leave the cards the rest, and are named where there is no room', async () => {
		const { store, now, does } = await mapsHouse();
		const before = await allRows(store);
		await does((trx, at) => addPoster(trx, at.run.row.id, { ...poster, width_mm: 430, height_mm: 226 }));
		const { situation, run } = await now();
		const view = wallView(situation, run, 0);
		// Of 40 places the map takes six; the chart takes ten more from its lesson on, and none before.
		expect(view.layout!.room).toBe(34);
		expect(wallView(situation, run, 3).layout!.room).toBe(34);
		expect(wallView(situation, run, 4).layout!.room).toBe(24);
		const [map, chart] = view.posters;
		expect(map).toMatchObject({ title: 'World map', lesson: 1, isUp: true });
		expect(chart).toMatchObject({ title: 'Compass rose chart', lesson: 5, isUp: false });
		expect(wallView(situation, run, 4).posters[1].isUp).toBe(true);
		await undo(store.write, doer());
		expect(await allRows(store)).toEqual(before);
		await does((trx, at) =>
			addPoster(trx, at.run.row.id, { ...poster, title: 'Long river', width_mm: 1300, height_mm: 100 })
		);
		const after = await now();
		expect(wallView(after.situation, after.run, 0).sentence).toBe(
			'No room for Long river. Hang it elsewhere, or take a larger board.'
		);
	});
	it('its words print as cards of the size of its places, all of them, or those of a lesson', async () => {
		const { now } = await mapsHouse();
		const { situation, run } = await now();
		const textIn = ({ sheets }: ReturnType<typeof wordCards>) =>
			sheets.flatMap((one) => one.front.text.map((line) => line.text));
		const words = situation.snapshot.wallWords.filter((one) => one.run_id === run.row.id);
		expect(textIn(wordCards(situation, run, null)).toSorted()).toEqual(
			words.map((one) => one.text).toSorted()
		);
		const sixth = run.lessons[5].lesson.id;
		expect(textIn(wordCards(situation, run, sixth))).toEqual(
			words.filter((one) => one.lesson_id === sixth).map((one) => one.text)
		);
		expect(() => wordCards(situation, run, 9_999)).toThrow('No words on the wall yet');
	});
	it('a word is added at a place of its own, others with it take any', async () => {
		const { now, does } = await mapsHouse();
		const { run } = await now();
		const lesson = run.lessons[0].lesson.id;
		const [first, ...others] = wordsTyped(run, 'inlet, cove', lesson);
		await does((trx) => addWords(trx, run.row.id, [{ ...first, spot: '150,0' }, ...others]));
		const { snapshot } = (await now()).situation;
		expect(
			['inlet', 'cove'].map((text) => snapshot.wallWords.find((one) => one.text === text)!.spot)
		).toEqual(['150,0', '']);
	});
	it('what a word means is on the back of its own card, once the sheet is turned on its long edge', async () => {
		const { now, does } = await mapsHouse();
		const { run } = await now();
		const lesson = run.lessons[5].lesson.id;
		const typed = wordsTyped(run, 'inlet, cove*, fjord = a narrow inlet, with steep sides; bay', lesson);
		expect(typed.map((one) => [one.text, one.kept, one.meaning])).toEqual([
			['inlet', 0, ''],
			['cove', 1, ''],
			['fjord', 0, 'a narrow inlet, with steep sides'],
			['bay', 0, '']
		]);
		await does((trx) => addWords(trx, run.row.id, typed));
		const { paper, sheets } = wordCards((await now()).situation, run, lesson);
		const front = sheets.flatMap(({ front }) => front.text).find((one) => one.text === 'fjord')!;
		const back = sheets.flatMap((one) => one.back?.text ?? []);
		expect(back.map((one) => one.text).join(' ')).toBe('a narrow inlet, with steep sides');
		const { card_width_mm: wide, card_height_mm: high } = wallOf((await now()).situation.snapshot, run);
		const { edge } = printingOf({});
		const cell = (x: number, y: number) => [Math.floor((x - edge) / wide), Math.floor((y - edge) / high)];
		for (const line of back)
			// Seen through the paper, a point lies as far from the other edge.
			expect(cell(paper.width - line.x - 1, line.y)).toEqual(cell(front.x, front.y));
	});
	it('what is done at the wall before a lesson, on the day of its first session only', async () => {
		const { now, does } = await mapsHouse();
		await does(async (trx, { situation, run }) => {
			const globe = situation.snapshot.wallWords.find((one) => one.text === 'globe')!;
			await updateWord(trx, run.row.id, globe.id, { hidden_until: '2027-01-26' });
			await addPoster(trx, run.row.id, {
				...poster,
				lesson_id: run.lessons[5].lesson.id,
				width_mm: 140,
				height_mm: 108
			});
		});
		const { situation, run } = await now();
		const said = wallOn(situation, run, run.lessons[5], '2027-01-26').map((one) => one.text);
		expect(said).toEqual(['Put up hemisphere and projection', 'Hang World map', 'Show globe']);
		expect(wallOn(situation, run, run.lessons[5], '2027-01-27')).toEqual([]);
		// The day is called off: the word is shown when its lesson comes, not on the day that was noted.
		await does((trx, at) => rollOn(trx, at.run.row.id, '2027-01-26'));
		const moved = await now();
		const six = moved.run.lessons[5];
		expect(six.dates[0]).toBe('2027-01-28');
		expect(wallOn(moved.situation, moved.run, six, '2027-01-28').map((one) => one.text)).toContain(
			'Show globe'
		);
		// With lesson 12 the oldest card makes room, as the page says.
		const twelve = run.lessons[11];
		expect(wallOn(situation, run, twelve, twelve.dates[0])[0].text).toMatch(/^Take down view/);
	});
	it('go with their lesson when two are taught together, and stay when theirs is gone', async () => {
		const { now, does } = await mapsHouse();
		const { run } = await now();
		const [first, second] = [run.lessons[3].lesson.id, run.lessons[4].lesson.id];
		await does((trx) => mergeLessons(trx, first, second));
		expect((await now()).situation.snapshot.wallPosters[0].lesson_id).toBe(first);
	});
});

describe('a shelf that is set for weeks whose lessons move', () => {
	it('says so once, with what one tap changes; that sets it, and one undo takes it back', async () => {
		const { store, now, does } = await mapsHouse();
		const { situation } = await now();
		const plan = planShelf(shelfQuestion(situation).input);
		await does((trx, at) => acceptShelf(trx, at.situation, plan));
		expect(shelfMoved((await now()).situation)).toEqual([]);
		const { run } = await now();
		// A week without lessons moves each lesson into a week that was set for others.
		const days = run.lessons.filter((one) => !one.over).flatMap((one) => one.dates);
		for (const day of days.slice(0, 4)) await does((trx) => rollOn(trx, run.row.id, day));
		const moved = (await now()).situation;
		const said = shelfMoved(moved);
		expect(said.length).toBeGreaterThan(0);
		expect(said[0].text).toMatch(/^Week of \w{3}, \w{3} \d+: .+ comes?/);
		const tasks = houseTasks(moved).map((one) => one.inWords());
		expect(tasks.filter((one) => one.kind === 'follow')).toMatchObject([
			{ title: 'Let the shelf follow: lessons have moved', detail: said.map((one) => one.text).join(' ') }
		]);
		const before = await allRows(store);
		await does((trx, at) => letShelfFollow(trx, at.situation));
		const after = (await now()).situation;
		expect(shelfMoved(after)).toEqual([]);
		for (const { week, followed } of said)
			for (const id of followed.comes)
				expect(shelfView(after, week).trays.find((one) => one.id === Number(id))!.board).not.toBeNull();
		await expect(does((trx, at) => letShelfFollow(trx, at.situation))).rejects.toThrow(
			'fits its lessons already'
		);
		await undo(store.write, doer());
		expect(await allRows(store)).toEqual(before);
	});
});

describe('objects that match cards', () => {
	it('make the pieces to count, say what the house has, print a card each, and go onto the supply list once', async () => {
		const { now, does } = await mapsHouse();
		const { situation } = await now();
		const tray = situation.snapshot.trays.find((one) => one.title === 'Land and water sort')!;
		await does((trx) => updateTray(trx, tray.id, { matches: ['globe', 'glass pebble'], pieces: null }));
		const after = (await now()).situation;
		const row = after.snapshot.trays.find((one) => one.id === tray.id)!;
		expect(piecesOf(row)).toBe(4);
		expect(piecesOf({ ...row, pieces: 20 })).toBe(20);
		expect(matchesOf(after, row)).toEqual([
			{ name: 'globe', where: 'School room › window shelf' },
			{ name: 'glass pebble', where: null }
		]);
		const words = trayCards(after, [tray.id]).sheets.flatMap((sheet) =>
			JSON.stringify(sheet).match(/globe|glass pebble|Count 4 pieces back in/g)
		);
		expect(new Set(words)).toEqual(new Set(['globe', 'glass pebble', 'Count 4 pieces back in']));
		expect(await does((trx, at) => listFilling(trx, at.situation, tray.id))).toMatch(
			/^2 things on the supply list/
		);
		await expect(does((trx, at) => listFilling(trx, at.situation, tray.id))).rejects.toThrow(
			'on the supply list already'
		);
	});
});

describe('a birthday within the weeks that are planned', () => {
	it('each week goes by the ages of its last day', async () => {
		const { now, does } = await mapsHouse();
		await does(async (trx, { situation }) => {
			const tamsin = situation.snapshot.people.find((one) => one.name === 'Tamsin')!;
			// Two years old on Tue, Feb 2: from then on she gets at 110 cm instead of 90.
			await updatePerson(trx, tamsin.id, {
				name: 'Tamsin',
				kind: 'child',
				born: '2025-02-02',
				bornWithin: 0,
				allergies: [],
				weekdays: [],
				reachMm: null,
				reads: []
			});
			const board = situation.snapshot.places.find((one) => one.name === 'second board')!;
			await updatePlace(trx, board.id, { ...board, floor_mm: 1000 });
		});
		const { situation } = await now();
		const most = (week: string) =>
			shelfView(situation, week).children.find((one) => one.name === 'Tamsin')!.most;
		expect([most('2027-01-25'), most('2027-02-01'), most('2027-02-08')]).toEqual([900, 1100, 1100]);
		const { input, weeks } = shelfQuestion(situation);
		const board = String(situation.snapshot.places.find((one) => one.name === 'second board')!.id);
		const dangerous = new Set(input.trays.filter((one) => one.isDangerous).map((one) => one.id));
		for (const [at, { standing }] of planShelf(input).entries())
			if (weeks[at] >= '2027-02-01')
				expect(standing.filter((one) => one.board === board && dangerous.has(one.tray))).toEqual([]);
		// It is said before it is so, with the trays that stand within reach then; the plan of that week is asked for.
		const on = String(input.trays.find((one) => one.isDangerous)!.id);
		await does((trx) => setWeek(trx, '2027-02-01', [{ tray: Number(on), place: Number(board) }]));
		const before = (await now()).situation;
		const name = before.snapshot.trays.find((one) => one.id === Number(on))!.title;
		expect(growsSoon(before).map((one) => one.text)).toEqual([
			`From Tue, Feb 2 Tamsin reaches 110 cm: ${name} moves up.`
		]);
		expect(houseTasks(before).map((one) => one.inWords().title)).toContain(
			'Set the shelf anew before Tue, Feb 2'
		);
		// By hand it is refused to nobody, and said in the week in which it is true.
		const sewing = situation.snapshot.trays.find((one) => one.title === 'Sew a coastline')!;
		const say = (week: string) =>
			does((trx, at) => moveTray(trx, at.situation, week, sewing.id, Number(board), 0));
		expect(await say('2027-02-01')).toBe(
			'Sew a coastline is at 100 cm, and Tamsin gets at 110 cm: not for a child under three.'
		);
		expect(await say('2027-01-25')).not.toContain('under three');
	});
});

describe('the morning basket', () => {
	it('of January: minutes, pages and whose turn it is, worked by hand', async () => {
		const { now } = await mapsHouse();
		const { situation } = await now();
		const view = basketView(situation, '2027-01-22');
		expect(view.sentence).toBe('17 minutes in 6 parts.');
		expect(view.parts.find((one) => one.title === 'A Place for Every Day')!.pages).toBe('page 22');
		// From Jan 11 four pages each basket day; Jan 14 and 18 are off, so Jan 22 is the eighth: 1 + 7 × 4 = 29.
		expect(view.parts.find((one) => one.title.startsWith('Picture'))!.pages).toBe('pages 29 to 32');
		// Turns from Jan 5 on: eleven basket days before Jan 22, so the third of three.
		expect(view.chooser).toBe('Tamsin');
		expect(basketView(situation, '2027-02-02').parts.some((one) => one.title.startsWith('Picture'))).toBe(
			false
		);
	});
});
