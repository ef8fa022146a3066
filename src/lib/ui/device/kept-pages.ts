/** Pages that open without a network: what is next, what nobody has spoken of, the walk, the errands, the library trip, what is wanted, the week. */
export const KEPT_PAGES = [
	'/',
	'/lists/have',
	'/lists/walk',
	'/lists/errands',
	'/lists/library',
	'/lists/borrow',
	'/lists/wanted',
	'/week'
] as const;

/** Whether a page is kept; of a unit, the sheets that are printed or carried along; a day’s sheet. */
export function isKept(path: string): boolean {
	return (
		KEPT_PAGES.some((one) => one === path) ||
		/^\/week\/\d{4}-\d\d-\d\d$|^\/units\/\d+(\/gather|\/plan\/paper)?$/.test(path)
	);
}
