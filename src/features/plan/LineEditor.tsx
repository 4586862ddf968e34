'use client';
import { memo } from 'react';
import Button from 'react-bootstrap/Button';
import { FindingCard } from '@/components/FindingCard';
import { Icon } from '@/components/Icon';
import { SidePanel } from '@/components/SidePanel';
import { Structure } from '@/components/Structure';
import { removeLine } from '@/core/editing/edit';
import { LineFields } from './LineFields';
import { TakeReference } from './TakeReference';
import { SubstanceFields } from './SubstanceFields';
import { usePlanView } from '@/components/plan/planView';

/** Everything about one line: its substance, its amount as written, how it is measured, and what is remarked about it. */
export const LineEditor = memo(function LineEditor({
  id,
  onClose,
}: {
  readonly id: string | undefined;
  readonly onClose: () => void;
}) {
  const { plan, canEdit, takeAway } = usePlanView();
  const found = plan.lines.find(({ facts }) => facts.line.id === id);
  const remarks = plan.findings.filter(
    ({ about }) => about.line === id || (found && about.substance === found.facts.line.substance),
  );
  const substance = found?.facts.substance.substance;
  return (
    <SidePanel id="line-editor" title={substance?.name} onClose={onClose}>
      {found && substance && (
        <>
          {substance.smiles && <Structure smiles={substance.smiles} name={substance.name} />}
          {substance.caution && <p className="caution-line">{substance.caution}</p>}
          {remarks.map((finding) => (
            <FindingCard key={finding.key} finding={finding} />
          ))}
          <TakeReference key={`${found.facts.line.id}/reference`} line={found} />
          <LineFields key={`${found.facts.line.id}/line`} line={found} />
          <SubstanceFields key={`${found.facts.line.id}/substance`} line={found} />
          {canEdit && (
            <Button
              variant="line"
              size="sm"
              className="remove-line"
              onClick={() => {
                onClose();
                takeAway({
                  name: substance.name,
                  field: `remove/${found.facts.line.id}`,
                  change: (doc) => removeLine(doc, found.facts.line.id),
                });
              }}
            >
              <Icon name="trash" /> Remove this line
            </Button>
          )}
        </>
      )}
    </SidePanel>
  );
});
