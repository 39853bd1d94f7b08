import js from '@eslint/js';
import globals from 'globals';

export default [
    js.configs.recommended,
    { languageOptions: { globals: globals.browser }, rules: { eqeqeq: 'error', 'prefer-const': 'error', 'no-unused-vars': ['error', { argsIgnorePattern: '^_' }] } },
    { files: ['resources/js/tests/**'], languageOptions: { globals: globals.node } },
];
