import { json, type RequestHandler } from '@sveltejs/kit';
import type { redo, undo } from '../history/changes.ts';
import { opened } from '../live/data.ts';
import { answering, doerOf } from './form-action.ts';

/** Answers a request to undo or redo: what was turned, or in words why it cannot be. */
export function turning(way: typeof undo | typeof redo): RequestHandler {
	return (event) =>
		answering(
			async () => {
				const { write } = await opened();
				const done = await way(write, doerOf(event, null));
				return json({ changed: done.changed });
			},
			({ message }) => json({ message }, { status: 409 })
		);
}
