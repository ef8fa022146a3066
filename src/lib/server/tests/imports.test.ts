import { describe, expect, it } from 'vitest';

const sources = import.meta.glob<string>(['/src/**/*.ts', '/src/**/*.svelte', '!/src/**/*.test.ts'], {
	query: '?raw',
	import: 'default',
	eager: true
});

const files = new Set(Object.keys(sources));

/** The files of the project that a file imports; a component that draws itself inside itself is no circle. */
function importsOf(file: string, source: string): string[] {
	const found = source.matchAll(/\b(?:from|import)\s*\(?\s*'((?:\.{1,2}\/|\$lib\/|\$core\/)[^'?]+)'/g);
	return [...found]
		.map(([, path]) => {
			const whole = path.replace(/^\$lib\//, '/src/lib/').replace(/^\$core\//, '/src/core/');
			return whole.startsWith('/') ? whole : new URL(whole, `file://${file}`).pathname;
		})
		.filter((path) => files.has(path) && path !== file);
}

/** Every way from a file back to itself, as the files on it. */
function circles(graph: ReadonlyMap<string, readonly string[]>): string[][] {
	const found: string[][] = [];
	const done = new Set<string>();
	const way: string[] = [];
	const visit = (file: string) => {
		const at = way.indexOf(file);
		if (at >= 0) found.push([...way.slice(at), file]);
		if (at >= 0 || done.has(file)) return;
		way.push(file);
		for (const next of graph.get(file) ?? []) visit(next);
		way.pop();
		done.add(file);
	};
	for (const file of graph.keys()) visit(file);
	return found;
}

describe('imports', () => {
	it('never lead back to where they began', () => {
		const graph = new Map(Object.entries(sources).map(([file, source]) => [file, importsOf(file, source)]));
		// What is read is the whole house: every file but the entries is imported by some other.
		expect([...graph.values()].flat().length).toBeGreaterThan(1000);
		expect(circles(graph)).toEqual([]);
	});

	it('are seen in a circle of three', () => {
		const graph = new Map([
			['a', ['b']],
			['b', ['c', 'd']],
			['c', ['a']],
			['d', []]
		]);
		expect(circles(graph)).toEqual([['a', 'b', 'c', 'a']]);
	});
});
