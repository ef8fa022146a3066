// A certificate for HTTPS on the home network: an authority of the household's own, made once, which a phone can
// be told to trust, and a certificate for the addresses that this computer has today.
import { X509Certificate, webcrypto } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { hostname, networkInterfaces } from 'node:os';
import { join } from 'node:path';
// What the next import is built on wants it there first.
import 'reflect-metadata';
import * as x509 from '@peculiar/x509';

const KEYS = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' };
const DAY_MS = 24 * 3600 * 1000;
const AUTHORITY_DAYS = 3650;
/** Phones refuse certificates of servers that are valid for longer. */
const SERVER_DAYS = 397;
/** With fewer days left a new one is made. */
const RENEW_DAYS = 30;

x509.cryptoProvider.set(webcrypto);

/** Names and addresses under which this computer is reached. */
export function ownNames() {
	const addresses = Object.values(networkInterfaces())
		.flat()
		.filter((one) => one && one.family === 'IPv4')
		.map((one) => one.address);
	const name = hostname().toLowerCase();
	return {
		names: [...new Set(['localhost', name, `${name.split('.')[0]}.local`])],
		addresses: [...new Set(['127.0.0.1', ...addresses])]
	};
}

/**
 * Key and certificate for the server, and the authority's certificate, as PEM; made in `folder` where they are
 * missing, run out, or do not fit the addresses of today. Private keys can be read by their owner alone.
 */
export async function certificateFor(folder, { names, addresses } = ownNames()) {
	mkdirSync(folder, { recursive: true, mode: 0o700 });
	const path = (name) => join(folder, name);
	const bounds = nameConstraints(names, addresses);
	// One of before, or for another name of this computer, would be bound to nothing, or to the wrong names.
	if (!existsSync(path('authority.key')) || !isBoundTo(path('authority.crt'), bounds))
		await makeAuthority(path, bounds);
	const authority = readFileSync(path('authority.crt'), 'utf8');
	if (!stillFits(path('server.crt'), names, addresses)) await makeServer(path, names, addresses);
	return {
		key: readFileSync(path('server.key'), 'utf8'),
		cert: readFileSync(path('server.crt'), 'utf8'),
		authority,
		authorityPath: path('authority.crt')
	};
}

function stillFits(file, names, addresses) {
	if (!existsSync(file)) return false;
	const cert = new X509Certificate(readFileSync(file));
	const daysLeft = (new Date(cert.validTo).getTime() - Date.now()) / DAY_MS;
	return (
		daysLeft > RENEW_DAYS &&
		names.every((name) => cert.checkHost(name)) &&
		addresses.every((address) => cert.checkIP(address))
	);
}

/** Networks that are at home in no other house: private, link-local and this computer itself (RFC 1918, 3927, 1122). */
const HOME_NETWORKS = [
	[[10, 0, 0, 0], 8],
	[[172, 16, 0, 0], 12],
	[[192, 168, 0, 0], 16],
	[[169, 254, 0, 0], 16],
	[[127, 0, 0, 0], 8]
];

const der = (tag, ...parts) => {
	const body = Buffer.concat(parts);
	const length = body.length < 128 ? [body.length] : [0x82, body.length >> 8, body.length & 255];
	return Buffer.concat([Buffer.from([tag, ...length]), body]);
};

/**
 * What the authority may sign for, as the extension of RFC 5280, 4.2.1.10: names of this computer and addresses of
 * home networks. Whoever gets hold of its key can pretend to be no server on the internet.
 */
