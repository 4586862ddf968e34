import 'server-only';
import { deviationProposals } from '@/core/versions/proposals';
import { findPreparation } from './preparations';
import { isOpenClass } from './access';
import { projectionsOf } from './projections';
import { rows, run } from './tables';
import type { Identity } from '@/core/identity';
import type { ClassSaid, ProposalDecision, Proposal } from '@/core/versions/proposals';

// What classes said longer ago is in the versions since.
const mostClasses = 12;

/** A proposal with what was decided about it. */
export interface DecidedProposal extends Proposal {
  readonly decision: ProposalDecision;
}

/** What the last classes of a preparation propose for its next version, of those that are open to whoever asks. */
export async function proposalsOf({ id: user, role }: Identity, id: string): Promise<readonly DecidedProposal[]> {
  const { doc } = await findPreparation(id);
  const classes = await rows<{ id: string; name: string }>(
    `SELECT c.id, c.name FROM classes c WHERE c.preparation_id = :id AND ${isOpenClass} ORDER BY c.id DESC LIMIT :most`,
    { id, role, user, most: mostClasses },
  );
  const said: ClassSaid[] = [];
  for (const { id: classId, name } of classes)
    said.push({
      classId,
      name,
      benches: (await projectionsOf(classId)).map(({ bench, projection }) => ({ bench, said: projection.said })),
    });
  const decided = new Map(
    (
      await rows<{ proposal: string; decision: ProposalDecision }>(
        'SELECT proposal, decision FROM proposal_decisions WHERE preparation_id = :id',
        { id },
      )
    ).map(({ proposal, decision }) => [proposal, decision]),
  );
  return deviationProposals(doc, said).map((one) => ({ ...one, decision: decided.get(one.id) ?? 'open' }));
}

/** Keeps what was decided about a proposal. */
export async function decide(id: string, proposal: string, decision: ProposalDecision, by: string): Promise<void> {
  await findPreparation(id);
  await run(
    `INSERT INTO proposal_decisions (preparation_id, proposal, decision, author_name, decided_at)
     VALUES (:id, :proposal, :decision, :by, UTC_TIMESTAMP(3))
     ON DUPLICATE KEY UPDATE decision = VALUES(decision), author_name = VALUES(author_name), decided_at = VALUES(decided_at)`,
    { id, proposal, decision, by },
  );
}
