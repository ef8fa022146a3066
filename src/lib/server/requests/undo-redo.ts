import { json, type RequestHandler } from '@sveltejs/kit';
import { CoreError } from '$core/error.ts';
import type { redo, undo } from '../history/changes.ts';
import { store } from '../live/data.ts';
import { doerOf } from './form-action.ts';

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
