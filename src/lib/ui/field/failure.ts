/** What a form's action answers where it was refused: the sentence, the field it is about, what was typed. */
export type Failure = {
	readonly message?: string;
	/** Name of the field. */
	readonly path?: string | null;
	readonly typed?: Readonly<Record<string, string>>;
} | null;
