import js from '@eslint/js';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';

export default ts.config(
	{ ignores: ['dist/', 'target/', 'src/lib/api/schema.d.ts'] },
	js.configs.recommended,
	...ts.configs.strict,
	...svelte.configs.recommended,
	{ languageOptions: { globals: { ...globals.browser, ...globals.node } } },
	{
		files: ['**/*.svelte', '**/*.svelte.ts'],
		languageOptions: { parserOptions: { parser: ts.parser } }
	},
	{
		rules: {
			'svelte/no-navigation-without-resolve': 'off',
			'@typescript-eslint/consistent-type-definitions': 'off'
		}
	}
);
