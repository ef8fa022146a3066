import type { Day } from '../calendar/index.ts';
import type { Snapshot } from './snapshot.ts';

/** The household's data as they stand, and the day that it is there: all that a computation may know. */
export type Moment = { readonly snapshot: Snapshot; readonly today: Day };
