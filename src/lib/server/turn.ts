import { json, type RequestHandler } from '@sveltejs/kit';
import { CoreError } from '$core/error.ts';
import { doerOf } from './act.ts';
import { store } from './household.ts';
import type { redo, undo } from './stores/changes.ts';

/** Answers a request to undo or redo: what was turned, or in words why it cannot be. */
export function turning(way: typeof undo | typeof redo): RequestHandler {
	return async (event) => {
		try {
			const { write } = await store();
			const done = await way(write, doerOf(event, null));
			return json({ changed: done.changed });
		} catch (error) {
			if (error instanceof CoreError) return json({ message: error.message }, { status: 409 });
			throw error;
		}
	};
}
