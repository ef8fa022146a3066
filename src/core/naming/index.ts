/**
 * Names of things: singular and plural, the form that goes with a count, and the key under which two spellings of
 * one name are the same.
 */
export { isStuff, nameForCount, nameKey, singularName, singularWord, withCapitals } from './naming.ts';
