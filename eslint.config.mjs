import hooks from 'eslint-plugin-react-hooks';
import ts from 'typescript-eslint';

const oneFormat = {
  selector: 'CallExpression[callee.property.name=/^(toFixed|toPrecision)$/]',
  message: 'Numbers become text in src/core/quantity only (format, decimals).',
};

export default ts.config(
  {
    ignores: [
      'node_modules/',
      '.next*/',
      'data/',
      'next-env.d.ts',
      'tests/emptyModule.cjs',
      'src/components/icons.tsx',
    ],
  },
  ...ts.configs.recommended,
  {
    files: ['src/**/*.{ts,tsx}', 'scripts/**/*.ts', 'tests/**/*.ts', '*.config.ts'],
    languageOptions: { parserOptions: { projectService: true } },
    plugins: { 'react-hooks': hooks },
    rules: {
      ...hooks.configs.recommended.rules,
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-misused-promises': 'error',
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true },
      ],
      'no-restricted-syntax': ['error', oneFormat],
      'max-lines': ['error', { max: 450, skipBlankLines: true }],
      eqeqeq: 'error',
    },
  },
  { files: ['src/core/quantity/**', '**/*.test.ts', 'tests/**'], rules: { 'no-restricted-syntax': 'off' } },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      // The core has no clock, no randomness and no world around it.
      'no-restricted-globals': ['error', 'window', 'document', 'fetch', 'localStorage', 'process', 'setTimeout'],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random' },
        { object: 'Date', property: 'now' },
      ],
    },
  },
);
