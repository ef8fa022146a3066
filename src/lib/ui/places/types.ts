/** A place with all that is inside it, as the tree shows it. */
export type PlaceNode = {
	readonly id: number;
	readonly name: string;
	readonly kind: string;
	readonly parent: number | null;
	readonly collects: readonly string[];
	readonly things: readonly string[];
	readonly cautions: readonly string[];
	readonly length: string;
	readonly width: string;
	readonly height: string;
	readonly floor: string;
	readonly inside: readonly PlaceNode[];
};
