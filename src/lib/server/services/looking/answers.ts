import { addDays, type Day } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { groupBy } from '$core/group-by.ts';
import { exact, isSome, ZERO, type Exact, type Unit } from '$core/measure/index.ts';
import { counted, thingText } from '$core/words/index.ts';
import { type Row, stateByKey, byId } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { changedElsewhere, conflict } from '../../history/conflicts.ts';
import { patchNeed } from '../../stores/readiness/needs.ts';
import { addLot, countLot } from '../../stores/stash/lots.ts';
import { forgetNotHere, say, sayOfAll, unsay } from '../../stores/stash/statements.ts';
import type { Situation } from '$core/account/index.ts';
import { askedOf } from './questions.ts';

/** What can be answered to "Do we have it?", as forms send it. */
export const ANSWERS = ['have', 'look', 'none'] as const;
export type Answer = (typeof ANSWERS)[number];

const STATE_OF: Readonly<Record<Answer, Row<'statement'>['state']>> = {
	have: 'enough',
	look: 'look',
	none: 'none'
};
const SAID: Readonly<Record<Row<'statement'>['state'], string>> = {
	enough: 'have it',
	look: 'look for it',
	none: 'don’t have it'
};

export type Answered = {
	readonly item: number;
	readonly answer: Answer;
	readonly place: number | null;
	/** How much there is, where somebody said a number: then it is counted. */
	readonly amount: Exact | null;
	readonly unit: Unit | null;
};

/** The household's item of an id. @throws Refusal where it is gone. */
function itemOf({ snapshot }: Situation, id: number): Row<'item'> {
	const item = byId(snapshot.items).get(id);
	if (!item) throw new Refusal('That item is gone from the list. Reload the page.', 'item');
	return item;
}

function requirePlace({ snapshot }: Situation, place: number | null): void {
	if (place !== null && !byId(snapshot.places).has(place))
		throw new Refusal('That place is gone. Choose another one.', 'place');
}

const lotsOf = ({ snapshot }: Situation, item: number) => snapshot.lots.filter((lot) => lot.item_id === item);

/** All needs of a thing that are still open, of every unit: an answer holds for the house. */
export const needsOfItem = (situation: Situation, item: number) =>
	situation.needs.filter((one) => one.item.id === item && !one.need.doWithout);

/** How much is asked for in all; null where nothing is any more. */
export function askedNow(situation: Situation, item: number): { amount: Exact; unit: Unit } | null {
	const needs = needsOfItem(situation, item);
	if (needs.length === 0) return null;
	return askedOf(needs);
}

/** Keeps one answer for the whole house. Answers it in words. @throws Refusal for a kit, or what is gone. */
export async function answer(trx: Trx, situation: Situation, input: Answered): Promise<string> {
	const { today } = situation;
	const item = itemOf(situation, input.item);
	requirePlace(situation, input.place);
	if (input.answer === 'have' && input.amount) {
		const unit = input.unit ?? askedNow(situation, item.id)?.unit ?? 'each';
		await unsay(trx, item.id);
		await forgetNotHere(trx, item.id);
		await putCounted(trx, item, input.amount, unit, input.place, today);
		return `${item.name}: have ${thingText(input.amount, unit, item.name)}`;
	}
	if (input.answer === 'have' && lotsOf(situation, item.id).some((lot) => lot.kit_of !== null))
		throw new Refusal(`${item.name} is a kit, so it has to be counted. Do that under At home.`, 'item');
	const state = STATE_OF[input.answer];
	await say(trx, item.id, { state, place: input.place, asked: askedNow(situation, item.id) }, today);
	if (state === 'enough') await forgetNotHere(trx, item.id);
	else await notInHand(trx, situation, item.id);
	return `${item.name}: ${SAID[state]}`;
}

/** A thing turned up at home: where nothing says so yet, there is enough of it from now on. */
export async function sayEnough(trx: Trx, situation: Situation, item: number): Promise<void> {
	const said = situation.snapshot.statements.find((one) => one.item_id === item);
	if (said?.state === 'enough' || lotsOf(situation, item).some((one) => one.amount !== '0')) return;
	await say(trx, item, { state: 'enough', place: null, asked: askedNow(situation, item) }, situation.today);
	await forgetNotHere(trx, item);
}

