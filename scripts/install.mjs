// What every script needs first: the packages, as the lock file says, and a compiler for SQLite's binding.
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = dirname(dirname(fileURLToPath(import.meta.url)));

/** Runs a command in the project, its output shown; answers whether it went well. */
export function run(command, args, env = {}) {
	const { status, error } = spawnSync(command, args, {
		cwd: ROOT,
		stdio: 'inherit',
		env: { ...process.env, ...env }
	});
	if (error) console.error(`${command} could not be started: ${error.message}`);
	return status === 0;
}

/** Runs a command in the project beside others; answers whether it went well, and what it said. */
export function runAside(command, args) {
	return new Promise((ended) => {
		const child = spawn(command, args, { cwd: ROOT, stdio: ['ignore', 'pipe', 'pipe'] });
		let output = '';
		for (const stream of [child.stdout, child.stderr]) stream.on('data', (part) => (output += part));
		child.on('error', (error) =>
			ended({ ok: false, output: `${command} could not be started: ${error.message}` })
		);
		child.on('close', (status) => ended({ ok: status === 0, output }));
	});
}

/**
 * Installs the packages unless they are there. Not "npm ci": that refuses a lock file which leaves out the
 * binaries of other platforms, as some registries do.
 */
export function ensurePackages() {
	const lock = join(ROOT, 'package-lock.json');
	const installed = join(ROOT, 'node_modules', '.package-lock.json');
	const binding = join(ROOT, 'node_modules', 'better-sqlite3', 'build', 'Release', 'better_sqlite3.node');
	if (existsSync(installed) && existsSync(binding) && statSync(installed).mtimeMs >= statSync(lock).mtimeMs)
		return;
	const missing = ['python3', 'make', 'c++'].filter((tool) => spawnSync('which', [tool]).status !== 0);
	if (missing.length) {
		console.error(
			`SQLite's binding may have to be compiled, and ${missing.join(', ')} cannot be found here. On Debian: apt-get install python3 make g++`
		);
	}
	console.log('Installing packages; SQLite is compiled once, which takes about two minutes …');
	if (!run('npm', ['install', '--no-save', '--no-fund', '--no-audit'])) {
		console.error('The packages could not be installed; the lines above say why.');
		process.exit(1);
	}
}

/** What the tests need from Debian: Chromium for the journeys, qpdf to check print files; installed when that is possible. */
const DEBIAN = { chromium: '/usr/bin/chromium', qpdf: '/usr/bin/qpdf' };

/** Installs what the tests need beside the packages. Answers whether all of it is there. */
export function ensureDebian() {
	const missing = () => Object.keys(DEBIAN).filter((name) => !existsSync(DEBIAN[name]));
	if (missing().length === 0) return true;
	if (process.getuid?.() === 0 && spawnSync('which', ['apt-get']).status === 0) {
		console.log(`Installing ${missing().join(' and ')} …`);
		run('apt-get', ['update', '-qq']);
		run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...missing()], {
			DEBIAN_FRONTEND: 'noninteractive'
		});
		if (missing().length === 0) return true;
	}
	console.error(
		`The tests need ${missing()
			.map((name) => DEBIAN[name])
			.join(' and ')}. On Debian: sudo apt-get install ${missing().join(' ')}`
	);
	return false;
}
