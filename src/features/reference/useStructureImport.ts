import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { api, ApiError } from '@/api/client';
import { idFrom, problemOf } from './editing';
import { largestFile } from '@/core/formats/limits';
import { unfitAgents } from '@/core/reference/dryingAgents';
import type { EntrySummary } from '@/core/reference/search';
import type { StructureCandidate } from '@/core/reference/candidate';

/** A structure that could be read. */
export type Good = Extract<StructureCandidate, { readonly ok: true }>;

/** Reading structures, choosing among them and naming them, and storing those that were chosen. */
export function useStructureImport(entries: readonly EntrySummary[]) {
  const router = useRouter();
  const [found, setFound] = useState<readonly StructureCandidate[] | undefined>(undefined);
  const [names, setNames] = useState<Readonly<Record<number, string>>>({});
  const [left, setLeft] = useState<ReadonlySet<number>>(new Set());
  const [says, setSays] = useState<string | undefined>(undefined);
  const [busy, setBusy] = useState(false);
  const taken = new Set(entries.map((one) => one.id));
  const take = async (text: string) => {
    setBusy(true);
    setSays(undefined);
    try {
      const candidates = await api.readStructures(text);
      setFound(candidates);
      setNames({});
      setLeft(new Set(candidates.filter((one) => one.ok && one.same !== undefined).map(({ line }) => line)));
      if (candidates.length === 0) setSays('There is no structure in it.');
    } catch (error) {
      setSays(error instanceof ApiError ? error.message : 'This could not be read.');
    } finally {
      setBusy(false);
    }
  };
  const open = (file: File) => {
    if (file.size > largestFile) setSays(`The file is larger than ${largestFile / 1e6} MB.`);
    else void file.text().then(take);
  };
  const good = (found ?? []).filter((one): one is Good => one.ok);
  const bad = (found ?? []).filter((one) => !one.ok);
  const nameOf = (one: Good) => (names[one.line] ?? one.name).trim();
  const chosen = good.filter(({ line }) => !left.has(line));
  const faultOf = (one: Good) => {
    if (left.has(one.line)) return undefined;
    const name = nameOf(one);
    if (name === '') return 'needs a name';
    const twice = chosen.some((other) => other !== one && idFrom(nameOf(other)) === idFrom(name));
    return twice || taken.has(idFrom(name)) ? 'this name is taken' : undefined;
  };
  const store = async () => {
    setBusy(true);
    const kept: number[] = [];
    try {
      for (const one of chosen) {
        const { smiles, formula, groups } = one;
        const entry = {
          id: idFrom(nameOf(one)),
          name: nameOf(one),
          synonyms: [],
          formula,
          smiles,
          groups,
          values: {},
          notDriedWith: unfitAgents(groups),
        };
        await api.saveReference({ kind: 'substance', base: 0, fresh: true, entry });
        kept.push(one.line);
      }
      setFound(undefined);
      setSays(
        `${kept.length} ${kept.length === 1 ? 'substance' : 'substances'} stored. Open them to add what is known.`,
      );
    } catch (error) {
      const { says: why, faults } = problemOf(error);
      setLeft((now) => new Set([...now, ...kept]));
      setSays(`${why} ${faults.map(({ reason }) => reason).join('; ')} ${kept.length} stored before.`);
    } finally {
      setBusy(false);
      router.refresh();
    }
  };
  const leave = (line: number, isLeft: boolean) =>
    setLeft((now) => new Set(isLeft ? [...now, line] : [...now].filter((one) => one !== line)));
  const rename = (line: number, name: string) => setNames((now) => ({ ...now, [line]: name }));
  return {
    open,
    store,
    busy,
    says,
    good,
    bad,
    chosen,
    isLeft: (line: number) => left.has(line),
    leave,
    nameAsTyped: (one: Good) => names[one.line] ?? one.name,
    rename,
    faultOf,
  };
}
