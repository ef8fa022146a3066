/**
 * A stand-in for a library's own computer: a small server with a household's account, and a clock that can
 * be moved:
 *
 *     GET  /search?q=river       [{ isbn, title, authors, kind, pages, copies, waiting }]
 *     POST /holds                { reference, isbn, title } → 201 { number, …, expectedOn }; 404 not held here
 *     DELETE /holds/H-1          gives up a hold
 *     PUT  /holds/H-1            { later: 10 }: whoever has it keeps it so many days longer
 *     GET  /account              { today, holds: […], loans: […] }
 *     POST /loans/H-1/renew      200 { due }; 409 { message } when somebody waits for it
 *     POST /desk/check-out       { number }, as the desk does when a book is fetched
 *     POST /desk/return          { number }
 *     PUT  /clock                { today }
 *
 * A hold is asked for under the household's own reference, so asking twice gives the same hold.
 * LIBRARY_ACCOUNT names a file of holds and loans to begin with, LIBRARY_TODAY the day. A library with LIBRARY_MOST_WAIT
 * has every work, and nobody waits for one for more than so many days.
 */
import { readFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { TITLES } from './invented-titles.mjs';

const LOAN_DAYS = 21;
const RENEWALS = 2;
const SHELF_DAYS = 9;
const MOST_WAIT = Number(process.env.LIBRARY_MOST_WAIT ?? Infinity);
const MS_A_DAY = 86_400_000;

const addDays = (day, days) => new Date(Date.parse(day) + days * MS_A_DAY).toISOString().slice(0, 10);
const hash = (text) => [...text].reduce((sum, sign) => (sum * 31 + sign.codePointAt(0)) >>> 0, 7);

let today = process.env.LIBRARY_TODAY ?? new Date().toISOString().slice(0, 10);
let next = 5000;
const records = new Map();
if (process.env.LIBRARY_ACCOUNT)
	for (const one of JSON.parse(readFileSync(process.env.LIBRARY_ACCOUNT, 'utf8')))
		records.set(one.number, {
			number: one.number,
			reference: one.number,
			title: one.title,
			expected: one.ready ?? one.expected ?? one.placed,
			fetched: one.fetched ?? null,
			due: one.due ?? null,
			renewed: 0,
			returned: one.state === 'back'
		});

/** How many copies the library has of a work, and how many people wait; every 17th it does not have. */
function holdings(key) {
	const seed = hash(key);
	return seed % 17 === 0 && MOST_WAIT === Infinity ? null : { copies: 1 + (seed % 3), waiting: seed % 5 };
}

function stateOf(one) {
	if (one.returned) return 'returned';
	if (one.fetched) return 'on loan';
	if (today < one.expected) return 'waiting';
	return today <= addDays(one.expected, SHELF_DAYS) ? 'ready' : 'lapsed';
}

const shownHold = (one) => ({
	number: one.number,
	reference: one.reference,
	title: one.title,
	state: stateOf(one),
	expectedOn: one.expected
});

const shownLoan = ({ number, reference, title, fetched, due, renewed }) => ({
	number,
	reference,
	title,
	fetched,
	due,
	renewed,
	overdue: due < today
});

function placeHold({ reference, isbn, title }) {
	const before = [...records.values()].find((one) => one.reference === reference);
	if (before) return [201, shownHold(before)];
	const here = holdings(isbn || title);
	if (!here) return [404, { message: 'This library does not have it.' }];
	const one = {
		number: `H-${next++}`,
		reference,
		title,
		expected: addDays(today, Math.min(MOST_WAIT, 2 + Math.ceil((here.waiting * 7) / here.copies))),
		fetched: null,
		due: null,
		renewed: 0,
		returned: false
	};
	records.set(one.number, one);
	return [201, shownHold(one)];
}

function renew(one) {
	if (stateOf(one) !== 'on loan') return [409, { message: 'It is not on loan.' }];
	if (one.renewed >= RENEWALS) return [409, { message: `It has been renewed ${RENEWALS} times.` }];
	if (hash(one.title) % 4 === 3) return [409, { message: 'Somebody waits for it.' }];
	one.renewed++;
	one.due = addDays(one.due, LOAN_DAYS);
	return [200, { due: one.due }];
}

function search(words) {
	const wanted = words.toLowerCase().split(/\s+/).filter(Boolean);
	return [...TITLES]
		.filter(([isbn, { title, authors }]) =>
			wanted.every((word) => `${isbn} ${title} ${authors}`.toLowerCase().includes(word))
		)
		.map(([isbn, { title, authors, kind, pages }]) => ({
			isbn,
			title,
			authors,
			kind,
			pages,
			...holdings(isbn)
		}))
		.filter(({ copies }) => copies)
		.slice(0, 20);
}

function account() {
	const all = [...records.values()];
	return {
		today,
		holds: all.filter((one) => !one.fetched && !one.returned).map(shownHold),
		loans: all.filter((one) => stateOf(one) === 'on loan').map(shownLoan)
	};
}

const UNKNOWN = [404, { message: 'There is no such number in this account.' }];

/** Takes a request apart: its method and the parts of its path. */
function answer(method, [place, second, third], query, body) {
	switch (`${method} ${place}`) {
		case 'GET search':
			return [200, search(query.get('q') ?? '')];
		case 'GET account':
			return [200, account()];
		case 'POST holds':
			return placeHold(body);
		case 'PUT clock':
			({ today } = body);
			return [200, { today }];
		case 'POST desk': {
			const one = records.get(body.number);
			if (!one) return UNKNOWN;
			if (second === 'return') one.returned = true;
			else Object.assign(one, { fetched: today, due: addDays(today, LOAN_DAYS) });
			return [200, shownHold(one)];
		}
		case 'PUT holds': {
			const one = records.get(second);
			if (!one) return UNKNOWN;
			one.expected = addDays(one.expected, body.later);
			return [200, shownHold(one)];
		}
		case 'DELETE holds': {
			const one = records.get(second);
			if (!one) return UNKNOWN;
			one.returned = true;
			return [200, {}];
		}
		case 'POST loans':
			return third === 'renew' && records.has(second) ? renew(records.get(second)) : UNKNOWN;
		default:
			return [404, { message: 'There is nothing here.' }];
	}
}

const server = createServer((request, response) => {
	let text = '';
	request.on('data', (part) => (text += part));
	request.on('end', () => {
		const url = new URL(request.url ?? '/', 'http://library');
		let result = [400, { message: 'That cannot be read.' }];
		try {
			const parts = url.pathname.split('/').slice(1);
			result = answer(request.method, parts, url.searchParams, text ? JSON.parse(text) : {});
		} catch {
			// What is no JSON gets the answer above.
		}
		response.writeHead(result[0], { 'content-type': 'application/json' });
		response.end(JSON.stringify(result[1]));
	});
});

const port = Number(process.env.LIBRARY_PORT ?? 0);
server.listen(port, '127.0.0.1', () => console.log(`Library on http://127.0.0.1:${server.address().port}`));
