import { ESLint } from 'eslint';
import { describe, expect, it } from 'vitest';

/** What lint says of a text as if it stood in a file of the project. */
async function said(filePath: string, text: string): Promise<string[]> {
	const [{ messages }] = await new ESLint().lintText(text, { filePath });
	return messages.map(({ message }) => message).filter((one) => /room|store|screen/i.test(one));
}
const importOf = (path: string) => `import { x } from '${path}';\nexport const y = x;\n`;

describe('the rooms of the server', () => {
	it.each([
		['a store that asks a service', 'stores/house/x.ts', '../../services/house/reach.ts'],
		['the same in full', 'stores/house/x.ts', '$lib/server/services/house/reach.ts'],
		['a room that asks one above it', 'services/readiness/x.ts', '../plan/days.ts'],
		['the same from a folder inside', 'services/readiness/streams/x.ts', '../../../requests/run-of.ts'],
		['a folder inside that asks the room above', 'services/readiness/streams/x.ts', '../../plan/days.ts'],
		[
			'the same in full, between services',
			'services/house/x.ts',
			'$lib/server/services/calendar/holidays.ts'
		],
		['a room that asks one beside it', 'services/stash/x.ts', '../library/search.ts'],
		['the database that asks a store', 'database/x.ts', '../stores/house/people.ts'],
		['the server that asks a screen', 'services/house/x.ts', '$lib/ui/toast/toast.ts']
	])('%s is refused', async (_, file, path) => {
		expect(await said(`src/lib/server/${file}`, importOf(path))).toHaveLength(1);
	});

	it.each([
		['a service that asks a store', 'services/plan/x.ts', '../../stores/plan/units.ts'],
		['a store that asks its own files', 'stores/gathering/x.ts', '../files/import-drafts.ts'],
		['a room that asks one below it', 'services/buying/x.ts', '../stash/free.ts']
	])('%s is fine', async (_, file, path) => {
		expect(await said(`src/lib/server/${file}`, importOf(path))).toEqual([]);
	});

	it('writes only in stores', async () => {
		const text = "export const gone = (db: any) => db.deleteFrom('lot');\n";
		expect(await said('src/lib/server/services/stash/x.ts', text)).toEqual(['Only stores write.']);
		expect(await said('src/lib/server/stores/stash/x.ts', text)).toEqual([]);
	});
});
