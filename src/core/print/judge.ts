import type { Stock } from '../reference/index.ts';
import { stockOf } from '../reference/index.ts';
import type { Copies } from './cost.ts';
import type { Binding, Cut, Destination, Finish, Role } from './roles.ts';

/** What a household usually does with what it prints. */
export type PrintHabits = {
	/** What is handled or comes again is laminated; or nearly all, as a sign that it matters. */
	readonly laminating: 'handled' | 'nearly all';
	/** All copies at once; or one master, from which each lesson's copies are made as it comes. */
	readonly copying: 'ahead' | 'from the master';
	/** The guide is read on a screen and only its planning pages are printed; or it is printed and bound. */
	readonly guide: 'screen' | 'bound';
};

export const USUAL_PRINT_HABITS: PrintHabits = { laminating: 'handled', copying: 'ahead', guide: 'screen' };

/** All that is settled before a print goes to the printer. */
export type PrintChoices = {
	/** Whether it is printed at all. */
	readonly printed: boolean;
	readonly copies: Copies;
	readonly sides: 1 | 2;
	/** Pages on one side, or cards where the layout is one of cards. */
	readonly up: number;
	/** Each page as it is; or each page one card, without backs, with a back of its own after it, or with the last one as back of all. */
	readonly layout: 'pages' | 'cards' | 'cards and backs' | 'cards, one back';
	readonly stock: Stock;
	readonly color: boolean;
	readonly finish: Finish;
	readonly cut: Cut;
	readonly binding: Binding;
	readonly to: Destination;
};
export const CHOICES = [
	'printed',
	'copies',
	'sides',
	'up',
	'layout',
	'stock',
	'color',
	'finish',
	'cut',
	'binding',
	'to'
] as const satisfies readonly (keyof PrintChoices)[];

/** Each page is followed by its back, or the last one is the back of all of them. */
export type Backs = 'each' | 'last';

/** A print as far as its judgement depends on it. */
export type ToJudge = {
	readonly role: Role;
	readonly pages: number;
	/** How many take part in it. */
	readonly children: number;
	/** The largest share of color of its pages; null while nobody has looked. */
	readonly colored: number | null;
	/** It is written on again and again: a page of facts to trace, a weather chart. */
	readonly again: boolean;
	/** Its pages are cut out of the book itself, which will be bound: there is one of each, and nothing is printed. */
	readonly fromBook: boolean;
	/** It is bound in the place of pages that are cut out. */
	readonly keepsPlace: boolean;
	/** How many of its pages lie on one side of a sheet true to size. */
	readonly fits: number;
	/** What its pages were found to be: each second one is the back of the one before, or the last one that of all. */
	readonly backs: Backs | null;
	/** Whoever comes to the unit later: "Tamsin, about 2030". */
	readonly later: string | null;
	/** What the parent settled. */
	readonly own: Partial<PrintChoices>;
};

/** Each choice with its reason, and whether it is the parent's own. */
export type Judged = {
	readonly [C in keyof PrintChoices]: {
		readonly value: PrintChoices[C];
		readonly why: string;
		readonly isOwn: boolean;
	};
};

const HANDLED: readonly Role[] = ['vocabulary', 'three-part', 'game'];
/** Pages that are cut apart or out. */
export const CUT_ROLES: readonly Role[] = ['vocabulary', 'three-part', 'cut-outs', 'mini-book', 'game'];
/** Pages that belong to whoever teaches. */
export const OF_THE_GUIDE: readonly Role[] = ['teacher', 'answers', 'planning'];
/** Color tells something on these; on the others children write and color themselves. */
const IN_COLOR: readonly Role[] = [
	'vocabulary',
	'three-part',
	'game',
	'poster',
	'map',
	'mini-book',
	'cut-outs'
];
/** Less is a colored line or the tint of a scan. */
const SOME_COLOR = 0.004;

/** What is settled about a print by its role and the household's habits, each with its reason. The parent's own choices go first. */
export function judge(print: ToJudge, habits: PrintHabits): Judged {
	if (print.keepsPlace) {
		const asRead = {
			...print,
			role: 'teacher',
			keepsPlace: false,
			fromBook: false,
			fits: 1,
			backs: null
		} as const;
		const judged = judge(asRead, { ...habits, guide: 'bound' });
		const usual = <C extends keyof PrintChoices>(choice: C, value: PrintChoices[C], why: string) =>
			judged[choice].isOwn ? judged[choice] : { value, why, isOwn: false };
		return {
			...judged,
			printed: usual('printed', true, 'it keeps the place of what is cut out'),
			copies: usual('copies', 'family', 'one for the book'),
			sides: usual('sides', 1, 'one page, where one was cut out'),
			color: usual('color', false, 'gray is enough to keep the place'),
			binding: usual('binding', 'none', 'bound with the book that it comes from')
		};
	}
	const own = <C extends keyof PrintChoices>(choice: C, usual: PrintChoices[C], why: string) => {
		const value = print.own[choice];
		return value === undefined
			? { value: usual, why, isOwn: false }
			: { value: value, why: 'your choice', isOwn: true };
	};
	const { role } = print;
	const copies = own('copies', ...copiesFor(print, habits));
	const finish = own('finish', ...finishFor(print, habits));
	const stock = own('stock', ...stockFor(print, finish.value));
	const isCard = stockOf(stock.value).isCard;
	const layout = own('layout', ...layoutFor(print.backs));
	const isMiniBook = role === 'mini-book';
	const isGrid = layout.value !== 'pages';
	const isShrunk = isGrid && (layout.isOwn || print.backs === null);
	const up = own(
		'up',
		print.fits > 1 ? print.fits : isShrunk ? 4 : 1,
		print.fits > 1
			? `small pages: ${print.fits} to a side at their own size`
			: isShrunk
				? 'four cards fit on a sheet'
				: 'one page on a side'
	);
	const cut = own('cut', ...cutFor(role, up.value > 1));
	const backs = layout.value === 'cards and backs' || layout.value === 'cards, one back';
	return {
		printed: own('printed', ...isPrinted(print, habits)),
		copies,
		sides: own('sides', ...sidesFor(print, isCard || cut.value !== 'none', backs)),
		up,
		layout,
		stock,
		color: own('color', ...colorFor(print)),
		finish,
		cut,
		binding: own(
			'binding',
			isMiniBook ? 'staple' : OF_THE_GUIDE.includes(role) && habits.guide === 'bound' ? 'coil' : 'none',
			isMiniBook
				? 'a mini-book holds with two staples'
				: OF_THE_GUIDE.includes(role) && habits.guide === 'bound'
					? 'your guide is printed and bound'
					: 'nothing to bind'
		),
		to: own('to', ...whereFor(role))
	};
}

