import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vitest/config';

export default defineConfig({
	plugins: [tailwindcss(), sveltekit()],
	worker: { format: 'es' },
	test: {
		include: ['src/**/*.test.ts'],
		environment: 'node',
		setupFiles: ['src/lib/server/tests/setup.ts'],
		// Two cores on the smallest machine that the tests run on.
		maxWorkers: 2,
		// Nothing here is about speed: on busy cores a test takes many times as long; one that hangs still ends.
		testTimeout: 600_000,
		hookTimeout: 600_000
	}
});
