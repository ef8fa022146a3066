// What the next import is built on wants it there first.
import 'reflect-metadata';
import * as x509 from '@peculiar/x509';
import { webcrypto } from 'node:crypto';
import { mkdtemp, readFile, rm, stat } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import tls from 'node:tls';
import { expect, it, onTestFinished } from 'vitest';
// @ts-expect-error -- a plain script
import { certificateFor as make } from '../../../../scripts/certificate.mjs';

type Made = { readonly key: string; readonly cert: string; readonly authority: string };
const certificateFor = make as (
	folder: string,
	own: { names: string[]; addresses: string[] }
) => Promise<Made>;

const KEYS = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' };
const HOME = { names: ['localhost', 'kitchen', 'kitchen.local'], addresses: ['127.0.0.1', '192.168.1.20'] };

async function folder(): Promise<string> {
	const made = await mkdtemp(join(tmpdir(), 'gather-bin-'));
	onTestFinished(() => rm(made, { recursive: true, maxRetries: 20, retryDelay: 100 }));
	return made;
}

/** What a client that trusts the authority says to a server with a certificate: null when it is content. */
async function heard(key: string, cert: string, ca: string, servername: string): Promise<string | null> {
	const server = tls.createServer({ key, cert }, (socket) => socket.end());
	await new Promise<void>((ready) => server.listen(0, '127.0.0.1', ready));
	const { port } = server.address() as { port: number };
	const said = await new Promise<string | null>((answer) => {
		const socket = tls.connect({ port, host: '127.0.0.1', servername, ca }, () => answer(null));
		socket.on('error', (error) => answer(error.message));
		socket.on('secureConnect', () => socket.end());
	});
	server.close();
	return said;
}

it('the house’s own authority vouches for its own names and addresses', async () => {
	const { key, cert, authority } = await certificateFor(await folder(), HOME);
	expect(await heard(key, cert, authority, 'kitchen.local')).toBeNull();
	expect(new x509.X509Certificate(cert).subject).toBe('CN=Gather Bin');
});

it('it vouches for no other name on earth, even with its key in hand', async () => {
	const made = await folder();
	const { authority } = await certificateFor(made, HOME);
	const signer = await webcrypto.subtle.importKey(
		'pkcs8',
		x509.PemConverter.decode(await readFile(join(made, 'authority.key'), 'utf8'))[0],
		KEYS,
		false,
		['sign']
	);
	for (const [name, altName] of [
		['bank.example', { type: 'dns', value: 'bank.example' }],
		['localhost', { type: 'ip', value: '203.0.113.5' }]
	] as const) {
		const keys = await webcrypto.subtle.generateKey(KEYS, true, ['sign', 'verify']);
		const forged = await x509.X509CertificateGenerator.create({
			subject: 'CN=Forged',
			issuer: new x509.X509Certificate(authority).subject,
			notBefore: new Date(Date.now() - 86_400_000),
			notAfter: new Date(Date.now() + 86_400_000),
			signingAlgorithm: KEYS,
			publicKey: keys.publicKey,
			signingKey: signer,
			extensions: [new x509.SubjectAlternativeNameExtension([altName])]
		});
		const key = x509.PemConverter.encode(
			await webcrypto.subtle.exportKey('pkcs8', keys.privateKey),
			'PRIVATE KEY'
		);
		expect(await heard(key, forged.toString('pem'), authority, name)).toContain(
			'permitted subtree violation'
		);
	}
});

it('is made once, anew for a computer of another name, and its keys are for the owner’s eyes', async () => {
	const made = await folder();
	const first = await certificateFor(made, HOME);
	expect((await certificateFor(made, HOME)).authority).toBe(first.authority);
	const moved = await certificateFor(made, { ...HOME, addresses: ['127.0.0.1', '10.1.2.3'] });
	expect(moved.authority).toBe(first.authority);
	expect(moved.cert).not.toBe(first.cert);
	const renamed = await certificateFor(made, { ...HOME, names: ['localhost', 'attic', 'attic.local'] });
	expect(renamed.authority).not.toBe(first.authority);
	for (const name of ['authority.key', 'server.key'])
		expect((await stat(join(made, name))).mode & 0o077).toBe(0);
});
