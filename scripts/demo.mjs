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
process.env.GATHER_BIN_CATALOGUE ??= await startCatalogue();
await import('./start.mjs');

const home = Object.values(networkInterfaces())
	.flat()
	.find((one) => one?.family === 'IPv4' && !one.internal);
console.log(`\nGather Bin with the demo household: http://localhost:${process.env.PORT}`);
if (home) console.log(`From a phone on the same network:    http://${home.address}:${process.env.PORT}`);
console.log(`Its data lies in ${process.env.GATHER_BIN_DATA}; delete that folder to start the demo afresh.`);

/** The stand-in for a library catalogue, a process of its own that ends with this one. */
async function startCatalogue() {
	const child = spawn(process.execPath, [join(ROOT, 'scripts', 'catalogue.mjs')], {
		stdio: ['ignore', 'pipe', 'inherit']
	});
	process.on('exit', () => child.kill());
	return new Promise((started) =>
		child.stdout.once('data', (text) => started(String(text).match(/http:\S+/)[0]))
	);
}
