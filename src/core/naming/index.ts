/**
 * Names of things: singular and plural, the form that goes with a count, and the key under which two spellings of
 * one name are the same.
 */
export { nameForCount, nameKey, singularName, singularWord } from './naming.ts';
