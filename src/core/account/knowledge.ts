import { addDays, type Day } from '../calendar/index.ts';
import { knowledgeOf, type Knowledge } from '../looking/index.ts';
import { canConvert, convert, exact, type Exact, type Unit } from '../measure/index.ts';
import { thingOf, type Thing } from '../supplies/index.ts';
import { type Row, remember, type Snapshot } from '../facts/index.ts';

/** What the household knows of a thing, and what any parent would say of it. */
export type KnownItem = {
	readonly known: Knowledge;
	readonly statement: Row<'statement'> | null;
	/** What any parent would say of it; worked out when it is asked for. */
	readonly thing: Thing;
	readonly hasLots: boolean;
};

/** More by this than was asked for when somebody said that there is enough is asked about once more. */
const MUCH_MORE = exact('3/2');

/**
 * Whether “have it” was said of much less than is wanted now: of a few cotton balls, and now of cups of them. What
 * cannot be compared with it is more where it came onto the list later.
 */
export function isMuchMore(
	{ asked, asked_unit, said_on }: Row<'statement'>,
	amount: Exact,
	unit: Unit,
	item: string,
	listedOn: Day | null = null
): boolean {
	if (asked === null || asked_unit === null) return false;
	if (!canConvert(unit, asked_unit, item)) return listedOn !== null && listedOn > said_on;
	return convert(amount, unit, asked_unit, item).compare(exact(asked).mul(MUCH_MORE)) > 0;
}

const things = remember<Thing>();
const knownItems = remember<ReadonlyMap<number, KnownItem>>();
const knownItem = remember<KnownItem>();

/** What any parent would say of an item of the household; its own use is what the household says. */
export const thingOfItem = (item: Row<'item'>): Thing =>
	things(item, [], () => thingOf(item.name, null, 'each'));

/** What is known of each thing, by the item's id. */
export function knowledgeByItem(snapshot: Snapshot, today: Day): ReadonlyMap<number, KnownItem> {
	const { items, lots, statements, household } = snapshot;
	return knownItems(items, [lots, statements, household, today], () => {
		const said = new Map(statements.map((one) => [one.item_id, one]));
		const counted = new Set(lots.map((lot) => lot.item_id));
		const oldBefore = addDays(today, -household.count_age_days);
		return new Map(
			items.map((item) => {
				const statement = said.get(item.id) ?? null;
				const hasLots = counted.has(item.id);
				return [
					item.id,
					knownItem(item, [statement, hasLots, oldBefore], () => {
						const isInEveryHouse = () => {
							const thing = thingOfItem(item);
							return thing.notAThing || thing.staple === 'always';
						};
						const known = knowledgeOf({
							statement: statement && { state: statement.state, saidOn: statement.said_on },
							hasLots,
							isInEveryHouse: !statement && !hasLots && isInEveryHouse(),
							comesAndGoes: item.use !== 'kept' || item.keeps_days !== null,
							oldBefore
						});
						return {
							known,
							statement,
							hasLots,
							get thing() {
								return thingOfItem(item);
							}
						};
					})
				];
			})
		);
	});
}
