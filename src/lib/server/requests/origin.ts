/**
 * Which hosts this server answers to. The laptop comes by localhost, the phone by an address on the
 * home network; both work over plain http. Names of one's own are listed in GATHER_BIN_HOSTS.
 */
const HOME = [
	/^localhost$/,
	/^127\./,
	/^\[::1\]$/,
	/^10\./,
	/^192\.168\./,
	/^172\.(1[6-9]|2\d|3[01])\./,
	/^169\.254\./,
	/^\[f[cde][0-9a-f:]*\]$/i,
	/^[a-z0-9-]+\.(local|home\.arpa|lan)$/i
];

function hostname(host: string): string {
	return host.replace(/:\d+$/, '').toLowerCase();
}

export function isAllowedHost(host: string, listed: readonly string[]): boolean {
	const name = hostname(host);
	if (listed.some((one) => one.toLowerCase() === name)) return true;
	// An address that only begins like one of the home network ("10.evil.example") is a name.
	const isAddress = /^[\d.]+$/.test(name) || name.startsWith('[');
	return HOME.some((pattern) => pattern.test(name)) && (isAddress || !/^\d/.test(name));
}

const SAFE = new Set(['GET', 'HEAD', 'OPTIONS']);

/**
 * Why a request is refused, in words, or null. Its host must be one of ours, and whatever changes
 * something must come from a page of that same host.
 */
export function refusal(request: Request, listed: readonly string[]): string | null {
	const host = request.headers.get('host') ?? '';
	if (!isAllowedHost(host, listed)) {
		return `This server doesn’t answer to the name ${hostname(host) || '(none)'}. Add it to GATHER_BIN_HOSTS to allow it.`;
	}
	if (SAFE.has(request.method)) return null;
	const origin = request.headers.get('origin');
	if (origin === null) {
		const site = request.headers.get('sec-fetch-site');
		if (site === 'same-origin' || site === 'none') return null;
		return site === null
			? 'This form doesn’t say where it came from. Send it from a Gather Bin page.'
			: 'This form came from another site.';
	}
	let from: string;
	try {
		from = new URL(origin).host;
	} catch {
		return 'This form came from another site.';
	}
	return from === host ? null : 'This form came from another site.';
}
