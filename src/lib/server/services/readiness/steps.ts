import { addDays, dayText, type Day } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { groupBy } from '$core/group-by.ts';
import type { Rung } from '$core/gathering/index.ts';
import { exactText, isSome, saidAmount, ZERO, type Exact } from '$core/measure/index.ts';
import { counted, thingText } from '$core/words/index.ts';
import { comesOn } from '$core/readiness/index.ts';
import type { Trx } from '../../history/changes.ts';
import { parsed, byId } from '$core/facts/index.ts';
import {
	endLoan,
	fetchLoan,
	holdReady,
	placeHold,
	postponeHold,
	renewLoan
} from '../../stores/library/loans.ts';
import { someLibrary } from '../../stores/house/household.ts';
import { updateResource } from '../../stores/library/resources.ts';
import { patchNeed } from '../../stores/readiness/needs.ts';
import { addLot } from '../../stores/stash/lots.ts';
import {
	firstOpen,
	total,
	RUNG_TEXT,
	rungOfSupplier,
	type Situation,
	printKey,
	printsOf,
	type SupplyNeed,
	type WholeNeed
} from '$core/account/index.ts';
import { copyIs } from './copies-moved.ts';

/** The needs of the given keys. @throws Refusal when one of them is not wanted any more. */
function needsOf(situation: Situation, keys: readonly string[]): SupplyNeed[] {
	const needs = situation.needs.filter((one) => keys.includes(one.need.key));
	if (needs.length === 0)
		throw new Refusal('That’s no longer needed; the list has changed. Reload the page.');
	return needs;
}

/** Needs of any stream, with what they are called. @throws Refusal as above. */
function anyNeedsOf(
	situation: Situation,
	keys: readonly string[]
): { run: number; key: string; name: string }[] {
	const whole = situation.whole.filter((one) => keys.includes(one.need.key));
	if (whole.length) return whole.map((one) => ({ run: one.run.row.id, key: one.need.key, name: one.title }));
	return needsOf(situation, keys).map((one) => ({
		run: one.run.row.id,
		key: one.need.key,
		name: one.item.name
	}));
}

/** Takes the next step for things that are had as a whole. Answers what was done, in words. */
export async function takeStep(trx: Trx, situation: Situation, keys: readonly string[]): Promise<string> {
	// Whatever is on loan may go back, also before its last day.
	const returning = situation.snapshot.loans.filter(
		(one) => one.direction === 'in' && one.state === 'on loan' && keys.includes(`loan/${one.id}`)
	);
	for (const loan of returning) await endLoan(trx, loan.id, situation.today);
	if (returning.length > 1) return `${counted(returning.length, 'title')}: returned`;
	if (returning.length)
		return `${byId(situation.snapshot.resources).get(returning[0].resource_id)!.title}: returned`;
	const needs = situation.whole.filter((one) => keys.includes(one.need.key) && one.step !== null);
	if (needs.length && needs[0].book) {
		const titles = [...groupBy(needs, (one) => one.book!.resource.id).values()];
		const said: string[] = [];
		for (const own of titles) said.push(await stepOfBook(trx, situation, own));
		return said.length === 1 ? said[0] : `${counted(said.length, 'title')}: ${said[0].split(': ').at(-1)}`;
	}
	if (needs.length && needs[0].need.stream === 'copies') return stepOfCopies(trx, situation, needs);
	if (needs.length === 0) throw new Refusal('That’s already done or no longer needed. Reload the page.');
	for (const { run, need, step } of needs) {
		await patchNeed(
			trx,
			run.row.id,
			need.key,
			step!.readyOn ? { arranged: '1', promised: step!.readyOn } : { prepared: '1' }
		);
	}
	const [{ title, step }] = needs;
	return step!.readyOn ? `${title}: started` : `${title}: ready`;
}

/**
 * Something came into the house: it lies in the unit's collecting place, and the needs have it in
 * hand, earliest first. What is over stays in the stash. Answers it in words.
 */
export async function gotIt(
	trx: Trx,
	situation: Situation,
	keys: readonly string[],
	amount: Exact
): Promise<string> {
	return (await tookIn(trx, situation, keys, amount)).words;
}

/** All that is asked for of several things came into the house. Answers it in words. */
export async function gotAll(trx: Trx, situation: Situation, keys: readonly string[]): Promise<string> {
	const things = [...groupBy(needsOf(situation, keys), (one) => `${one.item.id} ${one.unit}`).values()];
	for (const own of things) {
		const amount = total(own, ({ standing }) => standing.missing.add(standing.arranged));
		if (isSome(amount))
			await gotIt(
				trx,
				situation,
				own.map((one) => one.need.key),
				saidAmount(amount, own[0].unit)
			);
	}
	return counted(things.length, 'item');
}

