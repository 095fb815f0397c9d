import js from '@eslint/js';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import typescript from 'typescript-eslint';
import svelteConfig from './svelte.config.js';

export default typescript.config(
	{
		ignores: ['.mutants/', 'build/', '.svelte-kit/', 'node_modules/', 'data/', 'demo-data/', 'test-results/']
	},
	js.configs.recommended,
	...typescript.configs.recommended,
	...svelte.configs.recommended,
	{
		languageOptions: { globals: { ...globals.browser, ...globals.node } },
		rules: {
			'no-undef': 'off',
			'max-lines': ['error', { max: 300, skipBlankLines: true, skipComments: true }],
			'max-lines-per-function': ['error', { max: 60, skipBlankLines: true, skipComments: true }],
			complexity: ['error', 12],
			eqeqeq: ['error', 'always', { null: 'ignore' }],
			// svelte-check is the judge of both: it knows the compiler's warnings, and values that never change.
			'svelte/no-unused-svelte-ignore': 'off',
			'svelte/prefer-svelte-reactivity': 'off',
			'@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', ignoreRestSiblings: true }]
		}
	},
	{
		files: ['**/*.svelte', '**/*.svelte.ts'],
		languageOptions: { parserOptions: { parser: typescript.parser, svelteConfig } }
	},
	{
		files: ['src/lib/**', 'src/routes/**'],
		rules: {
			'no-restricted-imports': [
				'error',
				{
					name: '$app/navigation',
					importNames: ['invalidateAll'],
					message: 'it gives up the way to another page: use refresh of records/'
				}
			]
		}
	},
	{
		files: ['src/lib/**', 'src/routes/**', 'src/workers/**'],
		ignores: ['**/*.test.ts'],
		rules: {
			'no-restricted-properties': [
				'error',
				{
					object: 'crypto',
					property: 'randomUUID',
					message: 'browsers have it over https alone: use v4 of uuid'
				}
			],
			'no-restricted-globals': [
				'error',
				{ name: 'localStorage', message: 'it may be full or refused: use kept-here of records/' }
			]
		}
	},
	{
		files: ['src/lib/records/**'],
		rules: { 'no-restricted-globals': 'off' }
	},
	{
		files: ['**/*.cjs'],
		rules: { '@typescript-eslint/no-require-imports': 'off' }
	},
	{
		files: ['**/*.test.ts', 'tests/**'],
		rules: { 'max-lines-per-function': 'off' }
	},
	{
		// The core is pure: no clock, no chance, no machine of its own.
		files: ['src/{core,words}/**/*.ts'],
		ignores: ['**/*.test.ts'],
		rules: {
			'no-restricted-globals': [
				'error',
				'window',
				'document',
				'localStorage',
				'fetch',
				'process',
				'console',
				'setTimeout'
			],
			'no-restricted-properties': [
				'error',
				{ object: 'Date', property: 'now', message: 'the core has no clock of its own' },
				{ object: 'Math', property: 'random', message: 'the core has no chance of its own' }
			]
		}
	}
);
