import type { HandleClientError } from '@sveltejs/kit';

/** Without a network data cannot be fetched; that is no fault, and the page says what to do. */
export const handleError: HandleClientError = ({ error, message }) => {
	if (error instanceof TypeError && /fetch|network/i.test(error.message))
		return { message: 'Can’t reach Gather Bin right now. What you checked off is saved on this device.' };
	console.error(error);
	return { message };
};
