'use client';
import { useMemo, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import Modal from 'react-bootstrap/Modal';
import useSWR from 'swr';
import { addLineOf } from '@/core/editing/chosen';
import { api, ApiError } from '@/api/client';
import { changeLine } from '@/core/editing/edit';
import { enteredText } from '@/core/editing/parseEntered';
import { fromReference } from '@/core/editing/fromReference';
import { mostOf } from '@/core/document/limits';
import { readRows } from '@/core/editing/readRows';
import { roles } from '@/core/document/document';
import { usePlanView } from '@/components/plan/planView';
import type { Chosen } from '@/core/editing/chosen';
import type { EntrySummary } from '@/core/reference/search';
import type { PastedRow } from '@/core/editing/readRows';
import type { Preparation, Role } from '@/core/document/document';

/** Takes rows of a spreadsheet as lines of the charge table; each is looked at before it is added. */
export function PasteRows({ first, onClose }: { readonly first: string; readonly onClose: () => void }) {
  const { plan, edit } = usePlanView();
  const { data: entries = [] } = useSWR('reference', () => api.referenceEntries(), { revalidateOnFocus: false });
  const [text, setText] = useState(first);
  const [chosenRoles, setRoles] = useState<Readonly<Record<number, Role>>>({});
  const [left, setLeft] = useState<ReadonlySet<number>>(new Set());
  const [says, setSays] = useState<string | undefined>(undefined);
  const [busy, setBusy] = useState(false);
  const rows = useMemo(() => readRows(text), [text]);
  const taken = rows.filter(({ line }) => !left.has(line));
  const roleOf = ({ line, role }: PastedRow) => chosenRoles[line] ?? role;
  const known = ({ name }: PastedRow) =>
    plan.doc.substances.find((one) => one.name.toLowerCase() === name.toLowerCase());
  const add = async () => {
    setBusy(true);
    try {
      const lines: (readonly [PastedRow, Chosen])[] = [];
      for (const row of taken) lines.push([row, await chosenFor(row, known(row)?.id, entryFor(row, entries))]);
      edit(`paste/${String(plan.doc.lines.length)}`, (doc) =>
        lines.reduce<Preparation>((now, [row, chosen]) => {
          const { doc: added, line } = addLineOf(now, chosen, roleOf(row));
          const { entered, note } = row;
          return changeLine(added, line, { ...(entered ? { entered } : {}), ...(note ? { note } : {}) });
        }, doc),
      );
      onClose();
    } catch (error) {
      setSays(error instanceof ApiError ? error.message : 'The rows could not be taken.');
      setBusy(false);
    }
  };
  const tooMany = plan.doc.lines.length + taken.length > mostOf.lines;
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
            onChange={(event) => {
              setText(event.target.value);
              setLeft(new Set());
              setRoles({});
            }}
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
                      onChange={({ target: { checked } }) =>
                        setLeft(
                          (now) => new Set(checked ? [...now].filter((one) => one !== row.line) : [...now, row.line]),
                        )
                      }
                    />
                  </td>
                  <td>
                    {row.name}
                    <small className="muted">
                      {known(row)
                        ? 'is in the plan'
                        : entryFor(row, entries)
                          ? 'from the reference'
                          : 'by its name alone'}
                    </small>
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
                      onChange={({ target: { value } }) => setRoles((now) => ({ ...now, [row.line]: value as Role }))}
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

/** The entry that a row names exactly, by its name or another one. */
function entryFor({ name }: PastedRow, entries: readonly EntrySummary[]): EntrySummary | undefined {
  const called = name.toLowerCase();
  return entries.find((one) => [one.name, ...one.synonyms].some((word) => word.toLowerCase() === called));
}

async function chosenFor(row: PastedRow, known: string | undefined, entry: EntrySummary | undefined): Promise<Chosen> {
  if (known !== undefined) return { known };
  if (entry) return { from: fromReference(await api.referenceEntry(entry.id)) };
  return { added: { name: row.name, ...(row.formula === undefined ? {} : { formula: row.formula }) } };
}
