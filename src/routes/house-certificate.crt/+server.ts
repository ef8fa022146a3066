import { readFile } from 'node:fs/promises';
import { error } from '@sveltejs/kit';
import { env } from '$env/dynamic/private';
import type { RequestHandler } from './$types';

/** The certificate of the house's own authority, for a phone to trust. It holds nothing secret. */
export const GET: RequestHandler = async () => {
	const path = env.GATHER_BIN_CERTIFICATE;
	if (!path) error(404, 'Gather Bin was started without HTTPS: use “npm run start:https”.');
	return new Response(new Uint8Array(await readFile(path)), {
		headers: {
			'content-type': 'application/x-x509-ca-cert',
			'content-disposition': 'attachment; filename="gather-bin-house.crt"'
		}
	});
};
