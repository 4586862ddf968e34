'use client';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { api, ApiError } from '@/api/client';
import { fromReference } from '@/core/editing/fromReference';
import { takeReference } from '@/core/editing/edit';
import { PickEntry } from '@/components/PickEntry';
import { unchosen } from '@/core/document/unchosen';
import { usePlanView } from '@/components/plan/planView';
import type { EntrySummary } from '@/core/reference/search';
import type { PlanLine } from '@/core/plan/planTypes';

/** Fills a line's substance from the reference, once somebody has chosen the entry. */
export function TakeReference({ line }: { readonly line: PlanLine }) {
  const { edit, canEdit } = usePlanView();
  const { name, reference } = line.facts.substance.substance;
  // What nobody has chosen yet is asked for at once.
  const { entered } = line.facts.line;
  const isChosen = entered.by !== 'words' || entered.text !== unchosen;
  const [open, setOpen] = useState(!isChosen && reference === undefined);
  const [text, setText] = useState(isChosen ? name : '');
  const [chosen, setChosen] = useState<EntrySummary | undefined>(undefined);
  const [says, setSays] = useState<string | undefined>(undefined);
  if (!canEdit) return null;
  const take = async (id: string) => {
    setSays(undefined);
    try {
      const taken = fromReference(await api.referenceEntry(id));
      edit(`reference/${line.facts.line.id}`, (doc) => takeReference(doc, line.facts.line.id, taken));
      setOpen(false);
    } catch (error) {
      setSays(error instanceof ApiError ? error.message : 'The entry could not be read.');
    }
  };
  return (
    <div className="take-reference">
      {open ? (
        <>
          <PickEntry label="Entry of the reference" text={text} onText={setText} chosen={chosen} onChoose={setChosen} />
          <Button size="sm" disabled={!chosen} onClick={() => chosen && void take(chosen.id)}>
            Take its values
          </Button>
          <Button variant="quiet" size="sm" onClick={() => setOpen(false)}>
            Cancel
          </Button>
        </>
      ) : (
        <Button variant="line" size="sm" onClick={() => setOpen(true)}>
          {reference === undefined ? 'Fill it from the reference' : 'Take the values from the reference again'}
        </Button>
      )}
      {says && (
        <p className="typed-says" role="alert">
          {says}
        </p>
      )}
    </div>
  );
}
