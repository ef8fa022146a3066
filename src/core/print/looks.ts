/** A shape on a page that could be a card, as shares of the page from its upper left corner. */
export type Frame = {
	readonly x: number;
	readonly y: number;
	readonly width: number;
	readonly height: number;
};

/** What is read on a page: its words, the shapes on it that could be cards, and its largest words. */
export type PageWords = {
	readonly text: string;
	readonly frames: readonly Frame[];
	readonly heading: string;
};

/** How far from each of its edges the ink of a page begins, as shares of its width and height. A white page begins nowhere: all are 1. */
export type Ink = {
	readonly left: number;
	readonly top: number;
	readonly right: number;
	readonly bottom: number;
};

/** What the picture of a page tells. */
export type PageLook = {
	/** How much of it is in color, and how much is not white, as shares of its surface. */
	readonly colored: number;
	readonly inked: number;
	readonly ink: Ink;
	/** By which pictures that look alike are known: 64 bits as hexadecimal text, few of which differ between two of them. */
	readonly likeness: string;
};
