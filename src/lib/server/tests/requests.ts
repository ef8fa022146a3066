import { isHttpError, isRedirect } from '@sveltejs/kit';

/** A page's or file's route as its folder names it, from the path of its server file. */
export function routeOf(file: string): string {
	return file.replace('/src/routes', '').replace(/\/\+((page|layout)\.)?server\.ts$/, '');
}

/** The names of a route's parameters, in order. */
export function paramNames(route: string): string[] {
	return [...route.matchAll(/\[(\w+)\]/g)].map(([, name]) => name);
}

/** A request as a load function, an action or an endpoint is given it. */
export function requestEvent(
	route: string,
	params: Readonly<Record<string, string>>,
	{ query = '', form }: { query?: string; form?: Readonly<Record<string, string>> } = {}
) {
	const path = route.replace(/\[(\w+)\]/g, (_, name: string) => encodeURIComponent(params[name] ?? '1'));
	const url = new URL(`http://localhost${path}?${query}`);
	let body: FormData | undefined;
	if (form) {
		body = new FormData();
		for (const [name, value] of Object.entries(form)) body.set(name, value);
	}
	return {
		params,
		url,
		route: { id: route },
		locals: { device: 'laptop', actor: null },
		request: new Request(url, { method: body ? 'POST' : 'GET', body }),
		cookies: { get: () => undefined, set: () => undefined, delete: () => undefined },
		setHeaders: () => undefined,
		depends: () => undefined,
		untrack: <T>(work: () => T) => work(),
		parent: () => Promise.resolve({})
	};
}

/** What was answered, or with which status it was refused; where to go next is an answer without data. */
export type Answered = { readonly data?: unknown; readonly refused?: number; readonly message?: string };

/** Asks, and turns redirects and refusals into answers; a fault of the server's own stays one. */
export async function settled(work: () => unknown): Promise<Answered> {
	try {
		return { data: await work() };
	} catch (thrown) {
		if (isRedirect(thrown)) return {};
		if (isHttpError(thrown) && thrown.status < 500)
			return { refused: thrown.status, message: thrown.body.message };
		throw thrown;
	}
}
