/** A place with all that is inside it, in walking order. */
export type PlaceNode = {
	readonly id: number;
	readonly name: string;
	readonly kind: 'room' | 'furniture' | 'shelf' | 'box';
	readonly parent: number | null;
	/** Names of the units that collect here. */
	readonly collects: readonly string[];
	readonly things: readonly string[];
	/** What is to be minded here, in words. */
	readonly cautions: readonly string[];
	/** Inner measures and height above the floor, as one types them. */
	readonly length: string;
	readonly width: string;
	readonly height: string;
	readonly floor: string;
	readonly inside: readonly PlaceNode[];
};
