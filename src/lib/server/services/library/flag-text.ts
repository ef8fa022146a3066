import { labelOf, listText } from '$core/words/index.ts';
import { parsed, type Json } from '$core/facts/index.ts';

/** "read aloud 12–18 · Odile · 15 min · why maps lie" */
export function flagText(
	how: string,
	from: number | null,
	to: number | null,
	more: {
		readonly participants: Json<readonly number[]> | null;
		readonly minutes: number | null;
		readonly note: string;
	},
	names: ReadonlyMap<number, string>
): string {
	const who = more.participants ? parsed(more.participants) : [];
	const pages = from === null ? '' : to === null || to === from ? ` ${from}` : ` ${from}–${to}`;
	return [
		`${labelOf(how)}${pages}`,
		who.length ? listText(who.map((id) => names.get(id) ?? 'someone who left')) : '',
		more.minutes ? `${more.minutes} min` : '',
		more.note
	]
		.filter(Boolean)
		.join(' · ');
}
