import { networkInterfaces } from 'node:os';
import type { RequestEvent } from '@sveltejs/kit';
import { env } from '$env/dynamic/private';
import { isAllowedHost } from './origin.ts';

/** This computer’s addresses on the home network. */
const inTheHouse = (): string[] =>
	Object.values(networkInterfaces())
		.flat()
		.flatMap((one) => (one && !one.internal && one.family === 'IPv4' ? [one.address] : []))
		.filter((address) => isAllowedHost(address, []));

/**
 * The address at which other devices of the house find this server, without a slash at its end: for links and codes
 * that are opened on a phone. Whoever asks from this very computer is “localhost”, which on a phone is the phone.
 */
export function houseAddress(
	{ url, platform, request }: Pick<RequestEvent, 'url' | 'platform' | 'request'>,
	addresses: readonly string[] = inTheHouse()
): string {
	if (env.ORIGIN) return url.origin;
	// The server takes every address for https unless ORIGIN is set; how it was really asked says the connection.
	const socket = platform?.req.socket as { readonly encrypted?: boolean } | undefined;
	const isSecure = socket
		? socket.encrypted === true || request.headers.get('x-forwarded-proto') === 'https'
		: url.protocol === 'https:';
	const isHere = /^(?:localhost|127\.[\d.]+|\[::1\])$/.test(url.hostname);
	const name = isHere ? (addresses[0] ?? url.hostname) : url.hostname;
	return `${isSecure ? 'https' : 'http'}://${name}${url.port ? `:${url.port}` : ''}`;
}
