/**
 * The one error that the core throws: a sentence fit for a parent, and the place of the value
 * it speaks of (`lessons[2].sessions`), or null when no single value is at fault.
 */
export class CoreError extends Error {
	override readonly name = 'CoreError';
	constructor(
		message: string,
		readonly path: string | null = null
	) {
		super(message);
	}
}
