// Lives a unit day by day in the built application, by its forms alone, as a parent who does what it says: Next, the
// trips, the sittings, and the day's sheets. Prints a table, and exits with 1 where the aim is missed.
//
//   npm run live                        the demo and a house made from an empty one, each as three parents
//   npm run live -- days=14 parent=onTime house=demo
//   npm run live -- log                 what was done on each day
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { unflatten, parse } from 'devalue';
import { planShelf } from '../src/core/setout/index.ts';
import { prep } from '../src/core/prepare/index.ts';
import { addDays, fixedDay, setDay } from './day.mjs';
import { ROOT } from './install.mjs';

const options = new Map(process.argv.slice(2).map((one) => one.split('=')));
const DAYS = Number(options.get('days') ?? 46);
const PARENTS = options.has('parent') ? [options.get('parent')] : ['onTime', 'late', 'unlucky'];
const HOUSES = options.has('house') ? [options.get('house')] : ['demo', 'new'];
const isLogged = options.has('log');

/** Kinds of acts whose button stands on Next, and the action that it posts to. */
const ACTION = {
	...Object.fromEntries(['buy', 'make', 'free', 'used', 'receive'].map((kind) => [kind, 'got'])),
	...Object.fromEntries(['order', 'ask', 'hold', 'wish'].map((kind) => [kind, 'arrange'])),
	prepare: 'prepared'
};
const HEADERS = { 'x-sveltekit-action': 'true', accept: 'application/json' };
/** More rounds than this on one day, and something comes back for ever. */
const MOST_ROUNDS = 60;

/** The first day of the house that is made from an empty one: a Monday. */
const FIRST_DAY = '2027-03-01';
/** Its unit, each lesson with its supplies as a guide prints them. */
const LESSONS = [
	[
		'What is sound?',
		'1 ruler',
		'plastic wrap',
		'1/4 cup uncooked rice',
		'1 large balloon',
		'a metal pan and a wooden spoon'
	],
	[
		'Waves you can see',
		'1 long coiled spring toy',
		'masking tape',
		'water',
		'food coloring',
		'2 sheets of paper per child'
	],
	['High and low', '8 glass bottles', 'a pitcher of water', '3 rubber bands per child', 'crayons'],
	['Loud and soft', '1 kitchen timer', '1 sheet of graph paper per child', 'cotton balls'],
	['How we hear', '1 cardboard tube per child', '1 cup of play dough', 'tissue paper'],
	['Sound travels', '2 paper cups per child', '20 ft of string', '1 tuning fork (optional)'],
	['Echoes', '2 cardboard tubes', 'aluminum foil', '1 plate'],
	[
		'A cupboard orchestra',
		'2 wooden spoons',
		'1 bag of dried beans',
		'4 craft sticks per child',
		'1 box of brads',
		'1 roll of clear tape'
	],
	['Strings', '1 shoe box per child', '6 rubber bands per child', '1 pencil per child'],
	['Winds', '2 straws per child', 'scissors', '1 bottle per child'],
	['Silence', '1 blindfold', 'a box with a lid', 'bubble wrap'],
	['Our concert', '1 sheet of poster board', 'markers', '2 lemons', '1 cup of almonds (optional)']
];

/** A number between 0 and 1 that is always the same for the same words. */
function chance(...words) {
	let h = 2166136261;
	for (const sign of words.join('/')) h = Math.imul(h ^ sign.codePointAt(0), 16777619);
	h ^= h >>> 15;
	h = Math.imul(h, 2246822507);
	return ((h ^ (h >>> 13)) >>> 0) / 2 ** 32;
}

const freePort = () =>
	new Promise((found) => {
		const server = createServer();
		server.listen(0, '127.0.0.1', () => {
			const { port } = server.address();
			server.close(() => found(port));
		});
	});

/** A program of the project, up when its words say so. */
function start(script, env, word) {
	const child = spawn(process.execPath, [join(ROOT, 'scripts', script)], {
		cwd: ROOT,
		env: { ...process.env, ...env },
		stdio: ['ignore', 'pipe', 'inherit']
	});
	return new Promise((started, failed) => {
		child.stdout.on('data', (text) => {
			const found = String(text).match(word);
			if (found) started({ child, said: found[0] });
		});
		child.once('exit', (code) => failed(new Error(`${script} ended with ${code}`)));
	});
}

