import { densityIn, millilitres } from '../worktop/volumes';
import { gramsOf } from '../worktop/matter/matter';
import { phaseKinds, phaseOf } from '../worktop/matter/shelf';
import type { Content, PhaseKind } from '../worktop/matter/shelf';
import type { Matter } from '../worktop/matter/matter';
import type { Kind } from '../worktop/kinds';

/** One layer of a vessel, ready to draw: from the bottom up. */
export interface ShownLayer {
  readonly kind: PhaseKind;
  readonly name: string;
  readonly mL: number;
  readonly grams: number;
  /** The largest parts first; what would print as nothing is left out. */
  readonly parts: readonly { readonly id: string; readonly name: string; readonly grams: number }[];
}

// Masses are printed to a hundredth of a gram.
const least_g = 0.005;

/** Layers of a vessel in the order in which they lie: a solid at the bottom, liquids by density. */
export function shownContent(kind: (id: string) => Kind, content: Content): readonly ShownLayer[] {
  const layers = phaseKinds.flatMap((phase): readonly (ShownLayer & { readonly density: number })[] => {
    const matter = phaseOf(content, phase);
    const grams = gramsOf(matter);
    if (grams < least_g) return [];
    const parts = byName(kind, matter)
      .filter((part) => part.grams >= least_g)
      .sort((a, b) => b.grams - a.grams);
    const mL = millilitres(kind, matter);
    return [{ kind: phase, name: nameOf(kind, phase, content), mL, grams, parts, density: grams / mL }];
  });
  const bottom = ({ kind: phase, density }: (typeof layers)[number]) => (phase === 'solid' ? 100 : density);
  return [...layers].sort((a, b) => bottom(b) - bottom(a)).map(({ density: _density, ...layer }) => layer);
}

/** Parts with their names; what a model made and what a bottle brought of the same is one part. */
function byName(kind: (id: string) => Kind, matter: Matter): ShownLayer['parts'] {
  const parts = new Map<string, ShownLayer['parts'][number]>();
  for (const [id, grams] of Object.entries(matter)) {
    const { name } = kind(id);
    const before = parts.get(name);
    parts.set(name, before ? { ...before, grams: before.grams + grams } : { id, name, grams });
  }
  return [...parts.values()];
}

/** What people call the layer. */
function nameOf(kind: (id: string) => Kind, phase: PhaseKind, content: Content): string {
  if (phase === 'solid') return 'solid';
  if (phase === 'organic') return 'organic layer';
  const liquid = phaseOf(content, 'liquid');
  const water = Object.entries(liquid)
    .filter(([id]) => kind(id).water || kind(id).inorganic)
    .reduce((sum, [id, grams]) => sum + grams / densityIn(kind(id)), 0);
  return water > millilitres(kind, liquid) / 2 ? 'aqueous' : 'mixture';
}
