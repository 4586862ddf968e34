'use client';
import Button from 'react-bootstrap/Button';
import { Problem } from './Problem';
import type { EntryProblem } from './editing';

/** The end of an entry's form: why it was refused, and the two ways out. */
export function EditorFoot({
  problem,
  busy,
  ready,
  onClose,
}: {
  readonly problem: EntryProblem | undefined;
  readonly busy: boolean;
  readonly ready: boolean;
  readonly onClose: () => void;
}) {
  return (
    <>
      {problem && <Problem problem={problem} />}
      <div className="editor-foot">
        <Button variant="quiet" onClick={onClose}>
          Cancel
        </Button>
        <Button type="submit" disabled={busy || !ready}>
          {busy ? 'Storing …' : 'Store'}
        </Button>
      </div>
    </>
  );
}
