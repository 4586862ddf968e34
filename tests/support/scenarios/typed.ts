import groupsByStructure from '../ownGroups.json';
import type { Substance } from '@/core/document/document';

const groups = groupsByStructure as Readonly<Record<string, Substance['groups']>>;

/** A substance as an author types it: name, formula and structure, nothing of hazards or waste; liquid where its density is given. */
export function typed(name: string, formula: string, smiles: string, density?: string): Omit<Substance, 'id'> {
  const found = groups[smiles];
  if (found === undefined) throw new Error(`groups of ${smiles} stand in ownGroups.json`);
  return {
    name,
    formula,
    smiles,
    groups: found,
    ...(density === undefined
      ? { form: 'solid' }
      : { form: 'liquid', density: { digits: density, source: 'author', check: 'from memory' } }),
  };
}
