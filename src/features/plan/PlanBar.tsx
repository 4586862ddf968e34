'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { api } from '@/api/client';
import { missingParts } from '@/core/process/proof/missingParts';
import { TakeOut } from './TakeOut';
import { TypedInput } from '@/components/fields/TypedInput';
import { MeetingDialog } from './MeetingDialog';
import { readText } from '@/components/fields/readers';
import type { NewerVersion } from '@/core/library/stored';
import type { usePlan } from './usePlan';

/** Title, version and the actions on the whole plan. */
export function PlanBar({
  id,
  state,
  canEdit,
  onIssue,
}: {
  readonly id: string;
  readonly state: ReturnType<typeof usePlan>;
  readonly canEdit: boolean;
  readonly onIssue: () => void;
}) {
  const { plan, edit, dirty, saving, version } = state;
  const router = useRouter();
  const [why, setWhy] = useState('');
  const [newer, setNewer] = useState<NewerVersion | undefined>(undefined);
  const lacking = useMemo(
    () => missingParts(plan.doc).filter(({ severity }) => severity === 'stop').length,
    [plan.doc],
  );
  const copy = async () => {
    const made = await api.createPreparation(state.text);
    state.discard();
    router.push(`/preparations/${made.id}`);
  };
  return (
    <>
      <div className="plan-bar">
        <div className="plan-title">
          <h1 className={canEdit ? 'visually-hidden' : ''}>{plan.doc.title}</h1>
          {canEdit && (
            <TypedInput
              label="Title"
              hideLabel
              shown={plan.doc.title}
              read={readText(120, true)}
              commit={(title) => title && edit('title', (doc) => ({ ...doc, title }))}
            />
          )}
          <span className="muted plan-version">
            <Link href={`/preparations/${id}/versions`}>version {version}</Link>
            {dirty && ', changed'}
          </span>
        </div>
        <div className="plan-actions">
          {canEdit && (
            <>
              <Button variant="quiet" size="sm" disabled={!state.canUndo} onClick={state.undo}>
                Undo
              </Button>
              <Button variant="quiet" size="sm" disabled={!state.canRedo} onClick={state.redo}>
                Redo
              </Button>
            </>
          )}
          <TakeOut id={id} dirty={dirty} />
          {canEdit && (
            <Button
              variant="line"
              size="sm"
              disabled={dirty || lacking > 0}
              title={
                lacking > 0
                  ? 'Not written to its end: see what is missing among the findings'
                  : dirty
                    ? 'Save first: a stored version is issued'
                    : undefined
              }
              onClick={onIssue}
            >
              Issue to a class
            </Button>
          )}
          {canEdit && dirty && (
            <Form.Control
              className="why-field"
              size="sm"
              aria-label="Why, for the history"
              placeholder="Why? (optional)"
              maxLength={300}
              value={why}
              onChange={(event) => setWhy(event.target.value)}
            />
          )}
          {canEdit && (
            <Button
              size="sm"
              disabled={!dirty || saving}
              onClick={() => void state.save(why).then((stored) => stored && setWhy(''))}
            >
              {saving ? 'Saving …' : dirty ? `Save as version ${version + 1}` : 'Saved'}
            </Button>
          )}
        </div>
      </div>
      {state.restored && !state.problem && (
        <div className="banner banner-note" role="status">
          Changes that were not saved last time are back.
          <Button variant="line" size="sm" onClick={state.discard}>
            Drop them
          </Button>
        </div>
      )}
      {state.problem && (
        <div className="banner banner-stop" role="alert">
          {state.problem.says}
          {state.problem.code === 'stale' && (
            <>
              <Button variant="line" size="sm" onClick={() => void state.newer().then(setNewer)}>
                Join with theirs
              </Button>
              <Button variant="line" size="sm" onClick={() => void copy()}>
                Keep mine as a copy
              </Button>
            </>
          )}
        </div>
      )}
      {newer && (
        <MeetingDialog
          mine={state.doc}
          newer={newer}
          onClose={() => setNewer(undefined)}
          onJoin={(doc, head) => {
            setNewer(undefined);
            state.join(doc, head);
          }}
        />
      )}
    </>
  );
}
