/** What a household has said and done, as rows: all that the account is computed from. */
export { type HouseBinders } from './binders.ts';
export { type Bit, type HabitKind } from './columns.ts';
export { type Json, json, parsed } from './json.ts';
export { type AtLibrary } from './library.ts';
export { enoughByItem, lotsByItem, placeByLot, stateByKey, usedIn, usesByLesson } from './lookups.ts';
export { type Moment } from './moment.ts';
export { type RunSet, SOURCE_KINDS, type SourceKind } from './print.ts';
export { once, remember } from './remember.ts';
export { type SetOut } from './setout.ts';
export { type Filled, type Columns } from './columns.ts';
export { thingId, thingRef, type ThingId, type ThingRef } from './thing-id.ts';
export { KEPT, TRACKED, type Lists, type Row, type Tables, type TrackedTable } from './tables.ts';
export { byId, colorKey, linesOfLessons, type Colors, type Snapshot } from './snapshot.ts';
