import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';
import { rooms } from './rooms.eslint.js';
import svelteConfig from './svelte.config.js';

export default ts.config(
	{ ignores: ['build/', '.svelte-kit/', 'node_modules/', 'data/', 'test-results/', 'playwright-report/'] },
	js.configs.recommended,
	...ts.configs.recommended,
	...svelte.configs.recommended,
	prettier,
	...svelte.configs.prettier,
	{
		languageOptions: { globals: { ...globals.browser, ...globals.node } },
		rules: {
			'no-undef': 'off',
			'@typescript-eslint/consistent-type-imports': 'error',
			'@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
			// The application is served from the root of its own address.
			'svelte/no-navigation-without-resolve': 'off',
			'svelte/require-each-key': 'error',
			eqeqeq: 'error'
		}
	},
	{
		files: ['**/*.svelte', '**/*.svelte.ts'],
		languageOptions: { parserOptions: { parser: ts.parser, svelteConfig, extraFileExtensions: ['.svelte'] } }
	},
	{
		// The core computes and nothing else: no interface, server, clock, chance or output.
		files: ['src/core/**/*.ts'],
		ignores: ['src/core/**/*.test.ts'],
		rules: {
			'no-restricted-imports': [
				'error',
				{
					patterns: [
						{
							regex: '^(?!\\.{1,2}/|fraction\\.js$|@internationalized/date$)',
							message: 'The core imports only itself, fraction.js and @internationalized/date.'
						},
						{ regex: '/(lib|routes|calc)/', message: 'The core never calls back.' }
					]
				}
			],
			'no-restricted-globals': [
				'error',
				'Date',
				'process',
				'console',
				'fetch',
				'window',
				'document',
				'setTimeout',
				'crypto'
			],
			'no-restricted-properties': [
				'error',
				{ object: 'Math', property: 'random', message: 'The core has no randomness.' }
			]
		}
	},
	{
		// Today comes with the data; screens never ask the clock.
		files: ['src/lib/ui/**', 'src/routes/**/*.svelte'],
		rules: { 'no-restricted-globals': ['error', 'Date'] }
	},
	...rooms
);
