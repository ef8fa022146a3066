import type { Role } from '../src/core/print/index.ts';

/** The guide's PDF, drawn by scripts/demo-guide.mjs. */
export const GUIDE = {
	file: 'demo/guide.pdf',
	title: 'Finding Our Way, the guide’s pages',
	pages: 53,
	place: 'paper shelf'
} as const;

type Sorted = {
	readonly pages: readonly number[];
	readonly role: Role;
	/** From 1; null: for the whole unit. */
	readonly lesson: number | null;
	readonly title: string;
	readonly again?: boolean;
	/** Names of those it is for; left out: everyone. */
	readonly for?: readonly string[];
};

const page = (
	pages: number | readonly number[],
	role: Role,
	lesson: number | null,
	title: string,
	more: Pick<Sorted, 'again' | 'for'> = {}
): Sorted => ({ pages: typeof pages === 'number' ? [pages] : pages, role, lesson, title, ...more });

/** Its pages as the Marrows sorted them; the last ones wait. */
export const SORTED: readonly Sorted[] = [
	page([1, 2], 'skip', null, 'Cover and contents'),
	page([3, 4], 'planning', null, 'Planner and supply list'),
	page(5, 'teacher', 1, 'Notes: a map of the table'),
	page(6, 'journal', 1, 'Journal: a map of the table'),
	page(7, 'vocabulary', 1, 'Vocabulary cards: map'),
	page(8, 'teacher', 2, 'Notes: from above'),
	page(9, 'journal', 2, 'Journal: from above'),
	page(10, 'student', 2, 'Match the views'),
	page(11, 'teacher', 3, 'Notes: scale'),
	page(12, 'journal', 3, 'Journal: scale and distance'),
	page(13, 'vocabulary', 3, 'Vocabulary cards: scale'),
	page(14, 'student', 3, 'String and scale'),
	page(15, 'teacher', 4, 'Notes: symbols'),
	page(16, 'journal', 4, 'Journal: symbols and legends'),
	page([17, 18], 'three-part', 4, 'Three-part cards: map symbols'),
	page(19, 'student', 4, 'A legend for a town of your own', { for: ['Odile'] }),
	page(20, 'teacher', 5, 'Notes: hills on paper'),
	page(21, 'journal', 5, 'Journal: contour lines'),
	page(22, 'vocabulary', 5, 'Vocabulary cards: contour lines'),
	page(23, 'cut-outs', 5, 'Paper hills to cut out', { for: ['Odile', 'Perrin'] }),
	page(24, 'teacher', 6, 'Notes: the round earth'),
	page(25, 'journal', 6, 'Journal: the orange peel'),
	page(26, 'map', 6, 'The world in two rounds'),
	page(27, 'teacher', 7, 'Notes: latitude and longitude'),
	page(28, 'journal', 7, 'Journal: latitude and longitude'),
	page(29, 'vocabulary', 7, 'Vocabulary cards: latitude'),
	page(30, 'student', 7, 'Trace the grid', { again: true, for: ['Perrin'] }),
	page(31, 'teacher', 8, 'Notes: the needle'),
	page(32, 'journal', 8, 'Journal: the needle'),
	page([33, 34], 'mini-book', 8, 'Mini-book: the needle', { for: ['Odile', 'Perrin'] }),
	page(35, 'teacher', 9, 'Notes: sun and shadow'),
	page(36, 'journal', 9, 'Journal: sun and shadow'),
	page(37, 'vocabulary', 9, 'Vocabulary cards: bearings'),
	page(38, 'teacher', 10, 'Notes: streets and lines'),
	page(39, 'journal', 10, 'Journal: streets and lines'),
	page(40, 'map', 10, 'Map of a small town'),
	page(41, 'teacher', 11, 'Notes: old maps'),
	page(42, 'journal', 11, 'Journal: sea monsters'),
	page(43, 'poster', 11, 'Poster: the sea as it was told'),
	page(44, 'mini-book', 11, 'Mini-book: my monsters'),
	page(45, 'teacher', 12, 'Notes: treasure hunt'),
	page(46, 'journal', 12, 'Journal: treasure hunt'),
	page([47, 48], 'game', 12, 'Board game: to the treasure'),
	page(49, 'map', 12, 'Map: the hidden bay')
];

/** Lessons whose copies are finished and filed. */
export const FILED_THROUGH = 7;
export const PRINTED_ON = '2027-01-02';
/** Paper and film in the house: sheets of copy paper, of card stock, pouches. */
export const PAPER = { 'copy paper': 420, 'card stock': 60 } as const;
export const POUCHES = 45;
/** What there is enough of. */
export const ENOUGH = ['printer ink', 'dry-erase sleeve', 'dry-erase marker', 'page protector'] as const;
