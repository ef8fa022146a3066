/** The house as a parent would say it: people and places, each in a line. */
export { MOST_DEEP, placeKind, readPlaces, type PlaceKind, type TypedPlace } from './read-place.ts';
export { levelsText, readLevels, type ReadingLevel } from './read-levels.ts';
export { bornAbout, latestBirth, type Born } from './age.ts';
export { isDayFirst } from './day-first.ts';
export { readPeople, type TypedPerson } from './read-person.ts';