function layoutFor(backs: Backs | null): [PrintChoices['layout'], string] {
	if (backs === 'each') return ['cards and backs', 'the page after each is its back'];
	if (backs === 'last') return ['cards, one back', 'the last page is the back of all'];
	return ['pages', 'each page as it is'];
}

function isPrinted({ role }: ToJudge, habits: PrintHabits): [boolean, string] {
	if (role === 'skip') return [false, 'you left it out'];
	if ((role === 'teacher' || role === 'answers') && habits.guide === 'screen')
		return [false, 'you read the guide on a screen'];
	return [true, role === 'planning' ? 'you write on it' : 'needed on paper'];
}

function cutFor(role: Role, isSeveral: boolean): [Cut, string] {
	if (role === 'vocabulary' || role === 'three-part') return ['trim', 'cards are cut apart'];
	if (role === 'mini-book') return ['trim', 'its leaves are cut apart'];
	if (role === 'cut-outs') return ['shapes', 'cut out by hand'];
	return isSeveral ? ['trim', 'several on a sheet'] : ['none', 'used as a whole page'];
}

function copiesFor({ role, fromBook }: ToJudge, habits: PrintHabits): [Copies, string] {
	if (fromBook) return ['family', 'the page itself is cut out, and there is one'];
	if (role === 'planning') return ['family', 'you write on it'];
	if (OF_THE_GUIDE.includes(role))
		return habits.guide === 'bound' ? ['family', 'one for your bound guide'] : ['family', 'one for you'];
	if (role === 'vocabulary' || role === 'three-part' || role === 'game') return ['family', 'one set, shared'];
	if (role === 'poster') return ['family', 'one for the wall'];
	if (habits.copying === 'from the master' && role !== 'mini-book')
		return ['family', 'one master; copy it as the lesson comes'];
	return ['child', 'each child keeps one'];
}

function finishFor({ role, again, later }: ToJudge, habits: PrintHabits): [Finish, string] {
	if (again) return ['sleeve', 'written on again and again'];
	if (HANDLED.includes(role))
		return ['pouch', later ? `handled by many hands, and used again: ${later}` : 'handled by many hands'];
	if (habits.laminating === 'nearly all') {
		if (role === 'mini-book') return ['pouch', 'its outer leaves are laminated'];
		if (role === 'poster' || role === 'map') return ['pouch', 'you laminate nearly everything'];
	}
	if (role === 'poster') return later ? ['pouch', `comes again: ${later}`] : ['bare', 'it is only shown'];
	if (role === 'student' || role === 'journal' || role === 'map') return ['bare', 'it is written on once'];
	if (role === 'cut-outs') return ['bare', 'it is glued in'];
	return ['bare', 'it is only read'];
}

function stockFor({ role }: ToJudge, finish: Finish): [Stock, string] {
	if (HANDLED.includes(role)) return ['cover65', 'card, because it is handled'];
	if (role === 'poster')
		return finish === 'pouch' ? ['plain20', 'the film makes it stiff'] : ['cover65', 'card hangs flat'];
	return ['plain20', 'copy paper will do'];
}

function sidesFor({ role, pages }: ToJudge, isOneSided: boolean, backs: boolean): [1 | 2, string] {
	if (backs) return [2, 'each card has a back'];
	if (isOneSided) return [1, 'it is cut or handled, so the back stays empty'];
	if (role === 'poster' || role === 'mini-book') return [1, 'the back stays empty'];
	if (pages === 1) return [1, 'one page'];
	return [2, 'both sides save paper'];
}

function colorFor({ role, colored }: ToJudge): [boolean, string] {
	if (!IN_COLOR.includes(role)) return [false, 'gray will do for reading and writing'];
	if (colored !== null && colored < SOME_COLOR) return [false, 'there is no color on it'];
	return [true, 'its colors tell something'];
}

function whereFor(role: Role): [Destination, string] {
	if (role === 'vocabulary') return ['pocket', 'goes on the wall with its lesson'];
	if (role === 'three-part' || role === 'game') return ['tray', 'children take it from the shelf'];
	if (role === 'poster') return ['wall', 'it is shown'];
	if (role === 'mini-book' || role === 'cut-outs') return ['bag', 'small parts stay together'];
	if (OF_THE_GUIDE.includes(role)) return ['binder', 'for you'];
	return ['folder', 'each child’s own work'];
}
