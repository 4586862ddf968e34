import { derive } from '../stoichiometry/derive';
import { fromWorked } from '../quantity/worked';
import { solubilityAt } from '../models/solubilityAt';
import type { Preparation } from '../document/document';
import type { Worked } from '../quantity/worked';

/**
 * Mass that a volume of cold liquor keeps dissolved, `m = V·s`, when the stage's substance has solubilities in that solvent.
 *
 * @returns g, modelled; nothing when no solubility is known there
 */
export function dissolvedIn(
  doc: Preparation,
  stage: string,
  solvent: string,
  volume: Worked<'volume'>,
  temperature_C: number,
): Worked<'mass'> | undefined {
  const id = doc.stages.find((one) => one.id === stage)?.substance;
  const data = doc.substances.find((one) => one.id === id)?.solubility?.find((one) => one.solvent === solvent);
  const s = id !== undefined && data ? solubilityAt(id, data, temperature_C) : undefined;
  if (!s?.ok) return undefined;
  return derive({
    formula: 'dissolved',
    dim: 'mass',
    unit: 'g',
    value: volume.q.value * s.value.q.value,
    inputs: { V: fromWorked(volume), s: fromWorked(s.value) },
    figures: 2,
    certain: 'modelled',
  });
}

/** Sum of volumes, as read or planned. Independent readings: uncertainties add in quadrature. */
export function totalVolume(volumes: readonly Worked<'volume'>[]): Worked<'volume'> | undefined {
  const [only, more] = volumes;
  if (!only || !more) return only;
  const total = derive({
    formula: 'totalled',
    dim: 'volume',
    unit: 'mL',
    value: volumes.reduce((sum, one) => sum + one.q.value, 0),
    inputs: Object.fromEntries(volumes.map((one, i) => [`V_${i + 1}`, fromWorked(one)])),
    quotient: false,
  });
  const u = Math.hypot(...volumes.map((one) => one.u ?? 0));
  return u > 0 ? { ...total, u } : total;
}
