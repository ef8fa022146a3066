import { json } from '@sveltejs/kit';
import { situation } from '$lib/server/household.ts';
import { findAnything } from '$lib/server/services/find.ts';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ url }) =>
	json(findAnything(await situation(), (url.searchParams.get('q') ?? '').slice(0, 200)));
