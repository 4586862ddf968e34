'use client';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { AddFile } from './AddFile';
import { ReasonDialog } from '@/components/ReasonDialog';
import type { Body } from '@/core/record/entry';
import type { NewFile } from '@/api/record/outbox';
import type { StepState } from '@/core/bench/benchState';

interface Telling {
  readonly button: string;
  readonly title: string;
  readonly says: string;
  readonly label: string;
  readonly action: string;
  readonly body: (step: string, text: string) => Body;
}

const note: Telling = {
  button: 'Write a note',
  title: 'Write a note',
  says: 'What you saw, heard, spilled or lost: colour, gas, smell not sought, an accident. For an accident call the demonstrator first.',
  label: 'What happened',
  action: 'Record it',
  body: (step, text) => ({ k: 'words', step, text }),
};
const deviation: Telling = {
  button: 'Done otherwise',
  title: 'Done otherwise than the sheet says',
  says: 'Another flask, another time, another base: it stands in the report, and is collected for the next version.',
  label: 'What was different, and why',
  action: 'Record it',
  body: (step, reason) => ({ k: 'deviation', step, reason }),
};
const skip: Telling = {
  button: 'Leave this step out',
  title: 'Leave this step out',
  says: 'The step stays in the record as left out, with your reason. It can be taken up again.',
  label: 'Reason',
  action: 'Leave it out',
  body: (step, reason) => ({ k: 'step', step, to: 'skip', reason }),
};

/** What can be told of a step besides what it asks for. */
export function TellMenu({
  step,
  onAdd,
}: {
  readonly step: StepState;
  readonly onAdd: (body: Body, file?: NewFile) => void;
}) {
  const [telling, setTelling] = useState<Telling | undefined>(undefined);
  const open = step.status === 'open';
  return (
    <>
      {[note, deviation, ...(open ? [skip] : [])].map((one) => (
        <Button key={one.button} variant="quiet" onClick={() => setTelling(one)}>
          {one.button}
        </Button>
      ))}
      <AddFile step={step.step.id} onAdd={onAdd} />
      {telling && (
        <ReasonDialog
          title={telling.title}
          says={telling.says}
          label={telling.label}
          action={telling.action}
          onClose={() => setTelling(undefined)}
          onDone={(text) => {
            onAdd(telling.body(step.step.id, text));
            setTelling(undefined);
          }}
        />
      )}
    </>
  );
}