class House {
	folder = mkdtempSync(join(tmpdir(), 'gather-bin-live-'));
	taps = 0;

	constructor(kind) {
		this.kind = kind;
	}

	async begin() {
		this.port = await freePort();
		this.library = await start(
			'library.mjs',
			{
				LIBRARY_ACCOUNT: join(ROOT, 'demo', 'library-account.json'),
				LIBRARY_TODAY: '2027-01-22',
				// So that every lesson can be ready.
				LIBRARY_MOST_WAIT: '9'
			},
			/http:\S+/
		);
		await this.up();
		if (this.kind === 'new') await this.furnish();
		this.today = fixedDay(this.folder);
	}

	/** A household made from an empty one, as a new user would: children, places, a unit, its list, a basket. */
	async furnish() {
		const must = async (action, fields) => {
			const wrong = await this.post(action, fields);
			if (wrong) throw new Error(`${action}: ${wrong}`);
		};
		await this.down();
		setDay(this.folder, FIRST_DAY);
		await this.up();
		await must('/start/who?/who', {
			children: 'Ada 10, Kim 7 (allergic to tree nuts) and Cleo, 2',
			adults: 'June, Theo'
		});
		await must('/start/places?/places', {
			places: 'Kitchen: pantry, fridge\nSchool room: desk, craft cart\nGarage'
		});
		await must('/start/measures?/measures', {
			measures: 'us',
			paper: 'letter',
			zone: 'America/Chicago',
			weekStart: 7
		});
		await must('/start/unit?/unit', {
			name: 'Sound',
			contents: LESSONS.map(([title], at) => `Lesson ${at + 1} ${title}`).join('\n'),
			start: addDays(FIRST_DAY, 8),
			weekday2: 'on',
			weekday4: 'on'
		});
		const [run] = (await this.page('/units')).runs ?? [{ id: 1 }];
		const list = LESSONS.map(([title, ...lines], at) =>
			[`Lesson ${at + 1}: ${title}`, ...lines].join('\n')
		).join('\n\n');
		const [{ id: lesson }] = (await this.page(`/units/${run.id}/gather/paste`)).lessons;
		const { review } = await this.read(`/units/${run.id}/gather/paste?/read`, { text: list, lesson });
		await must(`/units/${run.id}/gather/paste?/save`, {
			text: list,
			lesson,
			rest: JSON.stringify(
				review.rows.map(({ id, lesson, optional, ...row }, index) => ({
					index,
					id: id ?? null,
					lesson,
					optional,
					...Object.fromEntries(
						['written', 'note', 'quantity', 'to', 'unit', 'item', 'per', 'groupSize', 'use'].map((name) => [
							name,
							String(row[name] ?? '')
						])
					),
					or: row.or?.length ? JSON.stringify(row.or) : ''
				}))
			)
		});
		await must('/week/basket?/add', {
			title: 'A book of short tales',
			kind: 'stays',
			minutes: 6,
			by: 'bookmark',
			first: 1,
			last: 24,
			aDay: 4,
			since: FIRST_DAY
		});
		this.taps = 0;
	}

	async up() {
		this.server = await start(
			'start.mjs',
			{
				PORT: String(this.port),
				HOST: '127.0.0.1',
				GATHER_BIN_DATA: join(this.folder),
				...(this.kind === 'demo' ? { GATHER_BIN_DEMO: '1' } : {}),
				GATHER_BIN_LIBRARY: this.library.said
			},
			/Listening/
		);
		this.address = `http://localhost:${this.port}`;
	}

	async down() {
		const { child } = this.server ?? {};
		if (!child) return;
		child.removeAllListeners('exit');
		const ended = new Promise((done) => child.once('exit', done));
		child.kill('SIGKILL');
		await ended;
	}

	async nextDay() {
		await this.down();
		this.today = addDays(this.today, 1);
		setDay(this.folder, this.today);
		await fetch(`${this.library.said}/clock`, {
			method: 'PUT',
			body: JSON.stringify({ today: this.today })
		});
		await this.up();
		// As the application does by itself every quarter of an hour.
		const wrong = await this.post('/lists/library?/ask', {}, false);
		if (wrong) throw new Error(wrong);
	}

