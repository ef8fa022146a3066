import {
	BINDING_TEXT,
	BINDINGS,
	CUT_TEXT,
	CUTS,
	DESTINATIONS,
	destinationText,
	FINISH_TEXT,
	FINISHES,
	ROLE_TEXT,
	ROLES
} from '$core/print/index.ts';
import { STOCKS } from '$core/reference/index.ts';
import { capital } from '$core/words/index.ts';

type Option = { readonly value: string; readonly label: string };

/** What a print can be assigned to. */
export type Choices = {
	readonly lessons: readonly { id: number; label: string }[];
	readonly activities: readonly { id: number; label: string }[];
	readonly children: readonly { id: number; name: string }[];
};

export const ROLE_OPTIONS: readonly Option[] = ROLES.map((value) => ({ value, label: ROLE_TEXT[value][0] }));
export const STOCK_OPTIONS: readonly Option[] = STOCKS.map(({ code, name }) => ({
	value: code,
	label: name
}));
export const FINISH_OPTIONS: readonly Option[] = FINISHES.map((value) => ({
	value,
	label: FINISH_TEXT[value]
}));
export const CUT_OPTIONS: readonly Option[] = CUTS.map((value) => ({ value, label: CUT_TEXT[value] }));
export const BINDING_OPTIONS: readonly Option[] = BINDINGS.map((value) => ({
	value,
	label: BINDING_TEXT[value]
}));
export const DESTINATION_OPTIONS: readonly Option[] = DESTINATIONS.map((value) => ({
	value,
	label: destinationText(value)
}));
export const LAYOUT_OPTIONS: readonly Option[] = [
	{ value: 'pages', label: 'pages as they are' },
	{ value: 'cards', label: 'cards, one page each' },
	{ value: 'cards and backs', label: 'cards: front, back, front, back' },
	{ value: 'cards, one back', label: 'cards; the last page is every back' }
];
export const UP_OPTIONS: readonly Option[] = ['1', '2', '4', '6', '8', '9'].map((value) => ({
	value,
	label: `${value} to a side`
}));
export const YES_NO: readonly Option[] = [
	{ value: 'yes', label: 'yes' },
	{ value: 'no', label: 'no' }
];

/** What pages can come from, as a list of choices. */
export const SOURCE_OPTIONS: readonly Option[] = [
	['guide', 'a guide'],
	['science', 'science'],
	['math', 'math'],
	['language', 'language'],
	['art', 'art and craft'],
	['game', 'a game'],
	['other', 'something else']
].map(([value, label]) => ({ value, label: capital(label) }));