function nameConstraints(names, addresses) {
	const number = (address) => address.split('.').reduce((sum, part) => sum * 256 + Number(part), 0);
	const isAtHome = (address) =>
		HOME_NETWORKS.some(([base, bits]) => {
			const size = 2 ** (32 - bits);
			return Math.floor(number(address) / size) === Math.floor(number(base.join('.')) / size);
		});
	const networks = [
		...HOME_NETWORKS,
		...addresses.filter((one) => !isAtHome(one)).map((one) => [one.split('.').map(Number), 32])
	];
	const mask = (bits) =>
		[0, 8, 16, 24].map((at) => (bits - at >= 8 ? 255 : bits <= at ? 0 : (255 << (8 - (bits - at))) & 255));
	const subtrees = [
		...names.map((name) => der(0x30, der(0x82, Buffer.from(name, 'latin1')))),
		...networks.map(([base, bits]) => der(0x30, der(0x87, Buffer.from([...base, ...mask(bits)]))))
	];
	return der(0x30, der(0xa0, ...subtrees));
}

const NAME_CONSTRAINTS = '2.5.29.30';

function isBoundTo(file, bounds) {
	if (!existsSync(file)) return false;
	const own = new x509.X509Certificate(readFileSync(file, 'utf8')).getExtension(NAME_CONSTRAINTS);
	return own !== null && Buffer.from(own.value).equals(bounds);
}

async function makeAuthority(path, bounds) {
	const keys = await webcrypto.subtle.generateKey(KEYS, true, ['sign', 'verify']);
	const certificate = await x509.X509CertificateGenerator.createSelfSigned({
		serialNumber: serial(),
		name: 'CN=Gather Bin at home',
		...validFor(AUTHORITY_DAYS),
		signingAlgorithm: KEYS,
		keys,
		extensions: [
			new x509.BasicConstraintsExtension(true, 0, true),
			new x509.Extension(NAME_CONSTRAINTS, true, bounds),
			new x509.KeyUsagesExtension(x509.KeyUsageFlags.keyCertSign | x509.KeyUsageFlags.cRLSign, true),
			await x509.SubjectKeyIdentifierExtension.create(keys.publicKey)
		]
	});
	// A certificate of another authority is none of this one's.
	rmSync(path('server.crt'), { force: true });
	await keep(path('authority.key'), keys.privateKey);
	writeFileSync(path('authority.crt'), certificate.toString('pem'));
}

async function makeServer(path, names, addresses) {
	const authority = new x509.X509Certificate(readFileSync(path('authority.crt'), 'utf8'));
	const signingKey = await webcrypto.subtle.importKey(
		'pkcs8',
		x509.PemConverter.decode(readFileSync(path('authority.key'), 'utf8'))[0],
		KEYS,
		false,
		['sign']
	);
	const keys = await webcrypto.subtle.generateKey(KEYS, true, ['sign', 'verify']);
	const certificate = await x509.X509CertificateGenerator.create({
		serialNumber: serial(),
		subject: 'CN=Gather Bin',
		issuer: authority.subject,
		...validFor(SERVER_DAYS),
		signingAlgorithm: KEYS,
		publicKey: keys.publicKey,
		signingKey,
		extensions: [
			new x509.BasicConstraintsExtension(false, undefined, true),
			new x509.KeyUsagesExtension(x509.KeyUsageFlags.digitalSignature, true),
			new x509.ExtendedKeyUsageExtension([x509.ExtendedKeyUsage.serverAuth]),
			new x509.SubjectAlternativeNameExtension([
				...names.map((value) => ({ type: 'dns', value })),
				...addresses.map((value) => ({ type: 'ip', value }))
			]),
			await x509.AuthorityKeyIdentifierExtension.create(authority.publicKey)
		]
	});
	await keep(path('server.key'), keys.privateKey);
	writeFileSync(path('server.crt'), certificate.toString('pem'));
}

function validFor(days) {
	// A phone whose clock is a little behind still takes it.
	const from = Date.now() - DAY_MS;
	return { notBefore: new Date(from), notAfter: new Date(from + days * DAY_MS) };
}

const serial = () =>
	Buffer.from(webcrypto.getRandomValues(new Uint8Array(12)))
		.toString('hex')
		.replace(/^./, '1');

async function keep(file, key) {
	const bytes = await webcrypto.subtle.exportKey('pkcs8', key);
	writeFileSync(file, x509.PemConverter.encode(bytes, 'PRIVATE KEY'), { mode: 0o600 });
}
