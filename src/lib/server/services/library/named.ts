import { Refusal } from '$core/error.ts';
import { titleKey } from '$core/library/index.ts';
import type { Db } from '../../database/open.ts';
import type { Situation } from '$core/account/index.ts';
import { EVERYTHING, libraryPage } from './search.ts';
import { counted } from '$core/words/index.ts';

const OFFERED = 4;

/** The resource that a title means. @throws Refusal when none or several begin so. */
export async function resourceNamed(read: Db, situation: Situation, title: string): Promise<number> {
	const { total, rows } = await libraryPage(read, situation, { ...EVERYTHING, words: title }, 0, 200);
	const same = rows.filter((row) => titleKey(row.title) === titleKey(title));
	if (same.length === 1) return same[0].id;
	if (total === 1) return rows[0].id;
	if (total === 0)
		throw new Refusal(`“${title.slice(0, 60)}” isn’t in your home library. Add it under At home.`, 'title');
	throw new Refusal(
		`${counted(total, 'title')} match that: ${rows
			.slice(0, OFFERED)
			.map((row) => row.title)
			.join('; ')}${total > OFFERED ? ' …' : ''}. Type more of the title.`,
		'title'
	);
}

/** The resources that titles mean, one on each line. @throws Refusal at the first that cannot be told. */
export async function resourcesNamed(read: Db, situation: Situation, text: string): Promise<number[]> {
	const titles = text
		.split('\n')
		.map((line) => line.trim())
		.filter(Boolean);
	const ids: number[] = [];
	for (const title of titles) {
		try {
			ids.push(await resourceNamed(read, situation, title));
		} catch (error) {
			throw error instanceof Refusal ? error.at('resources') : error;
		}
	}
	return ids;
}
