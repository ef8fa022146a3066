/**
 * Looking: what a household knows of a thing without counting it, where it may lie, and how long a hunt takes.
 */
export { knowledgeOf, type Knowledge, type Known, type Statement } from './knowledge.ts';
export { likelyPlaces, type HousePlace } from './places.ts';
export { huntMinutes } from './minutes.ts';
