import { describe, expect, it } from 'vitest';
import { parsed } from '$core/facts/index.ts';
import { change, undo } from '../../history/changes.ts';
import { DeskSilent, type LibraryDesk } from '../../outside/library-desk.ts';
import { allRows, doer, openTestStore, situationOf } from '../../tests/household.ts';
import { askForBooks, newsText } from './ask-for-books.ts';
import { bookListView, listedIn } from './book-list.ts';
import { reviewBooks, saveBooks } from './book-review.ts';
import { chooseForAll } from './choose-all.ts';
import { decideBook, type Choice } from './choose-book.ts';
import { asListed } from '../../schemas/listed-book.ts';

async function maps(list: string) {
	const store = await openTestStore();
	const save = async (text: string) => {
		const now = await situationOf(store);
		const review = reviewBooks(now, now.runs[0], text);
		const number = (typed: string) => (typed === '' ? null : Number(typed));
		const rows = review.rows.map((row, i) => ({
			id: row.id,
			path: `row-${i}-`,
			book: asListed(
				{ ...row, fromAge: number(row.fromAge), toAge: number(row.toAge), pages: number(row.pages) },
				`row-${i}-`
			)
		}));
		const gone = review.gone.filter((book) => book.again).map((book) => book.id);
		return change(store.write, doer(), 'list', (trx) => saveBooks(trx, now, now.runs[0], rows, gone));
	};
	await save(list);
	const decide = async (title: string, choice: Choice) => {
		const now = await situationOf(store);
		const row = listedIn(now.snapshot, now.runs[0]).find((one) => one.title === title)!;
		return change(store.write, doer(), 'decide', (trx) => decideBook(trx, now, now.runs[0], row.id, choice));
	};
	const view = async () => {
		const now = await situationOf(store);
		return { now, view: bookListView(now, now.runs[0]), listed: listedIn(now.snapshot, now.runs[0]) };
	};
	return { store, save, decide, view };
}

const LIST = `Lesson 9
The Lamp Room by Orla Teague (ages 5–9), pp. 10–14 (out of print)
Winter on the Weir by Ned Corrow (independent reading, grades 4-5)
Lesson 10
Pip Digs by Ada Voss (ages 2-3)`;

