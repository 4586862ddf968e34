import { planOf } from '@/core/process/planOf';
import { jobs } from '../support/jobs';
import { jobDocument } from '../support/jobs/job';
import { shippedPreparations } from '../support/preparations';
import type { Job } from '../support/jobs/job';

const predicted = (job: Job) => planOf(jobDocument(job)).process.prediction;

/** An ester from its acid, weighed as it is. */
const ester = (steps: Job['steps'], runs: readonly string[]): Job => ({
  title: 'Ester',
  reactions: {
    ester: [
      'benzoic-acid + methanol = methyl-benzoate + water',
      'methyl-benzoate',
      Object.fromEntries(runs.map((one) => [one, null])),
    ],
  },
  reference: 'acid',
  lines: {
    acid: ['reactant', '2.0 g', { substance: 'benzoic-acid', reaction: 'ester', vessel: 'flask' }],
    methanol: [
      'reagent in excess',
      '10 mL',
      { reaction: 'ester', vessel: 'flask', excessReason: 'pushes an equilibrium' },
    ],
  },
  vessels: { flask: ['reaction flask', 50], other: ['beaker', 50] },
  stages: { ester: ['Ester', 'methyl-benzoate', { by: 'reaction', reaction: 'ester' }] },
  steps,
});
const acid: Job['steps'][string] = ['charge', { line: 'acid' }, { in: 'flask' }];
const methanol: Job['steps'][string] = ['charge', { line: 'methanol' }, { in: 'flask' }];
const boil: Job['steps'][string] = ['reflux', { minutes: 60, low_C: 60, high_C: 70 }, { in: 'flask' }];
const charged = { acid, methanol, boil };
const weigh: Job['steps'] = { weigh: ['weighing', { of: 'ester' }, { in: 'flask' }] };

test('what runs has a number', () => {
  const { stages, unforeseen } = predicted(ester({ ...charged, ...weigh }, ['boil']));
  expect(unforeseen).toEqual([]);
  expect(stages[0]?.mass.q.value).toBeGreaterThan(1);
});

test('a stage whose reaction no step runs is not foreseen, nor is one that is weighed before it is made', () => {
  const cases: readonly (readonly [Job, RegExp])[] = [
    [ester({ ...charged, ...weigh }, []), /no step runs its reaction/],
    [ester({ acid, ...weigh, methanol, boil }, ['boil']), /nothing of it is made, or left/],
  ];
  for (const [job, why] of cases) {
    const { stages, unforeseen } = predicted(job);
    expect(stages).toEqual([]);
    expect(unforeseen).toEqual([expect.objectContaining({ why: expect.stringMatching(why) as unknown })]);
  }
});

test('every stage of what is shipped, and of the jobs, is foreseen', () => {
  for (const doc of [
    ...shippedPreparations().map(([, one]) => one),
    ...Object.values(jobs).map((one) => jobDocument(one)),
  ])
    expect([doc.title, planOf(doc).process.prediction.unforeseen]).toEqual([doc.title, []]);
});
