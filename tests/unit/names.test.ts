import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

/** Every exported name of the core, with the files that export it. */
function exportedNames(): ReadonlyMap<string, readonly string[]> {
  const files = readdirSync('src/core', { recursive: true, encoding: 'utf8' }).filter(
    (file) => /\.ts$/.test(file) && !/\.test\.ts$/.test(file),
  );
  const names = new Map<string, string[]>();
  const declared =
    /^export (?:declare )?(?:async )?(?:abstract )?(?:const|let|function\*?|class|interface|type|enum) (\w+)/gm;
  for (const file of files) {
    const own = [...readFileSync(join('src/core', file), 'utf8').matchAll(declared)].map(([, name = '']) => name);
    // Overloads of one function are one name.
    for (const name of new Set(own)) names.set(name, [...(names.get(name) ?? []), file]);
  }
  return names;
}

test('an exported name of the core means one thing', () => {
  const doubles = [...exportedNames()].filter(([, files]) => files.length > 1);
  expect(doubles).toEqual([]);
});

test('names that steps, asks and moments will need are free', () => {
  const kept = ['Said', 'Known', 'Standing', 'Point', 'Layer'];
  expect(kept.filter((name) => exportedNames().has(name))).toEqual([]);
});
