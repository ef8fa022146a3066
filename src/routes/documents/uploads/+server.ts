import { json, type RequestHandler } from '@sveltejs/kit';
import Joi from 'joi';
import { beginUpload } from '$lib/server/files/documents.ts';
import { situation } from '$lib/server/live/now.ts';
import { answering, checked } from '$lib/server/requests/form-action.ts';
import { printingIn } from '$lib/server/services/print/printing-in.ts';

const begin = Joi.object<{ name: string; size: number; changed: number }>({
	name: Joi.string().max(300).required(),
	size: Joi.number().integer().min(0).required(),
	changed: Joi.number().required()
});

/** Begins an upload, or says how far the same one has come. */
export const POST: RequestHandler = ({ request, locals }) =>
	answering(
		async () => {
			const { snapshot } = await situation();
			const asked = checked(begin, await request.json().catch(() => null));
			return json(await beginUpload(locals.device, asked, printingIn(snapshot).most));
		},
		({ message }) => json({ message }, { status: 400 })
	);
