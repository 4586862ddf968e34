import { lowerExplosiveLimit } from './vapour/lowerExplosiveLimit';
import { readdirSync, readFileSync } from 'node:fs';
import { adiabaticRise, dosingTime } from './heat/reactionHeat';
import { agentNeed } from './drying/agentNeed';
import { atPressure, toStandardPressure } from './distillation/pressureCorrection';
import { batchDistillation } from './distillation/batchDistillation';
import { boilingTemperature, vapourPressure } from './vapour/antoine';
import { clearPoint, eutectic, impurityFromClearPoint, meltingOnset } from './melting/meltingPoint';
import { coolingTime, temperatureAfter, timeAtScale } from './heat/newtonCooling';
import { cutsOf } from './distillation/cutsOf';
import { distributionRatio } from './partition/distributionRatio';
import { extractionRounds } from './partition/extractionRounds';
import { fenskeStages } from './distillation/fenske';
import { dissociatedEnthalpy, dissociationEnthalpy } from './acidBase/protonEnthalpy';
import { sulfuricDilution } from './heat/solutionHeat';
import { borohydrideHalfLife, equilibriumExtent, firstOrder, secondOrder } from './kinetics/conversion';
import { headReading } from './distillation/headReading';
import { hydrateCapacity } from './drying/hydrateCapacity';
import { layerOrder } from './density/layerOrder';
import { leftAfterExtraction, leftAtMostPortions } from './partition/leftAfterExtraction';
import { mixtureDensity } from './density/mixtureDensity';
import { rayleighLeft } from './distillation/rayleigh';
import { idealSolubility } from './crystallization/idealSolubility';
import { recrystallize } from './crystallization/recrystallize';
import { solubilityBetween } from './crystallization/solubilityBetween';
import { solutionPH } from './acidBase/solutionPH';
import { solventPartition } from './partition/solventPartition';
import { fractionOf, speciation, protonsGiven } from './acidBase/speciation';
import { pHAfter, titrantFor } from './acidBase/neutralize';
import { steamRatio } from './distillation/steamRatio';
import { stemCorrection } from './distillation/stemCorrection';
import { bubblePoint, dewPoint, relativeVolatility } from './vapour/mixture';
import { troutonPressure } from './vapour/troutonPressure';
import { waterAlong } from './distillation/waterAlong';
import { washPlan } from './washing/washPlan';
import { antoineOf, liquidOf } from '../../../tests/support/liquids';

const [light, heavy] = [antoineOf('cyclohexane'), antoineOf('toluene')];
const pair = { lighter: liquidOf('cyclohexane', 84.16), heavier: liquidOf('toluene', 92.14) };
const run = batchDistillation({ pair, lighter_mol: 1, heavier_mol: 1, stages: 1, points: 10 });
const flask = { timeConstant_s: 600, from_C: 120, surroundings_C: 20 };
const beaker = { systems: [{ pKas: [4.76], charge: 0, moles: 0.01 }], spectators: 0, volume: 0.1 };

/** Functions without numbers of their own to guard, or guarded through another that is listed. */
const others = new Set([
  'assertPositive',
  'assertFinite',
  'assertWhole',
  'assertRising',
  'assertWithin',
  'findRoot',
  'solubilityAt',
  'neighbours',
  'ionsOf',
  'organicIons',
  'boilingDiagram',
  'azeotropeOf',
  'guessedLogP',
  'solutionEnthalpy',
]);

