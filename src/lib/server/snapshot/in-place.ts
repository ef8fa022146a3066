/** What stands in the place of something that could not be worked out. */
export type InPlace<T> = { readonly value: T; readonly trouble: string | null };

/**
 * Works one part of a page out. What fails is said in one sentence in its place, in full in the server's log, and the
 * rest of the page goes on.
 */
export function inPlace<T>(name: string, work: () => T, otherwise: T): InPlace<T> {
	try {
		return { value: work(), trouble: null };
	} catch (error) {
		console.error(`${name}:`, error);
		return {
			value: otherwise,
			trouble: `${name} couldn’t be worked out. Nothing you saved is lost; undo your last change there.`
		};
	}
}
