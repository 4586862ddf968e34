'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { api, ApiError } from '@/api/client';
import { ClauseRow } from './ClauseRow';
import { DraftSummary } from './DraftSummary';
import { useHandout } from './useHandout';
import { writePreparation } from '@/core/formats/writePreparation';
import type { ReadFile } from '@/core/handout/readFile';

/** The handout beside what it becomes, sentence by step. */
export function HandoutReview({ read, onAgain }: { readonly read: ReadFile; readonly onAgain: () => void }) {
  const router = useRouter();
  const handout = useHandout(read);
  const { reading, open, draft } = handout;
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const count = (state: string) => reading.numerals.filter((one) => one.state === state).length;
  const unread = count('notRead');
  const store = async () => {
    setBusy(true);
    setProblem(undefined);
    try {
      const made = await api.createPreparation(writePreparation(draft.doc));
      router.push(`/preparations/${made.id}`);
    } catch (error) {
      setProblem(error instanceof ApiError ? error.message : 'It could not be stored. Nothing was begun.');
      setBusy(false);
    }
  };
  const toNext = () => document.querySelector<HTMLElement>('[data-open-item]')?.focus();
  return (
    <>
      <header className="handout-bar">
        <div>
          <h1>{draft.doc.title}</h1>
          <p role="status">
            <span className="lit lit-read">{count('read')} numbers read</span>
            <span className="lit lit-confirm">{open.length} to confirm</span>
            <span className="lit lit-notRead">{unread} not read</span>
          </p>
        </div>
        <div className="handout-actions">
          {open.length > 0 && (
            <Button variant="line" onClick={toNext}>
              Next to confirm
            </Button>
          )}
          <Button variant="quiet" onClick={onAgain}>
            Another text
          </Button>
          <Button disabled={busy} onClick={() => void store()}>
            {busy ? 'Storing …' : 'Make the preparation'}
          </Button>
        </div>
      </header>
      {problem && (
        <p className="typed-says" role="alert">
          {problem}
        </p>
      )}
      {open.length > 0 && (
        <p className="handout-hint">
          What is still to confirm does not enter the charge table. It can be added on the plan later.
        </p>
      )}
      <div className="handout-columns">
        <ol className="handout-rows" aria-label="Sentences and steps">
          {reading.clauses.map((clause, i) => (
            <ClauseRow key={clause.start} index={i} clause={clause} handout={handout} />
          ))}
        </ol>
        <DraftSummary draft={draft} />
      </div>
    </>
  );
}
