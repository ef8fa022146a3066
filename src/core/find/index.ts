/**
 * Find: how well a typed text fits a name, forgiving number, capitals, accents and typing errors.
 */
export { saidIn, type Said } from './said.ts';
export { findBest, type Findable } from './find.ts';
