import type { Cookies } from '@sveltejs/kit';

const SAID = 'gather-bin-said';
/** A cookie has room for no more, whatever the letters. */
const MOST = 300;

/** Keeps what was done over a redirect, so that the next page can say it and offer Undo. */
export function sayAfterRedirect(cookies: Cookies, label: string | null): void {
	if (label)
		cookies.set(SAID, label.length > MOST ? `${label.slice(0, MOST)} …` : label, {
			path: '/',
			maxAge: 60,
			sameSite: 'lax',
			secure: false,
			httpOnly: true
		});
}

/** What the page before wanted said; only once. */
export function takeSaid(cookies: Cookies): { label: string } | null {
	const label = cookies.get(SAID);
	if (!label) return null;
	cookies.delete(SAID, { path: '/', secure: false });
	return { label };
}
