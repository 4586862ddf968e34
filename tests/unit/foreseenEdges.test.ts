import { agentNeed } from '@/core/models/drying/agentNeed';
import { boilsAway } from '@/core/worktop/volatile';
import { computePlan } from '@/core/plan/plan';
import { gramsOf } from '@/core/worktop/matter/matter';
import { headReading } from '@/core/models/distillation/headReading';
import { kindOf } from '@/core/worktop/kinds';
import { notIdeal } from '@/core/worktop/idealPair';
import { predictProcess } from '@/core/process/predictProcess';
import { solventPartition } from '@/core/models/partition/solventPartition';
import { wholeOf } from '@/core/worktop/matter/shelf';
import { ownDocument, ownPreparations } from '../support/ownPreparations';
import { acetanilide, shipped } from '../support/preparations';
import { taken } from '../support/library';
import { withRanges } from '../support/withRanges';
import type { ChargeLine, Preparation } from '@/core/document/document';

const foreseen = (doc: Preparation) => predictProcess(computePlan(doc));
const remarks = (doc: Preparation, step: string) =>
  foreseen(doc)
    .steps.find((one) => one.step.id === step)
    ?.remarks.join(' ') ?? '';
const own = (title: string) => ownDocument(title, ownPreparations[title]!);

test('what a bottle holds beside its substance: water, the solvent of its name, or something that nobody has named', () => {
  const base = own('a ketone reduced with borohydride');
  const bottle = (name: string, strength: ChargeLine['strength'], formula = 'I2') => {
    const doc: Preparation = {
      ...base,
      substances: [...base.substances, { id: 'x', name, formula }],
      lines: [
        ...base.lines,
        {
          id: 'x',
          substance: 'x',
          role: 'reactant',
          entered: { by: 'mass', digits: '10', unit: 'g' },
          ...(strength ? { strength } : {}),
          vessel: 'flask',
        },
      ],
      steps: [{ id: 'x', op: 'charge', opVersion: 1, params: { line: 'x' }, time: { typical_min: 1, attended: true } }],
    };
    return foreseen(doc).steps[0]?.introduced ?? {};
  };
  const percent = (digits: string) => ({ by: 'massFraction' as const, digits });
  expect(bottle('Iodine, 2 % in ethanol', percent('2'))).toEqual({
    x: expect.closeTo(0.2, 9) as number,
    ethanol: expect.closeTo(9.8, 9) as number,
  });
  expect(bottle('Hydrochloric acid', percent('20'), 'HCl')).toMatchObject({ x: 2, water: 8 });
  expect(bottle('Iodine, 2 % in something', percent('2'))).toMatchObject({
    'solvent~': expect.closeTo(9.8, 9) as number,
  });
  // An assay of a bought liquid is no solution in water.
  expect(Object.keys(bottle('Octane', percent('98'), 'C8H18'))).toEqual(['x', 'rest~']);
});

test('a solute leaves with its water only where it is volatile itself', () => {
  const kind = (id: string) => kindOf(taken(id).substance);
  expect(
    ['hydrochloric-acid-6m', 'ammonia-25', 'acetic-acid-6m', 'formaldehyde-37'].map((id) => boilsAway(kind(id))),
  ).toEqual([true, true, true, true]);
  expect(
    ['sodium-hydroxide-2m', 'sodium-chloride-saturated', 'citric-acid-10', 'sodium-acetate-2m'].map((id) =>
      boilsAway(kind(id)),
    ),
  ).toEqual([false, false, false, false]);
  expect([
    boilsAway(kind('diethyl-ether'), 60),
    boilsAway(kind('toluene'), 60),
    boilsAway(kind('acetanilide')),
  ]).toEqual([true, false, false]);
});

test('a drying agent is dosed for the drops that hang in the layer too', () => {
  const layer = { volume_mL: 50, density: 0.66, waterContent: 0.0001, capacity: 1.05 };
  expect(agentNeed(layer).agent_g).toBeLessThan(0.1);
  expect(agentNeed({ ...layer, floor_per25mL: 1 }).agent_g).toBeCloseTo(2, 9);
  // Much dissolved water asks for more than the floor.
  expect(agentNeed({ ...layer, waterContent: 0.03, floor_per25mL: 1 }).agent_g).toBeGreaterThan(2);
});

test('water distils along with an alkene that forms, as the list says, and stands in the receiver', () => {
  const doc = own('an alkene distilled as it forms');
  const step = foreseen(doc).steps.at(-1);
  const place = step?.product ?? '';
  const held = wholeOf(step!.shelf[place]!);
  const water = Object.entries(held)
    .filter(([id]) => id.startsWith('water'))
    .reduce((sum, [, grams]) => sum + grams, 0);
  // Cyclohexene and water: 10 % water in the vapour.
  expect(water / (held['alkene'] ?? NaN)).toBeCloseTo(0.11, 2);
  expect(step?.remarks.join(' ')).toMatch(/comes over with it.*71/);
});

test('steam carries no more oil than its ratio', () => {
  const doc = shipped('eugenol');
  const with_mL = (distillate_mL: number) => {
    const steps = doc.steps.map((one) =>
      one.op === 'steamDistillation' ? { ...one, params: { ...one.params, distillate_mL } } : one,
    );
    const step = foreseen({ ...doc, steps }).steps.find((one) => one.step.op === 'steamDistillation');
    return { oil: wholeOf(step!.shelf[step!.product]!)['eugenol'] ?? 0, says: step?.remarks.join(' ') ?? '' };
  };
  const [little, enough] = [with_mL(5), with_mL(110)];
  expect(little.oil).toBeLessThan(enough.oil);
  // 5 g of water at about 10 torr of oil: no more than p·M/(p·M) = 10·164/(750·18) of it.
  expect(little.oil).toBeLessThan(5 * 0.2);
  expect(little.says).toContain('carries at most');
  expect(enough.says).not.toContain('carries at most');
});

