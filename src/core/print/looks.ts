/** A shape on a page that could be a card, as shares of the page from its upper left corner. */
export type Frame = {
	readonly x: number;
	readonly y: number;
	readonly width: number;
	readonly height: number;
};

/** How much of a page is in color, and how much is not white, as shares of its surface. */
export type PageLook = { readonly colored: number; readonly inked: number };
