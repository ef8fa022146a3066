import { error, type RequestHandler } from '@sveltejs/kit';
import { pictureOf, type PictureSize } from '$lib/server/live/documents.ts';
import { opened } from '$lib/server/live/data.ts';
import { situation } from '$lib/server/live/now.ts';
import { answering } from '$lib/server/requests/form-action.ts';

/** The picture of a page. */
export const GET: RequestHandler = async ({ params }) => {
	const { snapshot } = await situation();
	const document = snapshot.documents.find((one) => one.sha256 === params.file);
	const page = Number(params.page);
	const size = params.size as PictureSize;
	if (!document || !Number.isInteger(page) || page < 1 || page > document.pages) error(404, 'No page here.');
	if (size !== 'small' && size !== 'large') error(404, 'No page here.');
	return answering(
		async () =>
			new Response(new Uint8Array(await pictureOf(await opened(), document.sha256, page, size)), {
				// It is named by the hash of the file, so it never changes.
				headers: { 'content-type': 'image/jpeg', 'cache-control': 'private, max-age=31536000, immutable' }
			}),
		({ message }) => error(422, message)
	);
};
