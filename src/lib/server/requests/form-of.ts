import { Refusal } from '$core/error.ts';

/** The longest review of a list shows a few hundred rows of a dozen fields; nothing of ours has more than this. */
const MOST_FIELDS = 30_000;
/** An id that a device gives to what it sends. */
const OPERATION = /^[\w-]{1,64}$/;

/**
 * The fields of a form as they arrived.
 * @throws Refusal where they did not arrive whole, or where there are more than any form of ours has.
 */
export async function formOf(request: Request): Promise<FormData> {
	const type = request.headers.get('content-type') ?? '';
	const bytes = Buffer.from(await request.arrayBuffer());
	const boundary = /boundary="?([^";]+)/.exec(type)?.[1];
	if (isOver(bytes, boundary ? `--${boundary}` : '&', MOST_FIELDS))
		throw new Refusal('That form has more fields than this house has forms for. Load the page again.');
	try {
		return await new Response(bytes, { headers: { 'content-type': type } }).formData();
	} catch {
		throw new Refusal('The form did not arrive whole. What you typed is still on this page; send it again.');
	}
}

function isOver(bytes: Buffer, separator: string, most: number): boolean {
	let at = -1;
	for (let i = 0; i <= most; i++) {
		at = bytes.indexOf(separator, at + 1);
		if (at < 0) return false;
	}
	return true;
}

/**
 * The id under which a form may be sent twice and counts once; of one action only, so that no other is ever
 * answered by it. Null where it has none. @throws Refusal where it is none of ours.
 */
export function operationOf(form: FormData, url: URL): string | null {
	const id = form.get('operation');
	if (id === null || id === '') return null;
	if (typeof id !== 'string' || !OPERATION.test(id))
		throw new Refusal('The form did not arrive whole. What you typed is still on this page; send it again.');
	return `${url.pathname}${url.search} ${id}`.slice(-200);
}