	async end() {
		await this.down();
		this.library.child.removeAllListeners('exit');
		this.library.child.kill();
		rmSync(this.folder, { recursive: true, force: true });
		rmSync(`${this.folder}.household`, { force: true });
	}

	/** What a page shows, as its screen is given it; the layout's and the page's own together. */
	async page(path) {
		const [route, query] = path.split('?');
		const url = `${this.address}${route === '/' ? '' : route}/__data.json${query ? `?${query}` : ''}`;
		const response = await fetch(url);
		const body = await response.json();
		if (body.type !== 'data') throw new Error(`${path}: ${JSON.stringify(body).slice(0, 300)}`);
		const nodes = body.nodes.filter((one) => one && one.type !== 'skip');
		for (const one of nodes) if (one.type === 'error') throw new Error(`${path}: ${one.error.message}`);
		return Object.assign({}, ...nodes.map((one) => unflatten(one.data)));
	}

	/** What an action answers that changes nothing, such as a list that is read. */
	async read(action, fields) {
		const form = new FormData();
		for (const [name, value] of Object.entries(fields)) form.set(name, value);
		const response = await fetch(`${this.address}${action}`, {
			method: 'POST',
			body: form,
			headers: { ...HEADERS, origin: this.address }
		});
		const answer = JSON.parse(await response.text());
		if (answer.type !== 'success') throw new Error(`${action}: ${JSON.stringify(answer)}`);
		return parse(answer.data);
	}

	/** Posts a form. Answers null where it was accepted, else why not. */
	async post(action, fields, isTap = true) {
		if (isTap) this.taps += 1;
		const form = new FormData();
		for (const [name, value] of Object.entries(fields)) form.set(name, String(value ?? ''));
		const response = await fetch(`${this.address}${action}`, {
			method: 'POST',
			body: form,
			headers: { ...HEADERS, origin: this.address }
		});
		const answer = JSON.parse(await response.text());
		if (answer.type === 'success' || answer.type === 'redirect') return null;
		return answer.data ? (parse(answer.data).message ?? 'refused') : (answer.error?.message ?? 'refused');
	}
}

/** A parent, and what was noted while the unit was lived. */
class Life {
	constructor(house, parent) {
		Object.assign(this, { house, parent });
		this.lessonDays = [];
		this.falseLate = [];
		this.cameBack = [];
		this.refused = [];
		this.unlike = [];
		this.tasks = [];
		this.lessons = 0;
		/** Acts that stood on Next yesterday, by what they are. */
		this.seen = new Set();
		this.wasLate = new Set();
		this.did = new Map();
	}

	log(text) {
		if (isLogged) console.log(`${this.house.today}  ${text}`);
	}

	/** Whether this parent does a thing today that is to be done by a day. */
	does(act) {
		const { today } = this.house;
		if (act.actBy > today) return false;
		return this.parent !== 'late' || chance(this.parent, act.title, today) < 0.7 || act.actBy < today;
	}

	/** The recommended plan of sittings is taken over at once; nothing gets late by that. */
	async plan() {
		const { house } = this;
		const { question } = await house.page('/units/1/prepare');
		if (!question?.input || question.input.jobs.length === 0 || question.input.sittings.length === 0) return;
		const lateBefore = new Set(
			(await house.page('/')).next.acts.filter((one) => one.verdict === 'late').map((one) => one.title)
		);
		const plan = Object.fromEntries(
			prep(question.input).sittings.flatMap((one) => one.jobs.map((id) => [id, Number(one.id)]))
		);
		const wrong = await house.post('/units/1/prepare?/accept', {
			plan: JSON.stringify(plan),
			habit: 'batch'
		});
		if (wrong) this.refused.push(`${house.today}: the plan of sittings: ${wrong}`);
		for (const act of (await house.page('/')).next.acts)
			if (act.verdict === 'late' && !lateBefore.has(act.title))
				this.falseLate.push(
					`${house.today}: by taking the plan of sittings over: ${act.title} (by ${act.actBy})`
				);
	}