/** As `gotIt`, with the lot that it came into. */
export async function tookIn(
	trx: Trx,
	situation: Situation,
	keys: readonly string[],
	amount: Exact
): Promise<{ words: string; lot: number }> {
	const needs = needsOf(situation, keys);
	const [first] = needs;
	const goodUntil = first.item.keeps_days === null ? null : addDays(situation.today, first.item.keeps_days);
	let left = amount;
	for (const one of needs) {
		const wanted = one.amount.sub(one.standing.inHand).sub(one.standing.toFetch);
		// What is said to be the same amount is all of it: 355 ml of 354.88.
		const isAll = saidAmount(left, one.unit).compare(saidAmount(wanted, one.unit)) >= 0;
		const share = isAll ? wanted : left;
		if (!isSome(share)) continue;
		if (one.line.use === 'consumed') left = left.sub(share);
		await patchNeed(trx, one.run.row.id, one.need.key, {
			found: exactText(one.standing.inHand.add(share)),
			arranged: exactText(ZERO),
			promised: null,
			unit: one.unit
		});
	}
	const lot = await addLot(
		trx,
		{
			item_id: first.item.id,
			amount,
			unit: first.unit,
			place_id: first.run.row.collecting_place_id,
			good_until: goodUntil
		},
		situation.today,
		first.rung === 'bought' || first.rung === 'second-hand' ? 'bought' : 'added'
	);
	return { words: thingText(amount, first.unit, first.item.name), lot };
}

/** Somebody is on it: ordered, asked for, on the way, with the promised day when there is one. */
export async function arrange(
	trx: Trx,
	situation: Situation,
	keys: readonly string[],
	promised: Day | null
): Promise<string> {
	const needs = needsOf(situation, keys);
	for (const one of needs) {
		const { way } = one.need;
		await patchNeed(trx, one.run.row.id, one.need.key, {
			arranged: exactText(one.standing.missing.add(one.standing.arranged)),
			// Where nobody says when, what is ordered comes after the store’s usual days.
			promised:
				promised ?? (way.kind === 'order' ? comesOn(situation.today, way.deliveryDays, way.works) : null),
			unit: one.unit
		});
	}
	const names = new Set(needs.map((one) => one.item.name));
	return names.size > 1 ? counted(names.size, 'item') : needs[0].item.name;
}

/** Measured into its tray, cut, dried: prepared, all of it. */
export async function prepared(trx: Trx, situation: Situation, keys: readonly string[]): Promise<string> {
	const needs = needsOf(situation, keys);
	for (const one of needs) {
		await patchNeed(trx, one.run.row.id, one.need.key, {
			prepared: exactText(one.amount),
			found: exactText(one.amount),
			unit: one.unit
		});
	}
	return needs.map((one) => one.item.name).join(', ');
}

/**
 * A hold that is not there yet is asked about again on the next day that the library is open; one that was to be picked
 * up and is not there is over, and is placed anew. Answers it in words.
 */
export async function notYet(trx: Trx, situation: Situation, keys: readonly string[]): Promise<string> {
	const { snapshot, today } = situation;
	const loans = new Map(
		situation.whole.flatMap(({ need, book }) =>
			keys.includes(need.key) && book?.loan
				? [[book.loan.id, { loan: book.loan, title: book.resource.title }] as const]
				: []
		)
	);
	if (loans.size === 0) throw new Refusal('That’s already done or no longer needed. Reload the page.');
	const said: string[] = [];
	for (const { loan, title } of loans.values()) {
		const library = byId(snapshot.suppliers).get(loan.supplier_id ?? 0);
		if (loan.state === 'hold placed') {
			const next = firstOpen(library ? parsed(library.weekdays) : [], addDays(today, 1));
			await postponeHold(trx, loan.id, next);
			said.push(`${title}: not yet; ask again ${dayText(next)}`);
		} else {
			await endLoan(trx, loan.id, today);
			said.push(`${title}: not there; place its hold again`);
		}
	}
	return said.length === 1 ? said[0] : `${counted(said.length, 'title')}: not there`;
}

