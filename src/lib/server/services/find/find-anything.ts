import { dayText } from '$core/calendar/index.ts';
import { findBest, saidIn } from '$core/find/index.ts';
import { groupBy } from '$core/group-by.ts';
import { withCapitals } from '$core/naming/index.ts';
import { amountText, exact } from '$core/measure/index.ts';
import type { Db } from '../../database/open.ts';
import { once, byId, thingId } from '$core/facts/index.ts';
import { placePath, whereText, type Situation } from '$core/account/index.ts';
import { EVERYTHING, libraryPage } from '../library/search.ts';
import { findPages } from '../../stores/print/documents.ts';

export type Found = { readonly name: string; readonly detail: string; readonly href: string };

const SHOWN = 12;
const indexed = once(indexOf);

/** Anything by name, with where it is; and acts, such as "add flour". */
export async function findAnything(read: Db, situation: Situation, typed: string): Promise<Found[]> {
	const said = saidIn(typed);
	if (said?.kind === 'add') {
		return [
			{
				name: `Add “${said.words}” to supplies at home`,
				detail: 'At home · Supplies',
				href: `/home/supplies?${new URLSearchParams({ add: said.words })}`
			}
		];
	}
	const index = indexed(situation);
	if (said?.kind === 'where') return whereIs(read, situation, said.words);
	if (said?.kind === 'gone') {
		const gone = usedUp(situation, said.words);
		if (gone.length > 0) return gone;
	}
	const books = await libraryPage(read, situation, { ...EVERYTHING, words: typed }, 0, SHOWN);
	const shelf = books.rows.map((row) => ({
		name: row.title,
		detail: [row.kind, row.where].join(', '),
		href: `/home/books/${row.id}`
	}));
	const pages = typed.trim().length < MOST_SHORT ? [] : await pagesWith(read, situation, typed.trim());
	// A book that is sought by a word of its topics stands behind what has the word in its name.
	const found = findBest([...index, ...shelf], typed, SHOWN);
	const named = new Set(found);
	return [...found, ...shelf.filter((one) => !named.has(one)), ...pages].slice(0, SHOWN);
}

/** Things that are said to be used up: each opens where that is noted. */
function usedUp({ snapshot }: Situation, words: string): Found[] {
	const things = snapshot.items.map((item) => ({ name: item.name, id: item.id }));
	return findBest(things, words, MOST_GONE).map(({ name, id }) => ({
		name: `No more ${withCapitals(name)}`,
		detail: 'note that it’s used up',
		href: `/home/supplies?item=${id}`
	}));
}

const MOST_GONE = 3;

/** Where things are: the box that they lie in, opened at their layer, before the place where they are kept. */
async function whereIs(read: Db, situation: Situation, name: string): Promise<Found[]> {
	const { snapshot } = situation;
	const isBox = byId(snapshot.places);
	const books = await libraryPage(read, situation, { ...EVERYTHING, words: name }, 0, SHOWN);
	const rows = byId(snapshot.resources);
	const titles = books.rows.map((row): Found => {
		const { place_id } = rows.get(row.id)!;
		return {
			name: row.title,
			detail: row.where,
			href:
				place_id !== null && isBox.get(place_id)?.kind === 'box'
					? `/boxes/${place_id}?thing=title-${row.id}`
					: `/home/books/${row.id}`
		};
	});
	const things = snapshot.items.flatMap((item): Found[] => {
		const lots = snapshot.lots.filter((lot) => lot.item_id === item.id && lot.amount !== '0');
		const said = snapshot.statements.find((one) => one.item_id === item.id && one.state === 'enough');
		if (lots.length === 0)
			return [
				{
					name: item.name,
					detail: said
						? said.place_id === null
							? 'at home, no place noted'
							: whereText(snapshot, thingId('item', item.id), said.place_id)
						: 'none at home',
					href:
						said && isBox.get(said.place_id ?? 0)?.kind === 'box'
							? `/boxes/${said.place_id}?thing=${thingId('item', item.id)}`
							: `/home/supplies?item=${item.id}`
				}
			];
		return lots.map((lot) => ({
			name: item.name,
			detail: `${amountText(exact(lot.amount), lot.unit)}, ${whereText(snapshot, thingId('item', item.id), lot.place_id)}`,
			href:
				lot.place_id !== null && isBox.get(lot.place_id)?.kind === 'box'
					? `/boxes/${lot.place_id}?thing=${thingId('item', item.id)}`
					: `/home/supplies?item=${item.id}`
		}));
	});
	return findBest([...boxedOf(situation), ...things, ...titles], name, SHOWN);
}

