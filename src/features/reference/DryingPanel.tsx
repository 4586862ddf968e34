import { ConfirmButton } from './ConfirmButton';
import { dryingAgentIds, dryingAgents } from '@/core/reference/dryingAgents';
import { groups, hasGroup } from '@/core/reference/groups';
import type { GroupId } from '@/core/reference/groups';
import type { ReferenceSubstance } from '@/core/reference/substance';

/** Drying agents for a liquid or its solution: which go with it, which do not and why. */
export function DryingPanel({ substance }: { readonly substance: ReferenceSubstance }) {
  const { groups: counts, notDriedWith } = substance;
  if (Object.keys(counts).length === 0 || substance.smiles === undefined) return null;
  return (
    <section className="card-plain entry-card" aria-label="Drying agents">
      <h2>
        Drying agents <ConfirmButton field="drying" label="drying agents" />
      </h2>
      <ul className="agents">
        {dryingAgentIds.map((id) => {
          const { name, unfit, why, action } = dryingAgents[id];
          const because = unfit.filter((group: GroupId) => hasGroup(counts, group)).map((group) => groups[group].name);
          const not = notDriedWith.includes(id);
          return (
            <li key={id} className={not ? 'agent-not' : 'agent-fits'}>
              <strong>{name}</strong>{' '}
              <span className="muted">
                {not ? `not with ${because.length > 0 ? `a ${because.join(', ')}` : 'this compound'}: ${why}` : action}
              </span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
