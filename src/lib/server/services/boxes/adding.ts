import { Refusal } from '$core/error.ts';
import { byId, thingId, thingRef, type ThingId } from '$core/facts/index.ts';
import { nameKey } from '$core/naming/index.ts';
import {
	placesOfThing,
	thingName,
	whereText,
	type RunSituation,
	type Situation
} from '$core/account/index.ts';
import type { Trx } from '../../history/changes.ts';
import { addThing, alsoOf, changeThing, measureListed, type ThingInput } from '../../stores/boxes/things.ts';
import { sayEnough } from '../looking/answers.ts';
import { thingsOf, type BinderThing } from './things.ts';

/** Said where a thing has the name of another one, and is none of those. */
const ANOTHER = 'another';

/** Keeps what was measured of a thing where that thing stands. */
export async function keepMeasures(trx: Trx, run: number, id: ThingId, input: ThingInput): Promise<void> {
	const { kind, key } = thingRef(id)!;
	if (kind === 'title' || kind === 'item') await measureListed(trx, { kind, key }, input);
	else if (kind === 'own') await changeThing(trx, key, input);
	// What was measured of a binder stands as a thing of the unit's own.
	else await addThing(trx, run, input);
}

/** A thing by the same name that stands elsewhere, with where: perhaps it is that one. */
type Namesake = {
	readonly id: ThingId;
	readonly text: string;
	/** It is on the unit's own supply list. */
	readonly isOurs: boolean;
};

/** What else in the house is called so: a supply, a thing of another unit, a title. Null where nothing is. */
function namesakeOf({ snapshot, runs, needs }: Situation, run: RunSituation, title: string): Namesake | null {
	const key = nameKey(title);
	const item =
		snapshot.items.find((one) => one.name_key === key)?.id ??
		snapshot.aliases.find((one) => one.name_key === key)?.item_id;
	const id = item === undefined ? null : thingId('item', item);
	if (id !== null) {
		const isOurs = needs.some((one) => one.run === run && one.item.id === item);
		const where = placesOfThing(snapshot, id).length ? `, ${whereText(snapshot, id)}` : '';
		if (isOurs || where)
			return { id, isOurs, text: `You have ${thingName(snapshot, id).toLowerCase()}${where}.` };
	}
	const own = snapshot.boxedThings.find(
		(one) => one.run_id !== null && one.run_id !== run.row.id && nameKey(one.title) === key
	);
	if (own) {
		const unit = runs.find((one) => one.row.id === own.run_id)?.unit.name ?? 'Another unit';
		const where = own.place_id === null ? '' : `, ${whereText(snapshot, thingId('own', own.id))}`;
		return { id: thingId('own', own.id), isOurs: false, text: `${unit} has one${where}.` };
	}
	const book = snapshot.resources.find(
		(one) => one.owned === 1 && one.document_id === null && nameKey(one.title) === key
	);
	return book
		? {
				id: thingId('title', book.id),
				isOurs: false,
				text: `${book.title} is in your home library, ${whereText(snapshot, thingId('title', book.id))}.`
			}
		: null;
}

/**
 * Adds a thing to what goes into a unit's boxes. What is on the unit's list already is measured there; what another
 * list has by the same name is asked about once (`same` is then its id, or that it is another one).
 * @throws Refusal with the question, at the path “same” and the thing's id; or where the thing was added before
 */
export async function addAsOne(
	trx: Trx,
	now: Situation,
	run: RunSituation,
	binders: readonly BinderThing[],
	input: ThingInput,
	same: string
): Promise<void> {
	if (same === ANOTHER) {
		await addThing(trx, run.row.id, input);
		return;
	}
	const listed = thingsOf(now, run, binders).find((one) => nameKey(one.title) === nameKey(input.title));
	if (listed?.isMeasured)
		throw new Refusal(`${listed.title} is in the list already. Edit it there.`, 'title');
	const namesake = listed ? null : namesakeOf(now, run, input.title);
	const thing = listed?.id ?? (namesake?.isOurs || same === namesake?.id ? namesake?.id : undefined);
	if (thing !== undefined) {
		await keepMeasures(trx, run.row.id, thing, { ...input, title: titleOf(now, thing) || input.title });
		const { kind, key } = thingRef(thing)!;
		// What goes into a box is at home.
		if (kind === 'item') await sayEnough(trx, now, key);
		if (namesake && !namesake.isOurs) await alsoOf(trx, run.row.id, thing);
	} else if (namesake) throw new Refusal(`${namesake.text} Is it the same one?`, `same ${namesake.id}`);
	else await addThing(trx, run.row.id, input);
}

/** A thing of a unit's own keeps the name that it has. */
const titleOf = ({ snapshot }: Situation, id: ThingId): string => {
	const { kind, key } = thingRef(id)!;
	return kind === 'own' ? (byId(snapshot.boxedThings).get(key)?.title ?? '') : thingName(snapshot, id);
};
