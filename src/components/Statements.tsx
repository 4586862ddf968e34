import { statementText } from '@/core/reference/statements';

/** Hazard statements, code and words. */
export function Statements({ codes }: { readonly codes: readonly string[] }) {
  return (
    <ul className="statements">
      {codes.map((code) => (
        <li key={code}>
          <span className="num">{code}</span> {statementText(code)}
        </li>
      ))}
    </ul>
  );
}
