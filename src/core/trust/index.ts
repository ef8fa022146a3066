/** Keeping what a family wrote down: which backups stay. */
export { keptBackups, type Kept } from './rotation.ts';
