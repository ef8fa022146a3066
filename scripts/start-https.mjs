// Starts the built application over http and, for phones, over HTTPS with a certificate of the household's own.
// HTTPS_PORT names the port of the second; http stays as it is, so that a phone can fetch the certificate.
import { createServer } from 'node:https';
import { join } from 'node:path';
import { certificateFor, ownNames } from './certificate.mjs';

const folder = join(process.env.GATHER_BIN_DATA || 'data', 'https');
const { key, cert, authorityPath } = await certificateFor(folder);
process.env.GATHER_BIN_CERTIFICATE = authorityPath;
// Whatever network this computer is in, its own addresses are its own.
process.env.GATHER_BIN_HOSTS = [process.env.GATHER_BIN_HOSTS, ...ownNames().addresses]
	.filter(Boolean)
	.join(' ');
await import('./start.mjs');
const { handler } = await import('../build/handler.js');

const port = Number(process.env.HTTPS_PORT ?? 3443);
const server = createServer({ key, cert }, (request, response) =>
	handler(request, response, () => {
		response.writeHead(404).end('There is no page here.');
	})
);
server.listen(port, process.env.HOST ?? '0.0.0.0', () => {
	const addresses = ownNames().addresses.filter((one) => one !== '127.0.0.1');
	console.log(
		`HTTPS for phones: ${(addresses.length ? addresses : ['localhost']).map((one) => `https://${one}:${port}`).join(' or ')}`
	);
	console.log('A phone trusts it once it knows this house: open /phone there and follow the steps.');
});
for (const signal of ['SIGINT', 'SIGTERM']) {
	process.once(signal, () => {
		server.close();
		server.closeIdleConnections();
	});
}
