'use client';
import Link from 'next/link';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { api, ApiError } from '@/api/client';
import { proposalKinds } from '@/core/versions/proposals';
import type { ProposalDecision, Proposal } from '@/core/versions/proposals';

/** A proposal with what is shown of it. */
export interface ShownProposal extends Proposal {
  /** What it is about, in words. */
  readonly about: string;
  readonly decision: ProposalDecision;
}

const words: Readonly<Record<ProposalDecision, string>> = { open: '', taken: 'taken up', aside: 'put aside' };

/** What past classes say about a preparation, for its next version. */
export function Proposals({
  id,
  proposals,
  canDecide,
}: {
  readonly id: string;
  readonly proposals: readonly ShownProposal[];
  readonly canDecide: boolean;
}) {
  const [decided, setDecided] = useState<Readonly<Record<string, ProposalDecision>>>({});
  const [says, setSays] = useState<string | undefined>(undefined);
  if (proposals.length === 0) return null;
  const decisionOf = (one: ShownProposal) => decided[one.id] ?? one.decision;
  const decide = (proposal: string, decision: ProposalDecision) =>
    void api.decideProposal(id, proposal, decision).then(
      () => setDecided((now) => ({ ...now, [proposal]: decision })),
      (error: unknown) => setSays(error instanceof ApiError ? error.message : 'It could not be kept.'),
    );
  const open = proposals.filter((one) => decisionOf(one) === 'open').length;
  return (
    <section className="card-plain proposals" aria-label="Proposals">
      <h2>
        For the next version: {open} {open === 1 ? 'proposal' : 'proposals'} from past classes
      </h2>
      <ul>
        {proposals.map((one) => (
          <li key={one.id} className={decisionOf(one) === 'open' ? '' : 'proposal-decided'}>
            <p>
              <strong>{one.about}</strong>, {proposalKinds[one.kind]}: <q>{one.says}</q>
            </p>
            <p className="muted">
              {one.from.length} {one.from.length === 1 ? 'bench' : 'benches'}:{' '}
              {one.from.map(({ name, bench }) => `${bench} (${name})`).join(', ')}
              {decisionOf(one) !== 'open' && ` · ${words[decisionOf(one)]}`}
            </p>
            {canDecide && (
              <p className="proposal-tools">
                {one.step !== undefined && (
                  <Link href={`/preparations/${id}/procedure#${one.step}`} className="btn btn-quiet btn-sm">
                    To the step
                  </Link>
                )}
                {decisionOf(one) === 'open' ? (
                  <>
                    <Button variant="line" size="sm" onClick={() => decide(one.id, 'taken')}>
                      Taken up
                    </Button>
                    <Button variant="quiet" size="sm" onClick={() => decide(one.id, 'aside')}>
                      Put aside
                    </Button>
                  </>
                ) : (
                  <Button variant="quiet" size="sm" onClick={() => decide(one.id, 'open')}>
                    Open it again
                  </Button>
                )}
              </p>
            )}
          </li>
        ))}
      </ul>
      {says && (
        <p className="typed-says" role="alert">
          {says}
        </p>
      )}
    </section>
  );
}