describe('a book list', () => {
	it('what is decided stands in library and lesson with what the guide says, and leaves nothing behind', async () => {
		const { store, decide, view } = await maps(LIST);
		const before = await allRows(store);
		await decide('The Lamp Room', 'borrow');
		const { now, listed } = await view();
		const row = listed.find((one) => one.title === 'The Lamp Room')!;
		const resource = now.snapshot.resources.find((one) => one.id === row.resource_id)!;
		expect(resource).toMatchObject({
			title: 'The Lamp Room',
			authors: 'Orla Teague',
			owned: 0,
			from_age: 5,
			to_age: 9,
			notes: 'out of print'
		});
		const use = now.snapshot.uses.find((one) => one.id === parsed(row.uses)[0])!;
		expect(use).toMatchObject({
			lesson_id: row.lesson_id,
			role: 'read aloud',
			from_page: 10,
			to_page: 14,
			required: 1
		});
		// It waits for a hold in the stream of books.
		expect(now.whole.find((one) => one.book?.resource.id === resource.id)?.step?.kind).toBe('place');
		await decide('The Lamp Room', 'buy');
		expect((await view()).now.whole.find((one) => one.book?.resource.id === resource.id)?.step?.kind).toBe(
			'get'
		);
		await decide('The Lamp Room', 'skip');
		await decide('The Lamp Room', '');
		expect(await allRows(store)).toEqual(before);
	});

	it('one undo takes a decision back whole', async () => {
		const { store, decide, view } = await maps(LIST);
		const before = await allRows(store);
		await decide('The Lamp Room', 'have');
		expect((await view()).listed.some((one) => one.choice === 'have')).toBe(true);
		await undo(store.write, doer());
		expect(await allRows(store)).toEqual(before);
	});

	it('a book that a friend lends is borrowed from that friend; “have it” on it can be taken back', async () => {
		const { decide, view } = await maps('Lesson 9\nBreath, Breeze, Storm by Joss Tarn, pp. 50–90');
		const entry = async () => {
			const { now } = await view();
			return now.snapshot.resources.find((one) => one.title === 'Breath, Breeze, Storm')!;
		};
		const before = await entry();
		await decide('Breath, Breeze, Storm', 'have');
		expect((await entry()).owned).toBe(1);
		await decide('Breath, Breeze, Storm', 'borrow');
		expect(await entry()).toMatchObject({ owned: 0, supplier_id: before.supplier_id, came_from: '' });
		// The guide's pages go beyond the book that we know: they stay a note.
		const { now } = await view();
		const use = now.snapshot.uses.find((one) => one.resource_id === before.id)!;
		expect(use).toMatchObject({ from_page: null, note: 'pp. 50–90' });
		await decide('Breath, Breeze, Storm', 'have');
		await decide('Breath, Breeze, Storm', '');
		expect(await entry()).toMatchObject({ owned: 0, came_from: '' });
	});

	it('a lesson whose books are all skipped is not asked about again', async () => {
		const { decide, view } = await maps(LIST);
		await decide('Pip Digs', 'skip');
		await decide('The Lamp Room', 'have');
		expect((await view()).view.sentence).toMatch(/^A book is chosen/);
	});

	it('holes are named by lesson and by reader', async () => {
		const { decide, view } = await maps(LIST);
		const holes = async () => (await view()).view.groups.map((group) => group.hole);
		expect(await holes()).toEqual(['None chosen yet.', 'None chosen yet.']);
		await decide('Winter on the Weir', 'borrow');
		expect((await holes())[0]).toMatch(/^Nothing for Perrin \(7\)/);
		await decide('The Lamp Room', 'have');
		expect((await holes())[0]).toBeNull();
		await decide('Pip Digs', 'skip');
		expect((await holes())[1]).toBe('All skipped: no book for this lesson.');
	});

	it('a tap takes the best for each lesson, and one more where it leaves a child out', async () => {
		const { store, view } = await maps(LIST.replace('(ages 5–9)', '(read alone, ages 7-8)'));
		const { now } = await view();
		const { result } = await change(store.write, doer(), 'all', (trx) => chooseForAll(trx, now, now.runs[0]));
		expect(result).toBe(3);
		expect((await view()).listed.map((row) => row.choice)).toEqual(['borrow', 'borrow', 'borrow']);
	});

	it('pasted again: what was corrected by hand stays, what the list changes is said, what is gone goes', async () => {
		const { save, decide, view } = await maps(LIST);
		await decide('The Lamp Room', 'borrow');
		expect((await save(LIST)).result).toEqual({ added: 0, changed: 0, removed: 0 });
		const second = LIST.replace('pp. 10–14', 'pp. 20–24').replace(
			'\nWinter on the Weir by Ned Corrow (independent reading, grades 4-5)',
			''
		);
		expect((await save(second)).result).toEqual({ added: 0, changed: 1, removed: 1 });
		const { now, listed } = await view();
		const row = listed.find((one) => one.title === 'The Lamp Room')!;
		expect(row.choice).toBe('borrow');
		expect(now.snapshot.uses.find((one) => one.id === parsed(row.uses)[0])).toMatchObject({
			from_page: 20,
			to_page: 24
		});
		expect(listed.map((one) => one.title)).toEqual(['The Lamp Room', 'Pip Digs']);
	});
});

describe('asking the library about listed books', () => {
	const desk = (search: LibraryDesk['search']): LibraryDesk => ({ search }) as LibraryDesk;
	const none = async () => ({ state: 'no answer' as const });

	it('takes the title and author that are meant, in the copy with the shortest wait', async () => {
		const { view } = await maps(LIST);
		const { listed } = await view();
		const copy = { isbn: '', kind: 'book', pages: 60 };
		const { news, isSilent } = await askForBooks(
			listed,
			desk(async (words) => [
				{ ...copy, title: words, authors: 'Somebody Else', copies: 9, waiting: 0 },
				{ ...copy, title: 'The Lamp Room', authors: 'Orla Teague', copies: 1, waiting: 4 },
				{ ...copy, title: 'The Lamp Room', authors: 'Teague, Orla; Orla Teague', copies: 2, waiting: 1 }
			]),
			none,
			'2027-01-22'
		);
		expect(isSilent).toBe(false);
		expect(news.map(({ at }) => [at.copies, at.waiting])).toEqual([
			[2, 1],
			[0, 0],
			[0, 0]
		]);
		expect(newsText(news, false)).toBe('The library has 1 of 3 titles.');
	});

	it('goes on with what it has where the library falls silent', async () => {
		const { view } = await maps(LIST);
		const { listed } = await view();
		const silent = desk(async () => {
			throw new DeskSilent();
		});
		expect(await askForBooks(listed, silent, none, '2027-01-22')).toEqual({ news: [], isSilent: true });
		expect(newsText([], true)).toMatch(/isn’t answering; choose anyway/);
	});
});
