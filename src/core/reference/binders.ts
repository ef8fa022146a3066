import { PRACTICE } from './sources.ts';

/** What a sheet gets around it when it is filed: mm a sheet, and g/m² of it (common practice). */
export const FILED_AS = {
	none: { name: 'bare', thick: 0, grams: 0, source: PRACTICE },
	protector: { name: 'in a protector', thick: 0.27, grams: 160, source: PRACTICE },
	laminate3: { name: 'laminated, 3 mil', thick: 0.152, grams: 180, source: PRACTICE },
	laminate5: { name: 'laminated, 5 mil', thick: 0.254, grams: 300, source: PRACTICE }
} as const;
export type FiledAs = keyof typeof FILED_AS;

/** Dividers: mm and grams each. */
export const TABS = {
	plain: { thick: 0.3, grams: 20, source: PRACTICE },
	pocket: { thick: 0.9, grams: 45, source: PRACTICE }
} as const;

/** D-shaped rings by nominal size, the stack that they hold, mm, from sheet counts that are usual on binders, and the empty binder's weight. */
export const RINGS = [
	{ size: 13, inches: '½', holds: 9, emptyKg: 0.3, source: PRACTICE },
	{ size: 25, inches: '1', holds: 21, emptyKg: 0.4, source: PRACTICE },
	{ size: 38, inches: '1½', holds: 33, emptyKg: 0.5, source: PRACTICE },
	{ size: 51, inches: '2', holds: 45, emptyKg: 0.6, source: PRACTICE },
	{ size: 76, inches: '3', holds: 66, emptyKg: 0.8, source: PRACTICE },
	{ size: 102, inches: '4', holds: 86, emptyKg: 1.0, source: PRACTICE }
] as const;

/** How rings are bent. Round ones leave corners of the paper unused and hold about a quarter less (common practice). */
export const RING_SHAPES = { D: 1, round: 0.75 } as const;
export type RingShape = keyof typeof RING_SHAPES;

/** Coils by diameter, mm, and how much wider than its stack one has to be. */
export const COILS = [6, 8, 10, 12, 14, 16, 18, 20, 22, 25, 28, 30, 32, 38, 45, 50] as const;
export const COIL_CLEARANCE = 3.2;

/** A folder with three prongs holds about a hundred sheets, mm; empty it weighs so much, kg. */
export const PRONGS = { holds: 10, emptyKg: 0.06, source: PRACTICE } as const;

/**
 * What one of each holds, mm of paper (common practice, as tried with a ream): an envelope for letter paper lying flat,
 * a large binder clip, a zip bag, a folder with two pockets, one pocket of an expanding file, and how many it has.
 */
export const HOLDS = {
	envelope: 12,
	clip: 25,
	bag: 15,
	folder: 10,
	filePocket: 25,
	source: PRACTICE
} as const;
export const FILE_POCKETS = 13;

/** Empty weights of what else keeps papers, kg. */
export const EMPTY_KG = { coil: 0.03, file: 0.9, loose: 0 } as const;