/** A model with numbers that it takes, one after the other; each is put to NaN in turn. */
const models: readonly (readonly [string, (...numbers: number[]) => unknown, readonly number[]])[] = [
  [
    'adiabaticRise',
    (enthalpy, extent_mol, mass_g, heatCapacity) => adiabaticRise({ enthalpy, extent_mol, mass_g, heatCapacity }),
    [-100, 0.1, 100, 4],
  ],
  ['lowerExplosiveLimit', (C, H, O) => lowerExplosiveLimit({ C, H, O }), [3, 6, 1]],
  [
    'dosingTime',
    (enthalpy, extent_mol, removal_W_per_K, ceiling_C, bath_C) =>
      dosingTime({ enthalpy, extent_mol }, { removal_W_per_K, ceiling_C, bath_C }),
    [-100, 0.1, 2, 30, 0],
  ],
  [
    'agentNeed',
    (volume_mL, density, waterContent, capacity) => agentNeed({ volume_mL, density, waterContent, capacity }),
    [50, 0.7, 0.01, 1],
  ],
  ['atPressure', (t, p) => atPressure(t, p), [100, 740]],
  ['toStandardPressure', (t, p) => toStandardPressure(t, p), [100, 740]],
  ['headReading', (t, torr) => headReading(t, { torr }), [100, 740]],
  [
    'stemCorrection',
    (reading, emergent, stem) => stemCorrection(reading, { emergent, stem, filling: 'mercury' }),
    [160, 100, 30],
  ],
  ['vapourPressure', (T) => vapourPressure(light, T), [50]],
  ['boilingTemperature', (p) => boilingTemperature(heavy, p), [760]],
  ['troutonPressure', (b, T) => troutonPressure(b, T), [150, 90]],
  ['waterAlong', (boiling_C, M) => waterAlong({ atoms: {}, boiling_C }, M), [150, 100]],
  ['clearPoint', (T_m, fusion, x) => clearPoint({ T_m, fusion }, x), [110, 20, 0.1]],
  ['meltingOnset', (T_m, fusion, x, f) => meltingOnset({ T_m, fusion }, x, { f }), [110, 20, 0.1, 0.25]],
  ['impurityFromClearPoint', (T_m, fusion, clear) => impurityFromClearPoint({ T_m, fusion }, clear), [110, 20, 108]],
  ['eutectic', (T_m, fusion) => eutectic({ T_m, fusion }, { T_m: 80, fusion: 20 }), [110, 20]],
  ['coolingTime', (to) => coolingTime(flask, to), [40]],
  ['temperatureAfter', (seconds) => temperatureAfter(flask, seconds), [40]],
  ['timeAtScale', (seconds, factor) => timeAtScale(seconds, factor), [40, 2]],
  ['distributionRatio', (P, pKa, pH) => distributionRatio({ P, kind: 'acid', pKa }, pH), [10, 4, 7]],
  ['solventPartition', (logP) => solventPartition(logP, 'ether', 'donor'), [1]],
  [
    'extractionRounds',
    (D, aqueous, portion, inWater) => extractionRounds({ D, aqueous, portions: [portion], inWater }),
    [4, 50, 20, 0.05],
  ],
  ['leftAfterExtraction', (D, aqueous, solvent, n) => leftAfterExtraction({ D, aqueous, solvent }, n), [4, 50, 20, 3]],
  ['leftAtMostPortions', (D, aqueous, solvent) => leftAtMostPortions({ D, aqueous, solvent }), [4, 50, 20]],
  ['fenskeStages', (top, bottom, alpha) => fenskeStages(top, bottom, alpha), [0.95, 0.05, 2.4]],
  ['rayleighLeft', (alpha, x0, x) => rayleighLeft(alpha, x0, x), [2.4, 0.5, 0.3]],
  ['steamRatio', (a, b, c, d) => steamRatio(a, b, c, d), [10, 750, 160, 18]],
  [
    'batchDistillation',
    (lighter_mol, heavier_mol, stages, torr) =>
      batchDistillation({ pair, lighter_mol, heavier_mol, stages, torr, points: 4 }),
    [0.2, 0.2, 2, 760],
  ],
  ['dissociationEnthalpy', (pKa, charge) => dissociationEnthalpy(pKa, charge), [4.76, 0]],
  ['dissociatedEnthalpy', (pKa, charge, pH) => dissociatedEnthalpy([pKa], charge, pH), [9.25, 1, 14]],
  ['sulfuricDilution', (n) => sulfuricDilution(n), [1.8]],
  ['borohydrideHalfLife', (pH, at) => borohydrideHalfLife(pH, at), [14, 25]],
  ['firstOrder', (k, t) => firstOrder(k, t), [0.1, 10]],
  ['secondOrder', (k, a0, M, t) => secondOrder(k, a0, M, t), [0.1, 1, 2, 10]],
  [
    'equilibriumExtent',
    (moles, K) =>
      equilibriumExtent(
        [
          { moles, coefficient: -1 },
          { moles: 0, coefficient: 1 },
        ],
        K,
      ),
    [1, 4],
  ],
  ['idealSolubility', (T_m, T) => idealSolubility(T_m, T), [120, 20]],
  ['hydrateCapacity', (M, n) => hydrateCapacity(M, n), [120, 7]],
  ['layerOrder', (a, b) => layerOrder(a, b), [0.7, 1]],
  ['mixtureDensity', (mass_g, density) => mixtureDensity([{ mass_g, density }]), [10, 0.9]],
  [
    'recrystallize',
    (mass_g, hot, cold, volume_mL) => recrystallize({ mass_g, hot, cold, volume_mL }),
    [2, 0.05, 0.005, 50],
  ],
  [
    'solubilityBetween',
    (T) =>
      solubilityBetween(
        [
          { T: 0, s: 1 },
          { T: 80, s: 5 },
        ],
        T,
      ),
    [40],
  ],
  ['speciation', (pKa, pH) => speciation([pKa, pKa + 3], pH), [4, 7]],
  ['fractionOf', (pKa, pH) => fractionOf([pKa], pH, 1), [4, 7]],
  ['protonsGiven', (pKa, pH) => protonsGiven([pKa], pH), [4, 7]],
  [
    'solutionPH',
    (concentration, spectators) => solutionPH({ systems: [{ pKas: [4.76], charge: 0, concentration }], spectators }),
    [0.1, 0.05],
  ],
  ['titrantFor', (concentration, pH) => titrantFor(beaker, { concentration, kind: 'base' }, pH), [1, 7]],
  ['pHAfter', (concentration, added) => pHAfter(beaker, { concentration, kind: 'base' }, added), [1, 0.005]],
  ['cutsOf', (limit) => cutsOf(run, [limit]), [95]],
  [
    'bubblePoint',
    (x, torr) =>
      bubblePoint(
        [
          { antoine: light, x },
          { antoine: heavy, x: 1 - x },
        ],
        torr,
      ),
    [0.4, 760],
  ],
  [
    'dewPoint',
    (x, torr) =>
      dewPoint(
        [
          { antoine: light, x },
          { antoine: heavy, x: 1 - x },
        ],
        torr,
      ),
    [0.4, 760],
  ],
  ['relativeVolatility', (T) => relativeVolatility(light, heavy, T), [90]],
  ['washPlan', (layer_mL) => washPlan({ impurities: [], product: {}, layer_mL }), [50]],
];

