import type { ReactNode } from 'react';

/** The table in which values stand with their check and source. */
export function ValuesTable({ children }: { readonly children: ReactNode }) {
  return (
    <table className="values">
      <thead>
        <tr>
          <th scope="col">Property</th>
          <th scope="col">Value</th>
          <th scope="col">Check</th>
          <th scope="col">Source</th>
        </tr>
      </thead>
      <tbody>{children}</tbody>
    </table>
  );
}
