import type { StructureCandidate } from '@/core/reference/candidate';

/** Lines that are no structure, each with its reason. */
export function RefusedLines({ bad }: { readonly bad: readonly StructureCandidate[] }) {
  return (
    <div className="refusal" role="alert">
      <p>
        {bad.length} {bad.length === 1 ? 'line was' : 'lines were'} refused:
      </p>
      <ul>
        {bad.map((one) => (
          <li key={one.line}>
            <span className="num">line {one.line}</span> {!one.ok && one.text && <code>{one.text}</code>}{' '}
            {!one.ok && one.reason}
          </li>
        ))}
      </ul>
    </div>
  );
}