	async live(days) {
		await this.plan();
		for (let day = 0; day < days; day++) {
			await this.day();
			if (day < days - 1) await this.house.nextDay();
		}
	}

	async day() {
		const { house } = this;
		const week = await house.page('/week');
		const sheet = await house.page(`/week/${house.today}`);
		if (sheet.view.lessons.length) {
			this.lessonDays.push({
				day: house.today,
				sentence: sheet.view.sentence,
				isReady: !/^Not ready/.test(sheet.view.sentence)
			});
			this.lessons += sheet.view.lessons.length;
			this.log(`LESSON ${sheet.view.lessons.map((one) => one.title).join(', ')}: ${sheet.view.sentence}`);
		}
		const inWeek = week.week.days.find((one) => one.day === house.today);
		if (inWeek && inWeek.sentence !== sheet.view.sentence)
			this.unlike.push(`${house.today}: Week “${inWeek.sentence}”, its sheet “${sheet.view.sentence}”`);
		await this.outcomes();
		if (this.parent === 'unlucky') await this.badLuck();
		await this.acts(true);
		await this.sittings();
		await this.acts(false);
		await this.ticks(sheet.view);
		await this.compare();
	}

	/** A week in which all are sick, and a thing that turns out to be used up. */
	async badLuck() {
		const { house } = this;
		const day = Math.round((Date.parse(house.today) - Date.parse(this.first)) / 86_400_000);
		const wrong = day === 12 ? await house.post('/?/pause', {}) : day === 6 ? await this.usedUp() : null;
		if (wrong) this.refused.push(`${house.today}: ${wrong}`);
	}

	/** What was said to be there is not. */
	async usedUp() {
		const { house } = this;
		const { walk } = await house.page('/lists/walk?span=all&show=all');
		const row = walk.places.flatMap((one) => one.rows)[0];
		return row ? house.post('/lists/walk?/there', { lot: row.lot, amount: 0 }) : null;
	}

	/** What Next says is to be done by today, until nothing is. */
	async acts(isMorning) {
		const { house } = this;
		const failed = new Set();
		for (let round = 0; round < MOST_ROUNDS; round++) {
			const { next } = await house.page('/');
			const due = next.acts.filter((one) => one.actBy <= house.today);
			if (round === 0 && isMorning) {
				this.tasks.push(due.length);
			}
			for (const act of next.acts) this.note(act);
			for (const act of next.acts) this.seen.add(this.nameOf(act));
			const act = due.find((one) => this.does(one) && !failed.has(one.id));
			if (!act) break;
			const name = this.nameOf(act);
			const before = this.did.get(name);
			if (before !== undefined && before < house.today)
				this.cameBack.push(`${house.today}: ${act.title} (done ${before})`);
			const wrong = await this.doAct(act);
			this.log(`${act.kind.padEnd(8)} ${act.title} [by ${act.actBy}]${wrong ? ` REFUSED ${wrong}` : ''}`);
			if (wrong) {
				failed.add(act.id);
				this.refused.push(`${house.today}: ${act.title}: ${wrong}`);
			}
			this.did.set(name, house.today);
			if (round === MOST_ROUNDS - 1) this.cameBack.push(`${house.today}: no end of ${act.title}`);
		}
	}

	nameOf = (act) => `${act.kind} ${act.keys.toSorted().join(' ')}`;

	/** For a parent who does all on its day nothing is ever late but what was so on the first day. */
	note(act) {
		const { today } = this.house;
		const name = this.nameOf(act);
		if (today === this.first) {
			if (act.actBy < today) this.wasLate.add(name);
			return;
		}
		if (act.actBy >= today || this.wasLate.has(name)) return;
		this.wasLate.add(name);
		// Others are late by their own doing, unless nobody was ever asked in time.
		if (this.parent === 'onTime' || !this.seen.has(name))
			this.falseLate.push(`${today}: ${act.kind} ${act.title} (by ${act.actBy})`);
	}