/** Things of units that are in no other list, with the box that they lie in. */
function boxedOf({ snapshot, runs }: Situation): Found[] {
	return snapshot.boxedThings
		.filter((one) => one.run_id !== null)
		.map((one) => {
			const run = runs.find(({ row }) => row.id === one.run_id);
			return {
				name: one.title,
				detail:
					one.place_id === null ? `in use, ${run?.unit.name}` : whereText(snapshot, thingId('own', one.id)),
				href:
					one.place_id === null ? `/units/${one.run_id}/boxes` : `/boxes/${one.place_id}?thing=own-${one.id}`
			};
		});
}

/** Fewer letters stand on every page. */
const MOST_SHORT = 4;
const PAGES_SHOWN = 4;

/** Pages of what units are printed from that have these words on them. */
async function pagesWith(read: Db, { snapshot, runs }: Situation, typed: string): Promise<Found[]> {
	const found = await findPages(read, typed, PAGES_SHOWN);
	const documents = new Map(snapshot.documents.map((one) => [one.sha256, one.id]));
	return found.flatMap(({ sha256, page, text }): Found[] => {
		const resource = snapshot.resources.find((one) => one.document_id === documents.get(sha256));
		const source = snapshot.printSources.find((one) => one.resource_id === resource?.id);
		const run = runs.find((one) => one.row.id === source?.run_id);
		if (!resource || !source || !run) return [];
		const at = text.toLowerCase().indexOf(typed.toLowerCase());
		const around = text
			.slice(Math.max(0, at - 20), at + 50)
			.replace(/\s+/g, ' ')
			.trim();
		return [
			{
				name: `${resource.title}, page ${page}`,
				detail: `“${around}”, ${run.unit.name}`,
				href: `/units/${run.row.id}/print/sort/${source.id}?page=${page}`
			}
		];
	});
}

function indexOf(situation: Situation): Found[] {
	const { snapshot } = situation;
	const pages: Found[] = [
		{ name: 'Next', detail: 'what to do, by date', href: '/' },
		{ name: 'Walk the house', detail: 'Lists', href: '/lists/walk?span=all' },
		{ name: 'Library trips', detail: 'Lists', href: '/lists/library' },
		{ name: 'Home library', detail: 'At home', href: '/home/books' },
		{ name: 'Scan a shelf', detail: 'At home', href: '/home/books/scan' },
		{ name: 'Recount', detail: 'At home', href: '/home/count' },
		{ name: 'Places', detail: 'At home', href: '/home/places' },
		{ name: 'Import and export', detail: 'CSV', href: '/home/files' },
		{ name: 'Getting started', detail: 'first steps', href: '/start/who' },
		{ name: 'Printing', detail: 'printer, prices, laminating', href: '/house/printing' },
		{ name: 'Household, people, and stores', detail: 'settings', href: '/house' }
	];
	const units = situation.runs.map(({ row: run, unit }) => ({
		name: unit.name,
		detail: `unit, ${run.state}`,
		href: `/units/${run.id}`
	}));
	const lessons = situation.runs.flatMap(({ row: run, unit, lessons: own }) =>
		own.map(({ lesson, number, dates }) => ({
			name: lesson.title,
			detail: `lesson ${number} of ${unit.name}${dates[0] ? `, ${dayText(dates[0])}` : ''}`,
			href: `/units/${run.id}`
		}))
	);
	const people = snapshot.people.map((person) => ({
		name: person.name,
		detail: person.kind,
		href: '/house'
	}));
	const suppliers = snapshot.suppliers.map((one) => ({ name: one.name, detail: one.kind, href: '/house' }));
	const places = snapshot.places.map((place) => ({
		name: place.name,
		detail: placePath(snapshot.places, place.id),
		href: place.kind === 'box' ? `/boxes/${place.id}` : `/home/places?place=${place.id}`
	}));
	const aliases = snapshot.aliases.map((alias) => ({ name: alias.name, id: alias.item_id }));
	const lotsOf = groupBy(snapshot.lots, (lot) => lot.item_id);
	const things = [...snapshot.items.map((item) => ({ name: item.name, id: item.id })), ...aliases].map(
		({ name, id }) => {
			const lots = (lotsOf.get(id) ?? []).filter((lot) => lot.amount !== '0');
			const where = lots.map(
				(lot) =>
					`${amountText(exact(lot.amount), lot.unit)}, ${whereText(snapshot, thingId('item', lot.item_id), lot.place_id)}`
			);
			return { name, detail: where.join('; ') || 'none at home', href: `/home/supplies?item=${id}` };
		}
	);
	return [
		...things,
		...boxedOf(situation),
		...places,
		...lessons,
		...units,
		...people,
		...suppliers,
		...pages
	];
}
