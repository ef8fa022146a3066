import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readBookLine } from './book-line.ts';
import type { ReadBook } from './book.ts';
import { readBookList } from './book-list.ts';
import { agesIn } from './remarks.ts';
import { isPerson, namesIn, turned } from './person.ts';

/** Lines as guides and bibliographies print them; titles and names are made up, the forms are common practice. */
const short = (book: ReadBook): string =>
	[
		book.title,
		book.by.length ? `by ${book.by.join(' + ')}` : '',
		book.isbn13 ?? '',
		book.kind === 'book' ? '' : book.kind,
		book.role ?? '',
		book.fromAge === null && book.toAge === null ? '' : `${book.fromAge}-${book.toAge ?? ''}`,
		book.pages === null ? '' : `${book.pages} pages`,
		book.optional ? 'optional' : '',
		book.note ? `(${book.note})` : '',
		book.check ? 'look' : ''
	]
		.filter(Boolean)
		.join(' | ');
const read = (text: string) => readBookLine(text).map(short).join(' & ');

const FORMS: Readonly<Record<string, readonly (readonly [string, string])[]>> = {
	'title and author': [
		['The Mill Race by Orla Teague', 'The Mill Race | by Orla Teague'],
		['The Mill Race, by Orla Teague', 'The Mill Race | by Orla Teague'],
		['The Mill Race, written by Orla Teague', 'The Mill Race | by Orla Teague'],
		['The Mill Race – Orla Teague', 'The Mill Race | by Orla Teague'],
		['The Mill Race -- Orla Teague', 'The Mill Race | by Orla Teague'],
		['The Mill Race / Orla Teague', 'The Mill Race | by Orla Teague'],
		['The Mill Race (Orla Teague)', 'The Mill Race | by Orla Teague'],
		['The Mill Race, Orla Teague', 'The Mill Race | by Orla Teague'],
		['The Mill Race\tOrla Teague\tages 5-9', 'The Mill Race | by Orla Teague | 5-9'],
		['“The Mill Race” by Orla Teague', 'The Mill Race | by Orla Teague'],
		['_The Mill Race_ by Orla Teague', 'The Mill Race | by Orla Teague'],
		['Orla Teague, "The Mill Race"', 'The Mill Race | by Orla Teague'],
		['Teague, Orla – The Mill Race', 'The Mill Race | by Orla Teague'],
		['de la Vega, Inés: The Mill Race', 'The Mill Race | by Inés de la Vega'],
		['Waiting by the Weir by Orla Teague', 'Waiting by the Weir | by Orla Teague'],
		['The Mill Race by Orla and Finn Teague', 'The Mill Race | by Orla Teague + Finn Teague'],
		[
			'The Mill Race by Orla Teague, Ned Corrow, and Ada Voss',
			'The Mill Race | by Orla Teague + Ned Corrow + Ada Voss'
		],
		['The Mill Race by Orla Teague et al.', 'The Mill Race | by Orla Teague'],
		['The "Quiet" Weir by Orla Teague', 'The "Quiet" Weir | by Orla Teague'],
		['Who Turned the Wheel?', 'Who Turned the Wheel?']
	],
	bibliographies: [
		['Teague, Orla. The Mill Race. Tarn Press, 2011.', 'The Mill Race | by Orla Teague'],
		['Teague, O. P. The Mill Race. York: Tarn Press, 2011.', 'The Mill Race | by O. P. Teague'],
		[
			'Teague, Orla, and Ned Corrow. The Mill Race. Tarn Press, 2011.',
			'The Mill Race | by Orla Teague + Ned Corrow'
		],
		['Teague, Orla. (2011). The Mill Race. Tarn Press.', 'The Mill Race | by Orla Teague'],
		['Teague, Orla. "The Mill Race." Tarn Press, 2011. (ages 8-11)', 'The Mill Race | by Orla Teague | 8-11']
	],
	'what is said of a book': [
		[
			'The Mill Race by Orla Teague (picture book, K–2)',
			'The Mill Race | by Orla Teague | picture book | 5-8'
		],
		['Read-aloud: The Mill Race by Orla Teague', 'The Mill Race | by Orla Teague | read aloud'],
		['Chapter book: The Mill Race by Orla Teague', 'The Mill Race | by Orla Teague | read alone'],
		[
			'Read-aloud for the whole unit: The Mill Race by Orla Teague',
			'The Mill Race | by Orla Teague | read aloud'
		],
		['Optional read-aloud: The Mill Race', 'The Mill Race | read aloud | optional'],
		['Atlas: Rivers of the North, pp. 30–33', 'Rivers of the North | reference | (pp. 30–33)'],
		[
			'The Mill Race by Orla Teague, 96 pp. (out of print, ages 7 and up)',
			'The Mill Race | by Orla Teague | 7- | 96 pages | (out of print)'
		],
		[
			'The Mill Race by Orla Teague, illustrated by Ned Corrow',
			'The Mill Race | by Orla Teague | (illustrated by Ned Corrow)'
		],
		[
			'The Mill Race (River Tales #2) by Orla Teague – optional',
			'The Mill Race | by Orla Teague | optional | (River Tales #2)'
		],
		['The Mill Race by Orla Teague, ISBN 0-306-40615-2', 'The Mill Race | by Orla Teague | 9780306406157'],
		['The Mill Race by Orla Teague, ISBN 0-306-40615-3', 'The Mill Race | by Orla Teague | look'],
		['The Ghost of Grade 4 by Orla Teague', 'The Ghost of Grade 4 | by Orla Teague'],
		['Frog Facts (K-1), 24 pp', 'Frog Facts | 5-7 | 24 pages'],
		['DVD: Life in the Weir', 'Life in the Weir | disc']
	],
	'several, and none': [
		[
			'The Weir by Orla Teague; The Mill by Ned Corrow',
			'The Weir | by Orla Teague & The Mill | by Ned Corrow'
		],
		[
			'The Weir by Orla Teague; illustrated by Ned Corrow',
			'The Weir | by Orla Teague | (illustrated by Ned Corrow)'
		],
		[
			'The Weir by Orla Teague; The Mill by Ned Corrow (optional)',
			'The Weir | by Orla Teague | optional & The Mill | by Ned Corrow | optional'
		],
		[
			'Picture books: The Weir by Orla Teague; The Mill by Ned Corrow',
			'The Weir | by Orla Teague | picture book & The Mill | by Ned Corrow | picture book'
		],
		['Lesson 4: Mills and Weirs', ''],
		['Read-Aloud Suggestions', ''],
		['Title\tAuthor\tAges', ''],
		['Choose one for each lesson.', '']
	],
	'what may be read in two ways': [
		['Sallow Weir – Amber Teague – Winter Tales', 'Sallow Weir | by Amber Teague | (Winter Tales) | look'],
		['Orla Teague: The Mill Race', 'Orla Teague: The Mill Race | look'],
		['One Wheel, Many Mills', 'One Wheel, Many Mills | look'],
		['Orla Teague', 'Orla Teague | look'],
		['A Winter Walk by Heather Brook', 'A Winter Walk | by Heather Brook | look']
	]
};

