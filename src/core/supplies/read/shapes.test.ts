import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readSupplyLine } from './line.ts';
import type { ReadLine } from './read-line.ts';

/** Lines as guides print them, made up after the common forms; what is expected is common practice. */
const short = (line: ReadLine): string =>
	[
		`${line.quantity ?? 'some'}${line.to === null ? '' : `-${line.to}`} ${line.unit} ${line.item}`,
		line.per === 'family' ? '' : `per ${line.per}${line.groupSize ?? ''}`,
		line.optional ? 'optional' : '',
		...line.or.map((other) => `or ${other.quantity ?? 'some'} ${other.unit} ${other.item}`),
		line.note ? `(${line.note})` : '',
		line.check ? 'look' : ''
	]
		.filter(Boolean)
		.join(', ');
const read = (text: string) => readSupplyLine(text).map(short).join(' | ');

const SHAPES: Readonly<Record<string, readonly (readonly [string, string])[]>> = {
	'the amount stands behind the thing': [
		['Clipboards: 1 per child', '1 each clipboard, per child'],
		['Salt: 1/2 tsp per pair', '0.5 tsp salt, per pair'],
		['Pliers: 2 pair', '2 each pliers'],
		['Tubs: 2 with handles', '2 each tub, (with handles)'],
		['carrots, 2 per child, peeled', '2 each carrot, per child, (peeled)'],
		['3 sheets per child: graph paper', '3 sheet graph paper, per child'],
		['2 apiece: corks', '2 each cork, per child'],
		['velvet (1/2 inch wide), 2 yards', '2 yd velvet, (1/2 inch wide)'],
		['felt for the fins and tail, 2 sheets', '2 sheet felt, (for the fins and tail)'],
		['Cups: 3, saucers: 3', '3 each cup | 3 each saucer'],
		['Baskets: 1 large, 2 small', '1 each large basket | 2 each small basket'],
		['peas (6 per student), shelled', '6 each pea, per child, (shelled)'],
		['lettuce, 1 head', '1 each head of lettuce']
	],
	'an index puts the kind behind the thing, and a bare amount behind both': [
		['soil, garden, 2 cups', '2 cup garden soil'],
		['paper, black construction, 4 sheets', '4 sheet black construction paper'],
		['cups, clear plastic, 2 per child', '2 each clear plastic cup, per child'],
		['jars, glass, 3', '3 each glass jar'],
		['moss, peat, 1 bag', '1 bag peat moss, look'],
		['glue, scissors, 2 per child', '1 each glue, per child | 2 each scissors, per child'],
		['glue, tape, 2 rolls', '1 each glue | 2 roll tape']
	],
	'a scope behind a semicolon is that of its own thing': [
		['12 lima beans; hand lens for each child', '12 each lima bean | 1 each hand lens, per child'],
		['a dozen eggs; tape; a cup per child', '1 dozen egg | 1 each tape | 1 each cup, per child']
	],
	'what is done to it before its day stands behind it without a mark': [
		['2 bean plants started 10 days ahead', '2 each bean plant, (started 10 days ahead)'],
		['6 eggs hard boiled the night before', '6 each egg, (hard boiled the night before)'],
		['1 cup beans soaked overnight', '1 cup bean, (soaked overnight)'],
		['1 jar of sourdough starter begun a week ahead', '1 jar sourdough starter, (begun a week ahead)'],
		['ice cubes frozen the night before', '1 each ice cube, (frozen the night before)']
	],
	'a row of a table': [
		['Sugar\t3 cups', '3 cup sugar'],
		['Corks | 12', '12 each cork'],
		['Salt ........ 1 cup', '1 cup salt'],
		['Sand     2 lbs', '2 lb sand'],
		['Item\tQuantity\tNotes', ''],
		['24 – corks', '24 each cork'],
		['QTY 4 corks', '4 each cork'],
		['corks (qty 5)', '5 each cork'],
		['6x corks', '6 each cork']
	],
	'a label in front': [
		['Materials (per student): brush, 2 cups', '1 each brush, per child | 2 each cup, per child'],
		['You will need, per child: apron', '1 each apron, per child'],
		['Supplies per group of 3: 1 pail, 2 nets', '1 each pail, per group3 | 2 each net, per group3'],
		['Optional supplies: kite', '1 each kite, optional'],
		['If available: globe', '1 each globe, optional'],
		['Bring 2 towels', '2 each towel'],
		['You’ll need: yarn, 2 hooks', '1 each yarn | 2 each hook'],
		['Day 2: 3 limes, salt', '3 each lime | 1 each salt'],
		['Day 2: limes and salt', ''],
		['Lesson 4: 5 Senses', ''],
		['To make the paste: 1 cup flour', '1 cup flour, (To make the paste)'],
		['Time: 40 minutes', '']
	],
	'purposes and states': [
		['yarn for hair, buttons for eyes', '1 each yarn, (for hair) | 1 each button, (for eyes)'],
		['cork for the hull, mast, and rudder', '1 each cork, (for the hull, mast, and rudder)'],
		['cloth to cover the table and bench', '1 each cloth, (to cover the table and bench)'],
		['paper for sketching, chalk, and twine', '1 each paper, (for sketching, chalk, and twine), look'],
		['1 tub for the lake, a tube for the river', '1 each tub, (for the lake) | 1 each tube, (for the river)'],
		['plums, pits removed', '1 each plum, (pits removed)'],
		['4 eggs, whites and yolks separated', '4 each egg, (whites and yolks separated)'],
		['dowel, 3/8 in. diameter', '1 each dowel, (3/8 in. diameter)'],
		['glue left over from Lesson 2', 'some each glue, (left over from Lesson 2), look'],
		['raisins, dried apricots', '1 each raisin | 1 each dried apricot']
	],
	'one or the other': [
		['either a spade or a trowel', '1 each spade, or 1 each trowel'],
		['both a spade and a rake', '1 each spade | 1 each rake'],
		['chalk, glue or tape, and twine', '1 each chalk | 1 each glue, or 1 each tape | 1 each twine'],
		['chalk, glue or tape', '1 each chalk, or 1 each glue, or 1 each tape, look'],
		['1 plum, fig, or pear', '1 each plum, or 1 each fig, or 1 each pear'],
		['2 cups sand and one of these: salt or sugar', '2 cup sand | 1 each salt, or 1 each sugar'],
		['honey (syrup can be used instead)', '1 each honey, or 1 each syrup'],
		['1 compass per child or pair', '1 each compass, per child, (or pair), look'],
		['twine in red or blue', '1 each red twine, or 1 each blue twine']
	],
	'one more, sums and sizes': [
		['1 pear per child, plus 2 extra', '1 each pear, per child | 2 each pear, (extra)'],
		['1 pear per child and one for the teacher', '1 each pear, per child | 1 each pear, (for the teacher)'],
		['2 lb 8 oz clay', '2.5 lb clay'],
		['3 x 250 g bags of plaster', '3 bag plaster, (250 g)'],
		['4 x 20 cm lengths of wire', '80 cm wire, (4 x 20 cm)'],
		['cocoa, 8-oz can', '1 can cocoa, (8-oz)'],
		['2-1/2 inch wide ribbon, 1 yard', '1 yd 2-1/2 inch wide ribbon'],
		['a handful or two of gravel', '1-2 handful gravel'],
		['a quart or so of soil', '1 quart soil, (or so)'],
		['1 quart jar', '1 each quart jar, look']
	],
	'marks of print': [
		['corks, shells, etc.', '1 each cork | 1 each shell, (etc)'],
		['butter, plus extra for the pan', '1 each butter, (plus extra for the pan)'],
		['[optional] kite', '1 each kite, optional'],
		['&frac34; cup oats &amp; 1 egg', '0.75 cup oats | 1 each egg'],
		['<li>2 corks</li>', '2 each cork'],
		['• cork • twine', '1 each cork | 1 each twine'],
		['corks, 3 ea.', '3 each cork, look']
	]
};

