import { fact, finding } from '../../finding/finding';
import { doubtfulDifference } from '../../models/density/layerOrder';
import { findOperation } from '../../operations/registry';
import { gramsOf } from '../../worktop/matter/matter';
import { inSentence } from '../../document/inSentence';
import { listedBoiling_C } from '../../reference/listedBoiling';
import { wholeOf } from '../../worktop/matter/shelf';
import type { Conditions } from '../../operations/conditions';
import type { Finding } from '../../finding/finding';
import type { Kind } from '../../worktop/kinds';
import type { Matter } from '../../worktop/matter/matter';
import type { StepPrediction } from '../predictProcess';
import type { Subject } from './subject';

/** A reflux window may lie so far off, K: thermometer, pressure, what is dissolved. */
const refluxTolerance_K = 5;
/** A head window may. */
const headTolerance_K = 10;
/** What makes up less of a liquid than this does not set where it boils. */
const part = 0.1;

/**
 * What the sheet says against what would follow from what is there, one finding for a step and field with both reasons; only beyond the
 * tolerance of the field, and nothing where what would follow is not known.
 */
export const contradictions = (subject: Subject): readonly Finding[] =>
  subject.prediction.steps.flatMap((one) => {
    const conditions = findOperation(one.step.op)?.conditions?.(one.step.params) ?? {};
    return [...layers(one, conditions), ...boils(subject, one, conditions), ...cut(subject, one, conditions)];
  });

/** The layer that the sheet expects on top, against the densities of both. One that hardly differs is told by a drop test. */
function layers({ step, layers: seen }: StepPrediction, { organic }: Conditions): readonly Finding[] {
  if (!seen || organic === undefined || !seen.known) return [];
  const found = seen.organic <= seen.aqueous ? 'upper' : 'lower';
  if (found === organic || Math.abs(seen.organic - seen.aqueous) < doubtfulDifference) return [];
  const density = (value: number) => fact({ dim: 'density', value }, 'g/mL', 3);
  return [
    finding(
      'contradiction.layers',
      'stop',
      { step: step.id, field: 'organic' },
      { said: organic, found, organic: density(seen.organic), aqueous: density(seen.aqueous) },
    ),
  ];
}

const celsius = (value: number) => fact({ dim: 'temperature', value }, '°C', value >= 100 ? 3 : 2);

/** What it boils at under reflux: between the lowest and the highest of what is there in any amount. */
function boils({ kind }: Subject, one: StepPrediction, { refluxes }: Conditions): readonly Finding[] {
  const place = one.step.uses?.['in'] ?? one.product;
  if (!refluxes) return [];
  const matter = one.peaks[place] ?? {};
  const points = liquidsOf(matter, kind);
  // One whose boiling point nobody knows could be what boils.
  if (points.length === 0 || points.some(({ boiling_C }) => !Number.isFinite(boiling_C))) return [];
  const [least, most] = [Math.min, Math.max].map((of) => of(...points.map(({ boiling_C }) => boiling_C))) as [
    number,
    number,
  ];
  const { vapour_C: low, to_C: high = low } = refluxes;
  if (low <= most + refluxTolerance_K && high >= least - refluxTolerance_K) return [];
  const names = points.map(({ name }) => inSentence(name)).join(', ');
  return [
    finding(
      'contradiction.boils',
      'caution',
      { step: one.step.id, field: 'low_C' },
      { low: celsius(low), high: celsius(high), names, at: celsius(low > most ? most : least) },
    ),
  ];
}

/** Where the main cut comes over, against the boiling point of what it is; with water in the pot it comes elsewhere. */
function cut({ plan, kind }: Subject, one: StepPrediction, { distils, vacuum, steam }: Conditions): readonly Finding[] {
  const { from_C: low, vapour_C: high } = distils ?? {};
  if (low === undefined || high === undefined || vacuum || steam) return [];
  const substance = plan.doc.substances.find(({ id }) => id === one.stage?.substance);
  const boiling_C = listedBoiling_C(substance);
  const pot = wholeOf(one.shelf[one.step.uses?.['in'] ?? ''] ?? { phases: {}, temperature_C: 20 });
  const all = { ...pot, ...one.peaks[one.step.uses?.['in'] ?? ''] };
  const wet = Object.keys(all).some((id) => kind(id).water && (all[id] ?? 0) > part * gramsOf(all));
  if (!substance || !Number.isFinite(boiling_C) || wet) return [];
  if (low <= boiling_C + headTolerance_K && high >= boiling_C - headTolerance_K) return [];
  return [
    finding(
      'contradiction.cut',
      'caution',
      { step: one.step.id, field: 'low_C' },
      { low: celsius(low), high: celsius(high), name: inSentence(substance.name), at: celsius(boiling_C) },
    ),
  ];
}

/** Liquids that make up a tenth of what is liquid, with their boiling points, °C. */
function liquidsOf(
  matter: Matter,
  kind: Subject['kind'],
): readonly { readonly name: string; readonly boiling_C: number }[] {
  // Thionyl chloride boils, hydrogen chloride in water does not.
  const isLiquid = ({ solid, inorganic, substance }: Kind) =>
    !solid && (!inorganic || substance?.boiling !== undefined);
  const liquids = Object.entries(matter).filter(([id]) => isLiquid(kind(id)));
  const total = liquids.reduce((sum, [, grams]) => sum + grams, 0);
  return liquids
    .filter(([, grams]) => grams >= part * total)
    .map(([id]) => {
      const { name, water, substance } = kind(id);
      const listed = listedBoiling_C(substance);
      return { name, boiling_C: water && !Number.isFinite(listed) ? 100 : listed };
    });
}
