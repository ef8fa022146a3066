import type { Action } from '@sveltejs/kit';
import { beforeEach, describe, expect, it } from 'vitest';
import { actions as houseActions, load as houseLoad } from '../../../routes/house/+page.server.ts';
import { load as unitLoad } from '../../../routes/units/[run]/+layout.server.ts';
import { change } from '../history/changes.ts';
import { opened } from '../live/data.ts';
import { situation } from '../live/now.ts';
import { comingOccasions } from '$core/account/index.ts';
import { addPeopleTyped } from '../services/house/people-typed.ts';
import { addLesson } from '../stores/plan/lessons.ts';
import { createUnit, setCalendar } from '../stores/plan/units.ts';
import { doer, openHousehold } from './household.ts';
import { requestEvent, settled } from './requests.ts';

const TODAY = '2027-01-22';

beforeEach(() => openHousehold());

type Tab = { label: string; detail: string };
const tabsOf = async (run: number) => {
	const load = unitLoad as unknown as (event: unknown) => Promise<{ tabs: Tab[] }>;
	return Object.fromEntries(
		(await load({ params: { run: String(run) } })).tabs.map((tab) => [tab.label, tab.detail])
	);
};

describe('the tabs of a unit', () => {
	it('a unit with dates but no last day says when it ends, and that nothing was noted yet', async () => {
		const { write } = await opened();
		const { result: run } = await change(write, doer(), 'unit', async (trx) => {
			const id = await createUnit(trx, 'Ponds', TODAY);
			await setCalendar(trx, id, {
				start: '2027-04-06',
				end: null,
				weekdays: [2],
				keepFree: 0,
				habits: { kind: 'day by day', date: null, streams: {} },
				collectingPlace: null
			});
			for (const title of ['A pond', 'Frogs'])
				await addLesson(trx, id, { title, note: '', sessions: 1, optional: 0 });
			return id;
		});
		const tabs = await tabsOf(run);
		expect(tabs.Plan).toBe('through Tue, Apr 13');
		expect(tabs.Board).toBe('Tue: nothing noted yet');
	});

	it('one without any date says so', async () => {
		const { write } = await opened();
		const { result: run } = await change(write, doer(), 'unit', (trx) => createUnit(trx, 'Ponds', TODAY));
		expect((await tabsOf(run)).Plan).toBe('no dates yet');
	});
});

describe('an age in the place of a birth date', () => {
	const peopleShown = async () => {
		const load = houseLoad as unknown as (event: unknown) => Promise<{
			people: { id: number; name: string; age: string; years: string; born: string | null }[];
		}>;
		return (await load({})).people;
	};

	it('is shown as one, gives no birthday, and stays when the person is saved again', async () => {
		const { write } = await opened();
		await change(write, doer(), 'who', async (trx) =>
			addPeopleTyped(trx, await situation(), 'Ode, 10\nBea 2017-03-04', '')
		);
		const [ode, bea] = (await peopleShown()).slice(-2);
		expect([ode.age, ode.years, ode.born]).toEqual(['about 10', '10', null]);
		expect([bea.age, bea.years, bea.born]).toEqual(['9', '', '2017-03-04']);
		const now = await situation();
		const birthdays = comingOccasions(now.snapshot, now.today).map((one) => one.name);
		expect(birthdays).toContain('Bea’s birthday');
		expect(birthdays).not.toContain('Ode’s birthday');

		const before = now.snapshot.people.find((one) => one.name === 'Ode')!;
		const answer = await settled(() =>
			(houseActions.editPerson as Action)(
				requestEvent(
					'/house',
					{},
					{
						form: { id: String(ode.id), name: 'Ode', kind: 'child', born: '', age: '10' }
					}
				) as never
			)
		);
		expect(answer.data).toMatchObject({ changed: expect.stringMatching(/^Saved: /) });
		const after = (await situation()).snapshot.people.find((one) => one.name === 'Ode')!;
		expect([after.born, after.born_within]).toEqual([before.born, before.born_within]);
	});
});
