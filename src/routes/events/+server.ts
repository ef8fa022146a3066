import type { RequestHandler } from '@sveltejs/kit';
import { revisionOf } from '$lib/server/history/changes.ts';
import { listen, type News } from '$lib/server/history/news.ts';
import { opened } from '$lib/server/live/data.ts';

const HEARTBEAT_MS = 20_000;

/** Server-sent events: a line for every change of the household's data. */
export const GET: RequestHandler = async ({ request }) => {
	const revision = await revisionOf((await opened()).read);
	const text = new TextEncoder();
	let end = () => {};
	const body = new ReadableStream<Uint8Array>({
		start(controller) {
			const send = (line: string) => controller.enqueue(text.encode(line));
			const stop = listen((news) => {
				if (news) send(`data: ${JSON.stringify(news)}\n\n`);
				else end();
			});
			const heart = setInterval(() => send(': still here\n\n'), HEARTBEAT_MS);
			end = () => {
				clearInterval(heart);
				stop();
				try {
					controller.close();
				} catch {
					// The browser has closed it already.
				}
			};
			request.signal.addEventListener('abort', end);
			// The first line says where the data stands: something may have changed while nobody listened.
			send(`retry: 2000\ndata: ${JSON.stringify({ revision } satisfies News)}\n\n`);
		},
		cancel: () => end()
	});
	return new Response(body, {
		headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store', 'x-accel-buffering': 'no' }
	});
};