	/** What a parent does for an act; null where it went well. */
	async doAct(act) {
		const { house } = this;
		if (act.kind === 'walk' || act.kind === 'look') return this.walk(act);
		if (act.kind === 'run') return house.post(`${act.href}?/printed`, {});
		if (act.kind === 'sit') return this.sitting(act.href);
		if (act.kind === 'set out') return this.setOut(act);
		const elsewhere = act.verdict === 'late' && act.ways.find((one) => one.to === 'source');
		if (elsewhere) return house.post('/?/source', { keys: act.keys.join(' '), source: elsewhere.source });
		const to = ACTION[act.kind] ?? 'step';
		const fields = { keys: act.keys.join(' '), amount: act.amount };
		if (act.kind === 'pick up' || act.kind === 'return')
			this.before = (await house.page('/lists/library')).view;
		const wrong = await house.post(`/?/${to}`, fields);
		if (wrong === null && (act.kind === 'pick up' || act.kind === 'return')) await this.atTheDesk(act);
		return wrong;
	}

	/** What the library notes when a book goes over its counter. */
	async atTheDesk(act) {
		const { library } = this.house;
		const account = await (await fetch(`${library.said}/account`)).json();
		const { trips } = this.before;
		const titles = trips
			.flatMap((trip) => [...trip.fetch, ...trip.bring])
			.filter((one) => one.keys.some((key) => act.keys.includes(key)))
			.map((one) => one.title);
		for (const one of (act.kind === 'return' ? account.loans : account.holds).filter((each) =>
			titles.includes(each.title)
		))
			await fetch(`${library.said}/desk/${act.kind === 'return' ? 'return' : 'check-out'}`, {
				method: 'POST',
				body: JSON.stringify({ number: one.number })
			});
	}

	/** Through the house: what is to be gathered is found, what is looked for is there or not. */
	async walk(act) {
		const { house } = this;
		const path =
			act.kind === 'walk' ? `/lists/walk?unit=${act.run}&span=all&show=all` : '/lists/walk?span=all&show=all';
		for (let round = 0; round < 200; round++) {
			const { walk } = await house.page(path);
			const rows = walk.places.flatMap((one) => one.rows);
			const hunts = walk.places.flatMap((one) => one.hunt);
			const row = act.kind === 'walk' && rows.find((one) => one.keys.some((key) => act.keys.includes(key)));
			const hunt = row
				? null
				: hunts.find((one) =>
						act.kind === 'walk' ? one.what === 'have' && one.run === act.run : one.what === 'look'
					);
			if (!row && !hunt) return round === 0 ? 'nothing to gather on the walk' : null;
			const wrong = row
				? await house.post('/lists/walk?/found', {
						lot: row.lot,
						run: row.run,
						amount: row.amount,
						unit: row.unit,
						move: 'on'
					})
				: await house.post('/lists/walk?/hunt', {
						item: hunt.item,
						run: hunt.run,
						place: hunt.where.place,
						kind: hunt.where.kind,
						unit: hunt.unit,
						amount: '',
						move: 'on',
						answer: hunt.what === 'have' || chance('there', hunt.name) < 0.6 ? 'found' : 'not here'
					});
			if (wrong) return wrong;
		}
		return 'the walk has no end';
	}

	/** Jobs of today's sittings. */
	async sittings() {
		const { view } = await this.house.page(`/week/${this.house.today}`);
		for (const { key } of view.groups.flatMap((one) => one.entries))
			if (key.startsWith('sitting-')) {
				const wrong = await this.sitting(`/sittings/${key.slice(8)}`);
				if (wrong) this.refused.push(`${this.house.today}: ${wrong}`);
			}
	}

	/** Does one job after another; null where all went well. */
	async sitting(path) {
		const { house } = this;
		for (let round = 0; round < 60; round++) {
			const { page } = await house.page(path);
			const [job] = page.jobs;
			if (!job) return null;
			const wrong = await house.post(`${path}?/done`, { job: job.id });
			this.log(`sitting  ${job.title}${wrong ? ` REFUSED ${wrong}` : ''}`);
			if (wrong) return `${job.title}: ${wrong}`;
		}
		return 'the sitting has no end';
	}