/** The parent skips it, or needs it after all. Answers what was decided. */
export async function decide(
	trx: Trx,
	situation: Situation,
	keys: readonly string[],
	without: boolean
): Promise<string> {
	const needs = anyNeedsOf(situation, keys);
	for (const { run, key } of needs)
		await patchNeed(trx, run, key, { decision: without ? 'do without' : null });
	return `${needs[0].name}: ${without ? 'skipped' : 'needed again'}`;
}

/** Gives a thing to do to one adult, or to nobody in particular. Answers what was done. */
export async function giveTo(
	trx: Trx,
	situation: Situation,
	keys: readonly string[],
	person: number | null
): Promise<string> {
	const adult = situation.snapshot.people.find((one) => one.id === person && one.kind === 'adult');
	if (person !== null && !adult)
		throw new Refusal('Only an adult of the household can be asked. Reload the page.', 'person');
	for (const { run, key } of anyNeedsOf(situation, keys))
		await patchNeed(trx, run, key, { person_id: person });
	return adult ? `Given to ${adult.name}` : 'Open to anyone';
}

/** Where a missing thing is got from: somebody of the household's sources (by id), or a rung of the ladder. */
export async function chooseSource(
	trx: Trx,
	situation: Situation,
	keys: readonly string[],
	source: number | Rung
): Promise<string> {
	const needs = needsOf(situation, keys);
	const supplier = situation.snapshot.suppliers.find((one) => one.id === source);
	if (typeof source === 'number' && !supplier)
		throw new Refusal('That source is gone. Reload the page.', 'source');
	const patch = supplier
		? { supplier_id: supplier.id, rung: rungOfSupplier(supplier) }
		: { rung: source as Rung };
	for (const one of needs) await patchNeed(trx, one.run.row.id, one.need.key, patch);
	return needs[0].item.name;
}

/** It is not to be had where it was tried: each need goes on to its next rung. @throws Refusal at the end. */
export async function tryNext(trx: Trx, situation: Situation, keys: readonly string[]): Promise<string> {
	const needs = needsOf(situation, keys);
	if (needs.every((one) => one.nextRung === null))
		throw new Refusal(`That was the last option for ${needs[0].item.name}. Use a substitute or skip it.`);
	for (const one of needs)
		if (one.nextRung !== null) await patchNeed(trx, one.run.row.id, one.need.key, { rung: one.nextRung });
	return `${needs[0].item.name}: ${RUNG_TEXT[needs.find((one) => one.nextRung)!.nextRung!]}`;
}

/** Copies were printed, or finished. Answers what was done. */
async function stepOfCopies(trx: Trx, now: Situation, needs: readonly WholeNeed[]): Promise<string> {
	for (const { run, need, step } of needs)
		for (const print of printsOf(now.snapshot, run))
			for (const { child } of print.copies)
				if (printKey(print, child?.id ?? null) === need.key)
					await copyIs(trx, now, print, child?.id ?? null, step!.kind === 'finish' ? 'finished' : 'printed');
	const [{ title, step }] = needs;
	const what = needs.length === 1 ? title : counted(needs.length, 'copy', 'copies');
	return `${what}: ${step!.kind === 'finish' ? 'finished' : 'printed'}`;
}

/** Takes the next step for one book, for all lessons that wait for it. Answers what was done. */
export async function stepOfBook(
	trx: Trx,
	situation: Situation,
	needs: readonly WholeNeed[]
): Promise<string> {
	const { today } = situation;
	const [{ book, step }] = needs;
	const { resource, loan } = book!;
	switch (step!.kind) {
		case 'place':
		case 'ask for': {
			await placeHold(trx, resource.id, resource.supplier_id ?? (await someLibrary(trx)), today);
			return `${resource.title}: ${step!.kind === 'place' ? 'hold placed' : 'asked for'}`;
		}
		case 'get':
			await updateResource(trx, resource.id, { owned: 1 });
			return `${resource.title}: got it`;
		case 'check':
			await holdReady(trx, loan!.id, today);
			return `${resource.title}: ready for pickup`;
		case 'pick up':
			await fetchLoan(trx, loan!.id, today);
			return `${resource.title}: picked up`;
		case 'renew':
			return `${resource.title}: renewed, due ${dayText(await renewLoan(trx, loan!.id))}`;
		case 'ask back':
			await endLoan(trx, loan!.id, today);
			return `${resource.title}: back home`;
		case 'print':
			for (const { run, need } of needs) await patchNeed(trx, run.row.id, need.key, { prepared: '1' });
			return `${resource.title}: printed`;
		default:
			for (const { run, need } of needs) await patchNeed(trx, run.row.id, need.key, { prepared: '1' });
			return `${resource.title}: previewed`;
	}
}
