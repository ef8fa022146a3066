import { nameKey } from '../../naming/naming.ts';
import { MATERIALS, SIZES, STATES } from '../../reference/list-words.ts';
import { THINGS } from '../../reference/things.ts';
import { amountAt } from './amount.ts';
import { isColour, isRemark } from './remarks.ts';
import { thingScope } from './scope.ts';

const KNOWN: ReadonlySet<string> = new Set(THINGS.map(({ name }) => nameKey(name)));
/** Of what kind a thing is, where an index puts it behind: "paper, construction". Common practice. */
const KINDS: ReadonlySet<string> = new Set(
	(
		'construction tissue graph index lima dried canned frozen ground clear white brown granulated powdered ' +
		'garden potting craft pipe masking clear scotch duct electrical copy printer lined unlined waxed parchment ' +
		'crepe butcher kraft poster bubble garbage mason baby measuring mixing serving food hot cold disposable ' +
		'uncooked cooked unsalted salted whole all-purpose self-rising bar horseshoe rubber cotton quart pint gallon ' +
		'zip snack sandwich freezer'
	).split(' ')
);

const isKindWord = (word: string) =>
	SIZES.has(word) || MATERIALS.has(word) || STATES.has(word) || KINDS.has(word) || isColour(word);

/** A line of an index as it would be said, and whether it could be read otherwise, too. */
export type Indexed = { readonly line: string; readonly isSure: boolean };

/**
 * "soil, garden, 2 cups": an index puts the kind behind the thing, and a bare amount behind both. Null where it is no
 * such line: the last part names a thing itself, or those in front are things of their own.
 *
 * @example indexed('cups, clear plastic, 2 per child') // { line: '2 clear plastic cups per child', isSure: true }
 */
export function indexed(line: string): Indexed | null {
	if (/[;()]|\b(?:or|and)\b/i.test(line)) return null;
	const parts = line.split(/\s*,\s+/);
	if (parts.length < 3 || parts.length > 4) return null;
	const last = parts.at(-1)!;
	const { rest } = thingScope(last);
	const amount = amountAt(rest);
	if (!amount.quantity || amount.rest !== '') return null;
	const front = parts.slice(0, -1);
	if (front.some((part) => amountAt(part).quantity !== null || isRemark(part))) return null;
	const [thing, ...kinds] = front;
	const words = kinds.flatMap((kind) => kind.toLowerCase().split(' '));
	const isSure = words.every(isKindWord);
	if (!isSure && (words.length > 2 || kinds.some((kind) => KNOWN.has(nameKey(kind))))) return null;
	const scope = last.slice(rest.length).trim();
	return { line: [rest, ...kinds.toReversed(), thing, scope].filter(Boolean).join(' '), isSure };
}