/** Puts what was counted in a place; a perishable thing counts for the days that it keeps. */
export async function putCounted(
	trx: Trx,
	item: Row<'item'>,
	amount: Exact,
	unit: Unit,
	place: number | null,
	today: Day
): Promise<void> {
	const good_until = item.keeps_days === null ? null : addDays(today, item.keeps_days);
	await addLot(trx, { item_id: item.id, amount, unit, place_id: place, good_until }, today);
}

/** What was noted as found of a thing is not in hand after all; what is prepared or out stays so. */
async function notInHand(trx: Trx, situation: Situation, item: number): Promise<void> {
	for (const { need, run } of needsOfItem(situation, item)) {
		const state = stateByKey(situation.snapshot).get(need.key);
		if (state && isSome(exact(state.found)) && !isSome(exact(state.prepared)) && !isSome(exact(state.out)))
			await patchNeed(trx, run.row.id, need.key, { found: '0' });
	}
}

/**
 * The same answer for several things at once, as they were on the screen. What was answered meanwhile and what is
 * gone stays as it is.
 */
export async function answerRest(
	trx: Trx,
	situation: Situation,
	items: readonly number[],
	given: 'look' | 'none'
): Promise<string> {
	const { snapshot, today } = situation;
	const said = new Set(snapshot.statements.map((one) => one.item_id));
	const needs = groupBy(
		situation.needs.filter((one) => !one.need.doWithout),
		(one) => one.item.id
	);
	const open = [...new Set(items)].filter((id) => !said.has(id) && byId(snapshot.items).has(id));
	if (open.length === 0) throw new Refusal('Those are all answered already.');
	const asked = (id: number) => (needs.has(id) ? askedOf(needs.get(id)!) : null);
	await sayOfAll(
		trx,
		given,
		open.map((item) => ({ item, asked: asked(item) })),
		today
	);
	return `${counted(open.length, 'thing')}: ${given === 'look' ? 'look at home' : SAID[given]}`;
}

/**
 * What two phones say of one thing: the same answer is one, a definite answer beats *Look*, found beats not here.
 * Answers whether there is nothing more to do. @throws Refusal that asks where *have* stands against *don't have*.
 */
export async function isSaidAlready(
	trx: Trx,
	situation: Situation,
	asked: { readonly item: number; readonly answer: Answer; readonly seen: number | null },
	device: string
): Promise<boolean> {
	const said = situation.snapshot.statements.find((one) => one.item_id === asked.item);
	if (!said || asked.seen === null) return false;
	if (said.state === STATE_OF[asked.answer]) return true;
	const newer = await changedElsewhere(trx, 'statement', said.id, asked.seen, device);
	if (newer === null || said.state === 'look') return false;
	if (asked.answer === 'look') return true;
	throw conflict(newer, `It stands as “${SAID[said.state]}”.`);
}

/** What is there is not enough: the rest of what was counted is missing, and without a count all of it. */
export async function notEnough(trx: Trx, situation: Situation, id: number): Promise<string> {
	const item = itemOf(situation, id);
	const hasSome = lotsOf(situation, id).length > 0;
	if (hasSome) await unsay(trx, id);
	else await say(trx, id, { state: 'none', place: null, asked: askedNow(situation, id) }, situation.today);
	await notInHand(trx, situation, id);
	return `${item.name}: not enough`;
}

/** There is none left: what was counted is 0, and what was said is gone. */
export async function usedUp(trx: Trx, situation: Situation, id: number): Promise<string> {
	const item = itemOf(situation, id);
	for (const lot of lotsOf(situation, id)) await countLot(trx, lot.id, ZERO, situation.today);
	await say(trx, id, { state: 'none', place: null, asked: askedNow(situation, id) }, situation.today);
	await notInHand(trx, situation, id);
	return `${item.name}: used up`;
}
