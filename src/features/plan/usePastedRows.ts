import { useMemo, useState } from 'react';
import { addLineOf } from '@/core/editing/chosen';
import { api, ApiError } from '@/api/client';
import { changeLine } from '@/core/editing/edit';
import { fromReference } from '@/core/editing/fromReference';
import { mostOf } from '@/core/document/limits';
import { readRows } from '@/core/editing/readRows';
import { useEntries } from '@/components/useEntries';
import { usePlanView } from '@/components/plan/planView';
import type { Chosen } from '@/core/editing/chosen';
import type { EntrySummary } from '@/core/reference/search';
import type { PastedRow } from '@/core/editing/readRows';
import type { Preparation, LineRole } from '@/core/document/document';

/** Rows of a pasted text with what is chosen of them, and adding them as lines. */
export function usePastedRows(first: string, onDone: () => void) {
  const { plan, edit } = usePlanView();
  const { entries } = useEntries();
  const [text, setText] = useState(first);
  const [chosenRoles, setRoles] = useState<Readonly<Record<number, LineRole>>>({});
  const [left, setLeft] = useState<ReadonlySet<number>>(new Set());
  const [says, setSays] = useState<string | undefined>(undefined);
  const [busy, setBusy] = useState(false);
  const rows = useMemo(() => readRows(text), [text]);
  const taken = rows.filter(({ line }) => !left.has(line));
  const roleOf = ({ line, role }: PastedRow) => chosenRoles[line] ?? role;
  const known = ({ name }: PastedRow) =>
    plan.doc.substances.find((one) => one.name.toLowerCase() === name.toLowerCase())?.id;
  const add = async () => {
    setBusy(true);
    try {
      const lines: (readonly [PastedRow, Chosen])[] = [];
      for (const row of taken) lines.push([row, await chosenFor(row, known(row), entryFor(row, entries))]);
      edit(`paste/${String(plan.doc.lines.length)}`, (doc) =>
        lines.reduce<Preparation>((now, [row, chosen]) => {
          const { doc: added, line } = addLineOf(now, chosen, roleOf(row));
          const { entered, note } = row;
          return changeLine(added, line, { ...(entered ? { entered } : {}), ...(note ? { note } : {}) });
        }, doc),
      );
      onDone();
    } catch (error) {
      setSays(error instanceof ApiError ? error.message : 'The rows could not be taken.');
      setBusy(false);
    }
  };
  return {
    text,
    setText: (next: string) => {
      setText(next);
      setLeft(new Set());
      setRoles({});
    },
    rows,
    taken,
    left,
    leave: (line: number, isLeft: boolean) =>
      setLeft((now) => new Set(isLeft ? [...now, line] : [...now].filter((one) => one !== line))),
    roleOf,
    setRole: (line: number, role: LineRole) => setRoles((now) => ({ ...now, [line]: role })),
    /** Where a row's substance comes from. */
    kindOf: (row: PastedRow) =>
      known(row) !== undefined
        ? ('plan' as const)
        : entryFor(row, entries)
          ? ('reference' as const)
          : ('name' as const),
    tooMany: plan.doc.lines.length + taken.length > mostOf.lines,
    says,
    busy,
    add,
  };
}

/** The entry that a row names exactly, by its name or another one. */
function entryFor({ name }: PastedRow, entries: readonly EntrySummary[]): EntrySummary | undefined {
  const called = name.toLowerCase();
  return entries.find((one) => [one.name, ...one.synonyms].some((word) => word.toLowerCase() === called));
}

async function chosenFor(row: PastedRow, known: string | undefined, entry: EntrySummary | undefined): Promise<Chosen> {
  if (known !== undefined) return { known };
  if (entry) return { from: fromReference(await api.referenceEntry(entry.id)) };
  return { added: { name: row.name, ...(row.formula === undefined ? {} : { formula: row.formula }) } };
}