for (const [shape, lines] of Object.entries(SHAPES)) {
	describe(shape, () => {
		it.each(lines)('%s', (text, expected) => expect(read(text)).toBe(expected));
	});
}

describe('what is doubtful says why', () => {
	it.each([
		['2 corks each', 'Does “each” mean each child?'],
		['1 net per group', 'How many children make a group?'],
		['large bowl or jar', 'Does “large” go with “jar”, too?'],
		['some twine', 'The list doesn’t say how much.'],
		['ask an adult to cut the lids', 'This is hard to read. Is it a thing to gather?'],
		[
			'paper for sketching, chalk, and twine',
			'Does “chalk, and twine” only say what it is for, or are there more things to gather?'
		]
	])('%s', (text, doubt) => expect(readSupplyLine(text)[0].doubts).toContain(doubt));
});

describe('laws', () => {
	const thing = fc.constantFrom('cork', 'twine', 'kite', 'spade', 'gravel', 'plum', 'trowel', 'ribbon');
	const count = fc.integer({ min: 2, max: 60 });
	const whom = fc.constantFrom('', ' per child', ' per pair', ' per group of 4', ' for each student');
	const state = fc.constantFrom('', ', washed', ' (any kind)', ', cut in half', ' for the roof');
	const line = fc
		.tuple(count, thing, whom, state, fc.constantFrom('front', 'behind', 'colon'))
		.map(([n, name, per, said, where]) =>
			where === 'front'
				? `${n} ${name}s${per}${said}`
				: where === 'behind'
					? `${name}s, ${n}${per}${said}`
					: `${name}s: ${n}${per}${said}`
		);

	it('no amount and no "per" is lost, wherever they stand', () => {
		fc.assert(
			fc.property(count, thing, whom, state, (n, name, per, said) => {
				const forms = [
					`${n} ${name}s${per}${said}`,
					`${name}s, ${n}${per}${said}`,
					`${name}s: ${n}${per}${said}`
				];
				const all = forms.map((form) => readSupplyLine(form));
				for (const [one, ...more] of all) {
					expect(more).toEqual([]);
					expect([one.quantity, one.unit]).toEqual([n, 'each']);
					expect(one.per).toBe(
						per === '' ? 'family' : / pair/.test(per) ? 'pair' : / group/.test(per) ? 'group' : 'child'
					);
				}
			})
		);
	});

	it('the words of a line stand in its reading, its note or its doubt', () => {
		const word = fc.constantFrom(
			...'cork twine kite washed torn large red two cups of sand and or for the roof with lids per child 3 1/2 ( ) , ; : - each optional plus extra'.split(
				' '
			)
		);
		fc.assert(
			fc.property(fc.array(word, { minLength: 1, maxLength: 12 }), (words) => {
				const text = words.join(' ');
				const lines = readSupplyLine(text);
				if (lines.length === 0) return;
				const kept = lines
					.flatMap((one) => [one.item, one.note ?? '', ...one.doubts, ...one.or.map((other) => other.item)])
					.join(' ')
					.toLowerCase();
				for (const name of ['cork', 'twine', 'kite', 'washed', 'torn', 'sand', 'roof'])
					if (text.includes(name)) expect(kept).toContain(name);
			}),
			{ numRuns: 1000 }
		);
	});

	it('reading is the same with other bullets, blanks and quotes', () => {
		const bullet = fc.constantFrom('', '- ', '• ', '* ', '□ ', '– ', '▪ ', '[ ] ', '3. ', '☐ ');
		fc.assert(
			fc.property(line, bullet, fc.constantFrom(' ', '\u00a0'), (text, mark, blank) => {
				expect(readSupplyLine(mark + text.replaceAll(' ', blank))).toEqual(readSupplyLine(text));
			})
		);
	});
});
