/**
 * Cautions: the usual warnings about a thing for those who take part, by their age on the day and
 * their allergies. They inform, and never block; labels and licensed practice come first.
 */
export { allergiesIn, hidesIn, mayHold, type Allergy } from './allergens.ts';
export { cautionsFor, isGrave, monthsOld, yearsOld, type Caution, type Participant } from './cautions.ts';
export { furnitureCaution, TALL_FURNITURE } from './furniture.ts';
export { reachOf, withinReach, type Reacher } from './reach.ts';
