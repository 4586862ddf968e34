import { listedBoiling_C } from '../reference/listedBoiling';
import { anhydrousAtoms } from '../compound/atomsOf';
import { azeotropeOf } from '../models/distillation/azeotropes';
import { format } from '../quantity/format';
import { hasGroup } from '../reference/groups';
import type { AzeotropePartner } from '../models/distillation/azeotropes';
import type { Kind } from './kinds';

/**
 * Why Raoult's law does not hold for two liquids: they are listed as an azeotrope, or only one of them holds on to itself by hydrogen
 * bonds.
 *
 * @returns nothing for a pair that may be taken as ideal
 */
export function notIdeal(a: Kind, b: Kind): string | undefined {
  const [one, other] = [partnerOf(a), partnerOf(b)];
  const listed = one && other ? azeotropeOf(one, other) : undefined;
  if (listed) {
    const share = format({ dim: 'fraction', value: listed.share_a }, '%', { figures: 2 });
    const boils = format({ dim: 'temperature', value: listed.boiling_C }, '°C', { decimals: 1 });
    return `${a.name} and ${b.name} boil together at ${boils} with ${share} by mass of the first`;
  }
  const bonded = (kind: Kind) =>
    kind.water || hasGroup(kind.groups, 'alcohol', 'phenol', 'carboxylicAcid', 'amine', 'amide');
  if (a.water !== b.water) return `${a.name} and ${b.name} are not alike enough for Raoult’s law`;
  return bonded(a) === bonded(b) ? undefined : `${a.name} and ${b.name} are not alike enough for Raoult’s law`;
}

function partnerOf({ substance, water }: Kind): AzeotropePartner | undefined {
  const boiling_C = water ? 100 : listedBoiling_C(substance);
  return Number.isFinite(boiling_C) ? { atoms: anhydrousAtoms(substance?.formula), boiling_C } : undefined;
}
