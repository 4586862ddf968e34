import { readdirSync, readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';

// Examples in docstrings, `@example expression // → value`, run as tests with the exports of their own module in scope.
const files = readdirSync('src/core', { recursive: true, encoding: 'utf8' }).filter(
  (file) => file.endsWith('.ts') && !file.endsWith('.test.ts'),
);

const examples = files.flatMap((file) =>
  [...readFileSync(join('src/core', file), 'utf8').matchAll(/@example (.+?) \/\/ → (.+?)(?: \*\/)?$/gm)].map(
    ([, expression, value]) => ({ file, expression, value }),
  ),
);

test('there are examples', () => expect(examples.length).toBeGreaterThan(10));

test.each(examples)('$file: $expression', async ({ file, expression, value }) => {
  const scope = (await import(resolve('src/core', file))) as Record<string, unknown>;
  const run = (code: string) =>
    new Function(...Object.keys(scope), `return (${code});`)(...Object.values(scope)) as unknown;
  const spaced = (got: unknown) => (typeof got === 'string' ? got.replace(/[\u00a0\u202f]/g, ' ') : got);
  expect(spaced(run(expression as string))).toEqual(run(value as string));
});

// Each exported function of these rooms shows how it is used.
test('every exported function of models, stoichiometry and quantity has an example that runs', () => {
  const functions = files
    .filter((file) => /^(models|stoichiometry|quantity)\//.test(file))
    .flatMap((file) =>
      [
        ...readFileSync(join('src/core', file), 'utf8').matchAll(
          /(\/\*\*(?:(?!\*\/)[\s\S])*\*\/\s*)?^export (?:function\*? (\w+)|const (\w+) = (?:<[^>]*>)?\()/gm,
        ),
      ].map(([, doc = '', name, arrow]) => ({ is: `${file} ${name ?? arrow}`, shows: doc.includes('@example') })),
    );
  expect(functions.length).toBeGreaterThan(80);
  expect(functions.flatMap(({ is, shows }) => (shows ? [] : [is])).sort()).toEqual([]);
});
