// Starts the built application. GATHER_BIN_DATA names the data folder, PORT and HOST the address.
import { existsSync } from 'node:fs';

if (!existsSync(new URL('../build/index.js', import.meta.url))) {
	console.error(
		'There is no build yet: run "npm run build" first, or "npm run demo" for everything at once.'
	);
	process.exit(1);
}
process.env.PORT ??= '3210';
// A file that is brought in may have 8 MB.
process.env.BODY_SIZE_LIMIT ??= '9M';
// What a family writes down is read by its owner only.
process.umask(0o077);
const WORDS = {
	EADDRINUSE: 'is taken by another program. Name another one in PORT, or end that program',
	EACCES: 'may not be opened. Name one above 1023 in PORT',
	EADDRNOTAVAIL: 'is not on this computer. Name one of its own addresses in HOST'
};
process.on('uncaughtException', (error) => {
	const why = error.syscall === 'listen' && WORDS[error.code];
	console.error(why ? `The address ${error.address ?? ''} with port ${error.port} ${why}.` : error);
	process.exit(1);
});
await import('../build/index.js');
