import fc from 'fast-check';
import { computePlan } from '../plan/plan';
import { excessCharge, layerDensities, shakeTogether } from './layers';
import { factsOf } from '../plan/facts';
import { gramsOf } from './matter/matter';
import { kindsOf } from './madeKinds';
import { quenchOxidant } from './quenchOxidant';
import { react } from './react';
import { solventPartition } from '../models/partition/solventPartition';
import { solutionPH } from '../models/acidBase/solutionPH';
import { transfer } from './transfer';
import { Worktop } from './worktop';
import { acetanilide, shipped } from '../../../tests/support/preparations';
import type { Matter } from './matter/matter';
import type { Preparation } from '../document/document';
import type { Step } from '../document/steps';

const step: Step = { id: 'test', op: 'charge', opVersion: 1, params: {}, time: { typical_min: 1, attended: true } };

/** An empty bench with the substances of a preparation. */
function bench(doc: Preparation, stage = doc.stages[0], reacts = false): Worktop {
  const plan = computePlan(doc);
  const facts = factsOf(doc);
  const world = { plan, facts, kind: kindsOf(facts), scenario: {}, means: () => ({}) };
  const runs = reacts ? doc.reactions.map((reaction) => ({ reaction })) : [];
  return new Worktop(world, { step, ...(stage ? { stage } : {}), runs }, { shelf: {}, product: 'flask' });
}

const apart = () => shipped('acid-base-neutral');
const neutral = () => bench(apart(), apart().stages[2]);
const positive = (most: number) => fc.double({ min: 0.01, max: most, noNaN: true });

test('a neutral substance goes by its partition coefficient, whatever the pH', () => {
  const work = neutral();
  const { organic, aqueous } = shakeTogether(work, { fluorene: 1, tbme: 29.6, water: 100 });
  const volume = (matter: Matter) => (matter['tbme'] ?? 0) / 0.74 + (matter['water'] ?? 0) / 0.998;
  const ratio = (organic['fluorene'] ?? 0) / volume(organic) / ((aqueous['fluorene'] ?? 0) / volume(aqueous));
  const logP = Number(apart().substances.find(({ id }) => id === 'fluorene')?.logP?.digits);
  expect(Math.log10(ratio)).toBeCloseTo(solventPartition(logP, 'ether', 'acceptor').logP, 6);
});

test('solvent and water take of each other what their solubilities say', () => {
  const { organic, aqueous } = shakeTogether(neutral(), { tbme: 74, water: 100 });
  // 4.2 g in 100 g of water; 1.5 % water in the ether.
  expect(aqueous['tbme']).toBeCloseTo(4.2, 6);
  expect((organic['water'] ?? 0) / gramsOf(organic)).toBeCloseTo(0.015, 3);
  // Salt drives both apart.
  const salted = shakeTogether(neutral(), { tbme: 74, water: 74, brine: 26 });
  expect(salted.aqueous['tbme']).toBeLessThan(4.2 * 0.5);
});

test('mass is conserved in a funnel with whatever is in it', () => {
  const ids = apart().substances.map(({ id }) => id);
  const work = bench(apart());
  fc.assert(
    fc.property(fc.dictionary(fc.constantFrom(...ids), positive(50), { minKeys: 1 }), (matter) => {
      const { organic, aqueous, gas } = shakeTogether(work, matter);
      const after = gramsOf(organic) + gramsOf(aqueous) + gramsOf(gas);
      expect(Math.abs(after - gramsOf(matter))).toBeLessThan(1e-9 * Math.max(1, gramsOf(matter)));
      expect(
        Math.min(...Object.values(organic), ...Object.values(aqueous), ...Object.values(gas)),
      ).toBeGreaterThanOrEqual(0);
    }),
  );
});

test('without a solvent the pH is that of the solution by itself', () => {
  const work = bench(apart());
  fc.assert(
    fc.property(positive(3), positive(2), positive(3), (acid, base, cinnamic) => {
      const water = 200;
      const { pH } = shakeTogether(work, {
        water,
        'strong-acid': acid,
        'strong-base': base,
        'cinnamic-acid': cinnamic,
      });
      const litres = (water / 0.998 + acid / 2.5 + base / 2.5) / 1000;
      const alone = solutionPH({
        systems: [{ pKas: [4.44], concentration: cinnamic / 148.16 / litres, charge: 0 }],
        spectators: (base / 39.997 - acid / 36.46) / litres,
      });
      expect(pH).toBeCloseTo(alone, 1);
    }),
  );
});

test('an acid goes into alkali and comes back with acid; a base the other way round', () => {
  const share = (id: string, added: Matter) => {
    const matter = { tbme: 30, water: 30, [id]: 0.5, ...added };
    return (shakeTogether(neutral(), matter).organic[id] ?? 0) / 0.5;
  };
  expect(share('cinnamic-acid', { 'strong-base': 1 })).toBeLessThan(0.001);
  expect(share('cinnamic-acid', { 'strong-acid': 1 })).toBeGreaterThan(0.98);
  expect(share('ethyl-4-aminobenzoate', { 'strong-acid': 5 })).toBeLessThan(0.2);
  expect(share('ethyl-4-aminobenzoate', { 'strong-base': 1 })).toBeGreaterThan(0.95);
});

