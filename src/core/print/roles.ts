/** What a page is, in the order in which they are offered. */
export const ROLES = [
	'student',
	'journal',
	'map',
	'vocabulary',
	'three-part',
	'cut-outs',
	'mini-book',
	'game',
	'poster',
	'teacher',
	'answers',
	'planning',
	'skip'
] as const;
export type Role = (typeof ROLES)[number];

/** As it stands on a screen: one, and several. */
export const ROLE_TEXT: Readonly<Record<Role, readonly [one: string, many: string]>> = {
	student: ['Student page', 'student pages'],
	journal: ['Journal page', 'journal pages'],
	map: ['Map', 'maps'],
	vocabulary: ['Vocabulary cards', 'vocabulary cards'],
	'three-part': ['Three-part cards', 'three-part cards'],
	'cut-outs': ['Cut-outs', 'cut-outs'],
	'mini-book': ['Mini-book', 'mini-books'],
	game: ['Game', 'games'],
	poster: ['Poster', 'posters'],
	teacher: ['Teacher page', 'teacher pages'],
	answers: ['Answer key', 'answer keys'],
	planning: ['Planning page', 'planning pages'],
	skip: ['Not printed', 'pages left out']
};

export const FINISHES = ['bare', 'protector', 'pouch', 'sleeve'] as const;
export type Finish = (typeof FINISHES)[number];
export const FINISH_TEXT: Readonly<Record<Finish, string>> = {
	bare: 'as it is',
	protector: 'in a page protector',
	pouch: 'laminated',
	sleeve: 'in a dry-erase sleeve'
};

export const CUTS = ['none', 'trim', 'shapes'] as const;
export type Cut = (typeof CUTS)[number];
export const CUT_TEXT: Readonly<Record<Cut, string>> = {
	none: 'not cut',
	trim: 'cut apart',
	shapes: 'cut out by hand'
};

export const BINDINGS = ['none', 'staple', 'ring', 'coil'] as const;
export type Binding = (typeof BINDINGS)[number];
export const BINDING_TEXT: Readonly<Record<Binding, string>> = {
	none: 'loose',
	staple: 'stapled',
	ring: 'on a ring',
	coil: 'bound with a coil'
};

export const DESTINATIONS = ['folder', 'pocket', 'tray', 'wall', 'bag', 'binder'] as const;
export type Destination = (typeof DESTINATIONS)[number];

/**
 * Where a finished print goes, in words.
 * @example destinationText('folder', 'Odile') === 'into Odile’s folder'
 */
export function destinationText(to: Destination, child: string | null = null): string {
	return to === 'wall' ? 'onto the wall' : `into ${placeText(to, child)}`;
}

function placeText(to: Destination, child: string | null): string {
	switch (to) {
		case 'folder':
			return child ? `${child}’s folder` : 'each child’s folder';
		case 'pocket':
			return 'the lesson pocket';
		case 'tray':
			return 'its tray';
		case 'wall':
			return 'the wall';
		case 'bag':
			return 'a labeled bag';
		case 'binder':
			return 'your teaching binder';
	}
}

/** What is offered; small pages may come to other numbers by themselves. */
export const PAGES_A_SIDE = [1, 2, 3, 4, 6, 8, 9, 10, 12, 15, 16, 20, 25] as const;
