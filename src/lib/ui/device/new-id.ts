/** An id that works without a secure context, as on the phone over plain http. */
export function newId(): string {
	return Array.from(crypto.getRandomValues(new Uint8Array(12)), (byte) =>
		byte.toString(16).padStart(2, '0')
	).join('');
}
