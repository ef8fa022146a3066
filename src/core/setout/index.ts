/**
 * Setting out: which trays stand on the activity shelf in which week and who reaches them, what hangs on the wall, and
 * what is read from the morning basket.
 */
export {
	BASKET_MINUTES,
	chooserOn,
	endsOn,
	isReadOn,
	pagesOn,
	TOO_LONG_MINUTES,
	type BasketDays,
	type PageADay
} from './basket.ts';
export { easyReach, shelfChild, type ShelfChild } from './reach.ts';
export { followShelf, type Followed } from './follow-shelf.ts';
export { leftOut, leftOutText } from './left-out.ts';
export { planShelf } from './plan-shelf.ts';
export {
	boardsFor,
	brokenRules,
	isForWeek,
	inWeek,
	GAP,
	inDangerAt,
	onDaysWithout,
	widthOf,
	withoutTray,
	type Board,
	type Broken,
	type LeftOut,
	type ShelfInput,
	type ShelfWeek,
	type Standing,
	type Tray
} from './shelf-rules.ts';
export { timesFrom } from './times.ts';
export {
	fullAt,
	hangPosters,
	layWall,
	placeCards,
	placeName,
	wallSteps,
	type Poster,
	type PosterLayout,
	type Spot,
	type Wall,
	type WallLayout,
	type WallStep
} from './wall.ts';
export { fillingOf, isFillingDue } from './filling.ts';
