import 'server-only';
import type { Molecule } from 'openchemlib';
import { SmilesParser, SSSearcher } from 'openchemlib';
import { countAmines } from './countAmines';
import { groupIds, groups } from '@/core/reference/groups';
import type { Group, GroupCounts } from '@/core/reference/groups';

let parsed: readonly (readonly [string, readonly Molecule[]])[] | undefined;

/** Patterns are parsed once, when the first structure is asked for. */
function patterns() {
  parsed ??= groupIds.map((id) => {
    const { smarts = [] }: Group = groups[id];
    return [id, smarts.map(patternOf)] as const;
  });
  return parsed;
}

function patternOf(smarts: string): Molecule {
  const pattern = new SmilesParser({ smartsMode: 'smarts' }).parseMolecule(smarts);
  pattern.setFragment(true);
  return pattern;
}

/** How often each group's patterns match in a molecule. */
export function findGroups(molecule: Molecule): GroupCounts {
  const searcher = new SSSearcher();
  searcher.setMolecule(molecule);
  const found: Record<string, number> = {};
  for (const [id, fragments] of patterns()) {
    let count = 0;
    for (const fragment of fragments) {
      searcher.setFragment(fragment);
      count += searcher.findFragmentInMolecule();
    }
    if (count > 0) found[id] = count;
  }
  const amines = countAmines(molecule);
  if (amines > 0) found['amine'] = amines;
  return found;
}
