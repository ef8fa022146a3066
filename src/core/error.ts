/**
 * What is refused: a sentence fit for a parent, and the place of the value it speaks of
 * (`lessons[2].sessions`, or the name of a form's field), or null when no single value is at fault.
 */
export class Refusal extends Error {
	override readonly name: string = 'Refusal';
	constructor(
		message: string,
		readonly path: string | null = null
	) {
		super(message);
	}

	/** The same, said of another field. */
	at(path: string): Refusal {
		return new Refusal(this.message, path);
	}
}

/** The one error that the core throws. */
export class CoreError extends Refusal {
	override readonly name = 'CoreError';
}
