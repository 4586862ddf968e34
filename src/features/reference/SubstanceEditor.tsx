'use client';
import { useState } from 'react';
import Form from 'react-bootstrap/Form';
import { changed } from '@/core/changed';
import { ChecksPanel } from './ChecksPanel';
import { crossChecks } from '@/core/checks/crossChecks';
import { HazardFields } from './HazardFields';
import { EditorFoot } from './EditorFoot';
import { IdentityFields } from './IdentityFields';
import { originOf, ValueFields } from './ValueFields';
import { Structure } from '@/components/Structure';
import { useSaveEntry } from './useSaveEntry';
import { useStructureFacts } from './useStructureFacts';
import type { Change } from '@/core/changed';
import type { ReferenceSubstance } from '@/core/reference/substance';

/** Writes or changes a substance. Empty fields stay unknown; relations between the values are asked while typing. */
export function SubstanceEditor({
  substance,
  version,
  fresh,
  onClose,
}: {
  readonly substance: ReferenceSubstance;
  readonly version: number;
  readonly fresh: boolean;
  readonly onClose: () => void;
}) {
  const { save, busy, problem } = useSaveEntry({ kind: 'substance', version, fresh, onClose });
  const [draft, setDraft] = useState(substance);
  const [source, setSource] = useState('');
  const facts = useStructureFacts(draft.formula, draft.smiles);
  const whole = { ...draft, groups: facts.groups, notDriedWith: [...new Set([...facts.unfit, ...draft.notDriedWith])] };
  const checks = crossChecks(whole, facts.drawn);
  const put = (change: Change<ReferenceSubstance>) => setDraft((now) => changed(now, change));
  return (
    <Form
      className="entry entry-editor"
      aria-label={fresh ? 'New substance' : `Change ${substance.name}`}
      onSubmit={(event) => {
        event.preventDefault();
        void save(whole);
      }}
    >
      <header className="entry-head">
        <div>
          <h1>{fresh ? 'New substance' : substance.name}</h1>
          <p className="muted">
            What you do not know stays empty. Molar mass, groups and unfit drying agents are computed.
          </p>
        </div>
        {draft.smiles && <Structure smiles={draft.smiles} name={draft.name} />}
      </header>
      <IdentityFields draft={draft} put={put} />
      <ValueFields draft={draft} put={put} source={source} setSource={setSource} />
      <HazardFields label={draft.hazards} source={originOf(source)} onChange={(hazards) => put({ hazards })} />
      <ChecksPanel checks={checks} />
      <EditorFoot problem={problem} busy={busy} ready={draft.name.trim() !== ''} onClose={onClose} />
    </Form>
  );
}
