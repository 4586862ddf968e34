import type { StageMass } from '../operations/stageMass';

const strength = { unknown: 0, looks: 1, constant: 2 } as const;

/**
 * The mass of each stage: the last one found, as dry as the best evidence before it says.
 *
 * @param found in the order of the steps
 */
export function stageMasses(found: readonly StageMass[]): ReadonlyMap<string, StageMass> {
  const masses = new Map<string, StageMass>();
  for (const one of found) {
    const before = masses.get(one.stage);
    const dry = before && strength[before.dry] > strength[one.dry] ? before.dry : one.dry;
    masses.set(one.stage, { ...one, dry });
  }
  return masses;
}