test('a small charge in a large flask is said to be eaten by the apparatus', () => {
  const doc = shipped('methylcyclohexanone');
  const unwritten = (capacity_mL: number): Preparation => ({
    ...doc,
    steps: doc.steps.map(({ assume: _assume, ...step }) => step),
    vessels: doc.vessels.map((one) => (one.id === 'still' ? { ...one, capacity_mL } : one)),
  });
  expect(remarks(unwritten(25), 'distil')).not.toContain('too much for so little');
  expect(remarks(unwritten(250), 'distil')).toContain('too much for so little');
});

test('hot solvent that cannot hold the solid says so, where its curve reaches the boil', () => {
  const doc = acetanilide();
  const curve = [
    {
      solvent: 'water',
      points: [0.35, 0.56, 5.5].map((s, i) => ({
        digits: String(s),
        at_C: [0, 25, 100][i] ?? 0,
        source: 's',
        check: 'from memory' as const,
      })),
    },
  ];
  const little: Preparation = {
    ...doc,
    substances: doc.substances.map((one) => (one.id === 'acetanilide' ? { ...one, solubility: curve } : one)),
    lines: doc.lines.map((line) =>
      line.id === 'solvent' || line.id === 'hot-water'
        ? { ...line, entered: { by: 'volume', digits: '20', unit: 'mL' } }
        : line,
    ),
  };
  const line = doc.steps.find(({ op }) => op === 'recrystallization')?.params['solvent'];
  const scarce = {
    ...little,
    lines: little.lines.map((one) =>
      one.id === line ? { ...one, entered: { by: 'volume' as const, digits: '20', unit: 'mL' } } : one,
    ),
  };
  expect(remarks(scarce, 'recrystallize')).toMatch(/stays undissolved at the boil.*more would dissolve it/);
  // The shipped curve ends at 80 °C: nothing is claimed of the boil.
  expect(remarks(doc, 'recrystallize')).not.toContain('stays undissolved');
});

test('cuts of a column have a range, since nobody changes a receiver to the millilitre', () => {
  for (const { low, high, mass } of withRanges(foreseen(shipped('cyclohexane-toluene')))) {
    expect(high - low).toBeGreaterThan(0.5);
    expect(mass.q.value).toBeGreaterThan(low);
    expect(mass.q.value).toBeLessThan(high);
  }
});

test('azeotropes and unlike pairs are no case for Raoult’s law; two hydrocarbons are', () => {
  const kind = (id: string) => kindOf(taken(id).substance);
  expect(notIdeal(kind('cyclohexane'), kind('toluene'))).toBeUndefined();
  expect(notIdeal(kind('ethanol'), kind('water'))).toContain('boil together');
  expect(notIdeal(kind('methanol'), kind('heptane'))).toContain('not alike');
});

test('an assumed conversion is honest at its low end, lower where an excess has to push an equilibrium', () => {
  const doc = own('an ester, washed and distilled');
  const of = (one: Preparation) => foreseen(one).assumptions.find(({ key }) => key === 'conversion');
  const pushed = {
    ...doc,
    lines: doc.lines.map((line) =>
      line.id === 'ethanol' ? { ...line, excessReason: 'pushes an equilibrium' as const } : line,
    ),
  };
  expect(of(doc)?.low).toBeLessThanOrEqual(0.75);
  expect(of(pushed)?.low ?? 1).toBeLessThanOrEqual(0.5);
  expect(of(pushed)?.typical ?? 1).toBeLessThan(of(doc)?.typical ?? 0);
});

test('partition by solvent: hydrocarbons leave what gives hydrogen bonds, octanol’s likes take it', () => {
  // Phenol, log P 1.46: measured −0.8 in alkanes, 1.6 in ether, 0.4 in chloroform.
  const phenol = (solvent: Parameters<typeof solventPartition>[1]) => solventPartition(1.46, solvent, 'donor').logP;
  expect(phenol('aliphatic')).toBeCloseTo(-0.8, 0);
  expect(phenol('ether')).toBeCloseTo(1.6, 0);
  expect(phenol('halogenated')).toBeCloseTo(0.36, 0);
  expect(solventPartition(2, 'other', 'acceptor')).toEqual({ logP: 2, u: 1 });
});

test('a thread that stands out reads low, a probe does not, and less air pressure boils lower', () => {
  expect(headReading(170)).toBe(170);
  expect(headReading(170, { filling: 'mercury' })).toBeLessThan(168);
  expect(headReading(170, { filling: 'spirit' })).toBeLessThan(headReading(170, { filling: 'mercury' }));
  expect(headReading(170, { torr: 700 })).toBeLessThan(headReading(170, { torr: 748 }));
});

test('mass is conserved over all own preparations, whatever the rules and models do with them', () => {
  for (const [title, one] of Object.entries(ownPreparations)) {
    const doc = ownDocument(title, one);
    const { steps } = foreseen(doc);
    const came = steps.reduce((sum, { introduced }) => sum + gramsOf(introduced), 0);
    const left = steps.reduce(
      (sum, { streams }) => sum + streams.reduce((all, { matter }) => all + gramsOf(matter), 0),
      0,
    );
    const held = Object.values(steps.at(-1)?.shelf ?? {}).reduce((sum, content) => sum + gramsOf(wholeOf(content)), 0);
    expect([title, Math.abs(came - left - held) < 1e-6 * Math.max(1, came)]).toEqual([title, true]);
  }
});
