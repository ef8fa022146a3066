import { describe, expect, it, vi } from 'vitest';
import { change } from '../../history/changes.ts';
import { DeskSilent, type DeskHold, type DeskLoan, type LibraryDesk } from '../../outside/library-desk.ts';
import { fetchLoan, placeHold, renewLoan } from '../../stores/library/loans.ts';
import { doer, openTestStore, situationOf } from '../../tests/household.ts';
import { askLibrary } from './ask-library.ts';

/** A library's computer in memory, as the demo's account stands there. */
class Desk implements LibraryDesk {
	holds: DeskHold[] = [hold('H-4117', 'ready', '2027-01-20'), hold('H-4125', 'waiting', '2027-01-27')];
	loans: DeskLoan[] = [
		loan('H-4102', '2027-01-09', '2027-01-30'),
		loan('H-4088', '2027-01-05', '2027-01-26'),
		loan('H-4097', '2027-01-08', '2027-01-29')
	];
	asked: string[] = [];
	refuses = false;
	has = true;
	search = () => Promise.resolve([]);
	account = () => Promise.resolve({ holds: this.holds, loans: this.loans });
	placeHold = ({ reference, title }: { reference: string; title: string }) => {
		this.asked.push(reference);
		if (!this.has) return Promise.resolve(null);
		const known = this.holds.find((one) => one.reference === reference);
		const made = known ?? {
			...hold(`H-${9000 + this.holds.length}`, 'waiting', '2027-02-01'),
			reference,
			title
		};
		if (!known) this.holds.push(made);
		return Promise.resolve(made);
	};
	giveUp = (number: string) => {
		this.holds = this.holds.filter((one) => one.number !== number);
		return Promise.resolve();
	};
	renew = () => Promise.resolve(this.refuses ? { why: 'Somebody waits for it.' } : { due: '2027-02-20' });
}
const hold = (number: string, state: DeskHold['state'], expectedOn: string): DeskHold => ({
	number,
	reference: number,
	title: '',
	state,
	expectedOn
});
const loan = (number: string, fetched: string, due: string): DeskLoan => ({
	number,
	title: '',
	fetched,
	due,
	renewed: 0
});

async function demo() {
	const store = await openTestStore();
	const desk = new Desk();
	const ask = async () => {
		const { snapshot, today } = await situationOf(store);
		return askLibrary(store.write, snapshot, today, desk, doer());
	};
	const loanOf = async (title: string) => {
		const { snapshot } = await situationOf(store);
		const resource = snapshot.resources.find((one) => one.title === title)!;
		return snapshot.loans.filter((one) => one.resource_id === resource.id).at(-1)!;
	};
	const place = async (title: string) => {
		const { snapshot, today } = await situationOf(store);
		const resource = snapshot.resources.find((one) => one.title === title)!;
		const library = snapshot.suppliers.find((one) => one.name === 'Fernhill Library')!;
		await change(store.write, doer(), 'hold', (trx) => placeHold(trx, resource.id, library.id, today));
	};
	return { store, desk, ask, loanOf, place };
}

