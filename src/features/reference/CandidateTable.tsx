'use client';
import Link from 'next/link';
import Form from 'react-bootstrap/Form';
import { Formula } from '@/components/Formula';
import type { useStructureImport } from './useStructureImport';

/** Structures that could be read: which of them to take, and under what name. */
export function CandidateTable({
  good,
  isLeft,
  leave,
  nameAsTyped,
  rename,
  faultOf,
}: Pick<ReturnType<typeof useStructureImport>, 'good' | 'isLeft' | 'leave' | 'nameAsTyped' | 'rename' | 'faultOf'>) {
  return (
    <table className="values candidates">
      <thead>
        <tr>
          <th scope="col">Take</th>
          <th scope="col">Name</th>
          <th scope="col">Formula</th>
          <th scope="col">Line</th>
        </tr>
      </thead>
      <tbody>
        {good.map((one) => (
          <tr key={one.line}>
            <td>
              <Form.Check
                aria-label={`Take line ${one.line}`}
                checked={!isLeft(one.line)}
                onChange={(event) => leave(one.line, !event.target.checked)}
              />
            </td>
            <td>
              <Form.Control
                size="sm"
                aria-label={`Name of line ${one.line}`}
                value={nameAsTyped(one)}
                isInvalid={faultOf(one) !== undefined}
                onChange={(event) => rename(one.line, event.target.value)}
              />
              {faultOf(one) && <small className="typed-says">{faultOf(one)}</small>}
              {one.same && (
                <small>
                  here already: <Link href={`/reference/${one.same.id}`}>{one.same.name}</Link>
                </small>
              )}
            </td>
            <td>
              <Formula text={one.formula} />
            </td>
            <td className="num">{one.line}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
