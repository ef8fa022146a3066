/**
 * How thick a book stands on the shelf. Common practice, no source: copy paper of 0.097 mm a leaf, two
 * pages on each; covers of 0.3 mm (soft) or 3 mm (hard) each, and 1.5 mm for the joint of a hard one.
 */
const LEAF_MM = 0.097;
const SOFT_COVERS_MM = 0.6;
const HARD_COVERS_MM = 7.5;
/** What a book takes when nobody has counted its pages. */
const USUAL_PAGES = 64;

/** The thickness of a spine in mm: as measured, else from its pages. */
export function spineWidth(book: {
	readonly widthMm: number | null;
	readonly pages: number | null;
	readonly hardcover: boolean;
}): number {
	if (book.widthMm !== null) return book.widthMm;
	const leaves = Math.ceil((book.pages ?? USUAL_PAGES) / 2);
	return leaves * LEAF_MM + (book.hardcover ? HARD_COVERS_MM : SOFT_COVERS_MM);
}
