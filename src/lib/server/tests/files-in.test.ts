import { isRedirect, type Action } from '@sveltejs/kit';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { actions as choose } from '../../../routes/home/files/+page.server.ts';
import { actions as review, load } from '../../../routes/home/files/[draft]/+page.server.ts';
import { exportSheet } from '../exchange/index.ts';
import { undo } from '../history/changes.ts';
import { opened } from '../live/data.ts';
import { importJob } from '../live/import-jobs.ts';
import { situation } from '../live/now.ts';
import { allRows, doer, openHousehold } from './household.ts';

beforeEach(() => openHousehold());

function eventOf(params: Record<string, string>, fields: Record<string, string | File>, query = '') {
	const body = new FormData();
	for (const [name, value] of Object.entries(fields)) body.set(name, value);
	const url = new URL(`http://localhost/home/files/${params.draft ?? ''}${query}`);
	return {
		params,
		url,
		locals: { device: 'laptop', actor: null },
		request: new Request(url, { method: 'POST', body }),
		cookies: { set: () => undefined },
		depends: () => undefined
	} as never;
}

/** Where an action leads, or what it answers. */
async function follow(work: Promise<unknown> | unknown): Promise<{ to?: string; answer?: unknown }> {
	try {
		return { answer: await work };
	} catch (thrown) {
		if (isRedirect(thrown)) return { to: thrown.location };
		throw thrown;
	}
}

const bringIn = (name: string, text: string) =>
	follow((choose.file as Action)(eventOf({}, { file: new File([text], name) })));

/** The id of the draft under which a file waits to be looked at. */
async function draftOf(name: string, text: string): Promise<string> {
	const { to } = await bringIn(name, text);
	return /^\/home\/files\/(\d+)$/.exec(to!)![1];
}

type Review = {
	kind: { id: string } | null;
	rows: { status: string }[];
	counts: Record<'fresh' | 'changed' | 'same' | 'wrong', number> | null;
	problem: string | null;
	text: string | null;
	reading: boolean;
};
/** The page once the file is read, which a thread of its own does. */
const look = async (draft: string, query = ''): Promise<Review> => {
	const page = (await (load as (event: unknown) => unknown)(eventOf({ draft }, {}, query))) as Review;
	return page.reading ? look(draft, query) : page;
};
const keep = (draft: string, fields: Record<string, string> = {}) =>
	follow((review.keep as Action)(eventOf({ draft }, fields)));

describe('a file is brought in', () => {
	it('what was taken out comes back as the same, and changes nothing', async () => {
		for (const kind of ['supplies', 'places', 'list', 'plan'] as const) {
			const text = exportSheet(await situation(), kind, 1);
			const before = await allRows(await opened());
			const draft = await draftOf(`${kind}.csv`, text);
			const { counts } = await look(draft, '?unit=1');
			expect(counts, kind).toMatchObject({ fresh: 0, changed: 0, wrong: 0 });
			expect(counts!.same, kind).toBeGreaterThan(0);
			await keep(draft, { unit: '1' });
			await follow(look(draft));
			expect(await allRows(await opened()), kind).toEqual(before);
		}
	});

	it('lessons: new and changed ones, wrong lines said one by one, all in one step that can be undone', async () => {
		const before = await allRows(await opened());
		const draft = await draftOf(
			'lessons.csv',
			[
				'lesson,lesson title,teaching days,optional,what is done',
				'1,A map of the breakfast table,1,,with crayons',
				'14,Maps of the moon,2,yes,',
				'14,Twice,1,,',
				'x,No number,1,,',
				'15,,1,,',
				'16,Too long,99,,',
				'17,=cmd(),1,,'
			].join('\n')
		);
		const seen = await look(draft, '?unit=1');
		expect(seen.kind!.id).toBe('plan');
		expect(seen.counts).toEqual({ fresh: 1, changed: 1, same: 0, wrong: 5 });
		expect(await keep(draft, { unit: '1' })).toEqual({ to: `/home/files/${draft}` });
		expect(await follow(look(draft))).toEqual({ to: '/units/1/plan' });
		const { lessons } = (await situation()).runs[0];
		expect(lessons[0].lesson).toMatchObject({ title: 'A map of the breakfast table', note: 'with crayons' });
		expect(lessons.at(-1)!.lesson).toMatchObject({ title: 'Maps of the moon', sessions: 2, optional: 1 });
		expect(lessons).toHaveLength(14);
		await undo((await opened()).write, doer());
		expect(await allRows(await opened())).toEqual(before);
	});

	it('lessons need a unit', async () => {
		const draft = await draftOf('lessons.csv', 'lesson,title\n1,Anything\n');
		expect((await look(draft, '?unit=99')).problem).toBe('Choose the unit that the lessons belong to.');
		expect(await keep(draft, { unit: '99' })).toMatchObject({
			answer: { status: 400, data: { path: 'run' } }
		});
	});

	it('a file that is none of ours is shown as text, or says what is wrong with it', async () => {
		expect(await look(await draftOf('list.txt', 'Lesson 1\n2 corks\n'))).toMatchObject({
			kind: null,
			problem: null,
			text: 'Lesson 1\n2 corks\n'
		});
		const { problem } = await look(await draftOf('other.csv', 'pear,plum\n1,2\n'));
		expect(problem).toMatch(/^[A-Z“].*[.!?]$/s);
	});

	it('no file at all, or one that is no text, gets a sentence', async () => {
		expect(await follow((choose.file as Action)(eventOf({}, {})))).toMatchObject({
			answer: {
				status: 400,
				data: { path: 'file', message: 'Choose a file first, or drop one on any page.' }
			}
		});
		const picture = new File([new Uint8Array([0x89, 0x50, 0x4e, 0x47, 0, 0, 0, 1, 0, 0])], 'cat.png');
		expect(await follow((choose.file as Action)(eventOf({}, { file: picture })))).toMatchObject({
			answer: { status: 400, data: { path: 'file' } }
		});
		await expect(look('999')).rejects.toMatchObject({ status: 404 });
	});

	it('a long one says how far it is, can be stopped, and then has left nothing', async () => {
		const before = await allRows(await opened());
		const lines = Array.from({ length: 900 }, (_, i) => `thing ${i},${i + 1},each`);
		const draft = await draftOf('many.csv', `item,amount,unit\n${lines.join('\n')}\n`);
		expect((await look(draft)).counts).toMatchObject({ fresh: 900, wrong: 0 });
		await keep(draft);
		expect(importJob(Number(draft))).toMatchObject({ state: 'running', total: 900 });
		expect(await keep(draft)).toMatchObject({ answer: { status: 400 } });
		await follow((review.stop as Action)(eventOf({ draft }, {})));
		await vi.waitFor(() => expect(importJob(Number(draft))!.state).toBe('stopped'), 10_000);
		expect(await allRows(await opened())).toEqual(before);
		// Begun again it goes through.
		await keep(draft);
		await vi.waitFor(() => expect(importJob(Number(draft))!.state).toBe('done'), 20_000);
		expect(await follow(look(draft))).toEqual({ to: '/home/supplies' });
		const names = new Set((await situation()).snapshot.items.map((one) => one.name));
		for (let i = 0; i < 900; i += 100) expect(names).toContain(`thing ${i}`);
	});
});
