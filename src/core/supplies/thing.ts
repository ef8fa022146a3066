import { dimensionOf } from '../measure/index.ts';
import { nameKey } from '../naming/naming.ts';
import type { PlaceAtHome, Staple, Use } from '../reference/at-home.ts';
import { NO_THING } from '../reference/no-things.ts';
import { THINGS } from '../reference/things.ts';
import type { SupplyUse } from './net.ts';
import type { Unit } from '../reference/measures.ts';

/** What any sensible parent would say of a thing on a list. */
export type Thing =
	| { readonly notAThing: true; readonly use: null; readonly staple: null; readonly place: null }
	| {
			readonly notAThing: false;
			readonly use: Use;
			readonly staple: Staple;
			readonly place: PlaceAtHome;
	  };

type Said = { readonly use: Use; readonly staple: Staple; readonly place: PlaceAtHome };

const SAID: ReadonlyMap<string, Said> = new Map(
	THINGS.map(({ name, ...said }) => [nameKey(name), said] as const)
);
const NO_HEADS: ReadonlySet<string> = new Set(NO_THING.heads.map(nameKey));
/** Words behind which a name only tells more about its thing. */
const TELLS_MORE =
	/[ ,](?:with|without|for|about|from|in|on|to|that|which|such as|of your|or larger|per)(?= ).*$/;

/**
 * What a thing on a list is, from its name and its amount. The household's own answers replace it.
 * @example thingOf('clear tape', 1, 'each') // { use: 'some', staple: 'often', place: 'school supplies', notAThing: false }
 */
