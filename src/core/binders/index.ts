export { coilFor, ringsFor, thickness, type Layer, type Stack, type StackInput } from './thickness.ts';
