'use client';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { BecomesStep } from './BecomesStep';
import { OperationOptions } from '@/components/OperationOptions';
import { litPieces, spanKey } from './litPieces';
import type { ClauseProps } from './useHandout';

/** One sentence, or part of one, with its numbers lit, and the step that it becomes beside it. */
export function ClauseRow({ index, clause, handout }: ClauseProps) {
  const { reading, decisions, decide } = handout;
  const { text } = reading;
  const asked = clause.confirm.filter(
    (item) => !decisions.accepted.has(spanKey(item)) && !decisions.left.has(spanKey(item)),
  );
  const left = clause.confirm.filter((item) => decisions.left.has(spanKey(item)));
  const words = (start: number, end: number) => text.slice(start, end);
  return (
    <li className={`handout-row handout-${clause.section}`}>
      <div className="handout-words">
        <p>
          {litPieces(text, clause, decisions.accepted).map((piece) =>
            piece.state ? (
              <mark key={piece.start} className={`lit lit-${piece.state}`} title={piece.says}>
                {words(piece.start, piece.end)}
              </mark>
            ) : (
              <span key={piece.start}>{words(piece.start, piece.end)}</span>
            ),
          )}
        </p>
        {asked.map((item) => (
          <div key={`${spanKey(item)}${item.why}`} className="handout-ask">
            <span>
              {item.end - item.start < 60 && <strong>{words(item.start, item.end)}</strong>} {item.why}
            </span>
            <span className="handout-verdict">
              <Button size="sm" variant="line" data-open-item="" onClick={() => decide(index, item, 'right')}>
                Right
              </Button>
              <Button size="sm" variant="quiet" onClick={() => decide(index, item, 'leave')}>
                Leave out
              </Button>
            </span>
          </div>
        ))}
        {left.map((item) => (
          <div key={spanKey(item)} className="handout-ask handout-left">
            <span>
              <s>{words(item.start, item.end)}</s> left out
            </span>
            <Button size="sm" variant="quiet" onClick={() => decide(index, item, 'open')}>
              Take it back
            </Button>
          </div>
        ))}
      </div>
      <div className="handout-becomes">
        <BecomesStep index={index} clause={clause} handout={handout} />
        {clause.section !== 'heading' && clause.section !== 'materials' && (
          <OperationChoice index={index} clause={clause} handout={handout} />
        )}
      </div>
    </li>
  );
}

function OperationChoice({ index, clause, handout }: ClauseProps) {
  const chosen = handout.decisions.operations.has(index) ? handout.decisions.operations.get(index) : clause.operation;
  return (
    <Form.Select
      size="sm"
      aria-label="Operation"
      value={chosen ?? ''}
      onChange={(event) => handout.setOperation(index, event.target.value || undefined)}
    >
      <option value="">no step of its own</option>
      <OperationOptions />
    </Form.Select>
  );
}
