// Installs what is missing, builds, and starts with the demo household in data/demo.
import { networkInterfaces } from 'node:os';
import { join } from 'node:path';
import { spawn } from 'node:child_process';
import { ensurePackages, ROOT, run } from './install.mjs';

ensurePackages();
if (!run('npm', ['run', '--silent', 'build'])) process.exit(1);

process.env.GATHER_BIN_DEMO = '1';
process.env.GATHER_BIN_DATA ??= join(ROOT, 'data', 'demo');
process.env.PORT ??= '3210';
// Only now, since it needs a package that may have been missing.
const { fixedDay } = await import('./day.mjs');
process.env.GATHER_BIN_CATALOGUE ??= await startStandIn('catalogue.mjs');
process.env.GATHER_BIN_LIBRARY ??= await startStandIn('library.mjs', {
	LIBRARY_ACCOUNT: join(ROOT, 'demo', 'library-account.json'),
	LIBRARY_TODAY: fixedDay(process.env.GATHER_BIN_DATA) ?? '2027-01-22'
});
await import('./start.mjs');

const home = Object.values(networkInterfaces())
	.flat()
	.find((one) => one?.family === 'IPv4' && !one.internal);
console.log(`\nGather Bin with the demo household: http://localhost:${process.env.PORT}`);
if (home) console.log(`From a phone on the same network:    http://${home.address}:${process.env.PORT}`);
console.log(`Its data lies in ${process.env.GATHER_BIN_DATA}; delete that folder to start the demo afresh.`);

/** A stand-in for a part of the outside world, a process of its own that ends with this one. Answers its address. */
async function startStandIn(script, more = {}) {
	const child = spawn(process.execPath, [join(ROOT, 'scripts', script)], {
		env: { ...process.env, ...more },
		stdio: ['ignore', 'pipe', 'inherit']
	});
	process.on('exit', () => child.kill());
	return new Promise((started) =>
		child.stdout.once('data', (text) => started(String(text).match(/http:\S+/)[0]))
	);
}
