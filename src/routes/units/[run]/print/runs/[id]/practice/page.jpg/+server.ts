import { error, type RequestHandler } from '@sveltejs/kit';
import { pictureOfFile } from '$lib/server/live/print-files.ts';
import { answering } from '$lib/server/requests/form-action.ts';
import { askedFile } from '$lib/server/requests/asked-file.ts';

/** A page of a run’s print file as a picture: what the practice printer puts onto paper. */
export const GET: RequestHandler = ({ params, url }) =>
	answering(
		async () => {
			const picture = await pictureOfFile(
				await askedFile(params, url),
				Math.max(0, Number(url.searchParams.get('page') ?? 0) || 0)
			);
			return new Response(new Uint8Array(picture), { headers: { 'content-type': 'image/jpeg' } });
		},
		({ message }) => error(422, message)
	);
