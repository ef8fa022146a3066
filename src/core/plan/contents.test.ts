import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readContents } from './index.ts';

const titles = (text: string) => readContents(text).lessons.map((lesson) => lesson.title);
const pages = (text: string) => readContents(text).lessons.map((lesson) => lesson.page);

// How books print a table of contents is common practice; there is no source.
describe('a table of contents', () => {
	it.each([
		['Lesson 3 Scale and Distance … 22', 3, 'Scale and Distance', 22],
		['Lesson 3: Scale and Distance ........ 22', 3, 'Scale and Distance', 22],
		['Lesson 3 – Scale and Distance . . . . . 22', 3, 'Scale and Distance', 22],
		['LESSON III. Scale and Distance	22', 3, 'Scale and Distance', 22],
		['Chapter Three: Scale and Distance    p. 22', 3, 'Scale and Distance', 22],
		['3. Scale and Distance ___ 22–27', 3, 'Scale and Distance', 22],
		['Week 3 Scale and Distance, pp. 22-27', 3, 'Scale and Distance', 22],
		['• Day 3: Scale and Distance (page 22)', 3, 'Scale and Distance', 22],
		['Lesson 3 Scale and Distance', 3, 'Scale and Distance', null],
		['Lessons 3–4 Scale and Distance … 22', 3, 'Scale and Distance', 22],
		['Lesson 3', 3, 'Lesson 3', null]
	])('%s', (line, number, title, page) => {
		expect(readContents(line).lessons).toEqual([{ number, title, page, topics: [], lineNumber: 1 }]);
	});

	it('a number behind a space is a page only where nearly all lines have one, and they grow', () => {
		expect(pages('1 Grain 4\n2 Flour 9\n3 Yeast 14')).toEqual([4, 9, 14]);
		expect(titles('1 Grain 4\n2 Flour 9\n3 Yeast 14')).toEqual(['Grain', 'Flour', 'Yeast']);
		expect(titles('1 The year 1066\n2 The plague\n3 The tower\n4 The fair')).toEqual([
			'The year 1066',
			'The plague',
			'The tower',
			'The fair'
		]);
		expect(pages('1 Route 66 9\n2 Highway 50 3\n3 Road 8 1')).toEqual([null, null, null]);
	});

	it('one page without a leader among others that have one is a page, if it stands between them', () => {
		const mixed = (page: number) =>
			`Lesson 1 Yeast … 4\nLesson 2 Mold ${page}\nLesson 3 Bread … 12\nGlossary 40`;
		expect(pages(mixed(9))).toEqual([4, 9, 12]);
		expect(titles(mixed(9))).toEqual(['Yeast', 'Mold', 'Bread']);
		expect(titles(mixed(1928))).toEqual(['Yeast', 'Mold 1928', 'Bread']);
	});

	it('a lesson counted on without its word is one; numbered topics are not', () => {
		expect(titles('Lesson 1 Yeast\n2. Mold\nLesson 3 Bread\n4. Bake day')).toEqual([
			'Yeast',
			'Mold',
			'Bread',
			'Bake day'
		]);
		expect(titles('Lesson 1 Yeast\n1. Warm\n2. Cold\nLesson 2 Mold\nLesson 3 Bread\n   4. Crust')).toEqual([
			'Yeast',
			'Mold',
			'Bread'
		]);
	});

	it('a title broken over two lines is one', () => {
		expect(titles('Lesson 1 Ink … 3\nLesson 2 How paper is\nmade by hand … 9\nLesson 3 Pens … 14')).toEqual([
			'Ink',
			'How paper is made by hand',
			'Pens'
		]);
	});

	it('what stands below a lesson without a number is its topics', () => {
		expect(
			readContents('Lesson 1 Ponds … 5\n   Ducks\n   Reeds\nLesson 2 Rivers … 9').lessons[0].topics
		).toEqual(['Ducks', 'Reeds']);
	});

	it('parts over lessons, front and back matter and page numbers alone are left out, and said', () => {
		const read = readContents(
			'Contents\nIntroduction … v\nPart One: Air\nLesson 1 Wind … 3\nPart Two: Water\nLesson 2 Rain … 9\n12\nAnswer Key … 20'
		);
		expect(read.lessons.map((lesson) => lesson.title)).toEqual(['Wind', 'Rain']);
		expect(read.leftOut.map(({ lineNumber, why }) => [lineNumber, why])).toEqual([
			[1, 'a heading'],
			[2, 'not a lesson'],
			[3, 'a heading over several lessons'],
			[5, 'a heading over several lessons'],
			[7, 'no words in it'],
			[8, 'not a lesson']
		]);
	});

	it('where only parts are numbered, they are the lessons; where nothing is, every line is one', () => {
		expect(titles('Part One: Water\nPart Two: Air')).toEqual(['Water', 'Air']);
		expect(titles('Clouds\nRain\nSnow')).toEqual(['Clouds', 'Rain', 'Snow']);
	});

	it('every line is read or left out, whatever it says', () => {
		fc.assert(
			fc.property(fc.array(fc.string({ unit: 'grapheme', maxLength: 40 }), { maxLength: 12 }), (lines) => {
				const text = lines.join('\n');
				const { lessons, leftOut } = readContents(text);
				const written = text.split(/\r\n|\r|\n/).filter((line) => line.trim()).length;
				const used = lessons.reduce((sum, lesson) => sum + 1 + lesson.topics.length, 0);
				expect(used + leftOut.length).toBeLessThanOrEqual(written);
				if (lessons.length === 0) expect(leftOut.length).toBe(written);
			})
		);
	});

	it('numbered lessons printed with leaders read back as they are', () => {
		const word = fc.stringMatching(/^[A-Z][a-z]{2,9}$/);
		fc.assert(
			fc.property(fc.array(fc.tuple(word, word), { minLength: 1, maxLength: 20 }), (names) => {
				const wanted = names.map(([a, b]) => `${a} and ${b}`);
				const text = wanted.map((title, i) => `Lesson ${i + 1} ${title} ..... ${3 + i * 4}`).join('\n');
				expect(titles(text)).toEqual(wanted);
				expect(pages(text)).toEqual(wanted.map((_, i) => 3 + i * 4));
			})
		);
	});
});
