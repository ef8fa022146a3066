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
await import('../build/index.js');
