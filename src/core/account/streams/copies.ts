import type { Row } from '../../facts/index.ts';
import type { BookStanding } from './book-standing.ts';
import { counted } from '../../words/index.ts';

/** A printable that is at home is still to be printed, one copy for each child who is there. */
export function copiesOf(
	original: BookStanding,
	resource: Row<'resource'>,
	children: number,
	stored: Row<'need_state'> | null
): BookStanding {
	if (original.state !== 'in hand') return original;
	if (stored?.prepared === '1') return { ...original, text: 'printed' };
	const sheets = resource.pages ? `${counted(resource.pages, 'page')}, ` : '';
	return {
		...original,
		state: 'missing',
		text: 'not printed yet',
		step: {
			kind: 'print',
			title: `Print ${resource.title}`,
			short: 'print it',
			detail: `${sheets}${counted(children, 'copy', 'copies')}`
		}
	};
}
