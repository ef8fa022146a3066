/**
 * Amounts and their units: exact fractions, US and metric measures, volume to mass by density,
 * and amounts written for people ("1 ½ cups").
 */
export * from './convert.ts';
export * from './exact.ts';
export * from './format.ts';
export * from './system.ts';
export type { Unit } from '../reference/measures.ts';