for (const [form, lines] of Object.entries(FORMS)) {
	describe(form, () => {
		it.each(lines)('%s', (text, expected) => expect(read(text)).toBe(expected));
	});
}

describe('ages and grades', () => {
	it.each([
		['ages 4-8', 4, 8],
		['age 6+', 6, null],
		['6 and up', 6, null],
		['for 4 to 8 year olds', 4, 8],
		['up to age 5', 0, 5],
		['age 7', 7, 7],
		['K-2', 5, 8],
		['grade 3', 8, 9],
		['3rd grade', 8, 9],
		['Gr. 4 and up', 9, null],
		['preschool', 3, 5],
		['all ages', 0, null]
	])('%s', (text, fromAge, toAge) => expect(agesIn(text)).toEqual({ fromAge, toAge }));

	it.each(['4-8', '32', 'lesson 3', 'great pictures', '2011'])('%s says none', (text) =>
		expect(agesIn(text)).toBeNull()
	);
});

describe('names', () => {
	it('a first name is no word of a title, a family name may be one', () => {
		expect(['Ola Finch', 'J. R. Otter', 'Lotte von Riedhof', 'Nuala O’Tern'].map(isPerson)).toEqual(
			Array(4).fill(true)
		);
		expect(['Many Goats', 'Winter Tales', 'the miller', 'Orla', '12 Frogs'].map(isPerson)).toEqual(
			Array(5).fill(false)
		);
		expect(turned('de la Vega, Inés')).toBe('Inés de la Vega');
		expect(namesIn('Orla & Finn Teague')).toEqual(['Orla Teague', 'Finn Teague']);
	});
});

