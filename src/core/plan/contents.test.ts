import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readContents, weekAndDay, withinText } from './index.ts';

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
		expect(readContents(line).lessons).toMatchObject([{ number, title, page, topics: [], lineNumber: 1 }]);
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

	it('weeks with days inside are weeks and days; days inside a lesson are its sessions', () => {
		const { lessons, leftOut } = readContents(
			'Week 1: Soil\n Day 1 Layers ... 5\n Day 2 Sand ... 9\nWeek 2: Seeds\n Day 1 Inside ... 14'
		);
		expect(lessons.map(({ title, page, within }) => [title, page, within?.week, within?.day])).toEqual([
			['Layers', 5, 1, 1],
			['Sand', 9, 1, 2],
			['Inside', 14, 2, 1]
		]);
		expect(leftOut.map((line) => line.why)).toEqual(Array(2).fill('a week, with its days below'));
		expect(titles('Week One: Land\n Monday: Hills\n Friday: Rivers')).toEqual(['Hills', 'Rivers']);
		expect(titles('Week 1 Soil\nWeek 2 Seeds')).toEqual(['Soil', 'Seeds']);
		const [ponds, lakes] = readContents('Lesson 1: Ponds\n Day 1\n Day 2 Reeds\nLesson 2: Lakes').lessons;
		expect([ponds.title, ponds.sessions, ponds.topics]).toEqual(['Ponds', 2, ['Reeds']]);
		expect(lakes.sessions).toBe(1);
		expect(weekAndDay(withinText(readContents('Week 3\nDay 1 Ice\nDay 2 Fog').lessons[1].within!))).toEqual({
			week: 3,
			day: 2
		});
	});

	it('Roman numerals, L1, pages behind the title, dots in the middle, decimals, optional lessons', () => {
		expect(
			readContents('I. Rocks ... 4\nII. Ores ... 9\nIII. Caves ... 15').lessons.map((l) => l.number)
		).toEqual([1, 2, 3]);
		expect(titles('I. Rocks\nV. Ores')).toEqual(['I. Rocks', 'V. Ores']);
		expect(pages('L1: Ponds (pp 10–15)\nL2 Lakes pp 16-21\nL3. Seas, p. 22')).toEqual([10, 16, 22]);
		expect(titles('L1: Ponds (pp 10–15)\nL2 Lakes pp 16-21')).toEqual(['Ponds', 'Lakes']);
		expect(pages('1 Grain · · · · 4\n2 Flour · · · · 9')).toEqual([4, 9]);
		expect(titles('Module 1: Light\n1.1 Lamps 4\n1.2 Shade 8\nModule 2: Color\n2.1 Prisms 14')).toEqual([
			'Lamps',
			'Shade',
			'Prisms'
		]);
		expect(readContents('Lesson 1 Ponds\nOptional: Lesson 2 Lakes').lessons.map((l) => l.optional)).toEqual([
			false,
			true
		]);
	});

	it('two columns pasted as one are read down the left and then down the right', () => {
		const left = ['Lesson 1 Ponds ... 4', 'Lesson 2 Reeds ... 9', 'Lesson 3 Ducks ... 15'];
		const right = ['Lesson 4 Frogs ... 20', 'Lesson 5 Newts ... 26'];
		const text = left.map((one, i) => `${one}     ${right[i] ?? ''}`).join('\n');
		expect(titles(text)).toEqual(['Ponds', 'Reeds', 'Ducks', 'Frogs', 'Newts']);
		expect(pages(text)).toEqual([4, 9, 15, 20, 26]);
		const roman = 'I\tClay\t3\tIII\tGlaze\t41\nII\tPots\t9\tIV\tKilns\t50';
		expect(titles(roman)).toEqual(['Clay', 'Pots', 'Glaze', 'Kilns']);
		expect(pages(roman)).toEqual([3, 9, 41, 50]);
	});

	it('a page pasted with its marks; a line that was left out let in', () => {
		expect(titles('<ul><li>Lesson 1: Ponds</li><li>Lesson 2: Lakes</li></ul>')).toEqual(['Ponds', 'Lakes']);
		const text = 'Lesson 1 Ponds\nWelcome to the lake\nLesson 2 Lakes';
		expect(titles(text)).toEqual(['Ponds', 'Lakes']);
		expect(readContents(text, new Set(['Welcome to the lake'])).lessons.map((l) => l.title)).toEqual([
			'Ponds',
			'Welcome to the lake',
			'Lakes'
		]);
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
