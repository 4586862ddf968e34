import type { Worktop } from './worktop';

/** Liquid that a gram of cake holds when it is sucked dry, mL. */
export function heldByCake(work: Worktop, about: { readonly why: string; readonly aside?: true }): number {
  return work.assume({
    key: 'wet',
    label: 'liquid held by a gram of cake',
    dim: 'volumePerMass',
    unit: 'mL/g',
    low: 0.3,
    typical: 0.7,
    high: 1.5,
    ...about,
  }).q.value;
}

/** Share of what is held that a rinse brings back. */
export function rinsedBack(
  work: Worktop,
  about: { readonly label: string; readonly typical: number; readonly why: string },
): number {
  return work.assume({ key: 'rinsed', dim: 'fraction', unit: '%', low: 0.6, high: 0.95, ...about }).q.value;
}
