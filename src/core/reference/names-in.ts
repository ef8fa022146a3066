/** Names with commas between, over several lines. */
export function namesIn(list: string): string[] {
	return list.split(',').map((name) => name.trim().replace(/\s+/g, ' '));
}
