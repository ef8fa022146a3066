/** Pages that open without a network: what is next, what nobody has spoken of, the walk, the errands, the library trip, what is wanted. */
export const KEPT_PAGES = [
	'/',
	'/lists/have',
	'/lists/walk',
	'/lists/errands',
	'/lists/library',
	'/lists/borrow',
	'/lists/wanted'
] as const;

/** Whether a page is kept; of a unit, the sheets that are printed or carried along. */
export function isKept(path: string): boolean {
	return KEPT_PAGES.some((one) => one === path) || /^\/units\/\d+(\/gather|\/plan\/paper)?$/.test(path);
}
