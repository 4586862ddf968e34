import type { pressureConstants } from '@/core/models/distillation/pressureCorrection';
import { hasGroup } from '@/core/reference/groups';
import { shippedSubstances } from '@/data/reference';
import type { GroupCounts } from '@/core/reference/groups';
import type { Liquid } from '@/core/models/distillation/binaryPair';
import type { Antoine } from '@/core/reference/substance';

/** Antoine constants that the library ships. */
export function antoineOf(id: string): Antoine {
  const antoine = shippedSubstances.find((one) => one.id === id)?.antoine;
  if (!antoine) throw new Error(`${id} ships no vapour pressure`);
  return antoine;
}

/** Every shipped liquid with a vapour pressure, and how it associates. */
export function liquids(): readonly [string, Antoine, keyof typeof pressureConstants][] {
  return shippedSubstances.flatMap(({ id, antoine, groups }) =>
    antoine ? ([[id, antoine, associationOf(groups)]] as [string, Antoine, keyof typeof pressureConstants][]) : [],
  );
}

function associationOf(groups: GroupCounts): keyof typeof pressureConstants {
  if (hasGroup(groups, 'carboxylicAcid')) return 'acid';
  return hasGroup(groups, 'alcohol', 'water', 'phenol') ? 'associated' : 'normal';
}

/** A shipped liquid as distillation needs it. */
export function liquidOf(id: string, M: number): Liquid {
  const density = shippedSubstances.find((one) => one.id === id)?.values.density?.digits;
  if (density === undefined) throw new Error(`${id} ships no density`);
  return { antoine: antoineOf(id), M, density: Number(density) };
}
