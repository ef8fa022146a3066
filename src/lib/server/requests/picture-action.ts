import { formOf } from './form-of.ts';
import type { RequestEvent } from '@sveltejs/kit';
import { Refusal } from '$core/error.ts';
import { keepPicture } from '../files/pictures.ts';
import { change, type Trx } from '../history/changes.ts';
import { opened } from '../live/data.ts';
import { answering, atItsField, doerOf } from './form-action.ts';

/** Takes a picture from a form and gives its name to whatever it belongs to; what else the form says goes with it. */
export function pictureAction(
	event: RequestEvent,
	label: string,
	keep: (trx: Trx, picture: string, form: FormData) => Promise<void>
) {
	return answering(async () => {
		const form = await formOf(event.request);
		const file = form.get('picture');
		if (!(file instanceof File) || file.size === 0)
			throw new Refusal('Take or choose a picture first.', 'picture');
		const picture = await keepPicture(new Uint8Array(await file.arrayBuffer()));
		const { write } = await opened();
		const done = await change(write, doerOf(event, null), label, (trx) => keep(trx, picture, form));
		return { changed: done.changed };
	}, atItsField<Record<string, string>>({}));
}
