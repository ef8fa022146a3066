import type { Cookies } from '@sveltejs/kit';

/** The cookie that says which adult uses this browser; the id of a person, or nothing. */
export const ACTOR = 'gather-bin-adult';

/** Keeps who uses this browser; null is anybody. */
export function setActor(cookies: Cookies, person: number | null): void {
	const options = { path: '/', sameSite: 'lax', secure: false, httpOnly: true } as const;
	if (person === null) cookies.delete(ACTOR, options);
	else cookies.set(ACTOR, String(person), { ...options, maxAge: 400 * 24 * 3600 });
}