describe('asking the library’s computer', () => {
	it('has nothing new where both sides agree, and changes nothing', async () => {
		const { store, ask } = await demo();
		const { snapshot } = await situationOf(store);
		expect(await ask()).toBe('Nothing new from the library.');
		expect((await situationOf(store)).snapshot.revision).toBe(snapshot.revision);
	});

	it.each([
		['empty', () => []],
		['shrunken to one of three loans', (loans: DeskLoan[]) => loans.slice(0, 1)]
	])('an account that is %s is asked about; nothing is marked as brought back', async (_, left) => {
		const { store, desk, ask } = await demo();
		desk.holds = [];
		desk.loans = left(desk.loans);
		const before = (await situationOf(store)).snapshot.loans;
		expect(await ask()).toMatch(
			/shows (none|only 1) of the 5 loans and holds .* check off what you really returned/
		);
		expect((await situationOf(store)).snapshot.loans).toEqual(before);
	});

	it('tells a hold that was noted here, once, and takes over its number and day', async () => {
		const { desk, ask, loanOf, place } = await demo();
		await place('The Chart Room');
		expect(await ask()).toBe('Hold placed on The Chart Room, expected Mon, Feb 1.');
		expect(await loanOf('The Chart Room')).toMatchObject({
			hold_number: 'H-9002',
			expected_on: '2027-02-01'
		});
		await ask();
		expect(desk.asked).toHaveLength(1);
	});

	it('a library that does not answer leaves everything; the hold is told when it does', async () => {
		const { desk, ask, loanOf, place } = await demo();
		await place('The Chart Room');
		const { account } = desk;
		desk.account = () => Promise.reject(new DeskSilent());
		await expect(ask()).rejects.toThrow('isn’t answering');
		expect(await loanOf('The Chart Room')).toMatchObject({ state: 'hold placed', hold_number: null });
		desk.account = account;
		await ask();
		// The same reference gives the same hold, though it was asked for twice.
		expect(new Set(desk.asked).size).toBe(1);
		expect(desk.holds.filter((one) => one.title === 'The Chart Room')).toHaveLength(1);
	});

	it('a refused renewal goes back to the day on which it is due, and says why', async () => {
		const { store, desk, ask, loanOf } = await demo();
		const before = await loanOf('Lines That Are Not There');
		await change(store.write, doer(), 'renew', (trx) => renewLoan(trx, before.id));
		desk.refuses = true;
		expect(await ask()).toBe(
			'Lines That Are Not There wasn’t renewed and is still due Sat, Jan 30: somebody waits for it.'
		);
		expect(await loanOf('Lines That Are Not There')).toMatchObject({ due_on: '2027-01-30', renewed: 0 });
	});

	it('what was fetched by a tick stays on loan while the desk still has it as a hold, lapsed or not', async () => {
		const { store, desk, ask, loanOf } = await demo();
		const loan = await loanOf('Latitude for Breakfast');
		await change(store.write, doer(), 'fetched', (trx) => fetchLoan(trx, loan.id, '2027-01-22'));
		for (const state of ['ready', 'lapsed'] as const) {
			desk.holds = [hold('H-4117', state, '2027-01-20'), hold('H-4125', 'waiting', '2027-01-27')];
			expect(await ask()).toBe('Nothing new from the library.');
			expect((await loanOf('Latitude for Breakfast')).state).toBe('on loan');
		}
	});

	it('ready, lapsed, brought back, and not held there at all', async () => {
		const { desk, ask, loanOf, place } = await demo();
		desk.holds = [hold('H-4117', 'lapsed', '2027-01-02'), hold('H-4125', 'ready', '2027-01-21')];
		desk.loans = desk.loans.filter((one) => one.number !== 'H-4088');
		desk.has = false;
		await place('The Chart Room');
		const said = await ask();
		for (const words of [
			'he hold on Latitude for Breakfast has lapsed',
			'What the Needle Knows is ready for pickup',
			'The Very Long Coast is back at the library',
			'his library doesn’t have The Chart Room'
		])
			expect(said).toContain(words);
		expect(await loanOf('What the Needle Knows')).toMatchObject({ state: 'ready', ready_on: '2027-01-21' });
		for (const title of ['Latitude for Breakfast', 'The Very Long Coast', 'The Chart Room'])
			expect((await loanOf(title)).state).toBe('back');
	});

	it('leaves what was ticked here while it was slow', async () => {
		const { store, desk } = await demo();
		const { snapshot, today } = await situationOf(store);
		// The hold that is waiting here is ready there, and comes to be fetched while the answer is on its way.
		const waiting = snapshot.loans.find((one) => one.hold_number === 'H-4125')!;
		desk.holds = desk.holds.map((one) => (one.number === 'H-4125' ? { ...one, state: 'ready' } : one));
		const { account } = desk;
		let answer = () => {};
		desk.account = () => new Promise((done) => (answer = () => void account().then(done)));
		const asked = askLibrary(store.write, snapshot, today, desk, doer());
		await vi.waitFor(() => expect(answer.length).toBe(0));
		await change(store.write, doer(), 'fetched', (trx) => fetchLoan(trx, waiting.id, today));
		answer();
		expect(await asked).not.toContain('hold shelf');
		const after = (await situationOf(store)).snapshot.loans.find((one) => one.id === waiting.id)!;
		expect(after).toMatchObject({ state: 'on loan', fetched_on: today });
	});
});
