/**
 * Attacks the built server on purpose, on this computer only, and prints what it found: kills in the middle of
 * writing, cuts of the power, texts that take long to read. `short` does a little of each.
 */
import SqliteDatabase from 'better-sqlite3';
import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { mkdirSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { BAD_TEXTS } from '../src/lib/server/tests/bad-texts.ts';

const isShort = process.argv.includes('short');
const KILLS = isShort ? 3 : 200;
const CUTS = isShort ? 40 : 1000;
const TEXT_SIZES = isShort ? [16_000] : [1000, 16_000, 90_000];
const FILE = 'gather-bin.sqlite';
/** Nobody waits longer for anything while a bad text is read, in ms; judged in the long run only, on a quiet machine. */
const MOST_WAIT = 200;

let failures = 0;
function result(what: string, isGood: boolean): void {
	console.log(`${isGood ? 'holds' : 'FAILS'}  ${what}`);
	if (!isGood) failures++;
}

const folder = mkdtempSync(join(tmpdir(), 'gather-bin-faults-'));
const data = join(folder, 'house');

class Server {
	private child: ChildProcess | null = null;
	port = 0;
	readonly address = () => `http://127.0.0.1:${this.port}`;

	async start(): Promise<void> {
		this.port ||= await freePort();
		const child = spawn(process.execPath, ['scripts/start.mjs'], {
			env: { ...process.env, PORT: String(this.port), HOST: '127.0.0.1', GATHER_BIN_DATA: data },
			stdio: ['ignore', 'pipe', 'pipe']
		});
		this.child = child;
		let said = '';
		child.stderr.on('data', (text: Buffer) => (said += String(text)));
		await new Promise<void>((started, failed) => {
			child.stdout.on('data', (text: Buffer) => text.includes('Listening') && started());
			child.once('exit', (code) => failed(new Error(`The server ended with ${code}: ${said}`)));
		});
	}

	async kill(): Promise<void> {
		const { child } = this;
		this.child = null;
		if (!child || child.exitCode !== null) return;
		child.removeAllListeners('exit');
		const ended = new Promise((done) => child.once('exit', done));
		child.kill('SIGKILL');
		await ended;
	}

	post(path: string, fields: Readonly<Record<string, string>>): Promise<Response> {
		return fetch(`${this.address()}${path}`, {
			method: 'POST',
			headers: {
				origin: this.address(),
				accept: 'application/json',
				'x-sveltekit-action': 'true'
			},
			body: new URLSearchParams(fields)
		});
	}
}

function freePort(): Promise<number> {
	return new Promise((found) => {
		const server = createServer();
		server.listen(0, '127.0.0.1', () => {
			const address = server.address();
			server.close(() => found(typeof address === 'object' && address ? address.port : 0));
		});
	});
}

/** A server that has not done its first change by then does none, ms. */
const MOST_FIRST = 60_000;
const wait = (ms: number) => new Promise((later) => setTimeout(later, ms));

const places = (file: string) => {
	const database = new SqliteDatabase(file);
	const names = database.prepare(`select name from place where name like 'tick %'`).pluck().all() as string[];
	const isWhole = database.pragma('integrity_check(1)', { simple: true }) === 'ok';
	database.close();
	return { names, isWhole };
};

/** Four devices write without a pause; the server is killed in the middle, and started again. */
async function kills(server: Server): Promise<void> {
	const acknowledged = new Set<string>();
	let next = 0;
	for (let i = 0; i < KILLS; i++) {
		await server.start();
		let isOver = false;
		const writer = async () => {
			while (!isOver) {
				const name = `tick ${next++}`;
				try {
					const answer = await server.post('/home/places?/add', {
						places: name,
						operation: `op-${name.slice(5)}`
					});
					if (((await answer.json()) as { type: string }).type === 'success') acknowledged.add(name);
				} catch {
					// Cut off: it may have been done or not, and was not acknowledged.
				}
			}
		};
		const before = acknowledged.size;
		const writers = [writer(), writer(), writer(), writer()];
		// On a busy machine the first change of a server takes long; it is killed among later ones.
		for (let waited = 0; acknowledged.size === before && waited < MOST_FIRST; waited += 50) await wait(50);
		await wait(200 + Math.random() * 700);
		await server.kill();
		isOver = true;
		await Promise.all(writers);
	}
	const { names, isWhole } = places(join(data, FILE));
	const lost = [...acknowledged].filter((name) => !names.includes(name)).length;
	const twice = names.length - new Set(names).size;
	result(
		`${KILLS} kills in the middle of writing: ${acknowledged.size} changes acknowledged, ${lost} lost, ${twice} twice, the file is ${isWhole ? 'whole' : 'damaged'}`,
		acknowledged.size > 0 && lost === 0 && twice === 0 && isWhole
	);
}

/**
 * Cuts of the power. What a change wrote is on the disk when it is acknowledged, since the log is flushed with each
 * (synchronous = FULL); of what was written later any part may be there, or garbage in its place.
 */
async function cuts(server: Server): Promise<void> {
	await server.start();
	const file = join(data, FILE);
	const log = `${file}-wal`;
	const states: { acknowledged: string[]; size: number }[] = [];
	const acknowledged: string[] = [];
	for (let i = 0; i < 60; i++) {
		const name = `tick cut ${i}`;
		await server.post('/home/places?/add', { places: name });
		acknowledged.push(name);
		states.push({ acknowledged: [...acknowledged], size: statSync(log).size });
	}
	const [database, written] = [readFileSync(file), readFileSync(log)];
	await server.kill();
	// The log is begun anew when it was taken over; only what was written after that can be cut.
	const last = states.filter(({ size }, i) => i === 0 || size > states[i - 1].size);
	const cut = join(folder, 'cut');
	let lost = 0;
	let damaged = 0;
	for (let i = 0; i < CUTS; i++) {
		const state = last[Math.floor(Math.random() * last.length)];
		rmSync(cut, { recursive: true, force: true });
		mkdirSync(cut);
		const later = Buffer.from(written.subarray(state.size));
		const kept = later.subarray(0, Math.floor(Math.random() * later.length));
		for (let at = 0; at < kept.length; at += 512)
			if (Math.random() < 0.3)
				kept.fill(Math.floor(Math.random() * 256), at, Math.min(at + 512, kept.length));
		writeFileSync(join(cut, FILE), database);
		writeFileSync(join(cut, `${FILE}-wal`), Buffer.concat([written.subarray(0, state.size), kept]));
		const { names, isWhole } = places(join(cut, FILE));
		lost += state.acknowledged.filter((name) => !names.includes(name)).length;
		if (!isWhole) damaged++;
	}
	result(
		`${CUTS} cuts of the power: ${lost} acknowledged changes lost, ${damaged} files damaged`,
		last.length > 10 && lost === 0 && damaged === 0
	);
}

/** Where texts are typed or brought in, by the field that takes them. */
const PLACES: readonly (readonly [string, string])[] = [
	['/units/1/gather/paste?/read', 'text'],
	['/units/1/plan?/contents', 'contents'],
	['/units/1/plan?/ics', 'ics'],
	['/home/supplies?/add', 'text'],
	['/home/places?/add', 'places'],
	['/home/books?/add', 'text'],
	['/start/who?/who', 'children'],
	['/house?/occasion', 'occasion']
];

/** While every kind of bad text is read, the server answers others in time, and never with an error of its own. */
async function texts(server: Server): Promise<void> {
	await server.start();
	await server.post('/units?/create', { name: 'Kites' });
	let sent = 0;
	let errors = 0;
	let longest = { ms: 0, what: '' };
	let now = '';
	let isOver = false;
	const others = (async () => {
		while (!isOver) {
			const [begun, what] = [performance.now(), now];
			await fetch(`${server.address()}/kept-pages.json`).then((answer) => answer.arrayBuffer());
			const ms = performance.now() - begun;
			if (ms > longest.ms) longest = { ms, what: `${what} or ${now}` };
			await new Promise((later) => setTimeout(later, 5));
		}
	})();
	for (const [path, field] of PLACES)
		for (const [kind, textOf] of Object.entries(BAD_TEXTS))
			for (const size of TEXT_SIZES) {
				now = `${kind} (${size}) to ${path}`;
				const answer = await server.post(path, { [field]: textOf(size) });
				await answer.arrayBuffer();
				sent++;
				if (answer.status >= 500) {
					errors++;
					console.log(`  ${answer.status}: ${now}`);
				}
			}
	isOver = true;
	await others;
	await server.kill();
	result(`${sent} bad texts: ${errors} errors of the server’s own`, errors === 0);
	result(
		`the longest that somebody else waited meanwhile: ${longest.ms.toFixed(0)} ms (${longest.what})`,
		isShort || longest.ms < MOST_WAIT
	);
}

/** Forms made from each action's own schema, nearly right and quite wrong: an answer in words, and all undone. */
function forms(): void {
	const each = 55;
	const { status } = spawnSync(
		'npx',
		['vitest', 'run', '--reporter=dot', 'src/lib/server/tests/every-action.test.ts'],
		{
			env: { ...process.env, EVERY_ACTION_FORMS: String(each), EVERY_ACTION_SEED: String(Date.now() % 1000) },
			stdio: ['ignore', 'ignore', 'inherit']
		}
	);
	result(
		`${each} odd forms to each of the actions, some 190: answered in words, and nothing kept by halves`,
		status === 0
	);
}

const server = new Server();
try {
	await kills(server);
	await cuts(server);
	await texts(server);
	if (!isShort) forms();
} finally {
	await server.kill();
	rmSync(folder, { recursive: true, force: true });
}
console.log(failures ? `${failures} of these do not hold.` : 'All of it holds.');
process.exitCode = failures ? 1 : 0;
