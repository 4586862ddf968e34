'use client';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import Modal from 'react-bootstrap/Modal';
import { enteredText } from '@/core/words/parseEntered';
import { mostOf } from '@/core/document/limits';
import { roles } from '@/core/document/document';
import { usePastedRows } from './usePastedRows';
import type { LineRole } from '@/core/document/document';

const kinds = { plan: 'is in the plan', reference: 'from the reference', name: 'by its name alone' } as const;

/** Takes rows of a spreadsheet as lines of the charge table; each is looked at before it is added. */
export function PasteRows({ first, onClose }: { readonly first: string; readonly onClose: () => void }) {
  const { text, setText, rows, left, leave, roleOf, setRole, kindOf, says, busy, taken, tooMany, add } = usePastedRows(
    first,
    onClose,
  );
  return (
    <Modal show onHide={onClose} centered size="lg" scrollable aria-labelledby="paste-rows">
      <Modal.Header closeButton>
        <Modal.Title id="paste-rows" as="h2">
          Paste rows of a table
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <Form.Group controlId="pasted-text">
          <Form.Label>Rows: a name, an amount with its unit, perhaps a role; with or without headings</Form.Label>
          <Form.Control
            as="textarea"
            rows={4}
            autoFocus
            value={text}
            maxLength={20_000}
            onChange={(event) => setText(event.target.value)}
          />
        </Form.Group>
        {rows.length > 0 && (
          <table className="paste-table">
            <thead>
              <tr>
                <th scope="col">Take</th>
                <th scope="col">Substance</th>
                <th scope="col">Amount</th>
                <th scope="col">Role</th>
              </tr>
            </thead>
            <tbody>
              {rows.map((row) => (
                <tr key={row.line}>
                  <td>
                    <input
                      type="checkbox"
                      aria-label={`Take ${row.name}`}
                      checked={!left.has(row.line)}
                      onChange={({ target: { checked } }) => leave(row.line, !checked)}
                    />
                  </td>
                  <td>
                    {row.name}
                    <small className="muted">{kinds[kindOf(row)]}</small>
                  </td>
                  <td>
                    {row.entered ? enteredText(row.entered) : 'to be entered'}
                    {row.says && <small className="typed-says">{row.says}</small>}
                  </td>
                  <td>
                    <Form.Select
                      size="sm"
                      aria-label={`Role of ${row.name}`}
                      value={roleOf(row)}
                      onChange={({ target: { value } }) => setRole(row.line, value as LineRole)}
                    >
                      {roles.map((one) => (
                        <option key={one}>{one}</option>
                      ))}
                    </Form.Select>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
        {tooMany && (
          <p className="typed-says" role="alert">
            A charge table has at most {mostOf.lines} lines.
          </p>
        )}
        {says && (
          <p className="typed-says" role="alert">
            {says}
          </p>
        )}
      </Modal.Body>
      <Modal.Footer>
        <Button variant="quiet" onClick={onClose}>
          Cancel
        </Button>
        <Button disabled={busy || tooMany || taken.length === 0} onClick={() => void add()}>
          Add {taken.length} {taken.length === 1 ? 'line' : 'lines'}
        </Button>
      </Modal.Footer>
    </Modal>
  );
}
