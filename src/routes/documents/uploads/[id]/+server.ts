import { json, type RequestHandler } from '@sveltejs/kit';
import { dropUpload, takePart } from '$lib/server/files/documents.ts';
import { answering } from '$lib/server/requests/form-action.ts';

/** Takes a part of a file; answers how far it has come, whatever came before. */
export const PUT: RequestHandler = ({ request, params, url }) =>
	answering(
		async () =>
			json(
				await takePart(
					params.id!,
					Number(url.searchParams.get('at') ?? Number.NaN),
					new Uint8Array(await request.arrayBuffer())
				)
			),
		({ message }) => json({ message }, { status: 400 })
	);

export const DELETE: RequestHandler = async ({ params }) => {
	await dropUpload(params.id!);
	return new Response(null, { status: 204 });
};
