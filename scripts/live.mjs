// Lives a unit day by day in the built application, by its forms alone, as a parent who does what it says: Next, the
// trips, the sittings, and the day's sheets. Prints a table, and exits with 1 where the aim is missed.
//
//   npm run live                        the demo and a house made from an empty one, each as three parents
//   npm run live -- days=14 parent=onTime house=demo
//   npm run live -- log                 what was done on each day
import { planShelf } from '../src/core/setout/index.ts';
import { daysBetween } from '../src/core/calendar/index.ts';
import { prep } from '../src/core/prepare/index.ts';
import { doubled } from './live/doubled.mjs';
import { House, UNTIL_ITS_UNIT } from './live/house.mjs';
import { badLuck } from './live/luck.mjs';

const options = new Map(process.argv.slice(2).map((one) => one.split('=')));
const DAYS = Number(options.get('days') ?? 46);
const PARENTS = options.has('parent') ? [options.get('parent')] : ['onTime', 'late', 'unlucky'];
const HOUSES = options.has('house') ? [options.get('house')] : ['demo', 'new'];
const isLogged = options.has('log');

/** Kinds of acts whose button stands on Next, and the action that it posts to. */
const ACTION = {
	...Object.fromEntries(['buy', 'make', 'free', 'used', 'receive'].map((kind) => [kind, 'got'])),
	...Object.fromEntries(['order', 'ask', 'hold', 'wish'].map((kind) => [kind, 'arrange'])),
	prepare: 'prepared',
	follow: 'follow',
	job: 'job'
};
/** More rounds than this on one day, and something comes back for ever. */
const MOST_ROUNDS = 60;

/** A number between 0 and 1 that is always the same for the same words. */
function chance(...words) {
	let h = 2166136261;
	for (const sign of words.join('/')) h = Math.imul(h ^ sign.codePointAt(0), 16777619);
	h ^= h >>> 15;
	h = Math.imul(h, 2246822507);
	return ((h ^ (h >>> 13)) >>> 0) / 2 ** 32;
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
		if (this.parent === 'unlucky') {
			const wrong = await badLuck(house, daysBetween(this.first, house.today));
			if (wrong) this.refused.push(`${house.today}: ${wrong}`);
		}
		await this.acts(true);
		await this.sittings();
		await this.acts(false);
		await this.ticks(sheet.view);
		await this.compare();
	}

	/** What Next says to each adult is to be done by today, until nothing is. */
	async acts(isMorning) {
		const { house } = this;
		const { adults } = await house.page('/');
		if (isMorning && adults.length > 1) await this.share(adults);
		for (const one of adults.length > 1 ? adults.slice(0, 2) : [{ id: null }]) {
			house.actor = one.id;
			await this.actsOfOne(isMorning && one.id === (adults[0]?.id ?? null));
		}
		house.actor = null;
	}

	/** About a third of what is due is given to the second adult: it stands on her list, and on the first one's no more. */
	async share([first, second]) {
		const { house } = this;
		const due = (await house.page('/')).next.acts.filter(
			(one) =>
				one.actBy <= house.today &&
				one.doer === null &&
				one.keys.length &&
				!one.href &&
				one.kind !== 'return' &&
				one.kind !== 'look'
		);
		for (const act of due.filter((one) => chance('give', this.nameOf(one)) < 0.33)) {
			const wrong = await house.post('/?/give', { keys: act.keys.join(' '), person: second.id }, false);
			if (wrong) this.refused.push(`${house.today}: ${act.title} given to ${second.name}: ${wrong}`);
			const has = async (adult) => {
				house.actor = adult.id;
				const { acts } = (await house.page('/')).next;
				house.actor = null;
				return acts.some((one) => act.keys.every((key) => one.keys.includes(key)));
			};
			if ((await has(first)) || !(await has(second)))
				this.unlike.push(`${house.today}: ${act.title} was given to ${second.name}, and stands elsewhere`);
		}
	}

	async actsOfOne(isMorning) {
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
		if (act.kind === 'set out' || act.kind === 'choose') return this.setOut(act);
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
			const [row] = page.rows;
			if (!row) return null;
			const wrong = await house.post(`${path}?/done`, { job: row.key });
			this.log(`sitting  ${row.title}${wrong ? ` REFUSED ${wrong}` : ''}`);
			if (wrong) return `${row.title}: ${wrong}`;
		}
		return 'the sitting has no end';
	}

	/** The shelf of a week, or a basket whose book is finished. */
	async setOut(act) {
		const { house } = this;
		if (act.kind === 'choose') return house.post(`${act.href}?/all`, {});
		if (/^\/week\/\d/.test(act.href)) {
			const { view } = await house.page(act.href);
			return this.tick(
				view.groups.find((one) => one.name === 'Wall'),
				act.href.slice(6)
			);
		}
		if (act.href === '/week/basket') {
			const { view } = await house.page(act.href);
			for (const one of view.parts.filter((part) => part.isRead)) {
				const wrong = await house.post('/week/basket?/remove', { id: one.id });
				if (wrong) return wrong;
			}
			return null;
		}
		const { question, standing } = await house.page(act.href);
		return house.post('/week/shelf?/accept', {
			plan: JSON.stringify(planShelf(question, standing).map(({ standing: out }) => ({ standing: out })))
		});
	}

	/** The day's sheet: what belongs together is ticked together. */
	async ticks({ groups }) {
		const { house } = this;
		for (const group of groups.filter((one) => one.entries.some((entry) => !entry.isDone))) {
			const wrong = await this.tick(group, house.today);
			if (wrong) this.refused.push(`${house.today}: ${group.name}: ${wrong}`);
		}
	}

	/** All of a group of a day’s sheet in one tap. */
	tick = ({ entries, name }, day) =>
		this.house.post('/week?/tick', {
			day,
			key: entries
				.filter((one) => !one.isDone)
				.map((one) => one.key)
				.join(' '),
			done: 1,
			what: name
		});

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
		for (const said of await doubled(this.house)) this.unlike.push(`${this.house.today}: ${said}`);
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
		await life.live(DAYS + (kind === 'new' ? UNTIL_ITS_UNIT : 0));
	} finally {
		await house.end();
	}
	const ready = life.lessonDays.filter((one) => one.isReady).length;
	const mean = (list) => (list.reduce((sum, one) => sum + one, 0) / Math.max(1, list.length)).toFixed(1);
	rows.push({
		house: kind,
		parent,
		days: DAYS + (kind === 'new' ? UNTIL_ITS_UNIT : 0),
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
