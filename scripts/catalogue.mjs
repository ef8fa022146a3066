/**
 * A stand-in for a library catalogue: a small server of its own with some 400 invented titles. Some
 * numbers are slow to be found, some fail, some are not there, as in a real one:
 *
 *     GET /isbn/9799900010000   200 { title, authors, … } or 404; 503 when it fails
 *
 * Numbers that end in 7 take long; every 23rd title fails on the first try, every 41st always.
 */
import { createServer } from 'node:http';

const SUBJECTS = [
	['River', 'rivers'],
	['Lantern', 'light'],
	['Beetle', 'insects'],
	['Harbor', 'ships'],
	['Meadow', 'plants'],
	['Comet', 'stars'],
	['Loom', 'making'],
	['Glacier', 'ice'],
	['Fiddle', 'music'],
	['Orchard', 'plants'],
	['Thunder', 'weather'],
	['Badger', 'animals'],
	['Canal', 'towns'],
	['Kiln', 'making'],
	['Heron', 'birds'],
	['Quarry', 'rocks'],
	['Ledger', 'numbers'],
	['Saddle', 'animals'],
	['Signal', 'towns'],
	['Tide', 'sea']
];
const FORMS = [
	(word) => `The ${word} at the End of the Lane`,
	(word) => `A Small History of the ${word}`,
	(word) => `${word} Weather`,
	(word) => `How the ${word} Works`,
	(word) => `My ${word} and Yours`,
	(word) => `The ${word} Keeper`,
	(word) => `Nine Days with a ${word}`,
	(word) => `${word} Songs`,
	(word) => `What the ${word} Said`,
	(word) => `The Last ${word} of Winter`,
	(word) => `${word} for Beginners`,
	(word) => `Under the ${word}`,
	(word) => `The ${word} Alphabet`,
	(word) => `A ${word} of One’s Own`,
	(word) => `Drawing the ${word}`,
	(word) => `The ${word} Question`,
	(word) => `Letters about a ${word}`,
	(word) => `The Night ${word}`,
	(word) => `${word}, Step by Step`,
	(word) => `The Paper ${word}`
];
const AUTHORS = [
	'Ottilie Brandt',
	'Jasper Nye',
	'Corwen Hale',
	'Mirela Stone',
	'Anselm Grove',
	'Tamar Lisle',
	'Peregrine Ash'
];
const PUBLISHERS = ['Candlewick Lane', 'Two Ponds Press', 'Hollow Oak'];

function isbn(index) {
	const body = `97999${String(5000 + index).padStart(7, '0')}`;
	const sum = [...body].reduce((all, digit, i) => all + Number(digit) * (i % 2 ? 3 : 1), 0);
	return body + ((10 - (sum % 10)) % 10);
}

const TITLES = new Map(
	SUBJECTS.flatMap(([word, topic], s) =>
		FORMS.map((form, f) => {
			const i = s * FORMS.length + f;
			const from = 3 + (i % 8);
			return [
				isbn(i),
				{
					index: i,
					title: form(word),
					authors: AUTHORS[i % AUTHORS.length],
					publisher: PUBLISHERS[i % PUBLISHERS.length],
					year: 1998 + (i % 27),
					language: 'English',
					pages: 24 + ((i * 37) % 190),
					kind: from < 6 ? 'picture book' : 'book',
					fromAge: from,
					toAge: from + 4,
					grade: Math.max(0, from - 5),
					topics: topic
				}
			];
		})
	)
);

const SLOW_MS = 1200;
const failedOnce = new Set();

const server = createServer((request, response) => {
	const answer = (status, body) => {
		response.writeHead(status, { 'content-type': 'application/json' });
		response.end(JSON.stringify(body));
	};
	const [, number] = /^\/isbn\/(\d{13})$/.exec(request.url ?? '') ?? [];
	if (!number) return answer(404, { message: 'Ask for /isbn/ and thirteen digits.' });
	const found = TITLES.get(number);
	if (!found) return answer(404, { message: 'This number is not in the catalogue.' });
	const { index, ...book } = found;
	if (index % 41 === 40) return answer(503, { message: 'The catalogue is busy.' });
	if (index % 23 === 22 && !failedOnce.has(number)) {
		failedOnce.add(number);
		return answer(503, { message: 'The catalogue is busy.' });
	}
	setTimeout(() => answer(200, book), number.endsWith('7') ? SLOW_MS : 20);
});

const port = Number(process.env.CATALOGUE_PORT ?? 0);
server.listen(port, '127.0.0.1', () => console.log(`Catalogue on http://127.0.0.1:${server.address().port}`));
