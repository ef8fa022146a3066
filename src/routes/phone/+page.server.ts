import { env } from '$env/dynamic/private';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ url }) => ({
	hasHttps: Boolean(env.GATHER_BIN_CERTIFICATE),
	address: `https://${url.hostname}:${env.HTTPS_PORT ?? '3443'}`
});