	/** The shelf of a week, or a basket whose book is finished. */
	async setOut(act) {
		const { house } = this;
		if (act.href === '/week/basket') {
			const { view } = await house.page(act.href);
			for (const one of view.parts.filter((part) => part.isRead)) {
				const wrong = await house.post('/week/basket?/remove', { id: one.id });
				if (wrong) return wrong;
			}
			return null;
		}
		const { question, standing } = await house.page(act.href);
		return house.post('/week/shelf?/accept', { plan: JSON.stringify(planShelf(question, standing)) });
	}

	/** The day's sheet: what belongs together is ticked together. */
	async ticks({ groups }) {
		const { house } = this;
		for (const group of groups.filter((one) => one.entries.some((entry) => !entry.isDone))) {
			const wrong = await house.post('/week?/tick', {
				day: house.today,
				key: group.entries
					.filter((one) => !one.isDone)
					.map((one) => one.key)
					.join(' '),
				done: 1,
				what: group.name
			});
			if (wrong) this.refused.push(`${house.today}: ${group.name}: ${wrong}`);
		}
	}

	async outcomes() {
		const { house } = this;
		const { outcomes } = await house.page('/');
		for (const one of outcomes) {
			const wrong = await house.post('/?/outcome', { id: one.lesson, outcome: 'taught' });
			if (wrong) this.refused.push(`${house.today}: ${one.title}: ${wrong}`);
		}
	}

	/** Numbers and sentences that stand on two pages. */
	async compare() {
		const { house } = this;
		const [{ next }, trips] = [await house.page('/'), await house.page('/lists/library')];
		const differ = (what, a, b) => a !== b && this.unlike.push(`${house.today}: ${what}: ${a} / ${b}`);
		for (const act of next.acts.filter((one) => one.kind === 'pick up' || one.kind === 'return')) {
			const on = trips.view.trips.filter((trip) =>
				(act.kind === 'return' ? trip.bring : trip.fetch).some((one) =>
					one.keys.some((key) => act.keys.includes(key))
				)
			);
			if (on.length) differ(`${act.title}, Next / trips`, act.actBy, on[0].day);
		}
		for (const act of next.acts.filter((one) => one.kind === 'place')) {
			const hold = trips.view.holds.find((one) => one.keys.some((key) => act.keys.includes(key)));
			if (hold) differ(`${act.title}, late on Next / trips`, act.verdict === 'late', hold.isLate);
		}
	}

	get isGood() {
		return (
			[this.falseLate, this.cameBack, this.refused, this.unlike].every((one) => one.length === 0) &&
			this.lessonDays.every((one) => one.isReady)
		);
	}
}

const rows = [];
let isGood = true;
for (const [kind, parent] of HOUSES.flatMap((one) => PARENTS.map((parent) => [one, parent]))) {
	const house = new House(kind);
	const life = new Life(house, parent);
	try {
		await house.begin();
		life.first = house.today;
		await life.live(DAYS);
	} finally {
		await house.end();
	}
	const ready = life.lessonDays.filter((one) => one.isReady).length;
	const mean = (list) => (list.reduce((sum, one) => sum + one, 0) / Math.max(1, list.length)).toFixed(1);
	rows.push({
		house: kind,
		parent,
		days: DAYS,
		'lesson days ready': `${ready} of ${life.lessonDays.length}`,
		'false lates': life.falseLate.length,
		'came back': life.cameBack.length,
		refused: life.refused.length,
		contradictions: life.unlike.length,
		'tasks a day': mean(life.tasks),
		'most tasks': Math.max(...life.tasks),
		taps: house.taps,
		'taps a lesson': (house.taps / Math.max(1, life.lessons)).toFixed(1)
	});
	for (const [what, list] of Object.entries({
		'not ready': life.lessonDays.filter((one) => !one.isReady).map((one) => `${one.day}: ${one.sentence}`),
		'late when it first appeared': life.falseLate,
		'came back': life.cameBack,
		refused: life.refused,
		'two pages differ': life.unlike
	}))
		if (list.length) console.log(`${kind}, ${parent}, ${what}:\n  ${list.slice(0, 30).join('\n  ')}`);
	if (parent === 'onTime') isGood &&= life.isGood;
}
console.table(rows);
process.exitCode = isGood ? 0 : 1;
