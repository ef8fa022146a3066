/**
 * Supplies: reading the lists that books print, exploding them over children and lessons, netting
 * them against the stash, and comparing a list pasted again with what is there.
 */
export { readSupplyLine } from './read/line.ts';
export type { Alternative, ReadLine } from './read/read-line.ts';
export { readingOf, readSupplyList, type LeftOut, type ListedLine, type ReadList } from './list/read-list.ts';
export { dividedOver } from './list/spread.ts';
export type { ListForm } from './list/form.ts';
export { DOUBT } from './read/doubts.ts';
export { readStashLine, type KnownPlace, type StashLine } from './read/stash-line.ts';
export { readQuantity } from './read/quantity.ts';
export { readPack, type Pack } from './read/pack.ts';
export { readUnit } from './read/unit.ts';
export type { Per } from './read/scope.ts';
export { compareLists, type ChangedField, type Difference, type KnownLine, type Match } from './compare.ts';
export { holdBack } from './hold-back.ts';
export { grossAmount, multiplier, type Demand } from './explode.ts';
export {
	netSupplies,
	compareText,
	type Lot,
	type NetLine,
	type NetRow,
	type ServedLine,
	SUPPLY_USES,
	type SupplyUse
} from './net.ts';
export { requirements, type RequirementsInput, type RequirementsRow } from './requirements.ts';
export { thingOf, usualUse, type Thing } from './thing.ts';
export { alikeNames, type Alike } from './alike.ts';
export { together } from './together.ts';
