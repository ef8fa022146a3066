/**
 * A stand-in for a library catalogue: a small server of its own with some 400 invented titles. Some
 * numbers are slow to be found, some fail, some are not there, as in a real one:
 *
 *     GET /isbn/9799900010000   200 { title, authors, … } or 404; 503 when it fails
 *
 * Numbers that end in 7 take long; every 23rd title fails on the first try, every 41st always.
 */
import { createServer } from 'node:http';
import { TITLES } from './invented-titles.mjs';

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
