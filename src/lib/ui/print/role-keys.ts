import type { Role } from '$core/print/index.ts';

/** Every role with the letter that sorts the chosen pages into it. */
export const ROLE_KEYS: readonly { readonly role: Role; readonly key: string }[] = [
	{ role: 'student', key: 's' },
	{ role: 'journal', key: 'j' },
	{ role: 'map', key: 'm' },
	{ role: 'vocabulary', key: 'v' },
	{ role: 'three-part', key: '3' },
	{ role: 'cut-outs', key: 'c' },
	{ role: 'mini-book', key: 'b' },
	{ role: 'game', key: 'g' },
	{ role: 'poster', key: 'p' },
	{ role: 'teacher', key: 't' },
	{ role: 'answers', key: 'k' },
	{ role: 'planning', key: 'l' },
	{ role: 'skip', key: 'x' }
];

/** Roles in a word, as they fit under a small picture. */
export const ROLE_TAGS: Readonly<Record<Role, string>> = {
	student: 'Student',
	journal: 'Journal',
	map: 'Map',
	vocabulary: 'Words',
	'three-part': '3-part',
	'cut-outs': 'Cut-out',
	'mini-book': 'Mini-book',
	game: 'Game',
	poster: 'Poster',
	teacher: 'Teacher',
	answers: 'Answers',
	planning: 'Planning',
	skip: 'Left out'
};
