/**
 * The tables that the core computes with, as data, each row with its source, so that a screen can
 * show why a number is what it is.
 */
export * from './caution-rules.ts';
export * from './densities.ts';
export * from './list-words.ts';
export * from './measures.ts';
export * from './reach.ts';
export * from './sources.ts';
