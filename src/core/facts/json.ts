declare const holds: unique symbol;

/** A value of one type, kept as JSON text in a column. */
export type Json<T> = string & { readonly [holds]: T };

/** Values as stored; the same few texts come a thousand times in one computation. */
const values = new Map<string, unknown>();
const MOST_VALUES = 1000;

/**
 * The text of a value as its column keeps it.
 *
 *     json([2, 4])   // '[2,4]'
 */
export function json<T>(value: T): Json<T> {
	return JSON.stringify(value) as Json<T>;
}

/** The value that a column's text stands for; shared, so it is never changed. */
export function parsed<T>(text: Json<T>): T {
	let value = values.get(text);
	if (value === undefined) {
		if (values.size >= MOST_VALUES) values.clear();
		values.set(text, (value = JSON.parse(text) as unknown));
	}
	return value as T;
}
