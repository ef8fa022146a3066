import { json } from '@sveltejs/kit';
import { opened } from '$lib/server/live/data.ts';
import { situation } from '$lib/server/live/now.ts';
import { findAnything } from '$lib/server/services/find/find-anything.ts';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ url }) =>
	json(
		await findAnything(
			(await opened()).read,
			await situation(),
			(url.searchParams.get('q') ?? '').slice(0, 200)
		)
	);
