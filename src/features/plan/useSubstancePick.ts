import { useState } from 'react';
import { api, ApiError } from '@/api/client';
import { fromReference } from '@/core/editing/fromReference';
import { largestFile } from '@/core/formats/limits';
import { readFormula } from '@/components/fields/readers';
import { usePlanView } from '@/components/plan/planView';
import type { Chosen } from '@/core/editing/chosen';
import type { EntrySummary } from '@/core/reference/search';

/** Choosing a substance: by a name that the plan or the reference knows, by a formula, by SMILES, or by a MOL file. */
export function useSubstancePick() {
  const { plan } = usePlanView();
  const [name, setName] = useState('');
  const [entry, setEntry] = useState<EntrySummary | undefined>(undefined);
  const [formula, setFormula] = useState('');
  const [smiles, setSmiles] = useState('');
  const [says, setSays] = useState<string | undefined>(undefined);
  const [busy, setBusy] = useState(false);
  const called = name.trim();
  const known = plan.doc.substances.find((one) => one.name.toLowerCase() === called.toLowerCase());

  const attempt = async <T>(work: () => Promise<T>): Promise<T | undefined> => {
    setBusy(true);
    setSays(undefined);
    try {
      return await work();
    } catch (error) {
      setSays(error instanceof ApiError ? error.message : 'This could not be read.');
      return undefined;
    } finally {
      setBusy(false);
    }
  };
  const entryOf = async (id: string): Promise<Chosen> => ({ from: fromReference(await api.referenceEntry(id)) });
  const drawn = async (): Promise<Chosen | undefined> => {
    const [found] = await api.readStructures(smiles.trim());
    if (!found) return void setSays('There is no structure in it.');
    if (!found.ok) return void setSays(`The structure cannot be read: ${found.reason}.`);
    if (found.same) return entryOf(found.same.id);
    const { formula: elements, smiles: structure, groups } = found;
    return { added: { name: called === '' ? elements : called, formula: elements, smiles: structure, groups } };
  };
  const written = (): Chosen | undefined => {
    const read = readFormula(formula);
    if (!read.ok) return void setSays(read.says);
    return { added: { name: called, ...(read.value === undefined ? {} : { formula: read.value }) } };
  };
  return {
    name,
    setName,
    entry,
    setEntry,
    formula,
    setFormula,
    smiles,
    setSmiles,
    says,
    busy,
    /** Nothing is asked beyond the name. */
    isKnown: known !== undefined || entry !== undefined,
    ready: called !== '' || smiles.trim() !== '',
    /** What is chosen; nothing where something is wrong, which is then said. */
    choose: () =>
      attempt(async () => {
        if (known) return { known: known.id } as const;
        if (entry) return entryOf(entry.id);
        return smiles.trim() === '' ? written() : drawn();
      }),
    /** Takes the first structure of a MOL file or an SDF. */
    open: (file: File) =>
      void attempt(async () => {
        if (file.size > largestFile) return setSays(`The file is larger than ${String(largestFile / 1e6)} MB.`);
        const found = (await api.readStructures(await file.text())).find((one) => one.ok);
        if (!found?.ok) return setSays('There is no structure in it.');
        setEntry(undefined);
        setSmiles(found.smiles);
        setFormula(found.formula);
        const title = found.same?.name ?? found.name;
        if (called === '' && title !== '') setName(title);
      }),
  };
}
