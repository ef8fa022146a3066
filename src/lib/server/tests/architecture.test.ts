import { existsSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';

const page = readFileSync('docs/architecture.md', 'utf8');

describe('docs/architecture.md', () => {
	it('leads to files that are there', () => {
		const [, table] = page.split('## I want to change …');
		const rows = table.split('\n## ')[0].match(/^\| (?!I want|-).*$/gm) ?? [];
		expect(rows.length).toBeGreaterThan(15);
		const paths = rows.flatMap((row) => [...row.matchAll(/`([^`]+)`/g)].map(([, path]) => path));
		expect(paths.length).toBeGreaterThanOrEqual(rows.length);
		expect(paths.filter((path) => !existsSync(path))).toEqual([]);
	});

	it('names every room there is', () => {
		const rooms = ['services', 'stores'].flatMap((hall) =>
			Object.keys(import.meta.glob('/src/lib/server/{services,stores}/*/*.ts'))
				.map((path) => path.split('/'))
				.filter((parts) => parts[4] === hall)
				.map((parts) => parts[5])
		);
		for (const room of new Set(rooms)) expect(page).toContain(room);
	});
});
