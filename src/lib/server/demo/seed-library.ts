import { readBookList, titleKey } from '$core/library/index.ts';
import {
	ALIKE,
	BREAD_USES,
	CONTENT,
	CONTENT_POLICY,
	KITE_BOOK_LIST,
	KITE_USES,
	LENT,
	LENT_PIECES,
	LOANS,
	RESOURCES,
	USES
} from '../../../../demo/library.ts';
import { ACTIVITIES, SPINES } from '../../../../demo/plan.ts';
import { json, type Row } from '$core/facts/index.ts';
import type { Trx } from '../history/changes.ts';
import { typedUse } from '../services/library/uses.ts';
import { addListed } from '../stores/library/listed-books.ts';
import { addResource, addUse } from '../stores/library/resources.ts';

/** The books and things, which lessons want them, and what the library has lent. */
export async function seedLibrary(
	trx: Trx,
	runs: Readonly<Record<'maps' | 'kites' | 'bread', number>>,
	places: ReadonlyMap<string, number>
) {
	const suppliers = await trx.selectFrom('supplier').selectAll().execute();
	const supplierId = (kind: string) => suppliers.find((one) => one.kind === kind)!.id;
	const van = suppliers.find((one) => one.name === 'Bookmobile')!.id;
	const people = await trx.selectFrom('person').selectAll().where('kind', '!=', 'adult').execute();
	const ids = new Map<string, number>();
	for (const [i, one] of RESOURCES.entries()) {
		const away = ['library', 'friend', 'van'].includes(one.where);
		const isRead = ['book', 'picture book', 'magazine', 'printable'].includes(one.kind);
		const id = await addResource(
			trx,
			{
				title: one.title,
				authors: one.authors,
				kind: one.kind as Row<'resource'>['kind'],
				isbn13: one.kind.endsWith('book') ? inventedIsbn(i) : null,
				pages: isRead ? one.count : null,
				pieces: isRead ? null : one.count,
				from_age: one.fromAge,
				to_age: one.toAge,
				grade: one.grade,
				language: one.grade === null ? '' : 'English',
				topics: one.topics,
				owned: away ? 0 : 1,
				place_id: places.get(one.where) ?? null,
				supplier_id: away ? (one.where === 'van' ? van : supplierId(one.where)) : null,
				hardcover: one.kind === 'picture book' ? 1 : 0,
				small_parts: one.kind === 'kit' ? 1 : 0,
				players_from: one.kind === 'game' ? 2 : null,
				players_to: one.kind === 'game' ? 4 : null,
				minutes: one.kind === 'link' ? 20 : null,
				address:
					one.kind === 'link' ? `https://films.example.org/${titleKey(one.title).replaceAll(' ', '-')}` : '',
				service: one.kind === 'link' ? 'the library’s movie shelf' : '',
				device: one.kind === 'link' ? 'laptop' : '',
				rights: one.kind === 'printable' ? 'one class' : 'own family',
				content: json(CONTENT[one.title] ?? [])
			},
			'2026-09-01'
		);
		ids.set(one.title, id);
	}
	const idOf = (title: string) => ids.get(title)!;
	for (const book of SPINES)
		await trx
			.updateTable('spine')
			.set({ resource_id: idOf(book.title) })
			.where('run_id', '=', runs.maps)
			.where('title', '=', book.title)
			.execute();
	for (const [own, uses] of [
		[runs.maps, USES],
		[runs.kites, KITE_USES],
		[runs.bread, BREAD_USES]
	] as const) {
		const ofRun = await trx
			.selectFrom('lesson')
			.select('id')
			.where('run_id', '=', own)
			.orderBy('position')
			.execute();
		for (const [number, title, text] of uses)
			await addUse(trx, own, {
				...typedUse(people, text),
				resource_id: idOf(title),
				lesson_id: ofRun[number - 1].id
			});
	}
	await trx.updateTable('resource').set({ alike: ALIKE.about }).where('title', 'in', ALIKE.titles).execute();
	await seedBookList(trx, runs.kites);
	const activities = await trx
		.selectFrom('activity')
		.select(['id', 'title'])
		.where('run_id', '=', runs.maps)
		.execute();
	const activityId = (title: string) => activities.find((one) => one.title === title)!.id;
	for (const { text, takes = [] } of ACTIVITIES)
		for (const title of takes)
			await trx
				.insertInto('activity_resource')
				.values({ activity_id: activityId(text.split(', ')[0]), resource_id: idOf(title) })
				.execute();
	for (const { set, piece, to, on } of LENT_PIECES)
		await trx
			.insertInto('lent_piece')
			.values({ resource_id: idOf(set), piece, activity_id: activityId(to), lent_to: to, lent_on: on })
			.execute();
	await trx
		.updateTable('household')
		.set({ content_policy: json(CONTENT_POLICY) })
		.execute();
	for (const loan of LOANS)
		await trx
			.insertInto('loan')
			.values({
				resource_id: idOf(loan.title),
				direction: 'in',
				supplier_id: supplierId('library'),
				state: loan.state,
				placed_on: loan.placed,
				expected_on: loan.expected ?? null,
				ready_on: loan.ready ?? null,
				fetched_on: loan.fetched ?? null,
				due_on: loan.due ?? null,
				back_on: loan.state === 'back' ? '2027-01-19' : null,
				hold_number: loan.number
			})
			.execute();
	await trx
		.insertInto('loan')
		.values({
			resource_id: idOf(LENT.title),
			direction: 'out',
			borrower: LENT.to,
			state: 'on loan',
			fetched_on: LENT.since,
			due_on: LENT.due
		})
		.execute();
}

/** A number of a range that is given to nobody, with its right check digit. */
export function inventedIsbn(index: number): string {
	const body = `97999${String(1000 + index).padStart(7, '0')}`;
	const sum = [...body].reduce((all, digit, i) => all + Number(digit) * (i % 2 ? 3 : 1), 0);
	return body + ((10 - (sum % 10)) % 10);
}

/** The book list of a unit, read as if it had been pasted. */
async function seedBookList(trx: Trx, run: number) {
	const lessons = await trx
		.selectFrom('lesson')
		.selectAll()
		.where('run_id', '=', run)
		.orderBy('position')
		.execute();
	const { books } = readBookList(
		KITE_BOOK_LIST,
		lessons.map(({ id, title }, i) => ({ id: String(id), number: i + 1, title }))
	);
	for (const { read, written, lesson } of books)
		await addListed(trx, run, {
			lesson_id: lesson === null ? null : Number(lesson),
			written,
			title: read.title,
			authors: read.by.join(', '),
			isbn13: read.isbn13,
			kind: read.kind,
			role: read.role,
			from_age: read.fromAge,
			to_age: read.toAge,
			pages: read.pages,
			optional: read.optional ? 1 : 0,
			note: read.note ?? '',
			needs_look: read.check ? 1 : 0
		});
}
