/** Most that an answer from outside may have, in bytes. */
const MOST_BYTES = 1_000_000;

/** An answer as JSON, read only as far as one of ours can be. @throws when it is longer, or no JSON. */
export async function smallJson(response: Response): Promise<unknown> {
	const parts: Uint8Array[] = [];
	let size = 0;
	for await (const part of response.body ?? []) {
		size += part.length;
		if (size > MOST_BYTES) throw new Error('The answer is too long.');
		parts.push(part);
	}
	return JSON.parse(Buffer.concat(parts).toString('utf8')) as unknown;
}
