import type { Handle, HandleServerError, ServerInit } from '@sveltejs/kit';
import { env } from '$env/dynamic/private';
import { faultText, StartRefusal } from '$lib/server/database/faults.ts';
import { pdfs } from '$lib/server/files/pdf/pdf-process.ts';
import { endNews } from '$lib/server/history/news.ts';
import { closeStore } from '$lib/server/live/data.ts';
import { startNightly } from '$lib/server/live/nightly.ts';
import { situation } from '$lib/server/live/now.ts';
import { ACTOR } from '$lib/server/requests/adult.ts';
import { refusal } from '$lib/server/requests/origin.ts';

export const init: ServerInit = async () => {
	try {
		// Computed before the first visitor asks, since a large library takes a while.
		await situation();
	} catch (error) {
		const why = error instanceof StartRefusal ? error.message : faultText(error);
		if (why === null) throw error;
		console.error(why);
		process.exit(1);
	}
	const stop = startNightly();
	process.once('sveltekit:shutdown', () => {
		stop();
		pdfs.close();
		void closeStore();
	});
	// Open streams would keep the server from ending.
	for (const signal of ['SIGINT', 'SIGTERM'] as const) process.once(signal, endNews);
};

const DEVICE = 'gather-bin-device';

export const handle: Handle = async ({ event, resolve }) => {
	const listed = (env.GATHER_BIN_HOSTS ?? '').split(/[\s,]+/).filter(Boolean);
	const refused = refusal(event.request, listed);
	if (refused)
		return new Response(refused, { status: 403, headers: { 'content-type': 'text/plain; charset=utf-8' } });

	let device = event.cookies.get(DEVICE);
	if (!device || !/^[a-f0-9]{32}$/.test(device)) {
		device = Array.from(crypto.getRandomValues(new Uint8Array(16)), (byte) =>
			byte.toString(16).padStart(2, '0')
		).join('');
		// Not a secret: it only says whose change is whose. Plain http on the home network has to carry it.
		event.cookies.set(DEVICE, device, { path: '/', maxAge: 400 * 24 * 3600, sameSite: 'lax', secure: false });
	}
	event.locals.device = device;
	event.locals.actor = event.cookies.get(ACTOR) ?? null;

	const response = await resolve(event, {
		// The two fonts of every page, in the letters that it is written in, before anything is drawn.
		preload: ({ type, path }) =>
			type === 'js' || type === 'css' || (type === 'font' && /-latin-wght-normal\./.test(path))
	});
	response.headers.set('x-content-type-options', 'nosniff');
	response.headers.set('referrer-policy', 'same-origin');
	// A family's pages are kept by nobody on the way; what a phone takes along its own worker keeps.
	if (!response.headers.has('cache-control')) response.headers.set('cache-control', 'private, no-store');
	return response;
};

/** What the framework itself refuses, in words. */
const REFUSED: Readonly<Record<number, string>> = {
	404: 'Page not found.',
	405: 'That can’t be done here.',
	413: 'That’s too much to send at once. Send it in parts.',
	415: 'That isn’t one of our forms. Reload the page.'
};

/** The one place for what nobody expected: said in words here, in full in the server's log. */
export const handleError: HandleServerError = ({ error, event, status }) => {
	if (status < 500) return { message: REFUSED[status] ?? 'That can’t be done. Reload the page.' };
	const fault = faultText(error);
	if (fault !== null) {
		console.error(`${event.request.method} ${event.url.pathname}: ${(error as Error).message}`);
		return { message: fault };
	}
	const reference = Math.random().toString(36).slice(2, 8);
	console.error(`[${reference}] ${event.request.method} ${event.url.pathname}`, error);
	return { message: 'Something went wrong. Nothing you saved is lost.', reference };
};
