import { error, type RequestHandler } from '@sveltejs/kit';
import { readPicture } from '$lib/server/files/pictures.ts';

export const GET: RequestHandler = async ({ params }) => {
	const picture = await readPicture(params.name ?? '');
	if (!picture) error(404, 'No picture here.');
	return new Response(new Uint8Array(picture.bytes), {
		// Its name is the hash of its bytes, so it never changes.
		headers: { 'content-type': picture.type, 'cache-control': 'private, max-age=31536000, immutable' }
	});
};