export function thingOf(item: string, quantity: number | null, unit: Unit): Thing {
	const name = item.toLowerCase().trim();
	if (NO_THING.words.test(name)) return NOTHING;
	const key = nameKey(name.replace(/[()“”"]/g, ' '));
	const bare = nameKey(key.replace(TELLS_MORE, ''));
	const said = SAID.get(key) ?? byEnd(bare);
	const isMeasured = quantity !== null && ['volume', 'mass'].includes(dimensionOf(unit));
	if (!said && !isMeasured && unit === 'each' && endsWith(bare, NO_HEADS)) return NOTHING;
	const found = said ?? byKind(bare, isMeasured);
	return { ...found, use: useOf(found, quantity, unit), notAThing: false };
}

/**
 * Whether a thing is usually used up, kept, or only some of it taken. It is a suggestion that the review shows and
 * the household's own choice replaces.
 * @example usualUse('clear tape', 1, 'each') === 'some'
 */
export function usualUse(item: string, quantity: number | null = null, unit: Unit = 'each'): SupplyUse {
	const { use } = thingOf(item, quantity, unit);
	return use === 'kept' || use === 'some' ? use : 'consumed';
}

const NOTHING: Thing = { notAThing: true, use: null, staple: null, place: null };

/** The longest name of the table that ends this one, or the thing before "of" ("slice of bread" is bread). */
function byEnd(key: string): Said | null {
	const words = key.split(' ');
	// A pitcher of water comes back, the water from the tap does not matter.
	if (VESSEL_OF_WATER.test(words.join(' '))) return byEnd(words.slice(0, words.indexOf('of')).join(' '));
	for (let from = 0; from < words.length; from++) {
		const said = SAID.get(words.slice(from).join(' '));
		if (said) return disposable(words.slice(0, from), said);
	}
	const of = words.indexOf('of');
	if (of > 0) return byEnd(words.slice(0, of).join(' '));
	return null;
}

/** A cup of paper and a box that is empty are no cup and no box of the house. */
function disposable(before: readonly string[], said: Said): Said {
	if (said.use !== 'kept') return said;
	if (before.some((word) => word === 'disposable' || word === 'paper' || word === 'styrofoam'))
		return { ...said, use: 'used up', staple: 'often' };
	if (before[0] === 'empty' || before[0] === 'recycled')
		return { use: 'used up', staple: 'often', place: 'recycling' };
	return said;
}

function endsWith(key: string, heads: ReadonlySet<string>): boolean {
	const words = key.split(' ');
	return words.some((_, from) => heads.has(words.slice(from).join(' ')));
}

const VESSEL_OF_WATER =
	/(?:^| )(?:pitcher|bucket|bowl|pan|tub|basin|dish|pail|glass|jug|spray bottle|sink) of (?:\w+ )*water$/;

/** Words by whose kind an unknown name is judged, the first that fits. */
const KINDS: readonly (readonly [RegExp, Said])[] = [
	[
		/\b(?:book|story|novel|guide|encyclopedia|biography|cookbook|anthology|series)\b/,
		{ use: 'kept', staple: 'rarely', place: 'bookshelf' }
	],
	[/\b(?:seed|bulb|seedling|sprout)$/, { use: 'used up', staple: 'rarely', place: 'outdoors or yard' }],
	[
		/\b(?:paper|program|invitation|certificate|flyer|cardstock|worksheet|printout|printable|page|template|pattern|coloring sheet|label|sticker)$/,
		{ use: 'used up', staple: 'often', place: 'school supplies' }
	],
	[
		/\b(?:paint|dye|glaze|ink|varnish|glue|adhesive|cement)$/,
		{ use: 'some', staple: 'rarely', place: 'art supplies' }
	],
	[
		/\b(?:fabric|cloth|felt|yarn|ribbon|thread|lace|wool|cotton|silk)$/,
		{ use: 'used up', staple: 'rarely', place: 'sewing box' }
	],
	[/\b(?:costume|hat|shirt|robe|dress|vest|shoe|sock)$/, { use: 'kept', staple: 'often', place: 'closet' }],
	[
		/\b(?:juice|sauce|soup|bread|cheese|meat|candy|cookie|cracker|cereal|berry|fruit|vegetable|bean|nut|flour|sugar|syrup|powder|mix|dough|cake|pie|milk|cream|butter|oil|vinegar|spice|herb|leaf|chip|snack|drink|tea|food|pepper|salad|pasta|rice|grain|fish|egg|refreshments)$/,
		{ use: 'used up', staple: 'often', place: 'pantry' }
	],
	[
		/\b(?:acid|solution|chloride|sulfate|oxide|carbonate|indicator|specimen|culture|larva|powdered|crystal|charcoal|plaster)\b/,
		{ use: 'used up', staple: 'rarely', place: 'shop only' }
	],
	[
		/\b(?:game|toy|puzzle|doll|ball|block|car|truck|animal|figure)$/,
		{ use: 'kept', staple: 'often', place: 'games and toys' }
	],
	[
		/\b(?:wrench|saw|drill|clamp|bolt|screwdriver|tool|pipe|lumber|board|plank|bracket|hose|hook|rope|cable)$/,
		{ use: 'kept', staple: 'often', place: 'toolbox or garage' }
	],
	[
		/\b(?:pan|bowl|pot|dish|spoon|cup|mug|plate|tray|cutter|knife|cooker|maker)$/,
		{ use: 'kept', staple: 'often', place: 'kitchen' }
	],
	[
		/\b(?:box|carton|lid|cap|tube|bottle|can|container|wrapper)$/,
		{ use: 'used up', staple: 'often', place: 'recycling' }
	],
	[/\b(?:bag|napkin|straw|filter)$/, { use: 'used up', staple: 'often', place: 'kitchen' }],
	[
		/\b(?:stick|bead|button|feather|foam|clay|wax|stem|glitter)$/,
		{ use: 'used up', staple: 'often', place: 'art supplies' }
	],
	[
		/\b(?:map|chart|poster|card|model|globe|notebook|pen|pencil|marker|crayon)$/,
		{ use: 'kept', staple: 'often', place: 'school supplies' }
	],
	[
		/\b(?:rock|stone|shell|branch|flower|plant|soil|moss|bark|water)$/,
		{ use: 'used up', staple: 'often', place: 'outdoors or yard' }
	]
];

/** What a name that no table knows most likely is. */
function byKind(key: string, isMeasured: boolean): Said {
	const kind = KINDS.find(([words]) => words.test(key))?.[1];
	if (kind) return kind;
	return isMeasured
		? { use: 'used up', staple: 'rarely', place: 'pantry' }
		: { use: 'kept', staple: 'rarely', place: 'shop only' };
}

/** The amount decides between a roll of something and a length of it. */
function useOf({ use, place }: Said, quantity: number | null, unit: Unit): Use {
	if (unit === 'drop' || unit === 'pinch') return 'some';
	const dimension = quantity === null ? 'count' : dimensionOf(unit);
	if (dimension === 'volume' || dimension === 'mass') return 'used up';
	if (dimension === 'length' && use !== 'kept') return 'used up';
	return unit === 'sheet' && use === 'some' && place === 'kitchen' ? 'used up' : use;
}
