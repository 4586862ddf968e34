import type { EntryProblem } from './editing';

/** Why an entry was not stored, fault by fault. */
export function Problem({ problem }: { readonly problem: EntryProblem }) {
  return (
    <div className="refusal" role="alert">
      <p>{problem.says}</p>
      {problem.faults.length > 0 && (
        <ul>
          {problem.faults.map(({ path, reason }, i) => (
            <li key={i}>
              {path && <code>{path}</code>} {reason}
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