test.each(models)(
  '%s takes its numbers, and refuses each of them as NaN with a message that quotes it',
  (_, model, numbers) => {
    expect(() => model(...numbers)).not.toThrow();
    numbers.forEach((__, i) => {
      const call = () => model(...numbers.map((one, k) => (k === i ? NaN : one)));
      expect(call).toThrow(RangeError);
      expect(call).toThrow('NaN');
    });
  },
);

test('every function that core/models exports is in the table, or named as one without numbers to guard', () => {
  const files = readdirSync('src/core/models', { recursive: true }) as string[];
  const exported = files
    .filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'))
    .flatMap((file) =>
      [...readFileSync(`src/core/models/${file}`, 'utf8').matchAll(/^export function (\w+)/gm)].map(([, name]) => name),
    );
  const known = new Set([...others, ...models.map(([name]) => name)]);
  expect(exported.filter((name) => !known.has(name ?? ''))).toEqual([]);
});

test('wrong order, fractions of a portion, pressures that no rule covers: each is refused with its value', () => {
  expect(() => leftAfterExtraction({ D: 1, aqueous: 10, solvent: 10 }, 2.5)).toThrow(
    'portions must be a whole number from 1 on, not 2.5',
  );
  expect(() => leftAfterExtraction({ D: 1, aqueous: 10, solvent: 10 }, 0)).toThrow('not 0');
  expect(() => extractionRounds({ D: 1, aqueous: 10, portions: [] })).toThrow('at least one portion');
  // Six portions of a millilitre: water takes the first whole.
  expect(() => extractionRounds({ D: 1, aqueous: 50, portions: [1, 1, 1, 1, 1, 1], inWater: 0.07 })).toThrow(
    '1 mL dissolves in 50 mL',
  );
  expect(() => batchDistillation({ pair, lighter_mol: 1, heavier_mol: 1, stages: 2.5 })).toThrow(
    'stages must be a whole number from 1 on, not 2.5',
  );
  expect(() => batchDistillation({ pair, lighter_mol: 1, heavier_mol: 1, stages: 2, torr: 0.5 })).toThrow('not 0.5');
  expect(() => atPressure(100, 100)).toThrow('pressure must lie in 600 to 850, not 100');
  expect(() => cutsOf(run, [100, 90])).toThrow('must rise, not 100, 90');
  expect(() => clearPoint({ T_m: 100, fusion: 20 }, 1)).toThrow('not 1');
  expect(() => impurityFromClearPoint({ T_m: 100, fusion: 20 }, 101)).toThrow('not 101');
  expect(() => coolingTime(flask, 130)).toThrow('130 °C is not on the way');
  expect(() => dosingTime({ enthalpy: -10, extent_mol: 1 }, { removal_W_per_K: 1, ceiling_C: 0, bath_C: 5 })).toThrow(
    'not -5',
  );
});
