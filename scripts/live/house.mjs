// A household in the built application, reached by its pages and forms alone.
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { unflatten, parse } from 'devalue';
import { addDays, fixedDay, setDay } from '../day.mjs';
import { ROOT } from '../install.mjs';

/** Says which adult uses a browser. */
const ACTOR = 'gather-bin-adult';
const HEADERS = { 'x-sveltekit-action': 'true', accept: 'application/json' };

/** The first day of the house that is made from an empty one: a Monday. */
const FIRST_DAY = '2027-03-01';
/** Days until its unit begins: by then what it wants can be here. */
export const UNTIL_ITS_UNIT = 15;
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

/** Its book list, as a guide prints it. */
const BOOKS = [
	'Lesson 1',
	'The Bell in the Tower by Anna Morrow',
	'Lesson 4',
	'Hush, Said the Snow by Peter Lind',
	'Lesson 7',
	'Who Calls Back? by Ruth Ames',
	'Lesson 9',
	'Strings and Boxes by Tom Avery'
];
/** What the review of a book list sends of each. */
const BOOK_FIELDS = [
	'lesson',
	'written',
	'title',
	'authors',
	'isbn',
	'kind',
	'role',
	'fromAge',
	'toAge',
	'pages',
	'optional',
	'note'
];
/** Pages of its guide: the page, what it is, and the lesson in order. */
const PAGES = [
	[5, 'student', 1],
	[8, 'journal', 3],
	[12, 'vocabulary', 5],
	[16, 'student', 8]
];

/** One house with its library, in a folder of its own. */
export class House {
	/** The adult (by id) who looks; null is nobody in particular. */
	actor = null;
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
		await this.moveLibrary();
	}

	/** The library has the same day. */
	moveLibrary = () =>
		fetch(`${this.library.said}/clock`, {
			method: 'PUT',
			body: JSON.stringify({ today: this.today })
		});

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
			start: addDays(FIRST_DAY, UNTIL_ITS_UNIT),
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
		await this.setUp(must, run.id);
		this.taps = 0;
	}

	/** What a unit has beside its list: books, a guide on paper, sittings, a shelf with trays, a wall, a basket. */
	async setUp(must, run) {
		const books = BOOKS.join('\n');
		const read = await this.read(`/units/${run}/books/paste?/read`, { text: books });
		await must(`/units/${run}/books/paste?/save`, {
			text: books,
			rows: JSON.stringify(
				read.review.rows.map(({ id, ...row }, index) => ({
					index,
					id,
					fields: Object.fromEntries(BOOK_FIELDS.map((name) => [name, row[name]]))
				}))
			)
		});
		await must(`/units/${run}/print?/paper`, { title: 'The guide', pages: 24, kind: 'guide' });
		const { view, lessons } = await this.page(`/units/${run}/print`);
		const sort = `/units/${run}/print/sort/${view.sources[0].id}?/sort`;
		for (const [page, role, at] of PAGES)
			await must(sort, { pages: String(page), role, lesson: lessons[at].id, title: '' });
		await must(`/units/${run}/prepare?/sitting`, { text: 'Mon and Wed 8 pm, 60 min' });
		const named = async (name) => {
			const all = (list) => list.flatMap((one) => [one, ...all(one.inside)]);
			return all((await this.page('/home/places')).tree).find((one) => one.name === name);
		};
		const room = await named('School room');
		await must('/home/places?/add', { places: 'Low shelf', parent: room.id });
		const shelf = await named('Low shelf');
		await must('/home/places?/add', { places: 'Upper board\nLower board', parent: shelf.id });
		for (const [name, floor] of [
			['Upper board', '24'],
			['Lower board', '6']
		])
			await must('/home/places?/edit', {
				id: (await named(name)).id,
				name,
				kind: 'shelf',
				length: '48',
				width: '14',
				height: '15',
				floor
			});
		await must('/week/shelf?/settings', { shelf: shelf.id, changes: 4, habit: 'weekly' });
		for (const [at, title] of ['Pouring rice', 'Matching shakers', 'Sorting bells'].entries())
			await must('/week/shelf?/save', { title, skill: 'other', lesson: at ? lessons[at * 3].id : '' });
		await must(`/units/${run}/setout?/words`, {
			text: 'wave, pitch, echo, vibrate',
			lesson: lessons[1].id
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
		await this.moveLibrary();
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
		const response = await fetch(url, { headers: this.actor ? { cookie: `${ACTOR}=${this.actor}` } : {} });
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
			headers: { ...HEADERS, origin: this.address, ...(this.cookie ? { cookie: this.cookie } : {}) }
		});
		this.cookie ??= response.headers
			.getSetCookie()
			.find((one) => /device/.test(one))
			?.split(';')[0];
		const answer = JSON.parse(await response.text());
		if (answer.type === 'success' || answer.type === 'redirect') return null;
		return answer.data ? (parse(answer.data).message ?? 'refused') : (answer.error?.message ?? 'refused');
	}

	/** Takes the last change back. Answers null where it could be, else why not. */
	async undo() {
		const response = await fetch(`${this.address}/changes/undo`, {
			method: 'POST',
			headers: { origin: this.address, cookie: this.cookie ?? '' }
		});
		return response.ok ? null : ((await response.json()).message ?? 'not undone');
	}
}
