import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { operations } from '@/core/operations/registry';

const filesOf = (folder: string) =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((file) => /\.tsx?$/.test(file) && !/\.test\.tsx?$/.test(file))
    .map((file) => join(folder, file));

test('no page, component or rule knows the shipped preparation', () => {
  const knowing = ['src/app', 'src/features', 'src/components', 'src/core', 'src/server', 'src/api']
    .flatMap(filesOf)
    // The demo is loaded from its file's name; a docstring may name a compound as an example.
    .filter((file) => file !== 'src/server/loadDemo.ts')
    .filter((file) =>
      /acetanilid|aniline|benzaldehyd/i.test(readFileSync(file, 'utf8').replace(/\/\*\*[\s\S]*?\*\/|\/\/.*/g, '')),
    );
  expect(knowing).toEqual([]);
});

test('outside the registry and its drawings nothing asks for an operation by its name', () => {
  const names = operations.map(({ name }) => name);
  const core = ['bench', 'document', 'editing', 'explore', 'hazard', 'plan', 'process', 'record', 'results', 'waste'];
  const asking = ['src/features', 'src/components', ...core.map((room) => join('src/core', room))]
    .flatMap(filesOf)
    .flatMap((file) => {
      const code = readFileSync(file, 'utf8').replace(/\/\*\*[\s\S]*?\*\/|\/\/.*/g, '');
      const compared = names.filter((name) =>
        new RegExp(`(op|operation|name)\\s*[=!]==\\s*'${name}'|case '${name}'`).test(code),
      );
      return compared.map((name) => `${file}: ${name}`);
    });
  expect(asking).toEqual([]);
});

test('nobody looks for a key among the parameters of a step: who has to know asks the operation', () => {
  const guesses = /(?<!error\.)params\??\.?\[|['"] in [\w.]*params\b|\b(step|one)[\w.]*\.params as /;
  const files = filesOf('src').filter((file) => !file.includes('operations/declare'));
  const guessing = files.filter((file) => guesses.test(readFileSync(file, 'utf8')));
  // The one place that reads a key of a field: the stage that a step works towards; and the plan's inputs, each by its declared field.
  expect(guessing.sort()).toEqual([
    'src/core/handout/draft/params.ts',
    'src/core/operations/named.ts',
    'src/features/plan/StepNumbers.tsx',
    'src/features/plan/procedure/ParamField.tsx',
    'src/features/plan/procedure/StepEditor.tsx',
  ]);
});

test('each operation is a folder of its own, named as it is', () => {
  const folders = readdirSync('src/core/operations', { withFileTypes: true }).filter((one) => one.isDirectory());
  // What several operations share has no face of its own.
  const own = folders.filter(({ name }) => existsSync(join('src/core/operations', name, 'index.ts')));
  expect(own.map(({ name }) => name).sort()).toEqual(operations.map(({ name }) => name).sort());
});