describe('a whole book list', () => {
	const lessons = [
		{ id: 'a', number: 1, title: 'Mills' },
		{ id: 'b', number: 2, title: 'Weirs and dams' }
	];

	it('books stand in their lessons or in the whole unit; headings say role and kind; stars are noted', () => {
		const { books, leftOut, unknownHeadings } = readBookList(
			[
				'Titles with a star are worth looking for.',
				'Spine: The Long River by Ned Corrow',
				'Lesson 1: Mills',
				'* The Mill Race by Orla Teague',
				'Picture books:',
				'Pip at the Weir by Ada Voss',
				'Lesson 2',
				'Who Turned the Wheel?',
				'Lesson 9: Tides',
				'Sea Gates by Ada Voss'
			].join('\n'),
			lessons
		);
		expect(
			books.map(({ read: { title, kind, role, note }, lesson }) => [title, lesson, kind, role, note])
		).toEqual([
			['The Long River', null, 'book', 'spine', null],
			['The Mill Race', 'a', 'book', null, 'starred'],
			['Pip at the Weir', 'a', 'picture book', null, null],
			['Who Turned the Wheel?', 'b', 'book', null, null],
			['Sea Gates', null, 'book', null, null]
		]);
		expect(leftOut.map((line) => line.written)).toEqual(['Titles with a star are worth looking for.']);
		expect(unknownHeadings.map((line) => line.written)).toEqual(['Lesson 9: Tides']);
	});

	it('a page pasted with its marks; another language is said', () => {
		expect(
			readBookList('<ul><li>The Weir by Orla Teague</li><li>The Mill by Ned Corrow</li></ul>', []).books
				.length
		).toBe(2);
		expect(
			readBookList('Das Haus und der Wald mit Bildern\nEin Buch für das Kind und die Oma', []).language
		).toBe('German');
	});
});

describe('laws', () => {
	const word = fc.constantFrom('Mill', 'Weir', 'River', 'Wheel', 'Gate', 'Stone', 'Lantern', 'Otter');
	const title = fc.array(word, { minLength: 2, maxLength: 5 }).map((words) => `The ${words.join(' ')}`);
	const name = fc
		.tuple(
			fc.constantFrom('Orla', 'Ned', 'Ada', 'Finn', 'Ines'),
			fc.constantFrom('Teague', 'Corrow', 'Voss', 'Quillan')
		)
		.map((words) => words.join(' '));

	it('a title and its author are the same in every form', () => {
		fc.assert(
			fc.property(title, name, (t, a) => {
				const [first, last] = a.split(' ');
				for (const form of [
					`${t} by ${a}`,
					`• ${t}, by ${a}`,
					`"${t}" by ${a}`,
					`${t} – ${a}`,
					`${t} (${a})`,
					`${t}, ${a}`,
					`3. ${t}\t${a}`,
					`${last}, ${first}. ${t}. Tarn Press, 2011.`
				]) {
					const [book, ...more] = readBookLine(form);
					expect([form, book.title, book.by, more.length]).toEqual([form, t, [a], 0]);
				}
			})
		);
	});

	it('whatever is typed gives books of the agreed shape and never fails', () => {
		const piece = fc.constantFrom(
			...'The Mill by Orla Teague – - , ; ( ) ages 4-8 K-2 "Weir" *Gate* ISBN 0306406152 Teague, Orla. 2011 optional \t | 96 pp.'.split(
				' '
			)
		);
		fc.assert(
			fc.property(
				fc.oneof(
					fc.string({ unit: 'grapheme', maxLength: 80 }),
					fc.array(piece, { maxLength: 14 }).map((parts) => parts.join(' '))
				),
				(text) => {
					for (const book of readBookLine(text)) {
						expect(book.title.length + (book.isbn13?.length ?? 0)).toBeGreaterThan(0);
						expect(book.check).toBe(book.doubts.length > 0);
						expect(book.by.every((one) => one.trim() === one && one !== '')).toBe(true);
					}
				}
			),
			{ numRuns: 1000 }
		);
	});
});
