import coreRooms from '@/core/rooms.json';
import { benchState } from '@/core/bench/benchState';
import { computePlan } from '@/core/plan/plan';
import { format } from '@/core/quantity/format';
import { operations } from '@/core/operations/registry';
import { predictProcess } from '@/core/process/predictProcess';
import { jobDocument } from './jobs/job';
import { jobs } from './jobs';
import { oddOperations } from './oddOperations';
import { shippedPreparations } from './preparations';
import type { Operation } from '@/core/operations/operation';

const cell = (text: string) => text.replaceAll('|', '\\|').replaceAll('\n', ' ');
const row = (...cells: readonly string[]) => `| ${cells.map(cell).join(' | ')} |`;

/** The rooms of the core, the lowest first. */
const roomsTable = (): string =>
  [row('Room', 'Holds'), row('---', '---'), ...coreRooms.map(({ room, holds }) => row(`\`${room}\``, holds))].join(
    '\n',
  );

const roomsMarks = ['<!-- core rooms -->', '<!-- end of core rooms -->'] as const;

/** The architecture page with its table of rooms as the import rules have it. */
export function withRooms(page: string): string {
  const [begin, end] = roomsMarks.map((mark) => page.indexOf(mark)) as [number, number];
  if (begin < 0 || end < begin) throw new Error('docs/architecture.md has lost the marks of its table of rooms');
  return `${page.slice(0, begin + roomsMarks[0].length)}\n\n${roomsTable()}\n\n${page.slice(end)}`;
}

/** One page with a sentence for each operation in each way that a shipped or tried document uses it. */
export function sentencesPage(): string {
  const documents = [
    ...shippedPreparations().map(([, doc]) => doc),
    ...Object.values(jobs).map(jobDocument),
    oddOperations(),
  ];
  const said = new Map<string, Map<string, string>>();
  for (const doc of documents)
    for (const { step, operation, context } of benchState(doc, []).steps) {
      // Two sentences that differ in their numbers and names alone are one way of saying it.
      const sentence = operation.sentence(context);
      const way = wayOf(operation, step.params);
      const ways = said.get(operation.name) ?? new Map<string, string>();
      if (!ways.has(way)) ways.set(way, sentence);
      said.set(operation.name, ways);
    }
  return [
    '# What the bench reads',
    '',
    'Each operation in each way in which it can be done, as a bench reads it before it begins. Made by `npm run docs`.',
    '',
    row('Operation', 'Sentence'),
    row('---', '---'),
    ...operations.flatMap(({ name, title }) =>
      [...(said.get(name)?.values() ?? [])].map((sentence, i) => row(i === 0 ? title : '', sentence)),
    ),
    '',
  ].join('\n');
}

/** What tells one way from another: which parameters there are, and what was chosen; no number and no name. */
function wayOf({ fields }: Operation, params: Readonly<Record<string, unknown>>): string {
  const tells = (key: string) => fields[key]?.kind === 'choice' || fields[key]?.kind === 'flag';
  return Object.entries(params)
    .map(([key, value]) => `${key}:${tells(key) ? String(value) : ''}`)
    .sort()
    .join();
}

/** Since solids, forms by pH, heat and what water takes apart are carried through. */
const changes = [
  'Washed solid, 0.072 g before: the wash takes as much of it as it can hold, and no more; what does not dissolve stays on the paper.',
  'Ester of the three-part separation (a shipped preparation), from 0.8310 to 0.8308 g: after cooling it is found by its pH.',
  'Carbinol: most of the magnesium left over is dissolved by the acid of the quench, with its hydrogen.',
  'Ester and amide over an anhydride or acid chloride: what is left over becomes its acid in the work-up; the stages weigh what they did.',
  'All other stages agree with what they were to the digits shown. What changed there is where things are and how warm they are: cautions, bottles, what is acid in them.',
] as const;

/** What is foreseen of ten kinds of job, what a chemist expects of them, and why they differ. */
export function jobsPage(): string {
  const grams = (value: number) => format({ dim: 'mass', value }, 'g', { figures: 2 });
  return [
    '# Ten kinds of job',
    '',
    'What the models foresee of each, what a chemist expects, and why they differ. Made by `npm run docs` of `tests/support/jobs`; each runs from the plan over a bench to its results in `tests/unit/jobs.test.ts`.',
    '',
    row('Job', 'Stage', 'At most', 'Foreseen', 'Expected', 'Why'),
    row('---', '---', '--:', '--:', '--:', '---'),
    ...Object.values(jobs).flatMap((job) => {
      const { stages } = predictProcess(computePlan(jobDocument(job)));
      return job.expects.map(({ stage, low, high, why }, i) => {
        const found = stages.find((one) => one.stage.id === stage);
        return row(
          i === 0 ? job.title : '',
          found?.stage.name ?? stage,
          found ? grams(found.basis.q.value) : 'not foreseen',
          found ? grams(found.mass.q.value) : 'not foreseen',
          `${low}–${high}\u00a0g`,
          why,
        );
      });
    }),
    '',
    '## What changed, and why',
    '',
    ...changes.map((one) => `- ${one}`),
    '',
  ].join('\n');
}