test('bicarbonate that meets acid leaves as carbon dioxide, mole for mole, less what water holds', () => {
  const { gas, pH } = shakeTogether(bench(apart()), { water: 100, bicarbonate: 8.4, 'strong-acid': 7.3 });
  // 0.100 mol of one, 0.200 of the other; a tenth of a litre holds 3.6 mmol.
  expect(gramsOf(gas) / 44.009).toBeCloseTo(0.1 - 0.0036, 3);
  expect(pH).toBeLessThan(1.2);
  expect(gramsOf(shakeTogether(bench(apart()), { water: 100, bicarbonate: 8.4 }).gas)).toBe(0);
});

test('the excess of charge grows with base and is nothing at the pH of the mixture', () => {
  const matter = { water: 100, 'strong-acid': 1, 'strong-base': 1.5, 'cinnamic-acid': 1 };
  const { pH } = shakeTogether(bench(apart()), matter);
  expect(Math.abs(excessCharge(bench(apart()), matter, pH))).toBeLessThan(1e-6);
  expect(excessCharge(bench(apart()), { ...matter, 'strong-base': 2 }, pH)).toBeGreaterThan(0.01);
});

test('the ether lies on water, and water on a halogenated liquid', () => {
  const work = neutral();
  const densities = layerDensities(work, shakeTogether(work, { tbme: 30, water: 30 }));
  expect(densities.organic).toBeLessThan(densities.aqueous);
  const heavy = bench(shipped('ethoxynaphthalene'));
  const other = layerDensities(heavy, shakeTogether(heavy, { iodoethane: 30, water: 30 }));
  expect(other.organic).toBeGreaterThan(other.aqueous);
});

test('bleach and bisulfite react mole for mole; what is over is told', () => {
  const work = bench(shipped('methylcyclohexanone'));
  work.put('flask', 'liquid', { hypochlorite: 7.444, bisulfite: 5.203, water: 50 });
  const { oxidant, reductant } = quenchOxidant(work, 'flask');
  expect(oxidant).toBeCloseTo(0.05, 3);
  expect(reductant).toBeCloseTo(0, 6);
  expect(gramsOf(work.whole('flask'))).toBeCloseTo(7.444 + 5.203 + 50, 9);
  expect(work.whole('flask')['chloride~']).toBeCloseTo(0.05 * 58.44, 2);
});

test('the reaction takes what the limiting reagent allows at its conversion, and leaves the excess', () => {
  const doc = acetanilide();
  const work = bench(doc, doc.stages[0], true);
  work.put('flask', 'liquid', { aniline: 9.3129, 'acetic-anhydride': 20.4178 });
  react(work, 'flask');
  const there = work.whole('flask');
  // 0.100 mol of aniline, 0.200 of the anhydride, 95 % conversion.
  expect(there['acetanilide']).toBeCloseTo(0.095 * 135.166, 2);
  expect(there['aniline']).toBeCloseTo(0.005 * 93.129, 2);
  expect(there['acetic-anhydride']).toBeCloseTo(0.105 * 102.089, 2);
  expect(gramsOf(there)).toBeCloseTo(9.3129 + 20.4178, 9);
});

test('a second run of a reaction goes on to its conversion, and never beyond; product that was taken out counts no more', () => {
  const doc = acetanilide();
  const work = bench(doc, doc.stages[0], true);
  work.put('flask', 'liquid', { aniline: 9.3129, 'acetic-anhydride': 20.4178 });
  react(work, 'flask');
  react(work, 'flask');
  expect(work.whole('flask')['acetanilide']).toBeCloseTo(0.095 * 135.166, 2);
  const product = { acetanilide: work.whole('flask')['acetanilide'] ?? 0 };
  work.leave('sample', work.take('flask', 'liquid', product));
  react(work, 'flask');
  // 95 % of the 5 mmol that were left.
  expect(work.whole('flask')['acetanilide']).toBeCloseTo(0.00475 * 135.166, 2);
});

/** What a transfer leaves behind of so much in a vessel of so many millilitres, g. */
function left(grams: number, capacity_mL: number): number {
  const doc = apart();
  const [vessel] = doc.vessels;
  if (!vessel) throw new Error('no vessel');
  const work = bench({ ...doc, vessels: [{ ...vessel, id: 'flask', capacity_mL }] }, doc.stages[2]);
  work.put('flask', 'solid', { fluorene: grams });
  transfer(work, 'flask', 'beaker');
  return work.whole('flask')['fluorene'] ?? 0;
}

test('a transfer leaves the same behind at every scale, and no more than there is', () => {
  expect(left(1, 100)).toBeCloseTo(0.03, 9);
  expect(left(50, 100)).toBeCloseTo(0.03, 9);
  expect(left(1, 1000)).toBeCloseTo(0.03, 9);
  expect(left(0.02, 100)).toBeCloseTo(0.02, 9);
});

test('small glass keeps less: as its wall, by the two-thirds power of what it holds', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.5, max: 12, noNaN: true }), (mL) => {
      expect(left(1, 2 * mL) / left(1, mL)).toBeCloseTo(2 ** (2 / 3), 9);
    }),
  );
});

test('a worktop lets nothing come from nowhere, and hands over no more than there is', () => {
  const work = neutral();
  work.put('flask', 'liquid', { water: 10 });
  expect(() => work.take('flask', 'liquid', { water: 11 })).toThrow('taken where 10 g are');
  expect(() => work.rearrange('flask', { liquid: { water: 9 } })).toThrow('came from nowhere');
  work.put('flask', 'solid', { water: 10 });
  expect(work.draw('flask', { water: 12 })).toEqual({ water: 12 });
  expect(work.phase('flask', 'solid')['water']).toBeCloseTo(work.phase('flask', 'liquid')['water'] ?? NaN, 9);
});
