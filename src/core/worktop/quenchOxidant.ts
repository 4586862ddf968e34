import { implied } from './kinds';
import { hasGroup } from '../reference/groups';
import type { Worktop } from './worktop';

/**
 * Hypochlorite and bisulfite meet: NaOCl + NaHSO₃ → NaCl + NaHSO₄, at once and completely (the usual equation of the quench). The
 * acid that is formed counts when the mixture is neutralized.
 *
 * @returns moles of oxidant that are left, and of bisulfite
 */
export function quenchOxidant(work: Worktop, place: string): { readonly oxidant: number; readonly reductant: number } {
  const here = work.phase(place, 'liquid');
  const { kind } = work.world;
  const moles = (id: string | undefined) => (id === undefined ? 0 : (here[id] ?? 0) / (kind(id).M ?? Infinity));
  const find = (group: 'hypochlorite' | 'sulfite') =>
    Object.keys(here).find((id) => (here[id] ?? 0) > 0 && hasGroup(kind(id).groups, group));
  const [oxidant, reductant] = [find('hypochlorite'), find('sulfite')];
  const extent = Math.min(moles(oxidant), moles(reductant));
  if (extent > 0 && oxidant !== undefined && reductant !== undefined) {
    const used = { [oxidant]: extent * (kind(oxidant).M ?? 0), [reductant]: extent * (kind(reductant).M ?? 0) };
    const total = Object.values(used).reduce((sum, grams) => sum + grams, 0);
    const salt = extent * implied.chloride.M;
    work.take(place, 'liquid', used);
    work.put(place, 'liquid', { [implied.chloride.id]: salt, [implied.hydrogensulfate.id]: total - salt });
  }
  return { oxidant: moles(oxidant) - extent, reductant: moles(reductant) - extent };
}
