'use client';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { addStage, changeStage, removeStage } from '@/core/editing/stages';
import { readText } from '@/components/fields/readers';
import { SelectField } from '@/components/fields/SelectField';
import { TypedInput } from '@/components/fields/TypedInput';
import { mostOf } from '@/core/document/limits';
import { usePlanView } from '@/components/plan/planView';
import type { Origin, Stage } from '@/core/document/steps';
import type { Preparation } from '@/core/document/document';

/** What is measured and characterized on the way, and where each comes from. */
export function StagePanel() {
  const { plan, edit, canEdit } = usePlanView();
  const { stages, substances } = plan.doc;
  const [open, setOpen] = useState<string | undefined>(undefined);
  if (!canEdit) return null;
  return (
    <section className="rail-card card-plain stages" aria-label="What is measured">
      <h2>What is measured</h2>
      <ul>
        {stages.map((stage) => (
          <li key={stage.id}>
            <button
              type="button"
              className="stage-name"
              aria-expanded={open === stage.id}
              onClick={() => setOpen(open === stage.id ? undefined : stage.id)}
            >
              {stage.name}
            </button>
            {open === stage.id && <StageFields stage={stage} />}
          </li>
        ))}
      </ul>
      {substances.length > 0 && stages.length < mostOf.stages && (
        <SelectField
          label="Add"
          value=""
          options={[
            { value: '', label: 'choose a substance' },
            ...substances.map(({ id, name }) => ({ value: id, label: name })),
          ]}
          onChange={(id) => id !== '' && edit(`add-stage/${stages.length}`, (doc) => addStage(doc, id))}
        />
      )}
    </section>
  );
}

function StageFields({ stage }: { readonly stage: Stage }) {
  const { plan, edit, takeAway } = usePlanView();
  const { id } = stage;
  const put = (field: string, change: Parameters<typeof changeStage>[2]) =>
    edit(`stage/${id}/${field}`, (doc) => changeStage(doc, id, change));
  const origins = originsOf(plan.doc, stage);
  return (
    <>
      <TypedInput
        label="Name"
        shown={stage.name}
        read={readText(80, true)}
        commit={(name) => name && put('name', { name })}
      />
      <SelectField
        label="Comes from"
        value={stage.origin ? JSON.stringify(stage.origin) : ''}
        options={[
          { value: '', label: 'not said' },
          ...origins.map(({ origin, label }) => ({ value: JSON.stringify(origin), label })),
        ]}
        onChange={(next) =>
          put('origin', { origin: origins.find(({ origin }) => JSON.stringify(origin) === next)?.origin })
        }
      />
      <SelectField
        label="Measured by"
        value={stage.measure}
        options={[
          { value: 'mass', label: 'its mass' },
          { value: 'volume', label: 'its volume' },
        ]}
        onChange={(next) => put('measure', { measure: next === 'volume' ? 'volume' : 'mass' })}
      />
      <Button
        variant="quiet"
        size="sm"
        onClick={() =>
          takeAway({ name: stage.name, field: `remove-stage/${id}`, change: (doc) => removeStage(doc, id) })
        }
      >
        Take it away
      </Button>
    </>
  );
}

/** What a stage can come from, in words; what it says now stands among them. */
function originsOf(doc: Preparation, stage: Stage): readonly { readonly origin: Origin; readonly label: string }[] {
  const earlier = doc.stages.slice(0, doc.stages.indexOf(stage));
  const offered: readonly { readonly origin: Origin; readonly label: string }[] = [
    ...doc.reactions.flatMap(({ id, name, terms, product }) => {
      const made = terms.some(({ side, substance }) => side === 'right' && substance === stage.substance);
      if (!made && product !== stage.substance) return [];
      const by = product === stage.substance ? ('reaction' as const) : ('byProduct' as const);
      return [
        { origin: { by, reaction: id }, label: by === 'reaction' ? `${name} makes it` : `beside it, in ${name}` },
      ];
    }),
    ...earlier.map(({ id, name }) => ({
      origin: { by: 'stage' as const, stage: id },
      label: `worked up from ${name}`,
    })),
    ...doc.lines
      .filter(({ substance }) => substance === stage.substance)
      .map(({ id, role }) => ({ origin: { by: 'content' as const, line: id }, label: `brought as ${role}` })),
  ];
  const now = stage.origin;
  const said = now === undefined || offered.some(({ origin }) => JSON.stringify(origin) === JSON.stringify(now));
  return said ? offered : [{ origin: now, label: 'as it was written' }, ...offered];
}
