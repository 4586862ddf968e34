'use client';
import { useRouter } from 'next/navigation';
import { SolutionEditor } from './SolutionEditor';
import { SubstanceEditor } from './SubstanceEditor';
import type { EntrySummary } from '@/core/reference/search';
import type { ReferenceSolution } from '@/core/reference/solution';
import type { ReferenceSubstance } from '@/core/reference/substance';

const substance: ReferenceSubstance = { id: 'new', name: '', synonyms: [], groups: {}, values: {}, notDriedWith: [] };
const byHand = { digits: '', source: 'entered by hand' };
const solution: ReferenceSolution = {
  id: 'new',
  name: '',
  synonyms: [],
  solute: '',
  massPercent: byHand,
  density: byHand,
  molarity: byHand,
  method: '',
};

/** An empty form for an own substance or solution. */
export function NewEntry({ kind }: { readonly kind: EntrySummary['kind'] }) {
  const router = useRouter();
  const close = () => router.push('/reference');
  return kind === 'solution' ? (
    <SolutionEditor solution={solution} version={0} fresh onClose={close} />
  ) : (
    <SubstanceEditor substance={substance} version={0} fresh onClose={close} />
  );
}
